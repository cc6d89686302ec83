"""Which holding this is, so that what was entered for another is not taken for it."""

from __future__ import annotations

from ...core.errors import BillhookError
from ...core.words.values import say
from ...store import places
from ..workplace import Workplace


class OtherHolding(BillhookError):
    """What was entered for one holding is sent to another."""


def of_this_holding(at: Workplace, meant: str) -> None:
    """Raises: OtherHolding where a holding of another id is here; none yet takes everything."""
    with at.store.reading() as session:
        holding = places.holding(session)
    if holding is not None and holding.id != meant:
        raise OtherHolding(say("bad-it-was-entered-for-another-holding", name=holding.name))
