"""How far long work is."""

from __future__ import annotations

from typing import Literal

from .base import Answer


class LongOut(Answer):
    """``done`` of ``of`` steps of what ``says`` names; ``of`` is 0 where nobody knows how many.
    ``came_to``: what it came to.
    """

    id: str
    kind: str
    says: str
    state: Literal["going", "done", "failed"]
    done: int
    of: int
    came_to: str | None


class ProgressOut(Answer):
    """Long work that is going on, or came to its end within the last hour."""

    works: list[LongOut]
