"""How much live canopy a tree may lose: by year, by operation, and by season."""

from __future__ import annotations

from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import share_words
from .model import FREE_WORK, TreeState, Work


@dataclass(frozen=True)
class Budget:
    """The year's share of live canopy [0..1] and why."""

    share: float
    reason: Reason


def tree_age(tree: TreeState, year: int) -> int:
    """Years in the ground in that calendar year, never negative."""
    return max(0, year - tree.planted_year)


def age_class(tree: TreeState, age: int, know: Knowledge) -> str:
    """``pot``, ``young`` or ``mature``: which column of the operations table holds."""
    if tree.in_pot:
        return "pot"
    return "young" if age < know.number("budget/mature-from") else "mature"


def yearly_budget(tree: TreeState, age: int, know: Knowledge, barren: bool = False) -> Budget:
    """Share of live canopy that may go in one growing year, suckers and dead wood apart. barren: it
    carries no crop in that year.
    """
    group = know.text(f"species/{tree.species}/group")
    if tree.condition in ("weak", "diseased", "transplanted", "wilting"):
        known, why = know["budget/weak"], f"the tree is {tree.condition}"
    elif tree.in_pot:
        known, why = know["budget/pot"], "it stands in a pot"
    elif age <= know.number("budget/first-years"):
        known, why = know["budget/newly-planted"], f"it is in year {age + 1} after planting"
    elif age < know.number("budget/mature-from"):
        known, why = know["budget/young"], f"it is only {age} years old"
    elif barren and (off := know.get(f"budget/{tree.species}-off-crop")) is not None:
        known, why = off, "it carries no crop this year"
    else:
        known, why = (
            know.first(f"budget/{tree.species}-mature", f"budget/{group}-mature"),
            "it is grown and neglected"
            if tree.condition == "neglected"
            else "it is grown and healthy",
        )
    share = know.number(known.id)
    text = (
        f"This year at most {share_words(share)} of the canopy: {why}."
        if share > 0
        else f"Nothing of the live canopy this year: {why}."
    )
    if tree.used_share > 0:
        text += f" {share_words(tree.used_share)} is already cut."
    return Budget(
        share,
        Reason(
            "yearly-budget",
            text,
            {"yearly share": share, "already cut": tree.used_share, "age, years": age},
            catalogue_ids=(known.id,),
        ),
    )


def own_limit(tree: TreeState, work: Work, age: int, know: Knowledge) -> float | None:
    """Largest share in one operation of this kind, or None where the work costs no canopy."""
    if work in FREE_WORK:
        return None
    if work == "young":
        return know.number("budget/young-shoots")
    group = know.text(f"species/{tree.species}/group")
    column = age_class(tree, age, know)
    known = know.first(
        f"operations/{tree.species}-{work}/{column}",
        f"operations/{group}-{work}/{column}",
        f"operations/other-{work}/{column}",
    )
    return know.number(known.id)
