"""Backups taken while others write, put back whole or not at all."""

from __future__ import annotations

import datetime as dt
import hashlib
import json
import sqlite3
import threading
import zipfile
from contextlib import closing
from dataclasses import replace

import pytest

from billhook.services.book import logbook
from billhook.services.holding import setting_up
from billhook.services.holding.archive import BadArchive, back_up, restore, restored
from billhook.services.holding.grove import grove
from billhook.services.workplace import open_workplace
from billhook.settings import Settings

from ...places import TODAY, new_id
from ...store.test_upgrade import unpacked


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
    assert [t.record.name for t in grove(again, TODAY).trees] == [
        t.record.name for t in grove(garden.at, TODAY).trees
    ]
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
            bad.writestr(
                name, data if name == "manifest.json" else data[:2000] + b"x" * 100 + data[2100:]
            )
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
    setting_up.set_up(at, "G", "G", 36.8, "low-desert")
    assert back_up(at.settings, tmp_path / "x.zip").exists()


def repacked(target, into, database: bytes | None = None, manifest=None):
    """The same archive with another database, or another manifest."""
    with zipfile.ZipFile(target) as good, zipfile.ZipFile(into, "w") as made:
        listed = json.loads(good.read("manifest.json"))
        database = good.read("billhook.sqlite") if database is None else database
        listed["files"]["billhook.sqlite"] = hashlib.sha256(database).hexdigest()
        made.writestr("manifest.json", json.dumps(manifest(listed) if manifest else listed))
        made.writestr("billhook.sqlite", database)
    return into


def spoiled(at, tmp_path, sql: str) -> bytes:
    """The database with something changed in it."""
    copy = tmp_path / "copy.sqlite"
    copy.unlink(missing_ok=True)
    with (
        closing(sqlite3.connect(at.settings.database)) as source,
        closing(sqlite3.connect(copy)) as sink,
    ):
        source.backup(sink)
        sink.execute("PRAGMA journal_mode=DELETE")
        sink.execute(sql)
        sink.commit()
    return copy.read_bytes()


def test_what_could_not_be_opened_is_refused_and_nothing_is_written(garden, tmp_path):
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    elsewhere = replace(garden.at.settings, data=tmp_path / "elsewhere")
    newer = spoiled(garden.at, tmp_path, "UPDATE alembic_version SET version_num = '9999'")
    loose = spoiled(garden.at, tmp_path, "UPDATE tree SET place_id = 'nowhere'")
    foreign = spoiled(garden.at, tmp_path, "DROP TABLE alembic_version")
    drops = {"files": {}}
    cases = [
        (repacked(target, tmp_path / "a.zip", newer), "newer Billhook"),
        (repacked(target, tmp_path / "b.zip", loose), "point nowhere"),
        (repacked(target, tmp_path / "c.zip", foreign), "not Billhook's"),
        (repacked(target, tmp_path / "d.zip", b"no database" * 99), "cannot be read"),
        (repacked(target, tmp_path / "e.zip", b""), "is empty"),
        (repacked(target, tmp_path / "f.zip", manifest=lambda _: drops), "holds no database"),
        (
            repacked(target, tmp_path / "g.zip", manifest=lambda _: ["a list"]),
            "not a Billhook archive",
        ),
        (tmp_path / "missing.zip", "there is no file"),
    ]
    for archive, why in cases:
        with pytest.raises(BadArchive, match=why) as refused:
            restore(elsewhere, archive)
        assert "\n" not in str(refused.value)
        assert not elsewhere.data.exists() or not list(elsewhere.data.iterdir())
    assert [p.name for p in tmp_path.iterdir() if p.name.startswith(".restoring")] == []


def test_an_archive_of_an_earlier_version_is_brought_up_to_date(tmp_path):
    old = unpacked("0.2.0", tmp_path / "old")
    archive = tmp_path / "old.zip"
    with zipfile.ZipFile(archive, "w") as made:
        content = (old / "billhook.sqlite").read_bytes()
        made.writestr(
            "manifest.json",
            json.dumps({"files": {"billhook.sqlite": hashlib.sha256(content).hexdigest()}}),
        )
        made.writestr("billhook.sqlite", content)
    settings = Settings(data=tmp_path / "data", fixed_today=TODAY)
    restore(settings, archive)
    assert {p.name for p in settings.data.iterdir()} == {"billhook.sqlite", "restored.json"}
    at = open_workplace(settings)
    assert len(grove(at, TODAY).trees) == 3
    at.store.close()


def test_a_device_can_notice_that_an_older_state_was_put_back(garden, tmp_path):
    assert restored(garden.at.settings) is None
    before = dt.datetime.now(dt.UTC)
    kept = back_up(garden.at.settings, tmp_path / "kept.zip")
    again = Settings(data=tmp_path / "again")
    restore(again, kept)
    found = restored(again)
    assert found is not None
    assert before <= found.as_of <= found.at
