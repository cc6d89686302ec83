"""What is worked out at a question: sums and dates from the tree's record and what was answered so
far.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from math import ceil

from ..errors import InvalidInput
from ..frame.droop import Pull, pulled_modulus_gpa
from ..frame.share import canopy_total, leaf_beyond
from ..fruit.load import crop_load, thinning
from ..known import Knowledge
from ..pots import pot_cap, tip_dieback
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import diameter_words, length_words, share_words, weight_words
from .neighbours import balance, lagging
from .questions import LATER, chosen_limb
from .skirt import clearance
from .tree import WalkTree, clear_trunk_m, low_limbs

Answers = Mapping[str, str]


@dataclass(frozen=True)
class Note:
    """Something worked out. of: answers whose findings it belongs to; its date, if it has one, is
    when to look again.
    """

    reason: Reason
    of: tuple[str, ...] = ()


def notes(look: str, tree: WalkTree, know: Knowledge, answers: Answers) -> tuple[Note, ...]:
    """What is known at a question with this look; nothing before its own answers are there."""
    return tuple(_LOOKS[look](tree, know, answers)) if look in _LOOKS else ()


def _number(answers: Answers, question: str) -> float | None:
    text = answers.get(question, LATER)
    return None if text == LATER else float(text)


def _vigour(know: Knowledge, known_id: str, tree: WalkTree) -> float:
    return know.numbers(known_id)[max(1, min(5, tree.vigour)) - 1]


def _form(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """The cost of delay: what the low branches cost today, and what they would in a year."""
    form = answers.get("form", "tree")
    low = low_limbs(tree, know, form) if form != "bush" else []
    height = length_words(clear_trunk_m(tree, know, form), tree.units)
    if not low or tree.frame is None:
        wait = _vigour(know, "form/thickens-mm-a-year", tree)
        text = (
            f"As a {form} its lowest branch stays {height} up. A low branch that waits thickens "
            f"about {diameter_words(wait, tree.units)} a year, and so does its wound."
        )
        return [Note(Reason("form-delay", text, catalogue_ids=("form/thickens-mm-a-year",)))]
    power, more = know.number("wood/exponent"), _vigour(know, "form/thickens-mm-a-year", tree)
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


def _tie(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    gap = _number(answers, "tie-gap")
    if gap is None:
        return []
    act, rate, check = (
        know.number("tie/act"),
        _vigour(know, "tie/growth-mm-a-month", tree),
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


def _frost(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if tree.waiting_until is None or tree.day >= tree.waiting_until:
        return []
    text = (
        f"Frost hurt it: wood is not called dead before {day_words(tree.waiting_until)}. Broken "
        "limbs and suckers may come off."
    )
    return [Note(Reason("frost-waits", text, date=tree.waiting_until), ("dead-dead",))]


def _dieback(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if not {"tips-stage", "tips-share"} <= answers.keys():
        return []
    row = f"tips-share/{answers['tips-share']}/share"
    height = _number(answers, "pot-height") or tree.height_m
    found = tip_dieback(know, know.number(row), height or 1.0, answers["tips-stage"])
    out = [
        Note(
            Reason(
                r.code,
                r.text,
                r.used,
                date=r.date,
                school=r.school,
                catalogue_ids=(*r.catalogue_ids, row),
            ),
            ("dead-tips",),
        )
        for r in found.reasons
    ]
    if height and found.shorten_to_m > 0:
        least, most = (
            length_words(x, tree.units) for x in (found.shorten_from_m, found.shorten_to_m)
        )
        much = f"At most {most}" if least == most else f"{least} to {most}"
        out.append(
            Note(
                Reason(
                    "dieback-cut",
                    f"{much} off its {length_words(height, tree.units)}, to a living side shoot.",
                    {"height, m": height},
                ),
                ("dead-tips",),
            )
        )
    return out


def _clearance(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    of = ("skirt-touch", "skirt-hides", "skirt-under")
    found = [Note(clearance(tree, know, answers)[1], of)]
    if tree.frame is not None and answers.get("skirt-limbs", LATER) != LATER:
        cut = {chosen_limb(p)[0] for p in answers["skirt-limbs"].split()}
        all_fruit = sum(x.fruit for x in tree.frame.limbs)
        lost = sum(x.fruit for x in tree.frame.limbs if x.id in cut)
        share = f", {share_words(lost / all_fruit)} of what hangs" if all_fruit else ""
        text = (
            f"The crop given up: {lost} fruit{share}; the skirt bears again higher up within a "
            "year or two."
        )
        found.append(
            Note(
                Reason("skirt-crop", text, {"fruit on them": lost, "fruit on the tree": all_fruit}),
                of,
            )
        )
    return found


def _pull(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    mass, drop, limbs = (
        _number(answers, "skirt-pull"),
        _number(answers, "skirt-drop"),
        answers.get("skirt-limbs", "").split(),
    )
    if mass is None or drop is None or not limbs or limbs == [LATER] or tree.frame is None:
        return []
    limb = tree.frame.limb(chosen_limb(limbs[0])[0])
    modulus = pulled_modulus_gpa(limb.length_m, limb.base_mm, limb.end_mm, Pull(mass, drop))
    row = know.first(f"stiffness/{tree.species}/elastic", f"stiffness/{tree.group}/elastic").id
    usual = know.number(row)
    ratio = usual / modulus
    word = (
        "as one would expect of its wood"
        if abs(ratio - 1) < know.number("droop/as-expected")
        else f"{ratio:.1f} times what its wood usually bends"
        if ratio > 1
        else "less than its wood usually does"
    )
    text = (
        f"It came down {length_words(drop, tree.units)} under {weight_words(mass, tree.units)}: "
        f"it bends {word}. The sag of the others is worked out with that."
    )
    return [
        Note(
            Reason(
                "pulled",
                text,
                {"stiffness, GPa": round(modulus, 2), "usual, GPa": usual},
                catalogue_ids=(row,),
            ),
            ("skirt-touch",),
        )
    ]


def _reach(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    found = []
    if tree.height_m is not None:
        height = length_words(tree.height_m, tree.units)
        by = (
            "by hand"
            if tree.height_m <= tree.reach_m
            else "with a pole"
            if tree.height_m <= tree.pole_m
            else "only from a ladder"
        )
        cap = (
            (
                f" Its cap is {length_words(tree.cap_m, tree.units)}: "
                f"{'over it' if tree.height_m > tree.cap_m else 'under it'}."
            )
            if tree.cap_m is not None
            else ""
        )
        text = (
            f"{height} tall: its top is reached {by} (hand "
            f"{length_words(tree.reach_m, tree.units)}, pole "
            f"{length_words(tree.pole_m, tree.units)}).{cap}"
        )
        found.append(
            Note(
                Reason(
                    "reach",
                    text,
                    {"height, m": tree.height_m, "cap, m": tree.cap_m},
                    catalogue_ids=("cuts/reach", "cuts/pole-reach"),
                ),
                ("height-over",),
            )
        )
    if tree.row_gap_m is not None and tree.spread_m is not None:
        clear = tree.row_gap_m - tree.spread_m
        foot, tractor = know.number("alley/foot"), know.number("alley/tractor")
        word = (
            "enough for a tractor"
            if clear >= tractor
            else "enough on foot, not for a tractor"
            if clear >= foot
            else "too little to walk and work"
        )
        text = (
            f"{length_words(tree.spread_m, tree.units)} wide: a like row beside it leaves "
            f"{length_words(max(0.0, clear), tree.units)} clear, {word}."
        )
        used: dict[str, float | str | None] = {
            "spread, m": round(tree.spread_m, 2),
            "to the next row, m": round(tree.row_gap_m, 2),
        }
        found.append(
            Note(
                Reason("alley", text, used, catalogue_ids=("alley/foot", "alley/tractor")),
                ("height-wide",),
            )
        )
    if (lag := lagging(tree, know)) is not None:
        found.append(Note(lag, ("height-lags",)))
    return found + [Note(r, ("height-shades", "height-shaded")) for r in balance(tree, know)]


def _young_trunk(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
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


def _young_pinch(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
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


def _pot(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if tree.pot_l is None:
        return []
    height, room = (
        _number(answers, "pot-height") or tree.height_m,
        _number(answers, "pot-room") or tree.winter_room_m,
    )
    pot_height = know.number("pot/own-height") * tree.pot_l ** (1 / 3)
    of = ("pot-roots-bound", "pot-roots-rot")
    try:
        cap = pot_cap(know, tree.pot_l, height or 0.0, False, room, pot_height, tree.units)
    except InvalidInput as refused:
        return [
            Note(
                Reason(
                    "pot-room", f"The winter room {refused.problems[0].message}.", {"room, m": room}
                ),
                of,
            )
        ]
    found = [Note(r, of) for r in cap.reasons]
    if height and cap.shorten_m > 0:
        text = (
            f"It is {length_words(cap.shorten_m, tree.units)} too tall for its {cap.by}: "
            f"shorten it to {length_words(cap.cap_m, tree.units)} in its window, no more than a "
            "third at once."
        )
        found.append(
            Note(
                Reason(
                    "pot-tall",
                    text,
                    {"height, m": height, "cap, m": round(cap.cap_m, 2)},
                    catalogue_ids=("pot/height-factor",),
                ),
                of,
            )
        )
    weight = tree.pot_l * know.number("pot/wet-density")
    carry = f"Watered it weighs about {weight_words(weight, tree.units)}" + (
        ": two people or a trolley." if weight > know.number("pot/two-people-kg") else "."
    )
    for day, words in ((tree.carry_in, " In by"), (tree.carry_out, " Out from")):
        carry += f"{words} {day_words(day)}." if day else ""
    if tree.carry_out:
        carry += f" Then {know.number('pot/shade-weeks'):g} weeks of shade, thick at first."
    return [
        *found,
        Note(
            Reason(
                "pot-carry",
                carry,
                {"weight, kg": round(weight)},
                catalogue_ids=("pot/wet-density", "pot/two-people-kg", "pot/shade-weeks"),
            ),
            of,
        ),
    ]


def _thinning(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    clusters = _number(answers, "thin-clusters")
    if clusters is None or answers.get("thin-counts", LATER) == LATER:
        return []
    row = next(
        r for r in (tree.species, tree.group, "other") if f"keep-per-cluster/{r}/keep" in know
    )
    try:
        found = thinning(
            know,
            [int(x) for x in answers["thin-counts"].split()],
            int(know.number(f"keep-per-cluster/{row}/keep")),
            int(clusters),
        )
    except InvalidInput as refused:
        return [
            Note(
                Reason("thin-more", f"For the sum, {refused.problems[0].message}."), ("crop-many",)
            )
        ]
    text = (
        f"Take off about {found.remove} fruit, between {found.remove_low} and "
        f"{found.remove_high} nineteen times in twenty."
    )
    used: dict[str, float | str | None] = {
        "take off": found.remove,
        "low": found.remove_low,
        "high": found.remove_high,
    }
    return [
        Note(
            Reason("thin-off", text, used, catalogue_ids=(f"keep-per-cluster/{row}/keep",)),
            ("crop-many",),
        ),
        *(Note(r, ("crop-many",)) for r in found.reasons),
    ]


def _crop_load(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    fruit, trunk = (
        _number(answers, "load-fruit"),
        _number(answers, "union-trunk") or _number(answers, "load-trunk") or tree.trunk_mm,
    )
    if fruit is None:
        return []
    if trunk is None:
        return [
            Note(
                Reason(
                    "load-trunk",
                    "Measure the trunk above the union: how much it may carry follows from that.",
                ),
                ("crop-young",),
            )
        ]
    found = crop_load(know, [trunk], max(1, tree.age_years), int(fruit), tree.fruit_kg, tree.units)
    return [Note(r, ("crop-young",)) for r in found.reasons]


_LOOKS: dict[str, Callable[[WalkTree, Knowledge, Answers], list[Note]]] = {
    "form": _form,
    "tie": _tie,
    "frost": _frost,
    "dieback": _dieback,
    "clearance": _clearance,
    "pull": _pull,
    "reach": _reach,
    "young-trunk": _young_trunk,
    "young-pinch": _young_pinch,
    "pot": _pot,
    "thinning": _thinning,
    "crop-load": _crop_load,
}
