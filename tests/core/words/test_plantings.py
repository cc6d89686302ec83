"""What people say of what stands there, and what is made of it."""

from __future__ import annotations

import datetime as dt
import json
from dataclasses import asdict
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.languages import grammars
from billhook.catalogue.wording import said as worded
from billhook.core.words.planting import Planting, understand_planting

DAY = dt.date(2027, 3, 24)
DATA = Path(__file__).parents[2] / "data"
ALWAYS = ("count", "species")


def read(name: str) -> list[dict]:
    return json.loads((DATA / name).read_text(encoding="utf-8"))


def understood(know, text: str, language: str = "en") -> Planting:
    return understand_planting(text, know, grammars(language), DAY)


def as_said(found: Planting) -> dict:
    return {
        "groups": [
            {k: v for k, v in asdict(g).items() if v is not None or k in ALWAYS}
            for g in found.groups
        ],
        "unread": list(found.unread),
        "asks": [[a.group, a.field] for a in found.asks],
    }


def test_forty_sentences_written_before_the_reader(know):
    """Not edited after: at least 38 of them are right in every field."""
    wrong = [
        s["text"]
        for s in read("plantings-before.json")
        if as_said(understood(know, s["text"])) != {k: s[k] for k in ("groups", "unread", "asks")}
    ]
    assert len(wrong) <= 2, wrong


@pytest.mark.parametrize("said", read("plantings.json"), ids=lambda s: s["text"])
def test_sentences_read_one_by_one_by_hand(know, said):
    expected = {k: said[k] for k in ("groups", "unread", "asks")}
    assert as_said(understood(know, said["text"])) == expected


@pytest.mark.parametrize("reads", ["es", "pt", "en"])
@pytest.mark.parametrize(
    "said", [*read("plantings-es.json"), *read("plantings-pt.json")], ids=lambda s: s["text"]
)
def test_spanish_and_portuguese_are_read_whatever_the_page_speaks(know, said, reads):
    expected = {k: said[k] for k in ("groups", "unread", "asks")}
    assert as_said(understood(know, said["text"], reads)) == expected


def test_what_is_asked_is_asked_in_the_readers_language(know):
    (asks,) = understood(know, "un naranjo de 4 años", "en").asks
    assert worded(asks.words, "en").startswith("Which orange")
    assert worded(asks.words, "es").startswith("¿Qué naranjo")


def test_languages_name_only_what_the_catalogue_holds_and_nothing_twice(know):
    for words in grammars():
        known = {f"{t}/{r}" for t in ("species", "cultivars", "rootstocks") for r in know.rows(t)}
        assert set(words.names) <= known
        said = [w for k, c in words.names.items() if "stocks" not in k for w in (*c.one, *c.many)]
        assert len(said) == len(set(said)), [w for w in said if said.count(w) > 1]


def test_accents_may_be_left_out(know):
    plain, accented = (understood(know, f"3 {limes} galegos") for limes in ("limoes", "limões"))
    assert plain.groups == accented.groups
    assert understood(know, "un limon de 2 anos").groups[0].age_years == 2


KINDS = (("lemon", "lemon"), ("mango", "mango"), ("avocado", "avocado"), ("loquat", "loquat"))
UNITS = (
    ("m", "height_m", 1.0),
    ("ft", "height_m", 0.3048),
    ("cm", "height_m", 0.01),
    ("litres", "pot_l", 1.0),
    ("gallons", "pot_l", 3.785411784),
    ("years old", "age_years", 1.0),
)
NUMBERS = st.integers(min_value=2, max_value=60)


@given(NUMBERS, st.sampled_from(UNITS), st.sampled_from(KINDS), st.booleans(), st.booleans())
def test_a_number_with_a_unit_is_never_a_count(know, n, unit, kind, first, comma):
    """In any order; and what is said is in its own field, in metres, litres or years."""
    word, field, factor = unit
    parts = [f"{n} {word}", kind[0]] if first else [kind[0], f"{n} {word}"]
    found = understood(know, (", " if comma else " ").join(parts))
    (group,) = found.groups
    assert group.count == 1
    assert group.species == kind[1]
    assert getattr(group, field) == pytest.approx(n * factor, abs=0.06)
    told = {k for k, v in asdict(group).items() if v is not None}
    entailed = {"pot_l": {"in_pot"}, "age_years": {"planted_year"}}.get(field, set())
    assert told == {"count", "species", field} | entailed  # nothing is filled in


@given(st.lists(st.tuples(NUMBERS, st.sampled_from(KINDS)), min_size=1, max_size=4))
def test_every_kind_that_is_counted_is_a_group(know, said):
    found = understood(know, " and ".join(f"{n} {name}s" for n, (name, _) in said))
    assert [(g.count, g.species) for g in found.groups] == [(n, kind) for n, (_, kind) in said]
    assert found.unread == ()


@given(st.text(max_size=60))
def test_whatever_is_typed_is_answered(know, text):
    found = understood(know, text)
    assert all(run in text for run in found.unread)


def test_short_words_are_not_bent_into_kinds(know):
    assert understood(know, "three trees").groups[0].species is None
    assert understood(know, "a line").groups[0].species is None
    assert understood(know, "4 lemmons").groups[0].species == "lemon"


def test_a_tree_that_drops_its_leaves_is_told_so(know):
    asks = {a.field: worded(a.words) for a in understood(know, "two plum trees").asks}
    assert "drops its leaves" in asks["species"]
    asks = {a.field: worded(a.words) for a in understood(know, "two jaboticaba trees").asks}
    assert "kind of your own" in asks["species"]
