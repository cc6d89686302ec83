"""What is known of a hurt tree, and the days that follow from it."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..known import Knowledge
from .classes import FrostClass
from .kinds import class_figure

BY_CLASS = "by-class"


@dataclass(frozen=True)
class AfterFrost:
    """What is known of a hurt tree. alive_above, alive_below: of the union, None where nobody
    looked; boundary_steady_since: the edge of the dead wood has not moved since. latest_cut: the
    last day on which a cut still hardens before frost; hot_from: strong sun on bark. species: its
    own waits, where it has any.

    collapsed_on: a false start was seen, so that green seen before it counts no more; hot_since:
    the first hot day since green was seen; second_flush: when it begins, for a tree is not judged
    before it has shown itself. opens: when the season opens whole branches after ``latest_cut``,
    None where nobody asked it. way: what is waited for, a school of ``frost-wait``.
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
    way: str = BY_CLASS


@dataclass(frozen=True)
class CutDays:
    """judge, cut: before today where they are past. early: the day an edge that held opens the cut
    before its class does, None where it does not. postponed: to the next spring, since regrowth
    would not harden.
    """

    judge: dt.date
    cut: dt.date
    steady: dt.date | None
    early: dt.date | None
    postponed: bool


NO_WOOD: tuple[FrostClass, ...] = ("F0", "F1")
"""Classes that hurt no wood."""


def days_of(know: Knowledge, tree: AfterFrost) -> CutDays:
    """When a hurt tree is judged and when it is cut."""
    base = max(tree.last_frost, tree.night)
    if tree.frost_class == "F2" and tree.flush_start is not None:
        base = max(base, tree.flush_start)
    judge, cut = (
        base + dt.timedelta(days=know.days(class_figure(know, tree.frost_class, c, tree.species)))
        for c in ("judge-after", "cut-after")
    )
    if tree.second_flush is not None and tree.frost_class not in NO_WOOD:
        judge = max(judge, tree.second_flush)
    judge = min(judge, cut)
    if (waited := _by_way(know, tree)) is not None:
        judge = cut = waited
    steady = _steady(know, tree)
    early = steady if steady is not None and steady < cut else None
    if steady is not None:
        judge, cut = min(judge, steady), min(cut, steady)
    latest, spared = tree.latest_cut, tree.frost_class in (*NO_WOOD, "F6")
    if latest is None or spared or max(cut, tree.today) <= latest:
        return CutDays(judge, cut, steady, early, postponed=False)
    cut = tree.opens or _next_spring(know, tree, latest)
    postponed = tree.today < cut
    return CutDays(judge, cut, steady, None if postponed else early, postponed)


WAYS = {"ninety-days": "frost/ninety-days", "second-flush": "frost/after-second-flush"}
"""Ways of working that wait for a day of their own, each with the catalogue's figure."""


def rests_on(tree: AfterFrost) -> str | None:
    """The figure that the way of working waits by; None where it waits by the class."""
    by_class = tree.frost_class in NO_WOOD or (
        tree.way == "second-flush" and tree.second_flush_hard is None
    )
    return None if by_class else WAYS.get(tree.way)


def _by_way(know: Knowledge, tree: AfterFrost) -> dt.date | None:
    """The day a way of working waits for in place of the class's; None where it is the class's."""
    rule = rests_on(tree)
    if rule is None:
        return None
    since = tree.night if tree.way == "ninety-days" else tree.second_flush_hard
    return max(tree.night, since or tree.night) + dt.timedelta(days=know.days(rule))


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
