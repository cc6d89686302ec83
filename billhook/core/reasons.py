"""A decision carries its reasons: code, what is said with its values, numbers used, catalogue
ids.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, field

from .words.values import Saying, Value

Used = float | str | None


@dataclass(frozen=True)
class Reason:
    """Why something was decided.

    code: short name for programs. says: the sentence the grower reads, as a message and its values;
    the edge puts it into words. used: the inputs of this very answer, by name with unit. date: the
    day the reason turns on, if any. catalogue_ids: the values it rests on. remedy: what would
    change it.
    """

    code: str
    says: Saying
    used: Mapping[str, Used] = field(default_factory=dict)
    date: dt.date | None = None
    school: str | None = None
    catalogue_ids: tuple[str, ...] = ()
    remedy: Value | None = None
