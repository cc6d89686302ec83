"""What is kept beside the records, so that thousands of trees are read quickly, worked out anew."""

from __future__ import annotations

from ...core.frame.whole import Size, size_of
from ...settings import Settings
from ...store import frames
from ..workplace import open_workplace

_AT_ONCE = 2000


def rebuild(settings: Settings) -> str:
    """Works out what every frame measures once more and keeps it; says of how many it differed."""
    at = open_workplace(settings)
    with at.store.reading() as session:
        rows = frames.every_row(session)
        kept = frames.sizes(session)
    wrong: dict[str, Size] = {}
    for some in (rows[n : n + _AT_ONCE] for n in range(0, len(rows), _AT_ONCE)):
        with at.store.reading() as session:
            drawn = frames.many_frames(session, some)
        true = {frame_id: size_of(frame) for frame_id, frame in drawn.items()}
        wrong |= {i: size for i, size in true.items() if kept.get(i) != size}
    gone = kept.keys() - {row.id for row in rows}
    with at.store.writing() as session:
        frames.forget_sizes(session, [*wrong, *gone])
        frames.keep_sizes(session, wrong)
    at.store.close()
    return f"{len(rows):,} frames, {len(wrong) + len(gone):,} of which were kept otherwise"
