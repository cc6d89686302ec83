"""Weighs the clues of a shoot against its tree's stock and scion, says whose it is, and what to
look at next.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Capital, listed, say
from .case import KINDS, Floats, ShootAnswer, ShootCase, family
from .decide import decide
from .odds import (
    Odds,
    asks,
    clue_words,
    evidence_of,
    index_of,
    posterior_of,
    powers_of,
    prior_of,
    states,
)

_CANNOT_TELL = "cannot_tell"
_LEAF = "leaf_form"


def judge(case: ShootCase, know: Knowledge, skip: Sequence[str] = ()) -> ShootAnswer:
    """Whose shoot it is. ``skip``: clues that cannot be told and are not asked again. Raises:
    InvalidInput naming the clue or answer that is not known, or a prior that does not sum to one.
    """
    _check(case, know)
    odds = Odds(case, know)
    prior = prior_of(case, odds, know)
    doubts = _doubts(case, odds, know)
    if doubts:
        # what is seen outranks the record: weigh it against every stock of the region instead
        odds = Odds(replace(case, rootstock=None, clues={}), know)
    seen = _seen(case, odds, know)
    powers = powers_of(odds, seen, case, know)
    posterior = posterior_of(odds, prior, seen, powers)
    evidence = tuple(evidence_of(odds, case, c, i, powers[c], know) for c, i in seen.items())
    void = [c for c in case.clues if c in odds.void]
    thorny = (say("clue-thorny-kind", asks=asks(know, odds.family, c)) for c in void)
    found = decide(case, odds, posterior, know)
    return ShootAnswer(
        found.verdict,
        dict(zip(KINDS, (float(p) for p in posterior), strict=True)),
        evidence,
        _ask_next(odds, prior, case, know, skip),
        found.action,
        (*doubts, *(Reason("void-clue", text) for text in thorny), found.reason),
        found.comes_off,
        found.headline,
    )


def _seen(case: ShootCase, odds: Odds, know: Knowledge) -> dict[str, int]:
    """Answers that tell something, by their place; what cannot be told moves nothing."""
    return {
        c: index_of(know, odds.family, c, v)
        for c, v in case.clues.items()
        if c in odds.tables and v != _CANNOT_TELL
    }


def _check(case: ShootCase, know: Knowledge) -> None:
    wrong: list[FieldProblem] = []
    kin = family(know, case.scion)
    for clue, value in case.clues.items():
        if clue not in know.rows(f"{kin}-clues"):
            wrong.append(
                FieldProblem(
                    f"/clues/{clue}",
                    say("bad-is-no-clue-known-are", known=listed(know.rows(f"{kin}-clues"))),
                )
            )
        elif value not in states(know, kin, clue):
            wrong.append(
                FieldProblem(
                    f"/clues/{clue}",
                    say("bad-must-be-one-of", known=listed(states(know, kin, clue))),
                )
            )
    if case.prior is not None and (min(case.prior) < 0 or abs(sum(case.prior) - 1) > 1e-6):
        wrong.append(FieldProblem("/prior", say("bad-the-three-must-be-probabilities-that")))
    if wrong:
        raise InvalidInput(wrong)


def _doubts(case: ShootCase, odds: Odds, know: Knowledge) -> list[Reason]:
    """Answers that the recorded pair can hardly give."""
    if case.rootstock is None or odds.own:
        return []
    rare = know.number("shoot/cannot-be")
    found = []
    for clue in ("leaf_form", "petiole_wing"):
        value = case.clues.get(clue)
        if value is None or value == "leafless" or clue not in odds.tables:
            continue
        if float(odds.mixed(clue, index_of(know, odds.family, clue, value)).max()) <= rare:
            nth = index_of(know, odds.family, clue, value)
            word = clue_words(know, odds.family, clue, nth)
            text = say("clue-neither", asks=asks(know, odds.family, clue), word=Capital(word))
            found.append(
                Reason(
                    "record-doubt",
                    text,
                    {"rootstock on record": case.rootstock, "kind on record": case.scion},
                    catalogue_ids=("shoot/cannot-be",),
                )
            )
    return found


def _ask_next(
    odds: Odds, prior: Floats, case: ShootCase, know: Knowledge, skip: Sequence[str]
) -> str | None:
    """The open clue with the greatest expected fall of doubt; the leaf of three before all others
    where the stock has one, or may have.
    """
    seen = _seen(case, odds, know)
    if _leaf_of_three(odds, know) and _LEAF not in (*case.clues, *skip):
        return _LEAF

    def doubt(p: Floats) -> float:
        known = p[p > 0]
        return float(-(known * np.log2(known)).sum())

    def after(more: dict[str, int], clues: Mapping[str, str]) -> Floats:
        asked = replace(case, clues=clues)
        return posterior_of(odds, prior, more, powers_of(odds, more, asked, know))

    now = after(seen, case.clues)
    best, most = None, know.number("shoot/worth-asking")
    for clue in odds.tables:
        if clue in case.clues or clue in skip:
            continue
        fall = doubt(now)
        for answer, word in enumerate(states(know, odds.family, clue)):
            if word == _CANNOT_TELL:
                continue
            chance = float(now @ odds.mixed(clue, answer))
            if chance > 0:
                fall -= chance * doubt(after({**seen, clue: answer}, {**case.clues, clue: word}))
        if fall > most:
            best, most = clue, fall
    return best


def _leaf_of_three(odds: Odds, know: Knowledge) -> bool:
    """Whether a stock to be reckoned with shows most of its shoots' leaves in three."""
    if _LEAF not in odds.tables:
        return False
    three = index_of(know, odds.family, _LEAF, "trifoliolate")
    return float(odds.tables[_LEAF][:, 0, three].max()) >= know.number("shoot/leaf-first")
