"""The holding whose weeks are shared out."""

from __future__ import annotations

import pytest

from ..season.conftest import planted


@pytest.fixture
def grove(tmp_path):
    """Two blocks of clementines, no weather but the normals."""
    yield from planted(tmp_path, False)
