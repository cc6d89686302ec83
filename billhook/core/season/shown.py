"""The events of growing years, as they are shown."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from .claims import DAY
from .model import Event, GrowingYear, Origin
from .year import Year


def events_shown(years: Sequence[Year], first: dt.date, last: dt.date) -> tuple[Event, ...]:
    """Events that touch the asked span, in order; those of the growing years before and after too,
    where they reach into it.
    """
    found: dict[tuple[str, dt.date], Event] = {}
    resolved: dict[dt.date, GrowingYear] = {}
    for year in years:
        resolved |= {y.start: y for y in (year.asked.before, year.asked.year, year.asked.after)}
        for claim in year.claims:
            if claim.kind == "event":
                event = Event(claim.reason.code, claim.when.start, claim.when.end, "computed")
                found[event.name, event.start] = event
    ordered = sorted(resolved.values(), key=lambda y: y.start)
    for of, following in zip(ordered, [*ordered[1:], None], strict=True):
        for event in _of_year(of, following):
            found[event.name, event.start] = event
    return tuple(
        sorted(
            (e for e in found.values() if e.end >= first and e.start <= last),
            key=lambda e: (e.start, e.name),
        )
    )


def _of_year(year: GrowingYear, following: GrowingYear | None) -> list[Event]:
    o, moved = year.origins, year.moved
    found = [
        Event("first flush", year.flush, year.flush_hard, o["flush"], moved.get("flush_start", 0))
    ]
    found += [Event("later flush", f.start, f.end, "computed") for f in year.later_flushes]
    if year.bloom:
        found.append(
            Event(
                "bloom", year.bloom.start, year.bloom.end, o["bloom"], moved.get("bloom_start", 0)
            )
        )
        if year.drop_end:
            found.append(Event("set and drop", year.bloom.end + DAY, year.drop_end, o["bloom"]))
    if year.harvest:
        found.append(
            Event(
                "harvest",
                year.harvest.start,
                year.harvest.end,
                o["harvest"],
                moved.get("harvest_end", 0),
            )
        )
    if year.first_frost and following and following.last_frost:
        found.append(
            Event("frost likely", year.first_frost, following.last_frost, o["first_frost"])
        )
    if year.sun32 or year.sun30:
        sun = year.sun32 or year.sun30
        assert sun is not None
        found.append(Event("strong sun on bark", sun.start, sun.end, "computed"))
    if year.hot:
        found.append(Event("hot season", year.hot.start, year.hot.end, o["hot"]))
    marks: tuple[tuple[str, dt.date | None, Origin], ...] = (
        ("last safe hard cut", year.last_safe_hard, "computed"),
        ("last safe light cut", year.last_safe_light, "computed"),
        ("carry out", year.carry_out, o.get("carry_out", "computed")),
        ("carry in", year.carry_in, o.get("carry_in", "computed")),
    )
    found += [Event(name, day, day, origin) for name, day, origin in marks if day]
    return found
