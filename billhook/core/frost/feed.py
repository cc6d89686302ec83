"""Feed and water of a tree that lost leaf, in proportion to what is left; and when the last of it
is given.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Rounded, Share, say


@dataclass(frozen=True)
class Feed:
    """Nitrogen and water against the usual [0..1]; last_nitrogen: day of the last split, None where
    no frost is expected; wraps_off: None where none is.
    """

    nitrogen: float
    water: float
    last_nitrogen: dt.date | None
    wraps_off: dt.date | None
    reason: Reason


def feed(
    know: Knowledge,
    lost: float,
    first_frost: dt.date | None = None,
    last_frost: dt.date | None = None,
) -> Feed:
    """After so much of the canopy was lost [0..1]. first_frost: the next; last_frost: of this cold
    season.
    """
    nitrogen, water = (
        max(know.number("frost/least-nitrogen"), 1 - lost),
        max(know.number("frost/least-water"), 1 - lost),
    )
    last = (
        first_frost - dt.timedelta(days=know.days("frost/nitrogen-last")) if first_frost else None
    )
    wraps = last_frost + dt.timedelta(days=know.days("frost/wrap-off")) if last_frost else None
    soak = (
        (say("feed-soak-once"))
        if 1 - lost <= know.number("frost/leafless-share")
        else (say("feed-soak", water=Share(water)))
    )
    text = say(
        "feed",
        nitrogen_growth=Rounded(know.number("frost/nitrogen-growth") * 100),
        nitrogen=Share(nitrogen),
        last=say("feed-last", last=last) if last else "",
        soak=soak,
        wraps=say("feed-wraps", day=wraps) if wraps else say("feed-after-frost"),
    )
    ids = ("frost/least-nitrogen", "frost/least-water", "frost/nitrogen-last", "frost/wrap-off")
    return Feed(
        nitrogen,
        water,
        last,
        wraps,
        Reason("feed", text, {"canopy lost": round(lost, 3)}, date=last, catalogue_ids=ids),
    )
