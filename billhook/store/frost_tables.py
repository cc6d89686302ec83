"""Cold nights and what came of them as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt

from sqlalchemy import UniqueConstraint
from sqlmodel import Field, SQLModel

from .acts import Acted, new_id, utc_now


class FrostNight(SQLModel, table=True):
    """A cold night that was written down: the minimum at the station [degrees C] and for how long
    [h], None where nobody knows.
    """

    __table_args__ = (UniqueConstraint("site_id", "day"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    site_id: str = Field(foreign_key="site.id", index=True)
    day: dt.date
    min_c: float
    hours: float | None = None
    source: str


class FrostAssessment(SQLModel, table=True):
    """What a night was foreseen to do to a tree: the air where it stands [degrees C], the class and
    a worse possible one.
    """

    __table_args__ = (UniqueConstraint("night_id", "tree_id"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    night_id: str = Field(foreign_key="frostnight.id", index=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    at_c: float
    frost_class: str
    possible: str | None = None


class Scratch(Acted, table=True):
    """A scratch of the bark after a frost: where on a limb [m from its base], and whether it was
    green.

    Round the trunk ``at_m`` is above ground and ``bearing_deg`` the side [degrees clockwise from
    north]; along a limb there is no bearing.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    limb_key: str
    at_m: float
    bearing_deg: float | None = None
    green: bool
    day: dt.date
    made_at: dt.datetime = Field(default_factory=utc_now)
