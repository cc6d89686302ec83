"""The catalogue row of a kind of tree that a grower described by its events."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from typing import Any

from .known import Knowledge, Known

SIZES = {
    "low": ((2.0, 4.0), (2.0, 4.0)),
    "middling": ((3.5, 7.0), (3.5, 7.0)),
    "tall": ((6.0, 12.0), (5.0, 11.0)),
}


def known_of(kind_id: str, name: str, data: Mapping[str, Any]) -> dict[str, Known]:
    """The catalogue row of a kind of one's own."""
    height, spread = SIZES[data["size"]]
    row: dict[str, tuple[Any, str]] = {
        "name": (name, ""),
        "also": (name.lower(), ""),
        "group": ("own", ""),
        "vigour": (float(data["vigour"]), "1 to 5"),
        "everbearing": (float(data["everbearing"]), "0 or 1"),
        "induction": ("none", ""),
        "carry-in-night": (float(data["coldest_night_c"]), "°C"),
        "green-density": (1000.0, "kg/m3"),
        "fruit-mass": (0.1, "kg"),
        "habit": (str(data.get("habit", "rounded")), ""),
        "thorn-mm": (0.0, "mm"),
        "wound-max": (float(data.get("wound_mm", 75.0)), "mm"),
        "panicles": (float(data.get("bears") == "ends"), "0 or 1"),
        "height": (height, "m"),
        "spread": (spread, "m"),
    }
    for event in ("bloom", "harvest"):
        if months := data.get(event):
            for calendar in ("humid", "mediterranean"):
                row[f"{event}-{calendar}"] = (tuple(float(m) for m in months), "months")
    found = {
        f"species/{kind_id}/{column}": Known(
            f"species/{kind_id}/{column}", value, unit, f"{name}: as you described it", "our rule"
        )
        for column, (value, unit) in row.items()
    }
    frost = f"forecast/{kind_id}-frost"
    found[frost] = Known(
        frost,
        float(data["frost_c"]),
        "°C",
        f"A forecast night this cold stops live cuts on {name}",
        "our rule",
    )
    return found


def with_own(know: Knowledge, kinds: Iterable[tuple[str, str, Mapping[str, Any]]]) -> Knowledge:
    """The catalogue and the kinds of a holding: id, name and description of each."""
    more: dict[str, Known] = {}
    for kind_id, name, data in kinds:
        more |= known_of(kind_id, name, data)
    return know.with_more(more) if more else know
