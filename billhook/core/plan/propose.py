"""From findings to a plan: candidates with what they weigh under a goal, the exact choice of them,
and what is put off until when.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace

from ..choice import one_of
from ..frame.finish import gone_limbs
from ..frame.model import Cut
from ..frame.outline import Outline
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import FREE_WORK, WORKS, Work
from ..season.today import Verdict
from ..walk.tree import WalkTree
from ..words.values import say
from .choose import Choice, choose_cuts
from .knapsack import Candidate
from .left_out import Left, depth_of, left_out, why_left
from .may import in_force, sorted_out, widest
from .offer import Proposed, offered
from .schools import school_reasons
from .stages import Stage, Window, staged
from .wall import fitting, how


@dataclass(frozen=True)
class Proposal:
    """A plan. limit: the share it had to keep to. stages: what does not fit at once, window by
    window, today's first where what must go exceeds the limit; unplaced: what no window has room
    for. outline: the wall it follows, set out by so much [m] to keep to the limit.
    """

    goal: str
    cuts: tuple[Proposed, ...]
    left: tuple[Left, ...]
    share: float
    limit: float
    over_limit: bool
    stages: tuple[Stage, ...]
    unplaced: tuple[str, ...]
    reasons: tuple[Reason, ...]
    outline: Outline | None
    set_out_m: float


def propose(
    know: Knowledge,
    tree: WalkTree,
    goal: str,
    verdicts: Mapping[str, Verdict],
    named: Sequence[Cut] = (),
    pins_in: frozenset[str] = frozenset(),
    pins_out: frozenset[str] = frozenset(),
    limit: float | None = None,
    weights: Mapping[str, float] | None = None,
    by: str = "hand",
    outline: Outline | None = None,
    windows: Sequence[Window] = (),
    bare: Mapping[str, Verdict] | None = None,
) -> Proposal:
    """The cuts that bring most under a goal, of those the walk named and those the drawing shows.

    verdicts: by kind of work on the day. limit: in place of the day's share [0..1]. weights: by
    finding, in place of the catalogue's. by: ``hand``; ``ragged`` by hand back to an outline;
    ``machine`` along it, set out until one pass keeps to the limit. windows: coming days on which
    work may go on. bare: verdicts of limbs that carry none of a crop that was counted, where one
    was.
    """
    outline, set_out = _fitted(know, tree, by, outline, verdicts, limit)
    offers = offered(know, tree, goal, named, weights or {}, by, outline)
    each = {k: (verdicts if o.fruit else bare or verdicts)[o.work] for k, o in offers.items()}
    room = limit if limit is not None else widest(each.values())
    open_, left = sorted_out(offers, each, pins_in, pins_out, limit)
    verdicts = in_force(verdicts, open_, each)
    choice, room, more_left = _choice(know, tree, open_, verdicts, pins_in, limit, room)
    left += more_left
    cuts = tuple(open_[i] for i in choice.chosen if i not in choice.covered)
    stages, unplaced = _staged(
        know, tree, offers, pins_out, choice, {c.id for c in cuts}, tuple(left), windows, room
    )
    reasons = [
        *why_left(know, goal, choice, room, stages),
        *school_reasons(know, tree.stances, {p.look for p in offers.values()}),
        *_of_the_wall(know, tree, by, outline, set_out, room, offers),
    ]
    return Proposal(
        goal,
        cuts,
        tuple(_asked_for(know, goal, weights or {}, left)),
        choice.share,
        room,
        choice.over_limit,
        stages,
        unplaced,
        tuple(reasons),
        outline,
        set_out,
    )


def _fitted(
    know: Knowledge,
    tree: WalkTree,
    by: str,
    outline: Outline | None,
    verdicts: Mapping[str, Verdict],
    limit: float | None,
) -> tuple[Outline | None, float]:
    """The wall a machine may cut in one pass, and by how much it is set out for it [m]."""
    if by != "machine" or outline is None:
        return outline, 0.0
    a_pass = verdicts["hedge"].max_share if limit is None else limit
    return fitting(know, tree, outline, 1.0 if a_pass is None else a_pass)


def _of_the_wall(
    know: Knowledge,
    tree: WalkTree,
    by: str,
    outline: Outline | None,
    set_out: float,
    room: float,
    offers: Mapping[str, Proposed],
) -> tuple[Reason, ...]:
    if outline is None or by == "hand":
        return ()
    thick = sum(p.look == "wall" and not p.must for p in offers.values())
    return (how(know, tree, by, outline, set_out, room, thick),)


def _choice(
    know: Knowledge,
    tree: WalkTree,
    open_: Mapping[str, Proposed],
    verdicts: Mapping[str, Verdict],
    pins_in: frozenset[str],
    limit: float | None,
    room: float,
) -> tuple[Choice, float, list[Left]]:
    """The best of what is open, the share it had to keep to, and what was left for it."""
    candidates = [_candidate(know, tree, one, open_, key in pins_in) for key, one in open_.items()]
    choice, dropped = choose_cuts(candidates, min(1.0, room)), set[str]()
    if limit is None:
        choice, room, dropped = _each_within(candidates, choice, room, open_, verdicts)
    others = say("left-out-others")
    left = [Left(open_[i], others, verdicts[open_[i].work].opens) for i in sorted(dropped)]
    return choice, room, [*left, *left_out(choice, open_, verdicts, room)]


def _asked_for(
    know: Knowledge, goal: str, own: Mapping[str, float], left: Sequence[Left]
) -> list[Left]:
    """What a goal does not ask for may be pinned in, and is no finding else."""
    asked = {k for k in know.rows("plan-weights") if _weight(know, goal, k, own) > 0}
    return [x for x in left if x.proposed.must or x.proposed.look in asked]


def _weight(know: Knowledge, goal: str, look: str, own: Mapping[str, float]) -> float:
    return own.get(look, know.number(f"plan-weights/{look}/{goal}"))


def main_work(cuts: Iterable[Proposed], verdicts: Mapping[str, Verdict]) -> Work:
    """The kind of work a plan and its sheet go by: the one that takes most of those whose share
    holds the whole; what is free never speaks for live wood.
    """
    made = list(cuts)
    live = [p for p in made if p.work not in FREE_WORK]
    taken: dict[Work, float] = {}
    for one in live or made:
        work = one_of(WORKS, one.work)
        taken[work] = taken.get(work, 0.0) + one.share
    total = sum(taken.values())

    def holds(work: Work) -> float:
        most = verdicts[work].max_share
        return min(total, 1.0 if most is None else most) if taken[work] > 0 else -1.0

    return max(
        sorted(taken, key=WORKS.index), key=lambda w: (round(holds(w), 9), taken[w]), default="thin"
    )


def _each_within(
    candidates: Sequence[Candidate],
    choice: Choice,
    room: float,
    open_: Mapping[str, Proposed],
    verdicts: Mapping[str, Verdict],
) -> tuple[Choice, float, set[str]]:
    """The choice with every kind of work within its own share of the day, and the whole within the
    widest of those that are cut.

    What a kind has no room for is left out, the most of it kept; musts stay. Returns the choice,
    the room it had, and what was left out.
    """
    dropped: set[str] = set()
    most = {w: v.max_share for w, v in verdicts.items() if v.max_share is not None}
    for work in WORKS:
        mine = [c for c in candidates if open_[c.id].work == work and c.id not in dropped]
        if (
            work in most
            and sum(c.share for c in mine if c.id in choice.chosen and c.id not in choice.covered)
            > most[work] + 1e-9
        ):
            ids = {c.id for c in mine}
            alone = [
                replace(
                    c,
                    within=c.within if c.within in ids else None,
                    excludes=tuple(e for e in c.excludes if e in ids),
                )
                for c in mine
            ]
            keep = choose_cuts(alone, most[work]).chosen
            dropped |= {c.id for c in mine if not c.must and c.id not in keep}
            choice = choose_cuts(_without(candidates, dropped), min(1.0, room))
    while not choice.over_limit and choice.share > 1e-9:
        widest = max(
            (most.get(open_[i].work, 1.0) for i in choice.chosen if open_[i].share > 0),
            default=room,
        )
        if choice.share <= widest + 1e-9:
            break
        room = widest
        choice = choose_cuts(_without(candidates, dropped), room)
    return choice, room, dropped


def _without(candidates: Sequence[Candidate], dropped: set[str]) -> list[Candidate]:
    rest = {c.id for c in candidates} - dropped
    return [
        replace(
            c,
            within=c.within if c.within in rest else None,
            excludes=tuple(e for e in c.excludes if e in rest),
        )
        for c in candidates
        if c.id in rest
    ]


def _staged(
    know: Knowledge,
    tree: WalkTree,
    offers: Mapping[str, Proposed],
    out: frozenset[str],
    choice: Choice,
    cuts: set[str],
    left: Sequence[Left],
    windows: Sequence[Window],
    room: float,
) -> tuple[tuple[Stage, ...], tuple[str, ...]]:
    """What waits, over the coming windows; with what is cut today laid out anew where obligations
    exceed the limit.
    """
    idle = {x.proposed.id for x in left if x.idle} | set(out) | set(choice.covered)
    waiting = {
        k: o for k, o in offers.items() if k not in idle and (choice.over_limit or k not in cuts)
    }
    candidates = [
        _candidate(know, tree, one, waiting, False)
        for one in waiting.values()
        if one.benefit > 0 or one.must
    ]
    if not choice.over_limit:
        return staged(candidates, {k: o.work for k, o in waiting.items()}, windows, choice.share)
    today = Window(
        tree.day,
        windows[0].year if windows else tree.day,
        dict.fromkeys({o.work for k, o in waiting.items() if k in cuts}, room),
    )
    return staged(candidates, {k: o.work for k, o in waiting.items()}, (today, *windows), 0.0)


def _candidate(
    know: Knowledge, tree: WalkTree, one: Proposed, all_: Mapping[str, Proposed], pinned: bool
) -> Candidate:
    """A cut as the choice sees it: within the nearest cut that would take it along."""
    assert tree.frame is not None
    outer = []
    for key, other in all_.items():
        if other.cut.limb == one.cut.limb:
            if other.cut.keep_m < one.cut.keep_m:
                outer.append((0, -other.cut.keep_m, key))
        elif one.cut.limb in (gone := gone_limbs(tree.frame, [other.cut])):
            outer.append(
                (
                    len([x for x in gone if x == one.cut.limb])
                    + depth_of(tree, one.cut.limb, other.cut.limb),
                    -other.cut.keep_m,
                    key,
                )
            )
    nearest = min(outer)[2] if outer else None
    wound = tree.frame.limb(one.cut.limb).diameter_mm(one.cut.keep_m)
    return Candidate(
        one.id,
        int(know.number(f"plan-weights/{one.look}/order-class")),
        one.must or pinned,
        one.share,
        one.benefit,
        wound,
        nearest,
    )
