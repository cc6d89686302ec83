"""What is known, value by value."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Asked


class KnownOut(Answer):
    """A catalogue value with all that is known about it. ``of``: the kind, climate or way it is
    said of; ``sure``: how sure it is, as a grower is told.
    """

    id: str
    of: str | None
    value: float | str | list[float]
    unit: str
    says: str
    provenance: str
    sure: str
    source: str | None
    low: float | None
    high: float | None
    school: str | None
    rivals: str | None


class CatalogueOut(Answer):
    """The catalogue, or part of it."""

    version: str
    values: list[KnownOut]


class CatalogueQuery(Asked):
    """Only ids that start with this."""

    prefix: Annotated[str, Field(max_length=120)] = ""


class LanguageOut(Answer):
    """A language by its code and its own name for itself."""

    code: str
    name: str


class LanguagesOut(Answer):
    """Languages a sheet can be printed in."""

    languages: list[LanguageOut]


class TermOut(Answer):
    """A word of the trade. ``also``: other forms in which it is met."""

    id: str
    word: str
    says: str
    also: list[str]


class GlossaryOut(Answer):
    """Words of the trade, by the alphabet."""

    terms: list[TermOut]
