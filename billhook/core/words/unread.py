"""What of a sentence was not used."""

from __future__ import annotations

from collections.abc import Sequence

from .atoms import Atom
from .grammar import Grammar


def unread_runs(text: str, left: Sequence[Atom], words: Grammar) -> tuple[str, ...]:
    """Runs of unused words as they were typed, without filler at their ends; in the order of the
    sentence. left: every piece that was not used.
    """
    runs: list[list[Atom]] = []
    for atom in sorted(left, key=lambda a: a.start):
        beside = runs and not text[runs[-1][-1].end : atom.start].strip(" -")
        if beside:
            runs[-1].append(atom)
        else:
            runs.append([atom])
    filler = words.words["filler"]
    found = []
    for run in runs:
        while run and (run[0].low in filler or run[0].sort == "mark"):
            run.pop(0)
        while run and (run[-1].low in filler or run[-1].sort == "mark"):
            run.pop()
        if run:
            found.append(text[run[0].start : run[-1].end])
    return tuple(found)
