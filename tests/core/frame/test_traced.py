"""Frames touched on a picture, against a projection of our own: a plain 3 x 4 pinhole matrix
(Hartley and Zisserman, Multiple View Geometry, chapter 6; from memory).
"""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.errors import InvalidInput
from billhook.core.frame.camera import Picture, Staff
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.geometry import height_m, limb_ends, radius_m
from billhook.core.frame.model import TRUNK, Cut, Frame, Limb
from billhook.core.frame.share import frame_answer
from billhook.core.frame.traced import Thick, Trace, TracedLimb, trace_frame

WIDTH, HEIGHT = 1200, 900


class Pinhole:
    """A camera of known place, tipped up and leaning; ``px`` projects a point of the world."""

    def __init__(self, focal, distance, eye, tip_deg, lean_deg, from_deg):
        right, tip, lean = np.radians(from_deg - 90), np.radians(tip_deg), np.radians(lean_deg)
        east = np.array([np.sin(right), np.cos(right), 0])
        away = np.array([np.sin(right - np.pi / 2), np.cos(right - np.pi / 2), 0])
        forward = np.cos(tip) * away + np.sin(tip) * np.array([0, 0, 1])
        up = -np.sin(tip) * away + np.cos(tip) * np.array([0, 0, 1])
        x = np.cos(lean) * east + np.sin(lean) * up
        y = np.cos(lean) * up - np.sin(lean) * east
        k = np.array([[focal, 0, WIDTH / 2], [0, focal, HEIGHT / 2], [0, 0, 1]])
        turn = np.stack([x, -y, forward])
        self.east, self.at = east, -distance * away + np.array([0, 0, eye])
        self.matrix = k @ np.hstack([turn, (-turn @ self.at)[:, None]])

    def px(self, point):
        u, v, w = self.matrix @ np.append(point, 1)
        return (float(u / w), float(v / w))


def picture(cam, from_deg, distance, eye=1.5, length=2.0):
    low = cam.east * 0.5
    staff = Staff(cam.px(low), cam.px(low + np.array([0, 0, length])), length)
    return Picture(WIDTH, HEIGHT, staff, cam.px((0, 0, 0)), from_deg, distance, eye)


def across(cam, frame, limb, ends):
    """Two touches across a limb's base, level with the picture."""
    start, end = (np.array(p) for p in ends)
    axis = np.array(cam.px(end)) - np.array(cam.px(start))
    side = np.array([-axis[1], axis[0]]) / np.linalg.norm(axis)
    scale = np.linalg.norm(np.array(cam.px(start + cam.east * 0.01)) - np.array(cam.px(start)))
    half = side * scale * limb.base_mm / 20
    at = np.array(cam.px(start))
    return (tuple(at - half), tuple(at + half))


def traced_of(frame: Frame, cam, picture, thick, second=None) -> Trace:
    ends = limb_ends(frame)
    limbs = []
    for limb in frame.limbs:
        start, end = ends[limb.id]
        tip2 = second.px(end) if second else None
        said = None if second else limb.bearing_deg
        limbs.append(
            TracedLimb(
                limb.id, cam.px(start), cam.px(end), thick(limb, ends[limb.id]), None, said, tip2
            )
        )
    top = max((e for _, e in ends.values()), key=lambda p: p[2])
    return Trace(picture, cam.px(top), Thick(mm=frame.trunk.diameter_mm), tuple(limbs))


def navel(know) -> Frame:
    return sketch_frame(3.2, 3.4, 130, habit(know, "rounded"), 7, 0.2)


def seen_well(frame, from_deg) -> Frame:
    """Limbs that do not point at the camera, and what they bear."""

    def edge_on(limb):
        off = abs((limb.bearing_deg - from_deg + 90) % 180 - 90)
        return off < 22

    gone = {x.id for x in frame.limbs if edge_on(x)}
    for x in frame.limbs:
        if x.on in gone:
            gone.add(x.id)
    return replace(frame, limbs=tuple(x for x in frame.limbs if x.id not in gone))


def share(frame, wood, limb):
    return frame_answer(frame, [Cut(limb, 0)], wood).canopy_share_removed


@pytest.mark.parametrize(("tip", "lean", "distance"), [(0, 0, 6), (6, 3, 7), (-4, -5, 5)])
def test_a_tilted_picture_gives_sizes_and_shares_back(know, wood, tip, lean, distance):
    true = seen_well(navel(know), 180)
    cam = Pinhole(1000, distance, 1.5, tip, lean, 180)
    trace = traced_of(
        true, cam, picture(cam, 180, distance), lambda x, e: Thick(across(cam, true, x, e))
    )
    found = trace_frame(know, trace)
    assert found.height_m == pytest.approx(height_m(true), rel=0.05)
    assert found.spread_m == pytest.approx(2 * radius_m(true), rel=0.05)
    for limb, was in zip(found.frame.limbs, true.limbs, strict=True):
        assert limb.on == was.on
        assert limb.length_m == pytest.approx(was.length_m, rel=0.05)
        assert share(found.frame, wood, limb.id) == pytest.approx(
            share(true, wood, was.id), abs=0.03
        )


def test_thickness_by_class_holds_the_truth_in_its_range(know, wood):
    true = seen_well(navel(know), 180)
    cam = Pinhole(1000, 6, 1.5, 3, 2, 180)

    def by_class(limb, ends):
        rows = know.rows("thickness")
        name = next(
            r for r in rows if limb.base_mm <= know.number(f"thickness/{r}/most") or r == rows[-1]
        )
        return Thick(thickness=name)

    found = trace_frame(know, traced_of(true, cam, picture(cam, 180, 6), by_class))
    held = {s.limb: s for s in found.shares}
    for limb in true.limbs:
        said = held[limb.id]
        assert said.low < said.share < said.high
        assert said.low <= share(true, wood, limb.id) <= said.high


def test_a_second_picture_gives_the_depth(know):
    true = navel(know)
    cam, side = Pinhole(1000, 6, 1.5, 4, 2, 180), Pinhole(900, 7, 1.5, 2, -1, 90)
    trace = traced_of(true, cam, picture(cam, 180, 6), lambda x, e: Thick(mm=x.base_mm), side)
    found = trace_frame(know, replace(trace, second=picture(side, 90, 7))).frame
    for limb, was in zip(found.limbs, true.limbs, strict=True):
        assert limb.length_m == pytest.approx(was.length_m, rel=0.05)
        off = abs((limb.bearing_deg - was.bearing_deg + 180) % 360 - 180)
        assert off < 4


@given(st.floats(0, 359), st.floats(-6, 6), st.floats(-6, 6), st.floats(5, 15))
def test_any_side_tip_and_lean_give_a_straight_limb_back(know, from_deg, tip, lean, distance):
    limb = Limb("a", TRUNK, 0.8, 40, 1.6, 50, (from_deg + 60) % 360)
    true = Frame(replace(navel(know).trunk, height_m=0.8), (limb,), None)
    cam = Pinhole(1100, distance, 1.5, tip, lean, from_deg)
    trace = traced_of(true, cam, picture(cam, from_deg, distance), lambda x, e: Thick(mm=40))
    found = trace_frame(know, trace).frame.limbs[0]
    assert found.length_m == pytest.approx(1.6, rel=0.01)
    assert found.rise_deg == pytest.approx(50, abs=1)


def problems(know, trace) -> list[str]:
    with pytest.raises(InvalidInput) as caught:
        trace_frame(know, trace)
    return [p.pointer for p in caught.value.problems]


def test_touches_that_cannot_be_are_refused_at_their_field(know):
    cam = Pinhole(1000, 6, 1.5, 0, 0, 180)
    true = Frame(navel(know).trunk, (Limb("a", TRUNK, 0.6, 40, 1.5, 45, 90),), None)
    good = traced_of(true, cam, picture(cam, 180, 6), lambda x, e: Thick(mm=40))
    staff = good.picture.staff
    across = replace(staff, high=(staff.low[0] + 300, staff.low[1] - 20))
    low = replace(good, picture=replace(good.picture, staff=across))
    assert problems(know, low) == ["/staff/high"]
    upside = replace(staff, high=staff.low, low=staff.high)
    assert problems(know, replace(good, picture=replace(good.picture, staff=upside))) == [
        "/staff/high"
    ]
    assert problems(know, replace(good, top=(600.0, 890.0))) == ["/top"]
    straight = replace(good.limbs[0], bearing_deg=185.0)
    assert problems(know, replace(good, limbs=(straight,))) == ["/limbs/0/bearing_deg"]
    other_side = replace(good.limbs[0], bearing_deg=270.0)
    assert problems(know, replace(good, limbs=(other_side,))) == ["/limbs/0/bearing_deg"]
    far = replace(good.limbs[0], fork=(30.0, 60.0))
    assert problems(know, replace(good, limbs=(good.limbs[0], replace(far, id="b")))) == [
        "/limbs/1/fork"
    ]
    bare = replace(good.limbs[0], thick=Thick())
    assert problems(know, replace(good, limbs=(bare,))) == ["/limbs/0/thick"]
