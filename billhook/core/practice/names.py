"""Names of the limbs of a practice tree, which give nothing away."""

from __future__ import annotations

from ..cuts.names import limb_names
from ..frame.model import Frame
from ..words.values import Phrase, Value, say


def plain_names(frame: Frame) -> dict[str, Value]:
    """As on every page, but that a sucker is a shoot at the foot: whose it is, is the question."""
    return {limb: _plain(name) for limb, name in limb_names(frame).items()}


def _plain(name: Value) -> Value:
    if isinstance(name, Phrase) and name.says == "limb-sucker":
        told = dict(name.values)
        return say("limb-unknown-shoot", nth=told["nth"], way=told["way"])
    return name
