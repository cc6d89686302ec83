"""Names of the limbs of a practice tree, which give nothing away."""

from __future__ import annotations

import re

from ..cuts.names import limb_names
from ..frame.model import Frame

_SUCKER = re.compile(r"^sucker( \d+)? on the (.+)$")


def plain_names(frame: Frame) -> dict[str, str]:
    """As on every page, but that a sucker is a shoot at the foot: whose it is, is the question."""
    return {k: _SUCKER.sub(r"shoot\1 at the foot, \2", v) for k, v in limb_names(frame).items()}
