"""Bearings and slopes in words: the eight winds, and steep, slanting or flat."""

from __future__ import annotations

WINDS = ("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west")


def wind(bearing_deg: float) -> str:
    """The wind a bearing points to, of eight [degrees clockwise from north]."""
    return WINDS[round((bearing_deg % 360) / 45) % 8]
