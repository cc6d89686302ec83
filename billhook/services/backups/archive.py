"""One archive of database and files, taken while Billhook runs."""

from __future__ import annotations

import datetime as dt
import hashlib
import json
import os
import shutil
import sqlite3
import tempfile
import zipfile
from collections.abc import Iterator
from contextlib import closing, contextmanager, suppress
from pathlib import Path

from ... import __version__
from ...core.errors import BillhookError
from ...settings import Settings

DATABASE, MANIFEST, FILES = "billhook.sqlite", "manifest.json", "files"
_CHUNK = 1024 * 1024


class BadArchive(BillhookError):
    """An archive that cannot be made, or that is damaged or foreign."""


def back_up(settings: Settings, target: Path) -> Path:
    """Write an archive. SQLite's online backup copies the database while others write to it; also
    from a disk that can only be read. Raises: BadArchive, with nothing left behind.
    """
    if not settings.database.exists():
        raise BadArchive(f"there is no database in {settings.data}")
    with written_whole(target, settings.database) as (archive, copy):
        _write(archive, copy, settings.data)
    return target


def room_beside(file: Path) -> tempfile.TemporaryDirectory[str]:
    """An empty folder on the disk of a file, gone after use. A server that stops while a thread of
    its own still writes there takes away what it can, without a word.
    """
    return tempfile.TemporaryDirectory(
        dir=file.parent, prefix=f".{file.name}-", ignore_cleanup_errors=True
    )


@contextmanager
def written_whole(target: Path, database: Path) -> Iterator[tuple[zipfile.ZipFile, Path]]:
    """An archive to be filled, and a copy of the database as it stands now to fill it from; it
    takes its name only when it is whole and on the disk. Raises: BadArchive, with nothing left.
    """
    part = target.with_name(target.name + ".part")
    try:
        target.parent.mkdir(parents=True, exist_ok=True)
        with room_beside(target) as folder:
            copy = Path(folder) / DATABASE
            copy_database(database, copy)
            with zipfile.ZipFile(part, "w", zipfile.ZIP_DEFLATED) as archive:
                yield archive, copy
        with part.open("rb") as written:
            os.fsync(written.fileno())
        part.replace(target)
    except (OSError, sqlite3.Error) as error:
        with suppress(OSError):
            part.unlink(missing_ok=True)
        why = getattr(error, "strerror", None) or str(error)
        raise BadArchive(f"{target} could not be written: {why}") from error


def copy_database(source: Path, copy: Path) -> None:
    """As it stands at one moment, while others write to it, or on a disk that can only be read."""
    try:
        _online(f"file:{source}?mode=ro", copy)
    except sqlite3.OperationalError:
        # nothing can be written beside it, which reading from it needs: read a copy of it and of
        # what was written last
        beside = copy.with_name("read-only.sqlite")
        for end in ("", "-wal"):
            if source.with_name(source.name + end).exists():
                shutil.copyfile(
                    source.with_name(source.name + end), beside.with_name(beside.name + end)
                )
        _online(f"file:{beside}", copy)


def _online(source: str, copy: Path) -> None:
    with closing(sqlite3.connect(source, uri=True)) as one, closing(sqlite3.connect(copy)) as other:
        one.backup(other)
        # one file, which needs nothing beside it to be read
        other.execute("PRAGMA journal_mode=DELETE")


def _write(archive: zipfile.ZipFile, database: Path, data: Path) -> None:
    """The parts, then the list of what they are."""
    listed: dict[str, str] = {}
    sizes: dict[str, int] = {}
    for path, name in _contents(database, data):
        try:
            listed[name], sizes[name] = _add(archive, path, name)
        except FileNotFoundError:
            continue  # half a photo, done or given up since it was seen
    manifest = {
        "billhook": __version__,
        "made": dt.datetime.now(dt.UTC).isoformat(),
        "files": listed,
        "sizes": sizes,
    }
    archive.writestr(MANIFEST, json.dumps(manifest, indent=1))


def _contents(database: Path, data: Path) -> Iterator[tuple[Path, str]]:
    yield database, DATABASE
    for path in sorted((data / FILES).rglob("*")):
        if path.suffix != ".part" and path.is_file() and not path.is_symlink():
            yield path, str(path.relative_to(data))


def _add(archive: zipfile.ZipFile, path: Path, name: str) -> tuple[str, int]:
    """Put a file in. Returns: its digest and size, as they are in the archive."""
    digest, size = hashlib.sha256(), 0
    with path.open("rb") as source, archive.open(name, "w", force_zip64=True) as sink:
        while chunk := source.read(_CHUNK):
            digest.update(chunk)
            size += len(chunk)
            sink.write(chunk)
    return digest.hexdigest(), size
