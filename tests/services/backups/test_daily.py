"""A backup a day, kept for days, weeks and months, and told when it fails."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.services.backups.archive import BadArchive
from billhook.services.backups.checking import check
from billhook.services.backups.daily import Daily, kept_of
from billhook.services.holding.grove import grove
from billhook.web.app import create_app
from billhook.web.backups.daily import DAILY

from ...places import TODAY

FIRST = dt.date(2025, 1, 1)


def test_of_two_years_of_days_seven_days_four_weeks_and_twelve_months_are_kept():
    kept: set[dt.date] = set()
    for n in range(730):
        kept = kept_of(kept | {FIRST + dt.timedelta(days=n)})
    last = FIRST + dt.timedelta(days=729)
    assert {last - dt.timedelta(days=n) for n in range(7)} <= kept
    assert len({d.isocalendar()[:2] for d in kept}) >= 4
    # of each month that has passed its newest was kept
    assert len({(d.year, d.month) for d in kept}) == 12
    assert len(kept) <= 7 + 4 + 12
    assert min(kept) >= dt.date(2026, 1, 1)


@given(st.sets(st.dates(FIRST, FIRST + dt.timedelta(days=900)), min_size=1, max_size=60))
def test_the_newest_is_never_let_go_and_letting_go_twice_is_letting_go_once(days):
    kept = kept_of(days)
    assert max(days) in kept
    assert kept <= days
    assert kept_of(kept) == kept
    assert len(kept) >= min(len(days), 7)


@pytest.fixture
def day():
    return [dt.date(2026, 11, 30)]


@pytest.fixture
def daily(garden, tmp_path, day):
    settings = replace(garden.at.settings, backups=tmp_path / "kept")
    return Daily(settings, lambda: day[0])


def test_one_is_made_a_day_and_opened(daily, day, garden):
    daily.make_due()
    daily.make_due()
    state, trees = daily.state(), len(grove(garden.at, TODAY).trees)
    assert [b.day for b in state.kept] == day
    assert (state.trees, state.failed) == (trees, None)
    assert check(state.kept[0].file).trees == trees
    day[0] += dt.timedelta(days=1)
    daily.make_due()
    assert len(daily.state().kept) == 2


def test_one_that_fails_is_told_and_takes_away_nothing(daily, day, monkeypatch):
    daily.make_due()
    was = daily.state().kept[0].file.read_bytes()

    def broken(_source):
        raise BadArchive("it is damaged")

    monkeypatch.setattr("billhook.services.backups.daily.check", broken)
    with pytest.raises(BadArchive, match="damaged"):
        daily.make()
    state = daily.state()
    assert state.failed == "it is damaged"
    assert state.kept[0].file.read_bytes() == was
    assert [p.name for p in state.folder.iterdir()] == [state.kept[0].file.name]


def test_the_page_says_how_it_stands(daily, day, garden, monkeypatch):
    app = create_app(garden.at)
    app.extensions[DAILY] = daily
    client = app.test_client()
    monkeypatch.setattr("billhook.web.backups.daily._on", lambda: day[0])
    first = client.get("/api/backups").get_json()
    assert (first["well"], first["kept"]) == (False, [])
    made = client.post("/api/backups").get_json()
    assert made["well"]
    assert "opened and is whole" in made["says"]
    day[0] += dt.timedelta(days=5)
    late = client.get("/api/backups").get_json()
    assert not late["well"]
    assert "5 days old" in late["says"]
