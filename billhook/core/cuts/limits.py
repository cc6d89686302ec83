"""Cuts against the limit of the day: is it within, and what to say when it is not."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass

from ..frame.model import TRUNK
from ..frame.share import FrameAnswer
from ..fruit.by_limb import half_of_few
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import FREE_WORK, WORKS, Work
from ..season.today import Verdict
from ..words.units import Units
from ..words.values import Length, Share, Value, say


@dataclass(frozen=True)
class Against:
    """Running total against the limit. over: share beyond the limit, 0 when within; fits: the
    verdict in one word.
    """

    removed: float
    limit: float | None
    over: float
    fits: bool
    sentence: Value
    reasons: tuple[Reason, ...]


def judged_by(works: Iterable[Work], asked: Work) -> Work:
    """The kind of work that all cuts together are judged by: live wood's, where there is any."""
    made = sorted(set(works), key=WORKS.index)
    live = [w for w in made if w not in FREE_WORK]
    return next(iter((*live, *(w for w in made if w == asked), *reversed(made))), asked)


def share_of(answer: FrameAnswer) -> float:
    """Share of the canopy that cuts take [0..1]; of the wood, where no leaf is known."""
    canopy = answer.canopy_share_removed
    return canopy if canopy is not None else answer.wood_share_removed


def against_limit(
    answer: FrameAnswer,
    verdict: Verdict,
    know: Knowledge,
    counted: float | None,
    units: Units = "metric",
    besides: int = 0,
) -> Against:
    """The cuts' total against the verdict's share limit, and the tree's lowering against a year's.
    counted: the share that counts against the year [0..1], None where all cuts cost no canopy;
    besides: cuts among them that cost none.
    """
    free = counted is None
    removed = share_of(answer) if counted is None else counted
    limit = verdict.max_share
    reasons: list[Reason] = list(_lowering(answer, know, units))
    if (few := half_of_few(know, answer.before.fruit, answer.after.fruit)) is not None:
        reasons.append(few)
    if besides and verdict.status in ("stop", "wait"):
        reasons.append(Reason("free-besides", say("limit-free-besides", n=besides)))
    if (headed := _stem_headed(answer)) is not None:
        return Against(
            headed,
            limit,
            0.0,
            verdict.status in ("go", "light"),
            (say("limit-heads-stem", headed=Share(headed))),
            tuple(reasons),
        )
    if free or removed <= 1e-9:
        return Against(removed, limit, 0.0, True, say("limit-no-canopy"), tuple(reasons))
    if limit is None:
        return Against(
            removed, None, 0.0, True, say("limit-share", removed=Share(removed)), tuple(reasons)
        )
    over = max(0.0, removed - limit)
    if over <= 1e-9:
        return Against(
            removed,
            limit,
            0.0,
            True,
            (say("limit-within", removed=Share(removed), limit=Share(limit), day=verdict.day)),
            tuple(reasons),
        )
    opens = say("limit-put-off", opens=verdict.opens) if verdict.opens else ""
    text = say(
        "limit-over",
        removed=Share(removed),
        limit=Share(limit),
        day=verdict.day,
        over=Share(over),
        opens=opens,
    )
    return Against(removed, limit, over, False, text, tuple(reasons))


def _stem_headed(answer: FrameAnswer) -> float | None:
    """The part of a stem without limbs that goes, or None where nothing of the kind is cut. Which
    of it bears leaf is not drawn.
    """
    whole = answer.canopy_share_removed is None and answer.wood_share_removed == 0
    cut = next((c for c in answer.cuts if c.limb == TRUNK and not c.void), None)
    if not whole or cut is None or answer.before.height_m <= 0:
        return None
    return max(0.0, 1 - cut.keep_m / answer.before.height_m)


def _lowering(answer: FrameAnswer, know: Knowledge, units: Units) -> Sequence[Reason]:
    drop = answer.before.height_m - answer.after.height_m
    most = min(
        know.number("cuts/height-share") * answer.before.height_m, know.number("cuts/height-m")
    )
    if drop <= most + 1e-9:
        return ()
    text = say("limit-lowered", drop=Length(drop, units), most=Length(most, units))
    return (
        Reason(
            "lowered-too-much",
            text,
            {"lowered, m": round(drop, 3), "a year's most, m": round(most, 3)},
            catalogue_ids=("cuts/height-share", "cuts/height-m"),
        ),
    )
