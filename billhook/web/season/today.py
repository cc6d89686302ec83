"""The fortnight's work."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.holding.own_rows import narrowed
from ...services.season import item, settle, today
from ...services.walk.found import let_go
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.today import DoneIn, DoneOut, LetGoIn, PutOffIn, PutOffOut, TodayOut, TodayQuery

routes = APIBlueprint("season_today", __name__, url_prefix="/api")


def _item(item: item.Item) -> dict[str, Any]:
    seen: dict[Any, Any] = {}
    for reason in item.reasons:
        seen.setdefault(reason.says, reason)
    return {
        **vars(item),
        "reasons": list(seen.values()),
        "trees": [{"id": r.tree.id, "name": r.name} for r in item.trees],
        "minutes": round(item.minutes, 1),
    }


@routes.get("/today", responses={200: TodayOut})
def get_today(query: TodayQuery) -> dict[str, Any]:
    """The fortnight's work in walking order."""
    at = here()
    within: str | frozenset[str] | None = query.within
    if (rows := own_rows()) is not None:
        within = narrowed(at, query.within, rows)
    found = today.fortnight(at, query.day or at.today(), query.units, query.days, within)
    due = [*found.late, *found.items]
    minutes = round(sum(i.minutes for i in due if i.closed_by is None), 1)
    lists = {
        name: [_item(i) for i in getattr(found, name)]
        for name in ("late", "items", "put_off", "too_late")
    }
    return answer(
        TodayOut,
        {
            "day": found.day,
            "until": found.until,
            "forecast": found.forecast,
            "minutes": minutes,
            "next": _item(found.next) if found.next else None,
            **lists,
        },
    )


@routes.post("/today/put-off", responses={200: PutOffOut})
def post_put_off(body: PutOffIn) -> dict[str, Any]:
    """Put work off to a day, with the reason."""
    at = here()
    if body.task_id is not None:
        settle.put_task_off(at, body.task_id, body.version or 1, body.until, body.why, at.today())
    else:
        settle.put_off(at, body.tree_ids, body.work, body.until, body.why, at.today())
    return {"trees": len(body.tree_ids)}


@routes.post("/today/let-go", responses={200: PutOffOut})
def post_let_go(body: LetGoIn) -> dict[str, Any]:
    """Let go what a look found, with the reason."""
    return {"trees": let_go(here(), body.tree_ids, body.found, body.why)}


@routes.post("/today/done", responses={200: DoneOut})
def post_done(body: DoneIn) -> dict[str, Any]:
    """Log work as done, unmeasured."""
    return {
        "entries": settle.done(
            here(),
            body.tree_ids,
            body.work,
            body.date,
            body.who,
            body.minutes,
            body.id,
            body.count,
            body.found,
        )
    }
