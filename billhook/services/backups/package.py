"""All of a holding as one open package: every table as CSV with its schema, places as GeoJSON,
photos; read back to the same holding.
"""

from __future__ import annotations

import datetime as dt
import hashlib
import io
import json
import re
import sqlite3
import zipfile
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path
from typing import Any, BinaryIO

from ... import __version__
from ...core.errors import InvalidInput
from ...core.words.values import say
from ...formats.data_package import (
    DESCRIPTION,
    Column,
    Row,
    Table,
    read_table,
    resource,
    write_table,
)
from ...store.upgrade import CannotOpen, check_revision, new_at
from ..holding.geojson import export_geojson
from ..progress import through
from ..workplace import Workplace
from .archive import FILES, BadArchive, written_whole

_TABLES, _PHOTOS, _PLACES = "data", "photos", "places"
_BESIDE = ("alembic_version",)  # said by the description
_PHOTO = re.compile(r"photos/[0-9a-f]{64}\.jpg")
_CHUNK = 2000


def pack(at: Workplace, target: Path) -> Path:
    """Write the package. Raises: BadArchive, with nothing left."""
    with written_whole(target, at.settings.database) as (package, copy):
        _write(at, package, copy)
    return target


def _write(at: Workplace, package: zipfile.ZipFile, copy: Path) -> None:
    with closing(sqlite3.connect(copy)) as database:
        tables = through(tables_of(database), say("package-tables"))
        resources = [_add_table(package, database, table) for table in tables]
        sites = database.execute("SELECT id, name FROM site ORDER BY name").fetchall()
        holding = database.execute("SELECT name FROM holding").fetchone()
    for n, (site_id, name) in enumerate(sites, 1):
        path = f"{_PLACES}/{n}.geojson"
        try:
            package.writestr(path, export_geojson(at, site_id))
        except InvalidInput:
            continue  # a place that nobody has put on the earth yet
        resources.append(_file(f"places-{n}", path, f"{name}, as GeoJSON", "application/geo+json"))
    photos = sorted((at.settings.data / FILES / _PHOTOS).glob("*.jpg"))
    for photo in through(photos, say("package-photos")):
        path = f"{_PHOTOS}/{photo.name}"
        package.write(photo, path, zipfile.ZIP_STORED)
        resources.append(_file(f"photo-{photo.stem}", path, "A photo", "image/jpeg"))
    described = {
        "name": "billhook-holding",
        "title": holding[0] if holding else "A holding",
        "created": dt.datetime.now(dt.UTC).isoformat(),
        "billhook": {"version": __version__, "revision": check_revision(copy)},
        "resources": resources,
    }
    package.writestr(DESCRIPTION, json.dumps(described, indent=1, ensure_ascii=False))


def _file(name: str, path: str, title: str, kind: str) -> dict[str, Any]:
    return {"name": name, "path": path, "title": title, "mediatype": kind}


def tables_of(database: sqlite3.Connection) -> list[Table]:
    """Every table, by name."""
    names = [
        name
        for (name,) in database.execute(
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'"
            " ORDER BY name"
        )
        if name not in _BESIDE
    ]
    return [
        Table(
            name,
            tuple(
                Column(c[1], c[2].split("(")[0], bool(c[5]))
                for c in database.execute(f'PRAGMA table_info("{name}")')
            ),
            tuple(
                (f[3], f[2], f[4])
                for f in database.execute(f'PRAGMA foreign_key_list("{name}")')
                if f[2] not in _BESIDE
            ),
        )
        for name in names
    ]


def _add_table(
    package: zipfile.ZipFile, database: sqlite3.Connection, table: Table
) -> dict[str, Any]:
    path = f"{_TABLES}/{table.name}.csv"
    columns = ", ".join(f'"{c.name}"' for c in table.columns)
    with package.open(path, "w", force_zip64=True) as raw:
        counted = _Counted(raw)
        text = io.TextIOWrapper(io.BufferedWriter(counted), "utf-8", newline="")
        rows = database.execute(f'SELECT {columns} FROM "{table.name}" ORDER BY rowid')
        write_table(text, table, rows)
        text.flush()
    return resource(table, path, counted.size, counted.digest.hexdigest())


class _Counted(io.RawIOBase):
    """Counts and digests what is written through it."""

    def __init__(self, to: Any) -> None:
        self._to = to
        self.size, self.digest = 0, hashlib.sha256()

    def writable(self) -> bool:
        return True

    def write(self, content: Any) -> int:
        self.size += len(content)
        self.digest.update(content)
        self._to.write(content)
        return len(content)


def is_package(archive: zipfile.ZipFile) -> bool:
    """Whether an archive is such a package."""
    return DESCRIPTION in archive.namelist()


def read_in(archive: zipfile.ZipFile, database: Path) -> str | None:
    """Make the database that a package describes, at the revision it was written by. Returns: when
    it was made, as it says. Raises: BadArchive; ValueError, KeyError for what is none.
    """
    described = json.loads(archive.read(DESCRIPTION))
    revision = str(described["billhook"]["revision"])
    try:
        new_at(database, revision)
    except CannotOpen as error:
        raise BadArchive(str(error)) from error
    listed = {str(r["name"]): r for r in described["resources"]}
    with closing(sqlite3.connect(database)) as made:
        # one row may point to one that comes later
        made.execute("PRAGMA foreign_keys=OFF")
        with made:
            for table in through(tables_of(made), say("package-reading")):
                if table.name not in listed:
                    raise BadArchive(f"the package lacks the table {table.name}")
                _read_table(archive, made, table, listed[table.name])
    made_at = described.get("created")
    return made_at if isinstance(made_at, str) else None


def _read_table(
    archive: zipfile.ZipFile, made: sqlite3.Connection, table: Table, said: dict[str, Any]
) -> None:
    path = f"{_TABLES}/{table.name}.csv"
    with archive.open(path) as raw:
        digested = _Digested(raw)
        text = io.TextIOWrapper(io.BufferedReader(digested), "utf-8", newline="")
        places = ", ".join("?" * len(table.columns))
        columns = ", ".join(f'"{c.name}"' for c in table.columns)
        made.execute(f'DELETE FROM "{table.name}"')
        try:
            for rows in _some(read_table(text, table)):
                made.executemany(f'INSERT INTO "{table.name}" ({columns}) VALUES ({places})', rows)
        except sqlite3.Error as error:
            raise BadArchive(f"the table {table.name} cannot be taken in: {error}") from error
    if said.get("hash") != f"sha256:{digested.digest.hexdigest()}":
        raise BadArchive(f"the table {table.name} in the package is damaged")


class _Digested(io.RawIOBase):
    """Digests what is read through it."""

    def __init__(self, of: Any) -> None:
        self._of: BinaryIO = of
        self.digest = hashlib.sha256()

    def readable(self) -> bool:
        return True

    def readinto(self, buffer: Any) -> int:
        content = self._of.read(len(buffer))
        self.digest.update(content)
        buffer[: len(content)] = content
        return len(content)


def _some(rows: Iterator[Row]) -> Iterator[list[Row]]:
    some: list[Row] = []
    for row in rows:
        some.append(row)
        if len(some) == _CHUNK:
            yield some
            some = []
    if some:
        yield some


def extract_photos(archive: zipfile.ZipFile, folder: Path) -> list[str]:
    """Its photos where a holding keeps them, each called after its digest. Returns: their places in
    the folder. Raises: BadArchive for one that is not what it is called.
    """
    found = []
    for name in archive.namelist():
        if _PHOTO.fullmatch(name):
            content = archive.read(name)
            if hashlib.sha256(content).hexdigest() != Path(name).stem:
                raise BadArchive(f"{name} in the package is damaged")
            place = folder / FILES / name
            place.parent.mkdir(parents=True, exist_ok=True)
            place.write_bytes(content)
            found.append(f"{FILES}/{name}")
    return found
