"""Which questions a tree is asked, in which order, and whether an answer is one."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Diameter, Length, Row, Value, Weight, listed, say
from .tree import WalkTree, facts, holds

CLOSED = ("one", "many")
NUMBERS = ("length", "diameter", "gap", "mass", "count", "figure")
_MEASURES = {"length": Length, "diameter": Diameter, "gap": Diameter, "mass": Weight}
LATER = "later"  # an open question put off: asked no more on this walk


@dataclass(frozen=True)
class Choice:
    """One answer to a question. ``alone``: with it nothing else is to be said there; ``ends``: the
    walk ends.
    """

    answer: str
    says: Value
    alone: bool
    ends: bool


@dataclass(frozen=True)
class Question:
    """One thing to look at. after: answers that open it (``question-answer``), none for a main
    question.

    low, high: limits of a number, in metres, millimetres, kilograms or a count by its kind.
    skipped: why it does not apply.
    """

    id: str
    step: str
    kind: str
    asks: Value
    help: Value
    after: tuple[str, ...]
    low: float
    high: float
    choices: tuple[Choice, ...]
    looks: str
    skipped: Reason | None


@dataclass(frozen=True)
class Step:
    """A stage of the walk and its hazard."""

    id: str
    title: Value
    hazard: Value


def steps_of(know: Knowledge) -> tuple[Step, ...]:
    """The stages in walking order."""
    return tuple(
        Step(row, know.row(f"walk-steps/{row}/title"), know.row(f"walk-steps/{row}/hazard"))
        for row in know.rows("walk-steps")
    )


def _cell(know: Knowledge, known_id: str) -> str:
    found = know.get(known_id)
    return str(found.value) if found else ""


@dataclass(frozen=True)
class Look:
    """A look by what it is for. questions: ids of what it asks of this tree."""

    id: str
    says: Value
    questions: tuple[str, ...]


FULL = "full"


def looks_of(know: Knowledge, tree: WalkTree) -> tuple[Look, ...]:
    """The looks that a tree can be given, the full one first."""
    known = facts(tree, know)
    return tuple(
        Look(row, know.row(f"looks/{row}/says"), tuple(q.id for q in asked))
        for row in know.rows("looks")
        if holds(know.text(f"looks/{row}/when"), known) and (asked := questions_of(know, tree, row))
    )


def questions_of(know: Knowledge, tree: WalkTree, look: str = FULL) -> tuple[Question, ...]:
    """What a look asks of a tree in walking order; one that does not apply is there with its
    reason, if it has one to give.
    """
    known = facts(tree, know)
    mains = know.text(f"looks/{look}/questions").split()
    found: list[Question] = []
    offered: set[str] = set()
    for row in know.rows("walk-questions"):
        at = f"walk-questions/{row}"
        skipped = None
        if not holds(_cell(know, f"{at}/when"), known):
            if not (why := _cell(know, f"{at}/otherwise")):
                continue
            skipped = Reason(
                f"skip-{row}", Row(f"{at}/otherwise", why), catalogue_ids=(f"{at}/when",)
            )
        after = tuple(_cell(know, f"{at}/after").split())
        if after and not offered & set(after):
            continue  # nothing this tree is asked can open it
        if mains and not after and row not in mains:
            continue
        low, high = (
            float(know.number(f"{at}/{c}")) if f"{at}/{c}" in know else 0.0 for c in ("low", "high")
        )
        found.append(
            Question(
                row,
                know.text(f"{at}/step"),
                know.text(f"{at}/kind"),
                know.row(f"{at}/asks"),
                know.row(f"{at}/help") if f"{at}/help" in know else "",
                after,
                low,
                high,
                tuple(c for when, c in _answer_rows(know).get(row, ()) if holds(when, known)),
                _cell(know, f"{at}/looks"),
                skipped,
            )
        )
        if skipped is None:
            offered |= {row, *(f"{row}-{c.answer}" for c in found[-1].choices)}
    return tuple(found)


@lru_cache(maxsize=4)
def _answer_rows(know: Knowledge) -> Mapping[str, tuple[tuple[str, Choice], ...]]:
    """Choices of every question, each with the condition under which it is offered."""
    found: dict[str, list[tuple[str, Choice]]] = {}
    for r in (f"walk-answers/{row}" for row in know.rows("walk-answers")):
        alone = f"{r}/alone" in know and know.number(f"{r}/alone") > 0
        choice = Choice(know.text(f"{r}/answer"), know.row(f"{r}/says"), alone, f"{r}/ends" in know)
        found.setdefault(know.text(f"{r}/question"), []).append((_cell(know, f"{r}/when"), choice))
    return {question: tuple(rows) for question, rows in found.items()}


def check_answer(question: Question, answer: str) -> None:
    """Refuse what is no answer to a question. Raises: InvalidInput at ``/answer``.

    ``one``: a choice. ``many``: choices with a space between. Numbers as digits in metres,
    millimetres, kilograms or a count. ``counts``: whole numbers with a space between. ``limbs``:
    ids of limbs, with ``@`` and the metres that are kept. ``later`` puts an open question off.
    """

    def refuse(says: Value) -> None:
        raise invalid("/answer", says)

    if question.kind in CLOSED:
        known = [c.answer for c in question.choices]
        given = answer.split()
        if (
            (question.kind == "one" and len(given) != 1)
            or not given
            or any(g not in known for g in given)
        ):
            one = question.kind == "one"
            several = listed(known)
            refuse(
                say("bad-must-be-one-of", known=several)
                if one
                else say("bad-must-be-some-of", known=several)
            )
        if len(given) > 1 and any(c.alone for c in question.choices if c.answer in given):
            refuse(say("bad-says-both-that-there-is-nothing"))
    elif answer == LATER:
        return
    elif question.kind in NUMBERS or question.kind == "counts":
        for part in answer.split() if question.kind == "counts" else [answer]:
            try:
                number = float(part)
            except ValueError:
                number = float("nan")
            whole = question.kind in ("count", "figure", "counts")
            if not question.low <= number <= question.high or (whole and number != int(number)):
                low, high = (_measured(question.kind, x) for x in (question.low, question.high))
                refuse(
                    say("bad-whole-number-between", low=low, high=high)
                    if whole
                    else say("bad-number-between", low=low, high=high)
                )
    else:
        for part in answer.split():
            try:
                chosen_limb(part)
            except ValueError:
                refuse(say("bad-must-name-limbs-each-as-its"))


def _measured(kind: str, number: float) -> Value:
    made = _MEASURES.get(kind)
    return number if made is None else made(number)


def chosen_limb(part: str) -> tuple[str, float]:
    """Limb id and kept length [m] out of ``id@keep``. Raises: ValueError."""
    limb, _, keep = part.rpartition("@")
    length = float(keep)
    if not limb or not 0 <= length <= 60:
        raise ValueError(part)
    return limb, length


def given(answers: Mapping[str, str]) -> frozenset[str]:
    """Answers as ``question-answer`` words; an open question that is answered counts as itself."""
    found = {f"{q}-{a}" for q, text in answers.items() for a in text.split() if text != LATER}
    return frozenset(found | {q for q, text in answers.items() if text and text != LATER})


def opened(question: Question, answers: Mapping[str, str]) -> bool:
    """Whether a question is to be asked: a main question, or one that an answer opened."""
    return question.skipped is None and (
        not question.after or bool(given(answers) & set(question.after))
    )


def asked_next(questions: tuple[Question, ...], answers: Mapping[str, str]) -> str | None:
    """The first open question that is not answered; None when all are, or when an answer ends the
    walk.
    """
    if any(
        c.ends for q in questions for c in q.choices if c.answer in answers.get(q.id, "").split()
    ):
        return None
    return next((q.id for q in questions if q.id not in answers and opened(q, answers)), None)
