"""Looking back: by year what was planned, done and picked, on a tree or a block, how long it took,
and what to do when too much went.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass

from ...core.heights.grown import Grown
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.season.budget import tree_age, yearly_budget
from ...core.words.values import Rounded, Share, say
from ...store import harvests, logbook, places, plans
from ...store.tables import Harvest
from ...store.trees import tree_record, tree_records
from ...store.work_tables import LogEntry
from ..plan import sheets
from ..season.desk import SeasonDesk
from ..tree.stature import grown_of
from ..workplace import Workplace
from .pace import pace_of


@dataclass(frozen=True)
class Year:
    """One calendar year of a tree. planned_share: of sheets made that year; None where none was.
    minutes: reckoned and taken, None where nobody said.

    crop_kg: picked from this very tree, None where nobody wrote it down.
    """

    year: int
    planned_share: float | None
    done_share: float
    planned_cuts: int
    done_cuts: int
    reckoned_minutes: float | None
    taken_minutes: float | None
    height_m: float | None
    crop_kg: float | None


@dataclass(frozen=True)
class LookBack:
    """Years, the newest first; pace: minutes taken against those reckoned, None before there are
    enough visits; reasons: what follows from it; grown: since the last visit.
    """

    years: tuple[Year, ...]
    pace: float | None
    grown: Grown | None
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class BlockYear:
    """One calendar year of a block. share: mean over the trees worked on, None where none was
    measured; hours: of those logged.
    """

    year: int
    trees: int
    share: float | None
    wounds: int
    hours: float
    crop_kg: float | None


@dataclass(frozen=True)
class BlockBack:
    """A block by year, the newest first, and how many trees stand in it."""

    block: str
    standing: int
    years: tuple[BlockYear, ...]


def block_back(at: Workplace, block_id: str) -> BlockBack:
    """Share, wounds, hours and crop of a block by year. Raises: NotFound."""
    with at.store.reading() as session:
        block = places.block(session, block_id)
        records = tree_records(session, block_id=block_id)
        ids = {r.tree.id for r in records}
        log = [e for e in logbook.in_force(logbook.entries(session)) if e.tree_id in ids]
        picked = harvests.harvests(session, [*ids, *{r.row.id for r in records}, block_id])
        standing = sum(r.tree.removed_on is None for r in records)
    years = []
    for year in sorted({e.date.year for e in log} | {h.day.year for h in picked}, reverse=True):
        entries = [e for e in log if e.date.year == year]
        taken: dict[str, float] = {}
        for e in entries:
            if e.share is not None:
                taken[e.tree_id] = taken.get(e.tree_id, 0.0) + e.share
        share = sum(taken.values()) / len(taken) if taken else None
        minutes = sum(e.minutes or 0.0 for e in entries)
        years.append(
            BlockYear(
                year,
                len({e.tree_id for e in entries}),
                share,
                sum(e.cuts or 0 for e in entries),
                minutes / 60,
                _crop(picked, year),
            )
        )
    return BlockBack(block.name, standing, tuple(years))


def look_back(at: Workplace, tree_id: str) -> LookBack:
    """What was planned and done on a tree. Raises: NotFound."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        log = logbook.in_force(logbook.entries(session, tree_id))
        made = list(plans.plans_of(session, tree_id))
        desk = SeasonDesk(session, at, at.today())
        pace = pace_of(session, at.know, tree_id)
        picked = harvests.harvests(session, [tree_id])
        state = desk.state(record)
        grew = grown_of(at, session, record, state)
        budget = yearly_budget(state, tree_age(state, at.today().year), at.know).share
    reckoned = {
        p.id: (len(view.lines), view.minutes) for p in made if (view := sheets.sheet(at, p.id))
    }
    years = []
    for year in sorted(
        {e.date.year for e in log} | {p.day.year for p in made} | {h.day.year for h in picked},
        reverse=True,
    ):
        of_year = [p for p in made if p.day.year == year]
        planned = sum(float(p.answer["removed"]) for p in of_year) if of_year else None
        minutes = sum(reckoned[p.id][1] for p in of_year) if of_year else None
        years.append(
            _year(
                year,
                [e for e in log if e.date.year == year],
                planned,
                sum(reckoned[p.id][0] for p in of_year),
                minutes,
                _crop(picked, year),
            )
        )
    return LookBack(tuple(years), pace, grew, _reasons(at.know, years, pace, budget))


def _year(
    year: int,
    entries: Sequence[LogEntry],
    planned: float | None,
    planned_cuts: int,
    reckoned: float | None,
    crop_kg: float | None,
) -> Year:
    taken = [e.minutes for e in entries if e.minutes is not None and e.plan_id]
    heights = [e.height_after_m for e in entries if e.height_after_m is not None]
    done, cuts = sum(e.share or 0.0 for e in entries), sum(e.cuts or 0 for e in entries)
    return Year(
        year,
        planned,
        done,
        planned_cuts,
        cuts,
        reckoned,
        sum(taken) if taken else None,
        heights[0] if heights else None,
        crop_kg,
    )


def _crop(picked: Iterable[Harvest], year: int) -> float | None:
    """Kilograms of a year; None where nobody wrote any down."""
    found = [h.kg for h in picked if h.day.year == year]
    return sum(found) if found else None


def _reasons(
    know: Knowledge, years: Sequence[Year], pace: float | None, budget: float
) -> tuple[Reason, ...]:
    found = []
    for year in years[:2]:
        if year.done_share > budget + 1e-9 and budget > 0:
            text = say(
                "year-overrun",
                year=year.year,
                done_share=Share(year.done_share),
                budget=Share(budget),
            )
            found.append(
                Reason(
                    "took-much",
                    text,
                    {"taken": round(year.done_share, 3), "a year's share": round(budget, 3)},
                )
            )
    if pace is not None and abs(pace - 1) > know.number("look-back/pace-off"):
        text = say("pace", pace=Rounded(pace, 1))
        found.append(Reason("pace", text, {"taken over reckoned": round(pace, 2)}))
    return tuple(found)
