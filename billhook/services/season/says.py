"""One tap that changes what the season says: picked, no fruit, carried out, under cover, no frost
ahead. Each can be taken back.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import seen_problem
from ...core.errors import invalid, refuse
from ...core.observed import TAKEN_OUT
from ...core.words.dates import day_words
from ...core.words.values import listed, say
from ...store import places
from ...store.tables import Observation
from ...store.trees import (
    TreeRecord,
    observation,
    save_observations,
    save_trees,
    several,
    tree_record,
    tree_records,
)
from ..workplace import Workplace

_DATED = {
    "picked": ("harvest_end", "Picked on {day}"),
    "bloomed": ("bloom_start", "In bloom since {day}"),
    "went-out": ("carry_out", "Carried out on {day}"),
    "came-in": ("carry_in", "Carried in on {day}"),
}
_WORDED = {
    "no-fruit": ("fruit_on", "none", "No fruit on it this year"),
    "never-borne": ("fruit_on", "never", "It has not borne yet"),
    "no-frost": ("frost_ahead", "no", "No frost in the next 14 days"),
    "frost": ("frost_ahead", "yes", "Frost is forecast"),
    "covered": ("shelter", "cover", "Covered against the frost"),
    "heated": ("shelter", "heat", "Heated or sprinkled against the frost"),
    "uncovered": ("shelter", "none", "Nothing shelters it"),
}
_OF_BLOCK = frozenset({"no-frost", "frost"})
_COVER = {
    "under-cover": (True, "Under cover in winter"),
    "in-the-open": (False, "In the open all year"),
}
SAYINGS = (*_DATED, *_WORDED, *_COVER)
SCOPES = ("tree", "row", "block")


@dataclass(frozen=True)
class Said:
    """What was said of how many trees. ids: to take it back by; of a cover, the trees."""

    saying: str
    trees: int
    words: str
    ids: tuple[str, ...]


def write_down(
    at: Workplace,
    saying: str,
    tree_ids: Sequence[str] = (),
    scope: str | None = None,
    scope_id: str = "",
    species: Sequence[str] = (),
    day: dt.date | None = None,
) -> Said:
    """Write down of trees, or of a row or block and its kinds, what changes their season. Raises:
    NotFound; InvalidInput by field.
    """
    on = day or at.today()
    refuse(
        {
            "/saying": None
            if saying in SAYINGS
            else say("bad-must-be-one-of", known=listed(SAYINGS)),
            "/scope": None
            if scope is None or scope in SCOPES
            else say("bad-must-be-one-of", known=listed(SCOPES)),
            "/tree_ids": None if tree_ids or scope else say("bad-say-which-trees-or-which-row"),
            "/day": seen_problem(on, at.today()),
        }
    )
    with at.store.writing() as session:
        records = [
            r
            for r in _records(session, tree_ids, scope, scope_id)
            if not species or r.tree.species in species
        ]
        if not records:
            raise invalid("/species", say("bad-no-such-tree-stands-there"))
        if saying in _COVER:
            return Said(
                saying,
                len(records),
                _COVER[saying][1],
                tuple(_cover(session, records, _COVER[saying][0])),
            )
        kind, value, words = _of(saying, on)
        scopes = (
            [("block", i) for i in dict.fromkeys(r.block.id for r in records)]
            if saying in _OF_BLOCK
            else [("tree", r.tree.id) for r in records]
        )
        made = [
            Observation(scope=s, scope_id=i, kind=kind, value=value, date=on) for s, i in scopes
        ]
        save_observations(session, *made)
        return Said(saying, len(records), words, tuple(o.id for o in made))


def take_back(at: Workplace, saying: str, ids: Sequence[str]) -> int:
    """Take a saying back. Returns of how many. Raises: NotFound; InvalidInput for an saying that is
    none.
    """
    refuse(
        {"/saying": None if saying in SAYINGS else say("bad-must-be-one-of", known=listed(SAYINGS))}
    )
    with at.store.writing() as session:
        if saying in _COVER:
            return len(_cover(session, several(session, ids), not _COVER[saying][0]))
        for said in [observation(session, i) for i in ids]:
            save_observations(
                session,
                Observation(
                    scope=said.scope,
                    scope_id=said.scope_id,
                    kind=said.kind,
                    value=TAKEN_OUT,
                    date=at.today(),
                    corrects=said.id,
                ),
            )
        return len(ids)


def _records(
    session: Session, tree_ids: Sequence[str], scope: str | None, scope_id: str
) -> list[TreeRecord]:
    found = several(session, tree_ids)
    if scope == "tree":
        found.append(tree_record(session, scope_id))
    elif scope == "row":
        places.row(session, scope_id)
        found += tree_records(session, row_id=scope_id)
    elif scope == "block":
        places.block(session, scope_id)
        found += tree_records(session, block_id=scope_id)
    return found


def _of(saying: str, day: dt.date) -> tuple[str, str, str]:
    if saying in _DATED:
        kind, words = _DATED[saying]
        return kind, day.isoformat(), words.format(day=day_words(day))
    return _WORDED[saying]


def _cover(session: Session, records: Sequence[TreeRecord], covered: bool) -> list[str]:
    """Which trees changed."""
    changed = [r.tree for r in records if r.tree.under_cover != covered]
    for tree in changed:
        tree.under_cover, tree.version = covered, tree.version + 1
        save_trees(session, tree)
    return [t.id for t in changed]
