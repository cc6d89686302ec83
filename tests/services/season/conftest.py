"""A holding of two blocks, and the same as a demo."""

from __future__ import annotations

from dataclasses import replace

import pytest

from billhook.services.holding import planting, setting_up

from ...places import empty_workplace


@pytest.fixture
def grove(tmp_path):
    """A real holding: two rows of clementines, one of mangos, no weather but the normals."""
    yield from planted(tmp_path, False)


@pytest.fixture
def demo(tmp_path):
    """The same as a demo, which listens to the simulated station."""
    yield from planted(tmp_path, True)


def planted(folder, demo: bool):
    at = empty_workplace(folder)
    at.settings = replace(at.settings, demo=demo)
    at.site = setting_up.set_up(
        at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast", elevation_m=100
    )
    at.low = planting.plant(
        at, at.site.id, "Baixo", 1, 3, "mandarin", 2012, "clementine", "carrizo"
    )
    at.high = planting.plant(
        at, at.site.id, "Alto", 1, 2, "mandarin", 2012, "clementine", "carrizo"
    )
    yield at
    at.store.close()
