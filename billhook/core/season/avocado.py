"""Windows of avocado: in spring where winters are cool, after harvest where they are warm and wet."""

from __future__ import annotations

from .claims import DAY, Asked, Claim, days, earliest, latest, limit, window
from .events import on_or_after
from .model import Work, span

_WORKS: tuple[Work, ...] = ("thin", "height", "hedge", "skirt", "skeleton")
_CLOSED: tuple[Work, ...] = (*_WORKS, "tip")


def avocado_windows(a: Asked) -> list[Claim]:
    """Every window and the closed season of one growing year for an avocado."""
    calendar = a.know.text(f"climates/{a.site.climate}/calendar")
    return _after_harvest(a) if calendar == "humid" else _spring(a)


def _spring(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    start = latest(year.last_frost, year.start)
    bloom_end = year.bloom.end if year.bloom else None
    claims: list[Claim] = []
    for work in _WORKS:
        end = bloom_end
        if work == "skeleton":
            end = earliest(bloom_end, year.bark_sun.start - days(know.days("windows/skeleton-warmth")))
        claims += window(
            work, start, end, "avocado-spring", "frost is over, and the growth that follows has the summer to harden.", ("windows/avocado-main",)
        )
    tip_end = year.last_safe_light or year.bark_sun.end
    claims += window(
        "tip",
        bloom_end + DAY if bloom_end else start,
        tip_end,
        "avocado-tips",
        "tips of new growth, early enough to harden.",
        ("windows/avocado-main",),
    )
    closes = year.last_safe_light or on_or_after(year.bark_sun.start, _induction_start(a))
    reopens = a.after.last_frost or a.after.start
    claims += limit(
        _CLOSED, span(closes + DAY, reopens - DAY), "stop", "avocado-closed",
        "Growth would meet the cold soft, bared bark burns, and the ends that would bloom in spring come off with the cut.", ("windows/avocado-main",),
    )  # fmt: skip
    return claims


def _induction_start(a: Asked) -> tuple[int, int]:
    month = int(a.know.number("season/avocado-induction-month"))
    return ((month + 5) % 12 + 1 if a.site.turned else month, 1)


def _after_harvest(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    claims: list[Claim] = []
    soon = know.days("windows/avocado-after-harvest")
    closes = on_or_after(year.start, _induction_start(a))
    late = a.picked
    for work in (*_WORKS, "tip"):
        if year.harvest is not None and year.harvest.end < closes:
            end = min(year.harvest.end + days(soon), closes)
            claims += window(
                work,
                year.harvest.end + DAY,
                end,
                "avocado-after-harvest",
                "within three weeks of the last fruit.",
                ("windows/avocado-after-harvest",),
            )
        if year.bloom is not None and late is not None and late < year.bloom.start:
            claims += window(
                work,
                max(late + DAY, year.start),
                year.bloom.start - DAY,
                "avocado-before-bloom",
                "the late crop is off and the buds have not swelled.",
                ("windows/avocado-after-harvest",),
            )
    reopens = a.after.bloom.start if a.after.bloom else a.after.start
    claims += limit(
        _CLOSED,
        span(closes, min(reopens, a.after.end) - DAY),
        "wait",
        "avocado-closed",
        "The ends that will bloom are forming; cuts now take the bloom.",
        ("season/avocado-induction-month",),
    )
    return claims
