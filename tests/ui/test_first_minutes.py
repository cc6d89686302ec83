"""An empty folder: the place, what stands there, a verdict; then a list, and a place in the
south.
"""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .hand import Hand

pytestmark = pytest.mark.ui


def test_five_minutes_from_nothing(browser, empty):
    hand = Hand(browser, empty.url)
    hand.open("/")
    hand.sees("Where do your trees stand?")
    hand.type("Name of the place", "my garden")
    hand.type("Nearest town", "faro")
    hand.until(lambda: "Portugal" in hand.one('[role="option"]').text)
    hand.touch('[role="option"]')
    hand.sees("Mediterranean coast: hot dry summers")
    hand.click("Here my trees stand")
    hand.sees("What stands in my garden?")

    hand.type("Say it", "row 3, 24 navels alike")
    hand.until(lambda: hand.field("Trees").get_attribute("value") == "24")
    assert hand.field("Row").get_attribute("value") == "3"
    assert hand.field("Planted, year").get_attribute("value") == ""  # not said, not filled in
    hand.sees("Planted in which year, or how old?")
    hand.type("or how old, years", "12")
    hand.click("They stand there")
    planted = hand.one('[data-test="planted"]').text
    assert "and 23 more" in planted
    assert "Today: Whole branches: go, at most 20 %" in planted
    browser.refresh()  # left and come back to, it goes on where it was
    hand.sees("What do you want of them?")
    hand.click("Add more")

    hand.type("Say it", "one old orange, 15 ft tall, 20 years, and a lemon in a 15 gallon pot")
    hand.until(lambda: len(hand.all('[data-test="group"]')) == 2)
    assert hand.one("s").text == "old"
    hand.sees("Which orange")
    assert hand.field("Height").get_attribute("value") == "4.57 m"
    assert hand.field("Pot, litres").get_attribute("value") == "56.8"
    browser.refresh()  # what was said and understood so far stays
    hand.until(lambda: len(hand.all('[data-test="group"]')) == 2)
    assert hand.field("Height").get_attribute("value") == "4.57 m"
    hand.type("Say it", "two plum trees")
    hand.sees("drops its leaves")
    hand.type("Say it", "")

    bring_in_a_list(hand)
    draw_an_outline(hand, browser)
    assert [e for e in hand.errors() if "422" not in e] == []


def bring_in_a_list(hand):
    hand.click("Or bring in a list")
    hand.type("Paste the list", "block,row,place,species,planted_year\nAlto,1,1,oak,2016\n")
    hand.click("Import it")
    hand.sees("line 2, species: “oak” is not in the catalogue")
    assert "oak" in hand.field("Paste the list").get_attribute("value")
    hand.type(
        "Paste the list",
        "block,row,place,species,planted_year,cultivar\nAlto,1,1,avocado,2016,Hass\n",
    )
    hand.click("Import it")
    hand.sees("1 trees in 1 block stand there now")


def draw_an_outline(hand, browser):
    hand.click("Grove")
    hand.sees("25 trees")
    hand.search("garden 3 7")
    hand.until(lambda: "Garden 3·7" in hand.one('[role="option"]').text)
    browser.switch_to.active_element.send_keys(Keys.ENTER)
    hand.sees("Not measured yet")
    assert hand.one('[data-test="verdict"]').text.startswith("Go, 24 Mar: at most 20 %")
    hand.type("Height", "9 cm")
    hand.type("Spread", "2.8")
    hand.type("Trunk", "95")
    hand.click("Draw its outline")
    hand.sees("at least 0.3")
    hand.type("Height", "3.1")
    hand.click("Draw its outline")
    hand.sees("outline from sizes 24 Mar")


def test_twelve_pairs_of_temperatures_in_fahrenheit(browser, empty):
    hand = Hand(browser, empty.url)
    hand.open("/")
    hand.press("u")
    hand.type("Name of the place", "south lot")
    hand.click("No town near")
    hand.type("Latitude", "-33.2")
    hand.type("Hardiness zone", "7z\t")
    hand.sees("is no hardiness zone")
    hand.click("Nearest climate")
    hand.click("Type your own twelve months")
    tmin, tmax = (
        [62, 61, 57, 50, 44, 40, 39, 41, 45, 49, 54, 59],
        [91, 90, 85, 77, 68, 60, 59, 62, 67, 74, 81, 88],
    )
    for i, field in enumerate(hand.all('input[aria-label$="minimum"]')):
        field.send_keys(str(tmin[i]))
    for i, field in enumerate(hand.all('input[aria-label$="maximum"]')):
        field.send_keys(str(tmax[i] if i else 50))
    hand.click("Here my trees stand")
    hand.sees("the maximum lies below the minimum")
    first = hand.all('input[aria-label$="maximum"]')[0]
    assert first.get_attribute("value") == "50"
    first.clear()
    first.send_keys("91")
    hand.click("Here my trees stand")
    hand.sees("What stands in south lot?")
