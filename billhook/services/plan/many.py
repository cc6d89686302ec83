"""Cut sheets for many trees at once: what each needs, on the day that allows it."""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Sequence
from dataclasses import dataclass

from ...catalogue.wording import said
from ...core.errors import InvalidInput, refuse
from ...core.plan.recipe import Recipe
from ...core.words.values import Value, listed, say
from ...store import plans
from ...store.trees import TreeRecord, tree_record
from ...store.work_tables import Plan
from .. import progress
from ..progress import long_work
from ..tree.sizes import sizes_of
from ..workplace import Workplace
from .counted import RecipeView, recipe_for
from .proposals import plan_for
from .sheet_making import sheet_in
from .wishes import PlanView, Wish


@dataclass(frozen=True)
class Made:
    """A sheet that was made."""

    tree_id: str
    tree: str
    sheet_id: str
    day: dt.date
    cuts: int


@dataclass(frozen=True)
class Without:
    """A tree that got none, and why."""

    tree_id: str
    tree: str
    says: Value


@dataclass(frozen=True)
class ToCount:
    """A tree that nobody has drawn: what to look for and count on it instead of a sheet."""

    tree_id: str
    tree: str
    goal: str
    recipe: Recipe


@dataclass(frozen=True)
class Sheets:
    """Of the trees asked about, those with a sheet, those to count on, and those without."""

    made: tuple[Made, ...]
    to_count: tuple[ToCount, ...]
    without: tuple[Without, ...]


def sheet_id_of(request_id: str, tree_id: str) -> str:
    """The id of a tree's sheet of one request, so that asking twice makes one."""
    return str(uuid.uuid5(uuid.UUID(request_id), tree_id))


def make_sheets(
    at: Workplace,
    request_id: str,
    tree_ids: Sequence[str],
    goal: str | None = None,
    day: dt.date | None = None,
) -> Sheets:
    """A sheet for each tree, all or none. goal: None lowers what is over its wanted height and
    tidies the rest. Asking twice with one request id makes them once.

    Raises: NotFound; InvalidInput for a goal that is none.
    """
    with long_work(at, "sheets"):
        found = _make(at, request_id, tree_ids, goal, day or at.today())
        progress.came_to(say("sheets-made", n=len(found.made)))
        return found


def _make(
    at: Workplace, request_id: str, tree_ids: Sequence[str], goal: str | None, today: dt.date
) -> Sheets:
    alone = goal in at.know.rows("goals") and at.know.number(f"goals/{goal}/alone")
    refuse({"/goal": say("bad-is-planned-tree-by-tree") if alone else None})
    planned: list[tuple[TreeRecord, PlanView]] = []
    made: list[Made] = []
    to_count: list[ToCount] = []
    without: list[Without] = []
    for tree_id in progress.through(list(dict.fromkeys(tree_ids)), say("sheets-planning")):
        with at.store.reading() as session:
            record = tree_record(session, tree_id)
            known = session.get(Plan, sheet_id_of(request_id, tree_id))
            if known is not None:
                n = len(plans.cuts_of(session, known.id))
                made.append(Made(tree_id, record.name, known.id, known.day, n))
                continue
            waits = any(p.tree_id == tree_id for p in plans.open_plans(session))
            asked = goal or _needs(at, record, sizes_of(at, session, record).height_m)
        if waits:
            without.append(Without(tree_id, record.name, say("sheet-open-already")))
            continue
        found = _plan(at, tree_id, Wish(asked, today))
        if isinstance(found, PlanView):
            planned.append((record, found))
        elif isinstance(found, RecipeView):
            to_count.append(ToCount(tree_id, record.name, asked, found.recipe))
        else:
            without.append(Without(tree_id, record.name, found))
    with at.store.writing() as session:
        for record, view in planned:
            sheet_id = sheet_id_of(request_id, record.tree.id)
            cuts = [p.cut for p in view.proposal.cuts]
            later = {
                s.day: said(listed((c.name for c in s.cuts), "; "))[:300]
                for s in view.stages
                if s.day > view.day
            }
            given = (record.tree.id, sheet_id, cuts, view.work, view.day, view.frame.row.id, later)
            sick = {p.cut.limb for p in view.proposal.cuts if p.work == "sanitation"}
            plan = sheet_in(at, session, *given, sick=sick)
            made.append(Made(record.tree.id, record.name, plan.id, plan.day, len(cuts)))
    return Sheets(tuple(made), tuple(to_count), tuple(without))


def _needs(at: Workplace, record: TreeRecord, height_m: float | None) -> str:
    """Lower what stands over its wanted height, tidy the rest."""
    over = record.cap_m is not None and height_m is not None and height_m > record.cap_m
    return "lower" if over else "tidy"


def _plan(at: Workplace, tree_id: str, wish: Wish) -> PlanView | RecipeView | Value:
    """The plan; for a tree nobody has drawn what to count; or why there is neither."""
    try:
        found = plan_for(at, tree_id, wish)
    except InvalidInput as wrong:
        lacks = [p.message for p in wrong.problems if p.pointer == ""]
        if not lacks:  # wrongly asked
            raise
        try:
            counts = recipe_for(at, tree_id, wish.day, wish.goal)
        except InvalidInput:
            return lacks[0]
        return counts if counts.recipe.lines else say("sheet-nothing-to-cut")
    if found.preview is not None and found.proposal.cuts:
        return found
    return say("sheet-nothing-to-cut")
