"""A sentence in pieces: words, numbers, and numbers with their units.

Source: our own reading of how people write numbers; feet and inches are exact by definition.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Literal

from .grammar import Grammar, Said, folded
from .kinds import Name

Sort = Literal["word", "number", "mark", "length", "volume", "age", "name", "phrase"]
MEASURED: tuple[Sort, ...] = ("length", "volume", "age")
"""Sorts that are numbers with a unit; the grammar names its units as they are named."""
_TOKEN = re.compile(
    r"[0-9]+(?:[.,][0-9]{3})+(?![0-9])|[0-9]+(?:[.,][0-9]+)?|[½¼¾]"
    r"|[^\W\d_]+(?:['’][^\W\d_]+)*|[^\w\s]|_"
)
_VULGAR = {"½": 0.5, "¼": 0.25, "¾": 0.75}
_FEET, _INCHES = "'′’", '"″”'
_MARKS = ",;:.()/"


@dataclass(frozen=True)
class Atom:
    """A piece of a sentence and where it stands in it. low: in small letters; value: of a number,
    or of a quantity [m, litres, years]; factor: of its unit; rough: it was said as a range or a
    guess; meaning: of a name or a phrase.
    """

    sort: Sort
    low: str
    start: int
    end: int
    value: float = 0.0
    factor: float = 1.0
    rough: bool = False
    meaning: Name | Said | None = None
    typed: str = ""


def tokens(text: str, grouping: str) -> list[Atom]:
    """Words, numbers and marks as they stand; a hyphen between words is a space. grouping: marks
    that may stand between thousands.
    """
    found: list[Atom] = []
    for match in _TOKEN.finditer(text):
        piece, at = match.group(0), (match.start(), match.end())
        if piece in _VULGAR:
            found.append(Atom("number", piece, *at, _VULGAR[piece], typed=piece))
        elif piece[0] in "0123456789":
            found.append(Atom("number", piece, *at, _figure(piece, grouping), typed=piece))
        elif piece[0].isalpha():
            found.append(Atom("word", folded(piece).replace("’", "'"), *at, typed=piece))
        elif piece in _FEET:
            found.append(Atom("mark", "'", *at))
        elif piece in _INCHES:
            found.append(Atom("mark", '"', *at))
        elif piece in "-–—":
            if found and found[-1].sort == "number" and _digit_follows(text, match.end()):
                found.append(Atom("mark", "-", *at))
        elif piece in "&~×+":
            found.append(Atom("word", piece, *at))
        elif piece in _MARKS:
            found.append(Atom("mark", piece, *at))
    return found


def _digit_follows(text: str, at: int) -> bool:
    return text[at : at + 2].strip()[:1].isdigit()


def _figure(piece: str, grouping: str) -> float:
    marks = re.findall(r"[.,]", piece)
    grouped = re.fullmatch(rf"[1-9][0-9]{{0,2}}(?:[{grouping}][0-9]{{3}})+", piece)
    if grouped or len(marks) > 1:
        return float(re.sub(r"[.,]", "", piece))
    return float(piece.replace(",", "."))


def numbered(pieces: Sequence[Atom], words: Grammar) -> list[Atom]:
    """Number words and fractions put together into numbers."""
    found: list[Atom] = []
    i = 0
    while i < len(pieces):
        atom, used = _number_at(pieces, i, words)
        found.append(atom)
        i += used
    return _ranges(found, words)


def _number_at(pieces: Sequence[Atom], i: int, words: Grammar) -> tuple[Atom, int]:
    """The number that begins here, or the piece itself, and how many pieces it takes."""
    value, used = _spoken(pieces, i, words)
    if used == 0:
        return pieces[i], 1
    value, used = _fraction(pieces, i, value, used, words)
    first, last = pieces[i], pieces[i + used - 1]
    if used == 1:
        return replace(first, sort="number", value=value), 1
    return Atom("number", "number", first.start, last.end, value), used


def _low(pieces: Sequence[Atom], i: int) -> str:
    return pieces[i].low if i < len(pieces) and pieces[i].sort in ("word", "mark") else ""


def _spoken(pieces: Sequence[Atom], i: int, words: Grammar) -> tuple[float, int]:
    """Figures or words of a number, with dozens and hundreds."""
    start, low = i, _low(pieces, i)
    articles, halves = words.words["one_article"], words.words["half"]
    if low in halves:
        step = 2 if _low(pieces, i + 1) in articles else 1
        times = _times(pieces, i + step, words)
        return (times / 2, step + 1) if times else (0.0, 0)
    if low in articles:
        times = _times(pieces, i + 1, words)
        if not times:
            return 0.0, 0
        value, i = times, i + 2
    elif pieces[i].sort == "number":
        value, i = pieces[i].value, i + 1
        if times := _times(pieces, i, words):
            value, i = value * times, i + 1
    elif low in words.numbers:
        value, i = _tens(pieces, i, words)
        if times := _times(pieces, i, words):
            value, i = value * times, i + 1
    elif times := _times(pieces, i, words):
        value, i = times, i + 1
    else:
        return 0.0, 0
    if value >= 100 and value % 100 == 0 and pieces[i - 1].sort == "word":
        value, i = _below_hundred(pieces, i, value, words)
    return value, i - start


def _tens(pieces: Sequence[Atom], i: int, words: Grammar) -> tuple[float, int]:
    """A number word, with ones after its tens: thirty-five, treinta y cinco."""
    value, i = words.numbers[_low(pieces, i)], i + 1
    step = 1 if _low(pieces, i) in words.words["tens_and"] else 0
    ones = words.numbers.get(_low(pieces, i + step), 10.0)
    if value >= 20 and value % 10 == 0 and 0 < ones < 10:
        return value + ones, i + step + 1
    return value, i


def _below_hundred(
    pieces: Sequence[Atom], i: int, value: float, words: Grammar
) -> tuple[float, int]:
    """A hundred and twenty, ciento veinte: where a number word follows."""
    after = i + 1 if _low(pieces, i) in words.words["and"] else i
    more = words.numbers.get(_low(pieces, after), 0.0)
    if not 1 < more < 100:
        return value, i
    more, after = _tens(pieces, after, words)
    return value + more, after


def _times(pieces: Sequence[Atom], i: int, words: Grammar) -> float:
    return words.multiples.get(_low(pieces, i), 0.0)


def _fraction(
    pieces: Sequence[Atom], i: int, value: float, used: int, words: Grammar
) -> tuple[float, int]:
    """What follows a whole number as its fraction: ½, 1/2, "and a half"; or the fraction itself."""
    at = i + used
    number = [p.sort == "number" for p in pieces[at : at + 3]]
    if number[:1] == [True] and pieces[at].low in _VULGAR and value.is_integer():
        return value + pieces[at].value, used + 1
    if _low(pieces, at) == "/" and number[1:2] == [True] and pieces[at + 1].value:
        return value / pieces[at + 1].value, used + 2
    if number == [True, False, True] and _low(pieces, at + 1) == "/" and pieces[at + 2].value:
        return value + pieces[at].value / pieces[at + 2].value, used + 3
    if _low(pieces, at) in words.words["and"]:
        step = 2 if _low(pieces, at + 1) in words.words["one_article"] else 1
        if _low(pieces, at + step) in words.words["half"]:
            return value + 0.5, used + step + 1
    return value, used


def _ranges(atoms: Sequence[Atom], words: Grammar) -> list[Atom]:
    """Three to four, 3-4: the middle, as a guess."""
    found: list[Atom] = []
    i = 0
    while i < len(atoms):
        two = atoms[i : i + 3]
        if (
            len(two) == 3
            and two[0].sort == two[2].sort == "number"
            and (two[1].low == "-" or two[1].low in words.words["to"])
            and two[0].value < two[2].value
        ):
            middle = (two[0].value + two[2].value) / 2
            found.append(replace(two[0], low="number", end=two[2].end, value=middle, rough=True))
            i += 3
        else:
            found.append(atoms[i])
            i += 1
    return found


def measured(atoms: Sequence[Atom], words: Grammar) -> list[Atom]:
    """Numbers with the units that follow them; feet and inches are one length."""
    found: list[Atom] = []
    i = 0
    while i < len(atoms):
        atom, used = _quantity_at(atoms, i, words)
        last = found[-1] if found else None
        if (
            atom.sort == "length"
            and last is not None
            and last.sort == "length"
            and (last.factor, atom.factor) == (0.3048, 0.0254)
        ):
            found[-1] = replace(last, end=atom.end, value=last.value + atom.value)
        else:
            found.append(atom)
        i += used
    return found


def _quantity_at(atoms: Sequence[Atom], i: int, words: Grammar) -> tuple[Atom, int]:
    atom, unit = atoms[i], _low(atoms, i + 1)
    single = atom.low in words.words["one_article"] and len(unit) > 3
    if atom.sort != "number" and not single:
        return atom, 1
    amount = 1.0 if single else atom.value
    for sort in MEASURED:
        factor = words.units[sort].get(unit)
        if factor is None or (unit == "in" and not _ends_quantity(atoms, i + 2, words)):
            continue
        used = 2
        if _low(atoms, i + 2) in words.words["and"] and _low(atoms, i + 3) in words.words["half"]:
            amount, used = amount + 0.5, 4
        last = atoms[i + used - 1]
        made = Atom(sort, unit, atom.start, last.end, amount * factor, factor, atom.rough)
        return made, used
    return atom, 1


def _ends_quantity(atoms: Sequence[Atom], i: int, words: Grammar) -> bool:
    """Whether "in" can be an inch here: nothing follows, a mark, or a word of size."""
    if i >= len(atoms) or atoms[i].sort != "word":
        return True
    sizes = ("tall", "wide", "trunk", "round", "by", "apart", "and")
    return any(atoms[i].low in words.words[s] for s in sizes)
