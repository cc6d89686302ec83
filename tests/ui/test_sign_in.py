"""On a network: the first owner comes in by the code of the terminal, lets a helper in, and the
helper's phone does what is a helper's; what waits on it is kept for them.
"""

from __future__ import annotations

import shutil

import pytest
from selenium.webdriver.common.virtual_authenticator import VirtualAuthenticatorOptions

from billhook.services.holding.grove import grove
from billhook.settings import Settings
from billhook.web.door.signing import SIGNING

from .conftest import DAY, resize, running
from .hand import Hand
from .test_access import findings
from .test_door import TRY, state

pytestmark = pytest.mark.ui
PIN = "oliva 88"
AUTHENTICATOR = VirtualAuthenticatorOptions(
    protocol="ctap2",
    transport="internal",
    has_resident_key=True,
    has_user_verification=True,
    is_user_verified=True,
)


@pytest.fixture
def networked(built, tmp_path):
    folder = tmp_path / "data"
    shutil.copytree(built, folder)
    yield from running(Settings(data=folder, fixed_today=DAY, demo=True, host="0.0.0.0"))


@pytest.fixture
def signing(networked):
    return networked.app.extensions[SIGNING]


def come_in(hand: Hand, code: str, name: str = "") -> None:
    hand.open("/more")  # another address first, so that the code behind the next one is read
    hand.open(f"/join#{code}" + (f"/{name}" if name else ""))
    if not name:
        hand.type("Your name", "Inês")
    hand.type("PIN", PIN)
    hand.click("Come in")
    hand.until(lambda: "/today" in hand.driver.current_url and hand.sees("the fortnight to"))


def test_another_site_is_told_nothing_of_what_a_signed_in_browser_may_see(
    apart, networked, signing, elsewhere
):
    hand = Hand(apart, networked.url)
    come_in(hand, signing.invite("", "owner", "the terminal"))
    tree = grove(networked.at, DAY).trees[0].record.tree.id
    before = state(networked)
    apart.get(elsewhere.replace("localhost", "saws.example"))
    found = apart.execute_async_script(TRY, networked.url, tree)
    assert found.pop("form") == "sent"
    assert set(found.values()) == {""}, found
    assert state(networked) == before
    # the same machine by a name that is not its own: a page whose name was pointed at it
    apart.get(networked.url.replace("127.0.0.1", "rebound.example") + "/today")
    assert "the fortnight to" not in hand.text()
    told = "fetch('/api/grove').then(r => arguments[arguments.length - 1](r.status))"
    assert apart.execute_async_script(told) in (401, 403, 421)
    assert "Who may come in" not in hand.text()
    apart.get(networked.url + "/today")
    hand.sees("the fortnight to")


def test_an_owner_comes_in_and_lets_a_helper_in(browser, networked, signing):
    hand = Hand(browser, networked.url)
    hand.open("/today")
    hand.sees("No PIN yet, or lost?")
    assert "the fortnight to" not in hand.text()
    assert findings(browser) == []
    hand.type("Your name", "Inês")
    hand.type("PIN", "no such pin")
    hand.click("Sign in")
    hand.sees("No such name with that PIN.")

    come_in(hand, signing.invite("", "owner", "the terminal"))
    hand.open("/people")
    hand.sees("Who may come in")
    assert hand.sees("this device")
    hand.type("Name", "Rui", '[aria-label="Let somebody in"]')
    hand.click("Show a code")
    hand.sees("within 10 minutes comes in, once")
    assert findings(browser) == []
    assert "/join#" in hand.text()

    hand.open("/more")
    hand.sees("Data out")
    hand.sees("Backups")
    hand.click("Sign this device out")
    hand.sees("No PIN yet, or lost?")
    hand.type("PIN", PIN)
    hand.type("Your name", "inês")
    hand.click("Sign in")
    hand.sees("Data out")


def test_a_device_comes_in_by_its_own_lock(browser, networked, signing):
    browser.add_virtual_authenticator(AUTHENTICATOR)
    hand = Hand(browser, networked.url.replace("127.0.0.1", "localhost"))
    come_in(hand, signing.invite("", "owner", "the terminal"))
    hand.open("/more")
    hand.click("Come in by this device’s lock")
    hand.sees("From now on this device’s own lock lets you in.")
    hand.click("Sign this device out")
    hand.sees("No PIN yet, or lost?")
    hand.click("With this device’s lock")
    hand.sees("As Inês, owner.")
    assert [h.what for h in signing.heard()][:3] == [
        "signed in by passkey",
        "signed out a device",
        "made a passkey",
    ]
    # a new PIN lets no passkey in that was made before
    signing.join(signing.invite("Inês", "owner", "t"), "", PIN, "x", "")
    hand.open("/more")
    hand.sees("No PIN yet, or lost?")
    hand.click("With this device’s lock")
    hand.sees("That passkey is not known here")
    browser.remove_virtual_authenticator()


def test_a_helper_s_phone_has_what_is_a_helper_s(browser, networked, signing):
    resize(browser, 390, 844)
    hand = Hand(browser, networked.url)
    come_in(hand, signing.invite("Rui", "helper", "Inês"), "Rui")
    hand.open("/more")
    hand.sees("As Rui, helper.")
    assert "Data out" not in hand.text()
    assert "Backups" not in hand.text()
    assert findings(browser) == []
    hand.open("/people")
    hand.sees("Who works here")
    assert "Who may come in" not in hand.text()
    # done by whoever is signed in, without a word
    hand.open("/today")
    hand.sees("the fortnight to")
    hand.click("Done")
    field = hand.until(lambda: hand.field("Who"))
    hand.until(lambda: field.get_attribute("value") == "Rui")
    # and out at once when the owner says so
    rui = next(a for a, _ in signing.accounts() if a.name == "Rui")
    inês, _ = signing.join(signing.invite("Inês", "owner", "t"), "", PIN, "x", "")
    signing.remove(rui.id, inês, "")
    hand.open("/grove")
    hand.sees("No PIN yet, or lost?")


TAKEN = """
const done = arguments[arguments.length - 1]
const opened = indexedDB.open('billhook-field')
opened.onsuccess = () => {
  const db = opened.result
  const asked = db.transaction('walks').objectStore('walks').count()
  asked.onsuccess = () => { db.close(); done(asked.result) }
}
"""


def test_whoever_comes_next_finds_nothing_that_another_took_along(browser, networked, signing):
    hand = Hand(browser, networked.url)
    come_in(hand, signing.invite("Rui", "helper", "Inês"), "Rui")
    tree = grove(networked.at, DAY).trees[0].record.tree.id
    hand.open(f"/tree/{tree}/walk")
    hand.until(lambda: browser.execute_async_script(TAKEN) == 1)

    def next_comes(name: str) -> None:
        code = signing.invite(name, "helper", "Inês")
        browser.get(f"{networked.url}/more")
        browser.get(f"{networked.url}/join#{code}/{name}")
        hand.type("PIN", PIN)
        hand.click("Come in")
        hand.until(lambda: "/today" in browser.current_url and hand.sees("the fortnight to"))

    next_comes("Rui")
    assert browser.execute_async_script(TAKEN) == 1
    next_comes("Ana")
    hand.until(lambda: browser.execute_async_script(TAKEN) == 0)
