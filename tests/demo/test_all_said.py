"""Every answer of the API says what it says through a language: nothing but names, notes and codes
stands outside its messages.
"""

from __future__ import annotations

import re
import sqlite3
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path

from billhook.web.app import create_app

from ..brackets import bracketed, outside, typed_in, words_of
from .conftest import DAY

CODE = re.compile(r"[a-z0-9_.:/@|-]+|[A-Z0-9_-]+|\d{4}-.*|https?:.*|[0-9a-f-]{36}.*")
DATA = re.compile(
    r"/api/catalogue|/api/glossary|/api/openapi|/api/languages|geojson|catalogue_ids|\.key$"
    r"|\.code$|\.rule$|events\[\]\.name$|/api/towns"
)
"""Codes and open formats; words of the trade and of the catalogue as they stand in its tables."""
EACH = {
    "trees": ("tree", 14),
    "blocks": ("block", 9),
    "rows": ("row", 5),
    "sites": ("site", 2),
    "sheets": ("plan", 6),
    "walks": ("walk", 5),
    "people": ("person", 2),
}
"""Of how many of its table each is asked for."""


def strings(data: object, path: str) -> Iterator[tuple[str, str]]:
    match data:
        case dict():
            for key, value in data.items():
                yield from strings(value, f"{path}.{key}")
        case list():
            for value in data:
                yield from strings(value, f"{path}[]")
        case str():
            yield path, data


def unsaid(data: object, path: str, typed: list[str]) -> dict[str, str]:
    """By its place, what of an answer no language says."""
    found = {}
    for where, text in strings(data, path):
        rest = outside(text)[0].strip()
        if DATA.search(where) or CODE.fullmatch(rest):
            continue
        if words := words_of(rest, typed):
            found[where] = words
    return found


def _ids(database: Path, table: str) -> list[str]:
    with closing(sqlite3.connect(database)) as db:
        return [row[0] for row in db.execute(f'SELECT id FROM "{table}" ORDER BY id')]


def test_nothing_is_said_past_the_languages(demo):
    database = demo.settings.data / "billhook.sqlite"
    typed = typed_in(database)
    client = create_app(demo).test_client()
    paths = client.get("/api/openapi.json").get_json()["paths"]
    ids = {name: _ids(database, table)[:most] for name, (table, most) in EACH.items()}
    asked, found = 0, {}
    with bracketed():
        for path, calls in paths.items():
            of = path.split("/")[2]
            here = [path] if "{" not in path else []
            if path.count("{") == 1:
                here = [re.sub(r"\{.*\}", i, path) for i in ids.get(of, ())]
            for url in here if "get" in calls else ():
                answer = client.get(url)
                if answer.is_json:
                    asked += answer.status_code == 200
                    found |= unsaid(answer.get_json(), path, typed)
    assert asked > 150
    assert not found, f"on {DAY}: {found}"
