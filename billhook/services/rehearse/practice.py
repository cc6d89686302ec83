"""Practice trees and the course, in the reader's units and half of the earth, under the holding's
own way of working. Nothing of it is kept.
"""

from __future__ import annotations

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
from ...store import places, stances
from ...store.tables import FrameRow
from ..tree.views import FrameView, imagined_view
from ..workplace import Workplace

DANGERS = ("thorns", "ladder", "line", "sap")
_COURSE_SEED = 7


@dataclass(frozen=True)
class Trouble:
    """A trouble: its name, what the grower says, and its place in the course, 0 for none."""

    id: str
    name: str
    story: str
    lesson: int


def troubles(at: Workplace) -> list[Trouble]:
    """Every trouble, those of the course first, in their order."""
    know = at.know
    found = [
        Trouble(
            row,
            know.text(f"practice/{row}/name"),
            know.text(f"practice/{row}/story"),
            int(know.number(f"practice/{row}/lesson")),
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
    kind_name: str
    climate_name: str


@dataclass(frozen=True)
class Talked:
    """A decision talked over, and what the exact plan does under this way of working and others."""

    found: Debrief
    ways: tuple[Course, ...]


def shown(at: Workplace, trouble: str, seed: int) -> Practice:
    """A practice tree. Raises: InvalidInput for a trouble that is none."""
    with at.store.reading() as session:
        return _shown(at, practice_tree(at.know, trouble, seed, _southern(session)))


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
    return Practice(
        next(t for t in troubles(at) if t.id == tree.trouble),
        tree,
        replace(
            imagined_view(row, tree.frame, tree.day, 1, "measured", f"{tree.trouble}-{tree.seed}"),
            names=plain_names(tree.frame),
        ),
        at.know.text(f"species/{tree.kind}/name"),
        at.know.text(f"climates/{tree.climate}/name"),
    )


def _southern(session: Session) -> bool:
    """Whether the holding lies in the south."""
    sites = places.sites(session)
    return bool(sites) and sites[0].latitude < 0


def _stance(session: Session) -> dict[str, str]:
    """The holding's own way of working."""
    holding = places.holding(session)
    return dict(stances.choices(session).get(holding.id, {})) if holding else {}


def talked_over(at: Workplace, trouble: str, seed: int, decided: Decided) -> Talked:
    """A decision on a practice tree, talked over. Raises: InvalidInput."""
    with at.store.reading() as session:
        units, stance = places.units(session), _stance(session)
        tree = practice_tree(at.know, trouble, seed, _southern(session))
    found = debrief(at.know, tree, decided, units)
    return Talked(found, _ways(at.know, trouble, seed, tree.southern, _key(stance)))


def lesson_of(at: Workplace, trouble: str) -> tuple[Practice, Lesson, tuple[Course, ...]]:
    """A lesson of the course with every choice talked over. Raises: InvalidInput."""
    known = {t.id: t.lesson for t in troubles(at) if t.lesson}
    if trouble not in known:
        raise invalid("/id", f"must be one of {', '.join(known)}")
    with at.store.reading() as session:
        units, stance, southern = places.units(session), _stance(session), _southern(session)
    found = _lesson(at.know, known[trouble], trouble, southern, units)
    ways = _ways(at.know, trouble, _COURSE_SEED, southern, _key(stance))
    return _shown(at, found.tree), found, ways


def _key(stance: Mapping[str, str]) -> tuple[tuple[str, str], ...]:
    return tuple(sorted(stance.items()))


@lru_cache(maxsize=64)
def _lesson(know: Knowledge, n: int, row: str, southern: bool, units: Units) -> Lesson:
    return lesson(know, n, practice_tree(know, row, _COURSE_SEED, southern), units)


@lru_cache(maxsize=256)
def _ways(
    know: Knowledge, trouble: str, seed: int, southern: bool, stance: tuple[tuple[str, str], ...]
) -> tuple[Course, ...]:
    return tuple(other_ways(know, practice_tree(know, trouble, seed, southern), dict(stance)))
