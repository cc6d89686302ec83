"""Which trees of a block to measure, and what that tells."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from ...core.errors import invalid
from ...core.frame.whole import Size
from ...core.heights.sample import Candidate, Told, choose, told
from ...core.words.units import Units
from ...core.words.values import Diameter, Length, Saying, Share, Value, say
from ...store import places
from ..tree.sizes import sizes_by
from ..workplace import Workplace

MOST = 40


@dataclass(frozen=True)
class Sampled:
    """One tree that is to be measured, or is."""

    id: str
    name: str
    row_id: str
    measured: bool


@dataclass(frozen=True)
class Sample:
    """Trees in walking order, of so many; says: what the measured ones will tell, by kind of
    measure.
    """

    trees: tuple[Sampled, ...]
    of: int
    says: tuple[Saying, ...]


def sample(at: Workplace, block_id: str, n: int, units: Units = "metric") -> Sample:
    """So many trees of a block. Raises: NotFound; InvalidInput for other than 1 to 40, or a block
    without trees.
    """
    if not 1 <= n <= MOST:
        raise invalid("/n", say("bad-between", low=1, high=MOST))
    with at.store.reading() as session:
        places.block(session, block_id)
        held = at.standing(session)
    records = list(held.within(block_id))
    if not records:
        raise invalid("", say("bad-no-tree-stands-in-this-block"))
    sizes = {r.tree.id: held.size(r) for r in records}
    candidates = [
        Candidate(
            r.tree.id,
            r.row.n,
            r.place.n,
            sizes_by(sizes[r.tree.id], held.seen.get(r.tree.id, {})).height_m,
            r.stem.id in held.measured,
        )
        for r in records
    ]
    chosen = choose(candidates, n)
    names = {r.tree.id: r for r in records}
    trees = tuple(Sampled(c.id, names[c.id].name, names[c.id].row.id, c.measured) for c in chosen)
    measured = [s for r in records if r.stem.id in held.measured and (s := sizes[r.tree.id])]
    return Sample(trees, len(records), tuple(_says(at, measured, len(chosen), len(records), units)))


def _says(at: Workplace, measured: list[Size], n: int, of: int, units: Units) -> list[Saying]:
    """What so many measured trees tell of height, trunk and share."""
    heights = [s.height_m for s in measured]
    trunks = [s.trunk_mm for s in measured]

    def tells(kind: str, values: list[float]) -> tuple[Value, Told]:
        row, number = f"sample-spread/{kind}", at.know.number
        rests_on = number(f"{row}/cv"), n, of, number("sample/sure"), number("sample/own-from")
        return at.know.row(f"{row}/says"), told(values, *rests_on)

    return [
        _sentence(*tells("height", heights), lambda m: Length(m, units)),
        _sentence(*tells("trunk", trunks), lambda mm: Diameter(mm, units)),
        _sentence(*tells("share", []), None),
    ]


def _sentence(what: Value, tells: Told, way: Callable[[float], Saying] | None) -> Saying:
    if tells.within == 0:
        return say("sample-all", what=what)
    if tells.mean is None or way is None:
        about, more = Share(tells.within), Share(tells.with_one_more)
        return say("sample-share", what=what, about=about, more=more)
    mean = tells.mean
    return say(
        "sample-told",
        what=what,
        mean=way(mean),
        about=way(tells.within * mean),
        more=way(tells.with_one_more * mean),
    )
