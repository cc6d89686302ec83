"""Every error becomes a problem+json answer (RFC 9457), here and nowhere else."""

from __future__ import annotations

import logging
from typing import Any, cast

from flask import Flask, Response, jsonify, request
from pydantic import ValidationError
from werkzeug.exceptions import HTTPException

from ..catalogue.languages import heads
from ..catalogue.wording import said
from ..core.errors import BillhookError, FieldProblem, InvalidInput, UnknownKnowledge
from ..core.observed import measure
from ..core.words.tongue import spoken
from ..core.words.values import Value, in_units, say
from ..services.book.taking_back import NotKept, StandsOnIt
from ..services.door.signing import LastOwner
from ..services.holding.identity import OtherHolding
from ..store.acts import DoneAlready
from ..store.database import Busy, NotFound, StaleVersion
from ..store.full import CannotWrite
from .models.acts import ActSaidOut
from .models.base import Unfit
from .tongue import Asking

_log = logging.getLogger("billhook")

_PLAIN = {
    "missing": say("bad-field-missing"),
    "extra_forbidden": say("bad-field-unknown"),
    "float_type": say("bad-must-be-a-number"),
    "int_type": say("bad-must-be-a-whole-number"),
    "string_type": say("bad-must-be-text"),
    "bool_type": say("bad-must-be-true-or-false"),
    "list_type": say("bad-must-be-a-list"),
    "finite_number": say("bad-must-be-a-finite-number"),
    "model_attributes_type": say("bad-must-be-an-object"),
    "model_type": say("bad-must-be-an-object"),
    "dict_type": say("bad-must-be-an-object"),
    "int_from_float": say("bad-must-be-a-whole-number"),
    "string_pattern_mismatch": say("bad-not-in-that-form"),
    "string_too_short": say("bad-must-not-be-empty"),
}


def _says(error: dict[str, Any], field: str) -> Value:
    """What a pydantic error says, with the limits of its field."""
    kind, context = error["type"], error.get("ctx", {})
    if kind in _PLAIN:
        return _PLAIN[kind]
    match kind:
        case "greater_than_equal":
            return say("bad-at-least", low=measure(field, context["ge"]))
        case "less_than_equal":
            return say("bad-at-most", high=measure(field, context["le"]))
        case "greater_than":
            return say("bad-more-than", low=measure(field, context["gt"]))
        case "less_than":
            return say("bad-less-than", high=measure(field, context["lt"]))
        case "literal_error":
            return say("bad-must-be-one-of", known=context["expected"].replace(" or ", ", "))
        case "string_too_long":
            return say("bad-at-most-characters", most=context["max_length"])
        case "too_long":
            return say("bad-at-most-entries", most=context["max_length"])
        case "too_short":
            return say("bad-at-least-entries", least=context["min_length"])
    unfit = context.get("error")
    return unfit.says if isinstance(unfit, Unfit) else str(error["msg"])


def problems_of(error: ValidationError) -> list[FieldProblem]:
    """One problem per offending field, with a JSON pointer."""
    found: dict[str, Value] = {}
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
        found.setdefault(pointer, _says(dict(one), parts[-1] if parts else ""))
    return [FieldProblem(pointer, message) for pointer, message in found.items()]


def _worded(value: Value) -> str:
    return said(in_units(value, cast(Asking, request).units))


def _called(pointer: str) -> str:
    """A field as one says it, without the unit of its name."""
    name = pointer.rpartition("/")[2]
    return heads(spoken()).spoken(name.removesuffix("_id").removesuffix("_ids"))


def problem(
    status: int,
    title: Value,
    detail: Value = "",
    errors: list[FieldProblem] | None = None,
    current: dict[str, object] | None = None,
    more: dict[str, object] | None = None,
) -> Response:
    """A problem+json answer."""
    body: dict[str, Any] = {
        "type": "about:blank",
        "title": _worded(title),
        "status": status,
        "detail": _worded(detail),
    }
    body["errors"] = [
        {"pointer": e.pointer, "field": _called(e.pointer), "message": _worded(e.message)}
        for e in errors or []
    ]
    if current is not None:
        body["current"] = current
    body |= more or {}
    response = jsonify(body)
    response.status_code = status
    response.mimetype = "application/problem+json"
    return response


def validation_answer(error: ValidationError) -> Response:
    """The answer to a request that the models refuse."""
    return problem(422, say("problem-entries"), errors=problems_of(error))


def register(app: Flask) -> None:
    """Map every named error to its status."""
    _register_refusals(app)
    _register_conflicts(app)
    _register_failures(app)


def _register_refusals(app: Flask) -> None:
    """What was asked cannot be done as it was asked."""

    @app.errorhandler(InvalidInput)
    def _invalid(error: InvalidInput) -> Response:
        return problem(422, say("problem-entries"), errors=error.problems)

    @app.errorhandler(UnknownKnowledge)
    def _unknown(error: UnknownKnowledge) -> Response:
        return problem(422, say("problem-entries"), error.says, [FieldProblem("", error.says)])

    @app.errorhandler(NotFound)
    def _missing(error: NotFound) -> Response:
        return problem(404, say("problem-not-found"), error.says)

    @app.errorhandler(RecursionError)
    def _too_deep(error: RecursionError) -> Response:
        return problem(400, say("problem-not-json"), say("bad-nested-too-deeply"))

    @app.errorhandler(BillhookError)
    def _named(error: BillhookError) -> Response:
        return problem(400, say("problem-cannot-be-done"), error.says)


def _register_conflicts(app: Flask) -> None:
    """What was asked does not go with what is kept by now."""

    @app.errorhandler(StaleVersion)
    def _stale(error: StaleVersion) -> Response:
        return problem(409, say("problem-changed"), error.says, current=error.current)

    @app.errorhandler(DoneAlready)
    def _done(error: DoneAlready) -> Response:
        return problem(
            409,
            say("bad-taken-already"),
            say("bad-look-at-the-page-anew"),
            more={"taken": True, "act": error.act_id},
        )

    @app.errorhandler(StandsOnIt)
    def _stands(error: StandsOnIt) -> Response:
        later = [ActSaidOut.model_validate(a).model_dump(mode="json") for a in error.acts]
        return problem(409, say("bad-stands-on-it"), more={"stands_on": later})

    @app.errorhandler(OtherHolding)
    def _elsewhere(error: OtherHolding) -> Response:
        return problem(409, say("problem-other-holding"), error.says)

    @app.errorhandler(LastOwner)
    def _last(error: LastOwner) -> Response:
        return problem(409, say("problem-last-owner"), error.says)

    @app.errorhandler(NotKept)
    def _not_kept(error: NotKept) -> Response:
        return problem(409, say("problem-not-kept"), error.says)


def _register_failures(app: Flask) -> None:
    """What was asked may well be right and could not be answered."""

    @app.errorhandler(Busy)
    def _busy(error: Busy) -> Response:
        answer = problem(503, say("problem-busy"), error.says)
        answer.headers["Retry-After"] = "3"
        return answer

    @app.errorhandler(CannotWrite)
    def _full(error: CannotWrite) -> Response:
        return problem(507, say("problem-not-written"), error.says)

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
        return problem(500, say("problem-our-side"), say("bad-try-again"))
