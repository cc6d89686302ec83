"""What grows back: how many shoots by kind of cut, when, and how long; and what a measured regrowth
says of the tree.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, Rounded, Saying, say
from .technique import CutAdvice


def regrowth(
    know: Knowledge,
    advice: Sequence[CutAdvice],
    day: dt.date,
    vigour: int,
    next_flush: dt.date | None,
    units: Units = "metric",
) -> tuple[Reason, ...]:
    """A sentence for each kind of live cut in the plan. vigour: 1..5. next_flush: the flush that
    would carry the new shoots, where one is known.
    """
    found = []
    length = know.by_vigour("regrowth/season-m", vigour)
    for place in know.rows("regrowth"):
        cuts = [a for a in advice if a.place == place and not a.free]
        if not cuts:
            continue
        low, high = (int(know.number(f"regrowth/{place}/{c}")) for c in ("least", "most"))
        weeks = know.number("regrowth/weeks")
        starts = max(day + dt.timedelta(weeks=weeks), next_flush or day)
        select = starts + dt.timedelta(days=know.days("regrowth/select-after"))
        many = "cut" if len(cuts) == 1 else "cuts"
        shoots = say("shoots-from-to", low=low, high=high) if high > low else say("shoots", low=low)
        text = say(
            "regrowth-sprouts",
            cuts=len(cuts),
            many=many,
            says=know.row(f"regrowth/{place}/says"),
            shoots=shoots,
            starts=starts,
            length=Length(length, units),
            select=select,
        )
        ids = (
            f"regrowth/{place}/least",
            f"regrowth/{place}/most",
            "regrowth/season-m",
            "regrowth/weeks",
            "regrowth/select-after",
        )
        found.append(
            Reason(
                f"regrowth-{place}",
                text,
                {"cuts": len(cuts), "vigour": vigour},
                date=select,
                catalogue_ids=ids,
            )
        )
    return tuple(found)


@dataclass(frozen=True)
class Measured:
    """What a measured regrowth says of a tree. expected_m: of the vigour it was thought to have;
    vigour: the one it fits best, 1..5.
    """

    vigour: int
    expected_m: float
    reasons: tuple[Reason, ...]


def _than(vigour: int, thought: int) -> Saying:
    if vigour == thought:
        return say("regrowth-as-expected")
    return say("regrowth-stronger") if vigour > thought else say("regrowth-weaker")


def measured_vigour(
    know: Knowledge, length_m: float, days: int, thought: int, units: Units = "metric"
) -> Measured:
    """The vigour that shoots of this length fit, so many days after the cut. thought: the vigour
    the tree was taken for.

    Raises: InvalidInput before there is anything to measure.
    """
    soonest = know.number("regrowth/weeks") * 7 + know.number("regrowth/measure-from")
    if days < soonest:
        raise invalid(
            "/day", say("bad-too-early-to-measure-days-after", soonest=Rounded(soonest, 0))
        )
    part = min(1.0, days / know.number("regrowth/season-days"))
    lengths = [x * part for x in know.numbers("regrowth/season-m")]
    vigour = min(range(len(lengths)), key=lambda i: (abs(lengths[i] - length_m), i)) + 1
    expected = part * know.by_vigour("regrowth/season-m", thought)
    text = say(
        "regrowth-measured",
        length=Length(length_m, units),
        days=days,
        expected=Length(expected, units),
        word=_than(vigour, thought),
        vigour=vigour,
    )
    used: dict[str, float | str | None] = {
        "measured, m": length_m,
        "expected, m": round(expected, 3),
        "days": days,
        "vigour before": thought,
    }
    ids = ("regrowth/season-m", "regrowth/season-days", "regrowth/measure-from")
    why = Reason("measured-vigour", text, used, catalogue_ids=ids)
    return Measured(vigour, expected, (why,))
