"""What the probabilities and the record come to: whose it is, and what is done with it."""

from __future__ import annotations

from dataclasses import dataclass, replace

from ..known import Knowledge
from ..reasons import Reason
from .case import BELOW, SAID, Floats, Kind, ShootCase, Whose
from .odds import Odds


@dataclass(frozen=True)
class Decision:
    """comes_off: whether the shoot is cut now. headline: the answer in a few words."""

    verdict: Whose
    action: str
    reason: Reason
    comes_off: bool = False
    headline: str = ""


_CUT_OFFS = ("shoot/remove-from", "shoot/scion-below")
_HEADLINES: dict[Whose, str] = {
    "rootstock_sucker": "The rootstock's: it comes off",
    "water_sprout": "A water sprout of the tree itself",
    "scion_shoot": "A shoot that will bear",
    "uncertain": "Not yet clear",
}
_KEPT = (
    "Keep it where a gap wants filling, tipped or bent; else off at its origin while it is small."
)


def decide(case: ShootCase, odds: Odds, posterior: Floats, know: Knowledge) -> Decision:
    """What is done with the shoot, the first that holds: what the record forbids, what was seen,
    what is likely.
    """
    found = (
        _on_own_roots(odds, posterior)
        or _many_grafts(case)
        or _only_living(case, posterior, know)
        or _below_union(case, posterior, know)
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
    action = "Keep it as a spare, or strike it as a new tree; take it off only if it crowds."
    text = "No union: the tree stands on its own roots, so a shoot from the base is the same plant."
    return Decision(_of_tree(posterior), action, Reason("own-roots", text))


def _many_grafts(case: ShootCase) -> Decision | None:
    if not case.many_grafts:
        return None
    action = "Follow it to its origin and ask which graft bears it before anything is cut."
    text = (
        "Several grafts on this tree: the clues compare with one scion only. Ask which graft it "
        "grows from."
    )
    return Decision("uncertain", action, Reason("many-grafts", text))


def _only_living(case: ShootCase, posterior: Floats, know: Knowledge) -> Decision | None:
    stock, below = float(posterior[0]), case.clues.get("origin") in BELOW
    if not case.only_living_shoots or not (below or stock >= know.number("shoot/scion-below")):
        return None
    text = "These are the only living shoots of the tree: without them it dies."
    return Decision(
        "rootstock_sucker" if below or stock >= know.number("shoot/remove-from") else "uncertain",
        "Do not cut yet. Will the tree be budded again on this shoot, or replaced?",
        Reason("only-living", text, _used(posterior)),
        headline="Do not cut yet",
    )


def _below_union(case: ShootCase, posterior: Floats, know: Knowledge) -> Decision | None:
    if not case.union_seen or case.clues.get("origin") not in BELOW:
        return None
    text = "It grows from below a clearly seen union: it comes off, whatever else it looks like."
    reason = Reason("below-union", text, _used(posterior))
    return Decision("rootstock_sucker", _off(case, know), reason, comes_off=True)


def _by_odds(case: ShootCase, odds: Odds, posterior: Floats, know: Knowledge) -> Decision:
    stock, used, ids = float(posterior[0]), _used(posterior), _CUT_OFFS
    vigour_only = bool(case.clues) and all(
        know.number(f"{odds.family}-clues/{c}/together") for c in case.clues
    )
    if stock >= know.number("shoot/remove-from") and not vigour_only:
        text = f"By what was seen it is {SAID['rootstock_sucker']}."
        reason = Reason("stock", text, used, catalogue_ids=ids)
        return Decision("rootstock_sucker", _off(case, know), reason, comes_off=True)
    if stock < know.number("shoot/scion-below"):
        kind = _of_tree(posterior)
        reason = Reason("scion", f"By what was seen it is {SAID[kind]}.", used, catalogue_ids=ids)
        return Decision(
            kind, _KEPT if kind == "water_sprout" else "Leave it: it will bear.", reason
        )
    why = "Vigour alone never tells a sucker from a sprout." if vigour_only else "Not yet clear."
    reason = Reason("uncertain", f"{why} Look at one thing more.", used, catalogue_ids=ids)
    return Decision("uncertain", "Leave it for now; look at what is asked next.", reason)


def _off(case: ShootCase, know: Knowledge) -> str:
    rub = know.number("shoot/rub-below")
    if case.diameter_mm is not None and case.diameter_mm < rub:
        return (
            "Rub or pull it off by finger, heel and all; never a stub, never spray on green bark."
        )
    where = "Clear the soil gently and cut it" if case.clues.get("origin") == "soil" else "Cut it"
    return f"{where} flush at its origin; never a stub, never spray on green bark."
