"""The first five minutes: the place, and what stands there."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...catalogue.languages import grammar
from ...core.days import planted_problem
from ...core.errors import invalid, refuse
from ...core.frame.sizes import size_problems
from ...core.season.normals import Normals
from ...core.season.place import climate_frost, climate_normals, nearest_climate
from ...core.words.planting import Planting, understand_planting
from ...store import places
from ...store.database import NotFound, StaleVersion
from ...store.places import save_places
from ...store.tables import (
    Block,
    Graft,
    Holding,
    Observation,
    Place,
    Row,
    Site,
    SiteNormals,
    Stem,
    Tree,
)
from ...store.trees import save_observations, save_trees, tree_record
from ..tree import framing
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


def understand(at: Workplace, text: str, day: dt.date | None = None) -> Planting:
    """Read what stands there out of a sentence. day: from which ages count."""
    return understand_planting(text, at.know, grammar(), day or at.today())


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


def row_for(session: Session, block_id: str, called: str | None, kind: str) -> Row:
    """The row of a block that is called so, by name or number; else a new one, after the last."""
    mine = [r for r in places.rows(session) if r.block_id == block_id]
    found = next((r for r in mine if called and called.lower() == r.called.lower()), None)
    if found is not None:
        return found
    numbers = {r.n for r in mine}
    n = int(called) if called and called.isdecimal() and 0 < int(called) < 1000 else None
    if n is None or n in numbers:
        name, n = called, max(numbers, default=0) + 1
    else:
        name = None
    made = Row(block_id=block_id, n=n, kind=kind, name=name)
    save_places(session, made)
    session.flush()
    return made


@dataclass(frozen=True)
class Planted:
    """What was planted."""

    block_id: str
    row_id: str
    tree_ids: list[str]


@dataclass(frozen=True)
class Like:
    """What else is known of like trees: sizes [m, mm across], how they were raised, in what, in
    which form. together: the mark of those in one hole or pot.
    """

    height_m: float | None = None
    spread_m: float | None = None
    trunk_mm: float | None = None
    origin: str | None = None
    medium: str | None = None
    form: str | None = None
    together: str | None = None


_UNKNOWN = "is not in the catalogue"
_NO_CULTIVAR = "is not a cultivar of that kind in the catalogue"


def plant(
    at: Workplace,
    site_id: str,
    block_name: str,
    row: int | str | None,
    count: int,
    species: str,
    planted_year: int,
    cultivar: str | None = None,
    rootstock: str | None = None,
    pot_l: float | None = None,
    under_cover: bool = False,
    spacing_m: float | None = None,
    row_kind: str = "trees",
    *,
    rows: int = 1,
    row_spacing_m: float | None = None,
    like: Like | None = None,
) -> Planted:
    """Put ``count`` like trees into a row, after those that stand there already; or spread over so
    many new rows. row: its number or what it is called. Raises: InvalidInput by field, NotFound.
    """
    like = like or Like()
    _check_kind(at, species, cultivar, rootstock, planted_year)
    refuse(size_problems(at.know, like.height_m, like.spread_m, like.trunk_mm))
    if rows > count:
        raise invalid("/rows", "more rows than trees")
    with at.store.writing() as session:
        places.site(session, site_id)
        block = block_for(session, site_id, block_name)
        ids: list[str] = []
        made: Row | None = None
        for nth in range(rows):
            called = None if row is None or nth else str(row)
            line = row_for(session, block.id, called, row_kind)
            made = made or line
            here = count // rows + (nth < count % rows)
            step = spacing_m or _step(at, species, pot_l, like)
            for place in _places(session, site_id, block, line, here, step, row_spacing_m, like):
                ids.append(
                    add_tree(
                        session,
                        place,
                        species,
                        planted_year,
                        cultivar,
                        rootstock,
                        pot_l,
                        under_cover,
                        None,
                        like=like,
                    )
                )
                _size(at, session, ids[-1], like)
        assert made is not None
        return Planted(block.id, made.id, ids)


def _check_kind(
    at: Workplace, species: str, cultivar: str | None, rootstock: str | None, planted_year: int
) -> None:
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


def _step(at: Workplace, species: str, pot_l: float | None, like: Like) -> float:
    if like.together:
        return at.know.number("planting/close")
    if pot_l:
        return at.know.number("planting/pots-apart")
    return sum(at.know.numbers(f"species/{species}/spread")) / 2


def _places(
    session: Session,
    site_id: str,
    block: Block,
    row: Row,
    count: int,
    step: float,
    apart: float | None,
    like: Like,
) -> list[Place]:
    """So many new places at the end of a row."""
    ground, line = ground_of(session, site_id), (block.name, row.n)
    x0, y = ground.next(line, step, apart)
    first = max(ground.places[line], default=0) + 1
    made = [
        Place(row_id=row.id, n=first + k, x=x0 + step * k, y=y, together=like.together)
        for k in range(count)
    ]
    for place in made:
        save_places(session, place)
    session.flush()
    return made


def _size(at: Workplace, session: Session, tree_id: str, like: Like) -> None:
    """What was said of a tree's size: an outline where all of it is known, else as seen."""
    sizes = {"height_m": like.height_m, "spread_m": like.spread_m, "trunk_mm": like.trunk_mm}
    known = {kind: value for kind, value in sizes.items() if value is not None}
    if len(known) == len(sizes) and not like.form:
        framing.sketch(
            at,
            session,
            tree_record(session, tree_id),
            known["height_m"],
            known["spread_m"],
            known["trunk_mm"],
            at.today(),
        )
        return
    for kind, value in known.items():
        save_observations(
            session,
            Observation(
                scope="tree", scope_id=tree_id, kind=kind, value=f"{value:g}", date=at.today()
            ),
        )


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
    like: Like | None = None,
) -> str:
    """One tree with its stem and graft on a place."""
    like = like or Like()
    tree = Tree(
        place_id=place.id,
        species=species,
        planted_year=planted_year,
        pot_l=pot_l,
        under_cover=under_cover,
        origin=like.origin,
        medium=like.medium,
        form=like.form,
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
