"""People of the holding, and whose rows are whose."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from ...core.crew.model import Skill
from .base import Answer, Number, Uuid, Written

Name = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=60)]


class PersonIn(Written):
    """Somebody: the name; how high they reach by hand and with a pole; what they may carry;
    ``hours_week``: for the trees; ``skills``: what they may do besides, null: all but the machine;
    ``pace``: usual minutes of work done in one of theirs.
    """

    name: Name
    reach_m: Annotated[Number, Field(ge=1.2, le=3)] | None = None
    pole_m: Annotated[Number, Field(ge=1.2, le=8)] | None = None
    carries_kg: Annotated[Number, Field(ge=1, le=60)] | None = None
    hours_week: Annotated[Number, Field(ge=0, le=80)] | None = None
    skills: Annotated[list[Skill], Field(max_length=3)] | None = None
    pace: Annotated[Number, Field(ge=0.3, le=2)] | None = None


class PersonOut(Answer):
    """Somebody on the list; ``scope_ids``: the rows and blocks that are theirs."""

    id: str
    name: str
    reach_m: float | None
    pole_m: float | None
    carries_kg: float | None
    hours_week: float | None
    skills: list[Skill] | None
    pace: float | None
    scope_ids: list[str]


class SkillOut(Answer):
    """What not everybody may do; ``usual``: taken to be so where nobody said."""

    id: Skill
    says: str
    usual: bool


class PaceOut(Answer):
    """How quickly somebody works; ``factor``: usual minutes done in one of theirs."""

    factor: float
    says: str


class PeopleOut(Answer):
    """Everybody, by name; ``skills``, ``paces``: what may be said of them."""

    people: list[PersonOut]
    skills: list[SkillOut]
    paces: list[PaceOut]


class AssignIn(Written):
    """Rows or blocks given to somebody; null: to nobody."""

    scope: Literal["row", "block"]
    scope_ids: Annotated[list[Uuid], Field(min_length=1, max_length=3000)]
    person_id: Uuid | None


class AssignOut(Answer):
    """How many rows or blocks."""

    given: int
