"""What the almanac has come after a cold night: the last frost, the flushes, the heat, and the next
cold.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

from ..season.model import Event


@dataclass(frozen=True)
class DatesAfter:
    """events: of the almanac, in order, from the night on; open_from: days on which a window for
    whole branches opens. within: the last frost lies so many days off at most.
    """

    night: dt.date
    events: tuple[Event, ...]
    open_from: tuple[dt.date, ...]
    within: int

    def _first(self, name: str, after: dt.date | None) -> Event | None:
        """The first event of this name that starts after a day."""
        found = (e for e in self.events if e.name == name)
        return next((e for e in found if after is not None and e.start > after), None)

    @cached_property
    def last_frost(self) -> dt.date:
        """The end of the cold the night fell in, or of the one that soon follows; the night itself
        where no frost is usual.
        """
        soon = self.night + dt.timedelta(days=self.within)
        cold = (e for e in self.events if e.name == "frost likely")
        return next((e.end for e in cold if e.end >= self.night and e.start <= soon), self.night)

    @cached_property
    def next_cold(self) -> Event | None:
        """The cold season after that."""
        return self._first("frost likely", self.last_frost)

    @cached_property
    def first_flush(self) -> dt.date | None:
        """When the first flush begins."""
        found = self._first("first flush", self.night - dt.timedelta(days=1))
        return found.start if found else None

    @cached_property
    def second_flush(self) -> Event | None:
        """The flush after the first."""
        return self._first("later flush", self.first_flush)

    @cached_property
    def warm_from(self) -> dt.date | None:
        """When strong sun and hot days usually begin after the night."""
        found = self._first("strong sun on bark", self.night)
        return found.start if found else None

    @cached_property
    def last_hard_cut(self) -> dt.date | None:
        """The last safe day for a hard cut after the night."""
        found = self._first("last safe hard cut", self.night)
        return found.start if found else None

    @cached_property
    def opens_again(self) -> dt.date | None:
        """The first opening after the last safe day for a hard cut."""
        last = self.last_hard_cut
        return next((d for d in self.open_from if last is not None and d > last), None)

    def hot_from(self, today: dt.date) -> dt.date | None:
        """When the strong sun that is on, or the next, began or begins."""
        hot = (e for e in self.events if e.name == "strong sun on bark")
        return next((e.start for e in hot if e.end >= today), None)

    def shape_on(self, today: dt.date, before: int) -> dt.date:
        """When the season opens whole branches in the next spring; before: it may be so many days
        before the cold ends.
        """
        spring = self.next_cold.end if self.next_cold else self.last_frost + dt.timedelta(days=365)
        from_day = spring - dt.timedelta(days=before)
        return max(today, next((d for d in self.open_from if d >= from_day), from_day))


def dates_after(
    night: dt.date, events: Sequence[Event], open_from: Sequence[dt.date], within: int
) -> DatesAfter:
    """The dates that follow a night."""
    ordered = tuple(sorted(events, key=lambda e: e.start))
    return DatesAfter(night, ordered, tuple(open_from), within)
