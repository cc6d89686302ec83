"""A season's growth of what was there: ends grow on, leaf fills the room and the light there is,
inner twigs in shade die.
"""

from __future__ import annotations

from ..frame.geometry import height_m, limb_ends
from ..frame.model import is_sucker, roots_of
from ..known import Knowledge
from .chance import about_one
from .growing import Growing, Kind, lengthened, rise_of, room_m, thickened
from .harm import shaded, suckered
from .model import Asked, Event


def spring(
    know: Knowledge, asked: Asked, state: Growing, kind: Kind, season: int, ceiling_m: float
) -> list[Event]:
    """Let a tree grow on for a season, up to a height [m]. Returns what happened to it."""
    ends = limb_ends(state.frame)
    ids = [x.id for x in state.frame.limbs]
    middles = [(ends[i][0][2] + ends[i][1][2]) / 2 for i in ids]
    tips = [ends[i][1][2] for i in ids]
    lights = state.light_at(kind, [*middles, *tips])
    inside, outside = (
        dict(zip(ids, lights, strict=False)),
        dict(zip(ids, lights[len(ids) :], strict=True)),
    )
    growth = about_one(know.number("grow/growth-varies"), asked.seed, season, "growth")
    events = shaded(know, state, inside)
    before = dict(state.own)
    _leafed(know, state, kind, inside, growth)
    _longer(know, asked, state, kind, outside, season, growth, ceiling_m)
    thickened(know, state, before)
    return events + suckered(know, asked, state, kind, growth)


def _leafed(
    know: Knowledge, state: Growing, kind: Kind, light: dict[str, float], growth: float
) -> None:
    """Leaf grows by the light it hangs in and the room that is left; roots of a tree that lost much
    of its leaf push.
    """
    natural = (kind.natural_m / max(0.3, height_m(state.frame))) ** 2
    room = max(know.number("grow/leaf-room"), natural * know.number("grow/natural-leaf"))
    full = kind.full_leaf * room
    leaf = state.leaf
    if leaf <= 0 or full <= 0:
        return
    push = min(know.number("grow/roots-push"), max(1.0, kind.full_leaf / leaf) ** 0.5)
    rate = kind.leaf_gain * growth * push * max(0.0, 1 - leaf / full)
    weight = {k: v * light.get(k, 1.0) ** 0.5 for k, v in state.own.items()}
    total = sum(weight.values())
    gain = rate * leaf
    if total > 0:
        state.own = {k: v + gain * weight[k] / total for k, v in state.own.items()}


def _longer(
    know: Knowledge,
    asked: Asked,
    state: Growing,
    kind: Kind,
    light: dict[str, float],
    season: int,
    growth: float,
    ceiling_m: float,
) -> None:
    """Ends grow on: the highest as much as a tree gains in a year, those in less light less."""
    roots, changed = roots_of(state.frame), []
    flat, upright = know.number("grow/flat-part"), know.number("grow/upright-from")
    varies = know.number("grow/growth-varies")
    tips = [x for x in state.ends() if not is_sucker(state.frame, roots[x.id])]
    heights = limb_ends(state.frame)
    top = max((heights[x.id][1][2] for x in tips), default=0.0)
    for limb in tips:
        highest = heights[limb.id][1][2] >= top - 1e-9
        own = 1.0 if highest else about_one(varies, asked.seed, season, limb.id, "tip")
        gain = kind.gain_m * growth * own * (light.get(limb.id, 1.0) ** 0.5 if not highest else 1)
        by = gain / rise_of(limb) if limb.rise_deg >= upright else gain * flat
        by = min(by, room_m(limb, heights[limb.id][1][2], min(ceiling_m, kind.natural_m)))
        state.grew_m[limb.id] = by
        changed.append(lengthened(limb, by))
    state.put(changed)
