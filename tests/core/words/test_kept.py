"""What was said comes back from the record as it was."""

from __future__ import annotations

import datetime as dt
import json

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.words.values import (
    Capital,
    Clause,
    Compass,
    Cultivar,
    Diameter,
    Length,
    Listed,
    MonthOf,
    Part,
    Phrase,
    Rounded,
    Row,
    Saying,
    Share,
    Weight,
    in_units,
    listed,
    of_plain,
    plain,
    say,
)

NUMBER = st.floats(0, 100, allow_nan=False)
LEAVES = st.one_of(
    st.text(max_size=8),
    st.integers(0, 99),
    st.dates(),
    st.builds(Length, NUMBER),
    st.builds(Diameter, NUMBER),
    st.builds(Weight, NUMBER),
    st.builds(Share, NUMBER),
    st.builds(Rounded, NUMBER, st.integers(0, 2)),
    st.builds(Compass, NUMBER),
    st.builds(MonthOf, st.dates()),
)


def _grown(inner: st.SearchStrategy) -> st.SearchStrategy:
    values = st.dictionaries(st.sampled_from("abc"), inner, max_size=2)
    named = values.map(lambda found: tuple(found.items()))
    return st.one_of(
        st.builds(Phrase, st.just("ask-how-many"), named),
        st.builds(Row, st.just("wood/x"), st.text(max_size=5), named),
        st.lists(inner, max_size=2).map(listed),
        st.builds(Capital, inner),
        st.builds(Clause, inner),
        st.builds(Part, inner, st.just("|"), st.just(0)),
        st.builds(Cultivar, st.text(max_size=4), inner, inner),
    )


@given(st.recursive(LEAVES, _grown, max_leaves=6))
def test_every_saying_comes_back_from_its_data(value):
    assert of_plain(json.loads(json.dumps(plain(value)))) == value


def test_every_kind_of_saying_is_tried_here():
    tried = {Length, Diameter, Weight, Share, Rounded, Compass, MonthOf, Phrase, Row, Listed}
    tried |= {Capital, Clause, Part, Cultivar}
    assert {kind.__name__ for kind in Saying.__subclasses__() if kind not in tried} == {"Crops"}


@pytest.mark.parametrize("data", [{"nothing": {}}, {"day": "soon"}, {"length": {"mile": 1}}])
def test_data_of_no_saying_is_refused(data):
    with pytest.raises((KeyError, TypeError, ValueError)):
        of_plain(data)


def test_measures_within_a_sentence_are_said_in_feet():
    inner = listed([Length(1), dt.date(2027, 3, 24), say("ask-pot-size", of=Weight(2))])
    found = in_units(say("bad-between", low=Diameter(5), high=inner), "us")
    assert found == say(
        "bad-between",
        low=Diameter(5, "us"),
        high=listed(
            [Length(1, "us"), dt.date(2027, 3, 24), say("ask-pot-size", of=Weight(2, "us"))]
        ),
    )
