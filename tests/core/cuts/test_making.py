"""The drawing of a cut is to scale and its strokes come in the right order; the notes say what a
helper must know.
"""

from __future__ import annotations

from dataclasses import replace
from math import cos, hypot, radians, sin

import pytest

from billhook.catalogue.wording import said
from billhook.core.cuts.technique import advise
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.outline import Outline, breaks
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import frustum_volume_m3, wood_parameters

LIMBS = (
    Limb("big", "trunk", 0.7, 80, 2.4, 40, 90, tip_mm=25, fruit=8),
    Limb("side", "big", 1.2, 30, 1.0, 55, 45, tip_mm=6),
    Limb("twig", "big", 0.6, 12, 0.6, 20, 120, tip_mm=4),
    Limb("w", "trunk", 0.8, 60, 2.0, 45, 270, tip_mm=20),
    Limb("k", "trunk", 0.1, 10, 0.4, 80, 200, tip_mm=4),
)
TREE = Frame(Trunk(120, 0.85), LIMBS, 0.25)


def advice(know, limb, keep, work="thin", frame=TREE, dangers=()):
    answer = frame_answer(frame, [Cut(limb, keep)], wood_parameters(know, "mandarin"))
    return advise(frame, answer.cuts[0], know, work, "mandarin", 3, "metric", dangers)


def codes(found):
    return [r.code for r in found.making]


def test_a_heavy_limb_is_undercut_then_cut_through_then_cut_clean(know):
    found = advice(know, "big", 0.0)
    under, top, last = found.drawing.strokes
    assert (under.kind, top.kind, last.kind) == ("under", "top", "last")
    assert under.start[1] < under.end[1]  # from below
    assert 0.25 <= under.deep <= 0.34
    middle = [hypot((s.start[0] + s.end[0]) / 2, (s.start[1] + s.end[1]) / 2) for s in (top, last)]
    assert middle[0] > middle[1]  # the long cut is further out
    assert "support" in codes(found)
    assert codes(found)[0] == "look-first"


def test_the_last_cut_lies_outside_the_bark_that_bears_the_limb(know):
    found = advice(know, "big", 0.0)
    last = found.drawing.strokes[-1]
    middle, half = (last.start[0] + last.end[0]) / 2, abs(last.start[0] - last.end[0]) / 2
    assert (
        middle - half * 0.5 / 0.62 > 0
    )  # the bark's edge is at 0: within the limb's width the blade never enters it
    limb = next(p for p in found.drawing.pieces if p.role == "limb")
    assert limb.end_w == pytest.approx(0.080)


def test_what_takes_over_is_drawn_and_the_slope_leads_away_from_it(know):
    found = advice(know, "big", 1.23)
    heir = next(p for p in found.drawing.pieces if p.role == "heir")
    assert heir.start_w == pytest.approx(0.030)
    assert "grows-with-heir" in codes(found)
    assert "north-east" in next(said(r) for r in found.making if r.code == "grows-with-heir")


def test_between_branches_a_bud_is_named_and_bare_stems_are_explained(know):
    bare = replace(
        TREE, limbs=tuple(replace(x, foliage=0.1) if x.id == "twig" else x for x in TREE.limbs)
    )
    found = advice(know, "twig", 0.3, frame=bare)
    assert {"grows-from-bud", "nodes", "browning", "blade-side"} <= set(codes(found))
    bud = next(p for p in found.drawing.pieces if p.role == "bud")
    last = found.drawing.strokes[-1]
    along, across = (
        (cos(radians(20)), sin(radians(20))),
        (-sin(radians(20)), cos(radians(20))),
    )  # the twig rises by 20°

    def at(p, axis):
        return p[0] * axis[0] + p[1] * axis[1]

    further = max((last.start, last.end), key=lambda p: at(p, along))
    assert (
        at(further, across) * at(bud.start, across) > 0
    )  # the cut is longest on the side of the bud, and slopes away from it


def test_a_bough_headed_far_out_is_cut_square_and_names_no_bud(know):
    found = advice(know, "big", 0.9)
    assert found.place == "between"
    assert "bud" not in said(found.technique)
    assert "grows-anywhere" in codes(found)
    assert "grows-from-bud" not in codes(found)
    assert not [p for p in found.drawing.pieces if p.role == "bud"]


def test_what_the_free_hand_holds_needs_no_undercut(know):
    """Heavy enough to tear, light enough to be held."""
    thin = tuple(replace(x, base_mm=41, tip_mm=12) if x.id == "w" else x for x in TREE.limbs)
    light = advice(know, "w", 0.0, frame=replace(TREE, limbs=thin))
    assert "Three cuts" in said(light.technique)
    heavy = advice(know, "big", 0.0)
    assert ("in-hand" in codes(light), "support" in codes(light)) == (True, False)
    assert ("in-hand" in codes(heavy), "support" in codes(heavy)) == (False, True)


def test_a_sheared_wall_names_no_bud(know):
    found = advice(know, "twig", 0.3, "hedge")
    assert found.place == "sheared"
    assert "grows-from-bud" not in codes(found)
    assert "sheared" in codes(found)


def test_hygiene_and_the_upper_size_of_a_tool(know):
    sick = replace(
        TREE, limbs=tuple(replace(x, state="diseased") if x.id == "twig" else x for x in TREE.limbs)
    )
    assert "clean-each-cut" in codes(advice(know, "twig", 0.0, frame=sick))
    assert "clean-each-tree" in codes(advice(know, "twig", 0.0, dangers=["canker"]))
    assert "clean-each-tree" not in codes(advice(know, "twig", 0.0))
    thick = replace(
        TREE, limbs=tuple(replace(x, base_mm=18.5) if x.id == "twig" else x for x in TREE.limbs)
    )
    assert "upper-size" in codes(
        advice(know, "twig", 0.0, frame=thick)
    )  # 19 mm is the pruner's most
    assert "upper-size" not in codes(advice(know, "twig", 0.0))


def test_a_limb_is_found_where_it_leaves_the_outline():
    wall = Outline(
        "wall", 2.0, 1.0, 0.3, 0.0, 0.0
    )  # a row running north: the wall stands 1 m east and west
    found = {b.limb: b for b in breaks(TREE, wall)}
    assert "big" in found  # runs 1.84 m east
    east = found["big"].keep_m * 0.7660
    assert east == pytest.approx(1.0, abs=0.005)
    assert found["big"].beyond_m == pytest.approx(
        max(2.4 * 0.7660 - 1.0, 0.7 + 2.4 * 0.6428 - 2.0), abs=0.01
    )
    assert "k" not in found  # suckers go anyway
    assert not breaks(TREE, wall.grown(3))
    along = Outline(
        "wall", 5.0, 1.0, 0.3, 0.0, 90.0
    )  # a row running east: the same limb lies in the row
    assert "big" not in {b.limb for b in breaks(TREE, along)}


def test_outlines_narrow_as_their_names_say():
    assert Outline("pyramid", 3, 1.5, 0.5).half_at(1.75) == pytest.approx(0.75)
    assert Outline("globe", 3, 1.5, 1.0).half_at(2.9) < 0.8
    lean = Outline("wall", 3, 1.5, 0.5, 10)
    assert lean.half_at(0.5) - lean.half_at(2.5) == pytest.approx(2 * 0.17633, abs=1e-4)
    drawn = Outline("round", 3, 1.5, draw_in_m=0.5, draw_in_deg=90)
    assert drawn.room_m((1.2, 0, 1)) < 0 < drawn.room_m((-1.2, 0, 1))


def test_wood_volume_against_a_frustum_and_a_published_form_range():
    """Taper from base to tip: a frustum of a cone by its textbook formula; its form lies between
    cone (1/3) and cylinder (1), as Husch et al. give it (from memory).
    """
    d1, d2, length = 0.1, 0.04, 3.0
    exact = 3.141592653589793 * length / 12 * (d1 * d1 + d1 * d2 + d2 * d2)
    found = frustum_volume_m3(length, 100, 40)
    assert found == pytest.approx(exact, rel=1e-9)
    assert 1 / 3 <= found / (3.141592653589793 / 4 * d1 * d1 * length) <= 1


@pytest.mark.parametrize(
    ("limb", "keep", "wrong"),
    [
        ("twig", 0.0, ["wrong-stub", "wrong-collar"]),
        ("twig", 0.3, ["wrong-stub", "wrong-bud"]),
        ("big", 1.22, ["wrong-stub", "wrong-heir"]),
        ("w", 0.4, []),  # headed far out in thick wood: no bud tells
    ],
)
def test_the_wrong_cut_is_drawn_beside_the_right_one(know, limb, keep, wrong):
    found = advice(know, limb, keep).drawing
    assert [r.code for r in found.not_so] == wrong
    right = found.strokes[-1]
    rise = radians(TREE.limb(limb).rise_deg)
    for stroke, code in zip(found.wrong, wrong, strict=True):
        out = (stroke.x0 - right.x0) * cos(rise) + (stroke.y0 - right.y0) * sin(rise)
        assert (out > 0) == (code == "wrong-stub")


def test_a_limb_in_soft_flush_or_without_fruit_says_so(know):
    soft = replace(TREE, limbs=tuple(replace(x, flush="soft") for x in TREE.limbs))
    assert "soft-flush" in codes(advice(know, "w", 0.0, frame=soft))
    assert "soft-flush" not in codes(advice(know, "w", 0.0))
    assert "bears-none" in codes(advice(know, "w", 0.0))  # the eight hang on the other
    assert "bears-none" not in codes(advice(know, "big", 0.0))
