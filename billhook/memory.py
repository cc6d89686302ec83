"""Memory that is done with goes back to the system."""

from __future__ import annotations

import ctypes
from contextlib import suppress

_MMAP_THRESHOLD, _ARENA_MAX = -3, -8
"""Names of settings in glibc's ``malloc.h``."""
_LARGE_BYTES = 1024 * 1024
_ARENAS = 2


def give_back() -> None:
    """Have pieces of a megabyte and more (a photo's pixels, what a PIN is hashed in) each taken
    from the system and given back whole. glibc alone, elsewhere nothing: there, with several
    threads, such pieces would stay with the program after their first use.
    """
    with suppress(OSError, AttributeError):
        mallopt = ctypes.CDLL(None).mallopt
        mallopt(_MMAP_THRESHOLD, _LARGE_BYTES)
        mallopt(_ARENA_MAX, _ARENAS)
