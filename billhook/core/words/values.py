"""Sentences before they are words: a message's name and its values, so that every language can say
them.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from typing import Any

from .units import Units


class Saying:
    """What can be put one after the other; the edge makes words of it."""

    def __add__(self, other: Value) -> Listed:
        return Listed((*_parts(self), *_parts(other)), "")

    def __radd__(self, other: str) -> Listed:
        return Listed((other, *_parts(self)), "")


@dataclass(frozen=True)
class Length(Saying):
    """A length [m], said in the reader's units."""

    m: float
    units: Units = "metric"


@dataclass(frozen=True)
class Diameter(Saying):
    """A diameter [mm], said in the reader's units."""

    mm: float
    units: Units = "metric"


@dataclass(frozen=True)
class Weight(Saying):
    """A weight [kg], said in the reader's units."""

    kg: float
    units: Units = "metric"


@dataclass(frozen=True)
class Share(Saying):
    """A share [0..1], said as per cent."""

    of_one: float


@dataclass(frozen=True)
class Rounded(Saying):
    """A number with so many digits behind the point."""

    number: float
    digits: int = 0


@dataclass(frozen=True)
class Compass(Saying):
    """A direction [degrees from north, clockwise], said as a side of the sky."""

    deg: float


@dataclass(frozen=True)
class MonthOf(Saying):
    """The month and year of a day."""

    day: dt.date


@dataclass(frozen=True)
class Capital(Saying):
    """Said with its first letter large."""

    value: Value


@dataclass(frozen=True)
class Clause(Saying):
    """A sentence as a part of another: without its full stop."""

    value: Value


@dataclass(frozen=True)
class Phrase(Saying):
    """A message by its name, with its values by theirs; part of a sentence may be one itself."""

    says: str
    values: tuple[tuple[str, Value], ...] = ()


@dataclass(frozen=True)
class Row(Saying):
    """A sentence that stands in a catalogue row: its id, its first words, and what fills its
    holes. Two rows that say the same are one.
    """

    known_id: str = field(compare=False)
    words: str
    values: tuple[tuple[str, Value], ...] = ()


@dataclass(frozen=True)
class Part(Saying):
    """Of what a sentence holds with something between, the one meant, from 0."""

    of: Value
    between: str
    nth: int


@dataclass(frozen=True)
class Cultivar(Saying):
    """A cultivar of a species: its plain name in the first language, and what it is made of."""

    plain: str
    species: Value
    name: Value


@dataclass(frozen=True)
class Crops(Saying):
    """What a cut costs [crops of what is cut]."""

    price: float


@dataclass(frozen=True)
class Listed(Saying):
    """Several things in a row, with what stands between them."""

    items: tuple[Value, ...]
    between: Value = ", "


Value = str | int | float | dt.date | Saying
_KINDS: Mapping[str, Any] = {kind.__name__.lower(): kind for kind in Saying.__subclasses__()}


def say(says: str, /, **values: Value) -> Phrase:
    """A message with its values; an underscore of a name is a dash in the message."""
    return Phrase(says, tuple((name.replace("_", "-"), v) for name, v in values.items()))


def listed(items: Iterable[Value], between: Value = ", ") -> Listed:
    """Things in a row."""
    return Listed(tuple(items), between)


def plain(value: Value) -> object:
    """A saying as plain data, for the record: every part by the name of its kind."""
    match value:
        case dt.date():
            return {"day": value.isoformat()}
        case Saying():
            parts = {name: _plain_part(part) for name, part in vars(value).items()}
            return {type(value).__name__.lower(): parts}
        case _:
            return value


def of_plain(data: object) -> Value:
    """The saying that :func:`plain` made data of. Raises: KeyError, TypeError, ValueError for data
    that is none.
    """
    if not isinstance(data, Mapping):
        assert isinstance(data, str | int | float)
        return data
    ((kind, parts),) = data.items()
    if kind == "day":
        return dt.date.fromisoformat(parts)
    found: Value = _KINDS[kind](**{n: _of_plain_part(n, part) for n, part in parts.items()})
    return found


def _of_plain_part(name: str, part: Any) -> Any:
    if name == "values":
        return tuple((key, of_plain(value)) for key, value in dict(part).items())
    if isinstance(part, list):
        return tuple(of_plain(value) for value in part)
    return of_plain(part) if isinstance(part, Mapping) else part


def says_plainly(value: Value) -> str:
    """For logs, where nobody words it: the name of a message with its values."""
    if isinstance(value, Phrase):
        values = ", ".join(f"{name} {says_plainly(of)}" for name, of in value.values)
        return f"{value.says} ({values})" if values else value.says
    return str(plain(value))


def in_units(value: Value, units: Units) -> Value:
    """The same, its lengths, diameters and weights in these units."""
    match value:
        case Length(m):
            return Length(m, units)
        case Diameter(mm):
            return Diameter(mm, units)
        case Weight(kg):
            return Weight(kg, units)
        case Phrase(says, values):
            return Phrase(says, tuple((name, in_units(of, units)) for name, of in values))
        case Listed(items, between):
            return Listed(tuple(in_units(item, units) for item in items), between)
    return value


def _plain_part(part: object) -> object:
    if not isinstance(part, tuple):
        return plain(part) if isinstance(part, (Saying, dt.date)) else part
    if part and isinstance(part[0], tuple):
        return {name: plain(value) for name, value in part}
    return [plain(value) for value in part]


def _parts(value: Value) -> tuple[Value, ...]:
    if isinstance(value, Listed) and not value.between:
        return value.items
    return () if value == "" else (value,)
