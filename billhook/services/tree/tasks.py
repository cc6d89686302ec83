"""Dated tasks, with what they are for kept so that every language can say it."""

from __future__ import annotations

import json
from typing import Any

from ...catalogue.wording import said
from ...core.words.tongue import FIRST
from ...core.words.values import Value, plain
from ...store.tables import Task


def task_for(says: Value, **columns: Any) -> Task:
    """A task and what it is for; columns: the others of the table."""
    return Task(does=said(says, FIRST), says=_data(says), **columns)


def reword(task: Task, says: Value) -> None:
    """What a task is for is another thing now."""
    task.does, task.says = said(says, FIRST), _data(says)


def _data(says: Value) -> str:
    return json.dumps(plain(says), ensure_ascii=False)
