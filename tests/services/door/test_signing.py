"""Coming in once by a code, by name and PIN with rising delays, and going out."""

from __future__ import annotations

import sqlite3
import threading
from contextlib import closing

import pytest
from argon2 import PasswordHasher

from billhook.core.errors import InvalidInput
from billhook.services.door.signing import (
    INVITE_SECONDS,
    LONGEST_WAIT_SECONDS,
    LastOwner,
    NotSignedIn,
    Signing,
    Wait,
    required,
)
from billhook.settings import Settings
from billhook.store.database import NotFound
from billhook.store.door import FILE, Door
from billhook.store.door_tables import Account

PIN = "oliva 88"


class Clock:
    def __init__(self) -> None:
        self.now = 1_800_000_000.0

    def __call__(self) -> float:
        return self.now


@pytest.fixture
def clock():
    return Clock()


@pytest.fixture
def signing(tmp_path, clock):
    made = Signing(Door(tmp_path), clock)
    yield made
    made.close()


@pytest.fixture
def owner(signing):
    who, _ = signing.join(signing.invite("", "owner", "t"), "Inês", PIN, "Linux", "127.0.0.1")
    return who


def come_in(signing, name, role, pin=PIN):
    return signing.join(signing.invite(name, role, "Inês"), "", pin, "Android", "192.0.2.9")


@pytest.mark.parametrize(
    ("host", "wanted"),
    [
        ("127.0.0.1", False),
        ("localhost", False),
        ("::1", False),
        ("0.0.0.0", True),
        ("::", True),
        ("192.0.2.7", True),
        ("farm.lan", True),
        ("", True),
    ],
)
def test_one_signs_in_where_more_than_this_machine_is_listened_to(host, wanted):
    assert required(Settings(host=host)) is wanted


def test_an_invitation_lets_one_in_once_and_for_ten_minutes(signing, owner, clock):
    code = signing.invite("Rui", "helper", "Inês")
    who, cookie = signing.join(code, "", PIN, "Android", "192.0.2.9")
    assert (who.name, who.role) == ("Rui", "helper")
    assert signing.who(cookie) == who
    with pytest.raises(NotSignedIn):
        signing.join(code, "", PIN, "Android", "192.0.2.9")
    late = signing.invite("Ana", "viewer", "Inês")
    clock.now += INVITE_SECONDS + 1
    with pytest.raises(NotSignedIn):
        signing.join(late, "", PIN, "Android", "192.0.2.9")
    with pytest.raises(NotSignedIn):
        signing.join("guessed", "", PIN, "Android", "192.0.2.9")


def test_a_clock_that_is_set_back_shuts_nobody_out_and_makes_no_code_last(signing, owner, clock):
    for _ in range(9):
        with pytest.raises((NotSignedIn, Wait)):
            signing.sign_in("Inês", "no such pin", "x", "192.0.2.9")
    code = signing.invite("Rui", "helper", "Inês")
    clock.now -= 30 * 24 * 3600
    with pytest.raises(NotSignedIn):
        signing.join(code, "", PIN, "Android", "192.0.2.9")
    _, cookie = signing.sign_in("Inês", PIN, "x", "192.0.2.9")
    assert signing.who(cookie).id == owner.id


def test_of_many_at_once_with_one_code_one_comes_in(signing, owner):
    code = signing.invite("", "viewer", "Inês")
    came, refused = [], []

    def join(n: int) -> None:
        try:
            came.append(signing.join(code, f"Somebody {n}", PIN, "x", "192.0.2.9"))
        except NotSignedIn:
            refused.append(n)

    threads = [threading.Thread(target=join, args=(n,)) for n in range(6)]
    for t in threads:
        t.start()
    for t in threads:
        t.join()
    assert (len(came), len(refused)) == (1, 5)


@pytest.mark.parametrize("pin", ["12345", "123456", "987654", "aaaaaa", "", "password", "Billhook"])
def test_a_pin_that_anybody_would_try_is_refused_and_the_code_holds_on(signing, owner, pin):
    code = signing.invite("Rui", "helper", "Inês")
    with pytest.raises(InvalidInput) as refused:
        signing.join(code, "", pin, "Android", "192.0.2.9")
    assert refused.value.problems[0].pointer == "/pin"
    assert signing.join(code, "", PIN, "Android", "192.0.2.9")[0].name == "Rui"


def test_wrong_pins_wait_longer_each_time_and_the_right_one_ends_it(signing, owner, clock):
    waits, free = [], 0
    for _ in range(30):
        try:
            signing.sign_in("inês", "no such pin", "x", "192.0.2.9")
        except NotSignedIn:
            free += not waits
        except Wait as wait:
            with pytest.raises(Wait):  # also the right one is not looked at
                signing.sign_in("Inês", PIN, "x", "192.0.2.9")
            waits.append(wait.seconds)
            clock.now += wait.seconds
    assert free == 4
    assert waits[0] > 4
    assert sorted(waits) == waits
    assert max(waits) <= LONGEST_WAIT_SECONDS + 1
    clock.now += LONGEST_WAIT_SECONDS + 2
    who, _ = signing.sign_in("  inês ", PIN, "x", "192.0.2.9")
    assert who.id == owner.id
    with pytest.raises(NotSignedIn):
        signing.sign_in("Inês", "wrong again", "x", "192.0.2.9")
    assert signing.sign_in("Inês", PIN, "x", "192.0.2.9")[0].id == owner.id


def test_a_hundred_guesses_at_once_are_counted_all(signing, owner):
    tried = []

    def guess(n: int) -> None:
        try:
            signing.sign_in("Inês", f"guess {n}", "x", "192.0.2.9")
        except NotSignedIn:
            tried.append(n)
        except Wait:
            pass

    threads = [threading.Thread(target=guess, args=(n,)) for n in range(40)]
    for t in threads:
        t.start()
    for t in threads:
        t.join()
    assert len(tried) <= 5


def test_a_device_that_was_lost_is_signed_out_by_its_person_or_an_owner(signing, owner):
    rui, cookie = come_in(signing, "Rui", "helper")
    ana, _ = come_in(signing, "Ana", "manager")
    with pytest.raises(NotFound):
        signing.sign_out(rui.device, ana, "192.0.2.9")
    assert signing.who(cookie) is not None
    signing.sign_out(rui.device, owner, "127.0.0.1")
    assert signing.who(cookie) is None
    assert signing.heard()[0].about == "Rui, Android"


def test_a_new_pin_signs_all_devices_out(signing, owner):
    _, before = come_in(signing, "Rui", "helper")
    _, after = come_in(signing, "Rui", "helper", "limão 99")
    assert signing.who(before) is None
    assert signing.who(after) is not None
    with pytest.raises(NotSignedIn):
        signing.sign_in("Rui", PIN, "x", "192.0.2.9")
    assert len(signing.accounts()) == 2


def test_the_last_owner_stays(signing, owner):
    with pytest.raises(LastOwner):
        signing.change_role(owner.id, "manager", owner, "")
    with pytest.raises(LastOwner):
        signing.remove(owner.id, owner, "")
    with pytest.raises(LastOwner):
        come_in(signing, "Inês", "helper")
    ana, _ = come_in(signing, "Ana", "owner")
    signing.change_role(owner.id, "manager", ana, "")
    with pytest.raises(LastOwner):
        signing.remove(ana.id, ana, "")


def test_somebody_who_is_let_in_no_more_is_out_at_once(signing, owner):
    rui, cookie = come_in(signing, "Rui", "helper")
    signing.remove(rui.id, owner, "")
    assert signing.who(cookie) is None
    with pytest.raises(NotSignedIn):
        signing.sign_in("Rui", PIN, "x", "192.0.2.9")


def test_what_is_kept_opens_nothing(signing, owner, tmp_path):
    code = signing.invite("Rui", "helper", "Inês")
    _, cookie = signing.sign_in("Inês", PIN, "x", "127.0.0.1")
    with closing(sqlite3.connect(tmp_path / FILE)) as file:
        dump = "\n".join(file.iterdump())
    assert "argon2id" in dump
    for secret in (PIN, code, cookie):
        assert secret not in dump


def test_a_pin_kept_by_a_slower_machine_is_kept_anew_once_it_was_right(signing, owner):
    weak = PasswordHasher(time_cost=1, memory_cost=8 * 1024, parallelism=1).hash(PIN)
    with signing.door.open() as session:
        session.get(Account, owner.id).pin = weak
    with pytest.raises(NotSignedIn):
        signing.sign_in("Inês", "oliva 89", "x", "127.0.0.1")
    with signing.door.open() as session:
        assert session.get(Account, owner.id).pin == weak
    signing.sign_in("Inês", PIN, "x", "127.0.0.1")
    with signing.door.open() as session:
        assert session.get(Account, owner.id).pin != weak
    signing.sign_in("Inês", PIN, "x", "127.0.0.1")
