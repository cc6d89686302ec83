"""What the seasons of a cut tree come to beside its twin, in a few sentences."""

from __future__ import annotations

from collections.abc import Sequence

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, Rounded, Share, say
from .model import SeasonTree


def summed(
    know: Knowledge,
    yours: Sequence[SeasonTree],
    twin: Sequence[SeasonTree],
    units: Units = "metric",
) -> tuple[Reason, ...]:
    """Crop given up and won, height won and lost again, work that follows: yours against the twin
    in the same seasons.
    """
    return (_crop(know, yours, twin), _height(yours, twin, units), *_work(yours, twin))


def _crop(know: Knowledge, yours: Sequence[SeasonTree], twin: Sequence[SeasonTree]) -> Reason:
    lost, same = twin[0].crop - yours[0].crop, know.number("grow/same-crop")
    both = zip(yours[1:], twin[1:], strict=True)
    more = next((a.year for a, b in both if a.crop > b.crop + same), None)
    total, beside = (sum(s.crop for s in x) for x in (yours, twin))
    text = say(
        "grow-sum-crop",
        lost=Share(max(0.0, lost)),
        year=yours[0].year,
        gains="yes" if more else "no",
        more=more or 0,
        seasons=len(yours),
        total=Rounded(total, 1),
        twin=Rounded(beside, 1),
    )
    used: dict[str, float | str | None] = {
        "crops together": round(total, 3),
        "of the twin": round(beside, 3),
    }
    return Reason("grow-sum-crop", text, used, catalogue_ids=("grow/dark-takes",))


def _height(yours: Sequence[SeasonTree], twin: Sequence[SeasonTree], units: Units) -> Reason:
    first, last = yours[0], yours[-1]
    text = say(
        "grow-sum-height",
        now=Length(first.height_m, units),
        then=Length(last.height_m, units),
        year=last.year,
        twin=Length(twin[-1].height_m, units),
        light=Share(last.light_inside),
        dark=Share(twin[-1].light_inside),
    )
    ids = ("renewal/gain-tipped", "renewal/gain-lowered")
    return Reason("grow-sum-height", text, {}, catalogue_ids=ids)


def _work(yours: Sequence[SeasonTree], twin: Sequence[SeasonTree]) -> tuple[Reason, ...]:
    most = max(yours, key=lambda s: (s.sprouts, -s.year))
    if most.sprouts <= max(s.sprouts for s in twin):
        return ()
    text = say("grow-sum-work", n=most.sprouts, year=most.year, minutes=Rounded(most.minutes))
    return (Reason("grow-sum-work", text, {}, catalogue_ids=("grow/sprout-minutes",)),)
