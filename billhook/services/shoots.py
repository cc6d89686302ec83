"""Whose shoot is it, asked of a stored tree: what its record knows is filled in, and one question comes at a time."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..core.shoot.judge import ShootAnswer, ShootCase, family, judge
from ..store.trees import observations, tree_record
from .workplace import Workplace


@dataclass(frozen=True)
class Question:
    """A clue as it is asked: its answers, and each in words."""

    clue: str
    asks: str
    answers: tuple[tuple[str, str], ...]


@dataclass(frozen=True)
class ShootView:
    """The answer so far, the next question if one would settle something, and hazards at the place."""

    name: str
    answer: ShootAnswer
    question: Question | None
    asked: tuple[Question, ...]
    hazards: tuple[str, ...]


def whose_shoot(
    at: Workplace, tree_id: str, clues: Mapping[str, str], union_seen: bool = False, only_living_shoots: bool = False, many_grafts: bool = False,
    diameter_mm: float | None = None, skip: tuple[str, ...] = (),
) -> ShootView:  # fmt: skip
    """Judge a shoot of a tree by what was seen. ``skip``: clues that could not be told, not to be asked again.

    Raises: NotFound; InvalidInput for a clue or answer that is none.
    """
    know = at.know
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        seen = observations(session, [tree_id]).get(tree_id, {})
    species, stock = record.tree.species, record.stem.rootstock
    southern = record.site.latitude < 0
    region = "southern" if southern else know.text(f"climates/{record.site.climate}/stock-region")
    frozen = "freeze_class" in seen and int(seen["freeze_class"].value) >= 5
    case = ShootCase(species, stock, clues, None, region, union_seen, only_living_shoots, many_grafts, frozen, at.today(), southern, diameter_mm)
    kin = family(know, species)
    found = judge(case, know, skip)
    # once it is settled nothing more needs asking; the grower may still go on
    question = None if found.verdict != "uncertain" else _question(at, kin, found.ask_next)
    thorns = know.number(f"species/{species}/thorn-mm")
    hazards = ["Rake the base and look for snakes and wasps before hands go in."]
    if thorns > 0:
        hazards.append("Thorns: wear gloves and eye protection; those of a stock are longer than the tree's own.")
    if (own := know.get(f"species/{species}/hazard")) is not None:
        hazards.append(str(own.value))
    asked = tuple(q for c in clues if (q := _question(at, kin, c)) is not None)
    return ShootView(record.name, found, question, asked, tuple(hazards))


def _question(at: Workplace, kin: str, clue: str | None) -> Question | None:
    if clue is None or clue not in at.know.rows(f"{kin}-clues"):
        return None
    row = f"{kin}-clues/{clue}"
    answers = zip(at.know.text(f"{row}/states").split(" "), at.know.text(f"{row}/words").split(" | "), strict=True)
    return Question(clue, at.know.text(f"{row}/asks"), tuple(answers))
