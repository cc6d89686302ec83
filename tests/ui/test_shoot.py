"""Whose shoot, under the tree: by number keys and by thumb, kept through a reload, into the log."""

from __future__ import annotations

import pytest
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def verdict(hand: Hand) -> str:
    return hand.one('[data-test="shoot-verdict"]').text


def test_a_sucker_is_judged_by_keys_and_logged_with_its_like(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 2·4")
    hand.open(f"/tree/{tree}/look/shoot")
    first = hand.one('[data-test="question"]').text
    assert "leaflets" in first or "start" in first
    hand.press("1" if "leaflets" in first else "2")
    # the question goes when the matter is settled, so it is not waited for
    hand.until(
        lambda: (
            verdict(hand) != "Not yet clear"
            or [q.text for q in hand.all('[data-test="question"]')] != [first]
        )
    )
    if verdict(hand) == "Not yet clear":
        hand.press("1")
    hand.until(lambda: verdict(hand) == "The rootstock's: it comes off")
    browser.refresh()  # the phone slept
    hand.until(lambda: verdict(hand) == "The rootstock's: it comes off")
    hand.type("How many alike", "3")
    hand.click("Taken off: into the log")
    hand.sees("3 suckers off, in the log")
    (entry,) = hand.until(
        lambda: [e for e in ask(demo, f"/api/trees/{tree}")["log"] if e["date"] == "2027-03-24"]
    )
    assert (entry["work"], entry["cuts"]) == ("sucker", 3)
    hand.until(lambda: verdict(hand) == "Not yet clear")  # ready for the next


def test_what_cannot_be_told_is_not_asked_again_and_back_goes_back(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree_named(demo, 'Baixo 2·5')}/look/shoot")
    asked = [hand.one('[data-test="question"]').text]
    for _ in range(3):
        hand.click("Cannot tell")
        hand.until(lambda: hand.one('[data-test="question"]').text not in asked)
        asked.append(hand.one('[data-test="question"]').text)
    assert len(set(asked)) == 4
    assert (
        min(b.size["height"] for b in hand.all("main .choice, main .btn") if b.is_displayed()) >= 44
    )
    hand.touch(".choice")
    hand.sees("1 seen, kept here")
    hand.press(Keys.BACKSPACE)
    hand.until(lambda: hand.one('[data-test="question"]').text == asked[-1])
    assert hand.errors() == []


def test_an_avocado_is_asked_for_its_own_clues(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open(f"/tree/{tree_named(demo, 'Alto 1·1')}/look/shoot")
    hand.until(lambda: "start" in hand.one('[data-test="question"]').text)
    hand.press("4")
    hand.until(lambda: "rootstock" not in verdict(hand))
