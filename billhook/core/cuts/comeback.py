"""When to come back after work on a tree, each date with its rule."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from dataclasses import dataclass

from ..known import Knowledge
from ..season.model import Span
from ..tasks import CutTask
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
    found: list[ComeBack] = []
    cuts = list(done)

    def add(kind: CutTask, row: str) -> None:
        rule = f"comeback/{row}/days"
        found.append(
            ComeBack(
                kind,
                day + dt.timedelta(days=know.days(rule)),
                know.text(f"comeback/{row}/does"),
                rule,
            )
        )

    if any(c.order_class == ORDER_CLASSES["sucker"] for c in cuts):
        add(
            "sucker",
            next(
                row for row in _SUCKER_ROWS if age_years <= know.number(f"comeback/{row}/until-age")
            ),
        )
    if tied:
        add("wrap", "wrap")
    live = [c for c in cuts if not c.free]
    headed = [c for c in live if c.place == "between"]
    if headed:
        add("breaks", "breaks")
    if len(headed) < len(live):
        # what a headed shoot breaks into is wanted, and is not rubbed off
        add("sprout", "sprout")
    if live:
        add("trim", "light-trim")
    if live and in_strong_sun is not None and in_strong_sun.holds(day):
        add("bark", "bared-bark")
    return sorted(found, key=lambda c: (c.due, c.kind))
