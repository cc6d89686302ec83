"""Words that change from region to region."""

from __future__ import annotations

import re
from importlib.resources import files

import pytest

from billhook.catalogue.languages import languages
from billhook.catalogue.regions import choices, chosen_of, regional
from billhook.catalogue.wording import said
from billhook.core.words.tongue import FIRST, speak
from billhook.core.words.values import say

FOLDER = files("billhook.catalogue") / "languages"
OTHERS = [found.code for found in languages() if choices(found.code)]


def spoken_text(code: str) -> str:
    folder = FOLDER / code
    names = (*folder.iterdir(), *(folder / "pages").iterdir())
    return "".join(f.read_text(encoding="utf-8") for f in names if f.name.endswith(".ftl")).lower()


@pytest.mark.parametrize("code", OTHERS)
def test_each_choice_is_of_a_word_that_is_said_and_its_forms_are_alike(code):
    text = spoken_text(code)
    for name, forms in choices(code).items():
        assert re.fullmatch(r"[a-z-]+", name)
        assert len(forms) > 1
        assert {len(form) for form in forms} == {len(forms[0])}
        assert any(word in text for word in forms[0]), name


def test_words_are_changed_whole_and_as_they_are_written():
    text = "Chupón: los chupones del chuponero; un MAMÓN."
    assert regional(text, "es", "chupon.2") == "Retoño: los retoños del chuponero; un Retoño."
    assert regional(text, "es", "chupon.0") == text
    for odd in ("", "x.1", "chupon.9", "chupon.-1", "chupon", "__", "chupon.1.2"):
        assert regional(text, "es", odd) == text
    assert regional("rebento", "es", "rebento.1") == "rebento"  # of another language
    # whatever a browser sends, there are no more ways of saying than the table has
    assert chosen_of("es", "patron.1_x.3_chupon.2_chupon.9_") == "chupon.2_patron.1"
    assert chosen_of("es", "chupon.²_" * 40) == ""


def test_what_somebody_typed_stays_as_it_is():
    speak("es", "fila.1")
    try:
        words = said(say("row-of-block", block="La fila larga", row="3"))
    finally:
        speak(FIRST)
    assert words == "La fila larga, hilera 3"
    assert said(say("row-of-block", block="Alto", row="3"), "es") == "Alto, fila 3"
