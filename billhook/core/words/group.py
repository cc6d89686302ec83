"""One clause of a sentence: what it says of a planting, and what of it was not used."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, field, replace
from math import pi

from .atoms import Atom
from .clauses import Clause
from .grammar import Grammar, Said
from .kinds import Name

YEARS = (1850, 1)
"""The first year a tree may have been planted in, and how many years ahead are the last."""


@dataclass(frozen=True)
class Group:
    """Like trees. count: None where it was not said. row: as it was called; rows, per_row: how many
    rows of how many. spacing_m, row_spacing_m: in the row, between rows. in_pot: True where a pot
    was spoken of. about: a figure was a guess. together: in one hole or pot with others.
    """

    count: int | None = None
    species: str | None = None
    cultivar: str | None = None
    rootstock: str | None = None
    block: str | None = None
    row: str | None = None
    rows: int | None = None
    per_row: int | None = None
    spacing_m: float | None = None
    row_spacing_m: float | None = None
    in_pot: bool | None = None
    pot_l: float | None = None
    under_cover: bool | None = None
    planted_year: int | None = None
    age_years: float | None = None
    about: bool | None = None
    height_m: float | None = None
    spread_m: float | None = None
    trunk_mm: float | None = None
    origin: str | None = None
    medium: str | None = None
    form: str | None = None
    together: bool | None = None


@dataclass(frozen=True)
class Reading:
    """What a clause came to. kind: it names one; unsure: the word that may mean several kinds;
    stranger: it counts a kind that is not known; unread: pieces that were not used; all_of: its
    place is that of what was named before it too; pair: so much by so much [m].
    """

    group: Group
    kind: bool = False
    unsure: str | None = None
    plural: bool = False
    stranger: bool = False
    unread: tuple[Atom, ...] = ()
    all_of: bool = False
    pair: tuple[float, float] | None = None


@dataclass
class _Clause:
    """Pieces with what was used of them."""

    atoms: tuple[Atom, ...]
    words: Grammar
    day: dt.date
    said: dict[str, object] = field(default_factory=dict)
    used: set[int] = field(default_factory=set)
    pair: tuple[float, float] | None = None

    def low(self, i: int) -> str:
        """The word at a place; nothing for a piece that is no word or is used."""
        there = 0 <= i < len(self.atoms) and i not in self.used
        return self.atoms[i].low if there and self.atoms[i].sort == "word" else ""

    def is_(self, i: int, what: str) -> bool:
        """Whether the word at a place is one of those for a purpose."""
        return self.low(i) in self.words.words[what]

    def tell(self, name: str, value: object, *at: int) -> None:
        """A field is said, once, by the pieces at these places."""
        if name not in self.said:
            self.said[name] = value
            self.used.update(at)

    def number(self, i: int) -> int | None:
        """The whole number at a place that is not used."""
        if not (0 <= i < len(self.atoms)) or i in self.used:
            return None
        atom = self.atoms[i]
        whole = atom.sort == "number" and atom.value.is_integer() and atom.value >= 1
        if self.is_(i + 1, "other_units"):
            return None
        return int(atom.value) if whole and not atom.rough else None


def read_clause(clause: Clause, words: Grammar, day: dt.date) -> Reading:
    """What a clause says, its clearest words first."""
    at = _Clause(clause.atoms, words, day)
    _kinds(at, clause)
    _phrases(at)
    _places(at)
    _pairs(at)
    _lengths(at)
    _pots(at)
    _ages(at)
    counted = _count(at)
    _guesses(at)
    left = tuple(a for i, a in enumerate(clause.atoms) if i not in at.used)
    unsure = next(
        (
            a.low
            for a in clause.atoms
            if a.low in words.unsure and a.sort == "name" and clause.cultivar is None
        ),
        None,
    )
    alone = unsure and not any(a.sort == "name" and a.low not in words.unsure for a in clause.atoms)
    noun = next((a for a in left if a.sort == "word" and a.low not in words.words["filler"]), None)
    many = counted > 1 and noun is not None and noun.low.endswith("s") and len(noun.low) > 3
    many_words = any(a.sort == "word" and a.low in words.words["many"] for a in clause.atoms)
    return Reading(
        Group(**at.said),  # type: ignore[arg-type]  # each finder tells its field's own type
        clause.kind is not None,
        unsure if alone else None,
        clause.kind is not None and (clause.kind.plural or many_words or _of_other_units(at)),
        clause.kind is None and (clause.stranger or many),
        left,
        any(isinstance(a.meaning, Said) and a.meaning.field == "together" for a in clause.atoms),
        at.pair,
    )


def _of_other_units(at: _Clause) -> bool:
    """So many acres of a kind: how many trees is not said."""
    return (
        any(a.sort == "number" and at.is_(i + 1, "other_units") for i, a in enumerate(at.atoms))
        and "count" not in at.said
    )


def _kinds(at: _Clause, clause: Clause) -> None:
    if clause.kind is not None:
        at.said["species"] = clause.kind.row
    if clause.cultivar is not None:
        at.said["cultivar"] = clause.cultivar
    for i, atom in enumerate(at.atoms):
        if isinstance(atom.meaning, Name):
            at.used.add(i)
            if atom.meaning.table == "rootstocks":
                at.said.setdefault("rootstock", atom.meaning.row)
                at.used.update(
                    j
                    for j in (i - 2, i - 1, i + 1)
                    if at.is_(j, "on") or (j == i + 1 and at.is_(j, "stock"))
                )


def _phrases(at: _Clause) -> None:
    """Phrases with one meaning each."""
    for i, atom in enumerate(at.atoms):
        if not isinstance(atom.meaning, Said):
            continue
        name, value = atom.meaning.field, atom.meaning.value
        at.used.add(i)
        if name == "planted_ago":
            at.said.setdefault("planted_year", at.day.year - int(value))
        elif name == "in_ground":
            continue
        else:
            at.said.setdefault(name, value or True)
            if name == "together" and set(atom.low.split()) & at.words.words["pot"]:
                at.said.setdefault("in_pot", True)


def _places(at: _Clause) -> None:
    """Blocks, rows and how many stand in a row."""
    for i in range(len(at.atoms)):
        if at.is_(i, "block"):
            _label(at, "block", i)
        elif at.is_(i, "rows"):
            rows, each = at.number(i - 1), at.number(i + 2) if at.is_(i + 1, "of") else None
            if rows:
                at.tell("rows", rows, i - 1, i)
            if each:
                at.tell("per_row", each, i, i + 1, i + 2)
        elif at.is_(i, "row") and not _in_the_row(at, i):
            each = at.number(i + 2) if at.is_(i + 1, "of") else None
            if each:
                at.tell("count", each, i, i + 1, i + 2)
            else:
                _label(at, "row", i)


def _in_the_row(at: _Clause, i: int) -> bool:
    """So many metres in the row: the row is not called anything."""
    return any(at.atoms[j].sort == "length" for j in (i - 2, i - 3) if j >= 0)


def _label(at: _Clause, name: str, i: int) -> None:
    """The word or number after "row" or "block", as it was typed."""
    if i + 1 >= len(at.atoms) or i + 1 in at.used:
        return
    label = at.atoms[i + 1]
    known = label.low in at.words.words["filler"] or label.sort not in ("word", "number")
    letter = label.sort == "word" and len(label.low) == 1
    if letter or not known:
        at.tell(name, label.typed, i, i + 1)


def _pairs(at: _Clause) -> None:
    """So much by so much."""
    for i in range(len(at.atoms) - 2):
        if not at.is_(i + 1, "by") or {i, i + 2} & at.used:
            continue
        first, second = at.atoms[i], at.atoms[i + 2]
        if second.sort != "length":
            continue
        if first.sort == "number":
            first = replace(first, sort="length", value=first.value * second.factor)
        if first.sort != "length":
            continue
        if apart := [j for j in (i + 3, i - 1, i - 2) if at.is_(j, "apart")]:
            narrow, wide = sorted((first.value, second.value))
            at.tell("spacing_m", round(narrow, 3), *apart)
            at.tell("row_spacing_m", round(wide, 3))
        elif at.pair is None:
            at.pair = (round(first.value, 3), round(second.value, 3))
        at.used.update((i, i + 1, i + 2))


def _lengths(at: _Clause) -> None:
    for i, atom in enumerate(at.atoms):
        if atom.sort != "length" or i in at.used:
            continue
        trunk = next(
            (j for j in (i + 1, *range(i - 1, max(-1, i - 5), -1)) if at.is_(j, "trunk")), None
        )
        girth = [j for j in range(max(0, i - 4), i + 3) if at.is_(j, "round")]
        if at.is_(i + 1, "pot"):
            at.tell("in_pot", True, i, i + 1)
        elif at.is_(i - 1, "of") and at.is_(i - 2, "pot") and not at.is_(i + 1, "tall"):
            at.tell("in_pot", True, i, i - 1)
        elif trunk is not None:
            across = atom.value * 1000 / (pi if girth else 1)
            beside = [j for j in (i + 1,) if at.is_(j, "wide")]
            at.tell("trunk_mm", round(across), i, trunk, *girth, *beside)
        elif at.is_(i + 1, "wide") or at.is_(i - 1, "wide"):
            at.tell("spread_m", round(atom.value, 3), i, i + 1 if at.is_(i + 1, "wide") else i - 1)
        elif (between := _apart(at, i)) is not None:
            at.tell(between[0], round(atom.value, 3), i, *between[1])
        else:
            beside = [j for j in (i - 1, i + 1) if at.is_(j, "tall")]
            at.tell("height_m", round(atom.value, 3), i, *beside[:1])


def _apart(at: _Clause, i: int) -> tuple[str, tuple[int, ...]] | None:
    """Between rows, or in the row."""
    between = next((j for j in (i + 1, i - 1) if at.is_(j, "between")), None)
    if between is not None and at.is_(between + 1, "plants"):
        return "spacing_m", (between, between + 1)
    if between is not None:
        rows = [j for j in (between + 1, between + 2) if at.is_(j, "rows")]
        return "row_spacing_m", (between, *rows)
    inside = next((j for j in (i + 2, i + 3) if at.is_(i + 1, "inside") and at.is_(j, "row")), None)
    if inside is not None:
        return "spacing_m", tuple(range(i + 1, inside + 1))
    apart = next((j for j in (i + 1, i - 1) if at.is_(j, "apart")), None)
    if apart is None:
        return None
    rows = [j for j in (i - 1,) if at.is_(j, "rows")]
    return ("row_spacing_m" if rows else "spacing_m"), (apart, *rows)


def _pots(at: _Clause) -> None:
    for i, atom in enumerate(at.atoms):
        if atom.sort == "volume" and i not in at.used:
            at.tell("pot_l", round(atom.value, 1), i)
            at.said["in_pot"] = True
    for i in range(len(at.atoms)):
        if at.is_(i, "pot"):
            at.said["in_pot"] = True
            at.used.add(i)


def _ages(at: _Clause) -> None:
    """Years since it was planted, or the year."""
    for i, atom in enumerate(at.atoms):
        if i in at.used:
            continue
        if atom.sort == "age":
            beside = [j for j in (i + 1, i - 1) if at.is_(j, "old") or at.is_(j, "ago")]
            _aged(at, atom.value, i, *beside)
        elif at.is_(i, "age") and (years := at.number(i + 1)) is not None:
            _aged(at, years, i, i + 1)
        elif atom.low in at.words.ordinals and at.low(i + 1) in at.words.units["age"]:
            _aged(at, at.words.ordinals[atom.low] - 1, i, i + 1)
        elif (year := at.number(i)) and YEARS[0] <= year <= at.day.year + YEARS[1]:
            at.tell("planted_year", year, i)
    for i in range(len(at.atoms)):
        if at.is_(i, "planted"):
            at.used.add(i)


def _aged(at: _Clause, years: float, *pieces: int) -> None:
    whole = float(years).is_integer()
    age = int(years) if whole else round(years, 2)
    planted = (
        at.day.year - int(years) if whole else (at.day - dt.timedelta(days=365.25 * years)).year
    )
    if "planted_year" not in at.said:
        at.tell("age_years", age, *pieces)
        at.said["planted_year"] = planted


def _count(at: _Clause) -> int:
    """The whole number that stands nearest before the kind; an article is one. What was counted, 0
    for nothing.
    """
    kind = next((i for i, a in enumerate(at.atoms) if isinstance(a.meaning, Name)), len(at.atoms))
    order = [*range(kind - 1, -1, -1), *range(kind, len(at.atoms))]
    found = next((i for i in order if at.number(i) is not None), None)
    if found is not None and "count" not in at.said:
        counted = at.number(found) or 0
        at.tell("count", counted, found)
        return counted
    article = next((i for i in order if at.is_(i, "one_article") and i < kind), None)
    if article is not None and "species" in at.said and "count" not in at.said:
        at.tell("count", 1, article)
    return 0


def _guesses(at: _Clause) -> None:
    for i, atom in enumerate(at.atoms):
        follows = i + 1 < len(at.atoms) and at.atoms[i + 1].sort in ("number", "length", "age")
        if at.is_(i, "about") and follows:
            at.said["about"] = True
            at.used.add(i)
        elif atom.rough and i in at.used:
            at.said["about"] = True
