"""The choice of cuts is exact: the same as trying every set on small cases, and as an integer
programme on larger ones.
"""

from __future__ import annotations

import random
import time
from itertools import combinations

import numpy as np
import pytest
from scipy.optimize import Bounds, LinearConstraint, milp

from billhook.core.errors import InvalidInput
from billhook.core.plan import choose
from billhook.core.plan.choose import choose_cuts
from billhook.core.plan.knapsack import Candidate


def chain(c: Candidate, by_id: dict[str, Candidate]) -> set[str]:
    found = set()
    while c.within is not None:
        found.add(c.within)
        c = by_id[c.within]
    return found


def brute(candidates: list[Candidate], limit: float) -> tuple[float, tuple]:
    """Every set of cuts that may be made, with those that must: the greatest benefit, and the key
    that settles ties.
    """
    by_id = {c.id: c for c in candidates}
    above = {c.id: chain(c, by_id) for c in candidates}
    musts = [c for c in candidates if c.must]
    paid = [m for m in musts if not any(by_id[a].must for a in above[m.id])]
    mays = [
        c
        for c in candidates
        if not c.must and c.benefit > sum(m.benefit for m in paid if c.id in above[m.id])
    ]
    best: tuple[float, tuple] = (sum(m.benefit for m in paid), ((), 0.0, ()))
    for size in range(len(mays) + 1):
        for chosen in combinations(mays, size):
            ids = {c.id for c in chosen} | {m.id for m in musts}
            if any(set(c.excludes) & ids for c in [*chosen, *musts]) or any(
                above[c.id] & ids for c in chosen
            ):
                continue
            # an outer cut pays only what the musts inside it do not pay already
            share = sum(m.share for m in paid) + sum(
                max(0.0, c.share - sum(m.share for m in paid if c.id in above[m.id]))
                for c in chosen
            )
            if size and share > limit + 1e-9:
                continue
            # a must inside a chosen cut is covered: it adds nothing beside it
            benefit = sum(c.benefit for c in chosen) + sum(
                m.benefit for m in paid if not above[m.id] & {c.id for c in chosen}
            )
            key = (
                tuple(sorted(c.order_class for c in chosen)),
                round(sum(c.wound_mm for c in chosen), 6),
                tuple(sorted(c.id for c in chosen)),
            )
            if benefit > best[0] + 1e-9 or (abs(benefit - best[0]) <= 1e-9 and key < best[1]):
                best = (benefit, key)
    return best


def some(rng: random.Random, n: int, nested: bool = True) -> list[Candidate]:
    """Random candidates; coarse numbers so that ties are common."""
    made: list[Candidate] = []
    for i in range(n):
        outer = rng.choice(made) if nested and made and rng.random() < 0.4 else None
        share = rng.randint(0, 10) / 100
        if outer is not None:
            share = min(share, outer.share)
        must = rng.random() < 0.2
        excludes = (
            tuple(o.id for o in made if rng.random() < 0.06 and not (must and o.must))
            if nested
            else ()
        )
        made.append(
            Candidate(
                f"c{i:02d}",
                rng.randint(2, 7),
                must,
                share,
                rng.randint(0, 8),
                float(rng.randint(5, 60)),
                outer.id if outer else None,
                excludes,
            )
        )
    return made


def test_thousands_of_small_cases_agree_with_trying_every_set():
    rng = random.Random(11)
    for _ in range(2000):
        candidates, limit = some(rng, rng.randint(1, 8)), rng.randint(0, 30) / 100
        found = choose_cuts(candidates, limit)
        mays = {c.id for c in candidates if not c.must}
        benefit, key = brute(candidates, limit)
        picked = [c for c in candidates if c.id in found.chosen and c.id in mays]
        assert found.benefit == pytest.approx(benefit)
        assert tuple(sorted(c.id for c in picked)) == key[2], (candidates, limit)
        assert found.share <= limit + 1e-9 or found.over_limit
        assert {c.id for c in candidates if c.must} <= set(found.chosen)
        assert {p.id for p in found.put_off} | set(found.chosen) == {c.id for c in candidates}


@pytest.mark.parametrize("seed", range(12))
def test_sixty_candidates_agree_with_an_integer_programme(seed):
    rng = np.random.default_rng(seed)
    shares = rng.uniform(0.002, 0.08, 60)
    benefits = (
        shares * rng.uniform(50, 60, 60) if seed % 2 else rng.uniform(0.1, 10, 60)
    )  # like benefit for like share is the hard kind
    candidates = [
        Candidate(
            f"c{i:02d}", 7, False, float(s), float(b), 20.0, f"c{i - 1:02d}" if i % 5 == 4 else None
        )
        for i, (s, b) in enumerate(zip(shares, benefits, strict=True))
    ]
    pairs = [(i, i - 1) for i in range(4, 60, 5)]
    rows = np.zeros((1 + len(pairs), 60))
    rows[0] = shares
    for k, (i, j) in enumerate(pairs, 1):
        rows[k, i] = rows[k, j] = 1
    exact = milp(
        -benefits,
        constraints=LinearConstraint(rows, -np.inf, [0.2, *[1] * len(pairs)]),
        integrality=np.ones(60),
        bounds=Bounds(0, 1),
        options={"mip_rel_gap": 0},
    )
    found = choose_cuts(candidates, 0.2)
    assert found.benefit == pytest.approx(-exact.fun, rel=1e-6)
    assert found.share <= 0.2 + 1e-9


def test_the_integer_programme_chooses_the_same(monkeypatch):
    monkeypatch.setattr(choose, "_TURNS", 0)
    rng = random.Random(12)
    for _ in range(250):
        candidates, limit = some(rng, rng.randint(1, 8)), rng.randint(0, 30) / 100
        found = choose_cuts(candidates, limit)
        benefit, key = brute(candidates, limit)
        picked = sorted(c.id for c in candidates if c.id in found.chosen and not c.must)
        assert found.benefit == pytest.approx(benefit)
        assert tuple(picked) == key[2], (candidates, limit)
        assert found.share <= limit + 1e-9 or found.over_limit


def test_many_that_rule_one_another_out_are_chosen_within_a_breath():
    rng = random.Random(3)
    names = [f"c{i:02d}" for i in range(40)]
    candidates = [
        Candidate(
            name,
            rng.randrange(5),
            False,
            rng.uniform(0.001, 0.02),
            rng.uniform(0, 5),
            20.0,
            None,
            tuple({rng.choice(names)} - {name}),
        )
        for name in names
    ]
    start = time.process_time()
    found = choose_cuts(candidates, 0.4)
    # one by one it took a minute and a half
    assert time.process_time() - start < 20
    taken = set(found.chosen)
    assert all(not taken & set(c.excludes) for c in candidates if c.id in taken)
    pairs = [(i, names.index(o)) for i, c in enumerate(candidates) for o in c.excludes]
    rows = np.zeros((1 + len(pairs), 40))
    rows[0] = [c.share for c in candidates]
    for k, (i, j) in enumerate(pairs, 1):
        rows[k, i] = rows[k, j] = 1
    exact = milp(
        -np.array([c.benefit for c in candidates]),
        constraints=LinearConstraint(rows, -np.inf, [0.4, *[1] * len(pairs)]),
        integrality=np.ones(40),
        bounds=Bounds(0, 1),
        options={"mip_rel_gap": 0},
    )
    assert found.benefit == pytest.approx(-exact.fun, rel=1e-6)


def test_what_must_go_is_in_even_over_the_limit_and_named():
    candidates = [
        Candidate("k", 2, True, 0.0, 1, 12),
        Candidate("d", 3, True, 0.3, 1, 40),
        Candidate("t", 7, False, 0.05, 5, 20),
        Candidate("z", 7, False, 0.0, 2, 8),
    ]
    found = choose_cuts(candidates, 0.2)
    assert (found.chosen, found.over_limit) == (("k", "d"), True)
    assert {p.id: p.reason for p in found.put_off} == {"t": "limit", "z": "limit"}
    assert choose_cuts(candidates, 0.36).chosen == ("k", "d", "t", "z")


def test_an_outer_cut_pays_only_the_difference():
    inner, outer = (
        Candidate("dead", 3, True, 0.04, 1, 15, "limb"),
        Candidate("limb", 7, False, 0.1, 5, 40),
    )
    found = choose_cuts([inner, outer], 0.1)
    assert (found.chosen, found.covered, found.share) == (
        ("dead", "limb"),
        ("dead",),
        pytest.approx(0.1),
    )


def test_a_cut_that_covers_more_than_it_brings_is_never_chosen():
    musts = [
        Candidate("dead", 3, True, 0.02, 4, 15, "limb"),
        Candidate("rub", 4, True, 0.02, 3, 15, "dead"),
    ]
    for brings, chosen, benefit in (
        (3, ("dead", "rub"), 4),
        (4, ("dead", "rub"), 4),
        (5, ("dead", "rub", "limb"), 5),
    ):
        found = choose_cuts([*musts, Candidate("limb", 7, False, 0.1, brings, 40)], 0.2)
        assert (found.chosen, found.benefit) == (chosen, benefit)


def test_contradictions_are_refused_at_their_field():
    wrong = [
        (
            [
                Candidate("a", 3, True, 0.1, 1, 9, excludes=("b",)),
                Candidate("b", 3, True, 0.1, 1, 9),
            ],
            0.2,
            "/candidates/0/excludes/0",
        ),
        (
            [
                Candidate("a", 3, False, 0.1, 1, 9, within="b"),
                Candidate("b", 3, False, 0.1, 1, 9, within="a"),
            ],
            0.2,
            "/candidates/0/within",
        ),
        ([Candidate("a", 3, False, 0.1, 1, 9, within="moon")], 0.2, "/candidates/0/within"),
        (
            [Candidate("a", 3, False, 0.1, 1, 9), Candidate("a", 3, False, 0.1, 1, 9)],
            0.2,
            "/candidates/1/id",
        ),
        ([], 1.2, "/limit"),
    ]
    for candidates, limit, at in wrong:
        with pytest.raises(InvalidInput) as refused:
            choose_cuts(candidates, limit)
        assert at in [p.pointer for p in refused.value.problems]
