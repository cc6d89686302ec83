"""What a plan leaves out, and why."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..season.today import Verdict
from ..walk.tree import WalkTree
from ..words.values import Share, Value, say
from .choose import Choice
from .offer import Proposed
from .stages import Stage


@dataclass(frozen=True)
class Left:
    """A cut that is not in the plan: why, and from when it may be made. idle: no window would
    change that.
    """

    proposed: Proposed
    why: Value
    until: dt.date | None
    idle: bool = False


def depth_of(tree: WalkTree, limb: str, above: str) -> int:
    """How many limbs lie between a limb and one that bears it."""
    assert tree.frame is not None
    steps, at = 0, limb
    while at != above:
        at = tree.frame.limb(at).on
        steps += 1
    return steps


def left_out(
    choice: Choice, open_: Mapping[str, Proposed], verdicts: Mapping[str, Verdict], room: float
) -> list[Left]:
    left = []
    for off in choice.put_off:
        one = open_[off.id]
        says = {
            "limit": say("left-out-room", room=Share(room)),
            "excluded": say("left-out-pair"),
            "covered": say("left-out-further-down"),
            "no-benefit": say("left-out-nothing"),
        }[off.reason]
        left.append(
            Left(
                one,
                says,
                verdicts[one.work].opens if off.reason == "limit" else None,
                off.reason != "limit",
            )
        )
    return left


def why_left(
    know: Knowledge, goal: str, choice: Choice, room: float, stages: Sequence[Stage]
) -> tuple[Reason, ...]:
    used: dict[str, float | str | None] = {
        "share taken": round(choice.share, 4),
        "share left": round(room, 4),
        "points": round(choice.benefit, 2),
    }
    text = say("choice-best", room=Share(room), says=know.row(f"goals/{goal}/says"))
    found = [
        Reason(
            "chosen",
            text,
            used,
            catalogue_ids=(f"plan-weights/rub/{goal}", "plan/named", "plan/fruit-weight"),
        )
    ]
    if choice.over_limit:
        more = [s.day for s in stages[1:]]
        when = say("choice-stages", stages=len(stages), day=more[0]) if more else ""
        text = say("choice-alone", share=Share(min(1.0, choice.share)), room=Share(room), when=when)
        found.append(Reason("over-limit", text, used, date=more[0] if more else None))
    if any(s.over for s in stages):
        text = say("choice-too-big")
        found.append(Reason("one-too-large", text))
    return tuple(found)
