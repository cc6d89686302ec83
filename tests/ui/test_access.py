"""Everyone can use it: axe finds nothing serious on any page in any theme, targets are big, the
keyboard reaches all.
"""

from __future__ import annotations

import pytest
from selenium.webdriver import ActionChains
from selenium.webdriver.common.keys import Keys

from ..places import trees_of
from .conftest import AXE, resize
from .hand import Hand
from .test_main_job import ask, fetch, tree_named

pytestmark = pytest.mark.ui


ALL = ("wcag2a", "wcag2aa", "wcag21aa", "wcag22aa", "best-practice")


def findings(browser, rules: tuple[str, ...] = ALL) -> list[str]:
    """What axe calls serious or critical, with where. rules: of axe, or sets of them."""
    browser.execute_script(AXE.read_text(encoding="utf-8"))
    script = (
        "const [rules, done] = arguments; "
        "axe.run(document, {runOnly: rules}).then(r => done(r.violations))"
    )
    found = browser.execute_async_script(script, list(rules))
    return [
        f"{v['id']}: {v['nodes'][0]['html'][:160]}"
        for v in found
        if v["impact"] in ("serious", "critical")
    ]


def pages(demo) -> list[tuple[str, str]]:
    tree = tree_named(demo, "Baixo 4·4")
    sheet = next(
        s["id"]
        for t in trees_of(ask(demo, "/api/grove"))
        if t["need_kind"] == "sheet"
        for s in ask(demo, f"/api/trees/{t['id']}")["sheets"]
    )
    return [
        ("/today", "the fortnight to"),
        ("/year", "growing warmth"),
        ("/grove", "What each needs next"),
        ("/more", "Colours on this device"),
        (f"/tree/{tree}", "What it needs next"),
        (f"/tree/{tree}/cut", "What it is for"),
        (f"/tree/{tree}/cut/marks", "Propose a plan"),
        (f"/tree/{tree}/limbs", "Add a limb"),
        (f"/tree/{tree}/record", "Cut this growing year"),
        (f"/tree/{tree}/look/shoot", "Cannot tell"),
        (f"/tree/{tree}/look", "1 of 11"),
        (f"/row/{ask(demo, f'/api/trees/{tree}')['row_id']}/walk", "Nothing to do"),
        (f"/sheet/{sheet}", "Cut sheet"),
        (f"/tree/{tree}/cut/count", "How many did you take"),
        (f"/tree/{tree}/height", "How high do you want it?"),
        (f"/tree/{tree_named(demo, 'Casa 1·1')}/trace", "Take a photo"),
        ("/book", "Book"),
        ("/report", "What comes next"),
        ("/frost", "Hurt trees"),
        (f"/tree/{tree_named(demo, 'Baixo 7·7')}/frost", "What do you see?"),
        ("/place", "Save the place"),
        ("/place#stance", "What would change"),
        ("/start", "Say it"),
        ("/known", "Catalogue"),
    ]


def findings_in_all_themes(browser) -> list[str]:
    """Themes differ in their colours alone."""
    found = findings(browser)
    for theme in ("sun", "night", "day"):
        browser.execute_script(f"document.documentElement.dataset.theme = '{theme}'")
        if theme != "day":
            found += [f"{theme}: {x}" for x in findings(browser, ("color-contrast",))]
    return found


def test_axe_finds_nothing_serious(browser, demo):
    hand = Hand(browser, demo.url)
    for path, says in pages(demo):
        hand.open(path)
        hand.sees(says)
        assert findings_in_all_themes(browser) == [], path
        if path.endswith("/frost") and path.startswith("/tree"):
            for tab in ("Alive?", "Scratch", "Cuts", "Grow on", "Crop"):
                hand.click(tab)
                assert findings_in_all_themes(browser) == [], f"{path} {tab}"


def test_a_chosen_theme_is_worn_and_kept(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/more")
    hand.click("Full sun")
    browser.refresh()
    hand.sees("Colours on this device")
    assert browser.execute_script("return document.documentElement.dataset.theme") == "sun"


CUT_OFF = """
return [...document.querySelectorAll('.btn, .plate')]
  .filter(e => e.clientWidth > 2 && e.scrollWidth > e.clientWidth + 1).map(e => e.innerText)
"""
"""Buttons and plates whose words do not fit into them."""


def test_phone_pages_fit_and_targets_are_big(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    for path, says in pages(demo):
        if path in ("/known", "/start"):
            continue
        hand.open(path)
        hand.sees(says)
        assert findings(browser) == [], path
        assert browser.execute_script("return document.documentElement.scrollWidth") <= 390, path
        assert browser.execute_script(CUT_OFF) == [], path
    hand.open(next(path for path, _ in pages(demo) if path.startswith("/sheet")))
    ticks = [
        b.size["height"]
        for b in hand.all("main button.btn")
        if b.is_displayed() and "done" in b.text
    ]
    assert ticks
    assert min(ticks) >= 44


def test_the_keyboard_alone_opens_a_tree(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/grove")
    hand.press(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ENTER)
    hand.until(lambda: "/tree/" in browser.current_url)
    hand.press("]")
    hand.sees("from S")
    for _ in range(5):
        hand.press("]")
    hand.sees("from W")
    hand.press("?")
    dialog = hand.one('[role="dialog"]')
    for says in ("find a tree", "walk round the tree, right", "the book", "these keys"):
        assert says in dialog.text
    hand.press(Keys.ESCAPE)
    hand.until(lambda: not hand.all('[role="dialog"]'))
    hand.press("l")
    hand.sees("Log as CSV")


def test_the_almanac_is_scrubbed_with_the_keyboard(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open(f"/year?tree={tree_named(demo, 'Baixo 4·4')}")
    hand.until(lambda: hand.one('[data-test="day"]').text == "24 Mar")
    hand.press(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT)
    hand.until(lambda: hand.one('[data-test="day"]').text == "26 Mar")
    ActionChains(browser).key_down(Keys.SHIFT).send_keys(Keys.ARROW_LEFT).key_up(
        Keys.SHIFT
    ).perform()
    hand.until(lambda: hand.one('[data-test="day"]').text == "19 Mar")
    hand.press(Keys.HOME)
    hand.until(lambda: hand.one('[data-test="day"]').text == "24 Mar")
    tones = {r.get_attribute("data-tone") for r in hand.all('[data-lane="thin"] rect[data-tone]')}
    assert tones == {"go", "light", "wait", "stop"}
    hand.click("Why")
    hand.until(lambda: "rub off by finger" in hand.one('[role="dialog"]').text)


def test_the_first_view_is_light(browser, demo):
    hand = Hand(browser, demo.url)
    hand.open("/")
    names = browser.execute_script(
        "return performance.getEntriesByType('resource').map(r => r.name).filter(n => "
        "n.endsWith('.js'))"
    )
    assert names
    # as they travel: what the service worker keeps is unpacked
    assert (
        sum(
            len(fetch(demo, name.removeprefix(demo.url), {"Accept-Encoding": "br"}))
            for name in names
        )
        <= 150_000
    )
    outside = browser.execute_script(
        "return performance.getEntriesByType('resource').map(r => r.name).filter(n => "
        "!n.startsWith(location.origin))"
    )
    assert outside == []
