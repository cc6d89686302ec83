"""Every write is an act with an id made by whoever writes: sent twice, it is written once and
answered alike.

The id stands in the header ``Billhook-Act``, or in the body as ``id``; the answer to one with the
header names it. Without either the write is an act all the same, but nothing holds a second one
back.
"""

from __future__ import annotations

import logging
import re
import threading
from collections import OrderedDict
from contextlib import ExitStack
from dataclasses import dataclass
from typing import Any

from flask import Flask, Response, g, json, request
from sqlalchemy.exc import SQLAlchemyError

from ..catalogue.wording import said
from ..core.errors import BillhookError, refuse
from ..core.words.values import say
from ..services.book import taking_back
from ..services.holding.identity import of_this_holding
from ..store.acts import ID_TAKEN, Doing, doing, new_id, not_before
from .answers import here
from .door.names import SAFE
from .door.rights import NO_ACTS
from .door.signing import who_asks

_log = logging.getLogger("billhook")
ACT, DEVICE, HOLDING = "Billhook-Act", "Billhook-Device", "Billhook-Holding"
_UUID = re.compile(r"[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}")
_BESIDE = ("/api/calc/", "/api/demo", *(f"/api/{x}" for x in NO_ACTS))
_KEPT, _LOCKS = 256, 64
PARAMETER = {
    "name": ACT,
    "in": "header",
    "required": False,
    "description": "Id of this write, made by whoever writes: sent twice, it is written once.",
    "schema": {"type": "string", "format": "uuid", "pattern": f"^{_UUID.pattern}$"},
}


@dataclass(frozen=True)
class _Answer:
    kind: str
    status: int
    body: bytes
    mimetype: str


class _Answers:
    """The newest answers, so that one that was lost on the way can be given again."""

    def __init__(self) -> None:
        self._kept: OrderedDict[str, _Answer] = OrderedDict()
        self._lock = threading.Lock()
        self._going = [threading.Lock() for _ in range(_LOCKS)]

    def going(self, act_id: str) -> threading.Lock:
        """Held while an act goes on, so that the same one sent twice at once waits for the first
        one's answer.
        """
        return self._going[hash(act_id) % _LOCKS]

    def find(self, act_id: str) -> _Answer | None:
        with self._lock:
            return self._kept.get(act_id)

    def keep(self, act_id: str, answer: _Answer) -> None:
        with self._lock:
            self._kept[act_id] = answer
            while len(self._kept) > _KEPT:
                self._kept.popitem(last=False)


def _given_id() -> str | None:
    """The id that the request bears. Raises: InvalidInput for a header that is no UUID."""
    header = request.headers.get(ACT)
    if header is not None:
        refuse({f"/{ACT}": None if _UUID.fullmatch(header) else say("bad-must-be-a-uuid")})
        return header.lower()
    body = request.get_json(silent=True) if request.is_json else None
    found = body.get("id") if isinstance(body, dict) else None
    return found.lower() if isinstance(found, str) and _UUID.fullmatch(found) else None


def _writes() -> bool:
    """Whether a request changes what is kept; calculators do not."""
    path = request.path
    return request.method not in SAFE and path.startswith("/api/") and not path.startswith(_BESIDE)


def _words(act: Doing, response: Response) -> dict[str, str]:
    """What a write did, for the line that offers to take it back."""
    if act.seq is None or response.status_code >= 300:
        return {}
    try:
        return {"said": said(taking_back.said(here(), act.id).says)}
    except (BillhookError, SQLAlchemyError, KeyError):
        # it is written: that its words fail must not look as if it were not
        _log.exception("no words for %s", act.kind)
        return {}


def register(app: Flask) -> None:
    """Make every unsafe request an act."""
    answers = _Answers()

    @app.before_request
    def _begin() -> Response | None:
        who = who_asks()
        # where one signs in, who wrote it is kept of everything
        act_id = (_given_id() or (new_id() if who else None)) if _writes() else None
        if act_id is None:
            return None
        g.act_stack = ExitStack()
        g.act_stack.enter_context(answers.going(act_id))
        act = Doing(
            act_id,
            f"{request.method} {request.path}"[:200],
            request.headers.get(DEVICE, "")[:60],
            who.name if who else "",
        )
        known = answers.find(act_id)
        if known is not None:
            refuse({"/id": None if known.kind == act.kind else ID_TAKEN})
            return Response(known.body, known.status, mimetype=known.mimetype)
        with here().store.reading() as session:
            not_before(session, act)
        g.act = g.act_stack.enter_context(doing(act))
        if meant := request.headers.get(HOLDING):
            of_this_holding(here(), meant)
        return None

    @app.after_request
    def _name(response: Response) -> Response:
        act: Doing | None = g.get("act")
        if act is None:
            return response
        if request.headers.get(ACT) is not None and response.is_json:
            body: Any = response.get_json()
            if isinstance(body, dict):
                response.set_data(json.dumps(body | {"act": act.id} | _words(act, response)))
        if act.seq is not None and response.status_code < 300 and not response.is_streamed:
            answers.keep(
                act.id,
                _Answer(
                    act.kind,
                    response.status_code,
                    response.get_data(),
                    response.mimetype or "application/json",
                ),
            )
        return response

    @app.teardown_request
    def _end(_error: BaseException | None) -> None:
        stack: ExitStack | None = g.pop("act_stack", None)
        if stack is not None:
            stack.close()
