"""A hurt tree: what to wait for, whether it lives, where its green ends, what is fed and painted,
and the crop to come; looks and scratches written down.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.days import done_problem, seen_problem
from ...core.errors import FieldProblem, InvalidInput, refuse
from ...core.frame.model import TRUNK
from ...core.frost.bark import BarkPaint, bark_paint
from ...core.frost.classes import CLASSES, FrostClass
from ...core.frost.feed import Feed, feed
from ...core.frost.looks import Look, Seen, weigh_looks
from ...core.frost.recovery import Recovery, Stand, recovery, replant_day
from ...core.frost.signs import Sign, signs
from ...core.frost.verdict import FrostVerdict
from ...core.words.dates import day_words
from ...store import frames, frost_nights, logbook
from ...store import scratches as kept
from ...store.frost_tables import FrostAssessment, Scratch
from ...store.logbook import save_tasks
from ...store.scratches import save_scratch
from ...store.tables import Observation, Task
from ...store.trees import not_overtaken, observations, save_observations, tree_record, tree_records
from ..tree.views import FrameView
from ..workplace import Workplace
from .case import FrostCase, LimbTest, StemTest, frost_case, hurt_case, hurt_since
from .night import usual_kg


@dataclass(frozen=True)
class SignKind:
    """A sign that can be written down; too_early: before this day it means nothing."""

    sign: str
    asks: str
    too_early: dt.date | None


@dataclass(frozen=True)
class TreeFrost:
    """A hurt tree on the workplace's day. foreseen: what the night was reckoned to do;
    scratch_from: bark misleads before this day, None once it has come; usual_kg: None where nobody
    wrote a crop down.
    """

    name: str
    frost_class: FrostClass
    night: dt.date
    foreseen: FrostAssessment | None
    verdict: FrostVerdict
    signs: tuple[Sign, ...]
    looks: Seen
    sign_kinds: tuple[SignKind, ...]
    scratch_from: dt.date | None
    limbs: tuple[LimbTest, ...]
    stem: StemTest | None
    dead_share: float
    scratched: bool
    feed: Feed
    bark: BarkPaint
    recovery: Recovery
    usual_kg: float | None
    frame: FrameView | None


def after_frost(at: Workplace, tree_id: str) -> TreeFrost | None:
    """What is known of a tree since its last cold night; None for a tree that bears no class.
    Raises: NotFound.
    """
    know = at.know
    with at.store.reading() as session:
        case = frost_case(at, session, tree_id)
        if case is None:
            return None
        record = case.record
        usual = usual_kg(
            session,
            [
                record,
                *[r for r in tree_records(session, row_id=record.row.id) if r.tree.id != tree_id],
            ],
        )
        dead = case.dead_share
        lost = (
            dead if dead is not None else know.number(f"frost-class/{case.frost_class}/leaf-lost")
        )
        replant_on = replant_day(
            know,
            case.today,
            case.last_frost,
            (case.next_cold.start, case.next_cold.end) if case.next_cold else None,
        )
        first_frost = case.next_cold.start if case.next_cold else None
        return TreeFrost(
            record.name,
            case.frost_class,
            case.night,
            case.foreseen,
            case.verdict,
            tuple(signs(know, case.night, case.today)),
            case.looks,
            _kinds(case),
            case.scratch_from if case.scratch_from > case.today else None,
            case.limbs,
            case.stem,
            lost,
            dead is not None,
            feed(know, lost, first_frost, case.last_frost),
            bark_paint(
                know,
                case.view.frame if case.view else None,
                case.dead_from,
                record.site.latitude >= 0,
            ),
            recovery(
                know,
                case.frost_class,
                case.age,
                usual or 0.0,
                replant_on=replant_on,
                stand=_stand(case),
                species=case.species,
            ),
            usual,
            replace(case.view, frame=case.brown_frame) if case.view and case.brown_frame else None,
        )


def _kinds(case: FrostCase) -> tuple[SignKind, ...]:
    know, found = case.at.know, []
    for sign in know.rows("frost-looks"):
        first = case.night + dt.timedelta(days=know.days(f"frost-looks/{sign}/from-day"))
        found.append(
            SignKind(
                sign, know.text(f"frost-looks/{sign}/asks"), first if case.today < first else None
            )
        )
    return tuple(found)


def _stand(case: FrostCase) -> Stand:
    """What else decides between healing and replanting: live bark round the stem, live wood above
    the union, the longest regrowth, and how the tree did before.
    """
    know, round_ = case.at.know, case.stem.found if case.stem else None
    bark = round_.live_share if round_ is not None and round_.next_bearing_deg is None else None
    above = regrowth = None
    if case.view is not None and case.stem is not None:
        union, trunk = case.view.frame.union_m or 0.0, case.view.frame.trunk.height_m
        greens = [g for t in case.limbs if (g := t.found.boundary[0]) is not None]
        above = trunk - union + max(greens, default=0.0) if greens else 0.0 if bark == 0 else None
        if case.today >= case.last_frost + dt.timedelta(days=know.days("frost/regrowth-by")):
            fresh = [
                x.length_m
                for x in case.view.frame.limbs
                if x.kind == "sprout" and x.id not in case.view.suckers
            ]
            regrowth = max(fresh, default=None)
    condition = case.seen["condition"].value if "condition" in case.seen else "healthy"
    return Stand(bark, above, regrowth, condition in ("weak", "neglected", "diseased"))


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
                case.warm_from,
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
            does = (
                "Look again, after the first hot days: "
                f"{weighed.seen[:1].lower()}{weighed.seen[1:]}? Seen {weighed.day.isoformat()}, "
                "it proves nothing yet."
            )
            if weighed.worth == "too-early":
                does = (
                    f"Look again: {weighed.seen[:1].lower()}{weighed.seen[1:]}? It was too "
                    f"early on {weighed.day.isoformat()}."
                )
            save_tasks(
                session,
                Task(
                    scope="tree",
                    scope_id=tree_id,
                    kind="frost-again",
                    does=does,
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
        wrong.append(FieldProblem("/class", f"must be one of {', '.join(CLASSES)}"))
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
        row = frames.current_row(session, record.stem.id)
        frame = frames.frame_of(session, row)[0] if row else None
        lengths = (
            {x.id: x.length_m for x in frame.limbs} | {TRUNK: frame.trunk.height_m} if frame else {}
        )
        wrong = []
        if limb not in lengths or (limb == TRUNK) != (bearing_deg is not None):
            wrong.append(FieldProblem("/limb", "is not on the drawing of this tree"))
        elif not 0 <= at_m <= lengths[limb] + 1e-6:
            wrong.append(FieldProblem("/at_m", f"must lie between 0 and {lengths[limb]:.2f} m"))
        if day is not None and day > at.today():
            wrong.append(FieldProblem("/day", "lies ahead; write down what you saw"))
        if wrong:
            raise InvalidInput(wrong)
        case = frost_case(at, session, tree_id)
        if case is not None and (day or at.today()) < case.scratch_from:
            raise InvalidInput(
                [
                    FieldProblem(
                        "/day",
                        (
                            "too early: scratched bark misleads; look again on "
                            f"{day_words(case.scratch_from)}"
                        ),
                    )
                ]
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


def hurt_trees(at: Workplace, site_id: str) -> list[tuple[str, str, str, dt.date]]:
    """Trees whose last word on frost is a class: id, name, class, night; the worst first."""
    with at.store.reading() as session:
        seen, nights = observations(session), frost_nights.assessed(session)
        found = []
        for record in tree_records(session, site_id=site_id):
            hurt = hurt_since(at.know, seen.get(record.tree.id, {}), nights.get(record.tree.id, []))
            if hurt is not None:
                found.append((record.tree.id, record.name, hurt[0], hurt[1]))
    return sorted(found, key=lambda f: (-CLASSES.index(f[2]), f[1]))
