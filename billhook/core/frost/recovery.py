"""When a hurt tree bears again, what it costs, and whether a new tree would cost less."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable, Sequence
from dataclasses import dataclass

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Capital, Rounded, Saying, Share, Value, say
from .classes import CLASSES, FrostClass
from .kinds import class_figure

YEARS = 10


@dataclass(frozen=True)
class Recovery:
    """Crop by year as a share of the usual and in kilograms, what is lost, and the same for a tree
    replanted; advice: ``as-usual``, ``rehabilitate``, ``replant``, ``wait``, or ``not-yet`` where
    it is not judged.
    """

    shares: tuple[float, ...]
    kg: tuple[float, ...]
    lost_kg: float
    replant: tuple[float, ...]
    replant_kg: tuple[float, ...]
    replant_lost_kg: float
    advice: str
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class Stand:
    """What else decides between healing and replanting. live_bark: share of the trunk's round that
    lives; live_above_m: live wood above the union; regrowth_m: the longest, half a year after the
    last frost; declining: it was weak before. Each None where nobody looked. judged: its day has
    come; alive: it is known to live above the union.
    """

    live_bark: float | None = None
    live_above_m: float | None = None
    regrowth_m: float | None = None
    declining: bool = False
    judged: bool = True
    alive: bool = False


def recovery(
    know: Knowledge,
    frost_class: FrostClass,
    age_years: float,
    normal_kg: float,
    trees: int = 1,
    years: int = YEARS,
    replant_on: dt.date | None = None,
    stand: Stand | None = None,
    species: str | None = None,
) -> Recovery:
    """Crop of a class by year against replanting. normal_kg: of one tree."""
    stand, usual = stand or Stand(), normal_kg * trees
    heal = healing(know, frost_class, age_years, years, species)
    fresh = series(know, "F6", years, species)
    lost, lost_new = usual * sum(1 - s for s in heal), usual * sum(1 - s for s in fresh)
    must: Value = "" if stand.alive else _must_replant(know, frost_class, stand)
    advice = _advice(know, stand, bool(must), heal, fresh)
    says: Saying = _words(know, advice, replant_on, must)
    if usual and advice != "as-usual":
        says = says + say(
            "recovery-compared",
            trees=trees,
            years=years,
            lost=Rounded(lost),
            lost_new=Rounded(lost_new),
        )
    ids = (
        class_figure(know, frost_class, "recovery", species),
        "frost-class/F6/recovery",
        *(f"frost/{x}" for x in ("old-from", "keep-bark", "keep-live", "replant-after")),
    )
    used: dict[str, float | str | None] = {
        "class": frost_class,
        "usual, kg": usual,
        "age, years": age_years,
        "live bark, 0 to 1": stand.live_bark,
        "live wood above the union, m": stand.live_above_m,
    }
    return Recovery(
        heal,
        tuple(usual * s for s in heal),
        lost,
        fresh,
        tuple(usual * s for s in fresh),
        lost_new,
        advice,
        (Reason("recovery", says, used, date=replant_on, catalogue_ids=ids),),
    )


def _advice(
    know: Knowledge, stand: Stand, must: bool, heal: Sequence[float], fresh: Sequence[float]
) -> str:
    """Brought back where enough lives and it costs less; else replanted, or waited for."""
    if must:
        return "replant" if stand.judged else "not-yet"
    if min(heal) >= 1:
        return "as-usual"
    above, bark = stand.live_above_m, stand.live_bark
    enough = above is None or above >= know.number("frost/keep-live")
    if not enough or (bark is not None and bark < know.number("frost/keep-bark")):
        return "wait"
    if stand.alive or sum(heal) >= sum(fresh):
        return "rehabilitate"
    return "replant" if stand.judged else "not-yet"


def _words(know: Knowledge, advice: str, replant_on: dt.date | None, must: Value) -> Saying:
    if advice != "replant":
        return _ADVICE[advice]
    near, far = know.numbers("frost/replant-off")
    when = say("recovery-from", replant_on=replant_on) if replant_on else ""
    why = say("recovery-must", must=Capital(must)) if must else ""
    return say("recovery-replant", when=when, near=near, far=far, why=why)


_ADVICE = {
    "as-usual": say("recovery-bears"),
    "rehabilitate": say("recovery-bring-back"),
    "wait": say("recovery-between"),
    "not-yet": say("recovery-not-yet"),
}


def replant_day(
    know: Knowledge, today: dt.date, last_frost: dt.date, next_cold: tuple[dt.date, dt.date] | None
) -> dt.date:
    """The first day on which a new tree may go into the ground: after the last frost, and not
    shortly before the next cold season. Never past.
    """
    after = dt.timedelta(days=know.days("frost/replant-after"))
    day = max(today, last_frost + after)
    if next_cold is not None and day > next_cold[0] - dt.timedelta(
        days=know.days("frost/replant-before")
    ):
        return max(day, next_cold[1] + after)
    return day


def _must_replant(know: Knowledge, frost_class: FrostClass, stand: Stand) -> Value:
    """Why no other way is open, in words; empty where one is."""
    if frost_class == "F6":
        return say("recovery-nothing-lives")
    if stand.live_bark is not None and stand.live_bark < know.number("frost/replant-bark"):
        return say(
            "recovery-too-little-bark", replant_bark=Share(know.number("frost/replant-bark"))
        )
    if stand.regrowth_m is not None and stand.regrowth_m < know.number("frost/regrowth-least"):
        return say("recovery-too-short")
    return say("recovery-was-failing") if frost_class == "F5" and stand.declining else ""


def healing(
    know: Knowledge,
    frost_class: FrostClass,
    age_years: float,
    years: int = YEARS,
    species: str | None = None,
) -> tuple[float, ...]:
    """Crop of a tree that is brought back by year; an old one comes back a year later [share of the
    usual].
    """
    late = 1 if age_years > know.number("frost/old-from") and CLASSES.index(frost_class) >= 2 else 0
    heal = series(know, frost_class, years, species)
    return (heal[:1] * late + heal)[:years]


def series(
    know: Knowledge, frost_class: FrostClass, years: int, species: str | None = None
) -> tuple[float, ...]:
    """Crop by year [share of the usual]; beyond the table its last value."""
    table = know.numbers(class_figure(know, frost_class, "recovery", species))
    return tuple(table[min(i, len(table) - 1)] for i in range(years))


@dataclass(frozen=True)
class Group:
    """Like trees of a block: class, kind, mean age [years], how many, and the usual crop of one
    [kg].
    """

    frost_class: FrostClass
    species: str
    age_years: float
    trees: int
    normal_kg: float


@dataclass(frozen=True)
class BlockRecovery:
    """Crop of a block by year [kg]: as advised, and with all replanted that lost their limbs; what
    each loses, and healing all; and the advice for each group.
    """

    usual_kg: float
    kg: tuple[float, ...]
    replant_kg: tuple[float, ...]
    lost_kg: float
    heal_all_lost_kg: float
    replant_lost_kg: float
    groups: tuple[tuple[Group, Recovery], ...]


def block_recovery(
    know: Knowledge, groups: Sequence[Group], replant_on: dt.date | None = None, years: int = YEARS
) -> BlockRecovery:
    """The trees of a block by their classes, each group healed or replanted as advised; the worst
    class first.
    """
    ordered = sorted(groups, key=lambda g: (-CLASSES.index(g.frost_class), g.species))
    found = [
        (
            g,
            recovery(
                know,
                g.frost_class,
                g.age_years,
                g.normal_kg,
                g.trees,
                years,
                replant_on,
                species=g.species,
            ),
        )
        for g in ordered
    ]
    usual = sum(g.normal_kg * g.trees for g in groups)

    def by_year(replanted: Callable[[Group, Recovery], bool]) -> tuple[float, ...]:
        chosen = [r.replant_kg if replanted(g, r) else r.kg for g, r in found]
        return tuple(sum(one[i] for one in chosen) for i in range(years))

    advised = by_year(lambda _, r: r.advice == "replant")
    replanted = by_year(lambda g, _: CLASSES.index(g.frost_class) >= CLASSES.index("F4"))
    lost = [usual * years - sum(kg) for kg in (advised, by_year(lambda *_: False), replanted)]
    return BlockRecovery(usual, advised, replanted, lost[0], lost[1], lost[2], tuple(found))
