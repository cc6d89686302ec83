"""Which cuts a day allows: each by its own verdict, and what holds for the choice of the rest."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from ..season.today import Verdict
from ..words.values import Share, say
from .left_out import Left
from .offer import Proposed

MAY = ("go", "light")


def widest(verdicts: Iterable[Verdict]) -> float:
    """The largest share that any of the works may take that day."""
    return max(
        (v.max_share for v in verdicts if v.status in MAY and v.max_share is not None), default=0.0
    )


def in_force(
    verdicts: Mapping[str, Verdict], open_: Mapping[str, Proposed], each: Mapping[str, Verdict]
) -> Mapping[str, Verdict]:
    """Verdicts by kind of work; of work that the tree is closed for, that of the limbs which may be
    cut all the same.
    """
    spared = {p.work: each[k] for k, p in open_.items() if verdicts[p.work].status not in MAY}
    return {**verdicts, **spared}


def sorted_out(
    offers: Mapping[str, Proposed],
    each: Mapping[str, Verdict],
    pins_in: frozenset[str],
    pins_out: frozenset[str],
    limit: float | None,
) -> tuple[dict[str, Proposed], list[Left]]:
    """What may be chosen today, and what may not, with why. each: the verdict of each cut."""
    open_: dict[str, Proposed] = {}
    left: list[Left] = []
    for key, one in offers.items():
        wait = None if key in pins_in else _waits(one, each[key], limit)
        if key in pins_out:
            left.append(Left(one, say("left-out-by-you"), None))
        elif wait is not None:
            left.append(wait)
        else:
            open_[key] = one
    return open_, left


def _waits(one: Proposed, verdict: Verdict, limit: float | None) -> Left | None:
    """Why a cut is not for today; None where it is."""
    if verdict.max_share is None and verdict.status in ("go", "light"):
        return None
    if verdict.status in ("stop", "wait"):
        reason = verdict.reasons[0].says if verdict.reasons else verdict.sentence
        return Left(one, reason, verdict.opens)
    if (
        limit is None
        and not one.must
        and verdict.max_share is not None
        and one.share > verdict.max_share + 1e-9
    ):
        return Left(
            one,
            say("left-out-more", share=Share(one.share), most=Share(verdict.max_share)),
            verdict.opens,
        )
    return None
