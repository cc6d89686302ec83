"""Lists: chosen trees get one thing done to all, views are kept, long ones scroll; and people whose
rows are whose.
"""

from __future__ import annotations

import pytest

from ..places import trees_of
from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask

pytestmark = pytest.mark.ui


@pytest.fixture
def demo(own_demo):
    return own_demo


def rows_of(demo, name: str) -> list[dict]:
    grove = ask(demo, "/api/grove")
    block = next(b["id"] for b in grove["blocks"] if b["name"] == name)
    return [r for r in grove["rows"] if r["block_id"] == block]


def listed(hand) -> list[str]:
    """Names of the rows of the first list of the page."""
    return [e.text for e in hand.one("table").find_elements("css selector", "tbody th")]


def test_one_thing_is_done_to_the_chosen_trees_and_taken_back(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/grove?view=list")
    hand.type("Only", "baixo 4")
    hand.until(lambda: 0 < len(listed(hand)) < 100)
    chosen = listed(hand)[:3]
    for name in chosen:
        hand.touch(f'[aria-label="Choose {name}"]')
    hand.sees("3 chosen")
    assert findings(browser) == []
    before = len(ask(demo, "/api/log")["entries"])
    hand.click("Log work")
    hand.touch('form[aria-label="Done"] .btn-go')
    hand.until(lambda: len(ask(demo, "/api/log")["entries"]) == before + 3)
    made = ask(demo, "/api/log")["entries"][:3]
    assert {e["tree"] for e in made} == set(chosen)
    hand.click("Undo")
    hand.until(lambda: len(ask(demo, "/api/log")["entries"]) == before)
    hand.touch(f'[aria-label="Choose {chosen[0]}"]')
    hand.click("Wanted height")
    hand.type("How high they are wanted", "2,2")
    hand.click("Hold them there")
    tree = next(t["id"] for t in trees_of(ask(demo, "/api/grove")) if t["name"] == chosen[0])
    hand.until(lambda: ask(demo, f"/api/trees/{tree}")["cap_m"] == 2.2)
    assert hand.errors() == []


def test_a_view_is_kept_and_a_long_list_draws_what_is_in_view(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/grove?view=list")
    all_trees = len(trees_of(ask(demo, "/api/grove")))
    hand.until(lambda: 10 < len(listed(hand)) < all_trees / 3)
    first = listed(hand)[0]
    browser.execute_script("window.scrollTo(0, document.body.scrollHeight)")
    hand.until(lambda: listed(hand) and first not in listed(hand))
    browser.execute_script("window.scrollTo(0, 0)")
    hand.until(lambda: first in listed(hand))
    hand.type("Only", "mango")
    hand.click("Columns and views")
    hand.touch("fieldset label:nth-of-type(5) input")
    hand.sees("Pot")
    hand.type("Keep this view as", "Mangos")
    hand.click("Keep the view")
    hand.one('[data-test="view"]')
    browser.refresh()
    hand.one("thead th")
    hand.until(lambda: not any("Pot" in e.text for e in hand.all("thead th")))
    hand.touch('[data-test="view"]')
    hand.until(lambda: any("Pot" in e.text for e in hand.all("thead th")))
    kinds = {e.text for e in hand.all('[data-column="kind"]')}
    assert kinds
    assert all("mango" in k.lower() for k in kinds)
    assert hand.errors() == []


def test_entries_that_are_not_so_are_taken_back_together(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/book")
    heads = [e.text for e in hand.until(lambda: hand.all("h2"))]
    assert len(heads) == len(set(heads))  # each day once
    hand.click("As a list")
    log = ask(demo, "/api/log")["entries"]
    hand.until(lambda: len(listed(hand)) == len(log))
    hand.click("Share of canopy")
    hand.click("Share of canopy")
    first = hand.one('[data-test="listed"] [data-column="share"]').text
    most = 100 * max(e["share"] or 0 for e in log)
    assert float(first.removesuffix(" %")) == pytest.approx(most, abs=0.06)
    hand.type("Only", "before numbers")  # what its notes say
    hand.until(lambda: 2 < len(listed(hand)) < len(log))
    for box in hand.all('[data-test="listed"] input')[:2]:
        hand.click_on(box)
    hand.sees("2 chosen")
    assert findings(browser) == []
    hand.click("Not so: take back")
    hand.until(lambda: len(ask(demo, "/api/log")["entries"]) == len(log) - 2)
    hand.click("Put back")  # the last of them
    hand.until(lambda: len(ask(demo, "/api/log")["entries"]) == len(log) - 1)
    assert hand.errors() == []


def test_a_row_s_sheets_are_made_in_two_taps(browser, demo):
    hand, row = Hand(browser, demo.url), rows_of(demo, "Baixo")[3]["id"]
    resize(browser, 390, 844)
    hand.open(f"/row/{row}")
    hand.click("Sheets for the row")
    hand.click("Make up to")
    hand.until(lambda: "sheets made" in hand.text(), patience=60)
    links = hand.all('[data-test="many-sheets"] li a')
    assert len(links) > 3
    assert findings(browser) == []
    hand.click_on(links[0])
    hand.until(lambda: "/sheet/" in browser.current_url)
    hand.sees("Who cuts")
    hand.open(f"/row/{rows_of(demo, 'Alto')[1]['id']}")  # sized, not drawn
    hand.click("Sheets for the row")
    hand.click("Make up to")
    counts = hand.until(lambda: hand.one('[data-test="to-count"]'), patience=60)
    trees = [e.text for e in counts.find_elements("css selector", "p > a")]
    assert len(trees) == len(set(trees)) == 8
    assert "finger-thick" in counts.text
    assert findings(browser) == []
    assert hand.errors() == []


def test_work_is_read_by_helper(browser, demo):
    hand, row = Hand(browser, demo.url), rows_of(demo, "Baixo")[4]["id"]
    resize(browser, 390, 844)
    hand.open("/people")
    hand.type("Name", "Second helper")
    hand.type("With a pole", "long")
    hand.click("Put on the list")
    hand.sees("Cannot read this")
    assert ask(demo, "/api/people")["people"] == []  # nothing is left out in silence
    hand.type("With a pole", "3,5 m")
    hand.click("Put on the list")
    hand.until(lambda: hand.all('[data-test="person"]'))
    assert ask(demo, "/api/people")["people"][0]["pole_m"] == 3.5
    assert findings(browser) == []
    hand.type("Name", "second HELPER")
    hand.click("Put on the list")
    hand.sees("somebody of this name is on the list")
    hand.open(f"/row/{row}/record")
    hand.choose("Whose work it is", "Second helper")
    hand.until(lambda: ask(demo, "/api/people")["people"][0]["scope_ids"] == [row])
    hand.open("/today")
    hand.click("By helper")
    heads = hand.until(lambda: [e.text for e in hand.all("section h2")])
    assert heads.index("Second helper") < heads.index("Nobody named")
    hand.touch('section[aria-label="Second helper"] [aria-label^="Done"]')
    hand.touch('form[aria-label="Done"] [aria-pressed]')
    assert hand.field("Who", 'form[aria-label="Done"]').get_attribute("value") == "Second helper"
    assert [e for e in hand.errors() if "422" not in e] == []
