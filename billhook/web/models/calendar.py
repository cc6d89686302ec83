"""The calendar feed."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Asked


class CalendarQuery(Asked):
    """Of one block, or the whole holding."""

    block: Annotated[str, Field(max_length=60)] | None = None
