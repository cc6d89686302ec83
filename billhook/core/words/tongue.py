"""In which language what is said is read: English, where nobody asked for another."""

from __future__ import annotations

from contextvars import ContextVar

FIRST = "en"
_tongue: ContextVar[str] = ContextVar("tongue", default=FIRST)


def speak(language: str) -> None:
    """What is said from here on is said in this language."""
    _tongue.set(language)


def spoken() -> str:
    """The language in which things are said."""
    return _tongue.get()
