"""What windows and rules say about one kind of work over spans of days."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from .model import GrowingYear, Site, Span, Status, TreeState, Work, span

DAY = dt.timedelta(days=1)


@dataclass(frozen=True)
class Claim:
    """``window``: the work is right in this span. ``limit``: something holds it back there. cap: share limit that comes with it."""

    kind: str
    work: Work
    when: Span
    status: Status
    reason: Reason
    cap: float | None = None


@dataclass(frozen=True)
class Asked:
    """Everything a rule may look at: the place, the tree, the catalogue, and three growing years in a row."""

    site: Site
    tree: TreeState
    know: Knowledge
    before: GrowingYear
    year: GrowingYear
    after: GrowingYear

    @property
    def everbearing(self) -> bool:
        """True for lemons, limes and other kinds that bloom and bear all year."""
        return bool(self.know.number(f"species/{self.tree.species}/everbearing"))

    @property
    def picked(self) -> dt.date | None:
        """Last day of the crop that hangs into this growing year; None where none hangs."""
        if self.tree.fruit_on == "none" or self.before.harvest is None:
            return None
        return self.before.harvest.end

    @property
    def summer(self) -> Span:
        """The days when bark needs shade: bark-sun season and hot season together."""
        year = self.year
        return year.bark_sun if year.hot is None else Span(min(year.bark_sun.start, year.hot.start), max(year.bark_sun.end, year.hot.end))

    @property
    def flush_in_frost(self) -> bool:
        """True where the first flush comes before the last frost."""
        return self.year.last_frost is not None and self.year.flush < self.year.last_frost


Rule = Callable[[Asked], list[Claim]]


def days(count: float) -> dt.timedelta:
    """A number of days as a time span."""
    return dt.timedelta(days=int(count))


def latest(*dates: dt.date | None) -> dt.date | None:
    """The latest of the dates that are known."""
    known = [d for d in dates if d is not None]
    return max(known) if known else None


def earliest(*dates: dt.date | None) -> dt.date | None:
    """The earliest of the dates that are known."""
    known = [d for d in dates if d is not None]
    return min(known) if known else None


def window(
    work: Work, start: dt.date | None, end: dt.date | None, code: str, why: str, ids: tuple[str, ...] = (), status: Status = "go",
    cap: float | None = None, school: str | None = None,
) -> list[Claim]:  # fmt: skip
    """A window as a claim, or nothing where it is empty. ``why`` completes "Open from … to …: "."""
    when = span(start, end)
    if when is None:
        return []
    text = f"Open from {day_words(when.start)} to {day_words(when.end)}: {why}"
    inputs = {"from": when.start.isoformat(), "to": when.end.isoformat()}
    return [Claim("window", work, when, status, Reason(code, text, inputs, when.end, school, ids), cap)]


def always(work: Work, year: GrowingYear, why: str, ids: tuple[str, ...] = ()) -> list[Claim]:
    """Work that is right on any day of a growing year; the reason names no dates."""
    return [Claim("window", work, Span(year.start, year.end), "go", Reason(work, why, {}, None, None, ids))]


def limit(
    works: tuple[Work, ...],
    when: Span | None,
    status: Status,
    code: str,
    text: str,
    ids: tuple[str, ...] = (),
    cap: float | None = None,
    used: dict[str, float | str | None] | None = None,
    school: str | None = None,
) -> list[Claim]:
    """The same limit on several kinds of work, or nothing where its span is empty."""
    if when is None:
        return []
    inputs = {"from": when.start.isoformat(), "to": when.end.isoformat()} | (used or {})
    reason = Reason(code, text, inputs, when.end, school, ids)
    return [Claim("limit", work, when, status, reason, cap) for work in works]
