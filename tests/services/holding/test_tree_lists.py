"""Lists of trees are worked out beside the others' work; putting ten thousand down makes nobody
wait long.
"""

from __future__ import annotations

import threading
import time

import pytest

from billhook.catalogue.wording import said
from billhook.formats.tree_csv import TreeLine, write_trees
from billhook.services.book import logbook
from billhook.services.holding import planting, tree_lists
from billhook.services.holding.grove import grove
from billhook.services.tree import framing
from billhook.store import frames
from billhook.store.trees import tree_records

from ...places import TODAY, new_id


def lines(block: str, rows: int, each: int) -> str:
    return write_trees(
        TreeLine(block, r, n, "mandarin", 2014, "clementine", "carrizo", None, 0.2, 3.2, 3.0, 110.0)
        for r in range(1, rows + 1)
        for n in range(1, each + 1)
    )


def test_a_list_is_put_down_as_one_tree_after_the_other_would_be(garden):
    at = garden.at
    tree_lists.import_trees(at, garden.site.id, lines("Alto", 2, 3), save=True)
    found = {t.record.name: t for t in grove(at, TODAY).trees}
    assert [
        (found[f"Alto 1·{n}"].record.place.x, found[f"Alto 1·{n}"].record.place.y) for n in (1, 2)
    ] != [(0, 0), (0, 0)]
    by_hand = planting.plant(
        at, garden.site.id, "Casa", 1, 1, "mandarin", 2014, "clementine", "carrizo"
    ).tree_ids[0]
    framing.sketch_tree(at, by_hand, 3.2, 3.0, 110.0, TODAY)
    with at.store.reading() as session:
        listed = next(r for r in tree_records(session) if r.name == "Alto 2·3")
        frame = frames.current_row(session, listed.stem.id)
        assert (frame.seq, frame.origin, frame.date, frame.union_m) == (1, "sketched", TODAY, 0.2)
        assert len(frames.frame_of(session, frame)[0].limbs) >= 6
        assert (listed.cultivar, listed.stem.rootstock) == ("clementine", "carrizo")
    steps = [
        found[f"Alto 1·{n + 1}"].record.place.x - found[f"Alto 1·{n}"].record.place.x
        for n in (1, 2)
    ]
    assert steps[0] == pytest.approx(steps[1])
    assert found["Alto 2·1"].record.place.y < found["Alto 1·1"].record.place.y


def test_others_write_while_a_long_list_comes_in(garden):
    at, waited, stop = garden.at, [], threading.Event()

    def write() -> None:
        while not stop.is_set():
            begun = time.monotonic()
            logbook.log_past_work(at, garden.tree_ids[0], new_id(), TODAY, "sucker")
            waited.append(time.monotonic() - begun)

    writer = threading.Thread(target=write)
    writer.start()
    made = tree_lists.import_trees(at, garden.site.id, lines("Alto", 25, 40), save=True)
    stop.set()
    writer.join()
    assert made.saved
    assert len(waited) > 2
    assert max(waited) < 10
    with at.store.reading() as session:
        assert len(tree_records(session)) == 1006


def test_a_place_taken_in_the_meantime_refuses_the_whole_list(garden, monkeypatch):
    at = garden.at
    worked_out = tree_lists._sketches

    def slow(*given):
        planting.plant(at, garden.site.id, "Alto", 1, 1, "lemon", 2020)
        return worked_out(*given)

    monkeypatch.setattr(tree_lists, "_sketches", slow)
    refused = tree_lists.import_trees(at, garden.site.id, lines("Alto", 1, 3), save=True)
    assert not refused.saved
    assert [said(p.message) for p in refused.problems] == ["on Alto 1·1 a tree stands already"]
    assert sum(t.record.block.name == "Alto" for t in grove(at, TODAY).trees) == 1


def test_what_was_written_between_working_out_and_putting_down_is_heeded(garden, monkeypatch):
    at, put = garden.at, tree_lists._rows

    def overtaken(*given):
        made = put(*given)
        monkeypatch.setattr(tree_lists, "_rows", put)
        planting.plant(at, garden.site.id, "Alto", 1, 1, "lemon", 2020)
        return made

    monkeypatch.setattr(tree_lists, "_rows", overtaken)
    refused = tree_lists.import_trees(at, garden.site.id, lines("Alto", 1, 3), save=True)
    assert (refused.saved, len(refused.problems)) == (False, 1)
    monkeypatch.setattr(tree_lists, "_rows", overtaken)
    assert tree_lists.import_trees(at, garden.site.id, lines("Cima", 1, 3), save=True).saved
    blocks = [t.record.block.name for t in grove(at, TODAY).trees]
    assert (blocks.count("Alto"), blocks.count("Cima")) == (2, 3)


def test_a_year_of_planting_is_held_to_sense(garden):
    text = "block,row,place,species,planted_year\nAlto,1,1,lemon,2199"
    found = tree_lists.import_trees(garden.at, garden.site.id, text, save=True)
    assert (found.saved, found.problems[0].column) == (False, "planted_year")
