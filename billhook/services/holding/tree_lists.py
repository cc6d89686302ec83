"""Lists of trees in and out. A list is worked out beside the others' work; only putting it down
makes them wait.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Any

from sqlmodel import Session, SQLModel

from ...catalogue.languages import grammars, heads
from ...core.days import planted_problem
from ...core.frame.model import Frame
from ...core.words.tongue import spoken
from ...core.words.values import say
from ...formats.tree_csv import LineProblem, Spoken, TreeLine, read_trees, write_trees
from ...store import frames, places
from ...store.acts import new_id
from ...store.tables import Block, FrameRow, FrameSize, Graft, LimbRow, Place, Row, Stem, Tree
from ...store.trees import tree_records
from .. import progress
from ..progress import long_work
from ..tree.framing import sketched_frame
from ..tree.sizes import sizes_of_all
from ..workplace import Workplace
from .ground import Ground, ground_of
from .planting import usual_step

_ORDER: tuple[type[SQLModel], ...] = (
    Block,
    Row,
    Place,
    Tree,
    Stem,
    Graft,
    FrameRow,
    LimbRow,
    FrameSize,
)


@dataclass(frozen=True)
class Imported:
    """What an import did, or would do; nothing is saved when there are problems."""

    trees: int
    blocks: int
    problems: list[LineProblem]
    saved: bool


@dataclass
class _Rows:
    """Rows to be put down, by table, and the ground they were worked out for."""

    ground: tuple[int, ...]
    rows: dict[type[SQLModel], list[dict[str, Any]]] = field(default_factory=dict)

    def add(self, table: type[SQLModel], **values: Any) -> str:
        row = {"id": new_id()} | values
        self.rows.setdefault(table, []).append(row)
        return str(row["id"])


def import_trees(at: Workplace, site_id: str, text: str, save: bool) -> Imported:
    """Read a list of trees; save it whole, or not at all. Raises: NotFound for an unknown site."""
    with long_work(at, "import"):
        made = _import(at, site_id, text, save)
        if made.problems:
            progress.came_to(say("import-wrong", n=len(made.problems)))
        else:
            progress.came_to(say("import-made" if made.saved else "import-good", n=made.trees))
        return made


def as_spoken() -> Spoken:
    """How lists call trees and columns, for who reads now."""
    return Spoken(heads(spoken()), grammars(spoken()))


def _import(at: Workplace, site_id: str, text: str, save: bool) -> Imported:
    progress.part(say("import-reading"), text.count("\n"))
    lines, problems = read_trees(text, at.know, progress.step, as_spoken())
    problems += [
        LineProblem(i + 2, "planted_year", wrong)
        for i, t in enumerate(lines)
        if (wrong := planted_problem(t.planted_year, at.today()))
    ]
    if not problems and not lines:
        problems = [LineProblem(1, "", say("bad-the-list-holds-no-tree"))]
    return plant_lines(at, site_id, lines, problems, save)


def plant_lines(
    at: Workplace,
    site_id: str,
    lines: list[TreeLine],
    problems: list[LineProblem],
    save: bool,
    nth: Callable[[int], int] = lambda i: i + 2,
) -> Imported:
    """Put trees that were read down, all or none. problems: what is wrong with them already; nth:
    the line of a tree in what was read. Raises: NotFound for an unknown site.
    """
    sketches = {} if problems or not save else _sketches(at, lines)
    with at.store.reading() as session:
        places.site(session, site_id)
        problems += _taken(at, session, site_id, lines, nth)
        ready = _rows(at, session, site_id, lines, sketches) if save and not problems else None
    if ready is not None:
        with at.store.writing() as session:
            if places.ground_mark(session) != ready.ground:
                # somebody planted in between; worked out anew, while nobody else can
                problems += _taken(at, session, site_id, lines, nth)
                ready = _rows(at, session, site_id, lines, sketches)
            if not problems:
                _put_down(session, ready)
    return Imported(len(lines), len({t.block for t in lines}), problems, save and not problems)


def _taken(
    at: Workplace, session: Session, site_id: str, lines: list[TreeLine], nth: Callable[[int], int]
) -> list[LineProblem]:
    standing = {
        (r.block.name, r.row.n, r.place.n)
        for r in at.standing(session).records
        if r.site.id == site_id
    }
    return [
        LineProblem(
            nth(i),
            "place",
            say("bad-on-a-tree-stands-already", block=t.block, row=t.row, place=t.place),
        )
        for i, t in enumerate(lines)
        if (t.block, t.row, t.place) in standing
    ]


def _sketches(at: Workplace, lines: list[TreeLine]) -> dict[int, Frame]:
    """An outline of every tree whose three sizes are given, by its place in the list."""
    return {
        i: sketched_frame(
            at,
            f"{t.block} {t.row}·{t.place}",
            t.species,
            t.cultivar,
            t.planted_year,
            t.height_m,
            t.spread_m,
            t.trunk_mm,
            t.union_m,
        )
        for i, t in progress.through(list(enumerate(lines)), say("import-drawing"))
        if t.height_m and t.spread_m and t.trunk_mm
    }


def _rows(
    at: Workplace, session: Session, site_id: str, lines: list[TreeLine], sketches: dict[int, Frame]
) -> _Rows:
    """Everything that the list adds, with its ids."""
    made = _Rows(places.ground_mark(session))
    ground = ground_of(at.know, session, site_id)
    blocks = {b.name: b.id for b in places.blocks(session) if b.site_id == site_id}
    names = {v: k for k, v in blocks.items()}
    rows = {(names[r.block_id], r.n): r.id for r in places.rows(session) if r.block_id in names}
    usual = Tree(place_id="", species="", planted_year=0).model_dump(
        exclude={"id", "place_id", "species", "planted_year", "pot_l"}
    )
    for i, line in enumerate(lines):
        if line.block not in blocks:
            blocks[line.block] = made.add(
                Block, **Block(site_id=site_id, name=line.block).model_dump(exclude={"id"})
            )
        where = (line.block, line.row)
        if where not in rows:
            rows[where] = made.add(Row, block_id=blocks[line.block], n=line.row, kind="trees")
        place_id = ground.places[where].get(line.place) or _place(
            at, made, ground, rows[where], line
        )
        of_line = {k: getattr(line, k) for k in ("species", "planted_year", "pot_l")}
        tree_id = made.add(Tree, **usual, **of_line, place_id=place_id)
        stem_id = made.add(
            Stem, tree_id=tree_id, rootstock=line.rootstock, union_m=line.union_m, union_mark=None
        )
        if line.cultivar:
            made.add(Graft, stem_id=stem_id, cultivar=line.cultivar)
        if i in sketches:
            row, limbs, size = frames.first_rows(
                tree_id, stem_id, sketches[i], at.today(), "sketched"
            )
            made.rows.setdefault(FrameRow, []).append(row)
            made.rows.setdefault(LimbRow, []).extend(limbs)
            made.rows.setdefault(FrameSize, []).append(size)
    return made


def _place(at: Workplace, made: _Rows, ground: Ground, row_id: str, line: TreeLine) -> str:
    where = (line.block, line.row)
    x, y = line.x, line.y
    if x is None or y is None:
        x, y = ground.next(where, usual_step(at, line.species))
    place_id = made.add(Place, row_id=row_id, n=line.place, x=x, y=y)
    ground.put(where, line.place, place_id, x, y)
    return place_id


def _put_down(session: Session, made: _Rows) -> None:
    """Everything at once, straight through the driver: while it goes on, others wait."""
    progress.part(say("import-keeping"))
    for table in (t for t in _ORDER if t in made.rows):
        columns = list(made.rows[table][0])
        names, marks = ", ".join(columns), ", ".join("?" * len(columns))
        dated = [c for c in columns if isinstance(made.rows[table][0][c], dt.date)]
        for row in made.rows[table] if dated else ():
            row.update({c: row[c].isoformat() for c in dated})
        values = [tuple(row.values()) for row in made.rows[table]]
        session.connection().exec_driver_sql(
            f'INSERT INTO "{table.__tablename__}" ({names}) VALUES ({marks})', values
        )


def export_trees(at: Workplace) -> str:
    """Every standing tree as CSV, in walking order."""
    with at.store.reading() as session:
        records = tree_records(session)
        sizes, lines = sizes_of_all(at, session, records), []
        for r in records:
            size = sizes[r.tree.id]
            lines.append(
                TreeLine(
                    r.block.name,
                    r.row.n,
                    r.place.n,
                    r.tree.species,
                    r.tree.planted_year,
                    r.cultivar,
                    r.stem.rootstock,
                    r.tree.pot_l,
                    r.stem.union_m,
                    size.height_m,
                    size.spread_m,
                    size.trunk_mm,
                    r.place.x,
                    r.place.y,
                )
            )
        return write_trees(lines, places.units(session), heads(spoken()))
