"""What grows where a cut was made: several shoots from the last buds of a headed limb, few where a
side branch takes over, a sprout or two at a collar; beyond the year's share ever more.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from math import radians, sin, sqrt

from ..cuts.names import taking_over
from ..frame.model import TRUNK, Cut, Frame, Limb, is_sucker, roots_of
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Share, say
from .chance import between, chance
from .growing import Growing, Kind
from .model import Event, EventKind

_PLACES: dict[EventKind, str] = {
    "headed": "between",
    "to-side-branch": "side-branch",
    "collar": "collar",
}


@dataclass(frozen=True)
class Wound:
    """A live cut, what it was, and how hard: 0 where the tree hardly feels it, 1 where much of a
    main limb went.
    """

    kind: EventKind
    cut: Cut
    limb: Limb | None
    mm: float
    share: float
    hard: float
    sucker: bool = False


def wounds_of(
    know: Knowledge, frame: Frame, cuts: list[Cut], costs: tuple[CutCost, ...], hard_share: float
) -> list[Wound]:
    """The live cuts of a season by what they do to the tree; dead wood and what goes anyway make
    none. hard_share: share from which a cut is as hard as can be.
    """
    found, near = [], know.number("cuts/side-branch-near")
    ratio, roots = know.number("cuts/side-branch-ratio"), roots_of(frame)
    for cut, cost in zip(cuts, costs, strict=True):
        limb = None if cut.limb == TRUNK else frame.limb(cut.limb)
        if cost.void or (limb is not None and limb.state == "dead"):
            continue
        hard = min(1.0, (cost.share or 0.0) / hard_share)
        kind: EventKind = "headed"
        sucker = limb is not None and is_sucker(frame, roots[limb.id])
        heir = None if limb is None else taking_over(frame, limb.id, cut.keep_m, near)
        if limb is not None and cut.keep_m == 0:
            kind = "collar"
        elif heir is not None and heir.base_mm >= ratio * cost.wound_mm:
            kind = "to-side-branch"
        found.append(Wound(kind, cut, limb, cost.wound_mm, cost.share or 0.0, hard, sucker))
    return found


def count_of(know: Knowledge, wound: Wound, seed: int, season: int) -> int:
    """How many shoots follow a cut."""
    low, high, _ = _usual(know, wound)
    return between(low, high, seed, season, wound.cut.limb, "shoots")


def _usual(know: Knowledge, wound: Wound) -> tuple[int, int, str]:
    """Least and most shoots that follow, and the row that says so."""
    row = "regrowth/origin" if wound.sucker else f"regrowth/{_PLACES[wound.kind]}"
    low, high = (int(know.number(f"{row}/{c}")) for c in ("least", "most"))
    return low, high, row


def shoot_from(
    know: Knowledge,
    state: Growing,
    kind: Kind,
    wound: Wound,
    ceiling_m: float,
    seed: int,
    season: int,
    growth: float,
) -> Event:
    """Grow the shoots of a cut in its first season, and say what they are."""
    n = count_of(know, wound, seed, season)
    reach = (kind.gain_m + (kind.lowered_m - kind.gain_m) * wound.hard) * growth
    if wound.kind != "headed":
        reach *= know.number("grow/sprout-part")
    limbs = [
        x
        for i in range(n)
        if (x := _shoot(know, state, kind, wound, i, reach, ceiling_m, seed, season)) is not None
    ]
    state.put(limbs)
    area = sum(x.base_mm**2 for x in limbs)
    stub = next((x for x in state.frame.limbs if x.id == wound.cut.limb), None)
    if stub is not None and stub.headed_mm > 0:
        state.put([replace(stub, headed_mm=sqrt(max(0.0, stub.headed_mm**2 - area)))])
    state.own |= {x.id: x.base_mm**2 for x in limbs if not is_sucker(state.frame, x)}
    state.soft |= {x.id for x in limbs}
    return _said(know, wound, tuple(x.id for x in limbs))


def _shoot(
    know: Knowledge,
    state: Growing,
    kind: Kind,
    wound: Wound,
    i: int,
    reach_m: float,
    ceiling_m: float,
    seed: int,
    season: int,
) -> Limb | None:
    """The i-th shoot of a cut; None where the light is gone before it."""
    limb, name = wound.limb, f"{wound.cut.limb}+{season}.{i + 1}"
    length = _length(state.frame, limb.on if limb and wound.kind == "collar" else wound.cut.limb)
    if limb is None:
        on, at, bearing = TRUNK, max(0.01, wound.cut.keep_m * (0.98 - 0.06 * i)), 72.0 * i
    elif wound.kind == "collar":
        on, at, bearing = limb.on, limb.at_m * (1 - 0.04 * i), limb.bearing_deg + 25 * i
    else:
        on, at, bearing = limb.id, length * (0.99 - 0.05 * i), limb.bearing_deg
    turns = know.numbers("grow/shoot-turns")
    turn = turns[i % len(turns)] + 16 * (chance(seed, season, name, "turn") - 0.5)
    rises = know.numbers(f"grow/{'headed' if wound.kind == 'headed' else 'other'}-rises")
    rise = rises[i % len(rises)]
    up = sin(radians(rise))
    grows = reach_m / up * (1 - 0.1 * i)
    start = _height(state.frame, on, at)
    light = state.light_at(kind, [start])[0]
    grows = min(grows * (0.4 + 0.6 * light), max(0.0, (ceiling_m - start) / up))
    if grows < 0.05:
        return None
    thick = min(max(3.0, grows * know.number("grow/shoot-mm")), 0.8 * max(4.0, wound.mm))
    shoot: str = "regrowth" if wound.kind == "headed" else "sprout"
    return Limb(
        name, on, at, thick, grows, rise, (bearing + turn) % 360, min(3.0, thick), kind=shoot
    )


def _length(frame: Frame, limb_id: str) -> float:
    return next((x.length_m for x in frame.limbs if x.id == limb_id), frame.trunk.height_m)


def _height(frame: Frame, on: str, at_m: float) -> float:
    """Height of a place on a limb or the trunk [m]."""
    by_id, z = {x.id: x for x in frame.limbs}, 0.0
    while on in by_id:
        z += at_m * sin(radians(by_id[on].rise_deg))
        on, at_m = by_id[on].on, by_id[on].at_m
    return z + (at_m if on == TRUNK else 0.0)


def _said(know: Knowledge, wound: Wound, shoots: tuple[str, ...]) -> Event:
    low, high, row = _usual(know, wound)
    text = say(
        "grow-origin"
        if wound.sucker
        else "grow-headed"
        if wound.kind == "headed"
        else "grow-collar"
        if wound.kind == "collar"
        else "grow-to-side-branch",
        n=len(shoots),
        low=low,
        high=high,
    )
    used: dict[str, float | str | None] = {"wound, mm": round(wound.mm, 1), "shoots": len(shoots)}
    ids = (f"{row}/least", f"{row}/most", "renewal/gain-tipped", "renewal/gain-lowered")
    reason = Reason(f"grow-{wound.kind}", text, used, catalogue_ids=ids)
    return Event(wound.kind, wound.cut.limb, None, reason, shoots)


def beyond_the_year(
    know: Knowledge,
    state: Growing,
    kind: Kind,
    removed: float,
    budget: float,
    ceiling_m: float,
    seed: int,
    season: int,
    growth: float,
) -> list[Event]:
    """Sprouts all over the limbs that are left, where more went than a year allows: the number
    rises with the square of what is too much.
    """
    over = removed - budget
    most, tenth = int(know.number("grow/over-most")), know.number("grow/over-sprouts")
    count = min(most, round(tenth * (over / 0.1) ** 2)) if over > 0 else 0
    roots = roots_of(state.frame)
    bears = [
        x
        for x in state.frame.limbs
        if x.state == "live"
        and x.kind not in ("sprout", "regrowth")
        and x.length_m > 0.15
        and not is_sucker(state.frame, roots[x.id])
    ]
    if count == 0 or not bears:
        return []
    bears.sort(key=lambda x: (-x.base_mm, x.id))
    reach = kind.gain_m * know.number("grow/sprout-part") * growth
    made = []
    for i in range(count):
        on = bears[i % len(bears)]
        at = on.length_m * (0.15 + 0.7 * chance(seed, season, on.id, i, "where"))
        start = _height(state.frame, on.id, at)
        length = min(reach, max(0.0, ceiling_m - start))
        if length >= 0.05:
            turn = 360 * chance(seed, season, on.id, i, "turn")
            thick = max(3.0, length * know.number("grow/shoot-mm"))
            name = f"{on.id}~{season}.{i + 1}"
            made.append(
                Limb(name, on.id, at, thick, length, 82.0, turn, min(3.0, thick), kind="sprout")
            )
    state.put(made)
    state.own |= {x.id: x.base_mm**2 for x in made}
    state.soft |= {x.id for x in made}
    text = say("grow-over-budget", removed=Share(removed), budget=Share(budget), n=len(made))
    used: dict[str, float | str | None] = {"taken, share": removed, "of a year, share": budget}
    reason = Reason("grow-over-budget", text, used, catalogue_ids=("grow/over-sprouts",))
    return [Event("over-budget", None, None, reason, tuple(x.id for x in made))]
