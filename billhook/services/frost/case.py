"""Everything that is known of one hurt tree since its cold night: dates, looks, scratches, and the
verdict they lead to.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

import numpy as np
from sqlmodel import Session

from ...core.choice import one_of
from ...core.errors import invalid
from ...core.frame.model import TRUNK, Frame, Limb, is_sucker, roots_of
from ...core.frost.after import AfterFrost
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.dead_wood import killed
from ...core.frost.looks import Look, Seen, weigh_looks
from ...core.frost.scratch import Reading, Scratched, scratched
from ...core.frost.stem import RoundReading, StemRound, bark_decides, stem_round
from ...core.frost.verdict import FrostVerdict, frost_verdict
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.season.budget import tree_age
from ...core.season.model import Event
from ...store import frames, frost_nights
from ...store import scratches as kept
from ...store.frost_tables import FrostAssessment, FrostNight, Scratch
from ...store.tables import Observation
from ...store.trees import TreeRecord, observations, tree_record
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace

_AHEAD_DAYS = 520
"""From a cold night past the spring after next: judging, cutting and the shaping of the next spring
lie within.
"""


@dataclass(frozen=True)
class LimbTest:
    """A limb's scratches: the next place or the boundary and cut; moved_m: how far its edge went
    down since the test before, None without one.

    again_at_m: where one scratch shows whether the edge still holds, on a later day than the last
    test; None where nothing needs asking again.
    """

    limb: str
    name: str
    length_m: float
    readings: tuple[Reading, ...]
    found: Scratched
    moved_m: float | None
    tested_on: dt.date | None
    again_at_m: float | None


@dataclass(frozen=True)
class StemTest:
    """Scratches round the trunk at a height above ground [m]."""

    at_m: float
    readings: tuple[RoundReading, ...]
    found: StemRound
    decides: Reason


@dataclass
class FrostCase:
    """A hurt tree on the workplace's day. foreseen: what the night was reckoned to do; None where
    nobody wrote the night down.
    """

    at: Workplace
    session: Session
    record: TreeRecord
    frost_class: FrostClass
    night: dt.date
    seen: dict[str, Observation]
    foreseen: FrostAssessment | None
    view: FrameView | None
    made: list[Scratch] = field(default_factory=list)

    def __post_init__(self) -> None:
        self.today = self.at.today()
        self.desk = SeasonDesk(self.session, self.at, self.today)
        season = self.desk.season_between(
            self.record, self.night, self.night + dt.timedelta(days=_AHEAD_DAYS), ("thin",)
        )
        self.events: list[Event] = sorted(season.events, key=lambda e: e.start)
        self.open_from = [s.start for s in season.segments if s.status == "go"]
        soon = self.night + dt.timedelta(days=self.at.know.days("frost/winter-within"))
        self.last_frost = next(
            (
                e.end
                for e in self.events
                if e.name == "frost likely" and e.end >= self.night and e.start <= soon
            ),
            self.night,
        )
        self.next_cold = next(
            (e for e in self.events if e.name == "frost likely" and e.start > self.last_frost), None
        )
        self.flush_start = next(
            (e.start for e in self.events if e.name == "first flush" and e.start >= self.night),
            None,
        )
        self.age = tree_age(self.desk.state(self.record), self.today.year)
        self.along = [s for s in self.made if s.bearing_deg is None]
        self.verdict, self.looks = self._judged()
        self.judged = self.today >= self.verdict.judge_on or self.verdict.may_cut
        self.limbs = self._limbs()
        self.stem = self._stem()

    @property
    def species(self) -> str:
        """The tree's kind."""
        return self.record.tree.species

    @property
    def scratch_from(self) -> dt.date:
        """Before this day scratched bark misleads."""
        return self.night + dt.timedelta(days=self.at.know.days("frost-signs/scratch/from-day"))

    @property
    def warm_from(self) -> dt.date | None:
        """When strong sun and hot days usually begin after the night."""
        return next(
            (
                e.start
                for e in self.events
                if e.name == "strong sun on bark" and e.start > self.night
            ),
            None,
        )

    @property
    def second_flush(self) -> dt.date | None:
        """When the almanac has the second flush begin."""
        return next(
            (
                e.start
                for e in self.events
                if e.name == "later flush" and self.flush_start and e.start > self.flush_start
            ),
            None,
        )

    @property
    def second_flush_hard(self) -> dt.date | None:
        """When the second flush had hardened: the day it was seen, else the almanac's."""
        seen = [s.date for s in self._signs() if s.value == "second-flush"]
        later = next(
            (
                e.end
                for e in self.events
                if e.name == "later flush" and self.flush_start and e.start > self.flush_start
            ),
            None,
        )
        return min(seen) if seen else later

    @property
    def shape_on(self) -> dt.date:
        """When the season opens whole branches in the next spring."""
        spring = self.next_cold.end if self.next_cold else self.last_frost + dt.timedelta(days=365)
        before = spring - dt.timedelta(days=self.at.know.days("frost/shape-before"))
        return max(self.today, next((d for d in self.open_from if d >= before), before))

    @property
    def dead_from(self) -> dict[str, float]:
        """Where each scratched limb is brown from [m from its base]."""
        browns = {
            t.limb: t.found.boundary[1] for t in self.limbs if t.found.boundary[1] is not None
        }
        none_green = {
            t.limb
            for t in self.limbs
            if t.found.next_at_m is None and t.found.boundary[0] is None and t.limb in browns
        }
        return {
            limb: 0.0 if limb in none_green else m for limb, m in browns.items() if m is not None
        }

    @property
    def brown_frame(self) -> Frame | None:
        """The drawing with what was found brown, whether or not it may be called dead yet."""
        return killed(self.view.frame, self.dead_from) if self.view else None

    @property
    def dead_frame(self) -> Frame | None:
        """The drawing with what is known dead; before the judging day nothing is."""
        return self.brown_frame if self.judged or self.view is None else self.view.frame

    def _signs(self) -> list[Observation]:
        found = frost_nights.history(self.session, ("frost_look",), (self.record.tree.id,))
        return [o for o in found if self.night <= o.date <= self.today]

    def _judged(self) -> tuple[FrostVerdict, Seen]:
        """The verdict with the looks weighed; a look needs the judging day, and the verdict what
        the looks say.
        """
        know, fine = self.at.know, self.at.know.number("frost/resolution")
        signs = [Look(o.date, o.value) for o in self._signs()]
        plain = self._after(None, None, None)
        first = weigh_looks(
            know,
            self.night,
            self.frost_class,
            signs,
            frost_verdict(know, plain).judge_on,
            self.warm_from,
        )
        green = self._green_on(first.collapsed_on)
        above = self._alive_above(green, first.collapsed_on)
        case = self._after(
            above, first.collapsed_on, self._hot_since(green), _steady_since(self.along, fine)
        )
        return frost_verdict(know, case), first

    def _green_on(self, collapsed_on: dt.date | None) -> dt.date | None:
        """The last day on which bark above the union was green that was not found brown since; a
        flush alone may be the rootstock's.
        """
        limbs = {s.limb_key for s in self.along}
        holding = [
            max(s.day for s in self.along if s.limb_key == x)
            for x in limbs
            if any(r.green for r in counting(self.along, x))
        ]
        sides = {s.bearing_deg: s for s in self.made if s.bearing_deg is not None}
        found = [
            d
            for d in (*holding, *(s.day for s in sides.values() if s.green))
            if not self._gone_by(d, collapsed_on)
        ]
        return max(found, default=None)

    def _alive_above(self, green: dt.date | None, collapsed_on: dt.date | None) -> bool | None:
        """Green bark, or what the grower said of it since; None where nobody knows."""
        said = self._said("frost_above", collapsed_on)
        if said is not None and (green is None or self.seen["frost_above"].date > green):
            return said
        if green is not None:
            return True
        return False if self._all_brown() else None

    def _after(
        self,
        above: bool | None,
        collapsed_on: dt.date | None,
        hot_since: dt.date | None,
        steady_since: dt.date | None = None,
    ) -> AfterFrost:
        latest = next(
            (
                e.start
                for e in self.events
                if e.name == "last safe hard cut" and e.start > self.night
            ),
            None,
        )
        hot = next(
            (
                e.start
                for e in self.events
                if e.name == "strong sun on bark" and e.end >= self.today
            ),
            None,
        )
        opens = next((d for d in self.open_from if latest is not None and d > latest), None)
        return AfterFrost(
            self.frost_class,
            self.night,
            self.last_frost,
            self.today,
            self.flush_start,
            self.second_flush_hard,
            above,
            self._said("frost_below", None),
            steady_since,
            latest,
            hot,
            self.species,
            collapsed_on,
            hot_since,
            self.second_flush,
            opens,
        )

    def _gone_by(self, day: dt.date, collapsed_on: dt.date | None) -> bool:
        return collapsed_on is not None and collapsed_on >= day

    def _said(self, kind: str, collapsed_on: dt.date | None) -> bool | None:
        """What the grower said of wood above or below the union since the night; a yes before a
        collapse is none.
        """
        said = self.seen.get(kind)
        if said is None or said.date < self.night:
            return None
        return (
            None
            if said.value == "yes" and self._gone_by(said.date, collapsed_on)
            else said.value == "yes"
        )

    def _all_brown(self) -> bool:
        """Every main limb was scratched brown at its base."""
        if self.view is None:
            return False
        mains = [
            x.id
            for x in self.view.frame.limbs
            if x.on == TRUNK and not is_sucker(self.view.frame, x) and x.state != "dead"
        ]
        brown = {
            s.limb_key
            for s in self.along
            if not s.green and s.at_m <= self.at.know.number("frost/resolution")
        }
        return bool(mains) and set(mains) <= brown

    def _hot_since(self, green: dt.date | None) -> dt.date | None:
        """The first measured day hot enough to show a false start since green was last seen."""
        measured = self.desk.site(self.record).weather
        if green is None or measured is None:
            return None
        hot = np.flatnonzero(measured.tmax_c >= self.at.know.number("frost/hot-spell"))
        days = (measured.first + dt.timedelta(days=int(i)) for i in hot)
        return next((d for d in days if green < d <= self.today), None)

    def _limbs(self) -> tuple[LimbTest, ...]:
        if self.view is None:
            return ()
        frame, ends = self.view.frame, self.view.ends
        roots = roots_of(frame)
        found = [
            self._limb(x, self.view)
            for x in frame.limbs
            if not is_sucker(frame, roots[x.id]) and x.state != "dead"
        ]

        def order(test: LimbTest) -> tuple[bool, bool, float]:
            return not test.readings, frame.limb(test.limb).on != TRUNK, ends[test.limb][0][2]

        return tuple(sorted(found, key=order))

    def _limb(self, limb: Limb, view: FrameView) -> LimbTest:
        know, frame, long = self.at.know, view.frame, limb.length_m
        fine = min(know.number("frost/resolution"), long)
        ratio = know.number("cuts/side-branch-ratio")

        def read(until: dt.date | None = None) -> list[Reading]:
            # what was cut off since is no longer there to be read
            return [r for r in counting(self.along, limb.id, until) if r.at_m <= long]

        # a side branch takes over only if it is at least a third of the cut
        live = (x for x in frame.limbs if x.on == limb.id and x.state == "live")
        placed = ((min(x.at_m, long), x.base_mm) for x in live)
        sides = [at for at, base in placed if base >= ratio * limb.diameter_mm(at)]
        readings, into = read(), know.number("frost/into-green")
        now = scratched(long, readings, fine, into, sides, self.judged)
        days = sorted({s.day for s in self.along if s.limb_key == limb.id})
        moved = None
        if len(days) > 1:
            before = scratched(long, read(days[-2]), fine)
            moved = max(0.0, (before.boundary[0] or 0.0) - (now.boundary[0] or 0.0))
        tested = days[-1] if days else None
        settled = now.next_at_m is None and tested is not None and tested < self.today
        return LimbTest(
            limb.id,
            view.names[limb.id],
            long,
            tuple(sorted(readings, key=lambda r: r.at_m)),
            now,
            moved,
            tested,
            now.boundary[0] if settled else None,
        )

    def _stem(self) -> StemTest | None:
        if self.view is None:
            return None
        frame, know = self.view.frame, self.at.know
        height = min(
            frame.trunk.height_m, (frame.union_m or 0.0) + know.number("frost/round-above")
        )
        latest: dict[float, Scratch] = {
            s.bearing_deg: s for s in self.made if s.bearing_deg is not None
        }
        readings = tuple(RoundReading(b, s.green) for b, s in sorted(latest.items()))
        return StemTest(
            round(height, 2),
            readings,
            stem_round(readings, know.number("frost/round-step")),
            bark_decides(know),
        )

    @property
    def dead_share(self) -> float | None:
        """Share of the leaf that hung on wood found dead, by the cross-section where each scratched
        main limb goes brown; the others are taken to be like them.

        Of 1; None before a main limb was scratched.
        """
        row = frames.row_on(self.session, self.record.stem.id, self.night) if self.along else None
        if row is None:
            return None
        # as the tree stood on the night: what was cut since was dead too
        frame = frames.frame_of(self.session, row)[0]
        tested = {s.limb_key for s in self.along}
        mains = [
            x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x) and x.id in tested
        ]
        if not mains:
            return None
        dead = 0.0
        for limb in mains:
            readings = [r for r in counting(self.along, limb.id) if r.at_m <= limb.length_m]
            browns = [r.at_m for r in readings if not r.green]
            greens = [r.at_m for r in readings if r.green and r.at_m < min(browns, default=0.0)]
            if browns:
                dead += limb.diameter_mm(min(browns) if greens else 0.0) ** 2
        return min(1.0, dead / sum(x.base_mm**2 for x in mains))


def hurt_since(
    know: Knowledge,
    seen: Mapping[str, Observation],
    assessed: Sequence[tuple[FrostNight, FrostAssessment]],
) -> tuple[FrostClass, dt.date, FrostAssessment | None] | None:
    """Class, night and what was foreseen for a tree that bears a class; None for one that does not.
    assessed: its nights, the newest first.
    """
    hurt = seen.get("freeze_class")
    if hurt is None or hurt.value == "F0":
        return None
    near = next(
        (
            (n, a)
            for n, a in assessed
            if n.day <= hurt.date <= n.day + dt.timedelta(days=know.days("frost/episode"))
        ),
        None,
    )
    return (
        one_of(CLASSES, hurt.value),
        near[0].day if near else hurt.date,
        near[1] if near else None,
    )


def frost_case(at: Workplace, session: Session, tree_id: str) -> FrostCase | None:
    """What is known of a tree since its last cold night; None for one that bears no class. Raises:
    NotFound.
    """
    record = tree_record(session, tree_id)
    seen = dict(observations(session, [tree_id]).get(tree_id, {}))
    hurt = hurt_since(at.know, seen, frost_nights.assessed(session, [tree_id]).get(tree_id, []))
    if hurt is None:
        return None
    row = frames.current_row(session, record.stem.id)
    view = frame_view(at, session, row) if row else None
    return FrostCase(
        at,
        session,
        record,
        hurt[0],
        hurt[1],
        seen,
        hurt[2],
        view,
        kept.scratches(session, tree_id, hurt[1]),
    )


def hurt_case(at: Workplace, session: Session, tree_id: str) -> FrostCase:
    """What is known of a hurt tree. Raises: NotFound; InvalidInput for one that bears no class."""
    case = frost_case(at, session, tree_id)
    if case is None:
        raise invalid("", "no class of frost damage is written down for this tree")
    return case


def counting(made: list[Scratch], limb: str, until: dt.date | None = None) -> list[Reading]:
    """Readings that hold on a limb: the last word of a place holds; brown stays, green counts only
    from the newest day the limb was tested on.
    """
    here = [s for s in made if s.limb_key == limb and (until is None or s.day <= until)]
    if not here:
        return []
    newest = max(s.day for s in here)
    last = {round(s.at_m, 3): s for s in here}
    greens = sorted(a for a, s in last.items() if s.green and s.day == newest)
    return [
        *(Reading(a, True) for a in greens),
        *(Reading(a, False) for a in sorted(a for a, s in last.items() if not s.green)),
    ]


def _steady_since(made: list[Scratch], fine_m: float) -> dt.date | None:
    """The day since which no edge has moved by more than the resolution; None before every limb
    with an edge was tested a second time.
    """
    found: list[dt.date] = []
    for limb in {s.limb_key for s in made if not s.green}:
        days = sorted({s.day for s in made if s.limb_key == limb})
        edges = {
            d: max((r.at_m for r in counting(made, limb, d) if r.green), default=0.0) for d in days
        }
        held = [
            d
            for i, d in enumerate(days[:-1])
            if all(edges[d] - edges[later] <= fine_m for later in days[i + 1 :])
        ]
        if not held:
            return None
        found.append(min(held))
    return max(found, default=None)
