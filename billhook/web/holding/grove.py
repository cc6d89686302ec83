"""The holding in plan."""

from __future__ import annotations

from typing import Any

from flask import Response, jsonify, request
from flask_openapi.blueprint import APIBlueprint

from ... import __version__
from ...catalogue.wording import said
from ...core.season.next_need import Need
from ...core.words.tongue import spoken
from ...services.holding.find import find
from ...services.holding.grove_lines import Groves, Kind, grove_lines
from ...services.workplace import Workplace
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.grove import FindQuery, FoundOut, GroveOut, GroveQuery, GroveTreesOut

routes = APIBlueprint("holding_grove", __name__, url_prefix="/api")


@routes.get("/grove", responses={200: GroveOut})
def get_grove(query: GroveQuery) -> Response:
    """The holding in plan on a day, with what each tree needs next. Its ETag holds while nothing
    changed; with ``since`` only what differs is told.
    """
    at = here()
    found = grove_lines(at, query.day or at.today(), query.since, own_rows())
    holding = found.view.holding
    tag = f"{__version__}/{found.mark}/{holding.units if holding else ''}/{spoken()}"
    if query.since is None and request.if_none_match.contains(tag):
        answered = Response(status=304)
    else:
        answered = jsonify(_body(at, found))
    answered.set_etag(tag)
    answered.headers["Cache-Control"] = "no-cache"
    return answered


def _body(at: Workplace, found: Groves) -> dict[str, Any]:
    view = found.view
    says = view.frost.says
    return answer(
        GroveOut,
        {
            "mark": found.mark,
            "since": found.since,
            "gone": found.gone,
            "holding": view.holding.name if view.holding else None,
            "holding_id": view.holding.id if view.holding else None,
            "frost": {"says": said(says) if says else None, "rows": view.frost.rows},
            "restored": view.restored,
            "units": view.holding.units if view.holding else "metric",
            "demo": at.settings.demo,
            "day": view.day,
            "sites": view.sites,
            "blocks": [{**vars(b), "in_rows": b.id in view.in_rows} for b in view.blocks],
            "rows": view.rows,
            **_columns(found),
            "gaps": [{"row_id": r, "x": x, "y": y} for r, x, y in view.empty_places],
        },
    )


def _columns(found: Groves) -> dict[str, Any]:
    """Trees column by column; what many share is named by its place."""
    rows = {r.id: n for n, r in enumerate(found.view.rows)}
    kinds: dict[Kind, int] = {}
    needs: dict[Need, int] = {}
    shared: dict[str, list[int]] = {"row": [], "kind": [], "needs": []}
    for line in found.lines:
        shared["row"].append(rows[line.row_id])
        shared["kind"].append(kinds.setdefault(line.kind, len(kinds)))
        shared["needs"].append(needs.setdefault(line.need, len(needs)))
    plain = [name for name in GroveTreesOut.model_fields if name not in shared]
    trees = {name: [getattr(line, name) for line in found.lines] for name in plain}
    return {
        "kinds": [k._asdict() for k in kinds],
        "needs": [_need(n) for n in needs],
        "trees": trees | shared,
    }


def _need(need: Need) -> dict[str, Any]:
    return {
        "tone": need.tone,
        "need": need.text,
        "need_alike": need.alike,
        "need_kind": need.kind,
        "need_by": need.by,
    }


@routes.get("/find", responses={200: FoundOut})
def get_find(query: FindQuery) -> dict[str, Any]:
    """Standing trees by what is said of them, read as plantings are."""
    rows = own_rows()
    found = [r for r in find(here(), query.q) if rows is None or r.row.id in rows]
    return {"trees": [r.tree.id for r in found]}
