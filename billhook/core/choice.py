"""A word from a table or a file, as one of the words it may be."""

from __future__ import annotations

from typing import TypeVar

Word = TypeVar("Word", bound=str)


def one_of(words: tuple[Word, ...], text: str) -> Word:
    """The word itself, known to be one of ``words``. Raises: ValueError where it is none."""
    for word in words:
        if word == text:
            return word
    raise ValueError(f"{text!r} is none of {', '.join(words)}")
