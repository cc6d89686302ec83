"""After a frost: when and where to cut, what is grown on, and the way from a daily series."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from importlib.util import find_spec
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.frost.after import AfterFrost
from billhook.core.frost.classes import CLASSES
from billhook.core.frost.damage import ColdTree, frost_damage, hardening_index
from billhook.core.frost.feed import feed
from billhook.core.frost.leaders import Shoot, leaders
from billhook.core.frost.recovery import Stand, recovery
from billhook.core.frost.signs import signs
from billhook.core.frost.verdict import frost_verdict

from .rank import rank

NIGHT = dt.date(2026, 1, 19)


def case(frost_class="F4", today=dt.date(2026, 3, 20), **more) -> AfterFrost:
    return AfterFrost(frost_class, NIGHT, dt.date(2026, 3, 1), today, **more)


def test_the_cut_of_a_hard_freeze_by_the_worked_example(know):
    """F4, last frost on 1 March, latest safe cut on 22 August: from 29 June, not postponed."""
    found = frost_verdict(know, case(latest_cut=dt.date(2026, 8, 22)))
    assert (found.cut_on, found.postponed, found.verdict) == (dt.date(2026, 6, 29), False, "wait")
    late = frost_verdict(know, case(latest_cut=dt.date(2026, 6, 1)))
    assert late.postponed
    assert late.cut_on.year == 2027


def test_an_early_look_is_told_when_to_look_again(know):
    found = frost_verdict(know, case(alive_above=True))
    assert (found.verdict, found.provisional, found.may_cut) == ("wait", True, False)
    assert found.look_again == dt.date(2026, 5, 30)
    assert {"false-start", "too-early"} <= {r.code for r in found.reasons}


def test_a_boundary_that_stays_through_the_second_flush_opens_the_cut_early(know):
    steady = case(
        today=dt.date(2026, 6, 10),
        alive_above=True,
        boundary_steady_since=dt.date(2026, 5, 1),
        second_flush_hard=dt.date(2026, 6, 1),
    )
    assert frost_verdict(know, steady).may_cut
    assert not frost_verdict(know, replace(steady, boundary_steady_since=None)).may_cut


@given(
    st.sampled_from(CLASSES),
    st.integers(0, 500),
    st.sampled_from([None, True, False]),
    st.sampled_from([None, True, False]),
    st.booleans(),
)
def test_no_date_lies_in_the_past_and_stock_alone_never_recovers(
    know, frost_class, days, above, below, limit
):
    today = NIGHT + dt.timedelta(days=days)
    found = frost_verdict(
        know,
        case(
            frost_class,
            today,
            alive_above=above,
            alive_below=below,
            latest_cut=dt.date(2026, 8, 22) if limit else None,
        ),
    )
    assert found.judge_on >= today
    assert found.cut_on >= today
    assert found.look_again is None or found.look_again >= today
    if above is False and below and frost_class not in ("F0", "F1"):
        assert found.verdict in ("rootstock-only", "wait")
        assert not found.may_cut
    if above is None and frost_class not in ("F0", "F1"):
        assert found.verdict == "wait"


def test_signs_come_in_their_order(know):
    found = signs(know, NIGHT, dt.date(2026, 2, 2))
    assert [s.start for s in found] == sorted(s.start for s in found)
    assert any("alive" in said(s.means) for s in found)


def test_a_shoot_below_the_union_is_never_grown_on(know):
    shoots = [
        Shoot("a", 0.4, 0.02, 14, 85, 4, True),
        Shoot("b", 0.7, 0.3, 9, 40, 3, True),
        Shoot("k", 0.1, 0.01, 22, 88, 5, False),
    ]
    found = leaders(know, shoots, "tree")
    assert [s.id for s in found.shoots] == ["a", "b", "k"]
    assert found.shoots[-1].points is None
    assert (found.keep_now, found.keep_next) == (2, 2)
    assert leaders(know, shoots, "leader").keep_next == 1


def test_feed_and_water_by_the_worked_examples(know):
    """60 % of the canopy lost: 160 of 400 g of nitrogen, 48 of 120 litres."""
    found = feed(know, 0.6)
    assert (found.nitrogen * 400, found.water * 120) == (pytest.approx(160), pytest.approx(48))
    assert feed(know, 1.0).nitrogen == 0.25


def test_crop_that_comes_back_by_the_worked_example(know):
    """F4 in its third year: 78 of 120 kg."""
    found = recovery(know, "F4", 12, 120)
    assert found.kg[2] == pytest.approx(78)
    assert found.advice == "rehabilitate"
    assert recovery(know, "F6", 12, 120).advice == "replant"
    assert recovery(know, "F4", 40, 120).kg[2] == pytest.approx(
        0.35 * 120
    )  # an old tree comes back a year later
    assert recovery(know, "F5", 12, 120, stand=Stand(live_bark=0.2)).advice == "replant"
    assert recovery(know, "F2", 12, 120, trees=10).lost_kg == pytest.approx(10 * 120 * 0.35)


def test_a_real_daily_series_goes_through_the_whole_path(know):
    """Daily minima and maxima that the package aquacrop ships (Apache-2.0; the file names no
    source), an inland series with hard winters.
    """
    text = (
        Path(find_spec("aquacrop").submodule_search_locations[0]) / "data" / "champion_climate.txt"
    ).read_text()
    rows = [line.split() for line in text.splitlines()[1:] if line.strip()]
    days = [(dt.date(int(r[2]), int(r[1]), int(r[0])), float(r[3]), float(r[4])) for r in rows]
    low = min(range(40, len(days)), key=lambda i: days[i][1])
    worst_seen, hardened = 0, []
    for i in range(28, len(days)):
        day, tmin, _ = days[i]
        if tmin > -2:
            continue
        before = days[i - 28 : i]
        mean = sum(a + b for _, a, b in before) / 56
        x = hardening_index(know, mean, sum(b >= 24 for _, _, b in days[i - 10 : i]))
        found = frost_damage(
            know, ColdTree("satsuma", rootstock="trifoliate-orange", hardening=x), tmin
        )
        worst_seen = max(worst_seen, rank(found))
        hardened.append((x, tmin))
        verdict = frost_verdict(
            know, AfterFrost(found.worst, day, day + dt.timedelta(days=30), day)
        )
        assert verdict.cut_on >= day
        assert verdict.may_cut is False  # nobody cuts on the morning after
    assert len(hardened) > 100
    assert worst_seen == rank(
        frost_damage(know, ColdTree("satsuma", rootstock="trifoliate-orange"), days[low][1])
    )  # such cold kills to the union, however hardened
    assert sum(x > 0.9 for x, t in hardened if t < -8) > 0.9 * sum(
        t < -8 for _, t in hardened
    )  # deep cold comes on hardened trees
