"""Published safety figures against what they are published as, and the light law against its closed
form.
"""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core import safety
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.model import TRUNK, Cut
from billhook.core.light.inner import leaf_area_for, light_under, lower_light

# Heat index chart of the US National Weather Service, air and feels-like in °F by relative humidity
# (from memory, not consulted; ±1.5 °F).
CHART = [
    (90, 0.70, 105.9),
    (90, 0.50, 95),
    (100, 0.40, 109),
    (96, 0.60, 116),
    (86, 0.90, 105),
    (80, 0.40, 80),
    (110, 0.40, 136),
]


@pytest.mark.parametrize(("air_f", "humidity", "feels_f"), CHART)
def test_heat_index_follows_the_published_chart(air_f, humidity, feels_f):
    feels = safety.heat_index_c((air_f - 32) * 5 / 9, humidity) * 9 / 5 + 32
    assert feels == pytest.approx(feels_f, abs=1.5)


def test_heat_of_work_names_its_band(know):
    assert (
        safety.heat_of_work(know, 32.2, 0.7).band == "reschedule"
    )  # worked example: 41.1 °C, high
    assert safety.heat_of_work(know, 24, 0.5).band == "basic"
    assert safety.heat_of_work(know, 42, 0.5).band == "stop"


@given(st.floats(27, 42), st.floats(0.4, 0.8), st.floats(0.5, 4))
def test_warmer_never_feels_cooler(air, humidity, more):
    assert safety.heat_index_c(air + more, humidity) > safety.heat_index_c(air, humidity)


def test_ladder_and_line_as_published(know):
    ladder = safety.straight_ladder(know, 4.8)
    assert (ladder.foot_m, round(ladder.length_m, 2)) == (1.2, 4.95)
    assert "orchard tripod first" in said(ladder.reason).lower()
    assert (
        safety.line_clearance_m(know, 0.24) == 3.05
    )  # house service drop, planned for as any line
    assert safety.line_clearance_m(know, 115) == pytest.approx(3.70, abs=0.005)
    assert (safety.drop_zone_m(know, 1.0), safety.drop_zone_m(know, 4.0)) == (3.0, 6.0)


def test_light_by_its_closed_form_and_the_worked_example():
    assert light_under(5, 0.55) == pytest.approx(0.064, abs=0.0005)
    assert leaf_area_for(0.25, 0.55) == pytest.approx(2.52, abs=0.005)
    assert light_under(5 * 0.75**2, 0.55) == pytest.approx(0.213, abs=0.001)
    assert light_under(5 * 0.75**3, 0.55) == pytest.approx(0.313, abs=0.001)


@given(st.integers(0, 30))
def test_taking_leaf_above_lets_light_down(know, seed):
    frame = sketch_frame(3.2, 3.0, 110, habit(know, "rounded"), seed, 0.25)
    highest = max((x for x in frame.limbs if x.on == TRUNK), key=lambda x: x.rise_deg)
    found = lower_light(know, "mandarin", "citrus", frame, [Cut(highest.id, 0.0)])
    assert 0 < found.before <= found.after <= 1
    side = max((x for x in frame.limbs if x.on == highest.id), key=lambda x: x.rise_deg)
    lateral = lower_light(know, "mandarin", "citrus", frame, [Cut(side.id, 0.0)])
    assert found.before < lateral.after < found.after  # its leaf goes, not to the limb it grew on
    same = lower_light(know, "mandarin", "citrus", frame, [])
    assert same.before == same.after
