"""The application factory: API, its description, and the built front end."""

from __future__ import annotations

from typing import Any

from flask import g, jsonify, request
from flask_compress import Compress
from flask_openapi.models.info import Info
from flask_openapi.openapi import OpenAPI

from .. import __version__
from ..catalogue.wording import bundle
from ..core.words.tongue import FIRST
from ..services.workplace import Workplace
from . import acts, errors, pages, reading, tongue
from .door import names, own, signing
from .limits import most_bytes
from .models.shared import Problem
from .routes import BLUEPRINTS

_ERRORS = {
    "400": "Not readable as JSON",
    "401": "Nobody is signed in",
    "403": "Not a name or a page of Billhook's, or not for this person",
    "429": "Too many wrong PINs",
    "503": "Others are writing; try again",
    "404": "Not found",
    "409": "Changed by someone else",
    "507": "The disk takes nothing",
    "422": "Some entries cannot be used",
}

_KINDS = {
    "geojson": "application/geo+json",
    "ics": "text/calendar",
    "jpg": "image/jpeg",
    "pdf": "application/pdf",
    "xlsx": "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
    "zip": "application/zip",
}


def create_app(at: Workplace) -> OpenAPI:
    """A Flask application on a workplace; nothing happens at import."""
    app = OpenAPI(
        "billhook",
        info=Info(
            title="Billhook",
            version=__version__,
            description="Pruning decisions for evergreen subtropical fruit trees.",
        ),
        doc_ui=False,
        validation_error_callback=errors.validation_answer,
        static_folder=None,
    )
    # every write says what it did: the words are read now, not while the first one waits
    bundle(FIRST)
    app.openapi_version = "3.1.0"
    app.config["COMPRESS_STREAMS"] = False
    app.extensions["billhook"] = at
    Compress(app)
    errors.register(app)
    tongue.register(app)
    names.register(app, at.settings)
    signing.register(app, at.settings)
    for blueprint in BLUEPRINTS:
        app.register_api(blueprint)

    @app.before_request
    def _go_in() -> None:
        at.gate.enter()
        g.within = True

    @app.teardown_request
    def _go_out(_: BaseException | None) -> None:
        if g.pop("within", False):
            at.gate.leave()

    @app.before_request
    def _room() -> None:
        request.max_content_length = most_bytes(at, request.path)

    @app.before_request
    def _readable_json() -> None:
        # broken JSON must be refused by name, not read as an empty body
        if (
            request.routing_exception is None
            and request.method in ("POST", "PUT", "PATCH")
            and request.content_length
            and not request.path.startswith("/api/photos/")
        ):
            request.get_json()

    own.register(app)
    reading.register(app, at)
    acts.register(app)
    app.add_url_rule("/api/openapi.json", "openapi", lambda: jsonify(api_description(app)))
    app.add_url_rule("/authority.pem", "authority", pages.authority)
    app.add_url_rule("/assets/<path:name>", "assets", pages.asset)
    app.add_url_rule("/", "page", pages.page)
    app.add_url_rule("/<path:name>", "file", pages.page)
    return app


def api_description(app: OpenAPI) -> dict[str, Any]:
    """The OpenAPI 3.1 document: bodies from the models that validate, every error as problem+json,
    lists as CSV.
    """
    document: dict[str, Any] = app.api_doc
    schemas = document["components"]["schemas"]
    problem = Problem.model_json_schema(ref_template="#/components/schemas/{model}")
    schemas.update(problem.pop("$defs"))
    schemas["Problem"] = problem
    schemas.pop("ValidationErrorModel", None)
    document["components"]["parameters"] = {"Act": acts.PARAMETER}
    for path, operations in document["paths"].items():
        for method, operation in operations.items():
            if method.upper() not in names.SAFE and not path.startswith("/api/calc/"):
                operation.setdefault("parameters", []).append(
                    {"$ref": "#/components/parameters/Act"}
                )
            responses = operation.setdefault("responses", {})
            if not any(status.startswith("2") for status in responses):
                kind = _KINDS.get(path.rsplit(".", 1)[-1], "text/csv")
                responses["200"] = {
                    "description": "A list",
                    "content": {kind: {"schema": {"type": "string"}}},
                }
            for status, meaning in _ERRORS.items():
                responses[status] = {
                    "description": meaning,
                    "content": {
                        "application/problem+json": {
                            "schema": {"$ref": "#/components/schemas/Problem"}
                        }
                    },
                }
    return document
