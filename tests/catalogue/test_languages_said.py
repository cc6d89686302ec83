"""Languages besides the first: what each says takes the same values, what it lacks is said in
English, and numbers, days and winds are its own.
"""

from __future__ import annotations

import datetime as dt
import re
import shutil
from pathlib import Path

import pytest
from fluent.syntax import ast as fluent
from fluent.syntax import parse

import billhook
from billhook.catalogue.beginning import begin
from billhook.catalogue.labels import label, source, unit
from billhook.catalogue.languages import languages
from billhook.catalogue.wording import lacks, rows, said
from billhook.core.season.rules import rules_of
from billhook.core.words.dates import read_on
from billhook.core.words.kinds import kind_called
from billhook.core.words.prices import crop_words
from billhook.core.words.tongue import FIRST, speak
from billhook.core.words.values import (
    Compass,
    Crops,
    Diameter,
    Length,
    MonthOf,
    Rounded,
    Row,
    Share,
    Weight,
    say,
)

from .test_wording import messages_of

FOLDER = Path(billhook.__file__).parent / "catalogue/languages"
OTHERS = [found.code for found in languages() if found.code != FIRST]
DAY = dt.date(2026, 11, 25)
HOLE = re.compile(r"\{[^{}]*\}")


@pytest.mark.parametrize("code", OTHERS)
def test_every_message_of_a_language_is_one_of_the_first_with_the_same_values(code):
    first, theirs = messages_of(FOLDER / FIRST), messages_of(FOLDER / code)
    assert theirs
    assert {name: first.get(name) for name in theirs} == theirs
    assert {x for x in lacks(code) if "/" not in x} == set(first) - set(theirs)
    assert lacks(FIRST) == ()


@pytest.mark.parametrize("code", OTHERS)
def test_a_language_chooses_among_the_same_cases(code):
    """Of words that code gives; plurals are each language's own."""

    def cases(language):
        found = {}
        for file in (FOLDER / language).glob("*.ftl"):
            for entry in parse(file.read_text(encoding="utf-8")).body:
                if not isinstance(entry, fluent.Message) or entry.value is None:
                    continue
                for part in entry.value.elements:
                    if isinstance(part, fluent.Placeable) and isinstance(
                        part.expression, fluent.SelectExpression
                    ):
                        keys = {getattr(v.key, "name", "") for v in part.expression.variants}
                        if not keys & {"one", "other"}:
                            found[entry.id.name] = keys
        return found

    first = cases(FIRST)
    assert {name: first.get(name) for name in cases(code)} == cases(code)


def test_what_a_language_lacks_is_said_in_the_first(tmp_path, monkeypatch):
    shutil.copytree(FOLDER / FIRST, tmp_path / FIRST)
    begin("fr", tmp_path)
    (tmp_path / "fr/more.ftl").write_text("nothing = rien\n", encoding="utf-8")
    monkeypatch.setattr("billhook.catalogue.wording._FOLDER", tmp_path)
    wording = say("wall-for-the-saw", thick=2)
    assert "wall-for-the-saw" in lacks("fr")
    assert said(wording, "fr") == said(wording)
    assert said(say("nothing"), "fr") == "rien"


def test_a_language_that_is_offered_lacks_nothing():
    assert not any(lacks(found.code) for found in languages() if found.whole)


def test_numbers_days_and_winds_as_a_language_writes_them():
    """Worked by hand."""
    assert [said(x, "es") for x in (Length(1.4), Weight(3.2), Share(0.061), Rounded(2.5, 1))] == [
        "1,40 m",
        "3,2 kg",
        "6,1 %",
        "2,5",
    ]
    assert [said(x, "pt") for x in (Diameter(27), Length(3.048, "us"), 1.25, 1200)] == [
        "27 mm",
        "10'0\"",
        "1,25",
        "1200",
    ]
    assert [said(Compass(225), code) for code in ("en", "es", "pt")] == [
        "south-west",
        "sudoeste",
        "sudoeste",
    ]
    assert said(DAY, "es") == "25 nov 2026"
    assert said(DAY, "pt") == "25 nov 2026"
    assert said(MonthOf(DAY), "es") == "nov 2026"
    read_on(DAY)
    try:
        assert said(DAY, "es") == "25 nov"
    finally:
        read_on(None)


def test_crops_are_said_in_every_language_by_the_same_steps():
    prices = [0.0, 0.05, 0.1, 0.2, 0.25, 0.33, 0.5, 0.66, 0.8, 1.0, 1.2]
    assert [said(Crops(p)) for p in prices] == [crop_words(p) for p in prices]
    for code in OTHERS:
        assert len({said(Crops(p), code) for p in prices}) == len(prices)
    assert said(Crops(1.2), "pt") == "1,2 colheitas"


def test_what_is_spoken_holds_until_another_is():
    act = say("act-post-trees-sheets", of="Baixo 3·3")
    speak("pt")
    try:
        assert said(act) == "Folha para Baixo 3·3 feita"
        assert said(act, FIRST) == "Sheet for Baixo 3·3 made"
    finally:
        speak(FIRST)
    assert said(act) == "Sheet for Baixo 3·3 made"


@pytest.mark.parametrize("code", OTHERS)
def test_words_of_the_catalogue_in_another_language_have_the_same_holes(code, know):
    rules = {f"rule/{r.text.id}": r.text.says for r in rules_of(know)}
    theirs = rows(code)
    for known_id, words in theirs.items():
        first = rules.get(known_id) or know.text(known_id)
        assert set(HOLE.findall(words)) == set(HOLE.findall(first)), known_id
        assert words != first, known_id
    assert set(rules) <= set(theirs)
    assert {f"practice-roles/{r}/why" for r in know.rows("practice-roles")} <= set(theirs)


def test_a_rule_s_sentence_is_said_in_another_language_with_its_dates():
    row = Row("rule/carry-in", "Nights reach what this kind bears.")
    assert said(row, "pt") == "As noites chegam ao que esta espécie aguenta."
    hole = "on(@windows/storms-from)"
    row = Row("rule/storm-season", "", ((hole, DAY),))
    assert "antes del 25 nov 2026," in said(row, "es")


def test_a_kind_is_named_as_the_tongue_has_it(know):
    told = [kind_called(know, *k) for k in (("avocado", "hass"), ("meyer-lemon", "improved-meyer"))]
    assert [said(k) for k in told] == ["Hass avocado", "Improved Meyer lemon"]
    assert [said(k, "es") for k in told] == ["Aguacate Hass", "Limonero Improved Meyer"]
    assert [said(k, "pt") for k in told] == ["Abacateiro Hass", "Limoeiro Improved Meyer"]


ALIKE = {
    *("", "m", "mm", "km", "kg", "h", "s", "min", "L", "K", "°C", "kV", "MB", "bits", "GPa", "MPa"),
    *("kg/m3", "m/min", "m/kV", "min/cm2"),
}
"""Units that every language writes alike."""


@pytest.mark.parametrize("code", [found.code for found in languages() if found.whole][1:])
def test_what_is_known_is_labelled_in_every_language(know, code):
    values = [k for k in know if not k.id.startswith("rule/")]
    assert [k.says for k in values if label(k, code) == k.says] == []
    assert {k.unit for k in values if unit(k, code) == k.unit} <= ALIKE
    opened = [k for k in know if k.id.startswith("rule/")]
    assert [k.id for k in opened if said(label(k, code), code) == k.says] == []
    assert len(opened) > 90
    assert not [k.id for k in know if "consulted" in (source(k, code) or "")]
    assert label(values[0], FIRST) == values[0].says
