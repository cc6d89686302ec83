"""What a tree needs next: a look that is due, an open sheet, or its main work when its window
opens.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..words.dates import day_words
from ..words.prices import cost_words
from ..words.units import share_words
from .model import Status, Work
from .today import WORK_WORDS, Verdict


@dataclass(frozen=True)
class Need:
    """tone: one of the four permissions, for the plan view. text: in the grower's words. by: the
    last good or the due day.
    """

    kind: str
    tone: Status
    text: str
    by: dt.date | None
    said_together: str | None = None

    @property
    def alike(self) -> str:
        """The same need said of several trees at once."""
        return self.said_together or self.text


CANNOT_TELL = Need(
    "odd", "stop", "Cannot be worked out: something in its record is odd. Open it and look.", None
)


def main_work(
    in_pot: bool, hedgerow: bool, height_m: float | None, cap_m: float | None, young: bool = False
) -> Work:
    """The work a tree is looked at for, unless something else is due. Our rule."""
    if in_pot:
        return "pot"
    if young:
        return "young"
    if hedgerow:
        return "hedge"
    return "height" if height_m is not None and cap_m is not None and height_m > cap_m else "thin"


def _counted(count: int, one: str, many: str) -> str:
    return f"One {one}" if count == 1 else f"{count} {many}"


def next_need(
    main: Verdict,
    due: tuple[str, dt.date] | None,
    sheet: dt.date | None,
    soon_days: int,
    suckers: int = 0,
    dead: int = 0,
) -> Need:
    """The next need.

    due: what the earliest open task says and when. sheet: day of an open cut sheet. soon_days: how
    far ahead a task is due [d]. suckers, dead: limbs known to be there.
    """
    if sheet is not None:
        return Need("sheet", "go", f"Cut sheet of {day_words(sheet)} is open", sheet)
    if suckers:
        return Need(
            "sucker",
            "go",
            f"{_counted(suckers, 'sucker', 'suckers')} below the union: off, any day",
            None,
            "Suckers below the union: off, any day",
        )
    if dead:
        return Need(
            "sanitation",
            "go",
            f"{_counted(dead, 'dead limb', 'dead limbs')}: off, any dry day",
            None,
            "Dead limbs: off, any dry day",
        )
    if due is not None and due[1] <= main.day + dt.timedelta(days=soon_days):
        return Need("look", "go", f"{due[0].rstrip('.')}, by {day_words(due[1])}", due[1])
    return _of_the_season(main)


def _of_the_season(main: Verdict) -> Need:
    """What the season's own work allows."""
    what = WORK_WORDS[main.work]
    most = "half of the shoots" if main.work == "young" else share_words(main.max_share or 0.0)
    limit = f", at most {most}" if main.max_share else ""
    if main.status == "go":
        until = f" until {day_words(main.last_good_day)}" if main.last_good_day else ""
        cost = f"; {cost_words(main.price)}" if main.price is not None else ""
        return Need(
            main.work, "go", f"{what.capitalize()}: go{limit}{until}{cost}", main.last_good_day
        )
    opens = f", next on {day_words(main.opens)}" if main.opens else ""
    words = {"light": f"small cuts only{limit}", "wait": "wait", "stop": "stop"}[main.status]
    if (
        main.status == "wait"
        and main.price is not None
        and main.opens_price is not None
        and main.price > main.opens_price
    ):
        words = f"wait, now {cost_words(main.price)}"
    return Need(main.work, main.status, f"{what.capitalize()}: {words}{opens}", main.opens)
