"""A tree traced on a picture: the frame it gives, kept with the touches, and where each limb is
seen on the picture afterwards.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, replace
from typing import Any

from ...core.errors import invalid
from ...core.frame.traced import Trace, Traced, trace_frame
from ...core.words.units import Units
from ...core.words.values import say
from ...store import frames
from ...store.database import NotFound
from ...store.photos import save_traces, traces_of
from ...store.picture_tables import Photo
from ...store.picture_tables import Trace as TraceRow
from ...store.tables import FrameRow
from ...store.trees import tree_record
from ..workplace import Workplace
from .framing import save_frame


def traced(at: Workplace, trace: Trace, units: Units = "metric") -> Traced:
    """What a trace comes to, nothing kept. Raises: InvalidInput."""
    return trace_frame(at.know, trace, units)


def save_trace(
    at: Workplace,
    tree_id: str,
    trace_id: str,
    photo_id: str,
    trace: Trace,
    touched: dict[str, Any],
    date: dt.date,
) -> None:
    """Keep a trace and the frame it gives, in place of the one before, which stays in the history.
    The same id twice keeps it once. touched: as it was sent, to be shown again.

    Raises: NotFound for a tree or photo that is none; InvalidInput.
    """
    with at.store.reading() as session:
        if session.get(TraceRow, trace_id) is not None:
            return
        record = tree_record(session, tree_id)
        photo = session.get(Photo, photo_id)
        if photo is None or photo.tree_id != tree_id:
            raise invalid("/photo_id", say("bad-there-is-no-such-photo-of"))
        before = frames.current_row(session, record.stem.id)
        union_m = record.stem.union_m
    frame = traced(at, trace).frame
    if not frame.limbs:
        raise invalid("/limbs", say("bad-touch-at-least-one-limb-its"))
    if frame.union_m is None:
        frame = replace(frame, union_m=union_m)
    limbs = {x.id for x in frame.limbs}
    previous = before.id if before else None
    # one id for both, so that a trace that was sent twice is one frame
    made = save_frame(at, tree_id, frame, previous, limbs, date, trace_id, origin="traced")
    with at.store.writing() as session:
        row = TraceRow(
            id=trace_id, tree_id=tree_id, frame_id=made.id, photo_id=photo_id, touched=touched
        )
        save_traces(session, row)


@dataclass(frozen=True)
class SeenOn:
    """The picture a tree was last traced on, and which of its limbs still stand."""

    photo: Photo
    touched: dict[str, Any]
    standing: tuple[str, ...]


def seen_on(at: Workplace, tree_id: str) -> SeenOn:
    """Raises: NotFound for a tree that was not traced, or was measured anew since."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        found = traces_of(session, tree_id)
        row = frames.current_row(session, record.stem.id)
        if not found or row is None or not _comes_of(session, row, found[-1].frame_id):
            raise NotFound(say("bad-this-tree-was-not-traced-on"))
        last = found[-1]
        photo = session.get(Photo, last.photo_id)
        assert photo is not None
        frame, _ = frames.frame_of(session, row)
        here = {x.id for x in frame.limbs}
        known = [x["id"] for x in last.touched["limbs"]]
        return SeenOn(photo, last.touched, tuple(x for x in known if x in here))


def _comes_of(session: Any, row: FrameRow, frame_id: str) -> bool:
    """Whether a frame is the traced one, or what cuts and corrections left of it."""
    at: FrameRow | None = row
    while at is not None and at.id != frame_id:
        at = session.get(FrameRow, at.previous_id) if at.previous_id else None
    return at is not None
