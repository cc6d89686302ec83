"""How much live canopy a tree may lose: by year, by operation, and by season."""

from __future__ import annotations

from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Saying, Share, say
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
    if tree.condition in ("weak", "diseased", "transplanted", "wilting", "leafless"):
        known, why = know["budget/weak"], say("year-condition", condition=tree.condition)
    elif tree.in_pot:
        known, why = know["budget/pot"], say("year-pot")
    elif age <= know.number("budget/first-years"):
        known, why = know["budget/newly-planted"], say("year-planted", age=age + 1)
    elif age < know.number("budget/mature-from"):
        known, why = know["budget/young"], say("year-young", age=age)
    elif barren and (off := know.get(f"budget/{tree.species}-off-crop")) is not None:
        known, why = off, say("year-no-crop")
    else:
        known, why = (
            know.first(f"budget/{tree.species}-mature", f"budget/{group}-mature"),
            say("year-neglected") if tree.condition == "neglected" else say("year-healthy"),
        )
    share = know.number(known.id)
    text: Saying = (
        say("year-at-most", share=Share(share), why=why)
        if share > 0
        else say("year-nothing", why=why)
    )
    if tree.used_share > 0:
        text = text + say("year-used", used_share=Share(tree.used_share))
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
