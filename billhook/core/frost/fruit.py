"""Fruit after a cold night: cut a sample, and what can still be saved by when."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from math import sqrt
from statistics import NormalDist

from ..errors import refuse
from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.values import Rounded, Saying, Share, say


@dataclass(frozen=True)
class Salvage:
    """Days to cut a sample, and the two last days for juice. warm: the shorter span of warm weather
    holds.
    """

    test_from: dt.date
    test_to: dt.date
    early: dt.date
    late: dt.date
    warm: bool


def salvage(know: Knowledge, night: dt.date, mean_c: float | None) -> Salvage:
    """When fruit is cut-tested, and by when hurt fruit goes to juice; mean_c: of the weeks after
    [degrees C], None where nobody knows.
    """
    warm = mean_c is not None and mean_c > know.number("frost/salvage-warm")
    early, late = know.numbers("frost/salvage-days-warm" if warm else "frost/salvage-days")
    first, last = know.numbers("frost/cut-test-days")
    after = [night + dt.timedelta(days=int(d)) for d in (first, last, early, late)]
    return Salvage(after[0], after[1], after[2], after[3], warm)


@dataclass(frozen=True)
class CutTest:
    """Share of the crop that is hurt [0..1] with its span, and what to do: ``sound``, ``juice`` or
    ``lost``.
    """

    share: float
    low: float
    high: float
    advice: str
    reason: Reason


def wilson_interval(hits: int, count: int, confidence: float) -> tuple[float, float]:
    """Span of a share from a sample. Source: Wilson 1927, Journal of the American Statistical
    Association 22 (from memory, not consulted).
    """
    z = NormalDist().inv_cdf(0.5 + confidence / 2)
    share, extra = hits / count, z * z / count
    middle = (share + extra / 2) / (1 + extra)
    half = z / (1 + extra) * sqrt(share * (1 - share) / count + extra / (4 * count))
    return max(0.0, middle - half), min(1.0, middle + half)


def _advice(know: Knowledge, hurt: int, low: float, high: float) -> str:
    """``sound``, ``juice`` or ``lost``, by the bounds of the share that is hurt."""
    if high <= know.number("frost/cut-test-sound") or hurt == 0:
        return "sound"
    return "lost" if low >= know.number("frost/cut-test-lost") else "juice"


def _says(advice: str, late: dt.date) -> Saying:
    if advice == "juice":
        return say("fruit-juice", late=late)
    return say("fruit-sell" if advice == "sound" else "fruit-worthless")


def cut_test(
    know: Knowledge,
    cut: int,
    hurt: int,
    night: dt.date,
    today: dt.date,
    mean_c: float | None = None,
) -> CutTest:
    """What a sample of cut fruit says of the crop. hurt: dry, or with crystals, over a third of the
    segments.

    Raises: InvalidInput for a sample of none, more hurt than cut, or a day before fruit shows what
    froze.
    """
    span = salvage(know, night, mean_c)
    early = f"too early: what froze shows from {day_words(span.test_from)}; cut again then"
    none = "cut at least one fruit"
    refuse(
        {
            "/cut": none if cut < 1 else early if today < span.test_from else None,
            "/hurt": None if 0 <= hurt <= max(cut, 0) else say("bad-cannot-be-more-than-were-cut"),
        }
    )
    low, high = wilson_interval(hurt, cut, know.number("frost/cut-test-confidence"))
    share = hurt / cut
    advice = _advice(know, hurt, low, high)
    few = know.number("frost/cut-test-fruit")
    text = say(
        "fruit-hurt",
        hurt=hurt,
        cut=cut,
        share=Share(share),
        low=Share(low),
        high=Share(high),
        advice=_says(advice, span.late),
        more=say("fruit-cut-more", few=Rounded(few)) if cut < few else "",
    )
    ids = (
        "frost/cut-test-sound",
        "frost/cut-test-lost",
        "frost/cut-test-confidence",
        "frost/salvage-days",
    )
    return CutTest(
        share,
        low,
        high,
        advice,
        Reason("cut-test", text, {"cut": cut, "hurt": hurt}, date=span.late, catalogue_ids=ids),
    )
