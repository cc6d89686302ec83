"""Which steps a tree is walked by, and what the answers come to: findings in working order, days to look again."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..reasons import Reason


@dataclass(frozen=True)
class Choice:
    """One answer to a step."""

    answer: str
    says: str


@dataclass(frozen=True)
class Step:
    """One thing to look at. skipped: why it does not apply, None where it does."""

    id: str
    title: str
    asks: str
    hazard: str
    choices: tuple[Choice, ...]
    skipped: Reason | None


@dataclass(frozen=True)
class Finding:
    """What a step found. work: kind of work that follows, empty where none does. again: the day to look again, None where nothing asks for it."""

    step: str
    text: str
    work: str
    again: dt.date | None
    rule: str


@dataclass(frozen=True)
class Summary:
    """The end of a walk: findings in the order of the work; ``nothing``: nothing to cut is a proper ending, with its date."""

    findings: tuple[Finding, ...]
    nothing: bool
    look_again: dt.date
    reasons: tuple[Reason, ...]


def steps_of(know: Knowledge, own_roots: bool) -> tuple[Step, ...]:
    """The steps of a tree in walking order."""
    found = []
    for row in know.rows("walk-steps"):
        answers = [r for r in know.rows("walk-answers") if know.text(f"walk-answers/{r}/step") == row]
        skipped = None
        if know.text(f"walk-steps/{row}/skip") == "own-roots" and own_roots:
            skipped = Reason("own-roots", "It stands on its own roots: there is no union, and shoots from the base are the same plant.")
        choices = tuple(Choice(know.text(f"walk-answers/{r}/answer"), know.text(f"walk-answers/{r}/says")) for r in answers)
        title, asks, hazard = (know.text(f"walk-steps/{row}/{c}") for c in ("title", "asks", "hazard"))
        found.append(Step(row, title, asks, hazard, choices, skipped))
    return tuple(found)


def check_answer(know: Knowledge, step: str, answer: str) -> None:
    """Refuse a step or answer that is none. Raises: InvalidInput."""
    if step not in know.rows("walk-steps"):
        raise InvalidInput([FieldProblem("/step", f"must be one of {', '.join(know.rows('walk-steps'))}")])
    if f"walk-answers/{step}-{answer}/answer" not in know:
        known = [c.answer for s in steps_of(know, False) if s.id == step for c in s.choices]
        raise InvalidInput([FieldProblem("/answer", f"must be one of {', '.join(known)}")])


def asked_next(know: Knowledge, steps: tuple[Step, ...], answers: Mapping[str, str]) -> str | None:
    """The first step that is not answered; None when all are, or when an answer ends the walk."""
    if any((ends := know.get(f"walk-answers/{step}-{answer}/ends")) is not None and ends.value for step, answer in answers.items()):
        return None
    return next((s.id for s in steps if s.skipped is None and s.id not in answers), None)


def summary(know: Knowledge, answers: Mapping[str, str], day: dt.date, next_flush: dt.date | None) -> Summary:
    """What the answers of a walk on ``day`` come to."""
    findings: list[Finding] = []
    for step in know.rows("walk-steps"):
        if step in answers and (text := know.text(f"walk-answers/{step}-{answers[step]}/finding")):
            row = f"walk-answers/{step}-{answers[step]}"
            days = know.days(f"{row}/again")
            findings.append(Finding(step, text, know.text(f"{row}/work"), day + dt.timedelta(days=days) if days else None, f"{row}/again"))
    to_cut = [f for f in findings if f.work]
    again = day + dt.timedelta(days=know.days("walk/look-again"))
    why = "A tree in order is walked again after three months."
    if next_flush is not None and day < next_flush < again:
        again, why = next_flush, "Look again before the next flush: suckers and sprouts are small then."
    return Summary(tuple(findings), not to_cut, again, (Reason("look-again", why, {}, again, None, ("walk/look-again",)),))
