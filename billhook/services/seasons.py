"""The season of stored trees: places, states and shares used, turned into what the core asks for."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import lru_cache

from sqlmodel import Session

from ..core.known import Knowledge
from ..core.season.events import OBSERVABLE, growing_year_starts
from ..core.season.model import WORKS, SeasonAnswer, Site, TreeState, Work
from ..core.season.normals import Normals
from ..core.season.place import month_day, pocket_frost_dates
from ..core.season.season import season
from ..core.season.today import Verdict, verdict
from ..store import logbook, places
from ..store.tables import Block, LogEntry, Observation, SiteNormals
from ..store.tables import Site as SiteTable
from ..store.trees import TreeRecord, observations

HORIZON_DAYS = 420
Seen = Mapping[str, Mapping[str, Observation]]


@lru_cache(maxsize=4096)
def _season(
    know: Knowledge, site: Site, tree: TreeState, observed: tuple[tuple[str, dt.date], ...], first: dt.date, works: tuple[Work, ...]
) -> SeasonAnswer:
    return season(site, tree, know, first, first + dt.timedelta(days=HORIZON_DAYS), works, dict(observed))


def core_site(site: SiteTable, normals: SiteNormals, block: Block | None) -> Site:
    """A block's place: the station's normals moved by the block's offset, and the frost dates with them."""
    base = Normals(tuple(normals.tmin_c), tuple(normals.tmax_c))
    last, first = month_day(site.last_frost or ""), month_day(site.first_frost or "")
    offset = block.offset_c if block else 0.0
    last, first = pocket_frost_dates(base, last, first, offset)
    return Site(site.latitude, base.moved(offset), last, first, site.climate, frost_pocket=bool(block and block.frost_pocket))


def core_tree(record: TreeRecord, seen: Mapping[str, Observation], used_share: float) -> TreeState:
    """What the season needs of a tree, with its latest observed condition."""

    def value(kind: str) -> str | None:
        return seen[kind].value if kind in seen else None

    return TreeState(
        record.tree.species, record.tree.planted_year, record.cultivar, record.stem.rootstock, record.tree.pot_l is not None, record.tree.under_cover,
        int(value("vigour") or 0) or None, value("condition") or "healthy", int(value("freeze_class") or 0), value("fruit_on"), round(used_share, 6),  # type: ignore[arg-type]  # `observe` let only the known words in
    )  # fmt: skip


@dataclass
class SeasonDesk:
    """Answers season questions about many trees of one session, reading what they share once."""

    session: Session
    know: Knowledge
    day: dt.date

    def __post_init__(self) -> None:
        self._sites: dict[str, Site] = {}
        self._seen = observations(self.session)
        self._log: dict[str, list[LogEntry]] = {}
        for entry in logbook.in_force(logbook.entries(self.session, since=self.day - dt.timedelta(days=800))):
            self._log.setdefault(entry.tree_id, []).append(entry)

    def site(self, record: TreeRecord) -> Site:
        """The place of a tree's block."""
        if record.block.id not in self._sites:
            self._sites[record.block.id] = core_site(record.site, places.normals(self.session, record.site.id), record.block)
        return self._sites[record.block.id]

    def growing_year(self, record: TreeRecord, day: dt.date | None = None) -> dt.date:
        """Start of the growing year a day lies in."""
        on = day or self.day
        return max(s for s in growing_year_starts(self.site(record), on, on) if s <= on)

    def used(self, record: TreeRecord) -> float:
        """Live canopy cut in this growing year up to the day, as a share of the year's baseline."""
        start = self.growing_year(record)
        return sum(e.share or 0.0 for e in self._log.get(record.tree.id, []) if start <= e.date <= self.day)

    def state(self, record: TreeRecord) -> TreeState:
        """The tree's state on the day."""
        return core_tree(record, self._seen.get(record.tree.id, {}), self.used(record))

    def observed(self, record: TreeRecord) -> tuple[tuple[str, dt.date], ...]:
        """Observed season dates: the tree's own before its block's."""
        found: dict[str, dt.date] = {}
        for scope_id in (record.block.id, record.tree.id):
            for kind, seen in self._seen.get(scope_id, {}).items():
                if kind in OBSERVABLE:
                    found[kind] = dt.date.fromisoformat(seen.value)
        return tuple(sorted(found.items()))

    def season(self, record: TreeRecord, works: Sequence[Work] = WORKS) -> SeasonAnswer:
        """Events and segments from the day on, a year and more."""
        return _season(self.know, self.site(record), self.state(record), self.observed(record), self.day, tuple(works))

    def season_between(self, record: TreeRecord, first: dt.date, last: dt.date) -> SeasonAnswer:
        """Events and segments of a span, with the tree's state of the desk's day."""
        return season(self.site(record), self.state(record), self.know, first, last, WORKS, dict(self.observed(record)))

    def verdict(self, record: TreeRecord, work: Work) -> Verdict:
        """May I, today, do this to this tree."""
        return verdict(self.season(record, (work,)).segments, work, self.day)
