"""From findings to a plan: candidates with what they weigh under a goal, the exact choice of them, and what is put off until when."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from math import ceil

from ..frame.finish import gone_limbs
from ..frame.model import TRUNK, Cut
from ..known import Knowledge
from ..reasons import Reason
from ..season.today import Verdict
from ..walk.suggest import LimbOption, limb_options
from ..walk.tree import WalkTree
from ..words.dates import day_words
from ..words.units import share_words
from .choose import Candidate, Choice, choose_cuts

# what the drawing says of the better one of a pair: it is named as a price, not proposed
_SPARED = frozenset({"rubbed", "parallel-upper"})


@dataclass(frozen=True)
class Proposed:
    """A cut that was weighed. look: the finding that weighs most; why: every reason for it; benefit in points."""

    id: str
    cut: Cut
    name: str
    look: str
    work: str
    must: bool
    named: bool
    benefit: float
    share: float
    fruit: int
    why: tuple[Reason, ...]


@dataclass(frozen=True)
class Left:
    """A cut that is not in the plan: why, and from when it may be made."""

    proposed: Proposed
    why: str
    until: dt.date | None


@dataclass(frozen=True)
class Proposal:
    """A plan. limit: the share it had to keep to. stages: in how many goes what must go fits the limit, 1 where it fits at once."""

    goal: str
    cuts: tuple[Proposed, ...]
    left: tuple[Left, ...]
    share: float
    limit: float
    over_limit: bool
    stages: int
    reasons: tuple[Reason, ...]


def cut_id(cut: Cut) -> str:
    """How a cut is named in pins: its limb, ``@``, and the metres that are kept."""
    return f"{cut.limb}@{cut.keep_m:g}"


def propose(
    know: Knowledge, tree: WalkTree, goal: str, verdicts: Mapping[str, Verdict], named: Sequence[Cut] = (), pins_in: frozenset[str] = frozenset(),
    pins_out: frozenset[str] = frozenset(), limit: float | None = None, weights: Mapping[str, float] | None = None,
) -> Proposal:  # fmt: skip
    """The cuts that bring most under a goal, of those the walk named and those the drawing shows.

    verdicts: by kind of work on the day. limit: in place of the day's share [0..1]. weights: by finding, in place of the catalogue's.
    A plan is a pure function of these.
    """
    offered = _offered(know, tree, goal, named, weights or {})
    works = {p.work for p in offered.values()}
    shares = [v.max_share for w in works if (v := verdicts[w]).max_share is not None and v.status in ("go", "light")]
    room = limit if limit is not None else max(shares, default=0.0)
    open_: dict[str, Proposed] = {}
    left: list[Left] = []
    for key, one in offered.items():
        wait = None if key in pins_in else _waits(one, verdicts[one.work], limit)
        if key in pins_out:
            left.append(Left(one, "you took it out", None))
        elif wait is not None:
            left.append(wait)
        else:
            open_[key] = one
    candidates = [_candidate(know, tree, one, open_, key in pins_in) for key, one in open_.items()]
    choice = choose_cuts(candidates, min(1.0, room))
    left += _put_off(choice, open_, verdicts, room)
    cuts = tuple(open_[i] for i in choice.chosen if i not in choice.covered)
    stages = max(1, ceil(choice.share / room - 1e-9)) if choice.over_limit and room > 0 else 1
    return Proposal(goal, cuts, tuple(left), choice.share, room, choice.over_limit, stages, _why(know, goal, choice, room, stages, verdicts))


def _offered(know: Knowledge, tree: WalkTree, goal: str, named: Sequence[Cut], weights: Mapping[str, float]) -> dict[str, Proposed]:
    """Every cut with a reason, by its id; several findings on one place add up."""
    found: dict[str, Proposed] = {}
    fruit = sum(x.fruit for x in tree.frame.limbs) if tree.frame else 0
    meant = {(c.limb, round(c.keep_m, 3)) for c in named}
    for look in know.rows("plan-weights"):
        weight = weights.get(look, know.number(f"plan-weights/{look}/{goal}"))
        for option in _options(know, tree, look):
            on_walk = (option.limb, round(option.keep_m, 3)) in meant
            if (option.why is None or option.why.code in _SPARED) and not (on_walk and option.why is not None):
                continue
            one = _weighed(know, tree, look, option, weight, on_walk, fruit)
            key = cut_id(one.cut)
            found[key] = _together(found[key], one) if key in found else one
    known = {(p.cut.limb, round(p.cut.keep_m, 3)) for p in found.values()}
    for cut in named:
        if (cut.limb, round(cut.keep_m, 3)) not in known and tree.frame is not None:
            look = "dead" if tree.frame.limb(cut.limb).state != "live" else "sucker" if cut.limb in tree.suckers else "rub"
            option = next(o for o in limb_options("sucker" if look == "sucker" else "dead", tree, know, {}) if o.limb == cut.limb)
            why = Reason("named", "Named on the walk.")
            moved = LimbOption(option.limb, option.name, cut.keep_m, option.share, option.fruit, option.wound_mm, why)
            found[cut_id(cut)] = _weighed(know, tree, look, moved, weights.get(look, know.number(f"plan-weights/{look}/{goal}")), True, fruit)
    return found


def _options(know: Knowledge, tree: WalkTree, look: str) -> list[LimbOption]:
    if look != "upright":
        # before its day frost-hurt wood is not dead, whatever the drawing says
        waits = look == "dead" and tree.waiting_until is not None and tree.day < tree.waiting_until
        return [] if waits else list(limb_options(look, tree, know, {}))
    steep = know.number("plan/upright-rise")
    mains = [x for x in tree.frame.limbs if x.on == TRUNK and x.id not in tree.suckers and x.state == "live"] if tree.frame else []
    upright = {x.id for x in mains if x.rise_deg >= steep}
    strongest = max(mains, key=lambda x: (x.rise_deg * x.base_mm, x.id), default=None)
    said = Reason("most-upright", "The most upright and strongest of the main limbs.", {}, None, None, ("plan/upright-rise",))
    return [
        LimbOption(o.limb, o.name, o.keep_m, o.share, o.fruit, o.wound_mm, said)
        for o in limb_options("wide", tree, know, {})
        if strongest is not None and o.limb == strongest.id and o.limb in upright and len(mains) >= 3
    ]


def _weighed(know: Knowledge, tree: WalkTree, look: str, option: LimbOption, weight: float, on_walk: bool, fruit: int) -> Proposed:
    row = f"plan-weights/{look}"
    must = know.number(f"{row}/must") > 0 or (look == "skirt" and option.why is not None and option.why.code == "touches")
    of_fruit = option.fruit / fruit if fruit else 0.0
    benefit = weight * (know.number("plan/named") if on_walk else 1.0) * max(0.0, 1 - know.number("plan/fruit-weight") * of_fruit)
    free = look == "sucker" or (tree.frame is not None and tree.frame.limb(option.limb).state == "dead")
    why = (option.why,) if option.why else ()
    cut = Cut(option.limb, option.keep_m)
    return Proposed(
        cut_id(cut), cut, option.name, look, know.text(f"{row}/work"), must, on_walk, benefit, 0.0 if free else option.share or 0.0, option.fruit, why
    )


def _together(a: Proposed, b: Proposed) -> Proposed:
    """Two findings on one cut: the weightier gives it its name and work, their points add up."""
    first, other = (a, b) if (a.must, a.benefit) >= (b.must, b.benefit) else (b, a)
    return Proposed(
        first.id, first.cut, first.name, first.look, first.work, a.must or b.must, a.named or b.named, a.benefit + b.benefit, first.share, first.fruit,
        (*first.why, *(w for w in other.why if w not in first.why)),
    )  # fmt: skip


def _waits(one: Proposed, verdict: Verdict, limit: float | None) -> Left | None:
    """Why a cut is not for today; None where it is."""
    if verdict.max_share is None and verdict.status in ("go", "light"):
        return None
    if verdict.status in ("stop", "wait"):
        reason = verdict.reasons[0].text if verdict.reasons else verdict.sentence
        return Left(one, reason, verdict.opens)
    if limit is None and not one.must and verdict.max_share is not None and one.share > verdict.max_share + 1e-9:
        return Left(one, f"{share_words(one.share)} is more than the {share_words(verdict.max_share)} this work may take that day.", verdict.opens)
    return None


def _candidate(know: Knowledge, tree: WalkTree, one: Proposed, all_: Mapping[str, Proposed], pinned: bool) -> Candidate:
    """A cut as the choice sees it: within the nearest cut that would take it along."""
    assert tree.frame is not None
    outer = []
    for key, other in all_.items():
        if other.cut.limb == one.cut.limb:
            if other.cut.keep_m < one.cut.keep_m:
                outer.append((0, -other.cut.keep_m, key))
        elif one.cut.limb in (gone := gone_limbs(tree.frame, [other.cut])):
            outer.append((len([x for x in gone if x == one.cut.limb]) + _depth(tree, one.cut.limb, other.cut.limb), -other.cut.keep_m, key))
    nearest = min(outer)[2] if outer else None
    wound = tree.frame.limb(one.cut.limb).diameter_mm(one.cut.keep_m)
    return Candidate(one.id, int(know.number(f"plan-weights/{one.look}/order-class")), one.must or pinned, one.share, one.benefit, wound, nearest)


def _depth(tree: WalkTree, limb: str, above: str) -> int:
    """How many limbs lie between a limb and one that bears it."""
    assert tree.frame is not None
    steps, at = 0, limb
    while at != above:
        at = tree.frame.limb(at).on
        steps += 1
    return steps


def _put_off(choice: Choice, open_: Mapping[str, Proposed], verdicts: Mapping[str, Verdict], room: float) -> list[Left]:
    left = []
    for off in choice.put_off:
        one = open_[off.id]
        says = {
            "limit": f"it does not fit the {share_words(room)} that is left beside what brings more.", "excluded": "the other of the pair goes.",
            "covered": "it goes with a cut further down.", "no-benefit": "it brings nothing under this goal.",
        }[off.reason]  # fmt: skip
        left.append(Left(one, says[0].upper() + says[1:], verdicts[one.work].opens if off.reason == "limit" else None))
    return left


def _why(know: Knowledge, goal: str, choice: Choice, room: float, stages: int, verdicts: Mapping[str, Verdict]) -> tuple[Reason, ...]:
    used: dict[str, float | str | None] = {"share taken": round(choice.share, 4), "share left": round(room, 4), "points": round(choice.benefit, 2)}
    text = f"Of all cuts that fit {share_words(room)}, these bring most when the aim is {know.text(f'goals/{goal}/says')}."
    found = [Reason("chosen", text, used, None, None, (f"plan-weights/rub/{goal}", "plan/named", "plan/fruit-weight"))]
    if choice.over_limit:
        more = f": in {stages} stages, the largest first, the rest in the next windows" if stages > 1 else ""
        opens = min((v.opens for v in verdicts.values() if v.opens), default=None)
        when = f", the next from {day_words(opens)}" if opens and stages > 1 else ""
        found.append(
            Reason(
                "over-limit",
                f"What must go alone takes {share_words(choice.share)}, more than the {share_words(room)} left{more}{when}.",
                used,
                opens,
            )
        )
    return tuple(found)
