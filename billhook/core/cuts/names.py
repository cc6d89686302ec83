"""What a limb is called: by its direction, by which of several, and by what it grows on."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..frame.model import SOIL, TRUNK, Frame, Limb, is_sucker
from ..words.directions import wind
from ..words.units import Units
from ..words.values import Compass, Length, Value, say


@dataclass(frozen=True)
class LimbPlace:
    """What a limb's name is made of. kind: ``main``, ``shoot`` (a sprout on the trunk), ``side`` or
    ``sucker``; index of count: among those alike, from the foot up; on: the limb that bears it.
    """

    kind: str
    bearing_deg: float
    index: int
    count: int
    on: str | None = None


def limb_places(frame: Frame) -> dict[str, LimbPlace]:
    """For every limb where it grows, parents before what they bear."""
    found: dict[str, LimbPlace] = {}
    scaffolds = [x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)]
    alike: dict[tuple[str, str], list[Limb]] = {}
    for limb in sorted(scaffolds, key=lambda x: (x.at_m, x.id)):
        alike.setdefault(
            ("shoot" if limb.kind == "sprout" else "main", wind(limb.bearing_deg)), []
        ).append(limb)
    for (kind, _), same in alike.items():
        for i, limb in enumerate(same):
            found[limb.id] = LimbPlace(kind, limb.bearing_deg, i, len(same))
    suckers = [x for x in frame.limbs if is_sucker(frame, x)]
    for i, limb in enumerate(suckers):
        found[limb.id] = LimbPlace("sucker", limb.bearing_deg, i, len(suckers))
    waiting = [x for x in frame.limbs if x.id not in found]
    while waiting:
        for limb in list(waiting):
            if limb.on in found:
                siblings = [
                    x
                    for x in frame.limbs
                    if x.on == limb.on
                    and wind(x.bearing_deg) == wind(limb.bearing_deg)
                    and not is_sucker(frame, x)
                ]
                siblings.sort(key=lambda x: (x.at_m, x.id))
                index, count = (siblings.index(limb), len(siblings)) if limb in siblings else (0, 1)
                found[limb.id] = LimbPlace("side", limb.bearing_deg, index, count, limb.on)
                waiting.remove(limb)
    return found


def limb_names(frame: Frame) -> dict[str, Value]:
    """A name for every limb: ``east limb``, ``upper east limb``, ``east shoot`` for a sprout on the
    trunk, ``side branch facing south on the east limb``, ``sucker on the west``.
    """
    names: dict[str, Value] = {}
    for limb, place in limb_places(frame).items():
        names[limb] = _named(place, names.get(place.on or "", ""))
    return names


def _named(place: LimbPlace, bearer: Value) -> Value:
    way, n = Compass(place.bearing_deg), place.index + 1
    if place.kind == "sucker":
        return say("limb-sucker", nth=n if place.count > 1 else "only", way=way)
    which: Value = "only" if place.count == 1 else say("limb-nth", n=n)
    if place.count == 2:
        which = "lower" if place.index == 0 else "upper"
    if place.kind == "side":
        return say("limb-side", which=which, way=way, bearer=bearer)
    return say("limb-main" if place.kind == "main" else "limb-shoot", which=which, way=way)


def forks(frame: Frame, limb_id: str) -> list[float]:
    """Where side branches leave a limb, from its base [m]; several within 20 mm count as one
    fork.
    """
    places: list[float] = []
    for at in sorted(x.at_m for x in frame.limbs if x.on == limb_id):
        if not places or at - places[-1] > 0.02:
            places.append(at)
    return places


def position_words(
    frame: Frame,
    limb_id: str,
    keep_m: float,
    names: Mapping[str, Value],
    near_m: float,
    units: Units = "metric",
) -> Value:
    """Where on the real limb: ``1.40 m up the east limb, to the second fork``. near_m: a cut this
    close above a fork is a cut to it [m].
    """
    length = Length(keep_m, units)
    if limb_id == TRUNK:
        return say("cut-at-trunk", length=length)
    limb = frame.limb(limb_id)
    name = names[limb_id]
    if is_sucker(frame, limb):
        if limb.on == SOIL:
            return say("cut-at-soil", limb=name)
        under = Length(max(0.0, (frame.union_m or 0) - limb.at_m), units)
        return say("cut-at-origin", limb=name, under=under)
    if keep_m == 0:
        return say("cut-at-collar", limb=name)
    way = "along" if abs(limb.rise_deg) < 30 else "up" if limb.rise_deg > 0 else "down"
    where = say("cut-along", way=way, length=length, limb=name)
    for i, at in enumerate(forks(frame, limb_id)):
        if 0 <= keep_m - at <= near_m:
            return say("cut-to-fork", where=where, nth=say("fork-nth", n=i + 1))
    return where


def taking_over(frame: Frame, limb_id: str, keep_m: float, near_m: float) -> Limb | None:
    """The thickest side branch just below a cut, which would take over; None where there is none
    within ``near_m`` [m].
    """
    near = [
        x
        for x in frame.limbs
        if x.on == limb_id and 0 <= keep_m - x.at_m <= near_m and x.state == "live"
    ]
    return max(near, key=lambda x: x.base_mm, default=None)
