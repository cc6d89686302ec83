"""Columns of lists by name: written in one language, read in every one."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from .grammar import folded
from .units import KG_PER_POUND, L_PER_GALLON, M_PER_FOOT, MM_PER_INCH, Units

# ending of a column in SI: its ending in feet and inches, and how much of SI one of those is
_OTHERS = {
    "_m": ("_ft", M_PER_FOOT),
    "_mm": ("_in", MM_PER_INCH),
    "_l": ("_gal", L_PER_GALLON),
    "_kg": ("_lb", KG_PER_POUND),
    "_m2": ("_ft2", M_PER_FOOT**2),
    "_m3": ("_ft3", M_PER_FOOT**3),
}
_ENDINGS = ("", *_OTHERS, *(other for other, _ in _OTHERS.values()), "_c", "_f")


@dataclass(frozen=True)
class Heads:
    """written: our names of columns, without the ending that tells their unit, and what they are
    called; read: what they may be called, folded, and our names; fields: how other fields are
    called in a sentence.
    """

    written: Mapping[str, str] = field(default_factory=dict)
    read: Mapping[str, str] = field(default_factory=dict)
    fields: Mapping[str, str] = field(default_factory=dict)

    def column(self, ours: str, units: Units) -> tuple[str, float]:
        """What an SI column is called in these units, and how much of SI one of them is."""
        base, ending = _parted(ours)
        called = self.written.get(ours) or f"{self.written.get(base, base)}{ending}"
        if units == "us" and ending in _OTHERS:
            other, factor = _OTHERS[ending]
            return called.removesuffix(ending) + other, factor
        return called, 1.0

    def spoken(self, ours: str) -> str:
        """What a field is called in a sentence, its unit left out."""
        base = _parted(ours)[0].removesuffix("_deg").removesuffix("_c")
        called = self.written.get(base) or self.fields.get(base) or base
        return called.replace("_", " ")

    def meant(self, called: str) -> str:
        """Our name of a column that is called so in any language; itself, if it is none."""
        plain = called.strip().lower()
        for ending in _ENDINGS:
            ours = self.read.get(folded(plain.removesuffix(ending)))
            if ours is not None and plain.endswith(ending):
                return ours + ending
        return plain


def _parted(ours: str) -> tuple[str, str]:
    ending = next((e for e in sorted(_OTHERS, key=len, reverse=True) if ours.endswith(e)), "")
    return ours.removesuffix(ending), ending
