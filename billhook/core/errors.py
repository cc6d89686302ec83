"""The one root of every named error Billhook raises, and the errors the core itself knows."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from .words.values import Value, says_plainly


class BillhookError(Exception):
    """Root of all errors that Billhook raises on purpose. says: what went wrong, as a message that
    the edge words; where nobody words it, its name stands for it.
    """

    def __init__(self, says: Value = "") -> None:
        super().__init__(says if isinstance(says, str) else says_plainly(says))
        self.says = says


@dataclass(frozen=True)
class FieldProblem:
    """What is wrong with one field.

    pointer: JSON pointer (RFC 6901) from the root of what was handed in, e.g.
    ``/frame/limbs/3/at_m``. message: what is wrong, with its limits.
    """

    pointer: str
    message: Value


class InvalidInput(BillhookError):
    """Input that cannot be used; ``problems`` holds one entry per offending field."""

    def __init__(self, problems: list[FieldProblem]) -> None:
        super().__init__("; ".join(f"{p.pointer}: {says_plainly(p.message)}" for p in problems))
        self.problems = problems


def refuse(found: Mapping[str, Value | None]) -> None:
    """Raise for every field of which something is wrong, by pointer. Raises: InvalidInput."""
    problems = [FieldProblem(pointer, message) for pointer, message in found.items() if message]
    if problems:
        raise InvalidInput(problems)


class UnknownKnowledge(BillhookError):
    """A catalogue id that the catalogue does not hold."""


def invalid(pointer: str, message: Value) -> InvalidInput:
    """One field that is wrong, to be raised."""
    return InvalidInput([FieldProblem(pointer, message)])
