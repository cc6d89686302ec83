"""What was entered without signal arrives once, from whatever page is open: through lost answers, a
portal, a killed server and a failing entry.
"""

from __future__ import annotations

import datetime as dt
import itertools
import uuid
from collections.abc import Iterable, Iterator

import pytest
from selenium.webdriver.common.by import By

from billhook.services.frost import night as frost_night
from billhook.services.holding import planting, setting_up
from billhook.services.tree import framing, observing
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.tables import Observation

from ..places import forked_frame
from .conftest import DAY, Server, resize, running
from .hand import Hand
from .test_access import findings
from .test_main_job import ask

pytestmark = pytest.mark.ui
PAGES = (
    "/",
    "/today",
    "/log",
    "/almanac",
    "/place",
    "/start",
    "/known",
    "/heights",
    "/frost",
    "/tree/{}",
)
EACH = 3

PUT = """
const [items, done] = arguments
const open = indexedDB.open('billhook-field')
open.onsuccess = () => {
  const write = open.result.transaction('outbox', 'readwrite')
  for (const item of items) write.objectStore('outbox').add(item)
  write.oncomplete = () => {
    open.result.close()
    window.dispatchEvent(new Event('online'))
    done()
  }
}
"""
LEFT = """
const done = arguments[0]
const open = indexedDB.open('billhook-field')
open.onsuccess = () => {
  const all = open.result.transaction('outbox').objectStore('outbox').getAll()
  all.onsuccess = () => {
    open.result.close()
    done(all.result.map(i => [i.tree, i.failed ?? i.refused ?? null]))
  }
}
"""


class Weather:
    """What stands between the browser and Billhook: ``portal`` answers in its place, ``lost`` loses
    every answer to a write.
    """

    def __init__(self, app) -> None:
        self.app, self.mode, self.swallowed = app, "fine", 0

    def __call__(self, environ: dict, start_response) -> Iterable[bytes]:
        writes = environ["REQUEST_METHOD"] not in ("GET", "HEAD") and environ[
            "PATH_INFO"
        ].startswith("/api/")
        if writes and self.mode == "portal":
            self.swallowed += 1
            start_response("200 OK", [("Content-Type", "text/html")])
            return [b"<html><title>Welcome</title>Sign in to the network</html>"]
        answer = self.app(environ, start_response)
        if writes and self.mode == "lost":
            self.swallowed += 1
            raise ConnectionResetError("the answer is lost")
        return answer


@pytest.fixture
def orchard(tmp_path) -> Iterator[tuple[Server, list[str]]]:
    settings = Settings(data=tmp_path / "data", fixed_today=DAY)
    at = open_workplace(settings)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    trees = planting.plant(
        at, site.id, "Baixo", 1, EACH * len(PAGES), "mandarin", 2014, "clementine", "carrizo"
    ).tree_ids
    at.store.close()
    for server in running(settings):
        yield server, trees


def entry(tree: str) -> dict:
    """A sucker taken off a tree, as the outbox keeps it."""
    act = str(uuid.uuid4())
    body = {"id": act, "date": DAY.isoformat(), "work": "sucker", "share": None}
    return {
        "says": "A sucker",
        "tree": tree,
        "method": "POST",
        "path": f"/api/trees/{tree}/log",
        "body": body,
        "act": act,
        "device": "phone",
    }


def left(browser) -> list[tuple[str, str | None]]:
    return [tuple(x) for x in browser.execute_async_script(LEFT)]


def log_of(server: Server, tree: str) -> list[dict]:
    return ask(server, f"/api/trees/{tree}")["log"]


def test_thirty_entries_arrive_once_from_every_page(browser, orchard):
    server, trees = orchard
    weather = Weather(server.app.wsgi_app)
    server.app.wsgi_app = weather
    failing = trees[4]
    server.broken.add(f"{failing}/log")
    hand = Hand(browser, server.url)
    hand.open("/")
    batches = [trees[i : i + EACH] for i in range(0, len(trees), EACH)]
    for page, batch, mode in zip(
        PAGES, batches, itertools.cycle(("portal", "lost", "killed", "fine"))
    ):
        browser.get(server.url + page.format(trees[0]))
        hand.until(lambda: hand.all("main h1"))
        weather.mode, before = mode, weather.swallowed
        if mode == "killed":
            server.away()
        browser.execute_async_script(PUT, [entry(t) for t in batch])
        if mode == "killed":
            hand.sees("kept on this device and sent later")
            server.back()
        elif mode != "fine":
            hand.until(lambda seen=before: weather.swallowed > seen)
            if mode == "portal":
                hand.sees("Something else answers in Billhook’s place")
            assert (
                len(left(browser)) >= EACH
            )  # nothing that Billhook did not name was taken for sent
        weather.mode = "fine"
        hand.until(lambda: [x for x in left(browser) if x[1] is None] == [], patience=60)
    assert [tree for tree, _ in left(browser)] == [failing]
    assert {t: len(log_of(server, t)) for t in trees} == {t: int(t != failing) for t in trees}
    hand.sees("Billhook could not write it down")
    server.broken.clear()
    hand.click("Send again")
    hand.until(lambda: left(browser) == [])
    assert len(log_of(server, failing)) == 1
    assert "could not write" not in hand.text()


def test_what_waits_is_sent_when_a_page_is_opened_and_nothing_is_tapped(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/")
    server.away()
    browser.execute_async_script(PUT, [entry(trees[0])])
    browser.get("about:blank")
    server.back()
    browser.get(server.url + "/known")
    hand.until(lambda: left(browser) == [])
    assert len(log_of(server, trees[0])) == 1


def test_the_browser_sends_what_waits_with_no_page_open(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open("/")
    browser.execute_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    browser.get(server.url + "/mark.svg")  # of the same origin, and no page of ours
    browser.execute_async_script(PUT, [entry(trees[0])])
    wake = (
        "navigator.serviceWorker.getRegistration().then(r => "
        "r.sync.register('billhook-outbox')).then(() => arguments[0](''), e => "
        "arguments[0](String(e)))"
    )
    assert browser.execute_async_script(wake) == ""
    hand.until(lambda: left(browser) == [])
    assert len(log_of(server, trees[0])) == 1


def test_a_date_seen_is_taken_when_its_field_is_left_or_by_enter(browser, orchard):
    server, trees = orchard
    hand = Hand(browser, server.url)
    hand.open(f"/tree/{trees[0]}")
    hand.click("Record")
    field = hand.one("#seen-harvest_end")
    browser.execute_script("arguments[0].scrollIntoView({block: 'center'})", field)
    field.send_keys("12 dec")
    assert ask(server, f"/api/trees/{trees[0]}")["seen"] == []  # nothing while it is typed
    field.send_keys("\t")
    hand.sees("Kept for this tree")
    assert [(s["kind"], s["value"]) for s in ask(server, f"/api/trees/{trees[0]}")["seen"]] == [
        ("harvest_end", "2026-12-12")
    ]
    field = hand.one("#seen-flush_start")
    field.send_keys("3 march")
    field.send_keys("\ue007")
    hand.until(lambda: len(ask(server, f"/api/trees/{trees[0]}")["seen"]) == 2)
    with server.app.extensions["billhook"].store.reading() as session:
        assert (
            session.connection().exec_driver_sql("SELECT count(*) FROM observation").scalar() == 2
        )


def test_an_entry_that_makes_no_sense_closes_nothing_and_is_taken_out(browser, orchard):
    server, trees = orchard
    at = server.app.extensions["billhook"]
    with at.store.writing() as session:
        session.add(
            Observation(
                scope="tree", scope_id=trees[1], kind="flush_start", value="0001-02-03", date=DAY
            )
        )
    hand = Hand(browser, server.url)
    for path in ("/today", f"/tree/{trees[1]}", "/almanac"):
        hand.open(path)
        hand.sees("has an entry that makes no sense and is not read: “first flush 0001-02-03”")
    assert findings(browser) == []
    hand.click("Take it out")
    hand.until(lambda: not hand.all('[data-test="odd"]'))
    assert ask(server, "/api/odd")["entries"] == []


def test_a_scratch_without_signal_is_kept_and_sent(browser, tmp_path):

    summer, night = dt.date(2027, 7, 8), dt.date(2027, 1, 19)
    settings = Settings(data=tmp_path / "data", fixed_today=summer)
    at = open_workplace(settings)
    site = setting_up.set_up(
        at,
        "Almirelo",
        "Almirelo",
        36.8,
        "mediterranean-coast",
        last_frost="02-12",
        first_frost="12-10",
    )
    tree = planting.plant(
        at, site.id, "Baixo", 1, 1, "mandarin", 2014, "clementine", "carrizo"
    ).tree_ids[0]
    frost_night.night(at, site.id, night, -6.5, 6, save=True)
    framing.save_frame(at, tree, forked_frame(), None, {"e", "w"}, night - dt.timedelta(days=90))
    observing.observe(at, "tree", tree, "freeze_class", "F4", night)
    at.store.close()
    served = running(settings)
    server = next(served)
    hand = Hand(browser, server.url)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree}/frost")
    hand.click("Scratch")
    hand.button("Green")
    server.away()
    hand.click("Green")
    hand.sees("is kept on this device")
    assert "Billhook does not answer. What you entered is kept" not in hand.text()
    server.back()
    hand.until(
        lambda: [
            r for x in ask(server, f"/api/trees/{tree}/after-frost")["limbs"] for r in x["readings"]
        ],
        patience=60,
    )
    hand.until(lambda: not hand.all('[data-test="scratch-kept"]'))
    assert [
        r["green"]
        for x in ask(server, f"/api/trees/{tree}/after-frost")["limbs"]
        for r in x["readings"]
    ] == [True]
    assert hand.one('[data-test="scratch"]').find_elements(By.CSS_SELECTOR, "ul li")
    served.close()
