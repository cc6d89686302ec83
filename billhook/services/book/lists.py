"""Lists that leave the holding: what was picked, how long it took, what is due, what it takes."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import Literal

from ...catalogue.languages import heads
from ...catalogue.wording import said
from ...core.tasks import task_said
from ...core.words.tongue import spoken
from ...core.words.units import Units
from ...formats.lists import csv_of
from ...store import logbook as kept
from ...store import places
from ..season.season_plan import season_plan
from ..tree.names import row_called
from ..workplace import Workplace
from .book import Asked, book

Listed = Literal["harvests", "hours", "tasks", "materials"]
_ALL = 1_000_000
Rows = Iterable[tuple[object, ...]]


def list_csv(at: Workplace, name: Listed) -> str:
    """One of the lists as CSV, in the holding's units."""
    with at.store.reading() as session:
        units = places.units(session)
    columns, rows_of = _LISTS[name]
    return csv_of(columns, rows_of(at, units), units, heads(spoken()))


def _harvests(at: Workplace, _units: Units) -> Rows:
    for p in sorted(book(at, Asked(), _ALL).picked, key=lambda p: (p.day, said(p.where))):
        yield p.day, said(p.where), p.kg, p.who


def _hours(at: Workplace, _units: Units) -> Rows:
    """Entries in force of which somebody said how long they took, the oldest first."""
    with at.store.reading() as session:
        records = at.standing(session).by_tree
    for line in reversed(book(at, Asked(), _ALL).lines):
        e = line.entry
        if e.minutes is None or line.corrected_by:
            continue
        record = records.get(e.tree_id)
        block = record.block.name if record else ""
        yield e.date, line.tree_name, block, e.work, round(e.minutes / 60, 2), e.who


def _tasks(at: Workplace, _units: Units) -> Rows:
    with at.store.reading() as session:
        held = at.standing(session)
        found = kept.tasks(session)
    names = {r.tree.id: r.name for r in held.records} | {
        r.row.id: said(row_called(r)) for r in held.records
    }
    for task in found:
        if task.scope_id in names:
            yield (
                task.due,
                names[task.scope_id],
                said(task_said(at.know, task.rule, task.does, task.says)),
                task.why_later,
            )


def _materials(at: Workplace, units: Units) -> Rows:
    for month in season_plan(at, at.today(), None, units).months:
        s = month.supplies
        yield (
            f"{month.first:%Y-%m}",
            month.hours,
            s.whitewash_l,
            s.disinfectant_l,
            s.rags,
            s.saw_blades,
            s.secateur_blades,
            s.chips_m3,
            s.mulch_m2,
        )


_LISTS: dict[Listed, tuple[tuple[str, ...], Callable[[Workplace, Units], Rows]]] = {
    "harvests": (("date", "where", "picked_kg", "who"), _harvests),
    "hours": (("date", "tree", "block", "work", "hours", "who"), _hours),
    "tasks": (("due", "where", "what", "put_off_because"), _tasks),
    "materials": (
        (
            "month",
            "hours",
            "whitewash_l",
            "disinfectant_l",
            "rags",
            "saw_blades",
            "secateur_blades",
            "chips_m3",
            "mulch_m2",
        ),
        _materials,
    ),
}
