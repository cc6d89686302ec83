"""The Book: entries asked for, what they come to, and taking one back."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.services.book import harvests, logbook, taking_back
from billhook.services.book.book import Asked, book
from billhook.services.tree import views
from billhook.store.trees import tree_record

from ...places import TODAY, new_id


def done(garden, nth: int, day: dt.date = TODAY, **more):
    given = {"date": day, "work": "thin", "share": 0.1, "minutes": 30} | more
    return logbook.log_past_work(garden.at, garden.tree_ids[nth], new_id(), **given)


def test_entries_asked_for_and_what_they_come_to(garden):
    done(garden, 0, who="first helper")
    done(garden, 1, TODAY - dt.timedelta(days=40), work="sucker", share=0.0, who="second helper")
    wrong = done(garden, 2, share=0.15)
    done(garden, 2, share=0.05, minutes=60, corrects=wrong.id)
    harvests.pick(garden.at, new_id(), "tree", garden.tree_ids[0], TODAY, 38.5, "first helper")

    def sums(**asked):
        found = book(garden.at, Asked(**asked)).sums
        return found.entries, found.trees, found.hours, found.kg

    assert sums() == (3, 3, 2.0, 38.5)  # what was corrected counts once
    assert sums(work="sucker") == (1, 1, 0.5, 0.0)
    assert sums(who="first helper") == (1, 1, 0.5, 38.5)
    assert sums(first=TODAY) == (2, 2, 1.5, 38.5)
    assert sums(last=TODAY - dt.timedelta(days=1)) == (1, 1, 0.5, 0.0)
    assert book(garden.at, Asked()).people == ("first helper", "second helper")
    assert book(garden.at, Asked()).sums.share == pytest.approx((0.1 + 0.0 + 0.05) / 3)
    (picked,) = book(garden.at, Asked()).picked
    assert (picked.where, picked.kg, picked.who) == ("Baixo 1·1", 38.5, "first helper")
    assert book(garden.at, Asked(who="second helper")).picked == ()
    assert book(garden.at, Asked(block_id="another")).lines == ()
    with garden.at.store.reading() as session:
        kind = tree_record(session, garden.tree_ids[0]).tree.species
    assert len(book(garden.at, Asked(species=kind)).lines) == 4
    other = book(garden.at, Asked(species="lychee"))
    assert (other.lines, other.picked) == ((), ())


def test_an_entry_that_is_not_so_is_taken_back_with_what_it_closed(garden):
    done(garden, 0, share=0.12)
    assert views.tree_view(garden.at, garden.tree_ids[0], TODAY).used_share == pytest.approx(0.12)
    (line,) = book(garden.at, Asked()).lines
    taken = taking_back.take_back(garden.at, line.act)
    assert book(garden.at, Asked()).lines == ()
    assert views.tree_view(garden.at, garden.tree_ids[0], TODAY).used_share == 0
    newest = taking_back.newest(garden.at)
    assert [a.taken_back for a in newest[:2]] == [False, True]
    taking_back.take_back(garden.at, taken.act)
    assert len(book(garden.at, Asked()).lines) == 1


def test_work_that_costs_no_leaf_says_so_though_nobody_reckoned_it(garden):
    for nth, work in enumerate(("sucker", "sanitation", "thin")):
        logbook.log_past_work(garden.at, garden.tree_ids[nth], new_id(), TODAY, work)
    shares = {line.entry.work: line.share for line in book(garden.at, Asked()).lines}
    assert shares == {"sucker": 0, "sanitation": 0, "thin": None}
