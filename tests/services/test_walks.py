"""A walk: every tap kept, taken up elsewhere, and ended once, with findings in working order."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.core.errors import InvalidInput
from billhook.services import planting, walks
from billhook.services.trees import tree_view
from billhook.services.workplace import open_workplace

from ..places import TODAY, new_id

FINE = {"before": "clear", "ripe": "none", "union": "clear", "below": "none", "dead": "none", "crossing": "none", "skirt": "fine", "sprouts": "none", "height": "fine",
        "crop": "fine"}  # fmt: skip


def walked(at, tree_id: str, **answers: str) -> walks.WalkView:
    view = walks.begin(at, tree_id, new_id())
    while view.at is not None:
        view = walks.give(at, view.walk.id, new_id(), view.at, answers.get(view.at, FINE[view.at]))
    return view


def test_every_answer_of_the_catalogue_can_be_given(know):
    for row in know.rows("walk-answers"):
        step, answer = know.text(f"walk-answers/{row}/step"), know.text(f"walk-answers/{row}/answer")
        assert row == f"{step}-{answer}"
        assert step in know.rows("walk-steps")
        work = know.text(f"walk-answers/{row}/work")
        assert work == "" or know.text(f"walk-answers/{row}/finding")
    assert {s: FINE[s] for s in know.rows("walk-steps")} == FINE


def test_nothing_to_cut_is_an_ending_with_its_date(garden):
    view = walked(garden.at, garden.tree_ids[0])
    assert (view.end.nothing, view.end.findings) == (True, ())
    assert TODAY < view.end.look_again <= TODAY + dt.timedelta(days=90)
    for _ in range(2):  # ended twice, once in effect
        done = walks.finish(garden.at, view.walk.id)
    assert done.walk.state == "done"
    tasks = [t for t in tree_view(garden.at, garden.tree_ids[0], TODAY, ("sucker",)).tasks if t.kind == "walk"]
    assert [(t.does, t.due) for t in tasks] == [("Walk the tree again", view.end.look_again)]
    assert view.next_tree == garden.tree_ids[1]


def test_findings_come_in_working_order_with_their_days(garden):
    view = walked(garden.at, garden.tree_ids[0], height="over", below="rubbed", union="bites")
    assert [(f.step, f.work) for f in view.end.findings] == [("union", ""), ("below", "sucker"), ("height", "height")]
    assert not view.end.nothing
    walks.finish(garden.at, view.walk.id)
    due = {t.due for t in tree_view(garden.at, garden.tree_ids[0], TODAY, ("sucker",)).tasks if t.kind == "walk"}
    assert due == {TODAY + dt.timedelta(days=60), TODAY + dt.timedelta(days=30)}


def test_every_tap_survives_the_server(garden, tmp_path):
    """After each answer the database is opened anew, as after a crash: the walk stands where it was."""
    walk_id = walks.begin(garden.at, garden.tree_ids[0], new_id()).walk.id
    for n, (step, answer) in enumerate(FINE.items()):
        walks.give(garden.at, walk_id, new_id(), step, answer)
        again = open_workplace(garden.at.settings)
        taken_up = walks.begin(again, garden.tree_ids[0], new_id())  # on another device
        again.store.close()
        assert taken_up.walk.id == walk_id
        assert len(taken_up.answers) == n + 1


def test_answers_are_changed_taken_back_and_sent_twice(garden):
    walk_id = walks.begin(garden.at, garden.tree_ids[0], new_id()).walk.id
    sent = new_id()
    for _ in range(2):
        walks.give(garden.at, walk_id, sent, "dead", "gum")
    assert walks.give(garden.at, walk_id, new_id(), "dead", "none").answers == {"dead": "none"}
    assert walks.give(garden.at, walk_id, new_id(), "dead", None).answers == {}
    for step, answer, at in (("dead", "purple", "/answer"), ("moon", "none", "/step")):
        with pytest.raises(InvalidInput) as refused:
            walks.give(garden.at, walk_id, new_id(), step, answer)
        assert refused.value.problems[0].pointer == at


def test_a_tree_on_its_own_roots_has_no_union_to_find(garden):
    row = planting.plant(garden.at, garden.site.id, "Casa", 1, 1, "guava", 2016, None, "own-rooted")
    view = walked(garden.at, row.tree_ids[0])
    assert {s.id: s.skipped.code for s in view.steps if s.skipped} == {"union": "own-roots", "below": "own-roots"}
    assert not {"union", "below"} & view.answers.keys()


def test_wasps_end_the_walk(garden):
    view = walked(garden.at, garden.tree_ids[0], before="wasps")
    assert (dict(view.answers), [f.again for f in view.end.findings]) == ({"before": "wasps"}, [TODAY + dt.timedelta(days=7)])
