"""The grove as it goes out: one line a tree, worked out once for each state of the holding, and
since an answer that is still known only the lines that differ.
"""

from __future__ import annotations

import datetime as dt
from collections import OrderedDict
from dataclasses import dataclass, field, replace
from threading import Lock
from typing import NamedTuple

from ...core.season.next_need import Need
from ...core.words.kinds import kind_called
from ...core.words.values import Value
from ...store.acts import new_id
from ..workplace import Workplace
from .grove import GroveTree, GroveView, grove

_KEPT = 24


class Kind(NamedTuple):
    """What a tree is, and how one calls it."""

    species: str
    cultivar: str | None
    kind_name: Value


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


def grove_lines(
    at: Workplace, day: dt.date, since: str | None = None, rows: frozenset[str] | None = None
) -> Groves:
    """The grove on a day, all of it or some of its rows. since: the mark of an answer the asker
    has; where it is still known only what differs is told.
    """
    kept = at.kept("grove", _Kept)
    with kept.lock:
        mark = _mark(at, kept, day, rows)
        now = kept.states.get(mark)
        if now is None:
            view = _of_rows(grove(at, day), rows)
            now = Groves(mark, view, _lines(at, view, kept))
            kept.states[mark] = now
            while len(kept.states) > _KEPT:
                kept.states.popitem(last=False)
        before = kept.states.get(since or "")
        for known in (since or "", mark):
            if known in kept.states:
                kept.states.move_to_end(known)
    return now if before is None else _differing(before, now)


def _mark(at: Workplace, kept: _Kept, day: dt.date, rows: frozenset[str] | None) -> str:
    with at.store.reading() as session:
        changes = at.standing(session).mark
    of = "" if rows is None else f".{hash(rows):x}"
    return f"{kept.run}.{changes}.{at.weather_changes}.{day.isoformat()}{of}"


def _of_rows(view: GroveView, rows: frozenset[str] | None) -> GroveView:
    """What stands in some rows; the blocks of these, and the sites of those."""
    if rows is None:
        return view
    held = [r for r in view.rows if r.id in rows]
    of = {r.block_id for r in held}
    blocks = [b for b in view.blocks if b.id in of]
    return replace(
        view,
        frost=replace(view.frost, rows=tuple(r for r in view.frost.rows if r in rows)),
        sites=[s for s in view.sites if s.id in {b.site_id for b in blocks}],
        blocks=blocks,
        rows=held,
        trees=[t for t in view.trees if t.record.row.id in rows],
        empty_places=[e for e in view.empty_places if e[0] in rows],
    )


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
