"""Answers are in the language that a link names, or that the reader asks for and that says all."""

from __future__ import annotations

from dataclasses import replace

from billhook.catalogue.languages import languages
from billhook.core.words.tongue import FIRST, spoken

from ..places import new_id
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
