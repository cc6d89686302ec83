"""May I today: one kind of work on one day, as a verdict a grower can read."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import share_words
from .model import Segment, Status, Work

WORK_WORDS: dict[Work, str] = {
    "sucker": "suckers", "sprout": "water sprouts", "sanitation": "dead and broken wood", "fruit": "a young tree's fruit", "skirt": "the skirt", "thin": "whole branches",
    "height": "lowering and heading", "hedge": "the hedge wall", "shear": "a formal hedge", "tip": "tips", "renewal": "a third of the tree", "skeleton": "a skeleton prune", "pot": "the potted tree", "young": "training a young tree",
}  # fmt: skip
LANE_WORDS: dict[Work, str] = {
    "sucker": "Suckers below the union", "sprout": "Water sprouts", "sanitation": "Dead and broken", "fruit": "Fruit off a young tree", "skirt": "Skirt", "thin": "Thin, whole branches",
    "height": "Lower, head back", "hedge": "Hedge wall", "shear": "Shear a formal hedge", "tip": "Tips", "renewal": "Renew by thirds", "skeleton": "Skeleton prune", "pot": "Tree in a pot", "young": "Train a young tree",
}  # fmt: skip
_HEADLINES: dict[Status, str] = {"go": "Go", "light": "Light cuts only", "wait": "Wait", "stop": "Stop"}


@dataclass(frozen=True)
class Verdict:
    """sentence: what the grower reads first. last_good_day: last day of the present go or light run. opens: next day the work is a go."""

    work: Work
    day: dt.date
    status: Status
    sentence: str
    max_share: float | None
    reasons: tuple[Reason, ...]
    last_good_day: dt.date | None
    opens: dt.date | None


def verdict(segments: Sequence[Segment], work: Work, day: dt.date) -> Verdict:
    """The verdict for one work on one day out of season segments that reach a year ahead. Raises: ValueError if the day is not covered."""
    of_work = [s for s in segments if s.work == work and s.end >= day]
    if not of_work or of_work[0].start > day:
        raise ValueError(f"the season answer does not cover {day.isoformat()}")
    here = of_work[0]
    run = ("go",) if here.status == "go" else ("go", "light")
    last_good: dt.date | None = None
    for segment in of_work:
        if segment.status not in run:
            break
        last_good = segment.end
    covers_all = last_good is not None and last_good == of_work[-1].end
    opens = next((s.start for s in of_work[1:] if s.status == "go"), None) if here.status != "go" else None
    reasons = tuple(sorted(here.reasons, key=lambda r: r.code in ("yearly-budget", "season-factor")))
    return Verdict(work, day, here.status, _sentence(here, work, day, opens), here.max_share, reasons, None if covers_all else last_good, opens)


def _sentence(here: Segment, work: Work, day: dt.date, opens: dt.date | None) -> str:
    head = f"{_HEADLINES[here.status]}, {day_words(day)}"
    if here.status in ("go", "light") and here.max_share is not None:
        return f"{head}: at most {share_words(here.max_share)}"
    if here.status in ("wait", "stop") and opens is not None:
        return f"{head}: next on {day_words(opens)}"
    return head
