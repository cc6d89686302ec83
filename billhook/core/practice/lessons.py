"""The course: lessons in the order of work, each with a few choices and what is said of each, so
that it can be taken without a signal.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..frame.model import Cut
from ..grow.chance import chance
from ..known import Knowledge
from ..words.units import Units
from ..words.values import Saying, Value, listed, say
from .debrief import Debrief, Decided, dangers_of, debrief
from .model import PracticeTree
from .names import plain_names


@dataclass(frozen=True)
class Choice:
    """A decision that is offered, in words, and its debrief. right: nothing is to be done
    otherwise.
    """

    says: Value
    decided: Decided
    found: Debrief
    right: bool


@dataclass(frozen=True)
class Lesson:
    """A practice tree with its choices, in an order of its own. dangers: what could hurt somebody,
    and what is said of it.
    """

    n: int
    tree: PracticeTree
    choices: tuple[Choice, ...]
    dangers: Mapping[str, Saying]


def lesson(know: Knowledge, n: int, tree: PracticeTree, units: Units = "metric") -> Lesson:
    """Choices on a practice tree: what is right, what is often done, and letting it be."""
    seen = frozenset(tree.dangers)
    offers = [Decided(cuts, False, seen) for cuts in _offered(tree) if cuts]
    offers.append(Decided((), True, seen))
    choices = [_choice(know, tree, d, units) for d in dict.fromkeys(offers)]
    choices.sort(key=lambda c: chance(tree.seed, tree.trouble, str(c.decided)))
    return Lesson(n, tree, tuple(choices), dangers_of(know, tree, units))


def _offered(tree: PracticeTree) -> list[tuple[Cut, ...]]:
    """The right cuts; those headed in place of taken off whole, or half of them; and what should
    stay cut in their place.
    """
    right = tree.right
    stay = [p for p in tree.parts if p.act == "leave"]
    length = {x.id: x.length_m for x in tree.frame.limbs}
    headed = tuple(Cut(c.limb, 0.45 * length[c.limb]) for c in right if not c.keep_m)
    wrong = tuple(Cut(p.limb, 0.0) for p in stay[: max(1, len(right))])
    return [right, headed, wrong]


def _choice(know: Knowledge, tree: PracticeTree, decided: Decided, units: Units) -> Choice:
    found = debrief(know, tree, decided, units)
    names = plain_names(tree.frame)
    right = not [r for r in found.remarks if r.kind != "over"]
    return Choice(_says(tree, names, decided.cuts), decided, found, right)


def _says(tree: PracticeTree, names: Mapping[str, Value], cuts: Sequence[Cut]) -> Value:
    if not cuts:
        return say("practice-choice-wait")
    whole = [names[c.limb] for c in cuts if not c.keep_m]
    back = [names[c.limb] for c in cuts if c.keep_m]
    parts = []
    if whole:
        parts.append(say("practice-choice-off", names=listed(whole)))
    if back:
        length = {x.id: x.length_m for x in tree.frame.limbs}
        kept = max(c.keep_m / length[c.limb] for c in cuts if c.keep_m)
        part = "third" if kept > 0.6 else "half"
        parts.append(say("practice-choice-head", names=listed(back), part=part))
    return listed(parts)
