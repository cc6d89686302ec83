"""Cut it here first: a plan rehearsed, a mark moved and the years ahead answering, by touch and by
keyboard, on the table and on a phone; nothing is logged.
"""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def figures(hand: Hand) -> list[str]:
    return [e.text for e in hand.all('[data-test="season"]')]


def settled(hand: Hand) -> list[str]:
    """The figures, once the ranges of many weathers are with them."""
    hand.sees("crop within")
    return figures(hand)


def test_a_plan_is_rehearsed_moved_and_planned(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 4·10")
    before = len(ask(demo, f"/api/trees/{tree}")["log"])
    hand.open(f"/tree/{tree}/cut")
    hand.until(lambda: hand.all('[data-test="plan-cut"]'))
    hand.touch('[data-test="rehearse"]')
    hand.sees("Nothing is logged")
    hand.until(lambda: len(hand.all('[data-test="rehearsed-cut"]')) > 0)
    first = settled(hand)
    assert len(first) == 3
    assert all("twin" in f for f in first)
    hand.sees("You give up")
    assert findings(browser) == []
    # a mark slid out takes less: the tree after the cuts is another one
    slider = hand.one('[data-test="rehearsed-cut"] input[type="range"]')
    slider.send_keys(Keys.END)
    hand.until(lambda: figures(hand)[0] != first[0])
    hand.click("Keep as second plan")
    hand.sees("red mark on each bar")
    hand.one("#ahead").send_keys(Keys.END)
    hand.sees("6 years on")
    hand.click("Cut it again")
    hand.until(lambda: not hand.all('[data-test="rehearsed-cut"]'))
    hand.choose_in(hand.one("#add-cut"), 1)
    hand.until(lambda: len(hand.all('[data-test="rehearsed-cut"]')) == 1)
    hand.click("Plan these cuts")
    hand.until(lambda: browser.current_url.endswith("/cut/marks"))
    hand.until(lambda: len(hand.all('[data-test="cut"]')) == 1)
    assert len(ask(demo, f"/api/trees/{tree}")["log"]) == before
    assert hand.errors() == []


def test_on_a_phone_one_season_at_a_time_by_touch(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 4·11")
    hand.open(f"/tree/{tree}/rehearse")
    hand.until(lambda: len(figures(hand)) == 1)
    hand.one("#ahead").send_keys(Keys.HOME)
    hand.until(lambda: hand.all('[data-season="0"]'))
    limb = ask(demo, f"/api/trees/{tree}")["frame"]["limbs"][0]["id"]
    hand.point(limb, 0.6)
    hand.until(lambda: len(hand.all('[data-test="rehearsed-cut"]')) == 1)
    settled(hand)
    assert findings(browser) == []
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    assert hand.errors() == []


def test_a_tree_nobody_measured_says_what_it_needs(browser, demo):
    hand = Hand(browser, demo.url)
    sized = tree_named(demo, "Alto 2·1")
    assert ask(demo, f"/api/trees/{sized}")["standing"] == "sized"
    hand.open(f"/tree/{sized}/rehearse")
    hand.sees("Measure its main limbs")
    assert findings(browser) == []
