"""A hurt tree: what to wait for, whether it lives, where its green ends, what is fed and painted,
and the crop to come; looks and scratches written down.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, replace

from ...core.frost.bark import BarkPaint, bark_paint
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.feed import Feed, feed
from ...core.frost.looks import Seen
from ...core.frost.recovery import Recovery, Stand, recovery, replant_day
from ...core.frost.signs import Sign, signs
from ...core.frost.verdict import FrostVerdict
from ...core.words.values import Value
from ...store import frost_nights
from ...store.frost_tables import FrostAssessment
from ...store.trees import observations, tree_records
from ..tree.views import FrameView
from ..workplace import Workplace
from .case import FrostCase, frost_case, hurt_since
from .night import usual_kg
from .tested import LimbTest, StemTest


@dataclass(frozen=True)
class SignKind:
    """A sign that can be written down; too_early: before this day it means nothing."""

    sign: str
    asks: Value
    too_early: dt.date | None


@dataclass(frozen=True)
class SaidAlive:
    """Whether somebody found the tree alive on one side of its union, and when."""

    kind: str
    alive: bool
    day: dt.date


@dataclass(frozen=True)
class TreeFrost:
    """A hurt tree on the workplace's day. foreseen: what the night was reckoned to do;
    scratch_from: bark misleads before this day, None once it has come; usual_kg: None where nobody
    wrote a crop down. alive: what was said of it above and below the union since the night.
    """

    name: str
    frost_class: FrostClass
    night: dt.date
    foreseen: FrostAssessment | None
    verdict: FrostVerdict
    signs: tuple[Sign, ...]
    looks: Seen
    sign_kinds: tuple[SignKind, ...]
    scratch_from: dt.date | None
    limbs: tuple[LimbTest, ...]
    stem: StemTest | None
    dead_share: float
    scratched: bool
    feed: Feed
    bark: BarkPaint
    recovery: Recovery
    usual_kg: float | None
    frame: FrameView | None
    alive: tuple[SaidAlive, ...]


def _paint(case: FrostCase) -> BarkPaint:
    frame = case.view.frame if case.view else None
    return bark_paint(case.at.know, frame, case.dead_from, case.record.site.latitude >= 0)


def after_frost(at: Workplace, tree_id: str) -> TreeFrost | None:
    """What is known of a tree since its last cold night; None for a tree that bears no class.
    Raises: NotFound.
    """
    know = at.know
    with at.store.reading() as session:
        case = frost_case(at, session, tree_id)
        if case is None:
            return None
        record, cold, dead = case.record, case.dates.next_cold, case.dead_share
        beside = [r for r in tree_records(session, row_id=record.row.id) if r.tree.id != tree_id]
        usual = usual_kg(session, [record, *beside])
        lost = (
            dead if dead is not None else know.number(f"frost-class/{case.frost_class}/leaf-lost")
        )
        replant_on = replant_day(
            know, case.today, case.dates.last_frost, (cold.start, cold.end) if cold else None
        )
        first_frost = cold.start if cold else None
        return TreeFrost(
            record.name,
            case.frost_class,
            case.night,
            case.foreseen,
            case.verdict,
            tuple(signs(know, case.night, case.today)),
            case.looks,
            _kinds(case),
            case.scratch_from if case.scratch_from > case.today else None,
            case.limbs,
            case.stem,
            lost,
            dead is not None,
            feed(know, lost, first_frost, case.dates.last_frost),
            _paint(case),
            recovery(
                know,
                case.frost_class,
                case.age,
                usual or 0.0,
                replant_on=replant_on,
                stand=_stand(case),
                species=case.species,
            ),
            usual,
            replace(case.view, frame=case.brown_frame) if case.view and case.brown_frame else None,
            tuple(
                SaidAlive(kind, seen.value == "yes", seen.date)
                for kind in ("frost_above", "frost_below")
                if (seen := case.seen.get(kind)) is not None and seen.date >= case.night
            ),
        )


def _kinds(case: FrostCase) -> tuple[SignKind, ...]:
    know, found = case.at.know, []
    for sign in know.rows("frost-looks"):
        first = case.night + dt.timedelta(days=know.days(f"frost-looks/{sign}/from-day"))
        found.append(
            SignKind(
                sign, know.row(f"frost-looks/{sign}/asks"), first if case.today < first else None
            )
        )
    return tuple(found)


def _stand(case: FrostCase) -> Stand:
    """What else decides between healing and replanting: live bark round the stem, live wood above
    the union, the longest regrowth, and how the tree did before.
    """
    know, round_ = case.at.know, case.stem.found if case.stem else None
    bark = round_.live_share if round_ is not None and round_.next_bearing_deg is None else None
    above = regrowth = None
    if case.view is not None and case.stem is not None:
        union, trunk = case.view.frame.union_m or 0.0, case.view.frame.trunk.height_m
        greens = [g for t in case.limbs if (g := t.found.boundary[0]) is not None]
        above = trunk - union + max(greens, default=0.0) if greens else 0.0 if bark == 0 else None
        if case.today >= case.dates.last_frost + dt.timedelta(days=know.days("frost/regrowth-by")):
            fresh = [
                x.length_m
                for x in case.view.frame.limbs
                if x.kind == "sprout" and x.id not in case.view.suckers
            ]
            regrowth = max(fresh, default=None)
    condition = case.seen["condition"].value if "condition" in case.seen else "healthy"
    declining = condition in ("weak", "neglected", "diseased")
    return Stand(bark, above, regrowth, declining, case.judged, case.verdict.verdict == "alive")


def hurt_trees(
    at: Workplace, site_id: str, rows: frozenset[str] | None = None
) -> list[tuple[str, str, str, dt.date]]:
    """Trees, of all rows or of some, whose last word on frost is a class: id, name, class, night;
    the worst first.
    """
    with at.store.reading() as session:
        seen, nights = observations(session), frost_nights.assessed(session)
        found = []
        for record in tree_records(session, site_id=site_id):
            if rows is not None and record.row.id not in rows:
                continue
            hurt = hurt_since(at.know, seen.get(record.tree.id, {}), nights.get(record.tree.id, []))
            if hurt is not None:
                found.append((record.tree.id, record.name, hurt[0], hurt[1]))
    return sorted(found, key=lambda f: (-CLASSES.index(f[2]), f[1]))
