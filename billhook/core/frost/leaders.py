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
from ..words.values import Capital, Rounded, Saying, Value, listed, say


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
            found.append(RankedShoot(s.id, None, Reason("below-union", say("leader-stock"))))
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
    text = say("leader-keep", keep=keep, form=form)
    first, last = know.numbers("frost/stake-months")
    stake = say("leader-stakes", first=Rounded(first), last=Rounded(last))
    reasons = (
        Reason("keep", text, {"form": form}, catalogue_ids=(f"leader-form/{form}/keep",)),
        Reason("stake", stake, catalogue_ids=("frost/stake-months",)),
    )
    return Leaders(ranked, len(good), keep, reasons)


def spacing_words(know: Knowledge) -> Value:
    """Limb per shoot that is left, in words."""
    near, far = know.numbers("frost/thin-spacing")
    return say("hand-widths", near=Rounded(near * 100), far=Rounded(far * 100))


def _said(know: Knowledge, parts: dict[str, float]) -> Saying:
    """What speaks for a shoot, the weightiest first, and what against it."""
    order = sorted(parts, key=lambda k: -know.number(f"leader/{k}/points"))
    good = [
        know.row(f"leader/{k}/says") for k in order if parts[k] >= know.number("frost/shoot-strong")
    ]
    weak = [
        know.row(f"leader/{k}/lacks") for k in order if parts[k] < know.number("frost/shoot-weak")
    ]
    text = Capital(listed(good) if good else say("leader-nothing"))
    return (
        say("leader-for-but", good=text, weak=listed(weak))
        if weak
        else say("leader-for", good=text)
    )


@dataclass(frozen=True)
class Dated:
    """Something to come back for after shoots were chosen. rule: the catalogue id its date rests
    on.
    """

    kind: GrowOnTask
    due: dt.date
    does: Value
    rule: str


def grown_on(
    know: Knowledge,
    chosen: Sequence[Value],
    form: str,
    today: dt.date,
    flushes: Sequence[dt.date],
    shape_on: dt.date,
) -> list[Dated]:
    """Stakes and ties, suckers at every flush of two seasons, and the thinning of the second
    spring. chosen: names of the shoots; flushes: starts to come.
    """
    names = listed(chosen)
    keep = int(know.number(f"leader-form/{form}/keep"))
    found = [
        Dated("frost-stake", today, (say("leader-stake-these", names=names)), "frost/tie-days"),
        Dated(
            "frost-tie",
            today + dt.timedelta(days=know.days("frost/tie-days")),
            say("leader-ties", names=names),
            "frost/tie-days",
        ),
        Dated(
            "frost-thin",
            shape_on,
            (
                say(
                    "leader-second-spring",
                    keep=min(keep, len(chosen)) or keep,
                    names=names,
                    spacing=spacing_words(know),
                )
            ),
            "frost/thin-spacing",
        ),
    ]
    seasons = know.days("frost/sucker-seasons") * 365
    found += [
        Dated("frost-sucker", day, say("leader-suckers"), "frost/sucker-seasons")
        for day in flushes
        if today < day <= today + dt.timedelta(days=seasons)
    ]
    return sorted(found, key=lambda d: (d.due, d.kind))
