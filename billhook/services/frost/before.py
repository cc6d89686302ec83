"""Before the cold: banks and wraps with their dates, what is done on the evening itself, and the
come-backs for it.
"""

from __future__ import annotations

import datetime as dt
from collections import defaultdict
from dataclasses import dataclass

from ...core.errors import invalid
from ...core.frost.protect import Protection, protections, tonight
from ...core.reasons import Reason
from ...core.words.values import Capital, say
from ...store import logbook, places
from ...store.logbook import save_tasks
from ...store.trees import TreeRecord, tree_records
from ..season.desk import SeasonDesk
from ..tree.names import named
from ..tree.tasks import task_for
from ..workplace import Workplace


@dataclass(frozen=True)
class BlockBefore:
    """A block before the frosts: banks and wraps with their dates and the trees they are for, and
    what is done tonight if a cold night is foreseen.
    """

    block_id: str
    name: str
    protections: tuple[tuple[Protection, int], ...]
    night: dt.date | None
    at_c: float | None
    tonight: tuple[Reason, ...]


def before_the_cold(at: Workplace, site_id: str) -> list[BlockBefore]:
    """What is put on when, block by block, the coldest first; blocks without frost or without young
    trees say nothing. Raises: NotFound.
    """
    today, know = at.today(), at.know
    with at.store.reading() as session:
        places.site(session, site_id)
        desk = SeasonDesk(session, at, today)
        blocks: dict[str, list[TreeRecord]] = defaultdict(list)
        for record in tree_records(session, site_id=site_id):
            if not record.tree.under_cover:
                blocks[record.block.id].append(record)
        found = []
        for block_id, trees in sorted(
            blocks.items(), key=lambda b: (b[1][0].block.offset_c, b[1][0].block.name)
        ):
            first = trees[0]
            frost = _next_frosts(desk, first)
            ages = [today.year - r.tree.planted_year for r in trees]
            wanted = [
                (p, sum(p.is_for(a, _prized(desk, r)) for a, r in zip(ages, trees, strict=True)))
                for p in protections(know, *frost, today)
            ]
            ahead = [f for f in desk.forecast(first) if f.tmin <= know.number("frost/cold-from")]
            youngest = 0 if any(_prized(desk, r) for r in trees) else min(ages)
            coldest = min((f.tmin for f in ahead), default=None)
            if coldest is None and desk.frost_said(first):
                coldest = know.number("frost/heard-c")
            evening = tonight(know, coldest, youngest) if coldest is not None else []
            wanted = [(p, count) for p, count in wanted if count]
            if wanted or evening:
                found.append(
                    BlockBefore(
                        block_id,
                        first.block.name,
                        tuple(wanted),
                        ahead[0].date if ahead else None,
                        min(f.tmin for f in ahead) if ahead else None,
                        tuple(evening),
                    )
                )
        return found


def _prized(desk: SeasonDesk, record: TreeRecord) -> bool:
    seen = desk.seen(record).get("prized")
    return seen is not None and seen.value == "yes"


def _next_frosts(desk: SeasonDesk, record: TreeRecord) -> tuple[dt.date | None, dt.date | None]:
    """First and last frost of the cold season that runs or comes next."""
    season = next(
        (
            e
            for e in desk.season(record, ("sucker",)).events
            if e.name == "frost likely" and e.end >= desk.day
        ),
        None,
    )
    return (season.start, season.end) if season else (None, None)


def protect(at: Workplace, site_id: str, block_id: str) -> int:
    """Put a block's banks and wraps, on and off, among its come-backs, row by row; those there
    already are not set twice. Returns how many were set.

    Raises: NotFound; InvalidInput for a block that needs none.
    """
    wanted = next((b for b in before_the_cold(at, site_id) if b.block_id == block_id), None)
    if wanted is None or not wanted.protections:
        raise invalid("/block_id", say("bad-there-is-nothing-to-put-on"))
    made = 0
    with at.store.writing() as session:
        desk = SeasonDesk(session, at, at.today())
        rows: dict[str, list[TreeRecord]] = defaultdict(list)
        for record in tree_records(session, block_id=block_id):
            rows[record.row.id].append(record)
        for row_id, trees in rows.items():
            there = {(t.rule, t.due) for t in logbook.tasks(session, row_id)}
            for p, _ in wanted.protections:
                young = [
                    r
                    for r in trees
                    if p.is_for(at.today().year - r.tree.planted_year, _prized(desk, r))
                    and not r.tree.under_cover
                ]
                for kind, due, does, timed_by in (
                    ("frost-protect-on", p.on, p.does, "on-before"),
                    ("frost-protect-off", p.off, p.takes_off, "off-after"),
                ):
                    rule = f"frost-protect/{p.kind}/{timed_by}"
                    if young and (rule, due) not in there:
                        text = say("task-protect", does=Capital(does), trees=named(young))
                        save_tasks(
                            session,
                            task_for(
                                text, scope="row", scope_id=row_id, kind=kind, due=due, rule=rule
                            ),
                        )
                        made += 1
    return made
