"""Fixtures that every layer's tests share."""

from __future__ import annotations

import pytest
from hypothesis import settings

from billhook.catalogue import load_catalogue
from billhook.core.frame.wood import WoodParameters, wood_parameters
from billhook.core.known import Knowledge

settings.register_profile("ci", max_examples=60, deadline=None, derandomize=True)
settings.load_profile("ci")


@pytest.fixture(scope="session")
def know() -> Knowledge:
    return load_catalogue()


@pytest.fixture(scope="session")
def wood(know: Knowledge) -> WoodParameters:
    return wood_parameters(know)
