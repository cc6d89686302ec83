"""Windows of mango: after harvest in time for the terminals to ripen before the cool nights that make them flower."""

from __future__ import annotations

from ..words.dates import day_words
from .claims import DAY, Asked, Claim, days, latest, limit, window
from .events import mango_latest_prune, vigour_of
from .model import Work, span

SEVERITY: dict[Work, str] = {"tip": "tip", "skirt": "tip", "hedge": "second-node", "thin": "limb", "height": "scaffold", "skeleton": "scaffold"}
_IDS = ("mango/terminal-age", "mango/cut-to-break", "mango/hard-stop", "season/induction-night")


def mango_windows(a: Asked) -> list[Claim]:
    """Every window and the induction stop of one growing year for a mango."""
    claims: list[Claim] = []
    for work, severity in SEVERITY.items():
        claims += _post_harvest(a, work, severity) if a.year.induction else _no_cold(a, work)
    if a.year.bloom is not None:
        cool = latest(a.year.last_frost, a.year.start)
        works: tuple[Work, ...] = ("thin", "height", "skirt")
        for work in works:
            claims += window(
                work, cool, a.year.bloom.start - DAY, "mango-cool-rest",
                "the tree rests in the cool, so a cut starts no soft flush; every end you take is bloom you lose.", _IDS, "light", a.know.number("season/light-share-mango"),
            )  # fmt: skip
    return claims


def _post_harvest(a: Asked, work: Work, severity: str) -> list[Claim]:
    year, know = a.year, a.know
    assert year.induction is not None
    vigour = vigour_of(a.tree, know)
    full, hard = mango_latest_prune(know, year.induction, vigour, severity)
    ids = (*_IDS, f"mango-severity/{severity}/days")
    claims: list[Claim] = []
    picked = year.harvest.end if year.harvest else None
    if a.tree.fruit_on == "none" and year.bloom is not None:
        claims += window(
            work,
            year.bloom.start + days(know.days("mango/off-crop-after-bloom")),
            full,
            "mango-off-crop",
            "the tree carries no crop: do height and limb work now, the ends ripen in time to flower.",
            ids,
        )
    elif picked is not None and picked <= full:
        claims += window(
            work,
            picked + DAY,
            full,
            "mango-after-harvest",
            f"the crop is off, and new ends still ripen before the cool nights of about {day_words(year.induction)}.",
            ids,
        )
        claims += window(
            work,
            full + DAY,
            hard,
            "mango-late",
            "late: part of the ends will be too young to flower; tips only.",
            ids,
            "light",
            know.number("season/light-share-mango"),
        )
    elif picked is not None and picked <= hard and severity == "tip":
        claims += window(
            work,
            picked + DAY,
            min(hard, picked + days(know.days("mango/late-tips"))),
            "mango-late",
            "the pick ended late: tips only, within a fortnight of the last fruit.",
            ids,
            "light",
            know.number("season/light-share-mango"),
        )
    closed = span(hard + DAY, (a.after.last_frost or a.after.start) - DAY)
    claims += limit(
        (work,), closed, "stop", "mango-induction",
        f"Growth started now would be soft when the cool nights come (about {day_words(year.induction)}): it does not flower and frost takes it. "
        f"The last day for a cut that pushes growth was {day_words(hard)}.",
        ids, used={"first cool nights": year.induction.isoformat(), "vigour, 1 to 5": vigour, "last day for full bloom": full.isoformat()},
    )  # fmt: skip
    return claims


def _no_cold(a: Asked, work: Work) -> list[Claim]:
    """Where no cool nights come: straight after the pick."""
    if a.year.harvest is None:
        return []
    end = a.year.harvest.end + days(a.know.days("mango/after-harvest-days"))
    return window(
        work, a.year.harvest.end + DAY, end, "mango-after-harvest", "straight after the last fruit; no cool nights come here to wait for.", _IDS
    )
