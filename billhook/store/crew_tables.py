"""Days off, work that is fixed to a helper and a week, and the plan that was kept, as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
from typing import Any

from sqlmodel import Field, SQLModel

from .acts import Acted, new_id
from .tables import json_column


class Away(SQLModel, table=True):
    """Days, both inclusive, on which somebody does no work here, or nobody does: rain."""

    id: str = Field(default_factory=new_id, primary_key=True)
    person_id: str | None = Field(default=None, foreign_key="person.id", index=True)
    first: dt.date
    last: dt.date
    why: str = ""


class CrewFix(SQLModel, table=True):
    """Work that somebody does in the week that holds a day, whatever the plan would rather."""

    job: str = Field(primary_key=True)
    person_id: str = Field(foreign_key="person.id", index=True)
    day: dt.date


class CrewKept(Acted, table=True):
    """A plan of the weeks that was kept; the newest holds. work: its pieces by job, helper, first
    day of the week and minutes; hours: minutes of each helper by first day; jobs: what each was.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    made_on: dt.date
    work: list[dict[str, Any]] = json_column()
    hours: dict[str, dict[str, int]] = json_column()
    jobs: dict[str, dict[str, Any]] = json_column()
