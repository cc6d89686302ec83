"""Answers are in the language that a link names, or that the reader asks for and that says all."""

from __future__ import annotations

import re
from dataclasses import replace
from pathlib import Path

import billhook
from billhook.catalogue.languages import languages
from billhook.catalogue.wording import said
from billhook.core.words.tongue import FIRST, spoken
from billhook.core.words.values import say
from billhook.services.tree.tasks import task_for
from billhook.store.logbook import save_tasks
from billhook.web.answers import NOTED

from ..places import TODAY, new_id
from .bodies import resources


def test_a_link_names_the_language_and_changes_nothing_else(served):
    path = f"/api/trees/{served.tree_id}/observations"
    body = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)[
        f"POST {path}"
    ]
    act = {"Billhook-Act": new_id()}
    answer = served.client.post(f"{path}?lang=pt", json=body, headers=act)
    assert answer.status_code == 201, answer.get_json()
    assert answer.get_json()["said"].startswith("Visto em ")
    assert answer.headers["Content-Language"] == "pt"
    assert "Accept-Language" in answer.headers["Vary"]
    assert spoken() == FIRST  # nothing of it is left for the next one
    plain = served.client.get("/api/practice/trees/skirt?seed=3").get_json()
    named = served.client.get("/api/practice/trees/skirt?seed=3&lang=es").get_json()
    limbs = [[x["id"] for x in found["frame"]["limbs"]] for found in (plain, named)]
    assert limbs[0] == limbs[1]
    assert any(x["name"].startswith("rama") for x in named["frame"]["limbs"])
    assert served.client.get("/api/grove?lang=xx").headers["Content-Language"] == FIRST
    assert served.client.get("/api/practice/trees/skirt?seed=3&long=es").status_code == 422


def test_what_a_browser_asks_for_is_spoken_once_a_language_says_all(served, monkeypatch):
    asks = {"Accept-Language": "pt-PT,pt;q=0.9,en;q=0.5"}
    begun = tuple(replace(found, whole=found.code == FIRST) for found in languages())
    with monkeypatch.context() as patched:
        patched.setattr("billhook.web.tongue.languages", lambda: begun)
        answer = served.client.get("/api/grove", headers=asks)
        assert answer.headers["Content-Language"] == FIRST  # the pages are not in it yet
    answer = served.client.get("/api/grove", headers=asks)
    assert answer.headers["Content-Language"] == "pt"
    other = {"Accept-Language": "de,fr;q=0.8"}
    assert served.client.get("/api/grove", headers=other).headers["Content-Language"] == FIRST


def test_a_browser_that_was_told_to_is_answered_so_where_it_follows_a_link(served):
    served.client.set_cookie("billhook-language", "pt")
    served.client.set_cookie("billhook-words", "talhao.1")
    asks = {"Accept-Language": "en"}  # as browsers send it with a link
    text = served.client.get("/api/trees.csv", headers=asks).get_data(as_text=True)
    assert text.startswith("talhão,linha,")
    report = served.client.get("/api/glossary", headers=asks).get_json()["terms"]
    assert next(t["word"] for t in report if t["id"] == "rootstock") == "porta-enxerto"
    by_page = {"Accept-Language": "es", "Reader-Units": "metric"}
    answer = served.client.get("/api/grove", headers=by_page)
    assert answer.headers["Content-Language"] == "es"  # a page says itself what it speaks
    served.client.set_cookie("billhook-language", "xx")
    assert served.client.get("/api/grove", headers=asks).headers["Content-Language"] == "en"


def test_what_is_refused_is_said_in_the_readers_language_and_units(served):
    def refused(**asks: str) -> dict:
        answer = served.client.post("/api/calc/wound", json={"diameter_mm": -3}, headers=asks)
        assert answer.status_code == 422
        (error,) = answer.get_json()["errors"]
        return {**error, "title": answer.get_json()["title"]}

    english = refused()
    assert english["message"].startswith("must be at least 1 mm")
    spanish = refused(**{"Accept-Language": "es", "Reader-Units": "us"})
    assert spanish["title"] == "Algunas entradas no valen."
    assert (spanish["field"], spanish["message"]) == ("diámetro", 'debe ser al menos 1/16"')
    gone = served.client.get("/api/trees/nobody?lang=pt")
    assert gone.get_json()["detail"] == "não há nenhuma árvore nobody"


def test_a_task_that_was_written_in_one_language_is_read_in_another(served):
    with served.at.store.writing() as session:
        says = say("task-of-this-tree", does=say("task-judge"))
        save_tasks(
            session,
            task_for(
                says,
                scope_id=served.tree_id,
                kind="frost-night-judge",
                due=TODAY,
                rule="frost-class/F2/judge-after",
            ),
        )
    for code, words in (("es", "Juzgue qué vive."), ("en", "Judge what lives.")):
        tree = served.client.get(f"/api/trees/{served.tree_id}?lang={code}").get_json()
        assert [t["does"] for t in tree["tasks"]] == [words]


def test_a_town_is_found_by_its_country_in_any_language_and_named_in_the_readers(served):
    for typed in ("Málaga, España", "Malaga, spain", "málaga, Espanha"):
        found = served.client.get("/api/places", query_string={"q": typed, "lang": "es"})
        assert found.get_json()["places"][0]["country"] == "España", typed
    found = served.client.get("/api/places", query_string={"q": "Málaga"})
    assert {"Spain", "Colombia"} <= {p["country"] for p in found.get_json()["places"]}


def test_notes_that_billhook_writes_itself_are_said_in_every_language():
    """Found in the code by how an entry of the log is made."""
    written = set()
    for file in Path(billhook.__file__).parent.joinpath("services").rglob("*.py"):
        for line in file.read_text(encoding="utf-8").splitlines():
            if re.match(r"\s+note=.*\"", line):
                written |= set(re.findall(r'"([^"]+)"', line))
    assert written == set(NOTED)
    assert {said(words, "es") for words in NOTED.values()}.isdisjoint(written)
