"""The cheapest days of a year: which days are open, given what each costs and how much it lets one
take.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from .model import Work

Days = npt.NDArray[np.bool_]
Floats = npt.NDArray[np.float64]
_EPS = 1e-9


@dataclass(frozen=True)
class Open:
    """Days that are open, and those open to small cuts by the way of working alone. ``ok``: days
    that would do but for the price. Shape (days,).

    rounds: cuts of such a share that come to an ordinary one, None where the days leave a useful
    share.
    """

    ok: Days
    go: Days
    wide: Days
    rounds: int | None


def useful_share(know: Knowledge, work: Work, own: float, year: float) -> float:
    """The least share worth a visit for a kind of work: its own row, or between 6 and 10 % by what
    work and year allow.
    """
    if (row := know.get(f"useful/{work}/share")) is not None:
        return know.number(row.id)
    return max(know.number("useful/least"), min(know.number("useful/most"), min(own, year) / 2))


def open_days(
    know: Knowledge,
    price: Floats,
    shut: Days,
    cap: Floats,
    dear: Days,
    useful: float,
    widened: bool,
) -> Open:
    """Which days of a year are open.

    price: after what a way of working prefers. shut: days that a harm closes. cap: largest share of
    each day. dear: days that no small cap and no way of working opens. widened: the way of working
    takes small cuts on days a little dearer. Arrays have shape (days,).
    """
    ok, rounds = ~shut & (cap >= useful - _EPS), None
    if not ok.any():
        may = ~shut & ~dear & (cap > _EPS)
        if may.any():
            ok = may & (cap >= cap[may].max() - _EPS)
            rounds = int(np.ceil(useful / float(cap[may].max()) - _EPS))
    none = np.zeros_like(ok)
    if not ok.any():
        return Open(ok, none, none, None)
    best = float(price[ok].min())
    go = ok & (price <= best + know.number("price/band") + _EPS)
    if _longest(go) < know.days("price/run"):
        go |= _cheapest_run(price, ok, know.days("price/run"))
    small = (
        widened and useful <= know.number("price/wide-share") + _EPS
    )  # a skeleton prune is no small cut
    wide = (
        ok & ~dear & ~go & (price <= best + know.number("price/wide-band") + _EPS)
        if small
        else none
    )
    return Open(ok, go, wide, rounds)


def _edges(days: Days) -> tuple[npt.NDArray[np.intp], npt.NDArray[np.intp]]:
    """First days of runs, and the days after their last."""
    padded = np.zeros(days.size + 2, dtype=bool)
    padded[1:-1] = days
    turns = np.flatnonzero(padded[1:] != padded[:-1])
    return turns[::2], turns[1::2]


def runs(days: Days) -> list[tuple[int, int]]:
    """Runs of days as first and last index."""
    return [(int(a), int(b) - 1) for a, b in zip(*_edges(days), strict=True)]


def _longest(days: Days) -> int:
    first, after = _edges(days)
    return int((after - first).max(initial=0))


def _cheapest_run(price: Floats, ok: Days, length: int) -> Days:
    """The run of so many days whose dearest day is cheapest, then with the lowest mean, then the
    earliest; with neighbours no dearer than its mean.
    """
    found = np.zeros_like(ok)
    if _longest(ok) < length:
        first, after = _edges(ok)
        longest = int(np.argmax(after - first))
        found[first[longest] : after[longest]] = True
        return found
    windows = np.lib.stride_tricks.sliding_window_view(np.where(ok, price, np.inf), length)
    dearest, mean = windows.max(axis=1), windows.mean(axis=1)
    begin = int(np.lexsort((np.arange(dearest.size), np.round(mean, 9), np.round(dearest, 9)))[0])
    start, end = begin, begin + length - 1
    while start > 0 and ok[start - 1] and price[start - 1] <= mean[begin] + _EPS:
        start -= 1
    while end < ok.size - 1 and ok[end + 1] and price[end + 1] <= mean[begin] + _EPS:
        end += 1
    found[start : end + 1] = True
    return found
