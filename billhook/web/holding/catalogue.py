"""What is known, value by value."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...catalogue import catalogue_version, labels
from ...catalogue.languages import Term, glossary, languages
from ...catalogue.regions import regional
from ...catalogue.wording import said
from ...core.errors import invalid
from ...core.known import Knowledge, Known
from ...core.words.tongue import spoken, spoken_region
from ...core.words.values import Value, say
from ..answers import body as answer
from ..answers import here
from ..models.catalogue import CatalogueOut, CatalogueQuery, GlossaryOut, LanguagesOut

# tables whose rows others are about
ABOUT = ("species", "climates")

routes = APIBlueprint("holding_catalogue", __name__, url_prefix="/api")


def _named(know: Knowledge) -> Callable[[str], Value | None]:
    """What a value is said of, out of its id: the name of its row, or of the kind or climate that
    its row is about.
    """
    end = "/name"
    names = {k.id.removesuffix(end): know.row(k.id) for k in know if k.id.endswith(end)}

    def called(value_id: str) -> Value | None:
        table, _, rest = value_id.partition("/")
        row = rest.split("/")[0]
        return next((names[at] for t in (table, *ABOUT) if (at := f"{t}/{row}") in names), None)

    return called


def _shown(know: Knowledge, known: Known) -> Any:
    """A value as it is shown: words of the catalogue in the reader's language."""
    if isinstance(known.value, str):
        return said(know.row(known.id))
    return list(known.value) if isinstance(known.value, tuple) else known.value


@routes.get("/catalogue", responses={200: CatalogueOut})
def get_catalogue(query: CatalogueQuery) -> dict[str, Any]:
    """What is known, each value with unit, range and provenance."""
    called = _named(here().know)
    found = [k for k in here().know if k.id.startswith(query.prefix)]
    if query.prefix and not found:
        raise invalid("/prefix", say("bad-the-catalogue-holds-nothing-of-that"))
    return answer(
        CatalogueOut,
        {
            "version": catalogue_version(),
            "values": [
                {
                    **vars(k),
                    "of": called(k.id),
                    "sure": k.sure,
                    "value": _shown(here().know, k),
                    "says": labels.label(k, spoken()),
                    "unit": labels.unit(k, spoken()),
                    "rivals": labels.rivals(k, spoken()),
                    "source": labels.source(k, spoken()),
                }
                for k in found
            ],
        },
    )


@routes.get("/glossary", responses={200: GlossaryOut})
def get_glossary() -> dict[str, Any]:
    """Words of the trade, each explained in one sentence."""
    return answer(GlossaryOut, {"terms": [_term(t) for t in glossary(spoken())]})


def _term(term: Term) -> dict[str, Any]:
    """A word as the reader's region has it; it is still met as others say it."""

    def here_said(text: str) -> str:
        return regional(text, spoken(), spoken_region())

    met = (term.word, *term.also, *map(here_said, term.also))
    word = here_said(term.word)
    also = [m for m in dict.fromkeys(met) if m != word]
    return {"id": term.id, "word": word, "says": here_said(term.says), "also": also}


@routes.get("/languages", responses={200: LanguagesOut})
def get_languages() -> dict[str, Any]:
    """Languages a sheet can be printed in."""
    return answer(LanguagesOut, {"languages": languages()})
