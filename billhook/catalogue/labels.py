"""What values of the catalogue, their units and marks are called in a language, as they are listed
under what is known. A label that a language lacks is English.
"""

from __future__ import annotations

from collections.abc import Mapping

from ..core.choice import one_of
from ..core.known import Known
from ..core.season.model import WORKS
from ..core.season.today import lane_words
from ..core.words.values import Row, Value, listed, say
from .languages import table
from .rules import FOR


def _labels(language: str) -> Mapping[str, Mapping[str, str]]:
    return table(language, "labels")


def label(known: Known, language: str) -> Value:
    """What a value is: of a rule, for which work and what it says."""
    if known.id.startswith("rule/"):
        works, _, says = known.says.removeprefix(FOR).partition(": ")
        named = [lane_words(one_of(WORKS, work)) for work in works.split(", ") if work in WORKS]
        row = Row(known.id, says)
        return say("label-rule", works=listed(named), says=row) if named else row
    return _labels(language).get("says", {}).get(known.says, known.says)


def unit(known: Known, language: str) -> str:
    """The unit of a value."""
    return _labels(language).get("units", {}).get(known.unit, known.unit)


def rivals(known: Known, language: str) -> str | None:
    """What others say in its place."""
    said = known.rivals
    return None if said is None else _labels(language).get("rivals", {}).get(said, said)


def source(known: Known, language: str) -> str | None:
    """Where it is from: a publication by its own name, and how it was read."""
    said = known.source
    for words, instead in _labels(language).get("source", {}).items():
        said = said and said.replace(words, instead)
    return said
