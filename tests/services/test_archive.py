"""Backups taken while others write, put back whole or not at all."""

from __future__ import annotations

import threading
import zipfile
from dataclasses import replace

import pytest

from billhook.services import logbook, planting
from billhook.services.archive import BadArchive, back_up, restore
from billhook.services.grove import grove
from billhook.services.workplace import open_workplace

from ..places import TODAY, new_id


def test_backup_while_running_and_restore(garden, tmp_path):
    stop = threading.Event()

    def write() -> None:
        while not stop.is_set():
            logbook.log_past_work(garden.at, garden.tree_ids[0], new_id(), TODAY, "sucker", 0.0)

    writer = threading.Thread(target=write)
    writer.start()
    try:
        target = back_up(garden.at.settings, tmp_path / "grove.zip")
    finally:
        stop.set()
        writer.join()
    (garden.at.settings.data / "files").mkdir()
    elsewhere = replace(garden.at.settings, data=tmp_path / "elsewhere")
    restore(elsewhere, target)
    again = open_workplace(elsewhere)
    assert [t.record.name for t in grove(again, TODAY).trees] == [t.record.name for t in grove(garden.at, TODAY).trees]
    assert len(logbook.log(again)) <= len(logbook.log(garden.at))
    again.store.close()


def test_files_travel_with_the_database(garden, tmp_path):
    photo = garden.at.settings.data / "files" / "ab" / "photo.jpg"
    photo.parent.mkdir(parents=True)
    photo.write_bytes(b"not really a picture")
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    elsewhere = replace(garden.at.settings, data=tmp_path / "elsewhere")
    restore(elsewhere, target)
    assert (elsewhere.data / "files" / "ab" / "photo.jpg").read_bytes() == b"not really a picture"


def test_nothing_is_written_over_or_half_restored(garden, tmp_path):
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    with pytest.raises(BadArchive, match="holds a database already"):
        restore(garden.at.settings, target)
    broken = tmp_path / "broken.zip"
    with zipfile.ZipFile(target) as good, zipfile.ZipFile(broken, "w") as bad:
        for name in good.namelist():
            data = good.read(name)
            bad.writestr(name, data if name == "manifest.json" else data[:2000] + b"x" * 100 + data[2100:])
    elsewhere = replace(garden.at.settings, data=tmp_path / "elsewhere")
    with pytest.raises(BadArchive, match="damaged"):
        restore(elsewhere, broken)
    (tmp_path / "note.zip").write_text("hello")
    with pytest.raises(BadArchive, match="not a Billhook archive"):
        restore(elsewhere, tmp_path / "note.zip")
    with zipfile.ZipFile(tmp_path / "sly.zip", "w") as sly:
        sly.writestr("manifest.json", '{"files": {"../../sly": "0"}}')
    with pytest.raises(BadArchive, match="outside"):
        restore(elsewhere, tmp_path / "sly.zip")
    assert not elsewhere.database.exists()


def test_no_database_no_backup(at, tmp_path):
    with pytest.raises(BadArchive, match="no database"):
        back_up(replace(at.settings, data=tmp_path / "nowhere"), tmp_path / "x.zip")
    planting.set_up(at, "G", "G", 36.8, "low-desert")
    assert back_up(at.settings, tmp_path / "x.zip").exists()
