"""The walk on a phone: few taps, number keys, a sucker found and judged, limbs to a sheet, a row in
passing, and no signal in the middle.
"""

from __future__ import annotations

import io
import time

import pytest
from PIL import Image
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys

from .conftest import resize
from .hand import SERVICE_WORKER, Hand
from .test_access import findings
from .test_main_job import ask, fetch, send, tree_named

pytestmark = pytest.mark.ui


def question(hand: Hand) -> str:
    """The question that is asked, empty at the end of the walk; once the last answer's word is in
    or was waited for.
    """
    hand.until(lambda: not hand.all('[data-test="step"][aria-busy="true"]'))
    found = hand.all('[data-test="step"]')
    return found[0].get_attribute("data-question") if found else ""


def reach(hand: Hand, wanted: str, taps: int = 0) -> int:
    """Answer with the first choice until a question comes; counts the taps."""
    hand.until(lambda: hand.all('[data-test="step"]'))
    while question(hand) != wanted:
        last = question(hand)
        hand.asked.append(last)
        hand.touch("main [data-answer]")
        taps += 1
        hand.until(lambda last=last: question(hand) != last)
    return taps


def test_a_tree_in_order_takes_at_most_twelve_taps(browser, demo, tmp_path):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree_named(demo, 'Baixo 3·3')}/look")
    hand.until(lambda: hand.all('[data-test="step"]'))
    assert min(b.size["height"] for b in hand.all("main .choice") if b.is_displayed()) >= 44
    taps = reach(hand, "")
    hand.until(
        lambda: (
            hand.all('[data-test="end"]') and hand.one('[data-test="end"]').text == "Nothing to cut"
        )
    )
    hand.click("Finish the walk")
    hand.sees("The days to come back are set")
    assert taps + 1 <= 12, hand.asked
    Image.new("RGB", (40, 30), "olive").save(tmp_path / "tree.jpg")
    hand.one('main input[type="file"]').send_keys(str(tmp_path / "tree.jpg"))
    hand.until(
        lambda: [i for i in hand.all("main img") if "/api/photos/" in i.get_attribute("src")]
    )
    assert "The days to come back are set" in hand.text()  # a photo begins no other walk


def test_a_sucker_found_and_judged_takes_at_most_eight_more(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 3·6")
    hand.open(f"/tree/{tree}/look")
    reach(hand, "below")
    hand.touch('[data-answer="shoot"]')
    taps = 1
    sucker = {"How many leaflets": "trifoliolate", "Where does the shoot start": "below_union"}
    for _ in range(6):
        hand.until(lambda: hand.all('[data-test="question"]') or hand.all("#alike"))
        if hand.all("#alike"):
            break
        asked = hand.one('[data-test="question"]').text
        value = next(v for q, v in sucker.items() if asked.startswith(q))
        hand.touch(f'[data-answer="{value}"]')
        taps += 1
        hand.until(
            lambda asked=asked: (
                hand.all("#alike") or hand.one('[data-test="question"]').text != asked
            )
        )
    hand.click("Taken off")
    hand.until(lambda: question(hand) == "below-thick")
    hand.touch('[data-answer="thumb"]')
    taps += 2
    hand.until(lambda: question(hand) == "dead")
    assert taps <= 8
    reach(hand, "")
    hand.click("Finish the walk")
    hand.sees("The days to come back are set")
    entry = next(e for e in ask(demo, f"/api/trees/{tree}")["log"] if e["work"] == "sucker")
    assert (entry["cuts"], [(c["class"], c["n"]) for c in entry["counted"]]) == (1, [("thumb", 1)])


def test_a_look_for_suckers_is_four_taps_and_what_it_finds_is_work(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 7·2")
    hand.open(f"/tree/{tree}")
    hand.click("Look")
    hand.click("Suckers only")
    hand.until(lambda: question(hand) == "below")
    hand.touch('[data-answer="none"]')
    hand.click("Finish the walk")
    hand.sees("The days to come back are set")
    hand.click("Walk it again")
    hand.click("After a storm")
    hand.until(lambda: question(hand) == "before")
    hand.touch('[data-answer="clear"]')
    hand.until(lambda: question(hand) == "dead")
    hand.touch('[data-answer="broken"]')
    hand.touch('[data-test="go-on"]')
    reach(hand, "")
    hand.sees("Done on the spot")
    hand.sees("what is left stays as work of this tree")
    assert findings(browser) == []
    hand.touch('[aria-label^="Done on the spot"]')
    hand.touch('form[aria-label="Done"] .btn-go')
    hand.sees("In the log as done")
    hand.click("Undo")
    hand.until(lambda: "In the log as done" not in hand.text())
    hand.click("Finish the walk")
    hand.sees("stays as work of this tree")
    hand.open("/today")
    found = hand.until(lambda: hand.one('[data-kind="found"]'))
    assert "broken limb" in found.text
    hand.touch('[data-kind="found"] [aria-label^="Put off"]')
    hand.type("Why", "propped up")
    hand.click("Not to be done")
    hand.until(lambda: not hand.all('[data-kind="found"]'))
    hand.click("Undo")
    hand.until(lambda: hand.all('[data-kind="found"]'))
    hand.touch('[data-kind="found"] [aria-label^="Done"]')
    hand.touch('form[aria-label="Done"] .btn-go')
    hand.until(lambda: not hand.all('[data-kind="found"]'))
    assert ask(demo, f"/api/trees/{tree}")["log"][0]["work"] == "sanitation"
    assert hand.errors() == []


def test_limbs_named_on_the_walk_become_a_sheet(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 6·7")
    hand.open(f"/tree/{tree}/look")
    reach(hand, "crossing")
    hand.press("3", Keys.ENTER)  # one above the other, by keyboard
    hand.until(lambda: question(hand) == "parallel-limbs")
    hand.press("1", Keys.ENTER)
    reach(hand, "")
    hand.sees("One thing to cut")
    assert "of the canopy" in hand.text()
    hand.click("Finish and make the cut plan")
    hand.until(lambda: "/sheet/" in browser.current_url)
    hand.sees("off at its collar")


def test_the_server_goes_away_in_the_middle_of_a_walk(browser, demo):
    """Answers without signal are kept through a reload of the page and sent once, in order, when
    the server is back.
    """
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 3·7")
    hand.open(f"/tree/{tree}/look")
    reach(hand, "union")
    browser.execute_async_script(SERVICE_WORKER)  # the pages are on the phone
    demo.away()
    reach(hand, "dead")
    hand.sees("kept on this device")
    hand.press("4")  # gummy bark
    hand.press(Keys.ENTER)
    hand.until(lambda: question(hand) == "sprouts")
    browser.refresh()  # the page itself comes from the phone
    hand.until(lambda: question(hand) == "sprouts")
    reach(hand, "")
    hand.click("Finish the walk")
    hand.sees("ends as soon as Billhook answers")
    demo.back()
    hand.until(
        lambda: "The days to come back are set" in hand.text(), patience=60
    )  # a whole walk is sent, answer by answer
    record = ask(demo, f"/api/trees/{tree}")
    assert len([t for t in record["tasks"] if "Gummy or sunken bark" in t["does"]]) == 1
    assert not [e for e in hand.errors() if "ERR_CONNECTION" not in e]


def test_a_walk_begun_without_signal_is_sent_whole(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    first, second = tree_named(demo, "Baixo 1·3"), tree_named(demo, "Baixo 1·4")
    row = ask(demo, f"/api/trees/{first}")["row_id"]
    hand.open(f"/row/{row}/walk")
    hand.click("Take the row along")
    hand.until(lambda: "The row is on this phone" in hand.text())
    demo.away()
    tree = hand.one('[data-row-tree="Baixo 1·4"]')
    hand.click_on(tree.find_element(By.XPATH, './/button[contains(., "Taken off")]'))
    for _ in range(3):
        hand.touch('[aria-label="Suckers rubbed off, one more"]')
    hand.click("Into the log")
    hand.touch(f'[href="/tree/{first}/look"]')
    assert reach(hand, "below") == 4
    hand.touch('[data-answer="shoot"]')
    hand.sees("worked out when it answers")
    hand.press("1")
    hand.click("Tag it")
    reach(hand, "")
    hand.click("Finish the walk")
    demo.back()
    hand.until(
        lambda: "The days to come back are set" in hand.text(), patience=60
    )  # a whole walk is sent, answer by answer
    assert (
        len([t for t in ask(demo, f"/api/trees/{first}")["tasks"] if "tagged shoot" in t["does"]])
        == 1
    )
    assert [e["cuts"] for e in ask(demo, f"/api/trees/{second}")["log"] if e["work"] == "sucker"][
        :1
    ] == [3]


def test_answers_that_cross_are_shown_and_settled(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = tree_named(demo, "Baixo 3·9")
    hand.open(f"/tree/{tree}/look")
    reach(hand, "dead")
    walk = ask(demo, f"/api/trees/{tree}/walk-form")["id"]
    other = {
        "id": "11111111-2222-4333-8444-555555555555",
        "question": "dead",
        "answer": "gum",
        "seen": "",
    }
    send(demo, f"/api/walks/{walk}/answers", other)  # another phone, in between
    hand.touch('[data-answer="none"]')
    hand.sees("Two phones answered")
    given = {q["id"]: q["given"] for q in ask(demo, f"/api/walks/{walk}")["questions"]}
    assert given["dead"] == "gum"  # what came last, without knowing of it, does not win
    hand.click("Take “None”")
    hand.until(lambda: "Two phones answered" not in hand.text())
    given = {q["id"]: q["given"] for q in ask(demo, f"/api/walks/{walk}")["questions"]}
    assert given["dead"] == "none"


def test_a_photo_is_made_small_and_loses_its_place(browser, demo, tmp_path):
    big = Image.new("RGB", (3000, 2000), "olive")
    exif = Image.Exif()
    exif[0x0112] = 6  # the camera was turned
    exif.get_ifd(0x8825)[2] = (36.0, 48.0, 0.0)
    big.save(tmp_path / "tree.jpg", exif=exif)
    hand = Hand(browser, demo.url)
    tree = tree_named(demo, "Baixo 3·10")
    hand.open(f"/tree/{tree}")
    hand.click("Record")
    hand.one('input[type="file"]')
    for field in hand.all('input[type="file"]'):
        field.send_keys(str(tmp_path / "tree.jpg"))
        time.sleep(0.3)
    hand.until(lambda: len(ask(demo, f"/api/trees/{tree}")["photos"]) == 2)
    photo = ask(demo, f"/api/trees/{tree}")["photos"][0]
    assert (photo["width"], photo["height"]) == (1067, 1600)
    kept = Image.open(io.BytesIO(fetch(demo, f"/api/photos/{photo['id']}.jpg")))
    assert not kept.getexif()
    slider = hand.one('input[type="range"]')
    slider.send_keys(Keys.HOME)
    hand.until(
        lambda: (
            hand.one('input[type="range"]').get_attribute("aria-valuetext").startswith("0 % before")
        )
    )
    (tmp_path / "large.jpg").write_bytes(b"\0" * (11 * 1024 * 1024))
    hand.all('input[type="file"]')[-1].send_keys(str(tmp_path / "large.jpg"))
    hand.sees("10 MB is the most")


def test_the_same_on_a_row_in_one_tap_and_taken_back(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    tree = ask(demo, f"/api/trees/{tree_named(demo, 'Baixo 5·5')}")
    hand.open(f"/row/{tree['row_id']}/walk")
    hand.touch('[data-test="together"] [aria-expanded]')
    hand.touch('[data-test="together"] [aria-label="Suckers rubbed off each, one more"]')
    hand.click("Into the log of")
    hand.until(lambda: not hand.all('[data-test="together"]'))
    log = hand.until(lambda: ask(demo, f"/api/trees/{tree['id']}")["log"])
    assert (log[0]["work"], log[0]["cuts"]) == ("sucker", 1)
    hand.click("Undo")
    hand.until(lambda: hand.all('[data-test="together"]'))
    assert ask(demo, f"/api/trees/{tree['id']}")["log"] == []
    assert findings(browser) == []
