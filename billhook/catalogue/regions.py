"""Words that change from region to region: which of them are said, as the reader chose.

A choice is written as ``chupon.1_patron.1``: the word's name, and which of its forms, from 0. Only
what the catalogue says is changed; notes and names stay as they were typed.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from functools import lru_cache

from .languages import table

Forms = tuple[tuple[str, ...], ...]


@lru_cache(maxsize=8)
def choices(language: str) -> Mapping[str, Forms]:
    """What may be chosen in a language, by name: for each region one and several."""
    forms_of = table(language, "regions")
    return {name: tuple(map(tuple, forms)) for name, forms in forms_of.items()}


@lru_cache(maxsize=256)
def chosen_of(language: str, asked: str) -> str:
    """The same choices, without what a language does not have; in one order, so that those who
    chose alike share what was worded.
    """
    found = {}
    for part in asked.split("_"):
        name, _, nth = part.partition(".")
        forms = choices(language).get(name, ())
        if nth.isascii() and nth.isdecimal() and 0 < int(nth) < len(forms):
            found[name] = int(nth)
    return "_".join(f"{name}.{found[name]}" for name in sorted(found))


@lru_cache(maxsize=64)
def chosen(language: str, region: str) -> Mapping[str, str]:
    """Every form that is not said here, and what is said in its place; in small letters."""
    found: dict[str, str] = {}
    for part in filter(None, chosen_of(language, region).split("_")):
        name, _, nth = part.partition(".")
        forms = choices(language)[name]
        said = forms[int(nth)]
        found |= {w: said[n] for form in forms for n, w in enumerate(form) if form != said}
    return found


def regional(text: str, language: str, region: str) -> str:
    """A text of the catalogue with the words of a region."""
    instead = chosen(language, region)
    if not instead:
        return text
    return _pattern(tuple(instead)).sub(lambda found: _as(found[0], instead), text)


@lru_cache(maxsize=64)
def _pattern(words: tuple[str, ...]) -> re.Pattern[str]:
    longest_first = sorted(words, key=len, reverse=True)
    return re.compile(rf"(?<!\w)(?:{'|'.join(map(re.escape, longest_first))})(?!\w)", re.IGNORECASE)


def _as(found: str, instead: Mapping[str, str]) -> str:
    said = instead[found.lower()]
    return said[0].upper() + said[1:] if found[0].isupper() else said
