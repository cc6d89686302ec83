"""Dated looks at a hurt tree: what each sign is worth, whether it came too early, and the class it
speaks for.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..words.values import Capital, Value, listed, say
from .classes import CLASSES, FrostClass

Worth = Literal["too-early", "provisional", "false-start", "holds"]


@dataclass(frozen=True)
class Look:
    """What was seen on a day; sign is a row of ``frost-looks``."""

    day: dt.date
    sign: str


@dataclass(frozen=True)
class Weighed:
    """A look with what it is worth, in words; again: when to look again, None where it holds."""

    day: dt.date
    sign: str
    seen: Value
    worth: Worth
    says: Value
    again: dt.date | None


@dataclass(frozen=True)
class Seen:
    """Looks, the newest first. suggests: a class the tree itself speaks for where it differs from
    the written one; collapsed_on: a false start, None where there was none.
    """

    looks: tuple[Weighed, ...]
    suggests: str | None
    collapsed_on: dt.date | None


def weigh_looks(
    know: Knowledge,
    night: dt.date,
    frost_class: FrostClass,
    looks: Sequence[Look],
    judge_on: dt.date,
    warm_from: dt.date | None = None,
) -> Seen:
    """Every look with its worth. What the tree shows beats what the cold foretold; a flush proves
    nothing before the second one.

    warm_from: when hot days usually begin, on which a provisional sign is asked again.

    Raises: InvalidInput for a sign that is none, or a day before the night.
    """
    wrong = [
        FieldProblem("/sign", say("bad-must-be-one-of", known=listed(know.rows("frost-looks"))))
        for x in looks
        if x.sign not in know.rows("frost-looks")
    ]
    wrong += [
        FieldProblem("/day", say("bad-lies-before-the-night")) for x in looks if x.day < night
    ]
    if wrong:
        raise InvalidInput(wrong)
    ordered = sorted(looks, key=lambda x: x.day)
    fell = max((x.day for x in ordered if x.sign == "collapsed"), default=None)
    found = [_weighed(know, night, x, judge_on, warm_from, fell) for x in ordered]
    holding = [w for w in found if w.worth == "holds"]
    return Seen(tuple(reversed(found)), _class(know, frost_class, holding), fell)


def _weighed(
    know: Knowledge,
    night: dt.date,
    look: Look,
    judge_on: dt.date,
    warm_from: dt.date | None,
    fell: dt.date | None,
) -> Weighed:
    row = f"frost-looks/{look.sign}"
    seen, means = know.row(f"{row}/asks"), know.row(f"{row}/means")
    first = night + dt.timedelta(days=know.days(f"{row}/from-day"))
    if look.day < first:
        return Weighed(
            look.day, look.sign, seen, "too-early", say("look-too-early", day=first), first
        )
    if look.sign in ("first-flush", "second-flush") and fell is not None and fell >= look.day:
        return Weighed(
            look.day, look.sign, seen, "false-start", say("look-false-start", day=fell), None
        )
    if know.number(f"{row}/provisional"):
        again = (
            min(judge_on, warm_from) if warm_from is not None and warm_from > look.day else judge_on
        )
        text = say("look-provisional", means=Capital(means), hot=again, judge=judge_on)
        return Weighed(look.day, look.sign, seen, "provisional", text, again)
    return Weighed(look.day, look.sign, seen, "holds", Capital(means) + ".", None)


def _class(know: Knowledge, frost_class: FrostClass, holding: Sequence[Weighed]) -> str | None:
    """The nearest class within what the signs allow, the newest sign first; None where the written
    one lies within.
    """
    at, least, most = CLASSES.index(frost_class), 0, len(CLASSES) - 1
    for look in reversed(holding):
        low, high = (int(know.number(f"frost-looks/{look.sign}/{c}")) for c in ("least", "most"))
        if low <= most and high >= least:
            least, most = max(least, low), min(most, high)
    said = min(most, max(least, at))
    return CLASSES[said] if said != at else None
