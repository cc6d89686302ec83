"""Trees found by what is said of them: by name, by how they stand ("late", "too tall"), and read as
plantings are ("lemons in pots", "keitt").
"""

from __future__ import annotations

import re
from collections.abc import Sequence

from sqlmodel import Session

from ...catalogue.languages import grammars, states
from ...core.words.group import Group
from ...core.words.planting import understand_planting
from ...core.words.tongue import spoken
from ...store import frames, logbook
from ...store.trees import TreeRecord, observations
from ..tree.sizes import sizes_of_all
from ..workplace import Workplace

_ABOUT_YEARS = 2
_SAID = ("species", "cultivar", "rootstock", "pot_l", "under_cover", "origin", "medium", "form")


def find(at: Workplace, text: str, most: int = 2000) -> list[TreeRecord]:
    """Standing trees in walking order that are as any of the groups in a sentence, or bear the
    name, and stand in every state that is named; none where nothing of it was understood. Sizes
    and counts are not looked for.
    """
    rest, asked = _states(text)
    read = understand_planting(rest, at.know, grammars(spoken()), at.today())
    groups = [g for g in read.groups if _any(g)]
    words = rest.lower().split()
    if not words and not asked:
        return []
    with at.store.reading() as session:
        held = at.standing(session)
        found = [
            r
            for r, named in zip(held.records, held.words, strict=True)
            if not words or _named(named, words) or any(_is(r, g) for g in groups)
        ]
        for state in asked:
            standing = _standing(at, session, state, found)
            found = [r for r in found if r.tree.id in standing]
    return found[:most]


def _states(text: str) -> tuple[str, list[str]]:
    """What is typed without the states it names, and those."""
    asked: list[str] = []
    for state, says in states().items():
        for words in says:
            shorter = re.sub(rf"(?<!\w){re.escape(words)}(?!\w)", " ", text, flags=re.IGNORECASE)
            if shorter != text:
                asked.append(state)
                text = shorter
                break
    return " ".join(text.split()), asked


def _named(parts: Sequence[str], words: list[str]) -> bool:
    """Whether every word is in its name."""
    for word in words:
        if word not in parts and (
            word.isdigit() or not any(part.startswith(word) for part in parts)
        ):
            return False
    return True


def _standing(at: Workplace, session: Session, state: str, records: list[TreeRecord]) -> set[str]:
    """Ids of those of the trees that stand in a state."""
    if state == "noted":
        return {r.tree.id for r in records if r.tree.note}
    if state == "late":
        due = {t.scope_id for t in logbook.tasks(session) if t.due < at.today()}
        return {r.tree.id for r in records if due & {r.tree.id, r.row.id}}
    if state == "hurt":
        seen = observations(session, [r.tree.id for r in records])
        last = {k: v.get("freeze_class") for k, v in seen.items()}
        return {k for k, o in last.items() if o is not None and o.value != "F0"}
    if state == "undrawn":
        drawn = frames.stems_once_measured(session)
        return {r.tree.id for r in records if r.stem.id not in drawn}
    tall = {k: s.height_m for k, s in sizes_of_all(at, session, records).items()}
    return {
        r.tree.id for r in records if r.cap_m is not None and (tall[r.tree.id] or 0.0) > r.cap_m
    }


def _any(group: Group) -> bool:
    said = (group.in_pot, group.planted_year, group.row, group.block)
    return any(getattr(group, k) is not None for k in _SAID) or any(x is not None for x in said)


def _is(record: TreeRecord, group: Group) -> bool:
    tree = record.tree
    known = {
        **{k: getattr(tree, k) for k in ("species", "pot_l", "under_cover", *_SAID[5:])},
        "cultivar": record.cultivar,
        "rootstock": record.stem.rootstock,
    }
    if any(getattr(group, k) not in (None, known[k]) for k in _SAID):
        return False
    if group.in_pot and tree.pot_l is None:
        return False
    slack = _ABOUT_YEARS if group.about else 0
    if group.planted_year is not None and abs(tree.planted_year - group.planted_year) > slack:
        return False
    rows = group.row is None or record.row.called.lower() == group.row.lower()
    return rows and (group.block is None or record.block.name.lower() == group.block.lower())
