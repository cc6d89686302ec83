"""The weeks ahead: spread where nobody's hours are known, then shared out among those who have
some.
"""

from __future__ import annotations

import pytest

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask

pytestmark = pytest.mark.ui


def test_the_weeks_are_spread_and_then_shared_out(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 800)
    hand.open("/today")
    hand.click("By week")
    hand.until(lambda: hand.all('[data-test="nobody"]'))
    assert len(hand.all('[data-test="helper"]')) == 1
    hand.click("Say how many hours a week each has")
    hand.type("Name", "First helper")
    hand.type("Hours a week", "a day")
    hand.click("Put on the list")
    hand.sees("Cannot read this")
    hand.type("Hours a week", "6,5")
    hand.click("Put on the list")
    hand.sees("6.5 h a week")
    resize(browser, 390, 844)
    hand.open("/weeks")
    helper = hand.until(lambda: hand.one('[data-test="helper"][aria-label="First helper"]'))
    found = ask(demo, "/api/crew?weeks=6")
    spent, there = (sum(found["helpers"][0][k]) for k in ("spent", "minutes"))
    assert f"{round(spent / 60, 1):g} of {round(there / 60, 1):g} h" in helper.text
    assert hand.all('[data-test="left"]')  # the wall wants a machine
    assert "may drive the machine" in hand.text()
    assert findings(browser) == []
    wide = browser.execute_script("return document.documentElement.scrollWidth")
    assert wide <= 390
    assert hand.errors() == []
