"""Hard stops from a forecast: frost and heat to come, wet leaves."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from ..reasons import Reason
from ..words.values import Rounded, Saying, say
from .claims import Asked, Claim
from .model import LIVE, ForecastDay, Span, Status
from .rules import claims_of

BARK = ("thin", "height", "hedge", "skirt", "renewal", "skeleton")

FORECAST_CODES = frozenset(
    {"forecast-frost", "forecast-heat", "forecast-wet", "forecast-first", "forecast-unknown"}
)
"""Reasons that rest on the weather ahead."""


def forecast_stops(a: Asked, forecast: Sequence[ForecastDay]) -> list[Claim]:
    """Hard stops from the forecast: frost within 14 days (a hard one 21), heat within 7, wet leaf
    where disease is about.
    """
    know = a.know
    group = know.text(f"species/{a.tree.species}/group")
    frost = know.number(
        know.first(
            f"forecast/{a.tree.species}-frost", f"forecast/{group}-frost", "forecast/other-frost"
        ).id
    )
    hard = know.get(f"forecast/{group}-hard-frost")
    damp = (
        a.tree.condition == "diseased"
        or bool(know.number(f"climates/{a.site.climate}/wet-leaf-disease"))
        or "canker" in a.site.dangers
    )
    clear, claims = know.days("forecast/clear-days"), []
    for day in forecast:
        when = day.date
        if not a.tree.under_cover and day.tmin <= frost:
            very = hard is not None and day.tmin <= know.number(hard.id)
            ids = (
                ("forecast/hard-frost-days", hard.id)
                if very and hard
                else ("forecast/frost-days", f"forecast/{group}-frost")
            )
            text = say("forecast-frost", tmin=Rounded(day.tmin, 1), when=when)
            claims += _around(
                LIVE, day, know.days(ids[0]), clear, "stop", "forecast-frost", text, ids
            )
        for limit_id, works in (("forecast/heat-leaf", LIVE), ("forecast/heat-bark", BARK)):
            if day.tmax >= know.number(limit_id):
                text = say("forecast-heat", tmax=Rounded(day.tmax), when=when)
                claims += _around(
                    works,
                    day,
                    know.days("forecast/heat-days"),
                    clear,
                    "stop",
                    "forecast-heat",
                    text,
                    ("forecast/heat-days", limit_id),
                )
        if damp and day.rain_mm >= know.number("forecast/rain"):
            text = say("forecast-rain", rain=Rounded(day.rain_mm), when=when)
            claims += _around(
                (*LIVE, "sanitation"), day, 1, 1, "wait", "forecast-wet", text, ("forecast/rain",)
            )
    return claims


def _around(
    works: tuple[str, ...],
    day: ForecastDay,
    before: int,
    after: int,
    status: Status,
    code: str,
    text: Saying,
    ids: tuple[str, ...],
) -> list[Claim]:
    when = Span(day.date - dt.timedelta(days=before), day.date + dt.timedelta(days=after))
    used = {"from": when.start.isoformat(), "to": when.end.isoformat()}
    return [
        Claim(
            "limit", works, when, status, Reason(code, text, used, date=when.end, catalogue_ids=ids)
        )
    ]


def unforeseen(a: Asked, day: dt.date) -> list[Claim]:
    """A day of the resting weeks on which nobody knows what the next fortnight brings: the grower
    is asked, and until then it waits for the last frost.
    """
    found = []
    for claim in claims_of(a):
        if claim.reason.code == "forecast-first" and claim.when.holds(day):
            text = say("forecast-unknown", end=claim.when.end + dt.timedelta(days=1))
            reason = Reason(
                "forecast-unknown",
                text,
                date=claim.when.end,
                catalogue_ids=claim.reason.catalogue_ids,
                remedy=claim.reason.remedy,
            )
            found.append(Claim("limit", claim.work, Span(day, day), "wait", reason))
    return found
