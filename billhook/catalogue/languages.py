"""The helper's language: one folder each under ``languages``, with the words of the printed sheet.
A new folder is a new language.
"""

from __future__ import annotations

import tomllib
from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files

from ..core.cuts.sheet_words import Phrases
from ..core.words.grammar import Grammar, Said

_FOLDER = files("billhook.catalogue") / "languages"
_FIRST = "en"


@dataclass(frozen=True)
class Language:
    """A language by its code, its own name for itself, and its phrases. whole: pages and answers
    are in it throughout, and not the printed sheet and some answers alone.
    """

    code: str
    name: str
    phrases: Phrases
    whole: bool


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
    return Language(code, raw["name"], phrases, raw["whole"])


@lru_cache(maxsize=8)
def states(code: str = _FIRST) -> Mapping[str, tuple[str, ...]]:
    """How people of a language say how trees stand, by state; the longest first."""
    raw = tomllib.loads((_FOLDER / code / "states.toml").read_text(encoding="utf-8"))
    return {state: tuple(sorted(says, key=len, reverse=True)) for state, says in raw.items()}


@dataclass(frozen=True)
class Term:
    """A word of the trade. says: what it means, in one sentence; also: how else it is met."""

    id: str
    word: str
    says: str
    also: tuple[str, ...]


@lru_cache(maxsize=8)
def glossary(code: str = _FIRST) -> tuple[Term, ...]:
    """The words of the trade, by the alphabet."""
    raw = tomllib.loads((_FOLDER / code / "glossary.toml").read_text(encoding="utf-8"))
    terms = (Term(k, t["word"], t["says"], tuple(t.get("also", ()))) for k, t in raw.items())
    return tuple(sorted(terms, key=lambda t: t.word.casefold()))


@lru_cache(maxsize=8)
def grammar(code: str = _FIRST) -> Grammar:
    """The words with which people of a language say what stands there.

    Raises: FileNotFoundError for a language without them.
    """
    raw = tomllib.loads((_FOLDER / code / "planting.toml").read_text(encoding="utf-8"))
    phrases = {
        tuple(words.split()): Said(entry["field"], entry.get("value", ""))
        for entry in raw["phrases"]
        for words in entry["say"]
    }
    return Grammar(
        _floats(raw["numbers"]),
        _floats(raw["multiples"]),
        raw["ordinals"],
        {dimension: _floats(units) for dimension, units in raw["units"].items()},
        {name: frozenset(words) for name, words in raw["words"].items()},
        phrases,
        raw["unsure"],
        frozenset(raw["needs_kind"]["words"]),
        frozenset(raw["drops_leaves"]["words"]),
        raw["asks"],
    )


def _floats(raw: Mapping[str, float]) -> dict[str, float]:
    return {word: float(value) for word, value in raw.items()}
