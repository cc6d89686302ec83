"""Fixtures that every layer's tests share."""

from __future__ import annotations

import pytest
from hypothesis import settings

from billhook.catalogue import load_catalogue
from billhook.core.frame.wood import WoodParameters, wood_parameters
from billhook.core.known import Knowledge
from billhook.core.words.values import Saying

settings.register_profile("ci", max_examples=60, deadline=None, derandomize=True)
settings.load_profile("ci")


def _unsaid(saying: Saying, _spec: str) -> str:
    raise TypeError(f"put into a text without being said: {saying!r}"[:300])


# a message in an f-string would show its name and values to whoever reads it
Saying.__format__ = _unsaid


@pytest.fixture(scope="session")
def know() -> Knowledge:
    return load_catalogue()


@pytest.fixture(scope="session")
def wood(know: Knowledge) -> WoodParameters:
    return wood_parameters(know)
