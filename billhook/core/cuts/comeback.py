"""When to come back after work on a tree, each date with its rule."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from dataclasses import dataclass

from ..choice import one_of
from ..known import Knowledge
from ..season.model import Span, Work
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


def come_backs(
    done: Iterable[CutAdvice],
    day: dt.date,
    age_years: int,
    in_strong_sun: Span | None,
    know: Knowledge,
    tied: bool = False,
) -> list[ComeBack]:
    """Come-back dates after cuts made on ``day``. in_strong_sun: the span in which bared bark
    burns, if the day is near it. tied: a wrap, tie or stake is on it.
    """
    cuts = list(done)
    rows = ["wrap"] if tied else []
    if any(c.order_class == ORDER_CLASSES["sucker"] for c in cuts):
        rows.append(_sucker_row(know, age_years))
    live = [c for c in cuts if not c.free]
    headed = [c for c in live if c.place == "between"]
    if headed:
        rows.append("breaks")
    if len(headed) < len(live):
        # what a headed shoot breaks into is wanted, and is not rubbed off
        rows.append("sprout")
    if live:
        rows.append("light-trim")
    if live and in_strong_sun is not None and in_strong_sun.holds(day):
        rows.append("bared-bark")
    return _dated(know, rows, day)


def come_backs_of(
    work: Work, day: dt.date, age_years: int, in_strong_sun: Span | None, know: Knowledge
) -> list[ComeBack]:
    """Come-back dates after work made on ``day`` without a plan, by its kind: those that its cuts
    would have had on a sheet. in_strong_sun: as for a sheet.
    """
    known_id = f"after-work/{work}/looks"
    rows = know.text(known_id).split() if known_id in know else []
    if "sucker" in rows:
        rows[rows.index("sucker")] = _sucker_row(know, age_years)
    if rows and work != "sucker" and in_strong_sun is not None and in_strong_sun.holds(day):
        rows.append("bared-bark")
    return _dated(know, rows, day)


def _sucker_row(know: Knowledge, age_years: int) -> str:
    return next(x for x in _SUCKER_ROWS if age_years <= know.number(f"comeback/{x}/until-age"))


def _dated(know: Knowledge, rows: Iterable[str], day: dt.date) -> list[ComeBack]:
    found = [
        ComeBack(
            one_of(CUT_TASKS, know.text(f"comeback/{row}/kind")),
            day + dt.timedelta(days=know.days(f"comeback/{row}/days")),
            know.text(f"comeback/{row}/does"),
            f"comeback/{row}/days",
        )
        for row in rows
    ]
    return sorted(found, key=lambda c: (c.due, c.kind))
