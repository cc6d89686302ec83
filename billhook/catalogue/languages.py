"""The helper's language: one folder each under ``languages``, with the words of the printed sheet.
A new folder is a new language.
"""

from __future__ import annotations

import tomllib
from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files
from typing import Any

from ..core.cuts.sheet_words import Phrases
from ..core.words.columns import Heads
from ..core.words.grammar import Called, Grammar, Said, folded

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


@lru_cache(maxsize=1)
def states() -> Mapping[str, tuple[str, ...]]:
    """How people say how trees stand, in any language, by state; the longest first."""
    says: dict[str, list[str]] = {}
    for one in languages():
        for state, words in table(one.code, "states").items():
            says.setdefault(state, []).extend(words)
    return {state: tuple(sorted(words, key=len, reverse=True)) for state, words in says.items()}


@lru_cache(maxsize=64)
def table(code: str, name: str) -> Mapping[str, Any]:
    """A table of a language; empty where it has none."""
    file = _FOLDER / code / f"{name}.toml"
    return tomllib.loads(file.read_text(encoding="utf-8")) if file.is_file() else {}


@dataclass(frozen=True)
class Term:
    """A word of the trade. says: what it means, in one sentence; also: how else it is met."""

    id: str
    word: str
    says: str
    also: tuple[str, ...]


@lru_cache(maxsize=8)
def glossary(code: str = _FIRST) -> tuple[Term, ...]:
    """The words of the trade, by the alphabet; what a language lacks is English."""
    raw = {**table(_FIRST, "glossary"), **table(code, "glossary")}
    terms = (Term(k, t["word"], t["says"], tuple(t.get("also", ()))) for k, t in raw.items())
    return tuple(sorted(terms, key=lambda t: t.word.casefold()))


@lru_cache(maxsize=8)
def grammar(code: str = _FIRST) -> Grammar:
    """The words with which people of a language say what stands there.

    Raises: FileNotFoundError for a language without them.
    """
    raw = tomllib.loads((_FOLDER / code / "planting.toml").read_text(encoding="utf-8"))
    phrases = {
        _words(said): Said(entry["field"], entry.get("value", ""))
        for entry in raw["phrases"]
        for said in entry["say"]
    }
    return Grammar(
        numbers=_floats(raw["numbers"]),
        multiples=_floats(raw["multiples"]),
        ordinals={folded(word): nth for word, nth in raw["ordinals"].items()},
        units={dimension: _floats(units) for dimension, units in raw["units"].items()},
        words={name: frozenset(map(folded, words)) for name, words in raw["words"].items()},
        phrases=phrases,
        unsure={folded(word): asks for word, asks in raw["unsure"].items()},
        needs_kind=frozenset(map(folded, raw["needs_kind"]["words"])),
        drops_leaves=frozenset(map(folded, raw["drops_leaves"]["words"])),
        names={
            row: Called(tuple(map(_words, called["one"])), tuple(map(_words, called["many"])))
            for row, called in raw.get("names", {}).items()
        },
        grouping=raw["grouping"],
        noun_first=raw["noun_first"],
    )


@lru_cache(maxsize=8)
def heads(code: str = _FIRST) -> Heads:
    """How the columns of lists are called: written in this language, read in all of them."""
    return Heads(
        {ours: called[0] for ours, called in _columns(code).items()},
        {
            folded(name): ours
            for language in languages()
            for ours, called in _columns(language.code).items()
            for name in called
        },
        table(code, "columns").get("fields", {}),
    )


def _columns(code: str) -> Mapping[str, list[str]]:
    return {ours: called for ours, called in table(code, "columns").items() if ours != "fields"}


@lru_cache(maxsize=8)
def grammars(first: str = _FIRST) -> tuple[Grammar, ...]:
    """The words of every language in which one can say what stands there, one's own first."""
    can = [f.code for f in languages() if (_FOLDER / f.code / "planting.toml").is_file()]
    return tuple(grammar(code) for code in sorted(can, key=lambda code: code != first))


def _words(said: str) -> tuple[str, ...]:
    return tuple(folded(said).split())


def _floats(raw: Mapping[str, float]) -> dict[str, float]:
    return {folded(word): float(value) for word, value in raw.items()}
