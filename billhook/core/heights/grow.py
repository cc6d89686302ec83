"""How a frame looks after seasons of a school: what is cut, and what grows from the cuts; its
height follows the recurrence of renewal.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import inf, radians, sin

from ..frame.finish import after_cuts
from ..frame.geometry import limb_ends
from ..frame.model import TRUNK, Cut, Frame, Limb, is_sucker, roots_of
from ..frame.share import canopy_total
from ..words.values import Value, listed
from .renewal import School

_SHOOT_RISE = 75.0
_STEEPEST = 80.0


@dataclass(frozen=True)
class Season:
    """A season of a simulated tree: which sector went down, the frame after regrowth, its height
    [m], the share cut and the crop [0..1].
    """

    cut: int | None
    frame: Frame
    height_m: float
    share: float
    crop: float


def sectors_of(frame: Frame, count: int) -> list[list[str]]:
    """Main limbs in sectors of about the same leaf, neighbours round the trunk together."""
    mains = sorted(
        (x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)),
        key=lambda x: (x.bearing_deg % 360, x.id),
    )
    if len(mains) <= count:
        return [[x.id] for x in mains]
    found: list[list[str]] = [[] for _ in range(count)]
    total, filled = sum(x.base_mm**2 for x in mains), 0.0
    for limb in mains:
        index = min(count - 1, int(filled / total * count))
        found[index].append(limb.id)
        filled += limb.base_mm**2
    return [s for s in found if s]


def grown(frame: Frame, school: School, seasons: int, power: float = 2.0) -> list[Season]:
    """A tree over seasons of a school. Every sector is brought down to its level and grows back
    from there, as the recurrence says.
    """
    parts = sectors_of(frame, school.parts)
    count, waited = len(parts), [inf] * len(parts)
    found: list[Season] = []
    curve = (*school.recovery, 1.0)
    for season in range(seasons):
        tops = [_top(frame, p) for p in parts]
        rotates = school.cuts_hard(season)
        down = (
            max(range(count), key=lambda i: (waited[i], tops[i], -i)) if rotates and count else None
        )
        before = canopy_total(frame, power)
        cuts: list[Cut] = []
        levels = []
        for i, part in enumerate(parts):
            level = school.low_m if i == down else school.tip_m if school.tips else inf
            cuts += _to_level(frame, part, level)
            levels.append(min(tops[i], level))
        left = after_cuts(frame, cuts) if cuts else frame
        share = 1 - canopy_total(left, power) / before if before > 0 else 0.0
        if down is not None:
            waited[down] = 0
        bears = [curve[min(int(w), len(curve) - 1)] if w != inf else 1.0 for w in waited]
        crop = sum(bears) / count if count else 0.0
        crop = min(1.0, crop * school.sister_gain) if down is not None else crop
        frame = left
        for i, part in enumerate(parts):
            grow = (
                school.regrow_low_m
                if i == down and school.regrow_low_m is not None
                else school.regrow_m
            )
            target = max(levels[i], min(levels[i] + grow, school.natural_m))
            frame = _regrow(frame, part, target, season)
        waited = [w + 1 for w in waited]
        found.append(
            Season(down, frame, max((_top(frame, p) for p in parts), default=0.0), share, crop)
        )
    return found


def _members(frame: Frame, part: Sequence[str]) -> list[Limb]:
    roots = roots_of(frame)
    return [x for x in frame.limbs if roots[x.id].id in part]


def _top(frame: Frame, part: Sequence[str]) -> float:
    ends = limb_ends(frame)
    return max((p[2] for x in _members(frame, part) for p in ends[x.id]), default=0.0)


def _to_level(frame: Frame, part: Sequence[str], level: float) -> list[Cut]:
    """Cuts that bring a sector down to a height: every limb where it passes it."""
    ends, found = limb_ends(frame), []
    for limb in _members(frame, part):
        low, high = ends[limb.id][0][2], ends[limb.id][1][2]
        if high > level + 1e-9 and low < level:
            found.append(Cut(limb.id, limb.length_m * (level - low) / (high - low)))
        elif low >= level + 1e-9 and limb.on == TRUNK:
            found.append(Cut(limb.id, min(0.05, limb.length_m / 2)))
    return found


def _regrow(frame: Frame, part: Sequence[str], target: float, season: int) -> Frame:
    """New shoots at the ends of a sector, the longest up to the height the recurrence gives."""
    ends, bears = limb_ends(frame), {x.on for x in frame.limbs}
    tips = [x for x in _members(frame, part) if x.id not in bears and x.state == "live"]
    if not tips:
        tips = [x for x in _members(frame, part) if x.on == TRUNK]
    top = max((ends[x.id][1][2] for x in _members(frame, part)), default=0.0)
    rise = target - top
    if rise <= 1e-9 or not tips:
        return frame
    shoots: list[Limb] = []
    changed: dict[str, Limb] = {}
    for limb in tips:
        z = ends[limb.id][1][2]
        if limb.headed_mm > 0:
            length = rise / sin(radians(_SHOOT_RISE))
            base = max(3.0, limb.end_mm * 0.75)
            turn = (limb.bearing_deg + 25 * (1 if season % 2 else -1)) % 360
            shoots.append(
                Limb(
                    f"{limb.id}r{season}",
                    limb.id,
                    limb.length_m,
                    base,
                    length,
                    _SHOOT_RISE,
                    turn,
                    min(4.0, base),
                    kind="regrowth",
                )
            )
            changed[limb.id] = replace(limb, headed_mm=0.0)
        elif z >= top - 0.25 and limb.rise_deg > 5:
            more = (
                rise / sin(radians(min(limb.rise_deg, _STEEPEST)))
                if z >= top - 1e-9
                else rise * 0.8
            )
            changed[limb.id] = replace(
                limb, length_m=limb.length_m + more, base_mm=limb.base_mm * 1.05
            )
    out = Frame(frame.trunk, (*(changed.get(x.id, x) for x in frame.limbs), *shoots), frame.union_m)
    return _exactly(out, part, target)


def _exactly(frame: Frame, part: Sequence[str], target: float) -> Frame:
    """The highest end of a sector brought to just the height; a drawing must not contradict its
    number.
    """
    ends = limb_ends(frame)
    bears = {x.on for x in frame.limbs}
    changed: dict[str, Limb] = {}
    highest = max(
        (x for x in _members(frame, part) if x.id not in bears),
        key=lambda x: ends[x.id][1][2],
        default=None,
    )
    for limb in _members(frame, part):
        low, high = ends[limb.id][0][2], ends[limb.id][1][2]
        over = high > target + 1e-9 and limb.id not in bears
        short = highest is not None and limb.id == highest.id and high < target - 1e-9
        if (over or short) and high > low:
            changed[limb.id] = replace(
                limb, length_m=max(0.02, limb.length_m * (target - low) / (high - low))
            )
    return Frame(frame.trunk, tuple(changed.get(x.id, x) for x in frame.limbs), frame.union_m)


def names_of(parts: Sequence[Sequence[str]], names: Mapping[str, Value]) -> list[Value]:
    """A name for each sector: its main limbs."""
    return [listed(names.get(x, x) for x in part) for part in parts]
