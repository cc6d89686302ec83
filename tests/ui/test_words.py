"""Every page in growers' words: no id, key, template or raw date, one system of units a screen, no
colon after a colon; and words of the trade open what they mean.
"""

from __future__ import annotations

import re

import pytest

from .conftest import resize
from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui

NEVER = {
    "a template": r"[{}]",
    "a raw date": r"\b\d{4}-\d{2}-\d{2}\b",
    "an id": r"\b[0-9a-f]{8}-[0-9a-f]{4}",
    "a key": r"\b[a-z]+(?:_[a-z]+)+\b|\b(?!go/|and/|or/)[a-z]{3,}/[a-z-]{3,}\b",
    "nothing's name": r"\bundefined\b|\bNaN\b|\bnull\b|\bNone\b|\[object",
    "a colon after a colon": r"(?:^|[.!?\n])[^.!?;\n:]*: [^.!?;\n:]*: ",
    "the maker's word": r"(?i)\b(?:stance|come-backs?|reckoned|from memory|schools?|the cap)\b",
}
METRIC = r"\d\s?(?:m|mm|cm|km|kg|ha|litres?|m²|m³|°C)(?![\w²³])|\bmetres? "
FEET = r"\d\s?(?:ft|lb|gal|gallons|sq ft|°F)\b|\d'\d|\d\""
# columns of a list, and a day of a station's file, are shown as they are typed there
AS_TYPED = ("-backups", "Columns: block", "block,row,place", "2026-01-01,7.2")
SAYS = """
const main = document.querySelector('main')
main.querySelectorAll('details').forEach((x) => (x.open = true))
// what scripts send stands in the guide as it is sent
main.querySelectorAll('.prose code').forEach((x) => (x.textContent = ''))
const drawn = [...main.querySelectorAll('svg text')].map((x) => x.textContent)
const named = [...main.querySelectorAll('[aria-label],[placeholder]')]
  .filter((x) => !x.getAttribute('aria-label')?.includes(': '))
  .map((x) => x.getAttribute('aria-label') || x.getAttribute('placeholder'))
return [main.innerText, ...drawn, ...named].join('\\n')
"""


def words_of(hand: Hand, path: str) -> list[str]:
    """Every line of a page with all of it opened, once it has come to rest."""
    hand.driver.get(hand.url + path)
    hand.until(lambda: hand.all("main h1, main h2"))
    seen: list[str] = [""]

    def rests() -> bool:
        seen.append(hand.driver.execute_script(SAYS))
        return seen[-1] == seen[-2] and " …\n" not in seen[-1]

    hand.until(rests)
    return [x for x in seen[-1].split("\n") if not any(a in x for a in AS_TYPED)]


def pages(demo) -> list[str]:
    grove = ask(demo, "/api/grove")
    block = grove["blocks"][0]["id"]
    trees = [tree_named(demo, n) for n in ("Casa 1·1", "Pátio 1·1", "Baixo 7·6")]
    parts = ("", "/look", "/look/shoot", "/cut", "/cut/marks", "/cut/count", "/height", "/frost")
    return [
        *(
            "/today",
            "/grove",
            "/grove?view=list",
            "/year",
            "/book",
            "/more",
            "/help",
            "/known",
            "/people",
        ),
        *("/start", "/place", "/heights", "/frost"),
        *(f"/block/{block}{p}" for p in ("", "/trees", "/record")),
        *(f"/tree/{t}{p}" for t in trees for p in (*parts, "/record", "/limbs")),
    ]


@pytest.mark.parametrize("units", ["Metres", "Feet"])
def test_every_page_speaks_as_growers_do(browser, demo, units):
    hand = Hand(browser, demo.url)
    resize(browser, 1280, 900)
    hand.open("/more")
    hand.click(units)
    never = NEVER | {"the other units": FEET if units == "Metres" else METRIC}
    try:
        wrong = [
            f"{path}: {what} in {line!r}"
            for path in pages(demo)
            for line in words_of(hand, path)
            # the guide is one text for both
            for what, pattern in (NEVER if path == "/help" else never).items()
            if re.search(pattern, line)
            and not (path == "/more" and line.startswith(("Metres,", "Feet,")))
        ]
    finally:
        hand.open("/more")
        hand.click("Metres")
    assert wrong == []


def test_a_word_of_the_trade_opens_what_it_means(browser, demo):
    hand = Hand(browser, demo.url)
    resize(browser, 390, 844)
    hand.open(f"/tree/{tree_named(demo, 'Casa 1·1')}/look")
    hand.touch("main .term")
    word = hand.one("main .term").text.lower()
    note = hand.until(lambda: hand.one(".term-note").text)
    explained = ask(demo, "/api/glossary")["terms"]
    term = next(t for t in explained if word in [t["word"], *t["also"]])
    assert term["says"] in note
    hand.open("/help")
    hand.type("Which word", "sprout")
    hand.until(lambda: len(hand.all('[data-test="glossary"] dt')) == 1)
    assert "upright" in hand.one('[data-test="glossary"] dd').text
    hand.click("The first five minutes")
    hand.sees("What stands there?")
