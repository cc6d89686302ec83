"""Two "photos" of the demo's own trees, drawn in perspective by a camera that is tipped and leans:
a picture to trace on whose truth is known. Made-up data, for the demo only.
"""

from __future__ import annotations

import datetime as dt
import io
import random
from collections.abc import Callable
from dataclasses import dataclass
from math import cos, radians, sin

from PIL import Image, ImageDraw, ImageFilter

from ..core.frame.geometry import limb_ends
from ..core.frame.model import Frame, Limb
from ..services.book import photos
from ..services.holding.grove import grove
from ..services.workplace import Workplace
from ..store import frames

WIDTH, HEIGHT = 1200, 900
SKY, HILL, GRASS, SOIL = (196, 212, 222), (150, 166, 150), (148, 152, 104), (150, 128, 98)
BARK, LEAF, FRUIT = (96, 80, 64), (70, 104, 58), (206, 140, 60)
Px = tuple[float, float]
Xyz = tuple[float, float, float]


@dataclass(frozen=True)
class Shot:
    """How a picture was taken: focal length [px], metres off, height of the camera [m], tipped up
    and leaning [degrees], from where [degrees from north], and the staff beside the trunk [m].
    """

    focal: float
    distance: float
    eye: float
    tip: float
    lean: float
    from_deg: float
    staff_m: float = 2.0
    staff_right: float = 0.9

    def px(self, point: Xyz) -> Px:
        """Where a point of the world (east, north, up of the foot) falls on the picture."""
        a = radians(self.from_deg)
        right = -point[0] * cos(a) + point[1] * sin(a)
        away = self.away(point) + self.distance
        up = point[2] - self.eye
        t, lean = radians(self.tip), radians(self.lean)
        deep, high = away * cos(t) + up * sin(t), up * cos(t) - away * sin(t)
        x, y = self.focal * right / deep, self.focal * high / deep
        return (
            WIDTH / 2 + x * cos(lean) + y * sin(lean),
            HEIGHT / 2 - y * cos(lean) + x * sin(lean),
        )

    def away(self, point: Xyz) -> float:
        """How far behind the trunk a point lies [m]."""
        a = radians(self.from_deg)
        return -point[0] * sin(a) - point[1] * cos(a)

    def beside(self, right: float, up: float) -> Xyz:
        """A point beside the trunk, level with the picture."""
        a = radians(self.from_deg)
        return (-right * cos(a), right * sin(a), up)

    def staff(self) -> tuple[Px, Px]:
        """The lower and the upper end of the staff."""
        low, high = (self.beside(self.staff_right, z) for z in (0.0, self.staff_m))
        return self.px(low), self.px(high)


SHOTS = {"Casa 1·1": Shot(1350, 6.0, 1.5, 3, 2, 180), "Alto 1·3": Shot(1250, 7.0, 1.5, 5, -3, 180)}


def _band(shot: Shot, a: Xyz, b: Xyz, wide_a: float, wide_b: float) -> list[Px]:
    """A tapered stretch of wood as it falls on the picture. wide: across [m]."""
    (ax, ay), (bx, by) = shot.px(a), shot.px(b)
    long = max(1e-6, ((bx - ax) ** 2 + (by - ay) ** 2) ** 0.5)
    nx, ny = -(by - ay) / long, (bx - ax) / long
    scale = shot.focal / shot.distance
    ha, hb = wide_a * scale / 2, wide_b * scale / 2
    return [
        (ax + nx * ha, ay + ny * ha),
        (bx + nx * hb, by + ny * hb),
        (bx - nx * hb, by - ny * hb),
        (ax - nx * ha, ay - ny * ha),
    ]


def _ground(shot: Shot, chance: random.Random) -> Image.Image:
    image = Image.new("RGB", (WIDTH, HEIGHT), SKY)
    pen = ImageDraw.Draw(image)
    horizon = [shot.px((*_far(shot, x), 0.0)) for x in (-80.0, 80.0)]
    hills = [horizon[0]]
    for n in range(13):
        x = horizon[0][0] + (horizon[1][0] - horizon[0][0]) * n / 12
        hills.append((x, horizon[0][1] - 30 - 50 * chance.random()))
    pen.polygon([*hills, horizon[1]], fill=HILL)
    image = image.filter(ImageFilter.GaussianBlur(4))
    pen = ImageDraw.Draw(image)
    pen.polygon([horizon[0], horizon[1], (WIDTH, HEIGHT), (0, HEIGHT)], fill=GRASS)
    (x0, y0), (x1, y1) = horizon
    for _ in range(2600):
        x = chance.uniform(0, WIDTH)
        y = chance.uniform(y0 + (y1 - y0) * (x - x0) / (x1 - x0) + 6, HEIGHT)
        tone = chance.choice(((128, 136, 88), (166, 166, 122), SOIL))
        pen.line([(x, y), (x + chance.uniform(-2, 2), y - chance.uniform(2, 7))], fill=tone)
    return image


def _far(shot: Shot, right: float) -> tuple[float, float]:
    a, away = radians(shot.from_deg), 90.0
    return (-right * cos(a) - away * sin(a), right * sin(a) - away * cos(a))


def _leaf(pen: ImageDraw.ImageDraw, shot: Shot, limb: Limb, a: Xyz, b: Xyz, seed: str) -> None:
    chance = random.Random(seed)
    for _ in range(int(46 * limb.leafing * min(1.4, limb.length_m))):
        t = 0.35 + 0.65 * chance.random()
        at = tuple(p + (q - p) * t + chance.gauss(0, 0.09) for p, q in zip(a, b, strict=True))
        x, y = shot.px((at[0], at[1], at[2]))
        size, tone = chance.uniform(2.5, 5.5), chance.randint(-22, 26)
        pen.ellipse(
            (x - size, y - size * 0.6, x + size, y + size * 0.6), fill=tuple(c + tone for c in LEAF)
        )


def draw(frame: Frame, shot: Shot, seed: str) -> bytes:
    """A picture of a tree with a staff beside it, as a JPEG."""
    image = _ground(shot, random.Random(seed))
    pen = ImageDraw.Draw(image)
    ends = limb_ends(frame)
    limbs = sorted(frame.limbs, key=lambda x: -shot.away(ends[x.id][1]))
    for limb in limbs:
        _leaf(pen, shot, limb, *ends[limb.id], f"{seed} {limb.id}")
    wide = frame.trunk.diameter_mm / 1000
    pen.polygon(_band(shot, (0, 0, 0), (0, 0, frame.trunk.height_m), wide * 1.1, wide), fill=BARK)
    for limb in limbs:
        start, end = ends[limb.id]
        pen.polygon(
            _band(shot, start, end, limb.base_mm / 1000, max(6.0, limb.end_mm) / 1000), fill=BARK
        )
    for n in range(int(shot.staff_m / 0.2)):
        a, b = (shot.beside(shot.staff_right, z) for z in (n * 0.2, (n + 1) * 0.2))
        tone = (245, 245, 240) if n % 2 else (40, 42, 44)
        pen.polygon(_band(shot, a, b, 0.05, 0.05), fill=tone)
    out = io.BytesIO()
    image.filter(ImageFilter.GaussianBlur(0.7)).save(out, "JPEG", quality=88)
    return out.getvalue()


def keep_pictures(at: Workplace, day: dt.date, new_id: Callable[[], str]) -> None:
    """Two photos of the demo's trees as they stand, to trace on."""
    named = {t.record.name: t.record for t in grove(at, day).trees}
    for name, shot in SHOTS.items():
        record = named[name]
        with at.store.reading() as session:
            row = frames.current_row(session, record.stem.id)
            assert row is not None
            frame, _ = frames.frame_of(session, row)
        whose = photos.Whose(tree_id=record.tree.id)
        photos.keep(at, new_id(), whose, "before", day, draw(frame, shot, name))
