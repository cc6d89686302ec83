"""People of the holding: their names, how far they reach, what they may carry, whose rows are
whose.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from functools import lru_cache
from typing import Literal

from sqlmodel import Session

from ...core.errors import refuse
from ...core.known import Knowledge
from ...core.words.values import Value, say
from ...store import people as kept
from ...store import places
from ...store.people_tables import Person
from ...store.trees import TreeRecord
from ..workplace import Workplace

Scope = Literal["row", "block"]


@dataclass(frozen=True)
class PersonView:
    """Somebody, and the ids of the rows and blocks that are theirs."""

    id: str
    name: str
    reach_m: float | None
    pole_m: float | None
    carries_kg: float | None
    hours_week: float | None
    skills: tuple[str, ...] | None
    pace: float | None
    scope_ids: tuple[str, ...]


def list_people(at: Workplace) -> list[PersonView]:
    """Everybody, by name."""
    with at.store.reading() as session:
        given = kept.assignments(session)
        return [_view(p, given) for p in kept.people(session)]


def _view(row: Person, given: Mapping[str, str]) -> PersonView:
    own = tuple(scope for scope, who in given.items() if who == row.id)
    skills = None if row.skills is None else tuple(row.skills.split())
    return PersonView(
        row.id,
        row.name,
        row.reach_m,
        row.pole_m,
        row.carries_kg,
        row.hours_week,
        skills,
        row.pace,
        own,
    )


@dataclass(frozen=True)
class SkillView:
    """What not everybody may do, in words; usual: taken to be so where nobody said."""

    id: str
    says: Value
    usual: bool


def skills(know: Knowledge) -> list[SkillView]:
    """All there are."""
    rows = know.rows("crew-skills")
    usual = set(usual_skills(know))
    return [SkillView(r, know.row(f"crew-skills/{r}/says"), r in usual) for r in rows]


@dataclass(frozen=True)
class PaceView:
    """How quickly somebody works, in words; factor: usual minutes done in one of theirs."""

    factor: float
    says: Value


def paces(know: Knowledge) -> list[PaceView]:
    """All there are, from the slowest on."""
    rows = [f"crew-paces/{r}" for r in know.rows("crew-paces")]
    return [PaceView(know.number(f"{r}/factor"), know.row(f"{r}/says")) for r in rows]


def usual_skills(know: Knowledge) -> list[str]:
    """Those that are taken to be so where nobody said."""
    rows = know.rows("crew-skills")
    return [r for r in rows if know.text(f"crew-skills/{r}/usual") == "yes"]


def put_person(
    at: Workplace,
    person_id: str,
    name: str,
    reach_m: float | None = None,
    pole_m: float | None = None,
    carries_kg: float | None = None,
    hours_week: float | None = None,
    skills: Iterable[str] | None = None,
    pace: float | None = None,
) -> PersonView:
    """Put somebody on the list, or change what is known of them [m, kg, hours]. skills: what
    they may do besides, None where nobody said. pace: usual minutes of work done in one of theirs.
    Raises: InvalidInput where the name is taken, the pole reaches less far than the hand, or a
    skill is none.
    """
    name = name.strip()
    with at.store.writing() as session:
        taken = any(
            p.name.casefold() == name.casefold() and p.id != person_id for p in kept.people(session)
        )
        short = reach_m is not None and pole_m is not None and pole_m <= reach_m
        refuse(
            {
                "/name": say("bad-somebody-of-this-name-is-on") if taken else None,
                "/pole_m": say("bad-a-pole-reaches-further-than-the") if short else None,
            }
        )
        row = Person(
            id=person_id,
            name=name,
            reach_m=reach_m,
            pole_m=pole_m,
            carries_kg=carries_kg,
            hours_week=hours_week,
            skills=None if skills is None else " ".join(sorted(set(skills))),
            pace=pace,
        )
        kept.save_person(session, row)
        session.flush()
        return _view(kept.person(session, person_id), kept.assignments(session))


def remove_person(at: Workplace, person_id: str) -> None:
    """Take somebody off the list; what they did stays in the Book. Raises: NotFound."""
    with at.store.writing() as session:
        kept.remove_person(session, kept.person(session, person_id))


def assign(at: Workplace, scope: Scope, scope_ids: Iterable[str], person_id: str | None) -> int:
    """Give rows or blocks to somebody, or to nobody; how many. Raises: NotFound."""
    ids = list(dict.fromkeys(scope_ids))
    with at.store.writing() as session:
        find = places.row if scope == "row" else places.block
        for one in ids:
            find(session, one)
        if person_id is not None:
            kept.person(session, person_id)
        kept.assign(session, scope, ids, person_id)
    return len(ids)


class Helpers:
    """Whose a tree is: its row's, else its block's."""

    def __init__(self, session: Session) -> None:
        self._people = {p.id: p for p in kept.people(session)}
        self._given = {s: self._people[p] for s, p in kept.assignments(session).items()}

    def of(self, record: TreeRecord) -> str | None:
        """The name of who does the work on it; None where nobody was named."""
        given = self._of(record)
        return given.name if given else None

    def id_of(self, record: TreeRecord) -> str | None:
        """The id of who does the work on it; None where nobody was named."""
        given = self._of(record)
        return given.id if given else None

    def hands(self, know: Knowledge, record: TreeRecord) -> Knowledge:
        """What is known, with the reach, pole and strength of who does the work on a tree: whose
        it is, else the one person there is; else as usual.
        """
        only = next(iter(self._people.values())) if len(self._people) == 1 else None
        who = self._of(record) or only
        return _of_hands(know, who.reach_m, who.pole_m, who.carries_kg) if who else know

    def _of(self, record: TreeRecord) -> Person | None:
        return self._given.get(record.row.id) or self._given.get(record.block.id)


@lru_cache(maxsize=32)
def _of_hands(
    know: Knowledge, reach_m: float | None, pole_m: float | None, carries_kg: float | None
) -> Knowledge:
    own = {"cuts/reach": reach_m, "cuts/pole-reach": pole_m, "pot/two-people-kg": carries_kg}
    if reach_m is not None and pole_m is None and reach_m >= know.number("cuts/pole-reach"):
        own["cuts/pole-reach"] = reach_m
    return know.with_more({k: replace(know[k], value=v) for k, v in own.items() if v is not None})
