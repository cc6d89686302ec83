"""The year opens: what a day costs, what would change it with one tap, and the same verdict on
every page.
"""

from __future__ import annotations

import datetime as dt

import pytest
from selenium.webdriver.common.keys import Keys

from billhook.catalogue import wording
from billhook.core.words.prices import cost_said
from billhook.core.words.units import share_words
from billhook.services.holding import planting, setting_up
from billhook.services.workplace import open_workplace
from billhook.settings import Settings

from ..places import trees_of
from .conftest import resize, running
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui


def served(tmp_path, day: dt.date, latitude: float, climate: str, *plantings):
    """A holding on a day of its own, and the trees that were planted."""
    settings = Settings(data=tmp_path / "data", fixed_today=day)
    at = open_workplace(settings)
    site = setting_up.set_up(at, "Holding", "Holding", latitude, climate)
    ids = [i for p in plantings for i in planting.plant(at, site.id, *p).tree_ids]
    at.store.close()
    return running(settings), ids


def open_days(server, tree_id: str, work: str = "height") -> int:
    found = ask(server, f"/api/almanac?tree={tree_id}")
    lane = next(x for x in found["lanes"] if x["work"] == work)
    return sum(
        (dt.date.fromisoformat(s["to"]) - dt.date.fromisoformat(s["from"])).days + 1
        for s in lane["segments"]
        if s["status"] == "go"
    )


def test_picked_on_today_opens_the_lane_and_can_be_taken_back(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/today")
    item = hand.until(
        lambda: next(
            (
                e
                for e in hand.all("li.item")
                if "from 2 Apr" in e.text and e.find_elements("css selector", '[data-act="picked"]')
            ),
            None,
        )
    )
    name = item.find_element("css selector", "h3").text
    tree_id = (
        item.find_element("css selector", 'a[href^="/tree/"]')
        .get_attribute("href")
        .rsplit("/", 1)[1]
    )
    before = open_days(demo, tree_id)
    pick = item.find_element("css selector", '[data-act="picked"]')
    browser.execute_script("arguments[0].scrollIntoView({block: 'center'})", pick)
    pick.click()
    hand.sees("Picked on 24 Mar")
    hand.until(lambda: open_days(demo, tree_id) > before)
    assert (
        next(v for v in ask(demo, f"/api/trees/{tree_id}")["verdicts"] if v["work"] == "height")[
            "status"
        ]
        == "go"
    ), name
    hand.click("Take back")
    hand.until(lambda: open_days(demo, tree_id) == before)


def test_a_mango_in_august(browser, tmp_path):
    """A late kind on a humid peninsula, picked early: what hangs no longer counts, and in October
    it says when it opens.
    """
    serving, (tree_id,) = served(
        tmp_path,
        dt.date(2027, 8, 5),
        27.0,
        "humid-peninsula",
        ("Grove", 1, 1, "mango", 2015, "keitt"),
    )
    hand = Hand(browser, next(serving).url)
    hand.open(f"/tree/{tree_id}")
    hand.until(lambda: "mango" in hand.text())
    hand.touch("button.btn-small[aria-haspopup='listbox']")
    hand.until(
        lambda: next((e for e in hand.all("[role=option]") if "Lower" in e.text), None)
    ).click()
    said = hand.until(lambda: (t := hand.one('[data-test="verdict"]').text) and "5 Aug" in t and t)
    assert said.startswith("Wait")
    assert "a cut now costs about" in said
    hand.click("Picked today")
    hand.sees("Picked on 5 Aug")
    hand.until(lambda: hand.one('[data-test="verdict"]').text.startswith("Go"))
    assert "cool nights" in hand.text()
    hand.pick_day("#now-day", "20 october")
    hand.until(lambda: "20 Oct" in hand.one('[data-test="verdict"]').text)
    assert hand.one('[data-test="verdict"]').text.startswith(("Wait", "Stop"))
    hand.click("Show the day it opens")
    hand.until(lambda: hand.one('[data-test="verdict"]').text.startswith("Go"))
    serving.close()


def test_a_pot_carried_out_today_waits_two_weeks_and_is_cut(browser, tmp_path):
    serving, (pot,) = served(
        tmp_path, dt.date(2027, 4, 20), 38.0, "inland-mediterranean", ("Patio", 1, 1, "lemon", 2019)
    )
    server = next(serving)
    tree = ask(server, f"/api/trees/{pot}")
    hand = Hand(browser, server.url)
    resize(browser, 390, 844)
    hand.open("/")
    changed = browser.execute_script(
        (
            "return fetch(arguments[0], {method: 'PATCH', headers: {'content-type': "
            "'application/json'}, body: arguments[1]}).then((r) => r.status)"
        ),
        f"/api/trees/{pot}",
        f'{{"version": {tree["version"]}, "pot_l": 40, "under_cover": true}}',
    )
    assert changed == 200
    hand.open(f"/tree/{pot}")
    hand.until(lambda: hand.one('[data-test="verdict"]').text.startswith("Go"))
    browser.execute_script(
        (
            "return fetch('/api/says', {method: 'POST', headers: {'content-type': "
            "'application/json'}, body: arguments[0]})"
        ),
        f'{{"saying": "went-out", "tree_ids": ["{pot}"]}}',
    )
    hand.open(f"/tree/{pot}")
    hand.until(lambda: "next on 4 May" in hand.one('[data-test="verdict"]').text)
    assert all(h >= 44 for h in (e.size["height"] for e in hand.all('[data-test="says"] button')))
    today = ask(server, "/api/today")
    assert not any(i["work"] == "pot" and i["opens"] < "2027-05-04" for i in today["items"])
    resize(browser, 1280, 800)
    serving.close()


def test_five_pages_say_the_same(browser, demo):
    hand = Hand(browser, demo.url)
    tree_id = next(
        t["id"]
        for t in trees_of(ask(demo, "/api/grove"))
        if t["need"].startswith("Lowering and heading: go")
    )
    tree = ask(demo, f"/api/trees/{tree_id}")
    said = next(v for v in tree["verdicts"] if v["work"] == tree["main_work"])
    share = share_words(said["max_share"])
    hand.open(f"/tree/{tree_id}")
    hand.until(lambda: hand.one('[data-test="verdict"]').text == said["sentence"])
    lane = next(
        x for x in ask(demo, f"/api/almanac?tree={tree_id}")["lanes"] if x["work"] == said["work"]
    )
    here = next(s for s in lane["segments"] if s["from"] <= tree["day"] <= s["to"])
    at = (
        dt.date.fromisoformat(tree["day"]) - dt.date.fromisoformat(tree["day"]).replace(day=1)
    ).days
    assert (here["status"], here["max_share"], lane["prices"][at]) == (
        said["status"],
        said["max_share"],
        pytest.approx(said["price"], abs=0.005),
    )
    grove = next(t for t in trees_of(ask(demo, "/api/grove")) if t["id"] == tree_id)
    assert f"at most {share}" in grove["need"]
    cost = wording.said(cost_said(said["price"]))
    assert grove["need"].endswith(cost)
    items = [
        i
        for i in ask(demo, "/api/today")["items"]
        if i["work"] == said["work"] and any(t["id"] == tree_id for t in i["trees"])
    ]
    assert all(
        share in i["says"] and i["cost"] == wording.said(cost_said(said["price"])) for i in items
    )
    hand.open(f"/year?tree={tree_id}")
    hand.until(lambda: any(share in e.text for e in hand.all(".lanes h3")))


def test_the_price_of_a_day_under_the_pointer_and_by_keyboard(browser, demo):
    hand = Hand(browser, demo.url)
    tree_id = tree_named(demo, "Baixo 1·3")
    hand.open(f"/year?tree={tree_id}")
    hand.until(lambda: hand.all('[data-curve="price"]'))
    assert len(hand.all('[data-curve="open"]')) >= 3
    before = hand.until(lambda: [e.text for e in hand.all('[data-test="cost"]')])
    assert any("a whole crop" in t for t in before)
    hand.press(*[Keys.ARROW_RIGHT] * 84)
    hand.until(lambda: "16 Jun" in hand.one('[data-test="day"]').text)
    after = [e.text for e in hand.all('[data-test="cost"]')]
    assert any("1.2 crops" in t for t in after)
    assert findings(browser) == []


def test_a_lime_comes_in_and_its_year_goes_on_indoors(browser, tmp_path):
    """A pot that was carried in is said so with one tap on its page, and no page sends it in
    again.
    """
    serving, (pot,) = served(
        tmp_path,
        dt.date(2027, 10, 12),
        30.0,
        "humid-gulf",
        ("Patio", 1, 1, "persian-lime", 2019, None, None, 40.0, True),
    )
    server = next(serving)
    hand = Hand(browser, server.url)
    before = ask(server, f"/api/almanac?tree={pot}")
    due = next(e for e in before["events"] if e["name"] == "carry in" and e["from"] > "2027-10-12")
    assert due["from"] < "2027-11-20", "a lime bears no cold night: in before the first frost"
    hand.open(f"/tree/{pot}")
    hand.click("Carried in today")
    hand.sees("Carried in on 12 Oct")
    after = ask(server, f"/api/almanac?tree={pot}")
    assert not any(
        e["name"] == "carry in" and "2027-10-12" < e["from"] < "2028-06-01" for e in after["events"]
    )
    assert any(
        e["name"] == "carry in" and e["from"] == "2027-10-12" and e["origin"] == "observed"
        for e in after["events"]
    )
    serving.close()
