"""The road: four places, one tree page whose drawing stands, a day that holds, and every write
taken back with a tap. ``make road`` prints what was counted.
"""

from __future__ import annotations

import gzip
import json
from pathlib import Path

import pytest

from billhook.web import pages

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, send, tree_named

pytestmark = pytest.mark.ui

# words on the screen at first sight; numbers, units and what is only for a screen reader apart
WORDS = """
const seen = [], walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
while (walk.nextNode()) {
  const range = document.createRange()
  range.selectNodeContents(walk.currentNode)
  const box = range.getBoundingClientRect(), of = walk.currentNode.parentElement
  if (box.width < 2 || box.bottom < 0 || box.top > innerHeight) continue
  if (getComputedStyle(of).visibility !== 'visible' || of.closest('.sr-only, title')) continue
  seen.push(walk.currentNode.textContent)
}
return seen.join(' ')
"""


@pytest.fixture
def demo(own_demo):
    """What is written here is taken back, but not all of it."""
    return own_demo


def words(browser) -> int:
    found = browser.execute_script(WORDS).split()
    return len([w for w in found if len(w) > 2 and any(c.isalpha() for c in w)])


def test_at_first_sight_there_is_little_to_read(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·7")
    counted = {}
    for width, height in ((390, 844), (1280, 800)):
        resize(browser, width, height)
        for path in ("/today", "/grove", "/year", "/book", "/more", f"/tree/{tree}"):
            hand.open(path)
            hand.until(lambda: "Fetching" not in hand.text())
            counted[width, path] = words(browser)
    for (width, path), n in counted.items():
        print(f"{width:5} {path[:6]:8} {n} words")
    assert max(counted.values()) <= 450


SHIFT = """
const done = arguments[0]
let moved = 0
const add = (list) => list.getEntries().forEach((e) => (moved += e.hadRecentInput ? 0 : e.value))
new PerformanceObserver(add).observe({ type: 'layout-shift', buffered: true })
setTimeout(() => done(moved), 200)
"""


@pytest.mark.parametrize("width", [390, 1280])
def test_nothing_moves_under_the_eye(browser, demo, width):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·7")
    resize(browser, width, 844 if width < 700 else 800)
    parts = ("", "/look", "/cut", "/height", "/record")
    pages = [
        "/today",
        "/grove",
        "/year",
        "/book",
        "/more",
        "/help",
        "/people",
        "/phone",
        "/start",
        "/weeks",
        "/months",
    ]
    block = ask(demo, f"/api/trees/{tree}")["block_id"]
    pages += ["/heights", "/frost", "/known", f"/block/{block}/height", f"/block/{block}/frost"]
    moved = {}
    for path in (*pages, *(f"/tree/{tree}{p}" for p in parts)):
        hand.driver.get(hand.url + path)
        hand.until(lambda: hand.all("main h1, main h2"))
        hand.until(lambda: " …" not in hand.text())
        moved[path] = browser.execute_async_script(SHIFT)
    assert {path: round(v, 3) for path, v in moved.items() if v > 0.01} == {}


def test_verdict_and_first_button_stand_in_the_first_screen_of_a_phone(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    for name in ("Baixo 4·7", "Alto 1·3", "Pátio 1·1", "Baixo 5·2"):
        hand.open(f"/tree/{tree_named(demo, name)}")
        hand.one('[data-test="verdict"]')
        foot = browser.execute_script("return document.querySelector('.second-wire').offsetTop")
        for what in ('[data-test="verdict"]', ".do .btn"):
            box = browser.execute_script(
                "return document.querySelector(arguments[0]).getBoundingClientRect().bottom", what
            )
            assert box < 844 - 106, (name, what, foot)
        assert browser.execute_script("return document.documentElement.scrollWidth") <= 390


def test_the_drawing_stands_while_its_tags_change(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·7")
    resize(browser, 1280, 800)
    hand.open(f"/tree/{tree}")
    hand.one("[data-limb]")
    browser.execute_script(
        "document.querySelector('svg[aria-label^=\"The tree from\"]').dataset.same = 'yes'"
    )
    fetched = (
        "return performance.getEntriesByType('resource').filter("
        f"r => r.name.split('?')[0].endsWith('/api/trees/{tree}')).length"
    )
    before = browser.execute_script(fetched)
    for tag, says in (("Height", "How high do you want it?"), ("Record", "Cut this growing year")):
        hand.click(tag)
        hand.sees(says)
        assert hand.all('.draw svg[data-same="yes"]')
    hand.click("Now")
    hand.one('[data-test="verdict"]')
    assert browser.execute_script(fetched) == before
    assert hand.errors() == []


def test_what_is_looked_for_is_lit_and_listed(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/today")
    hand.search("undrawn avocado")
    hand.until(lambda: "in the plan" in hand.text())
    hand.click("in the plan")
    found = hand.until(lambda: ask(demo, "/api/find?q=undrawn+avocado")["trees"])
    hand.sees(f"“undrawn avocado”: {len(found)} trees")
    assert hand.one("[data-lit]").get_attribute("data-lit") == str(len(found))
    hand.open("/grove?view=list")
    rows = hand.until(lambda: hand.all('[data-test="listed"]'))
    hand.type("Only", "baixo 4")
    hand.until(lambda: 0 < len(hand.all('[data-test="listed"]')) < len(rows))
    hand.click("Tall")
    tall = [e.text for e in hand.all('[data-test="listed"] [data-column="tall"]') if e.text]
    assert tall == sorted(tall)
    hand.click("Baixo 4·7")
    hand.until(lambda: hand.one("h1").text == "Baixo 4·7")
    assert hand.errors() == []


def test_a_block_has_a_page_of_its_own(browser, demo):
    hand = Hand(browser, demo.url)
    block = next(b["id"] for b in ask(demo, "/api/grove")["blocks"] if b["name"] == "Baixo")
    for width, height in ((1280, 800), (390, 844)):
        resize(browser, width, height)
        hand.open(f"/block/{block}")
        hand.until(lambda: len(hand.all("li.item")) > 3)
        assert findings(browser) == []
        hand.click("Trees")
        hand.until(lambda: len(hand.all('[data-test="listed"]')) > 70)
        assert findings(browser) == []
        hand.click("Record")
        hand.sees("height and cold air")
        assert browser.execute_script("return document.documentElement.scrollWidth") <= width
    hand.click("row 4")
    hand.until(lambda: "/row/" in browser.current_url)
    assert hand.errors() == []


def test_the_day_chosen_holds_until_today_is_asked_for(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·7")
    resize(browser, 1280, 800)
    hand.open(f"/tree/{tree}")
    hand.pick_day("#now-day", "30 may")
    hand.sees("shown for 30 May")
    hand.until(lambda: "30 May" in hand.one('[data-test="verdict"]').text)
    hand.click("Cut")
    hand.until(lambda: hand.one("#plan-day").get_attribute("value") == "30 May")
    hand.click("My own marks")
    hand.until(lambda: "30 May" in hand.one('[data-test="verdict"]').text)
    hand.click("back to today")
    hand.until(lambda: "24 Mar" in hand.one('[data-test="verdict"]').text)


def touch(browser, kind: str, *points: tuple[float, float]) -> None:
    at = [{"x": x, "y": y, "id": i} for i, (x, y) in enumerate(points)]
    browser.execute_cdp_cmd("Input.dispatchTouchEvent", {"type": kind, "touchPoints": at})


def test_the_drawing_is_pinched_nearer_and_dragged(browser, demo):
    """Two fingers, as on a phone; the width of the part that is shown tells how near it is."""
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·7")
    resize(browser, 390, 844)
    browser.execute_cdp_cmd("Emulation.setTouchEmulationEnabled", {"enabled": True})
    try:
        hand.open(f"/tree/{tree}/cut")
        drawn = 'svg[aria-label^="The tree from"]'
        hand.one(drawn)
        shown = f"return document.querySelector('{drawn}').getAttribute('viewBox')"
        box = browser.execute_script(
            f"const b = document.querySelector('{drawn}').getBoundingClientRect()\n"
            "return [b.left + b.width * 0.7, b.top + 60]"
        )
        before = [float(v) for v in browser.execute_script(shown).split()]
        x, y = box
        touch(browser, "touchStart", (x, y))
        touch(browser, "touchStart", (x, y), (x + 20, y))
        for wide in (30, 45, 60):
            touch(browser, "touchMove", (x - wide, y), (x + wide, y))
        touch(browser, "touchEnd")
        near = hand.until(
            lambda: (
                (b := [float(v) for v in browser.execute_script(shown).split()])[2] < before[2] / 2
                and b
            )
        )
        touch(browser, "touchStart", (x, y))
        for by in (10, 30, 50):
            touch(browser, "touchMove", (x + by, y))
        touch(browser, "touchEnd")
        hand.until(lambda: float(browser.execute_script(shown).split()[0]) < near[0])
        hand.touch('[aria-label="The whole tree"]')
        hand.until(lambda: float(browser.execute_script(shown).split()[2]) == before[2])
    finally:
        browser.execute_cdp_cmd("Emulation.setTouchEmulationEnabled", {"enabled": False})
    assert hand.errors() == []


def test_done_asks_who_and_how_many_and_is_taken_back(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/today")
    item = hand.one('[data-work="sucker"][data-kind="work"]')
    says = item.find_element("tag name", "h3").text.split("\n")[0]
    key = says.split(" · ")[0]
    before = len(ask(demo, "/api/log")["entries"])
    hand.click_on(item.find_element("css selector", '[aria-label^="Done"]'))
    hand.type("Who", "first helper", 'form[aria-label="Done"]')
    hand.touch('[aria-label="How many came off, one more"]')
    hand.touch('form[aria-label="Done"] .btn-go')
    hand.one('[data-test="wrote"]')
    entries = hand.until(lambda: (e := ask(demo, "/api/log")["entries"]) and len(e) > before and e)
    assert (entries[0]["who"], entries[0]["cuts"]) == ("first helper", 1)
    hand.click("Undo")
    hand.until(lambda: len(ask(demo, "/api/log")["entries"]) == before)
    hand.sees("Taken back: Done at")
    hand.until(lambda: any(key in e.text for e in hand.all('[data-work="sucker"] h3')))
    assert hand.errors() == []


def test_an_entry_that_is_not_so_goes_with_what_stands_on_it(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Baixo 4·8")
    resize(browser, 1280, 800)
    hand.open(f"/tree/{tree}/record")
    hand.click("Put right")
    name = "By the gate"
    hand.type("A name of its own", name)
    hand.click("Save")
    hand.sees("By the gate put right")
    hand.open("/book")
    hand.touch("details:last-of-type > summary")
    hand.until(lambda: any(name in e.text for e in hand.all('[data-test="act"]')))
    hand.click("Take back")
    hand.until(lambda: ask(demo, f"/api/trees/{tree}")["name"] == "Baixo 4·8")
    assert hand.errors() == []


def test_the_first_view_is_small():
    """Scripts, styles and English messages that the first page needs, gzipped, fonts apart [kB]."""
    static = Path(pages.__file__).parent / "static"
    parts = json.loads((static / "assets.json").read_text(encoding="utf-8"))
    wanted = [k for k, p in parts.items() if p.get("isEntry") or k.endswith("/TodayPage.vue")]
    for name in wanted:
        wanted += [i for i in parts[name].get("imports", []) if i not in wanted]
    wanted += [m for name in wanted for m in parts[name].get("dynamicImports", []) if ":en/" in m]
    files = {f for name in wanted for f in (parts[name]["file"], *parts[name].get("css", []))}
    size = sum(len(gzip.compress((static / f).read_bytes(), 9)) for f in files) / 1000
    print(f"first view: {size:.1f} kB")
    assert 40 < size <= 106


def test_frost_hangs_on_the_wire_and_on_the_block_it_hurt(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    block = ask(demo, f"/api/trees/{tree_named(demo, 'Baixo 7·7')}")["block_id"]
    hand.open(f"/block/{block}")
    hand.click("Frost")  # the wire's, which comes first
    hand.until(lambda: "After frost" in hand.one("h1").text)
    hand.open(f"/block/{block}/frost")
    hand.sees("F5 dead to the trunk")
    assert "Baixo 7·7" in hand.text()
    assert hand.errors() == []


def test_a_gone_tree_keeps_its_record_alone(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Alto 5·3")
    version = ask(demo, f"/api/trees/{tree}")["version"]
    send(demo, f"/api/trees/{tree}/gone", {"version": version})
    gone = ask(demo, "/api/acts")["acts"][0]["id"]
    try:
        hand.open(f"/tree/{tree}/cut")
        hand.sees("It is gone since 24 Mar")
        assert [a.text for a in hand.all('[aria-label="This tree"] a')] == ["Now", "Record"]
    finally:
        send(demo, f"/api/acts/{gone}/undo", {"also": False})


def test_the_plan_is_read_and_brought_nearer_on_a_phone(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open("/grove")
    plan = "[data-layer]"
    hand.one(plan)
    small = """return [...document.querySelectorAll(arguments[0] + ' text')]
        .map(t => t.getBoundingClientRect().height).filter(h => h < 12)"""
    assert browser.execute_script(small, plan) == []
    shown = f"return +document.querySelector('{plan}').dataset.near"
    assert browser.execute_script(shown) == 1
    hand.touch('[aria-label="Nearer"]')
    hand.until(lambda: browser.execute_script(shown) > 1)
    hand.click("The whole plan")
    hand.until(lambda: browser.execute_script(shown) == 1)
    assert hand.errors() == []


def test_trees_whose_year_differs_are_a_tap_away(browser, demo):
    hand = Hand(browser, demo.url)
    block = ask(demo, f"/api/trees/{tree_named(demo, 'Alto 1·3')}")["block_id"]
    hand.open(f"/year?block={block}")
    hand.click("the others differ")
    hand.touch('[data-test="others"] a')
    hand.sees("this tree")
