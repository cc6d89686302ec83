"""What stands on the holding, as columns of light rows kept in memory: trees in walking order, what
was seen of them and done to them, how large they are, what is open.

It is never written by hand. Every write leaves its changes in the same transaction (see
``changes``); what is kept is brought up to date from those, so that a reader never meets it older
than the rows. :func:`whole` reads everything anew and must give the same.
"""

from __future__ import annotations

import datetime as dt
import json
import re
from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Any

from sqlalchemy import text as sql
from sqlmodel import Session, col, select

from ..core.frame.whole import Size
from ..core.season.seen import OBSERVABLE
from . import frames, stances
from .acts import arrival
from .lights import lights, unswept
from .tables import FrameRow, Graft, Observation, PutOff, Stem, Task, Tree
from .trees import TreeRecord, dates_of, in_force, light_records, walked, written
from .work_tables import LogEntry, Plan

Dates = Mapping[str, Mapping[str, list[dt.date]]]
# what a change of these moves is known tree by tree; of the others all is read anew
_GROUND = frozenset({"holding", "site", "block", "row", "aim"})
_PARTS = ("tree", "stem", "graft", "place")
_OF_RECORDS = {"by_tree", "words"}  # what holds as long as the records do
_BETWEEN = re.compile(r"[\s·]+")
_MANY = 500  # more trees than this are quicker read with all the others


@dataclass(frozen=True)
class Standing:
    """The holding up to a change. records: standing trees in walking order. seen, dated, chosen: by
    scope id. log: by tree, the newest first, all years. frames: the newest by stem; sizes by its
    id; measured: stems that were once measured. tasks, put_offs, sheets: those that are open.
    """

    mark: int
    records: tuple[TreeRecord, ...]
    seen: Mapping[str, Mapping[str, Observation]]
    dated: Dates
    chosen: Mapping[str, Mapping[str, str]]
    log: Mapping[str, tuple[LogEntry, ...]]
    frames: Mapping[str, FrameRow]
    sizes: Mapping[str, Size]
    measured: frozenset[str]
    tasks: tuple[Task, ...]
    put_offs: tuple[PutOff, ...]
    sheets: tuple[Plan, ...]

    @cached_property
    def by_tree(self) -> Mapping[str, TreeRecord]:
        """Standing trees by id."""
        return {r.tree.id: r for r in self.records}

    @cached_property
    def words(self) -> tuple[tuple[str, ...], ...]:
        """The words of each tree's name, in lower case, in the order of the records."""
        return tuple(tuple(_BETWEEN.split(r.name.lower())) for r in self.records)

    def size(self, record: TreeRecord) -> Size | None:
        """What a tree's newest frame measures; None where it has none."""
        frame = self.frames.get(record.stem.id)
        return None if frame is None else self.sizes[frame.id]

    def within(self, scope_id: str | frozenset[str] | None) -> Sequence[TreeRecord]:
        """Standing trees of a row, of several, or of a block; all of them for None."""
        if scope_id is None:
            return self.records
        if isinstance(scope_id, frozenset):
            return [r for r in self.records if r.row.id in scope_id]
        return [r for r in self.records if scope_id in (r.row.id, r.block.id)]

    @cached_property
    def _own(self) -> Mapping[str, tuple[Any, ...]]:
        """What is known of a tree that is not its planting's, as far as decisions rest on it."""
        own: dict[str, list[Any]] = defaultdict(list)
        trees = self.by_tree
        for scope_id, kinds in self.seen.items():
            if scope_id in trees:
                own[scope_id] += [(k, o.value, o.date) for k, o in sorted(kinds.items())]
        for scope_id, dates in self.dated.items():
            if scope_id in trees:
                own[scope_id] += [(k, *days) for k, days in sorted(dates.items())]
        for scope_id, schools in self.chosen.items():
            if scope_id in trees:
                own[scope_id] += sorted(schools.items())
        for tree_id, entries in self.log.items():
            if tree_id in trees:
                own[tree_id] += [(e.date, e.work, e.share, e.act) for e in entries]
        return {tree_id: tuple(known) for tree_id, known in own.items()}

    @cached_property
    def _kinds(self) -> Mapping[str, int]:
        numbers: dict[tuple[Any, ...], int] = {}
        return {
            r.tree.id: numbers.setdefault(self._rests_on(r), len(numbers)) for r in self.records
        }

    def alike(self, record: TreeRecord) -> int | str:
        """A number that is the same for trees whose season rests on the same: they are told the
        same. A tree that does not stand has its own.
        """
        return self._kinds.get(record.tree.id, record.tree.id)

    def _rests_on(self, record: TreeRecord) -> tuple[Any, ...]:
        tree = record.tree
        own = self._own.get(tree.id)
        return (
            record.row.kind,
            record.block.id,
            tree.species,
            tree.planted_year,
            record.cultivar,
            record.stem.rootstock,
            tree.pot_l,
            tree.under_cover,
            tree.origin,
            tree.form,
            record.cap_m,
            record.width_m,
            own,
            # whether a pot fits its winter room hangs on the tree's own height
            tree.id if own and tree.pot_l is not None else None,
        )


def standing(session: Session, before: Standing | None) -> Standing:
    """What stands there as this session sees it. before: as it was kept, or None."""
    session.flush()
    mark = int(session.connection().exec_driver_sql("SELECT max(n) FROM change").scalar() or 0)
    if before is None:
        return whole(session, mark)
    if mark <= before.mark:  # what others read meanwhile is newer, and as true
        return before
    found = _since(session, before.mark)
    parts: dict[str, Any] = {}
    for change in _CHANGES:
        parts |= change(session, before, found) or {}
    now = replace(before, mark=mark, **parts)
    if "records" not in parts:
        for known in _OF_RECORDS & vars(before).keys():
            vars(now)[known] = vars(before)[known]
    return now


def whole(session: Session, mark: int = 0) -> Standing:
    """Everything, read anew."""
    with unswept():
        return _whole(session, mark)


def _whole(session: Session, mark: int) -> Standing:
    seen = written(session)
    now = {row.stem_id: row for row in _newest(session)}
    return Standing(
        mark,
        tuple(light_records(session)),
        in_force(seen),
        dates_of(seen, OBSERVABLE),
        stances.choices(session),
        _log(lights(session, LogEntry, order=_BY_DAY)),
        now,
        _sizes(session, now.values()),
        frozenset(frames.stems_once_measured(session)),
        _tasks(session),
        _put_offs(session),
        _sheets(session),
    )


# --- reading the parts -----------------------------------------------------------------------

_BY_DAY = (col(LogEntry.date).desc(), col(LogEntry.act).desc())


def _log(entries: Iterable[LogEntry]) -> dict[str, tuple[LogEntry, ...]]:
    """Entries that no later one corrects, by tree."""
    found = list(entries)
    corrected = {e.corrects for e in found if e.corrects}
    by_tree: dict[str, list[LogEntry]] = defaultdict(list)
    for entry in found:
        if entry.id not in corrected:
            by_tree[entry.tree_id].append(entry)
    return {tree_id: tuple(mine) for tree_id, mine in by_tree.items()}


def _newest(session: Session, stem_ids: Sequence[str] | None = None) -> list[FrameRow]:
    """The newest frame of each stem, or of these."""
    where = [] if stem_ids is None else [col(FrameRow.stem_id).in_(stem_ids)]
    newest: dict[str, FrameRow] = {}
    for row in lights(session, FrameRow, *where):
        before = newest.get(row.stem_id)
        if before is None or before.seq < row.seq:
            newest[row.stem_id] = row
    return list(newest.values())


def _sizes(session: Session, rows: Iterable[FrameRow]) -> dict[str, Size]:
    wanted = [r.id for r in rows]
    kept = frames.sizes(session, wanted if len(wanted) < _MANY else None)
    return {i: kept[i] for i in wanted}


def _tasks(session: Session) -> tuple[Task, ...]:
    order = (col(Task.due), col(Task.kind))
    return tuple(lights(session, Task, col(Task.state) == "open", order=order))


def _put_offs(session: Session) -> tuple[PutOff, ...]:
    return tuple(lights(session, PutOff, order=arrival(PutOff)))


def _sheets(session: Session) -> tuple[Plan, ...]:
    return tuple(lights(session, Plan, col(Plan.state) == "open", order=(col(Plan.day),)))


# --- bringing them up to date ----------------------------------------------------------------


class _Touched:
    """Keys of the rows that changed, by table, and what stood in them before."""

    def __init__(self) -> None:
        self.keys: dict[str, set[str]] = defaultdict(set)
        self.was: dict[str, list[dict[str, Any]]] = defaultdict(list)

    def __contains__(self, table: str) -> bool:
        return table in self.keys

    def ids(self, session: Session, table: type[Any], column: str) -> set[str]:
        """Values of a column in the rows of a table that changed, as they were and as they are."""
        name = table.__tablename__
        held = {str(w[column]) for w in self.was[name] if column in w}
        query = select(getattr(table, column)).where(col(table.id).in_(self.keys[name]))
        return held | set(session.exec(query).all())


def _since(session: Session, mark: int) -> _Touched:
    found = _Touched()
    query = sql('SELECT "of", key, was FROM change WHERE n > :mark AND "of" != \'limb\'')
    for of, key, was in session.connection().execute(query, {"mark": mark}):
        found.keys[of].add(json.loads(key)[0])
        if was:
            found.was[of].append(json.loads(was))
    return found


def _records(session: Session, before: Standing, found: _Touched) -> dict[str, Any] | None:
    if _GROUND & found.keys.keys():
        return {"records": tuple(light_records(session))}
    if not any(t in found for t in _PARTS):
        return None
    stems = set(found.keys["stem"])
    if "graft" in found:
        stems |= found.ids(session, Graft, "stem_id")
    ids = set(found.keys["tree"]) | found.ids(session, Stem, "tree_id")
    ids |= set(session.exec(select(Stem.tree_id).where(col(Stem.id).in_(stems))).all())
    of_places = select(Tree.id).where(col(Tree.place_id).in_(found.keys["place"]))
    ids |= set(session.exec(of_places).all())
    if len(ids) > _MANY:
        return {"records": tuple(light_records(session))}
    fresh = light_records(session, list(ids))
    kept = [r for r in before.records if r.tree.id not in ids]
    return {"records": tuple(sorted([*kept, *fresh], key=walked))}


def _observed(session: Session, before: Standing, found: _Touched) -> dict[str, Any] | None:
    if "observation" not in found:
        return None
    ids = found.ids(session, Observation, "scope_id")
    fresh = written(session, list(ids) if len(ids) < _MANY else None)
    if len(ids) >= _MANY:
        return {"seen": in_force(fresh), "dated": dates_of(fresh, OBSERVABLE)}
    return {
        "seen": _instead(before.seen, ids, in_force(fresh)),
        "dated": _instead(before.dated, ids, dates_of(fresh, OBSERVABLE)),
    }


def _logged(session: Session, before: Standing, found: _Touched) -> dict[str, Any] | None:
    if "logentry" not in found:
        return None
    ids = found.ids(session, LogEntry, "tree_id")
    if len(ids) >= _MANY:
        return {"log": _log(lights(session, LogEntry, order=_BY_DAY))}
    rows = lights(session, LogEntry, col(LogEntry.tree_id).in_(ids), order=_BY_DAY)
    return {"log": _instead(before.log, ids, _log(rows))}


def _framed(session: Session, before: Standing, found: _Touched) -> dict[str, Any] | None:
    if "frame" not in found:
        return None
    ids = found.ids(session, FrameRow, "stem_id")
    rows = _newest(session, list(ids) if len(ids) < _MANY else None)
    fresh = {r.stem_id: r for r in rows}
    now = _instead(before.frames, ids, fresh) if len(ids) < _MANY else fresh
    missing = [r for r in now.values() if r.id not in before.sizes]
    known = {**before.sizes, **_sizes(session, missing)}
    measured = frozenset(frames.stems_once_measured(session))
    return {"frames": now, "sizes": {r.id: known[r.id] for r in now.values()}, "measured": measured}


def _instead(
    held: Mapping[str, Any], ids: Iterable[str], fresh: Mapping[str, Any]
) -> dict[str, Any]:
    """The same with what is known now of these."""
    kept = dict(held)
    for one in ids:
        kept.pop(one, None)
    return {**kept, **fresh}


def _read_again(name: str, table: str, read: Any) -> Any:
    def change(session: Session, _before: Standing, found: _Touched) -> dict[str, Any] | None:
        return {name: read(session)} if table in found else None

    return change


_CHANGES = (
    _records,
    _observed,
    _logged,
    _framed,
    _read_again("chosen", "stancechoice", stances.choices),
    _read_again("tasks", "task", _tasks),
    _read_again("put_offs", "putoff", _put_offs),
    _read_again("sheets", "plan", _sheets),
)
