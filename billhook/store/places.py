"""Holdings, sites, blocks, rows and places."""

from __future__ import annotations

from sqlalchemy import select as plain_select
from sqlmodel import Session, col, select

from ..core.choice import one_of
from ..core.words.units import UNITS, Units
from ..core.words.values import say
from .database import NotFound
from .tables import Block, Holding, Place, Row, Site, SiteNormals, Tree


def holding(session: Session) -> Holding | None:
    """The holding of this database, or None before one is set up."""
    return session.exec(select(Holding)).first()


def units(session: Session) -> Units:
    """The holding's units; metric before one is set up."""
    found = holding(session)
    return one_of(UNITS, found.units) if found else "metric"


def sites(session: Session) -> list[Site]:
    """Every site, by name."""
    return list(session.exec(select(Site).order_by(col(Site.name))).all())


def site(session: Session, site_id: str) -> Site:
    """One site. Raises: NotFound."""
    found = session.get(Site, site_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-site", site_id=site_id))
    return found


def normals(session: Session, site_id: str) -> SiteNormals:
    """The normals in force. Raises: NotFound."""
    found = session.exec(
        select(SiteNormals)
        .where(SiteNormals.site_id == site_id)
        .order_by(col(SiteNormals.seq).desc())
    ).first()
    if found is None:
        raise NotFound(say("bad-site-has-no-normals", site_id=site_id))
    return found


def blocks(session: Session) -> list[Block]:
    """Every block, by name."""
    return list(session.exec(select(Block).order_by(col(Block.name))).all())


def block(session: Session, block_id: str) -> Block:
    """One block. Raises: NotFound."""
    found = session.get(Block, block_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-block", block_id=block_id))
    return found


def block_named(session: Session, site_id: str, name: str) -> Block | None:
    """A block of a site by its name."""
    return session.exec(select(Block).where(Block.site_id == site_id, Block.name == name)).first()


def rows(session: Session) -> list[Row]:
    """Every row, by number."""
    return list(session.exec(select(Row).order_by(col(Row.n))).all())


def row(session: Session, row_id: str) -> Row:
    """One row. Raises: NotFound."""
    found = session.get(Row, row_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-row", row_id=row_id))
    return found


def taken(session: Session, place_id: str) -> bool:
    """Whether a tree stands on a place."""
    query = select(Tree.id).where(Tree.place_id == place_id, col(Tree.removed_on).is_(None))
    return session.exec(query).first() is not None


def row_numbered(session: Session, block_id: str, n: int) -> Row | None:
    """A row of a block by its number."""
    return session.exec(select(Row).where(Row.block_id == block_id, Row.n == n)).first()


def places(session: Session) -> list[Place]:
    """Every place, in walking order within its row."""
    return list(session.exec(select(Place).order_by(col(Place.row_id), col(Place.n))).all())


def spots(session: Session) -> list[tuple[str, int, tuple[str, float, float]]]:
    """Id and number of every place, with its row and spot [m], in walking order within its row."""
    columns = (Place.id, Place.n, Place.row_id, Place.x, Place.y)
    query = plain_select(*columns).order_by(col(Place.row_id), col(Place.n))  # type: ignore[call-overload]
    return [(i, n, (row, x, y)) for i, n, row, x, y in session.connection().execute(query).all()]


def ground_mark(session: Session) -> tuple[int, ...]:
    """Figures that differ once a block, a row, a place or a tree has come or gone."""
    parts = [
        f"(SELECT count(*) FROM {t}), (SELECT max(rowid) FROM {t})"
        for t in ("block", '"row"', "place", "tree")
    ]
    gone = "(SELECT count(*) FROM tree WHERE removed_on IS NOT NULL)"
    found = session.connection().exec_driver_sql(f"SELECT {', '.join([*parts, gone])}").one()
    return tuple(int(n or 0) for n in found)


def save_places(
    session: Session, *rows: Holding | Site | SiteNormals | Block | Row | Place
) -> None:
    """Write new or changed rows of where trees stand."""
    session.add_all(rows)
