"""Trees with their stem, graft and place, and what was observed of them."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Iterator, Mapping, Sequence
from typing import Any, NamedTuple

from sqlalchemy import func
from sqlalchemy import select as joined_select
from sqlmodel import Session, col, select

from ..core.observed import SAYS, TAKEN_OUT, value_problem
from ..core.words.values import Value, say
from .acts import Act, arrival
from .aims import aims, nearest
from .database import NotFound, StaleVersion
from .lights import columns_of, lights, many
from .tables import Aim, Block, Graft, Observation, OwnSpecies, Place, Row, Site, Stem, Tree


class TreeRecord(NamedTuple):
    """One tree and what it hangs on. cap_m, width_m: how high and wide it is wanted [m], by the
    nearest that says so.
    """

    tree: Tree
    stem: Stem
    cultivar: str | None
    place: Place
    row: Row
    block: Block
    site: Site
    cap_m: float | None = None
    width_m: float | None = None

    @property
    def name(self) -> str:
        """As on its tag: ``Baixo 4·11``."""
        return self.tree.name or f"{self.block.name} {self.row.called}·{self.place.n}"


Box = tuple[float, float, float, float]
"""West, south, east, north [m from the site's corner]."""


def tree_records(
    session: Session,
    tree_id: str | None = None,
    row_id: str | None = None,
    site_id: str | None = None,
    box: Box | None = None,
    block_id: str | None = None,
) -> list[TreeRecord]:
    """Standing trees in walking order (block, row, place); of one row or block, of a site within a
    box, or one tree whether standing or not.
    """
    query = _joined(joined_select(Tree, Stem, Graft, Place, Row, Block, Site))
    query = (
        query.where(col(Tree.id) == tree_id)
        if tree_id is not None
        else query.where(col(Tree.removed_on).is_(None))
    )
    if row_id is not None:
        query = query.where(col(Row.id) == row_id)
    if site_id is not None:
        query = query.where(col(Site.id) == site_id)
    if block_id is not None:
        query = query.where(col(Block.id) == block_id)
    if box is not None:
        query = query.where(
            col(Place.x).between(box[0], box[2]), col(Place.y).between(box[1], box[3])
        )
    known = aims(session)
    return [
        _record(known, t, s, g, p, r, b, site)
        for t, s, g, p, r, b, site in session.execute(query).all()
    ]


def several(session: Session, tree_ids: Sequence[str]) -> list[TreeRecord]:
    """Trees whether standing or not, in the order asked for. Raises: NotFound."""
    known, found = aims(session), dict[str, TreeRecord]()
    for some in (tree_ids[n : n + 500] for n in range(0, len(tree_ids), 500)):
        query = _joined(joined_select(Tree, Stem, Graft, Place, Row, Block, Site))
        for row in session.execute(query.where(col(Tree.id).in_(some))).all():
            found.setdefault(row[0].id, _record(known, *row))
    for tree_id in tree_ids:
        if tree_id not in found:
            raise NotFound(say("bad-there-is-no-tree", tree_id=tree_id))
    return [found[i] for i in tree_ids]


def light_records(session: Session, tree_ids: Sequence[str] | None = None) -> list[TreeRecord]:
    """Standing trees in walking order, all or these, to be read and never saved. Rows, blocks and
    sites are one for all their trees.
    """
    known = aims(session)
    rows = {r.id: r for r in lights(session, Row)}
    blocks = {b.id: b for b in lights(session, Block)}
    sites = {x.id: x for x in lights(session, Site)}
    found = []
    for t, s, g, p in _all_parts(session) if tree_ids is None else _parts(session, tree_ids):
        row = rows[p.row_id]
        block = blocks[row.block_id]
        found.append(_record(known, t, s, g, p, row, block, sites[block.site_id]))
    return sorted(found, key=walked)


def walked(record: TreeRecord) -> tuple[str, str, int, int]:
    """Where it comes when the holding is walked: by site, block, row and place."""
    return record.site.name, record.block.name, record.row.n, record.place.n


_Parts = tuple[Tree, Stem, Graft | None, Place]
_STANDS = col(Tree.removed_on).is_(None)


def _parts(session: Session, tree_ids: Sequence[str]) -> Iterator[_Parts]:
    wide = (Tree, Stem, Graft, Place)
    query = _joined(joined_select(*(c for t in wide for c in columns_of(t))))
    yield from many(session, query.where(_STANDS, col(Tree.id).in_(tree_ids)), *wide)


def _all_parts(session: Session) -> Iterator[_Parts]:
    """Of every standing tree: for so many, tables read from end to end are quicker than a join."""
    places = {p.id: p for p in lights(session, Place)}
    stems = {s.tree_id: s for s in lights(session, Stem)}
    grafts = {g.stem_id: g for g in lights(session, Graft, col(Graft.mark) == "")}
    for tree in lights(session, Tree, _STANDS):
        stem = stems[tree.id]
        yield tree, stem, grafts.get(stem.id), places[tree.place_id]


def _joined(query: Any) -> Any:
    return (
        query.join_from(Tree, Stem, col(Stem.tree_id) == Tree.id)
        .join(Graft, (col(Graft.stem_id) == Stem.id) & (col(Graft.mark) == ""), isouter=True)
        .join(Place, col(Place.id) == Tree.place_id)
        .join(Row, col(Row.id) == Place.row_id)
        .join(Block, col(Block.id) == Row.block_id)
        .join(Site, col(Site.id) == Block.site_id)
        .order_by(col(Site.name), col(Block.name), col(Row.n), col(Place.n))
    )


def _record(
    known: Mapping[str, Aim],
    tree: Tree,
    stem: Stem,
    graft: Graft | None,
    place: Place,
    row: Row,
    block: Block,
    site: Site,
) -> TreeRecord:
    scopes = ((tree.id, None), (row.id, None), (block.id, block.cap_m), (site.holding_id, None))
    cultivar = graft.cultivar if graft else None
    return TreeRecord(tree, stem, cultivar, place, row, block, site, *nearest(known, scopes))


def kinds_in_block(session: Session, block_id: str) -> dict[str, int]:
    """How many trees of each species stand in a block."""
    query = joined_select(col(Tree.species), func.count())
    query = query.join(Place, col(Place.id) == Tree.place_id).join(Row, col(Row.id) == Place.row_id)
    query = query.where(col(Row.block_id) == block_id, col(Tree.removed_on).is_(None))
    found = session.execute(query.group_by(col(Tree.species))).all()
    return {str(kind): int(n) for kind, n in found}


def further_grafts(session: Session, stem_id: str) -> list[Graft]:
    """Cultivars grafted beside the first, each with the mark its leaf is told by."""
    query = select(Graft).where(Graft.stem_id == stem_id, Graft.mark != "")
    return list(session.exec(query.order_by(col(Graft.cultivar))).all())


def set_graft(session: Session, stem_id: str, cultivar: str | None) -> None:
    """The first cultivar of a stem; None where it is not known."""
    query = select(Graft).where(Graft.stem_id == stem_id, Graft.mark == "")
    for graft in session.exec(query).all():
        session.delete(graft)
    if cultivar is not None:
        session.add(Graft(stem_id=stem_id, cultivar=cultivar))
    session.flush()


def tree_record(session: Session, tree_id: str) -> TreeRecord:
    """One tree. Raises: NotFound."""
    found = tree_records(session, tree_id)
    if not found:
        raise NotFound(say("bad-there-is-no-tree", tree_id=tree_id))
    return found[0]


Written = tuple[Observation, dt.date]
"""What was seen, and the day it was written down."""


def _standing(session: Session, query: Any) -> Iterator[Written]:
    """Observations that nothing corrects, each with the day it was written down, in the order they
    came in.
    """
    return _uncorrected(session.execute(_as_written(query)).all())


def _as_written(query: Any) -> Any:
    return query.join(Act, col(Act.seq) == col(Observation.act)).order_by(*arrival(Observation))


def _uncorrected(rows: Sequence[Any]) -> Iterator[Written]:
    corrected = {o.corrects for o, _ in rows if o.corrects}
    return ((o, said_on) for o, said_on in rows if o.id not in corrected and o.value != TAKEN_OUT)


def written(session: Session, scope_ids: Sequence[str] | None = None) -> list[Written]:
    """Observations that nothing corrects and that make sense, to be read and never saved; of all or
    of these.
    """
    query = joined_select(*columns_of(Observation), col(Act.day)).select_from(Observation)
    if scope_ids is not None:
        query = query.where(col(Observation.scope_id).in_(scope_ids))
    rows = list(many(session, _as_written(query), Observation))
    return [
        (o, said_on)
        for o, said_on in _uncorrected(rows)
        if not value_problem(o.kind, o.value, said_on)
    ]


def observations(
    session: Session, scope_ids: Sequence[str] | None = None
) -> dict[str, dict[str, Observation]]:
    """The observation in force per scope id and kind: the latest by date, then by entry.

    What was said of the day it was written on holds over all that was written before, whatever a
    clock said then. Corrected ones do not count, nor do values that make no sense.
    """
    return in_force(written(session, scope_ids))


def in_force(found: Iterable[Written]) -> dict[str, dict[str, Observation]]:
    """The observation in force per scope id and kind, out of those that came in one after the
    other.
    """
    holds: dict[str, dict[str, Observation]] = {}
    for seen, said_on in found:
        of_scope = holds.setdefault(seen.scope_id, {})
        held = of_scope.get(seen.kind)
        if held is None or seen.date >= min(held.date, said_on):
            of_scope[seen.kind] = seen
    return holds


def dates_of(found: Iterable[Written], kinds: Sequence[str]) -> dict[str, dict[str, list[dt.date]]]:
    """Dates observed per scope id and kind, the earliest first; of two within half a year the later
    entry holds.
    """
    dates: dict[str, dict[str, list[dt.date]]] = {}
    for seen, _said_on in found:
        if seen.kind not in kinds:
            continue
        days = dates.setdefault(seen.scope_id, {}).setdefault(seen.kind, [])
        day = dt.date.fromisoformat(seen.value)
        days[:] = sorted([*(d for d in days if abs((d - day).days) > 180), day])
    return dates


def not_overtaken(
    session: Session, scope_id: str, kind: str, value: str, as_of: int | None
) -> None:
    """Raises: StaleVersion where something else was written down of the same thing since the act
    that the device knew of.
    """
    held = observations(session, [scope_id]).get(scope_id, {}).get(kind)
    if as_of is not None and held is not None and held.act > as_of and held.value != value:
        said = say("bad-otherwise-meanwhile", what=SAYS.get(kind, kind), value=held.value)
        raise StaleVersion(
            said, {"id": held.id, "value": held.value, "date": held.date.isoformat()}
        )


def odd_observations(session: Session) -> list[tuple[Observation, Value]]:
    """Entries whose value makes no sense, and what is wrong with each."""
    found = (
        (seen, value_problem(seen.kind, seen.value, said_on))
        for seen, said_on in _standing(session, joined_select(Observation, col(Act.day)))
    )
    return [(seen, problem) for seen, problem in found if problem]


def observation(session: Session, observation_id: str) -> Observation:
    """One observation. Raises: NotFound."""
    found = session.get(Observation, observation_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-entry", observation_id=observation_id))
    return found


def own_species(session: Session) -> list[OwnSpecies]:
    """Every kind of tree described on this holding."""
    return list(session.exec(select(OwnSpecies)).all())


def save_trees(session: Session, *rows: Tree | Stem | Graft) -> None:
    """Write new or changed trees, stems and grafts."""
    session.add_all(rows)


def save_observations(session: Session, *rows: Observation) -> None:
    """Write down what was seen."""
    session.add_all(rows)


def save_own_species(session: Session, *rows: OwnSpecies) -> None:
    """Write down a grower's own kind."""
    session.add_all(rows)
