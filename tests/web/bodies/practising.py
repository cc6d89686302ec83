"""Good bodies for rehearsals and practice trees."""

from __future__ import annotations

from typing import Any

from .parts import CUTS

REHEARSE: dict[str, Any] = {
    "cuts": CUTS,
    "second": [{"limb": "e", "keep_m": 1.0}],
    "day": "2027-03-24",
    "seasons": 3,
    "seed": 3,
    "whitewash": True,
}
DECIDED: dict[str, Any] = {
    "seed": 4,
    "cuts": [{"limb": "l1", "keep_m": 0.0}],
    "wait": False,
    "seen": ["line"],
}
