"""People of the holding, and the work that is theirs."""

from __future__ import annotations

import pytest

from billhook.core.errors import InvalidInput
from billhook.services.holding import people
from billhook.services.season import today
from billhook.store.database import NotFound

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
