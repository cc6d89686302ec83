"""Wood volume and what is really in the hand when a limb comes off."""

from __future__ import annotations

from dataclasses import dataclass, replace
from math import pi

from ..known import Knowledge


@dataclass(frozen=True)
class WoodParameters:
    """Density, and the coefficients of the limb-mass table (see the catalogue table ``wood``)."""

    green_density_kg_m3: float
    fruit_kg: float
    form: float
    length_coefficient: float
    leaf_share_at_100mm: float
    leaf_share_power: float
    leaf_share_cap: float
    lift_factor: float

    def with_density(self, green_density_kg_m3: float) -> WoodParameters:
        """The same wood of another green density [kg/m3]."""
        return replace(self, green_density_kg_m3=green_density_kg_m3)


def wood_parameters(know: Knowledge, species: str | None = None) -> WoodParameters:
    """Wood parameters from the catalogue, for a species or the default wood."""
    density, fruit = know.number("wood/green-density"), know.number("wood/fruit-mass")
    if species is not None:
        density, fruit = (
            know.number(f"species/{species}/green-density"),
            know.number(f"species/{species}/fruit-mass"),
        )
    return WoodParameters(
        density,
        fruit,
        know.number("wood/form-factor"),
        know.number("wood/length-coefficient"),
        know.number("wood/leaf-share-at-100mm"),
        know.number("wood/leaf-share-power"),
        know.number("wood/leaf-share-cap"),
        know.number("wood/lift-factor"),
    )


def frustum_volume_m3(length_m: float, base_mm: float, end_mm: float) -> float:
    """Volume of a round taper [m3]: ``pi/12 h (d0^2 + d0 d1 + d1^2)``."""
    d0, d1 = base_mm / 1000, end_mm / 1000
    return pi / 12 * length_m * (d0 * d0 + d0 * d1 + d1 * d1)


def leaf_and_twig_share(wound_mm: float, wood: WoodParameters) -> float:
    """Share of a limb's fresh mass that is leaf and twig [0..1], by its diameter at the cut [mm].
    From memory.
    """
    if wound_mm <= 0:
        return wood.leaf_share_cap
    return min(
        wood.leaf_share_cap,
        wood.leaf_share_at_100mm * float((wound_mm / 100) ** -wood.leaf_share_power),
    )


def typical_limb_kg(wound_mm: float, wood: WoodParameters) -> float:
    """Fresh mass of an uncut limb of this diameter, leaf included [kg].

    Length ``L = c d^(2/3)`` (elastic similarity, form of McMahon & Kronauer 1976, source named from
    memory, not consulted; coefficient from memory), volume ``form * A * L``.
    """
    d = wound_mm / 1000
    volume = wood.form * pi / 4 * d * d * wood.length_coefficient * float(d ** (2 / 3))
    return volume * wood.green_density_kg_m3 / (1 - leaf_and_twig_share(wound_mm, wood))


def hand_kg(wood_kg: float, wound_mm: float, fruit: int, wood: WoodParameters) -> float:
    """What is in the hand, leaf, twigs and fruit included [kg]: the greater of the measured wood
    and the typical limb.
    """
    measured = wood_kg / (1 - leaf_and_twig_share(wound_mm, wood))
    return max(measured, typical_limb_kg(wound_mm, wood)) + fruit * wood.fruit_kg
