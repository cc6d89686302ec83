"""Walks round a tree, and what was answered on them, as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt

from sqlmodel import Field

from .acts import Acted, new_id, utc_now


class Walk(Acted, table=True):
    """A walk round a tree. ``state``: open, done, or merged into another walk that was open on the
    same tree; quick: without questions; look: what it looks for, a row of the catalogue.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    day: dt.date
    state: str = "open"
    into: str | None = Field(default=None, foreign_key="walk.id")
    quick: bool = False
    look: str = "full"
    made_at: dt.datetime = Field(default_factory=utc_now)


class WalkAnswer(Acted, table=True):
    """What was answered at a question; the newest of a question holds, an empty one takes it back.

    seen: id of the answer in force on the device that gave this one, empty where it knew of none,
    None where it did not say; where another had come in between, both are shown.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    walk_id: str = Field(foreign_key="walk.id", index=True)
    step: str
    answer: str
    seen: str | None = None
    made_at: dt.datetime = Field(default_factory=utc_now)
