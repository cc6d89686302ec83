"""Is it alive: what is known so far, the day to judge and the day to cut, and why not now."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..errors import refuse
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import Status
from ..words.values import Value, listed, say
from .after import NO_WOOD, AfterFrost, days_of
from .classes import CLASSES
from .reasons import why


@dataclass(frozen=True)
class FrostVerdict:
    """verdict: ``alive``, ``rootstock-only``, ``wait`` or ``dead``. provisional: green seen before
    the second flush proves nothing. judge_on, cut_on: never in the past.

    postponed: the cut waits for the next spring, since its regrowth would not harden. opens_early:
    the day an edge that held through the second flush opens the cut before its class does, None
    where it does not. unharmed: no wood was hurt. when: its days in words.
    """

    verdict: str
    provisional: bool
    judge_on: dt.date
    cut_on: dt.date
    may_cut: bool
    postponed: bool
    look_again: dt.date | None
    reasons: tuple[Reason, ...]
    opens_early: dt.date | None = None
    unharmed: bool = False
    when: Value = ""

    @property
    def tone(self) -> Status:
        """``go`` where it may be cut or nothing need be, ``light`` where only its stock lives,
        ``stop`` where all is dead.
        """
        if self.verdict in ("rootstock-only", "dead"):
            return "light" if self.verdict == "rootstock-only" else "stop"
        return "go" if self.may_cut or (self.verdict == "alive" and self.unharmed) else "wait"


def frost_verdict(know: Knowledge, tree: AfterFrost) -> FrostVerdict:
    """The verdict for a tree. Raises: InvalidInput for a class that is none, or a day before the
    night.
    """
    refuse(
        {
            "/class": None
            if tree.frost_class in CLASSES
            else say("bad-must-be-one-of", known=listed(CLASSES)),
            "/today": say("bad-lies-before-the-night") if tree.today < tree.night else None,
        }
    )
    days, today = days_of(know, tree), tree.today
    judged = today >= days.judge
    held = days.steady is not None and today >= days.steady
    verdict, provisional = _alive(tree, judged, held)
    judge_on, cut_on = max(days.judge, today), max(days.cut, today)
    unharmed = tree.frost_class in NO_WOOD
    may = verdict == "alive" and today >= days.cut and not days.postponed and not unharmed
    again = _look_again(know, tree, days.judge, judged and verdict != "wait", provisional)
    return FrostVerdict(
        verdict=verdict,
        provisional=provisional,
        judge_on=judge_on,
        cut_on=cut_on,
        may_cut=may,
        postponed=days.postponed,
        look_again=again,
        reasons=why(know, tree, days, verdict, provisional),
        opens_early=days.early,
        unharmed=unharmed,
        when=_when(today, judge_on, cut_on, may, again),
    )


def _look_again(
    know: Knowledge, tree: AfterFrost, judge: dt.date, settled: bool, provisional: bool
) -> dt.date | None:
    """The day of the next look, None once it is settled."""
    if provisional and tree.hot_since is not None:
        return tree.today
    if settled:
        return None
    later = tree.today + dt.timedelta(days=know.days("frost/look-again"))
    return max(judge, later) if tree.today >= judge else judge


def _when(
    today: dt.date, judge_on: dt.date, cut_on: dt.date, may: bool, again: dt.date | None
) -> Value:
    """The days of a verdict; a cut that is not open and has no day to come is left out."""

    def on(what: str, day: dt.date) -> Value:
        return say("frost-from", what=what, day=day) if day > today else say("frost-now", what=what)

    parts = [on("judge", judge_on)]
    if may or cut_on > today:
        parts.append(on("cut", cut_on))
    if again is not None and again != judge_on:
        parts.append(on("look-again", again))
    return listed(parts, " · ")


def _alive(tree: AfterFrost, judged: bool, steady: bool) -> tuple[str, bool]:
    if tree.frost_class in ("F0", "F1"):
        return "alive", False
    if tree.alive_above:
        proven = (
            judged
            or steady
            or (tree.second_flush_hard is not None and tree.today >= tree.second_flush_hard)
        )
        return ("alive", False) if proven else ("wait", True)
    if not judged:
        return "wait", False
    if tree.alive_above is None:
        return "wait", False
    if tree.alive_below:
        return "rootstock-only", False
    return ("dead", False) if tree.alive_below is False else ("wait", False)
