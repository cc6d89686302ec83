"""How the backups stand, and one now."""

from __future__ import annotations

import datetime as dt
import tempfile
from pathlib import Path
from typing import Any

from flask import Response, current_app, send_file
from flask_openapi.blueprint import APIBlueprint

from ...core.words.values import Phrase, say
from ...services.backups.daily import LATE_DAYS, Backups, Daily
from ...services.backups.package import pack
from ...services.progress import long_work
from ..answers import body as answer
from ..answers import here
from ..models.backups import BackupsOut

routes = APIBlueprint("backups_daily", __name__, url_prefix="/api")
DAILY = "billhook_daily"


def _daily() -> Daily:
    found: Daily = current_app.extensions.setdefault(DAILY, Daily(here().settings))
    return found


def _on() -> dt.date:
    """The day as this machine tells it, also where the holding stands on another."""
    return dt.date.today()


def _body(state: Backups) -> dict[str, Any]:
    age = (_on() - state.kept[0].day).days if state.kept else None
    well = state.failed is None and age is not None and age < LATE_DAYS
    return answer(
        BackupsOut,
        {
            "well": well,
            "says": _says(state, age),
            "folder": str(state.folder),
            "kept": [{"day": b.day, "size": b.size} for b in state.kept],
        },
    )


def _says(state: Backups, age: int | None) -> Phrase:
    if state.failed is not None:
        return say("backup-failed", why=state.failed)
    if age is None:
        return say("backup-none")
    if age >= LATE_DAYS:
        return say("backup-late", days=age)
    if state.trees is None:
        return say("backup-there", day=state.kept[0].day)
    return say("backup-opened", day=state.kept[0].day, trees=state.trees)


@routes.get("/backups", responses={200: BackupsOut})
def get_backups() -> dict[str, Any]:
    """The backups that are made every day by themselves, and how the last one went."""
    return _body(_daily().state())


@routes.get("/package.zip")
def get_package() -> Response:
    """All of the holding as a Data Package: every table as CSV with its schema, places as GeoJSON,
    photos. ``billhook restore`` reads it back to the same holding.
    """
    at, folder = here(), tempfile.TemporaryDirectory(ignore_cleanup_errors=True)
    try:
        with long_work(at, "package"):
            made = pack(at, Path(folder.name) / "package.zip")
    except BaseException:
        folder.cleanup()
        raise
    named = f"billhook-{at.today().isoformat()}.zip"
    answered = send_file(made, "application/zip", as_attachment=True, download_name=named)
    answered.call_on_close(folder.cleanup)
    return answered


@routes.post("/backups", responses={200: BackupsOut})
def post_backups() -> dict[str, Any]:
    """Make one now and check it by opening it."""
    daily = _daily()
    daily.make()
    return _body(daily.state())
