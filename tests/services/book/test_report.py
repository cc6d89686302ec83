"""A season's report says what the Book says, by block and line by line, on page and paper."""

from __future__ import annotations

import datetime as dt
import io

import pytest
from pypdf import PdfReader

from billhook.core.errors import InvalidInput
from billhook.demo.build import build_demo
from billhook.services.book.book import Asked, book
from billhook.services.book.report import season_report
from billhook.services.book.report_print import report_pdf
from billhook.services.season.calendar import calendar
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app

DAY = dt.date(2027, 3, 24)
YEAR = dt.date(2026, 3, 25)


@pytest.fixture(scope="module")
def demo(tmp_path_factory):
    settings = Settings(data=tmp_path_factory.mktemp("report") / "demo", fixed_today=DAY, demo=True)
    build_demo(settings)
    at = open_workplace(settings)
    yield at
    at.store.close()


def test_it_says_what_the_book_says(demo):
    found = season_report(demo, YEAR, DAY)
    whole = book(demo, Asked(YEAR, DAY), 10_000)
    assert found.total == whole.sums
    assert len(found.record) == sum(not line.corrected_by for line in whole.lines)
    assert len(found.record) > 5
    assert [r.day for r in found.record] == sorted(r.day for r in found.record)
    assert all(YEAR <= r.day <= DAY for r in found.record)
    assert sum(b.sums.entries for b in found.blocks) == found.total.entries
    assert sum(b.sums.kg for b in found.blocks) == pytest.approx(found.total.kg, abs=0.5)
    # the night of the story hurt the wood of a few
    assert 0 < sum(b.hurt for b in found.blocks) < 20
    assert any(b.coming for b in found.blocks)
    assert all(c.due >= DAY for b in found.blocks for c in b.coming)
    # next year's dates are those of the calendar and the almanac
    feed = calendar(demo).replace(b"\r\n ", b"").decode()
    for block in found.blocks:
        assert block.right
        for one in block.right:
            assert DAY <= one.first <= one.last
            assert f"DTEND;VALUE=DATE:{one.last + dt.timedelta(days=1):%Y%m%d}" in feed


def test_another_span_tells_of_that_alone_and_a_span_that_ends_before_it_begins_is_refused(demo):
    early = season_report(demo, dt.date(2020, 1, 1), dt.date(2020, 12, 31))
    assert (early.total.entries, early.record) == (0, ())
    assert sum(b.hurt for b in early.blocks) == 0
    with pytest.raises(InvalidInput) as refused:
        season_report(demo, DAY, YEAR)
    assert refused.value.problems[0].pointer == "/last"


def test_page_and_paper_say_the_same(demo):
    client = create_app(demo).test_client()
    span = f"first={YEAR}&last={DAY}"
    told = client.get(f"/api/season-report?{span}").get_json()
    said = client.get(f"/api/season-report.pdf?{span}")
    assert said.mimetype == "application/pdf"
    words = " ".join(page.extract_text() for page in PdfReader(io.BytesIO(said.data)).pages)
    for block in told["blocks"]:
        assert block["block"] in words
    for line in told["record"]:
        assert line["where"] in words
    assert "The record" in words
    assert client.get("/api/season-report?first=2027-02-01&last=2027-01-01").status_code == 422
    feet = PdfReader(io.BytesIO(report_pdf(demo, YEAR, DAY, "letter")))
    assert feet.pages[0].mediabox.width == pytest.approx(612)
