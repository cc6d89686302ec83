"""The cuts of a hurt tree in their stages, from the edges that were scratched, and the sheet for
one of them.
"""

from __future__ import annotations

from dataclasses import dataclass

from ...core.cuts.technique import CutAdvice
from ...core.errors import invalid
from ...core.frame.finish import whole_limbs_gone
from ...core.frame.model import Cut
from ...core.frost.classes import CLASSES
from ...core.frost.dead_wood import STAGES, Stage, Stock, dead_wood_notes, stages
from ...core.reasons import Reason
from ...core.season.model import Work
from ...core.words.units import Units
from ...core.words.values import Clause, Value, listed, say
from ...store import frames
from ...store.work_tables import Plan
from ..book.pace import pace_of
from ..plan.costed import advice_of, answer_of
from ..plan.sheet_making import sheet_in
from ..workplace import Workplace
from .case import FrostCase, frost_case


@dataclass(frozen=True)
class StageCut:
    """A cut with how it is made, and what dead wood asks for besides."""

    advice: CutAdvice
    wound_mm: float
    hand_kg: float
    notes: tuple[Reason, ...]


@dataclass(frozen=True)
class StageView:
    """A stage with its cuts in working order, minutes on the tree at the pace of past visits, names
    of twigs that may hang, and limbs gone after it.
    """

    stage: Stage
    cuts: tuple[StageCut, ...]
    minutes: float
    left: tuple[Value, ...]
    gone: tuple[str, ...]


def cut_stages(at: Workplace, tree_id: str, units: Units = "metric") -> tuple[StageView, ...]:
    """Hazards, suckers, dead wood and shaping with their days; empty for a tree that bears no class
    or is not drawn. Raises: NotFound.
    """
    with at.store.reading() as session:
        case = frost_case(at, session, tree_id)
        return tuple(_view(case, s, units) for s in _stages(case)) if case is not None else ()


def _stages(case: FrostCase) -> tuple[Stage, ...]:
    frame, verdict = case.dead_frame, case.verdict
    if frame is None:
        return ()
    cuts = [Cut(t.limb, t.found.cut_at_m) for t in case.limbs if t.found.cut_at_m is not None]
    return stages(
        case.at.know,
        frame,
        cuts,
        case.today,
        verdict.cut_on,
        verdict.may_cut,
        case.shape_on,
        _stock(case),
    )


def _stock(case: FrostCase) -> Stock:
    if case.verdict.verdict == "rootstock-only":
        return "kept"
    unsure = (
        case.verdict.verdict != "alive"
        and not case.verdict.provisional
        and CLASSES.index(case.frost_class) >= CLASSES.index("F5")
    )
    return "undecided" if unsure else "off"


def _view(case: FrostCase, stage: Stage, units: Units) -> StageView:
    frame, know = case.dead_frame, case.at.know
    assert frame is not None
    assert case.view is not None
    if not stage.cuts:
        return StageView(stage, (), 0.0, tuple(case.view.names[x] for x in stage.left), ())
    answer = answer_of(case.desk, case.record, frame, stage.cuts)
    live = [c for c in answer.cuts if not c.void]
    sick = _dead(stage)
    advice = advice_of(case.desk, case.record, frame, live, _work(stage.name), units, sick)
    found = []
    for cost, how in zip(live, advice, strict=True):
        notes = dead_wood_notes(know, cost, how, units) if stage.name != "suckers" else ()
        found.append(StageCut(how, cost.wound_mm, cost.hand_kg, notes))
    # what is highest and furthest out first, so that its weight is gone before the cut below
    found.sort(key=lambda c: (-c.advice.at_height_m, c.advice.limb))
    minutes = sum(c.advice.minutes for c in found) * (
        pace_of(case.session, know, case.record.tree.id) or 1.0
    )
    return StageView(
        stage,
        tuple(found),
        minutes,
        tuple(case.view.names[x] for x in stage.left),
        whole_limbs_gone(frame, stage.cuts),
    )


def _work(stage: str) -> Work:
    return "sucker" if stage == "suckers" else "sanitation"


def _dead(stage: Stage) -> frozenset[str]:
    """Limbs that a stage takes as dead, whatever of them still lives."""
    return frozenset(c.limb for c in stage.cuts) if stage.name != "suckers" else frozenset()


def stage_sheet(at: Workplace, tree_id: str, plan_id: str, stage: str) -> Plan:
    """A cut sheet of one stage; what is dead is written onto the tree's drawing with it. The same
    id twice makes one.

    Raises: NotFound; InvalidInput for a stage that is none, that is not open yet, or a tree that is
    not drawn.
    """
    if stage not in STAGES:
        raise invalid("/stage", say("bad-must-be-one-of", known=listed(STAGES)))
    with at.store.writing() as session:
        if (known := session.get(Plan, plan_id)) is not None:
            return known
        case = frost_case(at, session, tree_id)
        wanted = (
            next((s for s in _stages(case) if s.name == stage), None) if case is not None else None
        )
        if case is None or wanted is None or case.view is None:
            raise invalid("/stage", say("bad-scratch-the-limbs-on-the-trees"))
        if not wanted.may:
            raise invalid("/stage", say("bad-not-open", why=Clause(wanted.reason.says)))
        frame, row = case.dead_frame, case.view.row
        assert frame is not None
        frame_id = row.id
        if frame != case.view.frame:
            frame_id = frames.add_frame(
                session, case.record.stem, frame, case.today, row.origin, row.id, case.view.measured
            ).id
        work, today = _work(stage), at.today()
        given = (tree_id, plan_id, list(wanted.cuts), work, today, frame_id)
        return sheet_in(at, session, *given, sick=_dead(wanted))
