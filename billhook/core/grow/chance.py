"""Chance that is the same for the same seed, limb and season, so that a tree and its uncut twin
live in the same weather.
"""

from __future__ import annotations

from hashlib import blake2b


def chance(*what: object) -> float:
    """A number from 0 up to 1, evenly spread, that depends on ``what`` alone."""
    digest = blake2b("/".join(map(str, what)).encode(), digest_size=8).digest()
    return int.from_bytes(digest, "big") / 2**64


def between(low: int, high: int, *what: object) -> int:
    """A whole number from low to high, both included."""
    return low + int(chance(*what) * (high - low + 1))


def about_one(varies: float, *what: object) -> float:
    """A factor from 1 - varies to 1 + varies, the middle the likelier."""
    return 1 + varies * (chance("a", *what) + chance("b", *what) - 1)
