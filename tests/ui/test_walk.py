"""The walk on a phone: few taps, number keys, nothing lost when the server is away for a moment."""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def test_a_tree_in_order_takes_at_most_twelve_taps(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree_named(demo, 'Baixo 3·3')}/walk")
    taps, last = 0, ""
    while not hand.all('[data-test="end"]'):
        hand.until(lambda last=last: hand.all('[data-test="end"]') or hand.one('[data-test="step"]').text != last)
        if hand.all('[data-test="end"]'):
            break
        last = hand.one('[data-test="step"]').text
        assert min(b.size["height"] for b in hand.all("main .choice") if b.is_displayed()) >= 44
        hand.one(".choice").click()
        taps += 1
        hand.until(lambda last=last: hand.all('[data-test="end"]') or hand.one('[data-test="step"]').text != last)
    assert hand.one('[data-test="end"]').text == "Nothing to cut"
    hand.click("Finish the walk")
    hand.sees("The days to come back are set")
    assert taps + 1 <= 12


def test_an_answer_given_while_the_server_is_away_is_sent_once(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 3·4")
    hand.open(f"/tree/{tree}/walk")
    first = hand.one('[data-test="step"]').text
    demo.broken.add("/answers")
    hand.press("1")
    hand.sees("Send it again")
    demo.broken.clear()
    hand.click("Send it again")
    hand.until(lambda: hand.one('[data-test="step"]').text != first)
    hand.press(Keys.BACKSPACE)
    hand.until(lambda: hand.one('[data-test="step"]').text == first)
    assert hand.one('[data-answer="clear"]').get_attribute("aria-pressed") == "true"
    browser.refresh()
    hand.until(lambda: hand.one('[data-test="step"]').text != first)  # taken up where it was
    assert [t for t in ask(demo, f"/api/trees/{tree}")["tasks"] if "Walk" in t["does"]] == []  # nothing is set before the end
