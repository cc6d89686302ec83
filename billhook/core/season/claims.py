"""What rules say about one kind of work over spans of days, and everything they may look at."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import dataclass, field
from functools import lru_cache

from ..frost.kinds import of_kind
from ..known import DateCase, Knowledge
from ..reasons import Reason
from .dates import RuleError, comparison, moment
from .events import on_or_after, turned_month, vigour_of
from .model import GrowingYear, Site, Span, Stance, Status, TreeState

DAY = dt.timedelta(days=1)


@dataclass(frozen=True)
class Claim:
    """``window``: the work is right in this span. ``limit``: something holds it back there. cap: share limit that comes with it.

    ``otherwise`` covers days that no window does; ``never`` closes the work; ``factor`` is the season's part of the budget; ``event`` is
    shown among the events under the reason's code.
    """

    kind: str
    work: str
    when: Span
    status: Status
    reason: Reason
    cap: float | None = None


def _spans(year: GrowingYear) -> dict[str, Span | None]:
    summer = year.bark_sun
    if year.hot is not None:
        summer = Span(min(summer.start, year.hot.start), max(summer.end, year.hot.end))
    autumn = [f for f in year.later_flushes if f.start > summer.start]
    return {
        "bloom": year.bloom, "harvest": year.harvest, "sun": year.bark_sun, "hot": year.hot, "summer": summer, "rest": year.quiescent,
        "bloom-forms": year.bloom_forms, "second-flush": year.later_flushes[0] if year.later_flushes else None,
        "autumn-flush": autumn[-1] if autumn else None,
    }  # fmt: skip


_POINTS: dict[str, Callable[[GrowingYear], dt.date | None]] = {
    "start": lambda y: y.start, "end": lambda y: y.end, "last-frost": lambda y: y.last_frost, "first-frost": lambda y: y.first_frost,
    "flush": lambda y: y.flush, "flush-hard": lambda y: y.flush_hard, "drop-end": lambda y: y.drop_end, "last-hard": lambda y: y.last_safe_hard,
    "last-light": lambda y: y.last_safe_light, "carry-out": lambda y: y.carry_out, "carry-in": lambda y: y.carry_in, "nothing": lambda y: None,
}  # fmt: skip
_FLAGS: dict[str, Callable[[Asked], bool]] = {
    "everbearing": lambda a: bool(a.know.number(f"species/{a.tree.species}/everbearing")),
    "flush-in-frost": lambda a: a.year.last_frost is not None and a.year.flush < a.year.last_frost,
    "next-flush-in-frost": lambda a: a.after.last_frost is not None and a.after.flush < a.after.last_frost,
    "frost-pocket": lambda a: a.site.frost_pocket,
    "in-pot": lambda a: a.tree.in_pot,
    "under-cover": lambda a: a.tree.under_cover,
    "too-tall": lambda a: a.tree.too_tall,
    "low-bloom": lambda a: a.tree.low_bloom,
    "unhardened": lambda a: a.year.unhardened,
    "no-fruit": lambda a: a.tree.fruit_on == "none",
    "light-crop": lambda a: a.tree.fruit_on == "light",
    "full-crop": lambda a: a.tree.fruit_on == "full",
    "lanky": lambda a: (known := a.know.get(f"cultivars/{a.tree.cultivar}/lanky")) is not None and bool(known.value),
    "young": lambda a: a.age < a.know.number("budget/mature-from"),
    "humid": lambda a: a.calendar == "humid",
    "burning-sun": lambda a: max(a.site.normals.tmax_c) >= a.know.number("season/bark-sun-from"),
    "mild-winter": lambda a: min(a.site.normals.tmin_c) - a.know.number("season/extreme-below-normal") > a.know.number("season/mild-winter-above"),
}


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
    """Everything a rule may look at: the place, the tree, the catalogue, and three growing years in a row."""

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
    def calendar(self) -> str:
        """Which calendar of bloom and harvest holds here."""
        return self.know.text(f"climates/{self.site.climate}/calendar")

    @property
    def age(self) -> int:
        """Years in the ground, as :func:`billhook.core.season.budget.tree_age` counts."""
        return max(0, self.year.age_year - self.tree.planted_year)

    def date(self, name: str) -> dt.date | None:
        """The named date of this growing year, of the ``next.`` or the ``last.``; ``picked`` is the end of the crop that hangs into it.

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
        if name == "picked":
            return None if self.tree.fruit_on == "none" or self.before.harvest is None else self.before.harvest.end
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
        """Days of a catalogue value, the kind's own where it has one; of a list, the one for the tree's vigour."""
        if by_vigour:
            return round(self.know.numbers(known_id)[max(1, min(5, vigour_of(self.tree, self.know))) - 1])
        return self.know.days(of_kind(self.know, known_id, self.tree.species))

    def on(self, known_id: str) -> dt.date:
        """The first such month and day of the growing year; a northern date of the catalogue, turned in the south."""
        month, day = (int(part) for part in self.know.text(known_id).split("-"))
        return on_or_after(self.year.start, (turned_month(month, self.site), day))

    def holds(self, condition: str) -> bool:
        """True if a condition of a rule holds. Raises: RuleError for one that means nothing."""
        if condition.startswith("not "):
            return not self.holds(condition[4:])
        if (compare := comparison(condition)) is not None:
            return compare(self)
        if condition in _FLAGS:
            return _FLAGS[condition](self)
        topic, _, word = condition.partition(":")
        if topic == "known":
            return self.date(word) is not None
        if topic == "danger":
            return word in self.site.dangers
        if topic == "condition":
            return self.tree.condition == word
        if topic == "freeze-class":
            return self.tree.freeze_class == int(word)
        if topic == "climate":
            return self.site.climate == word
        raise RuleError(f"{condition!r} is no condition")

    def in_school(self, schools: tuple[str, ...]) -> bool:
        """True where the rule is for every school, or for the one chosen on its topic."""
        return not schools or any(self.stance.get(topic) == school for topic, _, school in (s.partition("/") for s in schools))
