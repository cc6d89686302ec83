"""The season's work shared out among those who have hours, in weeks that allow it."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from icalendar import Calendar

from billhook.catalogue.wording import said
from billhook.core.crew.model import Crew
from billhook.core.errors import InvalidInput
from billhook.core.words.values import say
from billhook.services.crew import crew
from billhook.services.crew.calendar import weeks_calendar
from billhook.services.crew.crew import ANYBODY, crew_weeks
from billhook.services.crew.jobs import why_left
from billhook.services.heights import aims
from billhook.services.holding import people, planting, setting_up
from billhook.services.season.desk import SeasonDesk
from billhook.services.tree import observing
from billhook.store.database import NotFound
from billhook.store.logbook import save_tasks
from billhook.store.tables import Task
from billhook.store.trees import tree_record

from ...core.crew.crews import broken
from ...places import TODAY, empty_workplace, new_id


def somebody(at, name: str, hours: float | None, *skills: str) -> str:
    return people.put_person(at, new_id(), name, hours_week=hours, skills=skills or None).id


@pytest.fixture
def tall(grove):
    """The same, taller than they are wanted: work of the season."""
    for block in (grove.low, grove.high):
        for tree in block.tree_ids:
            observing.observe(grove, "tree", tree, "height_m", "4.6", TODAY)
    aims.say_aim(grove, grove.low.tree_ids[0], "holding", 3.0)
    return grove


def test_without_hours_the_work_is_spread_over_its_days(grove):
    found = crew_weeks(grove, TODAY, 6)
    assert not found.known
    assert [h.id for h in found.helpers] == [ANYBODY]
    assert found.jobs
    assert found.plan.unplaced == ()
    assert sum(p.minutes for p in found.plan.work) == sum(g.job.minutes for g in found.jobs)
    somebody(grove, "First helper", None)  # a name alone has no hours
    assert not crew_weeks(grove, TODAY, 6).known


def test_what_is_placed_lies_in_weeks_that_allow_it(tall):
    somebody(tall, "First helper", 20.0)
    somebody(tall, "Second helper", 8.0)
    found = crew_weeks(tall, TODAY, 8)
    items = {g.job.id: g.item for g in found.jobs}
    assert found.known
    assert found.plan.work
    seen = 0
    for piece in found.plan.work:
        item, week = items[piece.job], found.weeks[piece.week]
        if item.kind != "work":
            continue
        days = [week.first + dt.timedelta(days=i) for i in range((week.last - week.first).days + 1)]
        with tall.store.reading() as session:
            record = tree_record(session, item.trees[0].tree.id)
            says = {
                SeasonDesk(session, tall, d).verdict(record, item.work, False).status for d in days
            }
        assert says & {"go", "light"}, (item.says, week)
        seen += 1
    assert seen
    for (helper, week), spent in found.spent.items():
        minutes = next(h.minutes for h in found.helpers if h.id == helper)
        assert spent <= minutes[week] + 1e-6


def test_rows_of_somebody_are_worked_by_them(grove):
    one, two = somebody(grove, "First helper", 30.0), somebody(grove, "Second helper", 30.0)
    people.assign(grove, "block", [grove.low.block_id], one)
    people.assign(grove, "block", [grove.high.block_id], two)
    found = crew_weeks(grove, TODAY, 6)
    assert all(h.skills == {"saw", "ladder"} for h in found.helpers)  # as where nobody said
    block = {g.job.id: g.item.block for g in found.jobs}
    assert {(block[p.job], p.helper) for p in found.plan.work} == {("Baixo", one), ("Alto", two)}
    # who is not on the list with hours keeps nothing for themselves
    people.put_person(grove, two, "Second helper", hours_week=None)
    assert {p.helper for p in crew_weeks(grove, TODAY, 6).plan.work} == {one}


def test_rows_too_many_to_plan_apart_are_planned_by_block(grove, monkeypatch):
    for row in (1, 2, 3):
        planting.plant(grove, grove.site.id, "Novo", row, 2, "mandarin", TODAY.year - 1)
    apart = crew_weeks(grove, TODAY, 6)
    monkeypatch.setattr(crew, "MOST", 1)
    made = crew_weeks(grove, TODAY, 6)
    assert len(made.jobs) < len(apart.jobs)
    assert sum(len(g.item.trees) for g in made.jobs) == sum(len(g.item.trees) for g in apart.jobs)
    minutes = [sum(g.item.minutes for g in found.jobs) for found in (made, apart)]
    assert minutes[0] == pytest.approx(minutes[1])
    shared = Crew(made.weeks, made.helpers, tuple(g.job for g in made.jobs))
    assert broken(shared, made.plan.work) == []


def test_what_does_not_fit_says_why_and_what_waiting_costs(tall):
    somebody(tall, "First helper", 0.2)
    found = crew_weeks(tall, TODAY, 4)
    jobs = {g.job.id: g for g in found.jobs}
    assert found.plan.unplaced
    assert any("brings most with First helper" in said(x) for x in found.says)
    assert found.planned.left_minutes == sum(x.minutes for x in found.plan.unplaced)
    whys = {x.why for x in found.plan.unplaced}
    assert "hours" in whys
    left = next(x for x in found.plan.unplaced if x.why == "hours")
    free = replace(jobs[left.job], free=True)
    assert why_left(tall.know, free, left)[0] == say("crew-left-hours")
    nobody = replace(left, why="nobody")
    wants = replace(free, job=replace(free.job, skills=frozenset({"machine"})))
    assert "drive the machine" in said(why_left(tall.know, wants, nobody)[0])


def test_a_helpers_weeks_are_a_calendar(tall):
    one = somebody(tall, "First helper", 20.0)
    two = somebody(tall, "Second helper", 20.0)
    people.assign(tall, "block", [tall.high.block_id], two)
    found = crew_weeks(tall, TODAY, 6)
    events = [e for e in Calendar.from_ical(weeks_calendar(tall, one)).walk() if e.name == "VEVENT"]
    mine = [p for p in found.plan.work if p.helper == one]
    assert len(events) == len(mine) > 0
    assert {str(e["summary"]).split(",")[0] for e in events} == {"Baixo"}
    assert {e["dtstart"].dt for e in events} == {found.weeks[p.week].first for p in mine}
    with pytest.raises(NotFound):
        weeks_calendar(tall, new_id())


@pytest.mark.parametrize("weeks", [3, 13])
def test_four_to_twelve_weeks(grove, weeks):
    with pytest.raises(InvalidInput):
        crew_weeks(grove, TODAY, weeks)


def test_cutting_dead_wood_after_frost_is_saw_work_and_takes_its_time(grove):
    tree = grove.low.tree_ids[0]
    with grove.store.writing() as session:
        due = TODAY + dt.timedelta(days=10)
        task = Task(
            scope_id=tree, kind="frost-night-cut", does="Cut dead wood", due=due, rule="frost/x"
        )
        save_tasks(session, task)
    found = crew_weeks(grove, TODAY, 6)
    job = next(g for g in found.jobs if g.item.says == "Cut dead wood")
    assert "saw" in job.job.skills
    assert job.item.minutes >= grove.know.number("today-minutes/look/minutes")


def test_what_the_page_says_waits_for_the_forecast_waits_in_the_weeks_too(tmp_path):
    """A lime in a place with a last chance of frost, on a day nobody has looked at its forecast."""
    day = dt.date(2027, 1, 20)
    at = empty_workplace(tmp_path, day)
    site = setting_up.set_up(at, "H", "H", 25.5, "humid-peninsula")
    like = planting.Like(height_m=3.4)
    made = planting.plant(at, site.id, "Low", 1, 20, "persian-lime", 2018, like=like)
    aims.say_aims(at, made.tree_ids, 3.0)
    somebody(at, "Somebody", 20)
    with at.store.reading() as session:
        page = SeasonDesk(session, at, day).verdict(
            tree_record(session, made.tree_ids[0]), "height"
        )
    assert page.status == "wait"
    assert page.opens is not None
    found = crew_weeks(at, day, 8)
    jobs = {g.job.id for g in found.jobs if g.item.work == "height"}
    days = [found.weeks[p.week].last for p in found.plan.work if p.job in jobs]
    assert days
    assert min(days) >= page.opens
    assert found.says[0] == say("no-forecast")
