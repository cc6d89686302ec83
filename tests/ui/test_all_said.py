"""Pages made in a language whose every message stands in brackets: nothing but names, notes and
numbers stands outside, no name of a message shows, and no value is left open.
"""

from __future__ import annotations

import os
import re
import shutil
import subprocess
from calendar import month_abbr
from pathlib import Path

import pytest

from ..brackets import bracketed, in_brackets, outside, typed_in, words_of
from .conftest import Server
from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui

ROOT = Path(__file__).parents[2]
SHOWN = """
for (const x of document.querySelectorAll('details')) x.open = true
const texts = []
const apart = 'script,style,body [lang],.chapter,[data-test=glossary] dl'
const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
for (let n; (n = walker.nextNode()); )
  if (n.data.trim() && !n.parentElement.closest(apart)) texts.push(n.data)
const names = ['aria-label', 'title', 'placeholder', 'alt', 'aria-valuetext', 'aria-description']
const attributes = [...document.querySelectorAll('body *')].flatMap((e) =>
  names.map((a) => e.getAttribute(a)).filter(Boolean))
return [texts, attributes]
"""
PLACES = (
    *("/today", "/weeks", "/months", "/grove", "/year", "/book", "/report", "/people", "/more"),
    *(
        "/place",
        "/heights",
        "/frost",
        "/phone",
        "/practice",
        "/practice/suckers",
        "/start",
        "/help",
        "/join",
    ),
)
OF_TREE = (
    " /trace /look /look/shoot /cut /cut/marks /cut/count /height /frost /record /limbs /rehearse"
)
STEADY = 6
"""So many looks at a page that find the same."""
MONTHS = "|".join(month_abbr[1:])
ALIKE = ("min", "kg", "mm", "metres?", "Billhook", "CSV", "PDF", "XLSX", "GeoJSON", "Home", "Enter")
"""Units, formats, keys of the keyboard."""
MEASURES = re.compile(rf"\b({'|'.join(ALIKE)}|{MONTHS})\b|--host|billhook owner|/\S+-backups")


@pytest.fixture(scope="module")
def bracketed_pages(tmp_path_factory) -> Path:
    """The pages built with every message in brackets."""
    folder = tmp_path_factory.mktemp("brackets")
    spoken = folder / "languages"
    shutil.copytree(ROOT / "billhook/catalogue/languages", spoken)
    for file in (spoken / "en/pages").glob("*.ftl"):
        file.write_text(in_brackets(file.read_text(encoding="utf-8")), encoding="utf-8")
    made = {"BILLHOOK_LANGUAGES": str(spoken), "BILLHOOK_STATIC": str(folder / "static")}
    subprocess.run(
        ["npx", "vite", "build", "--logLevel", "error", "--emptyOutDir"],
        cwd=ROOT / "frontend",
        env={**os.environ, **made},
        check=True,
        capture_output=True,
    )
    return folder / "static"


def settled(hand: Hand) -> None:
    """Wait until a page says the same for a while: what comes late is looked at too."""
    seen = [hand.text()]

    def same() -> bool:
        seen.append(hand.text())
        return len(seen) > STEADY and len(set(seen[-STEADY:])) == 1

    hand.until(same)


def unsaid(browser, typed: list[str]) -> set[str]:
    """What a page shows that no message holds."""
    texts, attributes = browser.execute_script(SHOWN)
    found, depth = set(), 0
    for text in texts:
        rest, depth = outside(text, depth)  # a message may lie over several elements
        found.add(rest)
    found |= {outside(a)[0] for a in attributes}
    return {w for rest in found if (w := words_of(MEASURES.sub("", rest), typed))}


def test_pages_say_nothing_past_the_languages(
    browser, own_demo: Server, bracketed_pages, monkeypatch
):
    monkeypatch.setattr("billhook.web.pages.STATIC", bracketed_pages)
    typed = typed_in(own_demo.at.settings.data / "billhook.sqlite")
    hand, found = Hand(browser, own_demo.url), {}
    trees = [tree_named(own_demo, name) for name in ("Baixo 4·7", "Alto 1·1")]
    block = ask(own_demo, "/api/grove")["blocks"][0]["id"]
    pages = [*PLACES, *(f"/tree/{t}{of}" for t in trees for of in OF_TREE.split(" "))]
    sheet = next(s["plan_id"] for s in ask(own_demo, "/api/today")["items"] if s["plan_id"])
    row = ask(own_demo, f"/api/trees/{trees[0]}")["row_id"]
    pages += [f"/row/{row}{of}" for of in ("", "/trees", "/look", "/height", "/record", "/walk")]
    pages += [f"/sheet/{sheet}"]
    pages += [f"/block/{block}{of}" for of in ("", "/trees", "/height", "/frost", "/record")]
    with bracketed():
        hand.open("/today")
        for page in pages:
            browser.get(f"{own_demo.url}{page}")
            hand.until(lambda: "⟦" in hand.text())
            hand.until(lambda: not hand.all("[aria-busy=true]"))
            settled(hand)
            for words in unsaid(browser, typed):
                found.setdefault(words, page)
    hand.open("/today")
    assert not found, "\n".join(f"{page}: {words}" for words, page in found.items())
