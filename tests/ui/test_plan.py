"""From the walk to the plan, the sheet and the log, on a phone; pinned, re-planned, compared and
printed.
"""

from __future__ import annotations

import io
import uuid

import pytest
from pypdf import PdfReader
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import SERVICE_WORKER, Hand
from .test_access import findings
from .test_main_job import ask, fetch, send, tree_named
from .test_walk import question, reach

pytestmark = pytest.mark.ui


def cuts(hand: Hand) -> list[str]:
    return [e.text.split("\n")[1] for e in hand.all('[data-test="plan-cut"]')]


def test_walk_plan_sheet_and_log_on_a_phone(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 4·10")
    hand.open(f"/tree/{tree}/look")
    reach(hand, "crossing")
    hand.press("3")
    hand.touch('[data-test="go-on"]')  # by thumb: it stands above the wire
    hand.until(lambda: question(hand) == "parallel-limbs")
    hand.press("1")
    hand.touch('[data-test="go-on"]')
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
    hand.choose_in(hand.one("#besides"), 1)
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
    tree = tree_named(demo, "Baixo 4·11")
    hand.open(f"/tree/{tree}/cut")
    hand.until(lambda: cuts(hand))
    assert findings(browser) == []
    before = cuts(hand)
    browser.find_elements("css selector", '[data-test="plan-cut"] button')[
        -1
    ].click()  # the last one, out
    hand.until(lambda: hand.all('[data-test="moved"]') and cuts(hand) != before)
    assert hand.one('[data-test="moved"]').text.startswith(("In:", "Out:"))
    hand.sees("you took it out")
    hand.touch("details summary")
    browser.execute_script(
        "const e = document.querySelector('#weigh-parallel'); e.value = 0; "
        "e.dispatchEvent(new Event('change'))"
    )
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


def sheet_of(server, tree: str) -> str:
    """A sheet of the first two limbs of a tree."""
    made, frame = str(uuid.uuid4()), ask(server, f"/api/trees/{tree}")["frame"]
    cuts = [{"limb": x["id"], "keep_m": 0} for x in frame["limbs"] if x["on"] != "trunk"][:2]
    send(
        server,
        f"/api/trees/{tree}/sheets",
        {"id": made, "frame_id": frame["id"], "cuts": cuts, "work": "thin"},
    )
    return made


def test_two_people_tick_the_same_cut(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    sheet = sheet_of(demo, tree_named(demo, "Baixo 2·6"))
    hand.open(f"/sheet/{sheet}")
    hand.button("Cut 1 done")
    line = ask(demo, f"/api/sheets/{sheet}")["lines"][0]["id"]
    send(
        demo,
        f"/api/sheets/{sheet}/cuts/{line}",
        {"id": str(uuid.uuid4()), "done": True, "who": "second helper", "diameter_mm": 31},
        "PUT",
    )
    hand.click("Cut 1 done")
    hand.sees("was not taken")
    hand.sees("by second helper")  # who was there first, with what was measured
    hand.sees("measured 31 mm")
    hand.click("Drop it")
    hand.until(lambda: "was not taken" not in hand.text())
    assert len([x for x in ask(demo, f"/api/sheets/{sheet}")["lines"] if x["done"]]) == 1


def test_a_sheet_is_ticked_without_signal(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    sheet = sheet_of(demo, tree_named(demo, "Baixo 2·7"))
    hand.open(f"/sheet/{sheet}")
    hand.button("Cut 1 done")
    browser.execute_async_script(SERVICE_WORKER)
    demo.away()
    hand.click("Cut 1 done")
    hand.sees("kept on this device")
    hand.sees("1 of 2 done")
    browser.refresh()
    hand.sees("1 of 2 done")  # the page and the sheet come from the phone
    assert not hand.button("Finish with 1 of 2 cuts").is_enabled()
    demo.back()
    hand.until(
        lambda: [x["done"] for x in ask(demo, f"/api/sheets/{sheet}")["lines"]] == [True, False],
        patience=60,
    )
    hand.until(lambda: hand.button("Finish with 1 of 2 cuts").is_enabled(), patience=60)


def test_hand_or_machine_school_and_skeleton_change_the_plan(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open(f"/tree/{tree_named(demo, 'Baixo 4·12')}/cut")
    hand.until(lambda: cuts(hand))
    hand.touch('[data-test="plan-cut"] details summary')
    hand.until(lambda: hand.all('[data-test="cut-drawing"]')[0].is_displayed())
    hand.touch('[data-way="machine"]')
    hand.sees("By machine: wall")
    hand.touch('[data-way="ragged"]')
    hand.sees("By hand, ragged")
    hand.touch('[data-way="hand"]')
    hand.touch('[data-test="schools"] summary')
    hand.choose("Height", "Tall, fruit stored up there")
    hand.touch('[data-goal="lower"]')
    hand.sees("nothing is lowered")
    hand.touch('[data-goal="skeleton"]')
    warned = hand.one('[data-test="skeleton"]')
    hand.until(lambda: "Tell the owner now" in hand.one('[data-test="skeleton"]').text)
    assert "limbs stay" in warned.text
    assert "Whitewash the same day" in hand.text()
    assert findings(browser) == []


def test_regrowth_and_fruit_are_written_down(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 4·7")
    hand.open(f"/tree/{tree}")
    hand.click("Record")
    hand.type("Fruit picked today", "38,5")
    hand.click("Write down")
    hand.sees("38.5 kg written down")
    hand.open("/book")
    hand.choose("Block", "Baixo")
    hand.sees("Canopy taken, mean of the trees cut")
    assert findings(browser) == []
