"""Where the disk takes nothing it is said in one sentence, and nothing is half there."""

from __future__ import annotations

import errno
import io
import os
from pathlib import Path

import pytest
from PIL import Image

from ..places import TODAY, new_id

NOTE = 1000


def jpeg(comment: bytes = b"") -> bytes:
    out = io.BytesIO()
    Image.new("RGB", (60, 40), "green").save(out, "JPEG", comment=comment)
    return out.getvalue()


def photo(served, content: bytes, photo_id: str):
    return served.client.put(
        f"/api/photos/{photo_id}?tree_id={served.tree_id}&moment=before&day={TODAY.isoformat()}",
        data=content,
        content_type="image/jpeg",
    )


@pytest.fixture
def full(served):
    """The database may not grow by a page."""
    with served.at.store.engine.connect() as connection:
        pages = connection.exec_driver_sql("PRAGMA page_count").scalar()
    from sqlalchemy import event

    def tight(dbapi, *_):
        dbapi.execute(f"PRAGMA max_page_count={pages}")

    served.at.store.engine.dispose()
    event.listen(served.at.store.engine, "connect", tight)
    yield
    event.remove(served.at.store.engine, "connect", tight)
    served.at.store.engine.dispose()


def log(served, n: int):
    body = {"id": new_id(), "work": "sucker", "date": TODAY.isoformat(), "note": "n" * n}
    return served.client.post(f"/api/trees/{served.tree_id}/log", json=body)


def test_a_full_disk_is_said_and_what_stood_stands(served, full):
    said = None
    taken = 0
    for _ in range(200):
        said = log(served, NOTE)
        if said.status_code >= 300:
            break
        taken += 1
    assert said.status_code == 507, said.get_json()
    assert "runs Billhook is full. Nothing was written" in said.get_json()["detail"]
    told = served.client.get("/api/log").get_json()
    assert str(told).count("n" * NOTE) == taken


def test_a_photo_that_finds_no_room_leaves_no_part(served, monkeypatch):
    def no_room(_handle: int) -> None:
        raise OSError(errno.ENOSPC, "No space left on device")

    monkeypatch.setattr(os, "fsync", no_room)
    said = photo(served, jpeg(), new_id())
    assert said.status_code == 507
    files = Path(served.at.settings.data) / "files"
    assert [p for p in files.rglob("*") if p.is_file()] == []
    monkeypatch.undo()
    assert photo(served, jpeg(), new_id()).status_code < 300


def test_what_somebody_wrote_into_a_picture_does_not_stay(served):
    photo_id = new_id()
    assert photo(served, jpeg(b"behind the old well"), photo_id).status_code < 300
    kept = served.client.get(f"/api/photos/{photo_id}.jpg").data
    assert Image.open(io.BytesIO(kept)).size == (60, 40)
    assert b"old well" not in kept
