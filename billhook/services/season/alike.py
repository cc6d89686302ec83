"""What a tree's season depends on, and the season of it: worked out once for all trees alike."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from functools import lru_cache
from itertools import pairwise

from ...core.known import Knowledge
from ...core.season.events import growing_year, growing_year_starts
from ...core.season.model import ForecastDay, SeasonAnswer, Site, TreeState, Work
from ...core.season.season import season

Dates = tuple[tuple[str, dt.date], ...]
Moves = tuple[tuple[str, int], ...]


@dataclass(frozen=True)
class SeasonOf:
    """All that a tree's season depends on. Trees that share it share the answer."""

    site: Site
    tree: TreeState
    observed: Dates
    moved: Moves
    stance: tuple[tuple[str, str], ...]


@lru_cache(maxsize=8192)
def season_of(
    know: Knowledge,
    of: SeasonOf,
    forecast: tuple[ForecastDay, ...],
    first: dt.date,
    last: dt.date,
    works: tuple[Work, ...],
    unknown_on: dt.date | None,
) -> SeasonAnswer:
    """The season of a span, worked out once for all trees alike."""
    return season(
        of.site,
        of.tree,
        know,
        first,
        last,
        works,
        dict(of.observed),
        forecast,
        dict(of.stance),
        dict(of.moved),
        unknown_on,
    )


# more than half a year, so that the growing years to both sides of a day are met
_ABOUT = dt.timedelta(days=200)


@lru_cache(maxsize=4096)
def gap(know: Knowledge, site: Site, tree: TreeState, kind: str, seen: dt.date) -> int | None:
    """Days from the model's date to the one seen; None where the model has none near it."""
    starts = growing_year_starts(site, seen - _ABOUT, seen + _ABOUT)
    gaps: list[int] = []
    for start, end in pairwise(starts):
        year = growing_year(site, tree, know, start, end - dt.timedelta(days=1), {})
        computed: dict[str, dt.date | None] = {
            "flush_start": year.flush,
            "flush_hard": year.flush_hard,
            "bloom_start": year.bloom.start if year.bloom else None,
            "harvest_start": year.harvest.start if year.harvest else None,
            "harvest_end": year.harvest.end if year.harvest else None,
            "first_frost": None,
            "last_frost": None,
            "carry_out": None,
            "carry_in": None,  # of the year's weather, and of whoever carries
        }
        if (model := computed[kind]) is not None:
            gaps.append((seen - model).days)
    best = min(gaps, key=abs, default=None)
    return best if best is not None and abs(best) <= know.days("season/learn-within") else None
