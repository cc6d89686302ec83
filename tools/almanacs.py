"""Every kind in every climate under every way of working: the open days of a year and what they
cost, to be read line by line for sense.

Usage: python tools/almanacs.py [--way any-time] [--kind mango] [--work height]
"""

from __future__ import annotations

import argparse
import datetime as dt
from collections.abc import Iterator

from billhook.catalogue import load_catalogue
from billhook.core.known import Knowledge
from billhook.core.season.model import BEARING, Best, Site, TreeState, Work
from billhook.core.season.place import climate_frost, climate_normals
from billhook.core.season.schools import schools_of
from billhook.core.season.season import season
from billhook.core.words.dates import day_words
from billhook.core.words.prices import crop_words
from billhook.core.words.units import share_words

YEAR = dt.date(2027, 6, 1)
CROPS = {"": None, "no fruit": "none"}
CULTIVARS = {"sweet-orange": "valencia", "mango": "keitt", "avocado": "hass"}


def place(know: Knowledge, climate: str) -> Site:
    """A northern site with a shipped climate."""
    last, first = climate_frost(know, climate)
    return Site(
        8 if climate.startswith("tropical") else 30,
        climate_normals(know, climate),
        last,
        first,
        climate,
    )


def lines(know: Knowledge, way: str, kinds: list[str], works: list[Work]) -> Iterator[str]:
    """A line a kind, climate, crop and work: its open runs, price and share."""
    for species in kinds:
        for cultivar in dict.fromkeys((None, CULTIVARS.get(species))):
            for climate in know.rows("climates"):
                for crop, fruit_on in CROPS.items():
                    planted = YEAR.year - 15
                    tree = TreeState(species, planted, cultivar, fruit_on=fruit_on)
                    best = season(
                        place(know, climate), tree, know, YEAR, YEAR, works, stance={"timing": way}
                    ).best
                    for work in works:
                        found = [b for b in best if b.work == work]
                        name = " ".join(x for x in (cultivar or species, crop) if x)
                        yield (
                            f"{way} | {name} | {climate} | {work} | "
                            f"{'; '.join(map(_run, found)) or 'closed'} | {_days(found)} days"
                        )


def _run(best: Best) -> str:
    share = share_words(best.max_share) if best.max_share else ""
    rounds = f", {best.rounds} rounds" if best.rounds else ""
    return (
        f"{day_words(best.start)} to {day_words(best.end)} ({crop_words(best.price)}, "
        f"{share}{rounds})"
    )


def _days(best: list[Best]) -> int:
    return sum((b.end - b.start).days + 1 for b in best)


def main() -> None:
    know = load_catalogue()
    ask = argparse.ArgumentParser(description=__doc__)
    ask.add_argument("--way", choices=schools_of(know, "timing"))
    ask.add_argument("--kind", choices=know.rows("species"))
    ask.add_argument("--work", choices=BEARING)
    given = ask.parse_args()
    for way in [given.way] if given.way else schools_of(know, "timing"):
        for line in lines(
            know,
            way,
            [given.kind] if given.kind else know.rows("species"),
            [given.work] if given.work else ["thin", "height", "tip"],
        ):
            print(line)


if __name__ == "__main__":
    main()
