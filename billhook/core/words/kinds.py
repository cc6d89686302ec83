"""Names of kinds, cultivars and stocks in what people say: the longest wins, one letter may be
wrong.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import Literal

from ..known import Knowledge
from ..words.values import Cultivar, Value
from .grammar import Called, Grammar, folded

Table = Literal["species", "cultivars", "rootstocks"]
LONG_ENOUGH = 6


@dataclass(frozen=True)
class Name:
    """A name that was said. size: how many words it takes; plural: it was said of
    several.
    """

    table: Table
    row: str
    size: int
    plural: bool = False


Names = dict[tuple[str, ...], Name]


def plain_words(text: str) -> tuple[str, ...]:
    """The words and figures of a name in small letters."""
    return tuple(re.findall(r"[^\W\d_]+|\d+", folded(text)))


def _plurals(words: tuple[str, ...]) -> list[tuple[str, ...]]:
    last = words[-1]
    forms = [f"{last}s"]
    if last.endswith(("o", "s", "ch", "sh", "x")):
        forms.append(f"{last}es")
    if last.endswith("y"):
        forms.append(f"{last[:-1]}ies")
    return [(*words[:-1], form) for form in forms]


def kind_called(know: Knowledge, species: str, cultivar: str | None) -> Value:
    """Cultivar and species as one says them: ``Hass avocado``, ``Washington navel orange``,
    ``Lemon``; one that the catalogue does not know by what it was called.
    """
    named = know.get(f"species/{species}/name")
    of_species = str(named.value) if named else species
    kind: Value = know.row(named.id) if named else species
    variety = know.get(f"cultivars/{cultivar}/name")
    if variety is None:
        return kind
    said, words = str(variety.value).split(), of_species.lower().split()
    # what the cultivar's name ends with is not said again
    overlap = next(
        (n for n in range(len(words), 0, -1) if [w.lower() for w in said[-n:]] == words[:n]), 0
    )
    plain = " ".join([*said, *words[overlap:]])
    return Cultivar(plain, kind, know.row(variety.id))


@lru_cache(maxsize=64)
def kind_names(know: Knowledge, language: Grammar) -> Names:
    """Every way to name a kind or a cultivar, one and several, the language's own first."""
    found = _called(know, language, ("species", "cultivars"))
    for row in know.rows("species"):
        words = plain_words(know.text(f"species/{row}/name"))
        ways = [words, *((w,) for w in know.text(f"species/{row}/also").lower().split())]
        for way in ways:
            found.setdefault(way, Name("species", row, len(way), _is_plural(way, ways)))
            for many in _plurals(way):
                found.setdefault(many, Name("species", row, len(many), True))
    for row in know.rows("cultivars"):
        words = plain_words(know.text(f"cultivars/{row}/name"))
        found.setdefault(words, Name("cultivars", row, len(words)))
        for many in _plurals(words):
            found.setdefault(many, Name("cultivars", row, len(many), True))
    return found


def _is_plural(way: tuple[str, ...], ways: Sequence[tuple[str, ...]]) -> bool:
    """A word listed beside its own singular."""
    return any(way in _plurals(other) for other in ways if other != way)


def _called(know: Knowledge, language: Grammar, tables: Sequence[Table]) -> Names:
    found: Names = {}
    for table in tables:
        for row in know.rows(table):
            called = language.names.get(f"{table}/{row}", Called((), ()))
            for words in called.one:
                found.setdefault(words, Name(table, row, len(words)))
            for words in called.many:
                found.setdefault(words, Name(table, row, len(words), True))
    return found


@lru_cache(maxsize=64)
def stock_names(know: Knowledge, language: Grammar) -> Names:
    """Every stock by its name, and by as much of its beginning as only it has."""
    full = {
        row: plain_words(know.text(f"rootstocks/{row}/name")) for row in know.rows("rootstocks")
    }
    found = _called(know, language, ("rootstocks",))
    for row, words in full.items():
        for size in range(len(words), 0, -1):
            begin = words[:size]
            same = [r for r, w in full.items() if w[:size] == begin]
            if same == [row] or words == begin:
                found.setdefault(begin, Name("rootstocks", row, size))
    return found


def name_at(words: Sequence[str], i: int, names: Names) -> Name | None:
    """The longest name that begins at a word."""
    longest = max((len(n) for n in names), default=0)
    for size in range(min(longest, len(words) - i), 0, -1):
        found = names.get(tuple(words[i : i + size]))
        if found is not None:
            return found
    return None


def misspelt(word: str, names: Names, known: frozenset[str]) -> Name | None:
    """The one kind whose name is a letter away from a word of six letters or more."""
    if len(word) < LONG_ENOUGH or word in known:
        return None
    near = {
        (name.table, name.row): name
        for words, name in names.items()
        if len(words) == 1 and one_letter_off(word, words[0])
    }
    return next(iter(near.values())) if len(near) == 1 else None


def one_letter_off(a: str, b: str) -> bool:
    """One letter more, less or other."""
    if a == b or abs(len(a) - len(b)) > 1:
        return False
    short, long = sorted((a, b), key=len)
    at = next((i for i, (x, y) in enumerate(zip(short, long, strict=False)) if x != y), len(short))
    if len(short) == len(long):
        return short[at + 1 :] == long[at + 1 :]
    return short[at:] == long[at + 1 :]
