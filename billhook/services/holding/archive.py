"""One archive of database and files, taken while Billhook runs, and put back only when it is
whole.
"""

from __future__ import annotations

import datetime as dt
import hashlib
import json
import os
import sqlite3
import tempfile
import zipfile
import zlib
from dataclasses import dataclass
from pathlib import Path

from ... import __version__
from ...core.errors import BillhookError
from ...settings import Settings
from ...store.upgrade import CannotOpen, bring_up_to_date, check_revision, damage_of

_DATABASE, _MANIFEST, _FILES = "billhook.sqlite", "manifest.json", "files"
_RESTORED = "restored.json"


@dataclass(frozen=True)
class Restored:
    """An archive was put back: when, and of which moment it is; both UTC."""

    at: dt.datetime
    as_of: dt.datetime


class BadArchive(BillhookError):
    """An archive that is damaged, foreign, or would overwrite something."""


def back_up(settings: Settings, target: Path) -> Path:
    """Write an archive. SQLite's online backup copies the database while others write to it.
    Raises: BadArchive without a database.
    """
    if not settings.database.exists():
        raise BadArchive(f"there is no database in {settings.data}")
    with tempfile.TemporaryDirectory() as folder:
        copy = Path(folder) / _DATABASE
        source, sink = sqlite3.connect(settings.database), sqlite3.connect(copy)
        with sink:
            source.backup(sink)
        source.close()
        sink.close()
        contents = [
            (copy, _DATABASE),
            *(
                (f, str(f.relative_to(settings.data)))
                for f in sorted((settings.data / _FILES).rglob("*"))
                if f.is_file()
            ),
        ]
        manifest = {
            "billhook": __version__,
            "made": dt.datetime.now(dt.UTC).isoformat(),
            "files": {name: _digest(path) for path, name in contents},
        }
        part = target.with_name(target.name + ".part")
        with zipfile.ZipFile(part, "w", zipfile.ZIP_DEFLATED) as archive:
            archive.writestr(_MANIFEST, json.dumps(manifest, indent=1))
            for path, name in contents:
                archive.write(path, name)
        part.replace(target)
    return target


def restore(settings: Settings, source: Path) -> None:
    """Check an archive to the last row, bring it up to date, then put it into an empty data folder.
    Raises: BadArchive, with nothing written.
    """
    if settings.database.exists():
        raise BadArchive(f"{settings.data} holds a database already; restore into an empty folder")
    try:
        settings.data.parent.mkdir(parents=True, exist_ok=True)
        # beside the data folder, so that putting it in place is one step and no copying
        with tempfile.TemporaryDirectory(dir=settings.data.parent, prefix=".restoring-") as folder:
            names = _unpack(source, Path(folder))
            _check_database(source, Path(folder) / _DATABASE)
            _write_down(source, Path(folder) / _RESTORED)
            _put_in_place(Path(folder), settings.data, [*names, _RESTORED])
    except OSError as error:
        raise BadArchive(
            f"{source} could not be restored into {settings.data}: {error.strerror or error}"
        ) from error


def restored(settings: Settings) -> Restored | None:
    """When an archive was put into this data folder; None where none ever was."""
    try:
        said = json.loads((settings.data / _RESTORED).read_text(encoding="utf-8"))
        return Restored(*(dt.datetime.fromisoformat(said[k]) for k in ("at", "as_of")))
    except (OSError, ValueError, KeyError, TypeError):
        return None


def _write_down(source: Path, place: Path) -> None:
    """So that devices which know the holding notice that what was entered since is missing."""
    with zipfile.ZipFile(source) as archive:
        made = json.loads(archive.read(_MANIFEST)).get("made")
    as_of = made or dt.datetime.fromtimestamp(source.stat().st_mtime, dt.UTC).isoformat()
    now = dt.datetime.now(dt.UTC).isoformat()
    place.write_text(json.dumps({"at": now, "as_of": as_of}), encoding="utf-8")


def _unpack(source: Path, folder: Path) -> list[str]:
    """The archive's files, each as its manifest says. Raises: BadArchive."""
    if not source.is_file():
        raise BadArchive(f"there is no file {source}")
    try:
        with zipfile.ZipFile(source) as archive:
            listed = dict(json.loads(archive.read(_MANIFEST))["files"])
            for name in listed:
                if name.startswith("/") or ".." in Path(name).parts:
                    raise BadArchive(f"the archive holds a file outside its folder: {name}")
                archive.extract(name, folder)
    except (
        zipfile.BadZipFile,
        zlib.error,
        KeyError,
        ValueError,
        TypeError,
        EOFError,
        NotImplementedError,  # packed in a way that zipfile cannot read
    ) as error:
        raise BadArchive(f"{source} is not a Billhook archive, or is damaged: {error}") from error
    if _DATABASE not in listed:
        raise BadArchive(f"{source} holds no database")
    for name, digest in listed.items():
        if _digest(folder / name) != digest:
            raise BadArchive(f"{name} in the archive is damaged")
    return list(listed)


def _check_database(source: Path, database: Path) -> None:
    """Raises: BadArchive for a database that is damaged, of a newer Billhook, or not Billhook's;
    one of an older is brought up to date.
    """
    try:
        revision = check_revision(database)
        if revision is None:
            raise BadArchive(f"the database in {source} is empty")
        broken = damage_of(database)
        if broken is not None:
            raise BadArchive(f"the database in {source} is damaged: {broken}")
        bring_up_to_date(database)
    except CannotOpen as error:
        raise BadArchive(
            f"{source} cannot be opened: {error}".replace(str(database), "its database")
        ) from error


def _put_in_place(folder: Path, data: Path, names: list[str]) -> None:
    """The database last: a folder without it is an empty one."""
    for name in sorted(names, key=lambda n: n == _DATABASE):
        place = data / name
        place.parent.mkdir(parents=True, exist_ok=True)
        os.replace(folder / name, place)


def _digest(path: Path) -> str:
    return hashlib.sha256(path.read_bytes()).hexdigest()
