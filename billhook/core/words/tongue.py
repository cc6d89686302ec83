"""In which language what is said is read: English, where nobody asked for another."""

from __future__ import annotations

from contextvars import ContextVar

FIRST = "en"
_tongue: ContextVar[str] = ContextVar("tongue", default=FIRST)
_region: ContextVar[str] = ContextVar("region", default="")


def speak(language: str, region: str = "") -> None:
    """What is said from here on is said in this language; region: which of the words that change
    from place to place.
    """
    _tongue.set(language)
    _region.set(region)


def spoken_region() -> str:
    """Which words are said, of those that change from place to place; empty for the usual ones."""
    return _region.get()


def spoken() -> str:
    """The language in which things are said."""
    return _tongue.get()
