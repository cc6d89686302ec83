"""The frost tables against what is remembered of them: onset of damage, hours, ages, stocks,
classes, what other kinds wait for, and how crops come back.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.frost.after import AfterFrost
from billhook.core.frost.classes import CLASSES
from billhook.core.frost.damage import ColdTree, frost_damage, thresholds
from billhook.core.frost.kinds import class_figure, of_kind
from billhook.core.frost.recovery import healing, series
from billhook.core.frost.verdict import frost_verdict

# onset at four hours, hardened and not: worked figures, from memory
#        leaf        twig        wood        trunk       flush ripe  green
COLD = {
    "sweet-orange": (-4.5, -2.8, -5.6, -3.6, -7.2, -4.7, -9.0, -6.0, -1.5, -2.5, -1.7),
    "navel-orange": (-4.8, -3.0, -5.8, -3.8, -7.4, -4.9, -9.3, -6.2, -1.5, -2.5, -1.7),
    "satsuma": (-6.0, -3.5, -7.5, -4.6, -9.4, -5.8, -11.0, -7.0, -1.8, -2.3, -1.9),
    "mandarin": (-5.2, -3.1, -6.4, -4.0, -8.0, -5.0, -9.8, -6.4, -1.6, -2.3, -1.7),
    "lemon": (-3.0, -1.9, -3.9, -2.6, -5.2, -3.6, -6.7, -4.8, -1.0, -1.2, -1.7),
    "meyer-lemon": (-4.2, -2.6, -5.2, -3.4, -6.7, -4.5, -8.3, -5.8, -1.3, -1.6, -1.7),
    "persian-lime": (-2.2, -1.4, -2.9, -2.0, -4.0, -2.9, -5.3, -4.0, -0.8, -1.4, -1.4),
    "key-lime": (-1.5, -1.0, -2.1, -1.5, -3.0, -2.3, -4.2, -3.2, -0.7, -1.1, -1.1),
    "grapefruit": (-4.2, -2.6, -5.2, -3.4, -6.7, -4.5, -8.4, -5.7, -1.3, -2.5, -1.9),
    "pummelo": (-3.5, -2.2, -4.4, -3.0, -5.8, -4.0, -7.4, -5.2, -1.2, -2.4, -1.8),
    "kumquat": (-6.7, -3.8, -8.0, -4.8, -9.7, -6.0, -11.3, -7.2, -1.8, -2.6, -1.9),
    "tangelo": (-4.8, -3.0, -5.9, -3.8, -7.5, -4.9, -9.3, -6.2, -1.5, -2.4, -1.7),
    "calamondin": (-5.6, -3.3, -6.8, -4.2, -8.3, -5.2, -10.0, -6.5, -1.6, -2.0, -1.7),
    "finger-lime": (-3.0, -1.8, -3.8, -2.5, -5.2, -3.6, -6.8, -4.8, -1.0, -1.5, -1.3),
}


@pytest.mark.parametrize("species", COLD)
def test_the_table_of_citrus_holds(know, species):
    hard, soft = (
        thresholds(know, ColdTree(species, hardening=x, fruit="ripe", tender_flush=True), 4)
        for x in (1.0, 0.0)
    )
    green = thresholds(know, ColdTree(species, fruit="green"), 4)
    row = COLD[species]
    for i, organ in enumerate(("leaf", "twig", "wood", "trunk")):
        assert (hard[organ], soft[organ]) == (
            pytest.approx(row[2 * i]),
            pytest.approx(row[2 * i + 1]),
        ), organ
    assert (hard["flush"], hard["fruit"], green["fruit"]) == (
        pytest.approx(row[8]),
        pytest.approx(row[9]),
        pytest.approx(row[10]),
    )


@pytest.mark.parametrize(
    ("organ", "doubling"), [("leaf", 0.4), ("twig", 0.6), ("wood", 0.8), ("trunk", 0.8)]
)
def test_every_doubling_of_the_hours_is_warmer_by_the_organs_own_step(know, organ, doubling):
    tree = ColdTree("navel-orange")
    two, four, eight = (thresholds(know, tree, h)[organ] for h in (2, 4, 8))
    assert (four - two, eight - four) == (pytest.approx(doubling), pytest.approx(doubling))
    assert thresholds(know, tree, 16)[organ] == thresholds(know, tree, 24)[organ]  # no further


def test_small_fruited_kinds_lose_fruit_more_slowly_with_the_hours(know):
    for species, doubling in (("kumquat", 0.4), ("navel-orange", 0.7)):
        a, b = (thresholds(know, ColdTree(species, fruit="ripe"), h)["fruit"] for h in (4, 8))
        assert b - a == pytest.approx(doubling)


@pytest.mark.parametrize(
    ("age", "leaf", "wood"), [(1, 1.0, 2.0), (3, 0.7, 1.5), (5, 0.5, 0.5), (6, 0, 0)]
)
def test_young_trees_are_less_hardy_in_steps(know, age, leaf, wood):
    young, grown = (thresholds(know, ColdTree("mandarin", age_years=a), 4) for a in (age, 20))
    assert (young["leaf"] - grown["leaf"], young["wood"] - grown["wood"]) == (
        pytest.approx(leaf),
        pytest.approx(wood),
    )


def test_a_stock_counts_as_far_as_the_tree_is_hardened(know):
    plain = thresholds(know, ColdTree("mandarin"), 4)["wood"]
    hard = thresholds(know, ColdTree("mandarin", rootstock="trifoliate-orange"), 4)["wood"]
    half = thresholds(know, ColdTree("mandarin", rootstock="trifoliate-orange", hardening=0.5), 4)[
        "wood"
    ]
    assert hard == pytest.approx(plain - 1)
    assert half == pytest.approx(
        thresholds(know, ColdTree("mandarin", hardening=0.5), 4)["wood"] - 0.5
    )
    assert thresholds(know, ColdTree("mandarin", rootstock="trifoliate-orange", fruit="ripe"), 4)[
        "fruit"
    ] == pytest.approx(-2.3)


def test_what_makes_a_tree_tenderer(know):
    plain = thresholds(know, ColdTree("mandarin"), 4)
    crop = thresholds(know, ColdTree("mandarin", crop_on=True), 4)
    dry = thresholds(know, ColdTree("mandarin", dry_soil=True), 4)
    hedged = thresholds(know, ColdTree("mandarin", pruned_within_days=60), 4)
    assert (crop["wood"] - plain["wood"], crop["trunk"] - plain["trunk"]) == (pytest.approx(0.3), 0)
    assert dry["leaf"] - plain["leaf"] == pytest.approx(0.5)
    assert hedged["wood"] == pytest.approx(
        thresholds(know, ColdTree("mandarin", hardening=0.5), 4)["wood"]
    )
    assert thresholds(know, ColdTree("mandarin", pruned_within_days=120), 4) == plain


# mango and others, 1c: temperature and hours at which small branches and limbs are lost
OTHERS = [
    ("mango", -3.9, 3, "F3"),
    ("mango", -5.0, 4, "F4"),
    ("mango", -6.5, 4, "F5"),
    ("guava", -2.8, 3, "F3"),
    ("lychee", -3.3, 3, "F3"),
    ("carambola", -2.5, 3, "F3"),
    ("macadamia", -4.4, 3, "F3"),
]


@pytest.mark.parametrize(("species", "min_c", "hours", "frost_class"), OTHERS)
def test_other_kinds_are_hurt_where_their_tables_say(know, species, min_c, hours, frost_class):
    tree = ColdTree(species, age_years=10)
    assert frost_damage(know, tree, min_c - 0.05, hours).worst >= frost_class
    assert frost_damage(know, tree, min_c + 0.3, hours).worst < frost_class


def test_classes_wait_longer_the_worse_they_are(know):
    for species in (None, "mango", "avocado", "lychee", "guava", "macadamia", "loquat"):
        waits = [know.days(class_figure(know, c, "cut-after", species)) for c in ("F3", "F4", "F5")]
        assert waits == sorted(waits), species
    assert of_kind(know, "frost-class/F4/cut-after", "mango") == "frost-kind/mango/F4-cut"
    assert of_kind(know, "frost-class/F4/cut-after", "lemon") == "frost-class/F4/cut-after"
    assert of_kind(know, "frost/possible", "mango") == "frost/possible"


@pytest.mark.parametrize(
    "species",
    [
        None,
        "mango",
        "avocado",
        "lychee",
        "longan",
        "loquat",
        "guava",
        "macadamia",
        "carambola",
        "cherimoya",
    ],
)
def test_crops_only_come_back_and_worse_classes_never_sooner(know, species):
    by_class = [series(know, c, 10, species) for c in CLASSES]
    for crop in by_class:
        assert list(crop) == sorted(crop)
        assert 0 <= crop[0] <= crop[-1] <= 1
    assert [sum(c) for c in by_class[3:6]] == sorted((sum(c) for c in by_class[3:6]), reverse=True)
    assert sum(healing(know, "F4", 40, 10, species)) <= sum(healing(know, "F4", 10, 10, species))


def test_a_kinds_own_word_stands_in_the_verdict(know):
    found = frost_verdict(
        know,
        AfterFrost(
            "F2", dt.date(2026, 1, 19), dt.date(2026, 3, 1), dt.date(2026, 2, 1), species="mango"
        ),
    )
    assert any("shield" in said(r) for r in found.reasons if r.code == "kind")
    plain = frost_verdict(
        know,
        AfterFrost(
            "F2", dt.date(2026, 1, 19), dt.date(2026, 3, 1), dt.date(2026, 2, 1), species="lemon"
        ),
    )
    assert "kind" not in {r.code for r in plain.reasons}
