"""A tree among its neighbours: does it lag its row, and is a planting of two or three in
balance.
"""

from __future__ import annotations

from ..known import Knowledge
from ..reasons import Reason, Used
from ..words.directions import points_to
from ..words.values import Compass, Length, say
from .tree import Companion, WalkTree


def lagging(tree: WalkTree, know: Knowledge) -> Reason | None:
    """Why a tree is held to lag its row; None where it does not."""
    if (
        tree.height_m is None
        or tree.row_mean_m is None
        or tree.height_m >= know.number("walk/lags") * tree.row_mean_m
    ):
        return None
    text = say(
        "lags", height=Length(tree.height_m, tree.units), rowean=Length(tree.row_mean_m, tree.units)
    )
    return Reason(
        "lags",
        text,
        {"height, m": tree.height_m, "mean of the row, m": round(tree.row_mean_m, 2)},
        catalogue_ids=("walk/lags",),
    )


def balance(tree: WalkTree, know: Knowledge) -> tuple[Reason, ...]:
    """A planting of two or three trees as one: which outgrows the others, and which stands in whose
    shade.

    The sun's side is south in the north and north in the south; a tree on that side that is taller
    takes the other's light.
    """
    if tree.height_m is None:
        return ()
    return tuple(_beside(tree, tree.height_m, other, know) for other in tree.companions)


def _beside(tree: WalkTree, tall_m: float, other: Companion, know: Knowledge) -> Reason:
    margin = know.number("walk/outgrows")
    where = say(
        "neighbour",
        name=other.name,
        distance=Length(other.distance_m, tree.units),
        bearing_deg=Compass(other.bearing_deg),
    )
    height = Length(other.height_m, tree.units)
    noonward = points_to(other.bearing_deg, "north" if tree.southern else "south")
    away = points_to(other.bearing_deg, "south" if tree.southern else "north")
    if tall_m > other.height_m * (1 + margin):
        shade = say("neighbour-shade") if away else ""
        code, text = "outgrows", say("neighbour-outgrown", where=where, height=height, shade=shade)
    elif other.height_m > tall_m * (1 + margin):
        shade = say("neighbour-before") if noonward else say("neighbour-outgrows")
        code, text = "outgrown", say("neighbour-lower", where=where, height=height, shade=shade)
    else:
        code, text = "balanced", say("neighbour-balance", where=where)
    used: dict[str, Used] = {"this tree, m": tall_m, f"{other.name}, m": other.height_m}
    return Reason(code, text, used, catalogue_ids=("walk/outgrows",))
