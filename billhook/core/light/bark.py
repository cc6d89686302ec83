"""Bark that a cut bares: how long it stands in steep sun, and whether it burns."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Rounded, say
from .rows import bark_hours


@dataclass(frozen=True)
class BarkSun:
    """hours: of steep sun in the hot part of the day. burns: where the day is hot enough."""

    hours: float
    burns: bool


def bark_sun(
    know: Knowledge,
    latitude: float,
    day: dt.date,
    facing_deg: float,
    rise_deg: float,
    longitude: float = 0.0,
) -> BarkSun:
    """Sun on bared bark that faces a bearing and rises so many degrees [degrees]."""
    hours = bark_hours(latitude, day, facing_deg, max(0.0, rise_deg), longitude)
    return BarkSun(hours, hours > know.number("bark/hours"))


def bark_reason(know: Knowledge, found: BarkSun, day: dt.date, facing_deg: float) -> Reason:
    """What the sun does to the bark, in words."""
    means = (
        say("bark-burns", sun_half=know.number("season/sun-half"))
        if found.burns
        else say("bark-little")
    )
    text = say("bark-sun", hours=Rounded(found.hours, 1), means=means)
    ids = ("bark/hours", "season/sun-half")
    return Reason("bark-sun", text, {"faces, degrees": facing_deg}, date=day, catalogue_ids=ids)
