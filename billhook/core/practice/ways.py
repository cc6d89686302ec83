"""What a plan worked out for a practice tree cuts: under the way of working that holds, and under
others.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence

from ..cuts.names import limb_names
from ..frame.geometry import height_m, radius_m
from ..frame.model import Cut
from ..known import Knowledge
from ..plan.offer import cut_id
from ..plan.propose import propose
from ..season.budget import tree_age
from ..season.events import vigour_of
from ..season.model import WORKS, SeasonAnswer
from ..season.schools import schools, schools_of, stance_in_force
from ..season.season import season
from ..season.today import Verdict, verdict
from ..walk.tree import WalkTree
from .debrief import Course, course
from .model import PracticeTree

_ON_THE_DAY = "timing"
_ON_ITS_OWN_DAY = ("half-in-fruit",)
"""Judged end by end on the day it is met: what carries nothing may be tipped."""


def _walked(
    know: Knowledge, tree: PracticeTree, stance: Mapping[str, str], day: dt.date
) -> WalkTree:
    """The practice tree as a walk knows it on a day."""
    frame, state = tree.frame, tree.tree
    tall = height_m(frame)
    lower = tall * (1 - know.number("cuts/height-share"))
    return WalkTree(
        species=tree.kind,
        group=know.text(f"species/{tree.kind}/group"),
        day=day,
        age_years=tree_age(state, day.year),
        vigour=vigour_of(state, know),
        southern=tree.site.southern,
        humid=know.text(f"climates/{tree.climate}/calendar") == "humid",
        raised="grafted",
        union_m=frame.union_m,
        trunk_measured=True,
        trunk_mm=frame.trunk.diameter_mm,
        height_m=tall,
        spread_m=2 * radius_m(frame),
        cap_m=tree.wanted_m or (lower if tree.goal == "lower" else None),
        pot_l=know.number("practice-tree/pot") if state.in_pot else None,
        stances=dict(stance),
        frame=frame,
        names=limb_names(frame),
    ).with_frame()


def _day_of(tree: PracticeTree, answer: SeasonAnswer, day: dt.date) -> dt.date:
    """The first day from a day on on which its work may go on; that day itself where none does."""
    open_ = [s for s in answer.segments if s.work == tree.work and s.status == "go"]
    return next((max(day, s.start) for s in open_ if s.end >= day), day)


def plan_under(
    know: Knowledge, tree: PracticeTree, stance: Mapping[str, str]
) -> tuple[dt.date, tuple[Cut, ...]]:
    """The exact plan for the trouble, on the day on which this way of working does it: its cuts, of
    those that a look names and those the drawing shows.
    """
    met = tree.better or tree.day
    until = met + dt.timedelta(days=420)
    answer = season(tree.site, tree.tree, know, met, until, WORKS, stance=stance)
    day = met if tree.trouble in _ON_ITS_OWN_DAY else _day_of(tree, answer, met)
    verdicts: dict[str, Verdict] = {w: verdict(answer, w, day) for w in WORKS}
    walked = _walked(know, tree, stance, day)
    named = [c for c in tree.right if c.limb in walked.names]
    # what the look was about comes first, where its day is open
    first = frozenset(cut_id(c) for c in named if verdicts[tree.work].status == "go")
    found = propose(know, walked, tree.goal, verdicts, named, first)
    stays = {p.limb for p in tree.parts if p.act == "leave"}
    out = frozenset(p.id for p in found.cuts if p.cut.limb in stays)
    if out:  # what a look at it says should stay, stays
        found = propose(know, walked, tree.goal, verdicts, named, first, out)
    return day, tuple(p.cut for p in found.cuts)


def other_ways(know: Knowledge, tree: PracticeTree, stance: Mapping[str, str]) -> list[Course]:
    """What the plan comes to under the way of working that holds, and under two others: another
    school on what the trouble turns on, or on the day, that cuts otherwise if one does, and leaving
    the tree alone.
    """
    mine = stance_in_force(know, stance)
    names = {s.id: s.name for s in schools(know)}
    here = plan_under(know, tree, mine)
    topics = dict.fromkeys((know.text(f"practice/{tree.trouble}/topic"), _ON_THE_DAY))
    others = [(t, s) for t in topics for s in schools_of(know, t) if s != mine[t]]
    found = ((t, s, plan_under(know, tree, {**mine, t: s})) for t, s in others)
    topic, other, there = next((x for x in found if not _alike(x[2], here)), (*others[0], here))
    plans = [(names[mine[topic]], here), (names[other], there), ("", (here[0], ()))]
    return [course(know, tree, name, cuts, day) for name, (day, cuts) in plans]


def _alike(a: tuple[dt.date, Sequence[Cut]], b: tuple[dt.date, Sequence[Cut]]) -> bool:
    return a[0] == b[0] and set(a[1]) == set(b[1])
