"""Heights of one tree: a shape laid over it, how it looks over seasons of a school, who shades whom
beside it.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.cuts.names import limb_names
from ...core.errors import invalid
from ...core.frame.geometry import envelope
from ...core.frame.model import TRUNK, Frame, is_sucker, roots_of
from ...core.frame.outline import Break, Outline, Shape, breaks
from ...core.heights.compare import Compared, Stand, compare, school_of
from ...core.heights.grow import Season, grown, names_of, sectors_of
from ...core.heights.stairs import leaf_above
from ...core.heights.standing import natural_height
from ...core.heights.ways import way
from ...core.light.shade import Crown, Shade, shades
from ...core.reasons import Reason
from ...core.season.budget import tree_age
from ...core.season.events import vigour_of
from ...core.words.units import Units
from ...core.words.values import Rounded, Share, Value, say
from ...store import frames
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, tree_record
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, imagined_view
from ..walk.tree import planting_of, walked_tree
from ..workplace import Workplace
from .row_lines import outline_of


def _frame(at: Workplace, session: Session, record: TreeRecord) -> tuple[FrameRow, Frame]:
    row = frames.current_row(session, record.stem.id)
    if row is None:
        raise invalid("", say("bad-this-tree-is-not-drawn-yet"))
    return row, frames.frame_of(session, row)[0]


@dataclass(frozen=True)
class Envelope:
    """A shape, the limbs that break it, by name, and its edge: half its width by height [m]."""

    outline: Outline
    breaks: tuple[tuple[Value, Break], ...]
    edge: tuple[tuple[float, float], ...]


def laid_over(frame: Frame, outline: Outline) -> Envelope:
    """A shape over a frame."""
    names = limb_names(frame)
    steps = [outline.skirt_m + (outline.top_m - outline.skirt_m) * i / 24 for i in range(25)]
    return Envelope(
        outline,
        tuple((names[b.limb], b) for b in breaks(frame, outline)),
        tuple((z, max(0.0, outline.half_at(z))) for z in steps),
    )


def envelope_of(
    at: Workplace,
    tree_id: str,
    shape: Shape,
    top_m: float | None = None,
    half_m: float | None = None,
    draw_in_m: float = 0.0,
    draw_in_deg: float = 0.0,
) -> Envelope:
    """A shape over a stored tree; what is left open follows its cap, its row and its spread.
    Raises: NotFound; InvalidInput for a tree that is not drawn.
    """
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        _, frame = _frame(at, session, record)
        tree = walked_tree(at, session, record, at.today()).tree
        usual = outline_of(at, session, record, tree, frame, top_m, half_m)
        lean = usual.lean_deg if shape == "wall" else 0.0
        skirt = min(usual.skirt_m, usual.top_m * at.know.number("wall/skirt-most"))
        return laid_over(
            frame,
            Outline(
                shape,
                usual.top_m,
                usual.half_m,
                skirt,
                lean,
                usual.row_bearing_deg,
                draw_in_m,
                draw_in_deg,
            ),
        )


@dataclass(frozen=True)
class Grown:
    """A tree over seasons of a school, as it would be drawn."""

    name: Value
    first_year: int
    seasons: tuple[tuple[Season, FrameView, Value], ...]


def _stand(at: Workplace, tree_id: str, cap_m: float | None) -> tuple[FrameRow, Frame, Stand]:
    """A tree as schools are reckoned for it: its drawing without suckers and dead wood, and what it
    stands for.
    """
    know, today = at.know, at.today()
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        row, frame = _frame(at, session, record)
        state = SeasonDesk(session, at, today).state(record)
    size = at.size(row.id, frame)
    roots = roots_of(frame)
    clean = replace(
        frame,
        limbs=tuple(
            x for x in frame.limbs if not is_sucker(frame, roots[x.id]) and x.state == "live"
        ),
    )
    clean = replace(
        clean,
        limbs=tuple(x for x in clean.limbs if x.on == TRUNK or x.on in {y.id for y in clean.limbs}),
    )
    natural = natural_height(know, record.tree.species, size.height_m, record.stem.rootstock)
    cap = cap_m or record.cap_m or size.height_m * (1 - know.number("wall/trim"))
    mains = sum(x.on == TRUNK for x in clean.limbs)
    stand = Stand(
        (size.height_m,),
        (record.row.n,),
        mains,
        tree_age(state, today.year),
        vigour_of(state, know),
        natural,
        cap,
        record.block.frost_pocket,
        know.text(f"species/{record.tree.species}/group"),
    )
    return row, clean, stand


def schools_of_tree(
    at: Workplace,
    tree_id: str,
    names: Sequence[str],
    years: int,
    own: Mapping[str, object],
    cap_m: float | None,
    units: Units = "metric",
) -> tuple[float, list[Compared]]:
    """The cap, and schools side by side for one tree. Raises: NotFound; InvalidInput for a tree
    that is not drawn.
    """
    _, _, stand = _stand(at, tree_id, cap_m)
    return stand.cap_m, compare(at.know, stand, names, years, own, units)


def grown_tree(
    at: Workplace, tree_id: str, name: str, years: int, cap_m: float | None = None
) -> Grown:
    """A stored tree over seasons of a school. Raises: NotFound; InvalidInput for a tree that is not
    drawn.
    """
    know, today = at.know, at.today()
    row, clean, stand = _stand(at, tree_id, cap_m)
    school = school_of(know, name, stand)
    parts = names_of(sectors_of(clean, school.parts), limb_names(clean))
    found = []
    for i, season in enumerate(grown(clean, school, years, know.number("wood/exponent"))):
        day = dt.date(today.year + i, today.month, min(today.day, 28))
        view = imagined_view(row, season.frame, day, row.seq + i + 1)
        found.append((season, view, parts[season.cut] if season.cut is not None else ""))
    return Grown(way(know, name).name, today.year, tuple(found))


def shade_of(
    at: Workplace, tree_id: str, date: dt.date | None = None
) -> tuple[dt.date, list[Shade], tuple[Reason, ...]]:
    """Who shades whom in the planting a tree stands in; nothing for a tree alone or in a row of
    more. Raises: NotFound.
    """
    on = date or at.today()
    with at.store.reading() as session:
        return on, *shades_in(at, session, tree_record(session, tree_id), on)


def shades_in(
    at: Workplace, session: Session, record: TreeRecord, on: dt.date
) -> tuple[list[Shade], tuple[Reason, ...]]:
    """Who shades whom in the planting a tree stands in, within a session."""
    know = at.know
    drawn = _crowns(at, session, planting_of(at, session, record))
    crowns, frame_of = [crown for crown, _ in drawn], {crown.name: f for crown, f in drawn}
    wanted, site = know.number("section/hours-wanted"), record.site
    found = (
        shades(
            crowns,
            site.latitude,
            on,
            know.number("light/lower-part"),
            wanted,
            site.longitude or 0.0,
        )
        if len(crowns) > 1
        else []
    )
    told = [s for s in found if s.lost >= know.number("light/shade-told")]
    told.sort(key=lambda s: -s.lost)
    return found, tuple(_shade_reason(s, wanted, on, frame_of[s.by]) for s in told)


def _crowns(
    at: Workplace, session: Session, planting: Sequence[TreeRecord]
) -> list[tuple[Crown, Frame]]:
    """The drawn crowns of a planting, with what they are drawn from."""
    rows = {r.stem_id: r for r in frames.current_rows(session, [r.stem.id for r in planting])}
    crowns = []
    for one in planting:
        row = rows.get(one.stem.id)
        if row is None:
            continue
        frame = frames.frame_of(session, row)[0]
        size, skirt = at.size(row.id, frame), envelope(frame).skirt_m
        foot = skirt or at.know.number("wall/skirt")
        place = one.place
        crown = Crown(one.name, place.x, place.y, size.height_m, size.spread_m / 2, foot)
        crowns.append((crown, frame))
    return crowns


def _shade_reason(shade: Shade, wanted: float, on: dt.date, frame: Frame) -> Reason:
    """What one takes of the other's light; where lowering helps, the neighbour's gain beside what
    the lowered one gives up of its leaf.
    """
    cure: Value = ""
    if (lower := shade.lower_to_m) is not None:
        cure = say(
            "shade-cure",
            lower=Rounded(lower, 1),
            wanted=Rounded(wanted),
            gain=Rounded(max(0.0, wanted - (shade.hours - shade.lost)), 1),
            share=Share(round(leaf_above(frame, lower), 2)),
        )
    text = say(
        "shade-taken",
        by=shade.by,
        lost=Rounded(shade.lost, 1),
        hours=Rounded(shade.hours, 1),
        name=shade.name,
        cure=cure,
    )
    used = {"hours": round(shade.hours, 2), "lost, h": round(shade.lost, 2)}
    ids = ("section/hours-wanted", "light/lower-part")
    return Reason("shades", text, used, date=on, catalogue_ids=ids)
