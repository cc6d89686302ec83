"""People of the holding, and the work that is theirs."""

from __future__ import annotations

import pytest

from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.services.heights import aims
from billhook.services.holding import people
from billhook.services.plan.costed import advice_of, answer_of
from billhook.services.season import today
from billhook.services.season.desk import SeasonDesk
from billhook.services.walk.tree import walked_tree
from billhook.store.database import NotFound
from billhook.store.trees import tree_record

from ...places import TODAY, new_id


def test_somebody_is_put_on_the_list_changed_and_taken_off(grove):
    one = new_id()
    people.put_person(grove, one, " First helper ", reach_m=2.1, pole_m=3.6, carries_kg=15)
    people.put_person(grove, one, "First helper", reach_m=2.2)
    (kept,) = people.list_people(grove)
    assert (kept.name, kept.reach_m, kept.pole_m) == ("First helper", 2.2, None)
    with pytest.raises(InvalidInput) as refused:
        people.put_person(grove, new_id(), "first HELPER", reach_m=2.2, pole_m=2.0)
    assert {p.pointer for p in refused.value.problems} == {"/name", "/pole_m"}
    people.remove_person(grove, one)
    assert people.list_people(grove) == []
    with pytest.raises(NotFound):
        people.remove_person(grove, one)


def test_work_is_that_of_the_rows_helper_else_of_the_blocks(grove):
    ana, rui = new_id(), new_id()
    people.put_person(grove, ana, "First helper")
    people.put_person(grove, rui, "Second helper")
    assert {i.helper for i in today.fortnight(grove, TODAY).items} == {None}
    people.assign(grove, "block", [grove.low.block_id, grove.high.block_id], ana)
    people.assign(grove, "row", [grove.high.row_id], rui)
    found = {(i.block, i.helper) for i in today.fortnight(grove, TODAY).items}
    assert found == {("Baixo", "First helper"), ("Alto", "Second helper")}
    people.assign(grove, "row", [grove.high.row_id], None)
    assert {i.helper for i in today.fortnight(grove, TODAY).items} == {"First helper"}
    people.remove_person(grove, ana)
    assert {i.helper for i in today.fortnight(grove, TODAY).items} == {None}


def test_only_what_stands_is_given_and_only_to_who_is_on_the_list(grove):
    with pytest.raises(NotFound):
        people.assign(grove, "row", [new_id()], None)
    with pytest.raises(NotFound):
        people.assign(grove, "row", [grove.low.row_id], new_id())


def test_reach_pole_and_strength_are_of_who_does_the_work(grove):
    """The one person there is, else whose row it is; on sheet, aim, look and pot."""
    tree, other = grove.low.tree_ids[0], grove.high.tree_ids[0]

    def picks(tree_id):
        return [round(p.height_m, 2) for p in aims.aim_of(grove, tree_id).picks[:3]]

    def seen(tree_id):
        with grove.store.reading() as session:
            found = walked_tree(grove, session, tree_record(session, tree_id), TODAY).tree
        return found.reach_m, found.pole_m, found.carries_kg

    usual = picks(tree)
    one, two = new_id(), new_id()
    people.put_person(grove, one, "First helper", reach_m=1.85, pole_m=3.0, carries_kg=12)
    assert picks(tree)[0] == pytest.approx(usual[0] - 0.2)
    assert picks(tree)[2] == 3.0
    assert seen(tree) == (1.85, 3.0, 12)
    people.put_person(grove, two, "Second helper", reach_m=2.3)
    assert picks(tree) == usual  # nobody knows which of the two
    people.assign(grove, "block", [grove.high.block_id], two)
    assert (seen(tree)[0], seen(other)[0]) == (2.05, 2.3)
    people.assign(grove, "block", [grove.low.block_id], one)
    frame = Frame(Trunk(120, 2.0), (Limb("x", "trunk", 1.95, 30, 1.0, 20, 0),))
    with grove.store.reading() as session:
        record, desk = tree_record(session, tree), SeasonDesk(session, grove, TODAY)
        cost = answer_of(desk, record, frame, [Cut("x", 0)]).cuts
        assert advice_of(desk, record, frame, cost, "thin")[0].tool_id == "pole-pruner"
