"""What was seen and scratched of a hurt tree, written down."""

from __future__ import annotations

import datetime as dt

from sqlmodel import Session

from ...core.days import done_problem, seen_problem
from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.frame.model import TRUNK
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.looks import Look, Seen, weigh_looks
from ...core.words.values import listed, say
from ...store import frames, frost_nights, logbook
from ...store import scratches as kept
from ...store.frost_tables import Scratch
from ...store.logbook import save_tasks
from ...store.scratches import save_scratch
from ...store.tables import Observation
from ...store.trees import TreeRecord, not_overtaken, observations, save_observations, tree_record
from ..tree.tasks import task_for
from ..workplace import Workplace
from .case import FrostCase, frost_case, hurt_case, hurt_since
from .night_dates import class_corrected


def look(at: Workplace, tree_id: str, look_id: str, sign: str, day: dt.date | None = None) -> Seen:
    """Write down what was seen of a hurt tree; a provisional sign is asked again, as a come-back.
    The same id twice writes it once.

    Raises: NotFound; InvalidInput for a sign that is none, a day before the night or to come, or a
    tree that bears no class.
    """
    on = day or at.today()
    with at.store.writing() as session:
        case = hurt_case(at, session, tree_id)
        refuse({"/day": done_problem(on, case.today)})
        if session.get(Observation, look_id) is None:
            alone = weigh_looks(
                at.know,
                case.night,
                case.frost_class,
                [Look(on, sign)],
                case.verdict.judge_on,
                case.dates.warm_from,
            )
            save_observations(
                session,
                Observation(
                    id=look_id,
                    scope="tree",
                    scope_id=tree_id,
                    kind="frost_look",
                    value=sign,
                    date=on,
                ),
            )
            session.flush()
            _ask_again(session, tree_id, alone)
        fresh = hurt_case(at, session, tree_id)
        _opened(session, fresh)
        return fresh.looks


def _ask_again(session: Session, tree_id: str, seen: Seen) -> None:
    """A come-back for a look that came too early or proves nothing yet; a newer look takes the
    place of an older question.
    """
    for old in logbook.tasks(session, tree_id):
        if old.kind == "frost-again":
            old.state = "done"
            save_tasks(session, old)
    for weighed in seen.looks:
        if weighed.again is not None:
            does = say("task-look-after-heat", sign=weighed.seen, day=weighed.day)
            if weighed.worth == "too-early":
                does = say("task-look-was-early", sign=weighed.seen, day=weighed.day)
            save_tasks(
                session,
                task_for(
                    does,
                    scope="tree",
                    scope_id=tree_id,
                    kind="frost-again",
                    due=weighed.again,
                    rule=f"frost-looks/{weighed.sign}/from-day",
                ),
            )


def _opened(session: Session, case: FrostCase) -> None:
    """The day from which an edge that held through the second flush opens the cut before its class
    does, for the almanac; none where it moved.
    """
    value = case.verdict.opens_early.isoformat() if case.verdict.opens_early else "none"
    before = case.seen.get("frost_open")
    if value != (before.value if before and before.date >= case.night else "none"):
        save_observations(
            session,
            Observation(
                scope="tree",
                scope_id=case.record.tree.id,
                kind="frost_open",
                value=value,
                date=case.today,
            ),
        )


def say_class(
    at: Workplace,
    tree_id: str,
    frost_class: FrostClass,
    night: dt.date | None = None,
    as_of: int | None = None,
) -> None:
    """What the tree itself shows, in place of what the cold foretold; F0: it came back. night: of a
    tree that bore no class, else the site's last one.

    as_of: the newest act that whoever says so knew of.

    Raises: NotFound; InvalidInput for a class that is none, or a night to come; StaleVersion where
    something newer says otherwise.
    """
    today, wrong = at.today(), []
    if frost_class not in CLASSES:
        wrong.append(FieldProblem("/class", say("bad-must-be-one-of", known=listed(CLASSES))))
    if (
        night is not None
        and (problem := done_problem(night, today) or seen_problem(night, today)) is not None
    ):
        wrong.append(FieldProblem("/night", problem))
    if wrong:
        raise InvalidInput(wrong)
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        not_overtaken(session, tree_id, "freeze_class", frost_class, as_of)
        seen = observations(session, [tree_id]).get(tree_id, {})
        hurt = hurt_since(at.know, seen, frost_nights.assessed(session, [tree_id]).get(tree_id, []))
        last = next(
            (n.day for n in frost_nights.nights(session, record.site.id) if n.day <= today), today
        )
        # of the same night, so that its dates go on counting from there
        on = (
            (night or last)
            if hurt is None
            else today
            if frost_class == "F0"
            else seen["freeze_class"].date
        )
        save_observations(
            session,
            Observation(
                scope="tree", scope_id=tree_id, kind="freeze_class", value=frost_class, date=on
            ),
        )
        class_corrected(at.know, session, record, frost_class, today)


def _off_the_drawing(
    session: Session, record: TreeRecord, limb: str, at_m: float, bearing_deg: float | None
) -> dict[str, str | None]:
    row = frames.current_row(session, record.stem.id)
    frame = frames.frame_of(session, row)[0] if row else None
    lengths = {x.id: x.length_m for x in frame.limbs} if frame else {}
    if frame is not None:
        lengths[TRUNK] = frame.trunk.height_m
    if limb not in lengths or (limb == TRUNK) != (bearing_deg is not None):
        return {"/limb": "is not on the drawing of this tree"}
    inside = 0 <= at_m <= lengths[limb] + 1e-6
    return {"/at_m": None if inside else f"must lie between 0 and {lengths[limb]:.2f} m"}


def scratch(
    at: Workplace,
    tree_id: str,
    scratch_id: str,
    limb: str,
    at_m: float,
    green: bool,
    day: dt.date | None = None,
    bearing_deg: float | None = None,
) -> Scratch:
    """Write a scratch down, along a limb or (with a bearing) round the trunk. The same id twice is
    one; at a place scratched before the last word holds.

    Raises: NotFound; InvalidInput for a limb or a place that is not on the tree's drawing, a day to
    come, or one so soon after the night that bark misleads.
    """
    with at.store.writing() as session:
        if (known := kept.known(session, scratch_id)) is not None:
            return known
        record = tree_record(session, tree_id)
        ahead = day is not None and day > at.today()
        refuse(
            {
                **_off_the_drawing(session, record, limb, at_m, bearing_deg),
                "/day": say("bad-lies-ahead-write-down-what-you") if ahead else None,
            }
        )
        case = frost_case(at, session, tree_id)
        if case is not None and (day or at.today()) < case.scratch_from:
            raise invalid(
                "/day", say("bad-too-early-scratched-bark-misleads-look", day=case.scratch_from)
            )
        made = Scratch(
            id=scratch_id,
            tree_id=tree_id,
            limb_key=limb,
            at_m=round(at_m, 3),
            bearing_deg=bearing_deg,
            green=green,
            day=day or at.today(),
        )
        save_scratch(session, made)
        session.flush()
        if (case := frost_case(at, session, tree_id)) is not None:
            _opened(session, case)
        return made
