"""Trees in pots: how tall they may be, and how much comes off a top that dies back."""

from __future__ import annotations

from dataclasses import dataclass
from math import pi

from .errors import invalid
from .known import Knowledge
from .reasons import Reason
from .words.units import Units
from .words.values import Length, listed, say


def fits(pot_l: float, height_m: float, room_m: float) -> bool:
    """Whether a tree in its pot stands under a ceiling. The pot is taken to be as tall as it is
    wide; ``height_m`` from the soil up. Our rule.
    """
    return bool(height_m + (4 * pot_l / 1000 / pi) ** (1 / 3) <= room_m)


@dataclass(frozen=True)
class PotCap:
    """Height above the soil that pot and winter room allow [m], and what must come off now."""

    cap_m: float
    by: str
    shorten_m: float
    reasons: tuple[Reason, ...]


def pot_cap(
    know: Knowledge,
    pot_l: float,
    height_m: float,
    windy: bool = False,
    winter_room_m: float | None = None,
    pot_height_m: float = 0.0,
    units: Units = "metric",
) -> PotCap:
    """The lower of what the pot's size holds and what the winter room takes, less a season's
    growth. Raises: InvalidInput for a room lower than its pot.
    """
    by_pot = (
        know.number("pot/height-factor")
        * pot_l ** (1 / 3)
        * (know.number("pot/wind-factor") if windy else 1)
    )
    ids = ["pot/height-factor", *(["pot/wind-factor"] if windy else [])]
    reasons = [
        Reason(
            "pot-size",
            say(
                "pot-holds",
                pot_l=pot_l,
                by_pot=Length(by_pot, units),
                windy=say("pot-windy") if windy else "",
            ),
            {"pot, litres": pot_l},
            catalogue_ids=tuple(ids),
        )
    ]
    cap, by = by_pot, "pot"
    if winter_room_m is not None:
        room = winter_room_m - pot_height_m - know.number("pot/season-growth")
        if room <= 0:
            raise invalid("/winter_room_m", say("bad-leaves-no-height-for-a-tree"))
        reasons.append(
            Reason(
                "winter-room",
                say("pot-room", room=Length(room, units)),
                {"room, m": winter_room_m},
                catalogue_ids=("pot/season-growth",),
            )
        )
        if room < cap:
            cap, by = room, "winter room"
    return PotCap(cap, by, max(0.0, height_m - cap), tuple(reasons))


@dataclass(frozen=True)
class Dieback:
    """How much of the height comes off [m, from and to], and why."""

    shorten_from_m: float
    shorten_to_m: float
    stage: str
    reasons: tuple[Reason, ...]


_ROWS = ("many", "some", "few")


def tip_dieback(know: Knowledge, dead_tips: float, height_m: float, stage: str) -> Dieback:
    """Topping on tip dieback. stage: ``small_leaves``, ``bare_green`` or ``dead``: the earlier it
    is seen, the shallower the cut.

    Raises: InvalidInput for a stage that is not known.
    """
    if stage not in know.rows("dieback-stage"):
        raise invalid("/stage", say("bad-must-be-one-of", known=listed(know.rows("dieback-stage"))))
    row = next((r for r in _ROWS if dead_tips >= know.number(f"tip-dieback/{r}/tips-from")), None)
    if row is None:
        text = say("tips-accident")
        return Dieback(
            0.0,
            0.0,
            stage,
            (
                Reason(
                    "dieback-none",
                    text,
                    {"tips, share": dead_tips},
                    catalogue_ids=("tip-dieback/few/tips-from",),
                ),
            ),
        )
    least, most = know.number(f"tip-dieback/{row}/least"), know.number(f"tip-dieback/{row}/most")
    part = know.number(f"dieback-stage/{stage}/of")
    least, most = part * least, part * most
    reasons = [
        Reason(
            f"dieback-{row}",
            say("tips-do", does=know.row(f"tip-dieback/{row}/does")),
            {"tips, share": dead_tips},
            catalogue_ids=(
                f"tip-dieback/{row}/least",
                f"tip-dieback/{row}/most",
                f"dieback-stage/{stage}/of",
            ),
        )
    ]
    if stage != "dead":
        reasons.append(Reason("dieback-early", say("tips-early", stage=stage)))
    reasons.append(Reason("last-leaves", say("tips-last-leaves")))
    return Dieback(least * height_m, most * height_m, stage, tuple(reasons))
