"""What a look found is work until it is done or let go; what it learned moves the verdict; a look
for one thing asks of that alone.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.book import taking_back
from billhook.services.book.book import Asked, book
from billhook.services.holding import planting
from billhook.services.plan import finishing, sheets
from billhook.services.season import settle
from billhook.services.season.calendar import calendar
from billhook.services.season.needs import needs
from billhook.services.season.today import fortnight
from billhook.services.tree import observing
from billhook.services.tree.views import tree_view
from billhook.services.walk import found, walks
from billhook.services.walk.view import walk_view
from billhook.store import logbook, places

from ...places import TODAY, new_id
from .walking import walked


def looked(garden, n: int = 1, **answers: str):
    view = walked(garden.at, garden.tree_ids[n], **answers)
    walks.finish(garden.at, view.walk.id)
    return view


def open_work(garden, n: int = 1):
    """Works that looks found on a tree, with their days."""
    with garden.at.store.reading() as session:
        return {t.work: t.due for t in logbook.found(session, garden.tree_ids[n])}


def due(garden, n: int = 1, day: dt.date = TODAY):
    """What Today says of a tree, by kind and work."""
    found = fortnight(garden.at, day)
    return {
        (i.kind, i.work)
        for i in (*found.late, *found.items)
        if any(r.tree.id == garden.tree_ids[n] for r in i.trees)
    }


def test_what_a_look_found_is_work_on_every_page_until_it_is_done(garden):
    looked(garden, dead="dead", crossing="rub")
    assert open_work(garden) == {"sanitation": TODAY, "thin": TODAY}
    assert {("found", "sanitation"), ("found", "thin")} <= due(garden)
    assert ("work", "thin") not in due(garden)  # said once
    assert {"sanitation", "thin"} <= {n.work for n in needs(garden.at, garden.tree_ids[1], TODAY)}
    assert "Of a rubbing pair" in calendar(garden.at).decode().replace("\r\n ", "")
    settle.done(garden.at, [garden.tree_ids[1]], "sanitation", TODAY, "", None, new_id(), 3)
    assert set(open_work(garden)) == {"thin"}
    (line,) = book(garden.at, Asked()).lines
    taking_back.take_back(garden.at, line.act)
    assert set(open_work(garden)) == {"sanitation", "thin"}


def test_what_today_forbids_waits_for_the_day_that_allows_it(garden):
    observing.observe(garden.at, "tree", garden.tree_ids[1], "condition", "wilting", TODAY)
    view = looked(garden, crossing="rub")
    verdict = view.may["thin"]
    assert (verdict.status, verdict.opens > TODAY) == ("wait", True)
    assert open_work(garden) == {"thin": verdict.opens}
    (need,) = [n for n in needs(garden.at, garden.tree_ids[1], TODAY) if n.work == "thin"]
    assert need.opens == verdict.opens
    assert ("found", "thin") in due(garden, day=verdict.opens)


def test_it_is_let_go_with_a_reason_or_when_a_later_look_does_not_find_it(garden):
    looked(garden, dead="dead", crossing="rub")
    with pytest.raises(InvalidInput):
        found.let_go(garden.at, [garden.tree_ids[1]], "crossing-rub", " ")
    with pytest.raises(InvalidInput):
        found.let_go(garden.at, [garden.tree_ids[1]], "thin", "that is no finding")
    assert found.let_go(garden.at, [garden.tree_ids[1]], "crossing-rub", "it may rub") == 1
    assert set(open_work(garden)) == {"sanitation"}
    looked(garden)  # nothing dead this time
    assert open_work(garden) == {}
    looked(garden, dead="dead")
    looked(garden, dead="dead")  # found twice, and still one
    assert len(open_work(garden)) == 1


def test_a_sheet_made_of_it_takes_it_along(garden):
    at, tree = garden.at, garden.tree_ids[0]
    view = walked(at, tree, crossing="rub", rub_limbs="e1@0", dead="dead", dead_limbs="d@0")
    sheet = walks.plan(at, view.walk.id, new_id())
    walks.finish(at, view.walk.id)
    assert set(open_work(garden, 0)) == {"thin", "sanitation"}
    kinds = {k for k, _ in due(garden, 0)}
    assert "sheet" in kinds
    assert "found" not in kinds  # it is on the sheet
    shown = sheets.sheet(at, sheet.id)
    for line in shown.lines:
        sheets.tick(at, sheet.id, line.cut.id, new_id(), True, TODAY, None, "")
    finishing.finish(at, sheet.id, shown.plan.version, TODAY)
    assert open_work(garden, 0) == {}


def test_what_was_done_before_the_look_ended_is_not_asked_for(garden):
    view = walked(garden.at, garden.tree_ids[1], crossing="rub", sprouts="big")
    settle.done(garden.at, [garden.tree_ids[1]], "thin", TODAY, "", None, new_id())
    walks.finish(garden.at, view.walk.id)
    assert set(open_work(garden)) == {"sprout"}


def test_one_finding_done_leaves_another_of_its_kind(garden):
    """Dead wood and a broken limb are both off any day, and two things."""
    at, tree = garden.at, garden.tree_ids[1]
    view = walked(at, tree, dead="dead broken", crossing="rub")
    settle.done(at, [tree], "sanitation", TODAY, "", None, new_id(), None, "dead-broken")
    assert walk_view(at, view.walk.id).done == {"dead-broken"}
    walks.finish(at, view.walk.id)  # on the spot, before the look ended
    with at.store.reading() as session:
        rules = {t.rule for t in logbook.found(session, tree)}
    assert rules == {"walk-answers/dead-dead/work", "walk-answers/crossing-rub/work"}
    settle.done(at, [tree], "sanitation", TODAY, "", None, new_id(), None, "dead-dead")
    assert set(open_work(garden)) == {"thin"}
    assert walk_view(at, view.walk.id).done == {"dead-broken", "dead-dead"}
    with pytest.raises(InvalidInput):
        settle.done(at, [tree], "thin", TODAY, "", None, new_id(), None, "nonsense")


def test_on_a_young_tree_what_is_found_is_training(garden):
    """Its window is that of training, on the look, on Today and on its page alike."""
    at = garden.at
    with at.store.reading() as session:
        site = places.sites(session)[0].id
    (young,) = planting.plant(at, site, "Novo", 1, 1, "lemon", TODAY.year - 1).tree_ids
    view = walked(at, young, young_pinch="reached", skirt="touch", ground="mulch")
    works = {f.work for f in view.end.findings}
    assert works == {"young"}
    assert "in order" not in said(view.end.reasons[0])  # it is not
    page = next(v for v in tree_view(at, young, TODAY).verdicts if v.work == "young")
    assert view.may["young"].sentence == page.sentence


def test_what_a_look_learns_moves_the_verdict(garden):
    at, tree = garden.at, garden.tree_ids[1]

    def codes():
        return {r.code for v in tree_view(at, tree, TODAY).verdicts for r in v.reasons}

    assert "leafless" not in codes()
    looked(garden, crop="off", dead="leafless", leafless_why="drought")
    seen = {k: o.value for k, o in tree_view(at, tree, TODAY).seen.items()}
    assert (seen["fruit_on"], seen["condition"]) == ("light", "leafless")
    assert "leafless" in codes()


def test_a_look_for_one_thing_asks_of_that_alone(garden):
    at, tree = garden.at, garden.tree_ids[1]
    view = walks.begin(at, tree, new_id(), look="suckers")
    assert {q.question.id for q in view.questions if not q.question.after} == {"below"}
    view = walks.give(at, view.walk.id, new_id(), "below", "none")
    assert view.at is None
    again = walks.look_for(at, view.walk.id, "full")  # minds changed, nothing lost
    assert (again.answers, again.at) == ({"below": "none"}, "form")
    for wrong in (walks.look_for, lambda at, _, look: walks.begin(at, tree, new_id(), None, look)):
        with pytest.raises(InvalidInput):
            wrong(at, view.walk.id, "everything")
    pot = walks.begin(at, garden.pot_id, new_id())
    assert "before" not in {q.question.id for q in pot.questions}  # no snakes on a window sill
    assert {x.id for x in pot.looks} >= {"full", "pot", "fruit"}
    assert "storm" not in {x.id for x in pot.looks}


def test_rank_growth_is_a_fact_that_the_tree_and_its_work_go_by(garden):
    at, tree = garden.at, garden.tree_ids[1]
    before = tree_view(at, tree, TODAY)
    looked(garden, crop="rank")
    after = tree_view(at, tree, TODAY)
    usual = int(at.know.number("species/mandarin/vigour"))
    assert after.seen["vigour"].value == str(usual + 1)

    def codes(view, work):
        return {r.code for v in view.verdicts if v.work == work for r in v.reasons}

    lemon = planting.plant(at, garden.site.id, "Novo", 1, 1, "lemon", 2014).tree_ids[0]
    assert "rank" not in codes(tree_view(at, lemon, TODAY), "thin")  # as rank as can be, as usual
    walks.finish(at, walked(at, lemon, crop="rank").walk.id)
    assert "rank" in codes(tree_view(at, lemon, TODAY), "thin")
    for work, code in (("thin", "rank"), ("tip", "rank-shear"), ("hedge", "rank-shear")):
        assert code in codes(after, work), work
        assert code not in codes(before, work)


@pytest.mark.parametrize(
    ("bark", "status", "words"),
    [
        (None, "wait", "scratch the bark"),
        ("tips", "wait", "green to its tips"),
        ("part", "wait", "green part of the way"),
        ("base", "wait", "green only near its foot"),
        ("none", "stop", "brown all along"),
    ],
)
def test_a_leafless_pot_is_scratched_without_a_frost_and_the_verdict_follows(
    garden, bark, status, words
):
    """A lemon in a pot that lost its leaves in a cold room; nobody drew it, no frost hurt it."""
    at, pot = garden.at, garden.pot_id
    given = {"leafless_scratch": bark} if bark else {}
    view = walked(at, pot, dead="leafless", leafless_why="cold", **given)
    walks.finish(at, view.walk.id)
    said_of = {v.work: v for v in tree_view(at, pot, TODAY).verdicts}
    verdict = said_of["pot"]
    assert verdict.status == status
    assert words in " ".join(said(r) for r in verdict.reasons).lower()
    # dead wood is told from live by the scratch, not by its look
    assert (said_of["sanitation"].status == "go") == (bark is not None)


def test_a_day_to_come_back_asks_what_it_rests_on_and_comes_again_where_it_is_not_so(garden):
    looked(garden, crossing="whips")
    day = TODAY + dt.timedelta(days=45)

    def item(on):
        found = fortnight(garden.at, on)
        return next(i for i in (*found.late, *found.items) if i.kind == "come-back")

    due = item(day)
    assert (said(due.asks), (due.ask_again - day).days) == ("Has its flush hardened?", 21)
    settle.put_task_off(garden.at, due.task.id, due.task.version, due.ask_again, "not yet", day)
    assert item(due.ask_again).last_good == due.ask_again


def test_a_cleaned_trunk_is_logged_with_its_guard_and_the_day_to_open_it(garden):
    at = garden.at
    young = planting.plant(at, garden.site.id, "Novo", 1, 1, "mandarin", TODAY.year - 1)
    view = walked(at, young.tree_ids[0], young_trunk="cleaned", trunk_guard="wrap")
    walks.finish(at, view.walk.id)
    after = tree_view(at, young.tree_ids[0], TODAY)
    assert [(e.work, e.note) for e in after.log] == [("young", "trunk cleaned, guard put on")]
    (open_it,) = [t for t in after.tasks if "open it" in t.does]
    assert (open_it.due - TODAY).days == 60


@pytest.mark.parametrize(
    ("question", "answer", "kind", "value"),
    [
        ("crop", "set", "fruit_on", "full"),
        ("crop", "none", "fruit_on", "none"),
        ("crop", "off", "fruit_on", "light"),
        ("ripe", "picked", "harvest_end", TODAY.isoformat()),
        ("dead", "moved", "condition", "transplanted"),
    ],
)
def test_what_a_look_learns_is_a_fact_of_the_tree(garden, question, answer, kind, value):
    looked(garden, **{question: answer})
    assert tree_view(garden.at, garden.tree_ids[1], TODAY).seen[kind].value == value


def test_shoots_on_the_trunk_come_before_crossing_wood(garden):
    view = looked(garden, crossing="rub", sprouts="big", dead="dead")
    assert [f.step for f in view.end.findings] == ["dead", "sprouts", "crossing"]
