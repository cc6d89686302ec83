"""Work made without a plan sets the same days to come back as a sheet does."""

from __future__ import annotations

import datetime as dt

from billhook.catalogue.wording import said
from billhook.core.cuts.comeback import come_backs_of
from billhook.core.frame import counting
from billhook.services.book import come_back, logbook, taking_back
from billhook.services.book.book import Asked, book
from billhook.services.plan import counted
from billhook.services.season import needs, settle
from billhook.services.season.desk import SeasonDesk
from billhook.services.season.today import fortnight
from billhook.services.tree import observing
from billhook.store import logbook as kept
from billhook.store.trees import tree_record

from ...places import TODAY, new_id


def looks(at, scope_id: str) -> list[tuple[str, int]]:
    with at.store.reading() as session:
        return [(t.kind, (t.due - TODAY).days) for t in kept.tasks(session, scope_id)]


def log(garden, work: str, day: dt.date = TODAY, **more):
    return logbook.log_past_work(garden.at, garden.tree_ids[0], new_id(), day, work, **more)


def test_thinned_today_it_is_looked_at_for_sprouts_and_trimmed_again(garden):
    at, tree = garden.at, garden.tree_ids[0]
    log(garden, "thin", share=0.1)
    assert looks(at, tree) == [("sprout", 45), ("trim", 90)]
    told = [said(n.says) for n in needs.needs(at, tree, TODAY)]
    assert any(x.startswith("Rub off the sprouts") for x in told)
    (line,) = book(at, Asked()).lines
    taking_back.take_back(at, line.act)
    assert looks(at, tree) == []


def test_work_of_long_ago_asks_for_nothing_and_a_correction_for_nothing_more(garden):
    at, tree = garden.at, garden.tree_ids[0]
    log(garden, "thin", TODAY - dt.timedelta(days=400))
    assert looks(at, tree) == []
    # begun two months ago, only what is still to come; in bloom nothing is tipped, so it waits
    log(garden, "thin", TODAY - dt.timedelta(days=60))
    assert looks(at, tree) == [("trim", 54)]
    wrong = log(garden, "tip")
    # the trim of the earlier visit is still to be made
    both = [("breaks", 28), ("trim", 54), ("trim", 90)]
    assert looks(at, tree) == both
    log(garden, "tip", corrects=wrong.id, note="the other side too")
    assert looks(at, tree) == both


def test_the_second_trim_waits_for_a_day_that_allows_it(garden):
    """Thinned in early September, it would be trimmed in the month before the frost."""
    at, tree = garden.at, garden.tree_ids[0]
    day = dt.date(TODAY.year, 9, 3)
    with at.store.reading() as session:
        desk = SeasonDesk(session, at, day)
        then = come_back.then_of(desk, tree_record(session, tree))
        due = {b.kind: b.due for b in come_backs_of("thin", then, at.know)}
        season = SeasonDesk(session, at, due["trim"]).verdict(tree_record(session, tree), "tip")
    assert due["sprout"] == day + dt.timedelta(days=45)
    assert due["trim"] > day + dt.timedelta(days=90)
    assert season.status == "go"


def test_the_same_look_is_one_and_comes_later(garden):
    for days in (50, 0):  # below the union it was looked at meanwhile
        log(garden, "sucker", TODAY - dt.timedelta(days=days))
    assert looks(garden.at, garden.tree_ids[0]) == [("sucker", 75)]
    for days in (5, 0):  # thinned over two days
        log(garden, "thin", TODAY - dt.timedelta(days=days))
    assert looks(garden.at, garden.tree_ids[0]) == [("sprout", 45), ("sucker", 75), ("trim", 90)]


def test_counted_cuts_set_them_too(garden):
    at, tree = garden.at, garden.tree_ids[1]
    observing.observe(at, "tree", tree, "trunk_mm", "120", TODAY)
    dead, live = (counting.counted(at.know, "thumb", 2, False, dead=d) for d in (True, False))
    counted.log_counted(at, tree, new_id(), TODAY, "skeleton", [dead])
    assert looks(at, tree) == []
    counted.log_counted(at, tree, new_id(), TODAY, "skeleton", [dead, live])
    (first, soon), (second, spring) = looks(at, tree)
    assert (first, soon, second) == ("hard", 45, "hard")
    assert (TODAY + dt.timedelta(days=spring)).month in (3, 4)  # the first flush of the next year
    assert spring > 330


def test_a_row_done_whole_is_one_look_in_today(garden):
    at, trees = garden.at, garden.tree_ids
    settle.done(at, trees, "sucker", TODAY, "", None, new_id())
    with at.store.reading() as session:
        (task,) = [t for t in kept.tasks(session) if t.kind == "sucker"]
    assert task.scope == "row"
    (item,) = [i for i in fortnight(at, task.due).items if i.task and i.task.id == task.id]
    assert len(item.trees) == len(trees)
    settle.done(at, trees[:1], "thin", TODAY, "", None, new_id())
    assert looks(at, trees[0]) == [("sprout", 45), ("trim", 90)]
