"""A grove of four thousand trees on the plan: seen in layers, brought near, chosen from, and never
as thousands of nodes.
"""

from __future__ import annotations

import pytest
from selenium.webdriver import ActionChains

from billhook.demo.build import build_demo
from billhook.settings import Settings

from ..places import trees_of
from .conftest import DAY, resize, running
from .hand import Hand
from .test_access import findings
from .test_main_job import ask

pytestmark = pytest.mark.ui

PLAN = "[data-layer]"


@pytest.fixture(scope="module")
def grove(tmp_path_factory):
    settings = Settings(tmp_path_factory.mktemp("large"), fixed_today=DAY, demo=True, large=4)
    build_demo(settings)
    yield from running(settings)


def layer(hand) -> str:
    return hand.one(PLAN).get_attribute("data-layer")


def nodes(browser) -> int:
    return browser.execute_script("return document.querySelectorAll('*').length")


def test_the_plan_shows_rows_from_afar_and_trees_near_by(browser, grove):
    hand = Hand(browser, grove.url)
    resize(browser, 1280, 800)
    hand.open("/grove")
    hand.sees("4,000 trees")
    assert layer(hand) == "row"
    assert nodes(browser) < 1500
    for _ in range(3):
        hand.touch('[aria-label="Nearer"]')
    hand.until(lambda: layer(hand) == "tree")
    before = hand.one("a.board").get_attribute("style")
    middle = hand.one(PLAN)
    ActionChains(browser).drag_and_drop_by_offset(middle, 120, 60).perform()
    hand.until(lambda: hand.one("a.board").get_attribute("style") != before)
    hand.press("0")
    hand.until(lambda: hand.one(PLAN).get_attribute("data-near") == "1.000")
    assert nodes(browser) < 1500
    assert findings(browser) == []
    assert hand.errors() == []


def test_a_line_round_trees_chooses_them_and_one_thing_is_done_to_all(browser, grove):
    hand = Hand(browser, grove.url)
    resize(browser, 1280, 800)
    hand.open("/grove")
    hand.sees("4,000 trees")
    hand.click("Choose trees")
    plan = hand.one(PLAN)
    line = ActionChains(browser).move_to_element_with_offset(plan, -150, -100).click_and_hold()
    for x, y in ((120, 0), (0, 90), (-120, 0), (0, -90)):
        line.move_by_offset(x, y)
    line.release().perform()
    panel = hand.one('[data-test="chosen"]')
    many = int(panel.text.split()[0].replace(",", ""))
    assert 20 < many < 1000
    hand.click("Leave them")
    hand.until(lambda: not hand.all('[data-test="chosen"]'))
    assert hand.errors() == []


def test_what_is_looked_for_is_lit_among_thousands(browser, grove):
    hand = Hand(browser, grove.url)
    resize(browser, 390, 844)
    hand.open("/grove?find=navel")
    lit = [t for t in trees_of(ask(grove, "/api/grove")) if t["species"] == "navel-orange"]
    assert hand.one("[data-lit]").get_attribute("data-lit") == str(len(lit)) == "1000"
    wide = browser.execute_script("return document.documentElement.scrollWidth")
    assert wide <= 390
    assert hand.errors() == []
