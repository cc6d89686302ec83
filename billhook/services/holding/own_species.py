"""A kind of tree that the catalogue lacks, described by its events. A deciduous one is outside what
Billhook knows, and is not guessed at.
"""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Sequence
from typing import Literal

from ...core.errors import refuse
from ...core.own_kind import SIZES, with_own
from ...core.words.values import Value, listed, say
from ...store import places
from ...store.tables import OwnSpecies
from ...store.trees import own_species, save_own_species
from ..workplace import Workplace

Bears = Literal["ends", "along"]
_EVERGREEN = (
    "Billhook knows evergreen trees only: a tree that drops its leaves in winter rests by other "
    "rules. Ask somebody who prunes it."
)
_MONTHS = "give the first and last month, or say that it blooms and bears all year"


def _id_of(name: str) -> str:
    plain = unicodedata.normalize("NFKD", name).encode("ascii", "ignore").decode().lower()
    return "own-" + re.sub(r"[^a-z0-9]+", "-", plain).strip("-")


def _name_problem(at: Workplace, kind_id: str, name: str) -> Value | None:
    if kind_id == "own-":
        return say("bad-needs-letters")
    known = (at.know.text(f"species/{s}/name") for s in at.know.rows("species"))
    same = name.strip().lower() in {k.lower() for k in known}
    return say("bad-the-catalogue-knows-this-kind-already") if same else None


def _northern(months: Sequence[int] | None, turned: bool) -> list[int] | None:
    """Months of this place as those of the north. turned: whether it lies in the south."""
    return None if months is None else [(m + 5) % 12 + 1 if turned else m for m in months]


def describe_species(
    at: Workplace,
    name: str,
    evergreen: bool,
    everbearing: bool,
    bloom: Sequence[int] | None,
    harvest: Sequence[int] | None,
    vigour: int,
    size: str,
    frost_c: float,
    coldest_night_c: float,
    habit: str = "rounded",
    bears: Bears = "along",
    wound_mm: float = 75.0,
) -> OwnSpecies:
    """Add a kind of tree by its events; months are of this place, first and last. wound_mm: how
    large a wound closes. Raises: InvalidInput by field.
    """
    kind_id, habits = _id_of(name), at.know.rows("habits")
    lacks = "/bloom" if bloom is None else "/harvest" if harvest is None else None
    refuse(
        {
            "/evergreen": None if evergreen else _EVERGREEN,
            "/name": _name_problem(at, kind_id, name),
            **({lacks: _MONTHS} if lacks and not everbearing else {}),
            "/habit": None if habit in habits else say("bad-must-be-one-of", known=listed(habits)),
            "/size": None if size in SIZES else say("bad-must-be-one-of", known=listed(SIZES)),
        }
    )
    with at.store.reading() as session:
        turned = any(s.latitude <= -15 for s in places.sites(session))

    data = {
        "everbearing": int(everbearing),
        "bloom": _northern(bloom, turned),
        "harvest": _northern(harvest, turned),
        "vigour": vigour,
        "size": size,
        "frost_c": frost_c,
        "coldest_night_c": coldest_night_c,
        "habit": habit,
        "bears": bears,
        "wound_mm": wound_mm,
    }
    with at.store.writing() as session:
        kind = session.get(OwnSpecies, kind_id) or OwnSpecies(id=kind_id, name="", data={})
        kind.name, kind.data = name.strip(), data
        save_own_species(session, kind)
    heed_kinds(at)
    return kind


def heed_kinds(at: Workplace) -> None:
    """From here on the holding's own kinds are those that are described now."""
    with at.store.reading() as session:
        at.know = with_own(at.shipped, ((k.id, k.name, k.data) for k in own_species(session)))
