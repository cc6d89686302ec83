"""One kind of work over one growing year: what closes each day, how much it lets one take, what it
costs, and which days are open.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, field
from typing import Any

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from ..reasons import Reason
from ..words.prices import NO_CROP
from ..words.values import Crops, Share, Value, say
from .best import Open, open_days, runs, useful_share
from .budget import own_limit, yearly_budget
from .claims import Asked, Claim
from .model import FREE_WORK, OWN_BUDGET, STRICTNESS, Best, Span, Work

Floats = npt.NDArray[np.float64]
_BITS = 62
GO, LIGHT, WAIT, STOP = (STRICTNESS[s] for s in ("go", "light", "wait", "stop"))


@dataclass
class Lane:
    """Arrays of shape (days,) from ``first``. status: strictness. cap: share, NaN where none is
    counted. mask: bits of ``reasons``. shut: days that a harm closes.
    """

    work: Work
    first: dt.date
    status: npt.NDArray[np.int8]
    cap: Floats
    price: Floats
    mask: npt.NDArray[Any]
    shut: npt.NDArray[np.bool_]
    reasons: list[Reason] = field(default_factory=list)
    rounds: int | None = None
    _bits: dict[tuple[str, Value], int] = field(default_factory=dict)

    def part(self, begin: dt.date, end: dt.date) -> Lane:
        """The days from ``begin`` to ``end``, to be changed on their own."""
        where = slice((begin - self.first).days, (end - self.first).days + 1)
        return Lane(
            self.work,
            begin,
            self.status[where].copy(),
            self.cap[where].copy(),
            self.price[where].copy(),
            self.mask[where].copy(),
            self.shut[where],
            list(self.reasons),
            self.rounds,
            dict(self._bits),
        )

    def days_of(self, when: Span) -> slice:
        """The days of the lane that a span covers."""
        start, end, count = (
            (when.start - self.first).days,
            (when.end - self.first).days + 1,
            self.status.size,
        )
        return slice(max(0, min(count, start)), max(0, min(count, end)))

    def day(self, index: int) -> dt.date:
        """The day at an index."""
        return self.first + dt.timedelta(days=index)

    def note(self, where: slice | npt.NDArray[Any], reason: Reason) -> None:
        """Add a reason to the days given, as a slice, a mask or indices."""
        said = self._bits.setdefault((reason.code, reason.says), len(self.reasons))
        if said == len(self.reasons):
            self.reasons.append(reason)
            if said == _BITS:
                self.mask = self.mask.astype(
                    object
                )  # as many reasons as bits: whole numbers without end
        self.mask[where] |= 1 << said

    def unsay(self, where: slice, codes: frozenset[str]) -> None:
        """Take reasons back from the days given."""
        bits = sum(1 << i for i, r in enumerate(self.reasons) if r.code in codes)
        self.mask[where] &= ~bits

    def first_go(self, after: int = 0) -> int | None:
        """The first open day from an index on."""
        found = np.nonzero(self.status[after:] == GO)[0]
        return after + int(found[0]) if found.size else None


Priced = tuple[Floats, list[tuple[Claim, npt.NDArray[np.bool_]]]]


def price_days(claims: Sequence[Claim], lane_first: dt.date, count: int) -> Priced:
    """Crops per share of each day, and on which days each row counts: of rows that price the same,
    those of the highest rank. Arrays have shape (days,).
    """
    total = np.zeros(count)
    here: list[tuple[Claim, int, int]] = []
    top: dict[tuple[dt.date, str], npt.NDArray[np.int8]] = {}
    for claim in claims:
        assert claim.price is not None
        start, end = (
            max(0, (claim.when.start - lane_first).days),
            min(count, (claim.when.end - lane_first).days + 1),
        )
        if start >= end:
            continue
        here.append((claim, start, end))
        for slot in claim.price.slots:
            rank = top.setdefault((claim.price.crop, slot), np.full(count, -1, dtype=np.int8))
            rank[start:end] = np.maximum(rank[start:end], claim.price.rank)
    found = []
    for claim, start, end in here:
        price = claim.price
        assert price is not None
        counts = np.zeros(count, dtype=bool)
        counts[start:end] = True
        for slot in price.slots:
            counts &= top[price.crop, slot] == price.rank
        if price.at_from == price.at_to:
            total[counts] += price.at_to
        else:
            length = max(1, (claim.when.end - claim.when.start).days)
            along = (np.arange(count) - (claim.when.start - lane_first).days) / length
            total[counts] += (price.at_from + (price.at_to - price.at_from) * along)[counts]
        found.append((claim, counts))
    return total, found


def _blank(work: Work, first: dt.date, days: int) -> Lane:
    """Days on which nothing is known yet."""
    return Lane(
        work,
        first,
        np.zeros(days, dtype=np.int8),
        np.full(days, np.inf),
        np.zeros(days),
        np.zeros(days, dtype=np.int64),
        np.zeros(days, dtype=bool),
    )


def year_lane(
    asked: Asked, work: Work, claims: Sequence[Claim], priced: dict[tuple[int, ...], Priced]
) -> Lane:
    """A kind of work over a growing year, nothing used and no forecast known. claims: those of this
    work that reach into it. priced: what like works shared so far.
    """
    know, first = asked.know, asked.year.start
    count = (asked.year.end - first).days + 1
    lane = _blank(work, first, count)
    shut, dear = np.zeros(count, dtype=bool), np.zeros(count, dtype=bool)
    for claim in (c for c in claims if c.kind in ("never", "limit", "always")):
        where = lane.days_of(claim.when)
        lane.status[where] = np.maximum(lane.status[where], STRICTNESS[claim.status])
        lane.cap[where] = np.minimum(lane.cap[where], np.inf if claim.cap is None else claim.cap)
        dear[where] |= claim.dear
        lane.note(where, claim.reason)
    shut = lane.shut = lane.status >= WAIT
    if work in FREE_WORK:
        lane.cap[:] = np.nan
        return lane
    prices = [c for c in claims if c.kind == "price"]
    alike = tuple(id(c) for c in prices)
    if alike not in priced:
        priced[alike] = price_days(prices, first, count)
    lane.price, rows = np.array(priced[alike][0]), priced[alike][1]
    for claim, days in rows:
        dear |= days & claim.dear
        lane.note(days, claim.reason)
    own, budget = (
        own_limit(asked.tree, work, asked.age, know) or 0.0,
        yearly_budget(asked.tree, asked.age, know, asked.barren),
    )
    free_of_year = work in OWN_BUDGET or work == "young"
    year = own if free_of_year else budget.share
    lane.cap = np.minimum(lane.cap, min(own, year))
    if not free_of_year:
        lane.note(slice(None), budget.reason)
    preferred = np.array(lane.price)
    for claim in (c for c in claims if c.kind == "prefer"):
        where = lane.days_of(claim.when)
        preferred[where] = np.maximum(0.0, preferred[where] - claim.takes)
        lane.note(where, claim.reason)
    if min(own, year) <= 0:
        _not_yet(lane, asked, shut, own <= 0)
        return lane
    widened = asked.stance.get("timing") == "any-time"
    useful = useful_share(know, work, own, year)
    _settle(lane, know, open_days(know, preferred, shut, lane.cap, dear, useful, widened), shut)
    return lane


def _not_yet(lane: Lane, asked: Asked, shut: npt.NDArray[np.bool_], never_so: bool) -> None:
    """Work that this tree has no share for: never in a pot, or not before it is older."""
    lane.cap[:] = 0.0
    lane.status = np.where(shut, lane.status, WAIT).astype(np.int8)
    if asked.tree.in_pot and never_so:
        text, day = say("lane-no-pot"), None
    else:
        years = asked.know.number("budget/mature-from" if never_so else "budget/first-years") + (
            0 if never_so else 1
        )
        day = asked.year.start + dt.timedelta(days=round(365.25 * max(1.0, years - asked.age)))
        text = say("lane-too-young", day=day)
    lane.note(~shut, Reason("no-share-left", text, {"age, years": asked.age}, date=day))


def _settle(lane: Lane, know: Knowledge, found: Open, shut: npt.NDArray[np.bool_]) -> None:
    small, wide = know.number("season/light-share"), know.number("price/wide-share")
    light = ~shut & ~found.ok
    lane.status[~shut & found.ok & ~found.go & ~found.wide] = WAIT
    lane.status[light] = LIGHT
    lane.cap[light] = np.minimum(lane.cap[light], small)
    lane.cap[found.wide] = np.minimum(lane.cap[found.wide], wide)
    lane.rounds = found.rounds
    if found.wide.any():
        text = say("lane-small-any-time", wide=Share(wide))
        lane.note(
            found.wide,
            Reason(
                "any-time",
                text,
                school="any-time",
                catalogue_ids=("price/wide-band", "price/wide-share"),
            ),
        )
    if light.any():
        text = say("lane-small-only", small=Share(small))
        lane.note(light, Reason("small-cuts", text, catalogue_ids=("season/light-share",)))
    if found.rounds is not None and found.go.any():
        text = say("lane-rounds", rounds=found.rounds)
        lane.note(
            found.go,
            Reason(
                "in-rounds",
                text,
                {"rounds": found.rounds},
                catalogue_ids=("useful/least", "useful/most"),
            ),
        )
    lane.cap[lane.status >= WAIT] = 0.0


def last_closed(lane: Lane) -> dt.date:
    """The day from which the year has no open day left; a day after the year where it ends open."""
    open_ = np.flatnonzero(lane.status == GO)
    return lane.day(int(open_[-1]) + 1 if open_.size else 0)


def look_ahead(lane: Lane, following: Lane | None) -> None:
    """Say on every day that is not open when the next is, and what it costs then. following: the
    lane of the next growing year, None where nobody asks about the days after the last open one.
    """
    if lane.work in FREE_WORK:
        return
    for begin, end in runs(lane.status != GO):
        here, at = lane, lane.first_go(end + 1)
        if at is None and following is not None:
            here, at = following, following.first_go()
        if at is None:
            continue
        day, then = here.day(at), float(here.price[at])
        where = slice(begin, end + 1)
        waits = lane.status[where] == WAIT
        priced = waits & (lane.price[where] > then + 1e-9)
        if priced.any():
            now = Crops(float(lane.price[where][priced].min()))
            text = say(
                "lane-costs",
                now=now,
                then=Crops(then),
                none="yes" if then < NO_CROP else "no",
                day=day,
            )
            lane.note(
                begin + np.flatnonzero(priced),
                Reason(
                    "cheaper-day",
                    text,
                    {"crops per share then": round(then, 2)},
                    date=day,
                    catalogue_ids=("price/band",),
                ),
            )
        chosen = (
            waits & ~priced & ~lane.shut[where]
        )  # it costs no less then: the way of working prefers those days
        if chosen.any():
            lane.note(
                begin + np.flatnonzero(chosen),
                Reason("next-window", say("lane-other-days", day=day), date=day),
            )
        other = ~(priced | chosen)
        if other.any():
            lane.note(
                begin + np.flatnonzero(other),
                Reason("next-window", say("lane-next", day=day), date=day),
            )


def best_of(lane: Lane, year: Span) -> list[Best]:
    """The open runs of a growing year, each with its cheapest price and largest share."""
    found = []
    for begin, end in runs(lane.status == GO):
        where = slice(begin, end + 1)
        cap = lane.cap[where]
        share = None if np.isnan(cap).all() else round(float(np.nanmax(cap)), 6)
        found.append(
            Best(
                lane.work,
                year,
                lane.day(begin),
                lane.day(end),
                round(float(lane.price[where].min()), 4),
                share,
                lane.rounds,
            )
        )
    return found
