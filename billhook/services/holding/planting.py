"""What stands there: trees put into rows, as they were said or listed."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...catalogue.languages import grammars
from ...core.days import planted_problem
from ...core.errors import invalid, refuse
from ...core.frame.sizes import size_problems
from ...core.words.planting import Planting, understand_planting
from ...core.words.tongue import spoken
from ...core.words.values import say
from ...store import places
from ...store.places import save_places
from ...store.tables import Block, Graft, Observation, Place, Row, Stem, Tree
from ...store.trees import save_observations, save_trees, tree_record
from ..tree import framing
from ..workplace import Workplace
from .ground import Ground, ground_of


def understand(at: Workplace, text: str, day: dt.date | None = None) -> Planting:
    """Read what stands there out of a sentence. day: from which ages count."""
    return understand_planting(text, at.know, grammars(spoken()), day or at.today())


def block_for(session: Session, site_id: str, name: str) -> Block:
    """The block of this name, made if it is new."""
    found = places.block_named(session, site_id, name)
    if found is None:
        found = Block(site_id=site_id, name=name)
        save_places(session, found)
        session.flush()
    return found


def row_for(session: Session, block_id: str, called: str | None, kind: str) -> Row:
    """The row of a block that is called so, by name or number; else a new one, after the last."""
    mine = [r for r in places.rows(session) if r.block_id == block_id]
    found = next((r for r in mine if called and called.lower() == r.called.lower()), None)
    if found is not None:
        return found
    numbers = {r.n for r in mine}
    n = int(called) if called and called.isdecimal() and 0 < int(called) < 1000 else None
    if n is None or n in numbers:
        name, n = called, max(numbers, default=0) + 1
    else:
        name = None
    made = Row(block_id=block_id, n=n, kind=kind, name=name)
    save_places(session, made)
    session.flush()
    return made


@dataclass(frozen=True)
class Planted:
    """What was planted."""

    block_id: str
    row_id: str
    tree_ids: list[str]


@dataclass(frozen=True)
class Like:
    """What else is known of like trees: sizes [m, mm across], how they were raised, in what, in
    which form. together: the mark of those in one hole or pot.
    """

    height_m: float | None = None
    spread_m: float | None = None
    trunk_mm: float | None = None
    origin: str | None = None
    medium: str | None = None
    form: str | None = None
    together: str | None = None


_UNKNOWN = "is not in the catalogue"
_NO_CULTIVAR = "is not a cultivar of that kind in the catalogue"


def plant(
    at: Workplace,
    site_id: str,
    block_name: str,
    row: int | str | None,
    count: int,
    species: str,
    planted_year: int,
    cultivar: str | None = None,
    rootstock: str | None = None,
    pot_l: float | None = None,
    under_cover: bool = False,
    spacing_m: float | None = None,
    row_kind: str = "trees",
    *,
    rows: int = 1,
    row_spacing_m: float | None = None,
    like: Like | None = None,
) -> Planted:
    """Put ``count`` like trees into a row, after those that stand there already; or spread over so
    many new rows. row: its number or what it is called. Raises: InvalidInput by field, NotFound.
    """
    like = like or Like()
    check_kind(at, species, cultivar, rootstock, planted_year)
    refuse(size_problems(at.know, like.height_m, like.spread_m, like.trunk_mm))
    if rows > count:
        raise invalid("/rows", say("bad-more-rows-than-trees"))

    def tree_on(session: Session, place: Place) -> str:
        made_of = (species, planted_year, cultivar, rootstock, pot_l, under_cover, None)
        return add_tree(session, place, *made_of, like=like)

    with at.store.writing() as session:
        places.site(session, site_id)
        block = block_for(session, site_id, block_name)
        ids: list[str] = []
        made: Row | None = None
        for nth in range(rows):
            called = None if row is None or nth else str(row)
            line = row_for(session, block.id, called, row_kind)
            made = made or line
            here = count // rows + (nth < count % rows)
            step = spacing_m or _step(at, species, pot_l, like)
            ground = ground_of(at.know, session, site_id)
            places_here = _places(session, ground, block, line, here, step, row_spacing_m, like)
            ids += [tree_on(session, place) for place in places_here]
        for tree_id in ids:
            _size(at, session, tree_id, like)
        assert made is not None
        return Planted(block.id, made.id, ids)


def check_kind(
    at: Workplace, species: str, cultivar: str | None, rootstock: str | None, planted_year: int
) -> None:
    """Raises: InvalidInput for what the catalogue does not hold, or a year that cannot be."""
    know = at.know
    of_kind = cultivar in know.rows("cultivars") and (
        know.text(f"cultivars/{cultivar}/species") == species
    )
    refuse(
        {
            "/species": None
            if species in know.rows("species")
            else say("bad-is-not-in-the-catalogue", word=species),
            "/cultivar": None
            if cultivar is None or of_kind
            else say("bad-is-not-a-cultivar-of-that", word=cultivar),
            "/rootstock": None
            if rootstock is None or rootstock in know.rows("rootstocks")
            else say("bad-is-not-in-the-catalogue", word=rootstock),
            "/planted_year": planted_problem(planted_year, at.today()),
        }
    )


def _step(at: Workplace, species: str, pot_l: float | None, like: Like) -> float:
    if like.together:
        return at.know.number("planting/close")
    if pot_l:
        return at.know.number("planting/pots-apart")
    return usual_step(at, species)


def usual_step(at: Workplace, species: str) -> float:
    """How far apart trees of a kind stand in a row where nobody says [m]: they touch."""
    return sum(at.know.numbers(f"species/{species}/spread")) / 2


def _places(
    session: Session,
    ground: Ground,
    block: Block,
    row: Row,
    count: int,
    step: float,
    apart: float | None,
    like: Like,
) -> list[Place]:
    """So many new places at the end of a row."""
    line = block.name, row.n
    x0, y = ground.next(line, step, apart)
    first = max(ground.places[line], default=0) + 1
    made = [
        Place(row_id=row.id, n=first + k, x=x0 + step * k, y=y, together=like.together)
        for k in range(count)
    ]
    for place in made:
        save_places(session, place)
    session.flush()
    return made


def _size(at: Workplace, session: Session, tree_id: str, like: Like) -> None:
    """What was said of a tree's size: an outline where all of it is known, else as seen."""
    sizes = {"height_m": like.height_m, "spread_m": like.spread_m, "trunk_mm": like.trunk_mm}
    known = {kind: value for kind, value in sizes.items() if value is not None}
    if len(known) == len(sizes) and not like.form:
        framing.sketch(
            at,
            session,
            tree_record(session, tree_id),
            known["height_m"],
            known["spread_m"],
            known["trunk_mm"],
            at.today(),
        )
        return
    for kind, value in known.items():
        save_observations(
            session,
            Observation(
                scope="tree", scope_id=tree_id, kind=kind, value=f"{value:g}", date=at.today()
            ),
        )


def add_tree(
    session: Session,
    place: Place,
    species: str,
    planted_year: int,
    cultivar: str | None,
    rootstock: str | None,
    pot_l: float | None,
    under_cover: bool,
    union_m: float | None,
    union_mark: str | None = None,
    like: Like | None = None,
) -> str:
    """One tree with its stem and graft on a place."""
    like = like or Like()
    tree = Tree(
        place_id=place.id,
        species=species,
        planted_year=planted_year,
        pot_l=pot_l,
        under_cover=under_cover,
        origin=like.origin,
        medium=like.medium,
        form=like.form,
    )
    save_trees(session, tree)
    session.flush()
    stem = Stem(tree_id=tree.id, rootstock=rootstock, union_m=union_m, union_mark=union_mark)
    save_trees(session, stem)
    session.flush()
    if cultivar:
        save_trees(session, Graft(stem_id=stem.id, cultivar=cultivar))
        session.flush()
    return tree.id
