"""Measures speed and memory: the core, the API on a real port, the first view, and starting.
Medians, on this machine.
"""

from __future__ import annotations

import datetime as dt
import resource
import tempfile
import time
from functools import lru_cache
from pathlib import Path

import numpy as np
import pandas as pd
import pvlib
from bench_people import signing_in
from bench_served import served, start_again
from timing import DAY, KNOW, big_frame, median_ms, say

from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.grove import grove_shares, keep_column, pack
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.frost.damage import ColdTree, frost_damage
from billhook.core.grow.course import rehearse
from billhook.core.grow.model import Asked, DatedCut
from billhook.core.heights.renewal import School, renew
from billhook.core.light.rows import Rows, Section, year_of_hours
from billhook.core.light.sun import sun_path
from billhook.core.plan.choose import choose_cuts
from billhook.core.plan.knapsack import Candidate
from billhook.core.practice.tree import practice_tree
from billhook.core.practice.troubles import TROUBLES
from billhook.core.season.events import _growing_year
from billhook.core.season.latest import latest_cut
from billhook.core.season.model import Site, TreeState
from billhook.core.season.place import climate_frost, climate_normals
from billhook.core.season.season import season
from billhook.core.season.year import asked_of, claims_made, year_from
from billhook.demo.build import build_demo
from billhook.settings import Settings


def core() -> None:
    wood = wood_parameters(KNOW)
    frame, cuts = big_frame(), [Cut("s0", 1.0), Cut("s1b2", 0.0), Cut("s3", 0.0), Cut("s4b1", 0.3)]
    say(
        "frame of 40 limbs, 4 cuts, in the core",
        median_ms(lambda: frame_answer(frame, cuts, wood)),
        "ms",
        5,
    )
    tree = Frame(
        Trunk(100, 0.6),
        tuple(Limb(f"l{i}", "trunk", 0.5, 40 + i, 2.0, 50, 60 * i, 15) for i in range(6)),
    )
    table = pack([tree] * 10_000)
    keep = keep_column(table, {t: [Cut("l1", 0.8)] for t in range(10_000)})
    many = median_ms(lambda: grove_shares(table, keep))
    bare = median_ms(
        lambda: np.bincount(
            table.tree, weights=table.leafing * (table.base_mm**2 - table.headed_mm**2)
        )
    )
    say("frame share of 10,000 trees of six limbs, one call", many, "ms", 10)
    say("  against a bare numpy sum over the same limbs", many / bare, "times")
    last, first = climate_frost(KNOW, "mediterranean-coast")
    site = Site(
        36.8, climate_normals(KNOW, "mediterranean-coast"), last, first, "mediterranean-coast"
    )
    state = TreeState("mandarin", 2014, "clementine")

    def fresh() -> object:
        forget_seasons()
        return season(site, state, KNOW, DAY, DAY + dt.timedelta(days=364))

    say("season of one tree over a year, all kinds of work", median_ms(fresh), "ms", 20)
    many_seasons()
    form = habit(KNOW, "rounded")
    say("a sketched frame", median_ms(lambda: sketch_frame(3, 3, 100, form, 5)), "ms")


def growing() -> None:
    last, first = climate_frost(KNOW, "mediterranean-coast")
    normals = climate_normals(KNOW, "mediterranean-coast")
    site = Site(36.8, normals, last, first, "mediterranean-coast")
    frame = sketch_frame(3, 3, 100, habit(KNOW, "rounded"), 5)
    cut = (DatedCut(frame.limbs[0].id, 0.5, DAY),)
    asked = Asked(site, TreeState("mandarin", 2014), frame, cut, 5, DAY)
    say("a tree and its twin over five seasons", median_ms(lambda: rehearse(KNOW, asked)), "ms", 60)
    start = time.perf_counter()
    for n in range(200):
        practice_tree(KNOW, sorted(TROUBLES)[n % len(TROUBLES)], n)
    say("200 practice trees", time.perf_counter() - start, "s", 3)


def choosing() -> None:
    """Sixty candidates, half of them with like benefit for like share, which is the hard kind."""
    rng = np.random.default_rng(3)
    share = rng.uniform(0.002, 0.08, 60)
    for what, benefit in (
        ("60 candidate cuts, mixed benefits", rng.uniform(0.1, 10, 60)),
        ("60 candidate cuts, benefit like share", share * rng.uniform(50, 60, 60)),
    ):
        cuts = [
            Candidate(f"c{i:02d}", 7, False, float(s), float(b), 20.0)
            for i, (s, b) in enumerate(zip(share, benefit, strict=True))
        ]
        say(what, median_ms(lambda cuts=cuts: choose_cuts(cuts, 0.2), 10), "ms", 50)


def heights() -> None:
    """A year of sun on both walls, the sun itself against pvlib's, a block renewed over years."""
    rows, section, levels = (
        Rows(36.8, 80, 4.5),
        Section(3.6, 2.4, 2.1, 0.5),
        list(np.linspace(0.6, 3.5, 20)),
    )
    say(
        "a year of hours, 20 heights, both walls, 5 minutes",
        median_ms(lambda: year_of_hours(rows, section, levels, 2027), 5),
        "ms",
        500,
    )
    times = pd.date_range("2027-01-01", "2027-12-31 23:55", freq="5min", tz="UTC")
    ours = median_ms(lambda: sun_path(36.8, dt.date(2027, 1, 1), 365), 5)
    theirs = median_ms(lambda: pvlib.solarposition.spa_python(times, 36.8, 0.0, how="numpy"), 3)
    say("the sun over a year, of the time pvlib's numpy SPA takes", ours / theirs, "x")
    school = School("sector", 3, 0.5, 1.2, 1.5, 2.3, 6.0, (0.05, 0.5, 0.9), 1.25)
    start = np.random.default_rng(5).uniform(2, 5, (10_000, 3))
    say(
        "12 years of renewal, 10,000 trees",
        median_ms(lambda: renew(school, start, 12), 5),
        "ms",
        1000,
    )


def cold_night() -> None:
    """A frost night over ten thousand trees of several kinds."""
    kinds = ("navel-orange", "mandarin", "lemon", "mango", "avocado")
    grove = [
        ColdTree(
            kinds[i % 5],
            age_years=i % 20,
            hardening=(i % 10) / 10,
            fruit="ripe" if i % 2 else "none",
        )
        for i in range(10_000)
    ]
    say(
        "a frost night, 10,000 trees",
        median_ms(lambda: [frost_damage(KNOW, t, -4.5, 5) for t in grove], 3),
        "ms",
        1000,
    )


def forget_seasons() -> None:
    """Nothing worked out before helps."""
    for kept in (latest_cut, _growing_year, asked_of, claims_made, year_from):
        kept.cache_clear()


def many_seasons() -> None:
    """Trees of 24 plantings, each cut to its own whole per cent: the season of 18 months, all kinds
    of work.
    """
    places = []
    for climate in ("mediterranean-coast", "humid-gulf", "inland-valley", "dry-cool-coast"):
        last, first = climate_frost(KNOW, climate)
        places.append(Site(36.8, climate_normals(KNOW, climate), last, first, climate))
    kinds = [
        ("mandarin", 2014),
        ("navel-orange", 2012),
        ("lemon", 2016),
        ("mango", 2017),
        ("avocado", 2013),
        ("loquat", 2012),
    ]
    for count in (100, 1000, 10_000):
        forget_seasons()
        cached = lru_cache(maxsize=None)(season)
        start = time.perf_counter()
        for i in range(count):
            species, year = kinds[i % 6]
            cached(
                places[(i // 6) % 4],
                TreeState(species, year, used_share=(i // 24) % 13 / 100),
                KNOW,
                DAY,
                DAY + dt.timedelta(days=548),
            )
        took = time.perf_counter() - start
        say(
            f"season over 18 months of {count:,} trees, {cached.cache_info().misses} states",
            took,
            "s",
            3 if count == 10_000 else None,
        )
        say("  trees a second", count / took, "")


def main() -> None:
    core()
    growing()
    choosing()
    heights()
    cold_night()
    with tempfile.TemporaryDirectory() as folder:
        data = Path(folder) / "demo-data"
        start = time.perf_counter()
        build_demo(Settings(data=data, fixed_today=DAY, demo=True))
        say("making the demo holding", time.perf_counter() - start, "s")
        served(Settings(data=data, fixed_today=DAY, demo=True))
        start_again(data)
        signing_in(Settings(data=data, fixed_today=DAY, demo=True))
    say(
        "most memory used by this run",
        resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024,
        "MB",
    )


if __name__ == "__main__":
    main()
