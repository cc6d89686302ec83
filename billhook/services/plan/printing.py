"""A cut sheet in the helper's language, ready to print."""

from __future__ import annotations

from math import cos, radians, sin

from ...catalogue.languages import LANGUAGES, language
from ...core.aftercare.quantities import disinfectant
from ...core.cuts.sheet_words import care_words, how_words, limb_words, place_words
from ...core.errors import invalid
from ...core.frame.finish import gone_limbs
from ...core.frame.geometry import Point, along
from ...core.frame.model import TRUNK, Cut
from ...core.words.units import Units, diameter_words, length_words, share_words, weight_words
from ...formats.sheet_pdf import (
    Paper,
    PrintedCut,
    PrintedLimb,
    PrintedSheet,
    RoundList,
    write_round,
    write_sheet,
)
from ...store import plans
from ...store.database import NotFound
from ...store.trees import tree_records
from ..season.one_pass import one_pass
from ..workplace import Workplace
from . import sheets

_FROM = 180.0  # seen from the south


def _flat(p: Point) -> tuple[float, float]:
    """A point as seen from where one stands: to the right, and up [m]."""
    return -p[0] * cos(radians(_FROM)) + p[1] * sin(radians(_FROM)), p[2]


def sheet_pdf(at: Workplace, plan_id: str, paper: Paper, code: str, units: Units) -> bytes:
    """A sheet as PDF. Raises: NotFound; InvalidInput for a language that is not there."""
    if code not in LANGUAGES:
        raise invalid("/language", f"must be one of {', '.join(LANGUAGES)}")
    return write_sheet(printed(at, plan_id, code, units), paper)


def row_pdf(at: Workplace, row_id: str, paper: Paper, code: str, units: Units) -> bytes:
    """Every open sheet of a row in walking order, after a list of the round with what is carried.
    Raises: NotFound; InvalidInput where no sheet is open.
    """
    with at.store.reading() as session:
        records = tree_records(session, row_id=row_id)
        if not records:
            raise NotFound(f"there is no row {row_id} with trees")
        pass_ = one_pass(at, session, records, units)
        place = {r.tree.id: n for n, r in enumerate(records)}
        open_ = sorted(
            (p for p in plans.open_plans(session) if p.tree_id in place),
            key=lambda p: (place[p.tree_id], p.act),
        )
    if not open_:
        raise invalid("", "no cut sheet is open in this row")
    phrases = language(code).phrases
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
        phrases.say("care-clean", l=f"{max(0.1, clean.mix_l):.1f}", rags=str(clean.rags)),
        phrases.say("care-local"),
    ]
    rows = [
        (s.heading, str(len(s.cuts)), f"{max(1, round(m))}", ", ".join(s.tools))
        for s, m in zip(sheets_, minutes, strict=True)
    ]
    columns = (
        phrases.say("tree"),
        phrases.say("cuts"),
        phrases.say("minutes"),
        phrases.say("tools"),
    )
    first = RoundList(
        phrases.say("sheet"),
        f"{records[0].block.name} {records[0].row.n}",
        said,
        columns,
        rows,
        code,
    )
    return write_round(first, sheets_, paper)


def printed(at: Workplace, plan_id: str, code: str, units: Units) -> PrintedSheet:
    """What a sheet says in a language. Raises: NotFound."""
    know, phrases = at.know, language(code).phrases
    view = sheets.sheet(at, plan_id, units)
    frame, record, plan = view.frame.frame, view.record, view.plan
    names, near = limb_words(frame, phrases), know.number("cuts/side-branch-near")
    fallen = {
        *gone_limbs(frame, [Cut(x.cost.limb, x.cost.keep_m) for x in view.lines]),
        *(x.cost.limb for x in view.lines if x.cost.keep_m == 0),
    }
    limbs = tuple(
        PrintedLimb(
            _flat(view.frame.ends[x.id][0]),
            _flat(view.frame.ends[x.id][1]),
            x.base_mm / 1000,
            x.end_mm / 1000,
            x.id in fallen,
            x.state == "dead",
        )
        for x in frame.limbs
    )
    cuts = []
    for n, line in enumerate(view.lines, 1):
        cost = line.cost
        base = (
            (0.0, 0.0, cost.keep_m)
            if cost.limb == TRUNK
            else along(view.frame.ends[cost.limb][0], frame.limb(cost.limb), max(cost.keep_m, 0.05))
        )
        share = (
            phrases.say("free") if line.advice.free or not cost.share else share_words(cost.share)
        )
        cuts.append(
            PrintedCut(
                n,
                _flat(base),
                place_words(frame, cost.limb, cost.keep_m, names, near, phrases, units),
                how_words(line.advice, phrases),
                phrases.say(f"tool-{line.advice.tool_id}"),
                diameter_words(cost.wound_mm, units),
                share,
                weight_words(cost.hand_kg, units),
            )
        )
    advice = [x.advice for x in view.lines]
    clean = disinfectant(know, "alcohol", 1, max(1, len({a.tool_id for a in advice} - {"finger"})))
    hazards = care_words(
        know,
        advice,
        sum(x.cost.fruit_lost for x in view.lines),
        max((x.cost.lift_kg for x in view.lines), default=0.0),
        phrases,
        units,
    )
    hazards += [
        phrases.say("care-clean", l=f"{max(0.1, clean.mix_l):.1f}", rags=str(clean.rags)),
        phrases.say("care-local"),
    ]
    total, limit = plan.answer["removed"], plan.answer["max_share"]
    said = [
        (
            f"{phrases.say('day')} {plan.day.isoformat()}. {phrases.say('total')} "
            f"{share_words(total)} {phrases.say('of-canopy')}"
        )
        + (f", {phrases.say('limit').lower()} {share_words(limit)}." if limit is not None else "."),
        f"{phrases.say('height')} {length_words(view.answer.before.height_m, units)} "
        f"{phrases.say('to')} {length_words(view.answer.after.height_m, units)}. "
        f"{max(1, round(view.minutes))} {phrases.say('minutes')}.",
    ]
    tools = list(dict.fromkeys(phrases.say(f"tool-{a.tool_id}") for a in advice))
    bar = (1.0, "1 m") if units == "metric" else (0.9144, "3 ft")
    return PrintedSheet(
        phrases.say("sheet"),
        record.name,
        said,
        phrases.say("hazards"),
        hazards,
        phrases.say("tools"),
        tools,
        phrases.say("order"),
        (
            phrases.say("wound"),
            phrases.say("weight"),
            phrases.say("share"),
            phrases.say("done"),
            phrases.say("who"),
        ),
        limbs,
        frame.trunk.diameter_mm / 1000,
        frame.trunk.height_m,
        frame.union_m,
        view.answer.before.height_m,
        f"{phrases.say('seen-from')} {phrases.wind(_FROM)}",
        bar,
        cuts,
        phrases.say("unplanned"),
        phrases.say("page"),
        code,
    )
