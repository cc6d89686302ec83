"""What stands there, as growers say it: "row 3, 24 navels alike"; "one old orange, 15 ft tall, and
a lemon in a pot".

What was not said stays open or is asked; nothing is filled in.
"""

from __future__ import annotations

import datetime as dt
import unicodedata
from collections.abc import Sequence
from dataclasses import dataclass, fields, replace
from typing import Any

from ..known import Knowledge
from .clauses import clauses_of
from .grammar import Grammar, folded
from .group import Group, Reading, read_clause
from .unread import unread_runs
from .values import Value, say

A_WORD = 4
"""Letters of a word that was not read, where a whole kind is missing."""
HANDED_ON = ("block", "row", "planted_year", "age_years", "rootstock", "in_pot", "under_cover")


@dataclass(frozen=True)
class Ask:
    """What must still be said of a group: the field, and the question."""

    group: int
    field: str
    words: Value


WHICH = {
    "lime": say("ask-which-lime"),
    "orange": say("ask-which-orange"),
    "lemon-or-lime": say("ask-which-lemon"),
}
"""What is asked where a word means one of several kinds, by the question's name in a grammar."""


@dataclass(frozen=True)
class Planting:
    """Groups in the order they were said; unread: runs of words that were not used."""

    groups: tuple[Group, ...]
    unread: tuple[str, ...]
    asks: tuple[Ask, ...]


def understand_planting(
    text: str, know: Knowledge, languages: Sequence[Grammar], day: dt.date
) -> Planting:
    """Read what stands there out of a sentence, in the first of the languages that leaves the least
    of it over. day: from which ages are counted. A number with a unit is never a count; one noun
    counts one, a bare plural is asked.
    """
    plain = unicodedata.normalize("NFC", text)
    read = [(_read(plain, know, words, day), words) for words in languages]
    return min(read, key=lambda one: _left_over(*one))[0]


def _left_over(read: Planting, words: Grammar) -> int:
    """How many letters were not read; a group without a kind counts as a word. A tree that drops
    its leaves is known to its language.
    """
    kindless = sum(1 for group in read.groups if group.species is None)
    left = [w for run in read.unread for w in folded(run).split() if w not in words.drops_leaves]
    return A_WORD * kindless + sum(map(len, left))


def _read(text: str, know: Knowledge, words: Grammar, day: dt.date) -> Planting:
    readings: list[Reading] = []
    waiting: list[Reading] = []
    handed: dict[str, Any] = {}
    for clause in clauses_of(text, know, words):
        one = read_clause(clause, words, day)
        if clause.kind is None and not one.stranger:
            if readings and not _clash(readings[-1].group, one.group):
                readings[-1] = _joined(readings[-1], one)
            else:
                waiting.append(one)
            if clause.introduces:
                handed = {f: v for f in HANDED_ON if (v := getattr(one.group, f))}
            continue
        for before in reversed(waiting):
            one = _joined(before, one)
        waiting = []
        here = {f: v for f, v in handed.items() if getattr(one.group, f) is None}
        readings.append(replace(one, group=replace(one.group, **here)))
    readings = _leftover(readings, waiting)
    readings = _one_place(_without_total(readings))
    groups = tuple(_counted(r) for r in readings)
    unread = unread_runs(text, [a for r in readings for a in r.unread], words)
    asks = tuple(
        ask
        for nth, (reading, group) in enumerate(zip(readings, groups, strict=True))
        for ask in _asks(nth, group, reading, words)
    )
    return Planting(groups, unread, asks)


def _said(group: Group) -> dict[str, Any]:
    return {f.name: v for f in fields(Group) if (v := getattr(group, f.name)) is not None}


def _clash(held: Group, more: Group) -> bool:
    """Whether a clause says again what a group has: it then speaks of what follows."""
    return any(name in _said(held) for name in _said(more) if name not in ("about", "in_pot"))


def _joined(first: Reading, second: Reading) -> Reading:
    return Reading(
        replace(second.group, **_said(first.group))
        if second.kind
        else replace(first.group, **_said(second.group)),
        first.kind or second.kind,
        first.unsure or second.unsure,
        first.plural or second.plural,
        first.stranger or second.stranger,
        (*first.unread, *second.unread),
        first.all_of or second.all_of,
        first.pair or second.pair,
    )


def _leftover(readings: list[Reading], waiting: list[Reading]) -> list[Reading]:
    """Clauses after the last kind, or where none was named at all."""
    if not waiting:
        return readings
    left = waiting[0]
    for more in waiting[1:]:
        left = _joined(left, more)
    if readings:
        return [*readings[:-1], replace(readings[-1], unread=(*readings[-1].unread, *left.unread))]
    return [left]


def _without_total(readings: list[Reading]) -> list[Reading]:
    """Two avocados, one Hass and one Fuerte: the first only counts those that follow."""
    if len(readings) < 3:
        return readings
    first, rest = readings[0].group, [r.group for r in readings[1:]]
    same = all(g.species == first.species and g.cultivar for g in rest)
    counts = [
        g.count or (1 if not r.plural else 0) for g, r in zip(rest, readings[1:], strict=True)
    ]
    plain = set(_said(first)) <= {"count", "species"}
    return readings[1:] if same and plain and first.count == sum(counts) else readings


def _one_place(readings: list[Reading]) -> list[Reading]:
    """In one pot, in one hole: said of those named before it too, where they have no place."""
    found = list(readings)
    for nth, reading in enumerate(found):
        if not reading.all_of:
            continue
        place = {f: getattr(reading.group, f) for f in ("together", "in_pot", "pot_l")}
        for before in range(nth - 1, -1, -1):
            group = found[before].group
            if group.in_pot or group.together or group.row or group.block:
                break
            found[before] = replace(found[before], group=replace(group, **place))
    return found


def _counted(reading: Reading) -> Group:
    """A single noun is one tree; rows of so many are so many."""
    group = reading.group
    count = group.count
    if count is None and group.rows and group.per_row:
        count = group.rows * group.per_row
    if count is None and not reading.plural and not group.rows and not group.per_row:
        count = 1
    return _paired(replace(group, count=count), reading.pair)


def _paired(group: Group, pair: tuple[float, float] | None) -> Group:
    """So much by so much is height by spread of one tree, spacing in and between rows of more."""
    if pair is None:
        return group
    if group.count != 1 or group.rows or group.per_row:
        narrow, wide = sorted(pair)
        return replace(group, spacing_m=narrow, row_spacing_m=wide)
    return replace(group, height_m=group.height_m or pair[0], spread_m=group.spread_m or pair[1])


def _asks(nth: int, group: Group, reading: Reading, words: Grammar) -> list[Ask]:
    found: list[tuple[str, Value]] = []
    if group.count is None:
        found.append(("count", say("ask-how-many")))
    if group.species is None:
        found.append(("species", _kind_ask(reading, words)))
    elif reading.unsure:
        found.append(("species", WHICH[words.unsure[reading.unsure]]))
    if group.planted_year is None:
        found.append(("planted_year", say("ask-planted-when")))
    if group.in_pot and group.pot_l is None:
        found.append(("pot_l", say("ask-pot-size")))
    return [Ask(nth, field, question) for field, question in found]


def _kind_ask(reading: Reading, words: Grammar) -> Value:
    sheds = next((a.typed for a in reading.unread if a.low in words.drops_leaves), None)
    if sheds:
        return say("ask-drops-leaves", word=sheds.lower())
    nouns = [a for a in reading.unread if a.sort == "word"]
    nouns = [n for n in nouns if n.low not in words.words["filler"]]
    if not nouns:
        return say("ask-which-kind")
    noun = nouns[0] if words.noun_first else nouns[-1]
    return say("ask-own-kind", word=(noun.typed or noun.low).lower())
