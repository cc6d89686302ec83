"""What grows back: how many shoots by kind of cut, when, and how long."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import Units, length_words
from .technique import CutAdvice


def regrowth(
    know: Knowledge, advice: Sequence[CutAdvice], day: dt.date, vigour: int, next_flush: dt.date | None, units: Units = "metric"
) -> tuple[Reason, ...]:
    """A sentence for each kind of live cut in the plan. vigour: 1..5. next_flush: the flush that would carry the new shoots, where one is known."""
    found = []
    length = know.numbers("regrowth/season-m")[max(1, min(5, vigour)) - 1]
    for place in know.rows("regrowth"):
        cuts = [a for a in advice if a.place == place and not a.free]
        if not cuts:
            continue
        low, high = (int(know.number(f"regrowth/{place}/{c}")) for c in ("least", "most"))
        weeks = know.number("regrowth/weeks")
        starts = max(day + dt.timedelta(weeks=weeks), next_flush or day)
        select = starts + dt.timedelta(days=know.days("regrowth/select-after"))
        many = "cut" if len(cuts) == 1 else "cuts"
        shoots = f"{low} to {high} shoots" if high > low else f"{low} shoots"
        text = (
            f"{len(cuts)} {many} {know.text(f'regrowth/{place}/says')}: {shoots} each from about {day_words(starts)}, up to {length_words(length, units)} by the end of the season. "
            f"Choose those that stay from {day_words(select)}."
        )
        ids = (f"regrowth/{place}/least", f"regrowth/{place}/most", "regrowth/season-m", "regrowth/weeks", "regrowth/select-after")
        found.append(Reason(f"regrowth-{place}", text, {"cuts": len(cuts), "vigour": vigour}, select, None, ids))
    return tuple(found)
