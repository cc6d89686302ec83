"""What the answers of a walk come to: findings in working order, cuts on the frame, and days to
look again.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass

from ..choice import one_of
from ..frame.model import Cut
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import WORKS, Work
from ..words.values import Value, say
from .looks import notes
from .questions import LATER, Question, chosen_limb, given, opened
from .suggest import MARKED, limb_options
from .tree import WalkTree, facts, heeding, holds


@dataclass(frozen=True)
class Finding:
    """What an answer found. work: kind of work that follows, None where none does. again: the day
    to look again.

    cuts: the limbs it means, where they were named. rule: the catalogue id its day rests on.
    """

    answer: str
    step: str
    text: Value
    work: Work | None
    again: dt.date | None
    rule: str
    reasons: tuple[Reason, ...]
    cuts: tuple[Cut, ...]


@dataclass(frozen=True)
class Summary:
    """The end of a walk. nothing: nothing to cut is a proper ending, with its day to look again."""

    findings: tuple[Finding, ...]
    nothing: bool
    look_again: dt.date
    reasons: tuple[Reason, ...]


def summary(
    know: Knowledge, tree: WalkTree, questions: tuple[Question, ...], answers: Mapping[str, str]
) -> Summary:
    """What the answers come to, in the order of the walk, which is the order of the work."""
    known = facts(heeding(tree, answers), know) | given(answers)
    step_order = know.rows("walk-steps")
    found: list[Finding] = []
    worked = [
        (q, note)
        for q in questions
        if opened(q, answers)
        for note in notes(q.looks, tree, know, answers)
    ]
    for question in questions:
        if not opened(question, answers) or question.kind not in ("one", "many"):
            continue
        for answer in answers.get(question.id, "").split():
            row = f"{question.id}-{answer}"
            variant = _variant(know, row, known)
            meant = [
                q
                for q in questions
                if q.kind == "limbs"
                and row in q.after
                and q.looks != MARKED
                and opened(q, answers)
                and answers.get(q.id, LATER) != LATER
            ]
            cuts = tuple(Cut(*chosen_limb(part)) for q in meant for part in answers[q.id].split())
            limbs = {c.limb for c in cuts}
            shown = tuple(
                o.why
                for q in meant
                for o in limb_options(q.looks, tree, know, answers)
                if o.limb in limbs and o.why is not None
            )
            reasons = (*(n.reason for _, n in worked if row in n.of), *shown)
            finding = _finding(know, tree, variant, row, question.step, reasons, cuts)
            if finding is not None:
                found.append(finding)
    found.sort(key=lambda f: step_order.index(f.step))
    nothing = not any(f.work for f in found)
    again = tree.day + dt.timedelta(days=know.days("walk/look-again"))
    why = say("again-in-order") if nothing else say("again-after-found")
    if tree.next_flush is not None and tree.day < tree.next_flush < again:
        again, why = (tree.next_flush, say("again-before-flush"))
    return Summary(
        tuple(found),
        nothing,
        again,
        (Reason("look-again", why, date=again, catalogue_ids=("walk/look-again",)),),
    )


def _variant(know: Knowledge, row: str, known: frozenset[str]) -> str:
    """The first way of saying an answer that holds for this tree."""
    for variant in (f"walk-variants/{r}" for r in know.rows("walk-variants")):
        if know.text(f"{variant}/of") == row and holds(know.text(f"{variant}/when"), known):
            return variant
    return f"walk-answers/{row}"


def _finding(
    know: Knowledge,
    tree: WalkTree,
    at: str,
    row: str,
    step: str,
    reasons: tuple[Reason, ...],
    cuts: tuple[Cut, ...],
) -> Finding | None:
    if not know.text(f"{at}/finding"):
        return None
    days = know.days(f"{at}/again")
    dated = [r.date for r in reasons if r.date is not None]
    again = (
        max(tree.day, min(dated)) if dated else tree.day + dt.timedelta(days=days) if days else None
    )
    named = know.text(f"{at}/work")
    work = one_of(WORKS, named) if named else None
    young = tree.age_years < know.number("budget/mature-from")
    if young and work in know.rows("training"):
        work = one_of(WORKS, know.text(f"training/{work}/as"))
    return Finding(row, step, know.row(f"{at}/finding"), work, again, f"{at}/again", reasons, cuts)
