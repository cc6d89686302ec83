"""Blocks, rows and trees as GeoJSON (RFC 7946), out and in: longitude before latitude, outlines
against the clock. Properties bear the names of the columns of a list of trees.
"""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from typing import Any

from ..core.ground import Spot, crosses_itself, in_plan, longest_side_deg, rows_within
from ..core.known import Knowledge
from ..core.words.values import say
from .tree_csv import COLUMNS, MAX_LINES, NEEDED, LineProblem, Spoken, TreeLine, read_cells

_DIGITS = 7  # a centimetre on the ground
_SPACING = ("row_spacing_m", "spacing_m", "bearing_deg")


@dataclass(frozen=True)
class Outline:
    """A block that was drawn: its corners in plan [m], by the number of its feature."""

    feature: int
    block: str
    corners: tuple[Spot, ...]


@dataclass(frozen=True)
class Read:
    """Trees of a file, those of its outlines counted out; lines of problems are features, the first
    being 1. from_feature: of which feature each tree is; standing: which
    feature is where.
    """

    trees: list[TreeLine]
    problems: list[LineProblem]
    outlines: list[Outline]
    from_feature: list[int]
    standing: dict[tuple[str, int, int], int] = field(default_factory=dict)
    spoken: Spoken = field(default_factory=Spoken)


def write_geojson(features: Iterable[Mapping[str, Any]]) -> str:
    """A collection of features, each with kind, coordinates (longitude, latitude), properties."""
    return json.dumps(
        {
            "type": "FeatureCollection",
            "features": [
                {
                    "type": "Feature",
                    "id": f["id"],
                    "geometry": {"type": f["type"], "coordinates": _rounded(f["coordinates"])},
                    "properties": f["properties"],
                }
                for f in features
            ],
        },
        ensure_ascii=False,
    )


def _rounded(at: Any) -> Any:
    return round(at, _DIGITS) if isinstance(at, float) else [_rounded(x) for x in at]


def read_geojson(text: str, know: Knowledge, corner: Spot, spoken: Spoken | None = None) -> Read:
    """Points are trees; polygons are blocks whose rows are counted out by ``row_spacing_m``,
    ``spacing_m`` and ``bearing_deg`` (by the longest side where none is given). corner: longitude
    and latitude of the site. Any problem means that nothing should be imported.
    """
    read = Read([], [], [], [], spoken=spoken or Spoken())
    try:
        features = json.loads(text)["features"]
        assert isinstance(features, list)
    except (ValueError, KeyError, TypeError, AssertionError, RecursionError):
        read.problems.append(LineProblem(1, "", say("bad-is-no-geojson-feature-collection")))
        return read
    for n, feature in enumerate(features, 1):
        if len(read.trees) >= MAX_LINES:
            read.problems.append(LineProblem(n, "", say("bad-more-than-trees", n=MAX_LINES - 1)))
            break
        try:
            geometry = feature["geometry"]
            called = dict(feature.get("properties") or {})
            given = {read.spoken.heads.meant(name): said for name, said in called.items()}
            kind, coordinates = geometry["type"], geometry["coordinates"]
            match kind:
                case "Point":
                    _tree(read, n, given, in_plan(_place(coordinates), corner), know)
                case "Polygon":
                    ring = [in_plan(_place(p), corner) for p in coordinates[0]]
                    _block(read, n, given, ring, know)
                case "LineString":
                    pass  # rows are told by their trees
                case _:
                    read.problems.append(
                        LineProblem(n, "", say("bad-a-is-neither-tree-nor-block", kind=kind))
                    )
        except (KeyError, TypeError, ValueError, IndexError, AttributeError):
            read.problems.append(LineProblem(n, "", say("bad-is-no-feature-with-places-on")))
    return read


def _place(at: Sequence[float]) -> Spot:
    longitude, latitude = float(at[0]), float(at[1])
    if not (-180 <= longitude <= 180 and -90 <= latitude <= 90):
        raise ValueError("not on the earth")
    return longitude, latitude


def _cells(given: Mapping[str, Any]) -> dict[str, str]:
    return {k: str(v).strip() for k, v in given.items() if k in COLUMNS and v is not None}


def _tree(read: Read, n: int, given: Mapping[str, Any], spot: Spot, know: Knowledge) -> None:
    cells = _cells(given) | {"x": f"{spot[0]:.2f}", "y": f"{spot[1]:.2f}"}
    _add(read, n, cells, know)


def _add(read: Read, n: int, cells: dict[str, str], know: Knowledge) -> bool:
    values, wrong = read_cells(dict.fromkeys(NEEDED, "") | cells, n, know, read.spoken)
    read.problems.extend(wrong)
    if wrong:
        return False
    tree = TreeLine(**values)  # type: ignore[arg-type]  # read by its column
    before = read.standing.setdefault((tree.block, tree.row, tree.place), n)
    if before != n:
        what = f"{tree.block} {tree.row}·{tree.place}"
        says = say("bad-is-feature-already", what=what, feature=before)
        read.problems.append(LineProblem(n, "place", says))
        return False
    read.trees.append(tree)
    read.from_feature.append(n)
    return True


def _number(
    read: Read, n: int, given: Mapping[str, Any], name: str, low: float, high: float
) -> float | None:
    try:
        value = float(given[name])
    except (KeyError, TypeError, ValueError):
        read.problems.append(LineProblem(n, name, say("bad-is-missing-or-is-no-number", name=name)))
        return None
    if not low <= value <= high:
        read.problems.append(LineProblem(n, name, say("bad-between", low=low, high=high)))
        return None
    return value


def _block(
    read: Read, n: int, given: Mapping[str, Any], ring: Sequence[Spot], know: Knowledge
) -> None:
    corners = tuple(ring[:-1] if ring[0] == ring[-1] else ring)
    if len(corners) < 3:
        read.problems.append(LineProblem(n, "", say("bad-an-outline-has-at-least-three")))
        return
    if crosses_itself(corners):
        read.problems.append(LineProblem(n, "", say("bad-its-outline-crosses-itself")))
        return
    cells = _cells(given)
    cells["block"] = cells.get("block") or str(given.get("name") or "").strip()
    read.outlines.append(Outline(n, cells["block"][:60], corners))
    if "species" not in cells:
        read.problems.append(LineProblem(n, "species", say("bad-species-is-missing")))
        return
    least, most = (know.number(f"planting/spacing-{end}") for end in ("least", "most"))
    apart, step = (_number(read, n, given, name, least, most) for name in _SPACING[:2])
    bearing = (
        longest_side_deg(corners)
        if given.get(_SPACING[2]) is None
        else _number(read, n, given, _SPACING[2], 0, 360)
    )
    if apart is None or step is None or bearing is None:
        return
    rows = rows_within(corners, apart, step, bearing)
    if sum(len(row) for row in rows) + len(read.trees) >= MAX_LINES:
        read.problems.append(LineProblem(n, "", say("bad-more-than-trees", n=MAX_LINES - 1)))
        return
    if not rows:
        read.problems.append(LineProblem(n, "", say("bad-no-row-fits-into-it")))
    for r, row in enumerate(rows, 1):
        for p, (x, y) in enumerate(row, 1):
            at = {"row": str(r), "place": str(p), "x": f"{x:.2f}", "y": f"{y:.2f}"}
            if not _add(read, n, cells | at, know):
                return  # the others would be wrong in the same way
