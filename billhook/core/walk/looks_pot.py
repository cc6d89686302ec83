"""Sums at the questions of a tree in a pot."""

from __future__ import annotations

from ..errors import InvalidInput
from ..known import Knowledge
from ..pots import PotCap, pot_cap
from ..reasons import Reason
from ..words.values import Length, Weight, say
from .note import Answers, Note, number_in
from .tree import WalkTree


def pot_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    if tree.pot_l is None:
        return []
    height, room = (
        number_in(answers, "pot-height") or tree.height_m,
        number_in(answers, "pot-room") or tree.winter_room_m,
    )
    pot_height = know.number("pot/own-height") * tree.pot_l ** (1 / 3)
    of = ("pot-roots-bound", "pot-roots-rot")
    try:
        cap = pot_cap(know, tree.pot_l, height or 0.0, False, room, pot_height, tree.units)
    except InvalidInput as refused:
        text = say("winter-room", message=refused.problems[0].message)
        return [Note(Reason("pot-room", text, {"room, m": room}), of)]
    found = [*cap.reasons]
    if height and cap.shorten_m > 0:
        found.append(_too_tall(tree, cap, height))
    found.append(_carry(tree, know, tree.pot_l * know.number("pot/wet-density")))
    return [Note(r, of) for r in found]


def _too_tall(tree: WalkTree, cap: PotCap, height_m: float) -> Reason:
    text = say(
        "pot-too-tall",
        shorten=Length(cap.shorten_m, tree.units),
        by=cap.by,
        cap=Length(cap.cap_m, tree.units),
    )
    used = {"height, m": height_m, "cap, m": round(cap.cap_m, 2)}
    return Reason("pot-tall", text, used, catalogue_ids=("pot/height-factor",))


def _carry(tree: WalkTree, know: Knowledge, weight_kg: float) -> Reason:
    """What the watered pot weighs, and when it is carried."""
    carry = say("pot-weighs", weight=Weight(weight_kg, tree.units)) + (
        say("pot-two-people") if weight_kg > tree.carries_kg else "."
    )
    for day, words in ((tree.carry_in, say("pot-in")), (tree.carry_out, say("pot-out"))):
        carry += say("pot-on-day", words=words, day=day) if day else ""
    if tree.carry_out:
        carry += say("pot-shade", shade_weeks=know.number("pot/shade-weeks"))
    ids = ("pot/wet-density", "pot/two-people-kg", "pot/shade-weeks")
    return Reason("pot-carry", carry, {"weight, kg": round(weight_kg)}, catalogue_ids=ids)
