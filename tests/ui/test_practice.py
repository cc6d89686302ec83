"""Practice trees: a lesson by choices that opens without signal and comes back where it went
wrong, and a tree of one's own marks, by touch and by keyboard.
"""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import SERVICE_WORKER, Hand
from .test_access import findings
from .test_main_job import ask

pytestmark = pytest.mark.ui


def choices(trouble: str, demo) -> list[dict]:
    return ask(demo, f"/api/practice/lessons/{trouble}")["choices"]


def test_a_lesson_on_a_phone_without_signal_comes_back_where_it_went_wrong(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open("/practice")
    hand.until(lambda: len(hand.all('[data-test="lesson"]')) == 12)
    assert findings(browser) == []
    assert browser.execute_async_script(SERVICE_WORKER)
    hand.open("/practice")
    last = f"{demo.url}/api/practice/lessons/potted"
    kept = "return caches.match(arguments[0], {ignoreVary: true}).then(x => !!x)"
    hand.until(lambda: browser.execute_script(kept, last), patience=60)
    offered = choices("suckers", demo)
    wrong = next(i for i, c in enumerate(offered) if not c["right"] and c["cuts"])
    right = next(i for i, c in enumerate(offered) if c["right"])
    demo.away()
    try:
        browser.get(demo.url + "/practice/suckers")
        hand.until(lambda: len(hand.all('[data-test="choice"]')) == len(offered))
        hand.touch('[data-test="clue"]')
        hand.until(lambda: hand.one('[data-test="looks"]').text)
        hand.click_on(hand.all('[data-test="choice"] input')[wrong])
        hand.click("Talk it over")
        hand.until(lambda: hand.all('[data-test="remark"]'))
        hand.sees("Not looked for: Thorns")
        assert 1 <= len(hand.all('[data-test="remark"]')) <= 3
        assert findings(browser) == []
        assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
        browser.get(demo.url + "/practice")
        hand.sees("again from")
        browser.get(demo.url + "/practice/suckers")
        hand.until(lambda: len(hand.all('[data-test="choice"]')) == len(offered))
        hand.click_on(hand.all('[data-test="choice"] input')[right])
        hand.click_on(hand.all('input[type="checkbox"]')[0])
        hand.click("Talk it over")
        hand.sees("As a good practitioner would")
    finally:
        demo.back()
    browser.get(demo.url + "/practice")
    hand.sees("1 of 12 right")


def test_another_tree_takes_ones_own_marks(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/practice/too-tall?seed=4")
    hand.until(lambda: hand.all('[data-test="clue"]'))
    assert findings(browser) == []
    for clue in hand.all('[data-test="clue"]'):
        clue.send_keys(Keys.ENTER)
        hand.until(lambda clue=clue: clue.text in hand.one('[data-test="looks"]').text)
    hand.click("Mark a cut")
    hand.until(lambda: len(hand.all('[data-test="rehearsed-cut"]')) == 1)
    hand.click("Cut so, and talk it over")
    hand.until(lambda: hand.all('[data-test="debrief"]'))
    hand.sees("Height. From the ground with a pole")
    hand.sees("Leaving it alone")
    assert findings(browser) == []
    hand.click("Another such tree")
    hand.until(lambda: not hand.all('[data-test="debrief"]'))
    assert hand.errors() == []


def test_another_tree_is_of_the_kind_and_cut_on_the_day_that_was_chosen(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/practice")
    hand.choose("Kind", "Lychee")
    more = '[aria-label="More trees"] a'
    hand.until(lambda: [a.text for a in hand.all(more)] == ["A young stem", "No light inside"])
    hand.click_on(hand.all(more)[1])
    hand.sees("Lychee, 16 years old")
    clue = hand.until(lambda: hand.all('[data-test="clue"]'))[0]
    hand.click_on(clue)
    hand.click("Mark a cut")
    hand.click("Cut so, and talk it over")
    hand.sees("Right or not, 6 weeks early")
    days = hand.field("When")
    hand.choose_in(days, 4)
    hand.click("Cut so, and talk it over")
    hand.until(lambda: "weeks early" not in hand.one('[data-test="debrief"]').text)
    assert hand.errors() == []
