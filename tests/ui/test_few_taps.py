"""How many taps, fields and words lie between an empty holding and the first verdict, and a sheet
of cuts to count.
"""

from __future__ import annotations

import time

import pytest
from selenium.webdriver.common.by import By

from .conftest import resize
from .hand import Hand

pytestmark = pytest.mark.ui


class Tapping(Hand):
    """A hand whose every touch of a button or a field counts, and who reads what is shown."""

    def __init__(self, driver, url):
        super().__init__(driver, url)
        self.taps, self.fields, self.since = 0, 0, time.monotonic()

    def click(self, name):
        self.taps += 1
        super().click(name)

    def tap(self, css):
        self.taps += 1
        element = self.one(css)
        self.driver.execute_script("arguments[0].scrollIntoView({block: 'center'})", element)
        element.click()

    def type(self, label, text, within="body"):
        self.taps, self.fields = self.taps + 1, self.fields + 1
        super().type(label, text, within)

    @property
    def seconds(self):
        return time.monotonic() - self.since

    @property
    def words(self):
        """Words of the page, numbers and units apart."""
        found = self.driver.find_element(By.TAG_NAME, "main").text.split()
        return len([w for w in found if len(w) > 2 and any(c.isalpha() for c in w)])


def test_from_nothing_to_a_verdict_and_to_cuts_to_count(browser, empty):
    """A 15 ft orange wanted at 10 ft: a verdict in 12 taps and 60 s, what to cut in 25 taps and
    three minutes.
    """
    resize(browser, 390, 844)
    hand = Tapping(browser, empty.url)
    hand.open("/")
    hand.type("Name of the place", "my garden")
    hand.type("Nearest town", "faro")
    hand.until(lambda: "Portugal" in hand.one('[role="option"]').text)
    hand.tap('[role="option"]')
    hand.click("Here my trees stand")
    hand.type(
        "Say it", "one navel orange, 15 ft tall, 12 ft wide, trunk 8 inches, about 20 years old"
    )
    hand.until(lambda: hand.field("Height").get_attribute("value") == "4.57 m")
    hand.click("It stands there")
    planted = hand.one('[data-test="planted"]').text
    assert "Today: " in planted
    hand.click("A height to pick from")
    hand.type("How high", "10 ft")
    hand.click("What may be done today")
    hand.until(lambda: hand.one('[data-test="verdict"]').text)
    assert (hand.taps, hand.fields) <= (12, 5)
    assert hand.seconds < 60
    hand.click("Plan the cuts")
    hand.until(lambda: hand.all('[data-test="stairs"] td'))
    lines = hand.until(lambda: hand.all('[data-test="recipe-line"]'))
    assert any("-thick" in x.text for x in lines)
    for _ in range(3):
        hand.tap('[aria-label="thumb-thick, one more"]')
    hand.until(lambda: hand.one('[data-test="counted"]').text.startswith("4 % of "))
    assert hand.words < 400
    hand.click("Into the log")
    hand.sees("In the log: 3 cuts")
    print(f"from nothing to counted cuts: {hand.taps} taps, {hand.seconds:.0f} s")
    assert hand.taps <= 25
    assert hand.seconds < 180
    assert hand.errors() == []
