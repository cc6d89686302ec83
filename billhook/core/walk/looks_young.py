"""Sums at the questions of a young tree."""

from __future__ import annotations

import datetime as dt
from math import ceil

from ..frame.share import canopy_total, leaf_beyond
from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import diameter_words, length_words, share_words
from .note import Answers, Note, number_in, vigour_in
from .tree import WalkTree, clear_trunk_m, low_limbs


def form_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """The cost of delay: what the low branches cost today, and what they would in a year."""
    form = answers.get("form", "tree")
    low = low_limbs(tree, know, form) if form != "bush" else []
    height = length_words(clear_trunk_m(tree, know, form), tree.units)
    if not low or tree.frame is None:
        wait = vigour_in(know, "form/thickens-mm-a-year", tree)
        text = (
            f"As a {form} its lowest branch stays {height} up. A low branch that waits thickens "
            f"about {diameter_words(wait, tree.units)} a year, and so does its wound."
        )
        return [Note(Reason("form-delay", text, catalogue_ids=("form/thickens-mm-a-year",)))]
    power, more = know.number("wood/exponent"), vigour_in(know, "form/thickens-mm-a-year", tree)
    total = canopy_total(tree.frame, power)
    now = sum(leaf_beyond(x, 0, power) for x in low) / total if total else 0.0
    grown = sum(leaf_beyond(x, 0, power) * ((x.base_mm + more) / x.base_mm) ** power for x in low)
    later = grown / (total + grown - now * total) if total else 0.0
    words = [diameter_words(low[0].base_mm + d, tree.units) for d in (0.0, more)]
    text = (
        f"As a {form} its lowest branch stays {height} up. "
        f"{'One branch' if len(low) == 1 else f'{len(low)} branches'} below it cost "
        f"{share_words(now)} of the leaf "
        f"and wounds to {words[0]} today; left for a year, {share_words(later)} and "
        f"{words[1]}. They go in stages, half of them at once at most."
    )
    used: dict[str, float | str | None] = {
        "low branches": len(low),
        "share now": round(now, 3),
        "share in a year": round(later, 3),
        "thickest, mm": low[0].base_mm,
    }
    return [
        Note(
            Reason(
                "form-delay", text, used, catalogue_ids=("form/thickens-mm-a-year", "form/stage")
            ),
            (f"form-{form}",),
        )
    ]


def tie_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    gap = number_in(answers, "tie-gap")
    if gap is None:
        return []
    act, rate, check = (
        know.number("tie/act"),
        vigour_in(know, "tie/growth-mm-a-month", tree),
        know.days("tie/check"),
    )
    ids = ("tie/act", "tie/growth-mm-a-month", "tie/check")
    used: dict[str, float | str | None] = {"gap, mm": gap, "trunk grows, mm a month": rate}
    if gap < act:
        text = (
            f"A gap of {diameter_words(gap, tree.units)} is closed by now: the tie comes off "
            "today, another goes on with a finger's slack if it is still needed."
        )
        return [
            Note(Reason("tie-now", text, used, date=tree.day, catalogue_ids=ids), ("union-bites",))
        ]
    days = ceil((gap - act) / rate * 30.4)
    off = tree.day + dt.timedelta(days=days)
    look = min(off, tree.day + dt.timedelta(days=check))
    text = (
        f"With {diameter_words(gap, tree.units)} of slack, and a trunk that thickens about "
        f"{diameter_words(rate, tree.units)} a month while it grows, it must come off by "
        f"{day_words(off)}; look again {day_words(look)}."
    )
    return [
        Note(
            Reason(
                "tie-by", text, {**used, "off by": off.isoformat()}, date=look, catalogue_ids=ids
            ),
            ("union-bites",),
        )
    ]


def young_trunk(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    at, clear = know.number("young/trunk-shoot-mm"), clear_trunk_m(tree, know, answers.get("form"))
    text = (
        f"Below {length_words(clear, tree.units)} nothing stays for good; what is thicker than "
        f"{diameter_words(at, tree.units)} comes off, the rest feeds the trunk for another year."
    )
    return [
        Note(
            Reason(
                "young-trunk",
                text,
                {"from, mm": at},
                catalogue_ids=("young/trunk-shoot-mm", "form/stage"),
            ),
            ("young-trunk-thick", "young-trunk-leaves"),
        )
    ]


def young_pinch(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    row = next(r for r in (tree.species, tree.group, "other") if f"first-pinch/{r}/from" in know)
    low, high = know.number(f"first-pinch/{row}/from"), know.number(f"first-pinch/{row}/to")
    stands = (
        f" It stands {length_words(tree.height_m, tree.units)} tall."
        if tree.height_m is not None
        else ""
    )
    text = (
        f"First pinch between {length_words(low, tree.units)} and "
        f"{length_words(high, tree.units)}.{stands}"
    )
    ids = (f"first-pinch/{row}/from", f"first-pinch/{row}/to")
    return [
        Note(
            Reason("first-pinch", text, {"height, m": tree.height_m}, catalogue_ids=ids),
            ("young-pinch-reached", "young-pinch-overgrown"),
        )
    ]
