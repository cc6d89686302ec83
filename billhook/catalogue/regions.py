"""Words that change from region to region: which of them are said, as the reader chose.

A choice is written as ``chupon.1_patron.1``: the word's name, and which of its forms, from 0. Only
what the catalogue says is changed; notes and names stay as they were typed.
"""

from __future__ import annotations

import re
import tomllib
from collections.abc import Mapping
from functools import lru_cache
from importlib.resources import files

_FOLDER = files("billhook.catalogue") / "languages"
Forms = tuple[tuple[str, ...], ...]


@lru_cache(maxsize=8)
def choices(language: str) -> Mapping[str, Forms]:
    """What may be chosen in a language, by name: for each region one and several."""
    file = _FOLDER / language / "regions.toml"
    raw = tomllib.loads(file.read_text(encoding="utf-8")) if file.is_file() else {}
    return {name: tuple(map(tuple, forms)) for name, forms in raw.items()}


@lru_cache(maxsize=64)
def chosen(language: str, region: str) -> Mapping[str, str]:
    """Every form that is not said here, and what is said in its place; in small letters."""
    found: dict[str, str] = {}
    for part in region.split("_"):
        name, _, nth = part.partition(".")
        forms = choices(language).get(name, ())
        if not nth.isdecimal() or not 0 < int(nth) < len(forms):
            continue
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
