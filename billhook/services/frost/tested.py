"""What the scratches of a hurt tree come to, limb by limb and round its stem."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ...core.frame.model import TRUNK, Limb, is_sucker, roots_of
from ...core.frost.readings import Noted, counting
from ...core.frost.scratch import Reading, Scratched, scratched
from ...core.frost.stem import RoundReading, StemRound, bark_decides, stem_round
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.words.values import Value
from ...store.frost_tables import Scratch
from ..tree.views import FrameView


@dataclass(frozen=True)
class LimbTest:
    """A limb's scratches: the next place or the boundary and cut; moved_m: how far its edge went
    down since the test before, None without one.

    again_at_m: where one scratch shows whether the edge still holds, on a later day than the last
    test; None where nothing needs asking again.
    """

    limb: str
    name: Value
    length_m: float
    readings: tuple[Reading, ...]
    found: Scratched
    moved_m: float | None
    tested_on: dt.date | None
    again_at_m: float | None


@dataclass(frozen=True)
class StemTest:
    """Scratches round the trunk at a height above ground [m]."""

    at_m: float
    readings: tuple[RoundReading, ...]
    found: StemRound
    decides: Reason


def limb_tests(
    know: Knowledge, view: FrameView, made: Sequence[Noted], judged: bool, today: dt.date
) -> tuple[LimbTest, ...]:
    """The limbs that may be scratched, those already tested first, then the main limbs, the lowest
    first.
    """
    frame, ends = view.frame, view.ends
    roots = roots_of(frame)
    found = [
        _limb(know, view, made, x, judged, today)
        for x in frame.limbs
        if not is_sucker(frame, roots[x.id]) and x.state != "dead"
    ]

    def order(test: LimbTest) -> tuple[bool, bool, float]:
        return not test.readings, frame.limb(test.limb).on != TRUNK, ends[test.limb][0][2]

    return tuple(sorted(found, key=order))


def _limb(
    know: Knowledge,
    view: FrameView,
    made: Sequence[Noted],
    limb: Limb,
    judged: bool,
    today: dt.date,
) -> LimbTest:
    long, fine = limb.length_m, min(know.number("frost/resolution"), limb.length_m)
    ratio = know.number("cuts/side-branch-ratio")

    def read(until: dt.date | None = None) -> list[Reading]:
        # what was cut off since is no longer there to be read
        return [r for r in counting(made, limb.id, until) if r.at_m <= long]

    # a side branch takes over only if it is at least a third of the cut
    live = (x for x in view.frame.limbs if x.on == limb.id and x.state == "live")
    placed = ((min(x.at_m, long), x.base_mm) for x in live)
    sides = [at for at, base in placed if base >= ratio * limb.diameter_mm(at)]
    readings, into = read(), know.number("frost/into-green")
    now = scratched(long, readings, fine, into, sides, judged)
    days = sorted({s.day for s in made if s.limb == limb.id})
    moved = None
    if len(days) > 1:
        before = scratched(long, read(days[-2]), fine)
        moved = max(0.0, (before.boundary[0] or 0.0) - (now.boundary[0] or 0.0))
    tested = days[-1] if days else None
    settled = now.next_at_m is None and tested is not None and tested < today
    return LimbTest(
        limb.id,
        view.names[limb.id],
        long,
        tuple(sorted(readings, key=lambda r: r.at_m)),
        now,
        moved,
        tested,
        now.boundary[0] if settled else None,
    )


def stem_test(know: Knowledge, view: FrameView, made: Sequence[Scratch]) -> StemTest:
    """The scratches round the trunk, a little above the union."""
    frame = view.frame
    height = min(frame.trunk.height_m, (frame.union_m or 0.0) + know.number("frost/round-above"))
    latest: dict[float, Scratch] = {s.bearing_deg: s for s in made if s.bearing_deg is not None}
    readings = tuple(RoundReading(b, s.green) for b, s in sorted(latest.items()))
    return StemTest(
        round(height, 2),
        readings,
        stem_round(readings, know.number("frost/round-step")),
        bark_decides(know),
    )
