"""What a cold night hurts on the trees of a site."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

import numpy as np

from ...core.frost.damage import ColdTree, Damage, frost_damage, hardening_index
from ...core.frost.night_order import worst_first
from ...core.season.budget import tree_age
from ...core.season.model import Event
from ...core.season.normals import values_on
from ...core.words.values import Capital, Value
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk
from ..workplace import Workplace

_LAID_BARE = ("hedge", "shear", "skeleton", "renewal")


_MORNING = dt.timedelta(days=1)  # what stood over it that night may be said the day after


class Hurt:
    """The trees of a site on one night: like trees are reckoned once."""

    def __init__(
        self,
        desk: SeasonDesk,
        records: Sequence[TreeRecord],
        min_c: float,
        hours: float | None,
        dry_soil: bool,
    ) -> None:
        know, self.min_c, self.day = desk.at.know, min_c, desk.day
        self.desk = desk
        self.records = [
            r for r in records if not r.tree.under_cover and r.tree.species in know.rows("cold")
        ]
        self.unknown = {r.tree.species for r in records if r.tree.species not in know.rows("cold")}
        alike: dict[tuple[ColdTree, float], Damage] = {}
        cold = _Cold(desk, dry_soil)
        damage: dict[str, Damage] = {}
        for record in self.records:
            key = (cold.tree(record), self.at_c(record))
            if key not in alike:
                alike[key] = frost_damage(know, key[0], key[1], hours)
            damage[record.tree.id] = alike[key]
        by_id = {r.tree.id: r for r in self.records}
        self.ordered = [
            (by_id[i], d)
            for i, d in worst_first([(r.tree.id, damage[r.tree.id]) for r in self.records])
        ]

    def at_c(self, record: TreeRecord) -> float:
        """The air where a tree stands [degrees C], under its cover or by its heat."""
        return round(self.min_c + record.block.offset_c + self._sheltered(record), 2)

    def _sheltered(self, record: TreeRecord) -> float:
        """How much warmer it is at a tree that was covered or heated for this night [K]."""
        seen, know = self.desk.seen(record).get("shelter"), self.desk.at.know
        lasts = dt.timedelta(days=know.days("frost/shelter-lasts"))
        if seen is None or not self.day - lasts <= seen.date <= self.day + _MORNING:
            return 0.0
        return know.number(f"frost-shelter/{seen.value}/warmer")


class _Cold:
    """Trees as the cold finds them on the desk's day; what like trees share is asked once."""

    def __init__(self, desk: SeasonDesk, dry_soil: bool) -> None:
        self.desk, self.dry_soil = desk, dry_soil
        self._warmth: dict[str, tuple[float, int]] = {}
        self._like: dict[tuple[object, ...], ColdTree] = {}

    def tree(self, record: TreeRecord) -> ColdTree:
        """Hardened by the four weeks before, with fruit and flush by its season."""
        desk, day = self.desk, self.desk.day
        of = desk.of(record)
        state = of.tree
        pruned = max(
            (e.date for e in desk.log(record) if e.date <= day and e.work in _LAID_BARE),
            default=None,
        )
        key = (
            record.block.id,
            record.cultivar,
            record.stem.rootstock,
            state.fruit_on,
            pruned,
            of.tree,
            of.observed,
            of.moved,
            of.stance,
        )
        if key not in self._like:
            mean, warm = self._before(record)
            events = desk.season(record, ("sucker",)).events
            flush = any(
                e.name in ("first flush", "later flush") and e.start <= day <= e.end for e in events
            )
            fruit = "none" if state.fruit_on == "none" else _fruit(events, day)
            self._like[key] = ColdTree(
                record.tree.species,
                record.cultivar,
                record.stem.rootstock,
                tree_age(state, day.year),
                hardening_index(desk.at.know, mean, warm, flush),
                fruit,
                flush,
                (day - pruned).days if pruned else None,
                state.fruit_on == "full" and fruit == "ripe",
                self.dry_soil,
            )
        return self._like[key]

    def _before(self, record: TreeRecord) -> tuple[float, int]:
        """Mean of the four weeks before in a tree's block [degrees C], and warm days among the last
        ten.
        """
        if record.block.id not in self._warmth:
            know = self.desk.at.know
            warm, hardened = (know.days(f"frost/{x}") for x in ("warm-spell", "hardened-over"))
            high = days_at(self.desk, record, self.desk.day, warm)[1]
            mean = mean_of(self.desk, record, self.desk.day - dt.timedelta(days=1), hardened)
            self._warmth[record.block.id] = (
                mean,
                int((high >= know.number("frost/warm-day")).sum()),
            )
        return self._warmth[record.block.id]


def _fruit(events: Sequence[Event], day: dt.date) -> str:
    """What hangs on a tree by its season."""
    here = {e.name for e in events if e.start <= day <= e.end}
    if "harvest" in here:
        return "ripe"
    if "bloom" in here:
        return "flowers"
    if "set and drop" in here:
        return "fruitlets"
    ahead = next(
        (
            e
            for e in sorted(events, key=lambda e: e.start)
            if e.name in ("bloom", "harvest") and e.start > day
        ),
        None,
    )
    return "green" if ahead is not None and ahead.name == "harvest" else "none"


def days_at(
    desk: SeasonDesk, record: TreeRecord, last: dt.date, count: int
) -> tuple[np.ndarray, np.ndarray]:
    """Minima and maxima of the days up to one, measured where the station knows them, else the
    normals [degrees C].
    """
    site, first = desk.site(record), last - dt.timedelta(days=count - 1)
    low, high = (
        values_on(site.normals.tmin_c, first, count).copy(),
        values_on(site.normals.tmax_c, first, count).copy(),
    )
    if site.weather is not None:
        start = (first - site.weather.first).days
        for made, seen in ((low, site.weather.tmin_c), (high, site.weather.tmax_c)):
            there = np.array(
                [seen[start + i] if 0 <= start + i < len(seen) else np.nan for i in range(count)]
            )
            made[~np.isnan(there)] = there[~np.isnan(there)]
    return low, high


def mean_of(desk: SeasonDesk, record: TreeRecord, last: dt.date, count: int) -> float:
    """Mean temperature of the days up to one [degrees C]."""
    low, high = days_at(desk, record, last, count)
    return float((low + high).mean() / 2)


def first_of(at: Workplace, damage: Damage) -> Value:
    return Capital(at.know.row(f"frost-class/{damage.worst}/does")) + "."
