"""How large what is sent here may be, known before any of it is kept."""

from __future__ import annotations

from ..services.book import photos
from ..services.workplace import Workplace

_MIB = 1024 * 1024
_USUAL = 8 * _MIB
_LISTS = 32 * _MIB
_LISTS_AT = ("/api/trees/import", "/api/trees/geojson")


def most_bytes(at: Workplace, path: str) -> int:
    """The largest body that a path takes."""
    if path.startswith("/api/photos/"):
        # so that one over its own limit is refused by name, and not cut off
        return 2 * photos.most_bytes(at)
    return _LISTS if path in _LISTS_AT else _USUAL
