"""PINs as they are kept: never with less than is asked for, with more on a quick machine."""

from __future__ import annotations

import re

from argon2 import PasswordHasher

from billhook.services.door.pins import Pins, passes

PIN = "oliva 88"


def test_a_slow_machine_makes_the_least_passes_and_a_quick_one_more_but_not_endlessly():
    assert [passes(s) for s in (2.0, 0.04, 0.02, 0.0001)] == [2, 2, 5, 12]


def test_what_is_kept_opens_to_its_own_pin_alone_and_never_has_less_than_two_passes_of_19_mib():
    pins = Pins()
    kept = pins.kept(PIN)
    found = re.match(r"\$argon2id\$v=19\$m=(\d+),t=(\d+),p=1\$", kept)
    assert found is not None
    assert int(found[1]) >= 19 * 1024
    assert int(found[2]) >= 2
    assert pins.is_right(kept, PIN)
    assert not any(pins.is_right(k, PIN) for k in (None, pins.kept("oliva 89"), "no such thing"))


def test_one_kept_by_a_slower_machine_is_known_and_outgrown():
    pins = Pins()
    weak = PasswordHasher(time_cost=1, memory_cost=8 * 1024, parallelism=1).hash(PIN)
    assert pins.is_right(weak, PIN)
    assert pins.outgrown(weak)
    assert not pins.outgrown(pins.kept(PIN))
    strong = PasswordHasher(time_cost=13, memory_cost=19 * 1024, parallelism=1).hash(PIN)
    assert not pins.outgrown(strong)  # nothing is kept weaker than it was
    assert pins.is_right(strong, PIN)
