"""A school of renewal adopted: dated work for the coming years in the almanac's windows, renewed
from what really grew and was really done.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import FieldProblem, InvalidInput
from ...core.frame.model import TRUNK, Cut, Frame
from ...core.heights.renewal import School, course
from ...core.heights.standing import levels_to_hold
from ...core.heights.ways import Way, way, ways
from ...core.heights.which import Ranked, rank_limbs
from ...core.known import Knowledge
from ...core.season.events import vigour_of
from ...core.words.units import length_words
from ...store import frames, places, stances
from ...store import rotations as kept
from ...store.database import StaleVersion
from ...store.logbook import save_tasks
from ...store.rotations import save_rotation
from ...store.tables import Rotation, Task
from ...store.trees import TreeRecord, tree_record, tree_records
from ..season.desk import SeasonDesk
from ..walk.tree import walked_tree
from ..workplace import Workplace

SCOPES = ("tree", "row", "block")


@dataclass(frozen=True)
class RotationView:
    """A rotation with its dated work, the soonest first, settled or not."""

    rotation: Rotation
    name: str
    scope_name: str
    tasks: tuple[Task, ...]


def adopt(
    at: Workplace,
    rotation_id: str,
    scope: str,
    scope_id: str,
    school: str,
    low_m: float,
    tip_m: float,
    years: int,
    first_year: int | None = None,
) -> Rotation:
    """Adopt a school; one that was in force there is given up and keeps its history. The same id
    twice adopts once.

    Raises: NotFound; InvalidInput for a school or scope that is none, or heights that cannot be.
    """
    wrong = []
    known_ways = [w.id for w in ways(at.know) if w.adopted]
    if school not in known_ways:
        wrong.append(FieldProblem("/school", f"must be one of {', '.join(known_ways)}"))
    if scope not in SCOPES:
        wrong.append(FieldProblem("/scope", f"must be one of {', '.join(SCOPES)}"))
    if low_m > tip_m:
        wrong.append(
            FieldProblem("/low_m", "must not lie above the height the others are tipped at")
        )
    if wrong:
        raise InvalidInput(wrong)
    today = at.today()
    with at.store.writing() as session:
        if (known := kept.known(session, rotation_id)) is not None:
            return known
        records = _trees(session, scope, scope_id)
        for before in kept.rotations(session, [scope_id]):
            if before.ended_on is None:
                _end(session, before, today)
        made = Rotation(
            id=rotation_id,
            scope=scope,
            scope_id=scope_id,
            school=school,
            first_year=first_year or today.year,
            years=years,
            low_m=low_m,
            tip_m=tip_m,
            started_on=today,
        )
        save_rotation(session, made)
        session.flush()
        stance = way(at.know, school).stance
        if scope != "row" and stance:
            stances.choose(session, scope, scope_id, "renewal", stance)
        _lay_out(at, session, made, records)
        session.flush()
        if not kept.tasks_of(session, made.id):
            raise InvalidInput(
                [FieldProblem("/school", "no day of the coming years is open for this work here")]
            )
        return made


def give_up(at: Workplace, rotation_id: str, version: int) -> Rotation:
    """End a rotation: what is still ahead is dropped, what was done stays. Raises: NotFound,
    StaleVersion, InvalidInput where it has ended.
    """
    with at.store.writing() as session:
        found = kept.rotation(session, rotation_id)
        if found.version != version:
            raise StaleVersion(
                "Someone else changed this rotation in the meantime.", {"version": found.version}
            )
        if found.ended_on is not None:
            raise InvalidInput(
                [FieldProblem("/version", f"it ended on {found.ended_on.isoformat()}")]
            )
        _end(session, found, at.today())
        return found


def _end(session: Session, rotation: Rotation, day: dt.date) -> None:
    rotation.ended_on, rotation.version = day, rotation.version + 1
    save_rotation(session, rotation)
    for task in kept.tasks_of(session, rotation.id):
        if task.state == "open":
            task.state, task.version = "dropped", task.version + 1
            save_tasks(session, task)


def of_block(session: Session, records: Sequence[TreeRecord], block_id: str) -> list[Rotation]:
    """Rotations of a block, its rows and its trees, the newest first."""
    return kept.rotations(
        session, [block_id, *{r.row.id for r in records}, *(r.tree.id for r in records)]
    )


def view(at: Workplace, scope: str, scope_id: str) -> list[RotationView]:
    """Rotations of a scope, of what lies in it and of what it lies in, the newest first. Raises:
    NotFound, InvalidInput.
    """
    if scope not in SCOPES:
        raise InvalidInput([FieldProblem("/scope", f"must be one of {', '.join(SCOPES)}")])
    with at.store.reading() as session:
        records = _trees(session, scope, scope_id)
        first = records[0] if records else None
        if scope == "block":
            found = of_block(session, records, scope_id)
        else:
            wider = [first.row.id, first.block.id] if first else []
            found = kept.rotations(session, [scope_id, *wider, *(r.tree.id for r in records)])
        names: dict[str, str] = {}
        for r in records:
            names |= {
                r.tree.id: r.name,
                r.row.id: f"{r.block.name} row {r.row.n}",
                r.block.id: r.block.name,
            }
        return [_viewed(at, session, r, names.get(r.scope_id, "")) for r in found]


def one(at: Workplace, rotation_id: str) -> RotationView:
    """One rotation with its work. Raises: NotFound."""
    with at.store.reading() as session:
        found = kept.rotation(session, rotation_id)
        records = _trees(session, found.scope, found.scope_id)
        r = records[0]
        name = {"tree": r.name, "row": f"{r.block.name} row {r.row.n}", "block": r.block.name}[
            found.scope
        ]
        return _viewed(at, session, found, name)


def _viewed(at: Workplace, session: Session, rotation: Rotation, scope_name: str) -> RotationView:
    name = way(at.know, rotation.school).name
    return RotationView(rotation, name, scope_name, tuple(kept.tasks_of(session, rotation.id)))


def renew_tree(at: Workplace, session: Session, record: TreeRecord) -> None:
    """After work on a tree: the rotation it stands in goes on from what is there now."""
    for rotation in kept.rotations(session, [record.tree.id]):
        if rotation.ended_on is None:
            _lay_out(at, session, rotation, [record])


def _trees(session: Session, scope: str, scope_id: str) -> list[TreeRecord]:
    if scope == "tree":
        return [tree_record(session, scope_id)]
    if scope == "row":
        places.row(session, scope_id)
        return tree_records(session, row_id=scope_id)
    places.block(session, scope_id)
    return tree_records(session, block_id=scope_id)


def _lay_out(
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
                Task(
                    scope=scope,
                    scope_id=scope_id,
                    kind="renewal",
                    does=does,
                    due=due,
                    rule=rule,
                    rotation_id=rotation.id,
                ),
            )
        elif task.does != does or (task.due != due and not task.why_later):
            task.does, task.version = does, task.version + 1
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


def limb_seasons(
    session: Session, know: Knowledge, record: TreeRecord, frame: Frame, year: int
) -> dict[str, int]:
    """Years since the hard cut of each main limb, from what was ticked off; limbs never cut are not
    in it.
    """
    found: dict[str, int] = {}
    mains = {x.id: x for x in frame.limbs if x.on == TRUNK}
    headed_from = know.number("renewal/headed-from")
    for limb, _keep, tick in kept.cuts_done(session, record.tree.id):
        # a main limb that was headed ends in its own wound
        if limb in mains and mains[limb].headed_mm >= headed_from * mains[limb].base_mm:
            found[limb] = year - tick.date.year
    return found


def ranked(at: Workplace, tree_id: str, low_m: float | None = None) -> tuple[Ranked, ...]:
    """Which limb of a tree goes next. Raises: NotFound; InvalidInput for a tree that is not
    drawn.
    """
    with at.store.reading() as session:
        return _ranked(at, session, tree_record(session, tree_id), low_m)


def limb_in_turn(at: Workplace, session: Session, record: TreeRecord, goal: str) -> list[Cut]:
    """The cut of the limb whose turn it is, where a rotation of limbs is in force for the tree, its
    row or its block and the aim is to renew or lower.
    """
    if goal not in ("renew", "lower") or frames.current_row(session, record.stem.id) is None:
        return []
    force = [
        r
        for r in kept.rotations(session, [record.tree.id, record.row.id, record.block.id])
        if r.ended_on is None
    ]
    force = [r for r in force if way(at.know, r.school).in_turn]
    if not force:
        return []
    first = _ranked(at, session, record, force[0].low_m)[:1]
    return [Cut(r.limb, r.keep_m) for r in first]


def levels(at: Workplace, tree_id: str) -> tuple[float, float]:
    """Heights [m] a limb is lowered to and the rest tipped at, so that a year's growth stays under
    the cap. Raises: NotFound.
    """
    know = at.know
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        vigour = vigour_of(SeasonDesk(session, at, at.today()).state(record), know)
        row = frames.current_row(session, record.stem.id)
        tall = (
            at.size(row.id, frames.frame_of(session, row)[0]).height_m
            if row
            else know.number("renewal/low-m") * 2
        )
    cap = record.block.cap_m or tall
    low, tip = levels_to_hold(know, vigour, cap)
    return round(low, 2), round(max(low, tip), 2)


def _ranked(
    at: Workplace, session: Session, record: TreeRecord, low_m: float | None
) -> tuple[Ranked, ...]:
    walked = walked_tree(at, session, record, at.today())
    if walked.tree.frame is None:
        raise InvalidInput(
            [
                FieldProblem(
                    "",
                    (
                        "this tree is not drawn yet: give height, spread and trunk for a "
                        "sketch, or measure it"
                    ),
                )
            ]
        )
    seasons = limb_seasons(session, at.know, record, walked.tree.frame, at.today().year)
    return rank_limbs(
        at.know, walked.tree, at.know.number("renewal/low-m") if low_m is None else low_m, seasons
    )


def _by_tree(
    at: Workplace, session: Session, rotation: Rotation, record: TreeRecord
) -> list[tuple[str, dt.date, str]]:
    """The limb of each year by name, from the one whose turn it is."""
    days = days_by_year(at, session, record, rotation.school, rotation.first_year, rotation.years)
    drawn = frames.current_row(session, record.stem.id) is not None
    what = way(at.know, rotation.school)
    limbs = ["one main limb"]
    if what.named_limb and drawn:
        limbs = [f"the {r.name}" for r in _ranked(at, session, record, rotation.low_m)] or limbs
    done = {t.due.year for t in kept.tasks_of(session, rotation.id) if t.state == "done"}
    found, turn = [], 0
    for day in days:
        hard = what.goes_down != "tree" or day.year == rotation.first_year
        says = what.does_tree if hard else what.after
        does = says.format(**_heights_of(rotation), limb=limbs[turn % len(limbs)])
        turn += day.year not in done
        found.append((record.tree.id, day, does))
    return found


def _heights_of(rotation: Rotation) -> dict[str, str]:
    return {
        "low": length_words(rotation.low_m, "metric"),
        "tip": length_words(rotation.tip_m, "metric"),
    }


def _by_row(
    at: Workplace, session: Session, rotation: Rotation, records: Sequence[TreeRecord]
) -> list[tuple[str, dt.date, str]]:
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
    return [
        (row, day, (what.does if i in hard[n] else what.after or what.does).format(**heights))
        for n, row in enumerate(ordered)
        for i, day in enumerate(days[row])
    ]


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
