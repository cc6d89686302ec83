"""Practice trees and the course, in the reader's units and half of the earth, under the holding's
own way of working. Nothing of it is kept.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, replace
from functools import lru_cache

from sqlmodel import Session

from ...core.errors import invalid
from ...core.known import Knowledge
from ...core.practice.debrief import Course, Debrief, Decided, debrief
from ...core.practice.lessons import Lesson, lesson
from ...core.practice.model import PracticeTree
from ...core.practice.names import plain_names
from ...core.practice.tree import practice_tree
from ...core.practice.ways import other_ways
from ...core.words.units import Units
from ...core.words.values import Value, listed, say
from ...store import places, stances
from ...store.tables import FrameRow
from ..tree.views import FrameView, imagined_view
from ..workplace import Workplace

DANGERS = ("thorns", "ladder", "line", "sap")
_COURSE_SEED = 7


@dataclass(frozen=True)
class NamedKind:
    """A kind of tree by its catalogue row, and its name."""

    id: str
    name: Value


@dataclass(frozen=True)
class Trouble:
    """A trouble: its name, what the grower says, its place in the course, 0 for none, and the kinds
    it is met in.
    """

    id: str
    name: Value
    story: Value
    lesson: int
    kinds: tuple[NamedKind, ...]


def troubles(at: Workplace) -> list[Trouble]:
    """Every trouble, those of the course first, in their order."""
    know = at.know
    found = [
        Trouble(
            row,
            know.row(f"practice/{row}/name"),
            know.row(f"practice/{row}/story"),
            int(know.number(f"practice/{row}/lesson")),
            tuple(
                NamedKind(k, know.row(f"species/{k}/name"))
                for k in know.text(f"practice/{row}/kinds").split()
            ),
        )
        for row in know.rows("practice")
    ]
    return sorted(found, key=lambda t: t.lesson or 99)


@dataclass(frozen=True)
class Practice:
    """A practice tree as it is shown: its story, drawing, and where it stands."""

    trouble: Trouble
    tree: PracticeTree
    view: FrameView
    kind_name: Value
    climate_name: Value
    pot_l: float | None


@dataclass(frozen=True)
class Talked:
    """A decision talked over, and what the exact plan does under this way of working and others."""

    found: Debrief
    ways: tuple[Course, ...]


def comes_back(at: Workplace) -> list[int]:
    """After how many days a lesson that went wrong comes back: once, twice, and from then on."""
    return [int(d) for d in at.know.numbers("practice-tree/comes-back")]


def days_of(at: Workplace, tree: PracticeTree) -> list[dt.date]:
    """The days on which it may be cut: the one on which it is met, and later ones."""
    return [tree.day + dt.timedelta(days=d) for d in at.know.numbers("practice-tree/days")]


def shown(at: Workplace, trouble: str, seed: int, kind: str | None = None) -> Practice:
    """A practice tree. Raises: InvalidInput for a trouble that is none, or a kind in which it is
    not met.
    """
    with at.store.reading() as session:
        return _shown(at, practice_tree(at.know, trouble, seed, _southern(session), kind))


def _shown(at: Workplace, tree: PracticeTree) -> Practice:
    trunk = tree.frame.trunk
    row = FrameRow(
        tree_id="",
        stem_id="",
        seq=1,
        date=tree.day,
        origin="measured",
        union_m=tree.frame.union_m,
        trunk_mm=trunk.diameter_mm,
        trunk_m=trunk.height_m,
    )
    # whether a bare limb is dead is the question, and not told by how it is drawn
    limbs = tuple(replace(x, state="live") for x in tree.frame.limbs)
    drawn, name = replace(tree.frame, limbs=limbs), f"{tree.trouble}-{tree.seed}"
    return Practice(
        next(t for t in troubles(at) if t.id == tree.trouble),
        tree,
        replace(
            imagined_view(row, drawn, tree.day, 1, "measured", name), names=plain_names(tree.frame)
        ),
        at.know.row(f"species/{tree.kind}/name"),
        at.know.row(f"climates/{tree.climate}/name"),
        at.know.number("practice-tree/pot") if tree.tree.in_pot else None,
    )


def _southern(session: Session) -> bool:
    """Whether the holding lies in the south."""
    sites = places.sites(session)
    return bool(sites) and sites[0].latitude < 0


def _stance(session: Session) -> dict[str, str]:
    """The holding's own way of working."""
    holding = places.holding(session)
    return dict(stances.choices(session).get(holding.id, {})) if holding else {}


def talked_over(at: Workplace, tree: PracticeTree, decided: Decided) -> Talked:
    """A decision on a practice tree, talked over. Raises: InvalidInput."""
    with at.store.reading() as session:
        units, stance = places.units(session), _stance(session)
    ways = _ways(at.know, (tree.trouble, tree.seed, tree.southern, tree.kind), _key(stance))
    planned = {c.limb for w in ways for c in w.cuts}
    return Talked(debrief(at.know, tree, decided, units, planned), ways)


def lesson_of(at: Workplace, trouble: str) -> tuple[Practice, Lesson, tuple[Course, ...]]:
    """A lesson of the course with every choice talked over. Raises: InvalidInput."""
    known = {t.id: t.lesson for t in troubles(at) if t.lesson}
    if trouble not in known:
        raise invalid("/id", say("bad-must-be-one-of", known=listed(known)))
    with at.store.reading() as session:
        units, stance, southern = places.units(session), _stance(session), _southern(session)
    found = _lesson(at.know, known[trouble], trouble, southern, units)
    named = (trouble, _COURSE_SEED, southern, found.tree.kind)
    ways = _ways(at.know, named, _key(stance))
    return _shown(at, found.tree), found, ways


def _key(stance: Mapping[str, str]) -> tuple[tuple[str, str], ...]:
    return tuple(sorted(stance.items()))


@lru_cache(maxsize=64)
def _lesson(know: Knowledge, n: int, row: str, southern: bool, units: Units) -> Lesson:
    return lesson(know, n, practice_tree(know, row, _COURSE_SEED, southern), units)


@lru_cache(maxsize=256)
def _ways(
    know: Knowledge, named: tuple[str, int, bool, str], stance: tuple[tuple[str, str], ...]
) -> tuple[Course, ...]:
    """named: trouble, seed, half of the earth and kind of the tree."""
    return tuple(other_ways(know, practice_tree(know, *named), dict(stance)))
