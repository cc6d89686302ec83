"""What follows a plan: words by school and place, the pace of past visits, a ripe row sheared in
one pass, rows on the ground.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said
from billhook.core.frame.model import Cut
from billhook.services.book.pace import pace_of
from billhook.services.heights.row_lines import outline_of, row_bearing_deg, spacing_in_row
from billhook.services.holding import planting, setting_up
from billhook.services.plan import cutting, finishing, proposals, sheet_making, sheets, wishes
from billhook.services.plan.after import after_words
from billhook.services.season.desk import SeasonDesk
from billhook.services.season.one_pass import one_pass
from billhook.services.tree import framing, observing, views
from billhook.services.walk.tree import walked_tree
from billhook.store.trees import tree_record, tree_records

from ...places import TODAY, forked_frame, new_id

STANCE = {"wounds": "leave-open", "vigour": "mulch"}


def codes(found) -> list[str]:
    return [r.code for r in found]


def words(at, tree, share=0.1, stance=STANCE, dangers=(), fruit=0, species=None):
    with at.store.reading() as session:
        walked = walked_tree(at, session, tree_record(session, tree), TODAY).tree
    if species:
        walked = replace(walked, species=species, group=at.know.text(f"species/{species}/group"))
    return after_words(at.know, walked, stance, share, True, fruit, dangers)


def test_disease_and_quarantine_beat_every_other_place(drawn):
    at, tree = drawn
    plain, bound = words(at, tree), words(at, tree, dangers=["quarantine"])
    assert "after-vigour" in codes(plain)  # the school's mulch
    assert "fodder" in codes(plain)
    assert "after-quarantine" in codes(bound)
    assert not {"after-vigour", "fodder", "not-fodder"} & set(
        codes(bound)
    )  # nothing leaves, nothing is fed
    assert "property" in next(said(r) for r in bound if r.code == "after-quarantine")


def test_what_died_of_a_disease_is_no_mulch(drawn):
    at, tree = drawn
    with at.store.reading() as session:
        walked = walked_tree(at, session, tree_record(session, tree), TODAY).tree
    given = (at.know, walked, STANCE, 0.1, True, 0, ())
    assert "after-sick" not in codes(after_words(*given))
    sick = next(said(r) for r in after_words(*given, sick=True) if r.code == "after-sick")
    assert "never goes to mulch" in sick
    plan = proposals.plan_for(at, tree, wishes.Wish("tidy", TODAY))  # with its dead end
    assert "after-sick" in codes(plan.after)


def test_clippings_and_nitrogen_follow_the_tree_before_the_school(drawn):
    at, tree = drawn
    usual = at.know.number("species/mandarin/vigour")

    def said_of(stance, **of):
        with at.store.reading() as session:
            walked = walked_tree(at, session, tree_record(session, tree), TODAY).tree
        found = after_words(
            at.know, replace(walked, **of), STANCE | {"vigour": stance}, 0.1, True, 0, ()
        )
        text = " ".join(said(r) for r in found if r.code in ("after-vigour", "after-feed"))
        return "No nitrogen" in text, "mulch" in text

    assert said_of("mulch", vigour=usual) == (False, True)  # the school's way
    assert said_of("calm", vigour=usual) == (True, False)
    assert said_of("mulch", vigour=usual + 1) == (True, False)  # rank: it loses them
    assert said_of("calm", vigour=usual - 1) == (False, True)  # weak: it keeps them, and is fed
    assert said_of("calm", vigour=usual, pot_l=40.0) == (False, True)


def test_no_kind_is_both_fed_and_not(know):
    """One answer per kind: what may be fed names none of what may not."""
    may = know.text("after-words/animals/says").split("Not:")[0].lower()
    assert not [kind for kind in know.rows("not-fodder") if kind in may]


@pytest.mark.parametrize("species", ["avocado", "mango", "cherimoya"])
def test_prunings_that_harm_are_never_fed(drawn, species):
    at, tree = drawn
    found = words(at, tree, species=species)
    assert "not-fodder" in codes(found)
    assert "fodder" not in codes(found)


def test_feed_and_water_follow_the_leaf_that_is_left(drawn):
    at, tree = drawn
    light, hard = words(at, tree, 0.1), words(at, tree, 0.6)
    assert "as usual" in next(said(r) for r in light if r.code == "after-feed")
    assert "40 %" in next(said(r) for r in hard if r.code == "after-feed")
    calm = words(at, tree, 0.1, {"wounds": "paint", "vigour": "calm"})
    assert "No nitrogen" in next(said(r) for r in calm if r.code == "after-feed")
    assert "leave the site" in next(said(r) for r in calm if r.code == "after-vigour")
    assert next(r.school for r in calm if r.code == "after-wounds") == "wounds/paint"


def test_fruit_on_a_cut_is_picked_first_with_its_weight(drawn):
    at, tree = drawn
    found = words(at, tree, fruit=20)
    assert codes(found)[0] == "after-pick"
    assert "2.2 kg" in said(found[0])  # twenty mandarins of 110 g


def visit(at, tree, frame_id, limb, minutes, day):
    plan = sheet_making.make_sheet(at, tree, new_id(), [Cut(limb, 0.0)], "thin", day, frame_id)
    line = sheets.sheet(at, plan.id).lines[0]
    sheets.tick(at, plan.id, line.cut.id, new_id(), True, day, None, "")
    finishing.finish(at, plan.id, plan.version, day, minutes=minutes(float(plan.answer["minutes"])))
    return plan


def test_minutes_learn_from_past_visits(garden):
    at = garden.at
    for tree in garden.tree_ids[1:4]:
        with at.store.reading() as session:
            row = views.tree_view(at, tree, TODAY, ("thin",)).frame
            previous = row.row.id if row else None
            assert pace_of(session, at.know, garden.tree_ids[0]) is None  # not enough visits yet
        frame = framing.save_frame(at, tree, forked_frame(), previous, set(), TODAY)
        visit(at, tree, frame.id, "e1", lambda reckoned: 2 * reckoned, TODAY)
    with at.store.reading() as session:
        assert pace_of(session, at.know, garden.tree_ids[0]) == pytest.approx(2.0, rel=0.02)
    slow = cutting.preview(at, garden.tree_ids[0], [Cut("e1", 0.0)], "thin", TODAY)
    assert slow.pace == pytest.approx(2.0, rel=0.02)
    assert slow.minutes == pytest.approx(slow.pace * sum(a.minutes for a in slow.advice))
    made = sheet_making.make_sheet(
        at, garden.tree_ids[0], new_id(), [Cut("e1", 0.0)], "thin", TODAY, garden.frame_id
    )
    assert sheets.sheet(at, made.id).minutes == pytest.approx(slow.minutes, rel=0.01)


def test_a_ripe_row_due_for_shearing_is_one_pass(garden):
    at = garden.at
    with at.store.reading() as session:
        records = tree_records(session, row_id=garden.row_id)
        assert one_pass(at, session, records, "metric") is None  # no hedge
    block = views.tree_view(at, garden.tree_ids[0], TODAY, ("thin",)).record.block
    setting_up.describe_block(at, block.id, None, 0.0, False, "hedgerow")
    with at.store.reading() as session:
        records = tree_records(session, row_id=garden.row_id)
        desk = SeasonDesk(session, at, TODAY)
        ripe = any(
            e.name == "harvest" and e.start <= TODAY <= e.end
            for e in desk.season(records[0], ("sucker",)).events
        )
        due = desk.verdict(records[0], "hedge").status in ("go", "light")
        found = one_pass(at, session, records, "metric")
    assert (found is not None) is (ripe and due)
    observing.observe(
        at, "block", block.id, "harvest_start", (TODAY - dt.timedelta(days=10)).isoformat(), TODAY
    )
    observing.observe(
        at, "block", block.id, "harvest_end", (TODAY + dt.timedelta(days=20)).isoformat(), TODAY
    )
    with at.store.reading() as session:
        found = one_pass(at, session, tree_records(session, row_id=garden.row_id), "metric")
        due = SeasonDesk(session, at, TODAY).verdict(
            tree_records(session, row_id=garden.row_id)[0], "hedge"
        ).status in ("go", "light")
    assert (found is not None) is due
    if found is not None:
        assert found.trees == 5
        assert "one pass" in said(found.reason)


def test_a_row_on_the_ground_gives_bearing_spacing_and_wall(garden):
    at = garden.at
    planting.plant(at, garden.site.id, "Baixo", 2, 5, "mandarin", 2014, "clementine", "carrizo")
    with at.store.reading() as session:
        record = tree_record(session, garden.tree_ids[0])
        bearing, spacing = row_bearing_deg(session, record), spacing_in_row(at, session, record)
        pot = tree_record(session, garden.pot_id)
        assert row_bearing_deg(session, pot) is None  # alone in its row
        assert spacing_in_row(at, session, pot) == at.know.number("wall/spacing")
        walked = walked_tree(at, session, record, TODAY).tree
        wall = outline_of(at, session, record, walked, walked.frame, None, None)
        asked = outline_of(at, session, record, walked, walked.frame, 1.9, 0.8)
    assert bearing is not None
    assert 0 <= bearing < 180
    assert 1 < spacing < 8
    assert wall.half_m >= at.know.number("wall/thinnest")
    assert (asked.top_m, asked.half_m) == (1.9, 0.8)


@pytest.mark.parametrize(
    ("species", "answer"),
    [
        ("mandarin", "may go to goats"),
        ("loquat", "a few fresh leaves at most"),
        ("avocado", "none of it goes"),
        ("guava", "not known here"),
    ],
)
def test_one_answer_a_kind_on_fodder(drawn, species, answer):
    at, tree = drawn
    found = [r for r in words(at, tree, species=species) if r.code in ("fodder", "not-fodder")]
    assert len(found) == 1
    assert answer in said(found[0])


def test_a_frozen_and_a_fruiting_tree_are_fed_by_their_own_rules(drawn):
    at, tree = drawn
    with at.store.reading() as session:
        walked = walked_tree(at, session, tree_record(session, tree), TODAY).tree

    def feed(tree, **more):
        found = after_words(at.know, tree, STANCE, 0.1, True, 0, (), **more)
        (one,) = [said(r) for r in found if r.code == "after-feed"]
        return one

    assert "while its fruit hangs" in feed(walked, unfed=True)
    frozen = replace(walked, waiting_until=TODAY + dt.timedelta(days=30))
    assert "Hurt by frost" in feed(frozen)
    assert "as usual" in feed(walked)
