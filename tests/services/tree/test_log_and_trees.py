"""Work made without a plan, corrections, observations, trees that go, and the season of what is
stored.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.book import logbook
from billhook.services.holding import setting_up, tree_lists
from billhook.services.holding.grove import grove
from billhook.services.season import says
from billhook.services.season.desk import SeasonDesk
from billhook.services.tree import framing, observing, records, views
from billhook.store.database import StaleVersion
from billhook.store.trees import tree_record

from ...places import TODAY, forked_frame, new_id
from ...refusing import refusing


def past(garden, share=0.12, **more):
    given = {
        "date": TODAY,
        "work": "thin",
        "share": share,
        "height_before_m": 3.0,
        "height_after_m": 2.8,
    } | more
    entry_id = given.pop("entry_id", new_id())
    return logbook.log_past_work(garden.at, garden.tree_ids[0], entry_id, **given)


def test_work_already_done_counts_against_the_year(garden):
    past(garden)
    view = views.tree_view(garden.at, garden.tree_ids[0], TODAY)
    assert view.used_share == pytest.approx(0.12)
    assert next(v for v in view.verdicts if v.work == "thin").max_share == pytest.approx(0.08)


def test_a_correction_is_a_new_entry_and_replaces_the_share(garden):
    wrong = past(garden, 0.19)
    right = past(garden, 0.05, corrects=wrong.id, note="half of it was dead")
    lines = logbook.log(garden.at, garden.tree_ids[0])
    assert {line.entry.id: line.corrected_by for line in lines} == {
        wrong.id: right.id,
        right.id: None,
    }
    assert views.tree_view(garden.at, garden.tree_ids[0], TODAY).used_share == pytest.approx(0.05)
    with refusing(InvalidInput, "corrected already"):
        past(garden, 0.01, corrects=wrong.id)
    other = logbook.log_past_work(garden.at, garden.tree_ids[1], new_id(), TODAY, "thin")
    with refusing(InvalidInput, "another tree"):
        past(garden, 0.01, corrects=other.id)


def test_the_same_entry_sent_twice_is_one_entry(garden):
    entry_id = new_id()
    past(garden, entry_id=entry_id)
    past(garden, entry_id=entry_id)
    assert len(logbook.log(garden.at)) == 1
    assert logbook.log(garden.at)[0].tree_name == "Baixo 1·1"


@pytest.mark.parametrize(
    ("given", "pointer"),
    [
        ({"work": "shearing"}, "/work"),
        ({"date": TODAY + dt.timedelta(days=1)}, "/date"),
        ({"height_after_m": 3.4}, "/height_after_m"),
    ],
)
def test_entries_that_cannot_be_are_refused_by_field(garden, given, pointer):
    with pytest.raises(InvalidInput) as refused:
        past(garden, **given)
    assert [p.pointer for p in refused.value.problems] == [pointer]
    assert logbook.log(garden.at) == []


def test_picked_takes_the_ripe_fruit_off_the_verdict_and_can_be_taken_back(garden):
    day = dt.date(2027, 2, 12)
    garden.at.settings = replace(garden.at.settings, fixed_today=day)

    def codes():
        found = next(
            v
            for v in views.tree_view(garden.at, garden.tree_ids[0], day).verdicts
            if v.work == "thin"
        )
        return {r.code for r in found.reasons}, {a.act for a in found.acts}

    assert "ripe" in codes()[0]
    assert "picked" in codes()[1]
    said = says.write_down(garden.at, "picked", [garden.tree_ids[0]])
    assert (said.trees, "12 Feb 2027" in said.words, "ripe" in codes()[0]) == (1, True, False)
    assert says.take_back(garden.at, "picked", said.ids) == 1
    assert "ripe" in codes()[0]
    with refusing(InvalidInput, "must be one of picked"):
        says.write_down(garden.at, "harvested", [garden.tree_ids[0]])
    with refusing(InvalidInput, "no such tree"):
        says.write_down(garden.at, "picked", [garden.tree_ids[0]], species=["mango"])


def test_observed_condition_and_crop_reach_the_verdict(garden):
    observing.observe(garden.at, "tree", garden.tree_ids[0], "condition", "weak", TODAY)
    view = views.tree_view(garden.at, garden.tree_ids[0], TODAY)
    assert view.year_share == pytest.approx(0.10)
    observing.observe(garden.at, "tree", garden.tree_ids[0], "freeze_class", "F3", TODAY)
    frozen = views.tree_view(garden.at, garden.tree_ids[0], TODAY)
    assert next(v for v in frozen.verdicts if v.work == "thin").status == "stop"


@pytest.mark.parametrize(
    ("kind", "value", "pointer"),
    [
        ("mood", "good", "/kind"),
        ("condition", "sad", "/value"),
        ("vigour", "9", "/value"),
        ("harvest_end", "soon", "/value"),
    ],
)
def test_observations_that_cannot_be_used_are_refused(garden, kind, value, pointer):
    with pytest.raises(InvalidInput) as refused:
        observing.observe(garden.at, "tree", garden.tree_ids[0], kind, value, TODAY)
    assert refused.value.problems[0].pointer == pointer


def test_a_tree_goes_and_its_place_and_log_stay(garden):
    past(garden)
    with pytest.raises(StaleVersion):
        records.remove_tree(garden.at, garden.tree_ids[0], 5, TODAY)
    records.remove_tree(garden.at, garden.tree_ids[0], 1, TODAY)
    with refusing(InvalidInput, "gone since"):
        records.remove_tree(garden.at, garden.tree_ids[0], 2, TODAY)
    view = grove(garden.at, TODAY)
    assert len(view.trees) == 5
    assert len(view.empty_places) == 1
    assert logbook.log(garden.at)[0].tree_name == "a tree that is gone"
    text = "block,row,place,species,planted_year\nBaixo,1,1,mandarin,2027\n"
    assert tree_lists.import_trees(garden.at, garden.site.id, text, save=True).saved
    assert grove(garden.at, TODAY).empty_places == []


def test_a_cold_pocket_waits_longer(garden):
    def opens(offset: float, pocket: bool) -> dt.date:
        block = views.tree_view(garden.at, garden.tree_ids[0], TODAY).record.block.id
        setting_up.describe_block(garden.at, block, 2.5, offset, pocket)
        day = dt.date(2027, 1, 20)
        with garden.at.store.reading() as session:
            verdict = SeasonDesk(session, garden.at, day).verdict(
                tree_record(session, garden.tree_ids[0]), "thin"
            )
        return verdict.opens

    assert opens(-2.0, True) > opens(0.0, False)


def test_what_each_needs_next(garden):
    needs = {t.record.name: t.need for t in grove(garden.at, TODAY).trees}
    assert said(needs["Baixo 1·1"].text) == "One sucker below the union: off, any day"
    assert said(needs["Baixo 1·1"].alike) == "Suckers below the union: off, any day"
    assert needs["Baixo 1·2"].kind == "thin"
    assert needs["Baixo 1·2"].alike == needs["Baixo 1·2"].text
    assert said(needs["Baixo 1·2"].text).startswith("Whole branches: go, at most 20 % until ")
    assert needs["Pátio 1·1"].kind == "pot"


def test_changes_to_a_record_are_kept_and_checked(garden):
    changed = records.change_tree(
        garden.at,
        garden.tree_ids[0],
        1,
        {"rootstock": "swingle", "union_mark": "paint", "note": "by the gate"},
    )
    assert (
        changed.stem.rootstock,
        changed.stem.union_mark,
        changed.tree.note,
        changed.tree.version,
    ) == ("swingle", "paint", "by the gate", 2)
    with refusing(InvalidInput, "not in the catalogue"):
        records.change_tree(garden.at, garden.tree_ids[0], 2, {"rootstock": "broomstick"})
    with refusing(InvalidInput, "there is no limb"):
        framing.save_frame(
            garden.at, garden.tree_ids[0], forked_frame(), garden.frame_id, {"zz"}, TODAY
        )


def test_every_saying_changes_the_season_and_can_be_taken_back(garden):
    """One tap each on a pot, on the day after the model would carry it out."""
    day = dt.date(2027, 4, 20)
    garden.at.settings = replace(garden.at.settings, fixed_today=day)

    def pot():
        return next(
            v for v in views.tree_view(garden.at, garden.pot_id, day).verdicts if v.work == "pot"
        )

    assert pot().status == "go"
    for saying in says.SAYINGS:
        said = says.write_down(garden.at, saying, [garden.pot_id])
        found = pot()
        if saying == "went-out":
            assert (found.status, found.opens) == ("stop", dt.date(2027, 5, 4))
        assert all(g.need.kind != "odd" for g in grove(garden.at, day).trees), saying
        says.take_back(garden.at, saying, said.ids)
    assert pot().status == "go"
    row = says.write_down(garden.at, "no-fruit", scope="row", scope_id=garden.row_id)
    assert row.trees == 5
    assert says.write_down(garden.at, "no-frost", scope="row", scope_id=garden.row_id).ids
