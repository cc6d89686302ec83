"""Lists of trees in and out, line by line; the log for spreadsheets."""

from __future__ import annotations

import csv
import io

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.languages import grammars, heads
from billhook.catalogue.wording import said
from billhook.formats.daily_csv import read_days, write_days
from billhook.formats.log_csv import COLUMNS as LOG_COLUMNS
from billhook.formats.log_csv import write_log
from billhook.formats.tree_csv import Spoken, TreeLine, read_trees, write_trees
from billhook.services.holding import setting_up, tree_lists
from billhook.services.holding.grove import grove
from billhook.services.tree.sizes import Sizes

from ..places import TODAY, empty_workplace

AS_SPOKEN = Spoken(heads(), grammars())
HEAD = "block,row,place,species,planted_year,cultivar,height_m,spread_m,trunk_mm"


@given(
    st.lists(
        st.builds(
            TreeLine,
            block=st.text("abc ñ;,\"'", min_size=1, max_size=8).map(lambda s: s.strip() or "a"),
            row=st.integers(1, 99),
            place=st.integers(1, 999),
            species=st.sampled_from(["mango", "lemon"]),
            planted_year=st.integers(1900, 2100),
            union_m=st.one_of(st.none(), st.floats(0, 2).map(lambda v: round(v, 2))),
        ),
        max_size=6,
        unique_by=lambda t: (t.block, t.row, t.place),
    )
)
def test_what_is_written_is_read_back(know, trees):
    found, problems = read_trees(write_trees(trees), know)
    assert problems == []
    assert found == trees


def test_lists_as_spreadsheets_write_them(know):
    head = "\ufeffBlock;Row;Place;Species;Planted_Year;Cultivar;height_m"
    text = f"{head}\nAlto;1;1;Avocado;2016;Hass;4,5\n\nAlto;1;2;avocado;2016;;\n"
    found, problems = read_trees(text, know)
    assert problems == []
    assert [(t.place, t.species, t.cultivar, t.height_m) for t in found] == [
        (1, "avocado", "hass", 4.5),
        (2, "avocado", None, None),
    ]


@pytest.mark.parametrize("language", ["en", "es", "pt"])
@pytest.mark.parametrize("units", ["metric", "us"])
def test_lists_are_written_in_the_readers_language_and_read_in_every_one(know, language, units):
    tree = TreeLine("Alto", 1, 2, "lemon", 2015, "eureka", "sour-orange", 40.0, 0.2, 3.0, 2.5, 80.0)
    text = write_trees([tree], units, heads(language))
    (back,), problems = read_trees(text, know, spoken=AS_SPOKEN)
    assert not problems
    assert (back.cultivar, back.rootstock) == ("eureka", "sour-orange")
    assert [back.pot_l, back.height_m, back.trunk_mm] == pytest.approx([40, 3, 80], rel=1e-3)


def test_a_spanish_list_is_read_and_refused_in_its_own_words(know):
    reads = Spoken(heads("es"), grammars("es"))
    head = "Parcela;Fila;Puesto;Especie;Variedad;Patrón;Ano_plantacion;Altura_m\n"
    line = "Sur;1;1;limonero;Eureka;naranjo amargo;2015;3,2\n"
    (tree,), problems = read_trees(head + line, know, spoken=reads)
    assert not problems
    assert (tree.species, tree.cultivar, tree.rootstock) == ("lemon", "eureka", "sour-orange")
    assert tree.height_m == 3.2
    _, wrong = read_trees(head + line.replace("limonero", "roble"), know, spoken=reads)
    assert [p.column for p in wrong] == ["Especie"]
    _, wrong = read_trees("parcela;fila\n", know, spoken=reads)
    assert {p.column for p in wrong} == {"place", "species", "planted_year"}


def test_a_series_of_days_is_read_in_portuguese():
    text = "data;mínima;máxima;chuva\n2026-01-01;4,5;15;0\n2026-01-02;-1;12;3,5\n"
    read = read_days(text, heads=heads("pt"))
    assert not read.problems
    assert [(d.tmin_c, d.tmax_c, d.rain_mm) for d in read.days] == [(4.5, 15, 0), (-1, 12, 3.5)]
    assert write_days(read.days, heads("pt")).startswith("data,tmín,tmáx,chuva\n")


@pytest.mark.parametrize(
    ("line", "column", "says"),
    [
        ("Alto,1,1,oak,2016,,,,", "species", "not in the catalogue"),
        ("Alto,x,1,mango,2016,,,,", "row", "not a number"),
        ("Alto,1.5,1,mango,2016,,,,", "row", "whole number"),
        ("Alto,0,1,mango,2016,,,,", "row", "between 1 and 999"),
        ("Alto,1,1,mango,,,,,", "planted_year", "missing"),
        ("Alto,1,1,mango,2016,Hass,,,", "cultivar", "not a mango"),
        ("Alto,1,1,mango,2016,,99,3,90", "height_m", "between"),
    ],
)
def test_problems_come_with_line_and_column_and_nothing_is_half_read(know, line, column, says):
    found, problems = read_trees(f"{HEAD}\nAlto,1,9,mango,2016,,,,\n{line}\n", know)
    assert found == []
    assert [(p.line, p.column) for p in problems] == [(3, column)]
    assert says in said(problems[0].message)


def test_headers_and_doubles_are_checked(know):
    _, problems = read_trees("block,row,place,colour\n", know)
    assert {p.column for p in problems} == {"colour", "species", "planted_year"}
    _, doubles = read_trees(f"{HEAD}\nAlto,1,1,mango,2016,,,,\nAlto,1,1,mango,2016,,,,\n", know)
    assert "line 2 already" in said(doubles[0].message)


def test_an_import_is_checked_then_saved_whole(tmp_path):
    at = empty_workplace(tmp_path)
    site = setting_up.set_up(at, "G", "G", 36.8, "mediterranean-coast")
    text = f"{HEAD}\nAlto,1,1,avocado,2016,Hass,4,3.6,120\nAlto,1,2,avocado,2016,,,,\n"
    assert tree_lists.import_trees(at, site.id, text, save=False).saved is False
    assert grove(at, TODAY).trees == []
    done = tree_lists.import_trees(at, site.id, text, save=True)
    assert (done.trees, done.blocks, done.saved) == (2, 1, True)
    first, second = grove(at, TODAY).trees
    assert first.size.height_m == pytest.approx(4, rel=0.02)
    assert second.size == Sizes(None, None, None)
    again = tree_lists.import_trees(at, site.id, text, save=True)
    assert [p.line for p in again.problems] == [2, 3]
    assert len(grove(at, TODAY).trees) == 2
    empty = tree_lists.import_trees(at, site.id, HEAD + "\n", save=True)
    assert said(empty.problems[0].message) == "the list holds no tree"
    back, problems = read_trees(tree_lists.export_trees(at), at.know)
    assert problems == []
    assert [(t.block, t.row, t.place, t.cultivar) for t in back] == [
        ("Alto", 1, 1, "hass"),
        ("Alto", 1, 2, None),
    ]
    at.store.close()


def test_the_log_cannot_run_as_a_formula():
    rows = list(
        csv.DictReader(
            io.StringIO(
                write_log(
                    [
                        {
                            "date": "2027-03-24",
                            "tree": "Baixo 1·1",
                            "work": "thin",
                            "share": 0.1,
                            "note": "=1+1",
                            "who": "-a",
                        }
                    ]
                )
            )
        )
    )
    assert tuple(rows[0]) == LOG_COLUMNS
    assert (rows[0]["note"], rows[0]["who"], rows[0]["share"], rows[0]["minutes"]) == (
        "'=1+1",
        "'-a",
        "0.1",
        "",
    )


def test_kinds_are_read_as_people_say_them_and_no_two_trees_stand_on_one_spot(know):
    head = "block,row,place,species,planted_year,x,y\n"
    lines, wrong = read_trees(
        head + "A,1,1,orange,2015,0,0\nA,1,2,Tangerines,2015,3,0\n", know, spoken=AS_SPOKEN
    )
    assert not wrong
    assert [line.species for line in lines] == ["sweet-orange", "mandarin"]
    _, wrong = read_trees(head + "A,1,1,lemon,2015,3,0\nA,1,2,lemon,2015,3,0\n", know)
    assert [(p.line, p.column) for p in wrong] == [(3, "x")]
    assert "the tree on line 2" in said(wrong[0].message)


def test_lists_go_out_and_come_back_in_feet(know):
    tree = TreeLine(
        "Alto", 1, 2, "avocado", 2016, "hass", None, 38.0, 0.25, 4.572, 3.6576, 203.2, 3.0, 6.1
    )
    text = write_trees([tree], "us")
    head, line = text.splitlines()
    assert "height_ft" in head
    assert "trunk_in" in head
    assert "pot_gal" in head
    assert "_m" not in head
    assert ",15.0,12.0,8.0," in line
    (back,), problems = read_trees(text, know)
    assert problems == []
    assert back.height_m == pytest.approx(4.572)
    assert back.trunk_mm == pytest.approx(203.2)
    assert back.pot_l == pytest.approx(38.0, abs=1e-3)
    assert back.y == pytest.approx(6.1, abs=1e-4)
    _, problems = read_trees(text.replace("15.0,12.0", "150,12.0"), know)
    assert [(p.column, said(p.message)) for p in problems] == [
        ("height_ft", "must be between 0.9843 and 98.43")
    ]
    _, problems = read_trees("height_m," + text, know)
    assert any("says again" in said(p.message) for p in problems)


def test_the_log_bears_the_units_it_is_in():
    text = write_log([{"date": "2027-03-24", "height_before_m": 4.572}], "us")
    head, line = text.splitlines()
    assert "height_before_ft" in head
    assert ",15.0," in line
