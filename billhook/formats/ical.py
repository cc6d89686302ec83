"""iCalendar (RFC 5545) out: all-day events with stable UIDs, so that a subscribed calendar updates
in place.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from dataclasses import dataclass

from icalendar import Calendar, Event


@dataclass(frozen=True)
class Entry:
    """One all-day entry, both days included. sequence: rises whenever the entry changes."""

    uid: str
    start: dt.date
    end: dt.date
    summary: str
    description: str
    category: str
    sequence: int = 0


def write_calendar(
    name: str, language: str, entries: Iterable[Entry], made_at: dt.datetime
) -> bytes:
    """A calendar of entries in a language. ``made_at``: aware, in UTC."""
    calendar = Calendar()
    calendar.add("prodid", f"-//Billhook//Pruning calendar//{language.upper()}")
    calendar.add("version", "2.0")
    calendar.add("method", "PUBLISH")
    calendar.add("x-wr-calname", " ".join(name.split()))  # a name in two lines stays one
    calendar.add("refresh-interval;value=duration", "PT12H")
    for entry in entries:
        event = Event()
        event.add("uid", entry.uid)
        event.add("dtstamp", made_at)
        event.add("dtstart", entry.start)
        event.add("dtend", entry.end + dt.timedelta(days=1))
        event.add("summary", entry.summary)
        event.add("description", entry.description)
        event.add("categories", [entry.category])
        event.add("sequence", entry.sequence)
        event.add("transp", "TRANSPARENT")
        calendar.add_component(event)
    return bytes(calendar.to_ical())
