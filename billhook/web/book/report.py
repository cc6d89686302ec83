"""A season's report, as a page and on paper."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.book.report import season_report
from ...services.book.report_print import report_pdf
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.report import ReportOut, ReportPrintQuery, ReportQuery

routes = APIBlueprint("book_report", __name__, url_prefix="/api")


@routes.get("/season-report", responses={200: ReportOut})
def get_report(query: ReportQuery) -> dict[str, Any]:
    """What was done within days, by block and line by line, and what comes next."""
    return answer(ReportOut, season_report(here(), query.first, query.last, own_rows()))


@routes.get("/season-report.pdf")
def get_report_pdf(query: ReportPrintQuery) -> Response:
    """The same on paper."""
    content = report_pdf(here(), query.first, query.last, query.paper, own_rows())
    named = 'inline; filename="season-report.pdf"'
    return Response(content, mimetype="application/pdf", headers={"Content-Disposition": named})
