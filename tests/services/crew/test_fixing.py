"""The weeks as they are kept, moved by hand and planned anew: what was agreed stays unless it
cannot, and what lies elsewhere is told with its reason.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.core.errors import InvalidInput
from billhook.services.crew import away, fixing
from billhook.services.crew.crew import crew_weeks
from billhook.services.crew.printing import week_pdf
from billhook.services.heights import aims
from billhook.services.holding import people, planting
from billhook.services.season import settle
from billhook.settings import Settings
from billhook.store.acts import new_id
from billhook.store.database import NotFound

from ...places import TODAY
from ...refusing import refusing

ANA, RUI = new_id(), new_id()


@pytest.fixture
def crew(garden):
    """Two helpers, and enough rows for some weeks: tall trees ask for a ladder."""
    at = garden.at
    tall = planting.Like(height_m=4.5)
    for row in range(2, 6):
        made = planting.plant(
            at, garden.site.id, "Baixo", row, 12, "mandarin", 2014, "clementine", like=tall
        )
        aims.say_aims(at, made.tree_ids, 3.0)
    people.put_person(at, ANA, "first helper", hours_week=6, skills=["saw", "ladder"])
    people.put_person(at, RUI, "second helper", hours_week=6, skills=["saw"])
    return at


def on(at, day: dt.date):
    """The same holding on another day."""
    at.settings = Settings(data=at.settings.data, fixed_today=day)
    return at


def placed(at):
    found = crew_weeks(at, at.today())
    return found, {
        p.job: (p.helper, found.weeks[p.week].first) for p in found.plan.work if p.minutes
    }


def test_the_same_work_has_the_same_name_the_day_after(crew):
    found, _ = placed(crew)
    then, _ = placed(on(crew, TODAY + dt.timedelta(days=1)))
    assert {g.job.id for g in found.jobs} == {g.job.id for g in then.jobs}
    assert len({g.job.id for g in found.jobs}) == len(found.jobs)


def test_days_off_are_no_hours_and_what_they_move_says_so(crew):
    before, _ = placed(crew)
    fixing.keep(crew)
    assert placed(crew)[0].moved == ()
    week = before.weeks[1]
    away.put_away(crew, new_id(), None, week.first, week.first + dt.timedelta(days=2), "rain")
    after, _ = placed(crew)
    hours = {h.id: h.minutes[1] for h in after.helpers}
    assert hours == {h.id: pytest.approx(h.minutes[1] * 2 / 5) for h in before.helpers}
    assert after.moved
    assert {m.why for m in after.moved} <= {"away", "room", "left"}
    assert any(m.why == "away" for m in after.moved)


def test_days_off_of_one_are_only_theirs(crew):
    before, _ = placed(crew)
    mine = new_id()
    first = before.weeks[0].first
    away.put_away(crew, mine, ANA, first, first + dt.timedelta(days=30))
    after, _ = placed(crew)
    assert [h.minutes[0] for h in after.helpers if h.id == ANA] == [0]
    assert [h.minutes for h in after.helpers if h.id == RUI] == [
        h.minutes for h in before.helpers if h.id == RUI
    ]
    away.take_away(crew, mine)
    assert placed(crew)[0].off == ()


@pytest.mark.parametrize(("first", "last"), [(3, 1), (-9, -5), (0, 900)])
def test_days_off_that_make_no_sense_are_refused(crew, first, last):
    days = (TODAY + dt.timedelta(days=n) for n in (first, last))
    with pytest.raises(InvalidInput):
        away.put_away(crew, new_id(), None, *days)
    assert placed(crew)[0].off == ()


def test_what_is_fixed_lies_there_and_what_it_costs_is_said_before(crew):
    found, where = placed(crew)
    week = len(found.weeks) - 1
    job = next(
        g.job.id
        for g in found.jobs
        if g.weighed.crops[week] is not None and g.item.work == "sucker" and g.job.id in where
    )
    day = found.weeks[week].first
    tried = fixing.try_move(crew, job, RUI, day)
    assert tried.says
    assert any(m.job == job for m in tried.moved)
    assert placed(crew)[1] == where, "trying moves nothing"
    fixing.fix(crew, job, RUI, day)
    found, where = placed(crew)
    assert where[job] == (RUI, day)
    assert found.fixed == {job}
    fixing.unfix(crew, job)
    with pytest.raises(NotFound):
        fixing.unfix(crew, job)


def test_nobody_is_fixed_to_what_they_may_not_do_nor_to_a_closed_week(crew):
    found, _ = placed(crew)
    tall = next(g for g in found.jobs if g.tall_m is not None)
    week = next(i for i, c in enumerate(tall.job.prices) if c is not None)
    with refusing(InvalidInput, "ladder"):
        fixing.fix(crew, tall.job.id, RUI, found.weeks[week].first)
    people.put_person(crew, RUI, "second helper", reach_m=3.0, hours_week=6, skills=["saw"])
    with refusing(InvalidInput, "ladder"):
        fixing.fix(crew, tall.job.id, RUI, found.weeks[week].first)
    people.put_person(crew, RUI, "second helper", pole_m=5.0, hours_week=6, skills=["saw"])
    fixing.fix(crew, tall.job.id, RUI, found.weeks[week].first)
    closed = next((i for i, c in enumerate(tall.job.prices) if c is None), None)
    if closed is not None:
        with refusing(InvalidInput, "closed"):
            fixing.fix(crew, tall.job.id, ANA, found.weeks[closed].first)
    with refusing(InvalidInput, "outside"):
        fixing.fix(crew, tall.job.id, ANA, TODAY + dt.timedelta(days=300))


def test_a_slower_hand_takes_longer_and_who_reaches_needs_no_ladder(crew):
    before, _ = placed(crew)
    people.put_person(crew, ANA, "first helper", hours_week=6, skills=["saw", "ladder"], pace=0.5)
    after, _ = placed(crew)
    done = [sum(p.minutes for p in x.plan.work if p.helper == ANA) for x in (before, after)]
    assert done[1] < done[0]
    spent = sum(m for (who, _), m in after.spent.items() if who == ANA)
    assert spent >= 2 * done[1]


def test_work_that_slipped_and_work_that_is_done_are_told_apart(crew):
    fixing.keep(crew)
    found, where = placed(crew)
    first = [g for g in found.jobs if where.get(g.job.id, ("", TODAY))[1] == found.weeks[0].first]
    done = next(g for g in first if g.item.work == "sucker")
    ids = [t.tree.id for t in done.item.trees]
    settle.done(crew, ids, "sucker", TODAY, "first helper", 60.0, new_id())
    then, _ = placed(on(crew, TODAY + dt.timedelta(days=8)))
    why = {m.job: m.why for m in then.moved}
    assert why.get(done.job.id) in ("gone", None)
    slipped = {g.job.id for g in first} - {done.job.id}
    if slipped & why.keys():
        assert {why[j] for j in slipped & why.keys()} <= {"slipped", "gone"}


def test_a_week_is_printed_with_what_is_to_be_done(crew):
    made = week_pdf(crew, ANA, 0, "a4", "en", "metric")
    assert made.startswith(b"%PDF")
    assert len(made) > 1500
    with pytest.raises(InvalidInput):
        week_pdf(crew, ANA, 40, "a4", "en", "metric")
