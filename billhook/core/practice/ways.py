"""What a plan worked out for a practice tree cuts: under the way of working that holds, and under
others.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping

from ..cuts.names import limb_names
from ..frame.geometry import height_m, radius_m
from ..frame.model import Cut
from ..known import Knowledge
from ..plan.propose import propose
from ..season.budget import tree_age
from ..season.events import vigour_of
from ..season.model import WORKS
from ..season.schools import schools, schools_of, stance_in_force
from ..season.season import season
from ..season.today import Verdict, verdict
from ..walk.tree import WalkTree
from .debrief import Course, course
from .model import PracticeTree

_POT_L = 60.0


def _walked(know: Knowledge, tree: PracticeTree, stance: Mapping[str, str]) -> WalkTree:
    """The practice tree as a walk knows it on its right day."""
    frame, state = tree.frame, tree.tree
    day = tree.better or tree.day
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
        cap_m=lower if tree.goal == "lower" else None,
        pot_l=_POT_L if state.in_pot else None,
        stances=dict(stance),
        frame=frame,
        names=limb_names(frame),
    ).with_frame()


def cuts_under(know: Knowledge, tree: PracticeTree, stance: Mapping[str, str]) -> tuple[Cut, ...]:
    """The cuts of the exact plan for the trouble, on the tree's right day, of those that a look
    names and those the drawing shows.
    """
    day = tree.better or tree.day
    until = day + dt.timedelta(days=420)
    answer = season(tree.site, tree.tree, know, day, until, WORKS, stance=stance)
    verdicts: dict[str, Verdict] = {w: verdict(answer, w, day) for w in WORKS}
    walked = _walked(know, tree, stance)
    named = [c for c in tree.right if c.limb in walked.names]
    found = propose(know, walked, tree.goal, verdicts, named)
    stays = {p.limb for p in tree.parts if p.act == "leave"}
    out = frozenset(p.id for p in found.cuts if p.cut.limb in stays)
    if out:  # what a look at it says should stay, stays
        found = propose(know, walked, tree.goal, verdicts, named, pins_out=out)
    return tuple(p.cut for p in found.cuts)


def other_ways(know: Knowledge, tree: PracticeTree, stance: Mapping[str, str]) -> list[Course]:
    """What the plan comes to under the way of working that holds, and under two others: another
    school on what the trouble turns on, and leaving the tree alone.
    """
    mine = stance_in_force(know, stance)
    day = tree.better or tree.day
    topic = know.text(f"practice/{tree.trouble}/topic")
    names = {s.id: s.name for s in schools(know)}
    other = next(s for s in schools_of(know, topic) if s != mine[topic])
    plans = [
        (names[mine[topic]], cuts_under(know, tree, mine)),
        (names[other], cuts_under(know, tree, {**mine, topic: other})),
        ("", ()),
    ]
    return [course(know, tree, name, cuts, day) for name, cuts in plans]
