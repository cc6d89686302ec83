"""What a plan bares, burns and risks, said before it is made."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from sqlmodel import Session

from ...core.aftercare.crop import YieldCost, yield_cost
from ...core.aftercare.quantities import Whitewash, whitewash
from ...core.frame.model import TRUNK, Cut
from ...core.light.bark import bark_sun
from ...core.plan.propose import Proposal
from ...core.plan.skeleton import warned
from ...core.reasons import Reason
from ...core.safety import heat_of_day
from ...core.season.events import spring_after
from ...core.season.model import SeasonAnswer
from ...core.season.normals import values_on
from ...core.walk.findings import summary
from ...core.walk.questions import questions_of
from ...core.walk.tree import WalkTree
from ...core.words.values import Rounded, say
from ...store import walks
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk
from ..walk.tree import Walked
from ..walk.view import named_cuts, sick_cuts
from ..workplace import Workplace
from .cutting import Preview


def heat_of(desk: SeasonDesk, record: TreeRecord, day: dt.date) -> Reason | None:
    """What the warmth of the day asks of whoever cuts: by the forecast, else by the place's
    normals.
    """
    seen = next((f.tmax for f in desk.forecast(record) if f.date == day), None)
    usual = float(values_on(desk.site(record).normals.tmax_c, day, 1)[0])
    return heat_of_day(desk.at.know, usual if seen is None else seen, seen is not None)


def named_limbs(
    at: Workplace, session: Session, walked: Walked, walk_id: str | None
) -> tuple[list[Cut], frozenset[str]]:
    """Cuts that a look named, and the limbs among them that it found dead, broken or diseased."""
    if walk_id is None or walked.tree.frame is None:
        return [], frozenset()
    rows = walks.history(session, walks.walk(session, walk_id).id)
    answers = {q: row.answer for q, row in walks.in_force(rows).items() if row.answer}
    findings = summary(at.know, walked.tree, questions_of(at.know, walked.tree), answers).findings
    limbs = {x.id: x.length_m for x in walked.tree.frame.limbs}
    cuts = [c for c in named_cuts(findings) if c.limb in limbs and c.keep_m < limbs[c.limb]]
    return cuts, sick_cuts(findings)


def bark_bared(at: Workplace, preview: Preview | None) -> Whitewash | None:
    """Paint for the limbs whose shade goes: each wound of a thick limb bares about its own length
    of bark below it.
    """
    thick = at.know.number("plan/bares-from")
    bared = (
        [
            (c.wound_mm, at.know.number("plan/bares-m"))
            for c in preview.answer.cuts
            if c.wound_mm >= thick and not c.void
        ]
        if preview
        else []
    )
    return whitewash(at.know, (), bared) if bared else None


def bark_in_sun(
    at: Workplace, tree: WalkTree, preview: Preview | None, season: SeasonAnswer, latitude: float
) -> Reason | None:
    """Hours of hot sun on the bark that the largest wound bares, when strong sun comes; None where
    it does not, or no bark is bared.
    """
    hot = next((e for e in season.events if e.name == "strong sun on bark"), None)
    wounds = (
        [
            c
            for c in preview.answer.cuts
            if not c.void and c.wound_mm >= at.know.number("plan/bares-from") and c.limb != TRUNK
        ]
        if preview
        else []
    )
    if hot is None or not wounds or tree.frame is None:
        return None
    limb = tree.frame.limb(max(wounds, key=lambda c: c.wound_mm).limb)
    on = hot.start + (hot.end - hot.start) / 2
    found = bark_sun(at.know, latitude, on, limb.bearing_deg, 90 - limb.rise_deg)
    does = say("bared-paint") if found.burns else say("bared-leaf")
    text = say("bared", names=tree.names[limb.id], hours=Rounded(found.hours, 1), on=on, does=does)
    return Reason(
        "bark-sun",
        text,
        {"faces, degrees": limb.bearing_deg, "hours": round(found.hours, 2)},
        date=on,
        catalogue_ids=("bark/hours", "plan/bares-from"),
    )


def skeleton_warned(
    at: Workplace,
    tree: WalkTree,
    cuts: Sequence[Cut],
    proposal: Proposal,
    season: SeasonAnswer,
    day: dt.date,
    crop: YieldCost,
) -> tuple[Reason, ...]:
    """What an owner is told before; of the cuts that wait where the day is closed."""
    meant = list(cuts) or [x.proposed.cut for x in proposal.left if x.proposed.look == "skeleton"]
    share = (
        proposal.share
        if cuts
        else sum(x.proposed.share for x in proposal.left if x.proposed.look == "skeleton")
    )
    lost = crop if cuts else yield_cost(at.know, min(1.0, share), hard_group=tree.group)
    sun = next(
        (e.start for e in season.events if e.name == "strong sun on bark" and e.end >= day), None
    )
    spring = spring_after(season.events, day, at.know.days("plan/next-spring-after"))
    return warned(
        at.know, tree, meant, share, day, max(sun, day) if sun else None, spring, lost, tree.units
    )
