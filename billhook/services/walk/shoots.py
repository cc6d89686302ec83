"""Whose shoot is it, asked of a stored tree: what its record knows is filled in, and one question
comes at a time.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace

from ...core.choice import one_of
from ...core.frost.classes import CLASSES, at_least
from ...core.shoot.case import ShootAnswer, ShootCase, family
from ...core.shoot.judge import judge
from ...core.shoot.odds import asks, clue_words
from ...core.words.values import Value, say
from ...store.trees import TreeRecord, observations, tree_record
from ..season.desk import SeasonDesk
from ..season.of_tree import recorded_pair
from ..workplace import Workplace


@dataclass(frozen=True)
class Question:
    """A clue as it is asked: its answers, and each in words."""

    clue: str
    asks: Value
    answers: tuple[tuple[str, Value], ...]


@dataclass(frozen=True)
class ShootView:
    """The answer so far, the next question if one would settle something, and hazards at the
    place.
    """

    name: str
    answer: ShootAnswer
    question: Question | None
    asked: tuple[Question, ...]
    hazards: tuple[Value, ...]


def whose_shoot(
    at: Workplace,
    tree_id: str,
    clues: Mapping[str, str],
    union_seen: bool = False,
    only_living_shoots: bool = False,
    many_grafts: bool = False,
    diameter_mm: float | None = None,
    skip: tuple[str, ...] = (),
) -> ShootView:
    """Judge a shoot of a tree by what was seen. ``skip``: clues that could not be told, not to be
    asked again.

    Raises: NotFound; InvalidInput for a clue or answer that is none.
    """
    know = at.know
    record, case = _case(at, tree_id)
    case = replace(
        case,
        clues=clues,
        union_seen=union_seen,
        only_living_shoots=only_living_shoots,
        many_grafts=many_grafts,
        diameter_mm=diameter_mm,
    )
    species = record.tree.species
    kin = family(know, species)
    found = judge(case, know, skip)
    # once it is settled nothing more needs asking; the grower may still go on
    question = None if found.verdict != "uncertain" else _question(at, kin, found.ask_next)
    thorns = know.number(f"species/{species}/thorn-mm")
    hazards: list[Value] = [say("shoot-rake")]
    if thorns > 0:
        hazards.append(say("shoot-thorns"))
    if f"species/{species}/hazard" in know:
        hazards.append(know.row(f"species/{species}/hazard"))
    asked = tuple(q for c in clues if (q := _question(at, kin, c)) is not None)
    return ShootView(record.name, found, question, asked, tuple(hazards))


def _case(at: Workplace, tree_id: str) -> tuple[TreeRecord, ShootCase]:
    """What a tree's record knows of any shoot on it."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        seen = observations(session, [tree_id]).get(tree_id, {})
        union_way = SeasonDesk(session, at, at.today()).stance(record)["union-shoots"]
    southern = record.site.latitude < 0
    region = (
        "southern" if southern else at.know.text(f"climates/{record.site.climate}/stock-region")
    )
    frozen = "freeze_class" in seen and at_least(one_of(CLASSES, seen["freeze_class"].value), "F5")
    return record, replace(
        recorded_pair(record),
        region=region,
        after_freeze=frozen,
        date=at.today(),
        southern=southern,
        asks_raised=True,
        at_union=union_way,
    )


def clues_in_order(at: Workplace, tree_id: str) -> list[Question]:
    """The questions for any shoot of a tree in the order that decides soonest before anything is
    known, for a phone without signal. Raises: NotFound.
    """
    record, case = _case(at, tree_id)
    kin, found = family(at.know, record.tree.species), list[Question]()
    skip: tuple[str, ...] = ()
    while (clue := judge(case, at.know, skip).ask_next) is not None and len(skip) < 30:
        skip = (*skip, clue)
        if (question := _question(at, kin, clue)) is not None:
            found.append(question)
    return found


def _question(at: Workplace, kin: str, clue: str | None) -> Question | None:
    if clue is None or clue not in at.know.rows(f"{kin}-clues"):
        return None
    row = f"{kin}-clues/{clue}"
    states = at.know.text(f"{row}/states").split(" ")
    answers = tuple((state, clue_words(at.know, kin, clue, n)) for n, state in enumerate(states))
    return Question(clue, asks(at.know, kin, clue), answers)
