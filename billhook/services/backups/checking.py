"""Whether an archive could be put back: looked at to the last row before anything is written where
it would count.
"""

from __future__ import annotations

import hashlib
import json
import re
import shutil
import sqlite3
import stat
import tempfile
import zipfile
import zlib
from contextlib import closing
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path
from typing import Any

from sqlalchemy.exc import SQLAlchemyError

from ...core.words.values import say
from ...store.upgrade import CannotOpen, bring_up_to_date, check_revision, damage_of
from ..progress import part, through
from .archive import DATABASE, MANIFEST, BadArchive, room_beside
from .package import extract_photos, is_package, read_in

_MIB = 1024 * 1024
_MANIFEST_BYTES = 64 * _MIB
_FILE_BYTES = 64 * _MIB
_DATABASE_BYTES = 8 * 1024 * _MIB
_MEMBERS = 500_000
_CHUNK = _MIB
_FILE_NAME = re.compile(r"files(/[A-Za-z0-9][A-Za-z0-9._-]{0,127}){1,6}")
_SPARE = 0.9
"""Of the room on the disk, what an archive may take."""


@dataclass(frozen=True)
class Checked:
    """A whole archive, unpacked and brought up to date: its files, and the moment it is of as it
    says so itself.
    """

    names: list[str]
    made: str | None
    trees: int


def check(source: Path) -> Checked:
    """Look whether an archive could be put back; nothing stays of it. Raises: BadArchive."""
    try:
        with room_beside(source) as folder:
            return unpack(source, Path(folder))
    except OSError as error:
        raise BadArchive(f"{source} could not be checked: {error.strerror or error}") from error


def unpack(source: Path, folder: Path) -> Checked:
    """Unpack an archive into an empty folder, check it to the last row and bring it up to date.
    Raises: BadArchive in one sentence; OSError of the disk that it is written to.
    """
    if not source.is_file():
        raise BadArchive(f"there is no file {source}")
    try:
        with zipfile.ZipFile(source) as archive:
            _refuse_swollen(archive, shutil.disk_usage(folder).free)
            if is_package(archive):
                made: str | None = read_in(archive, folder / DATABASE)
                names = [DATABASE, *extract_photos(archive, folder)]
            else:
                made, names = _unpack_backup(archive, folder)
    except (
        zipfile.BadZipFile,
        zlib.error,
        KeyError,
        ValueError,
        TypeError,
        EOFError,
        RecursionError,
        RuntimeError,  # one that asks for a password
        NotImplementedError,  # packed as zipfile does not unpack
    ) as error:
        said = str(error).strip().splitlines()
        raise BadArchive(
            f"{source} is not a Billhook archive, or is damaged: {said[0] if said else error!r}"
        ) from error
    part(say("restore-checking"))
    trees = _check_database(source, folder / DATABASE)
    for left in folder.glob(f"{Path(DATABASE).stem}.*"):
        if left.name != DATABASE:  # what bringing it up to date keeps beside it
            left.unlink()
    return Checked(names, made, trees)


def _unpack_backup(archive: zipfile.ZipFile, folder: Path) -> tuple[str | None, list[str]]:
    """The moment a backup is of, as it says, and its files."""
    manifest = _manifest(archive)
    listed = _names(archive, manifest)
    for name, digest in through(list(listed.items()), say("restore-unpacking")):
        if _extract(archive, name, folder) != digest:
            raise BadArchive(f"{name} in the archive is damaged")
    made = manifest.get("made")
    return made if isinstance(made, str) else None, list(listed)


def _refuse_swollen(archive: zipfile.ZipFile, room: int) -> None:
    """Raises: BadArchive for one that unpacked holds more, or larger files, than Billhook keeps, or
    than there is room for [bytes].
    """
    members = archive.infolist()
    if len(members) > _MEMBERS:
        raise BadArchive(f"the archive holds more than {_MEMBERS:,} files")
    if len({info.filename for info in members}) < len(members):
        raise BadArchive("the archive holds two files of one name")
    for info in members:
        large = info.filename == DATABASE or info.filename.endswith(".csv")
        if info.file_size > (_DATABASE_BYTES if large else _FILE_BYTES):
            raise BadArchive(f"{info.filename[:80]!r} is larger than Billhook keeps any")
    total = sum(info.file_size for info in members)
    if total > room * _SPARE:
        raise BadArchive(
            f"unpacked it takes {total / _MIB:,.0f} MB, more than the {room / _MIB:,.0f} MB that "
            "are free"
        )


def _manifest(archive: zipfile.ZipFile) -> dict[str, Any]:
    if archive.getinfo(MANIFEST).file_size > _MANIFEST_BYTES:
        raise BadArchive("the list of what the archive holds is too large to be one")
    found = json.loads(archive.read(MANIFEST))
    if not isinstance(found, dict) or not isinstance(found.get("files"), dict):
        raise ValueError("its list names no files")
    return found


def _names(archive: zipfile.ZipFile, manifest: dict[str, Any]) -> dict[str, str]:
    """Digests by name, none of which leads out of the folder. Raises: BadArchive, KeyError for a
    file that is named and not there.
    """
    listed: dict[str, str] = manifest["files"]
    known = archive.namelist()
    for name in listed:
        if name != DATABASE and not _FILE_NAME.fullmatch(name):
            raise BadArchive(f"the archive holds a file outside its folder: {name[:80]!r}")
    if DATABASE not in listed:
        raise BadArchive("the archive holds no database")
    for name in listed:
        info = archive.getinfo(name)
        if stat.S_ISLNK(info.external_attr >> 16):
            raise BadArchive(f"{name} in the archive is a link, not a file")
    if unknown := set(known) - {*listed, MANIFEST}:
        raise BadArchive(f"the archive holds what its list does not name: {min(unknown)[:80]!r}")
    return listed


def _extract(archive: zipfile.ZipFile, name: str, folder: Path) -> str:
    """Unpack a file, no more of it than its header says. Returns: its digest."""
    place = folder / name
    place.parent.mkdir(parents=True, exist_ok=True)
    digest = hashlib.sha256()
    with archive.open(name) as source, place.open("xb") as sink:
        while chunk := source.read(_CHUNK):
            digest.update(chunk)
            sink.write(chunk)
    return digest.hexdigest()


def _check_database(source: Path, database: Path) -> int:
    """Its trees, where it is whole and Billhook's, and is brought up to date. Raises: BadArchive
    for one that is damaged, of a newer Billhook, or not Billhook's.
    """
    try:
        if check_revision(database) is None:
            raise BadArchive(f"the database in {source} is empty")
        if more := _acts_by_itself(database):
            raise BadArchive(f"the database in {source} holds {more}, which Billhook's never does")
        broken = damage_of(database)
        if broken is not None:
            raise BadArchive(f"the database in {source} is damaged: {broken}")
        bring_up_to_date(database)
        if missing := _tables_of_today() - _tables(database):
            table, column = min(missing)
            raise BadArchive(f"the database in {source} lacks {column} of {table}")
        with closing(sqlite3.connect(database)) as whole:
            return int(
                whole.execute("SELECT count(*) FROM tree WHERE removed_on IS NULL").fetchone()[0]
            )
    except CannotOpen as error:
        raise BadArchive(
            f"{source} cannot be opened: {error}".replace(str(database), "its database")
        ) from error
    except (sqlite3.Error, SQLAlchemyError) as error:
        said = str(getattr(error, "orig", error)).splitlines()[0]
        raise BadArchive(f"the database in {source} is damaged: {said}") from error


def _acts_by_itself(database: Path) -> str | None:
    """What a database would do by itself when it is used."""
    with closing(sqlite3.connect(database)) as found:
        row = found.execute(
            "SELECT type || ' ' || name FROM sqlite_master WHERE type IN ('trigger', 'view')"
            " OR sql LIKE 'CREATE VIRTUAL%' LIMIT 1"
        ).fetchone()
    return f"a {row[0]}" if row else None


@lru_cache(maxsize=1)
def _tables_of_today() -> frozenset[tuple[str, str]]:
    """Every column of every table that this Billhook knows."""
    with tempfile.TemporaryDirectory(ignore_cleanup_errors=True) as folder:
        new = Path(folder) / DATABASE
        bring_up_to_date(new)
        return frozenset(_tables(new))


def _tables(database: Path) -> set[tuple[str, str]]:
    """Every column of every table."""
    with closing(sqlite3.connect(database)) as found:
        return set(
            found.execute(
                "SELECT m.name, c.name FROM sqlite_master m, pragma_table_info(m.name) c"
                " WHERE m.type = 'table'"
            )
        )
