"""A sentence in clauses, each of which speaks of one planting at most."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..known import Knowledge
from .atoms import Atom, Sort, measured, numbered, tokens
from .grammar import Grammar, Said
from .kinds import Name, kind_names, misspelt, name_at, stock_names

_BREAKS = (",", ";", ":", ".", "(", ")")


@dataclass(frozen=True)
class Clause:
    """Pieces between two breaks. kind: the name of the kind or cultivar that it speaks of;
    introduces: what it says holds for all that follow, as before a colon.
    """

    atoms: tuple[Atom, ...]
    kind: Name | None = None
    cultivar: str | None = None
    stranger: bool = False
    introduces: bool = False


def read_atoms(text: str, know: Knowledge, words: Grammar) -> list[Atom]:
    """Names and phrases found first, then numbers and their units."""
    pieces = _undotted(tokens(text, words.grouping), words)
    return _unlinked(measured(numbered(_named(pieces, know, words), words), words), words)


def _undotted(pieces: Sequence[Atom], words: Grammar) -> list[Atom]:
    """Without the points of what is written short: ft., yrs."""
    short = words.words["written_short"]
    return [
        p
        for before, p in zip([None, *pieces], pieces, strict=False)
        if not (p.low == "." and before is not None and before.low in short)
    ]


_SIZES = ("tall", "wide", "trunk", "round", "apart", "old", "between")


def _unlinked(atoms: Sequence[Atom], words: Grammar) -> list[Atom]:
    """Without the little words between a size and what it is the size of: 4 m *de* alto."""
    sizes = frozenset().union(*(words.words[s] for s in _SIZES))
    link = words.words["link"]

    def of_size(atom: Atom | None) -> bool:
        return atom is not None and atom.sort == "word" and atom.low in sizes

    found: list[Atom] = []
    for i, atom in enumerate(atoms):
        follows = next((a for a in atoms[i + 1 :] if a.low not in link), None)
        before = next((a for a in reversed(found) if a.low not in link), None)
        measures = follows is not None and follows.sort in ("length", "age", "number")
        linked = of_size(follows) or (of_size(before) and measures)
        if atom.sort != "word" or atom.low not in link or not linked:
            found.append(atom)
    return found


def _named(pieces: Sequence[Atom], know: Knowledge, words: Grammar) -> list[Atom]:
    names, stocks = kind_names(know, words), stock_names(know, words)
    known = words.all_words()
    lows = [p.low for p in pieces]
    found: list[Atom] = []
    i = 0
    while i < len(pieces):
        after_on = _after_on(found, words)
        meaning: Name | Said | None = name_at(lows, i, stocks) if after_on else None
        size = meaning.size if isinstance(meaning, Name) else 0
        if meaning is None:
            meaning, size = _means(lows, i, words, name_at(lows, i, names))
        if meaning is None and (stock := name_at(lows, i, stocks)) is not None:
            follows = lows[i + stock.size : i + stock.size + 1]
            if follows and follows[0] in words.words["stock"]:
                meaning, size = stock, stock.size + 1
        if meaning is None and pieces[i].sort == "word":
            meaning, size = misspelt(lows[i], names, known), 1
        if meaning is None:
            found.append(pieces[i])
            i += 1
            continue
        sort: Sort = "name" if isinstance(meaning, Name) else "phrase"
        last = pieces[i + size - 1]
        low = " ".join(lows[i : i + size])
        found.append(Atom(sort, low, pieces[i].start, last.end, meaning=meaning))
        i += size
    return found


def _means(
    lows: Sequence[str], i: int, words: Grammar, name: Name | None
) -> tuple[Name | Said | None, int]:
    """The longer of a name and a phrase that begin here."""
    longest = max((len(p) for p in words.phrases), default=0)
    for size in range(min(longest, len(lows) - i), 0, -1):
        said = words.phrases.get(tuple(lows[i : i + size]))
        if said is not None and (name is None or size > name.size):
            return said, size
    return name, name.size if name else 0


def _after_on(found: Sequence[Atom], words: Grammar) -> bool:
    """Whether the last word, an article apart, is "on"."""
    articles = words.words["one_article"] | words.words["articles"]
    back = [a for a in found[-2:] if a.low not in articles]
    return bool(back) and back[-1].low in words.words["on"] and back[-1].sort == "word"


def clauses_of(text: str, know: Knowledge, words: Grammar) -> list[Clause]:
    """The clauses of a sentence in order; one with two kinds, each with its number, is two."""
    found: list[Clause] = []
    run: list[Atom] = []
    for atom in read_atoms(text, know, words):
        ends = (atom.sort == "mark" and atom.low in _BREAKS) or (
            atom.sort == "word" and atom.low in words.words["and"]
        )
        if not ends:
            run.append(atom)
            continue
        found += _split(run, know, words, atom.low == ":")
        run = []
    return found + _split(run, know, words, False)


def _split(run: Sequence[Atom], know: Knowledge, words: Grammar, introduces: bool) -> list[Clause]:
    if not run:
        return []
    parts: list[list[Atom]] = [[]]
    kinds = 0
    for atom in run:
        starts = atom.sort == "number" or atom.low in words.words["one_article"]
        if kinds and starts and _kind_follows(run, atom):
            parts.append([])
            kinds = 0
        parts[-1].append(atom)
        kinds += _is_kind(atom)
    found = [_clause(part, know, words) for part in parts]
    return [*found[:-1], replace(found[-1], introduces=introduces)]


def _is_kind(atom: Atom) -> bool:
    return isinstance(atom.meaning, Name) and atom.meaning.table != "rootstocks"


def _kind_follows(run: Sequence[Atom], atom: Atom) -> bool:
    at = run.index(atom)
    return any(_is_kind(a) for a in run[at + 1 : at + 3])


def _clause(atoms: Sequence[Atom], know: Knowledge, words: Grammar) -> Clause:
    """The kind a clause speaks of: the last that is named; a name before it that is not its own
    belongs to a cultivar that is not known, and stays a word.
    """
    named = [(i, a.meaning) for i, a in enumerate(atoms) if _is_kind(a)]
    kinds = [(i, n) for i, n in named if isinstance(n, Name) and n.table == "species"]
    cultivars = [(i, n) for i, n in named if isinstance(n, Name) and n.table == "cultivars"]
    kind = kinds[-1][1] if kinds else None
    keep: set[int] = set()
    cultivar = None
    for i, name in cultivars:
        species = know.text(f"cultivars/{name.row}/species")
        alone = kind is None and atoms[i].low in words.needs_kind
        if not alone and (kind is None or _same(species, kind.row, atoms, kinds, words)):
            cultivar, keep = name.row, {i}
            plural = name.plural or (kind is not None and kind.plural)
            kind = replace(name, table="species", row=species, plural=plural)
    if kind is not None:
        keep |= {i for i, n in kinds if n.row == kind.row or (cultivar and i == kinds[-1][0])}
    loose = tuple(
        replace(a, sort="word", meaning=None) if _is_kind(a) and i not in keep else a
        for i, a in enumerate(atoms)
    )
    stranger = kind is None and any(a.low in words.drops_leaves for a in atoms)
    return Clause(loose, kind, cultivar, stranger)


def _same(
    species: str,
    kind: str,
    atoms: Sequence[Atom],
    kinds: Sequence[tuple[int, Name]],
    words: Grammar,
) -> bool:
    """Whether a cultivar is of the kind that is named: "navel" and "orange" may both be said of
    one.
    """
    return species == kind or (
        species.endswith(kind.split("-")[-1]) and atoms[kinds[-1][0]].low in words.unsure
    )
