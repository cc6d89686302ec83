"""The season's report on paper."""

from __future__ import annotations

import datetime as dt

from ...core.words.dates import day_words
from ...core.words.units import Units, length_words, weight_words
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
        "By block",
        (0.18, 0.08, 0.11, 0.08, 0.09, 0.09, 0.13, 0.12, 0.12),
        (
            "Block",
            "Trees",
            "Worked on",
            "Cuts",
            "Hours",
            "Share",
            "Picked",
            "Regrown",
            "Hurt by frost",
        ),
        [_block(b, units) for b in found.blocks] + [_total(found.total, units)],
    )
    coming = Printed(
        "What comes next",
        (0.2, 0.15, 0.5, 0.15),
        ("Block", "Due", "What", "On"),
        [(b.block, day_words(c.due), c.what, str(c.n)) for b in found.blocks for c in b.coming],
    )
    right = Printed(
        "When it is right next",
        (0.14, 0.22, 0.13, 0.13, 0.38),
        ("Block", "Kind", "From", "To", "Work"),
        [
            (b.block, n.kind_name, day_words(n.first), day_words(n.last), "; ".join(n.works))
            for b in found.blocks
            for n in b.right
        ],
    )
    record = Printed(
        "The record",
        (0.12, 0.16, 0.2, 0.08, 0.08, 0.08, 0.12, 0.16),
        ("Day", "Tree", "Work", "Cuts", "Share", "Hours", "Who", "Noted"),
        [_line(r) for r in found.record],
    )
    span = f"From {day_words(found.first)} to {day_words(found.last)}"
    lines = (
        f"{span}; made on {day_words(found.day)}.",
        "A dash stands where nobody wrote it down. Products are those named in the notes.",
    )
    size: Paper = paper or ("letter" if units == "us" else "a4")
    return write_report(
        f"{found.holding}, what was done", lines, (blocks, coming, right, record), size
    )


def _share(share: float | None) -> str:
    return _NOT_KNOWN if share is None else f"{share * 100:.0f} %"


def _sums(sums: Sums, units: Units) -> tuple[str, ...]:
    return (
        str(sums.trees or _NOT_KNOWN),
        str(sums.cuts or _NOT_KNOWN),
        f"{sums.hours:g}" if sums.hours else _NOT_KNOWN,
        _share(sums.share),
        weight_words(sums.kg, units) if sums.kg else _NOT_KNOWN,
    )


def _block(b: BlockReport, units: Units) -> tuple[str, ...]:
    grown = _NOT_KNOWN if b.regrown_m is None else length_words(b.regrown_m, units)
    return b.block, str(b.standing), *_sums(b.sums, units), grown, str(b.hurt or _NOT_KNOWN)


def _total(sums: Sums, units: Units) -> tuple[str, ...]:
    return "All of it", "", *_sums(sums, units), "", ""


def _line(r: RecordLine) -> tuple[str, ...]:
    return (
        r.day.isoformat(),
        r.where,
        r.work,
        _NOT_KNOWN if r.cuts is None else str(r.cuts),
        _share(r.share),
        _NOT_KNOWN if r.hours is None else f"{r.hours:g}",
        r.who or _NOT_KNOWN,
        r.note,
    )
