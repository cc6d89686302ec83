"""What a tree bears season by season: the price of the day, the part that was cut back hard, leaf
in light, and the turn of heavy and light years.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ..frame.model import TRUNK
from ..known import Knowledge
from ..reasons import Reason
from ..season.by_crop import price_by_crop
from ..season.model import Severity, Span, Work
from ..words.values import Crops, Share, say
from .chance import about_one, chance
from .model import Asked, DatedCut, Event
from .shoots import Wound


@dataclass
class Losses:
    """crops: of each season, what days took of it; hard: season and share of what was cut back
    hard.
    """

    crops: list[float]
    hard: list[tuple[int, float]]


def severity_of(know: Knowledge, wound: Wound) -> Severity:
    """How far into the wood a cut goes, as the days of mango ask."""
    if wound.limb is None or (wound.limb.on == TRUNK and wound.hard >= 1):
        return "scaffold"
    tip, node = (know.number(f"grow/{which}-under") for which in ("tip", "node"))
    return "tip" if wound.mm < tip else "second-node" if wound.mm < node else "limb"


_WORK: dict[Severity, Work] = {
    "tip": "tip",
    "second-node": "shear",
    "limb": "thin",
    "scaffold": "height",
}


def priced(
    know: Knowledge,
    asked: Asked,
    cut: DatedCut,
    wound: Wound,
    share: float,
    years: Sequence[Span],
    lost: Losses,
) -> list[Event]:
    """Charge a cut's price to the crops that it takes from, each by its own rows."""
    unfruitful = wound.limb is not None and wound.limb.kind == "sprout" and not wound.limb.fruit
    work: Work = "sprout" if unfruitful else _WORK[severity_of(know, wound)]
    rows = price_by_crop(
        asked.site, asked.tree, know, cut.day, work, asked.observed, asked.moved, asked.stance
    )
    taken = 0.0
    least = 1 - recovery(know, know.text(f"species/{asked.tree.species}/group"))[0]
    for k, year in enumerate(years):
        part = sum(p for start, p in rows.items() if year.holds(start)) * share
        if part > 0 and _is_hard(wound):
            part = max(part, least * share)  # what bloom was to come goes with the wood
        lost.crops[k] += part
        taken += part
    if taken < 0.005:
        return []
    price = max(sum(rows.values()), taken / share)
    text = say("grow-price", day=cut.day, share=Share(share), price=Crops(price))
    used: dict[str, float | str | None] = {"share": round(share, 4), "price": round(price, 3)}
    return [Event("price", cut.limb, taken, Reason("grow-price", text, used, date=cut.day))]


def hard_part(wound: Wound, share: float, season: int, lost: Losses) -> None:
    """Remember what was cut back hard: it bears again over some seasons."""
    if _is_hard(wound):
        lost.hard.append((season, share))


def _is_hard(wound: Wound) -> bool:
    on_main = wound.limb is None or wound.limb.on == TRUNK
    return on_main and wound.kind == "headed" and wound.hard >= 1


def recovery(know: Knowledge, group: str) -> tuple[float, ...]:
    """What wood cut back hard bears in the first, second, third season after."""
    return know.numbers(
        know.first(f"hard-regrowth/{group}/recovery", "hard-regrowth/other/recovery").id
    )


def crop_of(
    know: Knowledge,
    asked: Asked,
    season: int,
    bears: float,
    leaf: float,
    light: tuple[float, float],
    lost: Losses,
) -> float:
    """The crop of a season, 1 for a grown tree in a middle year. bears: by age; leaf: share of the
    frame that was sent; light: inside now and at the start over what inner wood needs [0..1].
    """
    if season == 0:
        return max(0.0, bears * (1 - lost.crops[0]))
    curve = (*recovery(know, know.text(f"species/{asked.tree.species}/group")), 1.0)
    hard = sum(s for _, s in lost.hard)
    regrown = sum(s * curve[min(season - k, len(curve) - 1)] for k, s in lost.hard)
    thick = min(1.0, leaf + hard) ** know.number("grow/leaf-power")
    dark = know.number("grow/dark-takes")
    now, first = (1 - dark * max(0.0, 1 - x) for x in light)
    weather = about_one(know.number("grow/crop-varies"), asked.seed, season, "crop")
    turn = 1 + know.number("renewal/swing") * _turn(asked, season)
    stands = max(0.0, 1 - hard) * float(thick) * now / first
    base = bears * (stands + regrown) * weather * turn
    return max(0.0, base - bears * lost.crops[season])


def _turn(asked: Asked, season: int) -> float:
    """1 in a heavy year, -1 in a light one: the year after a full crop is light. Where nobody said
    how this year bears, the seed tells it.
    """
    first = {"full": -1, "light": 1, "none": 1}.get(asked.tree.fruit_on or "")
    if first is None:
        first = 1 if chance(asked.seed, "turn") < 0.5 else -1
    return first * (1 if season % 2 else -1)


def bearing(know: Knowledge, asked: Asked, age: int) -> float:
    """How much of a grown tree's crop a tree of this age bears [0..1]."""
    tree = asked.tree
    first = know.number(
        know.first(
            f"first-crop/{tree.rootstock}/years",
            f"first-crop/{tree.species}/years",
            "first-crop/other/years",
        ).id
    )
    if tree.fruit_on == "never" or age < first:
        return 0.0
    return min(1.0, (age - first + 1) / (know.number("grow/full-after") + 1))
