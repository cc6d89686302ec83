"""A file that one program holds at a time. The hold ends with the program, however it ends."""

from __future__ import annotations

import fcntl
import os
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from ..core.errors import BillhookError


class Taken(BillhookError):
    """Somebody else holds it."""


class NotWritable(BillhookError):
    """A folder in which nothing can be written."""


@contextmanager
def held(path: Path, wait: bool = False) -> Iterator[None]:
    """Hold a lock file, waiting for it or not. Raises: Taken, NotWritable."""
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        handle = os.open(path, os.O_RDWR | os.O_CREAT, 0o644)
    except OSError as error:
        raise NotWritable(
            f"{path.parent} cannot be written to: {error.strerror or error}."
        ) from error
    try:
        try:
            fcntl.flock(handle, fcntl.LOCK_EX | (0 if wait else fcntl.LOCK_NB))
        except BlockingIOError as error:
            raise Taken(
                f"{path.parent} is in use by another Billhook: stop that one first, or give "
                "another folder with --data."
            ) from error
        yield
    finally:
        os.close(handle)
