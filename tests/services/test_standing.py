"""What is kept in memory of the holding is what is written, after whatever was done and undone."""

from __future__ import annotations

import datetime as dt
import random
import uuid

import pytest

from billhook.core.errors import BillhookError
from billhook.services.book import taking_back
from billhook.services.heights import aims
from billhook.services.holding import planting, setting_up
from billhook.services.holding.grove_lines import grove_lines
from billhook.services.season import settle, stances, today
from billhook.services.tree import framing, observing, put_right, records
from billhook.store.acts import Doing, doing, new_id
from billhook.store.standing import whole
from billhook.store.trees import tree_record, tree_records

from ..places import TODAY


def kept_and_true(at):
    with at.store.reading() as session:
        kept = at.standing(session)
        return kept, whole(session, kept.mark)


def version(at, tree_id: str) -> int:
    with at.store.reading() as session:
        return tree_record(session, tree_id).tree.version


class Grower:
    """Somebody who does whatever comes to mind; the same seed, the same things."""

    def __init__(self, garden, seed: int) -> None:
        self.at, self.garden, self.any = garden.at, garden, random.Random(seed)
        self.acts: list[str] = []

    def tree(self) -> str:
        with self.at.store.reading() as session:
            return self.any.choice([r.tree.id for r in tree_records(session)])

    def does(self) -> None:
        what = self.any.choice(sorted(n for n in dir(self) if n.startswith("may_")))
        act = Doing(new_id(), what)
        with doing(act):
            getattr(self, what)()
        if act.seq is not None and what != "may_take_back":
            self.acts.append(act.id)

    def may_see(self):
        kind, value = self.any.choice(
            [("vigour", "2"), ("fruit_on", "full"), ("flush_start", "2027-03-20"), ("vigour", "3")]
        )
        observing.observe(self.at, "tree", self.tree(), kind, value, TODAY)

    def may_see_a_block(self):
        with self.at.store.reading() as session:
            block = tree_record(session, self.tree()).block.id
        observing.observe(self.at, "block", block, "harvest_end", "2027-02-01", TODAY)

    def may_work(self):
        request = str(uuid.UUID(int=self.any.getrandbits(128)))
        trees = [self.tree(), self.tree()]
        settle.done(self.at, list(dict.fromkeys(trees)), "sucker", TODAY, "", 5.0, request)

    def may_put_off(self):
        later = TODAY + dt.timedelta(days=9)
        settle.put_off(self.at, [self.tree()], "thin", later, "rain", TODAY)

    def may_sketch(self):
        framing.sketch_tree(self.at, self.tree(), 2.0 + self.any.random(), 2.4, 90, TODAY)

    def may_plant(self):
        like = planting.Like(height_m=2.2)
        row = self.any.choice([1, 2, "east"])
        planting.plant(
            self.at, self.garden.site.id, "Alto", row, 2, "lemon", 2019, "eureka", like=like
        )

    def may_lose(self):
        tree = self.tree()
        records.remove_tree(self.at, tree, version(self.at, tree), TODAY)

    def may_change(self):
        tree = self.tree()
        year = self.any.randint(2005, 2024)
        records.change_tree(self.at, tree, version(self.at, tree), {"planted_year": year})

    def may_move(self):
        tree = self.tree()
        put_right.put_at(self.at, tree, version(self.at, tree), self.any.random() * 40, 3.0)

    def may_want(self):
        aims.say_aims(self.at, [self.tree()], 2.0 + self.any.random())

    def may_choose(self):
        stances.choose(self.at, "tree", self.tree(), "timing", "after-harvest")

    def may_describe(self):
        with self.at.store.reading() as session:
            block = tree_record(session, self.tree()).block.id
        setting_up.describe_block(self.at, block, 2.6, -self.any.random(), False)

    def may_take_back(self):
        if self.acts:
            taking_back.take_back(self.at, self.acts.pop(), also=True)


@pytest.mark.parametrize("seed", range(6))
def test_whatever_is_done_what_is_kept_is_what_is_written(garden, seed):
    grower, done = Grower(garden, seed), 0
    for _ in range(40):
        try:
            grower.does()
            done += 1
        except BillhookError:
            pass  # it could not be done: then nothing of it may be seen either
        kept, true = kept_and_true(garden.at)
        assert kept == true
        # and trees that are told the same rest on the same
        assert {kept.alike(r) for r in kept.records} == {true.alike(r) for r in true.records}
    assert done > 25


def test_what_a_writer_has_not_finished_is_seen_by_nobody_else(garden):
    at = garden.at
    before, _ = kept_and_true(at)

    def stops_half_way():
        with at.store.writing() as session:
            record = tree_record(session, garden.pot_id)
            record.tree.planted_year = 1999
            session.flush()
            assert at.standing(session).by_tree[garden.pot_id].tree.planted_year == 1999
            assert kept_and_true(at)[0] == before
            raise RuntimeError

    with pytest.raises(RuntimeError):
        stops_half_way()
    assert kept_and_true(at)[0] == before


def test_a_tree_alone_among_its_like_is_told_what_it_would_be_told_by_itself(garden):
    """Of trees alike one stands for all: so each, asked alone, must be told the same."""
    grower = Grower(garden, 11)
    for _ in range(25):
        try:
            grower.does()
        except BillhookError:
            continue
    told: dict[str, set] = {}
    for item in today.fortnight(garden.at, TODAY).items:
        for record in item.trees:
            told.setdefault(record.tree.id, set()).add((item.kind, item.work, item.says))
    alone: dict[str, set] = {}
    with garden.at.store.reading() as session:
        rows = {r.row.id for r in tree_records(session)}
    for row in rows:
        for item in today.fortnight(garden.at, TODAY, within=row).items:
            for record in item.trees:
                alone.setdefault(record.tree.id, set()).add((item.kind, item.work, item.says))
    assert told == alone
    assert len(told) > 3


def test_since_an_answer_only_what_differs_is_told(garden):
    at, tree = garden.at, garden.tree_ids[2]
    first = grove_lines(at, TODAY)
    assert grove_lines(at, TODAY, first.mark).lines == []
    settle.done(at, [tree], "sucker", TODAY, "", None, new_id())
    framing.sketch_tree(at, tree, 2.9, 2.4, 90, TODAY)
    then = grove_lines(at, TODAY, first.mark)
    assert (then.since, [line.id for line in then.lines]) == (first.mark, [tree])
    records.remove_tree(at, garden.pot_id, version(at, garden.pot_id), TODAY)
    assert grove_lines(at, TODAY, then.mark).gone == (garden.pot_id,)
    planting.plant(at, garden.site.id, "Alto", 3, 1, "lemon", 2019, "eureka")
    whole_again = grove_lines(at, TODAY, first.mark)  # a new one has a place among the others
    assert (whole_again.since, len(whole_again.lines)) == (None, 6)
