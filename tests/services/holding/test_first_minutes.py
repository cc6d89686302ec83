"""Nothing there yet: the place, what stands there, and a verdict before anything is measured."""

from __future__ import annotations

from itertools import pairwise

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.holding import planting, setting_up
from billhook.services.holding.grove import grove
from billhook.services.plan import cutting
from billhook.services.tree import framing, views
from billhook.store.database import NotFound

from ...places import TODAY
from ...refusing import refusing


def test_what_is_said_is_planted_as_it_was_said(at):
    """Ten rows of twenty, their spacing, their sizes and how they were raised."""
    site = setting_up.set_up(at, "Grove", "Grove", 27.9, "humid-gulf").id
    found = planting.understand(at, "6 rows of 4 Keitt, 3 m by 6 m, planted 2019")
    (group,) = found.groups
    made = planting.plant(
        at,
        site,
        "Grove",
        None,
        group.count,
        group.species,
        group.planted_year,
        group.cultivar,
        spacing_m=group.spacing_m,
        rows=group.rows,
        row_spacing_m=group.row_spacing_m,
        like=planting.Like(height_m=4.0, spread_m=3.5, trunk_mm=150, origin="grafted"),
    )
    trees = [t for t in grove(at, TODAY).trees if t.record.tree.id in made.tree_ids]
    assert len({t.record.row.n for t in trees}) == 6
    at_x = sorted({t.record.place.x for t in trees})
    at_y = sorted({t.record.place.y for t in trees})
    assert [round(b - a, 2) for a, b in pairwise(at_x)] == [3, 3, 3]
    assert {round(b - a, 2) for a, b in pairwise(at_y)} == {6}
    assert {t.record.tree.origin for t in trees} == {"grafted"}
    assert all(t.size is not None and round(t.size.height_m, 1) == 4.0 for t in trees)


def test_a_row_by_its_name_and_trees_close_together(at):
    site = setting_up.set_up(at, "Grove", "Grove", 27.9, "humid-gulf").id
    mark = planting.Like(together="c0ffee00-0000-4000-8000-000000000001")
    one = planting.plant(at, site, "Yard", "by the wall", 3, "lemon", 2020, like=mark)
    two = planting.plant(at, site, "Yard", "By the wall", 1, "mango", 2020)
    assert one.row_id == two.row_id
    names = {t.record.name: t for t in grove(at, TODAY).trees}
    assert "Yard by the wall·1" in names
    xs = [names[f"Yard by the wall·{n}"].record.place.x for n in (1, 2, 3)]
    assert max(xs) - min(xs) < 1
    with pytest.raises(InvalidInput):
        planting.plant(at, site, "Yard", None, 2, "lemon", 2020, rows=3)
    with pytest.raises(InvalidInput):
        planting.plant(at, site, "Yard", None, 1, "lemon", 2020, like=planting.Like(0.3, 4.0))


def test_a_verdict_and_a_limit_before_anything_is_measured(at):
    site = setting_up.set_up(at, "Garden", "Garden", 36.8, "mediterranean-coast")
    made = planting.plant(at, site.id, "Garden", 3, 24, "navel-orange", 2015)
    view = grove(at, TODAY)
    assert [t.record.name for t in view.trees][:2] == ["Garden 3·1", "Garden 3·2"]
    assert len(view.trees) == 24
    assert all(t.size.height_m is None and t.need.text for t in view.trees)
    tree = views.tree_view(at, made.tree_ids[0], TODAY)
    assert tree.frame is None
    thin = next(v for v in tree.verdicts if v.work == "thin")
    assert (thin.status, thin.max_share) == ("go", pytest.approx(0.2))
    assert "a whole crop" in said(thin.sentence)
    with refusing(NotFound, "no frame yet"):
        cutting.preview(at, made.tree_ids[0], [], "thin", TODAY)


def test_trees_are_laid_out_apart(at):
    site = setting_up.set_up(at, "Garden", "Garden", 36.8, "mediterranean-coast")
    planting.plant(at, site.id, "A", 1, 3, "lemon", 2015)
    planting.plant(at, site.id, "A", 1, 2, "lemon", 2016)
    planting.plant(at, site.id, "A", None, 2, "lemon", 2016)
    planting.plant(at, site.id, "B", None, 2, "mango", 2016, spacing_m=3)
    spots = [(t.record.name, t.record.place.x, t.record.place.y) for t in grove(at, TODAY).trees]
    assert [name for name, _, _ in spots] == [
        "A 1·1",
        "A 1·2",
        "A 1·3",
        "A 1·4",
        "A 1·5",
        "A 2·1",
        "A 2·2",
        "B 1·1",
        "B 1·2",
    ]
    assert len({(x, y) for _, x, y in spots}) == 9
    assert spots[-1][1] - spots[-2][1] == 3


def test_typed_temperatures_find_their_climate(at):
    tmin, tmax = (
        [4, 5, 7, 9, 12, 15, 17, 17, 14, 11, 7, 5],
        [15, 17, 20, 23, 27, 31, 34, 33, 30, 26, 20, 16],
    )
    site = setting_up.set_up(
        at,
        "G",
        "G",
        38.0,
        None,
        [float(t) for t in tmin],
        [float(t) for t in tmax],
        "03-10",
        "11-25",
    )
    assert site.climate == "inland-mediterranean"
    south = setting_up.set_up(at, "G", "S", -33.0, "inland-mediterranean")
    assert (south.last_frost, south.first_frost) == ("09-08", "05-26")


@pytest.mark.parametrize(
    ("given", "pointer"),
    [
        ({"climate": "atlantis"}, "/climate"),
        ({"climate": None}, "/climate"),
        ({"climate": None, "tmin_c": [10.0] * 12, "tmax_c": [12.0] * 11 + [9.0]}, "/tmax_c/11"),
        ({"climate": "low-desert", "last_frost": "02-30"}, "/last_frost"),
    ],
)
def test_a_place_that_cannot_be_is_refused_by_field(at, given, pointer):
    with pytest.raises(InvalidInput) as refused:
        setting_up.set_up(at, "G", "G", 36.8, **given)
    assert [p.pointer for p in refused.value.problems] == [pointer]
    assert grove(at, TODAY).holding is None


def test_unknown_kinds_are_refused_by_field(at):
    site = setting_up.set_up(at, "G", "G", 36.8, "low-desert")
    with pytest.raises(InvalidInput) as refused:
        planting.plant(at, site.id, "A", 1, 1, "mango", 2015, "hass", "sticks")
    assert [p.pointer for p in refused.value.problems] == ["/cultivar", "/rootstock"]
    assert grove(at, TODAY).trees == []


def test_five_measured_trees_stand_for_the_row(garden):
    with pytest.raises(InvalidInput):
        framing.apply_row_mean(
            garden.at, views.tree_view(garden.at, garden.pot_id, TODAY).record.row.id, TODAY
        )
    framing.sketch_tree(garden.at, garden.tree_ids[1], 4.0, 3.0, 90, TODAY)
    mean = framing.apply_row_mean(garden.at, garden.row_id, TODAY)
    assert (mean.from_trees, mean.applied_to) == (1, 4)
    shown = [views.tree_view(garden.at, t, TODAY, ("thin",)) for t in garden.tree_ids]
    assert [v.frame.row.origin for v in shown] == [
        "measured",
        "sketched",
        "sketched",
        "sketched",
        "sketched",
    ]
    for view in shown[1:]:
        assert view.frame.size.height_m == pytest.approx(mean.height_m, rel=0.02)
        assert view.frame.size.spread_m == pytest.approx(mean.spread_m, rel=0.02)
        assert view.frame.row.trunk_mm == pytest.approx(mean.trunk_mm, rel=0.02)
    assert shown[0].frame.row.id == garden.frame_id


def test_units_belong_to_the_holding(at):
    with pytest.raises(NotFound):
        setting_up.set_units(at, "us")
    setting_up.set_up(at, "G", "G", 36.8, "low-desert")
    assert setting_up.set_units(at, "us").units == "us"
    assert grove(at, TODAY).holding.units == "us"


def test_a_garden_s_few_trees_are_no_rows(at):
    site = setting_up.set_up(at, "Casa", "Casa", 36.8, "mediterranean-coast")
    planting.plant(at, site.id, "Patio", 1, 8, "lemon", 2020, pot_l=40)
    planting.plant(at, site.id, "Casa", 1, 3, "loquat", 2015)
    planting.plant(at, site.id, "Baixo", 1, 4, "loquat", 2015)
    view = grove(at, TODAY)
    assert {b.name for b in view.blocks if b.id in view.in_rows} == {"Baixo"}
