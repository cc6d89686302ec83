"""Reads the catalogue's rules for one growing year of one tree. Knows intervals and events, no
species.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache

from ..choice import one_of
from ..known import Knowledge, RuleText
from ..reasons import Reason, Used
from ..words.values import Rounded, Row, Share, Value, listed, say
from .claims import Asked, Claim, Price, concerns
from .dates import Moment, RuleError, moment
from .events import vigour_of
from .model import STATUSES, span

KINDS = ("always", "limit", "never", "price", "prefer", "event")
OF_THE_YEAR = "part of the year's share"
_HOLE = re.compile(r"\{([^{}]+)\}")


REMEDIES: Mapping[str, Value] = {
    "pick-first": say("remedy-pick-first"),
    "say-bloomed": say("remedy-say-bloomed"),
    "say-went-out": say("remedy-say-went-out"),
    "say-carried-in": say("remedy-say-carried-in"),
    "say-carried-out": say("remedy-say-carried-out"),
    "look-at-forecast": say("remedy-look-at-forecast"),
}
"""What would change a reason, by the name that a rule gives it."""


@dataclass(frozen=True)
class Rule:
    """A rule with its dates ready to be read."""

    text: RuleText
    start: Moment
    end: Moment
    ids: tuple[str, ...]


@lru_cache(maxsize=64)
def rules_of(know: Knowledge) -> tuple[Rule, ...]:
    """The catalogue's rules, read. Raises: RuleError."""
    found: list[Rule] = []
    for text in know.rules:
        start, end = moment(text.start), moment(text.end)
        within = tuple(
            i
            for w in text.when
            for part in re.split(r"\s(?:<=|>=|<|>)\s", w)
            if "@" in part
            for i in moment(part).ids
        )
        values = tuple(i for i in (text.share, text.at_from, text.at_to, text.takes) if i)
        ids = dict.fromkeys((f"rule/{text.id}", *start.ids, *end.ids, *within, *values))
        found.append(Rule(text, start, end, tuple(ids)))
    return tuple(found)


@lru_cache(maxsize=256)
def _rules_for(know: Knowledge, species: str) -> tuple[Rule, ...]:
    return tuple(rule for rule in rules_of(know) if concerns(know, species, rule.text.of))


def claims_of(a: Asked) -> list[Claim]:
    """What every rule that concerns this tree says in this growing year."""
    found: list[Claim] = []
    for rule in _rules_for(a.know, a.tree.species):
        text = rule.text
        if not a.in_school(text.schools) or not all(a.holds(w) for w in text.when):
            continue
        when = span(rule.start.read(a), rule.end.read(a))
        if when is None:
            continue
        says = fill(text, a)
        timeless = text.kind in ("always", "never")
        used: dict[str, float | str | None] = (
            {} if timeless else {"from": when.start.isoformat(), "to": when.end.isoformat()}
        )
        used |= {name: _used(words, a) for name, words in text.used.items()}
        school = text.schools[0].split("/")[1] if len(text.schools) == 1 else None
        reason = Reason(
            text.code,
            says,
            used,
            date=None if timeless else when.end,
            school=school,
            catalogue_ids=rule.ids,
            remedy=REMEDIES[text.remedy] if text.remedy else None,
        )
        status = one_of(STATUSES, text.status)
        takes = a.know.number(text.takes) if text.takes else 0.0
        cap = None
        if text.share:
            cap = a.know.number(text.share) * (
                a.budget if a.know[text.share].unit == OF_THE_YEAR else 1.0
            )
        found.append(
            Claim(
                text.kind, text.work, when, status, reason, cap, _price(text, a), takes, text.dear
            )
        )
    return found


def _price(text: RuleText, a: Asked) -> Price | None:
    if text.kind != "price":
        return None

    def crops(known_id: str | None) -> float:
        """A figure, or of a course of seasons what is not borne in all of them."""
        if known_id is None:
            return 0.0
        value = a.know[known_id].value
        return sum(1 - v for v in value) if isinstance(value, tuple) else a.know.number(known_id)

    at_from, at_to = crops(text.at_from), crops(text.at_to)
    return Price(at_from, at_to, text.slots, text.rank, a.year.start)


def fill(text: RuleText, a: Asked) -> Row:
    """The rule's sentence with dates, shares and figures for its holes. Raises: RuleError."""
    holes = dict.fromkeys(_HOLE.findall(text.says))
    return Row(f"rule/{text.id}", text.says, tuple((h, _value(h, text, a)) for h in holes))


def _value(hole: str, text: RuleText, a: Asked) -> Value:
    if hole == "share":
        if text.share is None:
            raise RuleError(f"{text.id} speaks of a share and has none")
        of_year = a.know[text.share].unit == OF_THE_YEAR
        return Share(a.know.number(text.share) * (a.budget if of_year else 1.0))
    if hole == "first-branch":
        return (
            say("unknown") if a.tree.first_branch_m is None else Rounded(a.tree.first_branch_m, 2)
        )
    if hole == "spread":
        return _known(a.year.harvest_spread)
    if hole.startswith("@"):
        value = a.know[hole[1:]].value
        return listed(Share(v) for v in value) if isinstance(value, tuple) else value
    if hole.endswith(".why"):
        return a.why(hole[:-4])
    return moment(hole).read(a) or say("date-unknown")


def _known(value: Value | None) -> Value:
    return say("unknown") if value is None else value


def _used(words: str, a: Asked) -> Used:
    if words == "vigour":
        return vigour_of(a.tree, a.know)
    if words == "warmest":
        return max(a.site.normals.tmax_c)
    if words == "spread":
        return a.year.harvest_spread
    day = moment(words).read(a)
    return day.isoformat() if day else None
