"""Every sentence that the code asks for is there, takes the values it is given, and says what it
said.
"""

from __future__ import annotations

import ast
import datetime as dt
import json
from pathlib import Path

import pytest
from fluent.syntax import ast as fluent
from fluent.syntax import parse
from fluent.syntax.visitor import Visitor

import billhook
from billhook.catalogue.wording import said, said_all
from billhook.core.notes import Notes
from billhook.core.reasons import Reason
from billhook.core.words.dates import read_on
from billhook.core.words.values import (
    Capital,
    Compass,
    Crops,
    Diameter,
    Length,
    MonthOf,
    Rounded,
    Share,
    Weight,
    listed,
    plain,
    say,
)

PACKAGE = Path(billhook.__file__).parent
MESSAGES = PACKAGE / "catalogue/languages/en"
BY_CALL = ("act-post-", "act-put-", "act-patch-", "act-delete-")  # held in web/test_undo.py


class _Holes(Visitor):
    def __init__(self) -> None:
        self.names: set[str] = set()

    def visit_VariableReference(  # noqa: N802 (named by the library)
        self, node: fluent.VariableReference
    ) -> None:
        self.names.add(node.id.name)


def messages_of(folder: Path) -> dict[str, set[str]]:
    """Each message of a language, with the values it takes."""
    found = {}
    texts = [f.read_text(encoding="utf-8") for f in sorted(folder.glob("*.ftl"))]
    for entry in parse("\n".join(texts)).body:
        assert not isinstance(entry, fluent.Junk), entry.content
        if isinstance(entry, fluent.Message):
            holes = _Holes()
            holes.visit(entry)
            assert entry.id.name not in found, f"{entry.id.name} stands twice"
            found[entry.id.name] = holes.names
    return found


def _asked() -> list[tuple[str, str, set[str]]]:
    """Where, the message, and the values it is given."""
    found = []
    for path in sorted(PACKAGE.rglob("*.py")):
        for node in ast.walk(ast.parse(path.read_text(encoding="utf-8"))):
            if not (isinstance(node, ast.Call) and ast.unparse(node.func) == "say" and node.args):
                continue
            values = {k.arg.replace("_", "-") for k in node.keywords if k.arg}
            test = {id(x) for i in ast.walk(node.args[0]) if isinstance(i, ast.IfExp)
                    for x in ast.walk(i.test)}  # fmt: skip
            found += [
                (f"{path.name}:{node.lineno}", x.value, values)
                for x in ast.walk(node.args[0])
                if isinstance(x, ast.Constant) and isinstance(x.value, str) and id(x) not in test
            ]
    return found


def test_messages_and_code_agree():
    messages, asked = messages_of(MESSAGES), _asked()
    wrong = [
        f"{where} {name}: gives {sorted(values)}, takes {messages.get(name)}"
        for where, name, values in asked
        if messages.get(name) != values
    ]
    assert not wrong, "\n".join(wrong)
    assert not {m for m in messages if not m.startswith(BY_CALL)} - {n for _, n, _ in asked}
    assert len(asked) > 250  # the reader of the code still finds them


def test_each_value_in_words():
    """Worked by hand: 10 ft is 3.048 m; an inch 25.4 mm; a pound 0.4536 kg."""
    day = dt.date(2026, 11, 25)
    assert said(Length(3.048, "us")) == "10'0\""
    assert said(Diameter(25.4, "us")) == '1"'
    assert said(Weight(0.45359237, "us")) == "1.0 lb"
    assert (said(Share(0.125)), said(Rounded(2.345, 1)), said(Rounded(1234))) == (
        "12.5 %",
        "2.3",
        "1234",
    )
    assert (said(Compass(225)), said(day), said(MonthOf(day))) == (
        "south-west",
        "25 Nov 2026",
        "Nov 2026",
    )
    assert said(Crops(0.2)) == "a fifth of a crop"
    assert said(Capital(listed(["one", Share(1)]))) == "One, 100 %"
    assert said("as it is typed") == "as it is typed"


def test_plurals_and_parts():
    one, many = (say("wall-for-the-saw", thick=n) for n in (1, 1200))
    assert said("Left." + one) == "Left. 1 limb is left for the saw."
    assert said(many) == " 1200 limbs are left for the saw."  # a count is never grouped
    with pytest.raises(KeyError):
        said(say("wall-for-the-saw"))
    with pytest.raises(KeyError):
        said(say("there-is-no-such"))


def test_a_catalogue_sentence_keeps_its_row(know):
    notes = Notes(know, "making")
    notes.say("support", weight=Weight(7, "metric"), ids=("cuts/one-hand-kg",))
    (reason,) = notes.found
    assert "7.0 kg" in said(reason)
    assert "{" not in said_all(notes.found)
    assert reason.catalogue_ids == ("making/support/says", "cuts/one-hand-kg")
    assert plain(reason.says)["row"]["known_id"] == "making/support/says"


def test_what_is_stored_can_be_said_in_another_language():
    says = say("frost-cut", where="below the dead", cut=dt.date(2027, 3, 1), held=Share(0.5))
    stored = json.loads(json.dumps(plain(Reason("x", says).says)))
    assert stored == {
        "phrase": {
            "says": "frost-cut",
            "values": {
                "where": "below the dead",
                "cut": {"day": "2027-03-01"},
                "held": {"share": {"of_one": 0.5}},
            },
        }
    }


def test_what_is_read_and_what_is_kept_of_one_sentence_bear_their_own_years():
    near = dt.date(2027, 3, 24)
    sentence = say("task-due", due=dt.date(2027, 4, 2), after="work", late="", put="")
    for today, years in ((None, True), (near, False), (None, True)):
        read_on(today)
        try:
            assert ("2027" in said(sentence)) is years
        finally:
            read_on(None)
