"""May I today: one kind of work on one day, as a verdict a grower can read. Every page asks
this.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..reasons import Reason
from ..words.prices import NO_CROP
from ..words.values import Crops, Phrase, Share, Value, say
from .model import FREE_WORK, SeasonAnswer, Segment, Status, Work


def work_words(work: Work) -> Value:
    """A kind of work as it stands in a sentence."""
    return say("work-of", work=work)


def lane_words(work: Work) -> Value:
    """A kind of work over its row of the year, or in a list."""
    return say("work-lane", work=work)


_UNPRICED = FREE_WORK | {"sprout", "young"}
# last in the list of reasons: what holds all year, and what only says when to come back
_LAST = {
    "yearly-budget": 1,
    "cheaper-day": -1,
    "no-share-left": -1,
    "quarantine": -2,
    "forecast-unknown": -3,
    "next-window": 2,
    "any-time": 1,
}

# what would change a verdict, by the reason it rests on: the act, and what its button says
_PICKED = ("picked", say("button-picked"))
_NO_FRUIT = ("no-fruit", say("button-no-fruit"))
_WENT_OUT = ("went-out", say("button-went-out"))
ACTS: dict[str, tuple[tuple[str, Value], ...]] = {
    "ripe": (_PICKED,),
    "fruit-to-come": (_PICKED, _NO_FRUIT),
    "mango-shows": (_NO_FRUIT,),
    "flush-meets-frost": (("under-cover", say("button-under-cover")),),
    "forecast-unknown": (("no-frost", say("button-no-frost")), ("frost", say("button-frost"))),
    "pot-shade": (_WENT_OUT,),
    "pot-before-carry-in": (("came-in", say("button-came-in")),),
    "pot-indoors": (_WENT_OUT,),
}


@dataclass(frozen=True)
class Act:
    """Something to say that would change the verdict. day: of a day to be shown."""

    act: str
    label: Value
    day: dt.date | None = None


@dataclass(frozen=True)
class Ask:
    """Something that would make the verdict surer. kind: of the observation; sort: ``day`` or
    ``length``.
    """

    kind: str
    words: Value
    sort: str


# what a rule leaves open
ASKS: dict[str, Ask] = {
    "rule/mango-shows": Ask("bloom_start", say("ask-first-flowers"), "day"),
    "rule/ripe-about": Ask("harvest_end", say("ask-last-picked"), "day"),
    "rule/young": Ask("first_branch_m", say("ask-first-branches"), "length"),
}
FLUSHED = Ask("flush_start", say("ask-last-flush"), "day")


@dataclass(frozen=True)
class Verdict:
    """sentence: what the grower reads first. last_good_day: last day of the present go or light
    run. opens: next day the work is a go.

    price: crops lost per share taken on the day, None where the work costs none of a crop.
    opens_price, opens_share: of the day it opens. acts: what would change it. ask: what would make
    it surer, None where nothing is open.
    """

    work: Work
    day: dt.date
    status: Status
    sentence: Value
    max_share: float | None
    reasons: tuple[Reason, ...]
    last_good_day: dt.date | None
    opens: dt.date | None
    price: float | None = None
    opens_price: float | None = None
    opens_share: float | None = None
    acts: tuple[Act, ...] = ()
    ask: Ask | None = None

    def allows(self, share: float) -> bool:
        """True if so much of the canopy may go on this day."""
        return self.status in ("go", "light") and (
            self.max_share is None or share <= self.max_share + 1e-9
        )


def verdict(answer: SeasonAnswer, work: Work, day: dt.date) -> Verdict:
    """The verdict for one work on one day out of a season that reaches a year ahead. Raises:
    ValueError if the day is not covered.
    """
    lane = [s for s in answer.segments if s.work == work]
    of_work = [s for s in lane if s.end >= day]
    if not of_work or of_work[0].start > day:
        raise ValueError(f"the season answer does not cover {day.isoformat()}")
    here, first = of_work[0], lane[0].start
    unknown = next(
        (r.date for r in here.reasons if r.code == "forecast-unknown"), None
    )  # without an answer it waits for the last frost
    later = [s for s in of_work[1:] if unknown is None or s.end > unknown]
    last_good, opens = (
        _run_end(of_work),
        next((s for s in later if s.status == "go"), None) if here.status != "go" else None,
    )
    if opens is not None and unknown is not None and opens.start <= unknown:
        opens = replace(opens, start=unknown + dt.timedelta(days=1))
    reasons = tuple(sorted(here.reasons, key=lambda r: _LAST.get(r.code, 0)))
    costs = priced(work, reasons)

    def price(on: dt.date) -> float | None:
        return round(float(answer.prices[work][(on - first).days]), 4) if costs else None

    reasons = tuple(_on_the_day(r, price(day)) for r in reasons)
    then = price(opens.start) if opens else None
    return Verdict(
        work,
        day,
        here.status,
        _sentence(here, day, price(day), opens, then),
        here.max_share,
        reasons,
        last_good,
        opens.start if opens else None,
        price(day),
        then,
        opens.max_share if opens else None,
        acts_of(reasons, opens.start if opens else None),
    )


def _on_the_day(reason: Reason, price: float | None) -> Reason:
    """A reason that names the least price of its span, with that of the day."""
    if reason.code != "cheaper-day" or price is None or not isinstance(reason.says, Phrase):
        return reason
    values = tuple((k, Crops(price) if k == "now" else v) for k, v in reason.says.values)
    return replace(reason, says=replace(reason.says, values=values))


def priced(work: Work, reasons: Sequence[Reason]) -> bool:
    """Whether any of a crop is at stake in this work on such days."""
    return work not in _UNPRICED and not any(
        r.code in ("not-yet-bearing", "not-for-this-tree") for r in reasons
    )


def _run_end(segments: Sequence[Segment]) -> dt.date | None:
    """The last day of the run the first segment lies in; None where it is closed, or open as far as
    is seen.
    """
    run = ("go",) if segments[0].status == "go" else ("go", "light")
    last: dt.date | None = None
    for segment in segments:
        if segment.status not in run:
            return last
        last = segment.end
    return None


def acts_of(reasons: Sequence[Reason], opens: dt.date | None = None) -> tuple[Act, ...]:
    """What would change a verdict that rests on these reasons; ``opens``: a day to be shown."""
    found = {act: Act(act, label) for r in reasons for act, label in ACTS.get(r.code, ())}
    if opens is not None:
        found["show-day"] = Act("show-day", say("button-show-day"), opens)
    return tuple(found.values())


def _sentence(
    here: Segment, day: dt.date, price: float | None, opens: Segment | None, then: float | None
) -> Value:
    if any(r.code == "forecast-unknown" for r in here.reasons):
        until = say("verdict-until", day=opens.start) if opens else ""
        return say("verdict-forecast", until=until)
    head = say("verdict-head", status=here.status, day=day)
    cost = None if price is None else say("verdict-cost", none=_none(price), crops=Crops(price))
    if here.status in ("go", "light"):
        if here.max_share is None:
            return head
        half = "yes" if here.work == "young" else "no"
        most = say("verdict-most", head=head, half=half, share=Share(here.max_share))
        return most if cost is None else say("verdict-and", most=most, cost=cost)
    if opens is None:
        return head
    if here.status == "wait" and price is not None and then is not None and price > then:
        return say(
            "verdict-now",
            head=head,
            cost=cost or "",
            none=_none(then),
            then=Crops(then),
            day=opens.start,
        )
    return say("verdict-next", head=head, day=opens.start)


def _none(price: float) -> str:
    return "yes" if price < NO_CROP else "no"
