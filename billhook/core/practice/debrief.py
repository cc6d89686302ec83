"""The debrief of a practice tree: what was done beside what is right, each difference with its
reason and its price, the gravest first; and what the exact plan, and other ways of working, do.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass
from typing import Literal

from ..frame.check import checked
from ..frame.model import TRUNK, Cut
from ..frame.share import frame_answer
from ..frame.wood import wood_parameters
from ..grow.course import rehearse
from ..grow.model import Asked, DatedCut, SeasonTree
from ..known import Knowledge
from ..reasons import Reason
from ..season.budget import yearly_budget
from ..season.model import SeasonAnswer
from ..season.season import season
from ..season.today import verdict
from ..words.dates import day_words
from ..words.units import Units
from ..words.values import Length, Saying, Share, Value, say
from .model import Part, PracticeTree
from .names import plain_names

SEASONS = 4
MOST_SHOWN = 3
RemarkKind = Literal[
    "danger", "missed", "not-needed", "place", "besides", "early", "shut", "waited", "over"
]


@dataclass(frozen=True)
class Decided:
    """What somebody decided: the cuts, or to wait; which dangers were looked for first; and the day
    on which it would be done, None for that on which the tree is met.
    """

    cuts: tuple[Cut, ...] = ()
    wait: bool = False
    seen: frozenset[str] = frozenset()
    on: dt.date | None = None


@dataclass(frozen=True)
class Remark:
    """A difference. crop: crops it costs over the seasons looked at; minutes: work it brings;
    years: until it is made good; grave: the greater the graver.
    """

    kind: RemarkKind
    limb: str | None
    crop: float
    minutes: float
    years: float
    grave: float
    reason: Reason


@dataclass(frozen=True)
class Course:
    """Cuts of a day and what they come to over the seasons looked at."""

    name: Value
    day: dt.date
    cuts: tuple[Cut, ...]
    share: float
    crops: float
    height_m: float
    minutes: float
    seasons: tuple[SeasonTree, ...]


@dataclass(frozen=True)
class Debrief:
    """remarks: every difference, the gravest first; three of them are what to do otherwise. yours,
    right: what was done, and what is right on the right day.
    """

    remarks: tuple[Remark, ...]
    yours: Course
    right: Course

    @property
    def otherwise(self) -> tuple[Remark, ...]:
        """Three things to do otherwise."""
        return self.remarks[:MOST_SHOWN]


def debrief(
    know: Knowledge,
    tree: PracticeTree,
    decided: Decided,
    units: Units = "metric",
    planned: Collection[str] = (),
) -> Debrief:
    """Talk a decision over. planned: limbs that plans cut besides, under one way of working or
    another. Raises: InvalidInput for a cut on no limb of the tree.
    """
    checked(tree.frame, list(decided.cuts), None)
    cuts = () if decided.wait else decided.cuts
    day = tree.better or tree.day
    yours = course(know, tree, "yours", cuts, decided.on or tree.day)
    right = course(know, tree, "right", tree.right, day)
    names = plain_names(tree.frame)
    remarks = [
        *_dangers(know, tree, decided, units),
        *_day(know, tree, cuts, decided, yours),
        *_parts(know, tree, cuts, yours, names, units),
        *_besides(know, tree, cuts, yours, names, planned),
        *_over(know, tree, yours),
    ]
    if decided.wait and tree.waits:
        remarks = [r for r in remarks if r.kind == "danger"]
    remarks.sort(key=lambda r: (-r.grave, r.kind, r.limb or ""))
    return Debrief(tuple(remarks), yours, right)


def course(
    know: Knowledge, tree: PracticeTree, name: Value, cuts: Sequence[Cut], day: dt.date
) -> Course:
    """Cuts on a day, and the seasons that follow."""
    dated = tuple(DatedCut(c.limb, c.keep_m, day) for c in cuts)
    asked = Asked(tree.site, tree.tree, tree.frame, dated, SEASONS, day, tree.seed)
    seasons = rehearse(know, asked).seasons
    share = frame_answer(tree.frame, list(cuts), wood_parameters(know, tree.kind))
    return Course(
        name=name,
        day=day,
        cuts=tuple(cuts),
        share=share.canopy_share_removed or 0.0,
        crops=sum(s.crop for s in seasons),
        height_m=seasons[-1].height_m,
        minutes=sum(s.minutes for s in seasons),
        seasons=seasons,
    )


def dangers_of(know: Knowledge, tree: PracticeTree, units: Units = "metric") -> dict[str, Saying]:
    """What could hurt somebody at a tree, and what is said of it."""
    clear = Length(know.number("cuts/line-clearance"), units)
    return {d: know.row(f"practice-dangers/{d}/says", clear=clear) for d in tree.dangers}


def _dangers(know: Knowledge, tree: PracticeTree, decided: Decided, units: Units) -> list[Remark]:
    found = []
    for danger, what in dangers_of(know, tree, units).items():
        if danger not in decided.seen and not decided.wait:
            reason = Reason("practice-danger", say("practice-danger", what=what))
            found.append(Remark("danger", None, 0.0, 0.0, 0.0, 10.0, reason))
    return found


def _answer(know: Knowledge, tree: PracticeTree) -> SeasonAnswer:
    until = tree.day + dt.timedelta(days=420)
    return season(tree.site, tree.tree, know, tree.day, until, (tree.work,))


def _day(
    know: Knowledge, tree: PracticeTree, cuts: Sequence[Cut], decided: Decided, yours: Course
) -> list[Remark]:
    """Was it the day?"""
    if decided.wait and not tree.waits and tree.work == "sanitation":
        return []  # what is dead may go any day
    if decided.wait and not tree.waits:
        reason = Reason("practice-waited", say("practice-waited"))
        return [Remark("waited", None, 0.0, 0.0, 1.0, 0.8, reason)]
    found = verdict(_answer(know, tree), tree.work, yours.day)
    if not cuts or found.status == "go" or (yours.day == tree.day and not tree.waits):
        return []
    better = tree.better or tree.day
    weeks = max(1, round((better - yours.day).days / 7))
    why = found.reasons[0].says if found.reasons else ""
    kind: RemarkKind = "early" if yours.day < better else "shut"
    early = say("practice-early", weeks=weeks, why=why, better=better)
    text = early if kind == "early" else say("practice-shut", day=yours.day, why=why, better=better)
    on_time = course(know, tree, "on time", cuts, better)
    crop = max(0.0, on_time.crops - yours.crops)
    used: dict[str, float | str | None] = {"day": day_words(yours.day), "weeks": weeks}
    reason = Reason(f"practice-{kind}", text, used, date=better)
    return [Remark(kind, None, crop, 0.0, 1.0, 1.2 + crop, reason)]


def _parts(
    know: Knowledge,
    tree: PracticeTree,
    cuts: Sequence[Cut],
    yours: Course,
    names: Mapping[str, Value],
    units: Units,
) -> list[Remark]:
    """Limb by limb: missed, not needed, cut in the wrong place."""
    made = {c.limb: c for c in cuts}
    waits = tree.better is not None and yours.day < tree.better
    found = []
    for part in tree.parts:
        cut, name = made.get(part.limb), names.get(part.limb, part.limb)
        if part.act == "cut" and cut is None and not waits:
            better = (*cuts, part.cut)
            text, kind = say("practice-missed", name=name, why=part.why(know)), "missed"
        elif part.act == "leave" and cut is not None:
            better = tuple(c for c in cuts if c.limb != part.limb)
            text, kind = say("practice-not-needed", name=name, why=part.why(know)), "not-needed"
        elif part.act == "cut" and cut is not None and _astray(part, cut):
            better = (*(c for c in cuts if c.limb != part.limb), part.cut)
            kept, right = Length(cut.keep_m, units), Length(part.keep_m, units)
            whole = "no" if part.keep_m else "yes"
            text = say(
                "practice-place", name=name, kept=kept, right=right, whole=whole, why=part.why(know)
            )
            kind = "place"
        else:
            continue
        found.append(_weighed(know, tree, part, kind, text, better, yours))
    return found


def _astray(part: Part, cut: Cut) -> bool:
    return abs(cut.keep_m - part.keep_m) > part.near_m


def _weighed(
    know: Knowledge,
    tree: PracticeTree,
    part: Part,
    kind: str,
    text: Saying,
    better: Sequence[Cut],
    yours: Course,
) -> Remark:
    """A difference with its price: the same decision with this one limb put right, over the same
    seasons.
    """
    other = course(know, tree, "better", better, yours.day)
    crop, minutes = other.crops - yours.crops, yours.minutes - other.minutes
    row = f"practice-roles/{part.role}"
    weight = know.number(f"{row}/weight") * (0.6 if kind == "place" else 1.0)
    used: dict[str, float | str | None] = {
        "crops over the seasons": round(crop, 3),
        "minutes over the seasons": round(minutes, 1),
    }
    reason = Reason(f"practice-{kind}", text, used, catalogue_ids=(f"{row}/weight", f"{row}/years"))
    grave = weight + max(0.0, crop) + max(0.0, minutes) / 60
    kinds: dict[str, RemarkKind] = {"missed": "missed", "place": "place"}
    return Remark(
        kinds.get(kind, "not-needed"),
        part.limb,
        crop,
        minutes,
        know.number(f"{row}/years"),
        grave,
        reason,
    )


def _besides(
    know: Knowledge,
    tree: PracticeTree,
    cuts: Sequence[Cut],
    yours: Course,
    names: Mapping[str, Value],
    planned: Collection[str],
) -> list[Remark]:
    """Cuts on limbs that nobody would have touched."""
    asked = {*(p.limb for p in tree.parts), *planned}
    wood, found = wood_parameters(know, tree.kind), []
    for cut in cuts:
        if cut.limb in asked:
            continue
        answer = frame_answer(tree.frame, list(cuts), wood)
        cost = next(c for c in answer.cuts if c.limb == cut.limb)
        if cost.void:
            continue
        less = course(know, tree, "less", [c for c in cuts if c.limb != cut.limb], yours.day)
        crop = less.crops - yours.crops
        name = "trunk" if cut.limb == TRUNK else names.get(cut.limb, cut.limb)
        text = say("practice-besides", name=name, share=Share(cost.share or 0.0))
        used: dict[str, float | str | None] = {"crops over the seasons": round(crop, 3)}
        grave = 0.3 + max(0.0, crop) + (cost.share or 0.0)
        found.append(
            Remark(
                "besides",
                cut.limb,
                crop,
                yours.minutes - less.minutes,
                1.0,
                grave,
                Reason("practice-besides", text, used),
            )
        )
    return found


def _over(know: Knowledge, tree: PracticeTree, yours: Course) -> list[Remark]:
    age = max(0, tree.day.year - tree.tree.planted_year)
    budget = yearly_budget(tree.tree, age, know).share
    if yours.share <= budget + 1e-9 or tree.work == "young":
        return []  # a young stem is trained by its shoots
    text = say("practice-over", share=Share(yours.share), budget=Share(budget))
    over = yours.share - budget
    reason = Reason("practice-over", text, {"over, share": round(over, 3)})
    return [Remark("over", None, 0.0, 0.0, 1.0, 0.5 + 3 * over, reason)]
