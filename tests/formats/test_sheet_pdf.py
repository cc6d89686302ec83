"""The printed sheet, opened with a reader: text there, paper as asked, one page to fourteen cuts
and further ones beyond, in each language.
"""

from __future__ import annotations

import io
import re

import pytest
from pypdf import PdfReader

from billhook.catalogue.languages import language, languages
from billhook.formats.sheet_pdf import PrintedCut, PrintedLimb, PrintedSheet, write_sheet

LIMBS = (
    PrintedLimb((0, 0.6), (1.2, 1.8), 0.06, 0.02, False, False),
    PrintedLimb((0, 0.6), (-1.1, 1.9), 0.06, 0.02, True, False),
)


def printed(cuts: int) -> PrintedSheet:
    lines = [
        PrintedCut(
            n + 1,
            (0.4, 1.0),
            f"upper east limb number {n}, off at its collar",
            "Just outside the collar.",
            "hand saw",
            "34 mm",
            "6.1 %",
            "2.1 kg",
        )
        for n in range(cuts)
    ]
    return PrintedSheet(
        "Cut sheet",
        "Baixo 4·7",
        "Clementine mandarin, Almirelo",
        ["Day 2027-03-24."],
        "Before you begin",
        ["Rake the base first."],
        "Tools to carry",
        ["hand saw"],
        "Cuts, in this order",
        ("Wound", "In the hand", "Share", "Done", "Who"),
        LIMBS,
        0.11,
        0.7,
        0.25,
        3.0,
        "Seen from the south",
        (1.0, "1 m"),
        lines,
        "Cut besides",
        "Page",
        "en",
    )


@pytest.mark.parametrize(("paper", "size"), [("a4", (595, 842)), ("letter", (612, 792))])
def test_paper_and_pages(paper, size):
    one, more = (PdfReader(io.BytesIO(write_sheet(printed(n), paper))) for n in (14, 40))
    assert len(one.pages) == 1
    assert tuple(round(float(x)) for x in one.pages[0].mediabox[2:]) == size
    assert len(more.pages) > 1
    text = "\n".join(p.extract_text() for p in more.pages)
    assert [n for n in range(40) if f"number {n}," not in text.replace("\n", " ")] == []
    assert "Page 2" in text


def test_the_same_sheet_prints_the_same_bytes():
    assert write_sheet(printed(3)) == write_sheet(printed(3))


def test_hazards_come_before_cuts():
    text = PdfReader(io.BytesIO(write_sheet(printed(3)))).pages[0].extract_text()
    assert text.index("Rake the base") < text.index("off at its collar")
    assert text.index("Clementine mandarin, Almirelo") < text.index("Rake the base")


def test_every_language_says_everything_with_the_same_gaps():
    gaps = {
        code: {
            key: set(re.findall(r"{(\w+)}", text))
            for key, text in language(code).phrases.by_key.items()
        }
        for code in [known.code for known in languages()]
    }
    english = gaps["en"]
    for code in [known.code for known in languages()]:
        assert gaps[code].keys() == english.keys()
        assert all(gaps[code][key] == english[key] for key in english), code
        assert (len(language(code).phrases.winds), len(language(code).phrases.ordinals)) == (8, 8)
        language(code).phrases.by_key["main"].encode(
            "latin-1"
        )  # the printed font has these letters
        assert all(text.encode("latin-1") for text in language(code).phrases.by_key.values())
