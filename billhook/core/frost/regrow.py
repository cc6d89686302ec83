"""What is grown on after a freeze, how it is fed, and when it bears again."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import share_words
from .damage import CLASSES

_LATER = 10


@dataclass(frozen=True)
class Shoot:
    """A shoot that could be grown on. at_m: above ground; off_m: how far from the trunk's line; rise_deg: above level; vigour: 1..5."""

    id: str
    at_m: float
    off_m: float
    diameter_mm: float
    rise_deg: float
    vigour: int
    above_union: bool


@dataclass(frozen=True)
class RankedShoot:
    """A shoot with its points; None where it must not be grown on."""

    id: str
    points: float | None
    reason: Reason


@dataclass(frozen=True)
class Leaders:
    """Shoots, the best first; keep_now: this season all strong ones stay; keep_next: so many in the second spring."""

    shoots: tuple[RankedShoot, ...]
    keep_now: int
    keep_next: int
    reasons: tuple[Reason, ...]


def leaders(know: Knowledge, shoots: Sequence[Shoot], form: str = "tree", trunk_m: float = 0.0) -> Leaders:
    """Which shoots to grow on. form: ``tree``, ``bush`` or ``leader``. A shoot below the union is never one of them."""
    good = [s for s in shoots if s.above_union]
    most = {
        "off": max((s.off_m for s in good), default=0.0) or 1.0,
        "mm": max((s.diameter_mm for s in good), default=1.0),
        "rise": max((s.at_m for s in good), default=1.0) - trunk_m or 1.0,
    }
    found = []
    for s in shoots:
        if not s.above_union:
            found.append(RankedShoot(s.id, None, Reason("below-union", "From below the union: the rootstock. It is never grown on as the tree.", {})))
            continue
        parts = {
            "line": 1 - min(1.0, s.off_m / most["off"]) if len(good) > 1 else 1.0, "thick": s.diameter_mm / most["mm"], "upright": max(0.0, min(90.0, s.rise_deg)) / 90,
            "vigour": s.vigour / 5, "low": 1 - min(1.0, max(0.0, (s.at_m - trunk_m) / abs(most["rise"]))),
        }  # fmt: skip
        points = sum(know.number(f"leader/{k}/points") * p for k, p in parts.items())
        said = ", ".join(know.text(f"leader/{k}/says") for k in sorted(parts, key=lambda k: -parts[k] * know.number(f"leader/{k}/points"))[:3])
        used: dict[str, float | str | None] = {k: round(v, 2) for k, v in parts.items()}
        found.append(
            RankedShoot(
                s.id, points, Reason("leader", f"{said[:1].upper()}{said[1:]}.", used, None, None, tuple(f"leader/{k}/points" for k in parts))
            )
        )
    ranked = tuple(sorted(found, key=lambda r: (r.points is None, -(r.points or 0.0), r.id)))
    keep = min(len(good), int(know.number(f"leader-form/{form}/keep")))
    text = f"All strong shoots stay this season: their leaf feeds the roots. In the second spring keep {keep}{', the first the leader' if form == 'leader' else ''}, to a soft tie on a stake; suckers are looked for at every flush of two seasons."
    return Leaders(ranked, len(good), keep, (Reason("keep", text, {"form": form}),))


@dataclass(frozen=True)
class Feed:
    """Nitrogen and water against the usual [0..1]."""

    nitrogen: float
    water: float
    reason: Reason


def feed(know: Knowledge, lost: float) -> Feed:
    """After so much of the canopy was lost [0..1]: in proportion to the leaf that is left."""
    nitrogen, water = max(know.number("frost/least-nitrogen"), 1 - lost), max(know.number("frost/least-water"), 1 - lost)
    text = (
        f"No nitrogen until new growth is a hand long, then {share_words(nitrogen)} of the usual in three or four light splits. Water {share_words(water)} of the usual, one soak if the soil is dry; "
        "roots of a leafless tree rot in wet soil. No systemic herbicide. Mulch stays; wraps off after the last frost."
    )
    return Feed(nitrogen, water, Reason("feed", text, {"canopy lost": lost}, None, None, ("frost/least-nitrogen", "frost/least-water")))


@dataclass(frozen=True)
class Recovery:
    """Crop by year as a share of the usual and in kilograms, what is lost, and the same for a tree replanted: shares, and years from which each is better."""

    shares: tuple[float, ...]
    kg: tuple[float, ...]
    lost_kg: float
    replant: tuple[float, ...]
    replant_lost_kg: float
    advice: str
    reasons: tuple[Reason, ...]


def recovery(
    know: Knowledge, frost_class: str, age_years: float, normal_kg: float, trees: int = 1, years: int = _LATER, replant_on: dt.date | None = None,
    live_bark: float | None = None, live_above_m: float | None = None,
) -> Recovery:  # fmt: skip
    """Crop of a class by year against replanting, over ten years. normal_kg: of one tree. live_bark: share of the trunk's round that lives; live_above_m: live wood above the union."""
    late = 1 if age_years > know.number("frost/old-from") and CLASSES.index(frost_class) >= 2 else 0
    heal, fresh = (_series(know, c, years) for c in (frost_class, "F6"))
    heal = (heal[:1] * late + heal)[:years]
    usual = normal_kg * trees
    lost, lost_new = usual * sum(1 - s for s in heal), usual * sum(1 - s for s in fresh)
    must = frost_class == "F6" or (live_bark is not None and live_bark < know.number("frost/replant-bark"))
    can = (live_above_m is None or live_above_m >= know.number("frost/keep-live")) and (
        live_bark is None or live_bark >= know.number("frost/keep-bark")
    )
    advice = "replant" if must else "rehabilitate" if can and lost <= lost_new else "wait" if not can else "replant"
    when = f" from {day_words(replant_on)}" if replant_on else ""
    words = {
        "replant": f"Replant{when}, a little off the old hole.",
        "rehabilitate": "Bring it back: it costs less fruit than a new tree.",
        "wait": "Between the two: wait for next spring.",
    }
    text = f"{words[advice]} Over {years} years {lost:.0f} kg are lost by bringing it back, {lost_new:.0f} kg by replanting."
    reason = Reason(
        "recovery",
        text,
        {"class": frost_class, "usual, kg": usual, "age, years": age_years},
        replant_on,
        None,
        (f"frost-class/{frost_class}/recovery", "frost-class/F6/recovery", "frost/old-from"),
    )
    return Recovery(heal, tuple(usual * s for s in heal), lost, fresh, lost_new, advice, (reason,))


def _series(know: Knowledge, frost_class: str, years: int) -> tuple[float, ...]:
    """Crop by year; beyond the table its last value."""
    table = know.numbers(f"frost-class/{frost_class}/recovery")
    return tuple(table[min(i, len(table) - 1)] for i in range(years))
