"""Sums at the questions of a tree in a pot."""

from __future__ import annotations

from ..errors import InvalidInput
from ..known import Knowledge
from ..pots import pot_cap
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import length_words, weight_words
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
