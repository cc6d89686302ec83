"""What a dated task is for."""

from __future__ import annotations

import json
from collections.abc import Mapping
from typing import Literal, get_args

from .known import Knowledge
from .season.model import Work
from .words.values import Value, of_plain

NightTask = Literal[
    "frost-night-test",
    "frost-night-salvage",
    "frost-night-bark",
    "frost-night-judge",
    "frost-night-cut",
]
GrowOnTask = Literal["frost-stake", "frost-tie", "frost-thin", "frost-sucker"]
FrostTask = Literal[NightTask, GrowOnTask, "frost-again", "frost-protect-on", "frost-protect-off"]
CutTask = Literal["sucker", "wrap", "sprout", "breaks", "trim", "bark", "hard"]
TaskKind = Literal[FrostTask, CutTask, "stage", "renewal", "walk", "found"]

CUTS_AS: Mapping[str, Work] = {"frost-night-cut": "sanitation", "renewal": "renewal"}
"""Come-backs that are themselves cuts, by the kind of work they are."""

NIGHT_TASKS: tuple[NightTask, ...] = get_args(NightTask)
CUT_TASKS: tuple[CutTask, ...] = get_args(CutTask)
GROW_ON_TASKS: tuple[GrowOnTask, ...] = get_args(GrowOnTask)
FROST_TASKS: tuple[FrostTask, ...] = get_args(FrostTask)
TASK_KINDS: tuple[TaskKind, ...] = get_args(TaskKind)

_SAID_IN = ("does", "off", "finding")


def task_said(know: Knowledge, rule: str, does: str, says: str | None) -> Value:
    """What a task is for, for any language to say: the message that was kept of it (JSON), else the
    sentence of the catalogue row that its rule is of, where it was made of that; else as it was
    written.
    """
    if says:
        return of_plain(json.loads(says))
    row = rule.rsplit("/", 1)[0]
    rows = [row, *(f"walk-variants/{x}" for x in know.rows("walk-variants"))]
    for known_id in (f"{of}/{column}" for of in rows for column in _SAID_IN):
        if known_id in know and know.text(known_id) == does:
            return know.row(known_id)
    return does
