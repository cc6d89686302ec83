"""Numbers, days and winds as a language writes them; the units are the reader's."""

from __future__ import annotations

import datetime as dt
import re
from functools import lru_cache

from babel import Locale
from babel.dates import format_date
from babel.numbers import get_decimal_symbol

from ..core.words.dates import day_words, month_words, plain_year
from ..core.words.directions import WINDS, wind
from ..core.words.tongue import FIRST
from .languages import language as known
from .languages import languages

_POINT = re.compile(r"(?<=\d)\.(?=\d)")


@lru_cache(maxsize=16)
def _locale(language: str) -> Locale:
    return Locale.parse(language)


@lru_cache(maxsize=4)
def _territories() -> dict[str, str]:
    """Countries by their English names."""
    return {name: code for code, name in _locale(FIRST).territories.items()}


def country(name: str, language: str) -> str:
    """A country by its English name, as a language calls it; as it is, where that is not known."""
    code = _territories().get(name)
    return name if code is None else _locale(language).territories.get(code, name)


@lru_cache(maxsize=512)
def countries(name: str) -> str:
    """A country by its English name, as every language calls it."""
    return " ".join(dict.fromkeys(country(name, found.code) for found in languages()))


def number(text: str, language: str) -> str:
    """Numbers in a text with the language's own decimal sign."""
    if language == FIRST:
        return text
    return _POINT.sub(get_decimal_symbol(_locale(language)), text)


def day(of: dt.date, language: str) -> str:
    """Day and month, and the year where it is not plain to who reads it; a month that is cut short
    has no stop, which would end the sentence.
    """
    if language == FIRST:
        return day_words(of)
    written = format_date(of, "d MMM" if plain_year(of) else "d MMM y", _locale(language))
    return written.replace(".", "")


def month(of: dt.date, language: str) -> str:
    """Month and year."""
    if language == FIRST:
        return month_words(of)
    return format_date(of, "MMM y", _locale(language)).replace(".", "")


def direction(bearing_deg: float, language: str) -> str:
    """The wind a bearing points to, of eight [degrees clockwise from north]."""
    found = wind(bearing_deg)
    return found if language == FIRST else known(language).phrases.winds[WINDS.index(found)]


def kind(species: str, cultivar: str) -> str:
    """A cultivar of a species, as tongues that name the species first have it; what both end with
    is said once.
    """
    words, named = species.split(), {word.lower() for word in cultivar.split()}
    while len(words) > 1 and words[-1].lower() in named:
        words.pop()
    return " ".join([*words, cultivar])
