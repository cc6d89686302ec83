"""How far long work is, for whoever waits for it: told by the work itself, read by anybody. It may
be left and looked at again; what it came to is kept until the next work of its kind, or a while.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Callable, Iterable, Iterator, Sequence
from contextlib import contextmanager
from contextvars import ContextVar
from dataclasses import dataclass, field
from typing import Literal, TypeVar

from ..core.words.values import Saying, say
from ..store.acts import new_id
from .workplace import Workplace

State = Literal["going", "done", "failed"]
T = TypeVar("T")
KEPT_S = 3600.0


@dataclass
class Long:
    """One piece of long work. done, of: steps of the part that says names; of 0 where nobody knows
    how many. came_to: what it came to, in words. tell: hears of each part, where no page asks.
    """

    id: str
    kind: str
    says: Saying
    state: State = "going"
    done: int = 0
    of: int = 0
    came_to: Saying | None = None
    ended: float = 0.0
    tell: Callable[[Saying], None] | None = None


@dataclass
class Works:
    """Long work of a holding."""

    held: dict[str, Long] = field(default_factory=dict)
    lock: threading.Lock = field(default_factory=threading.Lock)


_now: ContextVar[Long | None] = ContextVar("long work", default=None)


def works(at: Workplace) -> Sequence[Long]:
    """What is going on, and what came to its end within the last hour, the oldest first."""
    found = at.kept("works", Works)
    with found.lock:
        old = [i for i, w in found.held.items() if w.ended and time.monotonic() - w.ended > KEPT_S]
        for one in old:
            del found.held[one]
        return list(found.held.values())


@contextmanager
def long_work(at: Workplace, kind: str) -> Iterator[Long]:
    """Work that tells how far it is; of each kind the last one is kept."""
    found = at.kept("works", Works)
    work = Long(new_id(), kind, say("work-begins"))
    with found.lock:
        for one in [i for i, w in found.held.items() if w.kind == kind and w.state != "going"]:
            del found.held[one]
        found.held[work.id] = work
    before = _now.set(work)
    try:
        yield work
        work.state = "done"
    except BaseException:
        work.state = "failed"
        raise
    finally:
        work.ended = time.monotonic()
        _now.reset(before)


@contextmanager
def telling(tell: Callable[[Saying], None]) -> Iterator[None]:
    """Work that tells each of its parts, as a command does."""
    before = _now.set(Long("", "", say("work-begins"), tell=tell))
    try:
        yield
    finally:
        _now.reset(before)


def part(says: Saying, of: int = 0) -> None:
    """The work comes to its next part, of so many steps."""
    if (work := _now.get()) is not None:
        work.says, work.done, work.of = says, 0, of
        if work.tell is not None:
            work.tell(says)


def step(done: int) -> None:
    """So many steps of the part are done."""
    if (work := _now.get()) is not None:
        work.done = done


def came_to(says: Saying) -> None:
    """What the work came to."""
    if (work := _now.get()) is not None:
        work.came_to = says


def through(these: Sequence[T], says: Saying) -> Iterable[T]:
    """These one after the other, telling how far it is."""
    part(says, len(these))
    for n, one in enumerate(these):
        yield one
        if n % 50 == 49 or len(these) < 1000:
            step(n + 1)
    step(len(these))
