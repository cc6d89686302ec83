"""A disk that is full, and one that can be written to no more, under people who are signed in: a
sentence, nothing half there, and once there is room what waited goes in.
"""

from __future__ import annotations

import contextlib
import signal
import subprocess
from pathlib import Path

import pytest

from billhook.services.book import logbook
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.upgrade import damage_of

from .killing import Writer, free_port, let_in, planted, started, wait_for, written
from .places import TODAY


def mount(*how: str) -> bool:
    return subprocess.run(["mount", *how], capture_output=True, check=False).returncode == 0


@pytest.fixture
def small_disk(tmp_path):
    disk = tmp_path / "disk"
    disk.mkdir()
    if not mount("-t", "tmpfs", "-o", "size=24m", "none", str(disk)):
        pytest.skip("no disk can be mounted here")
    yield disk
    subprocess.run(["umount", "-l", str(disk)], check=True)


def test_a_disk_that_takes_nothing_loses_nothing(small_disk: Path):
    settings = Settings(data=small_disk / "data", fixed_today=TODAY)
    port = free_port()
    writers = [
        Writer(port, tree, let_in(settings, f"Helper {n}", "helper"))
        for n, tree in enumerate(planted(settings, 2))
    ]
    server = started(settings, port)
    for writer in writers:
        writer.start()
    wait_for_more(writers)
    ballast = small_disk / "ballast"
    with contextlib.suppress(OSError), ballast.open("wb", buffering=0) as full:
        while True:
            full.write(bytes(4096))
    wait_for(lambda: all(w.refused for w in writers))
    assert {"is full" in said for w in writers for said in w.refused} == {True}
    ballast.unlink()
    wait_for_more(writers)
    for writer in writers:
        writer.refused.clear()
    if mount("-o", "remount,ro", str(small_disk)):  # not while a file is open to be written
        wait_for(lambda: all(w.refused for w in writers))
        assert {"cannot be written to" in s for w in writers for s in w.refused} == {True}
        assert mount("-o", "remount,rw", str(small_disk))
        wait_for_more(writers)
    for writer in writers:
        writer.stop.set()
    for writer in writers:
        writer.join(timeout=30)
    server.send_signal(signal.SIGTERM)
    assert server.wait(timeout=30) == 0
    at = open_workplace(settings)
    held = {line.entry.id for line in logbook.log(at, limit=1_000_000)}
    at.store.close()
    assert {a for w in writers for a in w.acknowledged if a not in w.photos} <= held
    assert damage_of(settings.database) is None
    assert not list(settings.data.rglob("*.part"))


def wait_for_more(writers: list[Writer]) -> None:
    before = written(writers)
    wait_for(lambda: written(writers) > before + 4)
