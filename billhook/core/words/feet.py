"""Metric amounts of a finished sentence, said in feet, inches, pounds, gallons and °F.

For sentences of the catalogue, whose amounts are part of their words, in any of the languages. A
temperature is a reading, but where the words after it make it a difference.
"""

from __future__ import annotations

import re

from .units import KG_PER_POUND, L_PER_GALLON, M_PER_FOOT, MM_PER_INCH, diameter_words, length_words

_M_OF = {"mm": 0.001, "cm": 0.01, "m": 1.0, "metre": 1.0, "metres": 1.0, "metros": 1.0}
_OUNCES_PER_KG = 35.27396
_OUNCES_PER_GALLON = 128
# unit as it is written: what one of it is in the other, and how that is written
_BY = {
    "kg": (1 / KG_PER_POUND, "lb"),
    "m³": (M_PER_FOOT**-3, "cu ft"),
    "m²": (M_PER_FOOT**-2, "sq ft"),
    "m2": (M_PER_FOOT**-2, "sq ft"),
    "g": (_OUNCES_PER_KG / 1000, "oz"),
    "ha": (2.4710538, "acres"),
    "km": (0.62137119, "miles"),
}
_LITRES = ("litre", "litres", "litro", "litros")
_BETWEEN = "to|by|and|a|y|e|por"
_UNITS = "|".join(sorted((*_M_OF, *_BY, *_LITRES), key=len, reverse=True))
_NUMBER = r"\d+(?:[.,]\d+)?"
_AMOUNT = re.compile(
    rf"(?<![\w.,/])({_NUMBER})(?: ({_BETWEEN}) ({_NUMBER}))?[ \u00a0]({_UNITS})(?![\w²³/])"
)
_SIGNED = rf"(?:minus |[-−])?{_NUMBER}"
_WARMTH = re.compile(
    rf"(?<![\w.,/±-])({_SIGNED})(?: ({_BETWEEN}) ({_SIGNED}))?[ \u00a0]°C"
    r"(?=( either way| under the| colder| warmer)?)"
)


def in_feet(text: str) -> str:
    """A sentence with its metric amounts in feet, inches, pounds, ounces, gallons and °F."""
    return _WARMTH.sub(_fahrenheit, _AMOUNT.sub(_other, text)) if text else text


def _fahrenheit(found: re.Match[str]) -> str:
    first, between, second, difference = found.groups()
    zero = 0 if difference else 32
    said = [_degrees(n, zero) for n in (first, second) if n is not None]
    return f"{said[0]} {between} {said[1]} °F" if second else f"{said[0]} °F"


def _degrees(celsius: str, zero: int) -> str:
    """As many figures as were said, and none more."""
    warm = _number(celsius.replace("minus ", "-").replace("−", "-")) * 1.8 + zero
    whole = zero or not {".", ","} & set(celsius)
    return (f"{warm:.0f}" if whole else f"{warm:.1f}").replace("-", "−")


def _number(text: str) -> float:
    """With a decimal point or a decimal comma."""
    return float(text.replace(",", "."))


def _other(found: re.Match[str]) -> str:
    first, between, second, unit = found.groups()
    amounts = [_number(n) for n in (first, second) if n is not None]
    said = _said(amounts, unit)
    return said[0] if second is None else f"{said[0]} {between} {said[1]}"


def _said(amounts: list[float], unit: str) -> list[str]:
    if unit in _M_OF:
        return [_length(a * _M_OF[unit]) for a in amounts]
    if unit in _LITRES:
        factor, name = 1 / L_PER_GALLON, "gallons"
        if max(amounts) * factor < 0.5:
            factor, name = factor * _OUNCES_PER_GALLON, "fl oz"
    else:
        factor, name = _BY[unit]
    figures = [_figure(a * factor) for a in amounts]
    return [*figures[:-1], f"{figures[-1]} {name}"]


def _length(m: float) -> str:
    """Small ones to a fraction of an inch, others as lengths are."""
    inches = m * 1000 / MM_PER_INCH
    if inches >= 36:
        return length_words(m, "us")
    step = 0.0625 if inches < 1 else 0.25 if inches < 6 else 1
    return diameter_words(round(inches / step) * step * MM_PER_INCH, "us")


def _figure(number: float) -> str:
    return f"{number:.2g}" if number < 10 else f"{number:.0f}"
