"""What is kept beside the records is worked out anew, and is then as the records say."""

from __future__ import annotations

from billhook.services.holding.rebuilding import rebuild
from billhook.store import frames


def test_what_was_kept_is_right_and_what_is_spoilt_is_mended(garden):
    at = garden.at
    with at.store.reading() as session:
        true = frames.sizes(session)
    assert true
    assert rebuild(at.settings) == f"{len(true):,} frames, 0 of which were kept otherwise"
    with at.store.writing() as session:
        run = session.connection().exec_driver_sql
        run("UPDATE framesize SET height_m = 99 WHERE frame_id = (SELECT min(id) FROM frame)")
        run("INSERT INTO framesize VALUES ('gone', 1, 1, 1, 0, 0, 0, NULL)")
    assert rebuild(at.settings).endswith("2 of which were kept otherwise")
    with at.store.reading() as session:
        assert frames.sizes(session) == true
