"""A language in which every message stands in brackets: what stands outside them is not said
through any language.
"""

from __future__ import annotations

import re
import sqlite3
from collections.abc import Iterable, Iterator
from contextlib import closing, contextmanager
from pathlib import Path

import pytest

from billhook.catalogue import wording
from billhook.core.words.values import Cultivar, Part

OPEN, SHUT = "⟦", "⟧"
TYPED = ("name", "note", "who", "why", "why_later", "source", "union_mark", "value")
_ENTRY = re.compile(r"^(?=[a-z][\w-]* =)", re.MULTILINE)


@contextmanager
def bracketed() -> Iterator[None]:
    """Answers in brackets, while it holds."""
    patched = pytest.MonkeyPatch()
    message, row, worded = wording._message, wording._row, wording._worded
    patched.setattr(wording, "_message", lambda p, code: f"{OPEN}{message(p, code)}{SHUT}")
    patched.setattr(wording, "_row", lambda r, code: f"{OPEN}{row(r, code)}{SHUT}")

    def kinds_too(value, code):
        found = worded(value, code)
        if not isinstance(value, Cultivar | Part):
            return found
        bare = re.sub(f"[{OPEN}{SHUT}]", "", found)  # a part of a message is of one
        return f"{OPEN}{bare}{SHUT}"

    patched.setattr(wording, "_worded", kinds_too)
    wording._said.cache_clear()
    try:
        yield
    finally:
        patched.undo()
        wording._said.cache_clear()


def in_brackets(messages: str) -> str:
    """A file of messages, each in brackets; those that choose have them in each case already."""
    out = []
    for entry in _ENTRY.split(re.sub(r"^#.*\n?", "", messages, flags=re.MULTILINE)):
        name, _, pattern = entry.rstrip().partition(" =")
        if name.strip():
            inner = pattern.strip()
            out.append(f"{name} = {OPEN}{inner}{SHUT}" if not pattern.startswith("\n") else entry)
    return "\n".join(out) + "\n"


def outside(text: str, depth: int = 0) -> tuple[str, int]:
    """What of a text stands in no brackets, and how many are open at its end."""
    kept = []
    for c in text:
        depth += (c == OPEN) - (c == SHUT)
        if depth <= 0 and c not in OPEN + SHUT:
            kept.append(c)
    return "".join(kept), depth


def typed_in(database: Path) -> list[str]:
    """Names and notes that somebody typed, the longest first."""
    found: set[str] = set()
    with closing(sqlite3.connect(database)) as db:
        tables = [r[0] for r in db.execute("SELECT name FROM sqlite_master WHERE type = 'table'")]
        for table in tables:
            columns = {r[1] for r in db.execute(f'PRAGMA table_info("{table}")')}
            for column in columns.intersection(TYPED):
                query = f'SELECT DISTINCT "{column}" FROM "{table}"'
                found |= {str(r[0]) for r in db.execute(query) if r[0]}
    return sorted((x for x in found if len(x) > 2), key=len, reverse=True)


def words_of(text: str, typed: Iterable[str]) -> str:
    """Words of three letters and more in a text, without what somebody typed and trees by place."""
    for name in typed:
        text = text.replace(name, " ")
    text = re.sub(r"\d+·\d+", " ", text)
    return " ".join(text.split()) if re.search(r"[A-Za-z]{3}", text) else ""
