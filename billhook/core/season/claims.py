"""What rules say about one kind of work over spans of days, and everything they may look at."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import dataclass, field
from functools import lru_cache

from ..frost.classes import at_least
from ..frost.kinds import of_kind
from ..known import DateCase, Knowledge
from ..reasons import Reason
from .budget import yearly_budget
from .dates import RuleError, comparison, moment
from .events import is_rank, usual_vigour, vigour_of
from .model import GrowingYear, Site, Span, Stance, Status, TreeState
from .seen import on_or_after, turned_month

DAY = dt.timedelta(days=1)


@dataclass(frozen=True)
class Price:
    """What a price row says of its days: crops per share from ``at_from`` to ``at_to``, evenly.

    slots: what it prices; of rows that price the same of one crop on a day those of the highest
    rank count. crop: start of the growing year of its bloom.
    """

    at_from: float
    at_to: float
    slots: tuple[str, ...]
    rank: int
    crop: dt.date


@dataclass(frozen=True)
class Claim:
    """``limit``: something holds the work back in this span. cap: share limit that comes with it.
    ``price``: what the cut costs.

    ``prefer``: a way of working takes ``takes`` off the price. ``never`` closes the work;
    ``always`` only says something of it; ``event`` is shown among the events under the reason's
    code. dear: days on which no way of working widens the band, and no small cap makes do.
    """

    kind: str
    work: tuple[str, ...]
    when: Span
    status: Status
    reason: Reason
    cap: float | None = None
    price: Price | None = None
    takes: float = 0.0
    dear: bool = False


def _spans(year: GrowingYear) -> dict[str, Span | None]:
    summer = year.hot or year.sun32 or year.sun30
    after = summer.start if summer else year.peak
    autumn = [f for f in year.later_flushes if f.start > after]
    return {
        "bloom": year.bloom,
        "harvest": year.harvest,
        "hot": year.hot,
        "sun30": year.sun30,
        "sun32": year.sun32,
        "sun35": year.sun35,
        "rest": year.quiescent,
        "forms": year.bloom_forms,
        "cool-hours": year.cool_hours,
        "second-flush": year.later_flushes[0] if year.later_flushes else None,
        "autumn-flush": autumn[-1] if autumn else None,
    }


_POINTS: dict[str, Callable[[GrowingYear], dt.date | None]] = {
    "start": lambda y: y.start,
    "end": lambda y: y.end,
    "last-frost": lambda y: y.last_frost,
    "first-frost": lambda y: y.first_frost,
    "flush": lambda y: y.flush,
    "flush-hard": lambda y: y.flush_hard,
    "drop-end": lambda y: y.drop_end,
    "last-hard": lambda y: y.last_safe_hard,
    "last-light": lambda y: y.last_safe_light,
    "carry-out": lambda y: y.carry_out,
    "carry-in": lambda y: y.carry_in,
    "peak": lambda y: y.peak,
    "nothing": lambda y: None,
}
_FLAGS: dict[str, Callable[[Asked], bool]] = {
    "everbearing": lambda a: bool(a.know.number(f"species/{a.tree.species}/everbearing")),
    "flat-price": lambda a: (
        bool(a.know.number(f"species/{a.tree.species}/everbearing"))
        or f"flat-price/{a.tree.species}/crops" in a.know
    ),
    "clear-trunk": lambda a: a.tree.first_branch_m is not None,
    "citrus": lambda a: a.know.text(f"species/{a.tree.species}/group") == "citrus",
    "frost-pocket": lambda a: a.site.frost_pocket,
    "in-pot": lambda a: a.tree.in_pot,
    "under-cover": lambda a: a.tree.under_cover,
    "too-tall": lambda a: a.tree.too_tall,
    "unhardened": lambda a: a.year.unhardened,
    "no-cold": lambda a: a.year.no_cold,
    "bears": lambda a: a.bears,
    "no-fruit": lambda a: a.barren,
    "lanky": lambda a: (
        (known := a.know.get(f"cultivars/{a.tree.cultivar}/lanky")) is not None
        and bool(known.value)
    ),
    "rank": lambda a: is_rank(a.tree, a.know),
    "frail": lambda a: vigour_of(a.tree, a.know) < usual_vigour(a.tree, a.know),
    "young": lambda a: a.age < a.know.number("budget/mature-from"),
    "cut": lambda a: a.tree.cut is not None,
    "fruit-frozen": lambda a: a.fruit_frozen,
    "frost-hurt": lambda a: a.frozen_this_year and at_least(a.tree.freeze_class, "F2"),
    "pick-not-seen": lambda a: a.year.harvest_spread is not None,
    "low-bloom": lambda a: a.tree.low_bloom,
}


_TOPICS: dict[str, Callable[[Asked, str], bool]] = {
    "known": lambda a, word: a.date(word) is not None,
    "danger": lambda a, word: word in a.site.dangers,
    "condition": lambda a, word: a.tree.condition == word,
    "bark": lambda a, word: a.tree.bark == word,
    "freeze-class": lambda a, word: a.tree.freeze_class == word and a.frozen_this_year,
    "cut": lambda a, word: a.tree.cut == word,
    "climate": lambda a, word: a.site.climate == word,
    "school": lambda a, word: a.in_school((word,)),
}


@lru_cache(maxsize=1024)
def _condition(text: str) -> Callable[[Asked], bool]:
    """Read a condition once. Raises: RuleError for one that means nothing."""
    if text.startswith("not "):
        other = _condition(text[4:])
        return lambda a: not other(a)
    if (compare := comparison(text)) is not None:
        return compare
    if text in _FLAGS:
        return _FLAGS[text]
    topic, _, word = text.partition(":")
    if topic not in _TOPICS:
        raise RuleError(f"{text!r} is no condition")
    about = _TOPICS[topic]
    return lambda a: about(a, word)


def concerns(know: Knowledge, species: str, of: tuple[str, ...]) -> bool:
    """True if a rule for these species and groups is for this species."""
    return "every" in of or species in of or know.text(f"species/{species}/group") in of


@lru_cache(maxsize=256)
def _cases(know: Knowledge, species: str) -> dict[str, tuple[DateCase, ...]]:
    """The cases of each named date that concern a species."""
    found: dict[str, tuple[DateCase, ...]] = {}
    for case in know.dates:
        if concerns(know, species, case.of):
            found[case.name] = (*found.get(case.name, ()), case)
    return found


@dataclass(frozen=True, eq=False)
class Asked:
    """Everything a rule may look at: the place, the tree, the catalogue, and three growing years in
    a row.
    """

    site: Site
    tree: TreeState
    know: Knowledge
    before: GrowingYear
    year: GrowingYear
    after: GrowingYear
    stance: Stance
    _dates: dict[str, dt.date | None] = field(default_factory=dict)
    _whys: dict[str, str] = field(default_factory=dict)

    @property
    def age(self) -> int:
        """Years in the ground, as :func:`billhook.core.season.budget.tree_age` counts."""
        return max(0, self.year.age_year - self.tree.planted_year)

    @property
    def budget(self) -> float:
        """Share of live canopy that may go in this growing year."""
        return yearly_budget(self.tree, self.age, self.know, self.barren).share

    @property
    def bears(self) -> bool:
        """True once the kind has come to its first crop, unless it was seen that this tree has
        not.
        """
        first = self.know.first(
            f"first-crop/{self.tree.rootstock}/years",
            f"first-crop/{self.tree.species}/years",
            "first-crop/other/years",
        )
        return self.tree.fruit_on != "never" and self.age >= self.know.number(first.id)

    @property
    def barren(self) -> bool:
        """True if no fruit was seen on it in the crop that blooms this year; a tree that was picked
        bore one.
        """
        said, year = self.tree.fruit_said, self.year
        if self.tree.fruit_on != "none":
            return False
        begin = year.bloom.start if year.bloom else year.start
        until = self.after.bloom.start if self.after.bloom else self.after.start
        return said is None or begin <= said < until

    @property
    def frozen_this_year(self) -> bool:
        """True unless the frost that was seen belongs to another growing year."""
        seen = self.tree.freeze_on
        return seen is None or self.year.start <= seen <= self.year.end

    @property
    def fruit_frozen(self) -> bool:
        """True if a frost that took leaf or more came while the crop of this year's bloom hung; one
        that hurt no leaf may have spared the fruit too.
        """
        seen, pick = self.tree.freeze_on, self.year.harvest
        if not at_least(self.tree.freeze_class, "F2") or seen is None or pick is None:
            return False
        hung = self.year.bloom.start if self.year.bloom else self.year.start
        return hung <= seen <= pick.end

    def date(self, name: str) -> dt.date | None:
        """The named date of this growing year, of the ``next.`` or the ``last.``.

        Raises: RuleError for a name that means nothing.
        """
        if name not in self._dates:
            self._dates[name] = self._look(name)
        return self._dates[name]

    def _look(self, name: str) -> dt.date | None:
        cases = _cases(self.know, self.tree.species).get(name, ())
        for case in cases:
            if all(self.holds(w) for w in case.when):
                self._whys[name] = case.why
                return moment(case.is_).read(self)
        if cases:
            return None
        if name in ("condition-seen", "freeze-seen"):
            return self.tree.condition_on if name == "condition-seen" else self.tree.freeze_on
        whose, _, rest = name.partition(".")
        year = {"next": self.after, "last": self.before}.get(whose, self.year)
        plain = rest if whose in ("next", "last") else name
        if plain in _POINTS:
            return _POINTS[plain](year)
        event, _, edge = plain.partition(".")
        spans = _spans(year)
        if event not in spans or edge not in ("start", "end"):
            raise RuleError(f"{name!r} is no date of a growing year")
        found = spans[event]
        return None if found is None else found.start if edge == "start" else found.end

    def why(self, name: str) -> str:
        """What a named date rests on, in words."""
        self.date(name)
        return self._whys.get(name, "")

    def amount(self, known_id: str, by_vigour: bool) -> int:
        """Days of a catalogue value, the kind's own where it has one; of a list, the one for the
        tree's vigour.
        """
        if by_vigour:
            return round(self.know.by_vigour(known_id, vigour_of(self.tree, self.know)))
        return self.know.days(of_kind(self.know, known_id, self.tree.species))

    def on(self, known_id: str) -> dt.date:
        """The first such month and day of the growing year; a northern date of the catalogue,
        turned in the south.
        """
        month, day = (int(part) for part in self.know.text(known_id).split("-"))
        return on_or_after(self.year.start, (turned_month(month, self.site), day))

    def holds(self, condition: str) -> bool:
        """True if a condition of a rule holds. Raises: RuleError for one that means nothing."""
        return _condition(condition)(self)

    def in_school(self, schools: tuple[str, ...]) -> bool:
        """True where the rule is for every school, or for the one chosen on its topic."""
        return not schools or any(
            self.stance.get(topic) == school
            for topic, _, school in (s.partition("/") for s in schools)
        )
