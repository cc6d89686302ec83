"""Codes and values become sentences: the one place where a reason is put into words."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from functools import lru_cache
from importlib.resources import files

from fluent.runtime import FluentBundle, FluentResource
from fluent.runtime.types import FluentType, fluent_number

from ..core.reasons import Reason
from ..core.words.dates import day_words, month_words, reading_day
from ..core.words.directions import wind
from ..core.words.prices import crop_words
from ..core.words.units import diameter_words, length_words, share_words, weight_words
from ..core.words.values import (
    Capital,
    Compass,
    Crops,
    Diameter,
    Length,
    Listed,
    MonthOf,
    Phrase,
    Rounded,
    Row,
    Share,
    Value,
    Weight,
)

FIRST = "en"
_FOLDER = files("billhook.catalogue") / "languages"


@lru_cache(maxsize=8)
def bundle(language: str) -> FluentBundle:
    """The messages of a language.

    Raises: FileNotFoundError for a language without a folder.
    """
    found = FluentBundle([language], use_isolating=False)
    for one in sorted((_FOLDER / language).iterdir(), key=lambda f: f.name):
        if one.name.endswith(".ftl"):
            found.add_resource(FluentResource(one.read_text(encoding="utf-8")))
    return found


def said(what: Reason | Value, language: str = FIRST) -> str:
    """A reason, or what it says, as a sentence.

    Raises: KeyError for a message that is not there, or lacks one of its values.
    """
    value = what.says if isinstance(what, Reason) else what
    return value if isinstance(value, str) else _said(value, language, reading_day())


def has_message(name: str) -> bool:
    """Whether there is such a message."""
    return bool(bundle(FIRST).has_message(name))


def said_all(reasons: Iterable[Reason], language: str = FIRST) -> str:
    """Several reasons, one sentence after the other."""
    return " ".join(said(r, language) for r in reasons)


@lru_cache(maxsize=50_000)
def _said(value: Value, language: str, _read_on: dt.date | None) -> str:
    """Said once for all that read on the same day: for them the same years are plain."""
    worded = _worded(value, language)
    return f"{worded:g}" if isinstance(worded, float) else str(worded)


def _message(phrase: Phrase, language: str) -> str:
    messages = bundle(language)
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
    words = row.words
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
        case Length(m, units):
            return length_words(m, units)
        case Diameter(mm, units):
            return diameter_words(mm, units)
        case Weight(kg, units):
            return weight_words(kg, units)
        case Share(of_one):
            return share_words(of_one)
        case Rounded(number, digits):
            return f"{number:.{digits}f}"
        case Crops(price):
            return crop_words(price)
        case Compass(deg):
            return wind(deg)
        case MonthOf(day):
            return month_words(day)
        case dt.date():
            return day_words(value)
        case float():
            return f"{value:g}"
        case int() | str():
            return value
    raise TypeError(f"{value!r} cannot be said")
