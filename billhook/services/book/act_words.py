"""An act in words: what was written, and of what. The words stand in the catalogue under the call
that wrote it, ``act-post-trees-log``.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...catalogue.wording import has_message
from ...core.words.values import Phrase, Saying, say
from ...store import changes as kept
from ...store import trees as tree_store
from ...store.acts import Act
from ...store.changes import Changed
from ...store.database import NotFound
from ...store.people_tables import Person
from ...store.tables import Block, Rotation, Row, Site, Task, Tree
from ...store.walk_tables import Walk
from ...store.work_tables import Plan

_ID = re.compile(r"[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}")
# of an act that wrote more rows than this, only its trees are counted
_LOOKED_AT = 200


@dataclass(frozen=True)
class Subject:
    """What an act was about. trees: ids of those it touched."""

    says: Saying | str
    trees: tuple[str, ...] = ()


def call_of(kind: str) -> str:
    """The call behind an act's kind as the catalogue names it: ``post-trees-log``."""
    method, _, path = kind.partition(" ")
    parts = [p for p in path.split("/") if p and p != "api" and not _ID.fullmatch(p)]
    return "-".join([method.lower(), *parts])


def act_says(kind: str, of: Saying | str) -> Saying:
    """What an act did, as a message; of one that no known call wrote, only that it is an entry."""
    message = f"act-{call_of(kind)}"
    return Phrase(message, (("of", of),)) if has_message(message) else say("act-entry", of=of)


def subject_of(session: Session, act: Act, changes: Sequence[Changed]) -> Subject:
    """What an act was about: by the id in its path, else by the trees it touched."""
    touched = _trees_of(session, changes)
    asked = _ID.search(act.kind)
    given = next((c.became["tree_id"] for c in changes if "tree_id" in c.became), None)
    named = _name_of(session, asked.group(0)) if asked else None
    if named is None and given is not None and len(changes) == 1:
        named = _name_of(session, given)  # what it was given to, whatever became of it since
    if named is None and len(touched) == 1:
        named = _name_of(session, touched[0])
    if named is None:
        named = say("act-of-trees", n=len(touched)) if touched else say("act-of-holding")
    return Subject(named, touched)


def _trees_of(session: Session, changes: Sequence[Changed]) -> tuple[str, ...]:
    """Ids of the trees that changes touch."""
    looked_at = [c for c in changes if c.of in ("tree", *_SCOPED) or len(changes) <= _LOOKED_AT]
    found: dict[str, None] = {}
    for change in looked_at:
        value = (
            kept.only_key(change)
            if change.of == "tree"
            else kept.column(session, change, "tree_id", "scope_id")
        )
        if value and (change.of == "tree" or session.get(Tree, value)):
            found[value] = None
    return tuple(found)


_SCOPED = ("logentry", "observation", "harvest", "walk")


def _name_of(session: Session, of: str) -> Saying | str | None:
    """What bears an id, as people call it: a tree, a row, a block, or what those have."""
    match next((x for t in _NAMED if (x := session.get(t, of))), None):
        case Tree():
            return _tree_name(session, of)
        case Plan(tree_id=tree) | Walk(tree_id=tree):
            return _tree_name(session, tree)
        case Task(scope_id=scope) | Rotation(scope_id=scope):
            return _name_of(session, scope)
        case Row() as row:
            block = session.get(Block, row.block_id)
            return say("act-of-row", row=row.called, block=block.name if block else "")
        case Block(name=name) | Site(name=name) | Person(name=name):
            return name
    return None


_NAMED = (Tree, Plan, Walk, Row, Block, Site, Task, Rotation, Person)


def _tree_name(session: Session, tree_id: str) -> str | None:
    try:
        return tree_store.tree_record(session, tree_id).name
    except NotFound:
        return None
