"""Why a hurt tree waits or may be cut, in sentences."""

from __future__ import annotations

import datetime as dt

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from .after import NO_WOOD, AfterFrost, CutDays
from .kinds import class_figure

_VERDICTS = {
    "alive": "Alive above the union.",
    "rootstock-only": (
        "Only the rootstock lives: re-bud it, replace it, or keep the stock; its shoots are "
        "not the tree."
    ),
    "wait": "Wait: it cannot be told yet.",
    "dead": "Dead, above the union and below.",
}


_CAUTIONS = (
    "Hazards come off at once; dead wood is brittle, falls without warning and does not carry a "
    "ladder, and frozen or soaked ground moves under one. No systemic herbicide under it this "
    "season; suckers below the union are asked about before they go."
)


def why(
    know: Knowledge, tree: AfterFrost, days: CutDays, verdict: str, provisional: bool
) -> tuple[Reason, ...]:
    """The verdict, what its class means, what was seen, and the days, in this order."""
    used, row = {"class": tree.frost_class}, f"frost-class/{tree.frost_class}"
    dead, does = know.text(f"{row}/dead"), know.text(f"{row}/does")
    means = f"{tree.frost_class}, dead: {dead}. {does[:1].upper()}{does[1:]}."
    found = [
        Reason("verdict", _VERDICTS[verdict], used),
        Reason("class-means", means, used, catalogue_ids=(f"{row}/does",)),
    ]
    if provisional:
        found.append(_false_start(tree))
    if tree.collapsed_on is not None and verdict == "wait":
        text = (
            f"The flush collapsed by {day_words(tree.collapsed_on)}: a false start. What was green "
            "before counts no more; scratch again, further down."
        )
        found.append(Reason("collapsed", text, date=tree.collapsed_on))
    if tree.frost_class not in NO_WOOD:
        found += _days(know, tree, days)
    kind = know.get(f"frost-kind/{tree.species}/says")
    if kind is not None and tree.frost_class != "F0":
        found.append(Reason("kind", str(kind.value), catalogue_ids=(kind.id,)))
    return (*found, Reason("cautions", _CAUTIONS))


def _false_start(tree: AfterFrost) -> Reason:
    since = tree.hot_since
    again = (
        f"It has been hot since {day_words(since)}: look again now."
        if since
        else "Look again after warm weather."
    )
    text = (
        "Green this early proves nothing: weak limbs flush on what they had stored and collapse in "
        f"the first heat. {again}"
    )
    return Reason("false-start", text, date=since, catalogue_ids=("frost/hot-spell",))


def _days(know: Knowledge, tree: AfterFrost, days: CutDays) -> list[Reason]:
    """When it is judged and cut, and what stands in the way."""
    found = []
    judge_row, cut_row = (
        class_figure(know, tree.frost_class, c, tree.species) for c in ("judge-after", "cut-after")
    )
    if tree.today < days.judge:
        text = (
            f"Too early: judge it on {day_words(days.judge)}. Cut before that and live wood goes, "
            "and the cut is made twice."
        )
        found.append(Reason("too-early", text, date=days.judge, catalogue_ids=(judge_row,)))
    where = know.text(f"frost-class/{tree.frost_class}/where")
    held = " (the edge stayed through the second flush)" if days.early else ""
    text = f"Cut {where}, from {day_words(days.cut)}{held}."
    if not know.number(f"frost-class/{tree.frost_class}/cuts"):
        text = f"No cut: {where}."
    found.append(Reason("cut-on", text, date=days.cut, catalogue_ids=(cut_row,)))
    if days.postponed:
        text = (
            "Later than the last safe cut of this season: the shaping waits for "
            f"{day_words(days.cut)}; only dead wood that endangers comes off."
        )
        found.append(Reason("postponed", text, date=days.cut))
    near_sun = dt.timedelta(days=know.days("frost/whitewash-near"))
    if tree.hot_from is not None and days.cut >= tree.hot_from - near_sun:
        text = "Near the hot season: whitewash the same day."
        found.append(Reason("whitewash", text, date=tree.hot_from))
    return found
