"""How high, how wide: said for a tree, its row, its block or the holding; the nearest wins."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import invalid, refuse
from ...core.heights.standing import full_size
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.words.units import Units
from ...core.words.values import Length, Saying, Share, listed, say
from ...store import places
from ...store.aims import aims, save_aims
from ...store.tables import Aim
from ...store.trees import TreeRecord, tree_record
from ..holding.people import Helpers
from ..tree.sizes import sizes_of
from ..workplace import Workplace
from .row_lines import rows_apart, to_neighbour

SCOPES = ("tree", "row", "block", "holding")
LOWEST_M, HIGHEST_M = 0.3, 30.0


@dataclass(frozen=True)
class Pick:
    """A height [m] by how fruit is picked, or how much is taken off."""

    says: Saying
    height_m: float


@dataclass(frozen=True)
class AimView:
    """What is wanted of a tree [m], the scope that says so, and what every scope says itself.
    clear_m: how wide it may be to stand clear of its neighbour in the row. full: how high it comes
    if left alone, and what that means for what is wanted.
    """

    height_m: float | None
    width_m: float | None
    said_by: str | None
    picks: tuple[Pick, ...]
    clear_m: float | None
    scopes: dict[str, tuple[float | None, float | None]]
    full: Reason


def aim_of(at: Workplace, tree_id: str) -> AimView:
    """What is wanted of a tree, and who says so. Raises: NotFound."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        known = aims(session)
        scopes = {
            scope: (aim.height_m, aim.width_m) if (aim := known.get(scope_id)) else (None, None)
            for scope, scope_id in _ids(record).items()
        }
        if record.block.cap_m is not None and scopes["block"][0] is None:
            scopes["block"] = (record.block.cap_m, scopes["block"][1])
        by = next((s for s in SCOPES if scopes[s][0] is not None), None)
        hands = Helpers(session).hands(at.know, record)
        gap = rows_apart(session, record)
        tall = sizes_of(at, session, record).height_m
        picks = _picks(hands, tall, gap, record.tree.species)
        clear = _clear(at, session, record)
        full = _full(at.know, record, places.units(session))
        return AimView(record.cap_m, record.width_m, by, picks, clear, scopes, full)


def _full(know: Knowledge, record: TreeRecord, units: Units) -> Reason:
    """How high the tree comes if it is left alone; wanted higher than that it needs no topping."""
    stock = record.stem.rootstock
    low, high = full_size(know, record.tree.species, stock)
    no_need = record.cap_m is not None and record.cap_m >= high
    text = say(
        "aim-full",
        low=Length(low, units),
        high=Length(high, units),
        on=say("aim-on-stock", name=know.row(f"rootstocks/{stock}/name")) if stock else "",
        need=say("aim-no-topping") if no_need else "",
    )
    ids = (f"species/{record.tree.species}/height",)
    return Reason("full-size", text, {"least, m": low, "most, m": high}, catalogue_ids=ids)


def _clear(at: Workplace, session: Session, record: TreeRecord) -> float | None:
    """How wide a tree may be with a gap to its neighbour in the row [m]."""
    gap = to_neighbour(session, record)
    wide = None if gap is None else round(gap - at.know.number("aim/gap"), 2)
    return wide if wide is not None and _fits(wide) else None


def _picks(
    know: Knowledge, tall: float | None, rows_apart_m: float | None, species: str
) -> tuple[Pick, ...]:
    """From the ground, with what a hand bends down; with a pole; in rounds from a tripod where
    fruit hangs ripe for weeks; what the rows leave light for; a part off the top.
    """
    bends = know.number("aim/bends-down")
    found = [
        Pick(say("aim-from-ground"), know.number("cuts/reach") + bends),
        Pick(say("aim-from-step"), know.number("cuts/reach") + bends + know.number("aim/step")),
        Pick(say("aim-with-pole"), know.number("cuts/pole-reach")),
    ]
    hangs = know.number(know.first(f"pick/{species}/days", "pick/other/days").id)
    if hangs >= know.number("aim/hangs-from"):
        up = know.number("cuts/reach") + bends + know.number("aim/tripod")
        found.append(Pick(say("aim-over-weeks"), up))
    if rows_apart_m is not None:
        share = know.number("section/spacing-share")
        found.append(Pick(say("aim-by-rows", share=Share(share)), share * rows_apart_m))
    part = know.number("cuts/height-share")
    if tall is not None:
        found.append(Pick(say("aim-off-top", share=Share(part)), tall * (1 - part)))
    return tuple(found)


def _ids(record: TreeRecord) -> dict[str, str]:
    ids = (record.tree.id, record.row.id, record.block.id, record.site.holding_id)
    return dict(zip(SCOPES, ids, strict=True))


def _less(size_m: float | None, by_m: float, off: str, how: str) -> float:
    if size_m is None:
        raise invalid(
            f"/off_{off}_m",
            say("bad-say-how-tall-first") if how == "tall" else say("bad-say-how-wide-first"),
        )
    return round(size_m - by_m, 2)


def say_aim(
    at: Workplace,
    tree_id: str,
    scope: str,
    height_m: float | None,
    width_m: float | None = None,
    off_top_m: float | None = None,
    off_sides_m: float | None = None,
    from_stem_m: float | None = None,
) -> AimView:
    """Want a tree, or its row, block or holding, so high and so wide; neither takes it back.
    off_top_m: so much off this tree's top in place of a height. off_sides_m: so much narrower on
    each side; from_stem_m: so far from the stem; either in place of a width.

    Raises: NotFound; InvalidInput for a scope that is none, or a height no tree is kept at.
    """
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        if off_top_m is not None:
            height_m = _less(sizes_of(at, session, record).height_m, off_top_m, "top", "tall")
        if off_sides_m is not None:
            spread = sizes_of(at, session, record).spread_m
            width_m = _less(spread, 2 * off_sides_m, "sides", "wide")
        elif from_stem_m is not None:
            width_m = round(2 * from_stem_m, 2)
        fits = f"must be between {LOWEST_M:g} and {HIGHEST_M:g} m"
        refuse(
            {
                "/scope": None
                if scope in SCOPES
                else say("bad-must-be-one-of", known=listed(SCOPES)),
                "/height_m": None if height_m is None or _fits(height_m) else fits,
                "/width_m": None if width_m is None or _fits(width_m) else fits,
            }
        )
        scope_id = _ids(record)[scope]
        save_aims(
            session,
            Aim(
                scope=scope,
                scope_id=scope_id,
                height_m=None if scope == "block" else height_m,
                width_m=width_m,
                said_on=at.today(),
            ),
        )
        if scope == "block":
            # the height of a block stands on the block, whichever page it was said on
            record.block.cap_m = height_m
            record.block.version += 1
            places.save_places(session, record.block)
    return aim_of(at, tree_id)


def say_aims(at: Workplace, tree_ids: Sequence[str], height_m: float) -> int:
    """Want each of many trees so high; how wide they are wanted stays. How many. Raises: NotFound;
    InvalidInput for a height no tree is kept at.
    """
    fits = f"must be between {LOWEST_M:g} and {HIGHEST_M:g} m"
    refuse({"/height_m": None if _fits(height_m) else fits})
    ids = list(dict.fromkeys(tree_ids))
    with at.store.writing() as session:
        said = aims(session)
        for tree_id in ids:
            tree_record(session, tree_id)
        rows = [
            Aim(
                scope="tree",
                scope_id=tree_id,
                height_m=height_m,
                width_m=said[tree_id].width_m if tree_id in said else None,
                said_on=at.today(),
            )
            for tree_id in ids
        ]
        save_aims(session, *rows)
    return len(ids)


def _fits(metres: float) -> bool:
    return LOWEST_M <= metres <= HIGHEST_M
