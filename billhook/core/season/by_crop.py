"""What a day's cut costs of each crop: of the fruit that hangs, and of the bloom to come."""

from __future__ import annotations

import datetime as dt

from ..known import Knowledge
from .events import growing_year_of
from .lane import price_days
from .model import Site, Stance, TreeState, Work
from .schools import stance_in_force
from .seen import Moved, Observed
from .year import year_from


def price_by_crop(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    day: dt.date,
    work: Work,
    observed: Observed,
    moved: Moved,
    stance: Stance,
) -> dict[dt.date, float]:
    """Crops per share of canopy that a cut on a day takes, by the growing year in which that crop
    blooms, named by its first day. Together they are the day's price.
    """
    year = year_from(
        site,
        tree,
        know,
        growing_year_of(site, day)[0],
        tuple(sorted(observed.items())),
        tuple(sorted(moved.items())),
        tuple(sorted(stance_in_force(know, stance).items())),
    )
    rows = [c for c in year.claims if c.kind == "price" and work in c.work and c.when.holds(day)]
    found: dict[dt.date, float] = {}
    for crop in sorted({c.price.crop for c in rows if c.price is not None}):
        of_crop = [c for c in rows if c.price is not None and c.price.crop == crop]
        found[crop] = float(price_days(of_crop, day, 1)[0][0])
    return found
