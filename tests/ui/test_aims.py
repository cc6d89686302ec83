"""How high, how wide, and where: said on the drawings."""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from ..places import trees_of
from .conftest import resize
from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


@pytest.fixture
def demo(own_demo):
    """What is wanted of its trees changes here."""
    return own_demo


def test_the_wanted_height_is_a_handle_on_the_drawing(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Alto 1·6")
    resize(browser, 1280, 800)
    hand.open(f"/tree/{tree}")
    handle = hand.one("[data-handle=wanted]")
    assert handle.get_attribute("aria-valuetext") == "wanted 4.50 m"
    browser.execute_script("arguments[0].focus()", handle)
    handle.send_keys(Keys.PAGE_DOWN, Keys.PAGE_DOWN, Keys.ARROW_UP, Keys.ENTER)
    hand.until(lambda: ask(demo, f"/api/trees/{tree}/aim")["height_m"] == 3.55)
    hand.sees("3.55 m is wanted for this tree")
    hand.click("its row")
    hand.sees("3.55 m is wanted for its row")
    aim = ask(demo, f"/api/trees/{tree}/aim")
    assert {s["scope"]: s["height_m"] for s in aim["scopes"]}["row"] == 3.55
    hand.open(f"/tree/{tree}/height")
    hand.sees("3.55 m for this tree")
    hand.click("And how wide?")
    hand.type("Width", "1.1 m")
    hand.choose_in(hand.one('[aria-label="How the width is said"]'), "from the stem")
    hand.click("Keep it so wide")
    hand.until(lambda: ask(demo, f"/api/trees/{tree}/aim")["width_m"] == 2.2)
    assert ask(demo, f"/api/trees/{tree}/aim")["height_m"] == 3.55
    assert hand.errors() == []


def test_a_shape_is_made_the_cuts(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Alto 1·5")
    hand.open(f"/tree/{tree}/height")
    hand.touch('input[type="checkbox"]')
    hand.type("Top", "2.4 m")
    hand.type("From the trunk", "1.2 m\t")
    hand.sees("limbs break it")
    hand.click("Make these the cuts")
    hand.sees("By hand, back into the shape")
    assert hand.one('[data-way="shape"]').get_attribute("aria-pressed") == "true"
    assert any("out of the shape" in x.text for x in hand.all('[data-test="plan-cut"]'))
    assert hand.errors() == []


def test_a_tree_is_moved_on_the_plan_by_keys(browser, demo):
    hand, tree = Hand(browser, demo.url), tree_named(demo, "Alto 1·1")
    resize(browser, 1280, 800)

    def spot():
        trees = trees_of(ask(demo, "/api/grove"))
        return next((t["x"], t["y"]) for t in trees if t["id"] == tree)

    x, y = spot()
    hand.open("/grove")
    hand.click("Move trees")
    hand.press(Keys.ARROW_RIGHT)
    hand.sees("Open Alto 1·1")
    browser.switch_to.active_element.send_keys(Keys.SHIFT, Keys.ARROW_UP)
    hand.until(lambda: spot() == pytest.approx((x, y + 0.5)))
    assert hand.errors() == []
