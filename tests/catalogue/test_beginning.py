"""A further language is begun with one command, says nothing of its own yet, and is listed."""

from __future__ import annotations

import shutil
from pathlib import Path

import pytest

import billhook
from billhook.catalogue.beginning import NoLanguage, begin
from billhook.catalogue.wording import lacks

FOLDER = Path(billhook.__file__).parent / "catalogue/languages"


def test_a_folder_is_made_that_says_nothing_yet(tmp_path):
    shutil.copytree(FOLDER / "en", tmp_path / "en")
    assert "begun in" in begin("fr", tmp_path)
    files = {f.name for f in (tmp_path / "fr").iterdir()}
    assert {"sheet.toml", "acts.ftl", "reasons.ftl"} <= files
    assert 'name = "Français"' in (tmp_path / "fr/sheet.toml").read_text(encoding="utf-8")
    assert {f.name for f in (FOLDER / "en/pages").iterdir()} == {
        f.name for f in (tmp_path / "fr/pages").iterdir()
    }
    for file in (tmp_path / "fr").rglob("*.ftl"):
        lines = file.read_text(encoding="utf-8").splitlines()
        assert lines
        assert all(line.startswith("#") for line in lines)


def test_what_one_lacks_is_listed_and_what_is_none_is_refused(tmp_path):
    told = begin("es").splitlines()
    assert told[1:] == list(lacks("es"))
    for code in ("xx", "12", "../en"):
        with pytest.raises(NoLanguage):
            begin(code, tmp_path)
    assert list(tmp_path.iterdir()) == []
