"""What the probabilities and the record come to: whose it is, and what is done with it."""

from __future__ import annotations

from dataclasses import dataclass, replace

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Value, say
from .case import BELOW, Floats, Kind, ShootCase, Whose
from .odds import Odds


@dataclass(frozen=True)
class Decision:
    """comes_off: whether the shoot is cut now. headline: the answer in a few words."""

    verdict: Whose
    action: Value
    reason: Reason
    comes_off: bool = False
    headline: Value = ""


_CUT_OFFS = ("shoot/remove-from", "shoot/scion-below")
_HEADLINES: dict[Whose, Value] = {
    "rootstock_sucker": say("shoot-rootstock"),
    "water_sprout": say("shoot-water-sprout"),
    "scion_shoot": say("shoot-bearing"),
    "uncertain": say("shoot-unclear"),
}
_KEPT = say("shoot-keep-gap")


def decide(case: ShootCase, odds: Odds, posterior: Floats, know: Knowledge) -> Decision:
    """What is done with the shoot, the first that holds: what the record forbids, what was seen,
    what is likely.
    """
    found = (
        _on_own_roots(odds, posterior)
        or _many_grafts(case)
        or _only_living(case, posterior, know)
        or _below_union(case, posterior, know)
        or _at_union(case, posterior, know)
        or _by_odds(case, odds, posterior, know)
    )
    return found if found.headline else replace(found, headline=_HEADLINES[found.verdict])


def _used(posterior: Floats) -> dict[str, float | str | None]:
    return {"probability of stock": round(float(posterior[0]), 3)}


def _of_tree(posterior: Floats) -> Kind:
    return "water_sprout" if posterior[1] > posterior[2] else "scion_shoot"


def _on_own_roots(odds: Odds, posterior: Floats) -> Decision | None:
    if not odds.own:
        return None
    action = say("shoot-spare")
    text = say("shoot-no-union")
    return Decision(_of_tree(posterior), action, Reason("own-roots", text))


def _many_grafts(case: ShootCase) -> Decision | None:
    if not case.many_grafts:
        return None
    action = say("shoot-follow")
    text = say("shoot-several-grafts")
    return Decision("uncertain", action, Reason("many-grafts", text))


def _only_living(case: ShootCase, posterior: Floats, know: Knowledge) -> Decision | None:
    stock, below = float(posterior[0]), case.clues.get("origin") in BELOW
    if not case.only_living_shoots or not (below or stock >= know.number("shoot/scion-below")):
        return None
    text = say("shoot-only-living")
    return Decision(
        "rootstock_sucker" if below or stock >= know.number("shoot/remove-from") else "uncertain",
        say("shoot-rebud"),
        Reason("only-living", text, _used(posterior)),
        headline=say("shoot-not-yet"),
    )


def _below_union(case: ShootCase, posterior: Floats, know: Knowledge) -> Decision | None:
    if not case.union_seen or case.clues.get("origin") not in BELOW:
        return None
    text = say("shoot-below-union")
    reason = Reason("below-union", text, _used(posterior))
    return Decision("rootstock_sucker", _off(case, know), reason, comes_off=True)


def _at_union(case: ShootCase, posterior: Floats, know: Knowledge) -> Decision | None:
    """What starts at the union and is not the stock's for sure goes by the way of working."""
    stock = float(posterior[0])
    if case.clues.get("origin") != "at_union" or stock >= know.number("shoot/remove-from"):
        return None
    used, school = _used(posterior), f"union-shoots/{case.at_union}"
    if case.at_union == "rub-off":
        kind: Whose = (
            _of_tree(posterior) if stock < know.number("shoot/scion-below") else "uncertain"
        )
        why = Reason("at-union", say("shoot-union-rub"), used, school=school)
        headline = say("shoot-union-off")
        return Decision(kind, _off(case, know), why, comes_off=True, headline=headline)
    if case.at_union == "keep" and stock < know.number("shoot/scion-below"):
        why = Reason("at-union", say("shoot-union-keep"), used, school=school)
        return Decision(_of_tree(posterior), say("shoot-leave"), why)
    return None


def _by_odds(case: ShootCase, odds: Odds, posterior: Floats, know: Knowledge) -> Decision:
    stock, used, ids = float(posterior[0]), _used(posterior), _CUT_OFFS
    vigour_only = bool(case.clues) and all(
        know.number(f"{odds.family}-clues/{c}/together") for c in case.clues
    )
    likely = stock >= know.number("shoot/remove-from") and not vigour_only
    if likely and stock < know.number("shoot/sure-alone") and _may_have_no_stock(case):
        # from a seed or a cutting it has no stock at all: one clue does not condemn it
        reason = Reason("how-raised", say("shoot-how-raised"), used, catalogue_ids=ids)
        return Decision("uncertain", say("shoot-say-how-raised"), reason)
    if likely:
        text = say("shoot-seen", kind="rootstock_sucker")
        reason = Reason("stock", text, used, catalogue_ids=ids)
        return Decision("rootstock_sucker", _off(case, know), reason, comes_off=True)
    if stock < know.number("shoot/scion-below"):
        kind = _of_tree(posterior)
        reason = Reason("scion", say("shoot-seen", kind=kind), used, catalogue_ids=ids)
        return Decision(kind, _KEPT if kind == "water_sprout" else say("shoot-leave"), reason)
    why = say("shoot-vigour") if vigour_only else say("shoot-not-clear")
    reason = Reason("uncertain", say("shoot-one-more", why=why), used, catalogue_ids=ids)
    return Decision("uncertain", say("shoot-leave-now"), reason)


def _may_have_no_stock(case: ShootCase) -> bool:
    """Nobody said its stock or how it was raised, and one clue at most was looked at."""
    nobody = case.rootstock is None and case.raised is None and case.asks_raised
    return nobody and len(case.clues) < 2


def _off(case: ShootCase, know: Knowledge) -> Value:
    rub = know.number("shoot/rub-below")
    if case.diameter_mm is not None and case.diameter_mm < rub:
        return say("shoot-rub")
    where = say("shoot-clear-soil") if case.clues.get("origin") == "soil" else say("shoot-cut-it")
    return say("shoot-flush", where=where)
