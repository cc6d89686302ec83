"""Scratches round a stem: how much of its bark lives, and which side is dead."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ..errors import FieldProblem, InvalidInput
from ..frame.geometry import apart_deg
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Compass, Rounded, Share, Value, listed, say

_QUARTERS = (0.0, 180.0, 90.0, 270.0)


@dataclass(frozen=True)
class RoundReading:
    """A scratch on a side of the stem [degrees clockwise from north]."""

    bearing_deg: float
    green: bool


@dataclass(frozen=True)
class DeadBark:
    """A span of dead bark, clockwise [degrees from north]."""

    from_deg: float
    to_deg: float


@dataclass(frozen=True)
class StemRound:
    """next_bearing_deg: where to scratch next, None when every edge is found. live_share: of the
    round [0..1], None before the four quarters are scratched.

    one_sided: some lives and some is dead.
    """

    next_bearing_deg: float | None
    live_share: float | None
    dead: tuple[DeadBark, ...]
    one_sided: bool
    says: Value


def stem_round(readings: Sequence[RoundReading], step_deg: float) -> StemRound:
    """Four quarters first, then between neighbours of different colour until their edge is found to
    ``step_deg``.

    Raises: InvalidInput for a bearing outside 0 to 360 or one side said to be both.
    """
    _check(readings)
    at = {r.bearing_deg % 360: r.green for r in readings}
    for quarter in _QUARTERS:
        if not any(apart_deg(quarter, b) < step_deg for b in at):
            return StemRound(
                quarter, None, (), False, say("stem-scratch", quarter=Compass(quarter))
            )
    order = sorted(at)
    arcs = [(a, order[(i + 1) % len(order)]) for i, a in enumerate(order)]
    edges = [(a, b) for a, b in arcs if at[a] != at[b]]
    wide = max(edges, key=lambda e: (_gap(*e), -e[0]), default=None)
    live = sum(_gap(a, b) * (int(at[a]) + int(at[b])) / 2 for a, b in arcs) / 360
    dead = _dead(order, at)
    one_sided = 0 < live < 1
    if wide is not None and _gap(*wide) > step_deg + 1e-9:
        middle = (wide[0] + _gap(*wide) / 2) % 360
        return StemRound(
            middle, live, dead, one_sided, say("stem-scratch-edge", middle=Compass(middle))
        )
    return StemRound(None, live, dead, one_sided, _said(live, dead))


def bark_decides(know: Knowledge) -> Reason:
    """What the live share of the round decides."""
    ids = ("frost/replant-bark", "frost/keep-bark")
    gone, enough = (Share(know.number(i)) for i in ids)
    text = say("stem-means", gone=gone, enough=enough)
    return Reason("bark-decides", text, catalogue_ids=ids)


def _said(live: float, dead: Sequence[DeadBark]) -> Value:
    if live >= 1:
        return say("stem-green")
    if live <= 0:
        return say("stem-brown")
    sides = tuple(
        say("stem-from-to", from_deg=Compass(d.from_deg), to_deg=Compass(d.to_deg)) for d in dead
    )
    return say("stem-dead", sides=listed(sides, say("and-between")), live=Rounded(live * 100))


def _dead(order: Sequence[float], at: dict[float, bool]) -> tuple[DeadBark, ...]:
    """Runs of brown, each edge half way to the green beside it."""
    if all(at.values()) or not any(at.values()):
        return () if all(at.values()) else (DeadBark(0.0, 360.0),)
    count, found = len(order), []
    for i, bearing in enumerate(order):
        if not at[bearing] and at[order[i - 1]]:
            last = i
            while not at[order[(last + 1) % count]]:
                last += 1
            a, b = order[i - 1], order[last % count]
            found.append(
                DeadBark(
                    (a + _gap(a, bearing) / 2) % 360,
                    (b + _gap(b, order[(last + 1) % count]) / 2) % 360,
                )
            )
    return tuple(found)


def _gap(a: float, b: float) -> float:
    """Degrees clockwise from one to the other; a full round from one to itself."""
    return (b - a) % 360 or 360.0


def _check(readings: Sequence[RoundReading]) -> None:
    wrong, seen = [], dict[float, bool]()
    for i, r in enumerate(readings):
        if not 0 <= r.bearing_deg <= 360:
            wrong.append(
                FieldProblem(f"/readings/{i}/bearing_deg", say("bad-between", low=0, high=360))
            )
        elif seen.setdefault(round(r.bearing_deg % 360, 2), r.green) != r.green:
            wrong.append(
                FieldProblem(f"/readings/{i}/green", say("bad-was-said-to-be-the-other-2"))
            )
    if wrong:
        raise InvalidInput(wrong)
