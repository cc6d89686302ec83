"""Published limits of work that can hurt: heat, the slope of a ladder, the distance to a line.
Where a licence or a utility decides, it decides.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import sqrt

from .known import Knowledge
from .reasons import Reason
from .words.units import Units
from .words.values import Length, Rounded, say


def heat_index_c(air_c: float, humidity: float) -> float:
    """Heat index [degrees C] of air [degrees C] and relative humidity [0..1].

    Rothfusz regression of the US National Weather Service with its adjustments (source named from
    memory, not consulted).
    """
    t, r = air_c * 9 / 5 + 32, humidity * 100
    simple = 0.5 * (t + 61 + (t - 68) * 1.2 + r * 0.094)
    if (simple + t) / 2 < 80:
        return (simple - 32) * 5 / 9
    full = (
        -42.379
        + 2.04901523 * t
        + 10.14333127 * r
        - 0.22475541 * t * r
        - 6.83783e-3 * t * t
        - 5.481717e-2 * r * r
        + 1.22874e-3 * t * t * r
        + 8.5282e-4 * t * r * r
        - 1.99e-6 * t * t * r * r
    )
    if r < 13 and 80 <= t <= 112:
        full -= (13 - r) / 4 * sqrt((17 - abs(t - 95)) / 17)
    elif r > 85 and 80 <= t <= 87:
        full += (r - 85) / 10 * (87 - t) / 5
    return (full - 32) * 5 / 9


@dataclass(frozen=True)
class Heat:
    """How warm it feels [degrees C], and what that asks for: ``basic``, ``water-and-shade``,
    ``reschedule`` or ``stop``.
    """

    feels_c: float
    band: str
    reason: Reason


def heat_of_work(know: Knowledge, air_c: float, humidity: float) -> Heat:
    """What work in this heat asks for."""
    feels = heat_index_c(air_c, humidity)
    band = "basic"
    for row in know.rows("heat-bands"):
        if feels >= know.number(f"heat-bands/{row}/from"):
            band = row
    text = say("heat-feels", feels=Rounded(feels), says=know.row(f"heat-bands/{band}/says"))
    used: dict[str, float | str | None] = {
        "air, C": air_c,
        "humidity, 0 to 1": humidity,
        "feels like, C": round(feels, 1),
    }
    return Heat(feels, band, Reason("heat", text, used, catalogue_ids=(f"heat-bands/{band}/from",)))


def heat_of_day(know: Knowledge, air_c: float, forecast: bool) -> Reason | None:
    """What a day's maximum [degrees C] asks for, where the humidity is not known; None on a mild
    day.
    """
    if air_c < know.number("safety/shade-from"):
        return None
    high = air_c >= know.number("safety/high-heat")
    said = say("heat-foreseen" if forecast else "heat-usual")
    rest = say("heat-dawn") if high else say("heat-water")
    text = say("heat-dry", air=Rounded(air_c), said=said, rest=rest)
    return Reason(
        "heat",
        text,
        {"air, C": round(air_c, 1)},
        catalogue_ids=("safety/shade-from", "safety/high-heat"),
    )


@dataclass(frozen=True)
class Ladder:
    """A straight ladder against something at a height: how far out its foot stands and how long it
    must be [m].
    """

    foot_m: float
    length_m: float
    reason: Reason


def straight_ladder(know: Knowledge, contact_m: float, units: Units = "metric") -> Ladder:
    """Four up, one out; an orchard tripod comes first, and no ladder leans on the limb that is cut.
    Contact height in metres.
    """
    foot = contact_m / know.number("safety/ladder-slope")
    length = sqrt(contact_m**2 + foot**2)
    text = say(
        "ladder",
        contact=Length(contact_m, units),
        foot=Length(foot, units),
        length=Length(length, units),
        ladder_above=Length(know.number("safety/ladder-above"), units),
    )
    return Ladder(
        foot,
        length,
        Reason(
            "ladder",
            text,
            {"touches at, m": contact_m},
            catalogue_ids=("safety/ladder-slope", "safety/ladder-above"),
        ),
    )


def line_clearance_m(know: Knowledge, kilovolts: float) -> float:
    """Least distance of anyone unqualified, with tool, ladder and limb, from a power line [m];
    nearer, the utility decides.
    """
    return know.number("cuts/line-clearance") + know.number("safety/line-per-kv") * max(
        0.0, kilovolts - know.number("safety/line-base-kv")
    )


def drop_zone_m(know: Knowledge, limb_m: float) -> float:
    """Radius kept clear under a limb of this length [m]."""
    return max(know.number("safety/drop-least"), know.number("safety/drop-times") * limb_m)
