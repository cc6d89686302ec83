"""When to come back after work on a tree, each date with its rule."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from dataclasses import dataclass

from ..choice import one_of
from ..known import Knowledge
from ..season.model import FREE_WORK, Span, Work
from ..tasks import CUT_TASKS, CutTask
from .technique import ORDER_CLASSES, CutAdvice

_SUCKER_ROWS = (
    "sucker-first-year",
    "sucker-young",
    "sucker-mature",
)  # by age, the first that holds


@dataclass(frozen=True)
class ComeBack:
    """A dated look: what for, from when, and the catalogue row that says so."""

    kind: CutTask
    due: dt.date
    does: str
    rule: str


def mark_is_tied(mark: str | None, know: Knowledge) -> bool:
    """Whether a union is marked by something bound on. mark: "tape, 24 Mar 2027": what, when."""
    what = (mark or "").partition(",")[0]
    return what.replace(" ", "-") in know.rows("tied-mark")


@dataclass(frozen=True)
class Then:
    """A tree and its season on the day it was cut. in_strong_sun: the span in which bared bark
    burns, if the day is near it. tied: a wrap, tie or stake is on it. spring: the first flush of
    the year after, None where it is not known. trims: the spans ahead in which the season lets one
    tip; empty where they are not known.
    """

    day: dt.date
    age_years: int
    in_strong_sun: Span | None = None
    tied: bool = False
    spring: dt.date | None = None
    trims: tuple[Span, ...] = ()

    @property
    def burns(self) -> bool:
        """Whether bark that is bared on the day burns."""
        return self.in_strong_sun is not None and self.in_strong_sun.holds(self.day)

    def trim_from(self, due: dt.date) -> dt.date:
        """The first day from the one it is due on that lets one tip."""
        return next((max(due, s.start) for s in self.trims if s.end >= due), due)


def come_backs(
    done: Iterable[CutAdvice], then: Then, know: Knowledge, hard: bool = False
) -> list[ComeBack]:
    """Come-back dates after cuts. hard: of a work after which strong shoots are not rubbed off."""
    cuts = list(done)
    rows = ["wrap"] if then.tied else []
    if any(c.order_class == ORDER_CLASSES["sucker"] for c in cuts):
        rows.append("sucker")
    live = [c for c in cuts if not c.free]
    headed = [c for c in live if c.place == "between"]
    if live and hard:
        rows += _HARD
    elif live:
        if headed:
            rows.append("breaks")
        if len(headed) < len(live):
            # what a headed shoot breaks into is wanted, and is not rubbed off
            rows.append("sprout")
        rows.append("light-trim")
    if live and then.burns:
        rows.append("bared-bark")
    return _dated(know, rows, then)


def come_backs_of(work: Work, then: Then, know: Knowledge) -> list[ComeBack]:
    """Come-back dates after work made without a plan, by its kind: those that its cuts would have
    had on a sheet.
    """
    known_id = f"after-work/{work}/looks"
    rows = know.text(known_id).split() if known_id in know else []
    if rows and then.tied:
        rows.append("wrap")
    if rows and then.burns and work not in FREE_WORK:
        rows.append("bared-bark")
    return _dated(know, rows, then)


_HARD = ("hard-first", "hard-second")


def _row_of(know: Knowledge, row: str, then: Then) -> str:
    if row != "sucker":
        return row
    young = (x for x in _SUCKER_ROWS if then.age_years <= know.number(f"comeback/{x}/until-age"))
    return next(young)


def _dated(know: Knowledge, rows: Iterable[str], then: Then) -> list[ComeBack]:
    found = []
    for row in (_row_of(know, r, then) for r in rows):
        due = then.day + dt.timedelta(days=know.days(f"comeback/{row}/days"))
        if row == "hard-second" and then.spring is not None:
            due = then.spring
        kind = one_of(CUT_TASKS, know.text(f"comeback/{row}/kind"))
        if kind == "trim":
            due = then.trim_from(due)
        found.append(ComeBack(kind, due, know.text(f"comeback/{row}/does"), f"comeback/{row}/days"))
    return sorted(found, key=lambda c: (c.due, c.kind))
