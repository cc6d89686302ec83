"""Where the green ends on a limb, with few scratches: halving until the boundary is found, and the
cut that follows.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import ceil, log2

from ..errors import FieldProblem, InvalidInput
from ..words.values import Length, Value, say


@dataclass(frozen=True)
class Reading:
    """A scratch: how far from the limb's base [m], and whether it was green."""

    at_m: float
    green: bool


@dataclass(frozen=True)
class Scratched:
    """next_at_m: where to scratch next, None when the boundary is found. boundary: green to, dead
    from [m]. cut_at_m: what to keep, 0 for off at the base, None for no cut (yet). patchy: green
    lies beyond brown. scratches_left: at most so many more.
    """

    next_at_m: float | None
    boundary: tuple[float | None, float | None]
    cut_at_m: float | None
    patchy: bool
    scratches_left: int
    says: Value


def scratched(
    length_m: float,
    readings: Sequence[Reading],
    resolution_m: float,
    into_green_m: float = 0.05,
    side_branches_m: Sequence[float] = (),
    judged: bool = True,
) -> Scratched:
    """The next scratch, or the boundary and the cut. judged: the judging date has come; before it
    the answer is a record and no cut. Raises: InvalidInput.
    """
    _check(length_m, readings, resolution_m, side_branches_m)
    greens = sorted(r.at_m for r in readings if r.green)
    browns = sorted(r.at_m for r in readings if not r.green)
    dead_from = browns[0] if browns else None
    below = [g for g in greens if dead_from is None or g < dead_from]
    patchy = len(below) < len(greens)
    green_to = below[-1] if below else None
    low, high = (
        green_to if green_to is not None else 0.0,
        dead_from if dead_from is not None else length_m,
    )
    if high - low > resolution_m + 1e-9:
        halvings = ceil(log2((high - low) / resolution_m) - 1e-9)
        left = halvings + (1 if green_to is None else 0)
        return Scratched(
            round((low + high) / 2, 3),
            (green_to, dead_from),
            None,
            patchy,
            left,
            say("scratch-here"),
        )
    if green_to is None and dead_from is not None and dead_from > 1e-9:
        # everything so far was brown: one more at the base proves it
        return Scratched(0.0, (None, dead_from), None, patchy, 1, say("scratch-at-base"))
    return _found(green_to, dead_from, into_green_m, side_branches_m, patchy, judged)


def _found(
    green_to: float | None,
    dead_from: float | None,
    into_green_m: float,
    side_branches_m: Sequence[float],
    patchy: bool,
    judged: bool,
) -> Scratched:
    if dead_from is None:
        return Scratched(None, (green_to, None), None, patchy, 0, say("scratch-green"))
    if not judged:
        return Scratched(None, (green_to, dead_from), None, patchy, 0, say("scratch-too-early"))
    if green_to is None:
        return Scratched(None, (None, dead_from), 0.0, patchy, 0, say("scratch-no-green"))
    bound = max(0.0, green_to - into_green_m)
    branches = [b for b in side_branches_m if b <= bound + 1e-9]
    cut = round(max(branches), 3) if branches else round(bound, 3)
    says = say(
        "scratch-cut",
        cut=Length(cut),
        to="branch" if branches else "green",
        mixed="yes" if patchy else "no",
    )
    return Scratched(None, (green_to, dead_from), cut, patchy, 0, says)


def _check(
    length_m: float,
    readings: Sequence[Reading],
    resolution_m: float,
    side_branches_m: Sequence[float],
) -> None:
    wrong = []
    if resolution_m > length_m:
        wrong.append(FieldProblem("/resolution_m", say("bad-must-not-be-longer-than-the")))
    wrong += [
        FieldProblem(f"/readings/{i}/at_m", say("bad-between", low=0, high=Length(length_m)))
        for i, r in enumerate(readings)
        if not 0 <= r.at_m <= length_m
    ]
    wrong += [
        FieldProblem(f"/side_branches_m/{i}", say("bad-between", low=0, high=Length(length_m)))
        for i, b in enumerate(side_branches_m)
        if not 0 <= b <= length_m
    ]
    seen: dict[float, bool] = {}
    for i, r in enumerate(readings):
        if seen.setdefault(round(r.at_m, 4), r.green) != r.green:
            wrong.append(FieldProblem(f"/readings/{i}/green", say("bad-was-said-to-be-the-other")))
    if wrong:
        raise InvalidInput(wrong)
