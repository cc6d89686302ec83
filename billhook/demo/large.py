"""Almirelo Grande: a second demo of ten thousand trees or as many as are asked for, made by the
services' ways for many trees at once. Everything here is invented.
"""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Callable

from ..core.errors import BillhookError
from ..formats.tree_csv import write_trees
from ..services.book import harvests
from ..services.holding import people, setting_up, tree_lists
from ..services.season import settle
from ..services.tree import observing
from ..services.workplace import Workplace
from ..store import places
from ..store.tables import Block, Row
from .almirelo import HELPERS, TMAX, TMIN
from .layout import Terrace, tree_lines

NAME = "Almirelo Grande"
ROWS, PER_ROW = 25, 40
_ACROSS = 4  # blocks side by side
_A_LIST = 10  # blocks in one list of trees
_SEED = 19
_MAKER = uuid.UUID("0e3c8a52-0b0e-4a7b-9b6e-1f6a2f7f4a10")
# kind, cultivar, rootstock, height, spread, trunk, wanted height, month and day of the last pick
_PLANTINGS = (
    ("mandarin", "clementine", "carrizo", 2.9, 2.9, 104, 2.8, (1, 20), 38.0),
    ("navel-orange", "washington-navel", "carrizo", 3.1, 3.2, 112, 2.8, (2, 10), 42.0),
    ("mango", "osteen", "seedling", 2.8, 2.4, 95, 2.8, (9, 18), 24.0),
    ("avocado", "hass", "clonal-mexican", 4.6, 4.6, 160, 4.0, (4, 12), 32.0),
    ("lemon", "eureka", "macrophylla", 3.2, 3.3, 110, 3.0, None, 0.0),
)


class Large:
    """One such grove in the making, a thousand trees a block."""

    def __init__(self, at: Workplace, blocks: int) -> None:
        self.at, self.today, self.steps = at, at.today(), blocks

    def build(self, stepped: Callable[[int], None] = lambda _: None) -> None:
        """Blocks one after the other, then the helpers. stepped: told how many blocks stand."""
        low, high = TMIN, TMAX
        place = (NAME, NAME, 36.8, "mediterranean-coast", low, high, "02-12", "12-10")
        site = setting_up.set_up(self.at, *place, longitude=-3.5, elevation_m=90)
        for first in range(0, self.steps, _A_LIST):
            here = range(first, min(first + _A_LIST, self.steps))
            self._plant(site.id, [self._terrace(nth) for nth in here])
            for nth in here:
                self._block(site.id, nth)
                stepped(nth + 1)
        self._helpers()

    def _plant(self, site_id: str, terraces: list[Terrace]) -> None:
        lines = (
            line
            for nth, terrace in enumerate(terraces)
            for line in tree_lines((terrace,), self.today.year, _SEED + nth)
        )
        made = tree_lists.import_trees(self.at, site_id, write_trees(lines), save=True)
        if made.problems:
            raise BillhookError(f"the demo's own list is wrong: {made.problems[0]}")

    def _terrace(self, nth: int) -> Terrace:
        kind, cultivar, stock, height, spread, trunk, *_ = _PLANTINGS[nth % len(_PLANTINGS)]
        apart, along = 5.5, 4.0
        x = (nth % _ACROSS) * (PER_ROW * along + 18)
        y = -(nth // _ACROSS) * (ROWS * apart + 22)
        planted = 2010 + (nth * 3) % 11
        rows = tuple(range(1, ROWS + 1))
        made_of = (kind, cultivar, stock, planted, height, spread, trunk)
        name = f"Talhão {nth + 1}"
        return Terrace(name, rows, PER_ROW, x, y, along, apart, *made_of, turn_deg=1.0)

    def _block(self, site_id: str, nth: int) -> None:
        terrace = self._terrace(nth)
        with self.at.store.reading() as session:
            block = places.block_named(session, site_id, terrace.block)
            assert block is not None
            rows = [r for r in places.rows(session) if r.block_id == block.id]
            every_fifth: dict[str, list[str]] = {r.id: [] for r in rows[::5]}
            for tree in self.at.standing(session).within(block.id):
                if tree.row.id in every_fifth:
                    every_fifth[tree.row.id].append(tree.tree.id)
        *_, wanted, _picked, _kg = _PLANTINGS[nth % len(_PLANTINGS)]
        offset = -0.5 * (nth % 3)
        setting_up.describe_block(self.at, block.id, wanted, offset, nth % 3 == 2)
        self._picked(block, rows, nth)
        self._cut(every_fifth)

    def _picked(self, block: Block, rows: list[Row], nth: int) -> None:
        *_, last, kg = _PLANTINGS[nth % len(_PLANTINGS)]
        if last is None:
            return
        on = dt.date(self.today.year, *last)
        if on >= self.today:
            on = dt.date(self.today.year - 1, *last)
        observing.observe(self.at, "block", block.id, "harvest_end", on.isoformat(), on)
        for back in (1, 0):
            day = dt.date(on.year - back, on.month, on.day)
            heavy = (1.06, 0.92)[back]
            request = str(uuid.uuid5(_MAKER, f"{block.name} {day}"))
            weight = round(len(rows) * PER_ROW * kg * heavy)
            harvests.pick(self.at, request, "block", block.id, day, weight, HELPERS[0])

    def _cut(self, trees: dict[str, list[str]]) -> None:
        """Every fifth row had its suckers off last summer."""
        day = self.today - dt.timedelta(days=250)
        for row_id, ids in trees.items():
            request = str(uuid.uuid5(_MAKER, row_id))
            settle.done(self.at, ids, "sucker", day, HELPERS[1], 40.0, request)

    def _helpers(self) -> None:
        usual = people.usual_skills(self.at.know)
        for name, hours in ((HELPERS[0], 12.0), (HELPERS[1], 36.0), (HELPERS[2], 36.0)):
            person = str(uuid.uuid5(_MAKER, name))
            people.put_person(self.at, person, name, hours_week=hours, skills=usual)
