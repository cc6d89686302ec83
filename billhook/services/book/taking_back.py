"""Taking a write back, at any time: what it made goes, what it closed is open again, and nothing
later is lost without being named.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlalchemy.exc import IntegrityError
from sqlmodel import Session, col, select

from ...core.errors import BillhookError
from ...core.words.values import Saying, say
from ...store import changes as kept
from ...store import trees as tree_store
from ...store.acts import Act, doing, going_on
from ...store.changes import Changed
from ...store.database import NotFound
from ..heights.rotations import renew_tree
from ..holding.own_species import heed_kinds
from ..workplace import Workplace
from .act_words import Subject, act_says, subject_of


@dataclass(frozen=True)
class ActSaid:
    """An act in words. id: as its maker named it."""

    id: str
    seq: int
    says: Saying
    day: dt.date
    person: str = ""
    taken_back: bool = False


@dataclass(frozen=True)
class TakenBack:
    """What was taken back, the act asked for first. act: what to take back to have it again."""

    act: str
    acts: tuple[ActSaid, ...]


class StandsOnIt(BillhookError):
    """Later work stands on what is to be taken back; the newest first."""

    def __init__(self, acts: Sequence[ActSaid]) -> None:
        super().__init__(say("bad-stands-on-it"))
        self.acts = tuple(acts)


class NotKept(BillhookError):
    """An act of which nobody wrote down what it changed."""


def said(at: Workplace, act_id: str) -> ActSaid:
    """An act in words. Raises: NotFound."""
    with at.store.reading() as session:
        return _said(session, _act(session, act_id))


def newest(at: Workplace, limit: int = 200, only: str | None = None) -> list[ActSaid]:
    """The newest acts in words, of all or of one person."""
    with at.store.reading() as session:
        query = select(Act).order_by(col(Act.seq).desc()).limit(limit)
        if only is not None:
            query = query.where(Act.person == only)
        return [_said(session, a) for a in session.exec(query).all()]


def take_back(at: Workplace, act_id: str, also: bool = False, only: str | None = None) -> TakenBack:
    """Take an act back; with ``also`` what stands on it too. only: whose acts alone may be.

    Raises: NotFound; NotKept; StandsOnIt with the later acts; BillhookError where it was taken
    back before.
    """
    going = going_on()
    going.undoes = act_id
    with doing(going):
        try:
            with at.store.writing() as session:
                acts = _with_what_stands_on_it(session, _act(session, act_id), also)
                if only is not None and any(a.person != only for a in acts):
                    raise NotKept(say("bad-somebody-else-wrote-that-an-owner"))
                seq = int(session.info["act"])
                found = tuple(_said(session, a) for a in acts)
                trees = [
                    t for a in acts for t in subject_of(session, a, _changes(session, a)).trees
                ]
                kept.take_back(session, seq, [a.seq or 0 for a in acts])
                _follow(at, session, trees)
        except IntegrityError as error:
            raise BillhookError(say("bad-something-else-has-taken-its-place")) from error
    heed_kinds(at)
    at.weather_changes += 1
    return TakenBack(going.id, found)


def _known(session: Session, act_id: str) -> Act | None:
    return session.exec(select(Act).where(Act.id == act_id)).first()


def _act(session: Session, act_id: str) -> Act:
    found = _known(session, act_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-such-entry"))
    return found


def _changes(session: Session, act: Act) -> list[Changed]:
    return kept.changes_of(session, act.seq or 0)


def _with_what_stands_on_it(session: Session, asked: Act, also: bool) -> list[Act]:
    """The act, and every later one that stands on it or on one that does. Raises: StandsOnIt."""
    out = kept.out_of_force(session)
    _may_be_taken_back(session, asked)
    found, waiting = {asked.seq or 0: asked}, [asked]
    while waiting:
        act = waiting.pop()
        for n in kept.later_on(session, act.seq or 0, _changes(session, act)) - out - set(found):
            later = session.get(Act, n)
            if later is None:
                raise NotKept(say("bad-what-stands-on-it-was-written"))
            found[n] = later
            waiting.append(later)
    newest_first = [found[n] for n in sorted(found, reverse=True) if n != asked.seq]
    if newest_first and not also:
        raise StandsOnIt([_said(session, a) for a in newest_first])
    return [asked, *newest_first]


def _may_be_taken_back(session: Session, act: Act) -> None:
    if kept.taken_by(session, act.seq or 0):
        raise BillhookError(say("bad-that-was-taken-back-already"))
    if not _changes(session, act):
        raise NotKept(say("bad-that-was-written-before-billhook-kept"))


def _follow(at: Workplace, session: Session, tree_ids: Sequence[str]) -> None:
    """Dated work of the ways chosen follows what stands there now."""
    session.expire_all()
    for tree_id in dict.fromkeys(tree_ids):
        for record in tree_store.tree_records(session, tree_id):
            if record.tree.removed_on is None:
                renew_tree(at, session, record)


def _said(session: Session, act: Act) -> ActSaid:
    about, undone = act, 0
    while about.undoes and (before := _known(session, about.undoes)):
        about, undone = before, undone + 1
    taken = kept.taken_by(session, act.seq or 0)
    subject: Subject = subject_of(session, about, _changes(session, about))
    if not subject.trees and (undone or taken):
        # what it made is gone: the act that took it back knows of what
        ends = kept.changes_of(session, (act.seq if undone else taken) or 0)
        subject = subject_of(session, about, ends)
    says = act_says(about.kind, subject.says)
    if undone:
        says = say("act-taken-back" if undone % 2 else "act-had-again", act=says)
    return ActSaid(act.id, act.seq or 0, says, act.day, act.person, taken is not None)
