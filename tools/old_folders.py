"""Makes the old data folders that the tests open: each by the commit that wrote such folders, with
the packages pinned today.

    python tools/old_folders.py [FOLDER]        (default: tests/data/old)

A folder is one zip with its database, and its files where it has any. The holding is a corner of
the demo scenario.
"""

from __future__ import annotations

import argparse
import io
import shutil
import subprocess
import sys
import tarfile
import tempfile
import zipfile
from pathlib import Path

ROOT = Path(__file__).parents[1]
COMMITS = {
    "0.1.0": "dbbe716",
    "0.2.0": "b78a731",
    "0.3.0": "def4f0f",
    "0.4.0": "4b296f2",
    "0.5.0": "f83d667",
    "0.6.1": "86b06f7",
    # in between, so that every step of the tables is held by a folder
    "tables-0002": "41a4f25",
    "tables-0006": "b8dd203",
    "tables-0007": "5641a48",
    "tables-0008": "f9f9fe5",
}
HALF_WAY = "half-way"
"""What 0.4.0 left of a folder of 0.1.0 in which a cut was ticked: its upgrade failed between two
tables.
"""

# Runs inside the old package; only what every version had is called without asking.
SCRIPT = """
import datetime as dt, inspect, uuid
from pathlib import Path
from sqlmodel import select
from billhook.core.frame.model import Cut
from billhook.services import cutting, logbook, planting, sheets, trees
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store import frames, plans, tables

DAY = dt.date(2027, 3, 24)
at = open_workplace(Settings(data=Path(FOLDER), fixed_today=DAY))
new = lambda: str(uuid.uuid4())
site = planting.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
row = planting.plant(at, site.id, "Baixo", 1, 3, "mandarin", 2014, "clementine", "carrizo")
first, second, third = row.tree_ids
trees.observe(at, "tree", first, "fruit_on", "none", DAY)
trees.observe(at, "tree", second, "vigour", "4", DAY)
for tree in (first, second):
    trees.sketch_tree(at, tree, 3.2, 3.0, 110, DAY)
    with at.store.reading() as session:
        stem = session.exec(select(tables.Stem).where(tables.Stem.tree_id == tree)).one()
        frame = frames.current_row(session, stem.id)
        limbs = frames.frame_of(session, frame)[0].limbs
    top = [x.id for x in limbs if x.on != "trunk"][:2]
    plan = new()
    cutting.make_sheet(at, tree, plan, [Cut(k, 0.0) for k in top], "thin", DAY, frame.id)
    with at.store.reading() as session:
        cuts = plans.cuts_of(session, plan)
    sheets.tick(at, plan, cuts[0].id, new(), True, DAY, 14.0, "helper")
    if tree == first:
        sheets.finish(at, plan, 1, DAY, "helper", 12.0)
    else:
        sheets.tick(at, plan, cuts[1].id, new(), True, DAY, 11.0, "helper")
        sheets.tick(at, plan, cuts[1].id, new(), False, DAY, None, "owner")
logbook.log_past_work(at, third, new(), DAY, "sucker", 0.0, who="helper")
try:
    from billhook.services import walks
except ImportError:
    walks = None
if walks is not None:
    walk = new()
    walks.begin(at, third, walk)
    walks.give(at, walk, new(), "below", "none")
    if hasattr(walks, "quick"):
        walks.quick(at, second, new(), 2, 0)
try:
    from billhook.services import photos
    from PIL import Image
    import io
    out = io.BytesIO()
    Image.new("RGB", (40, 30), "green").save(out, "JPEG")
    photos.keep(at, new(), first, "before", DAY, out.getvalue())
except ImportError:
    pass
at.store.close()
"""


def write(version: str, folder: Path, start: Path | None = None) -> None:
    """A data folder as a version's own program writes it. start: a folder to open with it instead
    of writing one; that may fail.
    """
    with tempfile.TemporaryDirectory() as old:
        archive = subprocess.run(
            ["git", "archive", COMMITS[version], "billhook"],
            cwd=ROOT,
            check=True,
            capture_output=True,
        ).stdout
        with tarfile.open(fileobj=io.BytesIO(archive)) as files:
            files.extractall(old, filter="data")
        script = SCRIPT.replace("FOLDER", repr(str(folder)))
        if start is not None:
            shutil.copytree(start, folder)
            script = (
                "from pathlib import Path\nfrom billhook.services.workplace import "
                "open_workplace\nfrom billhook.settings import Settings\n"
            )
            script += f"open_workplace(Settings(data=Path({str(folder)!r})))\n"
        run = subprocess.run(
            [sys.executable, "-c", script],
            cwd=old,
            capture_output=True,
            text=True,
            env={"PYTHONPATH": old, "PATH": ""},
        )
        if run.returncode and start is None:
            raise SystemExit(f"{version} did not write its folder:\n{run.stderr}")


def pack(folder: Path, target: Path) -> None:
    """A folder as one small zip, the database's side files folded into it."""
    import sqlite3

    database = sqlite3.connect(folder / "billhook.sqlite")
    database.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    database.execute("PRAGMA journal_mode=DELETE")
    database.execute("VACUUM")
    database.close()
    with zipfile.ZipFile(target, "w", zipfile.ZIP_DEFLATED, compresslevel=9) as packed:
        for file in sorted(f for f in folder.rglob("*") if f.is_file()):
            packed.write(file, file.relative_to(folder))


def main() -> None:
    """Write every folder anew."""
    parser = argparse.ArgumentParser(description=__doc__.splitlines()[0])
    parser.add_argument("folder", nargs="?", type=Path, default=ROOT / "tests" / "data" / "old")
    target = parser.parse_args().folder
    target.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as made:
        for version in COMMITS:
            write(version, Path(made) / version)
        write("0.4.0", Path(made) / HALF_WAY, start=Path(made) / "0.1.0")
        for name in (*COMMITS, HALF_WAY):
            pack(Path(made) / name, target / f"{name}.zip")
            print(target / f"{name}.zip")


if __name__ == "__main__":
    main()
