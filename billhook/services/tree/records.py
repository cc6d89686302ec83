"""What is on record of a tree: its kind, stock and pot, and that it is gone."""

from __future__ import annotations

import datetime as dt
from typing import Literal

from sqlmodel import Session

from ...core.days import done_problem, planted_problem
from ...core.errors import invalid, refuse
from ...core.known import Knowledge
from ...core.words.values import say
from ...store.database import NotFound, StaleVersion
from ...store.tables import Graft
from ...store.trees import TreeRecord, save_trees, set_graft, tree_record, tree_records
from ..workplace import Workplace

Scope = Literal["row", "block"]


def change_tree(
    at: Workplace, tree_id: str, version: int, changes: dict[str, object]
) -> TreeRecord:
    """Change a tree's record. Raises: StaleVersion with what holds now when somebody else changed
    it; NotFound; InvalidInput.
    """
    with at.store.writing() as session:
        record = _current(session, tree_id, version, changes)
        _change(at, session, record, changes)
        return record


def change_alike(
    at: Workplace, tree_id: str, version: int, scope: Scope, changes: dict[str, object]
) -> int:
    """Change the record of a tree and of every like tree (of its kind) in its row or block; how
    many. Raises: as :func:`change_tree`; InvalidInput for a name, which only one tree has.
    """
    if "name" in changes:
        raise invalid("/name", say("bad-a-name-is-of-one-tree"))
    with at.store.writing() as session:
        record = _current(session, tree_id, version, changes)
        row_id = record.row.id if scope == "row" else None
        block_id = record.block.id if scope == "block" else None
        kind = (record.tree.species, record.cultivar)
        alike = [
            r
            for r in tree_records(session, row_id=row_id, block_id=block_id)
            if (r.tree.species, r.cultivar) == kind
        ]
        for one in alike:
            _change(at, session, one, dict(changes))
        return len(alike)


def _current(
    session: Session, tree_id: str, version: int, changes: dict[str, object]
) -> TreeRecord:
    record = tree_record(session, tree_id)
    if record.tree.version != version:
        raise StaleVersion(
            say("bad-someone-else-changed-this-tree-in"),
            {"version": record.tree.version}
            | {k: getattr(record.tree, k, getattr(record.stem, k, None)) for k in changes},
        )
    return record


def _change(
    at: Workplace, session: Session, record: TreeRecord, changes: dict[str, object]
) -> None:
    _check_kinds(at, record, changes)
    regraft(session, record, changes, at.know)
    for key, value in changes.items():
        of_stem = key in ("rootstock", "union_m", "union_mark")
        setattr(record.stem if of_stem else record.tree, key, value)
    record.tree.version += 1
    save_trees(session, record.tree)
    save_trees(session, record.stem)


def add_graft(at: Workplace, tree_id: str, graft_id: str, cultivar: str, mark: str) -> None:
    """A further cultivar on a tree, with what its leaf is told by. The same id twice adds it once.
    Raises: NotFound; InvalidInput for a cultivar of another kind, or no mark.
    """
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        if session.get(Graft, graft_id) is not None:
            return
        _check_kinds(at, record, {"cultivar": cultivar})
        told = mark.strip()
        refuse({"/mark": None if told else say("bad-say-what-its-leaf-is-told")})
        save_trees(
            session, Graft(id=graft_id, stem_id=record.stem.id, cultivar=cultivar, mark=told)
        )


def take_graft_off(at: Workplace, tree_id: str, graft_id: str) -> None:
    """A further cultivar that is not on the tree any more. Raises: NotFound."""
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        graft = session.get(Graft, graft_id)
        if graft is None or graft.stem_id != record.stem.id or not graft.mark:
            raise NotFound(say("bad-there-is-no-further-cultivar-on", graft_id=graft_id))
        session.delete(graft)


def regraft(
    session: Session, record: TreeRecord, changes: dict[str, object], know: Knowledge
) -> None:
    """Take the cultivar out of the changes and put it on the stem; one that is not of the new kind
    goes.
    """
    species = str(changes.get("species", record.tree.species))
    held = record.cultivar
    if held is not None and know.text(f"cultivars/{held}/species") != species:
        changes.setdefault("cultivar", None)
    if "cultivar" in changes:
        cultivar = changes.pop("cultivar")
        set_graft(session, record.stem.id, None if cultivar is None else str(cultivar))


def _check_kinds(at: Workplace, record: TreeRecord, changes: dict[str, object]) -> None:
    species = changes.get("species", record.tree.species)
    if species not in at.know.rows("species"):
        raise invalid("/species", say("bad-is-not-in-the-catalogue", word=str(species)))
    cultivar = changes.get("cultivar")
    of_kind = cultivar in at.know.rows("cultivars") and (
        at.know.text(f"cultivars/{cultivar}/species") == species
    )
    if cultivar is not None and not of_kind:
        raise invalid("/cultivar", say("bad-is-not-a-cultivar-of-that", word=str(cultivar)))
    rootstock = changes.get("rootstock")
    if rootstock is not None and rootstock not in at.know.rows("rootstocks"):
        raise invalid("/rootstock", say("bad-is-not-in-the-catalogue", word=str(rootstock)))
    year = changes.get("planted_year")
    refuse({"/planted_year": planted_problem(year, at.today()) if isinstance(year, int) else None})


def remove_tree(at: Workplace, tree_id: str, version: int, date: dt.date) -> None:
    """A tree is gone; its place, frames and log stay. Raises: NotFound, StaleVersion, InvalidInput
    when it is gone already or for a day to come.
    """
    refuse({"/date": done_problem(date, at.today())})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        if record.tree.removed_on is not None:
            raise invalid("/date", say("bad-this-tree-is-gone-since", day=record.tree.removed_on))
        if record.tree.version != version:
            raise StaleVersion(
                say("bad-someone-else-changed-this-tree-in-2"), {"version": record.tree.version}
            )
        record.tree.removed_on, record.tree.version = date, record.tree.version + 1
        save_trees(session, record.tree)
