"""Walks gone by tests, and what came of them."""

from __future__ import annotations

from billhook.services.tree.views import tree_view
from billhook.services.walk import view, walks

from ...places import TODAY, new_id

FINE = {
    "form": "tree",
    "before": "clear",
    "ripe": "none",
    "union": "clear",
    "below": "none",
    "below-thick": "pencil",
    "dead": "none",
    "leafless-scratch": "not",
    "crossing": "none",
    "skirt": "fine",
    "sprouts": "none",
    "height": "fine",
    "young-trunk": "none",
    "trunk-guard": "wrap",
    "young-pinch": "below",
    "young-stake": "fine",
    "pot-roots": "fine",
    "pot-light": "fine",
    "crop": "fine",
}


def walked(at, tree_id: str, **answers: str) -> view.WalkView:
    """Walk a tree, answering what is asked; open questions are put off unless they are answered."""
    answers = {k.replace("_", "-"): v for k, v in answers.items()}
    view = walks.begin(at, tree_id, new_id())
    while view.at is not None:
        view = walks.give(
            at, view.walk.id, new_id(), view.at, answers.get(view.at, FINE.get(view.at, "later"))
        )
    return view


def tasks(garden, n: int = 0):
    return [
        t
        for t in tree_view(garden.at, garden.tree_ids[n], TODAY, ("sucker",)).tasks
        if t.kind == "walk"
    ]


def findings(view) -> list[tuple[str, str]]:
    return [(f.answer, f.work) for f in view.end.findings]
