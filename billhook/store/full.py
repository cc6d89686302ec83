"""What the disk refuses: full, or not to be written to. Said in one sentence, with nothing half
written.
"""

from __future__ import annotations

import errno
from collections.abc import Iterator
from contextlib import contextmanager

from sqlalchemy.exc import OperationalError

from ..core.errors import BillhookError
from ..core.words.values import say

_FULL = "full"
_FULL_OF_DISK = (errno.ENOSPC, errno.EDQUOT, errno.EFBIG)
_SHUT = (errno.EROFS, errno.EACCES, errno.EPERM, errno.EIO)
_SHUT_WORDS = ("readonly database", "disk I/O error", "unable to open database file")


class CannotWrite(BillhookError):
    """Nothing was written, since the disk took nothing."""

    def __init__(self, full: bool) -> None:
        super().__init__(say("bad-disk-full") if full else say("bad-disk-does-not-write"))


@contextmanager
def on_disk() -> Iterator[None]:
    """Raises: CannotWrite for what the disk refuses."""
    try:
        yield
    except OperationalError as error:
        said = str(error.orig)
        full = _FULL in said
        if full or any(words in said for words in _SHUT_WORDS):
            raise CannotWrite(full) from error
        raise
    except OSError as error:
        if error.errno in (*_FULL_OF_DISK, *_SHUT):
            raise CannotWrite(error.errno in _FULL_OF_DISK) from error
        raise
