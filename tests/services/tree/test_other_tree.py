"""That was another tree: an entry goes where the work was done, but for that of a sheet."""

from __future__ import annotations

from billhook.core.errors import InvalidInput
from billhook.services.book import logbook
from billhook.services.holding import planting, setting_up
from billhook.store.acts import new_id

from ...places import TODAY, empty_workplace
from ...refusing import refusing


def test_an_entry_is_put_on_the_tree_it_was_done_on(tmp_path):
    at = empty_workplace(tmp_path)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    here, there = planting.plant(at, site.id, "Baixo", 1, 2, "mandarin", 2014).tree_ids
    entry = logbook.log_past_work(at, here, new_id(), TODAY, "thin", 0.1)
    logbook.on_other_tree(at, entry.id, there)
    assert [x.entry.id for x in logbook.log(at, there)] == [entry.id]
    assert logbook.log(at, here) == []
    with refusing(InvalidInput, "stands on already"):
        logbook.on_other_tree(at, entry.id, there)
    better = logbook.log_past_work(at, there, new_id(), TODAY, "thin", 0.2, corrects=entry.id)
    for one in (entry, better):
        with refusing(InvalidInput, "corrected"):
            logbook.on_other_tree(at, one.id, here)
    at.store.close()
