"""After a frost on stored trees: the night block by block, what to wait for on each hurt tree, scratches limb by limb, and the crop to come."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Mapping
from dataclasses import dataclass
from math import hypot

from sqlmodel import Session

from ..core.errors import FieldProblem, InvalidInput
from ..core.frame.model import TRUNK, Frame, is_sucker, roots_of
from ..core.frost.damage import CLASSES, ColdTree, Damage, frost_damage, hardening_index, worst_first
from ..core.frost.regrow import Feed, Leaders, Recovery, Shoot, feed, leaders, recovery
from ..core.frost.scratch import Reading, Scratched, scratched
from ..core.frost.verdict import AfterFrost, FrostVerdict, Sign, frost_verdict, signs
from ..core.season.budget import tree_age
from ..core.season.normals import values_on
from ..store import frames, harvests
from ..store import scratches as kept
from ..store.tables import Observation, Scratch
from ..store.trees import TreeRecord, observations, tree_record, tree_records
from .seasons import SeasonDesk
from .trees import FrameView, frame_view
from .workplace import Workplace

_FORMS = {"to-the-ground": "bush", "central-leader": "leader"}


@dataclass(frozen=True)
class HurtTree:
    """A tree on a cold night. at_c: the air where it stands [degrees C]; first: what must be done first."""

    tree_id: str
    name: str
    species: str
    at_c: float
    damage: Damage
    first: str


@dataclass(frozen=True)
class HurtBlock:
    """A block on a cold night: how many of each class, and the crop it will miss in the first year where its usual one is known [kg]."""

    block_id: str
    name: str
    at_c: float
    classes: dict[str, int]
    missed_kg: float | None


@dataclass(frozen=True)
class Night:
    """A cold night over a site, the trees that must be seen to first at the top. saved: how many classes were written down."""

    day: dt.date
    blocks: tuple[HurtBlock, ...]
    trees: tuple[HurtTree, ...]
    unknown: tuple[str, ...]
    salvage_by: tuple[dt.date, dt.date]
    saved: int


def night(at: Workplace, site_id: str, day: dt.date, min_c: float, hours: float, save: bool = False) -> Night:
    """What a night hurts, block by block with its offset. save: write the classes down as seen. Raises: NotFound, InvalidInput for a day to come."""
    if day > at.today():
        raise InvalidInput([FieldProblem("/day", "lies ahead; a frost to come stands in the forecast")])
    know = at.know
    with at.store.writing() if save else at.store.reading() as session:
        records = tree_records(session, site_id=site_id)
        desk = SeasonDesk(session, at, day)
        found: list[tuple[str, Damage]] = []
        by_name: dict[str, tuple[TreeRecord, float]] = {}
        unknown: set[str] = set()
        for record in records:
            if record.tree.under_cover:
                continue
            if record.tree.species not in know.rows("cold"):
                unknown.add(record.tree.species)
                continue
            at_c = min_c + record.block.offset_c
            found.append((record.tree.id, frost_damage(know, _cold(desk, record), at_c, hours)))
            by_name[record.tree.id] = (record, at_c)
        ordered = worst_first(found)
        saved = 0
        if save:
            for tree_id, damage in ordered:
                if damage.worst != "F0":
                    session.add(Observation(scope="tree", scope_id=tree_id, kind="freeze_class", value=damage.worst[1], date=day))
                    saved += 1
        blocks = _blocks(at, session, ordered, by_name)
    early, late = know.numbers("frost/salvage-days")
    trees = tuple(
        HurtTree(i, by_name[i][0].name, by_name[i][0].tree.species, by_name[i][1], d, _first(at, d))
        for i, d in ordered
        if d.worst != "F0" or d.possible
    )
    return Night(day, blocks, trees, tuple(sorted(unknown)), (day + dt.timedelta(days=int(early)), day + dt.timedelta(days=int(late))), saved)


def _cold(desk: SeasonDesk, record: TreeRecord) -> ColdTree:
    """A tree as the cold finds it on the desk's day: hardened by the four weeks before, with fruit and flush by its season."""
    know, day = desk.at.know, desk.day
    site = desk.site(record)
    first = day - dt.timedelta(days=28)
    low, high = values_on(site.normals.tmin_c, first, 28), values_on(site.normals.tmax_c, first, 28)
    events = desk.season(record, ("sucker",)).events
    flush = any(e.name in ("first flush",) and e.start <= day <= e.end for e in events)
    fruit = (
        "ripe"
        if any(e.name == "harvest" and e.start <= day <= e.end for e in events)
        else "green"
        if any(e.name == "set and drop" and e.start <= day <= e.end for e in events)
        else "none"
    )
    x = hardening_index(know, float((low + high).mean() / 2), int((high[-10:] >= know.number("frost/warm-day")).sum()), flush)
    return ColdTree(record.tree.species, record.cultivar, record.stem.rootstock, tree_age(desk.state(record), day.year), x, fruit, flush)


def _first(at: Workplace, damage: Damage) -> str:
    does = at.know.text(f"frost-class/{damage.worst}/does")
    return f"{does[:1].upper()}{does[1:]}."


def _blocks(
    at: Workplace, session: Session, ordered: list[tuple[str, Damage]], by_name: Mapping[str, tuple[TreeRecord, float]]
) -> tuple[HurtBlock, ...]:
    found = []
    blocks = {r.block.id: (r.block.name, c) for r, c in by_name.values()}
    for block_id, (name, c) in sorted(blocks.items(), key=lambda b: b[1][1]):
        here = [(by_name[i][0], d) for i, d in ordered if by_name[i][0].block.id == block_id]
        kg = usual_kg(session, [r for r, _ in here])
        missed = None
        if kg is not None:
            missed = sum(kg * (1 - recovery(at.know, d.worst, 10, 1.0).shares[0]) for _, d in here)
        found.append(HurtBlock(block_id, name, c, dict(Counter(d.worst for _, d in here)), missed))
    return tuple(found)


def usual_kg(session: Session, records: list[TreeRecord]) -> float | None:
    """Mean crop of one of these trees a year, from what was picked of them and their rows [kg]; None where nobody wrote any down."""
    picked = harvests.harvests(session, [*(r.tree.id for r in records), *{r.row.id for r in records}])
    years = {h.day.year for h in picked}
    return sum(h.kg for h in picked) / len(years) / len(records) if years and records else None


@dataclass(frozen=True)
class LimbTest:
    """A limb's scratches: the next place or the boundary and cut; moved_m: how far its edge went down since the test before, None without one."""

    limb: str
    name: str
    length_m: float
    readings: tuple[Reading, ...]
    found: Scratched
    moved_m: float | None


@dataclass(frozen=True)
class TreeFrost:
    """A hurt tree: class, verdict, signs, limbs, what is dead of it, feed, and the crop to come. leaders: shoots to grow on, where the top was lost."""

    name: str
    frost_class: str
    night: dt.date
    verdict: FrostVerdict
    signs: tuple[Sign, ...]
    limbs: tuple[LimbTest, ...]
    dead_share: float
    feed: Feed
    recovery: Recovery
    usual_kg: float | None
    leaders: Leaders | None
    frame: FrameView | None


def after_frost(at: Workplace, tree_id: str) -> TreeFrost | None:
    """What is known of a tree since its last cold night; None for a tree that was not hurt. Raises: NotFound."""
    know, today = at.know, at.today()
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        seen = observations(session, [tree_id]).get(tree_id, {})
        hurt = seen.get("freeze_class")
        if hurt is None or hurt.value == "0":
            return None
        frost_class, on = f"F{hurt.value}", hurt.date
        row = frames.current_row(session, record.stem.id)
        view = frame_view(at, session, row) if row else None
        made = kept.scratches(session, tree_id, on)
        case, dead = _case(at, session, record, frost_class, on, seen, view, made)
        verdict = frost_verdict(know, case)
        fine = know.number("frost/resolution")
        limbs = _limbs(view, made, today >= verdict.judge_on, fine, know.number("frost/into-green")) if view else ()
        desk = SeasonDesk(session, at, today)
        age, form = tree_age(desk.state(record), today.year), _FORMS.get(desk.stance(record)["form"], "tree")
        usual = usual_kg(session, [record, *[r for r in tree_records(session, row_id=record.row.id) if r.tree.id != tree_id]])
    lost = dead if dead is not None else know.number(f"frost-class/{frost_class}/leaf-lost")
    return TreeFrost(
        record.name,
        frost_class,
        on,
        verdict,
        tuple(signs(know, on)),
        limbs,
        lost,
        feed(know, lost),
        recovery(know, frost_class, age, usual or 0.0),
        usual,
        _leaders(at, view, form) if view and int(frost_class[1]) >= know.number("frost/grow-on-from") else None,
        view,
    )


def _leaders(at: Workplace, view: FrameView, form: str) -> Leaders:
    """Shoots on the trunk that could be grown on, by how they stand over its line; those below the union are named as what they are."""
    found = []
    for limb in view.frame.limbs:
        if limb.on != TRUNK or limb.state != "live":
            continue
        tip = view.ends[limb.id][1]
        vigour = max(1, min(5, round(limb.length_m / at.know.number("frost/shoot-step"))))
        found.append(Shoot(limb.id, limb.at_m, hypot(tip[0], tip[1]), limb.base_mm, limb.rise_deg, vigour, limb.id not in view.suckers))
    return leaders(at.know, found, form, view.frame.union_m or 0.0)


def _case(
    at: Workplace, session: Session, record: TreeRecord, frost_class: str, on: dt.date, seen: Mapping[str, Observation], view: FrameView | None, made: list[Scratch]
) -> tuple[AfterFrost, float | None]:  # fmt: skip
    """What the verdict turns on, with the share of leaf on wood that was found dead."""
    desk, today = SeasonDesk(session, at, on), at.today()
    events = desk.season_between(record, on, on + dt.timedelta(days=400), ("sucker",)).events
    last_frost = next((e.end for e in events if e.name == "frost likely" and e.end >= on), on)
    flush = next((e for e in events if e.name == "first flush" and e.start >= on), None)
    second = next((e for e in events if e.name == "later flush" and flush and e.start > flush.start), None)
    latest = next((e.start for e in events if e.name == "last safe hard cut" and e.start > on), None)
    hot = next((e.start for e in events if e.name == "strong sun on bark" and e.end >= today), None)
    above: bool | None = True if any(s.green for s in made) else None
    if above is None and "frost_above" in seen and seen["frost_above"].date >= on:
        above = seen["frost_above"].value == "yes"
    below = seen["frost_below"].value == "yes" if "frost_below" in seen and seen["frost_below"].date >= on else None
    dead = _dead_share(view.frame, made) if view and made else None
    return (
        AfterFrost(
            frost_class,
            on,
            last_frost,
            today,
            flush.start if flush else None,
            second.end if second else None,
            above,
            below,
            _steady_since(view, made, at.know.number("frost/resolution")),
            latest,
            hot,
        ),
        dead,
    )


def _counting(made: list[Scratch], limb: str, until: dt.date | None = None) -> list[Reading]:
    """Readings that hold on a limb: brown stays brown, green counts only from the newest day it was tested on."""
    here = [s for s in made if s.limb_key == limb and (until is None or s.day <= until)]
    if not here:
        return []
    newest = max(s.day for s in here)
    greens = {round(s.at_m, 3) for s in here if s.green and s.day == newest}
    browns = {round(s.at_m, 3) for s in here if not s.green} - greens
    return [*(Reading(a, True) for a in sorted(greens)), *(Reading(a, False) for a in sorted(browns))]


def _limbs(view: FrameView, made: list[Scratch], judged: bool, fine_m: float, into_m: float) -> tuple[LimbTest, ...]:
    found = []
    roots = roots_of(view.frame)
    for limb in view.frame.limbs:
        if is_sucker(view.frame, roots[limb.id]) or limb.state == "dead":
            continue
        readings = _counting(made, limb.id)
        sides = [x.at_m for x in view.frame.limbs if x.on == limb.id and x.state == "live"]
        now = scratched(limb.length_m, readings, min(fine_m, limb.length_m), into_m, [min(s, limb.length_m) for s in sides], judged)
        days = sorted({s.day for s in made if s.limb_key == limb.id})
        moved = None
        if len(days) > 1:
            before = scratched(limb.length_m, _counting(made, limb.id, days[-2]), min(fine_m, limb.length_m))
            moved = max(0.0, (before.boundary[0] or 0.0) - (now.boundary[0] or 0.0))
        found.append(LimbTest(limb.id, view.names[limb.id], limb.length_m, tuple(sorted(readings, key=lambda r: r.at_m)), now, moved))
    return tuple(sorted(found, key=lambda t: (not t.readings, view.frame.limb(t.limb).on != TRUNK, view.ends[t.limb][0][2])))


def _steady_since(view: FrameView | None, made: list[Scratch], fine_m: float) -> dt.date | None:
    """The first day of tests since which no edge has moved by more than the resolution; None before a second test."""
    days = sorted({s.day for s in made})
    if view is None or len(days) < 2:
        return None
    limbs = {s.limb_key for s in made} & {x.id for x in view.frame.limbs}

    def edges(until: dt.date) -> dict[str, float]:
        return {x: max((r.at_m for r in _counting(made, x, until) if r.green), default=0.0) for x in limbs}

    last, since = edges(days[-1]), None
    for day in reversed(days[:-1]):
        here = edges(day)
        if any(here[x] - last[x] > fine_m for x in limbs):
            break
        since = day
    return since


def _dead_share(frame: Frame, made: list[Scratch]) -> float:
    """Share of the leaf that hung on wood found dead, by the cross-section where each limb goes brown [0..1]."""
    mains = [x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)]
    total = sum(x.base_mm**2 for x in mains)
    dead = 0.0
    for limb in mains:
        browns = [r.at_m for r in _counting(made, limb.id) if not r.green]
        if browns:
            dead += limb.diameter_mm(min(min(browns), limb.length_m)) ** 2
    return min(1.0, dead / total) if total else 0.0


def scratch(at: Workplace, tree_id: str, scratch_id: str, limb: str, at_m: float, green: bool, day: dt.date | None = None) -> Scratch:
    """Write a scratch down. The same id twice is one. Raises: NotFound; InvalidInput for a limb or a place that is not on the tree's drawing."""
    with at.store.writing() as session:
        if (known := kept.known(session, scratch_id)) is not None:
            return known
        record = tree_record(session, tree_id)
        row = frames.current_row(session, record.stem.id)
        frame = frames.frame_of(session, row)[0] if row else None
        there = next((x for x in frame.limbs if x.id == limb), None) if frame else None
        if there is None:
            raise InvalidInput([FieldProblem("/limb", "is not on the drawing of this tree")])
        if not 0 <= at_m <= there.length_m + 1e-6:
            raise InvalidInput([FieldProblem("/at_m", f"must lie between 0 and {there.length_m:.2f} m")])
        made = Scratch(id=scratch_id, tree_id=tree_id, limb_key=limb, at_m=round(at_m, 3), green=green, day=day or at.today())
        session.add(made)
        return made


def hurt_trees(at: Workplace, site_id: str) -> list[tuple[str, str, str, dt.date]]:
    """Trees whose last word on frost is a class: id, name, class, night; the worst first."""
    with at.store.reading() as session:
        seen = observations(session)
        found = []
        for record in tree_records(session, site_id=site_id):
            hurt = seen.get(record.tree.id, {}).get("freeze_class")
            if hurt is not None and hurt.value != "0":
                found.append((record.tree.id, record.name, f"F{hurt.value}", hurt.date))
    return sorted(found, key=lambda f: (-CLASSES.index(f[2]), f[1]))
