"""Ways of working, chosen and compared."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Work, Written
from .calc.season import School

Scope = Literal["holding", "block", "tree"]


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
