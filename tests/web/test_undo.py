"""Every write can be taken back, and put back: row for row as it was; what later work stands on is
refused, named, and taken back together when asked.
"""

from __future__ import annotations

import re

from billhook.services.book.act_words import call_of

from ..catalogue.test_wording import BY_CALL, MESSAGES
from ..places import new_id
from .bodies import ID, resources
from .writer import PARTS, Writer, first_cut, standing, undo, version, write, writes

# What a write leaves as it is, with the reason: it asks by POST because the question is long.
ASKS = {
    "POST /api/climates/nearest",
    "POST /api/plantings/understand",
    "POST /api/stances/effect",
    "POST /api/crew/try",
    "POST /api/trees/{id}/preview",
    "POST /api/trees/{id}/shoot",
    "POST /api/trees/{id}/plan",
    "POST /api/trees/{id}/recipe",
    "POST /api/trees/{id}/count",
    "POST /api/blocks/count-out",
    "POST /api/blocks/{id}/lie",
    "POST /api/blocks/{id}/section",
    "POST /api/blocks/{id}/schools",
    "POST /api/blocks/{id}/hedging-round",
    "POST /api/trees/{id}/schools",
    "POST /api/trees/{id}/envelope",
    "POST /api/trees/{id}/grown",
    "POST /api/trees/{id}/rehearse",
    "POST /api/trees/{id}/rehearse/range",
    "POST /api/practice/trees/{id}/debrief",
}
# Writes without an undo, and why; at most six.
WITHOUT: dict[str, str] = {
    "POST /api/demo": "puts the demo on another day; put back on the day before by the same",
    "POST /api/backups": "keeps a copy more; nothing of the holding changes",
}


def test_every_write_is_taken_back_and_put_back(served):
    do = Writer(served)
    for part in PARTS:
        part(do)
    assert do.known - do.seen - ASKS - set(WITHOUT) == set()
    assert len(WITHOUT) <= 6


def test_every_write_has_its_words_and_no_other(served):
    lines = (MESSAGES / "acts.ftl").read_text(encoding="utf-8").splitlines()
    named = {x.split(" = ")[0] for x in lines if x.startswith(BY_CALL)}
    wanted = {
        f"act-{call_of(re.sub('{.*?}', ID, w))}" for w in writes(served) - ASKS - set(WITHOUT)
    }
    assert named == wanted


def test_what_stands_on_it_is_named_and_goes_with_it(served):
    tree, first = f"/api/trees/{served.tree_id}", new_id()
    good = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)
    before = standing(served)
    write(served, f"POST {tree}/sheets", good[f"POST {tree}/sheets"], ID)
    write(served, first_cut(served), {"id": new_id(), "done": True}, new_id())
    write(served, f"POST /api/sheets/{ID}/finish", {"version": 1, "who": "first helper"}, first)
    refused = undo(served, ID)
    assert refused.status_code == 409
    assert [a["said"] for a in refused.get_json()["stands_on"]] == [
        "Sheet of Baixo 4·1 finished",
        "Cut ticked on Baixo 4·1",
    ]
    gone = undo(served, ID, also=True).get_json()["acts"]
    assert [a["said"] for a in gone] == [
        "Sheet for Baixo 4·1 made",
        "Sheet of Baixo 4·1 finished",
        "Cut ticked on Baixo 4·1",
    ]
    assert standing(served) == before
    assert undo(served, ID).status_code == 400  # taken back already


def test_the_book_says_what_was_taken_back_and_where_an_entry_went(served):
    tree = f"/api/trees/{served.tree_id}"
    body = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)
    moved, back, again = new_id(), new_id(), new_id()
    logged = write(served, f"POST {tree}/log", body[f"POST {tree}/log"], new_id())
    write(served, f"PUT /api/log/{logged['id']}", {"tree_id": served.bare_id}, moved)
    undo(served, moved, mine=back)
    undo(served, back, mine=again)
    done, gone = new_id(), new_id()
    at_two = body["POST /api/today/done"] | {"tree_ids": [served.tree_id, served.bare_id]}
    write(served, "POST /api/today/done", at_two, done)
    undo(served, done, mine=gone)
    newest, before, *told = [a["said"] for a in served.client.get("/api/acts").get_json()["acts"]]
    assert (newest, before) == ("Taken back: Done at 2 trees", "Done at 2 trees")
    name = served.client.get(f"/api/trees/{served.bare_id}").get_json()["name"]
    assert told[:3] == [
        f"Put back: Entry given to {name}",
        f"Taken back: Entry given to {name}",
        f"Entry given to {name}",
    ]


def test_two_that_changed_the_same_field_are_told_apart_from_two_that_did_not(served):
    tree, name, pot, again = f"PATCH /api/trees/{served.tree_id}", new_id(), new_id(), new_id()
    for act, change in ((name, {"name": "By the gate"}), (pot, {"pot_l": 60})):
        write(served, tree, {"version": version(served, tree), **change}, act)
    assert undo(served, name).status_code == 200  # the pot stays
    now = served.client.get(f"/api/trees/{served.tree_id}").get_json()
    assert (now["name"], now["pot_l"]) == ("Baixo 4·1", 60)
    write(served, tree, {"version": version(served, tree), "pot_l": 90}, again)
    refused = undo(served, pot).get_json()
    assert [a["id"] for a in refused["stands_on"]] == [again]
    assert served.client.get(f"/api/trees/{served.tree_id}").get_json()["pot_l"] == 90


def test_what_was_written_before_changes_were_kept_is_said_so(served):
    with served.at.store.reading() as session:
        act = session.connection().exec_driver_sql("SELECT id FROM act LIMIT 1").scalar()
    with served.at.store.writing() as session:
        session.connection().exec_driver_sql("DELETE FROM change")
    answer = undo(served, act)
    assert answer.status_code == 409
    assert "put it right where it stands" in answer.get_json()["detail"]
    assert undo(served, new_id()).status_code == 404


def test_a_kind_of_ones_own_is_gone_from_what_is_known(served):
    good = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)
    act = new_id()
    write(served, "POST /api/species", good["POST /api/species"], act)
    assert "own-feijoa" in served.at.know.rows("species")
    undo(served, act)
    assert "own-feijoa" not in served.at.know.rows("species")
