"""Bearings and slopes in words: the eight winds, and steep, slanting or flat."""

from __future__ import annotations

WINDS = ("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west")


def wind(bearing_deg: float) -> str:
    """The wind a bearing points to, of eight [degrees clockwise from north]."""
    return WINDS[round((bearing_deg % 360) / 45) % 8]


def points_to(bearing_deg: float, pole: str) -> bool:
    """Whether a bearing points to ``north`` or ``south``, within three eighths of a round."""
    index = WINDS.index(wind(bearing_deg))
    return min((index - WINDS.index(pole)) % 8, (WINDS.index(pole) - index) % 8) <= 1
