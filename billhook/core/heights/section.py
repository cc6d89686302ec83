"""A row in cross-section: what a new wall takes, of the bearing shell too, what it costs, which
wood it cuts; and the rules of the trade beside it.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import radians, tan

from ..aftercare.crop import YieldCost, yield_cost
from ..known import Knowledge
from ..light.rows import Rows, Section
from ..reasons import Reason, Used
from ..words.units import Units
from ..words.values import Diameter, Length, Rounded, Share, say


@dataclass(frozen=True)
class Profile:
    """A section with a roof. pitch_deg: of the roof from the shoulders to a ridge in the middle, 0
    where it is flat.
    """

    section: Section
    pitch_deg: float = 0.0

    @property
    def peak_m(self) -> float:
        """Top of the roof above ground [m]."""
        return self.section.height_m + self.section.top_width_m / 2 * tan(radians(self.pitch_deg))

    @property
    def area_m2(self) -> float:
        """Area across, which is the volume of a metre of row [m2]."""
        s = self.section
        return (s.base_width_m + s.top_width_m) / 2 * (
            s.height_m - s.skirt_m
        ) + s.top_width_m**2 * tan(radians(self.pitch_deg)) / 4

    def half_at(self, z: float) -> float:
        """Half the width at a height, 0 above the roof and below the skirt [m]."""
        s = self.section
        if z < s.skirt_m or z > self.peak_m:
            return 0.0
        if z <= s.height_m:
            return s.half_at(z)
        return s.top_width_m / 2 * (self.peak_m - z) / max(1e-9, self.peak_m - s.height_m)

    def inset(self, by_m: float) -> Profile:
        """The same profile, set in by so much from above and from the sides [m]."""
        s = self.section
        height = max(s.skirt_m + 0.01, s.height_m - by_m)
        return Profile(
            Section(
                height,
                max(0.0, s.base_width_m - 2 * by_m),
                max(0.0, s.top_width_m - 2 * by_m),
                s.skirt_m,
            ),
            self.pitch_deg,
        )


def profile_of(
    spacing_m: float,
    alley_m: float,
    angle_deg: float,
    shoulder_m: float,
    skirt_m: float,
    pitch_deg: float,
) -> Profile:
    """The profile that leaves an alley clear: as wide at the skirt as the alley allows, narrower up
    by the wall's angle [m, degrees].
    """
    base = max(0.0, spacing_m - alley_m)
    top = max(0.0, base - 2 * (shoulder_m - skirt_m) * tan(radians(angle_deg)))
    return Profile(Section(shoulder_m, base, top, skirt_m), pitch_deg)


@dataclass(frozen=True)
class WallCost:
    """What a new profile takes. volume: a metre of row [m3]; shell: of the bearing shell [0..1];
    wood_mm: thickest wood at the new wall.
    """

    volume_m3: float
    volume_share: float
    shell_share: float
    depth_m: float
    wood_mm: float
    bar: bool
    crop: YieldCost
    reasons: tuple[Reason, ...]


_WALL_RESTS_ON = (
    "section/shell-m",
    "section/shell-bears",
    "machine/largest-mm",
    "wood/length-coefficient",
)


def wall_cost(
    know: Knowledge,
    now: Profile,
    cut: Profile,
    ripe_on: bool = False,
    thickest_mm: float | None = None,
    units: Units = "metric",
) -> WallCost:
    """Cost of cutting a row from one profile to another. thickest_mm: wood really measured there,
    in place of what its length says.
    """
    whole, taken = _areas(now, cut)
    depth = know.number("section/shell-m")
    core = _areas(now, now.inset(depth))[1]
    shell, shell_taken = core, _shell(now, cut, depth)
    part = shell_taken / shell if shell > 0 else 0.0
    deep = max(
        0.0,
        now.section.half_at(now.section.skirt_m) - cut.section.half_at(cut.section.skirt_m),
        now.peak_m - cut.peak_m,
    )
    wood = thickest_mm if thickest_mm is not None else _wood_at(know, deep)
    most = know.number("machine/largest-mm")
    bearing = know.number("section/shell-bears")
    crop = yield_cost(know, min(1.0, part * bearing), ripe_on)
    share = taken / whole if whole else 0.0
    bar = wood <= most
    text = say(
        "wall-takes",
        taken=Rounded(taken, 2),
        share=Share(share),
        part=Share(part),
        depth=Length(depth, units),
        wood=Diameter(wood, units),
        bar=say("wall-bar") if bar else say("wall-by-hand"),
    )
    used: dict[str, Used] = {
        "deepest cut, m": round(deep, 2),
        "area before, m2": round(whole, 3),
        "area taken, m2": round(taken, 3),
    }
    why = (Reason("wall", text, used, catalogue_ids=_WALL_RESTS_ON), *crop.reasons)
    return WallCost(taken, share, part, deep, wood, bar, crop, why)


def _wood_at(know: Knowledge, depth_m: float) -> float:
    """Diameter of a shoot at so much from its end, by the length a limb of a diameter reaches
    [mm].
    """
    return max(
        know.number("section/thinnest-mm"),
        float(1000 * (depth_m / know.number("wood/length-coefficient")) ** 1.5)
        * know.number("section/wood-factor"),
    )


def _levels(now: Profile, steps: int = 400) -> tuple[list[float], float]:
    low, high = now.section.skirt_m, now.peak_m
    width = (high - low) / steps
    return [low + (i + 0.5) * width for i in range(steps)], width


def _areas(now: Profile, cut: Profile) -> tuple[float, float]:
    """Area of a profile, and of what lies outside another [m2]."""
    levels, width = _levels(now)
    whole = sum(2 * now.half_at(z) for z in levels) * width
    taken = sum(2 * max(0.0, now.half_at(z) - cut.half_at(z)) for z in levels) * width
    return whole, taken


def _shell(now: Profile, cut: Profile, depth_m: float) -> float:
    """Area of the bearing shell that lies outside the new profile [m2]."""
    inner = now.inset(depth_m)
    levels, width = _levels(now)
    return (
        sum(2 * max(0.0, now.half_at(z) - max(cut.half_at(z), inner.half_at(z))) for z in levels)
        * width
    )


@dataclass(frozen=True)
class Rule:
    """A rule of the trade: how tall it allows a row, and whether the row keeps to it. The lean of
    a wall allows the height it has.
    """

    id: str
    most_m: float
    kept: bool
    reason: Reason


def trade_rules(
    know: Knowledge, rows: Rows, profile: Profile, units: Units = "metric", species: str = ""
) -> tuple[Rule, ...]:
    """Topping against alley, height against spacing, by latitude and bearing, and the width that
    rows of its kind are held at, each with who says so.
    """
    alley = rows.row_spacing_m - profile.section.base_width_m
    across = abs((rows.row_bearing_deg + 90) % 180 - 90) > 45  # nearer east-west than north-south
    factor = know.number("section/east-west") if across else 1.0
    lat = abs(rows.latitude)
    band = "low" if lat <= 35 else "middle" if lat <= 45 else "high"
    times, share = "section/alley-times", "section/spacing-share"
    latitude = f"section-latitude/{band}/times"
    used: dict[str, Used] = {
        "clear alley, m": round(alley, 3),
        "row spacing, m": rows.row_spacing_m,
        "peak, m": round(profile.peak_m, 3),
    }

    def rule(key: str, most: float, *ids: str) -> Rule:
        kept = profile.peak_m <= most + 1e-9
        text = say(
            "section-rule",
            says=know.row(f"section-rules/{key}/says"),
            most=Length(most, units),
            kept="kept" if kept else "broken",
            peak=Length(profile.peak_m, units),
        )
        school = know.text(f"section-rules/{key}/school")
        return Rule(key, most, kept, Reason(key, text, used, school=school, catalogue_ids=ids))

    return (
        rule("twice-the-alley", know.number(times) * alley, times),
        rule("share-of-spacing", know.number(share) * rows.row_spacing_m, share),
        rule("by-latitude", know.number(latitude) * factor * alley, latitude, "section/east-west"),
        _leans_in(know, profile, units),
        *_row_width(know, profile, units, species),
    )


def _row_width(know: Knowledge, profile: Profile, units: Units, species: str) -> tuple[Rule, ...]:
    """Whether a row is as wide as rows of its kind are held; nothing where the trade says none."""
    most_id, least_id = f"row-width/{species}/most", f"row-width/{species}/least"
    if most_id not in know:
        return ()
    least, most, foot = know.number(least_id), know.number(most_id), profile.section.base_width_m
    kept = least - 1e-9 <= foot <= most + 1e-9
    text = say(
        "section-width",
        says=know.row("section-rules/row-width/says"),
        least=Length(least, units),
        most=Length(most, units),
        kept="kept" if kept else "broken",
        foot=Length(foot, units),
    )
    school = know.text("section-rules/row-width/school")
    used: dict[str, Used] = {"foot, m": round(foot, 3)}
    why = Reason("row-width", text, used, school=school, catalogue_ids=(least_id, most_id))
    return (Rule("row-width", profile.peak_m, kept, why),)


def _leans_in(know: Knowledge, profile: Profile, units: Units) -> Rule:
    """Whether a wall is no wider above than below: what hangs over shades the foot bare."""
    top, foot = profile.section.top_width_m, profile.section.base_width_m
    kept = top <= foot + 1e-9
    says = know.row("section-rules/leans-in/says")
    text = say(
        "section-leans" if kept else "section-overhangs",
        says=says,
        top=Length(top, units),
        foot=Length(foot, units),
    )
    used: dict[str, Used] = {"shoulder, m": round(top, 3), "foot, m": round(foot, 3)}
    school = know.text("section-rules/leans-in/school")
    reason = Reason("leans-in", text, used, school=school, catalogue_ids=("wall/lean",))
    return Rule("leans-in", profile.peak_m, kept, reason)
