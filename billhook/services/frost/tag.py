"""Whether frost has something to say: one foreseen, or hurt that nobody has judged yet."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ...core.words.values import Saying, say
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk


@dataclass(frozen=True)
class FrostTag:
    """says: what is foreseen or wants judging, None where neither; rows: ids of those with hurt
    trees, or with frost foreseen.
    """

    says: Saying | None
    rows: tuple[str, ...]


def frost_tag(desk: SeasonDesk, records: Sequence[TreeRecord]) -> FrostTag:
    """The coldest night foreseen for a tree in the open, before the trees that want judging: those
    that lost leaf or wood, and that nobody has looked at since.
    """
    cold = desk.at.know.number("frost/cold-from")
    out = {r.row.id: r for r in records if not r.tree.under_cover}.values()
    nights = [
        (f.tmin, f.date, r.block.name, r.row.id)
        for r in out
        for f in desk.forecast(r)
        if f.tmin <= cold
    ]
    hurt = [
        (r, bears)
        for r in records
        if (bears := desk.seen(r).get("freeze_class")) and bears.value != "F0"
    ]
    rows = tuple(sorted({row for *_, row in nights} | {r.row.id for r, _ in hurt}))
    if nights:
        _, night, block, _ = min(nights)
        return FrostTag(say("frost-foreseen", night=night, block=block), rows)
    unjudged = [
        bears.date
        for r, bears in hurt
        if desk.at.know.number(f"frost-class/{bears.value}/judge-after") > 0
        and ((look := desk.seen(r).get("frost_look")) is None or look.date < bears.date)
    ]
    if not unjudged:
        return FrostTag(None, rows)
    return FrostTag(say("frost-to-judge", n=len(unjudged), night=max(unjudged)), rows)
