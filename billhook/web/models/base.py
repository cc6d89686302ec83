"""Strict building blocks: numbers are numbers, dates are dates, texts have an end."""

from __future__ import annotations

import datetime as dt
import re
from collections.abc import Mapping
from typing import Annotated, Any

from pydantic import (
    BaseModel,
    BeforeValidator,
    ConfigDict,
    Field,
    StringConstraints,
    field_validator,
)

from ...catalogue.wording import said
from ...core.season.model import Work
from ...core.words.units import Units
from ...core.words.values import Saying, Value, say, says_plainly

__all__ = [
    "Against",
    "Answer",
    "Asked",
    "Counted",
    "IsoDate",
    "LongText",
    "MonthDayText",
    "Number",
    "Text",
    "Units",
    "Uuid",
    "Work",
    "Written",
    "whole",
]


UUID = r"^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$"


class Asked(BaseModel):
    """What a request may hold; unknown fields are refused."""

    model_config = ConfigDict(extra="forbid", strict=True)


class Written(Asked):
    """What a request that writes may hold. ``id``: made by whoever writes; the same id twice is one
    write (see ``Billhook-Act``).
    """

    id: Annotated[str, StringConstraints(pattern=UUID)] | None = None


class Against(Written):
    """A write that says what it was made against: ``as_of``, the number of the newest act that the
    device knew of; None where it does not say.
    """

    as_of: Annotated[int, Field(strict=True, ge=0)] | None = None


def _worded(value: object) -> object:
    if isinstance(value, Saying):
        return said(value)
    if isinstance(value, (list, tuple)) and any(isinstance(x, Saying) for x in value):
        return [_worded(x) for x in value]
    if isinstance(value, Mapping) and any(isinstance(x, Saying) for x in value.values()):
        return {key: _worded(x) for key, x in value.items()}
    return value


class Answer(BaseModel):
    """What an answer holds. A message with its values becomes words here."""

    model_config = ConfigDict(from_attributes=True)

    @field_validator("*", mode="before")
    @classmethod
    def _say(cls, value: object) -> object:
        return _worded(value)


class Unfit(ValueError):
    """A value that a field does not take, and why."""

    def __init__(self, says: Value) -> None:
        super().__init__(says_plainly(says))
        self.says = says


def _date(value: Any) -> dt.date:
    if isinstance(value, dt.date) and not isinstance(value, dt.datetime):
        return value
    if not isinstance(value, str) or not re.fullmatch(r"\d{4}-\d{2}-\d{2}", value):
        raise Unfit(say("bad-must-be-a-date-as-yyyy"))
    found = dt.date.fromisoformat(value)
    if not 1900 <= found.year <= 2199:
        raise Unfit(say("bad-between", low=1900, high=2199))
    return found


def _month_day(value: Any) -> Any:
    if value is None:
        return None
    if not isinstance(value, str) or not re.fullmatch(r"\d{2}-\d{2}", value):
        raise Unfit(say("bad-must-be-a-month-and-a"))
    dt.date(2028, *(int(p) for p in value.split("-")))
    return value


def whole(value: Any) -> Any:
    """A whole number from a query string, where everything is text."""
    return int(value) if isinstance(value, str) and value.lstrip("-").isdigit() else value


IsoDate = Annotated[dt.date, BeforeValidator(_date)]
MonthDayText = Annotated[str | None, BeforeValidator(_month_day)]
Number = Annotated[float, Field(allow_inf_nan=False, strict=True)]
Counted = Annotated[int, Field(strict=True)]
Text = Annotated[str, StringConstraints(min_length=1, max_length=120, strip_whitespace=True)]
LongText = Annotated[str, StringConstraints(max_length=2000)]
Key = Annotated[str, Field(min_length=1, max_length=60)]
Share = Annotated[Number, Field(ge=0, le=1)]
Metres = Annotated[Number, Field(ge=0, le=30)]
Uuid = Annotated[str, StringConstraints(pattern=UUID)]


class IdPath(Asked):
    """The thing in the path."""

    id: Annotated[str, Field(min_length=1, max_length=60)]
