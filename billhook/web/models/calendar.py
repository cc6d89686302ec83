"""The calendar feed."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Asked


class CalendarQuery(Asked):
    """Of one block, or the whole holding. ``key``: what opens it to a calendar that cannot sign
    in.
    """

    block: Annotated[str, Field(max_length=60)] | None = None
    key: Annotated[str, Field(max_length=60)] | None = None


class KeyQuery(Asked):
    """``key``: what opens it to a calendar that cannot sign in."""

    key: Annotated[str, Field(max_length=60)] | None = None


class CalendarAddressOut(Answer):
    """Where a calendar subscribes; ``secret``: whoever knows it reads the calendar, so that it can
    be renewed.
    """

    url: str
    secret: bool
