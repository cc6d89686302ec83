"""Backups taken while others write, put back whole or not at all."""

from __future__ import annotations

import datetime as dt
import errno
import hashlib
import json
import shutil
import sqlite3
import threading
import warnings
import zipfile
from contextlib import closing
from dataclasses import replace

import pytest

from billhook.services.backups import archive
from billhook.services.backups.archive import BadArchive, back_up
from billhook.services.backups.checking import check
from billhook.services.backups.restoring import restore, restored
from billhook.services.book import logbook
from billhook.services.holding import setting_up
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


def test_nothing_is_half_restored(garden, tmp_path):
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
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


def added(target, into, name: str):
    """The same archive with one file more."""
    shutil.copy(target, into)
    with warnings.catch_warnings(action="ignore"), zipfile.ZipFile(into, "a") as more:
        more.writestr(name, "x")
    return into


def deep(into):
    """An archive whose list is nested beyond reading."""
    with zipfile.ZipFile(into, "w") as made:
        made.writestr("manifest.json", "[" * 200_000)
    return into


def test_what_could_not_be_opened_is_refused_and_nothing_is_written(garden, tmp_path):
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    elsewhere = replace(garden.at.settings, data=tmp_path / "elsewhere")
    newer = spoiled(garden.at, tmp_path, "UPDATE alembic_version SET version_num = '9999'")
    loose = spoiled(garden.at, tmp_path, "UPDATE tree SET place_id = 'nowhere'")
    foreign = spoiled(garden.at, tmp_path, "DROP TABLE alembic_version")
    sly = spoiled(garden.at, tmp_path, "CREATE TRIGGER t AFTER INSERT ON tree BEGIN SELECT 1; END")
    view = spoiled(garden.at, tmp_path, "CREATE VIEW v AS SELECT 1")
    less = spoiled(garden.at, tmp_path, "DROP TABLE harvest")
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
        (repacked(target, tmp_path / "h.zip", sly), "holds a trigger"),
        (repacked(target, tmp_path / "i.zip", view), "holds a view"),
        (repacked(target, tmp_path / "j.zip", less), "lacks .* of harvest"),
        (added(target, tmp_path / "k.zip", "files/../../x"), "does not name"),
        (added(target, tmp_path / "l.zip", "billhook.sqlite"), "two files of one name"),
        (deep(tmp_path / "m.zip"), "not a Billhook archive"),
    ]
    for source, why in cases:
        with pytest.raises(BadArchive, match=why) as refused:
            restore(elsewhere, source)
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


def test_what_stood_there_is_kept_and_a_refused_archive_changes_nothing(garden, tmp_path):
    kept_before = {p.name for p in tmp_path.iterdir()}
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    data = tmp_path / "holding"
    shutil.copytree(garden.at.settings.data, data)
    settings = Settings(data=data)
    (data / "note.txt").write_text("mine")
    was = sorted(p.name for p in data.iterdir())
    with pytest.raises(BadArchive):
        restore(settings, deep(tmp_path / "deep.zip"))
    assert sorted(p.name for p in data.iterdir()) == was
    kept = restore(settings, target)
    assert kept is not None
    assert (kept / "note.txt").read_text() == "mine"
    assert not (data / "note.txt").exists()
    assert restored(settings) is not None
    # nothing else is left lying about
    assert {p.name for p in tmp_path.iterdir()} - kept_before == {
        "grove.zip",
        "deep.zip",
        "holding",
        kept.name,
    }
    again = restore(settings, target)
    assert again not in (None, kept)


def test_an_archive_that_swells_is_refused_before_it_is_unpacked(garden, tmp_path, monkeypatch):
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    bomb = tmp_path / "bomb.zip"
    content = bytes(80 * 1024 * 1024)
    with zipfile.ZipFile(target) as good, zipfile.ZipFile(bomb, "w", zipfile.ZIP_DEFLATED) as made:
        listed = json.loads(good.read("manifest.json"))
        listed["files"]["files/photos/a.jpg"] = hashlib.sha256(content).hexdigest()
        made.writestr("manifest.json", json.dumps(listed))
        made.writestr("billhook.sqlite", good.read("billhook.sqlite"))
        made.writestr("files/photos/a.jpg", content)
    assert bomb.stat().st_size < 2 * 1024 * 1024
    settings = Settings(data=tmp_path / "there")
    with pytest.raises(BadArchive, match="larger than Billhook keeps any"):
        restore(settings, bomb)
    tight = shutil._ntuple_diskusage(10**9, 10**9, 1000)
    monkeypatch.setattr("billhook.services.backups.checking.shutil.disk_usage", lambda _: tight)
    with pytest.raises(BadArchive, match="that are free"):
        restore(settings, target)
    assert not settings.data.exists()


def test_a_backup_bears_with_what_vanishes_and_leaves_nothing_where_the_disk_is_full(
    garden, tmp_path, monkeypatch
):
    photos = garden.at.settings.data / "files" / "photos"
    photos.mkdir(parents=True)
    (photos / "half.1.part").write_bytes(b"half")
    (photos / "gone.jpg").write_bytes(b"whole")
    seen = archive._contents

    def vanishing(database, data):
        for path, name in seen(database, data):
            if path.name == "gone.jpg":
                path.unlink()
            yield path, name

    monkeypatch.setattr(archive, "_contents", vanishing)
    target = back_up(garden.at.settings, tmp_path / "grove.zip")
    with zipfile.ZipFile(target) as made:
        assert made.namelist() == ["billhook.sqlite", "manifest.json"]

    def full(*_):
        raise OSError(errno.ENOSPC, "No space left on device")

    monkeypatch.setattr(archive, "_add", full)
    folder = tmp_path / "full"
    with pytest.raises(BadArchive, match="No space left"):
        back_up(garden.at.settings, folder / "x.zip")
    assert list(folder.iterdir()) == []


def test_a_target_that_cannot_be_written_is_one_sentence(garden, tmp_path, monkeypatch):
    def shut(*_, **__):
        raise OSError(errno.EROFS, "Read-only file system")

    monkeypatch.setattr(archive.tempfile, "TemporaryDirectory", shut)
    monkeypatch.setattr(archive.Path, "unlink", shut)
    with pytest.raises(BadArchive, match="could not be written: Read-only file system"):
        back_up(garden.at.settings, tmp_path / "x.zip")


def test_a_disk_that_can_only_be_read_is_rescued_with_what_was_written_last(
    garden, tmp_path, monkeypatch
):
    data = tmp_path / "lost"
    shutil.copytree(garden.at.settings.data, data)  # with what stands in the journal alone
    online = archive._online

    def cannot(source, copy):
        if "mode=ro" in source:
            raise sqlite3.OperationalError("attempt to write a readonly database")
        online(source, copy)

    monkeypatch.setattr(archive, "_online", cannot)
    target = back_up(Settings(data=data), tmp_path / "rescued.zip")
    assert check(target).trees == len(grove(garden.at, TODAY).trees)
