"""The holding as GeoJSON, and surveyed blocks and trees out of such a file."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import groupby
from typing import Any

import numpy as np

from ...core.days import planted_problem
from ...core.errors import invalid
from ...core.ground import Spot, inside, on_earth
from ...core.lie import hull
from ...core.words.values import say
from ...formats.geojson import Read, read_geojson, write_geojson
from ...formats.tree_csv import LineProblem
from ...store import places
from ...store.tables import Site
from ...store.trees import TreeRecord
from .. import progress
from ..progress import long_work
from ..tree.sizes import Sizes, sizes_by
from ..workplace import Workplace
from .tree_lists import Imported, as_spoken, plant_lines


def _corner(site: Site) -> Spot:
    """Raises: InvalidInput where nobody said where the place is."""
    if site.longitude is None:
        raise invalid("/site_id", say("bad-say-first-where-is-it-has", name=site.name))
    return site.longitude, site.latitude


def export_geojson(at: Workplace, site_id: str) -> str:
    """Blocks, rows and standing trees of a site. Raises: NotFound; InvalidInput for a site without
    a longitude.
    """
    with at.store.reading() as session:
        site = places.site(session, site_id)
        held = at.standing(session)
    corner = _corner(site)
    records = [r for r in held.records if r.site.id == site_id]
    sizes = {r.tree.id: sizes_by(held.size(r), held.seen.get(r.tree.id, {})) for r in records}
    edge = at.know.number("planting/edge")
    return write_geojson(_features(records, corner, sizes, edge))


def _features(
    records: list[TreeRecord], corner: Spot, sizes: dict[str, Sizes], edge: float
) -> Iterator[dict[str, Any]]:
    for _, of_block in groupby(records, key=lambda r: r.block.id):
        trees = list(of_block)
        block = trees[0].block
        around = hull([(r.place.x, r.place.y) for r in trees], edge)
        ring = [list(on_earth(p, corner)) for p in [*around, around[0]]]
        about = {"kind": "block", "name": block.name, "block": block.name, "trees": len(trees)}
        yield _feature(block.id, "Polygon", [ring], about)
        for _, of_row in groupby(trees, key=lambda r: r.row.id):
            row = list(of_row)
            if len(row) > 1:
                line = [list(on_earth((r.place.x, r.place.y), corner)) for r in row]
                of = {"kind": "row", "block": block.name, "row": row[0].row.n, "trees": len(row)}
                yield _feature(row[0].row.id, "LineString", line, of)
        for r in trees:
            spot = list(on_earth((r.place.x, r.place.y), corner))
            yield _feature(r.tree.id, "Point", spot, _of_tree(r, sizes[r.tree.id]))


def _feature(of: str, kind: str, at: list[Any], about: dict[str, Any]) -> dict[str, Any]:
    return {"id": of, "type": kind, "coordinates": at, "properties": about}


def _of_tree(r: TreeRecord, size: Sizes) -> dict[str, Any]:
    return {
        "kind": "tree",
        "name": r.name,
        "block": r.block.name,
        "row": r.row.n,
        "place": r.place.n,
        "species": r.tree.species,
        "planted_year": r.tree.planted_year,
        "cultivar": r.cultivar,
        "rootstock": r.stem.rootstock,
        "pot_l": r.tree.pot_l,
        "union_m": r.stem.union_m,
        "height_m": size.height_m,
        "spread_m": size.spread_m,
        "trunk_mm": size.trunk_mm,
    }


def import_geojson(at: Workplace, site_id: str, text: str, save: bool) -> Imported:
    """Trees of a file, and of its outlines the rows counted out; all, or none. Raises: NotFound;
    InvalidInput for a site without a longitude.
    """
    with at.store.reading() as session:
        site = places.site(session, site_id)
        held = at.standing(session)
    corner = _corner(site)
    with long_work(at, "import"):
        progress.part(say("import-reading"))
        read = read_geojson(text, at.know, corner, as_spoken())
        problems = [*read.problems, *_years(at, read)]
        problems += _overlaps(read, [r for r in held.records if r.site.id == site_id])
        if not problems and not read.trees:
            problems = [LineProblem(1, "", say("bad-the-file-holds-no-tree"))]
        made = plant_lines(at, site_id, read.trees, problems, save, lambda i: read.from_feature[i])
        if made.problems:
            progress.came_to(say("import-wrong", n=len(made.problems)))
        else:
            progress.came_to(say("import-made" if made.saved else "import-good", n=made.trees))
        return made


def _years(at: Workplace, read: Read) -> list[LineProblem]:
    wrong = {
        n: problem
        for n, t in zip(read.from_feature, read.trees, strict=True)
        if (problem := planted_problem(t.planted_year, at.today()))
    }
    return [LineProblem(n, "planted_year", says) for n, says in wrong.items()]


def _overlaps(read: Read, standing: list[TreeRecord]) -> list[LineProblem]:
    """Outlines in which trees stand already, or of another feature."""
    spots = [(r.place.x, r.place.y) for r in standing]
    new = [(t.x or 0.0, t.y or 0.0) for t in read.trees]
    found = []
    for outline in read.outlines:
        within = inside(spots, outline.corners)
        if within.any():
            there = standing[int(np.argmax(within))].name
            says = say("bad-within-outline-already", trees=int(within.sum()), first=there)
            found.append(LineProblem(outline.feature, "", says))
        for n in np.flatnonzero(inside(new, outline.corners)).tolist():
            other = read.from_feature[n]
            if other != outline.feature:
                says = say("bad-lies-over-feature", other=other)
                found.append(LineProblem(outline.feature, "", says))
                break
    return found
