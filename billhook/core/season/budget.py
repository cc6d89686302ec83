"""How much live canopy a tree may lose: by year, by operation, and by season."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import share_words
from .model import FREE_WORK, GrowingYear, Span, TreeState, Work, span

_DAY = dt.timedelta(days=1)


@dataclass(frozen=True)
class Budget:
    """The year's share of live canopy [0..1] and why."""

    share: float
    reason: Reason


def tree_age(tree: TreeState, year: int) -> int:
    """Years in the ground in that calendar year, never negative."""
    return max(0, year - tree.planted_year)


def age_class(tree: TreeState, age: int, know: Knowledge) -> str:
    """``pot``, ``young`` or ``mature``: which column of the operations table holds."""
    if tree.in_pot:
        return "pot"
    return "young" if age < know.number("budget/mature-from") else "mature"


def yearly_budget(tree: TreeState, age: int, know: Knowledge) -> Budget:
    """Share of live canopy that may go in one growing year, suckers and dead wood apart."""
    group = know.text(f"species/{tree.species}/group")
    if tree.condition in ("weak", "diseased", "transplanted"):
        known, why = know["budget/weak"], f"the tree is {tree.condition}"
    elif tree.in_pot:
        known, why = know["budget/pot"], "it stands in a pot"
    elif age <= know.number("budget/first-years"):
        known, why = know["budget/newly-planted"], f"it is in year {age + 1} after planting"
    elif age < know.number("budget/mature-from"):
        known, why = know["budget/young"], f"it is only {age} years old"
    elif group == "mango" and tree.fruit_on == "none":
        known, why = know["budget/mango-off-crop"], "it carries no crop this year"
    else:
        known, why = know[f"budget/{group}-mature"], "it is grown and healthy"
    share = float(known.value)  # type: ignore[arg-type]  # the loader holds this table to numbers
    text = f"This year at most {share_words(share)} of the canopy: {why}."
    if tree.used_share > 0:
        text += f" {share_words(tree.used_share)} is already cut."
    return Budget(
        share, Reason("yearly-budget", text, {"yearly share": share, "already cut": tree.used_share, "age, years": age}, catalogue_ids=(known.id,))
    )


def own_limit(tree: TreeState, work: Work, age: int, know: Knowledge) -> float | None:
    """Largest share in one operation of this kind, or None where the work costs no canopy."""
    if work in FREE_WORK:
        return None
    group = know.text(f"species/{tree.species}/group")
    return know.number(f"operations/{group}-{work}/{age_class(tree, age, know)}")


@dataclass(frozen=True)
class FactorSpan:
    """Part of the year with the share of the yearly budget that may be used in it."""

    when: Span
    factor: float
    known_id: str


def winter_end(following: GrowingYear, know: Knowledge, frost_pocket: bool) -> dt.date | None:
    """Day on which the winter's limits end: some days before the last frost, or before a flush that comes ahead of it. None without frost."""
    if following.last_frost is None:
        return None
    end = following.last_frost - dt.timedelta(days=know.days("season/winter-ends-before-last-frost"))
    if following.flush < following.last_frost and not frost_pocket:
        end = min(end, following.flush - dt.timedelta(days=know.days("season/spring-lead")))
    return end


def citrus_factors(year: GrowingYear, following: GrowingYear, know: Knowledge, mild_winter: bool, frost_pocket: bool) -> list[FactorSpan]:
    """The season's factors on the budget for citrus. An event whose end comes before its start is empty."""
    summer_from = min(year.bark_sun.start, year.hot.start) if year.hot else year.bark_sun.start
    summer_to = max(year.bark_sun.end, year.hot.end) if year.hot else year.bark_sun.end
    spring = year.last_frost or year.start
    lead = dt.timedelta(days=know.days("season/spring-lead"))
    bloom, drop_end = year.bloom, year.drop_end
    parts: list[tuple[str, Span | None]] = []
    if year.last_frost is not None and year.flush < year.last_frost:
        parts.append(("spring", span(year.flush - lead, year.flush - _DAY)))
    if bloom is not None and drop_end is not None:
        parts += [
            ("spring", span(spring, bloom.start - _DAY)),
            ("bloom", bloom),
            ("fruit-set", span(bloom.end + _DAY, drop_end)),
            ("early-summer", span(drop_end + _DAY, summer_from - _DAY)),
        ]
    else:
        parts += [("spring", span(spring, year.flush_hard)), ("early-summer", span(year.flush_hard + _DAY, summer_from - _DAY))]
    if year.hot is not None:
        parts.append(("bark-sun", span(year.bark_sun.start, year.hot.start - _DAY)))
        parts.append(("hot", year.hot))
        parts.append(("bark-sun", span(year.hot.end + _DAY, year.bark_sun.end)))
    else:
        parts.append(("bark-sun", year.bark_sun))
    to_winter = winter_end(following, know, frost_pocket)
    if year.last_safe_light is None or to_winter is None:
        parts.append(("autumn", span(summer_to + _DAY, year.end)))
    else:
        parts.append(("autumn", span(summer_to + _DAY, year.last_safe_light)))
        rest = year.quiescent.start if year.quiescent else to_winter
        parts.append(("tender", span(year.last_safe_light + _DAY, rest - _DAY)))
        parts.append(("winter-mild" if mild_winter else "winter-cold", span(rest, to_winter - _DAY)))
    return [FactorSpan(when, know.number(f"season-factor/{row}/factor"), f"season-factor/{row}/factor") for row, when in parts if when is not None]
