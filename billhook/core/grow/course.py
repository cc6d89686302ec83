"""A tree over seasons beside its twin that was not cut: the same seed is the same weather.

Season 0 is the growing year of the first cut. A season's tree is the one that stands after that
season's cuts; what grows and what harms it until the next spring shows in the season that follows.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, field, replace

from ..errors import FieldProblem, InvalidInput, invalid
from ..frame.check import checked
from ..frame.finish import after_cuts
from ..frame.geometry import height_m, limb_ends
from ..frame.leaf import leaf_left, own_leaf
from ..frame.model import Cut
from ..frame.share import frame_answer
from ..frame.wood import wood_parameters
from ..heights.standing import natural_height
from ..known import Knowledge
from ..light.inner import leaf_light, low_level_m
from ..season.budget import yearly_budget
from ..season.events import growing_year_of, vigour_of
from ..season.model import Span
from ..words.values import say
from .chance import about_one
from .growing import Growing, Kind
from .harm import burnt, frost, fruit_hurt, year_of
from .model import Asked, Event, Grown, SeasonTree, Spread
from .shoots import Wound, beyond_the_year, shoot_from, wounds_of
from .spring import spring
from .yields import Losses, bearing, crop_of, hard_part, priced

MOST_SEASONS = 10


def rehearse(know: Knowledge, asked: Asked) -> Grown:
    """The tree of each season, cut and uncut. Raises: InvalidInput for a malformed frame, an
    unknown limb, or cuts and frosts outside the seasons that are looked at.
    """
    years = _checked(asked)
    kind = kind_of(know, asked)
    twin = _Run(know, replace(asked, cuts=()), kind, years, ()).seasons()
    ceilings = tuple(s.height_m for s in twin)
    seasons = _Run(know, asked, kind, years, ceilings).seasons() if asked.cuts else twin
    return Grown(tuple(seasons), tuple(twin), years)


def spreads(know: Knowledge, asked: Asked) -> list[dict[str, Spread]]:
    """Lowest, mean and highest height [m] and crop of each season over the weather of many
    seeds; of the tree that is cut, and of its twin.
    """
    runs = [
        rehearse(know, replace(asked, seed=asked.seed + i)) for i in range(know.days("grow/runs"))
    ]
    return [
        {
            f"{whose}{what}": _spread([getattr(getattr(r, of)[k], what) for r in runs])
            for whose, of in (("", "seasons"), ("twin_", "twin"))
            for what in ("height_m", "crop")
        }
        for k in range(asked.seasons)
    ]


def _spread(values: list[float]) -> Spread:
    return Spread(min(values), sum(values) / len(values), max(values))


def _checked(asked: Asked) -> tuple[Span, ...]:
    """The growing years that are looked at. Raises: InvalidInput."""
    if not 1 <= asked.seasons <= MOST_SEASONS:
        raise invalid("/seasons", say("bad-between", low=1, high=MOST_SEASONS))
    checked(asked.frame, [Cut(c.limb, c.keep_m) for c in asked.cuts], None)
    day = min((c.day for c in asked.cuts), default=asked.today)
    years: list[Span] = []
    for _ in range(asked.seasons):
        start, end = growing_year_of(asked.site, day)
        years.append(Span(start, end))
        day = end + dt.timedelta(days=1)
    last = years[-1].end
    wrong = [
        FieldProblem(f"/{name}/{i}/day", say("bad-lies-outside-the-seasons-looked-at", last=last))
        for name, days in (
            ("cuts", [c.day for c in asked.cuts]),
            ("frosts", [f.day for f in asked.frosts]),
        )
        for i, day in enumerate(days)
        if not years[0].start <= day <= last
    ]
    if wrong:
        raise InvalidInput(wrong)
    return tuple(years)


def kind_of(know: Knowledge, asked: Asked) -> Kind:
    """What of the tree its growth depends on."""
    tree, frame = asked.tree, asked.frame
    vigour = vigour_of(tree, know)
    room = know.number("grow/in-pot") if tree.in_pot else 1.0
    group = know.text(f"species/{tree.species}/group")
    return Kind(
        leaf_light(know, tree.species, group),
        vigour,
        room * know.by_vigour("renewal/gain-tipped", vigour),
        room * know.by_vigour("renewal/gain-lowered", vigour),
        room * know.by_vigour("grow/leaf-gain", vigour),
        natural_height(know, tree.species, height_m(frame), tree.rootstock),
        low_level_m(know, frame),
        sum(own_leaf(frame, know.number("wood/exponent")).values()),
    )


@dataclass
class _Run:
    """One tree through its seasons. ceilings_m: heights of the tree that was not cut, which a cut
    one does not outgrow.
    """

    know: Knowledge
    asked: Asked
    kind: Kind
    years: tuple[Span, ...]
    ceilings_m: Sequence[float]
    lost: Losses = field(init=False)

    def seasons(self) -> list[SeasonTree]:
        power = self.know.number("wood/exponent")
        state = Growing(self.asked.frame, own_leaf(self.asked.frame, power))
        hurt = fruit_hurt(self.know, self.asked, self.years)
        self.lost = Losses(hurt, [])
        self._light = state.light_inside(self.kind)
        found: list[SeasonTree] = []
        before: list[Event] = []
        for k in range(len(self.years)):
            before += self._frost(state, k, winter=True)
            wounds, removed, events = self._cut(state, k)
            found.append(self._stands(state, k, [*before, *events]))
            if k + 1 < len(self.years):
                before = self._grow(state, k, wounds, removed)
        return found

    def _stands(self, state: Growing, k: int, events: list[Event]) -> SeasonTree:
        know, kind = self.know, self.kind
        light, sprouts = state.light_inside(kind), state.sprouts()
        need = kind.light.needed
        year = (self.years[k].start + dt.timedelta(days=151)).year
        leaf = state.leaf / kind.full_leaf if kind.full_leaf > 0 else 0.0
        bears = bearing(know, self.asked, max(0, year - self.asked.tree.planted_year))
        lights = (min(1.0, light / need), min(1.0, self._light / need))
        crop = crop_of(know, self.asked, k, bears, leaf, lights, self.lost)
        open_ = sum(not self._closed(mm, since, k) for mm, since in state.wounds)
        return SeasonTree(
            year=year,
            frame=state.frame,
            height_m=height_m(state.frame),
            crop=crop,
            leaf_share=leaf,
            light_inside=light,
            sprouts=len(sprouts),
            minutes=len(sprouts) * know.number("grow/sprout-minutes"),
            wounds_open=open_,
            events=tuple(events),
        )

    def _closed(self, mm: float, since: int, season: int) -> bool:
        rate = self.know.by_vigour("cuts/closing-mm-a-year", self.kind.vigour)
        return season - since >= mm / (2 * rate)

    def _cut(self, state: Growing, k: int) -> tuple[list[Wound], float, list[Event]]:
        """Make the cuts of a season. Returns them, the share they take, and what they cost."""
        know, year = self.know, self.years[k]
        there = {x.id: x for x in state.frame.limbs}
        dated = [c for c in self.asked.cuts if year.holds(c.day) and (c.limb in there)]
        dated = [c for c in dated if c.keep_m < there[c.limb].length_m] + [
            c for c in self.asked.cuts if year.holds(c.day) and c.limb == "trunk"
        ]
        if not dated:
            return [], 0.0, []
        cuts = [Cut(c.limb, c.keep_m) for c in dated]
        power, frame = know.number("wood/exponent"), state.frame
        answer = frame_answer(frame, cuts, wood_parameters(know, self.asked.tree.species))
        wounds = wounds_of(know, frame, cuts, answer.cuts, know.number("grow/hard-share"))
        had = state.leaf
        state.own = leaf_left(frame, state.own, cuts, power)
        state.frame = after_cuts(frame, cuts)
        whole = self.kind.full_leaf
        removed = (had - state.leaf) / whole if whole > 0 else 0.0
        counted = sum(w.share for w in wounds)
        events: list[Event] = []
        day_of = {c.limb: c for c in dated}
        for wound in wounds:
            share = removed * wound.share / counted if counted > 0 else 0.0
            cut = day_of[wound.cut.limb]
            events += priced(know, self.asked, cut, wound, share, self.years, self.lost)
            hard_part(wound, share, k, self.lost)
            state.wounds.append((wound.mm, k))
        return wounds, removed, events

    def _grow(self, state: Growing, k: int, wounds: list[Wound], removed: float) -> list[Event]:
        """From a season's tree to that of the next spring. Returns what happened."""
        know, asked, kind = self.know, self.asked, self.kind
        ceiling = min(
            self.ceilings_m[k + 1 : k + 2] or [max(kind.natural_m, height_m(state.frame))]
        )
        state.soft.clear()
        events = spring(know, asked, state, kind, k, ceiling)
        growth = self._weather(k)
        for wound in wounds:
            given = (ceiling, asked.seed, k, growth)
            events.append(shoot_from(know, state, kind, wound, *given))
        age = max(0, self.years[k].start.year - asked.tree.planted_year)
        budget = yearly_budget(asked.tree, age, know).share
        budget -= asked.tree.used_share if k == 0 else 0.0
        events += beyond_the_year(
            know, state, kind, removed, budget, ceiling, asked.seed, k, growth
        )
        span = self.years[k]
        cuts = [c for c in asked.cuts if span.holds(c.day)]
        events += burnt(know, asked, state, removed, max((c.day for c in cuts), default=None))
        events += self._frost(state, k, winter=False)
        self._not_above(state, ceiling)
        return events

    def _frost(self, state: Growing, k: int, winter: bool) -> list[Event]:
        """The nights of a season: those of the winter before its first cut and its first flush, or
        all later ones.
        """
        span, asked = self.years[k], self.asked
        nights = [n for n in asked.frosts if span.holds(n.day)]
        if not nights:
            return []
        year = year_of(self.know, asked, span)
        first = min((c.day for c in asked.cuts if span.holds(c.day)), default=year.flush)
        until = min(first, year.flush)
        nights = [n for n in nights if (n.day < until) == winter]
        return frost(self.know, asked, state, nights, asked.cuts, year)

    def _weather(self, k: int) -> float:
        return about_one(self.know.number("grow/growth-varies"), self.asked.seed, k, "growth")

    def _not_above(self, state: Growing, ceiling_m: float) -> None:
        """No tip above the tree that was not cut."""
        ends = limb_ends(state.frame)
        for limb in state.frame.limbs:
            low, high = ends[limb.id][0][2], ends[limb.id][1][2]
            if high > ceiling_m + 1e-9 and low < ceiling_m:
                part = (ceiling_m - low) / (high - low)
                state.put([replace(limb, length_m=max(0.02, limb.length_m * part))])
