"""A walk: every tap kept, taken up elsewhere, crossing answers shown, and ended once with findings,
cuts and days to come back.
"""

from __future__ import annotations

import datetime as dt

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.season.model import WORKS
from billhook.core.walk.findings import summary
from billhook.core.walk.questions import asked_next, opened
from billhook.services.book.logbook import log
from billhook.services.holding import planting
from billhook.services.plan import sheets
from billhook.services.season import stances
from billhook.services.tree import observing
from billhook.services.tree.views import tree_view
from billhook.services.walk import passing, rows, walks
from billhook.services.walk.passing import Passed
from billhook.services.workplace import open_workplace

from ...places import TODAY, new_id
from ...refusing import refusing
from .walking import FINE, findings, tasks, walked


def test_the_catalogue_s_walk_hangs_together(know):
    questions, answers = know.rows("walk-questions"), know.rows("walk-answers")
    for row in answers:
        question = know.text(f"walk-answers/{row}/question")
        assert row == f"{question}-{know.text(f'walk-answers/{row}/answer')}"
        assert question in questions
        assert know.text(f"walk-answers/{row}/work") in ("", *WORKS)
    for row in questions:
        assert know.text(f"walk-questions/{row}/step") in know.rows("walk-steps")
        after = know.get(f"walk-questions/{row}/after")
        opened_by = str(after.value).split() if after else []
        earlier = questions[: questions.index(row)]
        assert all(o in answers or o in earlier for o in opened_by), row
    for row in know.rows("walk-variants"):
        assert know.text(f"walk-variants/{row}/of") in answers
        assert know.text(f"walk-variants/{row}/work") in ("", *WORKS)


def test_nothing_to_cut_is_an_ending_with_its_date(garden):
    view = walked(garden.at, garden.tree_ids[0])
    assert (view.end.nothing, view.end.findings) == (True, ())
    assert TODAY < view.end.look_again <= TODAY + dt.timedelta(days=90)
    for _ in range(2):  # ended twice, once in effect
        done = walks.finish(garden.at, view.walk.id)
    assert done.walk.state == "done"
    assert [(t.does, t.due) for t in tasks(garden)] == [
        ("Walk the tree again", view.end.look_again)
    ]
    assert view.next_tree == garden.tree_ids[1]


def test_findings_come_in_working_order_with_their_days(garden):
    view = walked(
        garden.at,
        garden.tree_ids[0],
        height="over wide",
        below="rubbed",
        below_count="3",
        union="renew bites",
        union_mark="not",
        tie_gap="7",
    )
    assert findings(view) == [
        ("union-bites", None),
        ("union-mark-not", None),
        ("below-rubbed", None),
        ("height-over", "height"),
        ("height-wide", "thin"),
    ]
    assert not view.end.nothing
    bites = view.end.findings[0]
    assert "must come off by" in said(bites.reasons[0])
    assert TODAY < bites.again <= TODAY + dt.timedelta(days=60)
    walks.finish(garden.at, view.walk.id)
    assert {t.due for t in tasks(garden)} == {
        bites.again,
        TODAY + dt.timedelta(days=30),
    }  # the mark and the suckers on one day
    assert [(e.entry.work, e.entry.cuts) for e in log(garden.at, garden.tree_ids[0])] == [
        ("sucker", 3)
    ]


def test_a_tie_without_slack_comes_off_today(garden):
    bites = walked(garden.at, garden.tree_ids[0], union="bites", tie_gap="2").end.findings[0]
    assert (bites.reasons[0].code, bites.again) == ("tie-now", TODAY)


def test_every_tap_survives_the_server(garden):
    """After each answer the database is opened anew, as after a crash: the walk stands where it
    was.
    """
    view = walks.begin(garden.at, garden.tree_ids[0], new_id())
    walk_id, n = view.walk.id, 0
    while view.at is not None:
        walks.give(garden.at, walk_id, new_id(), view.at, FINE[view.at])
        n += 1
        again = open_workplace(garden.at.settings)
        view = walks.begin(again, garden.tree_ids[0], new_id())  # on another device
        again.store.close()
        assert (view.walk.id, len(view.answers)) == (walk_id, n)
    assert n == 11


def test_answers_are_changed_taken_back_and_sent_twice(garden):
    walk_id = walks.begin(garden.at, garden.tree_ids[0], new_id()).walk.id
    sent = new_id()
    for _ in range(2):
        walks.give(garden.at, walk_id, sent, "dead", "gum scale")
    assert walks.give(garden.at, walk_id, new_id(), "dead", "none").answers == {"dead": "none"}
    assert walks.give(garden.at, walk_id, new_id(), "dead", None).answers == {}
    wrong = [
        ("dead", "purple", "/answer"),
        ("moon", "none", "/question"),
        ("dead", "none gum", "/answer"),
        ("ripe", "none much", "/answer"),
        ("tie-gap", "-1", "/answer"),
        ("tie-gap", "wide", "/answer"),
        ("below-count", "2.5", "/answer"),
        ("thin-counts", "3 x", "/answer"),
        ("crop", "", "/answer"),
    ]
    for question, answer, at in wrong:
        with pytest.raises(InvalidInput) as refused:
            walks.give(garden.at, walk_id, new_id(), question, answer)
        assert refused.value.problems[0].pointer == at


def test_two_devices_meet_in_one_walk_and_their_crossing_answers_are_shown(garden):
    one, two = new_id(), new_id()
    walks.begin(garden.at, garden.tree_ids[0], one)
    first, second, third = new_id(), new_id(), new_id()
    walks.give(garden.at, one, first, "dead", "gum", "")
    view = walks.begin(
        garden.at, garden.tree_ids[0], two, TODAY - dt.timedelta(days=1)
    )  # begun without signal yesterday
    assert view.walk.id == one
    view = walks.give(garden.at, two, second, "dead", "none", "")  # its phone knew of no answer
    assert [(c.question, c.holds, c.other) for c in view.crossings] == [("dead", "gum", "none")]
    assert view.answers["dead"] == "gum"  # what came last does not win
    assert walks.give(garden.at, two, new_id(), "ripe", "none", "").crossings == view.crossings
    settled = walks.give(garden.at, one, third, "dead", "none", first)
    assert settled.crossings == ()
    assert settled.answers["dead"] == "none"
    with pytest.raises(InvalidInput):
        walks.begin(garden.at, garden.tree_ids[1], new_id(), TODAY + dt.timedelta(days=1))


def test_a_tree_on_its_own_roots_has_no_union_to_find(garden):
    row = planting.plant(garden.at, garden.site.id, "Casa", 1, 1, "guava", 2016, None, "own-rooted")
    view = walked(garden.at, row.tree_ids[0])
    assert {"union", "below"} <= {a.question.id for a in view.questions if a.question.skipped}
    assert not {"union", "below"} & view.answers.keys()


def test_wasps_end_the_walk(garden):
    view = walked(garden.at, garden.tree_ids[0], before="wasps")
    assert dict(view.answers) == {"form": "tree", "before": "wasps"}
    assert [f.again for f in view.end.findings] == [TODAY + dt.timedelta(days=7)]


def test_what_is_measured_goes_to_the_record(garden):
    tree_id = garden.tree_ids[1]
    view = walked(
        garden.at,
        tree_id,
        form="bush",
        union="renew",
        union_mark="paint",
        union_height="0.22",
        union_trunk="104",
        skirt="hides",
        ground="mulch",
    )
    assert "By your way of working the skirt stays" in next(
        said(f.text) for f in view.end.findings if f.answer == "skirt-hides"
    )
    walks.finish(garden.at, view.walk.id)
    after = tree_view(garden.at, tree_id, TODAY, ("sucker",))
    assert (after.record.stem.union_m, after.record.stem.union_mark) == (0.22, "paint, 24 Mar 2027")
    topic = next(t for t in stances.view(garden.at, "tree", tree_id) if t.topic == "form")
    assert (topic.in_force, topic.chosen_at) == ("to-the-ground", "block")
    again = walked(garden.at, tree_id)
    assert not {"form", "union-height", "union-trunk", "ground"} & again.answers.keys()


def test_frost_hurt_wood_is_not_called_dead_before_its_day(garden):
    tree_id = garden.tree_ids[0]
    observing.observe(
        garden.at, "tree", tree_id, "freeze_class", "F3", TODAY - dt.timedelta(days=40)
    )
    dead = next(
        f for f in walked(garden.at, tree_id, dead="dead").end.findings if f.answer == "dead-dead"
    )
    assert (dead.work, dead.cuts) == (None, ())
    assert "not called dead" in said(dead.text)
    assert dead.again > TODAY + dt.timedelta(days=30)


def test_a_school_decides_over_mined_leaves(garden):
    tree_id = garden.tree_ids[0]
    assert findings(walked(garden.at, tree_id, dead="miner")) == [("dead-miner", None)]
    stances.choose(garden.at, "tree", tree_id, "leaf-miner", "cut-leaves")
    assert findings(walks.begin(garden.at, tree_id, new_id())) == [("dead-miner", "tip")]


def test_named_limbs_become_a_sheet_in_one_tap(drawn):
    at, tree_id = drawn
    view = walked(
        at,
        tree_id,
        dead="dead",
        dead_limbs="d@0",
        below="shoot",
        below_outcome="waits",
        sucker_limbs="k@0",
        crossing="rub",
        rub_limbs="e1@0",
    )
    assert {c.limb for f in view.end.findings for c in f.cuts} == {"d", "k", "e1"}
    options = {o.limb: o for a in view.questions if a.question.id == "rub-limbs" for o in a.limbs}
    cost = next(c for c in view.cuts.answer.cuts if c.limb == "e1")
    assert options["e1"].share == pytest.approx(cost.share)
    assert options["e1"].fruit == cost.fruit_lost == 3
    assert view.cuts.verdict.work == "thin"
    sheet_id = new_id()
    for _ in range(2):
        walks.plan(at, view.walk.id, sheet_id)
    lines = sheets.sheet(at, sheet_id).lines
    assert [x.cut.limb_key for x in lines] == [
        "k",
        "d",
        "e1",
    ]  # sucker, dead, live: the order of the work
    with pytest.raises(InvalidInput):
        walks.give(at, view.walk.id, new_id(), "rub-limbs", "nowhere@0")


def test_a_walk_without_named_limbs_makes_no_sheet(garden):
    view = walked(garden.at, garden.tree_ids[0], crossing="rub")
    with pytest.raises(InvalidInput):
        walks.plan(garden.at, view.walk.id, new_id())


def test_a_row_is_walked_in_passing(garden):
    at, (first, second, *_) = garden.at, garden.tree_ids
    row = rows.row_of(at, first)
    assert [t.last for t in row.trees] == [None] * len(garden.tree_ids)
    sent = new_id()
    for _ in range(2):
        passing.quick(at, first, sent, Passed(suckers=3))
    passing.quick(at, second, new_id(), Passed())
    after = rows.row_walk(at, row.row_id)
    assert [(t.last.quick, t.last.state) for t in after.trees if t.last] == [(True, "done")] * 2
    assert [(e.entry.work, e.entry.cuts) for e in log(at, first)] == [("sucker", 3)]
    assert log(at, second) == []
    assert [len(tasks(garden, n)) for n in (0, 1)] == [1, 1]


def test_like_work_on_many_trees_is_one_tap(garden):
    at = garden.at
    young = planting.plant(at, garden.site.id, "Novo", 1, 3, "mandarin", TODAY.year - 1).tree_ids
    sent = new_id()
    for _ in range(2):
        assert passing.quick_many(at, young, sent, Passed(suckers=2, trained=True)) == 3
    for tree in young:
        done = {(e.entry.work, e.entry.cuts) for e in log(at, tree)}
        assert done == {("sucker", 2), ("young", None)}
    row = rows.row_of(at, young[0])
    assert {(t.last.quick, t.young) for t in row.trees} == {(True, True)}
    with refusing(InvalidInput, "young"):
        passing.quick_many(at, [young[0], garden.tree_ids[0]], new_id(), Passed(trained=True))
    passing.quick_many(at, garden.tree_ids[:2], new_id(), Passed())
    assert [log(at, t) for t in garden.tree_ids[:2]] == [[], []]


def test_the_form_is_asked_once_for_a_block_of_one_kind(garden):
    at = garden.at
    block = planting.plant(at, garden.site.id, "Novo", 1, 3, "mandarin", TODAY.year - 1)
    view = walked(at, block.tree_ids[0], form="bush")
    (form,) = [a for a in view.questions if a.question.id == "form"]
    assert "all 3 trees" in said(form.notes[-1])
    walks.finish(at, view.walk.id)
    other = walked(at, block.tree_ids[1])
    assert "form" not in other.answers
    # another kind in the block: each tree for itself
    planting.plant(at, garden.site.id, "Misto", 1, 1, "lemon", TODAY.year - 1)
    mixed = planting.plant(at, garden.site.id, "Misto", 2, 2, "mango", TODAY.year - 1).tree_ids
    walks.finish(at, walked(at, mixed[0], form="bush").walk.id)
    assert walked(at, mixed[1]).answers["form"] == "tree"


def test_a_young_tree_has_its_own_walk(garden):
    raised = planting.Like(origin="seedling")  # from a stone: it has no union
    young = planting.plant(
        garden.at, garden.site.id, "Novo", 1, 1, "mango", TODAY.year - 1, like=raised
    ).tree_ids[0]
    view = walked(
        garden.at,
        young,
        young_trunk="leaves thorns",
        young_pinch="overgrown",
        crop="young",
        load_fruit="4",
        load_trunk="20",
    )
    assert {"crossing", "height"} <= {a.question.id for a in view.questions if a.question.skipped}
    assert [f for f, _ in findings(view)] == [
        "young-trunk-leaves",
        "young-trunk-thorns",
        "young-pinch-overgrown",
        "crop-young",
    ]
    assert "take off" in said(view.end.findings[-1].reasons[0])


def test_a_pot_has_its_own_walk(garden):
    pot = planting.plant(
        garden.at,
        garden.site.id,
        "Patio",
        1,
        1,
        "meyer-lemon",
        TODAY.year - 6,
        None,
        "flying-dragon",
        pot_l=57,
        under_cover=True,
    ).tree_ids[0]
    view = walked(
        garden.at,
        pot,
        dead="tips",
        tips_stage="dead",
        tips_share="many",
        tips_cause="bound",
        pot_height="2.2",
        pot_room="2.4",
        pot_roots="bound",
    )
    words = " ".join(said(r) for f in view.end.findings for r in f.reasons)
    assert "0.55 m to 0.66 m off its 2.20 m" in words  # a quarter and a little more
    assert "it then stands 1.54 m tall" in words
    assert "too tall for its winter room" in words or "too tall for its pot" in words
    assert "kg" in words
    walks.finish(garden.at, view.walk.id)
    assert not {"pot-room", "pot-height"} & walked(garden.at, pot).answers.keys()


@given(st.lists(st.tuples(st.integers(0, 60), st.integers(0, 9)), max_size=40))
def test_no_order_of_answers_breaks_a_walk(know_walk, taps):
    """Whatever is answered in whatever order, the next question is open and unanswered, and
    findings keep the order of the work.
    """
    know, tree, questions = know_walk
    answers: dict[str, str] = {}
    for which, nth in taps:
        question = questions[which % len(questions)]
        answers[question.id] = (
            question.choices[nth % len(question.choices)].answer if question.choices else "later"
        )
        nxt = asked_next(questions, answers)
        assert nxt is None or nxt not in answers
        steps = [f.step for f in summary(know, tree, questions, answers).findings]
        assert steps == sorted(steps, key=know.rows("walk-steps").index)
        assert all(opened(q, answers) for q in questions if q.id == nxt)


def test_trees_in_one_hole_are_looked_at_as_one_the_tallest_first(garden):
    at = garden.at
    hole = planting.Like(together="hole")
    low, tall, middle = planting.plant(
        at, garden.site.id, "Horta", 1, 3, "lemon", 2015, like=hole
    ).tree_ids
    for tree, height in ((low, 2.0), (tall, 3.6), (middle, 2.8)):
        observing.observe(at, "tree", tree, "height_m", str(height), TODAY)
    view = walked(at, low)
    assert [t.tree_id for t in view.group.trees] == [tall, middle, low]
    assert view.next_tree == tall
    outgrown = [r for a in view.questions for r in a.notes if r.code in ("outgrown", "outgrows")]
    assert {said(r).split(" (")[0] for r in outgrown}  # who outgrows whom, at the height
    walks.finish(at, walked(at, tall).walk.id)
    walks.finish(at, view.walk.id)
    end = walks.begin(at, middle, new_id())
    assert [t.looked for t in end.group.trees] == [True, False, True]
    assert end.next_tree is None  # the last of the hole, and of its row
    assert walked(at, garden.tree_ids[0]).group is None
