"""Folders of every earlier version open with every row; an upgrade succeeds whole or leaves all as
it was, also when it is killed.
"""

from __future__ import annotations

import datetime as dt
import re
import signal
import sqlite3
import subprocess
import sys
import time
import zipfile
from contextlib import closing
from pathlib import Path

import pytest
from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext
from sqlmodel import SQLModel, select

from billhook.services.book import logbook
from billhook.services.holding import setting_up
from billhook.services.holding.grove import grove
from billhook.services.plan import sheets
from billhook.services.season.desk import SeasonDesk
from billhook.services.season.today import fortnight
from billhook.services.walk import view
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings
from billhook.store import frames, plans
from billhook.store.database import Store
from billhook.store.trees import tree_record
from billhook.store.upgrade import CannotOpen, damage_of, newest_revision, revision_of
from billhook.store.work_tables import Plan

from ..places import TODAY

OLD = Path(__file__).parents[1] / "data" / "old"
AT = {
    "0.1.0": "0001",
    "tables-0002": "0002",
    "0.2.0": "0003",
    "half-way": "0004",
    "0.3.0": "0005",
    "tables-0006": "0006",
    "tables-0007": "0007",
    "tables-0008": "0008",
    "0.4.0": "0009",
    "0.5.0": "0010",
    "0.6.1": "0011",
}
FOLDERS = tuple(AT)


def unpacked(name: str, folder: Path) -> Path:
    """A folder as the old program left it."""
    with zipfile.ZipFile(OLD / f"{name}.zip") as packed:
        packed.extractall(folder)
    return folder


def counts(database: Path) -> dict[str, int]:
    """Rows by table, those that no program writes into apart."""
    with closing(sqlite3.connect(database)) as opened:
        names = [
            n
            for (n,) in opened.execute(
                "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'"
            )
        ]
        return {
            n: opened.execute(f"SELECT count(*) FROM {n}").fetchone()[0]
            for n in names
            if n not in ("alembic_version", "stance", "act")
        }


def rows(database: Path, table: str, columns: str) -> set[tuple]:
    with closing(sqlite3.connect(database)) as opened:
        return set(opened.execute(f"SELECT {columns} FROM {table}").fetchall())


def opened(folder: Path) -> Workplace:
    return open_workplace(Settings(data=folder, fixed_today=TODAY))


@pytest.mark.parametrize("name", FOLDERS)
def test_a_folder_of_an_earlier_version_opens_with_every_row(tmp_path, name):
    folder = unpacked(name, tmp_path / "data")
    database = folder / "billhook.sqlite"
    assert revision_of(database) == AT[name]
    before, ticks = (
        counts(database),
        rows(database, "cutdone", "id, cut_id, done, diameter_mm, who"),
    )
    assert len(ticks) == 4
    at = opened(folder)
    try:
        after = counts(database)
        assert {t: after[t] for t in before} == before
        assert rows(database, "cutdone", "id, cut_id, done, diameter_mm, who") == ticks
        assert damage_of(database) is None
        with at.store.engine.connect() as connection:
            assert compare_metadata(MigrationContext.configure(connection), SQLModel.metadata) == []
        assert [t.record.name for t in grove(at, TODAY).trees] == [
            "Baixo 1·1",
            "Baixo 1·2",
            "Baixo 1·3",
        ]
        assert fortnight(at, TODAY).items
        assert {e.entry.work for e in logbook.log(at)} >= {"thin", "sucker"}
        with at.store.reading() as session:
            plan = session.exec(select(Plan).where(Plan.state == "open")).one()
        lines = sheets.sheet(at, plan.id).lines
        assert [(x.tick is not None, x.tick.diameter_mm if x.tick else None) for x in lines] == [
            (True, 14.0),
            (False, None),
        ]
        if name not in ("0.1.0", "tables-0002", "half-way"):
            tree = grove(at, TODAY).trees[2].record.tree.id
            assert view.walk_form(at, tree).answers == {"below": "none"}
    finally:
        at.store.close()
    kept = folder / f"billhook.before-{newest_revision()}.sqlite"
    assert (revision_of(kept), counts(kept)) == (AT[name], before)  # as it was, beside it


def test_what_was_written_before_acts_is_numbered_by_the_file_not_by_its_clock(tmp_path):
    folder = unpacked("0.4.0", tmp_path / "data")
    with closing(sqlite3.connect(folder / "billhook.sqlite")) as database, database:
        # the helper's phone tick came in at noon; then the clock was set back, and the tick was
        # taken back
        cut, first, last = database.execute(
            "SELECT cut_id, min(rowid), max(rowid) FROM cutdone GROUP BY cut_id HAVING count(*) = 2"
        ).fetchone()
        database.execute(
            "UPDATE cutdone SET made_at = '2027-03-24 12:00:00.000000' WHERE rowid = ?", (first,)
        )
        database.execute(
            "UPDATE cutdone SET made_at = '2027-03-24 09:00:00.000000' WHERE rowid = ?", (last,)
        )
    at = opened(folder)
    with at.store.reading() as session:
        plan = session.exec(select(Plan).where(Plan.state == "open")).one()
        assert cut not in plans.ticks_of(session, plan.id)
    at.store.close()


def test_a_baseline_moves_to_the_growing_year_that_holds_its_first_cut(tmp_path):
    """It stood under 16 January; it was cut on 24 March; the year of that cut began in November."""
    folder = unpacked("0.5.0", tmp_path / "data")
    stood = rows(folder / "billhook.sqlite", "baseline", "tree_id, frame_id, growing_year")
    assert stood
    at = opened(folder)
    assert rows(folder / "billhook.sqlite", "baseline", "tree_id, frame_id, first_cut") == {
        (tree, frame, TODAY.isoformat()) for tree, frame, _ in stood
    }
    with at.store.reading() as session:
        record = tree_record(session, next(iter(stood))[0])
        desk = SeasonDesk(session, at, TODAY + dt.timedelta(days=100))
        assert (
            frames.baseline(session, record.tree.id, *desk.year_of(record)).id
            == next(iter(stood))[1]
        )
        assert (
            frames.baseline(
                session, record.tree.id, *desk.year_of(record, TODAY - dt.timedelta(days=200))
            )
            is None
        )
    at.store.close()


def test_an_upgrade_that_fails_leaves_all_as_it_was(tmp_path, monkeypatch):
    folder = unpacked("0.2.0", tmp_path / "data")
    database = folder / "billhook.sqlite"
    with closing(sqlite3.connect(database)) as spoiled:
        spoiled.execute("UPDATE plancut SET plan_id = 'nowhere' WHERE rowid = 1")
        spoiled.commit()
    before = database.read_bytes()
    with pytest.raises(CannotOpen, match=r"plancut point nowhere\. It is as it was"):
        opened(folder)
    monkeypatch.setattr("billhook.store.upgrade.damage_of", lambda made: 1 / 0)
    with pytest.raises(ZeroDivisionError):
        opened(folder)
    assert database.read_bytes() == before
    assert [f.name for f in folder.iterdir() if "upgrading" in f.name] == []


def test_what_cannot_be_opened_is_refused_by_name(tmp_path):
    path = tmp_path / "billhook.sqlite"
    Store(path).migrate()
    with closing(sqlite3.connect(path)) as newer, newer:
        newer.execute("UPDATE alembic_version SET version_num = '9999'")
    with pytest.raises(CannotOpen, match="newer Billhook"):
        Store(path).migrate()
    foreign = tmp_path / "other.sqlite"
    with closing(sqlite3.connect(foreign)) as other, other:
        other.execute("CREATE TABLE orchard (id TEXT)")
    with pytest.raises(CannotOpen, match="not Billhook's"):
        Store(foreign).migrate()
    (tmp_path / "text.sqlite").write_text(
        "no database at all, but long enough to be looked into" * 20
    )
    with pytest.raises(CannotOpen, match="cannot be read"):
        Store(tmp_path / "text.sqlite").migrate()


def killed_while_migrating(folder: Path, kills: int) -> int:
    """Start upgrades of a folder and kill each a little later than the one before; returns how many
    were killed before they were done.
    """
    cut_short = 0
    for nth in range(kills):
        command = [sys.executable, "-m", "billhook.cli", "migrate", "--data", str(folder)]
        running = subprocess.Popen(
            command,
            stdout=subprocess.DEVNULL,
            stderr=subprocess.DEVNULL,
            cwd=Path(__file__).parents[2],
        )
        time.sleep(0.25 + 1.2 * nth / kills)
        running.send_signal(signal.SIGKILL)
        if running.wait() != 0:
            cut_short += 1
            assert revision_of(folder / "billhook.sqlite") in ("0001", newest_revision())
            assert damage_of(folder / "billhook.sqlite") is None
        if revision_of(folder / "billhook.sqlite") == newest_revision():
            unpacked("0.1.0", folder)  # upgraded in time: the same again
            for old in folder.glob("billhook.sqlite-*"):
                old.unlink()
    return cut_short


def test_the_old_commits_still_write_their_folders_with_today_s_packages(tmp_path):
    root = Path(__file__).parents[2]
    commits = re.findall(r'"([0-9a-f]{7})"', (root / "tools" / "old_folders.py").read_text())
    assert len(commits) == len(AT) - 1
    if any(
        subprocess.run(
            ["git", "cat-file", "-e", c], cwd=root, capture_output=True, check=False
        ).returncode
        for c in commits
    ):
        pytest.skip("not a whole checkout: the old commits are not at hand")
    subprocess.run(
        [sys.executable, "tools/old_folders.py", str(tmp_path)],
        cwd=root,
        check=True,
        capture_output=True,
        timeout=300,
    )
    for name in FOLDERS:
        with zipfile.ZipFile(tmp_path / f"{name}.zip") as packed:
            packed.extractall(tmp_path / name)
        assert revision_of(tmp_path / name / "billhook.sqlite") == AT[name]
        assert counts(tmp_path / name / "billhook.sqlite") == counts(
            unpacked(name, tmp_path / f"kept-{name}") / "billhook.sqlite"
        )


def test_acts_bear_the_holding_s_day(tmp_path):
    at = open_workplace(Settings(data=tmp_path / "data", fixed_today=dt.date(2027, 5, 1)))
    setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    assert rows(at.store.path, "act", "day") == {("2027-05-01",)}
    at.store.close()


def test_words_are_stored_as_they_are_meant(tmp_path):
    """A class of frost damage was a bare number, a task's kind two words or a row of a table."""
    folder = unpacked("0.5.0", tmp_path / "data")
    database = folder / "billhook.sqlite"
    with closing(sqlite3.connect(database)) as old, old:
        seen = old.execute("SELECT min(id) FROM observation").fetchone()[0]
        old.execute(
            "UPDATE observation SET kind = 'freeze_class', value = '3' WHERE id = ?", (seen,)
        )
        first, last = old.execute("SELECT min(id), max(id) FROM task").fetchone()
        assert first != last
        old.execute("UPDATE task SET kind = 'frost-night judge' WHERE id = ?", (first,))
        old.execute(
            "UPDATE task SET kind = 'frost-bank-on', rule = 'frost-protect/bank/on-before' "
            "WHERE id = ?",
            (last,),
        )
    opened(folder).store.close()
    assert (seen, "F3") in rows(database, "observation", "id, value")
    assert {(first, "frost-night-judge"), (last, "frost-protect-on")} <= rows(
        database, "task", "id, kind"
    )
