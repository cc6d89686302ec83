"""After frost by hand: the night over the holding, and a tree scratched by thumb until its edge is found."""

from __future__ import annotations

import pytest

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def test_a_night_is_read_block_by_block(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/frost")
    browser.execute_script("const e = document.querySelector('#night'); e.value = '2027-01-19'; e.dispatchEvent(new Event('input'))")
    hand.type("Coldest at the station", "-4,2")
    hand.click("What was hurt")
    hand.until(lambda: "Baixo" in hand.one('[data-test="night"]').text)
    assert "1.5 °C either way" in hand.text()
    assert "-5.7 °C" in hand.text()  # the pocket is colder than the station
    assert findings(browser) == []
    hand.one('button[aria-label^="Working for"]').click()
    hand.sees("hurts")


def test_a_limb_is_scratched_to_its_edge_by_thumb(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 7·6")
    hand.open(f"/tree/{tree}/frost")
    hand.until(lambda: "Too early" in hand.one('[data-test="verdict"]').text)
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    assert findings(browser) == []
    limb = ask(demo, f"/api/trees/{tree}/after-frost")["limbs"][0]["limb"]

    def left():
        return next(x for x in ask(demo, f"/api/trees/{tree}/after-frost")["limbs"] if x["limb"] == limb)

    count = 0
    while left()["found"]["next_at_m"] is not None:
        place = left()["found"]["next_at_m"]
        hand.click("Green" if place < 0.5 else "Brown")
        count += 1
        hand.until(lambda n=count: len(left()["readings"]) == n)
        assert count < 9
    hand.sees("too early to cut")
    assert left()["found"]["cut_at_m"] is None
