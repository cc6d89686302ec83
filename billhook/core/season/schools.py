"""The schools of practitioners, and the stance that holds: one school on each topic."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..words.values import Value, listed, say
from .model import Stance


@dataclass(frozen=True)
class School:
    """One answer to a question on which practitioners differ."""

    topic: str
    id: str
    name: Value
    believes: Value
    against: Value
    changes: Value
    default: bool


@lru_cache(maxsize=16)
def schools(know: Knowledge) -> tuple[School, ...]:
    """Every school in catalogue order."""
    return tuple(
        School(
            know.text(f"schools/{row}/topic"),
            row,
            know.row(f"schools/{row}/name"),
            know.row(f"schools/{row}/believes"),
            know.row(f"schools/{row}/against"),
            know.row(f"schools/{row}/changes"),
            bool(know.number(f"schools/{row}/default")),
        )
        for row in know.rows("schools")
    )


def stance_in_force(know: Knowledge, *choices: Stance) -> dict[str, str]:
    """School by topic: the catalogue's defaults, overruled by each choice in turn (holding, block,
    tree). Raises: InvalidInput.
    """
    found = {s.topic: s.id for s in schools(know) if s.default}
    for choice in choices:
        check_stance(know, choice)
        found |= choice
    return found


def check_stance(know: Knowledge, choice: Stance, pointer: str = "/stance") -> None:
    """Refuse a topic or school that is not known. Raises: InvalidInput naming what is."""
    wrong = [
        FieldProblem(
            f"{pointer}/{topic}",
            say("bad-must-be-one-of", known=listed(known))
            if (known := schools_of(know, topic))
            else say("bad-is-no-topic"),
        )
        for topic, school in choice.items()
        if school not in schools_of(know, topic)
    ]
    if wrong:
        raise InvalidInput(wrong)


def schools_of(know: Knowledge, topic: str) -> list[str]:
    """Schools on a topic; none where the topic is not known."""
    return [s.id for s in schools(know) if s.topic == topic]
