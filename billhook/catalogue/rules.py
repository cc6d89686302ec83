"""Reads the season's rules and named dates from the catalogue's ``rules`` folder."""

from __future__ import annotations

import re
import tomllib
from typing import Any

from ..core.errors import BillhookError
from ..core.known import DateCase, Known, RuleText
from ..core.season.dates import moment
from ..core.season.model import STRICTNESS, WORK_SETS, WORKS
from ..core.season.rules import KINDS
from .refusals import PROVENANCES, keys, refuse

_RULE_KEYS = {
    "id",
    "kind",
    "of",
    "work",
    "from",
    "to",
    "when",
    "status",
    "share",
    "schools",
    "used",
    "code",
    "says",
    "provenance",
    "source",
    "each",
    "rivals",
    "at",
    "at_from",
    "at_to",
    "slots",
    "rank",
    "dear",
    "takes",
    "remedy",
}
_CASE_KEYS = {"name", "of", "when", "is", "why"}


def read_rules(name: str, text: str) -> tuple[list[RuleText], list[DateCase], dict[str, Known]]:
    """Rules, named dates, and each rule as a value that can be opened. Raises: CatalogueError
    naming the file and the rule.
    """
    content = tomllib.loads(text)
    keys(name, content, {"rule", "date"})
    rules: list[RuleText] = []
    known: dict[str, Known] = {}
    for entry in content.get("rule", []):
        for filled in _each(entry):
            where = f"{name}, rule {filled.get('id')}"
            keys(where, filled, _RULE_KEYS)
            rule = _rule(where, filled)
            rules.append(rule)
            known[f"rule/{rule.id}"] = _opened(where, rule, filled)
    cases = [_case(f"{name}, date {entry.get('name')}", entry) for entry in content.get("date", [])]
    return rules, cases, known


def _each(entry: dict[str, Any]) -> list[dict[str, Any]]:
    """A rule written once for several rows: ``$name`` in its words stands for the row's."""
    rows = entry.get("each")
    if rows is None:
        return [entry]
    bare = {k: v for k, v in entry.items() if k != "each"}
    return [
        {
            **_filled(bare, row),
            **{k: v for k, v in row.items() if k in ("id", "when", "of", "work")},
        }
        for row in rows
    ]


def _filled(value: Any, row: dict[str, Any]) -> Any:
    if isinstance(value, str):
        return re.sub(r"\$([a-z]+)", lambda m: str(row[m.group(1)]), value)
    if isinstance(value, list):
        return [_filled(v, row) for v in value]
    if isinstance(value, dict):
        return {k: _filled(v, row) for k, v in value.items()}
    return value


def _rule(where: str, e: dict[str, Any]) -> RuleText:
    for key in ("id", "kind", "of", "work", "says", "provenance"):
        if key not in e:
            refuse(where, f"lacks {key}")
    if e["kind"] not in KINDS:
        refuse(where, f"kind must be one of {', '.join(KINDS)}")
    work = tuple(dict.fromkeys(w for named in e["work"] for w in WORK_SETS.get(named, (named,))))
    if e["kind"] != "event" and not set(work) <= set(WORKS):
        refuse(where, f"work must be some of {', '.join((*WORK_SETS, *WORKS))}")
    if e["kind"] == "price" and not e.get("slots"):
        refuse(where, "a price needs the slots it prices")
    if e["kind"] == "prefer" and not e.get("takes"):
        refuse(where, "a preference needs what it takes off")
    status = e.get("status", "go")
    if status not in STRICTNESS:
        refuse(where, f"status must be one of {', '.join(STRICTNESS)}")
    rule = RuleText(
        e["id"],
        e["kind"],
        tuple(e["of"]),
        work,
        e.get("from", "start"),
        e.get("to", "end"),
        tuple(e.get("when", [])),
        status,
        e.get("share"),
        tuple(e.get("schools", [])),
        e.get("used", {}),
        e.get("code", e["id"]),
        e["says"],
        e.get("at", e.get("at_from")),
        e.get("at", e.get("at_to")),
        tuple(e.get("slots", [])),
        e.get("rank", 0),
        e.get("dear", False),
        e.get("takes"),
        e.get("remedy"),
    )
    try:
        moment(rule.start), moment(rule.end)
    except BillhookError as problem:
        refuse(where, str(problem))
    return rule


FOR = "Rule for "
"""How the label of a rule begins: then its kinds of work, a colon and what it says."""


def _opened(where: str, rule: RuleText, e: dict[str, Any]) -> Known:
    if e["provenance"] not in PROVENANCES:
        refuse(where, f"provenance must be one of {', '.join(PROVENANCES)}")
    if e["provenance"] == "published" and not e.get("source"):
        refuse(where, "a published rule needs its source")
    words = f"{rule.kind}, {rule.status}: from {rule.start} to {rule.end}" + (
        f", when {' and '.join(rule.when)}" if rule.when else ""
    )
    says = f"{FOR}{', '.join(rule.work)}: {rule.says}"
    school = ", ".join(s.split("/")[1] for s in rule.schools) or None
    return Known(
        f"rule/{rule.id}",
        words,
        "",
        says,
        e["provenance"],
        e.get("source"),
        None,
        None,
        school,
        e.get("rivals"),
    )


def _case(where: str, e: dict[str, Any]) -> DateCase:
    keys(where, e, _CASE_KEYS)
    for key in ("name", "of", "is"):
        if key not in e:
            refuse(where, f"lacks {key}")
    try:
        moment(e["is"])
    except BillhookError as problem:
        refuse(where, str(problem))
    return DateCase(e["name"], tuple(e["of"]), tuple(e.get("when", [])), e["is"], e.get("why", ""))
