"""Heights of a block: its rows in section with the sun on them, schools of renewal over years, and
hedging rounds.
"""

from __future__ import annotations

import datetime as dt
import itertools
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import cos, hypot, radians, sin, tan
from statistics import median

from sqlmodel import Session

from ...core.errors import FieldProblem, InvalidInput
from ...core.frame.model import TRUNK
from ...core.heights.compare import SCHOOL_ROWS, Compared, Stand, compare
from ...core.heights.hedging import HedgeRow, Round, hedging_round
from ...core.heights.section import Profile, Rule, WallCost, trade_rules, wall_cost
from ...core.light.rows import Obstacle, Rows, Section, WallSun, lit, tallest_for, wall_sun
from ...core.light.sun import sun_path
from ...core.season.budget import tree_age
from ...core.season.events import vigour_of
from ...core.words.units import Units
from ...store import frames, places
from ...store.tables import Rotation
from ...store.trees import TreeRecord, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Size, Workplace
from . import rotations
from .row_lines import row_bearing_deg

_GRID = 24


@dataclass(frozen=True)
class BlockHeights:
    """A block as its heights are planned. rows: numbers; spacing_m, bearing_deg: of its rows;
    profile: as it stands; date: when its lower fruit needs sun.

    measured: trees whose size is known.
    """

    block_id: str
    name: str
    kind: str
    species: str
    group: str
    latitude: float
    longitude: float
    rows: tuple[int, ...]
    hedgerows: bool
    trees: int
    measured: int
    spacing_m: float
    bearing_deg: float
    profile: Profile
    cap_m: float
    date: dt.date
    ripe: bool
    hot_sun: bool
    stand: Stand
    hedge_rows: tuple[HedgeRow, ...]
    rotations: tuple[Rotation, ...]


def block_heights(at: Workplace, block_id: str) -> BlockHeights:
    """What heights are planned from. Raises: NotFound; InvalidInput where no tree of it was
    measured or sketched.
    """
    with at.store.reading() as session:
        return _heights(at, session, block_id)


def _heights(at: Workplace, session: Session, block_id: str) -> BlockHeights:
    know, day = at.know, at.today()
    block = places.block(session, block_id)
    records = tree_records(session, block_id=block_id)
    current = {r.stem_id: r for r in frames.current_rows(session, [r.stem.id for r in records])}
    sizes = at.sizes(session, list(current.values()))
    known = {r.tree.id: sizes[current[r.stem.id].id] for r in records if r.stem.id in current}
    if not known:
        raise InvalidInput(
            [
                FieldProblem(
                    "",
                    (
                        "no tree of this block has a size yet: give height and spread of a "
                        "few, five can stand for a row"
                    ),
                )
            ]
        )
    record = _typical(records, known)
    desk = SeasonDesk(session, at, day)
    state, events = desk.state(record), desk.season(record, ("sucker",)).events
    bearing, spacing = _ground(at, session, records)
    size = list(known.values())
    height, spread = (
        sum(s.height_m for s in size) / len(size),
        sum(s.spread_m for s in size) / len(size),
    )
    vigour, species = vigour_of(state, know), record.tree.species
    frame = frames.frame_of(session, current[record.stem.id])[0]
    scaffolds = sum(
        x.on == TRUNK and (frame.union_m is None or x.at_m >= frame.union_m) for x in frame.limbs
    )
    natural = max(height * 1.1, sum(know.numbers(f"species/{species}/height")) / 2)
    cap = (
        block.cap_m
        if block.cap_m is not None
        else round(know.number("section/spacing-share") * spacing, 1)
    )
    heights = tuple(known[r.tree.id].height_m if r.tree.id in known else height for r in records)
    stand = Stand(
        heights,
        tuple(r.row.n for r in records),
        scaffolds,
        tree_age(state, day.year),
        vigour,
        natural,
        cap,
        block.frost_pocket,
        know.text(f"species/{species}/group"),
    )
    bloom = next((e for e in events if e.name == "bloom"), None)
    needs = (
        bloom.start + (bloom.end - bloom.start) / 2
        if bloom
        else dt.date(day.year, 4 if record.site.latitude >= 0 else 10, 15)
    )
    hot = any(e.name == "strong sun on bark" for e in events)
    ripe = any(e.name == "harvest" and e.start <= day <= e.end for e in events)
    return BlockHeights(
        block.id,
        block.name,
        block.kind,
        species,
        know.text(f"species/{species}/group"),
        record.site.latitude,
        record.site.longitude or 0.0,
        tuple(sorted({r.row.n for r in records})),
        records[0].row.kind == "hedgerow",
        len(records),
        len(known),
        spacing,
        bearing,
        Profile(_standing(at, height, spread, spacing)),
        cap,
        needs,
        ripe,
        hot,
        stand,
        _hedge_rows(records, bearing),
        tuple(rotations.of_block(session, records, block_id)),
    )


def _typical(records: Sequence[TreeRecord], known: Mapping[str, Size]) -> TreeRecord:
    """The tree of middle height among those that are known."""
    there = sorted(
        (r for r in records if r.tree.id in known), key=lambda r: known[r.tree.id].height_m
    )
    return there[len(there) // 2]


def _standing(at: Workplace, height: float, spread: float, spacing: float) -> Section:
    """The section as it stands: as wide as the trees, but no wider than the rows leave room for."""
    skirt = min(at.know.number("wall/skirt"), height * 0.4)
    base = min(spread, spacing - at.know.number("section/least-gap"))
    lean = tan(radians(at.know.number("section/free-lean")))
    return Section(
        round(height, 2),
        round(base, 2),
        round(max(0.3 * base, base - 2 * (height - skirt) * lean), 2),
        round(skirt, 2),
    )


def _ground(at: Workplace, session: Session, records: Sequence[TreeRecord]) -> tuple[float, float]:
    """Bearing of the rows [degrees] and distance between them [m]; the catalogue's spacing where
    there is one row.
    """
    first = {r.row.n: r for r in reversed(records)}
    bearings = [b for r in first.values() if (b := row_bearing_deg(session, r)) is not None]
    bearing = median(bearings) if bearings else 0.0
    across = radians(bearing + 90)
    lines = sorted(
        sum(r.place.x * sin(across) + r.place.y * cos(across) for r in group) / len(group)
        for group in _by_row(records)
    )
    gaps = [b - a for a, b in itertools.pairwise(lines) if b - a > 0.5]
    return bearing, median(gaps) if gaps else at.know.number("section/lone-spacing")


def _by_row(records: Sequence[TreeRecord]) -> list[list[TreeRecord]]:
    found: dict[str, list[TreeRecord]] = {}
    for r in records:
        found.setdefault(r.row.id, []).append(r)
    return list(found.values())


def _hedge_rows(records: Sequence[TreeRecord], bearing: float) -> tuple[HedgeRow, ...]:
    right = (bearing + 90) % 360
    found = []
    for row in _by_row(records):
        a, b = row[0].place, row[-1].place
        length = hypot(b.x - a.x, b.y - a.y)
        step = length / max(1, len(row) - 1)
        found.append(HedgeRow(row[0].row.n, length + step, len(row), (right, (right + 180) % 360)))
    return tuple(sorted(found, key=lambda r: r.n))


@dataclass(frozen=True)
class SectionAsk:
    """A section as it is dragged. at_m, hours: what is asked of the lower wall. step_m: rise to the
    next row on the right-hand side.
    """

    cut: Profile
    now: Profile | None = None
    date: dt.date | None = None
    at_m: float | None = None
    hours: float | None = None
    step_m: float = 0.0
    spacing_m: float | None = None
    bearing_deg: float | None = None
    obstacles: tuple[Obstacle, ...] = ()


@dataclass(frozen=True)
class SunStep:
    """The sun at a solar hour [h]: elevation and azimuth, its slope in the plane across the rows,
    and from which height up each wall is lit [m].
    """

    hour: float
    elevation: float
    azimuth: float
    across: float
    rise: float
    lit_from: tuple[float | None, float | None]


@dataclass(frozen=True)
class SectionView:
    """Sun on both walls now and after the cut, what the cut takes, the rules of the trade, and how
    tall each wall allows the row for the hours asked.

    year: hours on both walls at ``at_m`` in the middle of each month.
    """

    date: dt.date
    heights_m: tuple[float, ...]
    walls: tuple[WallSun, WallSun]
    cut_heights_m: tuple[float, ...]
    cut_walls: tuple[WallSun, WallSun]
    steps: tuple[SunStep, ...]
    cost: WallCost
    rules: tuple[Rule, ...]
    at_m: float
    hours: float
    tallest_m: tuple[float | None, float | None]
    year: tuple[tuple[float, float], ...]


def section_view(
    at: Workplace, block_id: str, ask: SectionAsk, units: Units = "metric"
) -> SectionView:
    """A section dragged to a new wall. Raises: NotFound, InvalidInput."""
    view = block_heights(at, block_id)
    know, date = at.know, ask.date or view.date
    rows = Rows(
        view.latitude,
        view.bearing_deg if ask.bearing_deg is None else ask.bearing_deg,
        ask.spacing_m or view.spacing_m,
        view.longitude,
        ask.step_m,
        ask.obstacles,
    )
    now, cut = ask.now or view.profile, ask.cut
    _fits(rows, cut)
    heights, cut_heights = _levels(now.section), _levels(cut.section)
    at_m = ask.at_m if ask.at_m is not None else round(cut.section.skirt_m + 0.1, 2)
    hours = ask.hours if ask.hours is not None else know.number("section/hours-wanted")
    tallest = tuple(tallest_for(rows, cut.section, f, at_m, hours, date) for f in rows.walls)
    return SectionView(
        date,
        heights,
        wall_sun(rows, now.section, heights, date),
        cut_heights,
        wall_sun(rows, cut.section, cut_heights, date),
        _steps(rows, cut.section, date),
        wall_cost(know, now, cut, view.ripe, None, units),
        trade_rules(know, rows, cut, units),
        at_m,
        hours,
        (tallest[0], tallest[1]),
        _year(rows, cut.section, at_m, date.year),
    )


def _year(rows: Rows, section: Section, at_m: float, year: int) -> tuple[tuple[float, float], ...]:
    found = []
    for month in range(1, 13):
        right, left = wall_sun(rows, section, [at_m], dt.date(year, month, 15), 10.0)
        found.append((right.sun_hours[0], left.sun_hours[0]))
    return tuple(found)


def _fits(rows: Rows, cut: Profile) -> None:
    wrong = []
    if cut.section.base_width_m >= rows.row_spacing_m:
        wrong.append(
            FieldProblem(
                "/cut/base_width_m",
                f"leaves no alley between rows {rows.row_spacing_m:.1f} m apart",
            )
        )
    if cut.section.height_m <= cut.section.skirt_m:
        wrong.append(FieldProblem("/cut/height_m", "must lie above the skirt"))
    if wrong:
        raise InvalidInput(wrong)


def _levels(section: Section) -> tuple[float, ...]:
    """Heights from the foot of the wall to its top, nine of them."""
    span = section.height_m - section.skirt_m
    return tuple(round(section.skirt_m + span * (i + 0.5) / 9, 3) for i in range(9))


def _steps(rows: Rows, section: Section, date: dt.date) -> tuple[SunStep, ...]:
    """Every quarter of an hour in which the sun is up."""
    path = sun_path(rows.latitude, date, 1, rows.longitude, 15.0)
    grid = [
        section.skirt_m + (section.height_m - section.skirt_m) * (i + 0.5) / _GRID
        for i in range(_GRID)
    ]
    shone = [lit(rows, section, f, grid, path) for f in rows.walls]
    found = []
    for i in range(len(path.hour)):
        if path.elevation[i] <= 0:
            continue
        turn = radians(path.azimuth[i] - rows.walls[0])
        out, up = cos(radians(path.elevation[i])) * cos(turn), sin(radians(path.elevation[i]))
        first = tuple(
            next((round(z, 2) for z, on in zip(grid, wall[:, i], strict=True) if on), None)
            for wall in shone
        )
        found.append(
            SunStep(
                float(path.hour[i]),
                float(path.elevation[i]),
                float(path.azimuth[i]),
                out,
                up,
                (first[0], first[1]),
            )
        )
    return tuple(found)


def schools_over_years(
    at: Workplace,
    block_id: str,
    names: Sequence[str],
    years: int,
    own: Mapping[str, object],
    cap_m: float | None,
    by_machine: bool = False,
    units: Units = "metric",
) -> list[Compared]:
    """Schools side by side for the trees of a block. own: the grower's recovery, regrowth and
    heights. Raises: NotFound, InvalidInput.
    """
    unknown = [n for n in names if n not in SCHOOL_ROWS]
    if unknown:
        raise InvalidInput(
            [FieldProblem("/schools", f"{unknown[0]!r} is none of {', '.join(SCHOOL_ROWS)}")]
        )
    view = block_heights(at, block_id)
    stand = replace(
        view.stand, by_machine=by_machine, cap_m=view.stand.cap_m if cap_m is None else cap_m
    )
    return compare(at.know, stand, names, years, own, units)


def round_of(
    at: Workplace, block_id: str, cut: Profile, years: int, units: Units = "metric"
) -> Round:
    """A hedging round of a block. Raises: NotFound, InvalidInput."""
    view = block_heights(at, block_id)
    return hedging_round(
        at.know,
        view.hedge_rows,
        view.profile,
        cut,
        view.stand.vigour,
        at.today().year,
        years,
        view.hot_sun,
        view.group,
        units,
    )
