"""What each role may do, call by call. What stands here nowhere is nobody's."""

from __future__ import annotations

from ...services.door.roles import Role

ANYBODY = frozenset(
    (
        "GET /api/session",
        "POST /api/session",
        "DELETE /api/session",
        "POST /api/join",
        "POST /api/session/passkey/options",
        "POST /api/session/passkey",
    )
)
"""Answered to whoever asks: how one comes in."""

NO_ACTS = ("passkeys", "calendar-address", "session", "join", "invites", "accounts", "devices")
"""Writes at the door are no acts of the holding: they are heard there, and not taken back."""

BY_KEY = frozenset(("GET /api/calendar.ics", "GET /api/people/{id}/weeks.ics"))
"""Answered also to a calendar that cannot sign in and knows its key."""

_READ = """
GET /api/openapi.json
GET /api/address
GET /api/blocks/{id}/lie
POST /api/blocks/{id}/lie
POST /api/blocks/count-out
GET /api/catalogue
GET /api/glossary
GET /api/languages
GET /api/demo
GET /api/grove
GET /api/find
GET /api/odd
GET /api/people
GET /api/sites/{id}
GET /api/dangers
GET /api/climates
POST /api/climates/nearest
GET /api/progress
GET /api/places
GET /api/places/near
GET /api/places/zone
GET /api/trees/{id}
GET /api/trees/{id}/needs
GET /api/trees/{id}/trace
GET /api/almanac
GET /api/calendar.ics
GET /api/calendar-address
POST /api/calendar-address
GET /api/season-plan
GET /api/season-report
GET /api/season-report.pdf
GET /api/stances
POST /api/stances/effect
GET /api/today
GET /api/sites/{id}/weather
GET /api/rows/{id}/walk
GET /api/trees/{id}/walk-form
GET /api/walks/{id}
GET /api/goals
GET /api/sheets/{id}
GET /api/sheets/{id}.pdf
GET /api/rows/{id}/sheets.pdf
GET /api/trees/{id}/aim
GET /api/blocks/{id}/sample
GET /api/blocks/{id}/heights
POST /api/blocks/{id}/section
POST /api/blocks/{id}/schools
POST /api/blocks/{id}/hedging-round
GET /api/rotations
GET /api/trees/{id}/which-limb
GET /api/trees/{id}/shade
GET /api/ways
GET /api/sites/{id}/cold-nights
GET /api/sites/{id}/before-cold
GET /api/sites/{id}/hurt
GET /api/sites/{id}/frost-record
GET /api/blocks/{id}/recovery
GET /api/trees/{id}/after-frost
GET /api/trees/{id}/frost-cuts
GET /api/trees/{id}/grow-on
GET /api/acts
GET /api/log
GET /api/trees/{id}/look-back
GET /api/blocks/{id}/look-back
GET /api/photos
GET /api/photos/{id}.jpg
GET /api/people/{id}/week.pdf
GET /api/people/{id}/weeks.ics
GET /api/crew
POST /api/plantings/understand
POST /api/trees/{id}/shoot
POST /api/trees/{id}/preview
POST /api/trees/{id}/plan
POST /api/trees/{id}/recipe
POST /api/trees/{id}/count
POST /api/trees/{id}/schools
POST /api/trees/{id}/envelope
POST /api/trees/{id}/grown
POST /api/trees/{id}/rehearse
POST /api/trees/{id}/rehearse/range
GET /api/practice
GET /api/practice/trees/{id}
POST /api/practice/trees/{id}/debrief
GET /api/practice/lessons/{id}
"""

_LOOK_AND_DO = """
POST /api/trees/{id}/observations
POST /api/trees/{id}/sides
POST /api/blocks/{id}/observations
POST /api/trees/{id}/log
POST /api/today/put-off
POST /api/today/done
POST /api/trees/{id}/walks/quick
POST /api/walks/quick
POST /api/trees/{id}/walks
PUT /api/walks/{id}
POST /api/walks/{id}/answers
POST /api/walks/{id}/finish
POST /api/trees/{id}/counted
PUT /api/sheets/{id}/cuts/{cut_id}
POST /api/sheets/{id}/cuts
POST /api/sheets/{id}/finish
POST /api/trees/{id}/scratches
POST /api/trees/{id}/looks
POST /api/trees/{id}/new-shoots
POST /api/trees/{id}/regrowth
POST /api/sites/{id}/cut-test
POST /api/acts/{id}/undo
PUT /api/tasks/{id}
POST /api/harvests
PUT /api/photos/{id}
"""

_PLAN = """
GET /api/sites/{id}/days.csv
GET /api/sites/{id}/grove.geojson
GET /api/lists/{name}.csv
GET /api/lists/{name}.xlsx
GET /api/trees.csv
GET /api/log.csv
POST /api/blocks
PUT /api/blocks/{id}/lie
POST /api/odd/{id}/out
POST /api/species
PUT /api/people/{id}
DELETE /api/people/{id}
PUT /api/assignments
PUT /api/sites/{id}
POST /api/sites/{id}/days
POST /api/sites
PUT /api/units
POST /api/plantings
PUT /api/blocks/{id}
PATCH /api/blocks/{id}
POST /api/rows/{id}/mean
PATCH /api/rows/{id}
POST /api/trees/import
POST /api/trees/geojson
PATCH /api/trees/{id}
POST /api/trees/{id}/gone
POST /api/trees/{id}/move
POST /api/trees/{id}/alike
PUT /api/trees/{id}/spot
POST /api/trees/{id}/grafts
DELETE /api/trees/{id}/grafts/{graft}
POST /api/trees/{id}/mistake
POST /api/trees/{id}/stands
POST /api/trees/{id}/frames
POST /api/trees/{id}/sketch
POST /api/trees/{id}/traces
POST /api/says
POST /api/says/take-back
PUT /api/stances
POST /api/today/let-go
PUT /api/weather/scenario
POST /api/walks/{id}/plan
POST /api/trees/{id}/sheets
POST /api/sheets/many
PUT /api/trees/{id}/aim
PUT /api/aims
POST /api/rotations
POST /api/rotations/{id}/end
POST /api/sites/{id}/night
POST /api/sites/{id}/protect
POST /api/trees/{id}/frost-class
POST /api/trees/{id}/frost-sheets
POST /api/trees/{id}/grow-on
PUT /api/log/{id}
PUT /api/crew/away/{id}
DELETE /api/crew/away/{id}
PUT /api/crew/fixes/{id}
DELETE /api/crew/fixes/{id}
POST /api/crew/try
POST /api/crew/kept
"""

_OWN = """
GET /api/accounts
POST /api/invites
PUT /api/accounts/{id}
DELETE /api/accounts/{id}
GET /api/heard
GET /api/backups
GET /api/package.zip
GET /api/package.zip
POST /api/backups
POST /api/demo
"""

_CALLS: dict[Role, str] = {"viewer": _READ, "helper": _LOOK_AND_DO, "manager": _PLAN, "owner": _OWN}
LEAST: dict[str, Role] = {
    call: role for role, calls in _CALLS.items() for call in calls.split("\n") if call
}
"""The least role that a call wants."""
LEAST |= {"POST /api/passkeys/options": "viewer", "POST /api/passkeys": "viewer"}
LEAST |= {"DELETE /api/devices/{id}": "viewer"}  # one's own; an owner anybody's
TAKES_OUT = frozenset(
    call
    for call in LEAST
    if call.startswith("GET ") and call.endswith((".csv", ".xlsx", ".geojson", ".zip"))
)
"""What leaves the holding as a file: written down who took it."""


def least(call: str) -> Role | None:
    """The least role for ``METHOD /path/{id}``; None for a call that nobody may make."""
    if call.startswith(("POST /api/calc/", "GET /api/calc/")):
        return "viewer"  # arithmetic on what is sent, that knows nothing of the holding
    return LEAST.get(call)
