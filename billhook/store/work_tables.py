"""Cut sheets, the log of what was done, and the cuts it counts, as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
from typing import Any

from sqlalchemy import JSON, Column
from sqlmodel import Field, SQLModel

from .acts import Acted, new_id, utc_now
from .tables import json_column


class Plan(Acted, table=True):
    """A cut sheet: the day, the work and the answer it was made with, frozen."""

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    frame_id: str = Field(foreign_key="frame.id")
    day: dt.date
    work: str
    state: str = "open"
    answer: dict[str, Any] = json_column()
    catalogue_version: str
    made_at: dt.datetime = Field(default_factory=utc_now)
    version: int = 1


class PlanCut(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    plan_id: str = Field(foreign_key="plan.id", index=True)
    limb_key: str
    keep_m: float
    nth: int
    extra: bool = False
    work: str | None = None
    counted: dict[str, Any] | None = Field(default=None, sa_column=Column(JSON, nullable=True))


class CutDone(Acted, table=True):
    """A tick on a cut, its taking back, or why it was not made; the newest holds.

    seen: id of the word on this cut that the device knew of, empty where it knew of none, None
    where it did not say.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    cut_id: str = Field(foreign_key="plancut.id", index=True)
    done: bool = True
    date: dt.date
    diameter_mm: float | None = None
    who: str = ""
    why: str = ""
    seen: str | None = None
    made_at: dt.datetime = Field(default_factory=utc_now)


class LogEntry(Acted, table=True):
    """What was done to a tree. ``share`` is live canopy of the year's baseline; None where nobody
    measured it.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    date: dt.date
    work: str
    share: float | None = None
    height_before_m: float | None = None
    height_after_m: float | None = None
    frame_before: str | None = Field(default=None, foreign_key="frame.id")
    frame_after: str | None = Field(default=None, foreign_key="frame.id")
    plan_id: str | None = Field(default=None, foreign_key="plan.id")
    cuts: int | None = None
    minutes: float | None = None
    who: str = ""
    note: str = ""
    corrects: str | None = Field(default=None, foreign_key="logentry.id")
    made_at: dt.datetime = Field(default_factory=utc_now)


class CutCount(Acted, table=True):
    """Like cuts of an entry of the log, counted: so many as thick as a thumb. mm: across."""

    id: str = Field(default_factory=new_id, primary_key=True)
    log_id: str = Field(foreign_key="logentry.id", index=True)
    thickness: str | None = None
    mm: float
    n: int
    sprout: bool = False
    dead: bool = False
