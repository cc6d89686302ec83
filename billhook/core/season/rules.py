"""Reads the catalogue's rules for one growing year of one tree. Knows intervals and events, no species."""

from __future__ import annotations

import re
from dataclasses import dataclass
from functools import lru_cache

from ..known import Knowledge, RuleText
from ..reasons import Reason, Used
from ..words.dates import day_words
from ..words.units import share_words
from .claims import Asked, Claim, concerns
from .dates import Moment, RuleError, moment
from .events import vigour_of
from .model import Status, span

KINDS = ("window", "always", "limit", "otherwise", "never", "factor", "event")
_HOLE = re.compile(r"\{([^{}]+)\}")


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
        within = tuple(i for w in text.when for part in re.split(r"\s(?:<=|>=|<|>)\s", w) if "@" in part for i in moment(part).ids)
        ids = dict.fromkeys((f"rule/{text.id}", *start.ids, *end.ids, *within, *((text.share,) if text.share else ())))
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
        timeless = text.kind in ("always", "never", "otherwise")
        used: dict[str, float | str | None] = {} if timeless else {"from": when.start.isoformat(), "to": when.end.isoformat()}
        used |= {name: _used(words, a) for name, words in text.used.items()}
        if text.kind == "window":
            says = f"Open from {day_words(when.start)} to {day_words(when.end)}: {says}"
        school = text.schools[0].split("/")[1] if len(text.schools) == 1 else None
        reason = Reason(text.code, says, used, None if timeless else when.end, school, rule.ids)
        cap = a.know.number(text.share) if text.share else None
        status: Status = text.status  # type: ignore[assignment]  # the catalogue's loader checks the word
        found += [Claim(text.kind, work, when, status, reason, cap) for work in text.work or ("",)]
    return found


def fill(text: RuleText, a: Asked) -> str:
    """The rule's sentence with dates, shares and figures in place. Raises: RuleError."""

    def word(hole: re.Match[str]) -> str:
        name = hole.group(1)
        if name == "share":
            if text.share is None:
                raise RuleError(f"{text.id} speaks of a share and has none")
            return share_words(a.know.number(text.share))
        if name.startswith("@"):
            return f"{a.know.number(name[1:]):g}"
        if name.endswith(".why"):
            return a.why(name[:-4])
        day = moment(name).read(a)
        return day_words(day) if day else "a date not known"

    return _HOLE.sub(word, text.says)


def _used(words: str, a: Asked) -> Used:
    if words == "vigour":
        return vigour_of(a.tree, a.know)
    if words == "warmest":
        return max(a.site.normals.tmax_c)
    day = moment(words).read(a)
    return day.isoformat() if day else None
