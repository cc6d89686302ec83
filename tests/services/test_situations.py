"""What a grower with this tree, in this place, on this day, is told on every page: the tree, the
look, the count of cuts and Today go by one verdict.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said as worded
from billhook.services.holding import planting, setting_up
from billhook.services.plan.counted import recipe_for
from billhook.services.plan.proposals import plan_for
from billhook.services.plan.wishes import Wish
from billhook.services.season import today
from billhook.services.tree import framing, views
from billhook.services.walk import walks

from ..places import empty_workplace, forked_frame
from .walk.walking import walked

D = dt.date
# kind, cultivar, planted, litres of its pot, latitude, climate, day
SITUATIONS = [
    ("navel-orange", None, 2005, None, 33.9, "inland-valley", D(2027, 3, 15)),
    ("navel-orange", None, 2005, None, 33.9, "inland-valley", D(2027, 11, 15)),
    ("navel-orange", None, 2025, None, 33.9, "inland-valley", D(2027, 3, 15)),
    ("grapefruit", None, 2010, None, 33.4, "low-desert", D(2027, 2, 20)),
    ("grapefruit", None, 2010, None, 33.4, "low-desert", D(2027, 7, 20)),
    ("satsuma", None, 2014, None, 29.9, "humid-gulf", D(2027, 2, 10)),
    ("satsuma", None, 2014, None, 29.9, "humid-gulf", D(2027, 10, 10)),
    ("persian-lime", None, 2016, None, 25.5, "humid-peninsula", D(2027, 3, 20)),
    ("lemon", None, 2012, None, 38.1, "mediterranean-coast", D(2027, 6, 5)),
    ("lemon", None, 2021, 40.0, 52.5, "maritime-cool", D(2027, 6, 20)),
    ("lemon", None, 2021, 40.0, 52.5, "maritime-cool", D(2027, 12, 20)),
    ("calamondin", None, 2019, 30.0, 41.8, "cold-humid", D(2027, 6, 10)),
    ("mandarin", "clementine", 2012, None, 39.4, "mediterranean-coast", D(2027, 4, 30)),
    ("mandarin", None, 2010, None, -25.6, "humid-gulf", D(2026, 9, 20)),
    ("kumquat", None, 2015, None, 30.2, "humid-gulf", D(2027, 3, 20)),
    ("meyer-lemon", None, 2025, None, -27.5, "humid-gulf", D(2026, 9, 10)),
    ("avocado", "hass", 2010, None, -37.7, "maritime-cool", D(2026, 11, 15)),
    ("avocado", "hass", 2012, None, 36.7, "mediterranean-coast", D(2027, 3, 25)),
    ("avocado", "hass", 2014, None, -1.3, "tropical-highland", D(2027, 6, 5)),
    ("avocado", None, 2026, None, 36.7, "mediterranean-coast", D(2027, 4, 25)),
    ("mango", "kent", 2012, None, 36.7, "mediterranean-coast", D(2026, 11, 15)),
    ("mango", "keitt", 2012, None, 25.5, "humid-peninsula", D(2027, 9, 5)),
    ("mango", None, 2010, None, -19.3, "tropical-lowland", D(2027, 1, 20)),
    ("mango", None, 2026, None, -19.3, "tropical-lowland", D(2027, 1, 20)),
    ("lychee", None, 2008, None, -16.9, "tropical-lowland", D(2027, 2, 5)),
    ("longan", None, 2010, None, 26.6, "humid-peninsula", D(2027, 9, 10)),
    ("loquat", None, 2011, None, 38.1, "mediterranean-coast", D(2027, 6, 20)),
    ("guava", None, 2012, None, -25.5, "humid-gulf", D(2026, 9, 10)),
    ("macadamia", None, 2010, None, -25.5, "humid-gulf", D(2026, 9, 10)),
    ("cherimoya", None, 2014, None, 36.7, "mediterranean-coast", D(2027, 4, 10)),
    ("sweet-orange", "valencia", 2008, None, 33.9, "inland-valley", D(2027, 6, 10)),
    ("sweet-orange", "valencia", 2008, None, -34.2, "mediterranean-coast", D(2026, 10, 5)),
    ("sweet-orange", None, 2026, None, 28.0, "humid-peninsula", D(2027, 6, 1)),
    ("navel-orange", None, 2015, None, -33.7, "inland-mediterranean", D(2026, 9, 1)),
    ("grapefruit", None, 2012, None, 26.2, "humid-gulf", D(2027, 4, 15)),
    ("pummelo", None, 2013, None, 13.7, "tropical-lowland", D(2027, 5, 20)),
    ("lemon", None, 2005, None, 34.4, "dry-cool-coast", D(2027, 8, 10)),
    ("lemon", None, 2010, None, -37.7, "maritime-cool", D(2026, 11, 20)),
    ("meyer-lemon", None, 2018, 56.0, 37.9, "mediterranean-coast", D(2027, 4, 5)),
    ("persian-lime", None, 2026, None, 25.5, "humid-peninsula", D(2027, 5, 20)),
    ("key-lime", None, 2014, None, 19.7, "tropical-lowland", D(2027, 2, 10)),
    ("kumquat", None, 2020, 30.0, 50.1, "cold-maritime", D(2027, 6, 10)),
    ("tangelo", None, 2009, None, 33.4, "low-desert", D(2027, 3, 5)),
    ("calamondin", None, 2015, None, 14.6, "tropical-lowland", D(2027, 7, 1)),
    ("finger-lime", None, 2017, None, -28.8, "humid-gulf", D(2026, 9, 25)),
    ("mandarin", "clementine", 2012, None, -33.0, "mediterranean-coast", D(2026, 9, 15)),
    ("satsuma", None, 2026, None, 30.4, "humid-gulf", D(2027, 4, 20)),
    ("avocado", "hass", 2009, None, 33.2, "dry-cool-coast", D(2027, 2, 20)),
    ("avocado", "hass", 2009, None, 33.2, "dry-cool-coast", D(2027, 9, 1)),
    ("avocado", "choquette", 2012, None, 25.5, "humid-peninsula", D(2027, 2, 1)),
    ("avocado", None, 2025, 20.0, 51.5, "maritime-cool", D(2027, 5, 25)),
    ("mango", "kent", 2010, None, -24.9, "humid-gulf", D(2027, 3, 10)),
    ("mango", "irwin", 2016, None, 28.1, "mediterranean-coast", D(2027, 8, 25)),
    ("mango", None, 2008, None, 13.0, "tropical-lowland", D(2027, 6, 20)),
    ("mango", None, 2022, 50.0, 41.8, "cold-humid", D(2027, 6, 25)),
    ("lychee", None, 2012, None, 21.3, "tropical-lowland", D(2027, 7, 5)),
    ("longan", None, 2010, None, -16.9, "tropical-lowland", D(2027, 3, 20)),
    ("guava", None, 2014, None, 25.5, "humid-peninsula", D(2027, 3, 1)),
    ("loquat", None, 2011, None, -33.9, "mediterranean-coast", D(2026, 12, 1)),
    ("carambola", None, 2013, None, 25.5, "humid-peninsula", D(2027, 4, 1)),
    ("macadamia", None, 2010, None, 19.7, "tropical-highland", D(2027, 5, 1)),
    ("cherimoya", None, 2012, None, -29.9, "dry-cool-coast", D(2026, 10, 1)),
]


@pytest.mark.parametrize(
    ("species", "cultivar", "planted", "pot_l", "latitude", "climate", "day"), SITUATIONS
)
def test_every_page_says_the_same(
    tmp_path, species, cultivar, planted, pot_l, latitude, climate, day
):
    at = empty_workplace(tmp_path, day)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", latitude, climate)
    young = planted > day.year - 4
    like = planting.Like(height_m=1.3 if young or pot_l else 4.0, trunk_mm=30 if young else 160)
    tree = planting.plant(
        at, site.id, "Baixo", 1, 1, species, planted, cultivar, None, pot_l, bool(pot_l), like=like
    ).tree_ids[0]
    page = views.tree_view(at, tree, day)
    said = {v.work: v for v in page.verdicts}
    count = recipe_for(at, tree, day, "tidy")
    assert (count.work, count.verdict.sentence) == (page.main_work, said[page.main_work].sentence)
    view = walked(at, tree, dead="dead", sprouts="big", crossing="rub", young_trunk="thick")
    found = [f for f in view.end.findings if f.work]
    assert found
    assert {f.work: view.may[f.work].sentence for f in found} == {
        f.work: said[f.work].sentence for f in found
    }
    walks.finish(at, view.walk.id)
    due = {i.work: i for i in today.fortnight(at, day).items if i.kind == "found"}
    for finding in found:
        verdict = said[finding.work]
        if verdict.status == "go":
            assert due[finding.work].tone == "go"
        elif verdict.ask is None:  # small cuts only, or none: it waits for its window
            assert finding.work not in due or due[finding.work].opens > day
    _plans_alike(at, tree, day)
    at.store.close()


def _plans_alike(at, tree, day):
    """The plan of the same tree, once it is drawn, is judged by the verdict of its page."""
    frame = forked_frame()
    framing.save_frame(at, tree, frame, None, {x.id for x in frame.limbs}, day)
    plan = plan_for(at, tree, Wish("tidy", day))
    said = {v.work: v for v in views.tree_view(at, tree, plan.day).verdicts}
    if plan.preview is not None:
        assert plan.preview.verdict.sentence == said[plan.work].sentence
    for left in plan.proposal.left:
        if not left.idle and left.until is not None:
            assert left.until > plan.day
    if plan.day != day:
        assert plan.not_today is not None


def test_sprouts_wait_for_the_same_answer_as_thinning_before_the_flush(tmp_path):
    """A resting citrus where frost may still come: open where none is forecast, for both."""
    at = empty_workplace(tmp_path, D(2027, 3, 1))
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 26.2, "humid-gulf")
    tree = planting.plant(at, site.id, "Baixo", 1, 1, "grapefruit", 2010).tree_ids[0]
    said = {v.work: worded(v.sentence) for v in views.tree_view(at, tree, D(2027, 3, 1)).verdicts}
    assert said["sprout"] == said["thin"]
    assert said["sprout"].startswith("Is frost forecast")
    at.store.close()
