"""Every write is an act: written once however often it is sent, and ordered by its number whatever
the clock says.
"""

from __future__ import annotations

import datetime as dt
import threading

import pytest
from sqlmodel import select

from billhook.core.frame.model import Frame, Trunk
from billhook.core.season.seen import OBSERVABLE
from billhook.store import acts, plans
from billhook.store.acts import Act, Doing, DoneAlready, doing
from billhook.store.database import Busy
from billhook.store.frames import add_frame
from billhook.store.tables import Holding, Observation
from billhook.store.trees import dates_of, observations, written
from billhook.store.work_tables import CutDone, Plan, PlanCut

from ..refusing import refusing

DAY = dt.date(2027, 3, 24)
EARLIER = dt.datetime(2027, 3, 24, 9, tzinfo=dt.UTC)
LATER = dt.datetime(2027, 3, 24, 12, tzinfo=dt.UTC)


def seen(store, stem, kind: str, value: str, date: dt.date, today: dt.date = DAY, **more) -> str:
    store.today = lambda: today
    with store.writing() as session:
        row = Observation(
            scope="tree", scope_id=stem.tree_id, kind=kind, value=value, date=date, **more
        )
        session.add(row)
        return row.id


def in_force(store, stem) -> dict[str, str]:
    with store.reading() as session:
        return {
            k: o.value
            for k, o in observations(session, [stem.tree_id]).get(stem.tree_id, {}).items()
        }


def test_an_act_sent_twice_is_written_once(store):
    for turn in (1, 2):
        with doing(Doing("a" * 8, "set up", "phone")):
            if turn == 1:
                with store.writing() as session:
                    session.add(Holding(name="Almirelo"))
                with store.writing() as session:  # the same act goes on
                    session.add(Holding(name="Second"))
            else:
                with pytest.raises(DoneAlready) as again, store.writing() as session:
                    session.add(Holding(name="Almirelo"))
    assert again.value.act_id == "a" * 8
    with store.reading() as session:
        assert sorted(h.name for h in session.exec(select(Holding)).all()) == ["Almirelo", "Second"]
        assert [(a.id, a.kind, a.device) for a in session.exec(select(Act)).all()] == [
            ("a" * 8, "set up", "phone")
        ]


def test_an_act_that_failed_or_wrote_nothing_is_none(store):
    with pytest.raises(ZeroDivisionError), doing(Doing("fails", "")), store.writing() as session:
        session.add(Holding(name=1 / 0))
    with doing(Doing("looks", "")), store.writing() as session:
        session.exec(select(Holding)).all()
    with store.reading() as session:
        assert (session.exec(select(Act)).all(), session.exec(select(Holding)).all()) == ([], [])
    with doing(Doing("fails", "")), store.writing() as session:  # so it can be tried again
        session.add(Holding(name="Almirelo"))
    with store.reading() as session:
        assert acts.last_number(session) > 0


def test_numbers_rise_and_are_never_given_twice(store):
    def write(n: int) -> None:
        for i in range(20):
            with store.writing() as session:
                session.add(Holding(name=f"{n} {i}"))

    writers = [threading.Thread(target=write, args=(n,)) for n in range(4)]
    for w in writers:
        w.start()
    for w in writers:
        w.join()
    with store.reading() as session:
        numbers = [a.seq for a in session.exec(select(Act)).all()]
    assert len(set(numbers)) == 80


def test_a_tick_taken_back_stays_back_when_the_clock_is_set_back(store, stem):
    with store.writing() as session:
        frame = add_frame(session, stem, Frame(Trunk(100, 0.6), ()), DAY, "measured", None, set())
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
        session.add(PlanCut(id="c", plan_id="p", limb_key="a", keep_m=0, nth=1))
    for done, at in ((True, LATER), (False, EARLIER)):
        with store.writing() as session:
            session.add(CutDone(cut_id="c", done=done, date=DAY, made_at=at))
    with store.reading() as session:
        assert plans.ticks_of(session, "p") == {}


def test_what_is_said_today_holds_though_an_entry_bears_a_later_day(store, stem):
    ahead = DAY + dt.timedelta(days=9)
    seen(
        store, stem, "fruit_on", "none", ahead, today=ahead, made_at=LATER
    )  # while the clock ran ahead
    seen(store, stem, "fruit_on", "full", DAY, today=DAY, made_at=EARLIER)
    assert in_force(store, stem)["fruit_on"] == "full"
    seen(
        store, stem, "fruit_on", "light", DAY - dt.timedelta(days=30)
    )  # written down late: what was seen since holds
    assert in_force(store, stem)["fruit_on"] == "full"


def test_odd_values_are_read_by_nobody(store, stem):
    seen(store, stem, "flush_start", "0001-02-03", DAY)
    seen(store, stem, "vigour", "eleven", DAY)
    seen(store, stem, "trunk_mm", "inf", DAY)
    seen(store, stem, "frost_open", "9999-01-01", DAY)
    kept = seen(store, stem, "bloom_start", "2027-03-01", DAY)
    assert in_force(store, stem) == {"bloom_start": "2027-03-01"}
    seen(store, stem, "bloom_start", "", DAY, corrects=kept)  # taken out
    with store.reading() as session:
        assert dates_of(written(session), OBSERVABLE) == {}
    assert in_force(store, stem) == {}


def test_whoever_waits_too_long_is_told_so(store, monkeypatch):
    monkeypatch.setattr("billhook.store.database._BUSY_MS", 100)
    impatient = type(store)(store.path)
    with store.writing() as session:
        session.add(Holding(name="Almirelo"))
        session.flush()
        with refusing(Busy, "try again"), impatient.writing():
            pass
    impatient.close()
