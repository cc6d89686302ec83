"""What a season's work asks for before any limb is marked: cuts, chips, whitewash, disinfectant,
blades. A piece of work takes a share of canopy in cuts of its usual diameter; cross-sections add up
to the trunk's (see the catalogue's ``counting/kept``), so that

    cuts = share · (trunk / cut)²,   mass = cuts · mass of an uncut limb of that diameter.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, fields, replace
from math import ceil, pi

from ..frame.wood import typical_limb_kg, wood_parameters
from ..known import Knowledge
from .quantities import clippings, disinfectant, whitewash


@dataclass(frozen=True)
class Taken:
    """What work takes: trees that are cut, cuts, wood cut through by hand saw and by secateurs
    [cm2], fresh clippings [kg], bark to whiten [m2]. unsized: trees of which no size is known, left
    out of cuts and clippings.
    """

    trees: float = 0
    cuts: float = 0.0
    saw_cm2: float = 0.0
    secateurs_cm2: float = 0.0
    fresh_kg: float = 0.0
    bark_m2: float = 0.0
    unsized: float = 0

    def part(self, of: float) -> Taken:
        """That part of it."""
        return Taken(*(getattr(self, f.name) * of for f in fields(self)))

    def __add__(self, other: Taken) -> Taken:
        return Taken(*(getattr(self, f.name) + getattr(other, f.name) for f in fields(self)))


def taken_of(
    know: Knowledge, species: str, work: str, trunk_mm: float | None, share: float | None, sun: bool
) -> Taken:
    """What a kind of work takes of one tree. share: of its canopy, None for the usual; sun: bared
    bark burns in these days. Work without a row takes nothing.
    """
    if work not in know.rows("season-cuts"):
        return Taken()
    row = f"season-cuts/{work}"
    cut_mm, free = know.number(f"{row}/mm"), know.number(f"{row}/cuts")
    part = 0.0 if free else share or know.number(f"{row}/share")
    if part and trunk_mm is None:
        return Taken(unsized=1)
    thick = min(cut_mm, trunk_mm) if trunk_mm is not None else cut_mm
    cuts = part * (trunk_mm / thick) ** 2 if trunk_mm and part else free
    wood_cm2 = cuts * pi / 4 * (thick / 10) ** 2
    tool = know.text(f"{row}/tool")
    bares = know.number(f"{row}/bares") if sun else 0.0
    upper = know.number("whitewash/upper-share")
    return Taken(
        1,
        cuts,
        wood_cm2 if tool == "saw" else 0.0,
        wood_cm2 if tool == "secateurs" else 0.0,
        cuts * typical_limb_kg(thick, wood_parameters(know, species)) if part else 0.0,
        cuts * bares * pi * thick / 1000 * upper,
    )


@dataclass(frozen=True)
class Supplies:
    """What a month's work asks for: chips [m3] and the ground they mulch [m2], whitewash and
    disinfectant ready mixed [l], what is bought of it [ml], rags, blades.
    """

    chips_m3: float
    mulch_m2: float
    whitewash_l: float
    disinfectant_l: float
    stock_ml: float
    rags: int
    saw_blades: float
    secateur_blades: float


def supplies_for(know: Knowledge, taken: Taken, group: str = "other") -> Supplies:
    """What it comes to. group: of the trees, by which mulch is laid."""
    chips = clippings(know, taken.fresh_kg, group)
    bark_mm = 1000 / pi  # a trunk of this diameter has a square metre of bark to each metre
    paint = whitewash(know, [(bark_mm, taken.bark_m2)]).mix_l if taken.bark_m2 else 0.0
    dips = ceil(taken.trees)
    dip = disinfectant(know, know.text("supplies/agent"), trees=dips) if dips else None
    return Supplies(
        chips.chips_m3,
        chips.area_m2,
        paint,
        dip.mix_l if dip else 0.0,
        dip.stock_ml if dip else 0.0,
        dip.rags if dip else 0,
        taken.saw_cm2 / know.number("blade-life/saw/cm2"),
        taken.secateurs_cm2 / know.number("blade-life/secateurs/cm2"),
    )


def together(know: Knowledge, parts: Iterable[Supplies]) -> Supplies:
    """The sum of several; rags by all dips together, so that none is begun for every part."""
    all_ = list(parts)
    found = Supplies(*(sum(getattr(s, f.name) for s in all_) for f in fields(Supplies)))
    dips = found.disinfectant_l / know.number("disinfectant/per-tool")
    return replace(found, rags=ceil(round(dips) / know.number("disinfectant/rag-trees")))
