"""Every error becomes a problem+json answer (RFC 9457), here and nowhere else."""

from __future__ import annotations

import logging
from typing import Any

from flask import Flask, Response, jsonify
from pydantic import ValidationError
from werkzeug.exceptions import HTTPException

from ..core.errors import BillhookError, FieldProblem, InvalidInput, UnknownKnowledge
from ..services.book.taking_back import NotKept, StandsOnIt
from ..services.door.signing import LastOwner
from ..services.holding.identity import OtherHolding
from ..store.acts import DoneAlready
from ..store.database import Busy, NotFound, StaleVersion
from ..store.full import CannotWrite
from .models.acts import ActSaidOut

_log = logging.getLogger("billhook")

_PLAIN = {
    "missing": "is missing",
    "extra_forbidden": "is not known here",
    "float_type": "must be a number",
    "int_type": "must be a whole number",
    "string_type": "must be text",
    "bool_type": "must be true or false",
    "list_type": "must be a list",
    "finite_number": "must be a finite number",
    "model_attributes_type": "must be an object",
    "model_type": "must be an object",
    "dict_type": "must be an object",
    "int_from_float": "must be a whole number",
    "string_pattern_mismatch": "is not in the form that is expected",
}


def _sentence(error: dict[str, Any]) -> str:
    """A pydantic error in plain words that name the limits."""
    kind, context = error["type"], error.get("ctx", {})
    if kind in _PLAIN:
        return _PLAIN[kind]
    limits = {
        "greater_than_equal": ("ge", "at least"),
        "less_than_equal": ("le", "at most"),
        "greater_than": ("gt", "more than"),
        "less_than": ("lt", "less than"),
    }
    if kind in limits:
        key, words = limits[kind]
        return f"must be {words} {context[key]:g}"
    if kind == "literal_error":
        return f"must be one of {context['expected']}".replace(" or ", ", ")
    if kind == "string_too_long":
        return f"must be at most {context['max_length']} characters long"
    if kind == "string_too_short":
        return "must not be empty"
    if kind == "too_long":
        return f"must hold at most {context['max_length']} entries"
    if kind == "too_short":
        return f"must hold at least {context['min_length']} entries"
    if kind == "value_error":
        return str(context.get("error", error["msg"]))
    return str(error["msg"])


def problems_of(error: ValidationError) -> list[FieldProblem]:
    """One problem per offending field, with a JSON pointer."""
    found: dict[str, str] = {}
    for one in error.errors(include_url=False):
        parts = [
            str(p)
            for p in one["loc"]
            if not (
                isinstance(p, str)
                and (p.endswith("]") or p in ("Number", "constrained-str", "constrained-float"))
            )
        ]
        pointer = "".join("/" + p.replace("~", "~0").replace("/", "~1") for p in parts)
        found.setdefault(pointer, _sentence(dict(one)))
    return [FieldProblem(pointer, message) for pointer, message in found.items()]


def problem(
    status: int,
    title: str,
    detail: str = "",
    errors: list[FieldProblem] | None = None,
    current: dict[str, object] | None = None,
    more: dict[str, object] | None = None,
) -> Response:
    """A problem+json answer."""
    body: dict[str, Any] = {
        "type": "about:blank",
        "title": title,
        "status": status,
        "detail": detail,
    }
    body["errors"] = [{"pointer": e.pointer, "message": e.message} for e in errors or []]
    if current is not None:
        body["current"] = current
    body |= more or {}
    response = jsonify(body)
    response.status_code = status
    response.mimetype = "application/problem+json"
    return response


def validation_answer(error: ValidationError) -> Response:
    """The answer to a request that the models refuse."""
    return problem(422, "Some entries cannot be used.", errors=problems_of(error))


def register(app: Flask) -> None:
    """Map every named error to its status."""
    _register_refusals(app)
    _register_conflicts(app)
    _register_failures(app)


def _register_refusals(app: Flask) -> None:
    """What was asked cannot be done as it was asked."""

    @app.errorhandler(InvalidInput)
    def _invalid(error: InvalidInput) -> Response:
        return problem(422, "Some entries cannot be used.", errors=error.problems)

    @app.errorhandler(UnknownKnowledge)
    def _unknown(error: UnknownKnowledge) -> Response:
        return problem(
            422, "Some entries cannot be used.", str(error), [FieldProblem("", str(error))]
        )

    @app.errorhandler(NotFound)
    def _missing(error: NotFound) -> Response:
        return problem(404, "Not found.", str(error))

    @app.errorhandler(RecursionError)
    def _too_deep(error: RecursionError) -> Response:
        return problem(400, "Not readable as JSON.", "It is nested too deeply.")

    @app.errorhandler(BillhookError)
    def _named(error: BillhookError) -> Response:
        return problem(400, "That cannot be done.", str(error))


def _register_conflicts(app: Flask) -> None:
    """What was asked does not go with what is kept by now."""

    @app.errorhandler(StaleVersion)
    def _stale(error: StaleVersion) -> Response:
        return problem(409, "Changed by someone else.", str(error), current=error.current)

    @app.errorhandler(DoneAlready)
    def _done(error: DoneAlready) -> Response:
        return problem(
            409,
            "That was taken already.",
            "It is written down; look at the page anew.",
            more={"taken": True, "act": error.act_id},
        )

    @app.errorhandler(StandsOnIt)
    def _stands(error: StandsOnIt) -> Response:
        later = [ActSaidOut.model_validate(a).model_dump(mode="json") for a in error.acts]
        return problem(409, "Later work stands on it.", more={"stands_on": later})

    @app.errorhandler(OtherHolding)
    def _elsewhere(error: OtherHolding) -> Response:
        return problem(409, "That belongs to another holding.", str(error))

    @app.errorhandler(LastOwner)
    def _last(error: LastOwner) -> Response:
        return problem(409, "The last owner stays.", str(error))

    @app.errorhandler(NotKept)
    def _not_kept(error: NotKept) -> Response:
        return problem(409, "That cannot be taken back.", str(error))


def _register_failures(app: Flask) -> None:
    """What was asked may well be right and could not be answered."""

    @app.errorhandler(Busy)
    def _busy(error: Busy) -> Response:
        answer = problem(503, "Busy.", str(error))
        answer.headers["Retry-After"] = "3"
        return answer

    @app.errorhandler(CannotWrite)
    def _full(error: CannotWrite) -> Response:
        return problem(507, "Not written.", str(error))

    @app.errorhandler(HTTPException)
    def _http(error: HTTPException) -> Response:
        answer = problem(error.code or 500, error.name, error.description or "")
        for name, value in error.get_headers():
            if name == "Allow":
                answer.headers[name] = value
        return answer

    @app.errorhandler(Exception)
    def _unforeseen(error: Exception) -> Response:
        _log.exception("unforeseen error")
        return problem(
            500, "Something went wrong on our side.", "Nothing you entered is lost; try again."
        )
