"""Cuts on limbs that carry none of this year's crop: their windows are those of a tree without
one.
"""

from __future__ import annotations

from collections.abc import Collection, Iterable, Sequence
from dataclasses import replace

from ...core.cuts.technique import CutAdvice
from ...core.frame.model import Frame
from ...core.frame.share import CutCost
from ...core.reasons import Reason
from ...core.season.today import Verdict
from ...core.words.values import say
from ...store.tables import FrameRow
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk

_SET = "fruit-to-come"


def codes_since(row: FrameRow, reasons: Iterable[Reason]) -> Collection[str]:
    """Codes of the reasons that held when the limbs were last looked at: what was counted on them
    before a crop set or bloomed is of the last one.
    """
    seen = row.date.isoformat()
    return {r.code for r in reasons if str(r.used.get("from") or "") <= seen}


def crop_counted(row: FrameRow, frame: Frame, verdict: Verdict) -> bool:
    """Whether the fruit of the crop that prices the day was counted limb by limb."""
    return any(x.fruit for x in frame.limbs) and _SET in codes_since(row, verdict.reasons)


def of_the_limbs(
    desk: SeasonDesk,
    record: TreeRecord,
    row: FrameRow,
    frame: Frame,
    made: Sequence[tuple[CutAdvice, CutCost]],
    verdict: Verdict,
) -> Verdict:
    """The verdict of the limbs that are cut, where none of them carries of the crop that was
    counted; else the tree's.
    """
    live = [cost for advice, cost in made if not advice.free and not cost.void]
    if not live or any(c.fruit_lost for c in live) or not crop_counted(row, frame, verdict):
        return verdict
    bare = desk.verdict(record, verdict.work, without_crop=True)
    why = Reason("limbs-without-fruit", say("limbs-without-fruit"))
    return replace(bare, reasons=(*bare.reasons, why))
