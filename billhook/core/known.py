"""A known thing: a catalogue value together with its unit, range and provenance.

The core holds no thresholds. It is handed a :class:`Knowledge` and names the ids it used in its
reasons, so that every number a grower reads can be opened to where it comes from.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from types import MappingProxyType

from .errors import UnknownKnowledge
from .words.values import Row, Value, listed, say

Scalar = float | str | bool | tuple[float, ...]


SURE: Mapping[str, Value] = {
    "published": say("sure-published"),
    "common practice": say("sure-common-practice"),
    "from memory": say("sure-from-memory"),
    "our rule": say("sure-our-rule"),
}
"""How sure a value is, by its provenance, as a grower is told."""


@dataclass(frozen=True)
class Known:
    """One catalogue value. ``low`` and ``high`` bound what a grower may put in its place."""

    id: str
    value: Scalar
    unit: str
    says: str
    provenance: str
    source: str | None = None
    low: float | None = None
    high: float | None = None
    school: str | None = None
    rivals: str | None = None

    @property
    def sure(self) -> Value:
        """How sure it is, in words."""
        return SURE[self.provenance]


@dataclass(frozen=True)
class RuleText:
    """A rule of the season as the catalogue words it; :mod:`billhook.core.season.rules` reads it.

    kind: ``always``, ``limit``, ``never``, ``price``, ``prefer`` or ``event``. of: species or
    groups it holds for, ``every`` for all. when: conditions that must all hold. start, end: dates
    in the words of :mod:`billhook.core.season.dates`. share: id of the share that comes with it.
    schools: ``topic/school`` under which alone it holds. at_from, at_to: ids of the price at either
    end, None for nothing. slots, rank, dear: see :class:`billhook.core.season.claims.Price`. takes:
    id of what a preference takes off. remedy: what would change it.
    """

    id: str
    kind: str
    of: tuple[str, ...]
    work: tuple[str, ...]
    start: str
    end: str
    when: tuple[str, ...]
    status: str
    share: str | None
    schools: tuple[str, ...]
    used: Mapping[str, str]
    code: str
    says: str
    at_from: str | None = None
    at_to: str | None = None
    slots: tuple[str, ...] = ()
    rank: int = 0
    dear: bool = False
    takes: str | None = None
    remedy: str | None = None


@dataclass(frozen=True)
class DateCase:
    """One case of a named date: it holds when all conditions do; ``why`` says what it rests on."""

    name: str
    of: tuple[str, ...]
    when: tuple[str, ...]
    is_: str
    why: str


class Knowledge:
    """Catalogue values by id, e.g. ``citrus/light-share`` or ``species/navel-orange/vigour``, and
    the season's rules.
    """

    def __init__(
        self,
        values: Mapping[str, Known],
        rules: Sequence[RuleText] = (),
        dates: Sequence[DateCase] = (),
    ) -> None:
        self._values = MappingProxyType(dict(values))
        self.rules, self.dates = tuple(rules), tuple(dates)
        self._rows: dict[str, list[str]] = {}
        for parts in (known_id.split("/") for known_id in values):
            if len(parts) == 3 and parts[1] not in self._rows.setdefault(parts[0], []):
                self._rows[parts[0]].append(parts[1])

    def __getitem__(self, known_id: str) -> Known:
        """The value with this id. Raises: UnknownKnowledge."""
        try:
            return self._values[known_id]
        except KeyError:
            raise UnknownKnowledge(say("bad-unknown-value", id=known_id)) from None

    def __contains__(self, known_id: str) -> bool:
        return known_id in self._values

    def __iter__(self) -> Iterator[Known]:
        return iter(self._values.values())

    def get(self, known_id: str) -> Known | None:
        """The value with this id, or None where the catalogue is silent."""
        return self._values.get(known_id)

    def number(self, known_id: str) -> float:
        """A numeric value. Raises: UnknownKnowledge, TypeError if it is not a number."""
        value = self[known_id].value
        if isinstance(value, bool) or not isinstance(value, (int, float)):
            raise TypeError(f"{known_id} is not a number")
        return float(value)

    def by_vigour(self, known_id: str, vigour: int) -> float:
        """Of five figures by vigour, 1 to 5, the one that holds; beyond them the nearest."""
        return self.numbers(known_id)[max(1, min(5, vigour)) - 1]

    def days(self, known_id: str) -> int:
        """A whole number of days."""
        return int(self.number(known_id))

    def text(self, known_id: str) -> str:
        """A text value. Raises: UnknownKnowledge, TypeError if it is not text."""
        value = self[known_id].value
        if not isinstance(value, str):
            raise TypeError(f"{known_id} is not text")
        return value

    def row(self, known_id: str, /, **values: Value) -> Row:
        """A sentence of the catalogue with what fills its holes. Raises: as ``text``."""
        return Row(known_id, self.text(known_id), tuple(values.items()))

    def numbers(self, known_id: str) -> tuple[float, ...]:
        """A list of numbers. Raises: UnknownKnowledge, TypeError if it is not a list."""
        value = self[known_id].value
        if not isinstance(value, tuple):
            raise TypeError(f"{known_id} is not a list of numbers")
        return value

    def rows(self, table: str) -> list[str]:
        """Row keys of a table in catalogue order, e.g. the species of ``species``."""
        return self._rows.get(table, [])

    def first(self, *known_ids: str) -> Known:
        """The first of these ids that the catalogue holds. Raises: UnknownKnowledge."""
        for known_id in known_ids:
            if known_id in self._values:
                return self._values[known_id]
        raise UnknownKnowledge(say("bad-unknown-value", id=listed(known_ids)))

    def with_more(self, values: Mapping[str, Known]) -> Knowledge:
        """The same knowledge with further values, as for a species of one's own."""
        return Knowledge({**self._values, **values}, self.rules, self.dates)
