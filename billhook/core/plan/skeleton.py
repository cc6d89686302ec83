"""A skeleton prune in full: which limbs stay and how long, and everything an owner must know before
and not after.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from itertools import combinations
from math import pi

from ..aftercare.crop import YieldCost
from ..aftercare.quantities import Whitewash, whitewash
from ..frame.finish import after_cuts
from ..frame.model import TRUNK, Cut, Frame, Limb
from ..known import Knowledge
from ..reasons import Reason
from ..walk.tree import WalkTree
from ..words.units import Units
from ..words.values import Diameter, Length, MonthOf, Rounded, Share, Value, listed, say

_MOST_WEIGHED = 14  # of so many thickest limbs every choice is tried


def mains(tree: WalkTree) -> list[Limb]:
    """Live limbs on the trunk above the union."""
    return (
        [
            x
            for x in tree.frame.limbs
            if x.on == TRUNK and x.id not in tree.suckers and x.state == "live"
        ]
        if tree.frame
        else []
    )


def staying(know: Knowledge, tree: WalkTree) -> tuple[Limb, ...]:
    """The main limbs that stay: as many as the catalogue says, spread round the trunk, the thicker
    where two choices spread alike.

    Where the middle is kept dense the most upright limb is one of them: an evergreen's frame is not
    opened to a vase.
    """
    all_ = sorted(mains(tree), key=lambda x: (-x.base_mm, x.id))[:_MOST_WEIGHED]
    count = min(len(all_), int(know.number("skeleton/limbs-stay")))
    steep = know.number("plan/upright-rise")
    upright = next(
        (x for x in sorted(all_, key=lambda x: (-x.rise_deg, x.id)) if x.rise_deg >= steep), None
    )
    held = upright if tree.stances.get("middle") != "open-windows" and count > 2 else None
    choices = [c for c in combinations(all_, count) if held is None or held in c]
    best = max(
        choices,
        key=lambda c: (
            -round(_widest_gap([x for x in c if x is not held]), 0),
            sum(x.base_mm**2 for x in c),
        ),
        default=(),
    )
    return tuple(sorted(best, key=lambda x: (x.at_m, x.id)))


def _widest_gap(limbs: Sequence[Limb]) -> float:
    """The widest angle round the trunk that no limb fills [degrees]."""
    turns = sorted(x.bearing_deg % 360 for x in limbs)
    return max(
        ((b - a) % 360 or 360 for a, b in zip(turns, turns[1:] + turns[:1], strict=True)),
        default=360.0,
    )


def skeleton_cuts(know: Knowledge, tree: WalkTree) -> list[tuple[Cut, Reason]]:
    """Limbs that stay are cut where they are as thick as a skeleton's ends, and lose the thin wood
    on their outer part; the other main limbs go at their collars.
    """
    assert tree.frame is not None
    stays, end = {x.id for x in staying(know, tree)}, know.number("skeleton/end-mm")
    found = []
    for limb in mains(tree):
        if limb.id not in stays:
            why = Reason(
                "skeleton-goes", say("skeleton-not-staying"), catalogue_ids=("skeleton/limbs-stay",)
            )
            found.append((Cut(limb.id, 0.0), why))
            continue
        keep = min(
            _thick_to(limb, end, know.number("skeleton/shortest-m")),
            round(know.number("skeleton/longest-share") * limb.length_m, 2),
        )
        if keep < limb.length_m - 0.05:
            text = say("skeleton-stays", keep=Diameter(limb.diameter_mm(keep), tree.units))
            found.append(
                (
                    Cut(limb.id, keep),
                    Reason(
                        "skeleton-stays",
                        text,
                        {"kept, m": keep},
                        catalogue_ids=("skeleton/end-mm", "skeleton/shortest-m"),
                    ),
                )
            )
        nurse = know.number("skeleton/nurse-share") * keep
        for side in (
            x
            for x in tree.frame.limbs
            if x.on == limb.id and x.state == "live" and nurse < x.at_m <= keep
        ):
            text = say("skeleton-nurse")
            found.append(
                (
                    Cut(side.id, 0.0),
                    Reason("skeleton-side", text, catalogue_ids=("skeleton/nurse-share",)),
                )
            )
    return found


def _thick_to(limb: Limb, end_mm: float, shortest_m: float) -> float:
    """How far out a limb is still as thick as ``end_mm``, never under the shortest stump [m]."""
    if limb.base_mm <= end_mm:
        return round(min(limb.length_m, shortest_m), 2)
    taper = (limb.base_mm - limb.end_mm) / limb.length_m
    at = limb.length_m if limb.end_mm >= end_mm else (limb.base_mm - end_mm) / taper
    return round(min(limb.length_m, max(at, shortest_m)), 2)


def bare_bark(know: Knowledge, frame: Frame, cuts: Sequence[Cut]) -> Whitewash:
    """Paint for the trunk and all that is left of the limbs."""
    left = after_cuts(frame, cuts)
    limbs = [
        ((x.base_mm + x.end_mm) / 2, x.length_m)
        for x in left.limbs
        if x.base_mm >= know.number("skeleton/paint-from-mm")
    ]
    return whitewash(know, [(left.trunk.diameter_mm, left.trunk.height_m)], limbs)


def warned(
    know: Knowledge,
    tree: WalkTree,
    cuts: Sequence[Cut],
    share: float,
    day: dt.date,
    sun: dt.date | None,
    next_spring: dt.date | None,
    crop: YieldCost,
    units: Units = "metric",
) -> tuple[Reason, ...]:
    """What an owner is told before: which limbs stay, how it will look, the sun, the crop, the
    shoots of the second year, two seasons back.

    sun: the first day on which bared bark burns. next_spring: the first flush of the year after.
    """
    second = next_spring or day + dt.timedelta(days=365)
    return (
        _stays(know, tree),
        _looks(know, tree, cuts, share, units),
        _crop_lost(crop),
        *((_sun(know, day, sun),) if sun is not None else ()),
        _second_year(know, second, units),
        _seasons_back(know, day),
    )


def _stays(know: Knowledge, tree: WalkTree) -> Reason:
    stays = [tree.names[x.id] for x in staying(know, tree)]
    text = say("skeleton-limbs", count=len(stays), stays=listed(stays), middle=_vase(tree))
    used = {"limbs that stay": len(stays)}
    return Reason("stays", text, used, catalogue_ids=("skeleton/limbs-stay",))


def _looks(
    know: Knowledge, tree: WalkTree, cuts: Sequence[Cut], share: float, units: Units
) -> Reason:
    assert tree.frame is not None
    left = after_cuts(tree.frame, cuts)
    crown = sum(pi / 4 * (x.end_mm / 1000) ** 2 for x in left.limbs)
    poles = Length(max((x.length_m for x in left.limbs), default=0.0), units)
    text = say(
        "skeleton-bare",
        share=Share(share),
        poles=poles,
        green_weeks=Rounded(know.number("skeleton/green-weeks")),
        closed_seasons=Rounded(know.number("skeleton/closed-seasons")),
    )
    used = {"share": round(share, 3), "cut faces left, m2": round(crown, 4)}
    ids = ("skeleton/green-weeks", "skeleton/closed-seasons")
    return Reason("looks", text, used, catalogue_ids=ids)


def _crop_lost(crop: YieldCost) -> Reason:
    now, after, third = (Share(s) for s in (crop.this_year, crop.next_year, crop.third_year))
    text = say("skeleton-crop", now=now, after=after, third=third)
    return Reason("crop-lost", text, catalogue_ids=("hard-regrowth/citrus/recovery",))


def _sun(know: Knowledge, day: dt.date, sun: dt.date) -> Reason:
    days = (sun - day).days
    short = days < know.days("skeleton/before-sun")
    soon = say("skeleton-too-soon") if short else ""
    text = say("skeleton-sun", sun=sun, days=max(0, days), soon=soon)
    used, ids = {"days to strong sun": days}, ("skeleton/before-sun",)
    return Reason("sun-date", text, used, date=sun, catalogue_ids=ids)


def _second_year(know: Knowledge, second: dt.date, units: Units) -> Reason:
    gap = Length(know.number("skeleton/shoot-gap-m"), units)
    text = say(
        "skeleton-second-spring",
        second=second,
        gap=gap,
        shoots_an_end=Rounded(know.number("skeleton/shoots-an-end")),
    )
    ids = ("skeleton/shoot-gap-m", "skeleton/shoots-an-end")
    return Reason("second-year", text, date=second, catalogue_ids=ids)


def _seasons_back(know: Knowledge, day: dt.date) -> Reason:
    back = day.replace(day=1).replace(year=day.year + int(know.number("skeleton/seasons-back")))
    text = say("skeleton-bearing", back=MonthOf(back))
    return Reason("seasons-back", text, date=back, catalogue_ids=("skeleton/seasons-back",))


def _vase(tree: WalkTree) -> Value:
    if tree.stances.get("middle") == "open-windows":
        return say("skeleton-vase")
    return say("skeleton-no-vase")
