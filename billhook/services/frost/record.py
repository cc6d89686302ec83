"""The record for next time: which nights hurt what, where the cold lies, which trees came back; and
the crop of a block after a freeze.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter, defaultdict
from dataclasses import dataclass

from sqlmodel import Session, col, select

from ...catalogue.languages import languages
from ...catalogue.wording import said
from ...core.choice import one_of
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.recovery import BlockRecovery, Group, block_recovery, replant_day
from ...core.season.budget import tree_age
from ...core.words.values import Value, say
from ...store import frost_nights as kept
from ...store import places
from ...store.frost_tables import FrostNight
from ...store.tables import Observation, Tree
from ...store.trees import TreeRecord, tree_record, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .night import usual_kg

_STATIONS = (say("station-simulated"), say("station-brought-in"))


def _source(kept: str) -> Value:
    """Which station said it, in the reader's language; as it was written, where none of ours."""
    codes = [found.code for found in languages()]
    return next((s for s in _STATIONS if kept in [said(s, code) for code in codes]), kept)


@dataclass(frozen=True)
class FrostPlace:
    """A place where a tree was hurt: the worst class it bore, in how many nights, the coldest air
    there [degrees C, None where nobody measured], and how it stands: ``hurt``, ``back`` or
    ``lost``.
    """

    tree_id: str
    name: str
    x: float
    y: float
    worst: FrostClass
    nights: int
    coldest_c: float | None
    stands: str


@dataclass(frozen=True)
class NightKept:
    """A night with what was found of it: trees by class, how many came back and how many were
    lost.
    """

    day: dt.date
    min_c: float | None
    hours: float | None
    source: Value
    classes: dict[FrostClass, int]
    came_back: int
    lost: int


@dataclass(frozen=True)
class BlockCold:
    """A block in the cold: its offset from the station [K], the coldest night written down there
    [degrees C], trees standing, and those of them that were ever hurt.
    """

    block_id: str
    name: str
    offset_c: float
    coldest_c: float | None
    hurt: int
    trees: int


@dataclass(frozen=True)
class FrostRecord:
    """Nights, the newest first; blocks, the coldest first; places, the worst first."""

    nights: tuple[NightKept, ...]
    blocks: tuple[BlockCold, ...]
    places: tuple[FrostPlace, ...]


@dataclass
class _Episode:
    night: dt.date
    frost_class: FrostClass
    back: bool = False


def frost_record(at: Workplace, site_id: str, rows: frozenset[str] | None = None) -> FrostRecord:
    """What frosts did on a site, in all its rows or in some. Raises: NotFound."""
    with at.store.reading() as session:
        places.site(session, site_id)
        nights = kept.nights(session, site_id)
        records = {
            i: r for i, r in _records(session, site_id).items() if rows is None or r.row.id in rows
        }
        episodes = _episodes(
            session, nights, records, dt.timedelta(days=at.know.days("frost/episode"))
        )
        air: dict[str, float] = {}
        for a in kept.assessments(session, [n.id for n in nights]):
            air[a.tree_id] = min(a.at_c, air.get(a.tree_id, a.at_c))
        found = [_place(records[t], past, air.get(t)) for t, past in episodes.items()]
        found.sort(key=lambda p: (-CLASSES.index(p.worst), -p.nights, p.name))
        return FrostRecord(
            _nights(nights, records, episodes), _blocks(nights, records, episodes), tuple(found)
        )


def _records(session: Session, site_id: str) -> dict[str, TreeRecord]:
    """Trees of a site, with those that are gone and were once hurt."""
    found = {r.tree.id: r for r in tree_records(session, site_id=site_id)}
    gone = (
        select(Tree.id)
        .join(Observation, col(Observation.scope_id) == Tree.id)
        .where(Observation.kind == "freeze_class", col(Tree.removed_on).is_not(None))
    )
    for tree_id in set(session.exec(gone).all()):
        record = tree_record(session, tree_id)
        if record.site.id == site_id:
            found[tree_id] = record
    return found


def _episodes(
    session: Session,
    nights: list[FrostNight],
    records: dict[str, TreeRecord],
    episode: dt.timedelta,
) -> dict[str, list[_Episode]]:
    """Per tree what it bore, night by night; a later class of the same night takes the place of an
    earlier one, a zero closes it.
    """
    found: dict[str, list[_Episode]] = {}
    for o in kept.history(session, ("freeze_class",)):
        if o.scope_id not in records:
            continue
        past = found.setdefault(o.scope_id, [])
        if o.value == "F0":
            if past:
                past[-1].back = True
            continue
        on = next((n.day for n in nights if n.day <= o.date <= n.day + episode), o.date)
        if past and not past[-1].back and on <= past[-1].night + episode:
            past[-1].frost_class = one_of(CLASSES, o.value)
        else:
            past.append(_Episode(on, one_of(CLASSES, o.value)))
    return {t: past for t, past in found.items() if past}


def _stands(record: TreeRecord, last: _Episode) -> str:
    if record.tree.removed_on is not None and record.tree.removed_on >= last.night:
        return "lost"
    return "back" if last.back else "hurt"


def _place(record: TreeRecord, past: list[_Episode], air_c: float | None) -> FrostPlace:
    worst = max((e.frost_class for e in past), key=CLASSES.index)
    return FrostPlace(
        record.tree.id,
        record.name,
        record.place.x,
        record.place.y,
        worst,
        len(past),
        air_c,
        _stands(record, past[-1]),
    )


def _nights(
    nights: list[FrostNight], records: dict[str, TreeRecord], episodes: dict[str, list[_Episode]]
) -> tuple[NightKept, ...]:
    by_day: dict[dt.date, list[tuple[TreeRecord, _Episode]]] = defaultdict(list)
    for tree_id, past in episodes.items():
        for e in past:
            by_day[e.night].append((records[tree_id], e))
    written = {n.day: n for n in nights}
    found = []
    for day in sorted({*by_day, *written}, reverse=True):
        here, n = by_day.get(day, []), written.get(day)
        stands = Counter(_stands(r, e) for r, e in here)
        classes = dict(Counter(e.frost_class for _, e in here))
        found.append(
            NightKept(
                day,
                n.min_c if n else None,
                n.hours if n else None,
                _source(n.source) if n else "",
                classes,
                stands["back"],
                stands["lost"],
            )
        )
    return tuple(found)


def _blocks(
    nights: list[FrostNight], records: dict[str, TreeRecord], episodes: dict[str, list[_Episode]]
) -> tuple[BlockCold, ...]:
    lowest = min((n.min_c for n in nights), default=None)
    here: dict[str, list[TreeRecord]] = defaultdict(list)
    for record in records.values():
        here[record.block.id].append(record)
    found = [
        BlockCold(
            block_id,
            trees[0].block.name,
            trees[0].block.offset_c,
            None if lowest is None else round(lowest + trees[0].block.offset_c, 1),
            sum(r.tree.id in episodes and r.tree.removed_on is None for r in trees),
            sum(r.tree.removed_on is None for r in trees),
        )
        for block_id, trees in here.items()
    ]
    return tuple(sorted(found, key=lambda b: (b.offset_c, b.name)))


def recovery_of_block(at: Workplace, block_id: str) -> BlockRecovery:
    """Crop of a block in the ten years to come, by the classes its trees bear; kilograms only where
    somebody wrote a crop down. Raises: NotFound.
    """
    know, today = at.know, at.today()
    with at.store.reading() as session:
        places.block(session, block_id)
        desk = SeasonDesk(session, at, today)
        records = tree_records(session, block_id=block_id)
        kg = usual_kg(session, records) or 0.0
        groups: dict[tuple[FrostClass, str], list[float]] = defaultdict(list)
        for record in records:
            state = desk.state(record)
            # a class whose cut was opened early still costs its crop
            groups[desk.frost_class(record), record.tree.species].append(
                tree_age(state, today.year)
            )
        made = [
            Group(c, s, sum(ages) / len(ages), len(ages), kg) for (c, s), ages in groups.items()
        ]
        return block_recovery(know, made, _replant_on(desk, records[0]) if records else None)


def _replant_on(desk: SeasonDesk, record: TreeRecord) -> dt.date:
    """The first day for a new tree where this one stands."""
    first = desk.day - dt.timedelta(days=200)
    events = desk.season_between(
        record, first, desk.day + dt.timedelta(days=400), ("sucker",)
    ).events
    colds = sorted((e.start, e.end) for e in events if e.name == "frost likely")
    last = max((end for start, end in colds if start <= desk.day), default=desk.day)
    return replant_day(
        desk.at.know, desk.day, last, next(((s, e) for s, e in colds if s > desk.day), None)
    )
