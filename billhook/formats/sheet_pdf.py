"""A cut sheet as a PDF: hazards first, the drawing to scale with its cuts numbered, and a line to
tick for each; readable in black and white.
"""

from __future__ import annotations

import io
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph

Paper = Literal["a4", "letter"]
PAPERS = {"a4": A4, "letter": LETTER}
Point = tuple[float, float]
_MARGIN = 12 * mm
_TEXT = ParagraphStyle("text", fontName="Helvetica", fontSize=9, leading=11)
_SMALL = ParagraphStyle("small", parent=_TEXT, fontSize=8, leading=9.6)
_BOLD = ParagraphStyle("bold", parent=_TEXT, fontName="Helvetica-Bold")
_DRAWING = 78 * mm


@dataclass(frozen=True)
class PrintedLimb:
    """A limb in the plane of the drawing [m]: base and tip, half widths there [m]; gone: it
    falls.
    """

    base: Point
    tip: Point
    base_w: float
    tip_w: float
    gone: bool
    dead: bool


@dataclass(frozen=True)
class PrintedCut:
    """One line of the sheet, and where its number stands in the drawing [m]."""

    n: int
    at: Point
    where: str
    how: str
    tool: str
    wound: str
    share: str
    weight: str


@dataclass(frozen=True)
class PrintedSheet:
    """A sheet as it is printed; every word is in its language already. of: kind and holding."""

    title: str
    heading: str
    of: str
    lines: Sequence[str]
    hazards_title: str
    hazards: Sequence[str]
    tools_title: str
    tools: Sequence[str]
    cuts_title: str
    columns: tuple[str, str, str, str, str]
    limbs: Sequence[PrintedLimb]
    trunk_w: float
    trunk_m: float
    union_m: float | None
    height_m: float
    seen_from: str
    bar: tuple[float, str]
    cuts: Sequence[PrintedCut]
    besides: str
    page_word: str
    language: str


@dataclass(frozen=True)
class RoundList:
    """The first page of a round of several sheets: where one goes in which order, and what is
    carried. rows: tree, cuts, minutes, tools.
    """

    title: str
    heading: str
    lines: Sequence[str]
    columns: tuple[str, str, str, str]
    rows: Sequence[tuple[str, str, str, str]]
    language: str


def write_sheet(sheet: PrintedSheet, paper: Paper = "a4") -> bytes:
    """The sheet as PDF bytes, one page up to about fourteen cuts, further pages beyond."""
    return write_round(None, [sheet], paper)


def write_round(
    first: RoundList | None, sheets: Sequence[PrintedSheet], paper: Paper = "a4"
) -> bytes:
    """Several sheets one after the other, after a list of the round."""
    out = io.BytesIO()
    size = PAPERS[paper]
    head = first or sheets[0]
    canvas = Canvas(out, pagesize=size, lang=head.language, invariant=True)
    canvas.setTitle(f"{head.title}, {head.heading}")
    if first is not None:
        _round(canvas, size, first)
    for sheet in sheets:
        page = _Page(canvas, size, sheet)
        page.head()
        page.drawing_and_hazards()
        page.cuts()
        page.foot()
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _round(canvas: Canvas, size: tuple[float, float], first: RoundList) -> None:
    """The list of a round, as many pages as it takes."""
    right, y = size[0] - _MARGIN, size[1] - _MARGIN
    canvas.setFont("Helvetica-Bold", 16)
    canvas.drawString(_MARGIN, y - 14, first.heading)
    canvas.setFont("Helvetica", 10)
    canvas.drawRightString(right, y - 13, first.title)
    y -= 24
    for line in first.lines:
        made = Paragraph(line, _TEXT)
        _, height = made.wrap(right - _MARGIN, size[1])
        made.drawOn(canvas, _MARGIN, y - height)
        y -= height
    y -= 8
    places = (_MARGIN, _MARGIN + 45 * mm, _MARGIN + 65 * mm, _MARGIN + 90 * mm)
    for n, row in enumerate((first.columns, *first.rows)):
        if y < _MARGIN + 10 * mm:
            canvas.showPage()
            y = size[1] - _MARGIN
        canvas.setFont("Helvetica-Bold" if n == 0 else "Helvetica", 9.5)
        for words, x in zip(row, places, strict=True):
            canvas.drawString(x, y - 10, words)
        canvas.line(_MARGIN, y - 14, right, y - 14)
        y -= 16
    canvas.showPage()


class _Page:
    def __init__(self, canvas: Canvas, size: tuple[float, float], sheet: PrintedSheet) -> None:
        self.canvas, self.sheet = canvas, sheet
        self.width, self.y, self.number = size[0] - 2 * _MARGIN, size[1] - _MARGIN, 1
        self.size = size

    def _paragraph(
        self, text: str, style: ParagraphStyle, x: float, width: float, y: float | None = None
    ) -> float:
        """Sets text with its top at y (here: where the page stands); returns its height."""
        made = Paragraph(text.replace("&", "&amp;").replace("<", "&lt;"), style)
        _, height = made.wrap(width, self.size[1])
        top = self.y if y is None else y
        made.drawOn(self.canvas, x, top - height)
        return float(height)

    def head(self) -> None:
        self.canvas.setFont("Helvetica-Bold", 16)
        heading = self.sheet.heading
        self.canvas.drawString(_MARGIN, self.y - 14, heading)
        wide = self.canvas.stringWidth(heading, "Helvetica-Bold", 16)
        self.canvas.setFont("Helvetica", 10)
        self.canvas.drawString(_MARGIN + wide + 8, self.y - 13, self.sheet.of)
        self.canvas.drawRightString(_MARGIN + self.width, self.y - 13, self.sheet.title)
        self.y -= 22
        for line in self.sheet.lines:
            self.y -= self._paragraph(line, _TEXT, _MARGIN, self.width)
        self.canvas.line(_MARGIN, self.y - 3, _MARGIN + self.width, self.y - 3)
        self.y -= 12

    def drawing_and_hazards(self) -> None:
        top, half = self.y, self.width * 0.5
        self._drawing(_MARGIN, top - _DRAWING, half - 4 * mm, _DRAWING)
        x, width, y = _MARGIN + half, self.width - half, top
        y -= self._paragraph(self.sheet.hazards_title, _BOLD, x, width, y) + 2
        for hazard in self.sheet.hazards:
            y -= self._paragraph(f"! {hazard}", _SMALL, x, width, y) + 1.5
        y -= 3
        y -= self._paragraph(self.sheet.tools_title, _BOLD, x, width, y) + 2
        y -= self._paragraph(", ".join(self.sheet.tools), _SMALL, x, width, y)
        self.y = min(top - _DRAWING, y) - 8

    def _numbers(self, cuts: Sequence[tuple[int, Point]]) -> None:
        """Numbered discs at the cuts; those that would cover each other step aside."""
        canvas, taken = self.canvas, list[Point]()
        canvas.setFont("Helvetica-Bold", 8)
        for n, (px, py) in cuts:
            while any(abs(px - x0) < 11 and abs(py - y0) < 11 for x0, y0 in taken):
                px += 12
            taken.append((px, py))
            canvas.setFillGray(1)
            canvas.circle(px, py, 5.4, fill=1)
            canvas.setFillGray(0)
            canvas.drawCentredString(px, py - 2.8, str(n))

    def _drawing(self, x: float, y: float, width: float, height: float) -> None:
        sheet, canvas = self.sheet, self.canvas
        reach = max([0.4, *(abs(p[0]) for limb in sheet.limbs for p in (limb.base, limb.tip))])
        scale = min((width - 14 * mm) / (2 * reach), (height - 12 * mm) / max(sheet.height_m, 0.3))
        cx, ground = x + 10 * mm + (width - 14 * mm) / 2, y + 8 * mm

        def at(p: Point) -> Point:
            return cx + p[0] * scale, ground + p[1] * scale

        canvas.setLineWidth(0.8)
        canvas.line(x + 8 * mm, ground, x + width, ground)
        # the staff: half metres in black and white
        for n in range(int(sheet.height_m / 0.5) + 1):
            canvas.rect(
                x + 2 * mm, ground + n * 0.5 * scale, 2.4 * mm, 0.5 * scale, fill=n % 2, stroke=1
            )
        canvas.setFillGray(0)
        foot, top = at((0, 0)), at((0, sheet.trunk_m))
        canvas.setLineWidth(max(1.0, sheet.trunk_w * scale))
        canvas.line(*foot, *top)
        for limb in sheet.limbs:
            a, b = at(limb.base), at(limb.tip)
            canvas.setDash([1.5, 2] if limb.gone else [])
            canvas.setStrokeGray(0.55 if limb.dead else 0)
            canvas.setLineWidth(max(0.7, (limb.base_w + limb.tip_w) / 2 * scale))
            canvas.line(*a, *b)
        canvas.setDash([])
        canvas.setStrokeGray(0)
        canvas.setLineWidth(0.8)
        if sheet.union_m is not None:
            level = at((0, sheet.union_m))[1]
            canvas.line(cx - 4 * mm, level, cx + 4 * mm, level)
        self._numbers([(cut.n, at(cut.at)) for cut in sheet.cuts])
        canvas.setFont("Helvetica", 7.5)
        length = sheet.bar[0] * scale
        canvas.line(x + width - length, y + 4 * mm, x + width, y + 4 * mm)
        for end in (x + width - length, x + width):
            canvas.line(end, y + 3 * mm, end, y + 5 * mm)
        canvas.drawRightString(
            x + width - length - 4, y + 3.2 * mm, f"{sheet.seen_from}; {sheet.bar[1]}"
        )

    def cuts(self) -> None:
        self.y -= self._paragraph(self.sheet.cuts_title, _BOLD, _MARGIN, self.width) + 2
        wound, weight, share, done, who = self.sheet.columns
        right = _MARGIN + self.width
        self.canvas.setFont("Helvetica", 7.5)
        for words, x in (
            (wound, right - 78 * mm),
            (weight, right - 60 * mm),
            (share, right - 43 * mm),
            (done, right - 28 * mm),
            (who, right - 14 * mm),
        ):
            self.canvas.drawString(x, self.y - 7, words)
        self.y -= 11
        for cut in self.sheet.cuts:
            self._cut(cut, right)

    def _cut(self, cut: PrintedCut, right: float) -> None:
        width = self.width - 86 * mm
        where, how = (
            Paragraph(
                cut.where.capitalize()
                if cut.where.islower()
                else cut.where[0].upper() + cut.where[1:],
                _BOLD,
            ),
            Paragraph(f"{cut.how} ({cut.tool})", _SMALL),
        )
        needed = where.wrap(width, 999)[1] + how.wrap(width, 999)[1] + 5
        if self.y - needed < _MARGIN + 14 * mm:
            self.foot()
            self.canvas.showPage()
            self.number += 1
            self.y = self.size[1] - _MARGIN
        self.canvas.line(_MARGIN, self.y, right, self.y)
        self.canvas.setFont("Helvetica-Bold", 11)
        self.canvas.drawString(_MARGIN, self.y - 11, str(cut.n))
        top = self.y - 2
        where.drawOn(self.canvas, _MARGIN + 7 * mm, top - where.height)
        how.drawOn(self.canvas, _MARGIN + 7 * mm, top - where.height - how.height)
        self.canvas.setFont("Helvetica", 9)
        for words, x in (
            (cut.wound, right - 78 * mm),
            (cut.weight, right - 60 * mm),
            (cut.share, right - 43 * mm),
        ):
            self.canvas.drawString(x, self.y - 11, words)
        self.canvas.rect(right - 28 * mm, self.y - 14, 4 * mm, 4 * mm)
        self.canvas.line(right - 22 * mm, self.y - 13, right - 16 * mm, self.y - 13)
        self.canvas.line(right - 14 * mm, self.y - 13, right, self.y - 13)
        self.y -= needed

    def foot(self) -> None:
        floor = _MARGIN + 4 * mm
        if self.y > floor + 22 * mm:
            self.y -= 3
            self._paragraph(self.sheet.besides, _BOLD, _MARGIN, self.width)
            for n in range(1, min(4, int((self.y - floor) / (8 * mm)))):
                self.canvas.line(
                    _MARGIN,
                    self.y - 4 * mm - n * 7 * mm,
                    _MARGIN + self.width,
                    self.y - 4 * mm - n * 7 * mm,
                )
        self.canvas.setFont("Helvetica", 7.5)
        self.canvas.drawRightString(
            _MARGIN + self.width,
            _MARGIN - 2,
            f"{self.sheet.heading}, {self.sheet.page_word} {self.number}",
        )
