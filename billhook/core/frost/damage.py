"""What a cold night hurts on a tree: organ by organ, the class, and the worse one that is possible.
A message for triage, not a verdict.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from math import inf, log2

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Value, listed, say
from .classes import CLASSES, FrostClass

ORGANS = ("flush", "fruit", "leaf", "twig", "wood", "trunk", "union")
FRUIT = ("none", "flowers", "fruitlets", "green", "ripe")


@dataclass(frozen=True)
class ColdTree:
    """What of a tree counts on a cold night. hardening: 0 to 1; fruit: one of :data:`FRUIT`;
    pruned_within_days: since a hard cut, None for long ago.
    """

    species: str
    cultivar: str | None = None
    rootstock: str | None = None
    age_years: float = 10
    hardening: float = 1.0
    fruit: str = "none"
    tender_flush: bool = False
    pruned_within_days: int | None = None
    crop_on: bool = False
    dry_soil: bool = False


@dataclass(frozen=True)
class Damage:
    """The class, a worse one that is possible (None where none is), the threshold of each organ at
    these hours [degrees C], the share of fruit that is hurt.

    organs: names of those that are hurt, the tenderest first. milder: the class of the shorter
    night where nobody knows the hours, None where they are known.
    """

    worst: FrostClass
    possible: FrostClass | None
    thresholds: dict[str, float]
    fruit_hurt: float
    reasons: tuple[Reason, ...]
    organs: tuple[Value, ...] = ()
    milder: str | None = None


@dataclass(frozen=True)
class _Row:
    hard: dict[str, float]
    soft: dict[str, float]
    flush: float
    fruit: dict[str, float]
    doubling: dict[str, float]
    caps: dict[str, float]
    ages: dict[str, tuple[float, float, float]]
    id: str


def hardening_index(
    know: Knowledge, mean_28_c: float, warm_days: int = 0, tender_flush: bool = False
) -> float:
    """How hardened a tree is [0..1]: by the mean of the last 28 days, halved by soft flush, less
    for each warm day of the last ten.
    """
    warm, cool = know.number("frost/harden-warm"), know.number("frost/harden-cool")
    x = min(1.0, max(0.0, (warm - mean_28_c) / (warm - cool)))
    x = (
        x * (know.number("frost/soft-takes") if tender_flush else 1.0)
        - know.number("frost/warm-day-takes") * warm_days
    )
    return max(0.0, x)


def cold_row(know: Knowledge, species: str, cultivar: str | None) -> str:
    """The row of the cold table a tree goes by. Raises: InvalidInput for a kind whose hardiness is
    not known.
    """
    if cultivar is not None and f"cold-cultivar/{cultivar}/row" in know:
        return know.text(f"cold-cultivar/{cultivar}/row")
    if species not in know.rows("cold"):
        raise invalid(
            "/species",
            say(
                "bad-no-cold-hardiness-is-known-of",
                species=species,
                known=listed(know.rows("cold")),
            ),
        )
    return species


@lru_cache(maxsize=64)
def _row(know: Knowledge, row: str) -> _Row:
    own = know.number(f"cold/{row}/doubling")
    hard = {o: know.number(f"cold/{row}/{o}-h") for o in ("leaf", "twig", "wood", "trunk")}
    soft = {o: know.number(f"cold/{row}/{o}-u") for o in ("leaf", "twig", "wood", "trunk")}
    doubling = {o: own or know.number(f"cold-organ/{o}/doubling") for o in ORGANS} | {
        "fruit": know.number(f"cold/{row}/fruit-doubling")
    }
    # the caps of the citrus table hold for kinds as hardy as citrus; tenderer kinds are hurt above
    # freezing
    caps = {o: know.number(f"cold-organ/{o}/cap") if own == 0 else inf for o in ORGANS}
    ages = {
        o: (
            know.number(f"cold-organ/{o}/age-0"),
            know.number(f"cold-organ/{o}/age-2"),
            know.number(f"cold-organ/{o}/age-4"),
        )
        for o in ORGANS
    }
    fruit = {
        "ripe": know.number(f"cold/{row}/fruit-ripe"),
        "green": know.number(f"cold/{row}/fruit-green"),
    }
    for young in ("flowers", "fruitlets"):
        # known of citrus; of the tenderer kinds the figure from memory for green fruit is that of
        # their flowers
        fruit[young] = (
            know.number(
                know.first(f"cold-young-fruit/{row}/{young}", f"cold-young-fruit/citrus/{young}").id
            )
            if own == 0
            else fruit["green"]
        )
    return _Row(hard, soft, know.number(f"cold/{row}/flush"), fruit, doubling, caps, ages, row)


def thresholds(know: Knowledge, tree: ColdTree, hours: float) -> dict[str, float]:
    """Temperature at which each organ of this tree is hurt at these hours [degrees C]; fruit and
    flush only where there are any. Raises: InvalidInput.
    """
    row = _row(know, cold_row(know, tree.species, tree.cultivar))
    x = min(1.0, max(0.0, tree.hardening))
    if tree.pruned_within_days is not None and tree.pruned_within_days < know.number(
        "frost/pruned-within"
    ):
        x *= know.number("frost/pruned-takes")
    least, most = know.numbers("frost/hours-count")
    longer = log2(min(most, max(least, hours)) / know.number("frost/hours-of-table"))
    stock = (
        know.number(f"cold-rootstock/{tree.rootstock}/delta") * x
        if f"cold-rootstock/{tree.rootstock}/delta" in know
        else 0.0
    )
    band = next(
        (i for i, until in enumerate(know.numbers("frost/young-until")) if tree.age_years < until),
        None,
    )
    dry = know.number("frost/dry-soil") if tree.dry_soil else 0.0
    crop = know.number("frost/crop-on") if tree.crop_on else 0.0
    found: dict[str, float] = {}
    if tree.tender_flush:
        found["flush"] = min(row.caps["flush"], row.flush + row.doubling["flush"] * longer)
    if tree.fruit != "none":
        found["fruit"] = min(
            row.caps["fruit"], row.fruit[tree.fruit] + row.doubling["fruit"] * longer
        )
    for organ in ("leaf", "twig", "wood", "trunk"):
        at = (
            row.soft[organ]
            + x * (row.hard[organ] - row.soft[organ])
            + row.doubling[organ] * longer
            + stock
            + dry
        )
        at += row.ages[organ][band] if band is not None else 0.0
        at += crop if organ != "trunk" else 0.0
        found[organ] = min(row.caps[organ], at)
    found["union"] = found["trunk"] - know.number("frost/union-below-trunk")
    return found


def frost_damage(
    know: Knowledge, tree: ColdTree, min_c: float, hours: float | None = 4.0
) -> Damage:
    """What a minimum [degrees C], held so many hours, hurts on a tree; of hours nobody knows
    (None), the usual ones, between a short and a long night.

    Raises: InvalidInput for a kind whose hardiness is not known.
    """
    usual, short, long = know.numbers("frost/hours-unknown")
    held = usual if hours is None else hours
    at = thresholds(know, tree, held)
    worst = _class(know, at, min_c)
    possible = _class(know, at, min_c - know.number("frost/possible"))
    milder = None
    if hours is None:
        milder = _class(know, thresholds(know, tree, short), min_c)
        possible = max(possible, _class(know, thresholds(know, tree, long), min_c))
    hurt = 0.0
    if "fruit" in at and min_c <= at["fruit"]:
        first, most = know.numbers("frost/fruit-hurt")
        hurt = min(
            most,
            first + (most - first) * (at["fruit"] - min_c) / know.number("frost/fruit-gone-at"),
        )
    reasons = _said(know, tree, min_c, held, at, worst, possible)
    if hours is None:
        said = (
            say("cold-by-hours", milder=milder or worst, short=short, possible=possible, long=long)
            if milder != possible
            else say("cold-any-hours", worst=worst, short=short, long=long)
        )
        reasons = (
            *reasons,
            Reason(
                "hours-unknown",
                say("cold-unknown-hours", said=said),
                catalogue_ids=("frost/hours-unknown",),
            ),
        )
    return Damage(
        worst,
        possible if possible > worst else None,
        at,
        hurt,
        reasons,
        _hurt_organs(know, at, min_c),
        milder,
    )


def _class(know: Knowledge, at: dict[str, float], min_c: float) -> FrostClass:
    reached = [int(know.number(f"cold-organ/{o}/class")) for o, t in at.items() if min_c <= t]
    return CLASSES[max(reached, default=0)]


def _hurt_organs(know: Knowledge, at: dict[str, float], min_c: float) -> tuple[Value, ...]:
    return tuple(know.row(f"cold-organ/{o}/name") for o, t in at.items() if min_c <= t)


def _said(
    know: Knowledge,
    tree: ColdTree,
    min_c: float,
    hours: float,
    at: dict[str, float],
    worst: FrostClass,
    possible: FrostClass,
) -> tuple[Reason, ...]:
    row = cold_row(know, tree.species, tree.cultivar)
    hurt = _hurt_organs(know, at, min_c)
    more = say("cold-possibly", possible=possible) if possible > worst else ""
    text = say(
        "cold-hurts",
        worst=worst,
        more=more,
        min_c=min_c,
        hours=hours,
        hurt=listed(hurt) if hurt else say("nothing"),
        uncertain=know.number("frost/uncertain"),
    )
    used: dict[str, float | str | None] = {
        "hardening, 0 to 1": round(tree.hardening, 3),
        "age, years": tree.age_years,
        "rootstock": tree.rootstock,
    }
    used |= {f"{o} from, C": round(t, 2) for o, t in at.items()}
    ids = (f"cold/{row}/wood-h", "cold-organ/wood/doubling", "frost/possible", "frost/uncertain")
    return (Reason("frost-damage", text, used, catalogue_ids=ids),)
