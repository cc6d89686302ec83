"""What is grown on after a freeze: shoots ranked with reasons, how many stay, and the dates that
follow.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..tasks import GrowOnTask


@dataclass(frozen=True)
class Shoot:
    """A shoot that could be grown on. at_m: above ground; off_m: how far from the trunk's line;
    rise_deg: above level; vigour: 1..5.
    """

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
    """Shoots, the best first; keep_now: this season all strong ones stay; keep_next: so many in the
    second spring.
    """

    shoots: tuple[RankedShoot, ...]
    keep_now: int
    keep_next: int
    reasons: tuple[Reason, ...]


def leaders(
    know: Knowledge, shoots: Sequence[Shoot], form: str = "tree", trunk_m: float = 0.0
) -> Leaders:
    """Which shoots to grow on. form: ``tree``, ``bush`` or ``leader``. A shoot below the union is
    never one of them.
    """
    good = [s for s in shoots if s.above_union]
    most = {
        "off": max((s.off_m for s in good), default=0.0) or 1.0,
        "mm": max((s.diameter_mm for s in good), default=1.0),
        "rise": max((s.at_m for s in good), default=1.0) - trunk_m or 1.0,
    }
    found = []
    for s in shoots:
        if not s.above_union:
            found.append(
                RankedShoot(
                    s.id,
                    None,
                    Reason(
                        "below-union",
                        "From below the union: the rootstock. It is never grown on as the tree.",
                    ),
                )
            )
            continue
        parts = {
            "line": 1 - min(1.0, s.off_m / most["off"]) if len(good) > 1 else 1.0,
            "thick": s.diameter_mm / most["mm"],
            "upright": max(0.0, min(90.0, s.rise_deg)) / 90,
            "vigour": s.vigour / 5,
            "low": 1 - min(1.0, max(0.0, (s.at_m - trunk_m) / abs(most["rise"]))),
        }
        points = sum(know.number(f"leader/{k}/points") * p for k, p in parts.items())
        used: dict[str, float | str | None] = {k: round(v, 2) for k, v in parts.items()}
        found.append(
            RankedShoot(
                s.id,
                points,
                Reason(
                    "leader",
                    _said(know, parts),
                    used,
                    catalogue_ids=tuple(f"leader/{k}/points" for k in parts),
                ),
            )
        )
    ranked = tuple(sorted(found, key=lambda r: (r.points is None, -(r.points or 0.0), r.id)))
    keep = min(len(good), int(know.number(f"leader-form/{form}/keep")))
    text = (
        "All strong shoots stay this season: their leaf feeds the roots. In the second spring "
        f"keep {keep}{', the first the leader' if form == 'leader' else ''}, to a soft tie on a "
        "stake; suckers are looked for at every flush of two seasons."
    )
    first, last = know.numbers("frost/stake-months")
    stake = (
        "Two stakes beside the stem, a soft tie at the lowest point that holds, so that it can "
        f"sway; off after {first:.0f} to {last:.0f} months. Thorns on shoots: gloves and eyes."
    )
    reasons = (
        Reason("keep", text, {"form": form}, catalogue_ids=(f"leader-form/{form}/keep",)),
        Reason("stake", stake, catalogue_ids=("frost/stake-months",)),
    )
    return Leaders(ranked, len(good), keep, reasons)


def spacing_words(know: Knowledge) -> str:
    """Limb per shoot that is left, in words."""
    near, far = know.numbers("frost/thin-spacing")
    return f"{near * 100:.0f} to {far * 100:.0f} cm"


def _said(know: Knowledge, parts: dict[str, float]) -> str:
    """What speaks for a shoot, the weightiest first, and what against it."""
    order = sorted(parts, key=lambda k: -know.number(f"leader/{k}/points"))
    good = [
        know.text(f"leader/{k}/says")
        for k in order
        if parts[k] >= know.number("frost/shoot-strong")
    ]
    weak = [
        know.text(f"leader/{k}/lacks") for k in order if parts[k] < know.number("frost/shoot-weak")
    ]
    text = ", ".join(good) or "nothing speaks strongly for it"
    return f"{text[:1].upper()}{text[1:]}{'; but ' + ', '.join(weak) if weak else ''}."


@dataclass(frozen=True)
class Dated:
    """Something to come back for after shoots were chosen. rule: the catalogue id its date rests
    on.
    """

    kind: GrowOnTask
    due: dt.date
    does: str
    rule: str


def grown_on(
    know: Knowledge,
    chosen: Sequence[str],
    form: str,
    today: dt.date,
    flushes: Sequence[dt.date],
    shape_on: dt.date,
) -> list[Dated]:
    """Stakes and ties, suckers at every flush of two seasons, and the thinning of the second
    spring. chosen: names of the shoots; flushes: starts to come.
    """
    names = ", ".join(chosen)
    keep = int(know.number(f"leader-form/{form}/keep"))
    found = [
        Dated(
            "frost-stake",
            today,
            (
                f"Stake what is grown on ({names}): a soft tie at the lowest point that holds, "
                "loose enough for the stem to sway."
            ),
            "frost/tie-days",
        ),
        Dated(
            "frost-tie",
            today + dt.timedelta(days=know.days("frost/tie-days")),
            f"Look at the ties on {names}: a finger must fit under them.",
            "frost/tie-days",
        ),
        Dated(
            "frost-thin",
            shape_on,
            (
                f"Second spring: keep {min(keep, len(chosen)) or keep} of the shoots, {names} "
                f"first; one per {spacing_words(know)} of limb, the rest off."
            ),
            "frost/thin-spacing",
        ),
    ]
    seasons = know.days("frost/sucker-seasons") * 365
    found += [
        Dated(
            "frost-sucker",
            day,
            "Look for suckers below the union; the rootstock grows fastest now.",
            "frost/sucker-seasons",
        )
        for day in flushes
        if today < day <= today + dt.timedelta(days=seasons)
    ]
    return sorted(found, key=lambda d: (d.due, d.kind))
