"""The cold night: which nights the station measured, what one hurts block by block, and writing it
down with its dates.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter, defaultdict
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from sqlmodel import Session

from ...core.days import seen_problem
from ...core.errors import refuse
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.damage import ColdTree, Damage, frost_damage, hardening_index, worst_first
from ...core.frost.fruit import Salvage, salvage
from ...core.frost.kinds import class_figure
from ...core.frost.recovery import series
from ...core.season.budget import tree_age
from ...core.season.model import Event
from ...core.season.normals import values_on
from ...core.tasks import NIGHT_TASKS
from ...core.words.dates import day_words
from ...store import frost_nights as kept
from ...store import harvests, logbook, places
from ...store.logbook import save_tasks
from ...store.tables import Row, Task
from ...store.trees import TreeRecord, observations, tree_records
from ..season import weather
from ..season.desk import SeasonDesk
from ..workplace import Workplace

_LAID_BARE = ("hedge", "shear", "skeleton", "renewal")


@dataclass(frozen=True)
class ColdNight:
    """A night the station measured. at_c: in the coldest block; saved: it was written down."""

    day: dt.date
    min_c: float
    at_c: float
    block: str
    saved: bool


@dataclass(frozen=True)
class ColdNights:
    """Cold nights of a station, the newest first; foreseen: the next one to come, None where none
    is.
    """

    station: str
    simulated: bool
    nights: tuple[ColdNight, ...]
    foreseen: ColdNight | None


@dataclass(frozen=True)
class HurtTree:
    """A tree on a cold night. at_c: the air where it stands [degrees C]; first: what must be done
    first.
    """

    tree_id: str
    name: str
    species: str
    at_c: float
    damage: Damage
    first: str


@dataclass(frozen=True)
class HurtBlock:
    """A block on a cold night: how many of each class, the crop it will miss in the first year
    where its usual one is known [kg], the share of hanging fruit that is hurt.
    """

    block_id: str
    name: str
    at_c: float
    classes: dict[str, int]
    missed_kg: float | None
    fruit_hurt: float | None


@dataclass(frozen=True)
class Night:
    """A cold night over a site, the trees that must be seen to first at the top. saved: how many
    classes were written down.
    """

    day: dt.date
    min_c: float
    hours: float | None
    blocks: tuple[HurtBlock, ...]
    trees: tuple[HurtTree, ...]
    unknown: tuple[str, ...]
    salvage: Salvage
    saved: int


def cold_nights(at: Workplace, site_id: str) -> ColdNights:
    """Nights of a site's station that were cold in its coldest block, and the next one foreseen.
    Raises: NotFound.
    """
    today, cold = at.today(), at.know.number("frost/cold-from")
    with at.store.reading() as session:
        site = places.site(session, site_id)
        normals = places.normals(session, site_id)
        station = weather.station(at, session, site, normals)
        offset, coldest = min(
            ((r.block.offset_c, r.block.name) for r in tree_records(session, site_id=site_id)),
            default=(0.0, site.name),
        )
        written = {n.day for n in kept.nights(session, site_id)}

        def listed(day: dt.date, min_c: float | None) -> list[ColdNight]:
            if min_c is None or min_c + offset > cold:
                return []
            return [ColdNight(day, min_c, round(min_c + offset, 1), coldest, day in written)]

        measured = station.days(
            today - dt.timedelta(days=at.know.days("frost/records-back")), today
        )
        found = [n for d in reversed(measured) for n in listed(d.date, d.tmin_c)]
        ahead = [
            n
            for f in weather.forecast(at, session, site, normals, today)
            for n in listed(f.date, f.tmin)
        ]
        return ColdNights(
            station.name, station.simulated, tuple(found), ahead[0] if ahead else None
        )


def night(
    at: Workplace,
    site_id: str,
    day: dt.date,
    min_c: float,
    hours: float | None = None,
    save: bool = False,
    dry_soil: bool = False,
    source: str = "typed",
) -> Night:
    """What a night hurts, block by block with its offset. hours: None where nobody knows. save:
    write the night, its classes and its dates down.

    Raises: NotFound; InvalidInput for a day to come.
    """
    ahead = "lies ahead; a frost to come stands in the forecast" if day > at.today() else None
    refuse({"/day": ahead or seen_problem(day, at.today())})
    with at.store.writing() if save else at.store.reading() as session:
        site = places.site(session, site_id)
        desk = SeasonDesk(session, at, day)
        found = _Hurt(desk, tree_records(session, site_id=site_id), min_c, hours, dry_soil)
        after = at.know.days("frost/salvage-weather")
        saves = salvage(
            at.know,
            day,
            mean_of(desk, found.records[0], day + dt.timedelta(days=after), after)
            if found.records
            else None,
        )
        saved = 0
        if save:
            saved = _write(desk, found, site.id, hours, source)
            _dates(desk, found, saves)
        trees = tuple(
            HurtTree(r.tree.id, r.name, r.tree.species, found.at_c(r), d, _first(at, d))
            for r, d in found.ordered
            if d.worst != "F0" or d.possible
        )
        return Night(
            day,
            min_c,
            hours,
            _blocks(at, session, found),
            trees,
            tuple(sorted(found.unknown)),
            saves,
            saved,
        )


class _Hurt:
    """The trees of a site on one night: like trees are reckoned once."""

    def __init__(
        self,
        desk: SeasonDesk,
        records: Sequence[TreeRecord],
        min_c: float,
        hours: float | None,
        dry_soil: bool,
    ) -> None:
        know, self.min_c, self.day = desk.at.know, min_c, desk.day
        self.records = [
            r for r in records if not r.tree.under_cover and r.tree.species in know.rows("cold")
        ]
        self.unknown = {r.tree.species for r in records if r.tree.species not in know.rows("cold")}
        alike: dict[tuple[ColdTree, float], Damage] = {}
        cold = _Cold(desk, dry_soil)
        damage: dict[str, Damage] = {}
        for record in self.records:
            key = (cold.tree(record), self.at_c(record))
            if key not in alike:
                alike[key] = frost_damage(know, key[0], key[1], hours)
            damage[record.tree.id] = alike[key]
        by_id = {r.tree.id: r for r in self.records}
        self.ordered = [
            (by_id[i], d)
            for i, d in worst_first([(r.tree.id, damage[r.tree.id]) for r in self.records])
        ]

    def at_c(self, record: TreeRecord) -> float:
        """The air where a tree stands [degrees C]."""
        return round(self.min_c + record.block.offset_c, 2)


class _Cold:
    """Trees as the cold finds them on the desk's day; what like trees share is asked once."""

    def __init__(self, desk: SeasonDesk, dry_soil: bool) -> None:
        self.desk, self.dry_soil = desk, dry_soil
        self._warmth: dict[str, tuple[float, int]] = {}
        self._like: dict[tuple[object, ...], ColdTree] = {}

    def tree(self, record: TreeRecord) -> ColdTree:
        """Hardened by the four weeks before, with fruit and flush by its season."""
        desk, day = self.desk, self.desk.day
        of = desk.of(record)
        state = of.tree
        pruned = max(
            (e.date for e in desk.log(record) if e.date <= day and e.work in _LAID_BARE),
            default=None,
        )
        key = (
            record.block.id,
            record.cultivar,
            record.stem.rootstock,
            state.fruit_on,
            pruned,
            of.tree,
            of.observed,
            of.moved,
            of.stance,
        )
        if key not in self._like:
            mean, warm = self._before(record)
            events = desk.season(record, ("sucker",)).events
            flush = any(
                e.name in ("first flush", "later flush") and e.start <= day <= e.end for e in events
            )
            fruit = "none" if state.fruit_on == "none" else _fruit(events, day)
            self._like[key] = ColdTree(
                record.tree.species,
                record.cultivar,
                record.stem.rootstock,
                tree_age(state, day.year),
                hardening_index(desk.at.know, mean, warm, flush),
                fruit,
                flush,
                (day - pruned).days if pruned else None,
                state.fruit_on == "full" and fruit == "ripe",
                self.dry_soil,
            )
        return self._like[key]

    def _before(self, record: TreeRecord) -> tuple[float, int]:
        """Mean of the four weeks before in a tree's block [degrees C], and warm days among the last
        ten.
        """
        if record.block.id not in self._warmth:
            know = self.desk.at.know
            warm, hardened = (know.days(f"frost/{x}") for x in ("warm-spell", "hardened-over"))
            high = _days(self.desk, record, self.desk.day, warm)[1]
            mean = mean_of(self.desk, record, self.desk.day - dt.timedelta(days=1), hardened)
            self._warmth[record.block.id] = (
                mean,
                int((high >= know.number("frost/warm-day")).sum()),
            )
        return self._warmth[record.block.id]


def _fruit(events: Sequence[Event], day: dt.date) -> str:
    """What hangs on a tree by its season."""
    here = {e.name for e in events if e.start <= day <= e.end}
    if "harvest" in here:
        return "ripe"
    if "bloom" in here:
        return "flowers"
    if "set and drop" in here:
        return "fruitlets"
    ahead = next(
        (
            e
            for e in sorted(events, key=lambda e: e.start)
            if e.name in ("bloom", "harvest") and e.start > day
        ),
        None,
    )
    return "green" if ahead is not None and ahead.name == "harvest" else "none"


def _days(
    desk: SeasonDesk, record: TreeRecord, last: dt.date, count: int
) -> tuple[np.ndarray, np.ndarray]:
    """Minima and maxima of the days up to one, measured where the station knows them, else the
    normals [degrees C].
    """
    site, first = desk.site(record), last - dt.timedelta(days=count - 1)
    low, high = (
        values_on(site.normals.tmin_c, first, count).copy(),
        values_on(site.normals.tmax_c, first, count).copy(),
    )
    if site.weather is not None:
        start = (first - site.weather.first).days
        for made, seen in ((low, site.weather.tmin_c), (high, site.weather.tmax_c)):
            there = np.array(
                [seen[start + i] if 0 <= start + i < len(seen) else np.nan for i in range(count)]
            )
            made[~np.isnan(there)] = there[~np.isnan(there)]
    return low, high


def mean_of(desk: SeasonDesk, record: TreeRecord, last: dt.date, count: int) -> float:
    """Mean temperature of the days up to one [degrees C]."""
    low, high = _days(desk, record, last, count)
    return float((low + high).mean() / 2)


def _first(at: Workplace, damage: Damage) -> str:
    does = at.know.text(f"frost-class/{damage.worst}/does")
    return f"{does[:1].upper()}{does[1:]}."


def _write(desk: SeasonDesk, found: _Hurt, site_id: str, hours: float | None, source: str) -> int:
    """The night and its foreseen classes, as record and as what holds of each tree; a class that
    somebody corrected since stays.
    """
    session, day = desk.session, found.day
    before = {
        a.tree_id: a.frost_class
        for a in kept.assessments(
            session, [n.id for n in kept.nights(session, site_id) if n.day == day]
        )
    }
    seen = observations(session)
    night = kept.put_night(session, site_id, day, found.min_c, hours, source)

    def corrected(tree_id: str) -> bool:
        now = seen.get(tree_id, {}).get("freeze_class")
        return now is not None and now.date >= day and now.value != before.get(tree_id, "F0")

    hurt = [(r, d) for r, d in found.ordered if d.worst != "F0"]
    kept.foresee(
        session,
        night.id,
        [kept.Foreseen(r.tree.id, found.at_c(r), d.worst, d.possible) for r, d in hurt],
    )
    classes = {r.tree.id: d.worst for r, d in hurt}
    spared = dict.fromkeys(before.keys() - classes.keys(), "F0")
    kept.bear(
        session, day, {tree: c for tree, c in (classes | spared).items() if not corrected(tree)}
    )
    return len(hurt)


def _dates(desk: SeasonDesk, found: _Hurt, saves: Salvage) -> None:
    """What a night asks for: cut test and salvage row by row; whitewash, the day to judge and the
    day to cut tree by tree, or for a row where many are alike.
    """
    rows: dict[str, list[tuple[TreeRecord, Damage]]] = defaultdict(list)
    for record, damage in found.ordered:
        if damage.worst != "F0":
            rows[record.row.id].append((record, damage))
    here = {r.tree.id for r in found.records} | {r.row.id for r in found.records}
    for old in logbook.tasks(desk.session):
        if old.kind in NIGHT_TASKS and old.scope_id in here:
            old.state = "dropped"
            save_tasks(desk.session, old)
    for hurt in rows.values():
        if any(d.fruit_hurt > 0 for _, d in hurt):
            _fruit_dates(desk, hurt[0][0].row, saves)
        _wood_dates(desk, hurt)


def _fruit_dates(desk: SeasonDesk, row: Row, saves: Salvage) -> None:
    count = desk.at.know.number("frost/cut-test-fruit")
    rule = "frost/salvage-days-warm" if saves.warm else "frost/salvage-days"
    test = (
        f"Cut-test {count:.0f} fruit of row {row.n} at the stem end: dry or white crystals over "
        "a third of the segments is hurt."
    )
    juice = f"Hurt fruit of row {row.n} goes to juice by {day_words(saves.late)}; none is stored."
    for kind, due, does, known in (
        ("frost-night-test", saves.test_from, test, "frost/cut-test-days"),
        ("frost-night-salvage", saves.early, juice, rule),
    ):
        save_tasks(
            desk.session,
            Task(scope="row", scope_id=row.id, kind=kind, does=does, due=due, rule=known),
        )


def _wood_dates(desk: SeasonDesk, hurt: Sequence[tuple[TreeRecord, Damage]]) -> None:
    """Dates of the trees of one row that lost leaf or wood."""
    know, day = desk.at.know, desk.day
    alike: dict[tuple[FrostClass, str], list[TreeRecord]] = defaultdict(list)
    for record, damage in hurt:
        if CLASSES.index(damage.worst) >= 2:
            alike[damage.worst, record.tree.species].append(record)
    many = know.number("frost/alike-trees")
    for (frost_class, species), trees in alike.items():
        base = max(_last_frost(desk, trees[0]), day)
        wanted = [
            (
                day + dt.timedelta(days=know.days("frost/bark-within")),
                "frost-night-bark",
                "Whitewash trunk and limbs that lost their shade",
                "frost-class/F2/leaf-lost",
            )
        ]
        for column, kind, does in (
            ("judge-after", "frost-night-judge", "Judge what lives"),
            ("cut-after", "frost-night-cut", "Cut dead wood, if the edge has held"),
        ):
            known = class_figure(know, frost_class, column, species)
            wanted.append(
                (
                    base + dt.timedelta(days=know.days(known)),
                    kind,
                    f"{does} (class {frost_class})",
                    known,
                )
            )
        for due, kind, does, rule in wanted:
            if len(trees) > many:
                save_tasks(
                    desk.session,
                    Task(
                        scope="row",
                        scope_id=trees[0].row.id,
                        kind=kind,
                        does=f"{does}: {named(trees)}.",
                        due=due,
                        rule=rule,
                    ),
                )
                continue
            for record in trees:
                save_tasks(
                    desk.session,
                    Task(
                        scope="tree",
                        scope_id=record.tree.id,
                        kind=kind,
                        does=f"{does}.",
                        due=due,
                        rule=rule,
                    ),
                )


def named(trees: Sequence[TreeRecord]) -> str:
    """The first trees of a list by name, and how many more there are."""
    names = [r.name for r in trees]
    return ", ".join(names[:6]) + (f" and {len(names) - 6} more" if len(names) > 6 else "")


def _last_frost(desk: SeasonDesk, record: TreeRecord) -> dt.date:
    """The last frost of the cold season the desk's day lies in; the day itself where none is
    expected.
    """
    events = desk.season(record, ("sucker",)).events
    return next(
        (e.end for e in events if e.name == "frost likely" and e.start <= desk.day <= e.end),
        desk.day,
    )


def _blocks(at: Workplace, session: Session, found: _Hurt) -> tuple[HurtBlock, ...]:
    here: dict[str, list[tuple[TreeRecord, Damage]]] = defaultdict(list)
    for record, damage in found.ordered:
        here[record.block.id].append((record, damage))
    made = []
    for block_id, trees in sorted(
        here.items(), key=lambda b: (found.at_c(b[1][0][0]), b[1][0][0].block.name)
    ):
        kg = usual_kg(session, [r for r, _ in trees])
        missed = (
            None
            if kg is None
            else sum(kg * (1 - series(at.know, d.worst, 1, r.tree.species)[0]) for r, d in trees)
        )
        bearing = [d.fruit_hurt for _, d in trees if "fruit" in d.thresholds]
        first = trees[0][0]
        made.append(
            HurtBlock(
                block_id,
                first.block.name,
                found.at_c(first),
                dict(Counter(d.worst for _, d in trees)),
                missed,
                sum(bearing) / len(bearing) if bearing else None,
            )
        )
    return tuple(made)


def usual_kg(session: Session, records: Sequence[TreeRecord]) -> float | None:
    """Mean crop of one of these trees a year, from what was picked of them and their rows [kg];
    None where nobody wrote any down.
    """
    picked = harvests.harvests(
        session, [*(r.tree.id for r in records), *{r.row.id for r in records}]
    )
    years = {h.day.year for h in picked}
    return sum(h.kg for h in picked) / len(years) / len(records) if years and records else None
