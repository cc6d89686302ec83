"""Which trees of a block to measure, and how well the few tell of the many.

Trees are put in order of size and cut into as many like parts as trees are to be measured; of each
part one is taken, from the row that is farthest from those taken already. What the sample tells is
the mean of the block, with its error by Student's t and the finite population correction.

Source: W. G. Cochran, Sampling Techniques, 3rd ed. (1977), §2.6 for the correction, §5 for strata;
from memory. Our rule: the part of a kind of measure whose spread nobody has measured yet spreads as
the catalogue says.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import sqrt
from statistics import fmean, stdev

from scipy import stats


@dataclass(frozen=True)
class Candidate:
    """A tree of the block. row, place: by number; size_m: its height as far as it is known;
    measured: somebody measured it.
    """

    id: str
    row: int
    place: int
    size_m: float | None
    measured: bool


@dataclass(frozen=True)
class Told:
    """What a sample of so many tells of the block's mean. mean: None where nothing is measured.
    within: the error as a share of the mean, to either side; with_one_more: with one more tree.
    cv: the spread it rests on, and whether it was measured here.
    """

    mean: float | None
    within: float
    with_one_more: float
    cv: float
    own: bool


def choose(trees: Sequence[Candidate], n: int) -> list[Candidate]:
    """So many trees in walking order, spread over sizes and rows; of several that are as good a
    measured one. All of them where there are no more. Raises: ValueError for n below 1.
    """
    if n < 1:
        raise ValueError("at least one tree")
    known = [t.size_m for t in trees if t.size_m is not None]
    usual = fmean(known) if known else 0.0

    def size(t: Candidate) -> float:
        return usual if t.size_m is None else t.size_m

    ordered = sorted(trees, key=lambda t: (size(t), t.row, t.place))
    n = min(n, len(ordered))
    taken: list[Candidate] = []
    for part in (ordered[i * len(ordered) // n : (i + 1) * len(ordered) // n] for i in range(n)):
        middle = size(part[len(part) // 2])
        taken.append(
            min(
                part,
                key=lambda t: (
                    -min((abs(t.row - x.row) for x in taken), default=0),
                    not t.measured,
                    abs(size(t) - middle),
                    -min((abs(t.place - x.place) for x in taken), default=0),
                    t.row,
                    t.place,
                ),
            )
        )
    return sorted(taken, key=lambda t: (t.row, t.place))


def within(cv: float, n: int, of: int, sure: float) -> float:
    """Half the width of the interval that holds the mean of ``of`` trees so often as ``sure``, as a
    share of the mean, from ``n`` of them that spread by ``cv`` (standard deviation by mean). From
    one tree: as from two with all the spread there is.
    """
    if n >= of:
        return 0.0
    few = max(n, 2)
    t = float(stats.t.ppf((1 + sure) / 2, few - 1))
    return t * cv / sqrt(n) * sqrt((of - n) / (of - 1))


def told(
    measured: Sequence[float], usual_cv: float, n: int, of: int, sure: float, own_from: float
) -> Told:
    """What ``n`` measured trees of ``of`` tell, by the spread of those measured already where there
    are so many as ``own_from``, else by the usual one.
    """
    mean = fmean(measured) if measured else None
    own = len(measured) >= own_from and mean is not None and mean > 0
    cv = stdev(measured) / mean if own and mean else usual_cv
    return Told(mean, within(cv, n, of, sure), within(cv, n + 1, of, sure), cv, own)
