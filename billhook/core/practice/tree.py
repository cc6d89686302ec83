"""Practice trees by seed: a sound tree of its kind, a trouble put on it, a place and a day."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import replace
from functools import lru_cache
from math import ceil

from ..choice import one_of
from ..errors import invalid
from ..frame.finish import after_cuts
from ..frame.generator import habit, sketch_frame
from ..frame.geometry import height_m
from ..frame.model import TRUNK, Frame, Limb, Trunk
from ..grow.chance import about_one, between, chance
from ..known import Knowledge
from ..season.model import WORKS, SeasonAnswer, Site, TreeState, Work
from ..season.place import climate_frost, climate_normals
from ..season.season import season
from ..words.values import listed, say
from .model import Part, PracticeTree
from .troubles import TROUBLES, Sound

_YEAR = 2027
_LATITUDE, _TROPICAL = 33.0, 9.0


def practice_tree(
    know: Knowledge, trouble: str, seed: int, southern: bool = False, kind: str | None = None
) -> PracticeTree:
    """The practice tree of a seed: the same seed is the same tree. southern: six months turned.
    kind: of the trouble's kinds; None leaves it to the seed.

    Raises: InvalidInput for a trouble that is none, or a kind in which it is not met.
    """
    if trouble not in TROUBLES:
        raise invalid("/trouble", say("bad-must-be-one-of", known=listed(TROUBLES)))
    row = f"practice/{trouble}"
    kinds = know.text(f"{row}/kinds").split()
    if kind is not None and kind not in kinds:
        raise invalid("/kind", say("bad-must-be-one-of", known=listed(kinds)))
    kind = kind or kinds[between(0, len(kinds) - 1, seed, trouble, "kind")]
    climate = _one(know.text(f"{row}/climates"), seed, trouble, "climate")
    site = site_of(know, climate, southern)
    planted = _YEAR - int(know.number(f"{row}/age"))
    state = TreeState(kind, planted, in_pot=trouble == "potted")
    if trouble == "frozen":
        state = replace(state, freeze_class="F3", freeze_on=_after_winter(site))
    if trouble == "half-in-fruit":
        state = replace(state, fruit_on="light")
    frame, parts = TROUBLES[trouble](Sound(_sound(know, kind, trouble, seed), seed))
    work = one_of(WORKS, know.text(f"{row}/work"))
    early = know.text(f"{row}/day") == "early"
    day, better = _day(know, site, state, work, early)
    if state.freeze_on is not None:
        day = state.freeze_on + _days(know, "after-freeze")
    if trouble == "half-in-fruit":
        bloom = next(e.start for e in _season(know, site, state, work).events if e.name == "bloom")
        day = bloom + _days(know, "fruit-shows")
    return PracticeTree(
        seed=seed,
        trouble=trouble,
        kind=kind,
        climate=climate,
        southern=southern,
        day=day,
        site=site,
        tree=state,
        frame=frame,
        parts=tuple(sorted(parts, key=lambda p: chance(seed, p.limb, "order"))),
        goal=know.text(f"{row}/goal"),
        wanted_m=_room(frame, parts) if state.in_pot else None,
        work=work,
        waits=better is not None,
        better=better,
        dangers=_dangers(know, row, kind),
    )


def _dangers(know: Knowledge, row: str, kind: str) -> tuple[str, ...]:
    """What could hurt somebody: by the trouble, and by the kind; shoots of citrus bear thorns even
    where its bearing wood has none.
    """
    found = dict.fromkeys(know.text(f"{row}/danger").split())
    if f"species/{kind}/sap" in know:
        found["sap"] = None
    if know.number(f"species/{kind}/thorn-mm") >= know.number("cuts/thorn-mm"):
        found["thorns"] = None
    elif know.text(f"species/{kind}/group") != "citrus":
        found.pop("thorns", None)
    return tuple(found)


def _days(know: Knowledge, what: str) -> dt.timedelta:
    return dt.timedelta(days=know.number(f"practice-tree/{what}"))


def _room(frame: Frame, parts: Sequence[Part]) -> float:
    """Height of the room that a tree fits into once it was cut right [m], to five centimetres."""
    cuts = [p.cut for p in parts if p.act == "cut"]
    return ceil(20 * height_m(after_cuts(frame, cuts))) / 20


def _one(words: str, seed: int, *what: object) -> str:
    known = words.split()
    return known[between(0, len(known) - 1, seed, *what)]


def site_of(know: Knowledge, climate: str, southern: bool) -> Site:
    """A place of a climate."""
    last, first = climate_frost(know, climate, southern)
    latitude = _TROPICAL if climate.startswith("tropical") else _LATITUDE
    normals = climate_normals(know, climate, southern)
    return Site(-latitude if southern else latitude, normals, last, first, climate)


def _after_winter(site: Site) -> dt.date:
    month, day = site.last_frost or (2, 10)
    return dt.date(_YEAR, month, min(day, 28)) - dt.timedelta(days=14)


def _sound(know: Knowledge, kind: str, trouble: str, seed: int) -> Frame:
    """A tree of the kind as it would stand without its trouble."""
    height = know.number(f"practice/{trouble}/height") * about_one(0.12, seed, "height")
    low, high = know.numbers(f"species/{kind}/spread")
    tall = sum(know.numbers(f"species/{kind}/height")) / 2
    spread = min(1.25 * height, max(0.6 * height, height * (low + high) / 2 / tall))
    trunk = min(180.0, 34 * height) * about_one(0.1, seed, "trunk")
    union = 0.2 if height < 1.5 else 0.28
    form = habit(know, know.text(f"species/{kind}/habit"))
    if trouble == "whip":
        return Frame(Trunk(max(8.0, trunk * 0.4), height), (), union)
    found = sketch_frame(height, spread, trunk, form, between(0, 9999, seed, trouble), union)
    mains = [x for x in found.limbs if x.on == TRUNK]
    few = frozenset(x.id for x in mains[: between(4, len(mains), seed, "mains")])
    kept = tuple(x for x in found.limbs if x.id in few or x.on in few)
    return replace(found, limbs=tuple(_varied(x, seed) for x in kept))


def _varied(limb: Limb, seed: int) -> Limb:
    """No two limbs of a tree are alike."""
    return replace(limb, bearing_deg=(limb.bearing_deg + 18 * (chance(seed, limb.id) - 0.5)) % 360)


def _day(
    know: Knowledge, site: Site, tree: TreeState, work: Work, early: bool
) -> tuple[dt.date, dt.date | None]:
    """A day of the story, and the better one where that day is too early."""
    first = dt.date(_YEAR, 1, 15)
    found = _season(know, site, tree, work)
    open_ = [s for s in found.segments if s.status == "go" and s.end >= first]
    if not early:
        best = min(open_, key=lambda s: (round(s.price, 2), s.start), default=None)
        start = max(first, best.start) if best is not None else first
        return start + dt.timedelta(days=5), None
    shut = [s for s in found.segments if s.status in ("wait", "stop") and s.end >= first]
    for s in open_:
        before = s.start - _days(know, "early")
        if any(x.start <= before <= x.end for x in shut):
            return before, s.start
    begin = max(first, shut[0].start) if shut else first
    after = next((s.start for s in open_ if s.start > begin), None)
    return begin, after


@lru_cache(maxsize=256)
def _season(know: Knowledge, site: Site, tree: TreeState, work: Work) -> SeasonAnswer:
    first = dt.date(_YEAR, 1, 1)
    return season(site, tree, know, first, first + dt.timedelta(days=600), (work,))
