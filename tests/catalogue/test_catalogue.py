"""The catalogue is complete, and its loader refuses what is not."""

from __future__ import annotations

import pytest

from billhook.catalogue import CatalogueError, catalogue_version
from billhook.catalogue.loader import PROVENANCES, read_catalogue
from billhook.core.errors import UnknownKnowledge
from billhook.core.frame.generator import habit
from billhook.core.season.budget import own_limit
from billhook.core.season.model import FREE_WORK, WORKS, TreeState

GOOD = {"value": "5", "unit": '"m"', "range": "[1, 9]", "says": '"x"', "provenance": '"our rule"'}


def toml(**change: str) -> str:
    entry = GOOD | change
    return '[value."a/b"]\n' + "\n".join(f"{k} = {v}" for k, v in entry.items() if v)


def test_every_value_can_be_opened(know):
    values = list(know)
    assert len(values) > 400
    for known in values:
        assert known.provenance in PROVENANCES
        assert known.says
        if known.provenance == "published":
            assert "not consulted" in known.source
        if isinstance(known.value, (int, float)):
            assert known.low <= known.value <= known.high


def test_rows_hang_together(know):
    for species in know.rows("species"):
        assert habit(know, know.text(f"species/{species}/habit")).scaffolds >= 3
        for work in WORKS:
            if work not in FREE_WORK:
                assert own_limit(TreeState(species, 2000), work, 20, know) > 0
    for cultivar in know.rows("cultivars"):
        assert know.text(f"cultivars/{cultivar}/species") in know.rows("species")
    for climate in know.rows("climates"):
        assert len(know.numbers(f"climates/{climate}/tmin")) == 12
        assert all(
            a < b
            for a, b in zip(
                know.numbers(f"climates/{climate}/tmin"),
                know.numbers(f"climates/{climate}/tmax"),
                strict=True,
            )
        )


@pytest.mark.parametrize(
    ("change", "complaint"),
    [
        ({"unit": ""}, "lacks unit"),
        ({"provenance": ""}, "lacks provenance"),
        ({"provenance": '"hearsay"'}, "provenance must be"),
        ({"provenance": '"published"'}, "needs its source"),
        ({"range": ""}, "needs a range"),
        ({"value": "10"}, "outside"),
        ({"value": "[2, 10]"}, "outside"),
        ({"colour": '"red"'}, "unknown key"),
        ({"value": "true"}, "must be a number"),
        ({"value": '"blue"', "one_of": '["red"]'}, "not one of"),
    ],
)
def test_the_loader_refuses(change, complaint):
    assert read_catalogue("t", toml())["a/b"].value == 5
    with pytest.raises(CatalogueError, match=complaint):
        read_catalogue("t", toml(**change))


def test_unknown_ids_and_wrong_kinds_are_named_errors(know):
    with pytest.raises(UnknownKnowledge, match="no/such"):
        know.number("no/such")
    with pytest.raises(TypeError):
        know.number("species/mango/name")
    assert len(catalogue_version()) == 12
