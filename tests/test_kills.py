"""Killed at any moment under four writers who are signed in, with photos and backups under way,
nothing acknowledged is lost, nothing sent again is doubled, nothing is half there. ``make hard``
kills more often.
"""

from __future__ import annotations

import contextlib
import os
import random
import signal
import threading
import time

from PIL import Image
from sqlmodel import col, select

from billhook.services.backups.checking import check
from billhook.services.book import logbook, photos
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.acts import Act
from billhook.store.photos import photos_of
from billhook.store.upgrade import damage_of

from .killing import Writer, ask, free_port, let_in, planted, started, wait_for, written
from .places import TODAY
from .store.test_upgrade import counts, killed_while_migrating, unpacked

KILLS = int(os.environ.get("BILLHOOK_KILLS", "10"))
SEED = int(os.environ.get("BILLHOOK_SEED", "20270324"))
WRITERS = 4


class Owner(threading.Thread):
    """Makes backups, and cannot have enough of them."""

    def __init__(self, port: int, cookie: str) -> None:
        super().__init__(daemon=True)
        self.port, self.cookie, self.stop = port, cookie, threading.Event()

    def run(self) -> None:
        named = {"Content_Type": "application/json", "Cookie": self.cookie}
        while not self.stop.is_set():
            with contextlib.suppress(OSError, ValueError):
                ask(self.port, "POST", "/api/backups", b"{}", **named)
            time.sleep(0.2)


def killed_again_and_again(
    settings: Settings, writers: list[Writer], owner: Owner, port: int
) -> None:
    chance = random.Random(SEED)
    for nth in range(KILLS + 1):
        server = started(settings, port)
        for one in (*writers, owner) if nth == 0 else ():
            one.start()
        before = written(writers)
        wait_for(lambda before=before: written(writers) > before)
        if nth < KILLS:
            time.sleep(chance.uniform(0, 0.3))
            server.send_signal(signal.SIGKILL)
            server.wait()
    for one in (*writers, owner):
        one.stop.set()
    for one in (*writers, owner):
        one.join(timeout=30)
    server.send_signal(signal.SIGTERM)
    assert server.wait(timeout=30) == 0


def test_nothing_acknowledged_is_lost_under_four_writers(tmp_path):
    settings = Settings(data=tmp_path / "data", fixed_today=TODAY)
    trees = planted(settings, WRITERS)
    port = free_port()
    writers = [
        Writer(port, tree, let_in(settings, f"Helper {n}", "helper"))
        for n, tree in enumerate(trees)
    ]
    owner = Owner(port, let_in(settings, "Owner", "owner"))
    killed_again_and_again(settings, writers, owner, port)

    at = open_workplace(settings)
    entries = [line.entry.id for line in logbook.log(at, limit=1_000_000)]
    with at.store.reading() as session:
        pictures = {p.id for tree in trees for p in photos_of(session, tree)}
        wrote = dict(session.exec(select(Act.id, Act.person).where(col(Act.person) != "")).all())
    acknowledged = {act for w in writers for act in w.acknowledged}
    assert len(acknowledged) >= KILLS
    assert acknowledged <= set(entries) | pictures
    assert len(entries) == len(set(entries))
    assert set(entries) | pictures <= {act for w in writers for act in w.sent}
    for n, writer in enumerate(writers):
        assert {wrote[act] for act in writer.acknowledged} == {f"Helper {n}"}
    taken = [photo for w in writers for photo in w.photos]
    assert taken
    for photo in taken:
        with Image.open(photos.file_of(at, photo)) as picture:
            picture.load()
    files = {p.suffix for p in (settings.data / "files").rglob("*") if p.is_file()}
    assert files == {".jpg"}
    at.store.close()
    assert damage_of(settings.database) is None

    (backup,) = settings.backups_folder.iterdir()  # of one day, and nothing half made beside it
    assert check(backup).trees == WRITERS


def test_killed_while_migrating_a_folder_is_old_or_new_and_whole(tmp_path):
    folder = unpacked("0.1.0", tmp_path / "data")
    before = counts(folder / "billhook.sqlite")
    kills = max(20, KILLS // 5)
    assert killed_while_migrating(folder, kills) >= kills // 2
    open_workplace(Settings(data=folder, fixed_today=TODAY)).store.close()
    after = counts(folder / "billhook.sqlite")
    assert {t: after[t] for t in before} == before
