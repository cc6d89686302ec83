"""Is a frame well formed? Problems are named field by field, in plain words."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from math import isfinite

from ..errors import FieldProblem, InvalidInput
from ..words.values import Diameter, Length, Value, say
from .model import SOIL, TRUNK, Cut, Frame, Limb

SHORTEST_M, LONGEST_M = 0.01, 60
"""Of a limb."""
_SLACK = 1e-9


def _span(value: float, low: float, high: float, what: Value, unit: str) -> Value | None:
    if not isfinite(value) or not low <= value <= high:
        made = {"m": Length, "mm": Diameter}.get(unit)
        ends = (low, high) if made is None else (made(low), made(high))
        return say("bad-what-between", what=what, low=ends[0], high=ends[1])
    return None


def _limb_spans(limb: Limb) -> Iterable[tuple[str, Value | None]]:
    yield "at_m", _span(limb.at_m, 0, 60, say("bad-where-the-limb-starts"), "m")
    yield "base_mm", _span(limb.base_mm, 1, 3000, say("bad-the-diameter-at-the-base"), "mm")
    yield "length_m", _span(limb.length_m, SHORTEST_M, LONGEST_M, say("bad-the-length"), "m")
    yield "rise_deg", _span(limb.rise_deg, -90, 90, say("bad-the-rise"), "")
    yield "bearing_deg", _span(limb.bearing_deg, 0, 360, say("bad-the-bearing"), "")
    yield "foliage", _span(limb.foliage, 0, 1, say("bad-foliage"), "")
    if limb.bloom is not None:
        yield "bloom", _span(limb.bloom, 0, 1, say("bad-bloom"), "")
    yield "headed_mm", _span(limb.headed_mm, 0, 3000, say("bad-the-diameter-of-the-old-cut"), "mm")
    yield (
        "fruit",
        None
        if 0 <= limb.fruit <= 100_000
        else say("bad-what-between", what=say("bad-fruit"), low=0, high=100_000),
    )
    if limb.tip_mm is not None:
        yield "tip_mm", _span(limb.tip_mm, 0, 3000, say("bad-the-diameter-at-the-tip"), "mm")


def _cycle_members(frame: Frame) -> set[str]:
    parents = {limb.id: limb.on for limb in frame.limbs}
    looped: set[str] = set()
    for start in parents:
        seen, at = set(), start
        while at in parents and at not in seen:
            seen.add(at)
            at = parents[at]
        if at == start and at in seen:
            looped.add(start)
    return looped


def frame_problems(frame: Frame, root: str = "/frame") -> list[FieldProblem]:
    """Everything wrong with a frame; empty when it is well formed. ``root``: JSON pointer of the
    frame.
    """
    found: list[FieldProblem] = []

    def add(pointer: str, message: Value | None) -> None:
        if message:
            found.append(FieldProblem(root + pointer, message))

    add(
        "/trunk/diameter_mm",
        _span(frame.trunk.diameter_mm, 1, 5000, say("bad-the-trunk-diameter"), "mm"),
    )
    add("/trunk/height_m", _span(frame.trunk.height_m, 0.01, 60, say("bad-the-trunk-height"), "m"))
    if frame.union_m is not None:
        what = say("bad-the-union-measured-from-the-ground")
        add("/union_m", _span(frame.union_m, -0.5, frame.trunk.height_m, what, "m"))
    by_id: dict[str, Limb] = {}
    looped = _cycle_members(frame)
    for i, limb in enumerate(frame.limbs):
        at = f"/limbs/{i}"
        if limb.id in (TRUNK, SOIL) or not limb.id.strip():
            add(f"{at}/id", say("bad-a-limb-needs-a-name-of"))
        if limb.id in by_id:
            add(f"{at}/id", say("bad-two-limbs-are-called", id=limb.id))
        by_id.setdefault(limb.id, limb)
        spans = list(_limb_spans(limb))
        for name, message in spans:
            add(f"{at}/{name}", message)
        if any(message for _, message in spans):
            continue
        if limb.end_mm > limb.base_mm + _SLACK:
            add(
                f"{at}/tip_mm",
                say(
                    "bad-the-tip-is-thicker-than-the",
                    end_mm=Diameter(limb.end_mm),
                    base_mm=Diameter(limb.base_mm),
                ),
            )
        if limb.headed_mm > limb.base_mm + _SLACK:
            add(
                f"{at}/headed_mm",
                say("bad-the-old-cut-is-thicker-than", base_mm=Diameter(limb.base_mm)),
            )
    for i, limb in enumerate(frame.limbs):
        if limb.id in looped:
            add(f"/limbs/{i}/on", say("bad-these-limbs-bear-each-other-in"))
        else:
            name, message = _place_problem(frame, by_id, limb)
            add(f"/limbs/{i}/{name}", message)
    return found


def _place_problem(frame: Frame, by_id: Mapping[str, Limb], limb: Limb) -> tuple[str, Value | None]:
    """What is wrong with where a limb grows: the field, and what is said."""
    if limb.on == TRUNK:
        beyond = limb.at_m > frame.trunk.height_m + _SLACK
        return "at_m", say(
            "bad-the-trunk-ends-at", height_m=Length(frame.trunk.height_m)
        ) if beyond else None
    if limb.on == SOIL:
        return "on", None
    parent = by_id.get(limb.on)
    if parent is None:
        return "on", say("bad-there-is-no-limb", limb=limb.on)
    beyond = limb.at_m > parent.length_m + _SLACK
    return "at_m", say(
        "bad-the-limb-it-grows-on-ends", length_m=Length(parent.length_m)
    ) if beyond else None


def cut_problems(frame: Frame, cuts: Iterable[Cut], root: str = "/cuts") -> list[FieldProblem]:
    """Everything wrong with cuts on a well-formed frame."""
    found: list[FieldProblem] = []
    lengths = {limb.id: limb.length_m for limb in frame.limbs} | {TRUNK: frame.trunk.height_m}
    seen: set[str] = set()
    for i, cut in enumerate(cuts):
        at = f"{root}/{i}"
        if cut.limb in seen:
            found.append(FieldProblem(f"{at}/limb", say("bad-is-cut-twice", limb=cut.limb)))
        seen.add(cut.limb)
        if cut.limb not in lengths:
            found.append(FieldProblem(f"{at}/limb", say("bad-there-is-no-limb", limb=cut.limb)))
        elif not isfinite(cut.keep_m) or not 0 <= cut.keep_m < lengths[cut.limb]:
            found.append(
                FieldProblem(
                    f"{at}/keep_m",
                    (say("bad-what-is-kept-must-be-at", lengths=Length(lengths[cut.limb]))),
                )
            )
    return found


def checked(frame: Frame, cuts: Iterable[Cut] = (), baseline: Frame | None = None) -> None:
    """Raise InvalidInput naming every malformed field of a frame, its cuts and its baseline."""
    problems = frame_problems(frame)
    if baseline is not None:
        problems += frame_problems(baseline, "/baseline")
    if not problems:
        problems = cut_problems(frame, cuts)
    if problems:
        raise InvalidInput(problems)
