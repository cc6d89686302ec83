"""The season's report."""

from __future__ import annotations

from typing import Literal

from .base import Answer, Asked, IsoDate
from .logbook import SumsOut


class ReportQuery(Asked):
    """Days of which it tells, both included; the year up to today where nobody says."""

    first: IsoDate | None = None
    last: IsoDate | None = None


class ReportPrintQuery(ReportQuery):
    """The same, and the paper."""

    paper: Literal["a4", "letter"] | None = None


class ComingOut(Answer):
    """Something due on ``n`` trees or rows."""

    due: IsoDate
    what: str
    n: int


class NextOut(Answer):
    """When kinds of work are right next on a kind of tree."""

    kind_name: str
    works: list[str]
    first: IsoDate
    last: IsoDate


class BlockReportOut(Answer):
    """``hurt``: trees whose wood a frost hurt; ``regrown_m``: mean length of shoots at the cuts."""

    block: str
    standing: int
    sums: SumsOut
    hurt: int
    regrown_m: float | None
    coming: list[ComingOut]
    right: list[NextOut]


class RecordLineOut(Answer):
    """Who did what, when and where; null where nobody wrote it down."""

    day: IsoDate
    where: str
    work: str
    who: str
    cuts: int | None
    share: float | None
    hours: float | None
    note: str


class ReportOut(Answer):
    """What was done within days, by block and line by line, and what comes next."""

    holding: str
    day: IsoDate
    first: IsoDate
    last: IsoDate
    total: SumsOut
    blocks: list[BlockReportOut]
    record: list[RecordLineOut]
