"""A plan for a tree nobody has drawn: what to look for, how thick, and how many."""

from __future__ import annotations

from collections.abc import Set
from dataclasses import dataclass
from math import floor

from ..frame.counting import Counted, counted, leafing
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Diameter, Length, Saying, Share, Value, say


@dataclass(frozen=True)
class Line:
    """Like cuts of a recipe. row: of the catalogue; where, what: in words; thickness: its class by
    hand; whole: off at its origin, else shortened; n: at most so many; share: what they take
    together [0..1].
    """

    row: str
    where: Saying
    what: Saying
    kind: str
    thickness: str
    whole: bool
    n: int
    share: float


@dataclass(frozen=True)
class Recipe:
    """Lines in the order of the work, and what they take together [0..1]."""

    lines: tuple[Line, ...]
    share: float
    reasons: tuple[Reason, ...]


def recipe(
    know: Knowledge,
    trunk_mm: float,
    height_m: float,
    goal: str,
    limit: float,
    work: str | None = None,
    vigour: int = 3,
    units: Units = "metric",
    lacks: Set[str] = frozenset(),
) -> Recipe:
    """What a goal asks for, in the order of the work, of each as many as the limit [0..1] leaves
    room for. work: only what is of this kind, and what costs no leaf. trunk_mm: across. lacks:
    what such a tree has none of: ``ground`` in a pot, ``union`` on its own roots.
    """
    kept, section = know.number("counting/kept"), trunk_mm * trunk_mm
    thickest = trunk_mm / know.number("recipe/of-trunk")
    lines: list[Line] = []
    left = limit
    for row in know.rows("recipe"):
        at = f"recipe/{row}"
        serves = goal in know.text(f"{at}/goals").split()
        needs = know.get(f"{at}/needs")
        if needs is not None and needs.value in lacks:
            continue
        if not serves or vigour < know.number(f"{at}/vigour-from"):
            continue
        cut = _cut(know, at)
        free = leafing(know, cut) == 0 or know.text(f"{at}/kind") == "sucker"
        if cut.mm > thickest or (work is not None and not free and know.text(f"{at}/work") != work):
            continue
        each = 0.0 if free else leafing(know, cut) * cut.mm**2 / (kept * section)
        most = int(know.number(f"{at}/most"))
        n = most if each == 0 else min(most, floor(left / each + 1e-9))
        if n < 1:
            continue
        left -= n * each
        lines.append(_line(know, row, height_m, n, n * each, units))
    share = sum(x.share for x in lines)
    why = _why(know, goal, share, limit, thickest, units) if lines else _none(know, goal)
    return Recipe(tuple(lines), share, (why,))


def _cut(know: Knowledge, at: str) -> Counted:
    kind = know.text(f"{at}/kind")
    return counted(know, know.text(f"{at}/class"), 1, kind == "sprout", kind == "dead")


def _line(know: Knowledge, row: str, height_m: float, n: int, share: float, units: Units) -> Line:
    at = f"recipe/{row}"
    above = know.number(f"{at}/at")
    where: Saying = know.row(f"{at}/where")
    if above:
        where = say("recipe-above", where=where, height=Length(above * height_m, units))
    return Line(
        row,
        where,
        know.row(f"{at}/says"),
        know.text(f"{at}/kind"),
        know.text(f"{at}/class"),
        bool(know.number(f"{at}/whole")),
        n,
        share,
    )


def _why(
    know: Knowledge, goal: str, share: float, limit: float, thickest: float, units: Units
) -> Reason:
    aim: Value = know.row(f"goals/{goal}/says")
    text = say(
        "recipe",
        aim=aim,
        share=Share(round(share, 3)),
        limit=Share(round(limit, 3)),
        thickest=Diameter(thickest, units),
    )
    used = {"limit": limit, "share": round(share, 4)}
    return Reason("recipe", text, used, catalogue_ids=("recipe/of-trunk", "counting/kept"))


def _none(know: Knowledge, goal: str) -> Reason:
    """Where counting cannot say what to cut."""
    return Reason("no-recipe", say("recipe-none", aim=know.row(f"goals/{goal}/name")))
