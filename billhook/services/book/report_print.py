"""The season's report on paper."""

from __future__ import annotations

import datetime as dt

from ...catalogue.wording import said
from ...core.words.tongue import spoken
from ...core.words.units import Units
from ...core.words.values import Length, Share, Value, Weight, say
from ...formats.report_pdf import Printed, write_report
from ...formats.sheet_pdf import Paper
from ...store import places
from ..workplace import Workplace
from .book import Sums
from .report import BlockReport, RecordLine, season_report

_NOT_KNOWN = "–"


def report_pdf(
    at: Workplace,
    first: dt.date | None,
    last: dt.date | None,
    paper: Paper | None,
    rows: frozenset[str] | None = None,
) -> bytes:
    """The report of days, in the holding's units, on its paper where none is said. Raises:
    InvalidInput.
    """
    with at.store.reading() as session:
        units = places.units(session)
    found = season_report(at, first, last, rows)
    blocks = Printed(
        said(say("report-by-block")),
        (0.18, 0.08, 0.11, 0.08, 0.09, 0.09, 0.13, 0.12, 0.12),
        _heads(
            say("report-block"),
            say("report-trees"),
            say("report-worked-on"),
            say("report-cuts"),
            say("report-hours"),
            say("report-share"),
            say("report-picked"),
            say("report-regrown"),
            say("report-hurt"),
        ),
        [_block(b, units) for b in found.blocks] + [_total(found.total, units)],
    )
    coming = Printed(
        said(say("report-next")),
        (0.2, 0.15, 0.5, 0.15),
        _heads(say("report-block"), say("report-due"), say("report-what"), say("report-on")),
        [(b.block, said(c.due), c.what, str(c.n)) for b in found.blocks for c in b.coming],
    )
    right = Printed(
        said(say("report-right-next")),
        (0.14, 0.22, 0.13, 0.13, 0.38),
        _heads(
            say("report-block"),
            say("report-kind"),
            say("report-from"),
            say("report-to"),
            say("report-work"),
        ),
        [
            (b.block, n.kind_name, said(n.first), said(n.last), "; ".join(n.works))
            for b in found.blocks
            for n in b.right
        ],
    )
    record = Printed(
        said(say("report-record")),
        (0.12, 0.16, 0.2, 0.08, 0.08, 0.08, 0.12, 0.16),
        _heads(
            say("report-day"),
            say("report-tree"),
            say("report-work"),
            say("report-cuts"),
            say("report-share"),
            say("report-hours"),
            say("report-who"),
            say("report-noted"),
        ),
        [_line(r) for r in found.record],
    )
    lines = (
        said(say("report-span", first=found.first, last=found.last, day=found.day)),
        said(say("report-dash")),
    )
    size: Paper = paper or ("letter" if units == "us" else "a4")
    title = said(say("report-title", holding=found.holding))
    nothing = said(say("report-nothing"))
    return write_report(title, lines, (blocks, coming, right, record), size, nothing, spoken())


def _heads(*names: Value) -> tuple[str, ...]:
    return tuple(said(name) for name in names)


def _share(share: float | None) -> str:
    return _NOT_KNOWN if share is None else said(Share(share))


def _sums(sums: Sums, units: Units) -> tuple[str, ...]:
    return (
        str(sums.trees or _NOT_KNOWN),
        str(sums.cuts or _NOT_KNOWN),
        said(sums.hours) if sums.hours else _NOT_KNOWN,
        _share(sums.share),
        said(Weight(sums.kg, units)) if sums.kg else _NOT_KNOWN,
    )


def _block(b: BlockReport, units: Units) -> tuple[str, ...]:
    grown = _NOT_KNOWN if b.regrown_m is None else said(Length(b.regrown_m, units))
    return b.block, str(b.standing), *_sums(b.sums, units), grown, str(b.hurt or _NOT_KNOWN)


def _total(sums: Sums, units: Units) -> tuple[str, ...]:
    return said(say("report-all-of-it")), "", *_sums(sums, units), "", ""


def _line(r: RecordLine) -> tuple[str, ...]:
    return (
        said(r.day),
        r.where,
        r.work,
        _NOT_KNOWN if r.cuts is None else str(r.cuts),
        _share(r.share),
        _NOT_KNOWN if r.hours is None else said(r.hours),
        r.who or _NOT_KNOWN,
        r.note,
    )
