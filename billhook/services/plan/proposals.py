"""Proposing a cut plan for a stored tree: what is cut now and why, what is left until when, and
what it all comes to.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.aftercare.crop import YieldCost, yield_cost
from ...core.aftercare.quantities import clippings
from ...core.cuts.regrowth import regrowth
from ...core.errors import FieldProblem, InvalidInput, invalid
from ...core.frame.model import Cut, Frame
from ...core.frame.outline import Outline
from ...core.frame.share import CutCost
from ...core.fruit.by_limb import of_the_crop
from ...core.known import Knowledge
from ...core.light.inner import lower_light
from ...core.plan.offer import Proposed
from ...core.plan.propose import Proposal, main_work, propose
from ...core.plan.skeleton import bare_bark
from ...core.plan.stages import Window
from ...core.plan.wall import machine_minutes
from ...core.reasons import Reason
from ...core.season.model import OWN_BUDGET, WORKS, SeasonAnswer, Work
from ...core.season.schools import check_stance
from ...core.season.today import Verdict, verdict
from ...core.walk.tree import WalkTree
from ...core.words.values import listed, say
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, tree_record
from ..heights.row_lines import outline_of, spacing_in_row
from ..heights.turns import limb_in_turn
from ..season.desk import HORIZON_DAYS, SeasonDesk
from ..tree.views import frame_view
from ..walk.tree import walked_tree
from ..workplace import Workplace
from . import cutting
from .after import after_words
from .cutting import Preview
from .limb_crop import codes_since, crop_counted
from .warnings import bark_bared, bark_in_sun, heat_of, named_limbs, skeleton_warned
from .wishes import WAYS, PlanView, StageView, Wish


def plan_for(at: Workplace, tree_id: str, wish: Wish) -> PlanView:
    """The cuts that bring most for a goal on a day; where nothing of it is allowed on that day, the
    plan of the first day that allows it.

    Raises: NotFound; InvalidInput for a goal, way, finding or school that is none, a tree that was
    never drawn, or a pin on no cut.
    """
    _checked(at, wish)
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        found = _plan_on(at, session, record, wish)
        waits = [x for x in found.proposal.left if x.until is not None and not x.idle]
        if found.proposal.cuts or not waits or wish.limit is not None:
            return found
        wanted = max(waits, key=lambda x: (x.proposed.must, x.proposed.benefit))
        opens = wanted.until
        assert opens is not None
        then = _plan_on(at, session, record, replace(wish, day=opens))
        if not then.proposal.cuts:
            return found
        text = say("plan-not-today", opens=opens, why=wanted.why)
        return replace(
            then, not_today=Reason("not-today", text, {"asked": wish.day.isoformat()}, date=opens)
        )


@dataclass(frozen=True)
class _Day:
    """A tree, its season and its verdicts on the day that is planned for. bare: those of limbs that
    carry none of the crop that was counted.
    """

    desk: SeasonDesk
    record: TreeRecord
    row: FrameRow
    frame: Frame
    tree: WalkTree
    season: SeasonAnswer
    verdicts: dict[str, Verdict]
    bare: dict[str, Verdict]
    named: list[Cut]
    outline: Outline | None


def _day(at: Workplace, session: Session, record: TreeRecord, wish: Wish) -> _Day:
    """Raises: InvalidInput for a tree that is not drawn."""
    walked = walked_tree(at, session, record, wish.day)
    if walked.frame_row is None or walked.tree.frame is None:
        raise invalid("", _NOT_DRAWN)
    desk = SeasonDesk(session, at, wish.day)
    tree = replace(walked.tree, stances=desk.stance(record) | dict(wish.stance))
    if wish.goal == "lower" and tree.cap_m is None and tree.height_m is not None:
        # lowering is asked for, and no height was named: as much as a tree takes in one go
        tree = replace(tree, cap_m=tree.height_m * (1 - at.know.number("cuts/height-share")))
    until = wish.day + dt.timedelta(days=HORIZON_DAYS)
    season = desk.season_between(record, wish.day, until, WORKS, None, wish.stance)
    outline = None
    if wish.by != "hand":
        outline = outline_of(at, session, record, tree, walked.tree.frame, wish.top_m, wish.half_m)
    if outline is not None and wish.shape is not None:
        outline = replace(
            outline, shape=wish.shape, draw_in_m=wish.draw_in_m, draw_in_deg=wish.draw_in_deg
        )
    named, sick = named_limbs(at, session, walked, wish.walk_id)
    if sick and tree.frame is not None:
        tree = replace(tree, frame=tree.frame.broken(sick))
    verdicts: dict[str, Verdict] = {work: verdict(season, work, wish.day) for work in WORKS}
    bare: dict[str, Verdict] = {}
    if any(crop_counted(walked.frame_row, walked.tree.frame, v) for v in verdicts.values()):
        given = (record, wish.day, until, WORKS, None, wish.stance)
        none = desk.season_between(*given, without_crop=True)
        bare = {work: verdict(none, work, wish.day) for work in WORKS}
    return _Day(
        desk=desk,
        record=record,
        row=walked.frame_row,
        frame=walked.tree.frame,
        tree=tree,
        season=season,
        verdicts=verdicts,
        bare=bare,
        named=[*named, *limb_in_turn(at, session, record, wish.goal)],
        outline=outline,
    )


_NOT_DRAWN = say("bad-not-drawn-count-cuts")


def _proposed(know: Knowledge, day: _Day, wish: Wish) -> Proposal:
    """What is cut, and where something is left, the coming windows it is laid into."""

    def within(windows: Sequence[Window]) -> Proposal:
        return propose(
            know,
            day.tree,
            wish.goal,
            day.verdicts,
            day.named,
            frozenset(wish.pins_in),
            frozenset(wish.pins_out),
            wish.limit,
            wish.weights,
            wish.by,
            day.outline,
            windows,
            day.bare,
        )

    found = within(())
    if not found.over_limit and all(x.idle for x in found.left):
        return found
    works = sorted({p.work for p in _all(found).values()})
    return within(_windows(day.desk, day.record, wish.day, works, wish.stance))


def _plan_on(at: Workplace, session: Session, record: TreeRecord, wish: Wish) -> PlanView:
    know, day = at.know, _day(at, session, record, wish)
    tree, proposal = day.tree, _proposed(know, day, wish)
    offered = _all(proposal)
    _pins_known(wish, set(offered))
    work, cuts = main_work(proposal.cuts, day.verdicts), [p.cut for p in proposal.cuts]
    preview = None
    if cuts:
        sick = {p.cut.limb for p in proposal.cuts if p.work == "sanitation"}
        given = (record, day.row, cuts, work, wish.day, tree.units, sick)
        preview = cutting.preview_in(at, session, *given)
    if preview and preview.answer.canopy_share_removed is not None:
        # what lies on a limb that goes anyway is not counted twice
        proposal = replace(proposal, share=min(1.0, preview.answer.canopy_share_removed))
    made = [c for c in preview.answer.cuts if not c.void] if preview else []
    crop = _crop(know, day, wish, work, proposal.share, made)
    bared = wish.goal == "skeleton" and cuts
    warned = wish.goal == "skeleton" and offered
    return PlanView(
        name=record.name,
        day=wish.day,
        work=work,
        stance=dict(tree.stances),
        proposal=proposal,
        stages=tuple(
            StageView(s.day, s.share, s.limit, s.over, tuple(offered[i] for i in s.cuts))
            for s in proposal.stages
        ),
        unplaced=tuple(offered[i] for i in proposal.unplaced),
        frame=frame_view(at, session, day.row),
        cap_m=record.cap_m,
        preview=preview,
        minutes=_minutes(at, session, day, wish, proposal, preview),
        light=lower_light(know, tree.species, tree.group, day.frame, cuts),
        crop=crop,
        clippings=clippings(know, sum(c.hand_kg for c in made), tree.group, humid=tree.humid),
        bark=bare_bark(know, day.frame, cuts) if bared else bark_bared(at, preview),
        after=_after(at, day, wish, proposal, preview),
        regrowth=regrowth(know, preview.advice, wish.day, tree.vigour, tree.next_flush, tree.units)
        if preview
        else (),
        skeleton=skeleton_warned(at, tree, cuts, proposal, day.season, wish.day, crop)
        if warned
        else (),
    )


def _crop(
    know: Knowledge, day: _Day, wish: Wish, work: Work, share: float, made: Sequence[CutCost]
) -> YieldCost:
    """What the cuts cost of the crop at hand and of those to come."""
    found = day.verdicts[work]
    codes = codes_since(day.row, found.reasons)
    part, why = of_the_crop(know, day.frame, made, share, codes)
    ripe = any(r.code == "ripe" for r in found.reasons)
    hard = day.tree.group if work in OWN_BUDGET or wish.goal == "skeleton" else None
    price = _of_the_day(know, found, hard)
    lost = yield_cost(know, share, ripe, price=price, hard_group=hard, of_crop=part)
    return replace(lost, reasons=(*lost.reasons, *((why,) if why else ())))


def _minutes(
    at: Workplace,
    session: Session,
    day: _Day,
    wish: Wish,
    proposal: Proposal,
    preview: Preview | None,
) -> float:
    """Of hands, and of the machine where one is used."""
    if preview is None or wish.by != "machine":
        return preview.minutes if preview else 0.0
    swept = {p.cut.limb for p in proposal.cuts if p.look == "wall" and p.must}
    by_hand = sum(a.minutes for a in preview.advice if a.limb not in swept)
    machine = machine_minutes(at.know, spacing_in_row(at, session, day.record))
    return machine + preview.pace * by_hand


def _after(
    at: Workplace, day: _Day, wish: Wish, proposal: Proposal, preview: Preview | None
) -> tuple[Reason, ...]:
    """What is done after the cuts, and what to look out for."""
    tree, site = day.tree, day.record.site
    made = [c for c in preview.answer.cuts if not c.void] if preview else []
    sun = bark_in_sun(at, tree, preview, day.season, site.latitude)
    return after_words(
        at.know,
        tree,
        tree.stances,
        proposal.share,
        bool(proposal.cuts),
        sum(c.fruit_lost for c in made),
        frozenset(site.dangers),
        heat_of(day.desk, day.record, wish.day),
        sun,
        any(p.work == "sanitation" for p in proposal.cuts),
        any(r.code == "no nitrogen" for v in day.verdicts.values() for r in v.reasons),
    )


def _of_the_day(know: Knowledge, found: Verdict, hard: str | None) -> float:
    """What the day costs of the crop at hand [crops per share], without the seasons that wood cut
    back hard takes besides.
    """
    besides = 0.0
    if hard is not None and found.work in OWN_BUDGET:
        curve = know.numbers(
            know.first(f"hard-regrowth/{hard}/recovery", "hard-regrowth/other/recovery").id
        )
        besides = sum(1 - x for x in curve)
    return max(0.0, (found.price or 0.0) - besides)


def _checked(at: Workplace, wish: Wish) -> None:
    know, wrong = at.know, []
    if wish.goal not in know.rows("goals"):
        wrong.append(
            FieldProblem("/goal", say("bad-must-be-one-of", known=listed(know.rows("goals"))))
        )
    if wish.by not in WAYS:
        wrong.append(FieldProblem("/by", say("bad-must-be-one-of", known=listed(WAYS))))
    unknown = sorted(set(wish.weights) - set(know.rows("plan-weights")))
    if unknown:
        wrong.append(
            FieldProblem(
                "/weights",
                (
                    say(
                        "bad-there-is-no-finding-known-are",
                        unknown=unknown[0],
                        known=listed(know.rows("plan-weights")),
                    )
                ),
            )
        )
    if wrong:
        raise InvalidInput(wrong)
    check_stance(know, wish.stance)


def _all(proposal: Proposal) -> dict[str, Proposed]:
    return {p.id: p for p in (*proposal.cuts, *(x.proposed for x in proposal.left))}


def _pins_known(wish: Wish, offered: set[str]) -> None:
    for pointer, pins in (("/pins_in", wish.pins_in), ("/pins_out", wish.pins_out)):
        for i, pin in enumerate(pins):
            if pin not in offered:
                raise invalid(f"{pointer}/{i}", say("bad-is-not-offered-any-more-take"))


def _windows(
    desk: SeasonDesk,
    record: TreeRecord,
    day: dt.date,
    works: Sequence[str],
    stance: Mapping[str, str],
) -> tuple[Window, ...]:
    """The first good day of each kind of work in every growing year ahead, with the room there is
    for each kind on it.
    """
    wanted = [w for w in WORKS if w in works]
    last = day + dt.timedelta(days=366 * int(desk.at.know.number("plan/years-ahead")))
    segments = desk.season_between(
        record, day + dt.timedelta(days=1), last, wanted, None, stance
    ).segments
    firsts: dict[tuple[str, dt.date], dt.date] = {}
    for s in segments:
        if s.status == "go" and (s.max_share is None or s.max_share > 0):
            here = max(s.start, day + dt.timedelta(days=1))
            start = desk.growing_year(record, here)
            firsts.setdefault((s.work, start), here)
            # a run that crosses into the next growing year opens that year too
            over = desk.growing_year(record, s.end)
            if over > start:
                firsts.setdefault((s.work, over), over)
    found = []
    for on in sorted(set(firsts.values())):
        shares: dict[str, float | None] = {
            s.work: s.max_share
            for s in segments
            if s.start <= on <= s.end and s.status in ("go", "light")
        }
        found.append(Window(on, desk.growing_year(record, on), shares))
    return tuple(found)
