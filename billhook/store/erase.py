"""Taking out what was entered by mistake. What happened is never taken out."""

from __future__ import annotations

from sqlmodel import Session, col, delete, select

from ..core.words.values import Value, say
from .frost_tables import FrostAssessment, Scratch
from .picture_tables import Photo
from .tables import (
    Aim,
    Baseline,
    FrameRow,
    Graft,
    LimbRow,
    Observation,
    PutOff,
    StanceChoice,
    Stem,
    Task,
    Tree,
)
from .trees import TreeRecord
from .walk_tables import Walk
from .work_tables import LogEntry, Plan

_HISTORY = (
    (LogEntry, say("history-log")),
    (Plan, say("history-sheet")),
    (Walk, say("history-walk")),
    (Photo, say("history-photos")),
    (Scratch, say("history-scratches")),
)


def history_of(session: Session, tree_id: str) -> list[Value]:
    """What a tree has that is kept, in words; nothing for one that was only entered."""
    return [
        words
        for table, words in _HISTORY
        if session.exec(select(table).where(col(table.tree_id) == tree_id)).first() is not None
    ]


def erase_tree(session: Session, record: TreeRecord) -> None:
    """A tree without a history, with its frames, what was seen of it, and its empty place."""
    tree_id = record.tree.id
    frames = select(FrameRow).where(FrameRow.tree_id == tree_id)
    rows = list(session.exec(frames.order_by(col(FrameRow.seq).desc())).all())
    stems = list(session.exec(select(Stem).where(Stem.tree_id == tree_id)).all())
    for table, column, keys in (
        (Baseline, Baseline.tree_id, [tree_id]),
        (LimbRow, LimbRow.frame_id, [r.id for r in rows]),
        (FrostAssessment, FrostAssessment.tree_id, [tree_id]),
        (PutOff, PutOff.tree_id, [tree_id]),
        (StanceChoice, StanceChoice.scope_id, [tree_id]),
        (Observation, Observation.scope_id, [tree_id]),
        (Task, Task.scope_id, [tree_id]),
        (Aim, Aim.scope_id, [tree_id]),
        (Graft, Graft.stem_id, [s.id for s in stems]),
    ):
        session.execute(delete(table).where(col(column).in_(keys)))
    for one in (*rows, *stems, record.tree):
        session.delete(one)
        session.flush()
    others = session.exec(select(Tree).where(Tree.place_id == record.place.id)).first()
    if others is None:
        session.delete(record.place)
