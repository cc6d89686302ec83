"""The language of rules: what it reads, what it refuses, and that species and schools are data
alone.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, replace

import pytest

from billhook.catalogue import CatalogueError
from billhook.catalogue.rules import read_rules
from billhook.core.known import Knowledge
from billhook.core.own_kind import with_own
from billhook.core.season.dates import RuleError, comparison, moment
from billhook.core.season.events import growing_year_of
from billhook.core.season.model import WORKS, Site, TreeState
from billhook.core.season.place import climate_frost, climate_normals
from billhook.core.season.schools import stance_in_force
from billhook.core.season.season import season
from billhook.core.season.year import year_from

START, END = dt.date(2026, 1, 1), dt.date(2027, 6, 30)


@dataclass
class Days:
    """A growing year in which only these dates are known."""

    known: dict[str, dt.date]

    def date(self, name):
        return self.known.get(name)

    def amount(self, known_id, by_vigour):
        return {"a/ten": 10, "a/list": 100 if by_vigour else 1}[known_id]

    def on(self, known_id):
        return dt.date(2026, 7, 4)


YEAR = Days({"flush": dt.date(2026, 3, 10), "bloom.end": dt.date(2026, 5, 1)})


@pytest.mark.parametrize(
    ("words", "day"),
    [
        ("flush", (2026, 3, 10)),
        ("flush + 5 - @a/ten", (2026, 3, 5)),
        ("flush + @a/list[vigour]", (2026, 6, 18)),
        ("latest(flush, bloom.end + 1)", (2026, 5, 2)),
        ("earliest(flush, last-frost, bloom.end)", (2026, 3, 10)),
        ("latest(last-frost, earliest(flush, bloom.end)) + 1", (2026, 3, 11)),
        ("on(@a/ten) - 4", (2026, 6, 30)),
        ("last-frost", None),
        ("last-frost + 3", None),
        ("latest(last-frost)", None),
    ],
)
def test_dates_in_words(words, day):
    assert moment(words).read(YEAR) == (dt.date(*day) if day else None)


def test_a_date_names_the_values_it_rests_on():
    assert moment("latest(flush - @a/ten, bloom.end + @a/list[vigour])").ids == ("a/ten", "a/list")


@pytest.mark.parametrize(
    "words", ["", "flush +", "flush flush", "latest(flush", "flush - @", "3", "latest()", "Flush"]
)
def test_words_that_name_no_date_are_refused(words):
    with pytest.raises(RuleError):
        moment(words)


def test_comparisons_with_an_unknown_side_do_not_hold():
    assert comparison("flush < bloom.end")(YEAR)
    assert not comparison("flush >= bloom.end")(YEAR)
    assert not comparison("flush < last-frost")(YEAR)
    assert not comparison("last-frost < flush")(YEAR)
    assert comparison("everbearing") is None


RULE = """
[[rule]]
id = "x"
kind = "limit"
of = ["mango"]
work = ["tip"]
says = "because."
provenance = "our rule"
"""


@pytest.mark.parametrize(
    ("change", "complaint"),
    [
        (('kind = "limit"', 'kind = "door"'), "kind must be"),
        (('kind = "limit"', 'kind = "price"'), "needs the slots"),
        (('kind = "limit"', 'kind = "prefer"'), "needs what it takes off"),
        (('work = ["tip"]', 'work = ["whittle"]'), "work must be"),
        (('says = "because."', ""), "lacks says"),
        (('"our rule"', '"published"'), "needs its source"),
        (('"our rule"', '"hearsay"'), "provenance must be"),
        (('says = "because."', 'says = "because."\nfrom = "flush +"'), "cannot be read"),
        (('says = "because."', 'says = "because."\nstatus = "maybe"'), "status must be"),
        (('says = "because."', 'says = "because."\ncolour = "red"'), "unknown key"),
    ],
)
def test_the_reader_of_rules_refuses(change, complaint):
    assert read_rules("t", RULE)[0][0].id == "x"
    with pytest.raises(CatalogueError, match=complaint):
        read_rules("t", RULE.replace(*change))


def place(know, climate: str, southern: bool = False) -> Site:
    last, first = climate_frost(know, climate, southern)
    return Site(
        -30 if southern else 30, climate_normals(know, climate, southern), last, first, climate
    )


def test_a_new_rule_and_a_new_school_are_data_alone(know):
    """Eleven lines of text hold tips to small cuts in a week of their own, under one school
    only.
    """
    text = RULE.replace(
        'says = "because."',
        (
            'says = "in our week."\nfrom = "bloom.start - 20"\nto = "bloom.start - 14"\nshare '
            '= "season/light-share"\nschools = ["timing/after-harvest"]'
        ),
    )
    rules, _, opened = read_rules("t", text)
    more = Knowledge({k.id: k for k in know} | opened, (*know.rules, *rules), know.dates)
    tree, site = TreeState("mango", 2012, "irwin"), place(know, "mediterranean-coast")
    days = {}
    for name, stance in (("with", {"timing": "after-harvest"}), ("without", {})):
        lane = season(site, tree, more, START, END, ["tip"], stance=stance).segments
        days[name] = [s for s in lane if any(r.code == "x" for r in s.reasons)]
    assert (
        sum((s.end - s.start).days + 1 for s in days["with"]) == 14
    )  # a week in each of two years
    assert all(s.max_share <= more.number("season/light-share") for s in days["with"])
    assert days["without"] == []


STATES = [
    {},
    {"in_pot": True, "under_cover": True},
    {"in_pot": True, "under_cover": True, "too_tall": True},
    {"in_pot": True},
    {"fruit_on": "none"},
    {"fruit_on": "full", "first_branch_m": 0.6, "low_bloom": True},
    {"condition": "wilting"},
    {"condition": "leafless"},
    {"condition": "transplanted"},
    {"in_pot": True, "cut": "tip"},
    {"cut": "second-node"},
    {"cut": "limb"},
    {"cut": "scaffold"},
    {"condition": "wilting", "condition_on": dt.date(2026, 5, 1)},
    {"condition": "leafless", "condition_on": dt.date(2026, 5, 1)},
    {"condition": "transplanted", "condition_on": dt.date(2026, 5, 1)},
    *(
        {"condition": "leafless", "condition_on": dt.date(2026, 5, 1), "bark": bark}
        for bark in ("tips", "part", "base", "none")
    ),
    *({"freeze_class": f"F{n}"} for n in range(2, 7)),
    *({"freeze_class": "F3", "freeze_on": dt.date(2026, 1, 20)} for _ in range(3)),
]
STANCES = [
    {},
    {"timing": "light-tips-twice"},
    {"timing": "after-harvest", "first-fruit": "few"},
    {"timing": "after-fruit-set"},
    {"timing": "before-first-flush", "first-fruit": "few"},
    {"frost-wait": "ninety-days"},
    {"frost-wait": "second-flush"},
]
KINDS = [
    ("lemon", None),
    ("sweet-orange", "valencia"),
    ("navel-orange", None),
    ("mango", "keitt"),
    ("mango", "irwin"),
    ("avocado", "choquette"),
    ("avocado", "simmonds"),
    ("avocado", None),
    *(
        (s, None)
        for s in ("lychee", "longan", "loquat", "guava", "macadamia", "carambola", "cherimoya")
    ),
]


def test_every_rule_is_heard_somewhere(know):
    """A rule that never speaks, for any species and climate, is a rule with a slip in it."""
    heard: set[str] = set()
    dangers = frozenset(know.rows("dangers"))
    sites = [
        replace(place(know, c), dangers=dangers)
        for c in (
            "humid-gulf",
            "humid-peninsula",
            "low-desert",
            "inland-valley",
            "mediterranean-coast",
            "tropical-lowland",
        )
    ]
    sites.append(replace(place(know, "maritime-cool"), first_frost=(9, 1), last_frost=(5, 1)))
    for place_n, site in enumerate(sites):
        for species, cultivar in KINDS:
            for i, state in enumerate(STATES):
                tree = TreeState(
                    species, (2024, 2012)[(i + place_n) % 2], cultivar, vigour=1 + i % 5, **state
                )
                chosen = STANCES[(i + place_n) % len(STANCES)]
                stance = tuple(sorted(stance_in_force(know, chosen).items()))
                year = year_from(
                    site, tree, know, growing_year_of(site, dt.date(2026, 6, 1))[0], (), (), stance
                )
                heard |= {c.reason.catalogue_ids[0] for c in year.claims}
    assert {f"rule/{r.id}" for r in know.rules if r.of != ("own",)} - heard == set()


def test_a_kind_of_ones_own_lives_by_its_events(know):
    data = {
        "everbearing": 0,
        "bloom": [5, 6],
        "harvest": [10, 11],
        "vigour": 3,
        "size": "low",
        "frost_c": -6,
        "coldest_night_c": -6,
    }
    more = with_own(know, [("own-feijoa", "Feijoa", data)])
    answer = season(
        place(know, "mediterranean-coast"), TreeState("own-feijoa", 2015), more, START, END
    )
    harvest = next(e for e in answer.events if e.name == "harvest" and e.start.year == 2026)
    assert (harvest.start, harvest.end) == (
        dt.date(2026, 10, 1),
        dt.date(2026, 11, 29),
    )  # sixty days in the middle of its months
    free = [b for b in answer.best if b.work == "thin" and b.year.start.year == 2025]
    assert free
    assert free[0].price <= 1.0
    assert {s.work for s in answer.segments} == set(WORKS)
