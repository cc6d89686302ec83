"""Codes and values become sentences: the one place where a reason is put into words."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from functools import lru_cache
from importlib.resources import files

from fluent.runtime import FluentBundle, FluentResource

from ..core.reasons import Reason
from ..core.words.dates import day_words
from ..core.words.units import diameter_words, length_words, share_words, weight_words
from ..core.words.values import Diameter, Length, Listed, Phrase, Rounded, Share, Value, Weight

FIRST = "en"
_FOLDER = files("billhook.catalogue") / "languages"


@lru_cache(maxsize=8)
def bundle(language: str) -> FluentBundle:
    """The messages of a language.

    Raises: FileNotFoundError for a language without a folder.
    """
    found = FluentBundle([language], use_isolating=False)
    found.add_resource(
        FluentResource((_FOLDER / language / "reasons.ftl").read_text(encoding="utf-8"))
    )
    return found


def said(reason: Reason, language: str = FIRST) -> str:
    """The sentence of a reason."""
    if isinstance(reason.values, str):
        return reason.values
    return phrase(reason.says or reason.code, reason.values, language)


def phrase(says: str, values: Mapping[str, Value], language: str = FIRST) -> str:
    """A message with its values in place; ``says`` may name a variant: ``rubs.inward``.

    Raises: KeyError for a message that is not there, or lacks one of its values.
    """
    messages = bundle(language)
    name, _, variant = says.partition(".")
    message = messages.get_message(name)
    pattern = message.attributes[variant] if variant else message.value
    if pattern is None:
        raise KeyError(says)
    text, wrong = messages.format_pattern(
        pattern, {key: _worded(value, language) for key, value in values.items()}
    )
    if wrong:
        raise KeyError(f"{says}: {wrong[0]}")
    return str(text)


def _worded(value: Value, language: str) -> str | int:
    """A value as it stands in a sentence; a count stays a number, for the plural's sake."""
    match value:
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
        case Phrase(says, values):
            return phrase(says, values, language)
        case Listed(items, between):
            return between.join(str(_worded(x, language)) for x in items)
        case dt.date():
            return day_words(value)
        case float():
            return f"{value:g}"
        case _:
            return value
