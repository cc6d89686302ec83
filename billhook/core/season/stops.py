"""What holds work back: bloom, frost ahead, strong sun on bark, young, weak and frozen trees, and the forecast."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from ..words.dates import day_words
from .budget import winter_end
from .claims import DAY, Asked, Claim, days, limit
from .model import WORKS, ForecastDay, Span, Status, Work, span

LIVE: tuple[Work, ...] = tuple(w for w in WORKS if w not in ("sucker", "sanitation"))
STRUCTURAL: tuple[Work, ...] = ("thin", "height", "hedge", "skirt")
HEADING: tuple[Work, ...] = ("height", "hedge", "skeleton")
BARK: tuple[Work, ...] = (*STRUCTURAL, "skeleton")


def standing_stops(a: Asked) -> list[Claim]:
    """Limits of one growing year that do not depend on the forecast."""
    return [*_bloom(a), *_frost_ahead(a), *_bark(a), *_crop_on(a), *_freeze(a), *_condition(a)]


def _bloom(a: Asked) -> list[Claim]:
    if a.year.bloom is None:
        return []
    end = day_words(a.year.bloom.end)
    heading = limit(
        HEADING,
        a.year.bloom,
        "stop",
        "bloom",
        f"The tree is in bloom until about {end}: heading now takes this year's crop.",
        ("season/petal-fall-after-bloom",),
    )
    if a.know.text(f"species/{a.tree.species}/group") == "avocado":
        return []  # the avocado's spring window runs through its long bloom
    rest: tuple[Work, ...] = ("thin", "skirt", "tip")
    return heading + limit(
        rest,
        a.year.bloom,
        "wait",
        "bloom",
        f"The tree is in bloom until about {end}; wait until the petals have fallen.",
        ("season/petal-fall-after-bloom",),
    )


def _frost_ahead(a: Asked) -> list[Claim]:
    year = a.year
    group = a.know.text(f"species/{a.tree.species}/group")
    if year.first_frost is None or year.last_safe_light is None or a.after.last_frost is None:
        return []
    if group == "avocado" and a.know.text(f"climates/{a.site.climate}/calendar") != "humid":
        return []  # its own closed season says the same
    reopen = a.after.last_frost
    if group == "citrus":
        reopen -= days(a.know.days("windows/thin-before-last-frost"))
        if a.after.flush < a.after.last_frost and not a.site.frost_pocket:
            reopen = min(reopen, winter_end(a.after, a.know, a.site.frost_pocket) or reopen)
    ids = (
        f"heat/{group}/cut-to-break",
        f"heat/{group}/break-to-hard",
        f"heat/{group}/safety-light",
        f"heat/{group}/safety-hard",
        "heat/vigour-factor",
    )
    used: dict[str, float | str | None] = {
        "first frost, one year in ten": year.first_frost.isoformat(),
        "last safe day, hard cuts": year.last_safe_hard.isoformat() if year.last_safe_hard else None,
        "last safe day, light cuts": year.last_safe_light.isoformat(),
    }
    claims: list[Claim] = []
    if year.last_safe_hard is not None:
        text = f"A hard cut after {day_words(year.last_safe_hard)} leaves growth too soft for the frost expected from {day_words(year.first_frost)}."
        claims += limit(
            BARK,
            span(year.last_safe_hard + DAY, year.last_safe_light),
            "light",
            "flush-meets-frost-soon",
            text,
            ids,
            a.know.number("season/light-share"),
            used,
        )
    rest = year.quiescent.start if year.quiescent and group == "citrus" else reopen
    text = (
        f"Growth that follows a cut after {day_words(year.last_safe_light)} does not harden before the frost expected from {day_words(year.first_frost)}, "
        f"one year in ten."
    )
    claims += limit(LIVE, span(year.last_safe_light + DAY, rest - DAY), "stop", "flush-meets-frost", text, ids, None, used)
    winter = f"Frost is likely until {day_words(a.after.last_frost)}. The tree rests, so small cuts start no growth; anything harder bares wood to the frost."
    claims += limit(
        BARK, span(rest, reopen - DAY), "light", "winter-frost", winter, ("season/light-share",), a.know.number("season/light-share"), used
    )
    if year.unhardened:
        text = "The summer here is too short for regrowth to harden before frost: cut early and lightly, and expect some damage."
        claims += limit(
            LIVE,
            span(year.last_frost or year.start, year.last_safe_light),
            "light",
            "unhardened",
            text,
            ids,
            a.know.number("season/light-share"),
            used,
        )
    return claims


def _bark(a: Asked) -> list[Claim]:
    know, sun = a.know, a.year.bark_sun
    cap = know.number("season/light-share")
    warmest = max(a.site.normals.tmax_c)
    used: dict[str, float | str | None] = {"warmest monthly maximum, °C": warmest}
    why = "normal maxima are high enough to burn bark" if warmest >= know.number("season/bark-sun-from") else "these are the warmest three months"
    text = f"Strong sun from {day_words(sun.start)} to {day_words(sun.end)} ({why}): light cuts only, and none that bares bark."
    claims = limit(STRUCTURAL, sun, "light", "bark-sun", text, ("season/bark-sun-from", "season/light-share"), cap, used)
    claims += limit(
        ("skeleton",), sun, "stop", "bark-burns", f"Bared limbs burn in the sun until {day_words(sun.end)}.", ("season/bark-sun-from",), None, used
    )
    if a.year.hot is not None:
        hot = f"Hot season from {day_words(a.year.hot.start)} to {day_words(a.year.hot.end)}: bark needs every leaf over it."
        claims += limit(STRUCTURAL, a.year.hot, "light", "hot-season", hot, ("season/hot-from",), cap)
    return claims


def _crop_on(a: Asked) -> list[Claim]:
    if a.tree.fruit_on == "none":
        return []
    if a.everbearing:
        if a.tree.fruit_on != "full":
            return []
        return limit(("skeleton",), Span(a.year.start, a.year.end), "wait", "full-crop", "A full crop hangs: pick first, then cut hard.", ())
    if a.before.harvest is None:
        return []
    fruit = a.before.harvest
    text = f"Ripe fruit hangs until about {day_words(fruit.end)}: what you cut you do not pick."
    share = a.know.number("season/light-share")
    works: tuple[Work, ...] = STRUCTURAL if a.know.text(f"species/{a.tree.species}/group") == "citrus" else ()
    return limit(works, fruit, "light", "fruit-on", text, (), share) + limit(("skeleton",), fruit, "wait", "fruit-on", text, ())


def _freeze(a: Asked) -> list[Claim]:
    if a.tree.freeze_class < 2:
        return []
    offset = a.know.days(f"freeze/F{a.tree.freeze_class}/wait") if a.tree.freeze_class < 6 else 0
    start = a.year.flush if a.tree.freeze_class == 2 else a.year.last_frost or a.year.flush
    until = start + days(offset)
    text = f"Frost-hurt wood (class F{a.tree.freeze_class}) is not judged before {day_words(until)}: green leaves in spring may be a false start."
    return limit(LIVE, span(a.year.start, until), "stop", "after-freeze", text, (f"freeze/F{a.tree.freeze_class}/wait",) if offset else ())


def _condition(a: Asked) -> list[Claim]:
    if a.tree.condition != "transplanted":
        return []
    text = "Newly moved: leave every leaf on until it has taken, about 60 days."
    return limit(LIVE, Span(a.year.start, a.year.end), "wait", "transplanted", text, ("season/transplant-rest",))


def forecast_stops(a: Asked, forecast: Sequence[ForecastDay]) -> list[Claim]:
    """Hard stops from the forecast: frost within 14 days, heat within 7, wet leaf where disease is about."""
    know, claims = a.know, []
    frost_at = know.number(f"forecast/{a.know.text(f'species/{a.tree.species}/group')}-frost")
    for day in forecast:
        if day.tmin <= frost_at and not a.tree.under_cover:
            text = f"Frost of {day.tmin:.1f} °C is forecast for {day_words(day.date)}: no live cut before it is over."
            claims += _around(LIVE, day.date, know.days("forecast/frost-days"), know.days("forecast/clear-days"), "forecast-frost", text)
        for limit_id, works in (("forecast/heat-leaf", LIVE), ("forecast/heat-bark", BARK)):
            if day.tmax >= know.number(limit_id):
                text = f"{day.tmax:.0f} °C is forecast for {day_words(day.date)}: no cut now, bark and leaf burn."
                claims += _around(works, day.date, know.days("forecast/heat-days"), know.days("forecast/clear-days"), "forecast-heat", text)
        damp = a.tree.condition == "diseased" or bool(know.number(f"climates/{a.site.climate}/wet-leaf-disease"))
        if damp and day.rain_mm >= know.number("forecast/rain"):
            text = f"{day.rain_mm:.0f} mm of rain is forecast for {day_words(day.date)}: disease spreads on wet leaves."
            claims += _around((*LIVE, "sanitation"), day.date, 1, 1, "forecast-wet", text)
    return claims


def _around(works: tuple[Work, ...], day: dt.date, before: int, after: int, code: str, text: str) -> list[Claim]:
    ids = {"forecast-frost": "forecast/frost-days", "forecast-heat": "forecast/heat-days", "forecast-wet": "forecast/rain"}
    status: Status = "wait" if code == "forecast-wet" else "stop"
    return limit(works, Span(day - days(before), day + days(after)), status, code, text, (ids[code],))
