"""One good body for every request that takes one, so that tests can spoil them field by field."""

from .calculators import CALCULATORS
from .parts import CUTS, FRAME, ID, SEASON, TMAX, TMIN
from .resources import resources
from .spoiling import leaves, pointer, spoiled, value_at, without

__all__ = [
    "CALCULATORS",
    "CUTS",
    "FRAME",
    "ID",
    "SEASON",
    "TMAX",
    "TMIN",
    "leaves",
    "pointer",
    "resources",
    "spoiled",
    "value_at",
    "without",
]
