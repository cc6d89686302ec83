"""A block is drawn on the plan, its rows counted out, moved, and taken back."""

from __future__ import annotations

import pytest
from selenium.webdriver import ActionChains
from selenium.webdriver.common.keys import Keys

from ..places import trees_of
from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_large import PLAN
from .test_main_job import ask

pytestmark = pytest.mark.ui


def touch_plan(hand, *spots: tuple[int, int]) -> None:
    """Touch the plan so far from its middle, px."""
    for x, y in spots:
        plan = hand.one(PLAN)
        ActionChains(hand.driver).move_to_element_with_offset(plan, x, y).click().perform()


def named(own_demo, block: str) -> list[dict]:
    grove = ask(own_demo, "/api/grove")
    return [t for t in trees_of(grove) if t["name"].startswith(f"{block} ")]


def test_a_block_is_drawn_counted_out_planted_and_moved(browser, own_demo):
    hand = Hand(browser, own_demo.url)
    resize(browser, 1280, 800)
    hand.open("/grove")
    hand.click("Draw a block")
    hand.touch('[aria-label="Further"]')
    hand.sees("3 more corners at least")
    touch_plan(hand, (120, 270), (360, 250), (380, 330))
    hand.sees("Pick its kind")
    hand.type("Its name", "Novo")
    hand.choose("Kind", "Avocado")
    hand.sees("between trees")
    touch_plan(hand, (140, 340))
    hand.until(lambda: len(hand.all("[data-corner]")) == 4)
    assert findings(browser) == []
    # a place that is touched stays empty
    hand.until(lambda: first_dot(hand))
    assert "left empty" not in hand.one("[data-test=counted-out]").text
    size = hand.one(PLAN).size
    x, y = first_dot(hand)
    touch_plan(hand, (round(x - size["width"] / 2), round(y - size["height"] / 2)))
    hand.sees("1 left empty")
    hand.click("Plant ")
    hand.until(lambda: named(own_demo, "Novo"))
    planted = named(own_demo, "Novo")
    assert "Novo 1·1" not in {t["name"] for t in planted}
    assert {t["kind_name"] for t in planted} == {"Avocado"}
    # and the whole is moved on
    hand.click("Move trees")
    hand.choose("Or a whole block", "Novo")
    hand.sees("from tree to tree")
    hand.touch("[data-test=lies]")
    for _ in range(4):
        keys = ActionChains(browser).key_down(Keys.SHIFT).send_keys(Keys.ARROW_DOWN)
        keys.key_up(Keys.SHIFT).perform()
    hand.until(lambda: hand.button("Lay it so").is_enabled())
    hand.click("Lay it so")
    south = pytest.approx(planted[0]["y"] - 2, abs=0.02)
    hand.until(lambda: named(own_demo, "Novo")[0]["y"] == south)
    hand.click("Undo")
    hand.until(lambda: named(own_demo, "Novo")[0]["y"] == planted[0]["y"])
    assert hand.errors() == []


def first_dot(hand) -> tuple[float, float] | None:
    """Where the first tree of the draft is drawn on the plan, px."""
    drawn = hand.one("[data-test=draft] path").get_attribute("d")
    if not drawn:
        return None
    x, y = drawn.split("M")[1].split("h")[0].split(" ")
    return float(x), float(y)
