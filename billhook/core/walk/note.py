"""What is worked out at a question of the walk."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from .questions import LATER
from .tree import WalkTree

Answers = Mapping[str, str]


@dataclass(frozen=True)
class Note:
    """Something worked out. of: answers whose findings it belongs to; its date, if it has one, is
    when to look again.
    """

    reason: Reason
    of: tuple[str, ...] = ()


def number_in(answers: Answers, question: str) -> float | None:
    text = answers.get(question, LATER)
    return None if text == LATER else float(text)


def vigour_in(know: Knowledge, known_id: str, tree: WalkTree) -> float:
    return know.by_vigour(known_id, tree.vigour)
