"""Practice trees over the API."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.errors import refuse
from ...core.frame.model import TRUNK
from ...core.practice.debrief import SEASONS, Course, Debrief, Decided
from ...core.practice.model import PracticeTree
from ...core.practice.names import plain_names
from ...core.words.values import listed, say
from ...services.rehearse import practice
from ...services.rehearse.practice import DANGERS, Practice
from ..answers import body as answer
from ..answers import drawn, here
from ..models.practice import (
    DebriefOut,
    DecideIn,
    LessonOut,
    PracticeOut,
    SeedQuery,
    TroublePath,
    TroublesOut,
)

routes = APIBlueprint("rehearse_practice", __name__, url_prefix="/api/practice")


def _shown(found: Practice) -> dict[str, Any]:
    names, tree, know = plain_names(found.tree.frame), found.tree, here().know
    clues = [{"limb": p.limb, "name": names[p.limb], "looks": p.looks(know)} for p in tree.parts]
    return {
        "trouble": found.trouble,
        "seed": tree.seed,
        "kind_name": found.kind_name,
        "climate_name": found.climate_name,
        "age_years": tree.day.year - tree.tree.planted_year,
        "day": tree.day,
        "days": practice.days_of(here(), tree),
        "wanted_m": tree.wanted_m,
        "pot_l": found.pot_l,
        "frame": drawn(found.view),
        "clues": clues,
    }


def _course(tree: PracticeTree, found: Course) -> dict[str, Any]:
    names = {TRUNK: "trunk", **plain_names(tree.frame)}
    cuts = [{**vars(c), "name": names[c.limb]} for c in found.cuts]
    return {**vars(found), "cuts": cuts}


def _debrief(tree: PracticeTree, found: Debrief, ways: tuple[Course, ...]) -> dict[str, Any]:
    return {
        "remarks": [{**vars(r), "text": r.reason.says} for r in found.remarks],
        "better": tree.better,
        "yours": _course(tree, found.yours),
        "right": _course(tree, found.right),
        "ways": [_course(tree, w) for w in ways],
        "alike": len({(w.day, frozenset(w.cuts)) for w in ways[:2]}) == 1,
        "seasons": SEASONS,
    }


@routes.get("", responses={200: TroublesOut})
def get_troubles() -> dict[str, Any]:
    """Every trouble that can be practised, and what could hurt somebody at such trees."""
    at = here()
    told = {
        "troubles": practice.troubles(at),
        "dangers": list(DANGERS),
        "comes_back_days": practice.comes_back(at),
    }
    return answer(TroublesOut, told)


@routes.get("/trees/<id>", responses={200: PracticeOut})
def get_tree(path: TroublePath, query: SeedQuery) -> dict[str, Any]:
    """A practice tree with a trouble, the same for the same seed."""
    return answer(PracticeOut, _shown(practice.shown(here(), path.id, query.seed, query.kind)))


@routes.post("/trees/<id>/debrief", responses={200: DebriefOut})
def post_debrief(path: TroublePath, body: DecideIn) -> dict[str, Any]:
    """A decision on a practice tree beside what is right: each difference with its reason and its
    price, the gravest first. Nothing is saved.
    """
    at = here()
    refuse(
        {
            f"/seen/{i}": say("bad-must-be-one-of", known=listed(DANGERS))
            for i, danger in enumerate(body.seen)
            if danger not in DANGERS
        }
    )
    cuts = tuple(c.core() for c in body.cuts)
    tree = practice.shown(at, path.id, body.seed, body.kind).tree
    days = practice.days_of(at, tree)
    said = f"must be a day from {days[0]} to {days[-1]}"
    refuse({"/on": said if body.on and not days[0] <= body.on <= days[-1] else None})
    decided = Decided(cuts, body.wait, frozenset(body.seen), body.on)
    found = practice.talked_over(at, tree, decided)
    return answer(DebriefOut, _debrief(tree, found.found, found.ways))


@routes.get("/lessons/<id>", responses={200: LessonOut})
def get_lesson(path: TroublePath) -> dict[str, Any]:
    """A lesson of the course, every choice with its debrief, so that it can be taken without
    signal.
    """
    shown, lesson, ways = practice.lesson_of(here(), path.id)
    tree = lesson.tree
    choices = [
        {
            "says": c.says,
            "cuts": _course(tree, c.found.yours)["cuts"],
            "wait": c.decided.wait,
            "right": c.right,
            "debrief": _debrief(tree, c.found, ways),
        }
        for c in lesson.choices
    ]
    dangers = [{"id": k, "text": v} for k, v in lesson.dangers.items()]
    given = {**_shown(shown), "n": lesson.n, "choices": choices, "dangers": dangers}
    return answer(LessonOut, given)
