"""The demo's cold night, and what was seen of six trees after it, each of another class; what lies
ahead of the demo's day has not happened yet.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable, Sequence
from dataclasses import replace

from ..core.frame.model import TRUNK, Frame, Limb, is_sucker
from ..core.frost.classes import CLASSES
from ..core.tasks import NIGHT_TASKS
from ..services.book import logbook
from ..services.frost import cuts as frost_cuts
from ..services.frost import fruit as frost_fruit
from ..services.frost import grow_on as frost_grow_on
from ..services.frost import looking
from ..services.frost import night as frost_night
from ..services.frost.case import frost_case
from ..services.holding.grove import GroveTree
from ..services.plan import finishing, sheets
from ..services.tree import observing, views
from ..services.workplace import Workplace

_STATION_MIN_C = -1.6
_LOOKS = {
    "F2": ((9, "leaves-fell"),),
    "F3": ((15, "leaves-hang"), (58, "first-flush"), (175, "second-flush")),
    "F4": ((20, "bark-split"), (57, "first-flush"), (118, "collapsed"), (175, "second-flush")),
    "F5": ((16, "leaves-hang"), (24, "bark-split")),
    "F6": ((14, "leaves-hang"), (22, "bark-split")),
}
# how far the green went on the days of the tests, as a share of each main limb
_EDGES = {
    "F3": ((45, 0.82), (130, 0.8), (178, 0.8)),
    "F4": ((60, 0.6), (128, 0.38), (180, 0.38)),
    "F5": ((48, 0.0),),
    "F6": ((50, 0.0),),
}
_TESTED = 2


class ColdNight:
    """The night of ``night``, and the months after it."""

    def __init__(self, at: Workplace, night: dt.date, new_id: Callable[[], str]) -> None:
        self.at, self.night, self.new_id = at, night, new_id

    def happen(self, picked: Sequence[GroveTree]) -> None:
        """Write the night down, then what each tree showed."""
        if not picked:
            return
        site, block = picked[0].record.site.id, picked[0].record.block.id
        frost_night.night(
            self.at, site, self.night, _STATION_MIN_C, 4, save=True, source="own thermometer"
        )
        if self._come(6):
            frost_fruit.cut_sample(self.at, site, block, self.new_id(), 20, 7)
        for tree, hurt in zip(picked, CLASSES[1:], strict=False):
            tree_id = tree.record.tree.id
            observing.observe(self.at, "tree", tree_id, "freeze_class", hurt, self.night)
            for days, sign in _LOOKS.get(hurt, ()):
                if self._come(days):
                    looking.look(self.at, tree_id, self.new_id(), sign, self._on(days))
            for days, share in _EDGES.get(hurt, ()):
                if self._come(days):
                    self._scratch(tree_id, share, self._on(days))
            self._later(tree_id, hurt)
        self._settled()

    def _settled(self) -> None:
        """What the night asked for in its first weeks was done."""
        for task in logbook.open_tasks(self.at):
            if task.kind in NIGHT_TASKS and task.due < self.at.today() - dt.timedelta(days=20):
                logbook.settle_task(self.at, task.id, task.version, "done")

    def _on(self, days: int) -> dt.date:
        return self.night + dt.timedelta(days=days)

    def _come(self, days: int) -> bool:
        return self._on(days) <= self.at.today()

    def _frame(self, tree_id: str) -> Frame:
        view = views.tree_view(self.at, tree_id, self.at.today(), ("sucker",)).frame
        assert view is not None
        return view.frame

    def _scratch(self, tree_id: str, share: float, day: dt.date) -> None:
        """Test the first main limbs as the search asks, by an edge that is known here; where
        nothing is green, every limb at its base.
        """
        frame = self._frame(tree_id)
        mains = [x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)]
        if share == 0:
            for limb in mains:
                looking.scratch(self.at, tree_id, self.new_id(), limb.id, 0.0, False, day)
            return
        for limb in mains[:_TESTED]:
            edge = share * limb.length_m
            for _ in range(9):
                with self.at.store.reading() as session:
                    case = frost_case(self.at, session, tree_id)
                    assert case is not None
                    test = next(t for t in case.limbs if t.limb == limb.id)
                at_m = (
                    test.found.next_at_m
                    if test.found.next_at_m is not None
                    else test.again_at_m
                    if test.tested_on != day
                    else None
                )
                if at_m is None:
                    break
                looking.scratch(self.at, tree_id, self.new_id(), limb.id, at_m, at_m <= edge, day)

    def _cut(self, tree_id: str, day: dt.date) -> None:
        """The dead wood comes off on a day gone by, as it was done then."""
        then = replace(self.at, settings=replace(self.at.settings, fixed_today=day))
        if any(
            v.stage.name == "dead" and v.stage.may for v in frost_cuts.cut_stages(then, tree_id)
        ):
            plan = frost_cuts.stage_sheet(then, tree_id, self.new_id(), "dead")
            for line in sheets.sheet(then, plan.id).lines:
                sheets.tick(
                    then,
                    plan.id,
                    line.cut.id,
                    self.new_id(),
                    True,
                    day,
                    round(line.cost.wound_mm),
                    "the grower",
                )
            finishing.finish(then, plan.id, 1, day, "the grower")

    def _later(self, tree_id: str, hurt: str) -> None:
        """What is particular to a class: a stem dead on one side, shoots from above and below, a
        tree that came back.
        """
        if hurt == "F3" and self._come(190):
            self._cut(tree_id, self._on(190))
        if hurt in ("F1", "F2") and self._come(150):
            observing.observe(self.at, "tree", tree_id, "freeze_class", "F0", self._on(150))
        union = self._frame(tree_id).union_m or 0.0
        if hurt == "F5":
            for bearing, green in (
                (0, False),
                (180, True),
                (90, True),
                (270, False),
                (45, False),
                (225, True),
            ):
                if self._come(48):
                    looking.scratch(
                        self.at,
                        tree_id,
                        self.new_id(),
                        TRUNK,
                        union + 0.1,
                        green,
                        self._on(48),
                        bearing,
                    )
            if self._come(62):
                for key, up, mm, length, rise, bearing in (
                    ("new-1", 0.12, 11, 0.55, 82, 160),
                    ("new-2", 0.2, 8, 0.4, 58, 100),
                    ("new-3", 0.07, 6, 0.3, 40, 200),
                ):
                    frost_grow_on.add_shoot(
                        self.at,
                        tree_id,
                        Limb(key, TRUNK, round(union + up, 2), mm, length, rise, bearing),
                    )
        if hurt in ("F5", "F6") and self._come(62):
            low = Limb("new-low", TRUNK, round(max(0.02, union - 0.08), 2), 13, 0.7, 84, 250)
            frost_grow_on.add_shoot(self.at, tree_id, low)
        if hurt == "F5" and self._come(200):
            frost_grow_on.choose(self.at, tree_id, ["new-1", "new-2"])
        if hurt == "F6" and self._come(60):
            observing.observe(self.at, "tree", tree_id, "frost_above", "no", self._on(60))
            observing.observe(self.at, "tree", tree_id, "frost_below", "yes", self._on(60))
