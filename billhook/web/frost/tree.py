"""One hurt tree: looks and scratches, cuts in their stages, what is grown on."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.frame.model import TRUNK, Limb
from ...services.frost import cuts as frost_cuts
from ...services.frost import grow_on as frost_grow_on
from ...services.frost import looking
from ...services.frost import tree as service
from ..answers import body as answer
from ..answers import drawn, here
from ..models.base import IdPath
from ..models.frost_tree import (
    FrostStagesOut,
    GrowOnIn,
    GrowOnOut,
    GrowOnQuery,
    LookIn,
    NewShootIn,
    SayClassIn,
    StageSheetIn,
    TreeFrostOut,
    TreeScratchIn,
    UnitsQuery,
)
from ..models.sheets import SheetLink
from ..tree.trees import sheet_link

routes = APIBlueprint("frost_tree", __name__, url_prefix="/api/trees")


def _hurt(tree_id: str) -> dict[str, Any]:
    at = here()
    as_of = at.as_of()
    found = service.after_frost(at, tree_id)
    if found is None:
        return answer(TreeFrostOut, {"hurt": False, "today": at.today(), "as_of": as_of})
    return answer(
        TreeFrostOut,
        {
            **vars(found),
            "hurt": True,
            "today": at.today(),
            "as_of": as_of,
            "uncertain_c": at.know.number("frost/uncertain"),
            "frame": drawn(found.frame) if found.frame else None,
        },
    )


@routes.get("/<id>/after-frost", responses={200: TreeFrostOut})
def get_after_frost(path: IdPath) -> dict[str, Any]:
    """A hurt tree: verdict, signs, looks, scratches, bark and feed, and the crop to come."""
    return _hurt(path.id)


@routes.post("/<id>/scratches", responses={201: TreeFrostOut})
def post_tree_scratch(path: IdPath, body: TreeScratchIn) -> tuple[dict[str, Any], int]:
    """Write a scratch down."""
    looking.scratch(
        here(), path.id, body.id, body.limb, body.at_m, body.green, body.day, body.bearing_deg
    )
    return _hurt(path.id), 201


@routes.post("/<id>/looks", responses={201: TreeFrostOut})
def post_look(path: IdPath, body: LookIn) -> tuple[dict[str, Any], int]:
    """Write down what was seen of a hurt tree."""
    looking.look(here(), path.id, body.id, body.sign, body.day)
    return _hurt(path.id), 201


@routes.post("/<id>/frost-class", responses={200: TreeFrostOut})
def post_class(path: IdPath, body: SayClassIn) -> dict[str, Any]:
    """The class the tree itself shows; F0: it came back."""
    looking.say_class(here(), path.id, body.frost_class, body.night, body.as_of)
    return _hurt(path.id)


@routes.get("/<id>/frost-cuts", responses={200: FrostStagesOut})
def get_stages(path: IdPath, query: UnitsQuery) -> dict[str, Any]:
    """Cuts of a hurt tree in their stages."""
    found = frost_cuts.cut_stages(here(), path.id, query.units)
    return answer(FrostStagesOut, {"stages": [{**vars(v.stage), **vars(v)} for v in found]})


@routes.post("/<id>/frost-sheets", responses={201: SheetLink})
def post_stage_sheet(path: IdPath, body: StageSheetIn) -> tuple[dict[str, Any], int]:
    """A cut sheet of one stage."""
    plan = frost_cuts.stage_sheet(here(), path.id, body.id, body.stage)
    return sheet_link(plan), 201


def _grow_on(found: frost_grow_on.GrowOn | None) -> dict[str, Any]:
    return answer(GrowOnOut, {"hurt": False} if found is None else {**vars(found), "hurt": True})


@routes.get("/<id>/grow-on", responses={200: GrowOnOut})
def get_grow_on(path: IdPath, query: GrowOnQuery) -> dict[str, Any]:
    """Shoots that could be grown on after a freeze, the best first."""
    return _grow_on(frost_grow_on.grow_on(here(), path.id, query.form))


@routes.post("/<id>/grow-on", responses={200: GrowOnOut})
def post_grow_on(path: IdPath, body: GrowOnIn) -> dict[str, Any]:
    """Choose the shoots that are grown on; stakes, ties, suckers and thinning get their dates."""
    return _grow_on(frost_grow_on.choose(here(), path.id, body.keep, body.form))


@routes.post("/<id>/new-shoots", responses={201: GrowOnOut})
def post_new_shoot(path: IdPath, body: NewShootIn) -> tuple[dict[str, Any], int]:
    """Draw a shoot that came out of the trunk since the freeze."""
    limb = Limb(
        body.id, TRUNK, body.at_m, body.diameter_mm, body.length_m, body.rise_deg, body.bearing_deg
    )
    frost_grow_on.add_shoot(here(), path.id, limb)
    return _grow_on(frost_grow_on.grow_on(here(), path.id)), 201
