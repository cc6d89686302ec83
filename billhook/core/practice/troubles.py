"""Troubles, each put on a sound tree: the limbs that make it, and what is right about each."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

from ..frame.geometry import apart_deg, limb_ends
from ..frame.model import TRUNK, Frame, Limb
from ..grow.chance import about_one, chance
from .model import Part

Troubled = tuple[Frame, list[Part]]


@dataclass(frozen=True)
class Sound:
    """A sound tree and the seed that its trouble is drawn from."""

    frame: Frame
    seed: int

    @property
    def mains(self) -> list[Limb]:
        """Main limbs, the thickest first."""
        found = [x for x in self.frame.limbs if x.on == TRUNK]
        return sorted(found, key=lambda x: (-x.base_mm, x.id))

    def on(self, limb: Limb) -> list[Limb]:
        """What grows on a limb, the lowest first."""
        found = [x for x in self.frame.limbs if x.on == limb.id]
        return sorted(found, key=lambda x: (x.at_m, x.id))

    def about(self, varies: float, *what: object) -> float:
        """A factor about one, by the seed."""
        return about_one(varies, self.seed, *what)

    def turn(self, *what: object) -> float:
        """A bearing by the seed [degrees]."""
        return 360 * chance(self.seed, *what)


def _part(limb: str, act: str, role: str, keep_m: float = 0.0, near_m: float = 0.08) -> Part:
    return Part(limb, "cut" if act == "cut" else "leave", role, keep_m, near_m)


def _thicker(limb: Limb, factor: float, longer: float = 1.0) -> Limb:
    """A limb so many times as thick, at both ends, and as long."""
    return replace(
        limb,
        base_mm=limb.base_mm * factor,
        tip_mm=limb.end_mm * factor,
        length_m=limb.length_m * longer,
    )


def _with(frame: Frame, *limbs: Limb) -> Frame:
    ids = {x.id for x in limbs}
    return replace(frame, limbs=(*(x for x in frame.limbs if x.id not in ids), *limbs))


def _shoot(
    limb_id: str, on: str, at_m: float, length_m: float, bearing: float, kind: str, rise: float = 82
) -> Limb:
    thick = 6 + 9 * length_m
    return Limb(limb_id, on, at_m, thick, length_m, rise, bearing % 360, min(4.0, thick), kind=kind)


def suckers(s: Sound) -> Troubled:
    """Shoots from below the union among good shoots above it."""
    union, mains = s.frame.union_m or 0.25, s.mains
    limbs = [
        _shoot(
            "k1", TRUNK, union * 0.4, 0.95 * s.about(0.3, 1), 90 + 40 * s.about(1, 1), "sucker", 60
        ),
        _shoot(
            "k2", TRUNK, union * 0.75, 0.7 * s.about(0.3, 2), 230 + 40 * s.about(1, 2), "sucker", 64
        ),
        _shoot("g1", TRUNK, union + 0.12, 0.5 * s.about(0.2, 3), s.turn(3), "shoot", 55),
        _shoot("w1", mains[0].id, mains[0].length_m * 0.4, 0.9, s.turn(4), "sprout"),
    ]
    parts = [
        _part("k1", "cut", "sucker"),
        _part("k2", "cut", "sucker"),
        _part("g1", "leave", "good-shoot"),
        _part("w1", "cut", "sprout"),
    ]
    return _with(s.frame, *limbs), parts


def false_leader(s: Sound) -> Troubled:
    """A rank upright that outgrows the tree it stands in."""
    host = s.mains[1]
    top = max(e[1][2] for e in limb_ends(s.frame).values())
    rank = _shoot("w1", host.id, host.length_m * 0.35, top * 0.75, host.bearing_deg, "sprout", 86)
    flat = min(s.mains, key=lambda x: x.rise_deg)
    low = _shoot("w2", flat.id, flat.length_m * 0.5, 0.45, flat.bearing_deg, "sprout", 60)
    parts = [
        _part("w1", "cut", "false-leader"),
        _part("w2", "leave", "filler"),
        _part(host.id, "leave", "sound-main"),
    ]
    return _with(s.frame, replace(rank, base_mm=min(host.base_mm * 0.6, rank.base_mm)), low), parts


def crossing(s: Sound) -> Troubled:
    """Two limbs one over the other, and one that crosses through the middle."""
    host = s.mains[0]
    side = s.on(host)[0]
    twin = replace(_thicker(side, 0.7, 0.85), id="p1", at_m=max(0.1, side.at_m - 0.16))
    other = s.mains[2]
    cross = Limb(
        "x1",
        other.id,
        other.length_m * 0.55,
        other.base_mm * 0.4,
        other.length_m * 0.9,
        34,
        (other.bearing_deg + 180 + 12 * (chance(s.seed, "x") - 0.5)) % 360,
        6,
    )
    parts = [
        _part("p1", "cut", "under-another"),
        _part(side.id, "leave", "stronger-of-two"),
        _part("x1", "cut", "crossing"),
    ]
    return _with(s.frame, twin, cross), parts


def six_from_one(s: Sound) -> Troubled:
    """Six main limbs from one point, of which few have room."""
    mains = sorted(s.mains, key=lambda x: x.bearing_deg)
    at = s.frame.trunk.height_m
    near = min(mains, key=lambda x: (-x.base_mm, x.id))
    extra = [
        replace(_thicker(near, part, 0.7), id=f"m{i}", bearing_deg=(near.bearing_deg + turn) % 360)
        for i, (turn, part) in enumerate(((24.0, 0.55), (-27.0, 0.5)), 1)
    ]
    frame = _with(
        s.frame,
        *(replace(x, at_m=at * 0.97) for x in mains),
        *(replace(x, at_m=at * 0.97) for x in extra),
    )
    parts = [
        *(_part(x.id, "cut", "crowded-main") for x in extra),
        *(_part(x.id, "leave", "roomy-main") for x in mains if x.id != near.id),
        _part(near.id, "leave", "strongest-main"),
    ]
    return frame, parts


def skirt(s: Sound) -> Troubled:
    """Limbs that hang to the ground."""
    lows = sorted(s.mains, key=lambda x: (x.rise_deg, x.id))[:2]
    limbs, parts = [], []
    for i, host in enumerate(lows, 1):
        at = host.length_m * 0.6
        z = host.at_m + at * 0.5
        limbs.append(
            Limb(
                f"l{i}",
                host.id,
                at,
                host.base_mm * 0.45,
                max(0.5, z * 1.25),
                -52,
                (host.bearing_deg + 20 * (-1) ** i) % 360,
                6,
                fruit=3,
            )
        )
        parts.append(_part(f"l{i}", "cut", "on-the-ground"))
    parts.append(_part(lows[0].id, "leave", "carries-low"))
    return _with(s.frame, *limbs), parts


def _fork(s: Sound, main: Limb) -> tuple[Limb, Limb]:
    """The two ends a main limb forks into: the one that stands higher, and the other."""
    ends = limb_ends(s.frame)
    two = sorted(s.on(main), key=lambda x: (x.at_m, x.base_mm))[-2:]
    high, low = sorted(two, key=lambda x: -ends[x.id][1][2])
    return high, low


def _by_height(s: Sound) -> list[Limb]:
    """Main limbs, the one that comes highest first."""
    ends = limb_ends(s.frame)
    return sorted(s.mains, key=lambda x: -max(ends[y.id][1][2] for y in (x, *s.on(x))))


def too_tall(s: Sound) -> Troubled:
    """The top beyond reach: the highest end lowered to its fork, the rest left."""
    tall = _by_height(s)
    high, low = _fork(s, tall[0])
    risen = _thicker(high, 1.05, 1.5)
    parts = [
        _part(high.id, "cut", "top"),
        _part(low.id, "leave", "takes-over"),
        *(_part(_fork(s, x)[0].id, "leave", "next-year") for x in tall[1:3]),
    ]
    return _with(s.frame, risen), parts


def _seen(s: Sound, limb: Limb) -> Sound:
    """The tree turned so that a limb stands to the side for whoever looks at it first."""
    by = 90 - limb.bearing_deg
    turned = (replace(x, bearing_deg=(x.bearing_deg + by) % 360) for x in s.frame.limbs)
    return replace(s, frame=replace(s.frame, limbs=tuple(turned)))


def one_sided(s: Sound) -> Troubled:
    """All the weight on one side: the heavy side is shortened, the weak one left."""
    s = _seen(s, s.mains[0])
    way = s.mains[0].bearing_deg
    near = [x for x in s.mains if apart_deg(x.bearing_deg, way) < 80]
    far = [x for x in s.mains if x not in near]
    grown = [replace(_thicker(x, 1.1, 1.3), rise_deg=x.rise_deg - 10) for x in near]
    small = [_thicker(x, 0.65, 0.6) for x in far]
    frame = _with(s.frame, *grown, *small)
    length = {x.id: x.length_m for x in frame.limbs}
    moved = [
        replace(x, at_m=min(x.at_m * (1.3 if x.on in {g.id for g in grown} else 0.6), length[x.on]))
        for x in frame.limbs
        if x.on != TRUNK
    ]
    frame = _with(frame, *moved)
    heavy = max(grown, key=lambda x: x.base_mm)
    ends = sorted((x for x in moved if x.on == heavy.id), key=lambda x: (x.at_m, x.base_mm))
    parts = [
        _part(ends[-1].id, "cut", "heavy-side"),
        _part(ends[-2].id, "leave", "takes-over"),
        *(_part(x.id, "leave", "weak-side") for x in small[:2]),
    ]
    return frame, parts


def bare_tips(s: Sound) -> Troubled:
    """Tips without leaf, some dead and some alive."""
    ends = [x for x in s.frame.limbs if x.on != TRUNK]
    ends.sort(key=lambda x: chance(s.seed, x.id))
    dead, alive = ends[0], ends[1:3]
    parts = [
        _part(dead.id, "cut", "dead-wood"),
        *(_part(x.id, "leave", "bare-but-green") for x in alive),
    ]
    return _with(
        s.frame, replace(dead, state="dead", foliage=0.0), *(replace(x, foliage=0.0) for x in alive)
    ), parts


def frozen(s: Sound) -> Troubled:
    """A tree after frost that has begun to shoot: nothing is judged yet."""
    bare = [replace(x, foliage=0.15) for x in s.frame.limbs if x.on != TRUNK]
    host = s.mains[0]
    start = _shoot("f1", host.id, host.length_m * 0.5, 0.25, s.turn("f"), "shoot", 60)
    parts = [
        *(_part(x.id, "leave", "frosted") for x in bare[:3]),
        _part("f1", "leave", "false-start"),
    ]
    return _with(s.frame, *bare, start), parts


def potted(s: Sound) -> Troubled:
    """A potted tree too tall for its winter room."""
    tall = _by_height(s)
    limbs, parts = [], []
    for main in tall[:2]:
        high, low = _fork(s, main)
        limbs.append(_thicker(high, 1.0, 1.35))
        parts.append(_part(high.id, "cut", "over-the-room"))
        parts.append(_part(low.id, "leave", "takes-over"))
    parts.append(_part(tall[-1].id, "leave", "fits-the-room"))
    return _with(s.frame, *limbs), parts


def whip(s: Sound) -> Troubled:
    """A young stem with its first side shoots: it is trained, not pruned."""
    stem = s.frame.trunk
    good = [
        _shoot(
            f"y{i}",
            TRUNK,
            stem.height_m * (0.7 + 0.1 * i),
            0.35,
            s.turn("y") + 120 * i,
            "shoot",
            50,
        )
        for i in range(3)
    ]
    low = _shoot("y9", TRUNK, stem.height_m * 0.35, 0.3, s.turn("y9"), "shoot", 60)
    below = _shoot("k1", TRUNK, (s.frame.union_m or 0.15) * 0.5, 0.4, 90, "sucker", 58)
    parts = [
        _part("k1", "cut", "sucker"),
        _part("y9", "cut", "low-on-the-trunk"),
        *(_part(x.id, "leave", "young-scaffold") for x in good),
    ]
    return replace(s.frame, limbs=(*good, low, below)), parts


def dense(s: Sound) -> Troubled:
    """A wall that lets no light in: a few whole branches out, no shearing."""
    hosts = s.mains[:3]
    inner = []
    for i, host in enumerate(hosts, 1):
        side = s.on(host)[0]
        inner.append(
            replace(
                side,
                id=f"d{i}",
                at_m=max(0.08, side.at_m * 0.55),
                base_mm=side.base_mm * 0.75,
                bearing_deg=(side.bearing_deg + 180) % 360,
                rise_deg=48,
            )
        )
    sheared = [_again(s, x) for x in s.frame.limbs if x.on != TRUNK]
    parts = [
        *(_part(x.id, "cut", "shades-the-inside") for x in inner[:2]),
        _part(inner[2].id, "leave", "inside-bears"),
        _part(hosts[0].id, "leave", "wall-bears"),
    ]
    return _with(s.frame, *inner, *sheared), parts


def _again(s: Sound, end: Limb) -> Limb:
    """What came where an end was sheared: a second one beside it, as long again to the face."""
    return replace(
        _thicker(end, 0.6, 0.55),
        id=f"{end.id}t",
        on=end.id,
        at_m=end.length_m * 0.55,
        bearing_deg=(end.bearing_deg + 70 * (1 if chance(s.seed, end.id) > 0.5 else -1)) % 360,
        rise_deg=min(75.0, end.rise_deg + 8),
    )


def half_in_fruit(s: Sound) -> Troubled:
    """A mango of which half carries: only ends without fruit are cut."""
    ends = [x for x in s.frame.limbs if x.on != TRUNK]
    ends.sort(key=lambda x: chance(s.seed, x.id, "fruit"))
    bears, bare = ends[: len(ends) // 2], ends[len(ends) // 2 :]
    parts = [
        *(
            _part(x.id, "cut", "end-without-fruit", x.length_m * 0.7, x.length_m * 0.3)
            for x in bare[:2]
        ),
        *(_part(x.id, "leave", "end-with-fruit") for x in bears[:2]),
    ]
    limbs = [replace(x, fruit=4) for x in bears] + [replace(x, fruit=0) for x in bare]
    return _with(s.frame, *limbs), parts


TROUBLES: dict[str, Callable[[Sound], Troubled]] = {
    "suckers": suckers,
    "false-leader": false_leader,
    "crossing": crossing,
    "six-from-one": six_from_one,
    "skirt": skirt,
    "too-tall": too_tall,
    "one-sided": one_sided,
    "bare-tips": bare_tips,
    "frozen": frozen,
    "potted": potted,
    "whip": whip,
    "dense": dense,
    "half-in-fruit": half_in_fruit,
}


def left_alone(parts: Sequence[Part]) -> int:
    """How many limbs are right to leave."""
    return sum(p.act == "leave" for p in parts)
