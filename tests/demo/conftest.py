"""The demo holding of one day."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.demo.build import build_demo
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings

DAY = dt.date(2026, 11, 25)


def made(folder) -> Workplace:
    settings = Settings(data=folder / "demo-data", fixed_today=DAY, demo=True)
    build_demo(settings)
    return open_workplace(settings)


@pytest.fixture(scope="session")
def demo(tmp_path_factory) -> Workplace:
    at = made(tmp_path_factory.mktemp("demo"))
    yield at
    at.store.close()
