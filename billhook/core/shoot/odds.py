"""How strongly each clue speaks, by stock and scion."""

from __future__ import annotations

from collections.abc import Mapping

import numpy as np

from ..known import Knowledge
from ..words.values import Capital, Part, Value, say
from .case import Evidence, Floats, ShootCase, family, stands_on_own_roots

_FALL = (1.0, 1.0, 0.5, 0.25, 0.125)  # powers of correlated clues, the most telling first
_WINTER = {False: (12, 1, 2), True: (6, 7, 8)}


class Odds:
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


def states(know: Knowledge, kin: str, clue: str) -> list[str]:
    return know.text(f"{kin}-clues/{clue}/states").split(" ")


def index_of(know: Knowledge, kin: str, clue: str, value: str) -> int:
    return states(know, kin, clue).index(value)


def asks(know: Knowledge, kin: str, clue: str) -> Value:
    return know.row(f"{kin}-clues/{clue}/asks")


def clue_words(know: Knowledge, kin: str, clue: str, nth: int) -> Value:
    """What the nth answer to a clue is called: of all that its row names, the one meant."""
    return Part(know.row(f"{kin}-clues/{clue}/words"), " | ", nth)


def prior_of(case: ShootCase, odds: Odds, know: Knowledge) -> Floats:
    prior = np.array(case.prior or know.numbers("shoot/prior"), dtype=np.float64)
    if case.after_freeze and case.prior is None:
        stock = know.number("shoot/prior-after-freeze")
        prior = np.array([stock, *(prior[1:] / prior[1:].sum() * (1 - stock))])
    if odds.own:
        prior = np.array([0.0, *(prior[1:] / prior[1:].sum())])
    return prior


def powers_of(
    odds: Odds, seen: Mapping[str, int], case: ShootCase, know: Knowledge
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


def posterior_of(
    odds: Odds, prior: Floats, seen: Mapping[str, int], powers: Mapping[str, float]
) -> Floats:
    joint = np.ones((len(odds.groups), 3))
    for clue, answer in seen.items():
        joint = joint * np.maximum(odds.tables[clue][:, :, answer], 1e-12) ** powers[clue]
    likely = odds.weights @ joint / odds.weights.sum() * prior
    return np.asarray(likely / likely.sum())


def evidence_of(
    odds: Odds, case: ShootCase, clue: str, answer: int, power: float, know: Knowledge
) -> Evidence:
    p = odds.mixed(clue, answer)
    weight = float(np.log(p[0] / max(p[1], p[2])) * power) if p[0] > 0 else -10.0
    if abs(weight) < 0.2:
        says = "nothing"
    else:
        says = f"{'clearly' if abs(weight) > 1.6 else 'some'}-{'stock' if weight > 0 else 'own'}"
    word = Capital(clue_words(know, odds.family, clue, answer))
    return Evidence(
        clue,
        case.clues[clue],
        round(weight, 3),
        say("clue-speaks", asks=asks(know, odds.family, clue), word=word, says=says),
    )
