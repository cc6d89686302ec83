"""On this phone: what opens without signal, what waits, what was not taken."""

from __future__ import annotations

import datetime as dt

import pytest

from .conftest import DAY, resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask
from .test_outbox import PUT, entry, left, log_of, orchard

pytestmark = pytest.mark.ui
__all__ = ["orchard"]


def test_a_row_taken_along_opens_from_the_phone_and_entries_are_undone_there(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    resize(browser, 390, 844)
    row = ask(server, "/api/grove")["rows"][0]["id"]
    hand.open(f"/row/{row}/walk")
    hand.click("Take the row along")
    hand.sees("The row is on this phone")
    hand.until(
        lambda: browser.execute_script("return caches.match('/').then(x => !!x)"), patience=60
    )
    server.away()
    try:
        browser.get(server.url + "/phone")
        hand.sees("No signal. What is on this phone opens")
        hand.sees("Baixo, row 1")
        hand.sees("Billhook’s pages are kept here")
        hand.sees("Baixo 1·1")
        browser.execute_async_script(PUT, [entry(trees[0]), entry(trees[1])])
        hand.until(lambda: len(hand.all('[aria-label="Waits to be sent"] li')) == 2)
        assert findings(browser) == []
        hand.touch('[aria-label="Waits to be sent"] li button')
        hand.until(lambda: len(hand.all('[aria-label="Waits to be sent"] li')) == 1)
        hand.click("Baixo 1·1")
        hand.until(lambda: hand.all('[data-test="step"]'))
        hand.until(lambda: hand.all('[data-test="no-signal"], [data-test="kept-here"]'))
    finally:
        server.back()
    browser.get(server.url + "/phone")
    hand.until(lambda: left(browser) == [], patience=60)
    hand.sees("Nothing; all that was entered is with Billhook.")
    assert [len(log_of(server, t)) for t in trees[:2]] == [0, 1]


def test_a_signal_too_weak_to_answer_opens_the_kept_page_and_holds_nothing_up(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/phone")
    kept = "return caches.match('/').then(x => !!x && !!navigator.serviceWorker.controller)"
    hand.until(lambda: browser.execute_script(kept))
    with server.weak():
        browser.get(server.url + "/phone")
        hand.sees("Waits to be sent")
        browser.execute_async_script(PUT, [entry(trees[0])])
        hand.until(lambda: len(hand.all('[aria-label="Waits to be sent"] li')) == 1)
    hand.until(lambda: left(browser) == [])
    assert len(log_of(server, trees[0])) == 1


def test_what_was_not_taken_is_read_mended_and_sent_again(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/phone")
    article = '[aria-label="Not taken"] article'
    for tree in trees[:2]:
        ahead = entry(tree)
        ahead["body"]["date"] = (DAY + dt.timedelta(days=30)).isoformat()
        browser.execute_async_script(PUT, [ahead])
    hand.until(lambda: len(hand.all(article)) == 2)
    assert "A sucker" in hand.one(article).text
    hand.click("Send again")
    hand.until(lambda: len(hand.all(article)) == 2)  # it is as it was
    assert "By Billhook’s clock it is 24 Mar" in hand.one(article).text
    hand.type("Day it was", "24 mar")
    hand.click("Send it mended")
    hand.until(lambda: len(hand.all(article)) == 1)
    hand.touch(f"{article} > div > button:last-child")
    hand.until(lambda: left(browser) == [])
    assert [len(log_of(server, t)) for t in trees[:2]] == [1, 0]


def test_without_signal_undo_waits_its_turn(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/phone")
    browser.execute_async_script(PUT, [entry(trees[0])])
    hand.until(lambda: len(log_of(server, trees[0])) == 1)
    hand.until(lambda: hand.one('[data-test="wrote"]').text)
    server.away()
    try:
        hand.touch(".undo .btn")
        hand.until(lambda: "Taking back" in hand.one('[aria-label="Waits to be sent"] li').text)
    finally:
        server.back()
    hand.until(lambda: left(browser) == [], patience=60)
    assert log_of(server, trees[0]) == []


def test_what_was_entered_for_another_holding_stays_on_the_device(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/phone")
    # the holding that answers is noted first, and must not be noted over the other
    hand.until(lambda: browser.execute_script("return localStorage['billhook-holding']"))
    browser.execute_script("localStorage.setItem('billhook-holding', 'another')")
    browser.refresh()
    hand.until(lambda: "Another holding answers here now" in hand.one('[data-test="home"]').text)
    browser.execute_async_script(PUT, [entry(trees[0]) | {"home": "another"}])
    hand.until(lambda: "another holding" in hand.one('[aria-label="Not taken"] article').text)
    assert log_of(server, trees[0]) == []
