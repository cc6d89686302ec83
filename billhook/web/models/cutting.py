"""Cuts costed before they are made."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, IsoDate, Text, Units, Work
from .frames import CutCostOut, CutIn, MeasuresOut
from .shared import ReasonOut, VerdictOut


class MarkedIn(CutIn):
    """A marked cut. ``sick``: the limb is dead, broken or diseased, whatever the drawing says."""

    sick: bool = False


class PreviewIn(Asked):
    """Cuts marked on a frame, for a kind of work on a day."""

    frame_id: Text | None = None
    cuts: Annotated[list[MarkedIn], Field(max_length=200)]
    work: Work
    day: IsoDate | None = None
    units: Units = "metric"


class PieceOut(Answer):
    """A tapered piece of wood in the upright plane of the limb; ends and widths in metres."""

    role: Literal["parent", "limb", "heir", "bud"]
    x0: float
    y0: float
    x1: float
    y1: float
    start_w: float
    end_w: float


class StrokeOut(Answer):
    """A stroke of the blade from where it enters; ``deep``: how far it goes through."""

    n: int
    kind: Literal["under", "top", "last", "wrong"]
    x0: float
    y0: float
    x1: float
    y1: float
    deep: float


class CutDrawingOut(Answer):
    """A cut seen from the side, to scale; ``bar_m``: a length for the scale bar; ``wrong``: where
    it must not be made, and why in ``not_so``.
    """

    pieces: list[PieceOut]
    strokes: list[StrokeOut]
    bar_m: float
    wrong: list[StrokeOut] = []
    not_so: list[ReasonOut] = []


class AdviceOut(Answer):
    """How to make one cut."""

    limb: str
    keep_m: float
    order_class: int
    work: Work
    at_height_m: float
    position: str
    place: str
    technique: str
    tool: str
    cuts_needed: int
    minutes: float
    closing_years: float
    takes_over: str | None
    free: bool
    cautions: list[ReasonOut]
    making: list[ReasonOut]
    drawing: CutDrawingOut | None


class AgainstOut(Answer):
    """The running total against the limit of the day."""

    removed: float
    limit: float | None
    over: float
    fits: bool
    sentence: str
    reasons: list[ReasonOut]


class PreviewOut(Answer):
    """Cost of the cuts, verdict, total, and how to make each."""

    frame_id: str
    work: Work
    before: MeasuresOut
    after: MeasuresOut
    canopy_share_removed: float | None
    wood_share_removed: float
    cuts: list[CutCostOut]
    verdict: VerdictOut
    against: AgainstOut
    advice: list[AdviceOut]
    minutes: float
    gone: list[str]
    reasons: list[ReasonOut]
