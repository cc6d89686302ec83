"""The words in which rules name dates: ``latest(last-frost - @windows/thin-before-last-frost,
picked + 1)``.

A term is a named date, moved by whole days or by catalogue values (``@id``, or ``@id[vigour]`` for
a list by vigour). ``latest`` and ``earliest`` leave out what is not known; ``on(@id)`` is the month
and day a catalogue text names, turned in the south. A term that is not known makes the whole
unknown, and the rule that uses it is silent.
"""

from __future__ import annotations

import datetime as dt
import operator
import re
from collections.abc import Callable
from dataclasses import dataclass
from functools import lru_cache
from typing import Protocol

from ..errors import BillhookError


class Scope(Protocol):
    """What dates are read against: one growing year of one tree."""

    def date(self, name: str) -> dt.date | None:
        """The named date, None where it is not known. Raises: RuleError for a name that means
        nothing.
        """

    def amount(self, known_id: str, by_vigour: bool) -> int:
        """Days of a catalogue value."""

    def on(self, known_id: str) -> dt.date:
        """The first such month and day of the growing year."""


class RuleError(BillhookError):
    """A rule of the catalogue cannot be read. Names the words."""


Reader = Callable[[Scope], dt.date | None]


@dataclass(frozen=True)
class Moment:
    """A date in words, ready to be read, with the catalogue ids it rests on."""

    read: Reader
    ids: tuple[str, ...]


_TOKEN = re.compile(
    r"\s*(?:(@[\w./-]+)(\[vigour\])?|(\d+)|([a-z][a-z0-9-]*(?:\.[a-z][a-z0-9-]*)*)"
    r"|([(),])|(?<=\s)([+-])(?=\s))"
)
_COMPARE = {"<=": operator.le, ">=": operator.ge, "<": operator.lt, ">": operator.gt}


class _Words:
    def __init__(self, text: str) -> None:
        self.text, self.at = text, 0
        self.tokens: list[tuple[str, ...]] = []
        self.ids: list[str] = []
        place = 0
        while place < len(text.rstrip()):
            found = _TOKEN.match(text, place)
            if found is None:
                raise RuleError(f"{text!r} cannot be read at {text[place:]!r}")
            self.tokens.append(found.groups(""))
            place = found.end()

    def symbol(self, wanted: str) -> bool:
        if self.at < len(self.tokens) and wanted in (
            self.tokens[self.at][4],
            self.tokens[self.at][5],
        ):
            self.at += 1
            return True
        return False

    def expect(self, wanted: str) -> None:
        if not self.symbol(wanted):
            raise RuleError(f"{self.text!r} lacks {wanted!r}")

    def moment(self) -> Reader:
        base = self._base()
        moves: list[tuple[int, Callable[[Scope], int]]] = []
        while (plus := self.symbol("+")) or self.symbol("-"):
            moves.append((1 if plus else -1, self._amount()))
        if not moves:
            return base

        def moved(scope: Scope) -> dt.date | None:
            day = base(scope)
            return (
                None
                if day is None
                else day + dt.timedelta(days=sum(sign * amount(scope) for sign, amount in moves))
            )

        return moved

    def _base(self) -> Reader:
        if self.at >= len(self.tokens) or not self.tokens[self.at][3]:
            raise RuleError(f"{self.text!r} lacks a date")
        name = self.tokens[self.at][3]
        self.at += 1
        if name in ("latest", "earliest") and self.symbol("("):
            parts = [self.moment()]
            while self.symbol(","):
                parts.append(self.moment())
            self.expect(")")
            pick = max if name == "latest" else min

            def picked(scope: Scope) -> dt.date | None:
                known = [d for d in (part(scope) for part in parts) if d is not None]
                return pick(known) if known else None

            return picked
        if name == "on" and self.symbol("("):
            known_id = self._id()[0]
            self.expect(")")
            return lambda scope: scope.on(known_id)
        return lambda scope: scope.date(name)

    def _id(self) -> tuple[str, bool]:
        if self.at >= len(self.tokens) or not self.tokens[self.at][0]:
            raise RuleError(f"{self.text!r} lacks a catalogue value")
        known_id, by_vigour = self.tokens[self.at][0][1:], bool(self.tokens[self.at][1])
        self.at += 1
        self.ids.append(known_id)
        return known_id, by_vigour

    def _amount(self) -> Callable[[Scope], int]:
        if self.at < len(self.tokens) and self.tokens[self.at][2]:
            days = int(self.tokens[self.at][2])
            self.at += 1
            return lambda _: days
        known_id, by_vigour = self._id()
        return lambda scope: scope.amount(known_id, by_vigour)


@lru_cache(maxsize=4096)
def moment(text: str) -> Moment:
    """Read a date in words. Raises: RuleError."""
    words = _Words(text)
    reader = words.moment()
    if words.at != len(words.tokens):
        raise RuleError(f"{text!r} says more than one date")
    return Moment(reader, tuple(words.ids))


@lru_cache(maxsize=4096)
def comparison(text: str) -> Callable[[Scope], bool] | None:
    """Read ``date <= date`` and the like, or None where the text compares nothing. Not known on
    either side means it does not hold.
    """
    parts = re.split(r"\s(<=|>=|<|>)\s", text)
    if len(parts) != 3:
        return None
    left, right, compare = moment(parts[0]).read, moment(parts[2]).read, _COMPARE[parts[1]]

    def holds(scope: Scope) -> bool:
        a, b = left(scope), right(scope)
        return a is not None and b is not None and bool(compare(a, b))

    return holds
