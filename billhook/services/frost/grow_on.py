"""What is grown on after a freeze: new shoots onto the drawing, ranked, chosen, and the dated work
that follows.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import cos, radians

from ...core.errors import invalid
from ...core.frame.check import checked
from ...core.frame.model import TRUNK, Frame, Limb, is_sucker
from ...core.frost.leaders import Leaders, Shoot, grown_on, leaders
from ...core.tasks import GROW_ON_TASKS
from ...core.words.values import Length, Value, listed, say
from ...store import frames, logbook
from ...store.logbook import save_tasks
from ...store.tables import Observation
from ...store.trees import save_observations
from ..tree.tasks import task_for
from ..workplace import Workplace
from .case import FrostCase, frost_case, hurt_case

_FORMS = {"to-the-ground": "bush", "central-leader": "leader"}
FORMS = ("tree", "bush", "leader")


@dataclass(frozen=True)
class GrowOn:
    """Shoots of a hurt tree, the best first, for a form; chosen: limb keys that were chosen, with
    their day; names: of every limb drawn.
    """

    form: str
    leaders: Leaders | None
    chosen: tuple[str, ...]
    chosen_on: dt.date | None
    names: Mapping[str, Value]


def grow_on(at: Workplace, tree_id: str, form: str | None = None) -> GrowOn | None:
    """The shoots that could be grown on; None for a tree that bears no class. form: in place of the
    tree's stance. Raises: NotFound, InvalidInput.
    """
    with at.store.reading() as session:
        case = frost_case(at, session, tree_id)
        return _view(case, form) if case is not None else None


def _view(case: FrostCase, form: str | None) -> GrowOn:
    if form is not None and form not in FORMS:
        raise invalid("/form", say("bad-must-be-one-of", known=listed(FORMS)))
    wanted = form or _FORMS.get(case.desk.stance(case.record)["form"], "tree")
    chosen = case.seen.get("grow_on")
    held = chosen if chosen is not None and chosen.date >= case.night and chosen.value else None
    ranked = None
    if case.view is not None and int(case.frost_class[1]) >= case.at.know.number(
        "frost/grow-on-from"
    ):
        ranked = leaders(case.at.know, _shoots(case), wanted, case.view.frame.union_m or 0.0)
    return GrowOn(
        wanted,
        ranked,
        tuple(held.value.split(",")) if held else (),
        held.date if held else None,
        case.view.names if case.view else {},
    )


def _shoots(case: FrostCase) -> list[Shoot]:
    """Live limbs and shoots on the trunk, by how they stand over its line."""
    frame, know = case.brown_frame, case.at.know
    assert frame is not None
    found, dead = [], _dead_by_class(case, frame)
    for limb in frame.limbs:
        if limb.on != TRUNK or limb.state != "live" or limb.id in dead:
            continue
        vigour = max(1, min(5, round(limb.length_m / know.number("frost/shoot-step"))))
        off = limb.length_m * cos(radians(limb.rise_deg))
        found.append(
            Shoot(
                limb.id,
                limb.at_m,
                off,
                limb.base_mm,
                limb.rise_deg,
                vigour,
                not is_sucker(frame, limb),
            )
        )
    return found


def _dead_by_class(case: FrostCase, frame: Frame) -> frozenset[str]:
    """Limbs that stood on the night and are dead by the tree's class, unless bark on them was found
    green since.
    """
    row = frames.row_on(case.session, case.record.stem.id, case.night)
    stood = {x.id for x in frames.frame_of(case.session, row)[0].limbs} if row else set()
    green = {s.limb for s in case.along if s.green}
    kills = case.at.know.number(f"frost-kills/{case.frost_class}/thick")
    above = (x for x in frame.limbs if not is_sucker(frame, x))  # what is below the union may live
    return frozenset(x.id for x in above if x.id in stood - green and x.base_mm <= kills)


def add_shoot(at: Workplace, tree_id: str, limb: Limb) -> str:
    """A shoot that came out of the trunk since the freeze, onto the tree's drawing; returns its
    key. The same key twice adds one.

    Raises: NotFound; InvalidInput for a tree without a drawing, or a place that is not on its
    trunk.
    """
    with at.store.writing() as session:
        case = hurt_case(at, session, tree_id)
        if case.view is None:
            raise invalid("", say("bad-this-tree-is-not-drawn-yet"))
        frame = case.view.frame
        there = next((x for x in frame.limbs if x.id == limb.id), None)
        if there is not None:
            if (there.on, there.at_m, there.bearing_deg) == (TRUNK, limb.at_m, limb.bearing_deg):
                return limb.id
            raise invalid("/id", say("bad-another-limb-bears-this-key"))
        if limb.at_m > frame.trunk.height_m:
            raise invalid(
                "/at_m", say("bad-the-trunk-ends-at", height_m=Length(frame.trunk.height_m))
            )
        sucker = frame.union_m is not None and limb.at_m < frame.union_m
        grown: Frame = replace(
            frame, limbs=(*frame.limbs, replace(limb, kind="sucker" if sucker else "sprout"))
        )
        checked(grown)
        row = case.view.row
        frames.add_frame(
            session,
            case.record.stem,
            grown,
            case.today,
            row.origin,
            row.id,
            case.view.measured | {limb.id},
        )
        return limb.id


def _refuse_wrong(view: GrowOn, keep: Sequence[str]) -> None:
    points = {s.id: s.points for s in view.leaders.shoots} if view.leaders else {}
    if not keep:
        raise invalid("/keep", say("bad-choose-at-least-one-shoot"))
    for i, limb in enumerate(keep):
        if limb not in points:
            raise invalid(f"/keep/{i}", say("bad-is-no-live-shoot-on-this"))
        if points[limb] is None:
            raise invalid(f"/keep/{i}", say("bad-comes-from-below-the-union-it"))


def choose(at: Workplace, tree_id: str, keep: Sequence[str], form: str | None = None) -> GrowOn:
    """Write down which shoots are grown on, and set the dates: stake and ties, suckers for two
    seasons, thinning in the second spring.

    Raises: NotFound; InvalidInput for none, one below the union, or one that is not on the drawing.
    """
    with at.store.writing() as session:
        case = hurt_case(at, session, tree_id)
        view = _view(case, form)
        _refuse_wrong(view, keep)
        save_observations(
            session,
            Observation(
                scope="tree",
                scope_id=tree_id,
                kind="grow_on",
                value=",".join(keep),
                date=case.today,
            ),
        )
        for old in logbook.tasks(session, tree_id):
            if old.kind in GROW_ON_TASKS:
                old.state = "dropped"
                save_tasks(session, old)
        names = [case.view.names[x] for x in keep] if case.view else list(keep)
        last = case.today + dt.timedelta(days=365 * at.know.days("frost/sucker-seasons"))
        ahead = case.desk.season_between(case.record, case.today, last, ("sucker",)).events
        flushes = [e.start for e in ahead if e.name in ("first flush", "later flush")]
        for dated in grown_on(at.know, names, view.form, case.today, flushes, case.shape_on):
            save_tasks(
                session,
                task_for(
                    dated.does,
                    scope="tree",
                    scope_id=tree_id,
                    kind=dated.kind,
                    due=dated.due,
                    rule=dated.rule,
                ),
            )
        return replace(view, chosen=tuple(keep), chosen_on=case.today)
