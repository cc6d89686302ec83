"""The year by hand: frost dates that close windows, stances, the fortnight, weather, a station's
list.
"""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_main_job import ask, send, tree_named

pytestmark = pytest.mark.ui


def go_width(hand: Hand, work: str) -> float:
    """How wide a lane is open on the ribbon."""
    return sum(
        float(r.get_attribute("width")) for r in hand.all(f'[data-lane="{work}"] [data-tone="go"]')
    )


def test_a_sooner_frost_closes_a_window_and_nothing_is_saved(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open(f"/year?tree={tree_named(demo, 'Baixo 1·3')}")
    hand.sees("Water sprouts")
    before = go_width(hand, "sprout")

    def closed_by_a_sooner_frost() -> bool:
        hand.one('[data-handle="first_frost"]').send_keys(Keys.ARROW_LEFT)
        return go_width(hand, "sprout") < before - 10

    hand.until(closed_by_a_sooner_frost)
    assert "the first frost came" in hand.one('[data-test="what-if"]').text
    hand.click("Back to the dates that hold")
    hand.until(lambda: go_width(hand, "sprout") == before)


def test_a_day_opens_its_reasons_by_keyboard(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open(f"/year?tree={tree_named(demo, 'Baixo 1·3')}")
    hand.sees("24 Mar")
    hand.press(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT)
    hand.until(lambda: hand.one('[data-test="day"]').text == "26 Mar")
    button = hand.one('[aria-label="Why: Thin, whole branches"]')
    browser.execute_script("arguments[0].focus()", button)
    button.send_keys(Keys.ENTER)
    dialog = hand.one('[role="dialog"]')
    hand.until(lambda: "common practice among growers" in dialog.text)
    # sentences with this tree's dates; no rule source, no key, no hole
    assert "rule/" not in dialog.text
    assert "until 11 May" in dialog.text
    assert not {"{", "}", "@"} & set(dialog.text)
    hand.press(Keys.ESCAPE)
    hand.until(lambda: not hand.all('[role="dialog"]'))


def test_switching_the_stance_of_one_block(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/place#stance")
    hand.sees("When to cut")
    hand.choose("Ways of working of", "block Baixo")
    hand.touch('[aria-label="What would change: Once, before the first flush"]')
    hand.until(lambda: "now" in hand.one('[data-test="effect"]').text)
    hand.touch('[aria-label="Choose: Once, before the first flush"]')
    hand.sees("(chosen for the block)")
    blocks = {b["name"]: b["id"] for b in ask(demo, "/api/grove")["blocks"]}
    chosen = {
        t["topic"]: t["in_force"]
        for t in ask(demo, f"/api/stances?scope=block&scope_id={blocks['Baixo']}")["topics"]
    }
    elsewhere = {
        t["topic"]: t["in_force"]
        for t in ask(demo, f"/api/stances?scope=block&scope_id={blocks['Alto']}")["topics"]
    }
    assert (chosen["timing"], elsewhere["timing"]) == ("before-first-flush", "any-time")
    hand.touch('[aria-label="Take back: Once, before the first flush"]')
    hand.until(lambda: "(unless you choose)" in hand.one('[data-topic="timing"] summary').text)


def test_work_is_put_off_with_its_reason_on_a_phone(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open("/today")
    hand.sees("the fortnight to 7 Apr")
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    heights = [b.size["height"] for b in hand.all("main li .btn") if b.is_displayed()]
    assert min(heights) >= 44
    item = hand.one('[data-work="height"][data-kind="work"]')
    says = item.find_element("tag name", "h3").text
    hand.click_on(item.find_element("css selector", '[aria-label^="Put off"]'))
    why = hand.field("Why")
    browser.execute_script("arguments[0].scrollIntoView({block: 'center'})", why)
    demo.broken.add("/api/today/put-off")
    why.send_keys("soil too wet for the ladder")
    form = hand.one('form[aria-label="Put off"]')
    hand.click_on(form.find_element("css selector", "button.btn"))
    hand.until(lambda: form.find_elements("xpath", "../p[@role='alert']"))
    assert why.get_attribute("value") == "soil too wet for the ladder"  # nothing typed is lost
    demo.broken.clear()
    hand.click_on(form.find_element("css selector", "button.btn"))
    hand.sees("soil too wet for the ladder")
    put = next(
        i for i in ask(demo, "/api/today")["put_off"] if i["later"]["why"].startswith("soil")
    )
    assert put["work"] == "height"
    assert len(put["trees"]) == 1 or f"{len(put['trees'])} trees" in says


def test_weather_of_the_demo_stops_work_and_lets_it_go(browser, demo):
    hand = Hand(browser, demo.url)
    try:
        hand.open("/place#weather")
        hand.sees("a real holding never listens to it")
        hand.touch('input[value="frost"]')
        hand.until(lambda: "Frost on 3 Apr" in hand.one("#weather svg").get_attribute("aria-label"))
        hand.open("/today")
        hand.until(lambda: any("Frost of" in e.text for e in hand.all('[data-test="closed"]')))
        assert not any(
            i["closed_by"] is None and i["work"] == "height"
            for i in ask(demo, "/api/today")["items"]
        )
    finally:
        hand.open("/place#weather")
        hand.touch('input[value="clear"]')
        hand.until(
            lambda: "No frost foreseen" in hand.one("#weather svg").get_attribute("aria-label")
        )
    assert any(
        i["closed_by"] is None and i["work"] == "height" for i in ask(demo, "/api/today")["items"]
    )


def test_a_place_is_corrected_on_its_curve(browser, empty):
    hand = Hand(browser, empty.url)
    send(
        empty,
        "/api/sites",
        {"holding": "G", "site": "G", "latitude": 36.8, "climate": "mediterranean-coast"},
    )
    hand.open("/place")
    hand.sees("the climate “")
    point = hand.one('[data-point="minimum-0"]')
    for _ in range(4):
        point.send_keys(Keys.ARROW_DOWN)
    assert point.get_attribute("aria-valuetext") == "6 °C"
    hand.one('[data-point="maximum-0"]').send_keys(*[Keys.PAGE_DOWN] * 3)
    hand.click("Save the place")
    hand.sees("the maximum lies below the minimum, 6 °C")
    hand.one('[data-point="maximum-0"]').send_keys(*[Keys.PAGE_UP] * 3)
    hand.click("Save the place")
    hand.sees("Every window is worked out anew")
    site = ask(empty, "/api/grove")["sites"][0]["id"]
    assert ask(empty, f"/api/sites/{site}")["tmin_c"][0] == 6
    hand.open("/today")
    hand.sees("No forecast")


def test_a_stations_list_is_mended_before_it_is_taken(browser, empty):
    hand = Hand(browser, empty.url)
    send(
        empty,
        "/api/sites",
        {"holding": "G", "site": "G", "latitude": 36.8, "climate": "mediterranean-coast"},
    )
    site = ask(empty, "/api/grove")["sites"][0]["id"]
    hand.open("/place#station")
    hand.type(
        "Or paste the days", "date,tmin,tmax\n2026-01-01,5,15\n2026-01-03,6,16\n2026-01-03,6,16\n"
    )
    hand.click("Check the days")
    hand.sees("Line 4, date: 2026-01-03 stands on line 3 already")
    assert "Take the days only" not in hand.text()
    hand.click("Keep the first of each day")
    hand.sees("1 day is missing after 2026-01-01")
    hand.click("Leave the gaps")
    hand.sees("No normals: month")
    hand.click("Take the days only")
    hand.sees("2 days taken")
    assert len(ask(empty, f"/api/sites/{site}/weather")["days"]) == 0  # older than a fortnight
    assert hand.errors() == []
