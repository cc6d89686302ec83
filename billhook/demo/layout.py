"""Almirelo on paper: blocks, rows and about 380 trees on their terraces. Everything here is
invented.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from math import cos, radians, sin

import numpy as np

from ..formats.tree_csv import TreeLine

NORTH, SOUTH = "Almirelo", "Almirelo do Sul"


@dataclass(frozen=True)
class Terrace:
    """Rows of one kind on a block. x, y: first tree; spacing in metres; turn: bearing of the row
    from east, degrees; gaps: places whose tree died; replanted: places whose tree died and where a
    young one stands now.
    """

    block: str
    rows: tuple[int, ...]
    per_row: int
    x: float
    y: float
    in_row_m: float
    between_m: float
    species: str
    cultivar: str | None
    rootstock: str
    planted: int
    height_m: float
    spread_m: float
    trunk_mm: float
    turn_deg: float = 3.0
    bow_m: float = 0.0
    gaps: tuple[tuple[int, int], ...] = ()
    replanted: tuple[tuple[int, int], ...] = ()
    pot_l: float | None = None


TERRACES = (
    Terrace(
        "Alto",
        (1, 2, 3, 4),
        9,
        22,
        150,
        6.0,
        6.4,
        "avocado",
        "hass",
        "clonal-mexican",
        2013,
        4.6,
        5.2,
        175,
        2,
        0,
        ((2, 5),),
        ((3, 7),),
    ),
    Terrace(
        "Alto",
        (5, 6, 7),
        12,
        24,
        123,
        3.2,
        4.6,
        "avocado",
        "lamb-hass",
        "clonal-hybrid",
        2019,
        3.0,
        2.5,
        95,
        2,
    ),
    Terrace(
        "Patamares",
        (1, 2, 3),
        31,
        92,
        92,
        2.1,
        5.0,
        "mango",
        "osteen",
        "seedling",
        2017,
        2.7,
        2.3,
        92,
        -2,
        3.0,
    ),
    Terrace(
        "Patamares",
        (4, 5, 6),
        31,
        95,
        77,
        2.1,
        5.0,
        "mango",
        "tommy-atkins",
        "seedling",
        2017,
        2.9,
        2.4,
        98,
        -2,
        3.0,
    ),
    Terrace(
        "Baixo",
        (1, 2, 3, 4),
        12,
        26,
        82,
        4.2,
        5.4,
        "mandarin",
        "clementine",
        "carrizo",
        2015,
        2.9,
        2.9,
        104,
        4,
        0,
        ((3, 8),),
        ((1, 2), (2, 9)),
    ),
    Terrace(
        "Baixo",
        (5, 6, 7),
        12,
        28.7,
        60.4,
        4.4,
        5.8,
        "navel-orange",
        "washington-navel",
        "carrizo",
        2014,
        3.1,
        3.2,
        112,
        4,
        0,
        ((6, 4),),
        ((7, 10),),
    ),
    Terrace(
        "Casa",
        (1,),
        10,
        118,
        130,
        4.4,
        5.0,
        "lemon",
        "eureka",
        "macrophylla",
        2016,
        3.2,
        3.3,
        110,
        0,
    ),
    Terrace(
        "Casa", (2,), 5, 118, 125, 4.6, 5.0, "loquat", None, "seedling", 2012, 3.3, 3.4, 118, 0
    ),
    Terrace(
        "Casa", (5,), 4, 141, 125, 4.6, 5.0, "guava", None, "own-rooted", 2016, 2.9, 3.1, 96, 0
    ),
    Terrace(
        "Casa",
        (3,),
        1,
        134,
        143,
        3.0,
        4.0,
        "avocado",
        "hass",
        "mexican-seedling",
        2018,
        3.6,
        3.4,
        120,
        0,
    ),
    Terrace(
        "Casa",
        (4,),
        1,
        136.6,
        141.6,
        3.0,
        4.0,
        "avocado",
        "bacon",
        "mexican-seedling",
        2018,
        4.4,
        2.8,
        118,
        0,
    ),
    Terrace(
        "Pátio",
        (1,),
        5,
        92,
        134,
        1.5,
        1.7,
        "meyer-lemon",
        "improved-meyer",
        "flying-dragon",
        2020,
        1.5,
        1.1,
        34,
        0,
        pot_l=60,
    ),
    Terrace(
        "Pátio",
        (2,),
        4,
        92,
        132,
        1.5,
        1.7,
        "calamondin",
        "common-calamondin",
        "trifoliate-orange",
        2021,
        1.3,
        0.8,
        28,
        0,
        pot_l=40,
    ),
    Terrace(
        "Pátio",
        (3,),
        1,
        98.5,
        132,
        1.5,
        1.7,
        "avocado",
        "wurtz",
        "mexican-seedling",
        2024,
        1.4,
        0.8,
        24,
        0,
        pot_l=75,
    ),
)
SOUTHERN = (
    Terrace(
        "Encosta",
        (1,),
        8,
        0,
        0,
        4.6,
        5.0,
        "navel-orange",
        "washington-navel",
        "trifoliate-orange",
        2017,
        2.6,
        2.5,
        96,
        0,
    ),
)


def tree_lines(terraces: tuple[Terrace, ...], this_year: int, seed: int) -> Iterator[TreeLine]:
    """Every tree of the terraces, each a little different from its neighbour."""
    rng = np.random.default_rng(seed)
    for t in terraces:
        for k, row in enumerate(t.rows):
            for n in range(1, t.per_row + 1):
                vary = rng.normal(1.0, 0.07, 3).clip(0.8, 1.2)
                along, bow = (
                    (n - 1) * t.in_row_m,
                    t.bow_m * 4 * ((n - 1) / t.per_row) * (1 - (n - 1) / t.per_row),
                )
                turn = radians(t.turn_deg)
                x = t.x + along * cos(turn) + 0.9 * k
                y = t.y - k * t.between_m + along * sin(turn) + bow
                union = round(float(rng.uniform(0.14, 0.32)) * (0.6 if t.pot_l else 1), 2)
                yield TreeLine(
                    t.block,
                    row,
                    n,
                    t.species,
                    t.planted,
                    t.cultivar,
                    t.rootstock,
                    t.pot_l,
                    union,
                    round(t.height_m * float(vary[0]), 2),
                    round(t.spread_m * float(vary[1]), 2),
                    round(t.trunk_mm * float(vary[2])),
                    round(x, 2),
                    round(y, 2),
                )
