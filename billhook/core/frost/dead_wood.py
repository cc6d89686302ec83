"""What the frost killed, on the drawing: the frame with its dead wood, the cuts that follow from
the scratches, and their stages.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Literal

from ..cuts.technique import CutAdvice
from ..frame.finish import void_cuts
from ..frame.model import TRUNK, Cut, Frame, Limb, is_sucker, roots_of
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Saying, Weight, say
from .leaders import spacing_words

STAGES = ("hazards", "suckers", "dead", "shaping")
_RESTS_ON = {
    "dead": ("frost/twig-mm", "frost/into-green"),
    "shaping": ("frost/shape-before", "frost/thin-spacing"),
    "suckers": ("frost/sucker-seasons",),
}
Stock = Literal["off", "undecided", "kept"]
"""What becomes of shoots below the union: off where the top lives; undecided while nobody knows;
kept where only the rootstock lives.
"""
_SUCKERS: dict[Stock, Saying] = {
    "off": (say("dead-below-union")),
    "undecided": (say("dead-union-unknown")),
    "kept": (say("dead-only-stock")),
}


def killed(frame: Frame, dead_from_m: Mapping[str, float]) -> Frame:
    """The frame with what is known dead: wood beyond the given places bears no leaf, what grows on
    it is dead, and so is a limb that is brown from its base.
    """
    dead: set[str] = set()
    limbs = []
    by_id = {x.id: x for x in frame.limbs}

    def on_dead(limb_id: str) -> bool:
        limb = by_id[limb_id]
        if limb.on not in by_id:
            return False
        return (
            limb.on in dead
            or on_dead(limb.on)
            or limb.at_m >= dead_from_m.get(limb.on, by_id[limb.on].length_m + 1)
        )

    dead.update(x.id for x in frame.limbs if dead_from_m.get(x.id, 1.0) <= 1e-9)
    dead.update(x.id for x in frame.limbs if on_dead(x.id))
    for limb in frame.limbs:
        if limb.id in dead:
            limbs.append(replace(limb, state="dead", foliage=0.0, fruit=0))
        elif limb.id in dead_from_m:
            limbs.append(replace(limb, foliage=0.0, fruit=0))
        else:
            limbs.append(limb)
    return replace(frame, limbs=tuple(limbs))


def dead_wood_notes(
    know: Knowledge, cost: CutCost, how: CutAdvice, units: Units
) -> tuple[Reason, ...]:
    """What dead wood asks for beside the technique of a cut: weight first, brittle wood, the
    blade's side, a proud stub.
    """
    found = []
    if cost.hand_kg > know.number("frost/weight-first"):
        text = say("dead-weight-first", hand_kg=Weight(cost.hand_kg, units))
        found.append(
            Reason(
                "weight-first",
                text,
                {"weight, kg": round(cost.hand_kg, 1)},
                catalogue_ids=("frost/weight-first",),
            )
        )
    if how.tool_id not in ("finger", "hand-pruner"):
        found.append(Reason("brittle", say("dead-brittle")))
    if how.tool_id in ("hand-pruner", "lopper", "pole-pruner"):
        found.append(Reason("blade-side", say("dead-blade")))
    if how.place == "collar" and cost.wound_mm >= know.number("cuts/three-cut-always-mm"):
        found.append(Reason("proud-stub", say("dead-stub")))
    return tuple(found)


@dataclass(frozen=True)
class Stage:
    """Cuts of one stage. when: its first day; may: it is open today; left: dead twigs that may
    hang.
    """

    name: str
    when: dt.date
    may: bool
    cuts: tuple[Cut, ...]
    left: tuple[str, ...]
    reason: Reason


def _dead_cuts(
    know: Knowledge, frame: Frame, own: Sequence[Limb], broken: Sequence[Cut], cuts: Sequence[Cut]
) -> tuple[tuple[Cut, ...], tuple[str, ...]]:
    """The cuts of dead wood, and the twigs that are left to fall."""
    twig = know.number("frost/twig-mm")
    placed = {c.limb for c in (*broken, *cuts)}
    found = [*cuts, *(Cut(x.id, 0.0) for x in own if x.state == "dead" and x.id not in placed)]
    void = void_cuts(frame, [*broken, *found])
    found = [c for c in found if c.limb not in void]
    left = tuple(
        c.limb for c in found if c.limb != TRUNK and frame.limb(c.limb).diameter_mm(c.keep_m) < twig
    )
    return tuple(c for c in found if c.limb not in left), left


def stages(
    know: Knowledge,
    frame: Frame,
    cuts: Sequence[Cut],
    today: dt.date,
    cut_on: dt.date,
    may_cut: bool,
    shape_on: dt.date,
    stock: Stock = "off",
) -> tuple[Stage, ...]:
    """Hazards today, suckers when asked about, dead wood from its day, and the shaping of next
    spring.

    frame: with its dead wood (:func:`killed`); cuts: of the scratched limbs; stock: what its shoots
    are, :data:`Stock`.
    """
    roots = roots_of(frame)
    own = [x for x in frame.limbs if not is_sucker(frame, roots[x.id])]
    broken = [Cut(x.id, 0.0) for x in own if x.state == "broken"]
    suckers = [Cut(x.id, 0.0) for x in frame.limbs if is_sucker(frame, x)]
    taken, left = _dead_cuts(know, frame, own, broken, cuts)
    open_now = say("dead-open-now") if may_cut else say("from-day", day=cut_on)
    texts: dict[str, Saying] = {
        "hazards": say("dead-hazards" if broken else "dead-nothing-broken"),
        "suckers": _SUCKERS[stock],
        "dead": say("dead-into-green", when=open_now),
        "shaping": say("dead-frame", shape_on=shape_on, spacing=spacing_words(know)),
    }

    def stage(
        name: str, when: dt.date, may: bool, wanted: Sequence[Cut], hang: tuple[str, ...] = ()
    ) -> Stage:
        return Stage(
            name,
            max(when, today),
            may,
            tuple(wanted),
            hang,
            Reason(name, texts[name], date=when, catalogue_ids=_RESTS_ON.get(name, ())),
        )

    return (
        stage("hazards", today, bool(broken), broken),
        stage(
            "suckers", today, bool(suckers) and stock == "off", suckers if stock == "off" else ()
        ),
        stage("dead", cut_on, may_cut and bool(taken), taken, left),
        stage("shaping", shape_on, False, ()),
    )
