"""What a tree needs next: a look that is due, an open sheet, or its main work when its window
opens.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..words.prices import cost_said
from ..words.values import Capital, Clause, Share, Value, say
from .model import Status, Work
from .today import Verdict, work_words


@dataclass(frozen=True)
class Need:
    """tone: one of the four permissions, for the plan view. text: in the grower's words. by: the
    last good or the due day.
    """

    kind: str
    tone: Status
    text: Value
    by: dt.date | None
    said_together: Value | None = None

    @property
    def alike(self) -> Value:
        """The same need said of several trees at once."""
        return self.said_together or self.text


CANNOT_TELL = Need("odd", "stop", say("need-odd"), None)


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


def next_need(
    main: Verdict,
    due: tuple[Value, dt.date] | None,
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
        return Need("sheet", "go", say("need-sheet", day=sheet), sheet)
    if suckers:
        together = say("need-suckers-alike")
        return Need("sucker", "go", say("need-suckers", n=suckers), None, together)
    if dead:
        return Need("sanitation", "go", say("need-dead", n=dead), None, say("need-dead-alike"))
    if due is not None and due[1] <= main.day + dt.timedelta(days=soon_days):
        return Need("look", "go", say("need-due", what=Clause(due[0]), day=due[1]), due[1])
    return _of_the_season(main)


def _of_the_season(main: Verdict) -> Need:
    """What the season's own work allows."""
    what = Capital(work_words(main.work))
    limit: Value = ""
    if main.max_share:
        half = main.work == "young"
        limit = (
            say("need-half-shoots")
            if half
            else say("need-at-most", most=Share(round(main.max_share, 3)))
        )
    if main.status == "go":
        until = say("need-until", day=main.last_good_day) if main.last_good_day else ""
        cost = say("need-cost", cost=cost_said(main.price)) if main.price is not None else ""
        text = say("need-go", what=what, limit=limit, until=until, cost=cost)
        return Need(main.work, "go", text, main.last_good_day)
    opens = say("need-opens", day=main.opens) if main.opens else ""
    dearer = (
        main.status == "wait"
        and main.price is not None
        and main.opens_price is not None
        and main.price > main.opens_price
    )
    if dearer:
        text = say("need-dear", what=what, cost=cost_said(main.price or 0.0), opens=opens)
    else:
        text = say("need-not-yet", status=main.status, what=what, limit=limit, opens=opens)
    return Need(main.work, main.status, text, main.opens)
