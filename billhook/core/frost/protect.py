"""Before a cold night: the union first; banks and wraps with their dates, and what is done on the
evening itself.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Value, say


@dataclass(frozen=True)
class Protection:
    """Something put on before the frosts and taken off after them. on, off: never past."""

    kind: str
    on: dt.date
    off: dt.date
    does: Value
    takes_off: Value
    until_age: int
    reason: Reason

    def is_for(self, age_years: int, prized: bool) -> bool:
        """Young trees, and of any age those one would not lose."""
        return prized or age_years <= self.until_age


def protections(
    know: Knowledge, first_frost: dt.date | None, last_frost: dt.date | None, today: dt.date
) -> list[Protection]:
    """Banks and wraps with the dates of the coming cold season; none where no frost is expected."""
    if first_frost is None or last_frost is None:
        return []
    found = []
    for kind in know.rows("frost-protect"):
        row = f"frost-protect/{kind}"
        on = first_frost - dt.timedelta(days=know.days(f"{row}/on-before"))
        off = last_frost + dt.timedelta(days=know.days(f"{row}/off-after"))
        age, does, takes_off = (
            int(know.number(f"{row}/until-age")),
            know.row(f"{row}/does"),
            know.row(f"{row}/off"),
        )
        text = say("protect", on=on, off=off, age=age, does=does)
        reason = Reason(
            "protect",
            text,
            date=on,
            catalogue_ids=(f"{row}/on-before", f"{row}/off-after", f"{row}/until-age"),
        )
        found.append(
            Protection(kind, max(on, today), max(off, today), does, takes_off, age, reason)
        )
    return found


def tonight(know: Knowledge, min_c: float, youngest_years: float) -> list[Reason]:
    """What is done on the evening before such a night [degrees C at the trees], where there are
    trees of this age.
    """
    found = []
    for row in know.rows("frost-tonight"):
        at = f"frost-tonight/{row}"
        if min_c <= know.number(f"{at}/below") and youngest_years <= know.number(f"{at}/until-age"):
            found.append(
                Reason(
                    f"tonight-{row}",
                    know.row(f"{at}/says"),
                    {"foreseen, C": min_c},
                    catalogue_ids=(f"{at}/below", f"{at}/until-age"),
                )
            )
    return found
