"""A tree traced on a photo by hand: the demo's own drawn photos, whose truth is known."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys

from billhook.core.frame.model import TRUNK, Frame, Limb, Trunk
from billhook.demo.picture import HEIGHT, SHOTS, WIDTH, draw

from .conftest import resize
from .hand import SERVICE_WORKER, Hand
from .test_main_job import ask, tree_named


@pytest.fixture
def demo(own_demo):
    """Its trees are drawn anew here."""
    return own_demo


class Truth:
    """A demo tree, and where each of its limbs lies on its photo by a matrix of our own."""

    def __init__(self, server, name, shot=None):
        self.id, self.shot = tree_named(server, name), shot or SHOTS[name]
        self.frame = ask(server, f"/api/trees/{self.id}")["frame"]
        s = self.shot
        side, tip, lean = (np.radians(a) for a in (s.from_deg - 90, s.tip, s.lean))
        east = np.array([np.sin(side), np.cos(side), 0])
        away = np.array([np.sin(side - np.pi / 2), np.cos(side - np.pi / 2), 0])
        up = np.cos(tip) * np.array([0, 0, 1]) - np.sin(tip) * away
        x = np.cos(lean) * east + np.sin(lean) * up
        y = np.cos(lean) * up - np.sin(lean) * east
        forward = np.cos(tip) * away + np.sin(tip) * np.array([0, 0, 1])
        k = np.array([[s.focal, 0, WIDTH / 2], [0, s.focal, HEIGHT / 2], [0, 0, 1]])
        turn = np.stack([x, -y, forward])
        self.east, at = east, -s.distance * away + np.array([0, 0, s.eye])
        self.matrix = k @ np.hstack([turn, (-turn @ at)[:, None]])

    def px(self, point):
        u, v, w = self.matrix @ np.append(np.array(point, float), 1)
        return np.array([u / w, v / w])

    def limbs(self):
        """Limbs that do not run at the camera, with what bears them, the lower first."""
        gone, kept = set(), []
        for limb in self.frame["limbs"]:
            off = abs((limb["bearing_deg"] - self.shot.from_deg + 90) % 180 - 90)
            if off < 24 or limb["on"] in gone or limb["sucker"]:
                gone.add(limb["id"])
            else:
                kept.append(limb)
        return kept

    def across(self, limb):
        start, end = self.px(limb["start"]), self.px(limb["end"])
        side = np.array([start[1] - end[1], end[0] - start[0]])
        one_m = np.linalg.norm(self.px(np.array(limb["start"]) + self.east * 0.1) - start) * 10
        half = side / np.linalg.norm(side) * one_m * limb["base_mm"] / 2000
        return start - half, start + half


def core_frame(drawn) -> Frame:
    """A frame as the picture is drawn from, out of what the API says of it."""
    keys = ("id", "on", "at_m", "base_mm", "length_m", "rise_deg", "bearing_deg", "foliage")
    limbs = tuple(Limb(**{k: x[k] for k in keys}) for x in drawn["limbs"])
    return Frame(Trunk(drawn["trunk_mm"], drawn["trunk_m"]), limbs, drawn["union_m"])


class Tracer:
    photo_nth = 0

    def __init__(self, hand: Hand, truth: Truth):
        self.hand, self.truth = hand, truth

    @property
    def photo(self):
        return self.hand.until(lambda: self.hand.all("[data-test=photo]"))[self.photo_nth]

    def touch(self, px):
        """A touch on a place of the picture, to a tenth of a pixel."""
        self.hand.driver.execute_script(
            "const [svg, x, y] = arguments, b = svg.getBoundingClientRect(),"
            " v = svg.viewBox.baseVal,"
            " at = {pointerId: 1, bubbles: true, clientX: b.left + (x - v.x) * b.width / v.width,"
            " clientY: b.top + (y - v.y) * b.height / v.height};"
            "svg.dispatchEvent(new PointerEvent('pointerdown', at));"
            "svg.dispatchEvent(new PointerEvent('pointerup', at))",
            self.photo,
            float(px[0]),
            float(px[1]),
        )

    def field(self, label, value):
        at = self.hand.driver.find_element(By.XPATH, f"//label[contains(., '{label}')]")
        box = self.hand.driver.find_element(By.ID, at.get_attribute("for"))
        box.send_keys(Keys.CONTROL, "a")
        box.send_keys(value, Keys.TAB)

    def start(self):
        hand, truth = self.hand, self.truth
        hand.open(f"/tree/{truth.id}/trace")
        hand.until(lambda: hand.driver.find_elements(By.CSS_SELECTOR, ".thumb"))
        hand.driver.find_elements(By.CSS_SELECTOR, ".thumb")[-1].click()
        self.scale(hand, truth)

    def scale(self, hand, truth):
        """Foot, top, staff and trunk."""
        hand.sees("Touch the foot")
        self.field("How far off", f"{truth.shot.distance:g} m")
        self.touch(truth.px((0, 0, 0)))
        tops = [x["end"] for x in truth.limbs()]
        self.touch(truth.px(max(tops, key=lambda p: p[2])))
        for end in truth.shot.staff():
            self.touch(end)
        low = 0.4
        half = truth.frame["trunk_mm"] / 2000 * truth.east
        for side in (-half, half):
            self.touch(truth.px(np.array([0, 0, low]) + side))
        hand.sees("Touch where a limb starts")

    def limb(self, nth, limb, thick):
        hand = self.hand
        self.touch(self.truth.px(limb["start"]))
        self.touch(self.truth.px(limb["end"]))
        row = hand.until(
            lambda: hand.driver.find_elements(By.CSS_SELECTOR, f"[data-limb=m{nth}] .grid")
        )[0]
        thick(row, limb)
        row.find_element(By.XPATH, ".//button[contains(., 'by compass')]").click()
        box = row.find_element(By.CSS_SELECTOR, "input")
        box.send_keys(f"{limb['bearing_deg']:g}°", Keys.TAB)

    def touched_across(self, row, limb):
        row.find_element(By.XPATH, ".//button[contains(., 'touch across')]").click()
        for at in self.truth.across(limb):
            self.touch(at)

    def keep(self):
        self.hand.click("Keep this drawing")
        self.hand.sees("The tree is drawn")


def share(frame, limb_id):
    limb = next(x for x in frame["limbs"] if x["id"] == limb_id)
    total = sum(x["base_mm"] ** 2 * x["foliage"] for x in frame["limbs"] if x["on"] == TRUNK)
    return limb["base_mm"] ** 2 * limb["foliage"] / total


@pytest.mark.parametrize("name", sorted(SHOTS))
def test_a_tree_traced_on_its_photo_comes_out_true(browser, demo, name):
    """Height and spread, and the length of every limb, within 5 %; shares within 3 points where
    the thickness was touched across the limb.
    """
    hand, truth = Hand(browser, demo.url), Truth(demo, name)
    resize(browser, 1280, 800)
    tracer = Tracer(hand, truth)
    tracer.start()
    limbs = truth.limbs()
    for nth, limb in enumerate(limbs, 1):
        tracer.limb(nth, limb, tracer.touched_across)
    tracer.keep()
    found = ask(demo, f"/api/trees/{truth.id}")["frame"]
    assert found["origin"] == "traced"
    assert found["drawn"]
    true = truth.frame | {"limbs": [x | {"foliage": 1} for x in limbs]}
    mine = found | {"limbs": [x | {"foliage": 1} for x in found["limbs"]]}
    tall = max(x["end"][2] for x in limbs)
    wide = max(np.hypot(*x["end"][:2]) for x in limbs)
    assert found["height_m"] == pytest.approx(tall, rel=0.05)
    assert found["spread_m"] == pytest.approx(2 * wide, rel=0.05)
    for nth, limb in enumerate(limbs, 1):
        got = next(x for x in found["limbs"] if x["id"] == f"m{nth}")
        assert got["length_m"] == pytest.approx(limb["length_m"], rel=0.05), limb["name"]
        assert share(mine, got["id"]) == pytest.approx(share(true, limb["id"]), abs=0.03)
    assert hand.errors() == []


def test_by_keys_and_without_signal(browser, demo):
    """A cross moved by keys touches too; what was touched waits on the phone until it is sent."""
    hand, truth = Hand(browser, demo.url), Truth(demo, "Casa 1·1")
    resize(browser, 390, 844)
    tracer = Tracer(hand, truth)
    hand.open(f"/tree/{truth.id}/trace")
    hand.touch(".thumb")
    hand.sees("Touch the foot")
    browser.execute_async_script(SERVICE_WORKER)
    demo.away()
    tracer.photo.send_keys(Keys.ENTER)
    hand.sees("Touch the top")
    tracer.photo.send_keys(*[Keys.ARROW_UP] * 3, "+", Keys.ENTER)
    hand.sees("Touch the lower end")
    tracer.photo.send_keys("z")
    hand.sees("Touch the top")
    hand.click("Undo")
    hand.sees("Touch the foot")
    hand.click("Whole picture")
    tracer.touch(truth.px((0, 0, 0)))
    tracer.touch(truth.px((0, 0, 3)))
    for end in truth.shot.staff():
        tracer.touch(end)
    hand.click("wrist")
    limb = truth.limbs()[0]
    tracer.touch(truth.px(limb["start"]))
    tracer.touch(truth.px(limb["end"]))
    hand.click("thumb")
    hand.click("Keep this drawing")
    hand.sees("Waits to be sent")
    demo.back()
    hand.until(lambda: "The tree is drawn" in hand.text(), patience=60)
    drawn = ask(demo, f"/api/trees/{truth.id}")["frame"]
    assert [(x["id"], x["base_mm"]) for x in drawn["limbs"]] == [("m1", 22)]
    assert not [e for e in hand.errors() if "net::ERR_" not in e]


def test_a_second_picture_gives_what_runs_away(browser, demo, tmp_path):
    """The same tree from the west: limbs that the first picture saw end on come out too."""
    hand, truth = Hand(browser, demo.url), Truth(demo, "Alto 1·2", SHOTS["Alto 1·3"])
    side = Truth(demo, "Alto 1·2", replace(truth.shot, from_deg=270, tip=3, lean=1))
    resize(browser, 1280, 800)
    tracer = Tracer(hand, truth)
    frame = core_frame(truth.frame)
    for name, one in (("first", truth), ("second", side)):
        (tmp_path / f"{name}.jpg").write_bytes(draw(frame, one.shot, name))
    hand.open(f"/tree/{truth.id}/trace")
    hand.one('input[type="file"]').send_keys(str(tmp_path / "first.jpg"))
    tracer.scale(hand, truth)
    limbs = [x for x in truth.frame["limbs"] if not x["sucker"] and x["on"] == TRUNK]
    for limb in limbs:
        tracer.touch(truth.px(limb["start"]))
        tracer.touch(truth.px(limb["end"]))
        hand.click("wrist")
    hand.click("A second picture")
    hand.all('input[type="file"]')[0].send_keys(str(tmp_path / "second.jpg"))
    hand.sees("On this picture, touch the foot")
    tracer.photo_nth = 1
    for px in (side.px((0, 0, 0)), *side.shot.staff()):
        tracer.touch(px)
    for limb in limbs:
        tracer.touch(side.px(limb["end"]))
    hand.sees("Every tip is touched")
    tracer.keep()
    found = ask(demo, f"/api/trees/{truth.id}")["frame"]["limbs"]
    for nth, limb in enumerate(limbs, 1):
        got = next(x for x in found if x["id"] == f"m{nth}")
        assert got["length_m"] == pytest.approx(limb["length_m"], rel=0.05), limb["name"]
        off = abs((got["bearing_deg"] - limb["bearing_deg"] + 180) % 360 - 180)
        assert off < 5, limb["name"]
