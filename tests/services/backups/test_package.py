"""All of a holding as open data: valid to a program that knows the standard, and read back."""

from __future__ import annotations

import csv
import io
import json
import shutil
import sqlite3
import zipfile
from contextlib import closing
from dataclasses import replace

import pytest
from frictionless import Package, system
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image

from billhook.formats.data_package import Column, Table, read_table, write_table
from billhook.services.backups.archive import BadArchive
from billhook.services.backups.package import pack
from billhook.services.backups.restoring import restore
from billhook.services.book import logbook, photos
from billhook.services.holding.grove import grove
from billhook.services.workplace import open_workplace
from billhook.settings import Settings

from ...places import TODAY, new_id

ODD = '=HYPERLINK("x"), +1, -2\n@home\t"quoted"; \\N and ünïcode'


@pytest.fixture
def packed(garden, tmp_path):
    for note in (ODD, "\\N", "'=kept", "", "'", "-", "plain"):
        logbook.log_past_work(
            garden.at, garden.tree_ids[0], new_id(), TODAY, "sucker", 0.0, note=note
        )
    out = io.BytesIO()
    Image.new("RGB", (40, 30), "green").save(out, "JPEG")
    photos.keep(
        garden.at, new_id(), photos.Whose(garden.tree_ids[0]), "before", TODAY, out.getvalue()
    )
    return pack(garden.at, tmp_path / "package.zip")


def parts(package) -> dict[str, bytes]:
    with zipfile.ZipFile(package) as archive:
        return {n: archive.read(n) for n in archive.namelist() if n != "datapackage.json"}


def test_a_program_that_knows_the_standard_finds_it_valid(packed, tmp_path):
    folder = tmp_path / "unpacked"
    with zipfile.ZipFile(packed) as archive:
        archive.extractall(folder)
    with system.use_context(trusted=True):
        report = Package(str(folder / "datapackage.json")).validate()
    assert report.valid, report.flatten(["type", "message"])[:5]
    described = json.loads((folder / "datapackage.json").read_text(encoding="utf-8"))
    kinds = {r["mediatype"] for r in described["resources"]}
    assert {"text/csv", "image/jpeg"} <= kinds


def test_no_cell_of_it_is_run_by_a_spreadsheet(packed):
    for name, content in parts(packed).items():
        if name.endswith(".csv"):
            for row in csv.reader(io.StringIO(content.decode(), newline="")):
                for cell in row:
                    number = cell.lstrip("-").replace(".", "").replace("e-", "").isdigit()
                    assert number or not cell.startswith(("=", "+", "-", "@", "\t")), (name, cell)


def test_it_is_read_back_to_the_very_same_holding(packed, garden, tmp_path):
    elsewhere = Settings(data=tmp_path / "elsewhere")
    restore(elsewhere, packed)
    again = open_workplace(elsewhere)
    try:
        assert parts(pack(again, tmp_path / "again.zip")) == parts(packed)
        assert grove(again, TODAY).trees == grove(garden.at, TODAY).trees
        assert {line.entry.note for line in logbook.log(again)} >= {
            ODD,
            "\\N",
            "'=kept",
            "'",
            "-",
            "plain",
        }
    finally:
        again.store.close()


def changed(packed, into, name: str, change):
    with zipfile.ZipFile(packed) as good, zipfile.ZipFile(into, "w") as made:
        for member in good.namelist():
            content = good.read(member)
            made.writestr(member, change(content) if member == name else content)
    return into


@pytest.mark.parametrize(
    ("name", "change", "why"),
    [
        ("data/tree.csv", lambda b: b.replace(b"mandarin", b"mandarim"), "is damaged"),
        ("data/tree.csv", lambda b: b[:-20], "cut off|damaged|is not"),
        ("data/tree.csv", lambda b: b"id,name\r\n", "not those of its time"),
        ("datapackage.json", lambda b: b.replace(b'"tree"', b'"shrub"'), "lacks the table tree"),
        ("datapackage.json", lambda b: b.replace(b'"revision": "', b'"revision": "9'), "newer"),
        ("datapackage.json", lambda _: b"[]", "not a Billhook archive"),
        ("datapackage.json", lambda _: b"{", "not a Billhook archive"),
    ],
)
def test_a_package_that_was_changed_is_refused_in_one_sentence(packed, tmp_path, name, change, why):
    odd = changed(packed, tmp_path / "odd.zip", name, change)
    target = Settings(data=tmp_path / "there")
    with pytest.raises(BadArchive, match=why) as refused:
        restore(target, odd)
    assert "\n" not in str(refused.value)
    assert not target.data.exists()


def test_a_row_that_points_nowhere_is_refused(packed, tmp_path, garden):
    data = tmp_path / "copy"
    shutil.copytree(garden.at.settings.data, data)
    with closing(sqlite3.connect(data / "billhook.sqlite")) as database:
        database.execute("UPDATE tree SET place_id = 'nowhere'")
        database.commit()
    sly = pack(replace(garden.at, settings=Settings(data=data)), tmp_path / "sly.zip")
    with pytest.raises(BadArchive, match="point nowhere"):
        restore(Settings(data=tmp_path / "there"), sly)


TABLE = Table(
    "t", (Column("id", "VARCHAR", True), Column("n", "INTEGER", False), Column("x", "FLOAT", False))
)
TEXTS = st.text(st.characters(codec="utf-8", exclude_characters="\x00\r"), max_size=12)
ODD_TEXTS = st.sampled_from(["\\N", "'\\N", "''\\N", "'", "=", "'=", "''=", "\r", "a\r\nb", ""])


@settings(max_examples=300)
@given(
    st.lists(
        st.tuples(
            st.none() | TEXTS | ODD_TEXTS,
            st.none() | st.integers(-(2**60), 2**60),
            st.none() | st.floats(allow_nan=False, allow_infinity=False),
        ),
        max_size=6,
    )
)
def test_any_row_is_read_back_as_it_was(rows):
    out = io.StringIO(newline="")
    write_table(out, TABLE, rows)
    assert list(read_table(io.StringIO(out.getvalue(), newline=""), TABLE)) == rows
