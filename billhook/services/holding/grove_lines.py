"""The grove as it goes out: one line a tree, worked out once for each state of the holding, and
since an answer that is still known only the lines that differ.
"""

from __future__ import annotations

import datetime as dt
from collections import OrderedDict
from dataclasses import dataclass, field
from threading import Lock
from typing import NamedTuple

from ...core.season.next_need import Need
from ...core.words.kinds import kind_called
from ...store.acts import new_id
from ..workplace import Workplace
from .grove import GroveTree, GroveView, grove

_KEPT = 24


class Kind(NamedTuple):
    """What a tree is, and how one calls it."""

    species: str
    cultivar: str | None
    kind_name: str


class Line(NamedTuple):
    """One tree in plan [m from the site's corner]."""

    id: str
    name: str
    row_id: str
    x: float
    y: float
    kind: Kind
    pot_l: float | None
    planted_year: int
    height_m: float | None
    spread_m: float | None
    measured: bool
    need: Need


@dataclass(frozen=True)
class Groves:
    """The grove in one state. mark: names that state. lines: all of them, or where since is named
    those that differ from that state (then none is new); gone: trees that no longer stand.
    """

    mark: str
    view: GroveView
    lines: list[Line]
    since: str | None = None
    gone: tuple[str, ...] = ()


@dataclass
class _Kept:
    run: str = field(default_factory=lambda: new_id()[:8])  # no other run has the same marks
    states: OrderedDict[str, Groves] = field(default_factory=OrderedDict)
    lock: Lock = field(default_factory=Lock)


def grove_lines(at: Workplace, day: dt.date, since: str | None = None) -> Groves:
    """The grove on a day. since: the mark of an answer the asker has; where it is still known only
    what differs is told.
    """
    kept = at.kept("grove", _Kept)
    with kept.lock:
        mark = _mark(at, kept, day)
        now = kept.states.get(mark)
        if now is None:
            now = Groves(mark, view := grove(at, day), _lines(at, view, kept))
            kept.states[mark] = now
            while len(kept.states) > _KEPT:
                kept.states.popitem(last=False)
        before = kept.states.get(since or "")
        for known in (since or "", mark):
            if known in kept.states:
                kept.states.move_to_end(known)
    return now if before is None else _differing(before, now)


def _mark(at: Workplace, kept: _Kept, day: dt.date) -> str:
    with at.store.reading() as session:
        changes = at.standing(session).mark
    return f"{kept.run}.{changes}.{at.weather_changes}.{day.isoformat()}"


def _lines(at: Workplace, view: GroveView, kept: _Kept) -> list[Line]:
    """One a tree; those that did not change are the same as in the state before."""
    kinds = _Kinds(at)
    fresh = [_line(kinds, t) for t in view.trees]
    last = next(reversed(kept.states.values()), None)
    if last is None or len(last.lines) != len(fresh):
        return fresh
    return [a if a == b else b for a, b in zip(last.lines, fresh, strict=True)]


class _Kinds(dict[tuple[str, str | None], Kind]):
    """A kind by species and cultivar, named once for all trees of it."""

    def __init__(self, at: Workplace) -> None:
        super().__init__()
        self._know = at.know

    def __missing__(self, key: tuple[str, str | None]) -> Kind:
        self[key] = Kind(*key, kind_called(self._know, *key))
        return self[key]


def _line(kinds: _Kinds, found: GroveTree) -> Line:
    record, size = found.record, found.size
    tree = record.tree
    return Line(
        tree.id,
        record.name,
        record.row.id,
        round(record.place.x, 2),
        round(record.place.y, 2),
        kinds[tree.species, record.cultivar],
        tree.pot_l,
        tree.planted_year,
        None if size.height_m is None else round(size.height_m, 2),
        None if size.spread_m is None else round(size.spread_m, 2),
        found.measured,
        found.need,
    )


def _differing(before: Groves, now: Groves) -> Groves:
    held = {line.id: line for line in before.lines}
    if any(line.id not in held for line in now.lines):
        return now  # where a new one stands in walking order is told by all of them
    lines = [line for line in now.lines if held.pop(line.id, None) != line]
    return Groves(now.mark, now.view, lines, before.mark, tuple(held))
