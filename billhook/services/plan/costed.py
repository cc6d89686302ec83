"""What cuts cost on a stored tree against its year, and how each is made: worked out here alone."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Sequence

from ...core.cuts.limits import share_of
from ...core.cuts.technique import CutAdvice, advise
from ...core.frame.model import Cut, Frame
from ...core.frame.share import CutCost, FrameAnswer, frame_answer
from ...core.frame.wood import wood_parameters
from ...core.season.events import vigour_of
from ...core.words.units import Units
from ...store import frames
from ...store.trees import TreeRecord
from ..holding.people import Helpers
from ..season.desk import SeasonDesk


def answer_of(
    desk: SeasonDesk,
    record: TreeRecord,
    frame: Frame,
    cuts: Sequence[Cut],
    frame_id: str | None = None,
) -> FrameAnswer:
    """Shares, weights and measures of cuts on a frame. frame_id: of the stored frame, so that the
    year's baseline is the total; None where the frame itself is. Raises: InvalidInput by field.
    """
    know, baseline = desk.at.know, None
    if frame_id is not None:
        base = frames.baseline(desk.session, record.tree.id, *desk.year_of(record))
        if base is not None and base.id != frame_id:
            baseline = frames.frame_of(desk.session, base)[0]
    wood = wood_parameters(know, record.tree.species)
    return frame_answer(frame, cuts, wood, baseline, know.number("wood/exponent"))


def advice_of(
    desk: SeasonDesk,
    record: TreeRecord,
    frame: Frame,
    costs: Iterable[CutCost],
    work: str,
    units: Units = "metric",
    sick: Collection[str] = (),
) -> tuple[CutAdvice, ...]:
    """How each cut is made, with what, in how long, and what to take care of. sick: limbs found
    dead, broken or diseased.
    """
    know = Helpers(desk.session).hands(desk.at.know, record)
    species, dangers = record.tree.species, record.site.dangers
    vigour, young = vigour_of(desk.state(record), know), desk.young(record)
    return tuple(
        advise(frame, c, know, work, species, vigour, units, dangers, sick, young) for c in costs
    )


def counted_share(
    desk: SeasonDesk,
    record: TreeRecord,
    frame: Frame,
    cuts: Sequence[Cut],
    advice: Sequence[CutAdvice],
    frame_id: str | None,
) -> float | None:
    """Share of the canopy that counts against the year: of the cuts that are not free [0..1]; None
    where all are.
    """
    live = [c for c, a in zip(cuts, advice, strict=True) if not a.free]
    return share_of(answer_of(desk, record, frame, live, frame_id)) if live else None
