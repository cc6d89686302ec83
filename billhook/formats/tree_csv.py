"""Lists of trees as CSV, in and out. Columns in any order; their names bear the unit, metric or in
feet, inches and gallons.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass, fields, replace
from typing import Any

from ..core.known import Knowledge
from ..core.words.columns import Heads
from ..core.words.grammar import Grammar
from ..core.words.kinds import kind_names, plain_words, stock_names
from ..core.words.units import M_PER_FOOT, Units
from ..core.words.values import Value, listed, say
from .table import defused, reader_of, undefused


@dataclass(frozen=True)
class TreeLine:
    """One tree of a list. Sizes may be missing; a sketch needs all three of height, spread and
    trunk.
    """

    block: str
    row: int
    place: int
    species: str
    planted_year: int
    cultivar: str | None = None
    rootstock: str | None = None
    pot_l: float | None = None
    union_m: float | None = None
    height_m: float | None = None
    spread_m: float | None = None
    trunk_mm: float | None = None
    x: float | None = None
    y: float | None = None


@dataclass(frozen=True)
class LineProblem:
    """What is wrong on a line (1 is the header), in which column."""

    line: int
    column: str
    message: Value


COLUMNS = [f.name for f in fields(TreeLine)]
# a place on the ground is in metres by its bare name
_SPOT = {"x_ft": ("x", M_PER_FOOT), "y_ft": ("y", M_PER_FOOT)}
_OURS = Heads()
_FEET = {_OURS.column(c, "us")[0]: (c, _OURS.column(c, "us")[1]) for c in COLUMNS} | _SPOT
NEEDED = ("block", "row", "place", "species", "planted_year")
_RANGES = {
    "row": (1, 999),
    "place": (1, 9999),
    "planted_year": (1850, 2200),
    "pot_l": (1, 2000),
    "union_m": (-0.5, 3),
    "height_m": (0.3, 30),
    "spread_m": (0.1, 30),
    "trunk_mm": (4, 2000),
    "x": (-1e5, 1e5),
    "y": (-1e5, 1e5),
}
MAX_LINES = 200_001


@dataclass(frozen=True)
class Spoken:
    """How trees and columns are called: columns in the reader's language; kinds in every one."""

    heads: Heads = _OURS
    grammars: Sequence[Grammar] = ()


_PLAIN = Spoken()


def read_trees(
    text: str,
    know: Knowledge,
    told: Callable[[int], None] = lambda _line: None,
    spoken: Spoken = _PLAIN,
) -> tuple[list[TreeLine], list[LineProblem]]:
    """Trees and problems of a CSV text; separated by comma, semicolon or tab. Any problem means
    that nothing should be imported. told: how many lines are read.
    """
    reader = reader_of(text)
    try:
        return _read(reader, know, told, spoken)
    except csv.Error as error:
        return [], [
            LineProblem(
                max(1, reader.line_num), "", say("bad-cannot-be-read-as-csv", error=str(error))
            )
        ]


def _head_problems(names: Sequence[str], heads: Heads) -> list[LineProblem]:
    meant = [_FEET.get(n, (n, 1.0))[0] for n in names]
    known = [heads.column(c, "metric")[0] for c in COLUMNS]
    return [
        *(
            LineProblem(1, n, say("bad-there-is-no-column-known-are", n=n, known=listed(known)))
            for n in names
            if n not in COLUMNS and n not in _FEET
        ),
        *(
            LineProblem(1, n, say("bad-the-column-is-missing", n=heads.column(n, "metric")[0]))
            for n in NEEDED
            if n not in names
        ),
        *(
            LineProblem(1, n, say("bad-the-column-says-again-what-another", n=n))
            for nth, n in enumerate(names)
            if meant[nth] in meant[:nth]
        ),
    ]


def _read(
    reader: Any, know: Knowledge, told: Callable[[int], None], spoken: Spoken
) -> tuple[list[TreeLine], list[LineProblem]]:
    typed = [n.strip() for n in next(reader, [])]
    names = [spoken.heads.meant(n) for n in typed]
    if problems := _head_problems(names, spoken.heads):
        return [], problems
    called = dict(zip(names, typed, strict=True))
    found: list[TreeLine] = []
    seen: dict[tuple[str, int, int], int] = {}
    spots: dict[tuple[float, float], int] = {}
    for row in reader:
        line = reader.line_num
        if line % 200 == 0:
            told(line)
        if line > MAX_LINES:
            problems.append(
                LineProblem(line, "", say("bad-more-than-lines-split-the-list", n=MAX_LINES - 1))
            )
            break
        cells = {name: undefused(cell.strip()) for name, cell in zip(names, row, strict=False)}
        if not any(cells.values()):
            continue
        values, wrong = read_cells(cells, line, know, spoken)
        problems += wrong
        if wrong:
            continue
        tree = TreeLine(**values)  # type: ignore[arg-type]  # every cell was read by its column
        key = (tree.block, tree.row, tree.place)
        if key in seen:
            problems.append(
                LineProblem(
                    line,
                    "place",
                    say(
                        "bad-stands-on-line-already",
                        what=f"{tree.block} {tree.row}·{tree.place}",
                        line=seen[key],
                    ),
                )
            )
        seen[key] = line
        if tree.x is not None and tree.y is not None:
            spot = (round(tree.x, 2), round(tree.y, 2))
            if spot in spots:
                says = say("bad-on-the-spot-of-line", line=spots[spot])
                problems.append(LineProblem(line, "x", says))
            spots[spot] = line
        found.append(tree)
    if problems:
        return [], [replace(p, column=called.get(p.column, p.column)) for p in problems]
    return found, problems


def read_cells(
    cells: dict[str, str], line: int, know: Knowledge, spoken: Spoken = _PLAIN
) -> tuple[dict[str, object], list[LineProblem]]:
    """Values of one tree by column, and what is wrong with it."""
    values: dict[str, object] = {}
    wrong: list[LineProblem] = []
    for named, cell in cells.items():
        column, factor = (named, 1.0) if named in COLUMNS else _FEET[named]
        if not cell:
            if column in NEEDED:
                called = spoken.heads.column(column, "metric")[0]
                wrong.append(LineProblem(line, column, say("bad-is-missing", called=called)))
            continue
        if column in _RANGES:
            low, high = _RANGES[column]
            try:
                number = float(cell.replace(",", ".")) * factor
            except ValueError:
                wrong.append(LineProblem(line, named, say("bad-is-not-a-number", cell=cell)))
                continue
            if not low <= number <= high:
                wrong.append(
                    LineProblem(
                        line,
                        named,
                        say("bad-between", low=f"{low / factor:.4g}", high=f"{high / factor:.4g}"),
                    )
                )
            elif column in ("row", "place", "planted_year"):
                if number != int(number):
                    wrong.append(LineProblem(line, column, say("bad-must-be-a-whole-number")))
                values[column] = int(number)
            else:
                values[column] = number
        elif column == "block":
            values[column] = cell[:60]
        else:
            table = {"species": "species", "cultivar": "cultivars", "rootstock": "rootstocks"}[
                column
            ]
            found = _known(know, spoken.grammars, table, cell)
            if found is None:
                wrong.append(
                    LineProblem(line, column, say("bad-is-not-in-the-catalogue", word=cell))
                )
            values[column] = found
    if (
        not wrong
        and values.get("cultivar")
        and know.text(f"cultivars/{values['cultivar']}/species") != values["species"]
    ):
        wrong.append(
            LineProblem(
                line,
                "cultivar",
                say("bad-is-not-a", cultivar=cells["cultivar"], species=cells["species"]),
            )
        )
    return values, wrong


def _known(know: Knowledge, grammars: Sequence[Grammar], table: str, said: str) -> str | None:
    """A catalogue row by its id or its name; a kind or cultivar also by its other names."""
    plain = said.lower().strip()
    names_of = stock_names if table == "rootstocks" else kind_names
    for grammar in grammars:
        named = names_of(know, grammar).get(plain_words(said))
        if named is not None and named.table == table:
            return named.row
    for row in know.rows(table):
        if plain in (row, row.replace("-", " "), know.text(f"{table}/{row}/name").lower()):
            return row
    return None


def write_trees(trees: Iterable[TreeLine], units: Units = "metric", heads: Heads = _OURS) -> str:
    """A CSV text that :func:`read_trees` reads back."""
    spots = {c: (other, f) for other, (c, f) in _SPOT.items()} if units == "us" else {}
    columns = [(c, *spots.get(c, heads.column(c, units))) for c in COLUMNS]
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow([named for _, named, _ in columns])
    for tree in trees:
        writer.writerow(
            [
                ""
                if (v := getattr(tree, c)) is None
                else round(v / factor, 4)
                if isinstance(v, float)
                else defused(v)
                for c, _, factor in columns
            ]
        )
    return out.getvalue()
