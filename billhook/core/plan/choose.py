"""Which cuts bring most within the share that is left: exact, not greedy.

Cuts that must be made are always in. Of the others the set with the greatest benefit within the
limit is found by merging the undominated pairs of share and benefit, subtree by subtree (Nemhauser
and Ullmann 1969, source named from memory, not consulted): a cut that lies beyond another is either
inside it or apart from it, so that the candidates form a forest. Where they rule so many others out
that this takes long, an integer programme chooses (:mod:`.programme`).
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Any

from ..errors import FieldProblem, InvalidInput, invalid
from ..words.values import say
from .knapsack import TIES, TINY, Candidate, TooMany, knapsack
from .programme import by_programme

_TURNS = 150
"""So many exclusions are split on before the integer programme is asked."""


@dataclass(frozen=True)
class PutOff:
    """A cut that is not in the choice, and why: ``limit``, ``excluded``, ``covered`` or
    ``no-benefit``.
    """

    id: str
    reason: str


@dataclass(frozen=True)
class Choice:
    """The cuts chosen in the order of the work. covered: cuts that must go and fall with a chosen
    one. over_limit: what must go alone exceeds the limit.
    """

    chosen: tuple[str, ...]
    share: float
    benefit: float
    over_limit: bool
    put_off: tuple[PutOff, ...]
    covered: tuple[str, ...]


def choose_cuts(candidates: Sequence[Candidate], limit: float) -> Choice:
    """The exact choice within ``limit`` [0..1]. Ties go to the earlier order classes, then to the
    smaller total wound, then by id.

    Our rule: a cut that brings nothing, or less than the musts it covers, is never chosen. Raises:
    InvalidInput for unknown or circular nesting, or for musts that exclude each other.
    """
    by_id = _checked(candidates, limit)
    above = {c.id: _chain(c, by_id) for c in candidates}
    musts = [c for c in candidates if c.must]
    paid = [m for m in musts if not any(by_id[a].must for a in above[m.id])]
    owed = sum(m.share for m in paid)
    barred = {e for m in musts for e in m.excludes} | {
        c.id for c in candidates if any(e in by_id and by_id[e].must for e in c.excludes)
    }
    under_must = {c.id for c in candidates if any(by_id[a].must for a in above[c.id])}
    # an outer cut brings its own benefit less that of the musts it covers, so that what is
    # maximised is what is reported
    gains = {
        c.id: c.benefit - sum(m.benefit for m in paid if c.id in above[m.id])
        for c in candidates
        if not c.must
    }
    open_ = [
        replace(c, benefit=gains[c.id])
        for c in candidates
        if gains.get(c.id, 0) > 0 and c.id not in barred and c.id not in under_must
    ]
    costs = {
        c.id: max(0.0, c.share - sum(m.share for m in paid if c.id in above[m.id])) for c in open_
    }
    room = limit - owed
    picked = _best(_Open(open_, costs, above), room) if room > -TINY else frozenset[str]()
    taken = {m.id for m in musts} | picked
    covered = {m.id for m in musts if picked & set(above[m.id])} | {
        m.id for m in musts if m not in paid
    }
    listed = sorted((by_id[i] for i in taken), key=lambda c: (c.order_class, c.id))
    put_off = tuple(
        PutOff(c.id, _why_not(c, gains[c.id], picked, barred, under_must, above))
        for c in candidates
        if c.id not in taken
    )
    share = owed + sum(costs[i] for i in picked)
    benefit = sum(m.benefit for m in paid) + sum(gains[i] for i in picked)
    chosen, over = tuple(c.id for c in listed), owed > limit + TINY
    return Choice(chosen, share, benefit, over, put_off, tuple(sorted(covered)))


def _why_not(
    c: Candidate,
    gain: float,
    picked: frozenset[str],
    barred: set[str],
    under_must: set[str],
    above: dict[str, tuple[str, ...]],
) -> str:
    if c.id in under_must or picked & set(above[c.id]):
        return "covered"
    if gain <= 0:
        return "no-benefit"
    return "excluded" if c.id in barred or picked & set(c.excludes) else "limit"


def _checked(candidates: Sequence[Candidate], limit: float) -> dict[str, Candidate]:
    by_id: dict[str, Candidate] = {}
    problems = (
        [] if 0 <= limit <= 1 else [FieldProblem("/limit", say("bad-between", low=0, high=1))]
    )
    for i, c in enumerate(candidates):
        if c.id in by_id:
            problems.append(FieldProblem(f"/candidates/{i}/id", say("bad-is-named-twice", id=c.id)))
        by_id[c.id] = c
    for i, c in enumerate(candidates):
        if c.within is not None and c.within not in by_id:
            problems.append(
                FieldProblem(
                    f"/candidates/{i}/within", say("bad-there-is-no-candidate", within=c.within)
                )
            )
        for j, other in enumerate(c.excludes):
            if other not in by_id or other == c.id:
                problems.append(
                    FieldProblem(
                        f"/candidates/{i}/excludes/{j}",
                        say("bad-there-is-no-other-candidate", other=other),
                    )
                )
            elif c.must and by_id[other].must:
                problems.append(
                    FieldProblem(
                        f"/candidates/{i}/excludes/{j}",
                        say("bad-and-must-both-be-cut-and", id=c.id, other=other),
                    )
                )
    if problems:
        raise InvalidInput(problems)
    for i, c in enumerate(candidates):
        at, seen = c.within, {c.id}
        while at is not None:
            if at in seen:
                raise invalid(f"/candidates/{i}/within", say("bad-lies-within-itself-in-a-circle"))
            seen.add(at)
            at = by_id[at].within
    return by_id


def _chain(c: Candidate, by_id: dict[str, Candidate]) -> tuple[str, ...]:
    """Candidates whose cut takes this one along, the nearest first."""
    found, at = [], c.within
    while at is not None:
        found.append(at)
        at = by_id[at].within
    return tuple(found)


@dataclass(frozen=True)
class _Open:
    """Cuts that are open to choice: what each costs, which cut takes it along, and which it rules
    out.
    """

    items: Sequence[Candidate]
    costs: Mapping[str, float]
    above: Mapping[str, tuple[str, ...]]

    @cached_property
    def by_id(self) -> dict[str, Candidate]:
        return {c.id: c for c in self.items}

    @cached_property
    def against(self) -> dict[str, set[str]]:
        """What each rules out, said by either of the two."""
        return {
            c.id: set(c.excludes) | {o.id for o in self.items if c.id in o.excludes}
            for c in self.items
        }

    def benefit(self, chosen: Iterable[str]) -> float:
        return sum(self.by_id[i].benefit for i in chosen)

    def along(self, one: str, chosen: Iterable[str]) -> bool:
        """Whether a cut goes with one that is chosen, or takes one of them along."""
        return any(c in self.above[one] or one in self.above[c] for c in chosen)

    def key(self, chosen: Iterable[str]) -> tuple[Any, ...]:
        """What decides among sets that bring the same: order classes, wounds, names."""
        cuts = [self.by_id[i] for i in chosen]
        return (
            tuple(sorted(c.order_class for c in cuts)),
            round(sum(c.wound_mm for c in cuts), 6),
            tuple(sorted(c.id for c in cuts)),
        )


def _best(open_: _Open, room: float) -> frozenset[str]:
    """The best set of cuts that may be made: the relaxed problem without exclusions, split on the
    first exclusion it breaks.
    """
    best, best_benefit = frozenset[str](), -1.0
    turns = 0
    # forbidden, wanted
    waiting: list[tuple[frozenset[str], frozenset[str]]] = [(frozenset(), frozenset())]
    while waiting:
        forbidden, wanted = waiting.pop()
        turns += 1
        if turns > _TURNS:
            return _by_programme(open_, room)
        fixed = sum(open_.costs[i] for i in wanted)
        if fixed > room + TINY:
            continue
        ruled_out = {e for w in wanted for e in open_.against[w]}
        free = [
            c
            for c in open_.items
            if c.id not in forbidden | ruled_out | wanted and not open_.along(c.id, wanted)
        ]
        try:
            found = knapsack(free, open_.costs, open_.above, room - fixed) | wanted
        except TooMany:
            return _by_programme(open_, room)
        benefit = open_.benefit(found)
        if benefit < best_benefit - TINY:
            continue
        pairs = ((i, e) for i in sorted(found) for e in sorted(open_.against[i]) if e in found)
        clash = next(pairs, None)
        if clash is None:
            if benefit > best_benefit + TINY or open_.key(found) < open_.key(best):
                best, best_benefit = found, benefit
        else:
            waiting += [(forbidden | {clash[0]}, wanted), (forbidden, wanted | {clash[0]})]
    return _untie(open_, room, best)


def _by_programme(open_: _Open, room: float) -> frozenset[str]:
    found = by_programme(open_.items, open_.costs, open_.against, open_.above, room)
    return _untie(open_, room, found)


def _untie(open_: _Open, room: float, best: frozenset[str]) -> frozenset[str]:
    """Among the sets that bring as much as the best, the one whose order classes, then wounds, come
    first; looked for within a bound.
    """
    goal, costs = open_.benefit(best), open_.costs
    order = sorted(open_.items, key=lambda c: (-c.benefit / (costs[c.id] + TINY), c.id))
    steps = 0

    def bound(at: int, left: float) -> float:
        total, left = 0.0, max(0.0, left)
        for c in order[at:]:
            cost = costs[c.id]
            if cost > left:
                return total + c.benefit * left / cost
            left -= cost
            total += c.benefit
        return total

    def walk(at: int, left: float, got: float, taken: frozenset[str]) -> None:
        nonlocal best, steps
        steps += 1
        if steps > TIES or got + bound(at, left) < goal - TINY:
            return
        if at == len(order):
            if open_.key(taken) < open_.key(best):
                best = taken
            return
        c = order[at]
        apart = not taken & open_.against[c.id] and not open_.along(c.id, taken)
        if apart and costs[c.id] <= left + TINY:
            walk(at + 1, left - costs[c.id], got + c.benefit, taken | {c.id})
        walk(at + 1, left, got, taken)

    walk(0, room, 0.0, frozenset())
    return best
