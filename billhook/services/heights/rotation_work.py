"""The dated work that an adopted way becomes."""

from __future__ import annotations

import datetime as dt
from collections import defaultdict
from collections.abc import Sequence

from sqlmodel import Session

from ...catalogue.wording import said
from ...core.heights.renewal import School, course
from ...core.heights.ways import Way, way
from ...core.words.tongue import FIRST
from ...core.words.values import Length, Value, listed, say
from ...store import rotations as kept
from ...store.logbook import save_tasks
from ...store.tables import Rotation
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk
from ..tree.names import named
from ..tree.sizes import sizes_of_all
from ..tree.tasks import reword, task_for
from ..workplace import Workplace
from .turns import drawn, ranked_in


def lay_out(
    at: Workplace, session: Session, rotation: Rotation, records: Sequence[TreeRecord]
) -> None:
    """Open work of a rotation, year by year: settled years stay as they were, those ahead follow
    what stands there now.
    """
    if not records:
        return
    tasks = kept.tasks_of(session, rotation.id)
    settled = {(t.scope_id, t.due.year) for t in tasks if t.state != "open"}
    open_ = {(t.scope_id, t.due.year): t for t in tasks if t.state == "open"}
    wanted = (
        _by_tree(at, session, rotation, records[0])
        if rotation.scope == "tree"
        else _by_row(at, session, rotation, records)
    )
    rule = f"{way(at.know, rotation.school).row}/name"
    seen = set()
    for scope_id, due, does in wanted:
        key = (scope_id, due.year)
        if key in settled:
            continue
        seen.add(key)
        task = open_.get(key)
        if task is None:
            scope = "tree" if rotation.scope == "tree" else "row"
            save_tasks(
                session,
                task_for(
                    does,
                    scope=scope,
                    scope_id=scope_id,
                    kind="renewal",
                    due=due,
                    rule=rule,
                    rotation_id=rotation.id,
                ),
            )
        elif task.does != said(does, FIRST) or (task.due != due and not task.why_later):
            reword(task, does)
            task.version += 1
            task.due = task.due if task.why_later else due
            save_tasks(session, task)
    for key, task in open_.items():
        if key not in seen and task.due > at.today():
            task.state, task.version = "dropped", task.version + 1
            save_tasks(session, task)


def days_by_year(
    at: Workplace, session: Session, record: TreeRecord, school: str, first_year: int, years: int
) -> list[dt.date]:
    """The day in each year on which the season opens a school's work: the first of its open days,
    never one that it closes.
    """
    day, desk = at.today(), SeasonDesk(session, at, at.today())
    work = way(at.know, school).work
    found: list[dt.date] = []
    for year in range(first_year, first_year + years):
        begin, end = max(day, dt.date(year, 1, 1)), dt.date(year, 12, 31)
        if end < begin:
            continue
        lead = begin - dt.timedelta(days=1) if begin > day else begin
        open_ = [
            s for s in desk.season_between(record, lead, end, (work,)).segments if s.status == "go"
        ]
        # a run that begins in the year, before one that reaches into it
        begun = [s.start for s in open_ if s.start >= begin] or [
            begin for s in open_ if s.end >= begin
        ]
        found += begun[:1]
    return found


def _by_tree(
    at: Workplace, session: Session, rotation: Rotation, record: TreeRecord
) -> list[tuple[str, dt.date, Value]]:
    """The limb of each year by name, from the one whose turn it is."""
    days = days_by_year(at, session, record, rotation.school, rotation.first_year, rotation.years)
    what = way(at.know, rotation.school)
    limbs: list[Value] = [say("task-one-main-limb")]
    if what.named_limb and drawn(session, record):
        limbs = [
            say("task-the-limb", limb=r.name)
            for r in ranked_in(at, session, record, rotation.low_m)
        ] or limbs
    done = {t.due.year for t in kept.tasks_of(session, rotation.id) if t.state == "done"}
    found: list[tuple[str, dt.date, Value]] = []
    turn = 0
    for day in days:
        hard = what.goes_down != "tree" or day.year == rotation.first_year
        says = f"{what.row}/does-tree" if hard else f"{what.row}/after"
        does = at.know.row(says, **_heights_of(rotation), limb=limbs[turn % len(limbs)])
        turn += day.year not in done
        found.append((record.tree.id, day, does))
    return found


def _heights_of(rotation: Rotation) -> dict[str, Value]:
    return {"low": Length(rotation.low_m), "tip": Length(rotation.tip_m)}


def _by_row(
    at: Workplace, session: Session, rotation: Rotation, records: Sequence[TreeRecord]
) -> list[tuple[str, dt.date, Value]]:
    """What each row gets in each year; by thirds of the rows the rows that go down are named."""
    rows: dict[str, TreeRecord] = {}
    for record in records:
        rows.setdefault(record.row.id, record)
    what, heights = way(at.know, rotation.school), _heights_of(rotation)
    days = {
        row: days_by_year(at, session, record, rotation.school, rotation.first_year, rotation.years)
        for row, record in rows.items()
    }
    ordered = sorted(rows, key=lambda r: rows[r].row.n)
    hard = _rows_in_turn(what, rotation, len(ordered))
    low = _low_by_row(at, session, rotation, records) if what.by_height else {}
    return [
        (
            row,
            day,
            _with_low(
                at.know.row(
                    f"{what.row}/does" if i in hard[n] or not what.after else f"{what.row}/after",
                    **heights,
                ),
                low.get(row),
            ),
        )
        for n, row in enumerate(ordered)
        for i, day in enumerate(days[row])
    ]


def _with_low(does: Value, low: Value | None) -> Value:
    return does if low is None else listed((does, low), " ")


def _low_by_row(
    at: Workplace, session: Session, rotation: Rotation, records: Sequence[TreeRecord]
) -> dict[str, Value]:
    """Trees that tipping alone holds, by row, in words: the hard cut is for the tall ones."""
    sizes, found = sizes_of_all(at, session, records), defaultdict[str, list[TreeRecord]](list)
    for r in records:
        height = sizes[r.tree.id].height_m
        if height is not None and height <= rotation.tip_m:
            found[r.row.id].append(r)
    tip = _heights_of(rotation)["tip"]
    return {
        row: say("task-only-tipped", tip=tip, trees=named(trees)) for row, trees in found.items()
    }


def _rows_in_turn(what: Way, rotation: Rotation, rows: int) -> list[set[int]]:
    """Years, by row, in which something of the row goes down."""
    years = range(rotation.years)
    if what.goes_down != "rows":
        first = School(what.goes_down)
        return [{y for y in years if first.cuts_hard(y) or not what.after}] * rows
    school = School("rows", what.sectors, low_m=rotation.low_m, tip_m=rotation.tip_m)
    turns = course(school, rotation.tip_m + 0.5, rotation.years, rows=rows)
    groups = max(1, len(turns.rows))
    return [{y for y in years if turns.years[y].cut == n % groups} for n in range(rows)]
