"""How high and how wide trees are wanted: the newest word of a scope holds."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from sqlmodel import Session, select

from .acts import arrival
from .tables import Aim


def aims(session: Session) -> dict[str, Aim]:
    """The aim in force by scope id."""
    query = select(Aim).order_by(*arrival(Aim))
    return {a.scope_id: a for a in session.exec(query).all()}


def save_aims(session: Session, *rows: Aim) -> None:
    """Write aims."""
    session.add_all(rows)


def nearest(
    known: Mapping[str, Aim], scopes: Iterable[tuple[str, float | None]]
) -> tuple[float | None, float | None]:
    """Height and width [m] of the nearest scope that names one. scopes: ids from the tree outward,
    each with a height it names besides.
    """
    height = width = None
    for scope_id, own in scopes:
        aim = known.get(scope_id)
        said = aim.height_m if aim else None
        height = height if height is not None else said if said is not None else own
        width = width if width is not None else aim.width_m if aim else None
    return height, width
