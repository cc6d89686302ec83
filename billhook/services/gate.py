"""Who is within, and a door that is shut while one history takes the place of another."""

from __future__ import annotations

import threading
from collections.abc import Iterator
from contextlib import contextmanager

PATIENCE_S = 10.0


class Gate:
    """Many go in and out; while it is shut nobody is within, and who comes waits."""

    def __init__(self) -> None:
        self._moved = threading.Condition()
        self._within, self._shut = 0, False

    def enter(self) -> None:
        """Go in, once it is open."""
        with self._moved:
            self._moved.wait_for(lambda: not self._shut, PATIENCE_S)
            self._within += 1

    def leave(self) -> None:
        """Go out."""
        with self._moved:
            self._within -= 1
            self._moved.notify_all()

    @contextmanager
    def shut(self) -> Iterator[None]:
        """Let nobody in, and wait until everybody is out; not for ever."""
        with self._moved:
            self._shut = True
            self._moved.wait_for(lambda: self._within == 0, PATIENCE_S)
        try:
            yield
        finally:
            with self._moved:
                self._shut = False
                self._moved.notify_all()
