"""Trees that are sized, not drawn: what to look for and count today, and what was cut, counted."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.frame.counting import Counted, CutCount, count_cuts
from ...core.frame.wood import wood_parameters
from ...core.plan.recipe import Recipe, recipe
from ...core.season.events import vigour_of
from ...core.season.model import Work
from ...core.season.today import Verdict
from ...core.words.values import listed, say
from ...store import places
from ...store.logbook import save_counts
from ...store.trees import TreeRecord, tree_record
from ...store.work_tables import CutCount as CountRow
from ...store.work_tables import LogEntry
from ..book.come_back import come_back_after
from ..book.logged import put_in_log
from ..season.desk import SeasonDesk
from ..tree.sizes import Sizes, sizes_of
from ..workplace import Workplace


@dataclass(frozen=True)
class RecipeView:
    """A recipe for a tree on a day, with the verdict it keeps to."""

    name: str
    day: dt.date
    goal: str
    work: Work
    verdict: Verdict
    sizes: Sizes
    recipe: Recipe


_WORKS: dict[str, Work] = {"lower": "height", "renew": "renewal", "recover": "sanitation"}
_NO_TRUNK = say("bad-measure-the-trunk-first")


def recipe_for(at: Workplace, tree_id: str, day: dt.date, goal: str) -> RecipeView:
    """What to look for and count on a tree today. Raises: NotFound; InvalidInput for a goal that is
    none, or a tree whose height and trunk nobody knows.
    """
    know = at.know
    if goal not in know.rows("goals"):
        raise invalid("/goal", say("bad-must-be-one-of", known=listed(know.rows("goals"))))
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        sizes = sizes_of(at, session, record)
        if sizes.trunk_mm is None or sizes.height_m is None:
            raise invalid("", say("bad-say-its-height-and-the-width"))
        desk = SeasonDesk(session, at, day)
        usual: Work = "pot" if record.tree.pot_l else "young" if desk.young(record) else "thin"
        work = usual if usual != "thin" else _WORKS.get(goal, usual)
        found = desk.verdict(record, work)
        limit = 0.0 if found.status in ("stop", "wait") else found.max_share or 0.0
        if work == "young":
            # half of its shoots is for the trunk and the first scaffolds; of its leaf little goes
            limit = min(limit, know.number("budget/young"))
        vigour = vigour_of(desk.state(record), know)
        units = places.units(session)
        lacks = {"ground"} if record.tree.pot_l else set[str]()
        if record.tree.origin in ("seedling", "cutting", "layered"):
            lacks.add("union")
        made = recipe(know, sizes.trunk_mm, sizes.height_m, goal, limit, None, vigour, units, lacks)
        return RecipeView(record.name, day, goal, work, found, sizes, made)


@dataclass(frozen=True)
class CountView:
    """Counted cuts of a tree against its year and the day's limit."""

    count: CutCount
    verdict: Verdict


def count_on(
    at: Workplace, tree_id: str, day: dt.date, work: Work, cuts: Sequence[Counted]
) -> CountView:
    """What so many cuts take of a tree; nothing is saved. Raises: NotFound; InvalidInput where its
    trunk is not known, or more is cut than it bears.
    """
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        desk = SeasonDesk(session, at, day)
        verdict = desk.verdict(record, work)
        return CountView(_count(at, session, record, desk, cuts, verdict.max_share), verdict)


def _count(
    at: Workplace,
    session: Session,
    record: TreeRecord,
    desk: SeasonDesk,
    cuts: Sequence[Counted],
    limit: float | None,
) -> CutCount:
    trunk = sizes_of(at, session, record).trunk_mm
    if trunk is None:
        raise invalid("/trunk_mm", _NO_TRUNK)
    wood = wood_parameters(at.know, record.tree.species)
    return count_cuts(at.know, wood, trunk, cuts, desk.used(record), limit)


def log_counted(
    at: Workplace,
    tree_id: str,
    entry_id: str,
    date: dt.date,
    work: Work,
    cuts: Sequence[Counted],
    who: str = "",
    note: str = "",
    minutes: float | None = None,
    found: str | None = None,
) -> LogEntry:
    """Log cuts by counting; their share counts against the year. found: the one finding of a look
    that it was. The same entry id twice changes nothing. Raises: as :func:`count_on`.
    """
    refuse(
        {
            "/date": done_problem(date, at.today()),
            "/cuts": None if any(c.n for c in cuts) else say("bad-count-at-least-one-cut"),
        }
    )
    with at.store.writing() as session:
        known = session.get(LogEntry, entry_id)
        if known is not None:
            return known
        record = tree_record(session, tree_id)
        entry = LogEntry(
            id=entry_id,
            tree_id=tree_id,
            date=date,
            work=work,
            share=share_of(at, session, record, date, cuts),
            cuts=how_many(cuts),
            minutes=minutes,
            who=who,
            note=note,
        )
        put_in_log(at.know, session, entry, found=found)
        session.flush()
        if not all(c.dead for c in cuts):
            come_back_after(SeasonDesk(session, at, date), [(record, entry)])
        put_down(session, entry, cuts)
        return entry


def how_many(cuts: Sequence[Counted]) -> int:
    """Cuts of all thicknesses together."""
    return sum(c.n for c in cuts)


def share_of(
    at: Workplace, session: Session, record: TreeRecord, day: dt.date, cuts: Sequence[Counted]
) -> float:
    """What counted cuts took of a tree [0..1]. Raises: InvalidInput for an unknown trunk."""
    return _count(at, session, record, SeasonDesk(session, at, day), cuts, None).share


def put_down(session: Session, entry: LogEntry, cuts: Sequence[Counted]) -> None:
    """Keep what was counted with its entry."""
    rows = [
        CountRow(
            log_id=entry.id, thickness=c.thickness, mm=c.mm, n=c.n, sprout=c.sprout, dead=c.dead
        )
        for c in cuts
        if c.n
    ]
    save_counts(session, *rows)
