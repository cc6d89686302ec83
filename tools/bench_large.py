"""Measures the large demo: a thousand, ten thousand and, where asked for, a hundred thousand trees,
each against a bare read of as many rows in the same run.

    python tools/bench_large.py [blocks ...]
"""

from __future__ import annotations

import gzip
import json
import random
import resource
import sqlite3
import statistics
import subprocess
import sys
import tempfile
import threading
import time
import urllib.request
import uuid
from contextlib import closing
from pathlib import Path

from bench_served import ask
from timing import DAY, median_ms, say

from billhook.demo.build import build_demo
from billhook.services.holding import setting_up, tree_lists
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app
from billhook.web.listen import listener

_BARE = """
SELECT t.id, t.species, t.planted_year, t.pot_l, t.name, p.x, p.y, p.n, r.id, r.n, b.name,
       s.rootstock, s.union_m, g.cultivar, f.id, f.trunk_mm, f.date, f.origin
FROM tree t JOIN place p ON p.id = t.place_id JOIN "row" r ON r.id = p.row_id
JOIN block b ON b.id = r.block_id JOIN stem s ON s.tree_id = t.id
LEFT JOIN graft g ON g.stem_id = s.id LEFT JOIN frame f ON f.stem_id = s.id"""


def bare_ms(database: Path) -> float:
    """A bare read of a row a tree, dumped as JSON [ms]."""
    with closing(sqlite3.connect(database)) as connection:
        return median_ms(lambda: json.dumps(connection.execute(_BARE).fetchall()), 7)


def get(url: str, **headers: str) -> tuple[int, bytes]:
    """Status and body, not refused for a 304."""
    try:
        with urllib.request.urlopen(urllib.request.Request(url, headers=headers)) as answer:
            return answer.status, answer.read()
    except urllib.error.HTTPError as other:
        return other.code, other.read()


def large(blocks: int) -> None:
    """One grove of so many thousand trees."""
    print(f"\n{blocks * 1000:,} trees")
    with tempfile.TemporaryDirectory() as folder:
        settings = Settings(Path(folder), fixed_today=DAY, demo=True, large=blocks)
        start = time.perf_counter()
        build_demo(settings)
        say("making it", time.perf_counter() - start, "s", 60 if blocks == 10 else None)
        bare = bare_ms(settings.database)
        say("a bare read of a row a tree, as JSON", bare, "ms")
        served(settings, bare)
        if blocks <= 10:
            imported(settings, bare)
        opened(settings)


def served(settings: Settings, bare: float) -> None:
    """What is asked over a real port."""
    at = open_workplace(settings)
    server = listener(create_app(at), at, 0)
    threading.Thread(target=server.run, daemon=True).start()
    url = f"http://127.0.0.1:{server.port}"
    start = time.perf_counter()
    first = ask(f"{url}/api/grove")
    say("the grove, first asked", (time.perf_counter() - start) * 1000, "ms")
    told = json.loads(first)
    again = median_ms(lambda: ask(f"{url}/api/grove"), 7)
    say("  asked again, of the bare read", again / bare, "times", 8)
    say("  after a change, of the bare read", changed(url, told) / bare, "times", 8)
    say("  packed", len(gzip.compress(first)) / 1000, "kB", 600)
    with urllib.request.urlopen(f"{url}/api/grove") as answer:
        tag = answer.headers["ETag"]
    status, rest = get(f"{url}/api/grove", **{"If-None-Match": tag})
    say(f"  unchanged: status {status}", len(rest) / 1000, "kB", 1)
    ticks(url, told["trees"]["id"][:1])
    mark = told["mark"]
    since = ask(f"{url}/api/grove?since={mark}")
    say("  what differs since, packed", len(gzip.compress(since)) / 1000, "kB", 20)
    today = median_ms(lambda: ask(f"{url}/api/today"), 5)
    say("Today, of the bare read", today / bare, "times", 8)
    name = told["trees"]["name"][-1].replace(" ", "+").replace("·", "+")
    found = median_ms(lambda: ask(f"{url}/api/find?q={urllib.request.quote(name)}"), 7)
    say("a search", found, "ms", 50)
    ten_at_once(url, told["trees"]["id"])
    server.close()
    at.store.close()


def changed(url: str, told: dict) -> float:
    """The grove after each of some ticks [ms]."""
    taken = []
    for tree in told["trees"]["id"][:7]:
        tick(url, tree)
        start = time.perf_counter()
        ask(f"{url}/api/grove")
        taken.append((time.perf_counter() - start) * 1000)
    return statistics.median(taken)


def tick(url: str, tree: str) -> None:
    """One piece of work done."""
    body = {"id": str(uuid.uuid4()), "tree_ids": [tree], "work": "sucker", "date": DAY.isoformat()}
    ask(f"{url}/api/today/done", body | {"who": "", "minutes": None, "count": None})


def ticks(url: str, trees: list[str]) -> None:
    say("a tick", median_ms(lambda: tick(url, trees[0]), 15), "ms", 50)


def ten_at_once(url: str, trees: list[str]) -> None:
    """Ten people tapping, a little more than once a second each."""
    taken: list[float] = []
    wait = random.Random(1)

    def taps(mine: list[str]) -> None:
        for tree in mine:
            start = time.perf_counter()
            tick(url, tree)
            taken.append((time.perf_counter() - start) * 1000)
            time.sleep(wait.uniform(0.3, 0.9))

    people = [threading.Thread(target=taps, args=(trees[n::10][:12],)) for n in range(10)]
    for one in people:
        one.start()
    for one in people:
        one.join()
    say("a tick while ten people tap, p95", statistics.quantiles(taken, n=20)[18], "ms", 150)


def imported(settings: Settings, bare: float) -> None:
    """The same trees once more, as a list."""
    at = open_workplace(settings)
    text = tree_lists.export_trees(at)
    at.store.close()
    with tempfile.TemporaryDirectory() as folder:
        fresh = Settings(Path(folder), fixed_today=DAY, demo=True, large=0)
        at = open_workplace(fresh)
        site = setting_up.set_up(at, "x", "x", 36.8, "mediterranean-coast")
        start = time.perf_counter()
        tree_lists.import_trees(at, site.id, text, save=True)
        took = (time.perf_counter() - start) * 1000
        say("importing them, of the bare read", took / bare, "times", 400)
        at.store.close()


_OPEN = """
import sys, time, datetime as dt
from pathlib import Path
from billhook.services.holding.grove import grove
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
at = open_workplace(Settings(Path(sys.argv[1]), fixed_today=dt.date(2027, 3, 24), demo=True))
start = time.perf_counter()
grove(at, at.today())
took = time.perf_counter() - start
most = next(x for x in Path("/proc/self/status").read_text().splitlines() if "VmHWM" in x)
print(took, int(most.split()[1]) / 1024)
"""


def opened(settings: Settings) -> None:
    """The grove opened by a program that knows nothing yet."""
    run = [sys.executable, "-c", _OPEN, str(settings.data)]
    took, memory = subprocess.run(run, check=True, capture_output=True, text=True).stdout.split()
    say("the grove worked out in a new program", float(took), "s", 6)
    say("  memory", float(memory), "MB", 700)


def main() -> None:
    for blocks in [int(n) for n in sys.argv[1:]] or [1, 10, 100]:
        large(blocks)
    most = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024
    say("most memory used by this run", most, "MB")


if __name__ == "__main__":
    main()
