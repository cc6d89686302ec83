"""People and whose rows and blocks are whose, as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

from sqlmodel import Field, SQLModel

from .acts import new_id


class Person(SQLModel, table=True):
    """Somebody who works on the holding. reach_m, pole_m: how high by hand and with a pole;
    carries_kg: what they may carry; hours_week: hours of a week for the trees; None where nobody
    said. skills: what they may do besides, apart; None: all but the machine. pace: usual minutes of
    work done in one of theirs.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    name: str
    reach_m: float | None = None
    pole_m: float | None = None
    carries_kg: float | None = None
    hours_week: float | None = None
    skills: str | None = None
    pace: float | None = None


class Assignment(SQLModel, table=True):
    """A row or a block that is somebody's to work."""

    scope_id: str = Field(primary_key=True)
    scope: str
    person_id: str = Field(foreign_key="person.id", index=True)
