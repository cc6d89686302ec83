"""While one history takes the place of another nobody reads half of it."""

from __future__ import annotations

import threading
import time

from billhook.services.gate import Gate


def test_who_is_within_is_waited_for_and_who_comes_waits():
    gate, seen = Gate(), []
    gate.enter()

    def swap() -> None:
        with gate.shut():
            seen.append("swap begins")
            time.sleep(0.05)
            seen.append("swap ends")

    def come() -> None:
        gate.enter()
        seen.append("came in")
        gate.leave()

    swapping = threading.Thread(target=swap)
    swapping.start()
    time.sleep(0.05)
    coming = threading.Thread(target=come)
    coming.start()
    time.sleep(0.05)
    assert seen == []  # one is within still
    gate.leave()
    swapping.join(5)
    coming.join(5)
    assert seen == ["swap begins", "swap ends", "came in"]


def test_it_opens_again_where_the_swap_fails():
    gate = Gate()
    try:
        with gate.shut():
            raise OSError("no room")
    except OSError:
        pass
    began = time.monotonic()
    gate.enter()
    assert time.monotonic() - began < 1
