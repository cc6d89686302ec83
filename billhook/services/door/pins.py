"""PINs as they are kept: by argon2id, never with less than OWASP asks for (from memory: 19 MiB, two
passes, one lane), with more passes where the machine is quick.
"""

from __future__ import annotations

import secrets
import threading
import time
from functools import cached_property

from argon2 import PasswordHasher, extract_parameters
from argon2.exceptions import InvalidHashError, VerificationError

PIN_LEAST, PIN_MOST = 6, 128
LEAST_PASSES, MOST_PASSES = 2, 12
AIM_SECONDS = 0.1
"""A quarter of what somebody who signs in should wait for."""
_KIB = 19 * 1024
_AT_ONCE = 2
"""Each takes 19 MiB while it goes on."""


def passes(seconds_of_one: float) -> int:
    """How many are made where one takes so long."""
    return max(LEAST_PASSES, min(MOST_PASSES, int(AIM_SECONDS / seconds_of_one)))


def _hasher(count: int) -> PasswordHasher:
    return PasswordHasher(time_cost=count, memory_cost=_KIB, parallelism=1)


class Pins:
    """Keeps and looks at PINs, two at once at most."""

    def __init__(self) -> None:
        self._room = threading.Semaphore(_AT_ONCE)

    @cached_property
    def _hasher(self) -> PasswordHasher:
        one = _hasher(1)
        one.hash(secrets.token_hex(16))  # the first of all takes longer
        start = time.perf_counter()
        one.hash(secrets.token_hex(16))
        return _hasher(passes(time.perf_counter() - start))

    @cached_property
    def _nobody(self) -> str:
        """Looked at for a name that nobody bears, so that it takes as long as for any other."""
        return self._hasher.hash(secrets.token_hex(16))

    def kept(self, pin: str) -> str:
        """What is kept of one."""
        with self._room:
            return self._hasher.hash(pin)

    def is_right(self, kept: str | None, pin: str) -> bool:
        """Whether it is the one; as slow where there is none."""
        nobody = self._nobody
        with self._room:
            try:
                return self._hasher.verify(kept or nobody, pin[: PIN_MOST + 1])
            except (VerificationError, InvalidHashError):
                return False

    def outgrown(self, kept: str) -> bool:
        """Whether it was kept with less than now, such as by a slower machine."""
        was = extract_parameters(kept)
        return was.time_cost < self._hasher.time_cost or was.memory_cost < self._hasher.memory_cost
