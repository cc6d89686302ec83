"""Heat, the last safe cut, and the season."""

from __future__ import annotations

from typing import Any

import numpy as np
from flask_openapi.blueprint import APIBlueprint

from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.season.heat import day_degrees
from ...core.season.latest import latest_cut
from ...core.season.model import WORKS, ForecastDay
from ...core.season.schools import schools_of
from ...core.season.season import season
from ...core.words.values import listed, say
from ..answers import body as answer
from ..answers import here
from ..models.calc.season import (
    HeatUnitsIn,
    HeatUnitsOut,
    LatestCutIn,
    LatestCutOut,
    SeasonIn,
    SeasonOut,
)
from .asked import normals_of, place_and_tree

routes = APIBlueprint("calc_season", __name__, url_prefix="/api/calc")


@routes.post("/heat-units", responses={200: HeatUnitsOut})
def heat_units(body: HeatUnitsIn) -> dict[str, Any]:
    """Day degrees of daily minima and maxima."""
    if len(body.tmin) != len(body.tmax):
        raise invalid("/tmax", say("bad-must-hold-as-many-days-as", n=len(body.tmin)))
    wrong = [
        FieldProblem(f"/tmax/{i}", say("bad-the-maximum-lies-below-the-minimum-3"))
        for i, (a, b) in enumerate(zip(body.tmin, body.tmax, strict=True))
        if b < a
    ]
    _upper(body.base_c, body.upper_c, wrong)
    daily = day_degrees(
        np.array(body.tmin, dtype=float),
        np.array(body.tmax, dtype=float),
        body.base_c,
        body.upper_c,
        body.method,
    )
    return answer(HeatUnitsOut, {"daily": daily.tolist(), "total": float(daily.sum())})


def _upper(base_c: float, upper_c: float | None, wrong: list[FieldProblem]) -> None:
    if upper_c is not None and upper_c <= base_c:
        wrong.append(FieldProblem("/upper_c", say("bad-must-be-more-than-the-base", base_c=base_c)))
    if wrong:
        raise InvalidInput(wrong)


@routes.post("/latest-cut", responses={200: LatestCutOut})
def latest(body: LatestCutIn) -> dict[str, Any]:
    """The last day on which a cut still leaves growth the warmth to harden."""
    normals = normals_of(body.normals, "/normals")
    wrong: list[FieldProblem] = []
    if body.cap_days is not None and body.cap_days < body.floor_days:
        wrong.append(
            FieldProblem(
                "/cap_days", say("bad-must-be-at-least-the-floor", floor_days=body.floor_days)
            )
        )
    _upper(body.base_c, body.upper_c, wrong)
    found = latest_cut(
        normals,
        body.base_c,
        body.heat_units,
        body.before,
        body.safety_days,
        body.upper_c,
        body.method,
        body.floor_days,
        body.cap_days,
    )
    return answer(LatestCutOut, {**vars(found), "reason": found.why_not})


def _stance(body: SeasonIn) -> dict[str, str]:
    know, chosen = here().know, {k: v for k, v in body.stance if v is not None}
    refuse(
        {
            f"/stance/{k}": say("bad-must-be-one-of", known=listed(known))
            for k, v in chosen.items()
            if v not in (known := schools_of(know, k.replace("_", "-")))
        }
    )
    return {k.replace("_", "-"): v for k, v in chosen.items()}


@routes.post("/season", responses={200: SeasonOut})
def season_(body: SeasonIn) -> dict[str, Any]:
    """Events, and for every kind of work and day: go, light, wait or stop, with the share limit and
    the reasons.
    """
    know = here().know
    site, tree = place_and_tree(body.site, body.tree)
    observed = {k: v for k, v in body.observed if v is not None} if body.observed else {}
    forecast = [ForecastDay(f.date, f.tmin, f.tmax, f.rain_mm) for f in body.forecast]
    stance = _stance(body)
    found = season(
        site, tree, know, body.from_, body.to, body.work or WORKS, observed, forecast, stance
    )
    best = [{**vars(b), "range": [b.year.start, b.year.end]} for b in found.best]
    return answer(SeasonOut, {"events": found.events, "best": best, "segments": found.segments})
