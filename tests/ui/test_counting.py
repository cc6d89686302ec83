"""A tree nobody measured, from its words to cuts in the log: said, sized, counted."""

from __future__ import annotations

import pytest

from .conftest import resize
from .hand import Hand

pytestmark = pytest.mark.ui


def test_three_thumb_thick_ones_with_one_hand(browser, empty):
    resize(browser, 390, 844)
    hand = Hand(browser, empty.url)
    hand.open("/")
    hand.type("Nearest town", "orlando")
    hand.until(lambda: "Florida" in hand.one('[role="option"]').text)
    hand.touch('[role="option"]')
    hand.click("Here my trees stand")
    hand.type("Say it", "one Key lime, 12 ft tall, 10 ft wide, trunk 6 inches, 12 years")
    hand.until(lambda: len(hand.all('[data-test="group"]')) == 1)
    hand.click("It stands there")
    hand.click("Not now: what may be done today")
    hand.click("Plan the cuts")
    hand.until(lambda: len(hand.all('[data-test="recipe-line"]')) > 1)
    more = hand.one('[aria-label="thumb-thick, one more"]')
    for _ in range(3):
        browser.execute_script("arguments[0].click()", more)
    # 3 × 22² / 152² is 6 %, between 4 and 8
    hand.until(lambda: hand.one('[data-test="counted"]').text.startswith("6 %"))
    fewer = hand.one('[aria-label="thumb-thick, one fewer"]')
    browser.execute_script("arguments[0].click()", fewer)
    hand.until(lambda: hand.one('[data-test="counted"]').text.startswith("4 %"))
    hand.click("Into the log")
    hand.sees("In the log: 2 cuts, about 4.2 % of the canopy")
    assert [e for e in hand.errors() if "422" not in e] == []
    resize(browser, 1280, 800)
