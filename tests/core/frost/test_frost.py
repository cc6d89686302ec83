"""After frost: worked examples, orders that must hold, and a scratch search that always finds its
boundary.
"""

from __future__ import annotations

from dataclasses import replace
from itertools import pairwise
from math import ceil, log2

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frost.damage import ColdTree, frost_damage, hardening_index, thresholds
from billhook.core.frost.scratch import Reading, scratched

from ...refusing import refusing
from .rank import rank

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
    with refusing(InvalidInput, "no cold hardiness"):
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
    with refusing(InvalidInput, "other colour"):
        scratched(1.0, [*readings, Reading(0.5, False)], 0.05)
