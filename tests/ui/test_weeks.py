"""The weeks ahead: spread where nobody's hours are known, then shared out among those who have
some.
"""

from __future__ import annotations

import pytest

from ..places import new_id
from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, send

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


def test_the_weeks_are_kept_moved_by_hand_and_planned_anew_round_rain(browser, own_demo):
    hand = Hand(browser, own_demo.url)
    resize(browser, 1280, 800)
    for name, hours in (("First helper", 14), ("Second helper", 10)):
        body = {"name": name, "hours_week": hours, "skills": ["saw", "ladder"]}
        send(own_demo, f"/api/people/{new_id()}", body, "PUT")
    hand.open("/weeks")
    hand.click("Keep this plan")
    hand.until(lambda: hand.all('[data-test="as-kept"]'))
    hand.touch(".piece button")
    names = [b.text for b in hand.all('[role="dialog"] [aria-label="Who"] button')]
    assert names == ["First helper", "Second helper"]
    other = '[role="dialog"] [aria-label="Who"] button[aria-pressed="false"]'
    hand.touch(other)
    hand.until(lambda: "crop" in hand.one('[data-test="tried"]').text)
    assert findings(browser) == []
    hand.click("Fix it there")
    hand.until(lambda: any(b.text == "fixed" for b in hand.all(".piece button")))
    hand.click("Rain or days off")
    hand.type("From", "29 Mar 2027")
    hand.type("To, both included", "2 Apr 2027")
    hand.click("Note it")
    hand.until(lambda: hand.all('[data-test="off"]'))
    hand.sees("elsewhere than in the plan kept on 24 Mar")
    assert hand.all('[data-test="moved"]')
    week = ask(own_demo, "/api/crew")["helpers"][0]["minutes"]
    assert week[1] == 0
    assert hand.errors() == []


def test_the_months_say_their_hours_and_what_they_ask_for(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open("/months")
    hand.sees("What all of it takes")
    assert len(hand.all("[data-test=month]")) == 12
    assert findings(browser) == []
    whole = hand.one("h1 + p").text
    hand.choose_in(hand.one("#months-block"), "Patamares")
    hand.until(lambda: hand.one("h1 + p").text != whole)
    hand.click("pieces of work")
    hand.sees("Patamares: ")
    assert "Alto:" not in hand.text()
    assert hand.errors() == []
