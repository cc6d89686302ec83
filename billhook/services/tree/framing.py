"""Frames of a tree: measured, sketched, or taken from its row."""

from __future__ import annotations

import datetime as dt
import zlib
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.frame.check import checked
from ...core.frame.generator import Habit, habit, sketch_frame
from ...core.frame.model import Frame
from ...core.words.values import say
from ...store import frames
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, save_trees, tree_record, tree_records
from ..heights.rotations import renew_tree
from ..workplace import Workplace


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
        raise invalid("/measured", say("bad-there-is-no-limb", limb=sorted(unknown)[0]))
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
            save_trees(session, stem)
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
    form = habit(at.know, "hedgerow") if hedgerow else form_of(at, species, cultivar)
    seed = zlib.crc32(f"{name} {planted_year}".encode())
    return sketch_frame(height_m, spread_m, trunk_mm, form, seed, union_m, fruit)


def form_of(at: Workplace, species: str, cultivar: str | None) -> Habit:
    """The habit of a cultivar, else of its kind."""
    of_cultivar = at.know.get(f"cultivars/{cultivar}/habit")
    name = str(of_cultivar.value) if of_cultivar else at.know.text(f"species/{species}/habit")
    return habit(at.know, name)


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
            raise invalid("/row_id", say("bad-no-tree-of-this-row-is"))
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
