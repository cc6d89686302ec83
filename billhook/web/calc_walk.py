"""The calculators under the tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..core.frame.droop import Pull, droop
from ..core.fruit.load import crop_load, thinning
from ..core.pots import pot_cap, tip_dieback
from ..core.shoot.judge import ShootCase, judge
from ..services.walk.shoots import Question, whose_shoot
from .answers import body as answer
from .answers import here, known_row
from .models.shoot import (
    CropLoadIn,
    CropLoadOut,
    DroopIn,
    DroopOut,
    FlaggingIn,
    FlaggingOut,
    PotIn,
    PotOut,
    ShootIn,
    ShootOut,
    ThinningIn,
    ThinningOut,
    TreeShootIn,
    TreeShootOut,
)
from .models.trees import IdPath

calc_walk = APIBlueprint("calc_walk", __name__, url_prefix="/api/calc")
walk = APIBlueprint("walk", __name__, url_prefix="/api")


@calc_walk.post("/shoot", responses={200: ShootOut})
def shoot(body: ShootIn) -> dict[str, Any]:
    """Whose shoot it is: the rootstock's, a water sprout, or a shoot that will bear."""
    known_row("/scion", "species", body.scion)
    known_row("/rootstock", "rootstocks", body.rootstock)
    known_row("/region", "stock-mix", body.region)
    known_row("/cultivar", "cultivars", body.cultivar)
    given = body.model_dump(exclude={"prior"})
    prior = (
        (body.prior.rootstock_sucker, body.prior.water_sprout, body.prior.scion_shoot)
        if body.prior
        else None
    )
    return answer(ShootOut, judge(ShootCase(**given, prior=prior), here().know))


_HEADLINES = {
    "rootstock_sucker": "The rootstock's: it comes off",
    "water_sprout": "A water sprout of the tree itself",
    "scion_shoot": "A shoot that will bear",
    "uncertain": "Not yet clear",
}


def question_body(found: Question) -> dict[str, Any]:
    """A clue as it is asked."""
    return {
        "clue": found.clue,
        "asks": found.asks,
        "answers": [{"value": value, "says": words} for value, words in found.answers],
    }


@walk.post("/trees/<id>/shoot", responses={200: TreeShootOut})
def tree_shoot(path: IdPath, body: TreeShootIn) -> dict[str, Any]:
    """Whose shoot it is, on a stored tree: its record is filled in, and one question comes at a
    time.
    """
    found = whose_shoot(
        here(),
        path.id,
        body.clues,
        body.union_seen,
        body.only_living_shoots,
        body.many_grafts,
        body.diameter_mm,
        tuple(body.skip),
    )
    keep = "Do not cut" in found.answer.action
    headline = "Do not cut yet" if keep else _HEADLINES[found.answer.verdict]
    return answer(
        TreeShootOut,
        {
            **vars(found.answer),
            "name": found.name,
            "headline": headline,
            "hazards": found.hazards,
            "question": question_body(found.question) if found.question else None,
            "asked": [question_body(q) for q in found.asked],
        },
    )


@calc_walk.post("/droop", responses={200: DroopOut})
def droop_(body: DroopIn) -> dict[str, Any]:
    """How far a limb comes down under its fruit."""
    known_row("/species", "species", body.species)
    know = here().know
    group = know.text(f"species/{body.species}/group")
    elastic = body.elastic_gpa or know.number(
        know.first(f"stiffness/{body.species}/elastic", f"stiffness/{group}/elastic").id
    )
    pull = Pull(body.pull_test.mass_kg, body.pull_test.drop_m) if body.pull_test else None
    found = droop(
        know,
        body.length_m,
        body.base_mm,
        body.tip_mm,
        body.load_kg,
        body.load_at,
        body.tip_height_m,
        body.clearance_m,
        elastic,
        pull,
    )
    return answer(DroopOut, found)


@calc_walk.post("/thinning", responses={200: ThinningOut})
def thinning_(body: ThinningIn) -> dict[str, Any]:
    """How much fruit to take off, from a sample of clusters."""
    return answer(ThinningOut, thinning(here().know, body.counts, body.keep, body.clusters))


@calc_walk.post("/crop-load", responses={200: CropLoadOut})
def crop_load_(body: CropLoadIn) -> dict[str, Any]:
    """How much fruit a trunk may carry."""
    return answer(
        CropLoadOut,
        crop_load(here().know, body.trunks_mm, body.year_in_ground, body.fruit, body.fruit_kg),
    )


@calc_walk.post("/pot", responses={200: PotOut})
def pot(body: PotIn) -> dict[str, Any]:
    """How tall a tree in a pot may be."""
    return answer(
        PotOut,
        pot_cap(
            here().know,
            body.pot_l,
            body.height_m,
            body.windy,
            body.winter_room_m,
            body.pot_height_m,
        ),
    )


@calc_walk.post("/flagging", responses={200: FlaggingOut})
def flagging(body: FlaggingIn) -> dict[str, Any]:
    """How much comes off the top of a potted tree whose tips die back."""
    return answer(FlaggingOut, tip_dieback(here().know, body.dead_tips, body.height_m, body.stage))
