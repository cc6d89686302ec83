"""What the days of a piece of work cost."""

from __future__ import annotations

import numpy as np
import numpy.typing as npt

from ...core.choice import one_of
from ...core.crew.weeks import Days
from ...core.season.model import WORKS
from .ahead import Ahead
from .item import Item


def days_of(ahead: Ahead, item: Item) -> tuple[Days, float]:
    """The price of each day, and the share that may go."""
    if item.kind == "come-back" or item.work not in WORKS:
        due = max(item.last_good or ahead.day, ahead.day)
        return Days(due, np.zeros((ahead.until - due).days + 1)), 0.0
    work = one_of(WORKS, item.work)
    season = ahead.desk.season(item.trees[0], (work,), with_forecast=False)
    prices = np.full(len(season.prices[work]), np.nan)
    open_ = [s for s in season.segments if s.status == "go"]
    for segment in open_:
        start = max(0, (segment.start - ahead.day).days)
        end = (segment.end - ahead.day).days + 1
        prices[start:end] = season.prices[work][start:end]
    today = ahead.desk.verdict(item.trees[0], work)
    if today.status not in ("go", "light") and today.opens is not None:
        # what the page says waits, a frost that must first be looked up too, waits here
        prices[: max(0, (today.opens - ahead.day).days)] = np.nan
    if item.kind == "sweep":  # it is one look, before one flush
        prices = within(ahead, item, prices)
    return Days(ahead.day, prices), min((s.max_share for s in open_ if s.max_share), default=0.0)


def within(ahead: Ahead, item: Item, prices: npt.NDArray[np.float64]) -> npt.NDArray[np.float64]:
    """Prices of the days on which this very piece of work is right; the others are closed."""
    first = (item.opens - ahead.day).days if item.opens else 0
    last = (item.last_good - ahead.day).days if item.last_good else len(prices)
    days = np.arange(len(prices))
    return np.where((days >= first) & (days <= last), prices, np.nan)
