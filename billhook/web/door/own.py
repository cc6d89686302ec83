"""A helper who has rows of their own is shown those: what lies in other rows is not theirs to ask
for. What is worked out for a tree rests on all its neighbours, whoever asks.
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import Any

from flask import Flask, Response, g, request

from ...core.words.values import say
from ...services.holding.own_rows import Own, Rows, not_theirs, own_of
from ..answers import here
from ..errors import problem
from .rights import least
from .signing import call_made, who_asks

_ID = re.compile(r"[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}", re.IGNORECASE)
_OF_SOMEBODY = re.compile(r"/api/people/([^/]+)/")


def own() -> Own | None:
    """What is theirs of who asks, and all they are shown; None: all there is."""
    found: Own | None = g.get("own")
    return found


def own_rows() -> Rows | None:
    """Of :func:`own` the rows."""
    theirs = own()
    return theirs.rows if theirs else None


def register(app: Flask) -> None:
    """Note what is theirs of each who asks, and refuse what is not."""

    @app.before_request
    def _theirs_alone() -> Response | None:
        who, call = who_asks(), call_made()
        if who is None or who.role != "helper" or call is None:
            return None
        theirs = g.own = own_of(here(), who.name)
        if theirs is None:
            return None
        somebody = _OF_SOMEBODY.match(request.path)
        other = somebody is not None and somebody[1] != theirs.person_id
        if other or not_theirs(here(), _named(), theirs.rows, writes=least(call) != "viewer"):
            said = say("bad-not-your-rows")
            return problem(403, say("problem-not-your-rows"), said)
        return None


def _named() -> set[str]:
    """Every id in what is asked."""
    found = {i for text in (request.path, *request.args.values()) for i in _ID.findall(text)}
    found = {i.lower() for i in found}
    return found | set(_in(request.get_json(silent=True) if request.is_json else None))


def _in(body: Any) -> Iterator[str]:
    left = [body]
    while left:
        value = left.pop()
        if isinstance(value, str) and _ID.fullmatch(value):
            yield value.lower()
        elif isinstance(value, dict):
            left += value.values()
        elif isinstance(value, list):
            left += value
