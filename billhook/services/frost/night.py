"""The cold night: which nights the station measured, what one hurts block by block, and writing it
down with its dates.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter, defaultdict
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import seen_problem
from ...core.errors import refuse
from ...core.frost.damage import Damage
from ...core.frost.fruit import Salvage, salvage
from ...core.frost.recovery import series
from ...core.words.values import Value
from ...store import frost_nights as kept
from ...store import harvests, places
from ...store.trees import TreeRecord, observations, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .hurt import Hurt, first_of, mean_of
from .night_dates import set_dates


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
    first: Value


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
        found = Hurt(desk, tree_records(session, site_id=site_id), min_c, hours, dry_soil)
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
            set_dates(desk, found, saves)
        trees = tuple(
            HurtTree(r.tree.id, r.name, r.tree.species, found.at_c(r), d, first_of(at, d))
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


def _write(desk: SeasonDesk, found: Hurt, site_id: str, hours: float | None, source: str) -> int:
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


def _blocks(at: Workplace, session: Session, found: Hurt) -> tuple[HurtBlock, ...]:
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
