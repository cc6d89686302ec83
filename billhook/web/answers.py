"""Core and service values as response bodies."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from typing import Any

from flask import current_app
from pydantic import BaseModel

from ..catalogue.wording import said
from ..core.choice import one_of
from ..core.errors import invalid
from ..core.frame.geometry import Point
from ..core.season.model import WORKS
from ..core.season.today import work_words as words_of
from ..core.tasks import task_said
from ..core.words.kinds import kind_called
from ..core.words.values import Value, listed, of_plain, say
from ..services.book.logbook import LogLine
from ..services.tree.views import FrameView
from ..services.workplace import Workplace
from ..store.tables import Task
from .models.logbook import LogOut, TaskOut


def here() -> Workplace:
    """The workplace this application serves."""
    return current_app.extensions["billhook"]  # type: ignore[no-any-return]


def known_row(pointer: str, table: str, row: str | None) -> None:
    """Refuse a word the catalogue's table has no row for; None passes. Raises: InvalidInput."""
    rows = here().know.rows(table)
    if row is not None and row not in rows:
        raise invalid(
            pointer, say("bad-is-not-in-the-catalogue-known", row=row, known=listed(rows))
        )


def body(model: type[BaseModel], value: Any) -> dict[str, Any]:
    """A value as the JSON a response model describes."""
    return model.model_validate(value).model_dump(mode="json", by_alias=True)


def anew(kept: Mapping[str, Any], name: str) -> Value:
    """What was kept of a sentence, for the reader's language to say; as it was written, where only
    words were kept.
    """
    data = kept.get(f"{name}_says")
    return str(kept[name]) if data is None else of_plain(data)


def tasks_body(tasks: Iterable[Task]) -> list[dict[str, Any]]:
    """Dated tasks, each with what it is for."""
    know = here().know
    return [
        body(TaskOut, {**vars(t), "does": task_said(know, t.rule, t.does, t.says)}) for t in tasks
    ]


def rounded(point: Point) -> tuple[float, float, float]:
    """A point to a tenth of a millimetre."""
    return (round(point[0], 4), round(point[1], 4), round(point[2], 4))


def drawn(view: FrameView) -> dict[str, Any]:
    """A stored frame as the drawing needs it."""
    row = view.row
    limbs = [
        {
            "id": x.id,
            "on": x.on,
            "name": view.names[x.id],
            "start": rounded(view.ends[x.id][0]),
            "end": rounded(view.ends[x.id][1]),
            "at_m": x.at_m,
            "base_mm": x.base_mm,
            "tip_mm": x.end_mm,
            "length_m": x.length_m,
            "rise_deg": x.rise_deg,
            "bearing_deg": x.bearing_deg,
            "state": x.state,
            "foliage": x.foliage,
            "fruit": x.fruit,
            "headed_mm": x.headed_mm,
            "kind": x.kind,
            "bloom": x.bloom,
            "flush": x.flush,
            "measured": x.id in view.measured,
            "sucker": x.id in view.suckers,
        }
        for x in view.frame.limbs
    ]
    return {
        "id": row.id,
        "date": row.date.isoformat(),
        "origin": row.origin,
        "drawn": view.drawn,
        "seq": row.seq,
        "union_m": row.union_m,
        "trunk_mm": row.trunk_mm,
        "trunk_m": row.trunk_m,
        "height_m": view.size.height_m,
        "spread_m": view.size.spread_m,
        "skirt_m": view.outline.skirt_m,
        "fruit": view.size.fruit,
        "limbs": limbs,
    }


NOTED = {
    "unmeasured": say("noted-unmeasured"),
    "cut off on a walk": say("noted-cut-off"),
    "rubbed off on a walk": say("noted-rubbed-off"),
}
"""Notes that Billhook itself writes beside an entry, for every language to say."""


def log_body(line: LogLine) -> dict[str, Any]:
    """A log entry with its tree's name, what was counted, and by what it is taken back."""
    more = {
        "tree": line.tree_name,
        "note": NOTED.get(line.entry.note, line.entry.note),
        "share": line.share,
        "corrected_by": line.corrected_by,
        "counted": [vars(c) | {"class": c.thickness} for c in line.counts],
        "act": line.act,
        "with_it": line.with_it,
    }
    return body(LogOut, {**line.entry.model_dump(), **more})


def log_lines(lines: Sequence[LogLine]) -> list[dict[str, Any]]:
    """Log entries with their tree's name."""
    return [log_body(line) for line in lines]


def name_of(table: str, row: str | None) -> str | None:
    """The catalogue's name of a species, cultivar or rootstock; the id itself where the catalogue
    has none.
    """
    if row is None:
        return None
    known_id = f"{table}/{row}/name"
    return said(here().know.row(known_id)) if known_id in here().know else row


def kind_name(species: str, cultivar: str | None) -> str:
    """Cultivar and species as one says them."""
    return said(kind_called(here().know, species, cultivar))


def goals() -> list[dict[str, Any]]:
    """What a plan may be for, as the catalogue names it."""
    know = here().know
    return [
        {
            "id": g,
            "name": know.row(f"goals/{g}/name"),
            "says": know.row(f"goals/{g}/says"),
            "alone": bool(know.number(f"goals/{g}/alone")),
        }
        for g in know.rows("goals")
    ]


def work_words(work: str) -> str:
    """A kind of work in the grower's words. Raises: ValueError for one that is none."""
    return said(words_of(one_of(WORKS, work)))
