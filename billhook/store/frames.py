"""Frames: rows of limbs to core values and back, and the baseline of a growing year."""

from __future__ import annotations

import datetime as dt
from collections import defaultdict
from collections.abc import Sequence
from dataclasses import replace
from typing import Any

from sqlalchemy import delete, func, insert
from sqlalchemy import select as plain_select
from sqlmodel import Session, col, select

from ..core.choice import one_of
from ..core.frame.model import FLUSHES, STATES, Frame, Limb, Trunk
from ..core.frame.whole import Size, size_of
from ..core.words.values import say
from .acts import new_id
from .database import NotFound, StaleVersion
from .lights import lights
from .tables import Baseline, FrameRow, FrameSize, LimbRow, Stem


def _limb(row: LimbRow) -> Limb:
    return Limb(
        row.limb_key,
        row.parent,
        row.at_m,
        row.base_mm,
        row.length_m,
        row.rise_deg,
        row.bearing_deg,
        row.tip_mm,
        one_of(STATES, row.state),
        row.foliage,
        row.fruit,
        row.headed_mm,
        row.kind,
        row.bloom,
        one_of(FLUSHES, row.flush) if row.flush else None,
    )


def frame_of(session: Session, row: FrameRow) -> tuple[Frame, set[str]]:
    """The core's frame, and the keys of the limbs that were measured."""
    limbs = session.exec(
        select(LimbRow).where(LimbRow.frame_id == row.id).order_by(col(LimbRow.nth))
    ).all()
    return Frame(Trunk(row.trunk_mm, row.trunk_m), tuple(_limb(x) for x in limbs), row.union_m), {
        x.limb_key for x in limbs if x.measured
    }


def frame_row(session: Session, frame_id: str) -> FrameRow:
    """One frame. Raises: NotFound."""
    found = session.get(FrameRow, frame_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-frame", frame_id=frame_id))
    return found


def current_row(session: Session, stem_id: str) -> FrameRow | None:
    """The newest frame of a stem, or None before one was made."""
    return session.exec(
        select(FrameRow).where(FrameRow.stem_id == stem_id).order_by(col(FrameRow.seq).desc())
    ).first()


def rows_of(session: Session, stem_id: str) -> list[FrameRow]:
    """Every frame of a stem, the oldest first."""
    query = select(FrameRow).where(FrameRow.stem_id == stem_id).order_by(col(FrameRow.seq))
    return list(session.exec(query).all())


def row_on(session: Session, stem_id: str, day: dt.date) -> FrameRow | None:
    """The newest frame of a stem up to a day, else its first; None before one was made."""
    rows = rows_of(session, stem_id)
    return next((r for r in reversed(rows) if r.date <= day), rows[0] if rows else None)


def current_rows(session: Session, stem_ids: Sequence[str] | None = None) -> list[FrameRow]:
    """The newest frame of every stem, or of these."""
    of = select(FrameRow.stem_id, func.max(FrameRow.seq).label("seq")).group_by(FrameRow.stem_id)
    newest = (of if stem_ids is None else of.where(col(FrameRow.stem_id).in_(stem_ids))).subquery()
    query = select(FrameRow).join(
        newest, (col(FrameRow.stem_id) == newest.c.stem_id) & (col(FrameRow.seq) == newest.c.seq)
    )
    return list(session.exec(query).all())


def many_frames(session: Session, rows: list[FrameRow]) -> dict[str, Frame]:
    """Core frames by frame id, in one query."""
    wanted = {r.id for r in rows}
    limbs: dict[str, list[Limb]] = defaultdict(list)
    columns = (
        LimbRow.frame_id,
        LimbRow.limb_key,
        LimbRow.parent,
        LimbRow.at_m,
        LimbRow.base_mm,
        LimbRow.length_m,
        LimbRow.rise_deg,
        LimbRow.bearing_deg,
        LimbRow.tip_mm,
        LimbRow.state,
        LimbRow.foliage,
        LimbRow.fruit,
        LimbRow.headed_mm,
        LimbRow.kind,
        LimbRow.bloom,
        LimbRow.flush,
    )
    # more columns than SQLAlchemy types
    query = plain_select(*columns)  # type: ignore[call-overload]
    query = query.order_by(col(LimbRow.frame_id), col(LimbRow.nth))
    if len(wanted) < 400:
        query = query.where(col(LimbRow.frame_id).in_(wanted))
    for frame_id, *rest in session.connection().execute(query):
        if frame_id in wanted:
            limbs[frame_id].append(Limb(*rest))
    return {r.id: Frame(Trunk(r.trunk_mm, r.trunk_m), tuple(limbs[r.id]), r.union_m) for r in rows}


def sizes(session: Session, frame_ids: Sequence[str] | None = None) -> dict[str, Size]:
    """What frames measure as a whole, by frame id; of these or of all, as far as it was kept."""
    columns = FrameSize.__table__.c  # type: ignore[attr-defined]
    query = plain_select(*columns)
    if frame_ids is not None:
        query = query.where(columns.frame_id.in_(frame_ids))
    return {row[0]: Size._make(row[1:]) for row in session.connection().execute(query)}


def size_row(frame_id: str, size: Size) -> dict[str, Any]:
    """What a frame measures, as a row."""
    return {"frame_id": frame_id, **size._asdict()}


def keep_sizes(session: Session, found: dict[str, Size]) -> None:
    """Keep what frames measure."""
    rows = [size_row(frame_id, size) for frame_id, size in found.items()]
    if rows:
        session.connection().execute(insert(FrameSize).prefix_with("OR IGNORE"), rows)


def forget_sizes(session: Session, frame_ids: Sequence[str]) -> None:
    """Throw away what is kept of frames; it can be worked out again."""
    for some in (frame_ids[n : n + 500] for n in range(0, len(frame_ids), 500)):
        session.connection().execute(delete(FrameSize).where(col(FrameSize.frame_id).in_(some)))


def every_row(session: Session) -> list[FrameRow]:
    """All frames, without their limbs, read only."""
    return lights(session, FrameRow)


def unsized_rows(session: Session, most: int = 500) -> list[FrameRow]:
    """Frames whose size was never kept."""
    query = select(FrameRow).where(col(FrameRow.id).not_in(select(FrameSize.frame_id)))
    return list(session.exec(query.limit(most)).all())


def _limb_rows(frame_id: str, frame: Frame, measured: set[str]) -> list[dict[str, Any]]:
    return [
        {
            "frame_id": frame_id,
            "limb_key": x.id,
            "nth": nth,
            "parent": x.on,
            "at_m": x.at_m,
            "base_mm": x.base_mm,
            "tip_mm": x.tip_mm,
            "length_m": x.length_m,
            "rise_deg": x.rise_deg,
            "bearing_deg": x.bearing_deg,
            "state": x.state,
            "foliage": x.foliage,
            "fruit": x.fruit,
            "headed_mm": x.headed_mm,
            "kind": x.kind,
            "bloom": x.bloom,
            "flush": x.flush,
            "measured": x.id in measured,
        }
        for nth, x in enumerate(frame.limbs)
    ]


def _frame_row(
    tree_id: str,
    stem_id: str,
    frame: Frame,
    date: dt.date,
    origin: str,
    newest: FrameRow | None,
    frame_id: str | None,
) -> FrameRow:
    return FrameRow(
        id=frame_id or new_id(),
        tree_id=tree_id,
        stem_id=stem_id,
        seq=(newest.seq + 1) if newest else 1,
        date=date,
        origin=origin,
        previous_id=newest.id if newest else None,
        union_m=frame.union_m,
        trunk_mm=frame.trunk.diameter_mm,
        trunk_m=frame.trunk.height_m,
    )


def first_rows(
    tree_id: str, stem_id: str, frame: Frame, date: dt.date, origin: str
) -> tuple[dict[str, Any], list[dict[str, Any]], dict[str, Any]]:
    """The first frame of a new stem, its limbs and its size as rows, for putting down many at
    once.
    """
    frame_id = new_id()
    row = {
        "id": frame_id,
        "tree_id": tree_id,
        "stem_id": stem_id,
        "seq": 1,
        "date": date,
        "origin": origin,
        "previous_id": None,
        "union_m": frame.union_m,
        "trunk_mm": frame.trunk.diameter_mm,
        "trunk_m": frame.trunk.height_m,
    }
    return row, _limb_rows(frame_id, frame, set()), size_row(frame_id, size_of(frame))


def add_frame(
    session: Session,
    stem: Stem,
    frame: Frame,
    date: dt.date,
    origin: str,
    previous_id: str | None,
    measured: set[str],
    frame_id: str | None = None,
) -> FrameRow:
    """Append a frame to a stem. ``previous_id`` must be the stem's newest frame. The same id twice
    is one.

    Raises: StaleVersion when it is not.
    """
    known = session.get(FrameRow, frame_id) if frame_id else None
    if known is not None and known.stem_id == stem.id:
        return known
    newest = current_row(session, stem.id)
    if (newest.id if newest else None) != previous_id:
        raise StaleVersion(
            say("bad-someone-else-measured-or-cut-this"),
            {"frame_id": newest.id if newest else None},
        )
    row = _frame_row(stem.tree_id, stem.id, frame, date, origin, newest, frame_id)
    session.add(row)
    session.flush()
    limbs = _limb_rows(row.id, frame, measured)
    if limbs:
        session.connection().execute(insert(LimbRow), limbs)
    keep_sizes(session, {row.id: size_of(frame)})
    return row


def correct_foot(
    session: Session,
    stem: Stem,
    row: FrameRow,
    union_m: float | None,
    trunk_mm: float | None,
    date: dt.date,
) -> FrameRow:
    """The same frame with the union or the trunk measured anew; what is None stays."""
    frame, measured = frame_of(session, row)
    trunk = Trunk(
        trunk_mm if trunk_mm is not None else frame.trunk.diameter_mm, frame.trunk.height_m
    )
    union = frame.union_m if union_m is None else min(union_m, frame.trunk.height_m)
    return add_frame(
        session,
        stem,
        replace(frame, trunk=trunk, union_m=union),
        date,
        row.origin,
        row.id,
        measured,
    )


def baseline(session: Session, tree_id: str, first: dt.date, last: dt.date) -> FrameRow | None:
    """The frame that was there before the first cut of the growing year from ``first`` to ``last``,
    where one is set.
    """
    query = select(Baseline).where(
        Baseline.tree_id == tree_id, Baseline.first_cut >= first, Baseline.first_cut <= last
    )
    found = session.exec(query.order_by(col(Baseline.first_cut))).first()
    return frame_row(session, found.frame_id) if found else None


def set_baseline(
    session: Session, tree_id: str, year: tuple[dt.date, dt.date], first_cut: dt.date, frame_id: str
) -> None:
    """Make a frame the total of a growing year, unless one is set already."""
    if baseline(session, tree_id, *year) is None:
        session.add(Baseline(tree_id=tree_id, first_cut=first_cut, frame_id=frame_id))
        session.flush()


def stems_once_measured(session: Session) -> set[str]:
    """Stems whose frame was measured at some time; frames after a plan keep what was measured."""
    return set(
        session.exec(select(FrameRow.stem_id).where(FrameRow.origin == "measured").distinct()).all()
    )
