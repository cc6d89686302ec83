"""After frost by hand: a night from a station's file to the list, a limb to its cut line, a false
start, only the rootstock, the shoots that are grown on.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterator

import pytest
from selenium.webdriver.common.by import By

from billhook.core.frame.model import TRUNK, Limb
from billhook.services.frost import grow_on as frost_grow_on
from billhook.services.frost import night as frost_night
from billhook.services.holding import planting, setting_up
from billhook.services.tree import framing, observing
from billhook.services.workplace import open_workplace
from billhook.settings import Settings

from ..places import forked_frame
from .conftest import Server, resize, running
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui
NIGHT, SUMMER = dt.date(2027, 1, 19), dt.date(2027, 7, 8)


@pytest.fixture(scope="module")
def summer(tmp_path_factory) -> Iterator[Server]:
    """A small holding in July: a tree of class 4, one of class 5 with new shoots, and one not
    hurt.
    """
    settings = Settings(data=tmp_path_factory.mktemp("summer"), fixed_today=SUMMER)
    at = open_workplace(settings)
    site = setting_up.set_up(
        at,
        "Encosta",
        "Encosta",
        36.8,
        "mediterranean-coast",
        last_frost="02-12",
        first_frost="12-10",
    )
    row = planting.plant(at, site.id, "Baixo", 1, 3, "mandarin", 2014, "clementine", "carrizo")
    frost_night.night(at, site.id, NIGHT, -6.5, 6, save=True)
    for tree, hurt in zip(row.tree_ids, ("F4", "F5", "F0"), strict=True):
        framing.save_frame(
            at, tree, forked_frame(), None, {"e", "w"}, NIGHT - dt.timedelta(days=90)
        )
        observing.observe(at, "tree", tree, "freeze_class", hurt, NIGHT)
    frost_grow_on.add_shoot(at, row.tree_ids[1], Limb("n1", TRUNK, 0.4, 11, 0.6, 84, 120))
    at.store.close()
    yield from running(settings)


def after(server: Server, tree: str):
    return ask(server, f"/api/trees/{tree}/after-frost")


def test_a_night_goes_from_a_stations_file_to_the_list(browser, summer, tmp_path):
    file = tmp_path / "days.csv"
    days = [f"2027-02-{d:02d},{-5.5 if d == 3 else 4.0},{14.0}" for d in range(1, 12)]
    file.write_text("date,tmin,tmax\n" + "\n".join(days))
    hand = Hand(browser, summer.url)
    hand.open("/frost")
    hand.sees("tells of no cold night")
    hand.touch("details summary")
    hand.field("Station file").send_keys(str(file))
    hand.click("Take the days only")
    hand.click("3 Feb")
    night = hand.one('[data-test="night"]')
    hand.until(lambda: "Baixo 1·1" in hand.one('[data-test="night"]').text)
    assert "by the hours" in night.text or "possibly" in night.text  # a minimum alone says no hours
    assert "1.5 °C either way" in night.text
    assert findings(browser) == []
    hand.touch('button[aria-label^="Why: "]')
    hand.sees("Nobody knows for how long")


def test_a_night_that_cannot_be_read_is_said_at_the_field_and_kept(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/frost")
    hand.pick_day("#night", "19 jan")
    hand.type("Coldest at the station", "very cold")
    hand.until(lambda: "not a temperature" in hand.one("#min-wrong").text)
    assert not hand.button("What was hurt").is_enabled()
    hand.type("Coldest at the station", "-4,2")
    hand.click("What was hurt")
    hand.until(
        lambda: "−5.7 °C" in hand.one('[data-test="night"]').text
    )  # the pocket is colder than the station
    assert findings(browser) == []


def test_a_limb_is_scratched_to_its_cut_line_by_keyboard_and_cut(browser, summer):
    hand = Hand(browser, summer.url)
    tree = tree_named(summer, "Baixo 1·1")
    hand.open(f"/tree/{tree}/frost")
    hand.click("Scratch")
    browser.execute_script("document.activeElement.blur()")
    limb = hand.one("#limb").get_attribute("value")

    def test():
        return next(x for x in after(summer, tree)["limbs"] if x["limb"] == limb)

    count = 0
    while (place := test()["found"]["next_at_m"]) is not None:
        hand.press("g" if place < 0.9 else "b")
        count += 1
        hand.until(lambda n=count: len(test()["readings"]) == n)
        assert count < 9
    hand.until(lambda: "Cut at" in hand.one('[data-test="edge"]').text)
    hand.until(lambda: hand.all("[data-flag]"))  # the cut line stands on the drawing
    hand.click("Cuts")
    hand.touch('[data-stage="dead"] button.btn')
    hand.until(lambda: hand.all('[data-stage="dead"] .flag'))
    assert "falls without warning" in hand.text()
    hand.click("Make the sheet")
    hand.until(lambda: "/sheet/" in browser.current_url)
    hand.until(
        lambda: (
            "e"
            in {
                c["advice"]["limb"]
                for c in ask(summer, f"/api/sheets/{browser.current_url.rsplit('/', 1)[-1]}")[
                    "lines"
                ]
            }
        )
    )


def test_a_limb_is_scratched_by_thumb(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 7·6")
    hand.open(f"/tree/{tree}/frost")
    hand.until(lambda: "Too early" in hand.one('[data-test="why"]').text)
    assert browser.execute_script("return document.documentElement.scrollWidth") <= 390
    assert findings(browser) == []
    limb = next(x["limb"] for x in after(demo, tree)["limbs"] if not x["readings"])
    hand.point(limb, 0.6)
    hand.until(lambda: hand.one("#limb").get_attribute("value") == limb)

    def left():
        return next(x for x in after(demo, tree)["limbs"] if x["limb"] == limb)

    count = 0
    while left()["found"]["next_at_m"] is not None:
        big = hand.button("Green").rect
        assert big["height"] >= 60
        hand.click("Green" if left()["found"]["next_at_m"] < 0.5 else "Brown")
        count += 1
        hand.until(lambda n=count: len(left()["readings"]) == n)
        assert count < 9
    hand.sees("too early to cut")
    assert left()["found"]["cut_at_m"] is None


def test_a_false_start_is_provisional_and_asked_again(browser, summer):
    hand = Hand(browser, summer.url)
    tree = tree_named(summer, "Baixo 1·2")
    hand.open(f"/tree/{tree}/frost")
    for day, sign, worth in (
        ("2027-03-20", "First flush", "provisional"),
        ("2027-06-02", "The flush wilted", "false start"),
    ):
        hand.pick_day("#seen-on", day)
        hand.click(sign)
        hand.until(lambda w=worth: w in hand.one('[data-test="looks"]').text)
    hand.sees("Wait: it cannot be told yet.")
    assert after(summer, tree)["verdict"]["may_cut"] is False
    assert findings(browser) == []


def test_only_the_rootstock_alive_never_says_recovered(browser, summer):
    hand = Hand(browser, summer.url)
    tree = tree_named(summer, "Baixo 1·3")
    trees_path = f"/api/trees/{tree}/frost-class"
    browser.get(summer.url)
    browser.execute_async_script(
        (
            "fetch(arguments[0], {method: 'POST', headers: {'Content-Type': "
            "'application/json'}, body: '{\"class\": \"F6\"}'}).then(arguments[1])"
        ),
        trees_path,
    )
    hand.open(f"/tree/{tree}/frost")
    hand.click("Alive?")
    hand.touch('[aria-label="Alive above the union?"] button:last-child')
    hand.until(lambda: after(summer, tree)["verdict"]["verdict"] == "wait")
    hand.touch('[aria-label="Alive below it?"] button:first-of-type')
    hand.until(lambda: "Only the rootstock lives" in hand.one('[data-test="verdict"]').text)
    assert "Alive above the union." not in hand.one('[data-test="verdict"]').text
    hand.click("Crop")
    hand.sees("Replant")
    hand.sees("quarantine")


def test_the_shoots_that_are_grown_on_are_chosen(browser, summer):
    hand = Hand(browser, summer.url)
    tree = tree_named(summer, "Baixo 1·2")
    hand.open(f"/tree/{tree}/frost")
    hand.click("Grow on")
    hand.until(lambda: "It is never grown on" in hand.one('[data-test="leaders"]').text)
    boxes = hand.all('[data-test="leaders"] input')
    assert [b.is_enabled() for b in boxes].count(False) == 1  # the one below the union
    boxes[0].click()
    hand.click("Grow these on")
    hand.sees("Stake, ties, suckers and thinning come up on Today")
    assert "frost-stake" in {t["kind"] for t in ask(summer, f"/api/trees/{tree}")["tasks"]}
    hand.click("Draw in a new shoot")
    hand.type("Height above ground", "0.5 m")
    hand.type("Thickness", "9 mm")
    hand.type("Length", "0.4 m")
    hand.click("Draw it in")
    hand.until(lambda: len(hand.all('[data-test="leaders"] input')) == len(boxes) + 1)
    assert findings(browser) == []


def test_the_record_shows_where_the_cold_lies(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/frost")
    record = hand.until(
        lambda: (
            hand.one('[data-test="record"]')
            if "came back" in hand.one('[data-test="record"]').text
            else None
        )
    )
    assert "−3.1 °C" in record.text  # the coldest block
    assert record.find_elements(By.CSS_SELECTOR, "svg")
    hand.click("Baixo 7·8")
    hand.until(lambda: "/tree/" in browser.current_url)


def test_a_tree_nobody_foresaw_is_written_down_from_its_record(browser, demo):
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Patamares 3·4")
    hand.open(f"/tree/{tree}")
    hand.click("Record")
    hand.click("Hurt by frost?")
    hand.sees("Not hurt")
    hand.choose("What is dead", "F3, twigs dead")
    hand.click("Write it down")
    hand.until(lambda: "they shield" in hand.one('[data-test="why"]').text)  # a mango's own word
    assert after(demo, tree)["night"] == "2027-01-19"  # the last night written down
    hand.click("Crop")
    hand.click("It came back")
    hand.sees("Not hurt")
