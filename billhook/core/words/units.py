"""Lengths, diameters and weights in words, metric or feet and inches. SI inside; converted only
here.
"""

from __future__ import annotations

from math import floor
from typing import Literal, get_args

Units = Literal["metric", "us"]
UNITS: tuple[Units, ...] = get_args(Units)

MM_PER_INCH = 25.4
M_PER_FOOT = 0.3048
KG_PER_POUND = 0.45359237
L_PER_GALLON = 3.785411784
F_PER_C = 1.8
_SIXTEENTHS = 16


def _inch_fraction(inches: float) -> str:
    """Inches to the nearest sixteenth: ``1 3/4``, ``3/8``, ``2``."""
    ticks = round(inches * _SIXTEENTHS)
    whole, rest = divmod(ticks, _SIXTEENTHS)
    if rest == 0:
        return str(whole)
    top, bottom = rest, _SIXTEENTHS
    while top % 2 == 0:
        top, bottom = top // 2, bottom // 2
    return f"{whole} {top}/{bottom}" if whole else f"{top}/{bottom}"


def length_words(metres: float, units: Units = "metric") -> str:
    """A length in words: ``1.40 m`` or ``4'7"`` [m]."""
    if units == "metric":
        return f"{metres:.2f} m"
    inches = floor(metres / M_PER_FOOT * 12 + 0.5)
    return f"{inches // 12}'{inches % 12}\""


def diameter_words(mm: float, units: Units = "metric") -> str:
    """A diameter in words: ``27 mm`` or ``1 1/16"`` [mm]."""
    if units == "metric":
        return f"{mm:.0f} mm"
    return f'{_inch_fraction(mm / MM_PER_INCH)}"'


def weight_words(kg: float, units: Units = "metric") -> str:
    """A weight in words: ``3.2 kg`` or ``7.1 lb`` [kg]."""
    return f"{kg:.1f} kg" if units == "metric" else f"{kg / KG_PER_POUND:.1f} lb"


def share_words(share: float) -> str:
    """A share of the canopy in words, [0..1] to per cent: ``6.1 %``."""
    percent = share * 100
    return f"{percent:.0f} %" if abs(percent - round(percent)) < 0.05 else f"{percent:.1f} %"


def celsius(fahrenheit: float) -> float:
    """Degrees Celsius of degrees Fahrenheit."""
    return (fahrenheit - 32) / F_PER_C
