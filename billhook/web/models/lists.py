"""Lists that leave the holding."""

from __future__ import annotations

from typing import Literal

from .base import Asked


class ListPath(Asked):
    """Which list: standing trees, the log, what was picked, hours, what is due, what the next
    twelve months ask for.
    """

    name: Literal["trees", "log", "harvests", "hours", "tasks", "materials"]
