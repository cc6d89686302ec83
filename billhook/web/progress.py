"""How far long work is."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..services.progress import works
from .answers import body as answer
from .answers import here
from .models.progress import ProgressOut

routes = APIBlueprint("progress", __name__, url_prefix="/api")


@routes.get("/progress", responses={200: ProgressOut})
def get_progress() -> dict[str, Any]:
    """Long work that is going on, and what came to its end within the last hour."""
    return answer(ProgressOut, {"works": works(here())})
