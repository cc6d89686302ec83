"""The demo holding of one day."""

from __future__ import annotations

import datetime as dt
import shutil

import pytest

from billhook.demo.build import build_demo
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings

DAY = dt.date(2026, 11, 25)


def settings_in(folder) -> Settings:
    return Settings(data=folder / "demo-data", fixed_today=DAY, demo=True)


def made(folder) -> Workplace:
    build_demo(settings_in(folder))
    return open_workplace(settings_in(folder))


@pytest.fixture(scope="session")
def built(tmp_path_factory):
    """The demo's folder, built once."""
    folder = tmp_path_factory.mktemp("built")
    made(folder).store.close()
    return folder


@pytest.fixture(scope="module")
def demo(built, tmp_path_factory) -> Workplace:
    """A copy of the demo for the tests of one file."""
    folder = tmp_path_factory.mktemp("demo")
    shutil.copytree(built, folder, dirs_exist_ok=True)
    at = open_workplace(settings_in(folder))
    yield at
    at.store.close()
