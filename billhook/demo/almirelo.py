"""The demo's history, made by running the services at past dates, as a grower would have: plant,
measure, cut, tick, finish, look again.
"""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Callable, Iterable
from dataclasses import replace

import numpy as np

from ..core.errors import BillhookError
from ..core.frame.model import TRUNK, Cut, Limb
from ..core.season.model import Work
from ..formats.tree_csv import TreeLine, write_trees
from ..services.book import harvests, logbook
from ..services.holding import setting_up, tree_lists
from ..services.holding.grove import GroveTree, grove
from ..services.plan import finishing, sheet_making, sheets
from ..services.season import stances
from ..services.season.desk import SeasonDesk
from ..services.tree import framing, observing, records, views
from ..services.workplace import Workplace
from .finds import careful_cuts, found_on, held_together
from .frost import ColdNight
from .layout import NORTH, SOUTH, SOUTHERN, TERRACES, tree_lines
from .picture import keep_pictures

_SEED = 20240611
_NAMES = uuid.UUID("6f2b3f0e-5a52-4c59-9a39-0d6a4c1f0b1a")
HELPERS = ("the grower", "first helper", "second helper")
# Normals of Almirelo, invented: a warm coast at 36.8° N.
TMIN = [7.6, 8.0, 9.3, 11.0, 13.9, 17.6, 20.2, 20.8, 18.9, 15.7, 11.9, 8.9]
TMAX = [15.8, 16.7, 18.9, 21.2, 24.9, 29.0, 32.3, 32.6, 29.2, 25.2, 20.2, 16.8]


class Almirelo:
    """One demo in the making; ids and chances follow from names and a seed, so that a day always
    gives the same demo.
    """

    def __init__(self, at: Workplace) -> None:
        self.at, self.today, self.steps = at, at.today(), len(self.STEPS)
        self.rng = np.random.default_rng(_SEED)
        self._count = 0

    STEPS = (
        "_places",
        "_losses",
        "_marks",
        "_measure",
        "_cold_night",
        "_seasons",
        "_picked",
        "_finds",
        "_open_sheet",
        "_pictures",
    )

    def build(self, stepped: Callable[[int], None] = lambda _: None) -> None:
        """Everything, in the order it happened."""
        for nth, step in enumerate(self.STEPS, 1):
            getattr(self, step)()
            stepped(nth)

    def _measure(self) -> None:
        self._standing = grove(self.at, self.today).trees
        self._measured = self._measured_trees()

    def _pictures(self) -> None:
        keep_pictures(self.at, self.today, self._id)

    def _id(self) -> str:
        self._count += 1
        return str(uuid.uuid5(_NAMES, f"{self.today}-{self._count}"))

    def _places(self) -> None:
        north = setting_up.set_up(
            self.at,
            NORTH,
            NORTH,
            36.8,
            "mediterranean-coast",
            TMIN,
            TMAX,
            "02-12",
            "12-10",
            longitude=-3.5,
            elevation_m=90,
        )
        south = setting_up.set_up(self.at, NORTH, SOUTH, -33.2, "inland-mediterranean")
        for site, terraces in ((north, TERRACES), (south, SOUTHERN)):
            text = write_trees(tree_lines(terraces, self.today.year, _SEED))
            made = tree_lists.import_trees(self.at, site.id, text, save=True)
            if made.problems:
                raise BillhookError(f"the demo's own list is wrong: {made.problems[0]}")
        blocks = {b.name: b.id for b in grove(self.at, self.today).blocks}
        for name, cap, offset, pocket, kind, height in (
            ("Baixo", 2.8, -1.5, True, "trees", 62),
            ("Patamares", 2.8, 0.5, False, "hedgerow", 84),
            ("Alto", 4.5, 1.0, False, "trees", 128),
            ("Casa", 3.2, 0.0, False, "trees", 96),
            ("Pátio", 1.6, 1.0, False, "trees", 95),
            ("Encosta", 2.8, 0.0, False, "trees", None),
        ):
            setting_up.describe_block(
                self.at, blocks[name], cap, offset, pocket, kind, elevation_m=height
            )
        stances.choose(self.at, "block", blocks["Alto"], "middle", "open-windows")
        stances.choose(self.at, "block", blocks["Casa"], "timing", "after-harvest")
        for years, late in (
            (1, 9),
            (2, 6),
        ):  # what the grower saw of the first flush in two springs
            seen = dt.date(self.today.year - years, 4, 4) + dt.timedelta(days=late)
            observing.observe(
                self.at, "block", blocks["Baixo"], "flush_start", seen.isoformat(), seen
            )

    def _marks(self) -> None:
        """Union marks of every standing tree, and the pots that winter under cover."""
        for tree in grove(self.at, self.today).trees:
            mark = {
                "Baixo": "yellow paint band",
                "Casa": "yellow paint band",
                "Alto": "aluminium tag",
            }.get(tree.record.block.name, "bark line")
            changes: dict[str, object] = {"union_mark": mark}
            if tree.record.block.name == "Pátio":
                changes["under_cover"] = True
            records.change_tree(self.at, tree.record.tree.id, tree.record.tree.version, changes)

    def _losses(self) -> None:
        """Trees that died; some places are planted again, through a list, as a grower would."""
        view = grove(self.at, self.today)
        lines = []
        for terrace in TERRACES:
            lost = set(terrace.gaps) | set(terrace.replanted)
            for tree in view.trees:
                r = tree.record
                if r.block.name == terrace.block and (r.row.n, r.place.n) in lost:
                    records.remove_tree(self.at, r.tree.id, r.tree.version, self._days_ago(900))
                    size = tree.size
                    if (
                        (r.row.n, r.place.n) in terrace.replanted
                        and size.height_m
                        and size.spread_m
                        and size.trunk_mm
                    ):
                        half = (
                            round(size.height_m * 0.5, 2),
                            round(size.spread_m * 0.45, 2),
                            round(size.trunk_mm * 0.35),
                        )
                        lines.append(
                            TreeLine(
                                r.block.name,
                                r.row.n,
                                r.place.n,
                                r.tree.species,
                                self.today.year - 2,
                                r.cultivar,
                                r.stem.rootstock,
                                None,
                                r.stem.union_m,
                                *half,
                            )
                        )
        tree_lists.import_trees(self.at, view.sites[0].id, write_trees(lines), save=True)

    def _days_ago(self, days: int) -> dt.date:
        return self.today - dt.timedelta(days=days)

    def _pick(self, block: str, places: Iterable[tuple[int, int]]) -> list[GroveTree]:
        wanted = set(places)
        return [
            t
            for t in self._standing
            if t.record.block.name == block and (t.record.row.n, t.record.place.n) in wanted
        ]

    def _measured_trees(self) -> list[GroveTree]:
        """Trees that somebody measured two years ago, limb by limb: sketch numbers with the scatter
        of a tape and a caliper.
        """
        chosen = [
            *self._pick(
                "Baixo", [(4, n) for n in range(1, 13)] + [(6, n) for n in range(5, 12)] + [(1, 2)]
            ),
            *self._pick("Alto", [(1, n) for n in range(1, 7)]),
            *self._pick("Patamares", [(2, n) for n in range(3, 9)]),
            *self._pick("Casa", [(1, 1), (1, 2), (2, 3), (3, 1), (4, 1)]),
            *self._pick("Pátio", [(1, 1), (3, 1)]),
        ]
        for tree in chosen:
            view = views.tree_view(self.at, tree.record.tree.id, self.today, ("sucker",))
            assert view.frame is not None
            limbs = tuple(self._taped(x) for x in view.frame.frame.limbs)
            frame = held_together(replace(view.frame.frame, limbs=limbs))
            framing.save_frame(
                self.at,
                tree.record.tree.id,
                frame,
                view.frame.row.id,
                {x.id for x in frame.limbs},
                self._days_ago(740),
                self._id(),
            )
        return chosen

    def _taped(self, limb: Limb) -> Limb:
        return replace(
            limb,
            base_mm=round(limb.base_mm * float(self.rng.normal(1, 0.04))),
            tip_mm=None if limb.tip_mm is None else round(limb.tip_mm * 0.97),
            length_m=round(limb.length_m * float(self.rng.normal(1, 0.05)), 2),
            rise_deg=round(limb.rise_deg + float(self.rng.normal(0, 3))),
            bearing_deg=round(limb.bearing_deg + float(self.rng.normal(0, 6))) % 360,
            at_m=round(limb.at_m, 2),
            foliage=round(float(self.rng.uniform(0.75, 1)), 2),
            fruit=int(self.rng.integers(2, 14)) if limb.on != TRUNK else 0,
        )

    def _cold_night(self) -> None:
        """One frost last winter in the lowest block, followed on trees of every class."""
        night = dt.date(self.today.year, 1, 19)
        if night >= self.today:
            night = dt.date(self.today.year - 1, 1, 19)
        ColdNight(self.at, night, self._id).happen(
            self._pick("Baixo", [(7, n) for n in range(3, 9)])
        )

    def _seasons(self) -> None:
        """Two seasons of work in their windows, found by asking the almanac itself, the way the
        grower would.
        """
        plan: list[tuple[Work, int, int]] = [
            ("thin", 2, 3),
            ("height", 2, 5),
            ("thin", 1, 4),
            ("sucker", 1, 2),
        ]
        for work, years, step in plan:
            for tree in self._measured[:: step + 1]:
                day = self._open_day(
                    tree,
                    work,
                    self._days_ago(365 * years + 60),
                    self._days_ago(365 * (years - 1) + 40),
                )
                if day is not None:
                    self._cut(tree, work, day)
        for tree in self._pick("Baixo", [(r, n) for r in (1, 2, 3) for n in (1, 5, 9, 11)]):
            day = self._open_day(tree, "thin", self._days_ago(330), self._days_ago(120))
            if day is not None:
                logbook.log_past_work(
                    self.at,
                    tree.record.tree.id,
                    self._id(),
                    day,
                    "thin",
                    0.08,
                    3.0,
                    2.9,
                    HELPERS[0],
                    "before the numbers were kept",
                )

    def _picked(self) -> None:
        """What each row gave in the last seasons, a heavy year after a light one."""
        months = {"Baixo": (1, 20, 38.0), "Patamares": (9, 18, 24.0), "Alto": (4, 12, 32.0)}
        rows: dict[tuple[str, str], int] = {}
        for tree in self._standing:
            if tree.record.block.name in months:
                key = (tree.record.block.name, tree.record.row.id)
                rows[key] = rows.get(key, 0) + 1
        for (block, row), count in sorted(rows.items()):
            month, day, kg = months[block]
            for back in (2, 1, 0):
                on = dt.date(self.today.year - back, month, day)
                if on < self.today:
                    swing = (1.0, 0.78, 1.12)[back] * float(self.rng.normal(1, 0.06))
                    harvests.pick(
                        self.at, self._id(), "row", row, on, round(count * kg * swing), HELPERS[0]
                    )

    def _open_day(
        self, tree: GroveTree, work: Work, first: dt.date, last: dt.date
    ) -> dt.date | None:
        """The first day from ``first`` on which the work is a go."""
        verdict = views.tree_view(self.at, tree.record.tree.id, first, (work,)).verdicts[0]
        day = first if verdict.status == "go" else verdict.opens
        return (
            None
            if day is None or day > last
            else day + dt.timedelta(days=3 if verdict.status != "go" else 0)
        )

    def _cut(self, tree: GroveTree, work: Work, day: dt.date) -> None:
        tree_id = tree.record.tree.id
        view = views.tree_view(self.at, tree_id, day, (work,))
        if view.frame is None or view.frame.row.date > day:
            return
        cuts = careful_cuts(view.frame.frame, work, view.verdicts[0].max_share)
        if not cuts:
            return
        plan = sheet_making.make_sheet(
            self.at, tree_id, self._id(), cuts, work, day, view.frame.row.id
        )
        who = HELPERS[int(self.rng.integers(0, 3))]
        made = sheets.sheet(self.at, plan.id)
        for line in made.lines:
            actual = round(line.cost.wound_mm * float(self.rng.normal(1, 0.05)))
            sheets.tick(self.at, plan.id, line.cut.id, self._id(), True, day, max(1, actual), who)
        entry = finishing.finish(self.at, plan.id, 1, day, who, minutes=round(made.minutes, 1))
        for task in views.tree_view(self.at, tree_id, day, ("sucker",)).tasks:
            if task.cause == entry.id and task.due < self._days_ago(20):
                logbook.settle_task(self.at, task.id, task.version, "done")

    def _bears(self, tree: GroveTree, day: dt.date) -> bool:
        """True from some months before a crop's first picking to its last fruit."""
        with self.at.store.reading() as session:
            desk = SeasonDesk(session, self.at, day)
            crops = [
                e
                for e in desk.season(tree.record, ("sucker",)).events
                if e.name == "harvest" and e.end >= day
            ]
        everbearing = bool(self.at.know.number(f"species/{tree.record.tree.species}/everbearing"))
        return everbearing or any((e.start - day).days < 150 for e in crops)

    def _finds(self) -> None:
        """What the last look found: suckers below the union, dead ends, sprouts, and fruit only
        where a crop hangs.
        """
        seen_on = self._days_ago(13)
        for i, tree in enumerate(self._measured):
            view = views.tree_view(self.at, tree.record.tree.id, self.today, ("sucker",))
            assert view.frame is not None
            frame = view.frame.frame
            if not self._bears(tree, seen_on):
                frame = replace(frame, limbs=tuple(replace(x, fruit=0) for x in frame.limbs))
            added = found_on(frame, i)
            full = held_together(replace(frame, limbs=(*frame.limbs, *added)))
            keep = view.frame.measured | {x.id for x in added}
            framing.save_frame(
                self.at, tree.record.tree.id, full, view.frame.row.id, keep, seen_on, self._id()
            )

    def _open_sheet(self) -> None:
        """One sheet waits to be ticked off: the first tree with something to take that costs no
        canopy.
        """
        for tree in self._measured[2:]:
            view = views.tree_view(self.at, tree.record.tree.id, self.today, ("sanitation",))
            assert view.frame is not None
            free = [x for x in view.frame.frame.limbs if x.kind == "sucker" or x.state == "dead"]
            if len(free) > 1:
                sheet_making.make_sheet(
                    self.at,
                    tree.record.tree.id,
                    self._id(),
                    [Cut(x.id, 0.0) for x in free],
                    "sanitation",
                    self.today,
                    view.frame.row.id,
                )
                return
