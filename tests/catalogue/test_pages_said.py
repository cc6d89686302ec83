"""What pages say: every message is asked for by a page that has it, and each language says all of
them with the same values and cases.
"""

from __future__ import annotations

import re
from collections import defaultdict
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path

import pytest
from fluent.syntax import ast as fluent
from fluent.syntax import parse

import billhook
from billhook.catalogue.languages import languages
from billhook.core.words.tongue import FIRST

ROOT = Path(billhook.__file__).parent.parent
FOLDER = ROOT / "billhook/catalogue/languages"
OTHERS = [found.code for found in languages() if found.code != FIRST]
EVERYWHERE = "app"
"""Messages of the room that every page has."""
ROOMS = re.compile(r"from 'words:([\w-]+)'")
ASKED = re.compile(r"\btell\(\s*'([\w-]+)'")
PLURALS = {"zero", "one", "two", "few", "many", "other"}


@dataclass(frozen=True)
class Parts:
    """Values that a message takes, and the cases it tells apart."""

    values: set[str]
    cases: set[frozenset[str]]


def within(node: fluent.BaseNode) -> Iterator[fluent.BaseNode]:
    """A node and all that it holds."""
    yield node
    for held in vars(node).values():
        for part in held if isinstance(held, list) else [held]:
            if isinstance(part, fluent.BaseNode):
                yield from within(part)


def parts_of(message: fluent.Message) -> Parts:
    every = list(within(message))
    selects = (x for x in every if isinstance(x, fluent.SelectExpression))
    keys = {frozenset(getattr(v.key, "name", "") for v in x.variants) for x in selects}
    values = {x.id.name for x in every if isinstance(x, fluent.VariableReference)}
    return Parts(values, {k for k in keys if not k <= PLURALS})


def told(code: str) -> dict[str, dict[str, Parts]]:
    """Messages by room and name."""
    found: dict[str, dict[str, Parts]] = {}
    for file in sorted((FOLDER / code / "pages").glob("*.ftl")):
        room = found[file.stem] = {}
        for entry in parse(file.read_text(encoding="utf-8")).body:
            assert not isinstance(entry, fluent.Junk), f"{file}: {entry.content}"
            if isinstance(entry, fluent.Message):
                room[entry.id.name] = parts_of(entry)
    return found


def test_every_message_is_asked_for_and_every_one_asked_for_is_there():
    rooms = told(FIRST)
    room_of = {name: room for room, messages in rooms.items() for name in messages}
    assert len(room_of) == sum(map(len, rooms.values())), "a name stands in two rooms"
    asked: dict[str, set[str]] = defaultdict(set)
    for file in (ROOT / "frontend/src").rglob("*"):
        if file.suffix not in (".vue", ".ts") or file.name.endswith(".test.ts"):
            continue
        text = file.read_text(encoding="utf-8")
        for name in ASKED.findall(text):
            asked[name].add(file.name)
            assert room_of.get(name) in {*ROOMS.findall(text), EVERYWHERE}, f"{file}: {name}"
    assert set(asked) == set(room_of)


@pytest.mark.parametrize("code", OTHERS)
def test_a_language_says_all_that_pages_say_with_the_same_values(code):
    first, theirs = told(FIRST), told(code)
    assert {r: set(m) for r, m in theirs.items()} == {r: set(m) for r, m in first.items()}
    for room, messages in first.items():
        for name, parts in messages.items():
            assert theirs[room][name].values == parts.values, f"{room}: {name}"


@pytest.mark.parametrize("code", OTHERS)
def test_cases_of_a_language_are_those_that_pages_give(code):
    """A language may tell apart what English need not, by the same codes."""
    known = {
        frozenset({"before", "after"}),
        frozenset({"tree", "row", "block"}),
        frozenset({"row", "block"}),
        *(cases for room in told(FIRST).values() for p in room.values() for cases in p.cases),
    }
    for room, messages in told(code).items():
        for name, parts in messages.items():
            assert parts.cases <= known, f"{room}: {name}"
