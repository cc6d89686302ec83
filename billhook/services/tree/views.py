"""A tree as its page shows it: frame, verdicts, tasks and log."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.names import limb_names
from ...core.frame.geometry import Envelope, Point, envelope, limb_ends
from ...core.frame.known import Standing, is_drawn
from ...core.frame.model import Frame, is_sucker, roots_of
from ...core.frame.whole import Size, size_of
from ...core.season.budget import tree_age, yearly_budget
from ...core.season.model import WORKS, Work
from ...core.season.next_need import main_work
from ...core.season.today import Verdict
from ...core.words.values import Value
from ...store import frames, logbook, photos, plans
from ...store.acts import new_id
from ...store.picture_tables import Photo
from ...store.tables import FrameRow, Graft, Observation, Task
from ...store.trees import TreeRecord, further_grafts, observations, tree_record
from ...store.work_tables import LogEntry, Plan
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .sizes import Sizes, sizes_of


@dataclass(frozen=True)
class FrameView:
    """A frame as it is drawn: ends in space, names, which limbs were measured, which are
    suckers.
    """

    row: FrameRow
    frame: Frame
    ends: dict[str, tuple[Point, Point]]
    names: Mapping[str, Value]
    measured: set[str]
    suckers: set[str]
    outline: Envelope
    size: Size

    @property
    def drawn(self) -> bool:
        """Its main limbs were measured or traced; else it is an outline from sizes."""
        return is_drawn(self.frame, self.measured)


@dataclass(frozen=True)
class TreeView:
    """One tree on one day."""

    record: TreeRecord
    frame: FrameView | None
    seen: dict[str, Observation]
    sizes: Sizes
    used_share: float
    year_share: float
    main_work: Work
    verdicts: list[Verdict]
    tasks: list[Task]
    sheets: list[Plan]
    log: list[LogEntry]
    photos: list[Photo]
    grafts: list[Graft]

    @property
    def standing(self) -> Standing:
        """How well it is known."""
        if self.frame is not None and self.frame.drawn:
            return "drawn"
        sized = self.sizes.trunk_mm is not None and self.sizes.height_m is not None
        return "sized" if sized else "said"


def frame_view(at: Workplace, session: Session, row: FrameRow) -> FrameView:
    """A stored frame as it is drawn."""
    frame, measured = frames.frame_of(session, row)
    roots = roots_of(frame)
    suckers = {x.id for x in frame.limbs if is_sucker(frame, roots[x.id])}
    return FrameView(
        row,
        frame,
        limb_ends(frame),
        limb_names(frame),
        measured,
        suckers,
        envelope(frame),
        at.size(row.id, frame),
    )


def imagined_view(
    row: FrameRow,
    frame: Frame,
    day: dt.date,
    seq: int,
    origin: str = "simulated",
    frame_id: str | None = None,
) -> FrameView:
    """A frame that nobody stored, drawn as a later one of a stored frame's."""
    given = {"id": frame_id or new_id(), "date": day, "origin": origin, "seq": seq}
    roots = roots_of(frame)
    return FrameView(
        FrameRow(**{**row.model_dump(), **given}),
        frame,
        limb_ends(frame),
        limb_names(frame),
        {x.id for x in frame.limbs},
        {x.id for x in frame.limbs if is_sucker(frame, roots[x.id])},
        envelope(frame),
        size_of(frame),
    )


def tree_view(
    at: Workplace, tree_id: str, day: dt.date, works: tuple[Work, ...] = WORKS
) -> TreeView:
    """One tree with its frame, verdicts of the day, tasks, sheets and log. Raises: NotFound."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        row = frames.current_row(session, record.stem.id)
        desk = SeasonDesk(session, at, day)
        state, drawn = desk.state(record), frame_view(at, session, row) if row else None
        sizes = sizes_of(at, session, record)
        main = main_work(
            state.in_pot,
            record.row.kind == "hedgerow",
            sizes.height_m,
            record.cap_m,
            desk.young(record),
        )
        entries = logbook.entries(session, tree_id)
        return TreeView(
            record,
            drawn,
            dict(observations(session, [tree_id]).get(tree_id, {})),
            sizes,
            desk.used(record),
            yearly_budget(state, tree_age(state, day.year), at.know).share,
            main,
            [desk.verdict(record, work) for work in works],
            logbook.tasks(session, tree_id),
            plans.plans_of(session, tree_id),
            entries,
            photos.photos_of(session, tree_id),
            further_grafts(session, record.stem.id),
        )
