"""Lists leave in the reader's units, as CSV and as a workbook that runs nothing."""

from __future__ import annotations

import csv
import io
import re
import zipfile

import pytest

from billhook.formats.lists import workbook_of
from billhook.services.book import logbook
from billhook.services.book.lists import list_csv
from billhook.services.holding import setting_up
from billhook.web.app import create_app

from ...places import TODAY, new_id

SLY = '=HYPERLINK("http://evil.example")'


@pytest.fixture
def worked(garden):
    tree = garden.tree_ids[0]
    logbook.log_past_work(
        garden.at, tree, new_id(), TODAY, "sucker", 0.0, note=SLY, minutes=90.0, who="Rui"
    )
    client = create_app(garden.at).test_client()
    where = {"scope": "tree", "scope_id": tree, "day": TODAY.isoformat()}
    body = {"id": new_id(), **where, "kg": 45.36, "who": "Ana"}
    said = client.post("/api/harvests", json=body)
    assert said.status_code < 300, said.get_json()
    return garden, client


def table(text: str) -> list[dict[str, str]]:
    return list(csv.DictReader(io.StringIO(text)))


def test_hours_and_fruit_are_those_that_were_written_down(worked):
    garden, _ = worked
    (hours,) = [r for r in table(list_csv(garden.at, "hours")) if r["who"] == "Rui"]
    assert (hours["hours"], hours["work"], hours["date"]) == ("1.5", "sucker", TODAY.isoformat())
    (picked,) = table(list_csv(garden.at, "harvests"))
    assert (picked["picked_kg"], picked["who"]) == ("45.36", "Ana")
    setting_up.set_units(garden.at, "us")
    (pounds,) = table(list_csv(garden.at, "harvests"))
    assert pounds["picked_lb"] == "100.0"
    assert "picked_kg" not in pounds


def test_materials_are_those_of_the_months(worked):
    garden, client = worked
    told = client.get("/api/season-plan").get_json()["months"]
    listed = table(list_csv(garden.at, "materials"))
    for line, month in zip(listed, told, strict=True):
        assert float(line["hours"]) == pytest.approx(month["hours"], abs=0.01)
        assert int(line["rags"]) == month["supplies"]["rags"]
    assert sum(float(line["hours"]) for line in listed) > 0


@pytest.mark.parametrize("name", ["trees", "log", "harvests", "hours", "tasks", "materials"])
def test_every_list_comes_as_both(worked, name):
    _, client = worked
    text = client.get(f"/api/lists/{name}.csv").get_data(as_text=True)
    rows = list(csv.reader(io.StringIO(text)))
    assert len(rows) > 1 or name == "tasks"
    said = client.get(f"/api/lists/{name}.xlsx")
    assert said.mimetype.endswith("spreadsheetml.sheet")
    with zipfile.ZipFile(io.BytesIO(said.data)) as book:
        sheet = book.read("xl/worksheets/sheet1.xml").decode()
    assert "<f>" not in sheet
    assert sheet.count("<row ") == len(rows)
    assert client.get("/api/lists/passwords.csv").status_code == 422


def test_a_text_is_a_text_and_a_number_a_number_in_the_workbook(worked):
    _, client = worked
    assert f"'{SLY}" in client.get("/api/lists/log.csv").get_data(as_text=True).replace('""', '"')
    with zipfile.ZipFile(io.BytesIO(client.get("/api/lists/log.xlsx").data)) as book:
        words = book.read("xl/sharedStrings.xml").decode()
    assert "HYPERLINK" in words
    assert "'=HYPERLINK" not in words  # no formula there, so no mark either
    made = workbook_of("day,n,id\n2027-03-24,-1.5,007x\n", "T")
    with zipfile.ZipFile(io.BytesIO(made)) as book:
        sheet = book.read("xl/worksheets/sheet1.xml").decode()
    assert re.search(r'<c r="B2"><v>-1.5</v></c>', sheet)
    assert re.search(r'<c r="A2" s="\d"><v>46470</v></c>', sheet)
    assert re.search(r'<c r="C2" t="s">', sheet)
