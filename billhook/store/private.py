"""A data folder that nobody else on the machine can read."""

from __future__ import annotations

from contextlib import suppress
from pathlib import Path


def private(folder: Path) -> None:
    """Shut a folder, and the files in it, to all but their owner; where the disk knows no owners it
    stays as it is.
    """
    with suppress(OSError):
        folder.mkdir(mode=0o700, parents=True, exist_ok=True)
        folder.chmod(0o700)
        for path in folder.rglob("*"):
            path.chmod(0o700 if path.is_dir() else 0o600)
