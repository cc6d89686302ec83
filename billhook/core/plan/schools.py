"""What a school changes in a plan: how much a finding weighs under it, in the catalogue's words."""

from __future__ import annotations

from collections.abc import Collection, Mapping

from ..known import Knowledge
from ..reasons import Reason


def factor(know: Knowledge, stances: Mapping[str, str], look: str) -> float:
    """By how much a finding's weight is multiplied under the schools in force; 1 where none speaks
    of it.
    """
    found = 1.0
    for school in stances.values():
        if school in know.rows("plan-schools") and know.text(
            f"plan-schools/{school}/looks"
        ).split().count(look):
            found *= know.number(f"plan-schools/{school}/factor")
    return found


def school_reasons(
    know: Knowledge, stances: Mapping[str, str], looks: Collection[str]
) -> tuple[Reason, ...]:
    """A sentence for every school in force that changed the weight of something that was
    offered.
    """
    found = []
    for topic, school in stances.items():
        row = f"plan-schools/{school}"
        if school in know.rows("plan-schools") and set(know.text(f"{row}/looks").split()) & set(
            looks
        ):
            by = know.number(f"{row}/factor")
            found.append(
                Reason(
                    f"school-{topic}",
                    know.row(f"{row}/says"),
                    {"weight times": by},
                    school=f"{topic}/{school}",
                    catalogue_ids=(f"{row}/factor",),
                )
            )
    return tuple(found)
