"""A row as it stands and as it may be held: its section, the wall proposed for it, and the heights
a limb is lowered to and the rest tipped at.
"""

from __future__ import annotations

from math import radians, tan

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..light.rows import Section
from ..words.values import say


def full_size(know: Knowledge, species: str, rootstock: str | None = None) -> tuple[float, float]:
    """Least and greatest height a tree left alone comes to, by its kind and stock [m]."""
    low, high = know.numbers(f"species/{species}/height")
    on = know.get(f"rootstocks/{rootstock}/size-factor")
    factor = know.number(on.id) if on is not None else 1.0
    return low * factor, high * factor


def natural_height(
    know: Knowledge, species: str, height_m: float, rootstock: str | None = None
) -> float:
    """Height a tree left alone comes to [m]: the middle of its kind's on its stock, or a little
    over today's.
    """
    usual = sum(full_size(know, species, rootstock)) / 2
    return max(height_m * know.number("renewal/natural-over"), usual)


def levels_to_hold(know: Knowledge, vigour: int, cap_m: float) -> tuple[float, float]:
    """Heights a limb is lowered to and the rest tipped at, so that a year's growth stays under the
    cap [m]. vigour: 1 to 5.
    """
    lowered, tipped = (
        know.by_vigour(f"renewal/gain-{how}", vigour) for how in ("lowered", "tipped")
    )
    low = min(know.number("renewal/low-m"), max(know.number("renewal/least-low"), cap_m - lowered))
    return low, max(know.number("renewal/least-tip"), cap_m - tipped)


def standing_section(
    know: Knowledge, height_m: float, spread_m: float, spacing_m: float
) -> Section:
    """The section as it stands: as wide as the trees, but no wider than the rows leave room for."""
    skirt = min(know.number("wall/skirt"), height_m * know.number("wall/skirt-most"))
    base = min(spread_m, spacing_m - know.number("section/least-gap"))
    drawn_in = 2 * (height_m - skirt) * tan(radians(know.number("section/free-lean")))
    top = max(know.number("wall/narrowest-top") * base, base - drawn_in)
    return Section(round(height_m, 2), round(base, 2), round(top, 2), round(skirt, 2))


def section_to_cap(
    know: Knowledge, now: Section, cap_m: float, spacing_m: float, widest_m: float | None = None
) -> Section:
    """The wall proposed for a row: down to the cap, a clear alley beside it, its slope kept.
    widest_m: the width rows of its kind are held at, where the trade has one.
    """
    height = min(now.height_m, cap_m)
    alley = spacing_m - know.number("wall/alley")
    base = min(now.base_width_m, max(know.number("wall/least-foot"), alley))
    base = base if widest_m is None else min(base, widest_m)
    rise = max(0.1, now.height_m - now.skirt_m)
    slope = (now.base_width_m - now.top_width_m) / 2 / rise
    top = base - 2 * slope * (height - now.skirt_m)
    return Section(height, base, max(know.number("wall/least-top"), top), now.skirt_m)


def check_section(section: Section, spacing_m: float, pointer: str = "") -> None:
    """Raises: InvalidInput at ``pointer`` for a wall below its skirt, or without an alley."""
    wrong = []
    if section.height_m <= section.skirt_m:
        wrong.append(FieldProblem(f"{pointer}/height_m", say("bad-must-lie-above-the-skirt")))
    if max(section.base_width_m, section.top_width_m) >= spacing_m:
        text = f"leaves no alley between rows {spacing_m:.1f} m apart"
        wrong.append(FieldProblem(f"{pointer}/base_width_m", text))
    if wrong:
        raise InvalidInput(wrong)
