"""One writer at a time without a locked database, nothing lost, foreign keys held, tables as
migrated.
"""

from __future__ import annotations

import datetime as dt
import threading

import pytest
from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext
from sqlalchemy import event
from sqlalchemy.exc import IntegrityError
from sqlmodel import SQLModel, select

from billhook.core.frame.model import Frame, Limb, Trunk
from billhook.store import frames, logbook, plans
from billhook.store.database import NotFound, StaleVersion
from billhook.store.tables import Holding, LimbRow, Observation, Place, Site, Stem, Tree
from billhook.store.trees import observations, tree_record, tree_records
from billhook.store.work_tables import CutDone, LogEntry, Plan, PlanCut

DAY = dt.date(2027, 3, 24)


def test_many_writers_take_turns_and_lose_nothing(store):
    """8 threads, 40 read-then-write transactions each: with deferred transactions most would find
    the database locked.
    """
    with store.writing() as session:
        holding = Holding(name="Almirelo")
        session.add(holding)
    trouble: list[Exception] = []

    def work() -> None:
        try:
            for _ in range(40):
                with store.writing() as session:
                    found = session.get(Holding, holding.id)
                    found.version += 1
                    session.add(found)
        except Exception as error:
            trouble.append(error)

    threads = [threading.Thread(target=work) for _ in range(8)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert trouble == []
    with store.reading() as session:
        assert session.get(Holding, holding.id).version == 1 + 8 * 40


def test_readers_do_not_wait_for_the_writer(store):
    with store.writing() as writer:
        writer.add(Holding(name="Almirelo"))
        writer.flush()
        with store.reading() as reader:
            assert reader.exec(select(Holding)).all() == []
    with store.reading() as reader:
        assert len(reader.exec(select(Holding)).all()) == 1


def test_a_failed_write_leaves_nothing_behind(store):
    def broken_off() -> None:
        with store.writing() as session:
            session.add(Holding(name="Almirelo"))
            session.flush()
            raise RuntimeError("power cut")

    with pytest.raises(RuntimeError):
        broken_off()
    with store.reading() as session:
        assert session.exec(select(Holding)).all() == []


def test_foreign_keys_are_held(store):
    with pytest.raises(IntegrityError), store.writing() as session:
        session.add(Site(holding_id="nobody", name="x", latitude=1.0, climate="low-desert"))


def test_database_runs_in_write_ahead_mode(store):
    with store.engine.connect() as connection:
        assert connection.exec_driver_sql("PRAGMA journal_mode").scalar() == "wal"
        assert connection.exec_driver_sql("PRAGMA foreign_keys").scalar() == 1


def test_migrations_make_exactly_the_tables_of_the_models(store):
    with store.engine.connect() as connection:
        differences = compare_metadata(MigrationContext.configure(connection), SQLModel.metadata)
    assert differences == []


def test_migrating_twice_changes_nothing(store, stem):
    store.migrate()
    with store.reading() as session:
        assert tree_record(session, stem.tree_id).name == "Baixo 4·11"


def test_frames_come_back_as_they_were_and_line_up(store, stem):
    frame = Frame(
        Trunk(100, 0.6),
        (
            Limb("a", "trunk", 0.5, 60, 2.0, 45, 90, tip_mm=20, fruit=4),
            Limb("a1", "a", 1, 20, 1, 30, 0, state="dead", foliage=0, kind="sprout"),
        ),
        0.2,
    )
    with store.writing() as session:
        first = frames.add_frame(session, stem, frame, DAY, "measured", None, {"a"})
    with store.reading() as session:
        assert frames.frame_of(session, first) == (frame, {"a"})
        assert frames.many_frames(session, [first]) == {first.id: frame}
        assert frames.current_rows(session) == [first]
    with pytest.raises(StaleVersion) as refused, store.writing() as session:
        frames.add_frame(session, stem, frame, DAY, "measured", None, set())
    assert refused.value.current == {"frame_id": first.id}
    with store.writing() as session:
        second = frames.add_frame(session, stem, frame, DAY, "after-plan", first.id, set())
    assert (second.seq, second.previous_id) == (2, first.id)
    with store.reading() as session:
        assert frames.current_row(session, stem.id).id == second.id
        assert len(session.exec(select(LimbRow)).all()) == 4
        assert frames.stems_once_measured(session) == {stem.id}


def test_a_growing_year_has_one_baseline(store, stem):
    frame = Frame(Trunk(100, 0.6), ())
    with store.writing() as session:
        first = frames.add_frame(session, stem, frame, DAY, "measured", None, set())
        second = frames.add_frame(session, stem, frame, DAY, "after-plan", first.id, set())
        year = (DAY - dt.timedelta(days=200), DAY + dt.timedelta(days=164))
        frames.set_baseline(session, stem.tree_id, year, DAY, first.id)
        frames.set_baseline(session, stem.tree_id, year, DAY + dt.timedelta(days=30), second.id)
        assert frames.baseline(session, stem.tree_id, *year).id == first.id
        # a place corrected by a few days moves its years, and the baseline is still found
        assert (
            frames.baseline(session, stem.tree_id, *(d + dt.timedelta(days=9) for d in year)).id
            == first.id
        )
        assert (
            frames.baseline(session, stem.tree_id, *(d - dt.timedelta(days=365) for d in year))
            is None
        )


def test_the_latest_observation_holds_and_a_correction_replaces(store, stem):
    with store.writing() as session:
        wrong = Observation(
            scope="tree", scope_id=stem.tree_id, kind="fruit_on", value="full", date=DAY
        )
        session.add(wrong)
        session.flush()
        session.add(
            Observation(
                scope="tree",
                scope_id=stem.tree_id,
                kind="vigour",
                value="2",
                date=dt.date(2026, 1, 1),
            )
        )
        session.add(
            Observation(scope="tree", scope_id=stem.tree_id, kind="vigour", value="4", date=DAY)
        )
        session.add(
            Observation(
                scope="tree",
                scope_id=stem.tree_id,
                kind="fruit_on",
                value="none",
                date=dt.date(2026, 12, 1),
                corrects=wrong.id,
            )
        )
    with store.reading() as session:
        seen = observations(session, [stem.tree_id])[stem.tree_id]
    assert {k: o.value for k, o in seen.items()} == {"vigour": "4", "fruit_on": "none"}


def test_ticks_can_be_taken_back(store, stem):
    with store.writing() as session:
        frame = frames.add_frame(
            session, stem, Frame(Trunk(100, 0.6), ()), DAY, "measured", None, set()
        )
        session.add(
            Plan(
                id="p",
                tree_id=stem.tree_id,
                frame_id=frame.id,
                day=DAY,
                work="thin",
                answer={},
                catalogue_version="x",
            )
        )
        session.flush()
        session.add_all(
            [
                PlanCut(id="c1", plan_id="p", limb_key="a", keep_m=0, nth=1),
                PlanCut(id="c2", plan_id="p", limb_key="b", keep_m=0, nth=2),
            ]
        )
        session.flush()
        session.add(CutDone(cut_id="c1", date=DAY))
        session.add(CutDone(cut_id="c2", date=DAY))
        session.flush()
        session.add(CutDone(cut_id="c1", done=False, date=DAY))
        session.flush()
        assert set(plans.ticks_of(session, "p")) == {"c2"}


def test_corrected_entries_stay_but_do_not_count(store, stem):
    with store.writing() as session:
        wrong = LogEntry(tree_id=stem.tree_id, date=DAY, work="thin", share=0.3)
        session.add(wrong)
        session.flush()
        session.add(
            LogEntry(tree_id=stem.tree_id, date=DAY, work="thin", share=0.1, corrects=wrong.id)
        )
    with store.reading() as session:
        found = logbook.entries(session, stem.tree_id)
    assert len(found) == 2
    assert [e.share for e in logbook.in_force(found)] == [0.1]


def test_trees_come_in_walking_order_and_gone_ones_stay_away(store, stem):
    with store.writing() as session:
        here = tree_record(session, stem.tree_id)
        for n in (2, 10, 1):
            place = Place(row_id=here.row.id, n=n)
            session.add(place)
            session.flush()
            tree = Tree(
                place_id=place.id,
                species="mandarin",
                planted_year=2020,
                removed_on=DAY if n == 10 else None,
            )
            session.add(tree)
            session.flush()
            session.add(Stem(tree_id=tree.id))
    with store.reading() as session:
        assert [r.name for r in tree_records(session)] == ["Baixo 4·1", "Baixo 4·2", "Baixo 4·11"]


def test_missing_things_are_named_errors(store):
    with store.reading() as session:
        for look in (tree_record, frames.frame_row, plans.plan, logbook.entry, logbook.task):
            with pytest.raises(NotFound):
                look(session, "nothing")


def test_all_standing_frames_are_read_in_one_query(store, stem):
    with store.writing() as session:
        frames.add_frame(
            session,
            stem,
            Frame(Trunk(100, 0.6), (Limb("a", "trunk", 0.5, 60, 2.0, 45, 90),)),
            DAY,
            "measured",
            None,
            set(),
        )
    asked: list[str] = []
    with store.reading() as session:
        reads = session.get_bind()
        event.listen(reads, "before_cursor_execute", lambda *call: asked.append(call[2]))
        frames.many_frames(session, frames.current_rows(session))
    assert len([q for q in asked if q.startswith("SELECT")]) == 2
