"""Quantities after the cut: a limb's mass, a wound's years, clippings, whitewash, disinfectant."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import pi

from ..errors import invalid
from ..frame.wood import WoodParameters, leaf_and_twig_share, typical_limb_kg
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, Rounded, Weight, listed, say


@dataclass(frozen=True)
class LimbMass:
    """An uncut limb of a diameter: length [m], wood and leaf [kg], and the mass to plan for when it
    is lifted or lowered [kg].
    """

    length_m: float
    wood_kg: float
    leaf_kg: float
    total_kg: float
    lift_kg: float
    lower_on_line: bool
    reasons: tuple[Reason, ...]


def limb_mass(
    know: Knowledge, wood: WoodParameters, diameter_mm: float, units: Units = "metric"
) -> LimbMass:
    """Mass of an uncut limb of this diameter at the cut [mm]."""
    length = wood.length_coefficient * float((diameter_mm / 1000) ** (2 / 3))
    total = typical_limb_kg(diameter_mm, wood)
    leaf = total * leaf_and_twig_share(diameter_mm, wood)
    lift, line = total * wood.lift_factor, know.number("cuts/lower-kg")
    text = say(
        "lift",
        length=Length(length, units),
        total=Weight(total, units),
        lift=Weight(lift, units),
        pieces=say("lift-in-pieces") if total > line else "",
    )
    ids = (
        "wood/length-coefficient",
        "wood/form-factor",
        "wood/leaf-share-at-100mm",
        "wood/lift-factor",
        "limb/mass-error",
        "cuts/lower-kg",
    )
    used: dict[str, float | str | None] = {
        "diameter, mm": diameter_mm,
        "green density, kg/m3": wood.green_density_kg_m3,
        "mass may be off by a factor of": know.number("limb/mass-error"),
    }
    return LimbMass(
        length,
        total - leaf,
        leaf,
        total,
        lift,
        total > line,
        (Reason("limb-mass", text, used, catalogue_ids=ids),),
    )


@dataclass(frozen=True)
class Wound:
    """Years until a wound closes, and whether it is larger than the kind bears."""

    years: float
    too_large: bool
    reasons: tuple[Reason, ...]


def wound(
    know: Knowledge,
    diameter_mm: float,
    vigour: int,
    species: str | None = None,
    stub: bool = False,
    weak: bool = False,
    cool: bool = False,
) -> Wound:
    """Years until a wound closes: its diameter over twice the yearly growth from each edge.
    ``vigour`` 1..5.
    """
    rate = know.by_vigour("cuts/closing-mm-a-year", vigour)
    factors = [
        (stub, "wounds/stub-factor"),
        (weak, "wounds/weak-factor"),
        (cool, "wounds/cool-factor"),
    ]
    years = diameter_mm / (2 * rate)
    for holds, factor in factors:
        years *= know.number(factor) if holds else 1
    most = know.number(f"species/{species}/wound-max") if species else None
    large = most is not None and diameter_mm > most
    text = say("wound-closes", years=Rounded(years, 1)) + (say("wound-too-large") if large else "")
    ids = (
        "cuts/closing-mm-a-year",
        *(f for holds, f in factors if holds),
        *((f"species/{species}/wound-max",) if species else ()),
    )
    return Wound(
        years,
        large,
        (
            Reason(
                "wound",
                text,
                {"diameter, mm": diameter_mm, "from each edge, mm a year": rate},
                catalogue_ids=ids,
            ),
        ),
    )


@dataclass(frozen=True)
class Clippings:
    """Fresh clippings as chips [m3], loose brush [m3], dry mass and nitrogen [kg], and the ground
    they mulch [m2] at a depth [m].
    """

    chips_m3: float
    brush_m3: float
    dry_kg: float
    nitrogen_kg: float
    area_m2: float
    depth_m: float
    ring_m: float
    reasons: tuple[Reason, ...]


def mulch_row(know: Knowledge, group: str) -> str:
    """The row of the mulch table that a group goes by."""
    return group if f"mulch-depth/{group}/depth" in know else "other"


def bare_ring_m(know: Knowledge, group: str, humid: bool) -> float:
    """How far mulch stays off the trunk, by the kind's group and the climate [m]."""
    own = know.number(f"mulch-depth/{mulch_row(know, group)}/ring")
    return max(own, know.number("mulch/ring-wet")) if humid else own


def clippings(
    know: Knowledge,
    fresh_kg: float,
    group: str = "other",
    depth_m: float | None = None,
    moisture: float | None = None,
    nitrogen: float | None = None,
    humid: bool = False,
) -> Clippings:
    """What fresh clippings come to as mulch. humid: the ring round the trunk is wider there."""
    row = mulch_row(know, group)
    depth = depth_m if depth_m is not None else know.number(f"mulch-depth/{row}/depth")
    chips = fresh_kg / know.number("clippings/chips-kg-m3")
    dry = fresh_kg * (1 - (know.number("clippings/moisture") if moisture is None else moisture))
    returned = dry * (know.number("clippings/nitrogen") if nitrogen is None else nitrogen)
    ring = bare_ring_m(know, group, humid)
    text = say(
        "chips",
        fresh=Rounded(fresh_kg),
        chips=Rounded(chips, 2),
        ground=Rounded(chips / depth, 1),
        depth=Rounded(depth * 100),
        returned=Rounded(returned * 1000),
        ring=Rounded(ring * 100),
    )
    ids = (
        "clippings/chips-kg-m3",
        "clippings/moisture",
        "clippings/nitrogen",
        f"mulch-depth/{row}/depth",
        f"mulch-depth/{row}/ring",
    )
    return Clippings(
        chips,
        chips * know.number("clippings/brush-to-chips"),
        dry,
        returned,
        chips / depth,
        depth,
        ring,
        (Reason("clippings", text, {"fresh, kg": fresh_kg}, catalogue_ids=ids),),
    )


@dataclass(frozen=True)
class Whitewash:
    """Bark to paint [m2], the mix and its paint and water [litres]."""

    area_m2: float
    mix_l: float
    paint_l: float
    water_l: float
    reasons: tuple[Reason, ...]


def whitewash(
    know: Knowledge,
    trunks: Sequence[tuple[float, float]] = (),
    limbs: Sequence[tuple[float, float]] = (),
    coats: int | None = None,
    cover: float | None = None,
) -> Whitewash:
    """Whitewash for trunks all round and the upper side of limbs; each as diameter [mm] and length
    [m]. Raises: InvalidInput for neither.
    """
    if not trunks and not limbs:
        raise invalid("/trunks", say("bad-name-a-trunk-or-a-limb"))
    area = sum(pi * d / 1000 * h for d, h in trunks) + know.number("whitewash/upper-share") * sum(
        pi * d / 1000 * h for d, h in limbs
    )
    layers = coats if coats is not None else int(know.number("whitewash/coats"))
    mix = area * layers / (cover if cover is not None else know.number("whitewash/cover"))
    paint = mix * know.number("whitewash/paint-share")
    text = say(
        "whitewash-mix",
        area=Rounded(area, 2),
        layers=layers,
        mix=Rounded(mix, 2),
        paint=Rounded(paint, 2),
        water=Rounded(mix - paint, 2),
    )
    ids = ("whitewash/cover", "whitewash/coats", "whitewash/paint-share", "whitewash/upper-share")
    return Whitewash(
        area,
        mix,
        paint,
        mix - paint,
        (Reason("whitewash", text, {"bark, m2": round(area, 3)}, catalogue_ids=ids),),
    )


@dataclass(frozen=True)
class Disinfectant:
    """The ready mix [litres], what is bought and water in it, rags, and the wet contact [s]."""

    mix_l: float
    stock_ml: float
    water_l: float
    rags: int
    seconds: float
    reasons: tuple[Reason, ...]


def disinfectant(
    know: Knowledge,
    agent: str,
    trees: int = 1,
    tools: int = 1,
    dips_per_tree: int = 1,
    volume_l: float | None = None,
    stock: float | None = None,
    target: float | None = None,
) -> Disinfectant:
    """How much to mix for a round of trees. stock, target: strength as bought and as used [0..1].

    Raises: InvalidInput for an agent that is not known, or a target stronger than the stock.
    """
    if agent not in know.rows("disinfectants"):
        raise invalid("/agent", say("bad-must-be-one-of", known=listed(know.rows("disinfectants"))))
    row = f"disinfectants/{agent}"
    bought = stock if stock is not None else know.number(f"{row}/stock")
    used = target if target is not None else know.number(f"{row}/strength")
    if used > bought:
        raise invalid("/target", say("bad-is-stronger-than-what-is-bought", bought=bought))
    dips = trees * tools * dips_per_tree
    mix = volume_l if volume_l is not None else dips * know.number("disinfectant/per-tool")
    of_stock = mix * used / bought
    rags = max(1, -(-trees // int(know.number("disinfectant/rag-trees"))))
    seconds = know.number(f"{row}/seconds")
    text = say(
        "dip",
        name=know.row(f"{row}/name"),
        of_stock=Rounded(of_stock * 1000),
        mix=Rounded(mix - of_stock, 2),
        seconds=Rounded(seconds),
        against=know.row(f"{row}/against"),
        not_against=know.row(f"{row}/not-against"),
        care=know.row(f"{row}/care"),
    )
    own = tuple(f"{row}/{x}" for x in ("strength", "stock", "seconds"))
    ids = (*own, "disinfectant/per-tool", "disinfectant/rag-trees")
    why = Reason("disinfectant", text, {"trees": trees, "tools": tools}, catalogue_ids=ids)
    return Disinfectant(mix, of_stock * 1000, mix - of_stock, rags, seconds, (why,))
