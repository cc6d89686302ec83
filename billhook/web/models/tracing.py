"""A tree traced on a picture."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...core.frame.camera import Picture, Staff
from ...core.frame.model import State
from ...core.frame.traced import Thick, Trace, TracedLimb
from .base import Answer, Asked, Counted, IsoDate, Key, Number, Units, Uuid
from .frames import LimbId
from .shared import ReasonOut

Pixel = Annotated[Number, Field(ge=-20000, le=20000)]
Touch = Annotated[list[Pixel], Field(min_length=2, max_length=2)]
Side = Annotated[Counted, Field(ge=50, le=20000)]


def _at(touch: list[float]) -> tuple[float, float]:
    return touch[0], touch[1]


Degrees = Annotated[Number, Field(ge=0, le=360)]


class StaffIn(Asked):
    """Something upright of known length beside the trunk, touched at both ends [px]."""

    low: Touch
    high: Touch
    length_m: Annotated[Number, Field(ge=0.2, le=30)]


class PictureIn(Asked):
    """A picture [px, from its upper left], and from where it was taken. ``eye_m``: how high the
    camera was held.
    """

    width: Side
    height: Side
    staff: StaffIn
    foot: Touch
    from_deg: Degrees = 180.0
    distance_m: Annotated[Number, Field(ge=1, le=200)] | None = None
    eye_m: Annotated[Number, Field(ge=0.3, le=4)] | None = None

    def core(self, eye_m: float) -> Picture:
        """The core's picture. eye_m: where none was said."""
        staff = Staff(_at(self.staff.low), _at(self.staff.high), self.staff.length_m)
        eye = self.eye_m or eye_m
        return Picture(
            self.width, self.height, staff, _at(self.foot), self.from_deg, self.distance_m, eye
        )


class ThickIn(Asked):
    """How thick wood is: two touches across it, a class, or mm."""

    across: Annotated[list[Touch], Field(min_length=2, max_length=2)] | None = None
    thickness: Annotated[Key | None, Field(alias="class")] = None
    mm: Annotated[Number, Field(ge=1, le=3000)] | None = None

    def core(self) -> Thick:
        """The core's thickness."""
        across = (_at(self.across[0]), _at(self.across[1])) if self.across else None
        return Thick(across, self.thickness, self.mm)


class TracedLimbIn(Asked):
    """A limb: its fork and tip [px]; ``on`` where it is not the wood nearest to its fork;
    ``bearing_deg`` where it does not run level with the picture; ``second``: its tip on the second
    picture.
    """

    id: LimbId
    fork: Touch
    tip: Touch
    thick: ThickIn
    on: LimbId | None = None
    bearing_deg: Degrees | None = None
    second: Touch | None = None
    state: State = "live"
    fruit: Annotated[Counted, Field(ge=0, le=100_000)] = 0
    kind: Annotated[str, Field(max_length=40)] | None = None

    def core(self) -> TracedLimb:
        """The core's limb."""
        return TracedLimb(
            self.id,
            _at(self.fork),
            _at(self.tip),
            self.thick.core(),
            self.on,
            self.bearing_deg,
            _at(self.second) if self.second else None,
            self.state,
            self.fruit,
            self.kind,
        )


class TouchedIn(Asked):
    """Everything that was touched."""

    picture: PictureIn
    top: Touch
    trunk: ThickIn
    union: Touch | None = None
    limbs: Annotated[list[TracedLimbIn], Field(max_length=120)] = []
    second: PictureIn | None = None

    def core(self, eye_m: float) -> Trace:
        """The core's trace."""
        return Trace(
            self.picture.core(eye_m),
            _at(self.top),
            self.trunk.core(),
            tuple(x.core() for x in self.limbs),
            _at(self.union) if self.union else None,
            self.second.core(eye_m) if self.second else None,
        )


class TraceCalcIn(TouchedIn):
    """What was touched, and the units to answer in."""

    units: Units = "metric"


class LimbShareOut(Answer):
    """What a limb with all it bears carries of the canopy, and what it may be."""

    limb: str
    share: float
    low: float
    high: float


class TrunkOut(Answer):
    """Trunk just above the union, and the height of the highest fork."""

    diameter_mm: float
    height_m: float


class TracedLimbOut(Answer):
    """A limb as it was traced; ``on`` is trunk or the limb its fork lies on."""

    id: str
    on: str
    at_m: float
    base_mm: float
    length_m: float
    rise_deg: float
    bearing_deg: float
    state: State
    fruit: int
    kind: str | None


class TracedFrameOut(Answer):
    """The skeleton that was touched."""

    union_m: float | None
    trunk: TrunkOut
    limbs: list[TracedLimbOut]


class TracedOut(Answer):
    """The frame that was touched, its size to the top of the leaf, and each limb's share."""

    frame: TracedFrameOut
    height_m: float
    spread_m: float
    shares: list[LimbShareOut]
    reasons: list[ReasonOut]


class TraceIn(TouchedIn):
    """A trace to be kept with its picture."""

    id: Uuid
    photo_id: Uuid
    date: IsoDate | None = None


class SeenLimbOut(Answer):
    """A limb where it is seen on the picture [px], and whether it still stands."""

    id: str
    fork: Touch
    tip: Touch
    standing: bool


class SeenOnOut(Answer):
    """The picture a tree was last traced on."""

    photo_id: str
    width: int
    height: int
    limbs: list[SeenLimbOut]
