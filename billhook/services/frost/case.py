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
from ...core.frame.model import Frame
from ...core.frost.after import AfterFrost
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.dates import dates_after
from ...core.frost.dead_wood import killed
from ...core.frost.looks import Look, Seen, weigh_looks
from ...core.frost.readings import Noted, all_brown, dead_leaf_share, green_days, steady_since
from ...core.frost.verdict import FrostVerdict, frost_verdict
from ...core.known import Knowledge
from ...core.season.budget import tree_age
from ...core.words.values import say
from ...store import frames, frost_nights
from ...store import scratches as kept
from ...store.frost_tables import FrostAssessment, FrostNight, Scratch
from ...store.tables import Observation
from ...store.trees import TreeRecord, observations, tree_record
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace
from .tested import limb_tests, stem_test

_AHEAD_DAYS = 520
"""From a cold night past the spring after next: judging, cutting and the shaping of the next spring
lie within.
"""


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
        know = self.at.know
        self.dates = dates_after(
            self.night,
            season.events,
            [x.start for x in season.segments if x.status == "go"],
            know.days("frost/winter-within"),
        )
        self.age = tree_age(self.desk.state(self.record), self.today.year)
        self.along = [
            Noted(s.limb_key, s.at_m, s.green, s.day) for s in self.made if s.bearing_deg is None
        ]
        self.verdict, self.looks = self._judged()
        self.judged = self.today >= self.verdict.judge_on or self.verdict.may_cut
        view = self.view
        self.limbs = limb_tests(know, view, self.along, self.judged, self.today) if view else ()
        self.stem = stem_test(know, view, self.made) if view else None

    @property
    def species(self) -> str:
        """The tree's kind."""
        return self.record.tree.species

    @property
    def scratch_from(self) -> dt.date:
        """Before this day scratched bark misleads."""
        return self.night + dt.timedelta(days=self.at.know.days("frost-signs/scratch/from-day"))

    @property
    def second_flush_hard(self) -> dt.date | None:
        """When the second flush had hardened: the day it was seen, else the almanac's."""
        seen = [s.date for s in self._signs() if s.value == "second-flush"]
        later = self.dates.second_flush
        return min(seen) if seen else later.end if later else None

    @property
    def shape_on(self) -> dt.date:
        """When the season opens whole branches in the next spring."""
        return self.dates.shape_on(self.today, self.at.know.days("frost/shape-before"))

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
            self.dates.warm_from,
        )
        green = self._green_on(first.collapsed_on)
        above = self._alive_above(green, first.collapsed_on)
        case = self._after(
            above, first.collapsed_on, self._hot_since(green), steady_since(self.along, fine)
        )
        return frost_verdict(know, case), first

    def _green_on(self, collapsed_on: dt.date | None) -> dt.date | None:
        """The last day on which bark above the union was green that was not found brown since; a
        flush alone may be the rootstock's.
        """
        sides = {s.bearing_deg: s for s in self.made if s.bearing_deg is not None}
        found = [
            d
            for d in (*green_days(self.along), *(s.day for s in sides.values() if s.green))
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
        dates, second = self.dates, self.dates.second_flush
        return AfterFrost(
            self.frost_class,
            self.night,
            dates.last_frost,
            self.today,
            dates.first_flush,
            self.second_flush_hard,
            above,
            self._said("frost_below", None),
            steady_since,
            dates.last_hard_cut,
            dates.hot_from(self.today),
            self.species,
            collapsed_on,
            hot_since,
            second.start if second else None,
            dates.opens_again,
            self.desk.stance(self.record)["frost-wait"],
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
        fine = self.at.know.number("frost/resolution")
        return self.view is not None and all_brown(self.view.frame, self.along, fine)

    def _hot_since(self, green: dt.date | None) -> dt.date | None:
        """The first measured day hot enough to show a false start since green was last seen."""
        measured = self.desk.site(self.record).weather
        if green is None or measured is None:
            return None
        hot = np.flatnonzero(measured.tmax_c >= self.at.know.number("frost/hot-spell"))
        days = (measured.first + dt.timedelta(days=int(i)) for i in hot)
        return next((d for d in days if green < d <= self.today), None)

    @property
    def dead_share(self) -> float | None:
        """Share [0..1] of the leaf that hung on wood found dead; None before a main limb was
        scratched.
        """
        row = frames.row_on(self.session, self.record.stem.id, self.night) if self.along else None
        # as the tree stood on the night: what was cut since was dead too
        return dead_leaf_share(frames.frame_of(self.session, row)[0], self.along) if row else None


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
        raise invalid("", say("bad-no-class-of-frost-damage-is"))
    return case
