"""Whose shoot is it: worked examples of the trade from memory, and what must hold whatever the
numbers.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.shoot.case import ShootCase
from billhook.core.shoot.judge import judge

NAVEL = ShootCase("navel-orange", "carrizo", {})
VIGOUR = {
    "thorns_rel": "more_or_longer",
    "angle": "vertical_le20",
    "growth_rate_rel": "faster",
    "leaf_size_rel": "larger",
}
THREE_LEAFLETS = [
    "trifoliate-orange",
    "flying-dragon",
    "rubidoux",
    "carrizo",
    "troyer",
    "c35",
    "swingle",
    "us942",
]


@pytest.mark.parametrize(
    ("case", "stock", "sprout", "verdict"),
    [
        (
            replace(NAVEL, clues={"leaf_form": "trifoliolate", "origin": "below_union"}),
            0.9999,
            0.0001,
            "rootstock_sucker",
        ),
        (replace(NAVEL, clues={"thorns_rel": "more_or_longer"}), 0.4941, 0.4706, "uncertain"),
        (replace(NAVEL, clues=VIGOUR), 0.3618, 0.637, "uncertain"),
        (
            ShootCase("grapefruit", "sour-orange", {"petiole_wing": "wide_gt5mm"}),
            0.2759,
            0.4138,
            "uncertain",
        ),
    ],
)
def test_worked_examples(know, case, stock, sprout, verdict):
    """Worked figures, from memory, to 0.002."""
    found = judge(case, know)
    assert found.probabilities["rootstock_sucker"] == pytest.approx(stock, abs=0.002)
    assert found.probabilities["water_sprout"] == pytest.approx(sprout, abs=0.002)
    assert found.verdict == verdict


def test_every_table_sums_to_one(know):
    for k in know:
        if (table := k.id.split("/")[0]).endswith("shoot-odds") or table == "scent-alike":
            kin = table.removesuffix("-odds") if table != "scent-alike" else "shoot"
            assert sum(k.value) == pytest.approx(1, abs=1e-6), k.id
            assert len(k.value) == len(
                know.text(f"{kin}-clues/{k.id.split('/')[2]}/states").split(" ")
            )
    for region in know.rows("stock-mix"):
        assert sum(
            k.value for k in know if k.id.startswith(f"stock-mix/{region}/")
        ) == pytest.approx(1)
    for kin in ("shoot", "avocado-shoot", "plain-shoot"):
        for clue in know.rows(f"{kin}-clues"):
            assert len(know.text(f"{kin}-clues/{clue}/words").split(" | ")) == len(
                know.text(f"{kin}-clues/{clue}/states").split(" ")
            )


@pytest.mark.parametrize("stock", THREE_LEAFLETS)
@pytest.mark.parametrize("scion", ["navel-orange", "lemon", "satsuma", "finger-lime"])
def test_three_leaflets_below_the_union_is_a_sucker(know, stock, scion):
    assert (
        judge(
            ShootCase(scion, stock, {"leaf_form": "trifoliolate", "origin": "below_union"}), know
        ).verdict
        == "rootstock_sucker"
    )


SEEN = st.fixed_dictionaries(
    {},
    optional={
        "leaf_form": st.sampled_from(["trifoliolate", "mixed", "unifoliolate", "leafless"]),
        "angle": st.sampled_from(["vertical_le20", "oblique_20to50", "spreading_gt50"]),
        "growth_rate_rel": st.sampled_from(["slower", "similar", "faster"]),
        "leaf_size_rel": st.sampled_from(["smaller", "similar", "larger"]),
        "origin": st.sampled_from(
            ["soil", "below_union", "at_union", "above_0to5cm", "higher_gt5cm"]
        ),
        "scent": st.sampled_from(["same_as_scion", "different", "cannot_tell"]),
        "thorns_rel": st.sampled_from(["none", "similar_or_less", "more_or_longer"]),
        "twig_section": st.sampled_from(["round", "angular_or_triangular"]),
    },
)


@given(SEEN, st.sampled_from(["carrizo", "sour-orange", "cleopatra", None]), st.randoms())
def test_order_tells_nothing_and_probabilities_sum_to_one(know, clues, stock, chance):
    shuffled = list(clues.items())
    chance.shuffle(shuffled)
    a, b = (judge(ShootCase("navel-orange", stock, c), know) for c in (clues, dict(shuffled)))
    assert sum(a.probabilities.values()) == pytest.approx(1)
    assert a.probabilities == pytest.approx(b.probabilities)
    assert (a.verdict, a.ask_next) == (b.verdict, b.ask_next)
    assert a.reasons
    assert a.ask_next not in clues


@given(SEEN)
def test_vigour_alone_never_says_remove(know, clues):
    vigour = {
        k: v
        for k, v in clues.items()
        if k in ("angle", "growth_rate_rel", "leaf_size_rel", "thorns_rel", "twig_section")
    }
    assert (
        judge(replace(NAVEL, clues=vigour, prior=(0.85, 0.1, 0.05)), know).verdict
        != "rootstock_sucker"
    )


def test_agreeing_evidence_never_lowers_the_confidence(know):
    clues, last = {}, 0.0
    for clue, value in (
        ("origin", "below_union"),
        ("leaf_form", "trifoliolate"),
        ("scent", "different"),
        ("petiole_wing", "narrow_1.5to5mm"),
    ):
        clues[clue] = value
        stock = judge(replace(NAVEL, clues=dict(clues)), know).probabilities["rootstock_sucker"]
        if (
            next(
                e for e in judge(replace(NAVEL, clues=dict(clues)), know).evidence if e.clue == clue
            ).weight
            > 0
        ):
            assert stock >= last
        last = stock


def test_a_clue_both_share_moves_nothing_and_is_not_asked(know):
    """A lemon's crushed leaf on rough lemon smells the same; a thorny kind makes thorns void."""
    key_lime = ShootCase("key-lime", "carrizo", {"thorns_rel": "more_or_longer"})
    assert judge(key_lime, know).probabilities == pytest.approx(
        judge(replace(key_lime, clues={}), know).probabilities
    )
    assert "void-clue" in [r.code for r in judge(key_lime, know).reasons]
    grapefruit = judge(ShootCase("grapefruit", "sour-orange", {"petiole_wing": "wide_gt5mm"}), know)
    assert "tells nothing" in said(grapefruit.evidence[0].says)


def test_the_first_question_is_leaf_or_origin(know):
    assert judge(NAVEL, know).ask_next in ("leaf_form", "origin")
    settled = judge(
        replace(NAVEL, clues={"leaf_form": "trifoliolate", "origin": "below_union"}), know
    )
    assert settled.ask_next is None


def test_exceptions_to_taking_it_off(know):
    """From memory: the only living shoots after a freeze are not removed but asked about."""
    below = replace(NAVEL, clues={"origin": "below_union"}, union_seen=True)
    off = judge(below, know)
    assert (off.verdict, "flush at its origin" in said(off.action)) == ("rootstock_sucker", True)
    assert "finger" in said(judge(replace(below, diameter_mm=5), know).action)
    kept = judge(replace(below, only_living_shoots=True, after_freeze=True), know)
    assert ("Do not cut yet" in said(kept.action), "budded again" in said(kept.action)) == (
        True,
        True,
    )
    assert judge(replace(below, many_grafts=True), know).verdict == "uncertain"
    own = judge(ShootCase("navel-orange", "own-rooted", {"origin": "soil"}), know)
    assert (own.probabilities["rootstock_sucker"], "strike it" in said(own.action)) == (0, True)


def test_after_a_freeze_the_stock_is_likelier(know):
    plain, frozen = (
        judge(replace(NAVEL, after_freeze=f), know).probabilities["rootstock_sucker"]
        for f in (False, True)
    )
    assert (round(plain, 6), round(frozen, 6)) == (0.3, 0.95)


def test_leafless_in_winter_speaks_for_the_deciduous_stock(know):
    bare = ShootCase("satsuma", "trifoliate-orange", {"leaf_form": "leafless"})
    summer, winter = (
        judge(replace(bare, date=dt.date(2026, m, 10)), know).probabilities["rootstock_sucker"]
        for m in (7, 1)
    )
    south = judge(replace(bare, date=dt.date(2026, 7, 10), southern=True), know).probabilities[
        "rootstock_sucker"
    ]
    assert winter > summer
    assert south == pytest.approx(winter)


def test_the_leaf_outranks_the_label(know):
    found = judge(
        ShootCase(
            "navel-orange", "sour-orange", {"leaf_form": "trifoliolate", "origin": "below_union"}
        ),
        know,
    )
    assert "record-doubt" in [r.code for r in found.reasons]
    assert found.verdict == "rootstock_sucker"
    assert not any(
        r.code == "record-doubt"
        for r in judge(replace(NAVEL, clues={"leaf_form": "trifoliolate"}), know).reasons
    )


def test_what_is_not_known_is_refused(know):
    for clues, at in (({"colour": "red"}, "/clues/colour"), ({"angle": "steep"}, "/clues/angle")):
        with pytest.raises(InvalidInput) as refused:
            judge(replace(NAVEL, clues=clues), know)
        assert refused.value.problems[0].pointer == at
    with pytest.raises(InvalidInput):
        judge(replace(NAVEL, prior=(0.5, 0.5, 0.5)), know)


@pytest.mark.parametrize(
    ("case", "verdict"),
    [
        (
            ShootCase(
                "avocado",
                "mexican-seedling",
                {"origin": "below_union", "scent": "strong"},
                cultivar="hass",
            ),
            "rootstock_sucker",
        ),
        (
            ShootCase(
                "avocado",
                "mexican-seedling",
                {"origin": "above_union", "angle": "vertical_le20", "growth_rate_rel": "faster"},
                cultivar="hass",
            ),
            "water_sprout",
        ),
        (
            ShootCase(
                "avocado",
                None,
                {"origin": "above_union", "angle": "spreading_gt50"},
                cultivar="reed",
            ),
            "scion_shoot",
        ),
        (
            ShootCase(
                "mango",
                "seedling",
                {"origin": "soil", "leaf_form_vs_scion": "other"},
                cultivar="osteen",
            ),
            "rootstock_sucker",
        ),
    ],
)
def test_other_kinds_than_citrus(know, case, verdict):
    """An ungrafted seedling or a cutting has no union; a named mango on a seedling has."""
    assert judge(case, know).verdict == verdict
    for own in (
        ShootCase("mango", "seedling", {"origin": "soil"}),
        ShootCase("guava", "own-rooted", {"origin": "soil"}),
    ):
        assert judge(own, know).probabilities["rootstock_sucker"] == 0


def test_scent_tells_nothing_on_a_kind_that_smells_itself(know):
    """Anise on a Mexicola is its own; on a Hass it speaks for a Mexican stock."""
    weights = {}
    for cultivar in ("mexicola", "hass"):
        found = judge(
            ShootCase("avocado", "mexican-seedling", {"scent": "strong"}, cultivar=cultivar), know
        )
        weights[cultivar] = found.evidence[0].weight
    assert abs(weights["mexicola"]) < 0.2
    assert weights["hass"] > 3


def test_how_a_tree_was_raised_decides_whether_it_has_a_stock(know):
    """From a stone it has none; on a seedling it is grafted; unknown, one clue does not condemn."""
    from_stone = ShootCase("mango", None, {"origin": "soil"}, raised="seedling")
    assert judge(from_stone, know).probabilities["rootstock_sucker"] == 0
    on_seedling = ShootCase("mango", "seedling", {"origin": "soil"}, raised="grafted")
    assert judge(on_seedling, know).probabilities["rootstock_sucker"] > 0.5
    unknown = ShootCase("lemon", None, {"origin": "soil"}, asks_raised=True)
    asked = judge(unknown, know)
    assert not asked.comes_off
    assert "how the tree was raised" in said(asked.action)
    two = {"leaf_form": "trifoliolate", "origin": "below_union"}
    assert judge(replace(unknown, clues=two), know).comes_off
    leaf = {"leaf_form": "trifoliolate"}  # no lemon bears such a leaf, however it was raised
    assert judge(replace(unknown, clues=leaf), know).comes_off


def test_what_cannot_be_told_moves_nothing_and_is_not_asked_again(know):
    plain = judge(replace(NAVEL, clues={"origin": "at_union"}), know)
    unsure = judge(replace(NAVEL, clues={"origin": "at_union", "scent": "cannot_tell"}), know)
    assert unsure.probabilities == plain.probabilities
    asked, clues = unsure.ask_next, {"origin": "at_union", "scent": "cannot_tell"}
    while asked is not None:
        assert asked != "scent"
        clues[asked] = know.text(f"shoot-clues/{asked}/states").split(" ")[0]
        asked = judge(replace(NAVEL, clues=clues), know).ask_next


@pytest.mark.parametrize("stock", [*THREE_LEAFLETS, None])
def test_the_leaf_of_three_is_asked_first_where_the_stock_may_bear_it(know, stock):
    case = replace(
        NAVEL, rootstock=stock, date=dt.date(2027, 7, 1), clues={"angle": "oblique_20to50"}
    )
    assert judge(case, know).ask_next == "leaf_form"
    assert judge(replace(case, rootstock="cleopatra"), know).ask_next != "leaf_form"
