"""Sentences of the catalogue for who measures in feet."""

from __future__ import annotations

import pytest

from billhook.core.words.feet import in_feet


@pytest.mark.parametrize(
    ("metric", "feet"),
    [
        ("bank soil 30 to 60 cm over the union", 'bank soil 12" to 24" over the union'),
        ("75 to 100 mm of foam", '3" to 4" of foam'),
        ("die back another 0.1 to 0.5 m: plan", 'die back another 4" to 20" : plan'),
        ("3 m by 6 m", "9'10\" by 19'8\""),
        ("Over 10 years 31 kg are lost", "Over 10 years 68 lb are lost"),
        ("7 kg make 0.02 m³ of chips", "15 lb make 0.71 cu ft of chips"),
        ("0.03 litres of mix", "1 fl oz of mix"),
        ("a pot of 40 litres", "a pot of 11 gallons"),
        ("30 g of nitrogen", "1.1 oz of nitrogen"),
        ("from 12 Mar, 20 %, 15 minutes, F4", "from 12 Mar, 20 %, 15 minutes, F4"),
        ("row 12 mango", "row 12 mango"),
        ("5 m2 per litre", "54 sq ft per litre"),
        ("200 kg/m3", "200 kg/m3"),
        ("Frost of -3.1 °C is forecast", "Frost of 26 °F is forecast"),
        ("falls to minus 20 °C", "falls to −4 °F"),
        ("between 4 and 12 °C by morning", "between 39 and 54 °F by morning"),
        ("Off by 1.5 °C either way", "Off by 2.7 °F either way"),
        ("days over 20 °C, ±1.5 °C", "days over 68 °F, ±1.5 °C"),
    ],
)
def test_amounts_are_said_in_feet_and_the_rest_is_left(metric, feet):
    assert in_feet(metric) == feet.replace('" :', '":')


def test_amounts_of_other_languages_have_a_comma_and_their_own_words_between():
    """By hand: 30 °C are 86 °F."""
    here = "Cortar a {} m, dentro do verde."
    assert in_feet(here.format("0,45")) == in_feet(here.format("0.45")) != here.format("0.45")
    assert in_feet("de 2 a 3 m") == in_feet("de 2 to 3 m").replace(" to ", " a ")
    assert in_feet("Sente-se como 30 °C") == "Sente-se como 86 °F"
    assert "gallons" in in_feet("10 litros de água")
    assert in_feet("Um terço, 3 árvores") == "Um terço, 3 árvores"
