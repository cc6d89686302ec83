"""Lists as CSV or as a workbook, in the reader's units."""

from __future__ import annotations

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...catalogue.languages import heads
from ...core.words.tongue import spoken
from ...formats.lists import workbook_of
from ...formats.log_csv import write_log
from ...services.book import book
from ...services.book.lists import list_csv
from ...services.holding import tree_lists
from ...services.holding.setting_up import units_of
from ..answers import here, log_lines
from ..models.lists import ListPath

routes = APIBlueprint("book_lists", __name__, url_prefix="/api")
_XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
_ALL = 1_000_000


def _text(path: ListPath) -> str:
    if path.name == "trees":
        return tree_lists.export_trees(here())
    if path.name == "log":
        lines = log_lines(book.book(here(), book.Asked(), _ALL).lines)
        return write_log(lines, units_of(here()), heads(spoken()))
    return list_csv(here(), path.name)


def _named(name: str) -> dict[str, str]:
    return {"Content-Disposition": f'attachment; filename="{name}"'}


@routes.get("/lists/<name>.csv")
def get_list_csv(path: ListPath) -> Response:
    """Trees, the log, harvests, hours, tasks or materials as CSV."""
    return Response(_text(path), mimetype="text/csv", headers=_named(f"{path.name}.csv"))


@routes.get("/lists/<name>.xlsx")
def get_list_xlsx(path: ListPath) -> Response:
    """The same as a workbook for spreadsheets."""
    content = workbook_of(_text(path), path.name.capitalize())
    return Response(content, mimetype=_XLSX, headers=_named(f"{path.name}.xlsx"))
