"""A school of renewal adopted: dated work for the coming years in the almanac's windows, renewed
from what really grew and was really done.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import invalid, refuse
from ...core.heights.standing import levels_to_hold
from ...core.heights.ways import way, ways
from ...core.season.events import vigour_of
from ...core.words.values import Value, listed, say
from ...store import frames, places, stances
from ...store import rotations as kept
from ...store.database import StaleVersion
from ...store.logbook import save_tasks
from ...store.rotations import save_rotation
from ...store.tables import Rotation, Task
from ...store.trees import TreeRecord, tree_record, tree_records
from ..season.desk import SeasonDesk
from ..tree.names import row_called
from ..workplace import Workplace
from .rotation_work import lay_out

SCOPES = ("tree", "row", "block")


@dataclass(frozen=True)
class RotationView:
    """A rotation with its dated work, the soonest first, settled or not."""

    rotation: Rotation
    name: Value
    scope_name: Value
    tasks: tuple[Task, ...]


def _end_before(session: Session, scope_id: str, today: dt.date) -> None:
    for before in kept.rotations(session, [scope_id]):
        if before.ended_on is None:
            _end(session, before, today)


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
    known_ways = [w.id for w in ways(at.know) if w.adopted]
    above = "must not lie above the height the others are tipped at"
    refuse(
        {
            "/school": None
            if school in known_ways
            else say("bad-must-be-one-of", known=listed(known_ways)),
            "/scope": None if scope in SCOPES else say("bad-must-be-one-of", known=listed(SCOPES)),
            "/low_m": above if low_m > tip_m else None,
        }
    )
    today = at.today()
    with at.store.writing() as session:
        if (known := kept.known(session, rotation_id)) is not None:
            return known
        _end_before(session, scope_id, today)
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
        if scope != "row" and (stance := way(at.know, school).stance):
            stances.choose(session, scope, scope_id, "renewal", stance)
        lay_out(at, session, made, _trees(session, scope, scope_id))
        session.flush()
        if not kept.tasks_of(session, made.id):
            raise invalid("/school", say("bad-no-day-of-the-coming-years"))
        return made


def give_up(at: Workplace, rotation_id: str, version: int) -> Rotation:
    """End a rotation: what is still ahead is dropped, what was done stays. Raises: NotFound,
    StaleVersion, InvalidInput where it has ended.
    """
    with at.store.writing() as session:
        found = kept.rotation(session, rotation_id)
        if found.version != version:
            raise StaleVersion(
                say("bad-someone-else-changed-this-rotation-in"), {"version": found.version}
            )
        if found.ended_on is not None:
            raise invalid("/version", say("bad-it-ended-on", day=found.ended_on))
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
        raise invalid("/scope", say("bad-must-be-one-of", known=listed(SCOPES)))
    with at.store.reading() as session:
        records = _trees(session, scope, scope_id)
        first = records[0] if records else None
        if scope == "block":
            found = of_block(session, records, scope_id)
        else:
            wider = [first.row.id, first.block.id] if first else []
            found = kept.rotations(session, [scope_id, *wider, *(r.tree.id for r in records)])
        names: dict[str, Value] = {}
        for r in records:
            names |= {r.tree.id: r.name, r.row.id: row_called(r), r.block.id: r.block.name}
        return [_viewed(at, session, r, names.get(r.scope_id, "")) for r in found]


def one(at: Workplace, rotation_id: str) -> RotationView:
    """One rotation with its work. Raises: NotFound."""
    with at.store.reading() as session:
        found = kept.rotation(session, rotation_id)
        records = _trees(session, found.scope, found.scope_id)
        r = records[0]
        name = {"tree": r.name, "row": row_called(r), "block": r.block.name}[found.scope]
        return _viewed(at, session, found, name)


def _viewed(at: Workplace, session: Session, rotation: Rotation, scope_name: Value) -> RotationView:
    name = way(at.know, rotation.school).name
    return RotationView(rotation, name, scope_name, tuple(kept.tasks_of(session, rotation.id)))


def renew_tree(at: Workplace, session: Session, record: TreeRecord) -> None:
    """After work on a tree: the rotation it stands in goes on from what is there now."""
    for rotation in kept.rotations(session, [record.tree.id]):
        if rotation.ended_on is None:
            lay_out(at, session, rotation, [record])


def _trees(session: Session, scope: str, scope_id: str) -> list[TreeRecord]:
    if scope == "tree":
        return [tree_record(session, scope_id)]
    if scope == "row":
        places.row(session, scope_id)
        return tree_records(session, row_id=scope_id)
    places.block(session, scope_id)
    return tree_records(session, block_id=scope_id)


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
    cap = record.cap_m or tall
    low, tip = levels_to_hold(know, vigour, cap)
    return round(low, 2), round(max(low, tip), 2)
