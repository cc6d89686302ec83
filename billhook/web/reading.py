"""How what goes on a screen is read: near its day, and in the holding's units."""

from __future__ import annotations

import re
from typing import Any

from flask import Flask, g, has_request_context, request
from flask.json.provider import DefaultJSONProvider

from ..core.words.dates import read_on
from ..core.words.feet import in_feet
from ..services.holding.setting_up import units_of
from ..services.workplace import Workplace

# what people typed stays as they typed it; the others of these are no sentences
_TYPED = frozenset(
    (
        *("note", "row_note", "block_note", "who", "why_later", "why_not", "union_mark", "source"),
        *("name", "called", "tree", "row", "block", "site", "holding", "value", "given"),
        *("id", "unit"),
    )
)

# asked by POST because the question is long, or answered by what is seen at once
_ASKS = re.compile(
    r"/api/(stances/effect|crew/try|trees/[^/]+/(preview|shoot|plan|recipe|count|schools|envelope|grown)"
    r"|blocks/[^/]+/(section|schools|hedging-round)|walks/[^/]+/(answers|finish)|trees/[^/]+/walks)"
)


class _InTheirUnits(DefaultJSONProvider):
    """JSON whose sentences are in feet where the holding is."""

    sort_keys = False

    def dumps(self, obj: Any, **kwargs: Any) -> str:
        feet = has_request_context() and getattr(g, "in_feet", False)
        return super().dumps(_in_feet(obj) if feet else obj, **kwargs)


def register(app: Flask, at: Workplace) -> None:
    """Have answers leave plain years out, and speak in the holding's units."""
    app.json = _InTheirUnits(app)

    @app.before_request
    def _who_reads() -> None:
        # what is kept, written or taken along names every year
        page = request.method == "GET" and "." not in request.path.rsplit("/", 1)[-1]
        screen = page or _ASKS.fullmatch(request.path) is not None
        apart = request.path.startswith(("/api/calc/", "/api/catalogue", "/api/climates"))
        read_on(at.today() if screen and not apart else None)
        api = request.path.startswith("/api/") and not apart
        g.in_feet = api and units_of(at) == "us"

    @app.teardown_request
    def _nobody_reads(_: BaseException | None) -> None:
        read_on(None)


def _in_feet(value: Any) -> Any:
    if isinstance(value, str):
        return in_feet(value)
    if isinstance(value, dict):
        return {k: v if k in _TYPED else _in_feet(v) for k, v in value.items()}
    if isinstance(value, (list, tuple)):
        return [_in_feet(v) for v in value]
    return value
