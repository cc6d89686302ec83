"""What work a tree needs, before anybody asks whether today is the day. An open window is no reason
to cut.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, Saying, say
from .model import Work


@dataclass(frozen=True)
class Standing:
    """How a tree stands. bears: it has come to its first crop. done: the last day each kind of work
    was done to it. year_start: start of its growing year. lowest_m: its lowest living tip, where
    its limbs were measured. to_the_ground: it is grown as a bush.
    """

    in_pot: bool
    hedgerow: bool
    young: bool
    bears: bool
    condition: str
    height_m: float | None
    cap_m: float | None
    year_start: dt.date
    done: Mapping[str, dt.date]
    lowest_m: float | None = None
    to_the_ground: bool = False


@dataclass(frozen=True)
class Wanted:
    """A kind of work and why. needed: missed, it is missed; else it is done when the time is right
    anyway.
    """

    work: Work
    why: Reason
    needed: bool = True


def wanted(tree: Standing, know: Knowledge, day: dt.date, units: Units = "metric") -> list[Wanted]:
    """What the tree needs this growing year, the main work first. Our rule, from catalogue
    values.
    """
    found: list[Wanted] = []

    def this_year(work: str) -> bool:
        return work in tree.done and tree.done[work] >= tree.year_start

    def want(
        work: Work, code: str, text: Saying, ids: tuple[str, ...] = (), needed: bool = True
    ) -> None:
        if not this_year(work):
            found.append(Wanted(work, Reason(code, text, catalogue_ids=ids), needed))

    over = None if tree.height_m is None or tree.cap_m is None else tree.height_m - tree.cap_m
    if tree.in_pot:
        want("pot", "pot-yearly", say("wanted-pot"))
    elif tree.hedgerow:
        want("hedge", "hedge-yearly", say("wanted-wall"))
    elif tree.condition == "neglected":
        want("renewal", "neglected", say("wanted-neglected"))
    elif over is not None and tree.cap_m and over > know.number("today/over-cap"):
        want(
            "height",
            "over-cap",
            say("wanted-over-cap", cap=Length(tree.cap_m, units)),
            ("today/over-cap",),
        )
    least = "clearance/bush/height" if tree.to_the_ground else "today/skirt-low"
    if tree.lowest_m is not None and not tree.in_pot and tree.lowest_m < know.number(least):
        tip = Length(max(0.0, tree.lowest_m), units)
        want("skirt", "on-the-ground", say("wanted-skirt", tip=tip), (least,))
    last = tree.done.get("thin")
    if (
        last is not None
        and not tree.in_pot
        and not tree.young
        and (day - last).days > know.days("today/thin-after")
    ):
        want("thin", "thin-again", say("wanted-thinned", last=last), ("today/thin-after",))
    if tree.young:
        if tree.bears:
            want("fruit", "young-fruit", say("wanted-wood-first"))
        want("young", "training", say("wanted-trained"), (), False)
    if not found and not tree.young and over is not None and over <= know.number("today/over-cap"):
        want("tip", "in-order", say("wanted-in-order"), (), False)
    return found
