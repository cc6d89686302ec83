"""Sentences that stand in a table of the catalogue, in the order in which they are said."""

from __future__ import annotations

from collections.abc import Mapping

from .known import Knowledge
from .reasons import Reason, Used
from .words.values import Value


class Notes:
    """What is said out of one table; its column ``says`` holds the sentences."""

    def __init__(self, know: Knowledge, table: str) -> None:
        self._know, self._table = know, table
        self.found: list[Reason] = []

    def say(
        self,
        row: str,
        /,
        *,
        code: str | None = None,
        used: Mapping[str, Used] | None = None,
        ids: tuple[str, ...] = (),
        school: str | None = None,
        **values: Value,
    ) -> None:
        """Add the sentence of a row. code: the row itself if none is given; ids: what else it rests
        on; values: what fills its holes.

        Raises: UnknownKnowledge for a row that is not there.
        """
        known_id = f"{self._table}/{row}/says"
        says = self._know.row(known_id, **values)
        self.found.append(
            Reason(code or row, says, used or {}, school=school, catalogue_ids=(known_id, *ids))
        )
