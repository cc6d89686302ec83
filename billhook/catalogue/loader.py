"""Reads the catalogue's TOML files into core values, and refuses what lacks a unit, a range or a
provenance.
"""

from __future__ import annotations

import hashlib
import tomllib
from functools import lru_cache
from importlib.resources import files
from typing import Any

from ..core.known import DateCase, Knowledge, Known, RuleText, Scalar
from ..core.season.rules import rules_of
from .refusals import PROVENANCES, keys, refuse
from .rules import read_rules

_VALUE_KEYS = {
    "value",
    "unit",
    "range",
    "says",
    "provenance",
    "source",
    "school",
    "rivals",
    "one_of",
}
_COLUMN_KEYS = {"unit", "range", "says", "provenance", "source", "school", "rivals", "one_of"}
_TABLE_KEYS = {"title", "provenance", "source", "note", "columns", "rows"}


def _scalar(where: str, raw: Any, about: dict[str, Any]) -> Scalar:
    """A checked value: a number or numbers within the stated range, or a word of the stated
    words.
    """
    value: Scalar = tuple(raw) if isinstance(raw, list) else raw
    numbers = (
        value if isinstance(value, tuple) else (value,) if isinstance(value, (int, float)) else ()
    )
    if isinstance(value, str):
        if "one_of" in about and value not in about["one_of"]:
            refuse(where, f"{value!r} is not one of {', '.join(about['one_of'])}")
        return value
    if isinstance(value, bool) or not all(
        isinstance(n, (int, float)) and not isinstance(n, bool) for n in numbers
    ):
        refuse(where, "must be a number, a list of numbers or text")
    if "range" not in about:
        refuse(where, "a number needs a range")
    low, high = about["range"]
    if not all(low <= n <= high for n in numbers):
        refuse(where, f"{raw} lies outside {low} to {high}")
    return value


def _known(where: str, known_id: str, raw: Any, about: dict[str, Any]) -> Known:
    for key in ("unit", "says", "provenance"):
        if key not in about:
            refuse(where, f"lacks {key}")
    if about["provenance"] not in PROVENANCES:
        refuse(where, f"provenance must be one of {', '.join(PROVENANCES)}")
    if about["provenance"] == "published" and not about.get("source"):
        refuse(where, "a published value needs its source")
    value = _scalar(where, raw, about)
    low, high = about.get("range", (None, None))
    return Known(
        known_id,
        value,
        about["unit"],
        about["says"],
        about["provenance"],
        about.get("source"),
        low,
        high,
        about.get("school"),
        about.get("rivals"),
    )


def read_catalogue(name: str, text: str) -> dict[str, Known]:
    """Values of one TOML file by id. Raises: CatalogueError naming the file and the id."""
    found: dict[str, Known] = {}
    content = tomllib.loads(text)
    keys(name, content, {"value", "table"})
    for known_id, entry in content.get("value", {}).items():
        where = f"{name}, {known_id}"
        keys(where, entry, _VALUE_KEYS)
        if "value" not in entry:
            refuse(where, "lacks value")
        found[known_id] = _known(where, known_id, entry["value"], entry)
    for table, entry in content.get("table", {}).items():
        where = f"{name}, table {table}"
        keys(where, entry, _TABLE_KEYS)
        shared = {key: entry[key] for key in ("provenance", "source") if key in entry}
        for column, about in entry["columns"].items():
            keys(f"{where}, column {column}", about, _COLUMN_KEYS)
        for row, cells in entry["rows"].items():
            keys(f"{where}, row {row}", cells, set(entry["columns"]))
            for column, raw in cells.items():
                known_id = f"{table}/{row}/{column}"
                found[known_id] = _known(
                    f"{where}, {known_id}", known_id, raw, shared | entry["columns"][column]
                )
    return found


@lru_cache(maxsize=1)
def load_catalogue() -> Knowledge:
    """The catalogue that ships with Billhook. Raises: CatalogueError."""
    values: dict[str, Known] = {}
    rules: list[RuleText] = []
    dates: list[DateCase] = []

    def add(name: str, more: dict[str, Known]) -> None:
        for known_id, known in more.items():
            if known_id in values:
                refuse(name, f"{known_id} is stated twice")
            values[known_id] = known

    for file in _data_files(""):
        add(file.name, read_catalogue(file.name, file.read_text(encoding="utf-8")))
    for file in _data_files("rules"):
        more_rules, more_dates, opened = read_rules(file.name, file.read_text(encoding="utf-8"))
        rules, dates = rules + more_rules, dates + more_dates
        add(file.name, opened)
    know = Knowledge(values, rules, dates)
    for rule in rules_of(know):
        for known_id in rule.ids:
            if known_id not in know and "{" not in known_id:
                refuse(f"rule {rule.text.id}", f"the catalogue holds no value {known_id!r}")
    return know


@lru_cache(maxsize=1)
def catalogue_version() -> str:
    """A short digest of the catalogue's files: two plans with the same version rest on the same
    values.
    """
    digest = hashlib.sha256()
    for file in (*_data_files(""), *_data_files("rules")):
        digest.update(file.read_bytes())
    return digest.hexdigest()[:12]


def _data_files(below: str) -> list[Any]:
    folder = files("billhook.catalogue") / "data" / below
    return sorted((f for f in folder.iterdir() if f.name.endswith(".toml")), key=lambda f: f.name)
