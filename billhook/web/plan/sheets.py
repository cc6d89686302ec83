"""Cut sheets: read, ticked, printed, finished."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...core.errors import refuse
from ...core.frame.model import TRUNK, Cut, Limb
from ...core.words.tongue import spoken
from ...core.words.units import Units
from ...core.words.values import say
from ...formats.sheet_pdf import Paper
from ...services.book.logbook import LogLine
from ...services.holding.setting_up import units_of
from ...services.plan import finishing, many, sheets
from ...services.plan.sheets import SheetCut, SheetView
from ...store import logbook as log_store
from ..answers import anew, drawn, goals, here, kind_name, log_body, name_of, tasks_body, work_words
from ..answers import body as answer
from ..calc.counting import read_counted
from ..models.base import IdPath
from ..models.grove import DayQuery
from ..models.proposals import GoalsOut
from ..models.sheets import (
    CutPath,
    ExtraCutIn,
    FinishedOut,
    FinishIn,
    ManyIn,
    ManyOut,
    PrintQuery,
    SheetLineOut,
    SheetOut,
    TickIn,
)

routes = APIBlueprint("plan_sheets", __name__, url_prefix="/api")


def _reason(kept: dict[str, Any]) -> dict[str, Any]:
    remedy = None if kept["remedy"] is None else anew(kept, "remedy")
    return {**kept, "text": anew({**kept, "text_says": kept.get("says")}, "text"), "remedy": remedy}


def _line(line: SheetCut) -> dict[str, Any]:
    tick = line.tick
    return answer(
        SheetLineOut,
        {
            "id": line.cut.id,
            "nth": line.cut.nth,
            "cost": line.cost,
            "advice": line.advice,
            "done": tick is not None,
            "done_mm": tick.diameter_mm if tick else None,
            "done_by": tick.who if tick else "",
            "done_on": tick.date if tick else None,
            "extra": line.cut.extra,
            "left": line.left,
            "said_id": line.said_id,
        },
    )


def _sheet(view: SheetView) -> dict[str, Any]:
    record, plan = view.record, view.plan
    kind = kind_name(record.tree.species, record.cultivar)
    stock = name_of("rootstocks", record.stem.rootstock) or "none"
    year = str(record.tree.planted_year)
    cautions = {
        c.says: c
        for line in view.lines
        for c in line.advice.cautions
        if c.code not in ("between-branches", "weak-side-branch", "fruit-on-it")
    }
    return answer(
        SheetOut,
        {
            "id": plan.id,
            "version": plan.version,
            "state": plan.state,
            "day": plan.day,
            "work": plan.work,
            "work_words": work_words(plan.work),
            "tree_id": record.tree.id,
            "tree": record.name,
            "tree_line": say("sheet-tree-line", kind=kind, stock=stock, year=year),
            "status": plan.answer["status"],
            "sentence": anew(plan.answer, "sentence"),
            "total": anew(plan.answer, "total"),
            "removed": plan.answer["removed"],
            "max_share": plan.answer["max_share"],
            "before": view.answer.before,
            "after": view.answer.after,
            "minutes": view.minutes,
            "cap_m": record.cap_m,
            "reach_m": here().know.number("cuts/reach"),
            "gone": view.gone,
            "cautions": list(cautions.values()),
            "reasons": [_reason(r) for r in plan.answer["reasons"]],
            "frame": drawn(view.frame),
            "lines": [_line(x) for x in view.lines],
            "today": here().today(),
            "log_id": view.log_id,
        },
    )


@routes.get("/goals", responses={200: GoalsOut})
def get_goals() -> dict[str, Any]:
    """What a plan may be for."""
    return answer(GoalsOut, {"goals": goals()})


@routes.post("/sheets/many", responses={201: ManyOut})
def post_many(body: ManyIn) -> tuple[dict[str, Any], int]:
    """Make a sheet for each of many trees, on the day that allows it."""
    made = many.make_sheets(here(), body.id, body.tree_ids, body.goal, body.day)
    return answer(ManyOut, made), 201


@routes.get("/sheets/<id>", responses={200: SheetOut})
def get_sheet(path: IdPath, query: DayQuery) -> dict[str, Any]:
    """A cut sheet as it is read, ticked off and printed."""
    return _sheet(sheets.sheet(here(), path.id, query.units))


def printed_as(query: PrintQuery) -> tuple[Paper, str, Units]:
    """Paper, language and units: where feet are spoken, paper is Letter."""
    units = query.units or units_of(here())
    paper = query.paper or ("letter" if units == "us" else "a4")
    return paper, query.language or spoken(), units


@routes.get("/sheets/<id>.pdf")
def get_sheet_pdf(path: IdPath, query: PrintQuery) -> Response:
    """A cut sheet as PDF, in the helper's language."""
    from ...services.plan import printing

    paper, language, units = printed_as(query)
    made = printing.sheet_pdf(here(), path.id, paper, language, units)
    return Response(
        made,
        mimetype="application/pdf",
        headers={"Content-Disposition": f'inline; filename="cut-sheet-{language}.pdf"'},
    )


@routes.get("/rows/<id>/sheets.pdf")
def get_row_pdf(path: IdPath, query: PrintQuery) -> Response:
    """Every open sheet of a row in walking order, as one PDF with the list of the round."""
    from ...services.plan import printing

    paper, language, units = printed_as(query)
    made = printing.row_pdf(here(), path.id, paper, language, units)
    return Response(
        made,
        mimetype="application/pdf",
        headers={"Content-Disposition": f'inline; filename="round-{language}.pdf"'},
    )


@routes.put("/sheets/<id>/cuts/<cut_id>", responses={200: SheetOut})
def put_tick(path: CutPath, query: DayQuery, body: TickIn) -> dict[str, Any]:
    """Tick a cut off with its diameter and who did it, or take the tick back."""
    at = here()
    sheets.tick(
        at,
        path.id,
        path.cut_id,
        body.id,
        body.done,
        body.date or at.today(),
        body.diameter_mm,
        body.who,
        body.why,
        body.seen,
    )
    return _sheet(sheets.sheet(at, path.id, query.units))


@routes.post("/sheets/<id>/cuts", responses={201: SheetOut})
def post_cut(path: IdPath, query: DayQuery, body: ExtraCutIn) -> tuple[dict[str, Any], int]:
    """Add a cut that was not planned, under the tree: of a limb of the drawing, or of one that is
    drawn in with it.
    """
    at, new = here(), body.drawn
    refuse(
        {"/limb": say("bad-say-which-limb-or-draw-it") if not body.limb and new is None else None}
    )
    if new is None:
        sheets.add_cut(at, path.id, body.id, Cut(body.limb or "", body.keep_m))
    else:
        limb = Limb(
            body.id,
            TRUNK,
            new.at_m,
            new.diameter_mm,
            new.length_m or 0.0,
            new.rise_deg,
            new.bearing_deg % 360,
        )
        sheets.add_limb_cut(at, path.id, body.id, limb, body.keep_m)
    return _sheet(sheets.sheet(at, path.id, query.units)), 201


@routes.post("/sheets/<id>/finish", responses={200: FinishedOut})
def post_finish(path: IdPath, body: FinishIn) -> dict[str, Any]:
    """Finish a sheet: the frame loses what was cut, the log is written, come-backs are set."""
    at = here()
    besides = read_counted(body.besides, "/besides")
    day = body.date or at.today()
    entry = finishing.finish(
        at, path.id, body.version, day, body.who, body.minutes, body.note, besides
    )
    with at.store.reading() as session:
        made = [t for t in log_store.tasks(session, entry.tree_id) if t.cause == entry.id]
    return answer(
        FinishedOut, {"entry": log_body(LogLine(entry, "", None)), "tasks": tasks_body(made)}
    )
