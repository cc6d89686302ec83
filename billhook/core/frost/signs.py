"""What to look for on a hurt tree, and from which day it means something."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..known import Knowledge
from ..words.values import Value


@dataclass(frozen=True)
class Sign:
    """What to look for between two days, and what it means. when: ``past``, ``now`` or
    ``ahead``.
    """

    start: dt.date
    end: dt.date
    sign: Value
    means: Value
    when: str


def signs(know: Knowledge, night: dt.date, today: dt.date) -> Sequence[Sign]:
    """Every sign in the order it shows."""
    found = []
    for row in know.rows("frost-signs"):
        start, end = (
            night + dt.timedelta(days=know.days(f"frost-signs/{row}/{c}"))
            for c in ("from-day", "to-day")
        )
        when = "past" if end < today else "ahead" if start > today else "now"
        found.append(
            Sign(
                start,
                end,
                know.row(f"frost-signs/{row}/sign"),
                know.row(f"frost-signs/{row}/means"),
                when,
            )
        )
    return found
