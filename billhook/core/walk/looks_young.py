"""Sums at the questions of a young tree."""

from __future__ import annotations

import datetime as dt
from math import ceil

from ..frame.share import canopy_total, leaf_beyond
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Diameter, Length, Share, say
from .note import Answers, Note, number_in, vigour_in
from .tree import WalkTree, clear_trunk_m, low_limbs


def form_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """The cost of delay: what the low branches cost today, and what they would in a year; and for
    how many trees the answer holds.
    """
    found = [_form_delay(tree, know, answers)]
    if tree.alike > 1:
        found.append(Note(Reason("form-of-block", say("form-of-block", n=tree.alike))))
    return found


def _form_delay(tree: WalkTree, know: Knowledge, answers: Answers) -> Note:
    form = answers.get("form", "tree")
    low = low_limbs(tree, know, form) if form != "bush" else []
    height = Length(clear_trunk_m(tree, know, form), tree.units)
    if not low or tree.frame is None:
        wait = vigour_in(know, "form/thickens-mm-a-year", tree)
        text = say("low-branch-waits", form=form, height=height, wait=Diameter(wait, tree.units))
        return Note(Reason("form-delay", text, catalogue_ids=("form/thickens-mm-a-year",)))
    power, more = know.number("wood/exponent"), vigour_in(know, "form/thickens-mm-a-year", tree)
    total = canopy_total(tree.frame, power)
    now = sum(leaf_beyond(x, 0, power) for x in low) / total if total else 0.0
    grown = sum(leaf_beyond(x, 0, power) * ((x.base_mm + more) / x.base_mm) ** power for x in low)
    later = grown / (total + grown - now * total) if total else 0.0
    words = [Diameter(low[0].base_mm + d, tree.units) for d in (0.0, more)]
    text = say(
        "low-branches",
        form=form,
        height=height,
        branches=say("one-branch") if len(low) == 1 else say("branches", low=len(low)),
        now=Share(now),
        wounds=words[0],
        later=Share(later),
        wounds_later=words[1],
    )
    used: dict[str, float | str | None] = {
        "low branches": len(low),
        "share now": round(now, 3),
        "share in a year": round(later, 3),
        "thickest, mm": low[0].base_mm,
    }
    ids = ("form/thickens-mm-a-year", "form/stage")
    return Note(Reason("form-delay", text, used, catalogue_ids=ids), (f"form-{form}",))


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
        text = say("tie-off", gap=Diameter(gap, tree.units))
        return [
            Note(Reason("tie-now", text, used, date=tree.day, catalogue_ids=ids), ("union-bites",))
        ]
    days = ceil((gap - act) / rate * 30.4)
    off = tree.day + dt.timedelta(days=days)
    look = min(off, tree.day + dt.timedelta(days=check))
    text = say(
        "tie-until",
        gap=Diameter(gap, tree.units),
        rate=Diameter(rate, tree.units),
        off=off,
        look=look,
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
    text = say("clear-below", clear=Length(clear, tree.units), at=Diameter(at, tree.units))
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
    small = tree.pot_l is not None or tree.raised == "seedling"
    rows = (*([f"{tree.species}-small"] if small else []), tree.species, tree.group, "other")
    row = next(r for r in rows if f"first-pinch/{r}/from" in know)
    low, high = know.number(f"first-pinch/{row}/from"), know.number(f"first-pinch/{row}/to")
    stands = (
        say("stands-tall", height=Length(tree.height_m, tree.units))
        if tree.height_m is not None
        else ""
    )
    text = say(
        "first-pinch", low=Length(low, tree.units), high=Length(high, tree.units), stands=stands
    )
    ids = (f"first-pinch/{row}/from", f"first-pinch/{row}/to")
    return [
        Note(
            Reason("first-pinch", text, {"height, m": tree.height_m}, catalogue_ids=ids),
            ("young-pinch-reached", "young-pinch-overgrown"),
        )
    ]
