"""A season's report as a PDF: a table of the blocks, what comes next, and the record."""

from __future__ import annotations

import io
from collections.abc import Sequence
from dataclasses import dataclass
from html import escape

from reportlab.lib import colors
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph, SimpleDocTemplate, Spacer, Table, TableStyle

from .sheet_pdf import PAPERS, Paper

_MARGIN = 14 * mm
_TEXT = ParagraphStyle("text", fontName="Helvetica", fontSize=8.5, leading=10.5)
_HEAD = ParagraphStyle("head", parent=_TEXT, fontName="Helvetica-Bold")
_TITLE = ParagraphStyle("title", fontName="Helvetica-Bold", fontSize=16, leading=20)
_PART = ParagraphStyle("part", fontName="Helvetica-Bold", fontSize=12, leading=16, spaceBefore=10)
_RULED = TableStyle(
    [
        ("VALIGN", (0, 0), (-1, -1), "TOP"),
        ("LINEBELOW", (0, 0), (-1, 0), 0.8, colors.black),
        ("LINEBELOW", (0, 1), (-1, -1), 0.25, colors.grey),
        ("LEFTPADDING", (0, 0), (-1, -1), 0),
        ("TOPPADDING", (0, 0), (-1, -1), 2),
        ("BOTTOMPADDING", (0, 0), (-1, -1), 2),
    ]
)


@dataclass(frozen=True)
class Printed:
    """A table with its heading: widths of its columns as shares of the page."""

    heading: str
    widths: tuple[float, ...]
    head: tuple[str, ...]
    rows: Sequence[tuple[str, ...]]


def write_report(
    title: str,
    lines: Sequence[str],
    tables: Sequence[Printed],
    paper: Paper,
    nothing: str,
    language: str,
) -> bytes:
    """The report as PDF bytes; every word is in its language already. nothing: stands for a table
    without rows.
    """
    out = io.BytesIO()
    document = SimpleDocTemplate(
        out,
        pagesize=PAPERS[paper],
        leftMargin=_MARGIN,
        rightMargin=_MARGIN,
        topMargin=_MARGIN,
        bottomMargin=_MARGIN,
        title=title,
        lang=language,
        invariant=True,
    )
    parts: list[object] = [Paragraph(escape(title), _TITLE)]
    parts += [Paragraph(escape(line), _TEXT) for line in lines]
    for table in tables:
        parts.append(Paragraph(escape(table.heading), _PART))
        if not table.rows:
            parts.append(Paragraph(escape(nothing), _TEXT))
            continue
        cells = [[Paragraph(escape(c), _HEAD) for c in table.head]]
        cells += [[Paragraph(escape(c), _TEXT) for c in row] for row in table.rows]
        widths = [w * document.width for w in table.widths]
        parts.append(Table(cells, widths, repeatRows=1, style=_RULED))
    parts.append(Spacer(0, 4 * mm))
    document.build(parts, onFirstPage=_numbered, onLaterPages=_numbered)
    return out.getvalue()


def _numbered(canvas: Canvas, document: SimpleDocTemplate) -> None:
    canvas.setFont("Helvetica", 8)
    canvas.drawRightString(document.pagesize[0] - _MARGIN, _MARGIN / 2, str(canvas.getPageNumber()))
