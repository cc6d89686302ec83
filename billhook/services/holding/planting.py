"""The first five minutes: the place, and what stands there."""

from __future__ import annotations

from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import planted_problem
from ...core.errors import invalid, refuse
from ...core.season.normals import Normals
from ...core.season.place import climate_frost, climate_normals, nearest_climate
from ...core.words.planting import Planting, understand_planting
from ...store import places
from ...store.database import NotFound, StaleVersion
from ...store.places import save_places
from ...store.tables import Block, Graft, Holding, Place, Row, Site, SiteNormals, Stem, Tree
from ...store.trees import save_trees
from ..workplace import Workplace
from .ground import ground_of
from .place import frost_day


def nearest(at: Workplace, normals: Normals, latitude: float) -> str:
    """The shipped climate nearest to these normals."""
    return nearest_climate(at.know, normals, latitude)


@dataclass(frozen=True)
class ShippedClimate:
    """A climate to pick from, as it would stand in this hemisphere."""

    id: str
    name: str
    normals: Normals
    last_frost: str | None
    first_frost: str | None


def climates(at: Workplace, southern: bool) -> list[ShippedClimate]:
    """Every shipped climate, turned for the southern hemisphere where asked."""
    found = []
    for row in at.know.rows("climates"):
        last, first = climate_frost(at.know, row, southern)
        found.append(
            ShippedClimate(
                row,
                at.know.text(f"climates/{row}/name"),
                climate_normals(at.know, row, southern),
                _md(last),
                _md(first),
            )
        )
    return found


def _md(day: tuple[int, int] | None) -> str | None:
    return f"{day[0]:02d}-{day[1]:02d}" if day else None


def _holding(session: Session, name: str, units: str) -> Holding:
    """The one holding, made with its first site."""
    holding = places.holding(session)
    if holding is None:
        holding = Holding(name=name, units=units)
        save_places(session, holding)
        session.flush()
    return holding


def set_up(
    at: Workplace,
    holding_name: str,
    site_name: str,
    latitude: float,
    climate: str | None,
    tmin_c: list[float] | None = None,
    tmax_c: list[float] | None = None,
    last_frost: str | None = None,
    first_frost: str | None = None,
    units: str = "metric",
    longitude: float | None = None,
    elevation_m: float | None = None,
) -> Site:
    """Describe a place: a shipped climate, or twelve pairs of temperatures and the frost dates.
    Makes the holding with the first site.

    Raises: InvalidInput by field.
    """
    if climate is not None and climate not in at.know.rows("climates"):
        raise invalid("/climate", f"must be one of {', '.join(at.know.rows('climates'))}")
    if tmin_c is not None and tmax_c is not None:
        refuse(
            {
                f"/tmax_c/{i}": "the maximum lies below the minimum" if high < low else None
                for i, (low, high) in enumerate(zip(tmin_c, tmax_c, strict=True))
            }
        )
        normals, origin = Normals(tuple(tmin_c), tuple(tmax_c)), "typed"
        climate = climate or nearest(at, normals, latitude)
    elif climate is not None:
        normals = climate_normals(at.know, climate, latitude < 0)
        origin = f"climate {climate}"
        last, first = climate_frost(at.know, climate, latitude < 0)
        last_frost, first_frost = last_frost or _md(last), first_frost or _md(first)
    else:
        raise invalid("/climate", "pick the nearest climate, or type twelve minima and maxima")
    frost_day("/last_frost", last_frost)
    frost_day("/first_frost", first_frost)
    with at.store.writing() as session:
        holding = _holding(session, holding_name, units)
        site = Site(
            holding_id=holding.id,
            name=site_name,
            latitude=latitude,
            longitude=longitude,
            elevation_m=elevation_m,
            climate=climate,
            last_frost=last_frost,
            first_frost=first_frost,
            dangers=[],
        )
        save_places(session, site)
        session.flush()
        low, high = list(normals.tmin_c), list(normals.tmax_c)
        save_places(session, SiteNormals(site_id=site.id, tmin_c=low, tmax_c=high, origin=origin))
        return site


def set_units(at: Workplace, units: str) -> Holding:
    """Switch the holding between metric and feet and inches. Raises: NotFound before a holding is
    set up.
    """
    with at.store.writing() as session:
        holding = places.holding(session)
        if holding is None:
            raise NotFound("there is no holding yet")
        holding.units = units
        save_places(session, holding)
        return holding


def understand(at: Workplace, text: str) -> Planting:
    """Read a planting out of a sentence."""
    return understand_planting(text, at.know)


def describe_block(
    at: Workplace,
    block_id: str,
    cap_m: float | None,
    offset_c: float,
    frost_pocket: bool,
    row_kind: str = "trees",
    version: int | None = None,
    elevation_m: float | None = None,
) -> Block:
    """Height cap, cold-air offset and kind of row of a block. Raises: NotFound, StaleVersion when
    somebody else was faster.
    """
    with at.store.writing() as session:
        block = places.block(session, block_id)
        if version is not None and version != block.version:
            raise StaleVersion(
                "Someone else described this block in the meantime.",
                {"version": block.version, "cap_m": block.cap_m, "offset_c": block.offset_c},
            )
        block.cap_m, block.offset_c, block.frost_pocket, block.elevation_m = (
            cap_m,
            offset_c,
            frost_pocket,
            elevation_m,
        )
        block.version += 1
        save_places(session, block)
        for row in (r for r in places.rows(session) if r.block_id == block_id):
            row.kind = row_kind
            save_places(session, row)
        return block


def block_for(session: Session, site_id: str, name: str) -> Block:
    """The block of this name, made if it is new."""
    found = places.block_named(session, site_id, name)
    if found is None:
        found = Block(site_id=site_id, name=name)
        save_places(session, found)
        session.flush()
    return found


def _row_for(session: Session, block_id: str, n: int, kind: str) -> Row:
    found = places.row_numbered(session, block_id, n)
    if found is None:
        found = Row(block_id=block_id, n=n, kind=kind)
        save_places(session, found)
        session.flush()
    return found


@dataclass(frozen=True)
class Planted:
    """What was planted."""

    block_id: str
    row_id: str
    tree_ids: list[str]


_UNKNOWN = "is not in the catalogue"
_NO_CULTIVAR = "is not a cultivar of that kind in the catalogue"


def plant(
    at: Workplace,
    site_id: str,
    block_name: str,
    row_n: int | None,
    count: int,
    species: str,
    planted_year: int,
    cultivar: str | None = None,
    rootstock: str | None = None,
    pot_l: float | None = None,
    under_cover: bool = False,
    spacing_m: float | None = None,
    row_kind: str = "trees",
) -> Planted:
    """Put ``count`` like trees into a row, after those that stand there already. Raises:
    InvalidInput by field, NotFound.
    """
    know = at.know
    of_kind = cultivar in know.rows("cultivars") and (
        know.text(f"cultivars/{cultivar}/species") == species
    )
    refuse(
        {
            "/species": None if species in know.rows("species") else f"{species!r} {_UNKNOWN}",
            "/cultivar": None if cultivar is None or of_kind else f"{cultivar!r} {_NO_CULTIVAR}",
            "/rootstock": None
            if rootstock is None or rootstock in know.rows("rootstocks")
            else f"{rootstock!r} {_UNKNOWN}",
            "/planted_year": planted_problem(planted_year, at.today()),
        }
    )
    with at.store.writing() as session:
        places.site(session, site_id)
        block = block_for(session, site_id, block_name)
        mine = [r for r in places.rows(session) if r.block_id == block.id]
        next_n = max([r.n for r in mine], default=0) + 1
        row = _row_for(session, block.id, next_n if row_n is None else row_n, row_kind)
        ground, line = ground_of(session, site_id), (block.name, row.n)
        step = spacing_m or (
            1.0 if pot_l else sum(at.know.numbers(f"species/{species}/spread")) / 2
        )
        x0, y = ground.next(line, step)
        first = max(ground.places[line], default=0) + 1
        ids = []
        for k in range(count):
            place = Place(row_id=row.id, n=first + k, x=x0 + step * k, y=y)
            save_places(session, place)
            session.flush()
            like = (species, planted_year, cultivar, rootstock, pot_l, under_cover, None)
            ids.append(add_tree(session, place, *like))
        return Planted(block.id, row.id, ids)


def add_tree(
    session: Session,
    place: Place,
    species: str,
    planted_year: int,
    cultivar: str | None,
    rootstock: str | None,
    pot_l: float | None,
    under_cover: bool,
    union_m: float | None,
    union_mark: str | None = None,
) -> str:
    """One tree with its stem and graft on a place."""
    tree = Tree(
        place_id=place.id,
        species=species,
        planted_year=planted_year,
        pot_l=pot_l,
        under_cover=under_cover,
    )
    save_trees(session, tree)
    session.flush()
    stem = Stem(tree_id=tree.id, rootstock=rootstock, union_m=union_m, union_mark=union_mark)
    save_trees(session, stem)
    session.flush()
    if cultivar:
        save_trees(session, Graft(stem_id=stem.id, cultivar=cultivar))
        session.flush()
    return tree.id
