"""What measuring shares: the day, the catalogue, a large frame, medians, one line with its goal."""

from __future__ import annotations

import datetime as dt
import statistics
import time
from collections.abc import Callable

from billhook.catalogue import load_catalogue
from billhook.core.frame.model import Frame, Limb, Trunk

DAY = dt.date(2027, 3, 24)


KNOW = load_catalogue()


def median_ms(run: Callable[[], object], times: int = 40) -> float:
    """Median time of one run [ms], after a warm-up."""
    for _ in range(3):
        run()
    taken = []
    for _ in range(times):
        start = time.perf_counter()
        run()
        taken.append((time.perf_counter() - start) * 1000)
    return statistics.median(taken)


def say(what: str, value: float, unit: str, goal: float | None = None) -> None:
    """One line, with the goal beside it."""
    mark = "" if goal is None else f"   goal {goal:g} {unit}{'' if value <= goal else '   MISSED'}"
    print(f"{what:<58}{value:>9.2f} {unit}{mark}", flush=True)


def big_frame() -> Frame:
    """Forty limbs: eight scaffolds with four side branches each."""
    limbs = []
    for i in range(8):
        limbs.append(Limb(f"s{i}", "trunk", 0.5 + 0.02 * i, 60, 2.2, 50, 45 * i, 20, fruit=4))
        limbs += [
            Limb(f"s{i}b{k}", f"s{i}", 0.4 + 0.4 * k, 20, 0.8, 20, (45 * i + 60) % 360, fruit=2)
            for k in range(4)
        ]
    return Frame(Trunk(140, 0.9), tuple(limbs), 0.2)
