"""A stored block and tree as the season asks for them."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from typing import cast

from ...core.choice import one_of
from ...core.frost.classes import CLASSES, FrostClass
from ...core.season.model import Bark, Condition, FruitOn, Site, TreeState, Weather
from ...core.season.normals import Normals
from ...core.season.place import month_day, pocket_frost_dates
from ...core.shoot.case import ShootCase, raised_as, stands_on_own_roots
from ...store.tables import Block, Observation, SiteNormals
from ...store.tables import Site as SiteTable
from ...store.trees import TreeRecord


def core_site(
    site: SiteTable,
    normals: SiteNormals,
    block: Block | None,
    lapse_k_per_km: float,
    measured: Weather | None = None,
) -> Site:
    """A block's place: the station's normals moved by the block's offset and height, and the frost
    dates with them.
    """
    higher = (
        0.0
        if block is None or block.elevation_m is None or site.elevation_m is None
        else block.elevation_m - site.elevation_m
    )
    by_height = -lapse_k_per_km * higher / 1000
    base = Normals(tuple(normals.tmin_c), tuple(normals.tmax_c))
    last, first = month_day(site.last_frost or ""), month_day(site.first_frost or "")
    offset = (block.offset_c if block else 0.0) + by_height
    last, first = pocket_frost_dates(base, last, first, offset)
    moved = Normals(
        tuple(t + offset for t in base.tmin_c),
        tuple(
            max(t + by_height, low + offset)
            for t, low in zip(base.tmax_c, base.tmin_c, strict=True)
        ),
    )
    if measured is not None and offset:
        measured = Weather(
            f"{measured.key}{offset:+.2f}",
            measured.first,
            measured.tmin_c + offset,
            measured.tmax_c + by_height,
        )
    return Site(
        site.latitude,
        moved,
        last,
        first,
        site.climate,
        frost_pocket=bool(block and block.frost_pocket),
        dangers=frozenset(site.dangers),
        weather=measured,
    )


def core_tree(
    record: TreeRecord,
    seen: Mapping[str, Observation],
    used_share: float,
    day: dt.date,
    too_tall: bool = False,
) -> TreeState:
    """What the season needs of a tree on a day, with its latest observed condition. too_tall: by
    its room, where nobody said otherwise.
    """

    def value(kind: str) -> str | None:
        return seen[kind].value if kind in seen else None

    def on(kind: str) -> dt.date | None:
        return seen[kind].date if kind in seen else None

    tall = value("too_tall") == "yes" if "too_tall" in seen else too_tall

    # `observe` let only the known words in
    return TreeState(
        record.tree.species,
        record.tree.planted_year,
        record.cultivar,
        record.stem.rootstock,
        record.tree.pot_l is not None,
        record.tree.under_cover,
        int(value("vigour") or 0) or None,
        cast(Condition, value("condition") or "healthy"),
        _freeze_class(seen, day),
        cast(FruitOn | None, value("fruit_on")),
        round(used_share, 3),
        value("low_bloom") == "yes",
        tall,
        None,
        day if used_share else None,
        on("fruit_on"),
        on("condition"),
        on("freeze_class"),
        float(seen["first_branch_m"].value) if "first_branch_m" in seen else None,
        _bark(seen),
    )


def _bark(seen: Mapping[str, Observation]) -> Bark | None:
    """How far a leafless tree was green, scratched since it lost its leaves."""
    bark, bare = seen.get("bark"), seen.get("condition")
    since = bark is not None and bare is not None and bark.date >= bare.date
    return cast(Bark, bark.value) if bark is not None and since else None


def _freeze_class(seen: Mapping[str, Observation], day: dt.date) -> FrostClass:
    """The class of frost damage that still holds back cuts: none from the day an edge that held has
    opened them.
    """
    hurt, opened = seen.get("freeze_class"), seen.get("frost_open")
    if hurt is None:
        return "F0"
    early = (
        opened is not None
        and opened.date >= hurt.date
        and opened.value != "none"
        and day >= dt.date.fromisoformat(opened.value)
    )
    return "F0" if early else one_of(CLASSES, hurt.value)


def recorded_pair(record: TreeRecord) -> ShootCase:
    """The kind and stock of a tree, and how it was raised, as a shoot's clues are weighed by."""
    stock = record.stem.rootstock
    return ShootCase(
        record.tree.species,
        stock,
        {},
        cultivar=record.cultivar,
        raised=raised_as(record.tree.origin, stock),
    )


def on_own_roots(record: TreeRecord) -> bool:
    """Whether a tree has no union, and so no suckers."""
    return stands_on_own_roots(recorded_pair(record))
