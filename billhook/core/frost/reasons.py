"""Why a hurt tree waits or may be cut, in sentences."""

from __future__ import annotations

import datetime as dt

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Capital, say
from .after import NO_WOOD, AfterFrost, CutDays, rests_on
from .kinds import class_figure

_VERDICTS = {
    "alive": say("frost-alive"),
    "rootstock-only": (say("frost-rootstock-only")),
    "wait": say("frost-wait"),
    "dead": say("frost-dead"),
}


_CAUTIONS = say("frost-caution")


def why(
    know: Knowledge, tree: AfterFrost, days: CutDays, verdict: str, provisional: bool
) -> tuple[Reason, ...]:
    """The verdict, what its class means, what was seen, and the days, in this order."""
    used, row = {"class": tree.frost_class}, f"frost-class/{tree.frost_class}"
    dead, does = know.row(f"{row}/dead"), know.row(f"{row}/does")
    means = say("frost-class", frost_class=tree.frost_class, dead=dead, does=Capital(does))
    found = [
        Reason("verdict", _VERDICTS[verdict], used),
        Reason("class-means", means, used, catalogue_ids=(f"{row}/does",)),
    ]
    if provisional:
        found.append(_false_start(tree))
    if tree.collapsed_on is not None and verdict == "wait":
        text = say("frost-collapsed", collapsed_on=tree.collapsed_on)
        found.append(Reason("collapsed", text, date=tree.collapsed_on))
    if tree.frost_class not in NO_WOOD:
        found += _days(know, tree, days)
    kind = know.get(f"frost-kind/{tree.species}/says")
    if kind is not None and tree.frost_class != "F0":
        found.append(Reason("kind", know.row(kind.id), catalogue_ids=(kind.id,)))
    return (*found, Reason("cautions", _CAUTIONS))


def _false_start(tree: AfterFrost) -> Reason:
    since = tree.hot_since
    again = say("frost-look-now", since=since) if since else say("frost-look-warm")
    text = say("frost-early-green", again=again)
    return Reason("false-start", text, date=since, catalogue_ids=("frost/hot-spell",))


def _days(know: Knowledge, tree: AfterFrost, days: CutDays) -> list[Reason]:
    """When it is judged and cut, and what stands in the way."""
    found = []
    judge_row, cut_row = (
        class_figure(know, tree.frost_class, c, tree.species) for c in ("judge-after", "cut-after")
    )
    school = None
    if (rule := rests_on(tree)) is not None:
        judge_row = cut_row = rule
        school = f"frost-wait/{tree.way}"
    if tree.today < days.judge:
        text = say("frost-too-early", judge=days.judge)
        found.append(
            Reason("too-early", text, date=days.judge, school=school, catalogue_ids=(judge_row,))
        )
    where = know.row(f"frost-class/{tree.frost_class}/where")
    held = say("frost-edge-stayed") if days.early else ""
    text = say("frost-cut", where=where, cut=days.cut, held=held)
    if not know.number(f"frost-class/{tree.frost_class}/cuts"):
        text = say("frost-no-cut", where=where)
    found.append(Reason("cut-on", text, date=days.cut, school=school, catalogue_ids=(cut_row,)))
    if days.postponed:
        text = say("frost-too-late", cut=days.cut)
        found.append(Reason("postponed", text, date=days.cut))
    near_sun = dt.timedelta(days=know.days("frost/whitewash-near"))
    if tree.hot_from is not None and days.cut >= tree.hot_from - near_sun:
        text = say("frost-near-heat")
        found.append(Reason("whitewash", text, date=tree.hot_from))
    return found
