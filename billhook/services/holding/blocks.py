"""Blocks drawn on the plan, their rows counted out; and blocks moved or turned there."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.errors import invalid, refuse
from ...core.ground import Spot, crosses_itself, inside, longest_side_deg, rows_within
from ...core.lie import Lie, hull, lie_of, moved
from ...core.words.values import say
from ...formats.tree_csv import MAX_LINES, TreeLine
from ...store import places
from ..workplace import Workplace
from .planting import check_kind, usual_step
from .tree_lists import Imported, plant_lines


@dataclass(frozen=True)
class Outline:
    """A block as it is drawn: its corners [m east and north of the site's corner]. Rows run to a
    bearing [degrees from north]; along the longest side where none is given. Trees stand as their
    kind does usually where no spacing is given.
    """

    corners: tuple[Spot, ...]
    row_spacing_m: float | None = None
    spacing_m: float | None = None
    bearing_deg: float | None = None


@dataclass(frozen=True)
class CountedOut:
    """Spots of each row, the first row being 1 and the first place in it 1."""

    rows: list[list[Spot]]
    row_spacing_m: float
    spacing_m: float
    bearing_deg: float
    trees: int


def count_out(
    at: Workplace, site_id: str, outline: Outline, species: str | None = None
) -> CountedOut:
    """Rows and trees of an outline. Raises: NotFound; InvalidInput for one that crosses itself,
    lies over trees that stand, or holds none or too many.
    """
    with at.store.reading() as session:
        places.site(session, site_id)
        held = at.standing(session)
    corners = outline.corners
    if crosses_itself(corners):
        raise invalid("/corners", say("bad-its-outline-crosses-itself"))
    apart, step = _spacing(at, outline, species)
    area = abs(sum(ax * by - bx * ay for (ax, ay), (bx, by) in _sides(corners))) / 2
    if area / (apart * step) > MAX_LINES:
        raise invalid("/corners", say("bad-more-than-trees", n=MAX_LINES - 1))
    there = [r for r in held.records if r.site.id == site_id]
    over = inside([(r.place.x, r.place.y) for r in there], corners)
    if over.any():
        first = there[int(over.argmax())].name
        n = int(over.sum())
        raise invalid("/corners", say("bad-within-it-already", trees=n, first=first))
    bearing = outline.bearing_deg
    bearing = longest_side_deg(corners) if bearing is None else bearing
    rows = rows_within(corners, apart, step, bearing)
    if not rows:
        raise invalid("/corners", say("bad-no-row-fits-into-it"))
    return CountedOut(rows, apart, step, bearing, sum(len(row) for row in rows))


def _spacing(at: Workplace, outline: Outline, species: str | None) -> tuple[float, float]:
    """Between rows and between trees in them [m]. Raises: InvalidInput by field."""
    apart, step = outline.row_spacing_m, outline.spacing_m
    _refuse_spacing(at, apart, step)
    if step is None:
        if species is None:
            raise invalid("/spacing_m", say("bad-say-how-far-apart-they-stand"))
        check_kind(at, species, None, None, at.today().year)
        step = usual_step(at, species)
    return apart or step * at.know.number("planting/rows-apart"), step


def _sides(corners: Sequence[Spot]) -> Iterable[tuple[Spot, Spot]]:
    return zip(corners, [*corners[1:], corners[0]], strict=True)


def _refuse_spacing(at: Workplace, apart: float | None, step: float | None) -> None:
    least, most = (at.know.number(f"planting/spacing-{end}") for end in ("least", "most"))
    says = f"must be a number between {least:g} and {most:g} m"
    given = {"/row_spacing_m": apart, "/spacing_m": step}
    refuse({f: says for f, x in given.items() if x is not None and not least <= x <= most})


@dataclass(frozen=True)
class Kind:
    """What is planted in a block."""

    species: str
    planted_year: int
    cultivar: str | None = None
    rootstock: str | None = None


def draw_block(
    at: Workplace,
    site_id: str,
    name: str,
    outline: Outline,
    kind: Kind,
    skipped: frozenset[tuple[int, int]] = frozenset(),
) -> Imported:
    """Plant a block that was drawn; skipped: row and place of spots that stay empty. Raises:
    NotFound; InvalidInput by field.
    """
    check_kind(at, kind.species, kind.cultivar, kind.rootstock, kind.planted_year)
    counted = count_out(at, site_id, outline, kind.species)
    with at.store.reading() as session:
        if places.block_named(session, site_id, name):
            raise invalid("/block", say("bad-there-is-a-block-called-already", name=name))
    lines = [
        TreeLine(
            name,
            n,
            p,
            kind.species,
            kind.planted_year,
            kind.cultivar,
            kind.rootstock,
            x=round(x, 2),
            y=round(y, 2),
        )
        for n, row in enumerate(counted.rows, 1)
        for p, (x, y) in enumerate(row, 1)
        if (n, p) not in skipped
    ]
    if not lines:
        raise invalid("/skipped", say("bad-every-place-of-it-is-left"))
    made = plant_lines(at, site_id, lines, [], save=True)
    if not made.saved:  # somebody drew one of this name meanwhile
        raise invalid("/block", made.problems[0].message)
    return made


@dataclass(frozen=True)
class Lying:
    """How a block lies: its outline, and the spots of its rows by their number."""

    lie: Lie
    outline: list[Spot]
    rows: dict[int, dict[int, Spot]]

    @property
    def spots(self) -> list[Spot]:
        """Of all its trees."""
        return [spot for row in self.rows.values() for spot in row.values()]


def lying(at: Workplace, block_id: str) -> Lying:
    """How a block lies now. Raises: NotFound."""
    with at.store.reading() as session:
        return _lying(at, _spots(session, block_id))


def lay_block(
    at: Workplace, block_id: str, east: float, north: float, then: Lie, save: bool
) -> Lying:
    """Move a block by so many metres, and turn or spread it out about its first tree; only told how
    it would lie where it is not to be saved. Raises: NotFound; InvalidInput where it would lie over
    another block, by field.
    """
    _refuse_spacing(at, then.row_spacing_m, then.spacing_m)
    with at.store.writing() if save else at.store.reading() as session:
        rows = _spots(session, block_id)
        now = _lying(at, rows)
        if then.bearing_deg is not None and now.lie.bearing_deg is None:
            raise invalid("/bearing_deg", say("bad-no-row-of-it-has-two"))
        spots = moved(rows, now.lie, then, east, north)
        after = _lying(at, spots)
        _refuse_over(at, session, block_id, now, after, _asked(east, north, then))
        if save:
            numbers = {r.id: r.n for r in places.rows(session) if r.block_id == block_id}
            for place in places.places(session):
                if place.row_id in numbers:
                    place.x, place.y = spots[numbers[place.row_id]][place.n]
                    places.save_places(session, place)
        return replace(after, lie=lie_of(spots))


def _spots(session: Session, block_id: str) -> dict[int, dict[int, Spot]]:
    places.block(session, block_id)
    numbers = {r.id: r.n for r in places.rows(session) if r.block_id == block_id}
    found: dict[int, dict[int, Spot]] = {}
    for _, n, (row_id, x, y) in places.spots(session):
        if row_id in numbers:
            found.setdefault(numbers[row_id], {})[n] = (x, y)
    return found


def _lying(at: Workplace, rows: dict[int, dict[int, Spot]]) -> Lying:
    spots = [spot for row in rows.values() for spot in row.values()]
    return Lying(lie_of(rows), hull(spots, at.know.number("planting/edge")), rows)


def _asked(east: float, north: float, then: Lie) -> str:
    """The field by which a block is made to lie elsewhere."""
    if then.row_spacing_m or then.spacing_m:
        return "/row_spacing_m" if then.row_spacing_m else "/spacing_m"
    return "/east_m" if east or north or then.bearing_deg is None else "/bearing_deg"


def _refuse_over(
    at: Workplace, session: Session, block_id: str, now: Lying, after: Lying, field: str
) -> None:
    """Raises: InvalidInput where a block would come to lie over one that it does not lie over
    already.
    """
    site_id = places.block(session, block_id).site_id
    others: dict[str, list[Spot]] = {}
    for r in at.standing(session).records:
        if r.site.id == site_id and r.block.id != block_id:
            others.setdefault(r.block.name, []).append((r.place.x, r.place.y))
    edge = at.know.number("planting/edge")
    for name, spots in others.items():
        around = hull(spots, edge)
        if _over(after, spots, around) and not _over(now, spots, around):
            raise invalid(field, say("bad-it-would-lie-over", name=name))


def _over(block: Lying, spots: list[Spot], around: list[Spot]) -> bool:
    """Whether trees of one block stand within the outline of another."""
    return bool(inside(block.spots, around).any() or inside(spots, block.outline).any())
