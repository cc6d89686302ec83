"""Photos, and what was touched on them, as tables.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
from typing import Any

from sqlmodel import Field

from .acts import Acted, new_id, utc_now
from .tables import json_column


class Photo(Acted, table=True):
    """A picture of a tree, a row or a block, before or after work; the file lies beside the
    database under the digest of its content.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str | None = Field(default=None, foreign_key="tree.id", index=True)
    row_id: str | None = None
    block_id: str | None = None
    moment: str
    day: dt.date
    digest: str
    width: int
    height: int
    made_at: dt.datetime = Field(default_factory=utc_now)


class Trace(Acted, table=True):
    """What was touched on a picture of a tree, and the frame it gave. touched: as it was sent."""

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    frame_id: str = Field(foreign_key="frame.id")
    photo_id: str = Field(foreign_key="photo.id")
    touched: dict[str, Any] = json_column()
    made_at: dt.datetime = Field(default_factory=utc_now)
