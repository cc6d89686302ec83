"""Which school holds where, and what another would change in the dates."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import invalid
from ...core.season.model import WORKS, Segment, Work
from ...core.season.schools import School, schools, schools_of, stance_in_force
from ...core.season.today import lane_words
from ...core.words.dates import day_words
from ...core.words.units import share_words
from ...core.words.values import Value, listed, say
from ...store import places, stances
from ...store.database import NotFound
from ...store.trees import TreeRecord, tree_record, tree_records
from ..workplace import Workplace
from .desk import SeasonDesk

SCOPES = ("holding", "block", "tree")
_AHEAD = 400


@dataclass(frozen=True)
class TopicView:
    """A topic with its schools, the one in force, and where it was chosen: ``default``,
    ``holding``, ``block`` or ``tree``.
    """

    topic: str
    schools: tuple[School, ...]
    in_force: str
    chosen_at: str


def _scopes(session: Session, scope: str, scope_id: str | None) -> list[tuple[str, str]]:
    """Scopes from the widest to the asked one. Raises: NotFound, InvalidInput."""
    if scope not in SCOPES:
        raise invalid("/scope", say("bad-must-be-one-of", known=listed(SCOPES)))
    holding = places.holding(session)
    if holding is None:
        raise NotFound(say("bad-there-is-no-holding-yet"))
    if scope == "holding":
        return [("holding", holding.id)]
    if scope_id is None:
        raise invalid("/scope_id", say("bad-say-which"))
    if scope == "block":
        return [("holding", holding.id), ("block", places.block(session, scope_id).id)]
    record = tree_record(session, scope_id)
    return [("holding", holding.id), ("block", record.block.id), ("tree", record.tree.id)]


def _known(at: Workplace, topic: str, school: str | None) -> None:
    there = schools_of(at.know, topic)
    if not there:
        raise invalid("/topic", say("bad-must-be-one-of", known=listed(stance_in_force(at.know))))
    if school is not None and school not in there:
        raise invalid("/school", say("bad-must-be-one-of", known=listed(there)))


def view(at: Workplace, scope: str, scope_id: str | None) -> list[TopicView]:
    """Every topic as it stands for a scope. Raises: NotFound, InvalidInput."""
    with at.store.reading() as session:
        chosen, known = stances.choices(session), schools(at.know)
        found: dict[str, tuple[str, str]] = {
            topic: (school, "default") for topic, school in stance_in_force(at.know).items()
        }
        for name, here in _scopes(session, scope, scope_id):
            for topic, school in chosen.get(here, {}).items():
                found[topic] = (school, name)
        return [
            TopicView(topic, tuple(s for s in known if s.topic == topic), *found[topic])
            for topic in found
        ]


def choose(
    at: Workplace, scope: str, scope_id: str | None, topic: str, school: str | None
) -> list[TopicView]:
    """Choose a school for a scope, or take the choice back so that the wider one holds. Raises:
    NotFound, InvalidInput.
    """
    _known(at, topic, school)
    with at.store.writing() as session:
        name, here = _scopes(session, scope, scope_id)[-1]
        stances.choose(session, name, here, topic, school)
    return view(at, scope, scope_id)


@dataclass(frozen=True)
class Change:
    """What a school changes for one kind of work: the go and light days before and after, in
    words.
    """

    work: Work
    name: Value
    now: str
    then: str


@dataclass(frozen=True)
class Effect:
    """What a school changes for the commonest trees of one species of a scope."""

    record: TreeRecord
    changes: tuple[Change, ...]


def effect(
    at: Workplace, scope: str, scope_id: str | None, topic: str, school: str
) -> list[Effect]:
    """What this school would change over the next year, species by species. Raises: NotFound,
    InvalidInput.
    """
    _known(at, topic, school)
    with at.store.reading() as session:
        here = _scopes(session, scope, scope_id)[-1][1]
        records = [
            r for r in tree_records(session) if here in (r.site.holding_id, r.block.id, r.tree.id)
        ]
        desk = SeasonDesk(session, at, at.today())
        found: list[Effect] = []
        for species in dict.fromkeys(r.tree.species for r in records):
            alike: dict[object, list[TreeRecord]] = {}
            for r in (r for r in records if r.tree.species == species):
                alike.setdefault(desk.of(r), []).append(r)
            record = max(alike.values(), key=len)[0]
            first, last = desk.day, desk.day + dt.timedelta(days=_AHEAD)
            now = desk.season_between(record, first, last).segments
            then = desk.season_between(record, first, last, stance={topic: school}).segments
            changes: list[Change] = []
            for work in WORKS:
                a, b = (_said([s for s in answer if s.work == work]) for answer in (now, then))
                if a != b:
                    changes.append(Change(work, lane_words(work), a, b))
            found.append(Effect(record, tuple(changes)))
        return found


def _said(segments: list[Segment]) -> str:
    """Runs of go and of light in words."""
    said: list[str] = []
    for status in ("go", "light"):
        runs: list[tuple[dt.date, dt.date, float | None]] = []
        for s in segments:
            if s.status != status:
                continue
            if runs and (s.start - runs[-1][1]).days == 1:
                runs[-1] = (runs[-1][0], s.end, max(runs[-1][2] or 0.0, s.max_share or 0.0) or None)
            else:
                runs.append((s.start, s.end, s.max_share))
        if runs:
            words = [
                f"{day_words(a)} to {day_words(b)}" + (f", {share_words(c)}" if c else "")
                for a, b, c in runs[:3]
            ]
            said.append(f"{status} {'; '.join(words)}")
    return ". ".join(said) or "not in the next year"
