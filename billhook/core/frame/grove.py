"""Canopy share of many trees at once: frames packed into columns, answered without a loop over
trees.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
import numpy.typing as npt

from .model import SOIL, TRUNK, Cut, Frame, is_sucker

Floats = npt.NDArray[np.float64]
Ints = npt.NDArray[np.intp]


@dataclass(frozen=True)
class LimbTable:
    """Limbs of many trees, one row each, ordered so that a parent stands before what it bears.

    tree: index of the tree. parent: row of the parent limb, -1 on the trunk, -2 from the soil.
    depth: 0 for limbs on trunk or soil. counted: 1 where the limb hangs on a scaffold above the
    union. root: row of the limb on trunk or soil. All arrays have shape (limbs,).
    """

    trees: int
    tree: Ints
    parent: Ints
    root: Ints
    depth: Ints
    at_m: Floats
    base_mm: Floats
    end_mm: Floats
    length_m: Floats
    leafing: Floats
    headed_mm: Floats
    counted: npt.NDArray[np.bool_]
    row_of: Mapping[tuple[int, str], int]


def pack(frames: Sequence[Frame]) -> LimbTable:
    """Pack well-formed frames into one table."""
    rows: list[tuple[int, int, int, int, float, float, float, float, float, float, bool]] = []
    row_of: dict[tuple[int, str], int] = {}
    for t, frame in enumerate(frames):
        waiting = list(frame.limbs)
        while waiting:
            later = []
            for limb in waiting:
                row = len(rows)
                if limb.on in (TRUNK, SOIL):
                    parent, root, depth = (-1 if limb.on == TRUNK else -2), row, 0
                    counted = limb.on == TRUNK and not is_sucker(frame, limb)
                elif (t, limb.on) in row_of:
                    parent = row_of[(t, limb.on)]
                    root, depth, counted = rows[parent][2], rows[parent][3] + 1, rows[parent][10]
                else:
                    later.append(limb)
                    continue
                row_of[(t, limb.id)] = row
                rows.append(
                    (
                        t,
                        parent,
                        root,
                        depth,
                        limb.at_m,
                        limb.base_mm,
                        limb.end_mm,
                        limb.length_m,
                        limb.leafing,
                        limb.headed_mm,
                        counted,
                    )
                )
            waiting = later
    return _columns(len(frames), rows, row_of)


def _columns(
    trees: int, rows: Sequence[tuple[Any, ...]], row_of: dict[tuple[int, str], int]
) -> LimbTable:
    """Rows of limbs as columns, each of its own kind, in the order of the table."""
    whole = ("tree", "parent", "root", "depth")
    numbers = ("at_m", "base_mm", "end_mm", "length_m", "leafing", "headed_mm")
    kinds = [*(np.intp for _ in whole), *(np.float64 for _ in numbers), np.bool_]
    given = list(zip(*rows, strict=True)) if rows else [()] * len(kinds)
    names = (*whole, *numbers, "counted")
    columns: dict[str, Any] = {
        name: np.array(values, dtype=kind)
        for name, kind, values in zip(names, kinds, given, strict=True)
    }
    return LimbTable(trees, row_of=row_of, **columns)


def keep_column(table: LimbTable, cuts: Mapping[int, Sequence[Cut]]) -> Floats:
    """Cuts by tree index as one column: what each limb keeps [m], NaN where it is not cut. Shape
    (limbs,).
    """
    keep = np.full(table.tree.shape, np.nan)
    for t, of_tree in cuts.items():
        for cut in of_tree:
            keep[table.row_of[(t, cut.limb)]] = cut.keep_m
    return keep


def grove_shares(table: LimbTable, keep_m: Floats, power: float = 2.0) -> Floats:
    """Share of canopy removed from every tree [0..1]; NaN where a tree bears no leaf. Shape
    (trees,). Cuts on the trunk are not taken.
    """
    base = table.leafing * np.maximum(0.0, table.base_mm**power - table.headed_mm**power)
    on_trunk = (table.parent == -1) & table.counted
    total = np.bincount(table.tree, weights=np.where(on_trunk, base, 0.0), minlength=table.trees)
    cut = ~np.isnan(keep_m)
    gone = np.zeros(table.tree.shape, dtype=np.bool_)
    for depth in range(1, int(table.depth.max(initial=0)) + 1):
        rows = np.nonzero(table.depth == depth)[0]
        parent = table.parent[rows]
        kept = keep_m[parent]
        gone[rows] = gone[parent] | (kept == 0) | (table.at_m[rows] > kept)
    rows = np.nonzero(cut & ~gone & table.counted)[0]
    wound = (
        table.base_mm[rows]
        + (table.end_mm[rows] - table.base_mm[rows]) * keep_m[rows] / table.length_m[rows]
    )
    leaf = table.leafing[rows] * np.maximum(0.0, wound**power - table.headed_mm[rows] ** power)
    charged = np.bincount(table.root[rows], weights=leaf, minlength=table.tree.size)
    removed = np.bincount(
        table.tree,
        weights=np.where(on_trunk, np.minimum(base, charged), 0.0),
        minlength=table.trees,
    )
    with np.errstate(divide="ignore", invalid="ignore"):
        return np.where(total > 0, removed / total, np.nan)
