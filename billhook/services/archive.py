"""One archive of database and files, taken while Billhook runs, and put back only when it is whole."""

from __future__ import annotations

import hashlib
import json
import shutil
import sqlite3
import tempfile
import zipfile
from pathlib import Path

from .. import __version__
from ..core.errors import BillhookError
from ..settings import Settings

_DATABASE, _MANIFEST, _FILES = "billhook.sqlite", "manifest.json", "files"


class BadArchive(BillhookError):
    """An archive that is damaged, foreign, or would overwrite something."""


def back_up(settings: Settings, target: Path) -> Path:
    """Write an archive. SQLite's online backup copies the database while others write to it. Raises: BadArchive without a database."""
    if not settings.database.exists():
        raise BadArchive(f"there is no database in {settings.data}")
    with tempfile.TemporaryDirectory() as folder:
        copy = Path(folder) / _DATABASE
        source, sink = sqlite3.connect(settings.database), sqlite3.connect(copy)
        with sink:
            source.backup(sink)
        source.close()
        sink.close()
        contents = [(copy, _DATABASE), *((f, str(f.relative_to(settings.data))) for f in sorted((settings.data / _FILES).rglob("*")) if f.is_file())]
        manifest = {"billhook": __version__, "files": {name: _digest(path) for path, name in contents}}
        part = target.with_name(target.name + ".part")
        with zipfile.ZipFile(part, "w", zipfile.ZIP_DEFLATED) as archive:
            archive.writestr(_MANIFEST, json.dumps(manifest, indent=1))
            for path, name in contents:
                archive.write(path, name)
        part.replace(target)
    return target


def restore(settings: Settings, source: Path) -> None:
    """Check an archive, then put it into an empty data folder. Raises: BadArchive, with nothing written."""
    if settings.database.exists():
        raise BadArchive(f"{settings.data} holds a database already; restore into an empty folder")
    with tempfile.TemporaryDirectory() as folder:
        try:
            with zipfile.ZipFile(source) as archive:
                manifest = json.loads(archive.read(_MANIFEST))
                for name in manifest["files"]:
                    if name.startswith("/") or ".." in Path(name).parts:
                        raise BadArchive(f"the archive holds a file outside its folder: {name}")
                    archive.extract(name, folder)
        except (zipfile.BadZipFile, KeyError, ValueError, OSError) as error:
            raise BadArchive(f"{source} is not a Billhook archive: {error}") from error
        for name, digest in manifest["files"].items():
            if _digest(Path(folder) / name) != digest:
                raise BadArchive(f"{name} in the archive is damaged")
        check = sqlite3.connect(Path(folder) / _DATABASE)
        whole = check.execute("PRAGMA integrity_check").fetchone()[0] == "ok" and not check.execute("PRAGMA foreign_key_check").fetchall()
        check.close()
        if not whole:
            raise BadArchive("the database in the archive is damaged")
        settings.data.mkdir(parents=True, exist_ok=True)
        for name in manifest["files"]:
            place = settings.data / name
            place.parent.mkdir(parents=True, exist_ok=True)
            shutil.move(Path(folder) / name, place)


def _digest(path: Path) -> str:
    return hashlib.sha256(path.read_bytes()).hexdigest()
