"""The season by month."""

from __future__ import annotations

import datetime as dt
from typing import Annotated

from pydantic import Field

from .base import Answer, Asked, Units


class MonthsQuery(Asked):
    """Of which block; of all where none is named."""

    block_id: Annotated[str, Field(max_length=60)] | None = None
    units: Units = "metric"


class MonthWorkOut(Answer):
    """Like work of a block within a month."""

    block: str
    work: str
    says: str
    trees: int
    hours: float


class SuppliesOut(Answer):
    """Chips [m3] and the ground they mulch [m2], whitewash and disinfectant ready mixed [l], what
    is bought of it [ml], rags, blades.
    """

    chips_m3: float
    mulch_m2: float
    whitewash_l: float
    disinfectant_l: float
    stock_ml: float
    rags: int
    saw_blades: float
    secateur_blades: float


class MonthOut(Answer):
    """A month's work, and what it asks for. unsized: trees of no known size, left out of clippings
    and cuts.
    """

    first: dt.date
    last: dt.date
    works: list[MonthWorkOut]
    hours: float
    supplies: SuppliesOut
    unsized: int


class MonthsOut(Answer):
    """Twelve months from a day's on, and all of them together; agent: what tools are dipped in."""

    day: dt.date
    months: list[MonthOut]
    hours: float
    supplies: SuppliesOut
    unsized: int
    agent: str
    care: str
