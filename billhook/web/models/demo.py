"""The demo's day."""

from __future__ import annotations

from .base import Answer, IsoDate, Written


class MorningOut(Answer):
    """A day worth seeing."""

    says: str
    day: IsoDate


class DemoGoingOut(Answer):
    """How far the demo is on its way to a day, in parts of its history."""

    day: IsoDate
    step: int
    of: int
    failed: bool


class DemoOut(Answer):
    """Whether this is the demo, and on which day."""

    demo: bool
    day: IsoDate
    mornings: list[MorningOut]
    going: DemoGoingOut | None


class DemoDayIn(Written):
    """A day to put the demo on."""

    day: IsoDate
