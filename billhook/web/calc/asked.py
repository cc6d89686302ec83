"""A place and a tree as calculators are asked about them."""

from __future__ import annotations

from ...core.errors import FieldProblem, InvalidInput, invalid
from ...core.season.model import Site, TreeState
from ...core.season.normals import Normals
from ...core.season.place import month_day, nearest_climate
from ...core.words.values import listed, say
from ..answers import here
from ..models.calc.season import NormalsIn, SeasonSiteIn, TreeIn


def normals_of(given: NormalsIn, pointer: str) -> Normals:
    """Raises: InvalidInput where a maximum lies below its minimum."""
    wrong = [
        FieldProblem(f"{pointer}/tmax/{i}", say("bad-the-maximum-lies-below-the-minimum-3"))
        for i in range(12)
        if given.tmax[i] < given.tmin[i]
    ]
    if wrong:
        raise InvalidInput(wrong)
    return Normals(tuple(given.tmin), tuple(given.tmax), tuple(given.rain) if given.rain else None)


def place_and_tree(site: SeasonSiteIn, tree: TreeIn) -> tuple[Site, TreeState]:
    """Raises: InvalidInput for what the catalogue does not hold."""
    know = here().know
    normals = normals_of(site.normals, "/site/normals")
    climate = site.climate or nearest_climate(know, normals, site.latitude)
    _known(
        [
            ("/site/climate", "climates", climate),
            ("/tree/species", "species", tree.species),
            ("/tree/cultivar", "cultivars", tree.cultivar),
            ("/tree/rootstock", "rootstocks", tree.rootstock),
            *((f"/site/dangers/{i}", "dangers", d) for i, d in enumerate(site.dangers)),
        ]
    )
    if tree.cultivar and know.text(f"cultivars/{tree.cultivar}/species") != tree.species:
        raise invalid(
            "/tree/cultivar", say("bad-is-not-a", cultivar=tree.cultivar, species=tree.species)
        )
    return _site(site, normals, climate), TreeState(**tree.model_dump())


def _site(said: SeasonSiteIn, normals: Normals, climate: str) -> Site:
    return Site(
        said.latitude,
        normals,
        month_day(said.last_frost or ""),
        month_day(said.first_frost or ""),
        climate,
        month_day(said.hot_from or ""),
        month_day(said.hot_to or ""),
        said.frost_pocket,
        frozenset(said.dangers),
    )


def _known(asked: list[tuple[str, str, str | None]]) -> None:
    rows = here().know.rows
    wrong = [
        FieldProblem(
            pointer, say("bad-is-not-in-the-catalogue-known", row=row, known=listed(rows(table)))
        )
        for pointer, table, row in asked
        if row is not None and row not in rows(table)
    ]
    if wrong:
        raise InvalidInput(wrong)
