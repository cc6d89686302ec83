"""The season of stored trees: places, states and shares used, turned into what the core asks
for.
"""

from __future__ import annotations

import datetime as dt
import logging
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.choice import one_of
from ...core.errors import BillhookError
from ...core.frost.classes import CLASSES, FrostClass
from ...core.pots import fits
from ...core.season.budget import tree_age
from ...core.season.claims import Asked
from ...core.season.events import growing_year, growing_year_of
from ...core.season.model import WORKS, ForecastDay, SeasonAnswer, Site, Stance, TreeState, Work
from ...core.season.schools import stance_in_force
from ...core.season.today import ASKS, FLUSHED, Ask, Verdict, verdict
from ...store import places
from ...store.tables import Observation
from ...store.trees import TreeRecord
from ...store.work_tables import LogEntry
from ..tree.sizes import sizes_of
from ..workplace import Workplace
from . import weather
from .alike import Dates, Moves, SeasonOf, gap, season_of
from .of_tree import core_site, core_tree

HORIZON_DAYS = 420
_LOOKS_BACK = dt.timedelta(days=1200)
_log = logging.getLogger("billhook")
Seen = Mapping[str, Mapping[str, Observation]]


_OF_THE_BLOCK = frozenset({"first_branch_m"})
"""What is said of a whole block and holds for each of its trees until it is said of one alone."""


@dataclass
class SeasonDesk:
    """Answers season questions about many trees of one session, reading what they share once."""

    session: Session
    at: Workplace
    day: dt.date

    def __post_init__(self) -> None:
        self._sites: dict[str, Site] = {}
        self._forecasts: dict[str, tuple[ForecastDay, ...]] = {}
        self._of: dict[int | str, SeasonOf] = {}
        self._sound: dict[int | str, bool] = {}
        # what a writer holds may be changed beside what stood there as it began
        self._shares = "act" not in self.session.info
        self._years: dict[tuple[str, dt.date], tuple[dt.date, dt.date]] = {}
        self.held = self.at.standing(self.session)
        self._seen, self._dated = self.held.seen, self.held.dated
        self._stances = self.held.chosen
        self._since = self.day - _LOOKS_BACK

    def sound(self, record: TreeRecord) -> bool:
        """Whether a tree's season can be worked out. Something odd in one tree's record must not
        close the holding.
        """
        kind = self._kind(record)
        if kind not in self._sound:
            self._sound[kind] = self._can_be_worked_out(record)
        return self._sound[kind]

    def _can_be_worked_out(self, record: TreeRecord) -> bool:
        try:
            self.season(record, ("sucker",), with_forecast=False)
        except (ArithmeticError, LookupError, TypeError, ValueError, BillhookError):
            _log.exception("%s cannot be worked out", record.name)
            return False
        return True

    def _kind(self, record: TreeRecord) -> int | str:
        """What stands for all trees alike."""
        return self.held.alike(record) if self._shares else record.tree.id

    def site(self, record: TreeRecord) -> Site:
        """The place of a tree's block."""
        if record.block.id not in self._sites:
            normals = places.normals(self.session, record.site.id)
            measured = weather.measured(self.at, self.session, record.site, normals, self.day)
            lapse = self.at.know.number("season/lapse-per-km")
            self._sites[record.block.id] = core_site(
                record.site, normals, record.block, lapse, measured
            )
        return self._sites[record.block.id]

    def forecast(self, record: TreeRecord) -> tuple[ForecastDay, ...]:
        """The forecast at a tree's block; nothing on a real holding, where no simulated one
        counts.
        """
        if record.block.id not in self._forecasts:
            ahead = weather.forecast(
                self.at,
                self.session,
                record.site,
                places.normals(self.session, record.site.id),
                self.day,
            )
            offset = record.block.offset_c
            self._forecasts[record.block.id] = tuple(
                ForecastDay(f.date, round(f.tmin + offset, 1), f.tmax, f.rain_mm) for f in ahead
            )
        return self._forecasts[record.block.id]

    def growing_year(self, record: TreeRecord, day: dt.date | None = None) -> dt.date:
        """Start of the growing year a day lies in."""
        return self.year_of(record, day)[0]

    def year_of(self, record: TreeRecord, day: dt.date | None = None) -> tuple[dt.date, dt.date]:
        """First and last day of the growing year a day lies in."""
        key = (record.block.id, day or self.day)
        if key not in self._years:
            self._years[key] = growing_year_of(self.site(record), key[1])
        return self._years[key]

    def used(self, record: TreeRecord) -> float:
        """Live canopy cut in this growing year up to the day, as a share of the year's baseline."""
        start = self.growing_year(record)
        return sum(e.share or 0.0 for e in self.log(record) if start <= e.date <= self.day)

    def log(self, record: TreeRecord) -> list[LogEntry]:
        """What was done to a tree in the last three years, up to any day."""
        return [e for e in self.held.log.get(record.tree.id, ()) if e.date >= self._since]

    def state(self, record: TreeRecord) -> TreeState:
        """The tree's state on the day."""
        of_block = self._seen.get(record.block.id, {})
        seen = {k: o for k, o in of_block.items() if k in _OF_THE_BLOCK}
        seen.update(self._seen.get(record.tree.id, {}))
        return core_tree(record, seen, self.used(record), self.day, self._too_tall(record))

    def _too_tall(self, record: TreeRecord) -> bool:
        """Whether a pot with its tree stands higher than its winter room, where both are known."""
        seen = self._seen.get(record.tree.id, {})
        if record.tree.pot_l is None or "winter_room_m" not in seen:
            return False
        height = sizes_of(self.at, self.session, record).height_m
        return height is not None and not fits(
            record.tree.pot_l, height, float(seen["winter_room_m"].value)
        )

    def seen(self, record: TreeRecord) -> Mapping[str, Observation]:
        """The newest of each kind that was seen of a tree."""
        return self._seen.get(record.tree.id, {})

    def young(self, record: TreeRecord) -> bool:
        """Whether the tree is still trained."""
        return tree_age(self.state(record), self.day.year) < self.at.know.number(
            "budget/mature-from"
        )

    def bears(self, record: TreeRecord) -> bool:
        """Whether the tree has come to its first crop."""
        first, last = growing_year_of(self.site(record), self.day)
        year = growing_year(self.site(record), self.state(record), self.at.know, first, last, {})
        return Asked(
            self.site(record), self.state(record), self.at.know, year, year, year, {}
        ).bears

    def frost_class(self, record: TreeRecord) -> FrostClass:
        """The class of frost damage a tree bears, whether or not cuts are open."""
        seen = self._seen.get(record.tree.id, {}).get("freeze_class")
        return one_of(CLASSES, seen.value) if seen is not None else "F0"

    def stance(self, record: TreeRecord) -> dict[str, str]:
        """The school on each topic: the catalogue's, the holding's, the block's, the tree's; the
        nearest one holds.
        """
        chosen = (
            self._stances.get(scope, {})
            for scope in (record.site.holding_id, record.block.id, record.tree.id)
        )
        return stance_in_force(self.at.know, *chosen)

    def observed(self, record: TreeRecord) -> Dates:
        """Season dates seen in this growing year: the tree's own before its block's."""
        found: dict[str, dt.date] = {}
        for scope_id in (record.block.id, record.tree.id):
            for kind, days in self._dated.get(scope_id, {}).items():
                near = [d for d in days if -550 <= (d - self.day).days <= 300]
                if near:
                    found[kind] = near[-1]
        return tuple(sorted(found.items()))

    def moved(self, record: TreeRecord) -> Moves:
        """Days by which this tree, or its block, differed from the model in the last three years it
        was seen; the tree's own before its block's.

        What was seen beats the model in its own year and moves all the others, so that a day asked
        about ahead is answered as it will be.
        """
        found: dict[str, int] = {}
        years = int(self.at.know.number("season/learn-years"))
        if not any(scope_id in self._dated for scope_id in (record.block.id, record.tree.id)):
            return ()
        site, state = self.site(record), replace(self.state(record), used_share=0.0)
        for scope_id in (record.block.id, record.tree.id):
            for kind, days in self._dated.get(scope_id, {}).items():
                gaps = [
                    g
                    for d in days
                    if d <= max(self.day, self.at.today())
                    and (g := gap(self.at.know, site, state, kind, d)) is not None
                ]
                if gaps:
                    found[kind] = round(sum(gaps[-years:]) / len(gaps[-years:]))
        return tuple(sorted(found.items()))

    def of(self, record: TreeRecord) -> SeasonOf:
        """All that the tree's season depends on."""
        kind = self._kind(record)
        if kind not in self._of:
            stance = tuple(sorted(self.stance(record).items()))
            self._of[kind] = SeasonOf(
                self.site(record),
                self.state(record),
                self.observed(record),
                self.moved(record),
                stance,
            )
        return self._of[kind]

    def season(
        self,
        record: TreeRecord,
        works: Sequence[Work] = WORKS,
        with_forecast: bool = True,
        without_crop: bool = False,
    ) -> SeasonAnswer:
        """Events and segments from the day on, a year and more. without_crop: as for limbs that
        carry none of this year's.
        """
        last = self.day + dt.timedelta(days=HORIZON_DAYS)
        ahead = self.forecast(record) if with_forecast else ()
        return season_of(
            self.at.know,
            self._without_crop(record) if without_crop else self.of(record),
            ahead,
            self.day,
            last,
            tuple(works),
            self._unknown(record) if with_forecast else None,
        )

    def season_between(
        self,
        record: TreeRecord,
        first: dt.date,
        last: dt.date,
        works: Sequence[Work] = WORKS,
        what_if: Mapping[str, dt.date] | None = None,
        stance: Stance | None = None,
        without_crop: bool = False,
    ) -> SeasonAnswer:
        """Events and segments of a span, with the tree's state of the desk's day. what_if: dates in
        place of the tree's own. without_crop: as for :meth:`season`.
        """
        of = self._without_crop(record) if without_crop else self.of(record)
        if what_if:
            of = replace(of, observed=tuple(sorted({**dict(of.observed), **what_if}.items())))
        if stance:
            of = replace(of, stance=tuple(sorted({**dict(of.stance), **stance}.items())))
        return season_of(
            self.at.know,
            of,
            self.forecast(record),
            first,
            last,
            tuple(works),
            self._unknown(record),
        )

    def _unknown(self, record: TreeRecord) -> dt.date | None:
        """The day itself, where no real forecast is known for it and nobody said that no frost is
        forecast.
        """
        if self.day != self.at.today() or self.forecast(record):
            return None
        return None if self._said_of_frost(record) == "no" else self.day

    def frost_said(self, record: TreeRecord) -> bool:
        """Whether somebody said that frost is forecast, lately enough to hold."""
        return self._said_of_frost(record) == "yes"

    def _said_of_frost(self, record: TreeRecord) -> str | None:
        said = self._seen.get(record.block.id, {}).get("frost_ahead")
        holds = self.at.know.days("forecast/answer-holds")
        lately = said is not None and 0 <= (self.day - said.date).days < holds
        return said.value if said is not None and lately else None

    def _without_crop(self, record: TreeRecord) -> SeasonOf:
        of = self.of(record)
        return replace(of, tree=replace(of.tree, fruit_on="none", fruit_said=self.day))

    def verdict(
        self, record: TreeRecord, work: Work, with_forecast: bool = True, without_crop: bool = False
    ) -> Verdict:
        """May I, today, do this to this tree. without_crop: to limbs of it that carry none of this
        year's.
        """
        season = self.season(record, (work,), with_forecast, without_crop)
        found = verdict(season, work, self.day)
        return replace(found, ask=self._ask(record, found))

    def _ask(self, record: TreeRecord, found: Verdict) -> Ask | None:
        """The one thing that would make a verdict surer, where nobody has said it of this tree or
        its block.
        """
        said = {
            k
            for scope in (record.block.id, record.tree.id)
            for k in (*self._seen.get(scope, {}), *self._dated.get(scope, {}))
        }
        open_ = [ASKS[i] for r in found.reasons for i in r.catalogue_ids[:1] if i in ASKS]
        rests = any(r.code in ("forecast-first", "bloom-to-come") for r in found.reasons)
        if rests and self.at.know.text(f"species/{record.tree.species}/group") == "citrus":
            open_.append(FLUSHED)
        return next((a for a in open_ if a.kind not in said), None)
