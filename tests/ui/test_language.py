"""In the helper's language: chosen on the device, switched with what was typed still there, and no
button on a phone cut off.
"""

from __future__ import annotations

import pytest

from billhook.catalogue.languages import languages
from billhook.core.words.tongue import FIRST

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui

WIDE = """
const cut = [...document.querySelectorAll('main button, main a.btn, nav a, main summary')]
  .filter((e) => e.getClientRects().length && e.scrollWidth > e.clientWidth + 1)
  .filter((e) => !['inline', 'contents'].includes(getComputedStyle(e).display))
  .map((e) => e.innerText)
return [document.documentElement.scrollWidth, cut]
"""


def speak(hand: Hand, name: str) -> None:
    """Choose a language by its own name."""
    css = "[data-test=tongues] button"
    hand.click_on(hand.until(lambda: next(b for b in hand.all(css) if b.text == name)))


def test_a_device_speaks_what_was_chosen_and_keeps_what_was_typed(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/more")
    speak(hand, "Español")
    hand.until(lambda: browser.find_element("css selector", "html").get_attribute("lang") == "es")
    assert "Idioma de este aparato" in hand.text()
    browser.get(f"{demo.url}/today")
    hand.sees("Mirar bajo el injerto antes de la brotación")
    hand.sees("Rastrille la base")
    browser.get(f"{demo.url}/more")
    hand.one("[data-test=tongues]")
    speak(hand, "English")
    hand.sees("Language of this device")
    browser.get(f"{demo.url}/today")
    hand.sees("Look below the union before the flush")


def test_switching_keeps_what_is_open(browser, empty):
    hand = Hand(browser, empty.url)
    hand.open("/start")
    hand.type("Name of the place", "Quinta Nova")
    speak(hand, "Português")
    hand.sees("Onde estão as suas árvores?")
    assert hand.field("Nome do lugar").get_attribute("value") == "Quinta Nova"


@pytest.mark.parametrize("code", [found.code for found in languages() if found.code != FIRST])
def test_pages_under_the_tree_fit_a_phone_in_every_language(browser, demo, code):
    tree = tree_named(demo, "Baixo 4·7")
    row = ask(demo, f"/api/trees/{tree}")["row_id"]
    hand = Hand(browser, demo.url)
    hand.open("/more")
    browser.execute_script("localStorage.setItem('language', arguments[0])", code)
    resize(browser, 390, 844)
    for path in ("/today", f"/tree/{tree}", f"/tree/{tree}/look", f"/tree/{tree}/look/shoot"):
        browser.get(demo.url + path)
        hand.one("main h1, main h2")
        hand.until(
            lambda: browser.find_element("css selector", "html").get_attribute("lang") == code
        )
        wide, cut = browser.execute_script(WIDE)
        assert (wide, cut) == (390, []), path
    assert not findings(browser, ("html-has-lang", "html-lang-valid", "valid-lang"))
    browser.get(f"{demo.url}/row/{row}/walk")
    hand.one("main h1")
    assert browser.execute_script(WIDE)[0] == 390
