"""A calendar opens whatever its name is."""

from __future__ import annotations

import datetime as dt

from icalendar import Calendar

from billhook.formats.ical import Entry, write_calendar


def test_a_name_and_a_summary_in_two_lines_are_read_back():
    day = dt.date(2027, 3, 24)
    entry = Entry("1@billhook", day, day, "Baixo,\nrow 1", "Why; because", "Look again")
    made = write_calendar("Quinta\nde cima", "en", [entry], dt.datetime(2027, 3, 24, tzinfo=dt.UTC))
    read = Calendar.from_ical(made)
    assert read["x-wr-calname"] == "Quinta de cima"
    (event,) = [e for e in read.walk() if e.name == "VEVENT"]
    assert event["summary"] == "Baixo,\nrow 1"
