"""Droop of a loaded limb: a closed form, an independent integration, and a worked figure from
memory.
"""

from __future__ import annotations

from math import pi

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import quad

from billhook.core.errors import InvalidInput
from billhook.core.frame.droop import G, Pull, droop


def test_an_even_limb_agrees_with_the_closed_form(know):
    """Tip load on a cantilever: F L³ / (3 E I)."""
    found = droop(know, 2.0, 40, 40, 5, 1.0, 1.5, 0.3, 9)
    assert found.drop_m == pytest.approx(5 * G * 8 / (3 * 9e9 * pi * 0.04**4 / 64), rel=1e-5)


def test_worked_figure(know):
    """From memory: avocado limb 40 mm, 1.5 m, twelve fruit of 0.25 kg at the tip, 6.0 GPa: 43.9
    mm.
    """
    assert droop(know, 1.5, 40, 40, 3.0, 1.0, 1.2, 0.3, 6.0).drop_m == pytest.approx(
        0.0439, abs=0.0002
    )


@given(
    st.floats(0.5, 4), st.floats(15, 80), st.floats(0.1, 1), st.floats(0.1, 1), st.floats(0.5, 20)
)
def test_a_tapered_limb_agrees_with_scipy(know, length, base, taper, at, load):
    tip = max(5.0, base * taper)

    def part(s):
        d = (base + (tip - base) * s / length) / 1000
        return (at * length - s) * (length - s) / (9e9 * pi * d**4 / 64)

    wanted = load * G * quad(part, 0, at * length)[0]
    assert droop(know, length, base, tip, load, at, 1.5, 0.3, 9).drop_m == pytest.approx(
        wanted, rel=1e-4
    )


def test_a_pull_test_takes_the_moduluss_place(know):
    pulled = droop(know, 1.5, 30, 10, 4.0, 1.0, 1.0, 0.5, 9, Pull(2.0, 0.2))
    assert (pulled.method, pulled.drop_m) == ("pull_test", pytest.approx(0.4))
    assert pulled.tip_height_loaded_m == pytest.approx(0.6)
    assert (pulled.below_clearance, pulled.touches_ground, pulled.linear) == (False, False, True)
    heavy = droop(know, 1.5, 30, 10, 8.0, 1.0, 0.7, 0.5, 9, Pull(2.0, 0.2))
    assert (heavy.below_clearance, heavy.touches_ground, heavy.linear) == (True, True, False)
    assert "not-linear" in [r.code for r in heavy.reasons]
    with pytest.raises(InvalidInput):
        droop(know, 1.5, 30, 40, 8.0, 1.0, 0.7, 0.5, 9)
