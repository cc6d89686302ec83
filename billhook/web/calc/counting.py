"""The calculators of trees nobody has measured: cuts by counting, a recipe, stairs."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.errors import invalid, refuse
from ...core.frame.check import checked
from ...core.frame.counting import Counted, count_cuts, counted, trunk_of
from ...core.frame.generator import habit
from ...core.frame.geometry import height_m
from ...core.frame.sizes import size_problems
from ...core.frame.whip import head_whip
from ...core.frame.wood import wood_parameters
from ...core.heights.stairs import DayLimit, LeafAbove, leaf_by_height, stairs, typical_leaf
from ...core.plan.recipe import recipe
from ...core.words.values import say
from ..answers import body as answer
from ..answers import here, known_row
from ..models.calc.counting import (
    CountedIn,
    CutCountIn,
    CutCountOut,
    RecipeIn,
    RecipeOut,
    StairsIn,
    StairsOut,
    WhipIn,
    WhipOut,
)

routes = APIBlueprint("calc_counting", __name__, url_prefix="/api/calc")


def read_counted(cuts: list[CountedIn], root: str = "/cuts") -> list[Counted]:
    """Cuts as thick as a class, or so many mm. Raises: InvalidInput where both or neither is
    said, or a class that is none.
    """
    know = here().know
    known = know.rows("thickness")
    problems: dict[str, str | None] = {}
    for i, cut in enumerate(cuts):
        if (cut.thickness is None) == (cut.mm is None):
            problems[f"{root}/{i}/class"] = "say the thickness by class or in mm, one of the two"
        elif cut.thickness is not None and cut.thickness not in known:
            problems[f"{root}/{i}/class"] = f"must be one of {', '.join(known)}"
    refuse(problems)
    return [
        Counted(c.mm, c.n, c.mm, c.mm, c.sprout, c.dead)
        if c.mm is not None
        else counted(know, str(c.thickness), c.n, c.sprout, c.dead)
        for c in cuts
    ]


@routes.post("/cut-count", responses={200: CutCountOut})
def cut_count(body: CutCountIn) -> dict[str, Any]:
    """Share of the canopy that so many cuts take, with its range, by the trunk alone."""
    if (body.trunk_mm is None) == (body.stems_mm is None):
        raise invalid("/trunk_mm", say("bad-give-the-trunk-or-its-stems"))
    known_row("/species", "species", body.species)
    trunk = body.trunk_mm if body.trunk_mm is not None else trunk_of(body.stems_mm or [])
    know = here().know
    found = count_cuts(
        know,
        wood_parameters(know, body.species),
        trunk,
        read_counted(body.cuts),
        body.used_share,
        body.limit,
    )
    wounds = [{"mm": mm, "n": n} for mm, n in found.wounds]
    return answer(CutCountOut, {**vars(found), "wounds": wounds})


@routes.post("/recipe", responses={200: RecipeOut})
def get_recipe(body: RecipeIn) -> dict[str, Any]:
    """What to look for and count on a tree of which only sizes are known."""
    known_row("/species", "species", body.species)
    known_row("/goal", "goals", body.goal)
    refuse(size_problems(here().know, body.height_m, body.spread_m, body.trunk_mm))
    found = recipe(
        here().know,
        body.trunk_mm,
        body.height_m,
        body.goal,
        body.limit,
        body.work,
        body.vigour,
        body.units,
    )
    return answer(RecipeOut, found)


@routes.post("/stairs", responses={200: StairsOut})
def get_stairs(body: StairsIn) -> dict[str, Any]:
    """The visits that bring a tree down to the wanted height."""
    height, leaf = _leaf(body)
    limits = [DayLimit(x.day, x.share, x.price) for x in body.limits]
    found = stairs(height, body.wanted_m, body.regrow_m, limits, leaf, body.units)
    return answer(StairsOut, found)


@routes.post("/whip", responses={200: WhipOut})
def whip(body: WhipIn) -> dict[str, Any]:
    """What heading a single stem takes, where it is cut, and what comes after."""
    found = head_whip(
        here().know, body.height_m, body.leaves_from_m, body.cut_at_m, body.in_pot, body.units
    )
    return answer(WhipOut, found)


_OR_A_FRAME = "give it, or a frame"


def _leaf(body: StairsIn) -> tuple[float, LeafAbove]:
    """Height [m] and leaf by height, of a frame or of sizes."""
    know = here().know
    if body.frame is not None:
        frame = body.frame.core()
        checked(frame)
        return height_m(frame), leaf_by_height([frame], know.number("wood/exponent"))
    given = (body.height_m, body.spread_m, body.trunk_mm)
    names = ("/height_m", "/spread_m", "/trunk_mm")
    lacks = {name: _OR_A_FRAME for name, size in zip(names, given, strict=True) if size is None}
    refuse({**lacks, "/species": None if body.species else _OR_A_FRAME})
    known_row("/species", "species", body.species)
    height, spread, trunk = (float(size or 0) for size in given)
    refuse(size_problems(here().know, height, spread, trunk))
    form = habit(know, know.text(f"species/{body.species}/habit"))
    return height, typical_leaf(know, form, height, spread, trunk)
