"""What a sentence names: measured values that are not yet words, so that every language can say
them.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, field

from .units import Units


@dataclass(frozen=True)
class Length:
    """A length [m], said in the reader's units."""

    m: float
    units: Units = "metric"


@dataclass(frozen=True)
class Diameter:
    """A diameter [mm], said in the reader's units."""

    mm: float
    units: Units = "metric"


@dataclass(frozen=True)
class Weight:
    """A weight [kg], said in the reader's units."""

    kg: float
    units: Units = "metric"


@dataclass(frozen=True)
class Share:
    """A share [0..1], said as per cent."""

    of_one: float


@dataclass(frozen=True)
class Rounded:
    """A number with so many digits behind the point."""

    number: float
    digits: int = 0


@dataclass(frozen=True)
class Phrase:
    """Part of a sentence that is a message itself."""

    says: str
    values: Mapping[str, Value] = field(default_factory=dict)


@dataclass(frozen=True)
class Listed:
    """Several things in a row, with what stands between them."""

    items: tuple[Value, ...]
    between: str = ", "


Value = (
    str | int | float | dt.date | Length | Diameter | Weight | Share | Rounded | Phrase | Listed
)
