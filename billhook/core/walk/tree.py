"""The tree as the walk knows it: what decides which questions are asked and what the answers
mean.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, field, replace

from ..frame.geometry import Point, limb_ends
from ..frame.model import TRUNK, Frame, Limb, is_sucker, roots_of
from ..known import Knowledge
from ..words.units import Units
from ..words.values import Value


@dataclass(frozen=True)
class Companion:
    """A tree that stands near. bearing_deg: where it stands, seen from the walked tree, clockwise
    from north; shades: it stands on the sun's side.
    """

    name: str
    height_m: float
    distance_m: float
    bearing_deg: float
    vigour: int


@dataclass(frozen=True)
class WalkTree:
    """One tree on the day of its walk.

    raised: grafted, seedling, cutting or layered, None where nobody said. frame: its drawn
    skeleton, None where it was never measured. form: ``tree``, ``bush`` or ``leader``; form_chosen:
    somebody chose it. alike: trees of the block for which an answer on form holds, itself among
    them; 1 where they are of several kinds. waiting_until: the day before which frost-hurt wood is
    not judged.
    row_mean_m: mean height of its like in the row, None where there are too few. row_gap_m:
    distance to the next row, None where there is none. companions: the others of a planting of two
    or three. stances: school by topic. ground: what is done under it. moved: it was
    moved, and has not grown on yet. rank: it grows ranker than its kind.
    """

    species: str
    group: str
    day: dt.date
    age_years: int
    vigour: int
    southern: bool = False
    humid: bool = False
    own_roots: bool = False
    raised: str | None = None
    union_m: float | None = None
    trunk_measured: bool = False
    trunk_mm: float | None = None
    height_m: float | None = None
    spread_m: float | None = None
    row_gap_m: float | None = None
    cap_m: float | None = None
    width_m: float | None = None
    reach_m: float = 2.05
    pole_m: float = 4.5
    carries_kg: float = 23.0
    pot_l: float | None = None
    under_cover: bool = False
    winter_room_m: float | None = None
    carry_in: dt.date | None = None
    carry_out: dt.date | None = None
    form: str = "tree"
    form_chosen: bool = False
    alike: int = 1
    ground: str | None = None
    waiting_until: dt.date | None = None
    row_mean_m: float | None = None
    next_flush: dt.date | None = None
    fruit_kg: float = 0.2
    dangers: frozenset[str] = frozenset()
    stances: Mapping[str, str] = field(default_factory=dict)
    companions: tuple[Companion, ...] = ()
    frame: Frame | None = None
    names: Mapping[str, Value] = field(default_factory=dict)
    leafless: bool = False
    moved: bool = False
    rank: bool = False
    units: Units = "metric"
    ends: Mapping[str, tuple[Point, Point]] = field(default_factory=dict)
    suckers: frozenset[str] = frozenset()

    def with_frame(self) -> WalkTree:
        """The same tree with its limbs placed in space."""
        if self.frame is None:
            return self
        roots = roots_of(self.frame)
        suckers = frozenset(x.id for x in self.frame.limbs if is_sucker(self.frame, roots[x.id]))
        return replace(self, ends=limb_ends(self.frame), suckers=suckers)


def facts(tree: WalkTree, know: Knowledge) -> frozenset[str]:
    """Words that conditions of the catalogue are made of."""
    young = tree.age_years <= know.number("walk/young-until")
    panicles = know.get(f"species/{tree.species}/panicles")
    found = {
        tree.species,
        tree.group,
        f"form-{tree.form}",
        *(f"danger-{d}" for d in tree.dangers),
        *(f"{topic}/{school}" for topic, school in tree.stances.items()),
    }
    if tree.ground:
        found.add(f"ground-{tree.ground}")
    is_so = {
        "low-limbs": bool(low_limbs(tree, know)),
        "drawn-suckers": bool(tree.suckers),
        "leafless": tree.leafless,
        "own-roots": tree.own_roots,
        "grafted": tree.raised == "grafted",
        "form-open": not tree.form_chosen,
        "union-open": tree.union_m is None,
        "trunk-open": not tree.trunk_measured,
        "young": young,
        "first-years": tree.moved or tree.age_years < know.number("walk/first-years"),
        "pot": tree.pot_l is not None,
        "frame": tree.frame is not None,
        "waiting": tree.waiting_until is not None and tree.day < tree.waiting_until,
        "judged": tree.waiting_until is None or tree.day >= tree.waiting_until,
        "ground-open": tree.ground is None,
        "height-open": tree.height_m is None,
        "long-for-water": (tree.height_m or 0.0) >= know.number("young/long-in-water"),
        "room-open": tree.winter_room_m is None,
        "cold-winter": tree.carry_in is not None,
        "humid": tree.humid,
        "panicles": panicles is not None and bool(panicles.value),
    }
    known = frozenset(found | {word for word, true in is_so.items() if true})
    spared = know.get(f"unpinched/{tree.species}/when")
    if spared is not None and holds(str(spared.value), known):
        known |= {"unpinched"}
    return known


FORM_SCHOOLS = {"tree": "skirted-tree", "bush": "to-the-ground", "leader": "central-leader"}


def heeding(tree: WalkTree, answers: Mapping[str, str]) -> WalkTree:
    """The tree as this walk has found it: the form chosen and the ground named on it already
    count.
    """
    form, ground = answers.get("form", tree.form), answers.get("ground", tree.ground)
    stances = {**tree.stances, "form": FORM_SCHOOLS[form]} if "form" in answers else tree.stances
    return replace(
        tree, form=form, ground=ground if ground != "later" else tree.ground, stances=stances
    )


def clear_trunk_m(tree: WalkTree, know: Knowledge, form: str | None = None) -> float:
    """Height of the lowest kept branch by the tree's form [m]; a wet climate and work that passes
    under it ask for more, a pot for less.
    """
    form = form or tree.form
    if tree.pot_l is not None or form != "tree":
        return know.number(f"clear-trunk/{form if tree.pot_l is None else 'pot'}/height")
    rows = ("tree", f"tree-{tree.ground}", *(["humid"] if tree.humid else []))
    at = (f"clear-trunk/{row}/height" for row in rows)
    return max(know.number(known_id) for known_id in at if known_id in know)


def low_limbs(tree: WalkTree, know: Knowledge, form: str = "tree") -> list[Limb]:
    """Limbs on the trunk above the union and clearly below the lowest kept height, the thickest
    first.
    """
    if tree.frame is None:
        return []
    below = clear_trunk_m(tree, know, form) - know.number("walk/low-by")
    return sorted(
        (
            x
            for x in tree.frame.limbs
            if x.on == TRUNK and x.id not in tree.suckers and x.at_m < below
        ),
        key=lambda x: -x.base_mm,
    )


def holds(when: str, known: frozenset[str]) -> bool:
    """Whether all conditions hold; ``not-`` turns one round."""
    return all(
        (word[4:] not in known) if word.startswith("not-") else (word in known)
        for word in when.split()
    )
