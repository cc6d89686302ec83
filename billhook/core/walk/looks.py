"""What is worked out at a question: sums and dates from the tree's record and what was answered so
far.
"""

from __future__ import annotations

from collections.abc import Callable

from ..known import Knowledge
from ..pots import tip_dieback
from ..reasons import Reason, Used
from ..words.values import Length, Value, say
from .looks_load import (
    clearance_note,
    crop_load_note,
    keep_note,
    mulch_note,
    pull_note,
    thinning_note,
)
from .looks_pot import pot_note
from .looks_young import form_note, tie_note, young_pinch, young_trunk
from .neighbours import balance, lagging
from .note import Answers, Note, number_in
from .tree import WalkTree


def notes(look: str, tree: WalkTree, know: Knowledge, answers: Answers) -> tuple[Note, ...]:
    """What is known at a question with this look; nothing before its own answers are there."""
    return tuple(_LOOKS[look](tree, know, answers)) if look in _LOOKS else ()


def _frost(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if tree.waiting_until is None or tree.day >= tree.waiting_until:
        return []
    text = say("look-frost", waiting_until=tree.waiting_until)
    return [Note(Reason("frost-waits", text, date=tree.waiting_until), ("dead-dead",))]


def _suckers(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """What a sucker does that is left."""
    text = say("look-sucker-left", months=know.number("shoot/thick-in-months"))
    why = Reason("sucker-left", text, catalogue_ids=("shoot/thick-in-months",))
    return [Note(why, ("below-outcome-waits", "below-left-half", "below-left-some"))]


def _dieback(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if not {"tips-stage", "tips-share"} <= answers.keys():
        return []
    row = f"tips-share/{answers['tips-share']}/share"
    height = number_in(answers, "pot-height") or tree.height_m
    found = tip_dieback(know, know.number(row), height or 1.0, answers["tips-stage"])
    out = [
        Note(
            Reason(
                r.code,
                r.says,
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
        least, most = (Length(x, tree.units) for x in (found.shorten_from_m, found.shorten_to_m))
        much = (
            say("look-at-most", most=most)
            if least == most
            else say("look-from-to", least=least, most=most)
        )
        out.append(
            Note(
                Reason(
                    "dieback-cut",
                    say(
                        "look-tips",
                        much=much,
                        height=Length(height, tree.units),
                        left=Length(height - found.shorten_to_m, tree.units),
                    ),
                    {"height, m": height},
                ),
                ("dead-tips",),
            )
        )
    return out


def _reach(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    found = []
    if tree.height_m is not None:
        found.append(Note(_top(tree, tree.height_m), ("height-over",)))
    if tree.row_gap_m is not None and tree.spread_m is not None:
        found.append(Note(_alley(know, tree, tree.row_gap_m, tree.spread_m), ("height-wide",)))
    if (lag := lagging(tree, know)) is not None:
        found.append(Note(lag, ("height-lags",)))
    return found + [Note(r, ("height-shades", "height-shaded")) for r in balance(tree, know)]


def _top(tree: WalkTree, height_m: float) -> Reason:
    """By what the top is reached, and whether it is over its cap."""
    units, cap_m = tree.units, tree.cap_m
    by = (
        say("look-by-hand")
        if height_m <= tree.reach_m
        else say("look-pole" if height_m <= tree.pole_m else "look-ladder")
    )
    cap: Value = ""
    if cap_m is not None:
        where = say("look-over" if height_m > cap_m else "look-under")
        cap = say("look-cap", cap=Length(cap_m, units), where=where)
    text = say(
        "look-reach",
        height=Length(height_m, units),
        by=by,
        reach=Length(tree.reach_m, units),
        pole=Length(tree.pole_m, units),
        cap=cap,
    )
    used = {"height, m": height_m, "cap, m": cap_m}
    return Reason("reach", text, used, catalogue_ids=("cuts/reach", "cuts/pole-reach"))


def _alley(know: Knowledge, tree: WalkTree, gap_m: float, spread_m: float) -> Reason:
    """What a like row beside it leaves clear, and for whom that is enough."""
    clear = gap_m - spread_m
    foot, tractor = know.number("alley/foot"), know.number("alley/tractor")
    word = (
        say("look-tractor")
        if clear >= tractor
        else say("look-on-foot" if clear >= foot else "look-too-little")
    )
    text = say(
        "look-clear",
        spread=Length(spread_m, tree.units),
        clear=Length(max(0.0, clear), tree.units),
        word=word,
    )
    used: dict[str, Used] = {"spread, m": round(spread_m, 2), "to the next row, m": round(gap_m, 2)}
    return Reason("alley", text, used, catalogue_ids=("alley/foot", "alley/tractor"))


_LOOKS: dict[str, Callable[[WalkTree, Knowledge, Answers], list[Note]]] = {
    "form": form_note,
    "tie": tie_note,
    "frost": _frost,
    "suckers": _suckers,
    "dieback": _dieback,
    "clearance": clearance_note,
    "pull": pull_note,
    "reach": _reach,
    "young-trunk": young_trunk,
    "young-pinch": young_pinch,
    "pot": pot_note,
    "keep": keep_note,
    "mulch": mulch_note,
    "thinning": thinning_note,
    "crop-load": crop_load_note,
}
