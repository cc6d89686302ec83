"""Every leaf of a body, and the body with it spoiled or left out."""

from __future__ import annotations

import copy
from collections.abc import Iterator
from typing import Any


def leaves(body: Any, path: tuple[Any, ...] = ()) -> Iterator[tuple[Any, ...]]:
    """Paths of every value in a body; of lists only the last entry."""
    if isinstance(body, dict):
        for key, value in body.items():
            yield (*path, key)
            yield from leaves(value, (*path, key))
    elif isinstance(body, list) and body:
        yield (*path, len(body) - 1)
        yield from leaves(body[-1], (*path, len(body) - 1))


def spoiled(body: dict[str, Any], path: tuple[Any, ...], value: Any) -> dict[str, Any]:
    """A copy with one value put in place of another."""
    out = copy.deepcopy(body)
    at: Any = out
    for key in path[:-1]:
        at = at[key]
    at[path[-1]] = value
    return out


def without(body: dict[str, Any], path: tuple[Any, ...]) -> dict[str, Any]:
    """A copy that lacks one field."""
    out = copy.deepcopy(body)
    at: Any = out
    for key in path[:-1]:
        at = at[key]
    del at[path[-1]]
    return out


def value_at(body: Any, path: tuple[Any, ...]) -> Any:
    """The value a path leads to."""
    for key in path:
        body = body[key]
    return body


def pointer(path: tuple[Any, ...]) -> str:
    """A JSON pointer."""
    return "".join(f"/{part}" for part in path)
