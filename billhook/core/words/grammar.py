"""The words of one language with which people say what stands there, as data."""

from __future__ import annotations

import unicodedata
from collections.abc import Mapping
from dataclasses import dataclass


@dataclass(frozen=True)
class Said:
    """What a phrase says: a field of the planting, and its value."""

    field: str
    value: str


@dataclass(frozen=True)
class Called:
    """How one and several of a kind are called."""

    one: tuple[tuple[str, ...], ...]
    many: tuple[tuple[str, ...], ...]


def folded(text: str) -> str:
    """In small letters and without accents, as many type it."""
    apart = unicodedata.normalize("NFD", text.lower())
    return "".join(c for c in apart if not unicodedata.combining(c))


@dataclass(frozen=True, eq=False)
class Grammar:
    """numbers, multiples, ordinals: words of numbers. units: by dimension (``length`` [m],
    ``volume`` [l], ``age`` [years]) the unit words and what one of it is. words: sets of words by
    what they are for. phrases: tuples of words and what they say. unsure: a word that means one of
    several kinds, and the name of the question. needs_kind: cultivars' names that are other things
    alone. drops_leaves: trees that shed. names: how the language calls one and several of what the
    catalogue holds, by ``table/row``. grouping: marks that may stand between thousands. noun_first:
    what is said of a noun follows it. All words are folded.
    """

    numbers: Mapping[str, float]
    multiples: Mapping[str, float]
    ordinals: Mapping[str, int]
    units: Mapping[str, Mapping[str, float]]
    words: Mapping[str, frozenset[str]]
    phrases: Mapping[tuple[str, ...], Said]
    unsure: Mapping[str, str]
    needs_kind: frozenset[str]
    drops_leaves: frozenset[str]
    names: Mapping[str, Called]
    grouping: str
    noun_first: bool

    def all_words(self) -> frozenset[str]:
        """Every word that the grammar itself uses: never a misspelt kind."""
        units = {w for of in self.units.values() for w in of}
        listed = {w for of in self.words.values() for w in of}
        said = {w for phrase in self.phrases for w in phrase}
        return frozenset(
            {*self.numbers, *self.multiples, *self.ordinals, *units, *listed, *said}
            | self.drops_leaves
        )
