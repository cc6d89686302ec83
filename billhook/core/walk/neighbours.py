"""A tree among its neighbours: does it lag its row, and is a planting of two or three in
balance.
"""

from __future__ import annotations

from ..known import Knowledge
from ..reasons import Reason
from ..words.directions import points_to
from ..words.values import Compass, Length, say
from .tree import WalkTree


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
    found = []
    margin = know.number("walk/outgrows")
    for other in tree.companions:
        where = say(
            "neighbour",
            name=other.name,
            distance=Length(other.distance_m, tree.units),
            bearing_deg=Compass(other.bearing_deg),
        )
        used: dict[str, float | str | None] = {
            "this tree, m": tree.height_m,
            f"{other.name}, m": other.height_m,
        }
        noonward = points_to(other.bearing_deg, "north" if tree.southern else "south")
        away = points_to(other.bearing_deg, "south" if tree.southern else "north")
        if tree.height_m > other.height_m * (1 + margin):
            shade = say("neighbour-shade") if away else ""
            text = say(
                "neighbour-outgrown",
                where=where,
                height=Length(other.height_m, tree.units),
                shade=shade,
            )
            found.append(Reason("outgrows", text, used, catalogue_ids=("walk/outgrows",)))
        elif other.height_m > tree.height_m * (1 + margin):
            shade = say("neighbour-before") if noonward else say("neighbour-outgrows")
            text = say(
                "neighbour-lower",
                where=where,
                height=Length(other.height_m, tree.units),
                shade=shade,
            )
            found.append(Reason("outgrown", text, used, catalogue_ids=("walk/outgrows",)))
        else:
            found.append(
                Reason(
                    "balanced",
                    say("neighbour-balance", where=where),
                    used,
                    catalogue_ids=("walk/outgrows",),
                )
            )
    return tuple(found)
