"""Whose turn it is among the limbs of a tree."""

from __future__ import annotations

from sqlmodel import Session

from ...core.errors import invalid
from ...core.frame.known import is_drawn
from ...core.frame.model import TRUNK, Cut, Frame
from ...core.heights.ways import way
from ...core.heights.which import Ranked, rank_limbs
from ...core.known import Knowledge
from ...core.words.values import say
from ...store import frames
from ...store import rotations as kept
from ...store.trees import TreeRecord, tree_record
from ..walk.tree import walked_tree
from ..workplace import Workplace


def limb_seasons(
    session: Session, know: Knowledge, record: TreeRecord, frame: Frame, year: int
) -> dict[str, int]:
    """Years since the hard cut of each main limb, from what was ticked off; limbs never cut are not
    in it.
    """
    found: dict[str, int] = {}
    mains = {x.id: x for x in frame.limbs if x.on == TRUNK}
    headed_from = know.number("renewal/headed-from")
    for limb, _keep, tick in kept.cuts_done(session, record.tree.id):
        # a main limb that was headed ends in its own wound
        if limb in mains and mains[limb].headed_mm >= headed_from * mains[limb].base_mm:
            found[limb] = year - tick.date.year
    return found


def ranked(at: Workplace, tree_id: str, low_m: float | None = None) -> tuple[Ranked, ...]:
    """Which limb of a tree goes next. Raises: NotFound; InvalidInput for a tree that is not
    drawn.
    """
    with at.store.reading() as session:
        return ranked_in(at, session, tree_record(session, tree_id), low_m)


def drawn(session: Session, record: TreeRecord) -> bool:
    """Whether the limbs of a tree are known, and can be named."""
    row = frames.current_row(session, record.stem.id)
    return row is not None and is_drawn(*frames.frame_of(session, row))


def limb_in_turn(at: Workplace, session: Session, record: TreeRecord, goal: str) -> list[Cut]:
    """The cut of the limb whose turn it is, where a rotation of limbs is in force for the tree, its
    row or its block and the aim is to renew or lower.
    """
    if goal not in ("renew", "lower") or not drawn(session, record):
        return []
    force = [
        r
        for r in kept.rotations(session, [record.tree.id, record.row.id, record.block.id])
        if r.ended_on is None
    ]
    force = [r for r in force if way(at.know, r.school).in_turn]
    if not force:
        return []
    first = ranked_in(at, session, record, force[0].low_m)[:1]
    return [Cut(r.limb, r.keep_m) for r in first]


def ranked_in(
    at: Workplace, session: Session, record: TreeRecord, low_m: float | None
) -> tuple[Ranked, ...]:
    walked = walked_tree(at, session, record, at.today())
    if walked.tree.frame is None:
        raise invalid("", say("bad-its-limbs-are-not-known-measure"))
    seasons = limb_seasons(session, at.know, record, walked.tree.frame, at.today().year)
    return rank_limbs(
        at.know, walked.tree, at.know.number("renewal/low-m") if low_m is None else low_m, seasons
    )
