"""Windows of citrus, from operations T-01 to T-13 of the trade (common practice; offsets from memory)."""

from __future__ import annotations

import datetime as dt

from .claims import DAY, Asked, Claim, days, earliest, latest, window


def citrus_windows(a: Asked) -> list[Claim]:
    """Every window of one growing year for a citrus tree."""
    return [*_thin(a), *_height(a), *_hedge(a), *_skirt(a), *_tip(a), *_skeleton(a)]


def _spring_start(a: Asked, lead_id: str) -> tuple[dt.date, str]:
    """First day of the spring window before the crop is looked at, and why."""
    year, know = a.year, a.know
    if year.last_frost is None:
        return year.start, "no frost is to be feared"
    if a.flush_in_frost and not a.site.frost_pocket:
        return year.flush - days(know.days("season/spring-lead")), "ordinary cuts here end before the first flush; look at the forecast for frost"
    if a.site.frost_pocket:
        return year.last_frost, "in a frost pocket cuts wait for the last frost"
    return year.last_frost - days(know.days(lead_id)), "the last frost is near"


def _thin(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    start, why = _spring_start(a, "windows/thin-before-last-frost")
    begin = latest(start, a.picked + DAY if a.picked else None)
    ids = ("windows/thin-before-last-frost", "windows/thin-before-bloom", "windows/thin-after-petal-fall", "windows/thin-before-summer")
    to_summer = a.summer.start - days(know.days("windows/thin-before-summer"))
    if a.everbearing or year.bloom is None:
        return window(
            "thin",
            begin,
            earliest(to_summer, year.last_safe_hard),
            "thin-everbearing",
            f"{why}; this kind blooms and bears all year, so what you cut you do not pick.",
            ids,
        )
    end = year.bloom.start - days(know.days("windows/thin-before-bloom"))
    if a.flush_in_frost and not a.site.frost_pocket:
        end = min(end, year.flush - DAY)
    main = window("thin", begin, end, "thin-main", f"the crop is off, {why}, and bloom has not begun.", ids, school="before-first-flush")
    second = window(
        "thin", year.bloom.end + days(know.days("windows/thin-after-petal-fall")), earliest(to_summer, year.last_safe_hard), "thin-after-set",
        "the fruit has set and can be judged, and the heat is still a month away.", ids, school="after-fruit-set",
    )  # fmt: skip
    return main + second


def _height(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    ids = ("windows/height-before-flush", "windows/height-after-flush", "windows/height-after-frost")
    around = year.flush + days(know.days("windows/height-after-flush"))
    if year.last_frost is not None and a.flush_in_frost:
        start, end = year.last_frost, year.last_frost + days(know.days("windows/height-after-frost"))
        why = "the last frost is over, and regrowth has the summer to harden."
    else:
        start = (
            latest(
                year.flush - days(know.days("windows/height-before-flush")),
                year.last_frost - days(know.days("windows/thin-before-last-frost")) if year.last_frost else None,
            )
            or year.start
        )
        end, why = around, "the first flush closes the cut, and the growth has the summer to harden."
        if a.site.frost_pocket and year.last_frost is not None:
            start = max(start, year.last_frost)
    begin = latest(start, a.picked + DAY if a.picked else None)
    return window("height", begin, end, "height-main", why, ids)


def _hedge(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    ids = ("windows/hedge-before-last-frost", "windows/hedge-before-bloom", "windows/hedge-light-share")
    start, why = _spring_start(a, "windows/hedge-before-last-frost")
    begin = latest(start, a.picked + DAY if a.picked else None)
    end = year.bloom.start - days(know.days("windows/hedge-before-bloom")) if year.bloom else year.flush
    if a.flush_in_frost and not a.site.frost_pocket:
        end = min(end, year.flush - DAY)
    main = window("hedge", begin, end, "hedge-main", f"the crop is off and {why}.", ids)
    after = year.bloom.end + DAY if year.bloom else year.flush_hard
    light = window(
        "hedge", after, earliest(year.last_safe_light, a.summer.start - DAY), "hedge-light", "light upkeep of the walls only.", ids, "light",
        know.number("windows/hedge-light-share"),
    )  # fmt: skip
    return main + light


def _skirt(a: Asked) -> list[Claim]:
    year = a.year
    begin = latest(year.start, a.picked + DAY if a.picked else None)
    if year.bloom is None:
        return window("skirt", begin, a.summer.start - DAY, "skirt", "the limbs that would touch the ground are lifted before the heat.")
    before = window("skirt", begin, year.bloom.start - DAY, "skirt-after-harvest", "the crop is off, and the wet and the heat are still to come.")
    return before + window("skirt", year.bloom.end + DAY, a.summer.start - DAY, "skirt-after-bloom", "bloom is over and the heat has not begun.")


def _tip(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    ids = ("windows/tip-before-flush",)
    spring = window(
        "tip",
        latest(year.flush - days(know.days("windows/tip-before-flush")), year.last_frost),
        year.flush,
        "tip-spring",
        "just before the first flush.",
        ids,
    )
    autumn = window(
        "tip", a.summer.end + DAY, year.last_safe_light or year.end, "tip-autumn", "after the heat, and early enough to harden before frost.", ids
    )
    return spring + autumn


def _skeleton(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    ids = ("windows/skeleton-days", "windows/skeleton-warmth")
    start = latest(year.last_frost or year.flush - days(know.days("windows/height-before-flush")), a.picked + DAY if a.picked else None)
    if start is None:
        return []
    end = earliest(start + days(know.days("windows/skeleton-days")), a.year.bark_sun.start - days(know.days("windows/skeleton-warmth")))
    return window(
        "skeleton",
        start,
        end,
        "skeleton",
        "frost is over, and 60 days of growth can shade the bark before the strong sun; whitewash the same day.",
        ids,
    )
