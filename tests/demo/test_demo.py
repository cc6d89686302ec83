"""The demo holding: complete, the same for the same day, and its history made by the services."""

from __future__ import annotations

from collections import Counter

from billhook.catalogue.wording import said as worded
from billhook.demo.build import build_demo
from billhook.services.book import logbook
from billhook.services.holding.grove import grove
from billhook.services.tree.views import tree_view
from billhook.services.workplace import Workplace
from billhook.store import frames

from .conftest import DAY, made


def test_holding_as_it_is_described(demo):
    view = grove(demo, DAY)
    assert view.holding.name == "Almirelo"
    assert {b.name for b in view.blocks} == {
        "Baixo",
        "Patamares",
        "Alto",
        "Casa",
        "Pátio",
        "Encosta",
    }
    assert 370 <= len(view.trees) <= 390
    assert sum(t.measured for t in view.trees) >= 30
    assert {t.origin for t in view.trees} == {"measured", "sketched", "after-plan"}
    assert view.empty_places
    assert any(s.latitude < 0 for s in view.sites)
    for tree in view.trees:
        record = tree.record
        assert record.cultivar or record.tree.species in ("loquat", "guava")
        assert record.stem.rootstock
        assert record.stem.union_mark
        assert record.stem.union_m > 0
        assert tree.size.height_m > 0.5
        assert tree.size.trunk_mm > 5


def test_history_was_made_by_the_services(demo):
    """Every share in the log is what the frames before and after it say, and every come-back names
    a rule of the catalogue.
    """
    lines = [line.entry for line in logbook.log(demo)]
    planned = [e for e in lines if e.plan_id]
    assert len(planned) >= 15
    assert any(e.plan_id is None for e in lines)
    assert len({e.date.year for e in lines}) >= 2
    assert all(e.date <= DAY for e in lines)
    with demo.store.reading() as session:
        for entry in planned:
            before, after = (
                frames.frame_of(session, frames.frame_row(session, f))[0]
                for f in (entry.frame_before, entry.frame_after)
            )
            assert len(after.limbs) < len(before.limbs)
            assert entry.height_after_m <= entry.height_before_m
        tasks = logbook_tasks(session)
    assert tasks
    assert all(t.rule in demo.know and (t.cause or t.kind.startswith("frost")) for t in tasks)
    assert Counter(t.state for t in tasks)["done"] > 0


def logbook_tasks(session):
    from billhook.store.logbook import tasks

    return tasks(session, state=None)


def test_work_was_done_when_it_was_right(demo):
    """No thinning or lowering of the record lies on a day that the season, asked for that day,
    would have stopped.
    """
    for line in logbook.log(demo):
        entry = line.entry
        if entry.plan_id and entry.work in ("thin", "height"):
            verdict = tree_view(demo, entry.tree_id, entry.date, (entry.work,)).verdicts[0]
            assert verdict.status in ("go", "light", "wait"), (
                line.tree_name,
                entry.date,
                worded(verdict.sentence),
            )


def test_the_same_day_gives_the_same_demo(demo, tmp_path):
    again = made(tmp_path)

    def facts(at: Workplace):
        trees = [
            (
                t.record.name,
                t.origin,
                round(t.size.height_m, 6),
                round(t.size.spread_m, 6),
                t.size.trunk_mm,
                t.need.text,
            )
            for t in grove(at, DAY).trees
        ]
        return trees, sorted(
            (line.tree_name, line.entry.date, line.entry.work, line.entry.share)
            for line in logbook.log(at)
        )

    assert facts(again) == facts(demo)
    build_demo(again.settings)  # a second start finds it made
    assert len(grove(again, DAY).trees) == len(grove(demo, DAY).trees)
    again.store.close()
