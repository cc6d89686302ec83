"""A tree as its page shows it, and what is changed of it."""

from __future__ import annotations

import datetime as dt
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.book import logbook
from ...services.book.logbook import LogLine
from ...services.season import needs
from ...services.tree import framing, put_right, records, views
from ...services.tree.views import TreeView
from ...store.acts import new_id
from ...store.work_tables import Plan
from ..answers import body as answer
from ..answers import drawn, here, kind_name, log_body, log_lines, name_of, tasks_body, work_words
from ..calc.counting import read_counted
from ..door.signing import only_theirs
from ..models.base import IdPath
from ..models.frames import FrameSaveIn, SketchIn
from ..models.grove import DayQuery
from ..models.logbook import LogOut, PastWorkIn
from ..models.sheets import SheetLink
from ..models.trees import (
    AlikeIn,
    AlikeOut,
    CalledOut,
    GoneIn,
    GoneOut,
    GraftIn,
    GraftPath,
    MoveIn,
    NeedsOut,
    SpotIn,
    TreeChangeIn,
    TreeOut,
    VersionIn,
)

routes = APIBlueprint("tree_trees", __name__, url_prefix="/api/trees")


def _tree(tree_id: str, day: dt.date) -> dict[str, Any]:
    at = here()
    return _as_body(views.tree_view(at, tree_id, day), day)


def _as_body(view: TreeView, day: dt.date) -> dict[str, Any]:
    at, record = here(), view.record
    tree = record.tree
    return answer(
        TreeOut,
        {
            "id": tree.id,
            "name": record.name,
            "version": tree.version,
            "site": record.site.name,
            "block": record.block.name,
            "block_id": record.block.id,
            "row_id": record.row.id,
            "species": tree.species,
            "kind_name": kind_name(tree.species, record.cultivar),
            "cultivar": record.cultivar,
            "rootstock": record.stem.rootstock,
            "rootstock_name": name_of("rootstocks", record.stem.rootstock),
            "planted_year": tree.planted_year,
            "own_name": tree.name,
            "origin": tree.origin,
            "form": tree.form,
            "medium": tree.medium,
            "row": record.row.called,
            "pot_l": tree.pot_l,
            "under_cover": tree.under_cover,
            "union_m": record.stem.union_m,
            "union_mark": record.stem.union_mark,
            "note": tree.note,
            "removed_on": tree.removed_on,
            "cap_m": record.cap_m,
            "reach_m": at.know.number("cuts/reach"),
            "day": day,
            "used_share": view.used_share,
            "year_share": view.year_share,
            "main_work": view.main_work,
            "seen": list(view.seen.values()),
            "frame": drawn(view.frame) if view.frame else None,
            "standing": view.standing,
            "sizes": view.sizes,
            "verdicts": view.verdicts,
            "tasks": tasks_body(view.tasks),
            "sheets": [sheet_link(s) for s in view.sheets],
            "log": log_lines(logbook.log(at, tree.id)),
            "photos": view.photos,
            "grafts": [vars(g) | {"name": name_of("cultivars", g.cultivar)} for g in view.grafts],
            "row_note": record.row.note,
            "block_note": record.block.note,
        },
    )


def sheet_link(plan: Plan) -> dict[str, Any]:
    """A sheet as a tree names it."""
    return answer(SheetLink, {**plan.model_dump(), "work_words": work_words(plan.work)})


@routes.get("/<id>", responses={200: TreeOut})
def get_tree(path: IdPath, query: DayQuery) -> dict[str, Any]:
    """A tree on a day."""
    return _tree(path.id, query.day or here().today())


@routes.get("/<id>/needs", responses={200: NeedsOut})
def get_needs(path: IdPath, query: DayQuery) -> dict[str, Any]:
    """What the tree needs next, in working order."""
    at = here()
    found = needs.needs(at, path.id, query.day or at.today(), query.units)
    return answer(NeedsOut, {"needs": found})


@routes.patch("/<id>", responses={200: TreeOut})
def patch_tree(path: IdPath, body: TreeChangeIn) -> dict[str, Any]:
    """Change a tree's record; refused with what holds now if someone else was faster."""
    changes = body.model_dump(exclude_unset=True, exclude={"id"})
    records.change_tree(here(), path.id, changes.pop("version"), changes)
    return _tree(path.id, here().today())


@routes.post("/<id>/gone", responses={200: GoneOut})
def post_gone(path: IdPath, body: GoneIn) -> dict[str, Any]:
    """The tree is gone; its place stays free for another, its log stays."""
    date = body.date or here().today()
    records.remove_tree(here(), path.id, body.version, date)
    return answer(GoneOut, {"id": path.id, "removed_on": date})


@routes.post("/<id>/move", responses={200: TreeOut})
def post_move(path: IdPath, body: MoveIn) -> dict[str, Any]:
    """Put a tree into another row or block."""
    put_right.move_tree(here(), path.id, body.version, body.block, body.row)
    return _tree(path.id, here().today())


@routes.post("/<id>/alike", responses={200: AlikeOut})
def post_alike(path: IdPath, body: AlikeIn) -> dict[str, Any]:
    """Change the record of a tree and of every like tree of its row or block."""
    changes = body.changes.model_dump(exclude_unset=True, exclude={"id"})
    version = changes.pop("version")
    return answer(
        AlikeOut, {"trees": records.change_alike(here(), path.id, version, body.scope, changes)}
    )


@routes.put("/<id>/spot", responses={200: TreeOut})
def put_spot(path: IdPath, body: SpotIn) -> dict[str, Any]:
    """Put a tree where it stands on the plan."""
    put_right.put_at(here(), path.id, body.version, body.x_m, body.y_m)
    return _tree(path.id, here().today())


@routes.post("/<id>/grafts", responses={201: TreeOut})
def post_graft(path: IdPath, body: GraftIn) -> tuple[dict[str, Any], int]:
    """A further cultivar on a tree."""
    records.add_graft(here(), path.id, body.id or new_id(), body.cultivar, body.mark)
    return _tree(path.id, here().today()), 201


@routes.delete("/<id>/grafts/<graft>", responses={200: TreeOut})
def delete_graft(path: GraftPath) -> dict[str, Any]:
    """A further cultivar that is not on the tree any more."""
    records.take_graft_off(here(), path.id, path.graft)
    return _tree(path.id, here().today())


@routes.post("/<id>/mistake", responses={200: CalledOut})
def post_mistake(path: IdPath, body: VersionIn) -> dict[str, Any]:
    """Take out a tree that was entered by mistake; refused where it has a history."""
    put_right.delete_tree(here(), path.id, body.version)
    return answer(CalledOut, {"id": path.id, "called": ""})


@routes.post("/<id>/stands", responses={200: TreeOut})
def post_stands(path: IdPath, body: VersionIn) -> dict[str, Any]:
    """A tree that was said to be gone stands."""
    put_right.stand_again(here(), path.id, body.version)
    return _tree(path.id, here().today())


@routes.post("/<id>/frames", responses={201: TreeOut})
def post_frame(path: IdPath, body: FrameSaveIn) -> tuple[dict[str, Any], int]:
    """Save a measured or corrected frame; the old one stays."""
    date = body.date or here().today()
    framing.save_frame(
        here(), path.id, body.frame.core(), body.previous_id, set(body.measured), date, body.id
    )
    return _tree(path.id, here().today()), 201


@routes.post("/<id>/sketch", responses={201: TreeOut})
def post_sketch(path: IdPath, body: SketchIn) -> tuple[dict[str, Any], int]:
    """Sketch a frame from height, spread and trunk."""
    framing.sketch_tree(
        here(), path.id, body.height_m, body.spread_m, body.trunk_mm, here().today()
    )
    return _tree(path.id, here().today()), 201


@routes.post("/<id>/log", responses={201: LogOut})
def post_log(path: IdPath, body: PastWorkIn) -> tuple[dict[str, Any], int]:
    """Log work that was already done, or correct an entry by a new one."""
    given = body.model_dump(exclude={"cuts"}) | {"cuts": read_counted(body.cuts)}
    entry = logbook.log_past_work(here(), path.id, given.pop("id"), **given, only=only_theirs())
    return log_body(LogLine(entry, "", None)), 201
