"""After frost: worked examples, orders that must hold, and a scratch search that always finds its
boundary.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from importlib.util import find_spec
from itertools import pairwise
from math import ceil, log2
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frost.after import AfterFrost
from billhook.core.frost.classes import CLASSES
from billhook.core.frost.damage import ColdTree, frost_damage, hardening_index, thresholds
from billhook.core.frost.feed import feed
from billhook.core.frost.leaders import Shoot, leaders
from billhook.core.frost.recovery import Stand, recovery
from billhook.core.frost.scratch import Reading, scratched
from billhook.core.frost.signs import signs
from billhook.core.frost.verdict import frost_verdict

# worked figures, from memory
EXAMPLES = [
    (
        ColdTree("navel-orange", fruit="ripe"),
        -4.5,
        5,
        "F1",
        "F2",
        {
            "fruit": -2.27,
            "leaf": -4.67,
            "twig": -5.61,
            "wood": -7.14,
            "trunk": -9.04,
            "union": -10.54,
        },
    ),
    (
        ColdTree("navel-orange", hardening=0, fruit="ripe"),
        -4.5,
        5,
        "F3",
        "F4",
        {
            "fruit": -2.27,
            "leaf": -2.87,
            "twig": -3.61,
            "wood": -4.64,
            "trunk": -5.94,
            "union": -7.44,
        },
    ),
    (
        ColdTree("satsuma", rootstock="trifoliate-orange", age_years=8),
        -10.5,
        8,
        "F4",
        None,
        {"leaf": -6.6, "twig": -7.9, "wood": -9.6, "trunk": -11.2, "union": -12.7},
    ),
    (
        ColdTree("key-lime", hardening=0, age_years=6, fruit="green"),
        -2.2,
        4,
        "F3",
        "F4",
        {"fruit": -1.1, "leaf": -1.0, "twig": -1.5, "wood": -2.3, "trunk": -3.2, "union": -4.7},
    ),
    (
        ColdTree("grapefruit", rootstock="carrizo", age_years=12, hardening=0.564, fruit="ripe"),
        -5.0,
        10,
        "F4",
        None,
        {
            "fruit": -1.57,
            "leaf": -3.14,
            "twig": -3.79,
            "wood": -4.85,
            "trunk": -6.33,
            "union": -7.83,
        },
    ),
]


@pytest.mark.parametrize(("tree", "min_c", "hours", "worst", "possible", "at"), EXAMPLES)
def test_damage_by_the_worked_examples(know, tree, min_c, hours, worst, possible, at):
    found = frost_damage(know, tree, min_c, hours)
    assert (found.worst, found.possible) == (worst, possible)
    for organ, c in at.items():
        assert found.thresholds[organ] == pytest.approx(c, abs=0.02)
    assert "1.5 °C either way" in said(found.reasons[0])


def test_hardening_by_the_worked_example(know):
    assert hardening_index(know, 13, 3) == pytest.approx(0.564, abs=0.001)
    assert (hardening_index(know, 20), hardening_index(know, 9)) == (0, 1)
    assert hardening_index(know, 13, 0, True) == pytest.approx(0.714 / 2, abs=0.001)


# Fruit freezing ranges: Snyder and de Melo-Abreu, Frost Protection, FAO Environment and Natural
# Resources Series 10 (2005), quoting Puffer and Turrell 1967 (from memory, not consulted) [°C].
# Onset at four hours must lie within them.
PUBLISHED = [
    ("sweet-orange", "green", -1.9, -1.4),
    ("sweet-orange", "ripe", -2.8, -2.2),
    ("grapefruit", "ripe", -2.8, -2.2),
    ("mandarin", "ripe", -2.8, -2.2),
    ("lemon", "ripe", -1.4, -0.8),
]


@pytest.mark.parametrize(("species", "fruit", "low", "high"), PUBLISHED)
def test_fruit_freezes_within_the_published_ranges(know, species, fruit, low, high):
    assert low <= thresholds(know, ColdTree(species, fruit=fruit), 4)["fruit"] <= high


def rank(damage) -> int:
    return CLASSES.index(damage.worst)


trees = st.builds(
    ColdTree,
    st.sampled_from(
        ["navel-orange", "satsuma", "key-lime", "lemon", "mango", "avocado", "lychee", "loquat"]
    ),
    st.none(),
    st.sampled_from([None, "carrizo", "rough-lemon"]),
    st.floats(0, 30),
    st.floats(0, 1),
    st.sampled_from(["none", "green", "ripe"]),
    st.booleans(),
)


@given(trees, st.floats(-14, 4), st.floats(0.5, 16), st.floats(0, 4), st.floats(0, 8))
def test_colder_longer_softer_younger_is_never_milder(know, tree, min_c, hours, colder, more):
    here = rank(frost_damage(know, tree, min_c, hours))
    assert rank(frost_damage(know, tree, min_c - colder, hours)) >= here
    assert rank(frost_damage(know, tree, min_c, hours + more)) >= here
    if tree.rootstock is None:  # a tender stock weighs less on a tree that is not hardened
        assert (
            rank(frost_damage(know, replace(tree, hardening=tree.hardening * 0.5), min_c, hours))
            >= here
        )
    assert (
        rank(frost_damage(know, replace(tree, age_years=tree.age_years * 0.3), min_c, hours))
        >= here
    )
    assert rank(frost_damage(know, replace(tree, tender_flush=True), min_c, hours)) >= here
    at = thresholds(know, replace(tree, age_years=10), hours)
    organs = [at[o] for o in ("leaf", "twig", "wood", "trunk", "union")]
    assert all(a >= b - 1e-9 for a, b in pairwise(organs))  # what is inside is hurt last


def test_the_order_of_hardiness_holds(know):
    order = [
        "kumquat",
        "satsuma",
        "calamondin",
        "mandarin",
        "tangelo",
        "grapefruit",
        "pummelo",
        "lemon",
        "persian-lime",
        "key-lime",
    ]
    woods = [know.number(f"cold/{s}/wood-h") for s in order]
    assert woods == sorted(woods)
    for a, b in (
        ("tangelo", "sweet-orange"),
        ("sweet-orange", "navel-orange"),
        ("grapefruit", "meyer-lemon"),
        ("lemon", "finger-lime"),
    ):
        assert abs(know.number(f"cold/{a}/wood-h") - know.number(f"cold/{b}/wood-h")) <= 0.4


def test_a_kind_nobody_knows_is_not_guessed_at(know):
    with pytest.raises(InvalidInput, match="no cold hardiness"):
        frost_damage(know, ColdTree("feijoa"), -3)


@given(
    st.floats(0.3, 4),
    st.floats(0, 1),
    st.sampled_from([0.05, 0.1, 0.02]),
    st.lists(st.floats(0, 1), max_size=4),
)
def test_the_search_finds_every_boundary_within_its_bound(length, share, resolution, branches):
    boundary, readings, count = share * length, [], 0
    sides = [b * length for b in branches]
    bound = ceil(log2(length / resolution)) + 1
    while (
        found := scratched(length, readings, resolution, side_branches_m=sides)
    ).next_at_m is not None:
        assert found.scratches_left <= bound - count
        readings.append(Reading(found.next_at_m, found.next_at_m < boundary))
        count += 1
        assert count <= bound
    green_to, dead_from = found.boundary
    if dead_from is None:
        assert boundary > length - resolution - 2e-3
        assert found.cut_at_m is None
    else:
        assert (green_to or 0) - 2e-3 <= boundary <= dead_from + 2e-3
        assert dead_from - (green_to or 0) <= resolution + 2e-3
        assert found.cut_at_m <= (green_to or 0)
        if found.cut_at_m > 0 and any(s <= (green_to or 0) - 0.05 for s in sides):
            assert any(abs(found.cut_at_m - s) < 1e-3 for s in sides)


@given(
    st.lists(
        st.tuples(st.integers(0, 100), st.booleans()),
        min_size=1,
        max_size=12,
        unique_by=lambda r: r[0],
    )
)
def test_a_patchy_limb_is_never_cut_above_dead_wood(readings):
    found = scratched(1.0, [Reading(at / 100, green) for at, green in readings], 0.05)
    browns = [at / 100 for at, green in readings if not green]
    if found.cut_at_m is not None:
        assert found.cut_at_m <= min(browns)
    if found.patchy:
        assert any(green and at / 100 > min(browns) for at, green in readings)


def test_before_the_judging_day_a_scratch_is_a_record(know):
    readings = [Reading(0.0, True), Reading(0.5, True), Reading(0.52, False)]
    assert scratched(1.0, readings, 0.05, judged=False).cut_at_m is None
    assert scratched(1.0, readings, 0.05).cut_at_m == pytest.approx(0.45)
    with pytest.raises(InvalidInput, match="other colour"):
        scratched(1.0, [*readings, Reading(0.5, False)], 0.05)


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
    assert any("alive" in s.means for s in found)


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
