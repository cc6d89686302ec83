"""An archive takes the place of a data folder in one step; what stood there is kept beside it."""

from __future__ import annotations

import ctypes
import datetime as dt
import json
import os
import shutil
import tempfile
from dataclasses import dataclass
from pathlib import Path

from ...settings import Settings
from ...store.door import FILE as DOOR
from ..door.certificate import FOLDER as CERTIFICATES
from .archive import BadArchive
from .checking import unpack

_NOT_IN_BACKUPS = (DOOR, CERTIFICATES)
_RESTORED = "restored.json"
_AT_FDCWD, _EXCHANGE = -100, 2


@dataclass(frozen=True)
class Restored:
    """An archive was put back: when, and of which moment it is; both UTC."""

    at: dt.datetime
    as_of: dt.datetime


def restore(settings: Settings, source: Path) -> Path | None:
    """Check an archive to the last row, bring it up to date, then put it in the place of the data
    folder. Returns: where what stood there is kept, None where nothing did. Raises: BadArchive,
    with the data folder as it was.
    """
    data = settings.data.absolute()
    try:
        data.parent.mkdir(parents=True, exist_ok=True)
        # beside the data folder, so that putting it in place is one step and no copying
        made = Path(tempfile.mkdtemp(dir=data.parent, prefix=".restoring-"))
        try:
            checked = unpack(source, made)
            _write_down(source, checked.made, made / _RESTORED)
            _take_along(data, made)
        except BaseException:
            shutil.rmtree(made, ignore_errors=True)
            raise
        return _put_in_place(made, data)
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


def _write_down(source: Path, made: str | None, place: Path) -> None:
    """So that devices which know the holding notice that what was entered since is missing."""
    try:
        as_of = dt.datetime.fromisoformat(made or "")
    except ValueError:
        as_of = dt.datetime.fromtimestamp(source.stat().st_mtime, dt.UTC)
    if as_of.tzinfo is None:
        as_of = as_of.replace(tzinfo=dt.UTC)
    now = dt.datetime.now(dt.UTC)
    place.write_text(
        json.dumps({"at": now.isoformat(), "as_of": min(as_of, now).isoformat()}), encoding="utf-8"
    )


def _take_along(data: Path, made: Path) -> None:
    """Who may come in, and the certificate, are in no backup: they go on as they are."""
    for name in _NOT_IN_BACKUPS:
        here = data / name
        if here.is_dir():
            shutil.copytree(here, made / name)
        elif here.exists():
            shutil.copy2(here, made / name)


def _put_in_place(made: Path, data: Path) -> Path | None:
    """Where what stood there is kept. Raises: OSError, with all as it was."""
    if not data.exists():
        made.rename(data)
        return None
    kept = _free(data)
    if not _exchange(made, data):
        data.rename(kept)
        try:
            made.rename(data)
        except OSError:
            kept.rename(data)
            raise
        made = kept
    if all(p.suffix == ".lock" for p in made.iterdir()):
        shutil.rmtree(made, ignore_errors=True)  # only the hold that a program has on a folder
        return None
    try:
        return kept if made == kept else made.rename(kept)
    except OSError:
        return made


def _free(data: Path) -> Path:
    """A name beside the folder that nothing bears."""
    stamp = dt.datetime.now().strftime("%Y%m%d-%H%M%S")
    names = (f"{data.name}.before-{stamp}{f'-{n}' if n else ''}" for n in range(1000))
    return next(data.with_name(name) for name in names if not data.with_name(name).exists())


def _exchange(one: Path, other: Path) -> bool:
    """Swap two folders in one step, so that there is no moment without either (Linux renameat2);
    False where this machine or disk cannot.
    """
    swap = getattr(ctypes.CDLL(None, use_errno=True), "renameat2", None)
    if swap is None:
        return False
    return bool(swap(_AT_FDCWD, os.fsencode(one), _AT_FDCWD, os.fsencode(other), _EXCHANGE) == 0)
