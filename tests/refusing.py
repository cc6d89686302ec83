"""What is refused, in words."""

from __future__ import annotations

import re
from collections.abc import Iterator
from contextlib import contextmanager
from typing import Any

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import BillhookError, InvalidInput


def in_words(error: BillhookError) -> str:
    """What an error says in English, field by field."""
    if isinstance(error, InvalidInput):
        return "; ".join(f"{p.pointer}: {said(p.message)}" for p in error.problems)
    return said(error.says)


@contextmanager
def refusing(error: type[BillhookError], says: str) -> Iterator[Any]:
    """As ``pytest.raises`` with a match, on the words."""
    with pytest.raises(error) as caught:
        yield caught
    assert re.search(says, in_words(caught.value)), in_words(caught.value)
