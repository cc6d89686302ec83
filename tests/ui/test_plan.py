"""From the walk to the plan, the sheet and the log, on a phone; pinned, re-planned, compared and printed."""

from __future__ import annotations

import io

import pytest
from pypdf import PdfReader
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, fetch, tree_named
from .test_walk import question, reach

pytestmark = pytest.mark.ui


def cuts(hand: Hand) -> list[str]:
    return [e.text.split("\n")[1] for e in hand.all('[data-test="plan-cut"]')]


def test_walk_plan_sheet_and_log_on_a_phone(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 1·6")
    hand.open(f"/tree/{tree}/walk")
    reach(hand, "crossing")
    hand.press("3", Keys.ENTER)
    hand.until(lambda: question(hand) == "parallel-limbs")
    hand.press("1", Keys.ENTER)
    reach(hand, "")
    hand.click("Weigh the cuts first")
    hand.until(lambda: cuts(hand))
    assert findings(browser) == []
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    hand.click("Make the cut sheet")
    hand.until(lambda: "/sheet/" in browser.current_url)
    sheet = browser.current_url.rsplit("/", 1)[1]
    hand.choose("Language and paper", "Español, Letter")
    link = hand.one('[data-test="pdf"]').get_attribute("href")
    page = PdfReader(io.BytesIO(fetch(demo, link.removeprefix(demo.url)))).pages[0]
    assert "Hoja de cortes" in page.extract_text()
    assert round(float(page.mediabox[2])) == 612
    hand.click("Not done …")
    hand.type("Why cut 1 was not made", "a nest in it")
    hand.click("Keep the reason")
    hand.sees("not done: a nest in it")
    hand.choose("Another limb", hand.all("#besides option")[1].text)
    hand.click("Add to the sheet")
    hand.sees("not planned, added under the tree")
    for line in ask(demo, f"/api/sheets/{sheet}")["lines"]:
        hand.click(f"Cut {line['nth']} done")
        hand.until(lambda line=line: f"Cut {line['nth']} done" not in hand.text())
    hand.click("Finish")
    hand.until(lambda: ask(demo, f"/api/sheets/{sheet}")["state"] == "finished")
    entry = ask(demo, f"/api/trees/{tree}")["log"][0]
    assert entry["cuts"] == len(ask(demo, f"/api/sheets/{sheet}")["lines"])


def test_pins_limit_and_a_second_plan_beside_it(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 1·7")
    hand.open(f"/tree/{tree}/plan")
    hand.until(lambda: cuts(hand))
    assert findings(browser) == []
    before = cuts(hand)
    browser.find_elements("css selector", '[data-test="plan-cut"] button')[-1].click()  # the last one, out
    hand.until(lambda: hand.all('[data-test="moved"]') and cuts(hand) != before)
    assert hand.one('[data-test="moved"]').text.startswith(("In:", "Out:"))
    hand.sees("you took it out")
    hand.one("details summary").click()
    browser.execute_script("const e = document.querySelector('#weigh-parallel'); e.value = 0; e.dispatchEvent(new Event('change'))")
    hand.sees("parallel, 0 points")
    hand.choose("Beside it", "Calm")
    hand.until(lambda: len(hand.all('[data-test="compare"] thead th')) == 3)
    hand.until(lambda: all(cell.text for cell in hand.all('[data-test="compare"] tbody td')))
    slider = hand.one("#plan-limit")
    slider.send_keys(Keys.HOME)
    hand.sees("Limit 0 %, yours")
    hand.until(lambda: all("free" in e.text for e in hand.all('[data-test="plan-cut"]')))
    browser.refresh()  # what was wished is kept
    hand.sees("Limit 0 %, yours")
