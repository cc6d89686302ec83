"""Weighs the clues of a shoot against its tree's stock and scion, says whose it is, and what to
look at next.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np
import numpy.typing as npt

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..reasons import Reason

Floats = npt.NDArray[np.float64]
Kind = Literal["rootstock_sucker", "water_sprout", "scion_shoot"]
KINDS: tuple[Kind, ...] = ("rootstock_sucker", "water_sprout", "scion_shoot")
Whose = Literal["rootstock_sucker", "water_sprout", "scion_shoot", "uncertain"]
SAID: dict[str, str] = {
    "rootstock_sucker": "a sucker of the rootstock",
    "water_sprout": "a water sprout of the tree itself",
    "scion_shoot": "a shoot that will bear",
}
_BELOW = ("soil", "below_union")
_FALL = (1.0, 1.0, 0.5, 0.25, 0.125)  # powers of correlated clues, the most telling first
_WINTER = {False: (12, 1, 2), True: (6, 7, 8)}


@dataclass(frozen=True)
class ShootCase:
    """A shoot and its tree. rootstock None: not known; ``region`` then says which stocks to expect.

    union_seen: the union is clearly seen. only_living_shoots: nothing else of the tree lives.
    many_grafts: topworked, or several kinds on it. after_freeze: the top was killed by frost.
    diameter_mm: thickness at its base, for the way it comes off.
    """

    scion: str
    rootstock: str | None
    clues: Mapping[str, str]
    prior: tuple[float, float, float] | None = None
    region: str = "mediterranean"
    union_seen: bool = False
    only_living_shoots: bool = False
    many_grafts: bool = False
    after_freeze: bool = False
    date: dt.date | None = None
    southern: bool = False
    diameter_mm: float | None = None
    cultivar: str | None = None


@dataclass(frozen=True)
class Evidence:
    """One clue: what was seen, how strongly it speaks for the stock (positive) or the scion
    (natural log), and in words.
    """

    clue: str
    value: str
    weight: float
    says: str


@dataclass(frozen=True)
class ShootAnswer:
    """``probabilities`` sum to one over the three kinds. ask_next: the clue that would settle most,
    None where none settles anything.
    """

    verdict: Whose
    probabilities: Mapping[str, float]
    evidence: tuple[Evidence, ...]
    ask_next: str | None
    action: str
    reasons: tuple[Reason, ...]


def family(know: Knowledge, species: str) -> str:
    """Which tables of clues hold: ``shoot`` for citrus, ``avocado-shoot``, or ``plain-shoot`` for
    the others.
    """
    return {"citrus": "shoot", "avocado": "avocado-shoot"}.get(
        know.text(f"species/{species}/group"), "plain-shoot"
    )


def stands_on_own_roots(case: ShootCase) -> bool:
    """True for cuttings and layers, and for a seedling that bears no named kind; a named kind on a
    seedling is grafted.
    """
    return case.rootstock == "own-rooted" or (
        case.rootstock == "seedling" and case.cultivar is None
    )


class _Odds:
    """Likelihoods of one pair: per clue an array (groups of stock, kinds, answers)."""

    def __init__(self, case: ShootCase, know: Knowledge) -> None:
        self.know, self.family = know, family(know, case.scion)
        scion = know.get(f"cultivars/{case.cultivar}/clues") if case.cultivar else None
        self.scions = (str(scion.value) if scion else "ha", case.scion)
        self.scion, self.own = case.scion, stands_on_own_roots(case)
        known = know.get(f"rootstocks/{case.rootstock}/clues") if case.rootstock else None
        group = (
            str(known.value)
            if known is not None and f"{self.family}-odds/{known.value}/origin" in know
            else None
        )
        mix = {group: 1.0} if group else self._mix(case.region)
        leafless = case.date is not None and case.date.month in _WINTER[case.southern]
        self.groups = [
            ("tri-winter" if g == "tri" and leafless else g, w) for g, w in mix.items() if w > 0
        ]
        thorny = know.get(f"species/{case.scion}/thorny")
        self.void = {"thorns_rel"} if thorny is not None and thorny.value else set()
        clues = (c for c in know.rows(f"{self.family}-clues") if c not in self.void)
        self.tables = {clue: table for clue in clues if (table := self._table(clue)) is not None}

    def _mix(self, region: str) -> dict[str, float]:
        """Shares of the stocks to expect."""
        table = self.family.replace("shoot", "stock-mix") if self.family != "shoot" else "stock-mix"
        row = region if region in self.know.rows(table) else "any"
        found = (k for k in self.know if k.id.startswith(f"{table}/{row}/"))
        return {k.id.split("/")[2]: self.know.number(k.id) for k in found}

    def _table(self, clue: str) -> Floats | None:
        sprout, bearing = self._row("ws", clue), self._row("ns", clue)
        if sprout is None or bearing is None:
            return None
        only = bool(self.know.number(f"{self.family}-clues/{clue}/sprout-only"))
        stocks = [sprout if only else self._stock(group, clue) for group, _ in self.groups]
        if any(s is None for s in stocks):
            return None
        return np.array([[s, sprout, bearing] for s in stocks], dtype=np.float64)

    def _row(self, kind: str, clue: str) -> tuple[float, ...] | None:
        for row in (f"{self.family}-odds/{name}/{clue}" for name in (kind, *self.scions)):
            if row in self.know:
                return self.know.numbers(row)
        return None

    def _stock(self, group: str, clue: str) -> tuple[float, ...] | None:
        alike = f"scent-alike/{self.scion}-on-{group}/{clue}"
        found = self.know.get(alike) or self.know.get(f"{self.family}-odds/{group}/{clue}")
        return None if found is None else self.know.numbers(found.id)

    @property
    def weights(self) -> Floats:
        return np.array([w for _, w in self.groups])

    def mixed(self, clue: str, answer: int) -> Floats:
        """Probability of an answer under each kind, over the stocks to expect. Shape (3,)."""
        return np.asarray(self.weights @ self.tables[clue][:, :, answer] / self.weights.sum())


def judge(case: ShootCase, know: Knowledge, skip: Sequence[str] = ()) -> ShootAnswer:
    """Whose shoot it is. ``skip``: clues that cannot be told and are not asked again. Raises:
    InvalidInput naming the clue or answer that is not known, or a prior that does not sum to one.
    """
    _check(case, know)
    odds = _Odds(case, know)
    prior = _prior(case, odds, know)
    doubts = _doubts(case, odds, know)
    if doubts:
        # what is seen outranks the record: weigh it against every stock of the region instead
        odds = _Odds(replace(case, rootstock=None, clues={}), know)
    seen = {c: _index(know, odds.family, c, v) for c, v in case.clues.items() if c in odds.tables}
    powers = _powers(odds, seen, case, know)
    posterior = _posterior(odds, prior, seen, powers)
    evidence = tuple(_evidence(odds, case, c, i, powers[c], know) for c, i in seen.items())
    reasons = [
        *doubts,
        *(
            Reason(
                "void-clue",
                f"{_asks(know, odds.family, c)} This kind is thorny itself, so it tells nothing.",
            )
            for c in case.clues
            if c in odds.void
        ),
    ]
    verdict, action = _decide(case, odds, posterior, know, reasons)
    return ShootAnswer(
        verdict,
        dict(zip(KINDS, (float(p) for p in posterior), strict=True)),
        evidence,
        _ask_next(odds, prior, case, know, skip),
        action,
        tuple(reasons),
    )


def _check(case: ShootCase, know: Knowledge) -> None:
    wrong: list[FieldProblem] = []
    kin = family(know, case.scion)
    for clue, value in case.clues.items():
        if clue not in know.rows(f"{kin}-clues"):
            wrong.append(
                FieldProblem(
                    f"/clues/{clue}",
                    f"is no clue; known are {', '.join(know.rows(f'{kin}-clues'))}",
                )
            )
        elif value not in _states(know, kin, clue):
            wrong.append(
                FieldProblem(
                    f"/clues/{clue}", f"must be one of {', '.join(_states(know, kin, clue))}"
                )
            )
    if case.prior is not None and (min(case.prior) < 0 or abs(sum(case.prior) - 1) > 1e-6):
        wrong.append(FieldProblem("/prior", "the three must be probabilities that sum to 1"))
    if wrong:
        raise InvalidInput(wrong)


def _states(know: Knowledge, kin: str, clue: str) -> list[str]:
    return know.text(f"{kin}-clues/{clue}/states").split(" ")


def _index(know: Knowledge, kin: str, clue: str, value: str) -> int:
    return _states(know, kin, clue).index(value)


def _asks(know: Knowledge, kin: str, clue: str) -> str:
    return know.text(f"{kin}-clues/{clue}/asks")


def _prior(case: ShootCase, odds: _Odds, know: Knowledge) -> Floats:
    prior = np.array(case.prior or know.numbers("shoot/prior"), dtype=np.float64)
    if case.after_freeze and case.prior is None:
        stock = know.number("shoot/prior-after-freeze")
        prior = np.array([stock, *(prior[1:] / prior[1:].sum() * (1 - stock))])
    if odds.own:
        prior = np.array([0.0, *(prior[1:] / prior[1:].sum())])
    return prior


def _powers(
    odds: _Odds, seen: Mapping[str, int], case: ShootCase, know: Knowledge
) -> dict[str, float]:
    """How much each clue counts: correlated ones by how telling they are, the first two in full,
    then half, a quarter, …
    """
    powers = dict.fromkeys(seen, 1.0)
    together = [
        c
        for c in seen
        if know.number(f"{odds.family}-clues/{c}/together") and case.clues[c] != "present_different"
    ]
    spread = {c: float(np.ptp(np.log(np.maximum(odds.mixed(c, seen[c]), 1e-12)))) for c in together}
    for place, clue in enumerate(sorted(together, key=lambda c: (-round(spread[c], 12), c))):
        powers[clue] = (
            _FALL[place] if place < len(_FALL) else _FALL[-1] / 2 ** (place - len(_FALL) + 1)
        )
    return powers


def _posterior(
    odds: _Odds, prior: Floats, seen: Mapping[str, int], powers: Mapping[str, float]
) -> Floats:
    joint = np.ones((len(odds.groups), 3))
    for clue, answer in seen.items():
        joint = joint * np.maximum(odds.tables[clue][:, :, answer], 1e-12) ** powers[clue]
    likely = odds.weights @ joint / odds.weights.sum() * prior
    return np.asarray(likely / likely.sum())


def _evidence(
    odds: _Odds, case: ShootCase, clue: str, answer: int, power: float, know: Knowledge
) -> Evidence:
    p = odds.mixed(clue, answer)
    weight = float(np.log(p[0] / max(p[1], p[2])) * power) if p[0] > 0 else -10.0
    if abs(weight) < 0.2:
        says = "tells nothing for this pair"
    else:
        says = (
            f"speaks {'clearly ' if abs(weight) > 1.6 else ''}for the "
            f"{'rootstock' if weight > 0 else 'tree itself'}"
        )
    word = know.text(f"{odds.family}-clues/{clue}/words").split(" | ")[answer]
    return Evidence(
        clue,
        case.clues[clue],
        round(weight, 3),
        f"{_asks(know, odds.family, clue)} {word.capitalize()}: {says}.",
    )


def _doubts(case: ShootCase, odds: _Odds, know: Knowledge) -> list[Reason]:
    """Answers that the recorded pair can hardly give."""
    if case.rootstock is None or odds.own:
        return []
    rare = know.number("shoot/cannot-be")
    found = []
    for clue in ("leaf_form", "petiole_wing"):
        value = case.clues.get(clue)
        if value is None or value == "leafless" or clue not in odds.tables:
            continue
        if float(odds.mixed(clue, _index(know, odds.family, clue, value)).max()) <= rare:
            word = know.text(f"{odds.family}-clues/{clue}/words").split(" | ")[
                _index(know, odds.family, clue, value)
            ]
            text = (
                f"{_asks(know, odds.family, clue)} {word.capitalize()}: neither the recorded "
                "stock nor the recorded kind bears such a leaf. Which is wrong, the stock or "
                "the kind? The leaf outranks the label."
            )
            found.append(
                Reason(
                    "record-doubt",
                    text,
                    {"rootstock on record": case.rootstock, "kind on record": case.scion},
                    catalogue_ids=("shoot/cannot-be",),
                )
            )
    return found


def _decide(
    case: ShootCase, odds: _Odds, posterior: Floats, know: Knowledge, reasons: list[Reason]
) -> tuple[Whose, str]:
    stock, sprout, bearing = (float(p) for p in posterior)
    below = case.clues.get("origin") in _BELOW
    if odds.own:
        text = (
            "No union: the tree stands on its own roots, so a shoot from the base is the same "
            "plant."
        )
        reasons.append(Reason("own-roots", text))
        return (
            "water_sprout" if sprout > bearing else "scion_shoot"
        ), "Keep it as a spare, or strike it as a new tree; take it off only if it crowds."
    if case.many_grafts:
        reasons.append(
            Reason(
                "many-grafts",
                (
                    "Several grafts on this tree: the clues compare with one scion only. Ask "
                    "which graft it grows from."
                ),
            )
        )
        return (
            "uncertain",
            "Follow it to its origin and ask which graft bears it before anything is cut.",
        )
    if case.only_living_shoots and (below or stock >= know.number("shoot/scion-below")):
        reasons.append(
            Reason(
                "only-living",
                "These are the only living shoots of the tree: without them it dies.",
                {"probability of stock": round(stock, 3)},
            )
        )
        return (
            "rootstock_sucker"
            if below or stock >= know.number("shoot/remove-from")
            else "uncertain"
        ), "Do not cut yet. Will the tree be budded again on this shoot, or replaced?"
    ids = ("shoot/remove-from", "shoot/scion-below")
    used: dict[str, float | str | None] = {"probability of stock": round(stock, 3)}
    if below and case.union_seen:
        reasons.append(
            Reason(
                "below-union",
                (
                    "It grows from below a clearly seen union: it comes off, whatever else it "
                    "looks like."
                ),
                used,
            )
        )
        return "rootstock_sucker", _off(case, know)
    vigour_only = bool(case.clues) and all(
        know.number(f"{odds.family}-clues/{c}/together") for c in case.clues
    )
    if stock >= know.number("shoot/remove-from") and not vigour_only:
        reasons.append(
            Reason(
                "stock",
                f"By what was seen it is {SAID['rootstock_sucker']}.",
                used,
                catalogue_ids=ids,
            )
        )
        return "rootstock_sucker", _off(case, know)
    if stock < know.number("shoot/scion-below"):
        kind: Kind = "water_sprout" if sprout > bearing else "scion_shoot"
        reasons.append(
            Reason("scion", f"By what was seen it is {SAID[kind]}.", used, catalogue_ids=ids)
        )
        return kind, (
            (
                "Keep it where a gap wants filling, tipped or bent; else off at its origin "
                "while it is small."
            )
            if kind == "water_sprout"
            else "Leave it: it will bear."
        )
    why = "Vigour alone never tells a sucker from a sprout." if vigour_only else "Not yet clear."
    reasons.append(Reason("uncertain", f"{why} Look at one thing more.", used, catalogue_ids=ids))
    return "uncertain", "Leave it for now; look at what is asked next."


def _off(case: ShootCase, know: Knowledge) -> str:
    rub = know.number("shoot/rub-below")
    if case.diameter_mm is not None and case.diameter_mm < rub:
        return (
            "Rub or pull it off by finger, heel and all; never a stub, never spray on green bark."
        )
    where = "Clear the soil gently and cut it" if case.clues.get("origin") == "soil" else "Cut it"
    return f"{where} flush at its origin; never a stub, never spray on green bark."


def _ask_next(
    odds: _Odds, prior: Floats, case: ShootCase, know: Knowledge, skip: Sequence[str]
) -> str | None:
    """The open clue with the greatest expected fall of doubt."""
    seen = {c: _index(know, odds.family, c, v) for c, v in case.clues.items() if c in odds.tables}

    def doubt(p: Floats) -> float:
        known = p[p > 0]
        return float(-(known * np.log2(known)).sum())

    def after(more: dict[str, int], clues: Mapping[str, str]) -> Floats:
        asked = replace(case, clues=clues)
        return _posterior(odds, prior, more, _powers(odds, more, asked, know))

    now = after(seen, case.clues)
    best, most = None, know.number("shoot/worth-asking")
    for clue in odds.tables:
        if clue in seen or clue in skip:
            continue
        fall = doubt(now)
        for answer, word in enumerate(_states(know, odds.family, clue)):
            chance = float(now @ odds.mixed(clue, answer))
            if chance > 0:
                fall -= chance * doubt(after({**seen, clue: answer}, {**case.clues, clue: word}))
        if fall > most:
            best, most = clue, fall
    return best
