"""One tree: its record and frame, measuring it, correcting it, and taking the mean of a few for the
rest of a row.
"""

from __future__ import annotations

import datetime as dt
import zlib
from dataclasses import dataclass, replace

from sqlmodel import Session

from ..core.cuts.names import limb_names
from ..core.days import done_problem, planted_problem, seen_problem
from ..core.errors import FieldProblem, InvalidInput, refuse
from ..core.frame.check import checked
from ..core.frame.generator import habit, sketch_frame
from ..core.frame.geometry import Envelope, Point, envelope, limb_ends
from ..core.frame.model import Frame, is_sucker, roots_of
from ..core.observed import KINDS, value_problem
from ..core.season.budget import tree_age, yearly_budget
from ..core.season.model import WORKS, Work
from ..core.season.next_need import main_work
from ..core.season.today import Verdict
from ..store import frames, logbook, photos, places, plans
from ..store.database import StaleVersion
from ..store.tables import FrameRow, LogEntry, Observation, Photo, Plan, Task
from ..store.trees import TreeRecord, not_overtaken, observations, tree_record, tree_records
from .rotations import renew_tree
from .seasons import SeasonDesk
from .workplace import Size, Workplace


@dataclass(frozen=True)
class FrameView:
    """A frame as it is drawn: ends in space, names, which limbs were measured, which are
    suckers.
    """

    row: FrameRow
    frame: Frame
    ends: dict[str, tuple[Point, Point]]
    names: dict[str, str]
    measured: set[str]
    suckers: set[str]
    outline: Envelope
    size: Size


@dataclass(frozen=True)
class TreeView:
    """One tree on one day."""

    record: TreeRecord
    frame: FrameView | None
    seen: dict[str, Observation]
    used_share: float
    year_share: float
    main_work: Work
    verdicts: list[Verdict]
    tasks: list[Task]
    sheets: list[Plan]
    log: list[LogEntry]
    photos: list[Photo]


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


def tree_view(
    at: Workplace, tree_id: str, day: dt.date, works: tuple[Work, ...] = WORKS
) -> TreeView:
    """One tree with its frame, verdicts of the day, tasks, sheets and log. Raises: NotFound."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        row = frames.current_row(session, record.stem.id)
        desk = SeasonDesk(session, at, day)
        state, drawn = desk.state(record), frame_view(at, session, row) if row else None
        main = main_work(
            state.in_pot,
            record.row.kind == "hedgerow",
            drawn.size.height_m if drawn else None,
            record.block.cap_m,
            desk.young(record),
        )
        return TreeView(
            record,
            drawn,
            dict(observations(session, [tree_id]).get(tree_id, {})),
            desk.used(record),
            yearly_budget(state, tree_age(state, day.year), at.know).share,
            main,
            [desk.verdict(record, work) for work in works],
            logbook.tasks(session, tree_id),
            plans.plans_of(session, tree_id),
            logbook.entries(session, tree_id),
            photos.photos_of(session, tree_id),
        )


def save_frame(
    at: Workplace,
    tree_id: str,
    frame: Frame,
    previous_id: str | None,
    measured: set[str],
    date: dt.date,
    frame_id: str | None = None,
    origin: str = "measured",
) -> FrameRow:
    """Save what was measured or corrected as a new frame; the old one stays. Raises: InvalidInput,
    NotFound, StaleVersion.
    """
    refuse({"/date": done_problem(date, at.today())})
    checked(frame)
    unknown = measured - {x.id for x in frame.limbs}
    if unknown:
        raise InvalidInput([FieldProblem("/measured", f"there is no limb {sorted(unknown)[0]!r}")])
    most = at.know.number(
        "wood/sprout-leafing"
    )  # a shoot of this season bears a third of the leaf of wood as thick
    sprouts = tuple(
        replace(x, foliage=min(x.foliage, most)) if x.kind == "sprout" else x for x in frame.limbs
    )
    frame = replace(frame, limbs=sprouts)
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        stem = record.stem
        if stem.union_m != frame.union_m:
            stem.union_m = frame.union_m
            session.add(stem)
        made = frames.add_frame(session, stem, frame, date, origin, previous_id, measured, frame_id)
        renew_tree(at, session, record)
        return made


def sketched_frame(
    at: Workplace,
    name: str,
    species: str,
    cultivar: str | None,
    planted_year: int,
    height_m: float,
    spread_m: float,
    trunk_mm: float,
    union_m: float | None = None,
    fruit: int = 0,
    hedgerow: bool = False,
) -> Frame:
    """A frame of these sizes in the kind's habit. The tree's name and year seed it, so that it is
    always the same. Raises: InvalidInput for sizes no tree has.
    """
    form = "hedgerow" if hedgerow else None
    if form is None:
        of_cultivar = at.know.get(f"cultivars/{cultivar}/habit")
        form = str(of_cultivar.value) if of_cultivar else at.know.text(f"species/{species}/habit")
    seed = zlib.crc32(f"{name} {planted_year}".encode())
    return sketch_frame(height_m, spread_m, trunk_mm, habit(at.know, form), seed, union_m, fruit)


def sketch(
    at: Workplace,
    session: Session,
    record: TreeRecord,
    height_m: float,
    spread_m: float,
    trunk_mm: float,
    date: dt.date,
    fruit: int = 0,
) -> FrameRow:
    """Give a tree a sketched frame of these sizes. Raises: InvalidInput for sizes no tree has."""
    tree = record.tree
    frame = sketched_frame(
        at,
        record.name,
        tree.species,
        record.cultivar,
        tree.planted_year,
        height_m,
        spread_m,
        trunk_mm,
        record.stem.union_m,
        fruit,
        record.row.kind == "hedgerow",
    )
    current = frames.current_row(session, record.stem.id)
    return frames.add_frame(
        session, record.stem, frame, date, "sketched", current.id if current else None, set()
    )


def sketch_tree(
    at: Workplace, tree_id: str, height_m: float, spread_m: float, trunk_mm: float, date: dt.date
) -> FrameRow:
    """A sketched frame for one tree. Raises: InvalidInput, NotFound."""
    with at.store.writing() as session:
        return sketch(
            at, session, tree_record(session, tree_id), height_m, spread_m, trunk_mm, date
        )


def change_tree(
    at: Workplace, tree_id: str, version: int, changes: dict[str, object]
) -> TreeRecord:
    """Change a tree's record. Raises: StaleVersion with what holds now when somebody else changed
    it; NotFound; InvalidInput.
    """
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        if record.tree.version != version:
            raise StaleVersion(
                (
                    "Someone else changed this tree in the meantime. Nothing of yours is lost: "
                    "look, and save again."
                ),
                {"version": record.tree.version}
                | {k: getattr(record.tree, k, getattr(record.stem, k, None)) for k in changes},
            )
        _check_kinds(at, record, changes)
        for key, value in changes.items():
            setattr(
                record.stem if key in ("rootstock", "union_m", "union_mark") else record.tree,
                key,
                value,
            )
        record.tree.version += 1
        session.add(record.tree)
        session.add(record.stem)
        return record


def _check_kinds(at: Workplace, record: TreeRecord, changes: dict[str, object]) -> None:
    species = changes.get("species", record.tree.species)
    if species not in at.know.rows("species"):
        raise InvalidInput([FieldProblem("/species", f"{species!r} is not in the catalogue")])
    rootstock = changes.get("rootstock")
    if rootstock is not None and rootstock not in at.know.rows("rootstocks"):
        raise InvalidInput([FieldProblem("/rootstock", f"{rootstock!r} is not in the catalogue")])
    year = changes.get("planted_year")
    refuse({"/planted_year": planted_problem(year, at.today()) if isinstance(year, int) else None})


def remove_tree(at: Workplace, tree_id: str, version: int, date: dt.date) -> None:
    """A tree is gone; its place, frames and log stay. Raises: NotFound, StaleVersion, InvalidInput
    when it is gone already or for a day to come.
    """
    refuse({"/date": done_problem(date, at.today())})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        if record.tree.removed_on is not None:
            raise InvalidInput(
                [
                    FieldProblem(
                        "/date", f"the tree is gone since {record.tree.removed_on.isoformat()}"
                    )
                ]
            )
        if record.tree.version != version:
            raise StaleVersion(
                "Someone else changed this tree in the meantime.", {"version": record.tree.version}
            )
        record.tree.removed_on, record.tree.version = date, record.tree.version + 1
        session.add(record.tree)


def observe(
    at: Workplace,
    scope: str,
    scope_id: str,
    kind: str,
    value: str,
    date: dt.date,
    corrects: str | None = None,
    as_of: int | None = None,
) -> Observation:
    """Write down what was seen of a tree or block. as_of: the newest act that whoever saw it knew
    of.

    Raises: InvalidInput for a kind, value or day that makes no sense; NotFound; StaleVersion where
    something newer says otherwise.
    """
    if kind not in KINDS:
        raise InvalidInput([FieldProblem("/kind", f"must be one of {', '.join(KINDS)}")])
    refuse(
        {"/value": value_problem(kind, value, at.today()), "/date": seen_problem(date, at.today())}
    )
    with at.store.writing() as session:
        if scope == "tree":
            tree_record(session, scope_id)
        else:
            places.block(session, scope_id)
        not_overtaken(session, scope_id, kind, value, as_of)
        seen = Observation(
            scope=scope, scope_id=scope_id, kind=kind, value=value, date=date, corrects=corrects
        )
        session.add(seen)
        return seen


@dataclass(frozen=True)
class MeanOfRow:
    """Mean sizes of the measured trees of a row, and how many others took them."""

    from_trees: int
    height_m: float
    spread_m: float
    trunk_mm: float
    applied_to: int


def apply_row_mean(at: Workplace, row_id: str, date: dt.date) -> MeanOfRow:
    """Give every unmeasured tree of a row a sketch of the mean of its measured ones. Raises:
    InvalidInput when none is measured.
    """
    with at.store.writing() as session:
        records = tree_records(session, row_id=row_id)
        known = frames.stems_once_measured(session)
        measured = [r for r in records if r.stem.id in known]
        if not measured:
            raise InvalidInput(
                [
                    FieldProblem(
                        "/row_id",
                        "no tree of this row is measured yet; measure a few, five are plenty",
                    )
                ]
            )
        rows = [frames.current_row(session, r.stem.id) for r in measured]
        sizes = list(at.sizes(session, [r for r in rows if r]).values())
        height, spread, trunk = (
            sum(getattr(s, k) for s in sizes) / len(sizes)
            for k in ("height_m", "spread_m", "trunk_mm")
        )
        rest = [r for r in records if r.stem.id not in known]
        for record in rest:
            sketch(at, session, record, height, spread, trunk, date)
        return MeanOfRow(len(measured), height, spread, trunk, len(rest))
