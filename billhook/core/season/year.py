"""One growing year of a tree, worked out once."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, field
from functools import lru_cache

from ..known import Knowledge
from .claims import DAY, Asked, Claim
from .events import growing_year, growing_year_of
from .lane import Lane, Priced, last_closed, look_ahead, year_lane
from .model import GrowingYear, Site, TreeState, Work
from .rules import claims_of


@dataclass(frozen=True, eq=False)
class Year:
    """One growing year of a tree: what rules say of it and of its neighbours, and each kind of work
    as its rules leave it, filled as asked for.
    """

    asked: Asked
    claims: tuple[Claim, ...]
    key: tuple[
        Site,
        TreeState,
        Knowledge,
        tuple[tuple[str, dt.date], ...],
        tuple[tuple[str, int], ...],
        tuple[tuple[str, str], ...],
    ]
    lanes: dict[tuple[str, bool], Lane] = field(default_factory=dict)
    _bare: dict[str, Lane] = field(default_factory=dict)
    _by_work: dict[str, list[Claim]] = field(default_factory=dict)
    _priced: dict[tuple[int, ...], Priced] = field(default_factory=dict)

    def _of_work(self) -> dict[str, list[Claim]]:
        if not self._by_work:
            for claim in self.claims:
                for work in claim.work:
                    self._by_work.setdefault(work, []).append(claim)
        return self._by_work

    def bare(self, work: Work) -> Lane:
        """The work before it is said when the next open day comes."""
        if work not in self._bare:
            self._bare[work] = year_lane(
                self.asked, work, self._of_work().get(work, []), self._priced
            )
        return self._bare[work]

    def next(self) -> Year:
        """The growing year that follows."""
        site, tree, know, seen, learned, stance = self.key
        return year_from(site, tree, know, self.asked.after.start, seen, learned, stance)

    def lane(self, work: Work, until: dt.date) -> Lane:
        """The work over this year, nothing used and no forecast known. Only where days to ``until``
        ask for it is the following year looked into.
        """
        bare = self.bare(work)
        deep = until >= last_closed(bare)
        known = self.lanes.get((work, True)) or (None if deep else self.lanes.get((work, False)))
        if known is None:
            known = self.lanes[work, deep] = bare.part(self.asked.year.start, self.asked.year.end)
            look_ahead(known, self.next().bare(work) if deep else None)
        return known


@lru_cache(maxsize=4096)
def year_from(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    seen: tuple[tuple[str, dt.date], ...],
    learned: tuple[tuple[str, int], ...],
    stance: tuple[tuple[str, str], ...],
) -> Year:
    begins = [start]
    for _ in range(2):
        begins = [
            growing_year_of(site, begins[0] - DAY)[0],
            *begins,
            growing_year_of(site, begins[-1])[1] + DAY,
        ]
    asked = [asked_of(site, tree, know, b, seen, learned, stance) for b in begins[1:-1]]
    of = [claims_made(a) for a in asked]
    year = asked[1].year
    near = tuple(
        c for claims in of for c in claims if c.when.end >= year.start and c.when.start <= year.end
    )
    return Year(asked[1], near, (site, tree, know, seen, learned, stance))


@lru_cache(maxsize=8192)
def asked_of(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    seen: tuple[tuple[str, dt.date], ...],
    learned: tuple[tuple[str, int], ...],
    stance: tuple[tuple[str, str], ...],
) -> Asked:
    """What the rules may look at in the growing year that begins on ``start``; kept, since three
    years ask it.
    """
    observed, moved = dict(seen), dict(learned)

    def resolved(begin: dt.date) -> GrowingYear:
        return growing_year(
            site, tree, know, begin, growing_year_of(site, begin)[1], observed, moved
        )

    year = resolved(start)
    return Asked(
        site,
        tree,
        know,
        resolved(growing_year_of(site, start - DAY)[0]),
        year,
        resolved(year.end + DAY),
        dict(stance),
    )


@lru_cache(maxsize=8192)
def claims_made(asked: Asked) -> tuple[Claim, ...]:
    return tuple(claims_of(asked))
