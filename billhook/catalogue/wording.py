"""Codes and values become sentences: the one place where a reason is put into words."""

from __future__ import annotations

import datetime as dt
import re
from collections.abc import Iterable, Mapping
from functools import lru_cache
from importlib.resources import files

from fluent.runtime import FluentBundle, FluentResource
from fluent.runtime.types import FluentType, fluent_number

from ..core.reasons import Reason
from ..core.words.dates import reading_day
from ..core.words.prices import crops_said
from ..core.words.tongue import FIRST, spoken, spoken_region
from ..core.words.units import diameter_words, length_words, share_words, weight_words
from ..core.words.values import (
    Capital,
    Clause,
    Compass,
    Crops,
    Cultivar,
    Diameter,
    Length,
    Listed,
    MonthOf,
    Part,
    Phrase,
    Rounded,
    Row,
    Share,
    Value,
    Weight,
)
from . import local
from .languages import table
from .regions import regional

_NAME = re.compile(r"^([a-z][a-z0-9-]*) =", re.MULTILINE)
_FOLDER = files("billhook.catalogue") / "languages"


@lru_cache(maxsize=32)
def bundle(language: str, region: str = "") -> FluentBundle:
    """The messages of a language, in the words of a region; what it lacks is said in English.

    Raises: FileNotFoundError for a language without a folder.
    """
    found = FluentBundle([language], use_isolating=False)
    for one in sorted((_FOLDER / language).iterdir(), key=lambda f: f.name):
        if one.name.endswith(".ftl"):
            text = regional(one.read_text(encoding="utf-8"), language, region)
            found.add_resource(FluentResource(text))
    return found


@lru_cache(maxsize=16)
def lacks(language: str) -> tuple[str, ...]:
    """Messages that a language does not say yet, by name."""
    return tuple(sorted(_names(FIRST) - _names(language)))


def _names(language: str) -> set[str]:
    """Messages of the answers by name; those of pages with ``pages/`` before it."""
    found: set[str] = set()
    for before, folder in (("", _FOLDER / language), ("pages/", _FOLDER / language / "pages")):
        for file in folder.iterdir() if folder.is_dir() else ():
            if file.name.endswith(".ftl"):
                named = _NAME.findall(file.read_text(encoding="utf-8"))
                found |= {f"{before}{name}" for name in named}
    return found


def rows(language: str) -> Mapping[str, str]:
    """What a language says in place of words of the catalogue, by their id."""
    return table(language, "rows")


def said(what: Reason | Value, language: str | None = None) -> str:
    """A reason, or what it says, as a sentence; in the language that is spoken, where none is
    named.

    Raises: KeyError for a message that is not there, or lacks one of its values.
    """
    value = what.says if isinstance(what, Reason) else what
    if isinstance(value, str):
        return value
    tongue = spoken() if language is None else language
    return _said(value, tongue, reading_day(), spoken_region())


def has_message(name: str) -> bool:
    """Whether there is such a message."""
    return bool(bundle(FIRST).has_message(name))


def said_all(reasons: Iterable[Reason], language: str | None = None) -> str:
    """Several reasons, one sentence after the other."""
    return " ".join(said(r, language) for r in reasons)


@lru_cache(maxsize=50_000)
def _said(value: Value, language: str, _read_on: dt.date | None, _region: str) -> str:
    """Said once for all that read on the same day, for whom the same years are plain, and in the
    same region.
    """
    worded = _worded(value, language)
    return f"{worded:g}" if isinstance(worded, float) else str(worded)


def _message(phrase: Phrase, language: str) -> str:
    messages = bundle(language, spoken_region())
    if language != FIRST and not messages.has_message(phrase.says):
        return _message(phrase, FIRST)
    pattern = messages.get_message(phrase.says).value
    if pattern is None:
        raise KeyError(phrase.says)
    values = {name: _plural(_worded(v, language)) for name, v in phrase.values}
    text, wrong = messages.format_pattern(pattern, values)
    if wrong:
        raise KeyError(f"{phrase.says}: {wrong[0]}")
    return str(text)


def _plural(worded: str | int) -> str | FluentType:
    """A count stays a number, for the plural's sake; it is never grouped."""
    return worded if isinstance(worded, str) else fluent_number(worded, useGrouping=False)


def _row(row: Row, language: str) -> str:
    words = regional(rows(language).get(row.known_id, row.words), language, spoken_region())
    for name, value in row.values:
        words = words.replace("{" + name + "}", said(value, language))
    return words


def _worded(value: Value, language: str) -> str | int:
    """A value as it stands in a sentence."""
    match value:
        case Phrase():
            return _message(value, language)
        case Row():
            return _row(value, language)
        case Listed(items, between):
            return said(between, language).join(said(x, language) for x in items)
        case Capital(inner):
            words = said(inner, language)
            return words[:1].upper() + words[1:]
        case Clause(inner):
            return said(inner, language).rstrip(".")
        case Part(of, between, nth):
            return said(of, language).split(between)[nth]
        case Cultivar(plain, species, name):
            return (
                plain
                if language == FIRST
                else local.kind(said(species, language), said(name, language))
            )
        case Length(m, units):
            return local.number(length_words(m, units), language)
        case Diameter(mm, units):
            return local.number(diameter_words(mm, units), language)
        case Weight(kg, units):
            return local.number(weight_words(kg, units), language)
        case Share(of_one):
            return local.number(share_words(of_one), language)
        case Rounded(number, digits):
            return local.number(f"{number:.{digits}f}", language)
        case Crops(price):
            return _message(crops_said(price), language)
        case Compass(deg):
            return local.direction(deg, language)
        case MonthOf(day):
            return local.month(day, language)
        case dt.date():
            return local.day(value, language)
        case float():
            return local.number(f"{value:g}", language)
        case int() | str():
            return value
    raise TypeError(f"{value!r} cannot be said")
