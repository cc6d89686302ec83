"""A shoot and what was seen of it, and the answer about it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass
from typing import Literal

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Value

Floats = npt.NDArray[np.float64]
Kind = Literal["rootstock_sucker", "water_sprout", "scion_shoot"]
KINDS: tuple[Kind, ...] = ("rootstock_sucker", "water_sprout", "scion_shoot")
Whose = Literal["rootstock_sucker", "water_sprout", "scion_shoot", "uncertain"]
BELOW = ("soil", "below_union")


@dataclass(frozen=True)
class ShootCase:
    """A shoot and its tree. rootstock None: not known; ``region`` then says which stocks to expect.

    union_seen: the union is clearly seen. only_living_shoots: nothing else of the tree lives.
    many_grafts: topworked, or several kinds on it. after_freeze: the top was killed by frost.
    diameter_mm: thickness at its base, for the way it comes off. raised: grafted, seedling, cutting
    or layered, None where nobody said; asks_raised: somebody can be asked. at_union: what is done
    with shoots at the union, ``rub-off`` or ``keep``; None where nobody works by either.
    """

    scion: str
    rootstock: str | None
    clues: Mapping[str, str]
    prior: tuple[float, float, float] | None = None
    region: str = "mediterranean"
    union_seen: bool = False
    only_living_shoots: bool = False
    many_grafts: bool = False
    after_freeze: bool = False
    date: dt.date | None = None
    southern: bool = False
    diameter_mm: float | None = None
    cultivar: str | None = None
    raised: str | None = None
    asks_raised: bool = False
    at_union: str | None = None


@dataclass(frozen=True)
class Evidence:
    """One clue: what was seen, how strongly it speaks for the stock (positive) or the scion
    (natural log), and in words.
    """

    clue: str
    value: str
    weight: float
    says: Value


@dataclass(frozen=True)
class ShootAnswer:
    """``probabilities`` sum to one over the three kinds. ask_next: the clue that would settle most,
    None where none settles anything.
    """

    verdict: Whose
    probabilities: Mapping[str, float]
    evidence: tuple[Evidence, ...]
    ask_next: str | None
    action: Value
    reasons: tuple[Reason, ...]
    comes_off: bool = False
    headline: Value = ""


def family(know: Knowledge, species: str) -> str:
    """Which tables of clues hold: ``shoot`` for citrus, ``avocado-shoot``, or ``plain-shoot`` for
    the others.
    """
    return {"citrus": "shoot", "avocado": "avocado-shoot"}.get(
        know.text(f"species/{species}/group"), "plain-shoot"
    )


OWN_ROOTS = ("seedling", "cutting", "layered")
"""Ways of raising a tree without a graft."""


def raised_as(said: str | None, rootstock: str | None) -> str | None:
    """How a tree was raised, by what was said, else by a stock on its record: it is grafted."""
    return said or ("grafted" if rootstock not in (None, "own-rooted") else None)


def stands_on_own_roots(case: ShootCase) -> bool:
    """True for cuttings, layers and seedlings by how they were raised; else for a seedling that
    bears no named kind, where nobody said that it was grafted.
    """
    if case.rootstock == "own-rooted":
        return True
    if case.raised is None:
        return case.rootstock == "seedling" and case.cultivar is None
    return case.rootstock is None and case.raised in OWN_ROOTS
