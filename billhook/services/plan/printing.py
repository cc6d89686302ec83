"""A cut sheet in the helper's language, ready to print."""

from __future__ import annotations

from math import cos, radians, sin

from ...catalogue.languages import language, languages
from ...catalogue.wording import said
from ...core.aftercare.quantities import Disinfectant, disinfectant
from ...core.cuts.sheet_words import Phrases, care_words, how_words, limb_words, place_words
from ...core.errors import invalid
from ...core.frame.finish import gone_limbs
from ...core.frame.geometry import Point, along
from ...core.frame.model import TRUNK, Cut
from ...core.words.dates import day_words
from ...core.words.kinds import kind_called
from ...core.words.units import Units, diameter_words, length_words, share_words, weight_words
from ...core.words.values import listed, say
from ...formats.sheet_pdf import (
    Paper,
    PrintedCut,
    PrintedLimb,
    PrintedSheet,
    RoundList,
    write_round,
    write_sheet,
)
from ...store import places, plans
from ...store.database import NotFound
from ...store.trees import TreeRecord, tree_records
from ..season.one_pass import one_pass
from ..workplace import Workplace
from . import sheets
from .sheets import SheetView

_FROM = 180.0  # seen from the south


def _flat(p: Point) -> tuple[float, float]:
    """A point as seen from where one stands: to the right, and up [m]."""
    return -p[0] * cos(radians(_FROM)) + p[1] * sin(radians(_FROM)), p[2]


def _clean_words(clean: Disinfectant, phrases: Phrases) -> str:
    mix = f"{max(0.1, clean.mix_l):.1f}"
    if clean.rags == 1:
        return phrases.say("care-clean-one", l=mix)
    return phrases.say("care-clean", l=mix, rags=str(clean.rags))


def sheet_pdf(at: Workplace, plan_id: str, paper: Paper, code: str, units: Units) -> bytes:
    """A sheet as PDF. Raises: NotFound; InvalidInput for a language that is not there."""
    return write_sheet(printed(at, plan_id, code, units), paper)


def row_pdf(at: Workplace, row_id: str, paper: Paper, code: str, units: Units) -> bytes:
    """Every open sheet of a row in walking order, after a list of the round with what is carried.
    Raises: NotFound; InvalidInput where no sheet is open, or for a language that is not there.
    """
    with at.store.reading() as session:
        records = tree_records(session, row_id=row_id)
        if not records:
            raise NotFound(say("bad-there-is-no-row-with-trees", scope_id=row_id))
        pass_ = one_pass(at, session, records, units)
        place = {r.tree.id: n for n, r in enumerate(records)}
        open_ = sorted(
            (p for p in plans.open_plans(session) if p.tree_id in place),
            key=lambda p: (place[p.tree_id], p.act),
        )
    if not open_:
        raise invalid("", say("bad-no-cut-sheet-is-open-in"))
    phrases = phrases_of(code)
    sheets_ = [printed(at, p.id, code, units) for p in open_]
    views = [sheets.sheet(at, p.id, units) for p in open_]
    minutes = [v.minutes for v in views]
    tools = list(dict.fromkeys(t for s in sheets_ for t in s.tools))
    clean = disinfectant(at.know, "alcohol", len(open_), max(1, len(tools)))
    said = [
        (
            f"{phrases.say('tools')}: {', '.join(tools)}. {max(1, round(sum(minutes)))} "
            f"{phrases.say('minutes')}."
        ),
        *([phrases.say("one-pass", kg=weight_words(pass_.kg or 0.0, units))] if pass_ else []),
        phrases.say("care-base"),
        _clean_words(clean, phrases),
        phrases.say("care-local"),
    ]
    rows = [
        (s.heading, str(len(s.cuts)), f"{max(1, round(m))}", ", ".join(s.tools))
        for s, m in zip(sheets_, minutes, strict=True)
    ]
    first = RoundList(
        phrases.say("sheet"),
        f"{records[0].block.name} {records[0].row.called}",
        said,
        (phrases.say("tree"), phrases.say("cuts"), phrases.say("minutes"), phrases.say("tools")),
        rows,
        code,
    )
    return write_round(first, sheets_, paper)


def phrases_of(code: str) -> Phrases:
    """Raises: InvalidInput for a language that is not there."""
    known = [found.code for found in languages()]
    if code not in known:
        raise invalid("/language", say("bad-must-be-one-of", known=listed(known)))
    return language(code).phrases


def printed(at: Workplace, plan_id: str, code: str, units: Units) -> PrintedSheet:
    """What a sheet says in a language. Raises: NotFound."""
    phrases, view = phrases_of(code), sheets.sheet(at, plan_id, units)
    frame, words = view.frame.frame, phrases.say
    tools = list(dict.fromkeys(words(f"tool-{x.advice.tool_id}") for x in view.lines))
    return PrintedSheet(
        words("sheet"),
        view.record.name,
        _of(at, view.record),
        _said(view, phrases, units),
        words("hazards"),
        _hazards(at, view, phrases, units),
        words("tools"),
        tools,
        words("order"),
        (words("wound"), words("weight"), words("share"), words("done"), words("who")),
        _limbs(view),
        frame.trunk.diameter_mm / 1000,
        frame.trunk.height_m,
        frame.union_m,
        view.answer.before.height_m,
        f"{words('seen-from')} {phrases.wind(_FROM)}",
        (1.0, "1 m") if units == "metric" else (0.9144, "3 ft"),
        _cuts(at, view, phrases, units),
        words("unplanned"),
        words("page"),
        code,
    )


def _of(at: Workplace, record: TreeRecord) -> str:
    kind = said(kind_called(at.know, record.tree.species, record.cultivar))
    with at.store.reading() as session:
        holding = places.holding(session)
    return f"{kind}, {holding.name}" if holding else kind


def _limbs(view: SheetView) -> tuple[PrintedLimb, ...]:
    """The drawing, with what the cuts take marked."""
    frame, ends = view.frame.frame, view.frame.ends
    fallen = {
        *gone_limbs(frame, [Cut(x.cost.limb, x.cost.keep_m) for x in view.lines]),
        *(x.cost.limb for x in view.lines if x.cost.keep_m == 0),
    }
    return tuple(
        PrintedLimb(
            _flat(ends[x.id][0]),
            _flat(ends[x.id][1]),
            x.base_mm / 1000,
            x.end_mm / 1000,
            x.id in fallen,
            x.state == "dead",
        )
        for x in frame.limbs
    )


def _cuts(at: Workplace, view: SheetView, phrases: Phrases, units: Units) -> list[PrintedCut]:
    """Each cut in the helper's language: where, how, with what, and what it weighs."""
    frame, ends = view.frame.frame, view.frame.ends
    names, near = limb_words(frame, phrases), at.know.number("cuts/side-branch-near")
    found = []
    for n, line in enumerate(view.lines, 1):
        cost, limb = line.cost, line.cost.limb
        base = (0.0, 0.0, cost.keep_m)
        if limb != TRUNK:
            base = along(ends[limb][0], frame.limb(limb), max(cost.keep_m, 0.05))
        free = line.advice.free or not cost.share
        found.append(
            PrintedCut(
                n,
                _flat(base),
                place_words(frame, limb, cost.keep_m, names, near, phrases, units),
                how_words(line.advice, phrases),
                phrases.say(f"tool-{line.advice.tool_id}"),
                diameter_words(cost.wound_mm, units),
                phrases.say("free") if free else share_words(cost.share or 0.0),
                weight_words(cost.hand_kg, units),
            )
        )
    return found


def _hazards(at: Workplace, view: SheetView, phrases: Phrases, units: Units) -> list[str]:
    """What to take care of, and what tools are cleaned with."""
    advice = [x.advice for x in view.lines]
    heaviest = max((x.cost.lift_kg for x in view.lines), default=0.0)
    fruit = sum(x.cost.fruit_lost for x in view.lines)
    tools = max(1, len({a.tool_id for a in advice} - {"finger"}))
    clean = disinfectant(at.know, "alcohol", 1, tools)
    return [
        *care_words(at.know, advice, fruit, heaviest, phrases, units),
        _clean_words(clean, phrases),
        phrases.say("care-local"),
    ]


def _said(view: SheetView, phrases: Phrases, units: Units) -> list[str]:
    """The day, what is taken of how much, from which height to which, and the minutes."""
    words, plan, answer = phrases.say, view.plan, view.answer
    total, limit = share_words(plan.answer["removed"]), plan.answer["max_share"]
    most = f", {words('limit').lower()} {share_words(limit)}" if limit is not None else ""
    before, after = (length_words(m.height_m, units) for m in (answer.before, answer.after))
    minutes = max(1, round(view.minutes))
    return [
        f"{words('day')} {day_words(plan.day)}. "
        f"{words('total')} {total} {words('of-canopy')}{most}.",
        f"{words('height')} {before} {words('to')} {after}. {minutes} {words('minutes')}.",
    ]
