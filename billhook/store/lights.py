"""Rows as they stand, without what makes them rows that can be changed: read by the thousand, kept
while nothing changes, and never saved.
"""

from __future__ import annotations

import gc
from collections import namedtuple
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from functools import lru_cache
from typing import Any, TypeVar

from sqlalchemy import ColumnElement, Select, select
from sqlmodel import Session, SQLModel

T = TypeVar("T", bound=SQLModel)
_AT_ONCE = 5000


@contextmanager
def unswept() -> Iterator[None]:
    """While very many rows are made that all stay, none of them is looked through for what could be
    thrown away; that takes as long as reading them.
    """
    on = gc.isenabled()
    gc.disable()
    try:
        yield
    finally:
        if on:
            gc.enable()


@lru_cache(maxsize=64)
def light_of(table: type[SQLModel]) -> Any:
    """The kind of tuple that a table's rows are read as: its columns by name, and what it says of
    itself.
    """
    columns = [c.name for c in columns_of(table)]
    base = namedtuple(f"{table.__name__}Light", columns)  # type: ignore[misc]
    said = {k: v for k, v in vars(table).items() if isinstance(v, property)}
    return type(base.__name__, (base,), {"__slots__": (), **said})


def columns_of(table: type[SQLModel]) -> list[ColumnElement[Any]]:
    """Every column of a table, to be selected."""
    return list(table.__table__.c)  # type: ignore[attr-defined]


def lights(
    session: Session, table: type[T], *where: ColumnElement[bool], order: Sequence[Any] = ()
) -> list[T]:
    """Rows of a table, read only."""
    query = select(*columns_of(table)).where(*where).order_by(*order)
    session.flush()
    return list(map(light_of(table)._make, session.connection().execute(query).all()))


def many(
    session: Session, query: Select[Any], *tables: type[SQLModel]
) -> Iterator[tuple[Any, ...]]:
    """Rows of several tables that a query put side by side, each as its own; what more the query
    asked for stands behind them. A row whose first column is nothing is None.
    """
    makers = [light_of(t)._make for t in tables]
    spans, at = [], 0
    for table in tables:
        width = len(columns_of(table))
        spans.append((at, at + width))
        at += width
    session.flush()
    for rows in session.connection().execute(query).partitions(_AT_ONCE):
        for row in rows:
            values = tuple(row)
            found = [
                None if values[a] is None else make(values[a:b])
                for make, (a, b) in zip(makers, spans, strict=True)
            ]
            yield (*found, *values[at:])
