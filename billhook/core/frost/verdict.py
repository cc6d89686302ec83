"""Is it alive: what is known so far, the day to judge and the day to cut, and why not now."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import Status
from ..words.dates import day_words
from .classes import CLASSES, FrostClass
from .kinds import class_figure


@dataclass(frozen=True)
class AfterFrost:
    """What is known of a hurt tree. alive_above, alive_below: of the union, None where nobody
    looked; boundary_steady_since: the edge of the dead wood has not moved since. latest_cut: the
    last day on which a cut still hardens before frost; hot_from: strong sun on bark. species: its
    own waits, where it has any.

    collapsed_on: a false start was seen, so that green seen before it counts no more; hot_since:
    the first hot day since green was seen; second_flush: when it begins, for a tree is not judged
    before it has shown itself. opens: when the season opens whole branches after ``latest_cut``,
    None where nobody asked it.
    """

    frost_class: FrostClass
    night: dt.date
    last_frost: dt.date
    today: dt.date
    flush_start: dt.date | None = None
    second_flush_hard: dt.date | None = None
    alive_above: bool | None = None
    alive_below: bool | None = None
    boundary_steady_since: dt.date | None = None
    latest_cut: dt.date | None = None
    hot_from: dt.date | None = None
    species: str | None = None
    collapsed_on: dt.date | None = None
    hot_since: dt.date | None = None
    second_flush: dt.date | None = None
    opens: dt.date | None = None


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
    when: str = ""

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
    wrong = []
    if tree.frost_class not in CLASSES:
        wrong.append(FieldProblem("/class", f"must be one of {', '.join(CLASSES)}"))
    if tree.today < tree.night:
        wrong.append(FieldProblem("/today", "lies before the night"))
    if wrong:
        raise InvalidInput(wrong)
    base = max(tree.last_frost, tree.night)
    if tree.frost_class == "F2" and tree.flush_start is not None:
        base = max(base, tree.flush_start)
    judge, cut = (
        base + dt.timedelta(days=know.days(class_figure(know, tree.frost_class, c, tree.species)))
        for c in ("judge-after", "cut-after")
    )
    if tree.second_flush is not None and tree.frost_class not in ("F0", "F1"):
        judge = max(judge, tree.second_flush)
    judge = min(judge, cut)
    steady = _steady(know, tree)
    early = steady if steady is not None and steady < cut else None
    if steady is not None:
        judge, cut = min(judge, steady), min(cut, steady)
    postponed = False
    if (
        tree.latest_cut is not None
        and max(cut, tree.today) > tree.latest_cut
        and tree.frost_class not in ("F0", "F1", "F6")
    ):
        cut = tree.opens or _next_spring(know, tree, tree.latest_cut)
        postponed = tree.today < cut
    judged = tree.today >= judge
    verdict, provisional = _alive(tree, judged, steady is not None and tree.today >= steady)
    judge_on, cut_on = max(judge, tree.today), max(cut, tree.today)
    may = (
        verdict == "alive"
        and tree.today >= cut
        and not postponed
        and tree.frost_class not in ("F0", "F1")
    )
    later = tree.today + dt.timedelta(days=know.days("frost/look-again"))
    again = None if judged and verdict != "wait" else max(judge, later) if judged else judge
    if provisional and tree.hot_since is not None:
        again = tree.today
    reasons = _why(
        know,
        tree,
        verdict,
        provisional,
        judge,
        cut,
        judged,
        postponed,
        early is not None and not postponed,
    )
    return FrostVerdict(
        verdict,
        provisional,
        judge_on,
        cut_on,
        may,
        postponed,
        again,
        reasons,
        None if postponed else early,
        tree.frost_class in ("F0", "F1"),
        _when(tree.today, judge_on, cut_on, may, again),
    )


def _when(
    today: dt.date, judge_on: dt.date, cut_on: dt.date, may: bool, again: dt.date | None
) -> str:
    """The days of a verdict; a cut that is not open and has no day to come is left out."""

    def said(what: str, day: dt.date) -> str:
        return f"{what} from {day_words(day)}" if day > today else f"{what} now"

    parts = [said("Judge", judge_on)]
    if may or cut_on > today:
        parts.append(said("cut", cut_on))
    if again is not None and again != judge_on:
        parts.append(said("look again", again))
    return " · ".join(parts)


def _steady(know: Knowledge, tree: AfterFrost) -> dt.date | None:
    """The day from which a boundary that stayed through the second flush opens the cut early."""
    if tree.boundary_steady_since is None or tree.second_flush_hard is None:
        return None
    if tree.collapsed_on is not None and tree.collapsed_on >= tree.boundary_steady_since:
        return None
    return max(
        tree.second_flush_hard,
        tree.boundary_steady_since + dt.timedelta(days=know.days("frost/steady-days")),
    )


def _next_spring(know: Knowledge, tree: AfterFrost, latest: dt.date) -> dt.date:
    """The window before the growth of the next spring: some days before that year's last frost."""
    spring = tree.last_frost.replace(day=min(28, tree.last_frost.day))
    before = dt.timedelta(days=know.days("frost/shape-before"))
    while spring - before <= latest:
        spring = spring.replace(year=spring.year + 1)
    return spring - before


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


_VERDICTS = {
    "alive": "Alive above the union.",
    "rootstock-only": (
        "Only the rootstock lives: re-bud it, replace it, or keep the stock; its shoots are "
        "not the tree."
    ),
    "wait": "Wait: it cannot be told yet.",
    "dead": "Dead, above the union and below.",
}


def _why(
    know: Knowledge,
    tree: AfterFrost,
    verdict: str,
    provisional: bool,
    judge: dt.date,
    cut: dt.date,
    judged: bool,
    postponed: bool,
    early: bool,
) -> tuple[Reason, ...]:
    row = f"frost-class/{tree.frost_class}"
    dead, does, where = (know.text(f"{row}/{c}") for c in ("dead", "does", "where"))
    means = f"{tree.frost_class}, dead: {dead}. {does[:1].upper()}{does[1:]}."
    found = [
        Reason("verdict", _VERDICTS[verdict], {"class": tree.frost_class}),
        Reason("class-means", means, {"class": tree.frost_class}, catalogue_ids=(f"{row}/does",)),
    ]
    if provisional:
        found.append(
            Reason(
                "false-start",
                (
                    "Green this early proves nothing: weak limbs flush on what they had stored "
                    "and collapse in the first heat. "
                )
                + (
                    f"It has been hot since {day_words(tree.hot_since)}: look again now."
                    if tree.hot_since
                    else "Look again after warm weather."
                ),
                date=tree.hot_since,
                catalogue_ids=("frost/hot-spell",),
            )
        )
    if tree.collapsed_on is not None and verdict == "wait":
        text = (
            f"The flush collapsed by {day_words(tree.collapsed_on)}: a false start. What was "
            "green before counts no more; scratch again, further down."
        )
        found.append(Reason("collapsed", text, date=tree.collapsed_on))
    if tree.frost_class not in ("F0", "F1"):
        if not judged:
            found.append(
                Reason(
                    "too-early",
                    f"Too early: judge it on {day_words(judge)}. Cut before that and live "
                    "wood goes, and the cut is made twice.",
                    date=judge,
                    catalogue_ids=(
                        class_figure(know, tree.frost_class, "judge-after", tree.species),
                    ),
                )
            )
        held = " (the edge stayed through the second flush)" if early else ""
        text = (
            f"No cut: {where.split(': ', 1)[1]}."
            if where.startswith("nowhere: ")
            else f"Cut {where}, from {day_words(cut)}{held}."
        )
        found.append(
            Reason(
                "cut-on",
                text,
                date=cut,
                catalogue_ids=(class_figure(know, tree.frost_class, "cut-after", tree.species),),
            )
        )
        if postponed:
            found.append(
                Reason(
                    "postponed",
                    "Later than the last safe cut of this season: the shaping waits for "
                    f"{day_words(cut)}; only dead wood that endangers comes off.",
                    date=cut,
                )
            )
        near_sun = dt.timedelta(days=know.days("frost/whitewash-near"))
        if tree.hot_from is not None and cut >= tree.hot_from - near_sun:
            found.append(
                Reason(
                    "whitewash", "Near the hot season: whitewash the same day.", date=tree.hot_from
                )
            )
    kind = know.get(f"frost-kind/{tree.species}/says")
    if kind is not None and tree.frost_class != "F0":
        found.append(Reason("kind", str(kind.value), catalogue_ids=(kind.id,)))
    found.append(
        Reason(
            "cautions",
            "Hazards come off at once; dead wood is brittle, falls without warning and "
            "does not carry a ladder, and frozen or soaked ground moves under one. "
            "No systemic herbicide under it this season; suckers below the union are asked "
            "about before they go.",
        )
    )
    return tuple(found)


@dataclass(frozen=True)
class Sign:
    """What to look for between two days, and what it means. when: ``past``, ``now`` or
    ``ahead``.
    """

    start: dt.date
    end: dt.date
    sign: str
    means: str
    when: str


def signs(know: Knowledge, night: dt.date, today: dt.date) -> Sequence[Sign]:
    """Every sign in the order it shows."""
    found = []
    for row in know.rows("frost-signs"):
        start, end = (
            night + dt.timedelta(days=know.days(f"frost-signs/{row}/{c}"))
            for c in ("from-day", "to-day")
        )
        when = "past" if end < today else "ahead" if start > today else "now"
        found.append(
            Sign(
                start,
                end,
                know.text(f"frost-signs/{row}/sign"),
                know.text(f"frost-signs/{row}/means"),
                when,
            )
        )
    return found
