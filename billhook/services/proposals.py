"""Proposing a cut plan for a stored tree: what is cut now and why, what is left until when, and what it all comes to."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ..core.aftercare.crop import YieldCost, yield_cost
from ..core.aftercare.quantities import Clippings, Whitewash, clippings, whitewash
from ..core.cuts.regrowth import regrowth
from ..core.errors import FieldProblem, InvalidInput
from ..core.frame.model import Cut
from ..core.plan.propose import Proposal, propose
from ..core.reasons import Reason
from ..core.season.model import WORKS, Work
from ..core.season.today import Verdict
from ..core.walk.findings import summary
from ..core.walk.questions import questions_of
from ..store import walks
from ..store.trees import tree_record
from . import cutting
from .cutting import Preview
from .seasons import SeasonDesk
from .trees import FrameView, frame_view
from .walk_tree import Walked, walked_tree
from .walks import named_cuts
from .workplace import Workplace


@dataclass(frozen=True)
class PlanView:
    """A proposal with its cost. preview: None where nothing is cut. crop: given up over three years. bark: paint for what is bared, None where none is."""

    name: str
    day: dt.date
    work: Work
    proposal: Proposal
    frame: FrameView
    cap_m: float | None
    preview: Preview | None
    crop: YieldCost
    clippings: Clippings
    bark: Whitewash | None
    after: tuple[Reason, ...]
    regrowth: tuple[Reason, ...]


def plan_for(
    at: Workplace, tree_id: str, goal: str, day: dt.date, walk_id: str | None = None, pins_in: Sequence[str] = (), pins_out: Sequence[str] = (),
    limit: float | None = None, weights: Mapping[str, float] | None = None,
) -> PlanView:  # fmt: skip
    """The cuts that bring most for a goal on a day. walk_id: a walk whose named limbs weigh more.

    Raises: NotFound; InvalidInput for a goal that is none, a tree that was never drawn, or a pin on no cut.
    """
    know = at.know
    if goal not in know.rows("goals"):
        raise InvalidInput([FieldProblem("/goal", f"must be one of {', '.join(know.rows('goals'))}")])
    unknown = sorted(set(weights or {}) - set(know.rows("plan-weights")))
    if unknown:
        raise InvalidInput([FieldProblem("/weights", f"there is no finding {unknown[0]!r}; known are {', '.join(know.rows('plan-weights'))}")])
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        walked = walked_tree(at, session, record, day)
        if walked.frame_row is None or walked.tree.frame is None:
            raise InvalidInput([FieldProblem("", "this tree is not drawn yet: give height, spread and trunk for a sketch, or measure it")])
        desk = SeasonDesk(session, at, day)
        verdicts: dict[str, Verdict] = {work: desk.verdict(record, work) for work in WORKS}
        named = _named(at, session, walked, walk_id)
        proposal = propose(know, walked.tree, goal, verdicts, named, frozenset(pins_in), frozenset(pins_out), limit, weights)
        offered = {p.id for p in proposal.cuts} | {x.proposed.id for x in proposal.left}
        for pointer, pins in (("/pins_in", pins_in), ("/pins_out", pins_out)):
            for i, pin in enumerate(pins):
                if pin not in offered:
                    raise InvalidInput([FieldProblem(f"{pointer}/{i}", f"there is no cut {pin!r} in this plan")])
        work = _main_work(proposal)
        cuts = [p.cut for p in proposal.cuts]
        preview = cutting.preview_in(at, session, record, walked.frame_row, cuts, work, day, walked.tree.units) if cuts else None
        fresh = sum(c.hand_kg for c in preview.answer.cuts if not c.void) if preview else 0.0
        ripe = any(e.name == "harvest" and e.start <= day <= e.end for e in desk.season(record, ("sucker",)).events)
        crop = yield_cost(know, proposal.share, ripe_on=ripe)
        return PlanView(
            record.name, day, work, proposal, frame_view(at, session, walked.frame_row), record.block.cap_m, preview, crop, clippings(know, fresh, walked.tree.group),
            _bark(at, preview), _after(at, desk.stance(record), bool(cuts), walked.tree.species, record.site.dangers),
            regrowth(know, preview.advice, day, walked.tree.vigour, walked.tree.next_flush, walked.tree.units) if preview else (),
        )  # fmt: skip


def _named(at: Workplace, session: Session, walked: Walked, walk_id: str | None) -> list[Cut]:
    if walk_id is None or walked.tree.frame is None:
        return []
    rows = walks.history(session, walks.walk(session, walk_id).id)
    answers = {q: row.answer for q, row in walks.in_force(rows).items() if row.answer}
    found = named_cuts(summary(at.know, walked.tree, questions_of(at.know, walked.tree), answers).findings)
    limbs = {x.id: x.length_m for x in walked.tree.frame.limbs}
    return [c for c in found if c.limb in limbs and c.keep_m < limbs[c.limb]]


def _main_work(proposal: Proposal) -> Work:
    """The kind of work that takes most of the canopy; the sheet goes by its limit."""
    taken: dict[str, float] = {}
    for one in proposal.cuts:
        taken[one.work] = taken.get(one.work, 0.0) + one.share
    return next((w for w in WORKS if taken and w == max(taken, key=lambda x: (taken[x], x))), "thin")


def _bark(at: Workplace, preview: Preview | None) -> Whitewash | None:
    """Paint for the limbs whose shade goes: each wound of a thick limb bares about its own length of bark below it."""
    thick = at.know.number("plan/bares-from")
    bared = [(c.wound_mm, at.know.number("plan/bares-m")) for c in preview.answer.cuts if c.wound_mm >= thick and not c.void] if preview else []
    return whitewash(at.know, (), bared) if bared else None


def _after(at: Workplace, stance: Mapping[str, str], cuts: bool, species: str, dangers: Sequence[str]) -> tuple[Reason, ...]:
    """Wounds and clippings by school; disease and quarantine beat every other place."""
    if not cuts:
        return ()
    know, found = at.know, []
    for topic in ("wounds", "vigour"):
        row = f"after-words/{stance[topic]}"
        found.append(Reason(f"after-{topic}", know.text(f"{row}/says"), {}, None, f"{topic}/{stance[topic]}", (f"{row}/says",)))
    for danger in ("quarantine", "canker", "psyllid", "mal-secco", "borer"):
        if danger in dangers and f"after-words/{danger}/says" in know:
            found.append(Reason(f"after-{danger}", know.text(f"after-words/{danger}/says"), {}, None, None, (f"after-words/{danger}/says",)))
    if know.text(f"species/{species}/group") in ("avocado",):
        found.append(Reason("not-fodder", know.text("after-words/not-fodder/says"), {}, None, None, ("after-words/not-fodder/says",)))
    return tuple(found)
