"""What a side of a drawn tree carries, said at once for its limbs."""

from __future__ import annotations

from ...core.errors import invalid, refuse
from ...core.frame.known import is_drawn
from ...core.fruit.by_side import Carries, carried, limbs_of_side
from ...core.words.values import say
from ...store import frames
from ...store.tables import FrameRow
from ...store.trees import tree_record
from ..workplace import Workplace


def say_side(at: Workplace, tree_id: str, seen: Carries, frame_id: str | None = None) -> FrameRow:
    """Write down what a side of a tree carries; the old drawing stays. The same id twice is one.

    Raises: NotFound; InvalidInput for a tree that is not drawn, a side without limbs, or nothing
    said; StaleVersion where it was drawn anew meanwhile.
    """
    said = (seen.fruit, seen.bloom, seen.flush)
    refuse({"/fruit": say("bad-say-fruit-bloom-or-flush") if said == (None, None, None) else None})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        row = frames.current_row(session, record.stem.id)
        if row is None or not is_drawn(*frames.frame_of(session, row)):
            raise invalid("", say("bad-its-limbs-are-not-known-measure"))
        frame, measured = frames.frame_of(session, row)
        none_there = not limbs_of_side(at.know, frame, seen.side_deg)
        refuse({"/side_deg": say("bad-no-limb-stands-on-that-side") if none_there else None})
        grown = carried(at.know, frame, seen)
        given = (grown, at.today(), row.origin, row.id, measured, frame_id)
        return frames.add_frame(session, record.stem, *given)
