"""Ten phones out of reach for a day, of five helpers, then all within reach at once: each thing is
there once, who wrote it with it, and where two say otherwise the second is told what
the first said.
"""

from __future__ import annotations

import json
import random
import threading

from sqlmodel import select

from billhook.services.book import logbook
from billhook.services.door.signing import Signing
from billhook.services.tree.views import tree_view
from billhook.store.acts import Act
from billhook.store.door import Door

from ..killing import ask
from ..places import TODAY, new_id
from .conftest import PIN
from .test_listen import on_a_port

DEVICES, EACH = 10, 24
VALUES = ("none", "light", "full")


class Phone(threading.Thread):
    """What it kept through the day, sent in order; each thing twice, since of the first time no
    answer came back.
    """

    def __init__(self, port: int, cookie: str, helper: str) -> None:
        super().__init__(daemon=True)
        self.port, self.cookie, self.helper = port, cookie, helper
        self.kept: list[tuple[str, str, dict]] = []
        self.answers: dict[str, tuple[int, dict]] = {}

    def keep(self, path: str, body: dict) -> None:
        self.kept.append((new_id(), path, body))

    def run(self) -> None:
        for act, path, body in self.kept:
            for _ in range(2):
                self.answers[act] = ask(
                    self.port,
                    "POST",
                    path,
                    json.dumps(body).encode(),
                    Content_Type="application/json",
                    Billhook_Act=act,
                    Cookie=self.cookie,
                )


def signed_in_twice(at, port: int) -> list[Phone]:
    signing, phones = Signing(Door(at.settings.data)), []
    for n in range(DEVICES):
        name, device = f"Helper {n % 5}", f"phone {n}"
        _, token = (
            signing.join(signing.invite(name, "helper", "t"), name, PIN, device, "")
            if n < 5
            else signing.sign_in(name, PIN, device, "")
        )
        phones.append(Phone(port, f"billhook={token}", name))
    signing.close()
    return phones


def test_each_thing_is_there_once_and_what_contradicts_is_said(served):
    tree, entries = served.tree_id, {}
    chance = random.Random(10)
    with on_a_port(served, host="0.0.0.0") as server:
        phones = signed_in_twice(served.at, server.port)
        known = served.at.as_of()
        for n, phone in enumerate(phones):
            for _ in range(EACH - 1):
                entry = new_id()
                entries[entry] = phone.helper
                body = {"id": entry, "work": "sucker", "date": TODAY.isoformat()}
                phone.keep(f"/api/trees/{chance.choice((tree, served.bare_id))}/log", body)
            seen = {"kind": "fruit_on", "value": VALUES[n % 3], "date": TODAY.isoformat()}
            phone.keep(f"/api/trees/{tree}/observations", seen | {"as_of": known})
            chance.shuffle(phone.kept)
        for phone in phones:
            phone.start()
        for phone in phones:
            phone.join(timeout=120)
            assert len(phone.answers) == EACH
    said = [answer for phone in phones for answer in phone.answers.values()]
    assert {status for status, _ in said} == {201, 409}
    other = [body for status, body in said if status == 409]
    assert all("somebody else wrote down fruit on it" in body["detail"] for body in other)
    held = logbook.log(served.at, limit=10_000)
    assert sorted(line.entry.id for line in held) == sorted(entries)
    seen = tree_view(served.at, tree, TODAY, ("thin",)).seen["fruit_on"]
    for phone in phones:
        act, _, body = next(k for k in phone.kept if "value" in k[2])
        taken = phone.answers[act][0] == 201
        assert taken is (body["value"] == seen.value)
    assert 0 < len(other) < DEVICES
    with served.at.store.reading() as session:
        wrote = dict(session.execute(select(Act.seq, Act.person)).all())
    assert {line.entry.id: wrote[line.entry.act] for line in held} == entries
