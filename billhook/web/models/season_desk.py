"""Places, stances, the fortnight, weather and the calendar, as they are asked about and
answered.
"""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import BeforeValidator, Field

from ...core.season.model import Status
from .base import (
    Answer,
    Asked,
    Counted,
    IsoDate,
    MonthDayText,
    Number,
    Text,
    Units,
    Uuid,
    Work,
    Written,
    whole,
)
from .season import School, Twelve
from .shared import ActOut, ReasonOut

Scope = Literal["holding", "block", "tree"]
Months = Annotated[list[Annotated[Counted, Field(ge=1, le=12)]], Field(min_length=2, max_length=2)]


class SiteViewOut(Answer):
    """A place with the normals in force and where they come from."""

    id: str
    name: str
    version: int
    latitude: float
    longitude: float | None
    elevation_m: float | None
    climate: str
    tmin_c: list[float]
    tmax_c: list[float]
    origin: str
    last_frost: str | None
    first_frost: str | None
    dangers: list[str]


class DangerOut(Answer):
    """A pest or disease of a region that moves windows."""

    id: str
    name: str
    says: str


class DangersOut(Answer):
    """What may be about in a region."""

    dangers: list[DangerOut]


class SiteIn(Written):
    """A place, corrected."""

    version: Annotated[Counted, Field(ge=1)]
    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] | None = None
    elevation_m: Annotated[Number, Field(ge=-430, le=5000)] | None = None
    climate: Annotated[str, Field(max_length=60)]
    tmin_c: Twelve
    tmax_c: Twelve
    last_frost: MonthDayText
    first_frost: MonthDayText
    dangers: Annotated[list[Annotated[str, Field(max_length=40)]], Field(max_length=20)] = []


class DaysIn(Written):
    """A station's daily series as CSV text; ``accept`` names what is left as it is."""

    text: Annotated[str, Field(min_length=1, max_length=4_000_000)]
    accept: Annotated[
        list[Literal["gaps", "duplicates", "swapped", "fahrenheit"]], Field(max_length=4)
    ] = []
    risk: Annotated[Number, Field(ge=0.02, le=0.5)] = 0.1
    save: bool = False
    as_normals: bool = False


class DayProblemOut(Answer):
    """What is wrong on a line (0: the whole list); ``accept`` is the word that lets it pass, null
    where it must be mended.
    """

    line: int
    column: str
    message: str
    accept: str | None


class DaysOut(Answer):
    """What a series holds and would make of the place."""

    count: int
    problems: list[DayProblemOut]
    problem_count: int
    tmin_c: list[float] | None
    tmax_c: list[float] | None
    last_frost: str | None
    first_frost: str | None
    hot_from: str | None
    hot_to: str | None
    first: IsoDate | None
    last: IsoDate | None
    years: int | None
    why_not: str | None
    saved: bool


class SchoolOut(Answer):
    """One answer to a question on which practitioners differ."""

    id: str
    name: str
    believes: str
    against: str
    changes: str


class TopicOut(Answer):
    """A topic, its schools, and the one in force with where it was chosen."""

    topic: str
    in_force: str
    chosen_at: Literal["default", "holding", "block", "tree"]
    schools: list[SchoolOut]


class StancesOut(Answer):
    """Every topic as it stands for a scope."""

    topics: list[TopicOut]


class StanceQuery(Asked):
    """Of the holding, a block or a tree."""

    scope: Scope = "holding"
    scope_id: Annotated[str, Field(max_length=60)] | None = None


class StanceChoiceIn(Written):
    """A school for a scope; null takes the choice back."""

    scope: Scope
    scope_id: Annotated[str, Field(max_length=60)] | None = None
    topic: School
    school: School | None


class StanceEffectIn(Asked):
    """Which school's effect is wanted."""

    scope: Scope
    scope_id: Annotated[str, Field(max_length=60)] | None = None
    topic: School
    school: School


class ChangeOut(Answer):
    """What a school changes for one kind of work over the next year, in words."""

    work: Work
    name: str
    now: str
    then: str


class EffectOfOut(Answer):
    """Changes for the commonest trees of one kind, named by one of them."""

    tree: str
    kind_name: str
    changes: list[ChangeOut]


class EffectOut(Answer):
    """Changes by kind of tree; kinds that nothing changes for have none."""

    kinds: list[EffectOfOut]


class TodayQuery(Asked):
    """The day, how many days ahead, and the units of sentences."""

    day: IsoDate | None = None
    days: Annotated[int, BeforeValidator(whole), Field(ge=1, le=60)] = 14
    units: Units = "metric"


class TodayTreeOut(Answer):
    """A tree of an item."""

    id: str
    name: str


class LaterOut(Answer):
    """Until when work was put off, and why."""

    until: IsoDate
    why: str


class TodayTaskOut(Answer):
    """The come-back behind an item."""

    id: str
    version: int


class ItemOut(Answer):
    """Like work on trees of a row; a sweep goes over all rows of a block."""

    key: str
    kind: Literal["work", "come-back", "sheet", "sweep", "too-late"]
    work: str
    block: str
    rows: list[int]
    says: str
    tone: Status
    reasons: list[ReasonOut]
    opens: IsoDate | None
    last_good: IsoDate | None
    minutes: float
    trees: list[TodayTreeOut]
    task: TodayTaskOut | None
    plan_id: str | None
    closed_by: str | None
    later: LaterOut | None
    instead: str | None
    acts: list[ActOut] = []
    cost: str | None = None


class TodayOut(Answer):
    """The fortnight in walking order; ``forecast`` says why there is none."""

    day: IsoDate
    until: IsoDate
    minutes: float
    items: list[ItemOut]
    put_off: list[ItemOut]
    too_late: list[ItemOut]
    forecast: str | None


class PutOffIn(Written):
    """Work on trees put off, or a come-back by its id and version."""

    tree_ids: Annotated[
        list[Annotated[str, Field(max_length=60)]], Field(min_length=1, max_length=3000)
    ]
    work: Annotated[str, Field(max_length=40)]
    until: IsoDate
    why: Annotated[str, Field(min_length=1, max_length=200)]
    task_id: Annotated[str, Field(max_length=60)] | None = None
    version: Annotated[Counted, Field(ge=1)] | None = None


class DoneIn(Asked):
    """Work ticked off on trees; ``id`` names the request, so that sending it twice does it once."""

    id: Uuid
    tree_ids: Annotated[
        list[Annotated[str, Field(max_length=60)]], Field(min_length=1, max_length=3000)
    ]
    work: Work
    date: IsoDate
    who: Annotated[str, Field(max_length=120)] = ""
    minutes: Annotated[Number, Field(ge=0, le=10_000)] | None = None
    count: Annotated[Counted, Field(ge=1, le=500)] | None = None


class DoneOut(Answer):
    """Entries on record for the request."""

    entries: int


class PutOffOut(Answer):
    """How many trees it holds for."""

    trees: int


class WeatherDayOut(Answer):
    """One day."""

    date: IsoDate
    tmin: float | None
    tmax: float | None
    rain_mm: float | None


class ScenarioOut(Answer):
    """A way the demo's weather may turn."""

    id: str
    says: str


class WeatherOut(Answer):
    """The last fortnight and the forecast of a site; ``missing`` says why there is none."""

    site_id: str
    station: str
    simulated: bool
    days: list[WeatherDayOut]
    forecast: list[WeatherDayOut]
    missing: str | None
    scenario: str | None
    scenarios: list[ScenarioOut]


class ScenarioIn(Written):
    """How the demo's weather turns."""

    scenario: Annotated[str, Field(max_length=40)]


class ScenarioChosenOut(Answer):
    """How the demo's weather turns."""

    scenario: Annotated[str, Field(max_length=40)]


class CalendarQuery(Asked):
    """Of one block, or the whole holding."""

    block: Annotated[str, Field(max_length=60)] | None = None


class OwnSpeciesIn(Asked):
    """A kind of tree by its events, in the months of this place."""

    name: Text
    evergreen: bool
    everbearing: bool = False
    bloom: Months | None = None
    harvest: Months | None = None
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    size: Literal["low", "middling", "tall"] = "middling"
    frost_c: Annotated[Number, Field(ge=-10, le=8)] = 2.0
    coldest_night_c: Annotated[Number, Field(ge=-8, le=15)] = 4.0


class OwnSpeciesOut(Answer):
    """The kind as the catalogue now holds it."""

    id: str
    name: str
