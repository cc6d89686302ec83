"""What harms a tree between two springs: frost, burnt bark, shade, and suckers that are left."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import replace

from ..frame.model import TRUNK, Limb, is_sucker, roots_of
from ..frost.damage import ColdTree, Damage, frost_damage, hardening_index
from ..known import Knowledge
from ..reasons import Reason
from ..season.events import growing_year, growing_year_of
from ..season.model import GrowingYear, Site, Span
from ..season.normals import values_on
from ..words.values import Length, Share, say
from .growing import Growing, Kind, lengthened
from .model import Asked, DatedCut, Event, FrostNight

_DAYS = 28


def year_of(know: Knowledge, asked: Asked, when: Span) -> GrowingYear:
    """The events of a growing year of the series."""
    found = growing_year_of(asked.site, when.start)
    return growing_year(
        asked.site, asked.tree, know, found[0], found[1], asked.observed, asked.moved
    )


def cold_tree(
    know: Knowledge, asked: Asked, night: FrostNight, cuts: Sequence[DatedCut], year: GrowingYear
) -> tuple[ColdTree, bool]:
    """The tree as the frost meets it, and whether it carries soft shoots of a cut. A later cut is
    never harder.
    """
    last = max((c.day for c in cuts if c.day <= night.day), default=None)
    since = None if last is None else (night.day - last).days
    soft = since is not None and since < know.number("grow/soft-days")
    low, high = (
        values_on(v, night.day - dt.timedelta(days=_DAYS), _DAYS)
        for v in (asked.site.normals.tmin_c, asked.site.normals.tmax_c)
    )
    hard = hardening_index(know, float((low + high).mean()) / 2, 0, soft)
    return (
        ColdTree(
            asked.tree.species,
            asked.tree.cultivar,
            asked.tree.rootstock,
            max(0.0, float(night.day.year - asked.tree.planted_year)),
            hard,
            _fruit_on(year, night.day),
            soft,
            since,
        ),
        soft,
    )


def _fruit_on(year: GrowingYear, day: dt.date) -> str:
    pick, bloom = year.harvest, year.bloom
    if pick is None or bloom is None or not bloom.end < day <= pick.end:
        return "none"
    return "ripe" if day >= pick.start else "green"


def frost(
    know: Knowledge,
    asked: Asked,
    state: Growing,
    nights: Sequence[FrostNight],
    cuts: Sequence[DatedCut],
    year: GrowingYear,
) -> list[Event]:
    """What the nights of a season take: soft shoots, leaf, twigs, limbs, as the tables of frost
    say.
    """
    events = []
    for night in sorted(nights, key=lambda n: n.day):
        tree, soft = cold_tree(know, asked, night, cuts, year)
        found = frost_damage(know, tree, night.min_c, night.hours)
        if found.worst == "F0":
            continue
        had = state.leaf
        _take(know, state, found, night.min_c, soft)
        lost = 1 - state.leaf / had if had > 0 else 0.0
        text = say(
            "grow-frost", day=night.day, min_c=night.min_c, worst=found.worst, lost=Share(lost)
        )
        used: dict[str, float | str | None] = {
            "minimum, C": night.min_c,
            "hours": night.hours,
            "days since the last cut": tree.pruned_within_days,
        }
        reason = Reason("grow-frost", text, used, date=night.day, catalogue_ids=_ids())
        events.append(Event("frost", None, lost, reason))
    return events


def fruit_hurt(know: Knowledge, asked: Asked, years: Sequence[Span]) -> list[float]:
    """Part of each season's crop that the nights of the series hurt on the tree [0..1]."""
    hurt = [0.0] * len(years)
    if not asked.frosts:
        return hurt
    events = [year_of(know, asked, y) for y in years]
    for night in asked.frosts:
        for k, year in enumerate(events):
            if _fruit_on(year, night.day) != "none":
                tree, _ = cold_tree(know, asked, night, (), year)
                found = frost_damage(know, tree, night.min_c, night.hours)
                hurt[k] = max(hurt[k], found.fruit_hurt)
    return hurt


def _ids() -> tuple[str, ...]:
    return ("grow/soft-days", *(f"grow-frost/{o}/leaf" for o in ("leaf", "twig", "wood", "trunk")))


def _take(know: Knowledge, state: Growing, found: Damage, min_c: float, soft: bool) -> None:
    at = found.thresholds
    if soft and min_c <= at.get("flush", -99.0):
        state.drop(set(state.soft))
        state.soft.clear()
    worst = next((o for o in ("trunk", "wood", "twig", "leaf") if min_c <= at[o]), None)
    if worst is None:
        return
    stays = know.number(f"grow-frost/{worst}/leaf")
    state.own = {k: v * stays for k, v in state.own.items()}
    if worst == "leaf":
        return
    back = [_died_back(know, x, state.grew_m.get(x.id, 0.0), worst) for x in state.frame.limbs]
    state.put(back)
    _kept_on(state)


def _died_back(know: Knowledge, limb: Limb, grew_m: float, worst: str) -> Limb:
    """A limb whose last growth died, or half of it, or all."""
    if worst == "trunk":
        return replace(limb, state="dead", foliage=0.0, fruit=0)
    wood = 0.0 if worst == "twig" else know.number("grow/dies-back") * limb.length_m
    part = min(know.number("grow/dies-most") * limb.length_m, max(grew_m, wood))
    return lengthened(limb, -part) if part > 0.01 and limb.headed_mm == 0 else limb


def _kept_on(state: Growing) -> None:
    """What grew beyond where a limb died back has nothing left to stand on."""
    length = {x.id: x.length_m for x in state.frame.limbs}
    state.drop({x.id for x in state.frame.limbs if x.at_m > length.get(x.on, 1e9) + 1e-9})


def burnt(
    know: Knowledge, asked: Asked, state: Growing, removed: float, day: dt.date | None
) -> list[Event]:
    """Bark that was bared before strong sun: the thick flat limbs that are left lose leaf."""
    if day is None or removed < know.number("grow/bares-from") or asked.whitewash:
        return []
    hot = _hottest(asked.site, day, int(know.number("grow/burns-within")))
    if hot < know.number("season/sun-half"):
        return []
    stays = 1 - know.number("grow/burn-takes")
    roots, had = roots_of(state.frame), state.leaf
    bared = [
        x
        for x in state.frame.limbs
        if x.on == TRUNK and x.state == "live" and not is_sucker(state.frame, roots[x.id])
    ]
    ids = {x.id for x in bared}
    for limb in state.frame.limbs:
        if limb.id in state.own and roots[limb.id].id in ids:
            state.own[limb.id] *= stays
    lost = 1 - state.leaf / had if had > 0 else 0.0
    text = say("grow-burnt", n=len(bared), removed=Share(removed), hot=hot)
    used: dict[str, float | str | None] = {"mean maximum, C": round(hot, 1)}
    ids_ = ("grow/bares-from", "grow/burns-within", "grow/burn-takes", "season/sun-half")
    return [Event("burnt", None, lost, Reason("grow-burnt", text, used, catalogue_ids=ids_))]


def _hottest(site: Site, day: dt.date, days: int) -> float:
    return float(values_on(site.normals.tmax_c, day, days).max())


def shaded(know: Knowledge, state: Growing, light: dict[str, float]) -> list[Event]:
    """Inner twigs that stood in deep shade for some seasons die."""
    limit, seasons = know.number("grow/shade-kills"), know.days("grow/shade-seasons")
    state.shaded = {
        k: state.shaded.get(k, 0) + 1 for k, v in light.items() if v < limit and k in state.own
    }
    dark = [k for k, n in state.shaded.items() if n >= seasons and state.own[k] > 0]
    had = state.leaf
    for limb_id in dark:
        state.own[limb_id] *= 1 - know.number("grow/shade-takes")
        state.shaded[limb_id] = 0
    dark = [k for k in dark if had > 0]
    if not dark:
        return []
    lost = 1 - state.leaf / had
    text = say("grow-shade", n=len(dark), limit=Share(limit), seasons=seasons, lost=Share(lost))
    ids = ("grow/shade-kills", "grow/shade-seasons", "grow/shade-takes")
    return [Event("shade", None, lost, Reason("grow-shade", text, {}, catalogue_ids=ids))]


def suckered(
    know: Knowledge, asked: Asked, state: Growing, kind: Kind, growth: float
) -> list[Event]:
    """Shoots from below the union grow faster than the top, and take from it."""
    roots = roots_of(state.frame)
    below = [
        x for x in state.frame.limbs if x.state == "live" and is_sucker(state.frame, roots[x.id])
    ]
    mains = [x for x in below if roots[x.id] is x]
    if not mains:
        return []
    gain, mm = kind.lowered_m * growth, know.number("grow/sucker-mm")
    state.put([replace(lengthened(x, gain), base_mm=x.base_mm + mm * gain) for x in mains])
    takes = min(know.number("grow/suckers-most"), know.number("grow/suckers-take") * len(mains))
    state.own = {k: v * (1 - takes) for k, v in state.own.items()}
    text = say("grow-suckers", n=len(mains), gain=Length(gain, asked.units), takes=Share(takes))
    reason = Reason("grow-suckers", text, {}, catalogue_ids=("grow/suckers-take",))
    return [Event("suckers", mains[0].id, takes, reason)]
