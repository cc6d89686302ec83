"""The disk of the computer is full: the sentence stands at the form, what was typed stays in it,
and the same goes in once there is room.
"""

from __future__ import annotations

import contextlib
from collections.abc import Iterator

import pytest
from sqlalchemy import event

from .conftest import resize
from .hand import Hand
from .test_access import findings
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui
NOTE = "by the light of the moon, " * 60


@contextlib.contextmanager
def no_room(server) -> Iterator[None]:
    """The database may not grow by a page."""
    engine = server.at.store.engine
    with engine.connect() as connection:
        pages = connection.exec_driver_sql("PRAGMA page_count").scalar()

    def tight(dbapi, *_) -> None:
        dbapi.execute(f"PRAGMA max_page_count={pages}")

    engine.dispose()
    event.listen(engine, "connect", tight)
    try:
        yield
    finally:
        event.remove(engine, "connect", tight)
        engine.dispose()


@pytest.mark.parametrize("size", [(1280, 800), (390, 844)])
def test_a_full_disk_is_said_at_the_form_and_nothing_typed_is_lost(browser, own_demo, size):
    hand = Hand(browser, own_demo.url)
    resize(browser, *size)
    tree = tree_named(own_demo, "Alto 1·4")
    before = len(ask(own_demo, "/api/log")["entries"])
    form = 'form[aria-label="Log a cut already made"]'

    def written() -> int:
        return len(ask(own_demo, "/api/log")["entries"]) - before

    with no_room(own_demo):
        for nth in range(60):  # what is free within the file goes first
            hand.open(f"/tree/{tree}/record")
            hand.click("Log a cut already made")
            hand.type("Note", NOTE, form)
            hand.click("Log it")
            hand.until(lambda nth=nth: written() > nth or "is full" in hand.text())
            if "is full" in hand.text():
                break
        assert "is full. Nothing was written; make room there" in hand.text()
        kept = written()
        assert hand.field("Note", form).get_attribute("value") == NOTE
        assert findings(browser) == []
    hand.click("Log it")
    hand.until(lambda: written() == kept + 1)
