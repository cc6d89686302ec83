"""Heights by hand: the wall moved by keyboard, the sun scrubbed, a school chosen and adopted, a
tree's limb, shape and seasons.
"""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_access import CUT_OFF, findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def test_the_wall_is_moved_and_a_school_adopted(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/heights")
    hand.until(lambda: "of sun" in hand.one('[data-test="sun-verdict"]').text)
    before = hand.one('[data-test="sun-verdict"]').text
    roof = hand.one('[data-handle="roof"]')
    for _ in range(8):
        roof.send_keys(Keys.ARROW_DOWN)
    hand.until(lambda: hand.one('[data-test="sun-verdict"]').text != before)
    hand.until(lambda: "At 2.40 m" in hand.one('[data-test="sun-verdict"]').text)
    scrub = hand.one("#scrub")
    said = scrub.get_attribute("aria-valuetext")
    scrub.send_keys(Keys.ARROW_RIGHT)
    hand.until(lambda: scrub.get_attribute("aria-valuetext") != said)
    hand.sees("Rules of the trade")
    hand.touch('[data-school="third-of-rows"]')
    hand.until(lambda: "hard cuts" in hand.one('[data-test="picked"]').text)
    assert findings(browser) == []
    hand.click("Adopt: a third of the rows")
    hand.until(lambda: hand.all('[data-test="adopted"]'))
    block = next(b["id"] for b in ask(demo, "/api/grove")["blocks"] if b["name"] == "Patamares")
    rotation = ask(demo, f"/api/rotations?scope=block&scope_id={block}")["rotations"][0]
    assert (rotation["school"], rotation["ended_on"]) == ("third-of-rows", None)
    assert len({t["does"] for t in rotation["tasks"]}) >= 2  # rows go down, rows are tipped
    hand.sees("Adopted")
    hand.click("Give up")
    hand.sees("given up")
    assert not [
        t
        for t in ask(demo, f"/api/rotations?scope=block&scope_id={block}")["rotations"][0]["tasks"]
        if t["state"] == "open"
    ]


def test_a_number_that_cannot_be_keeps_the_rest(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/heights")
    hand.until(lambda: "of sun" in hand.one('[data-test="sun-verdict"]').text)
    hand.type("Across at the foot", "9 m\t")
    hand.sees("no alley")
    hand.type("Across at the foot", "2.2 m\t")
    hand.until(lambda: "no alley" not in hand.text())


def test_limb_shape_and_seasons_of_one_tree(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 4·6")
    hand.open(f"/tree/{tree}/height")
    hand.until(lambda: len(hand.all('[data-test="ranked"]')) >= 3)
    assert findings(browser) == []
    hand.touch('input[type="checkbox"]')
    hand.click("Pyramid")
    hand.until(
        lambda: (
            hand.all('[data-test="breaks"]') and "break" in hand.one('[data-test="breaks"]').text
        )
    )
    hand.touch('[data-school="third-of-tree"]')
    hand.until(
        lambda: (
            hand.all('[data-test="season"]')
            and "went down" in hand.one('[data-test="season"]').text
        )
    )
    first = hand.one('[data-test="season"]').text
    hand.one("#season").send_keys(Keys.ARROW_RIGHT)
    hand.until(lambda: hand.one('[data-test="season"]').text != first)
    hand.click("Adopt: a third of each tree")
    hand.sees("is adopted")
    tasks = [t for t in ask(demo, f"/api/trees/{tree}")["tasks"] if t["kind"] == "renewal"]
    assert len(tasks) == 6
    assert all("Lower the" in t["does"] for t in tasks)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree}/height")
    hand.until(lambda: hand.all('[data-test="ranked"]'))
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    hand.touch('[data-school="third-of-tree"]')
    assert browser.execute_script(CUT_OFF) == []
