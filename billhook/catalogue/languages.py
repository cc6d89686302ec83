"""The helper's language: one folder each under ``languages``, with the words of the printed sheet.
A new folder is a new language.
"""

from __future__ import annotations

import tomllib
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files

from ..core.cuts.sheet_words import Phrases

_FOLDER = files("billhook.catalogue") / "languages"
_FIRST = "en"


@dataclass(frozen=True)
class Language:
    """A language by its code, its own name for itself, and its phrases."""

    code: str
    name: str
    phrases: Phrases


@lru_cache(maxsize=1)
def languages() -> tuple[Language, ...]:
    """Every language there is a folder for, English first, then by code."""
    codes = [f.name for f in _FOLDER.iterdir() if (f / "sheet.toml").is_file()]
    return tuple(_read(code) for code in sorted(codes, key=lambda c: (c != _FIRST, c)))


def language(code: str) -> Language:
    """Raises: KeyError for a language that is not there."""
    for found in languages():
        if found.code == code:
            return found
    raise KeyError(code)


def _read(code: str) -> Language:
    raw = tomllib.loads((_FOLDER / code / "sheet.toml").read_text(encoding="utf-8"))
    phrases = Phrases(raw["phrases"], tuple(raw["winds"]), tuple(raw["ordinals"]))
    return Language(code, raw["name"], phrases)
