"""What stands there, as growers say it: "row 3, 24 navels alike", "a lemon in a 40-litre pot"."""

from __future__ import annotations

import re
from dataclasses import dataclass

from ..known import Knowledge

_NUMBERS = {
    "a": 1,
    "an": 1,
    "one": 1,
    "two": 2,
    "three": 3,
    "four": 4,
    "five": 5,
    "six": 6,
    "seven": 7,
    "eight": 8,
    "nine": 9,
    "ten": 10,
    "twelve": 12,
    "twenty": 20,
}
_LITRES = {
    "litre": 1.0,
    "litres": 1.0,
    "liter": 1.0,
    "liters": 1.0,
    "l": 1.0,
    "gallon": 3.785,
    "gallons": 3.785,
    "gal": 3.785,
}
# metres, feet: lengths that may be said of a planting, such as its spacing
_POT = re.compile(r"(\d+(?:\.\d+)?)[\s-]*(litres?|liters?|l|gallons?|gal)\b")
_ROW = re.compile(r"\brow\s+(\d+)")
_YEAR = re.compile(r"\b(19\d\d|20\d\d)\b")
_STOCK = re.compile(r"\bon\s+([a-z][a-z0-9' -]*?)(?=$|,|\bin\b|\brow\b|\bplanted\b|\balike\b)")


@dataclass(frozen=True)
class Planting:
    """What was understood. ``missing`` names what must still be said, in plain words."""

    count: int
    species: str | None
    cultivar: str | None
    rootstock: str | None
    row: int | None
    pot_l: float | None
    planted_year: int | None
    missing: tuple[str, ...]


def _plain(text: str) -> str:
    return re.sub(r"\s+", " ", text.lower().replace("-", " ")).strip()


def _has(words: str, phrase: str) -> bool:
    return re.search(rf"\b{re.escape(phrase)}s?\b", words) is not None


def _named(know: Knowledge, table: str, words: str) -> str | None:
    """The row of a table whose name is said; the longest name wins."""
    names = [(_plain(know.text(f"{table}/{row}/name")), row) for row in know.rows(table)]
    return max(
        ((name, row) for name, row in names if _has(words, name)),
        key=lambda pair: len(pair[0]),
        default=(None, None),
    )[1]


def _species(know: Knowledge, words: str) -> str | None:
    direct = _named(know, "species", words)
    said = [
        (word, row)
        for row in know.rows("species")
        for word in know.text(f"species/{row}/also").split()
        if re.search(rf"\b{word}\b", words)
    ]
    other = max(said, key=lambda pair: len(pair[0]), default=(None, None))[1]
    if (
        direct is not None
        and other is not None
        and _has(words, _plain(know.text(f"species/{direct}/name")))
    ):
        return direct
    return direct or other


def understand_planting(text: str, know: Knowledge) -> Planting:
    """Read one planting out of a sentence; nothing is guessed that was not said."""
    words = _plain(text)
    pot = _POT.search(words)
    pot_l = round(float(pot.group(1)) * _LITRES[pot.group(2)], 1) if pot else None
    row, year = _ROW.search(words), _YEAR.search(words)
    rest = words
    for found in (pot, row, year):
        if found:
            rest = rest.replace(found.group(0), " ")
    stock_words = _STOCK.search(rest)
    rootstock = _named(know, "rootstocks", stock_words.group(1)) if stock_words else None
    if stock_words and rootstock:
        rest = rest.replace(stock_words.group(0), " ")
    cultivar = _named(know, "cultivars", rest)
    species = know.text(f"cultivars/{cultivar}/species") if cultivar else _species(know, rest)
    number = re.search(r"\b(\d{1,4})\b", rest)
    spoken = next((n for word, n in _NUMBERS.items() if re.search(rf"\b{word}\b", rest)), None)
    count = int(number.group(1)) if number else spoken
    missing = tuple(
        what
        for what, lacks in (("how many", count is None), ("which kind of tree", species is None))
        if lacks
    )
    return Planting(
        count or 1,
        species,
        cultivar,
        rootstock,
        int(row.group(1)) if row else None,
        pot_l,
        int(year.group(1)) if year else None,
        missing,
    )
