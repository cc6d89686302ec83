"""The server on a real port: whoever is slow shuts nobody out, what is too large is refused before
it is kept, plain addresses lead to the secure page.
"""

from __future__ import annotations

import http.client
import io
import json
import os
import socket
import ssl
import threading
import time
import zipfile
from collections.abc import Iterator
from contextlib import ExitStack, contextmanager
from dataclasses import replace

import pytest
import trustme

from billhook.web.app import create_app
from billhook.web.listen import Listener, listener

from .conftest import Served

MIB = 1024 * 1024


@contextmanager
def on_a_port(served: Served, **other: object) -> Iterator[Listener]:
    served.at.settings = replace(served.at.settings, **other)
    server = listener(create_app(served.at), served.at, 0)
    thread = threading.Thread(target=server.run, daemon=True)
    thread.start()
    yield server
    server.close()
    thread.join(timeout=5)
    assert not thread.is_alive()


def test_a_large_answer_leaves_whole_by_way_of_the_disk(served):
    photos = served.at.settings.data / "files" / "photos"
    photos.mkdir(parents=True)
    for n in range(12):  # as large as it comes: nothing of it can be packed
        (photos / f"{n:064x}.jpg").write_bytes(os.urandom(MIB))
    with on_a_port(served) as server:
        answer, whole = asked(server.port, "/api/package.zip")
        assert answer.status == 200
        assert int(answer.getheader("Content-Length")) == len(whole) > 12 * MIB
        told = json.loads(asked(server.port, "/api/progress")[1])["works"]
    assert [(w["kind"], w["state"]) for w in told] == [("package", "done")]
    with zipfile.ZipFile(io.BytesIO(whole)) as package:
        assert package.testzip() is None


@pytest.fixture
def pair(tmp_path) -> dict[str, object]:
    authority = trustme.CA()
    issued = authority.issue_cert("localhost", "127.0.0.1")
    issued.cert_chain_pems[0].write_to_path(tmp_path / "cert.pem")
    issued.private_key_pem.write_to_path(tmp_path / "key.pem")
    authority.cert_pem.write_to_path(tmp_path / "ca.pem")
    return {"certificate": tmp_path / "cert.pem", "key": tmp_path / "key.pem"}


def asked(port: int, path: str = "/api/grove", context: ssl.SSLContext | None = None):
    kind = http.client.HTTPSConnection if context else http.client.HTTPConnection
    more = {"context": context} if context else {}
    call = kind("127.0.0.1", port, timeout=10, **more)
    call.request("GET", path)
    answer = call.getresponse()
    return answer, answer.read()


@pytest.mark.parametrize("secure", [False, True])
def test_idle_dripping_and_half_read_connections_shut_nobody_out(served, pair, secure, caplog):
    context = ssl.create_default_context(cafile=pair["key"].with_name("ca.pem"))
    with ExitStack() as held, on_a_port(served, **pair if secure else {}, plain_port=0) as server:

        def connect() -> socket.socket:
            return held.enter_context(socket.create_connection(("127.0.0.1", server.port)))

        idle = [connect() for _ in range(130)]
        drips = [connect() for _ in range(12)]
        if secure:
            # a greeting that is none, and others that never come to their end
            drips[0].sendall(b"GET / HTTP/1.1\r\n")
            drips[1].sendall(b"\x16\x03\x01\x02\x00")
        else:
            for drip in drips[:6]:
                drip.sendall(b"GET /api/grove HTTP/1.1\r\nHost: localhost\r\nX-Slow: ")
            for drip in drips[6:]:
                drip.sendall(
                    b"PUT /api/units HTTP/1.1\r\nHost: localhost\r\nContent-Length: 400\r\n\r\n{"
                )
        start = time.perf_counter()
        answer, body = asked(server.port, context=context if secure else None)
        assert answer.status == 200
        assert json.loads(body)["trees"]
        # the pages of a second wait for no time limit of a slow one
        assert time.perf_counter() - start < 5
        assert len(idle) == 130
    assert not [r for r in caplog.records if r.exc_info]


def test_what_is_too_large_is_refused_by_what_it_says_and_by_what_comes(served):
    with on_a_port(served) as server:
        said = http.client.HTTPConnection("127.0.0.1", server.port, timeout=10)
        said.putrequest("PUT", "/api/units")
        said.putheader("Content-Type", "application/json")
        said.putheader("Content-Length", str(600 * MIB))
        said.endheaders()
        # nothing of the body was sent, and the answer is here
        answer = said.getresponse()
        assert answer.status == 413
        assert "larger than 8 MB" in json.loads(answer.read())["detail"]

        comes = socket.create_connection(("127.0.0.1", server.port), timeout=10)
        comes.sendall(
            b"PUT /api/units HTTP/1.1\r\nHost: localhost\r\nTransfer-Encoding: chunked\r\n\r\n"
        )
        chunk = b"%x\r\n%s\r\n" % (MIB, b" " * MIB)
        sent = 0
        try:
            while sent < 64:
                comes.sendall(chunk)
                sent += 1
        except OSError:
            pass
        assert sent < 64, "it went on taking what is over its limit"
        assert asked(server.port)[0].status == 200


@pytest.mark.parametrize(
    "line",
    [
        b"GET /api/find?q=\xff\xfe HTTP/1.1\r\nHost: localhost\r\n\r\n",
        b"GET /\x00 HTTP/1.1\r\nHost: localhost\r\n\r\n",
        b"PUT /api/units HTTP/1.1\r\nHost: localhost\r\nContent-Length: minus\r\n\r\n",
        b"GET / HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n",
        b"\x16\x03\x01\x00\xa5\x01\x00\x00\xa1\x03\x03",
        b"GET / HTTP/1.1\r\n" + b"X: y\r\n" * 40_000,
    ],
)
def test_what_is_no_request_is_refused_and_the_next_one_answered(served, line, caplog):
    with on_a_port(served) as server:
        with socket.create_connection(("127.0.0.1", server.port), timeout=10) as odd:
            odd.sendall(line)
            odd.shutdown(socket.SHUT_WR)
            try:
                answer = odd.recv(200)
            except ConnectionResetError:
                answer = b""
        assert answer == b"" or answer.split()[1].startswith(b"4"), answer
        assert asked(server.port)[0].status == 200
    assert not [r for r in caplog.records if r.exc_info]


def test_a_plain_address_leads_to_the_secure_page_and_names_hold_on_to_it(served, pair):
    with socket.create_server(("127.0.0.1", 0)) as probe:
        free = probe.getsockname()[1]
    context = ssl.create_default_context(cafile=pair["key"].with_name("ca.pem"))
    with on_a_port(served, **pair, plain_port=free, names=("farm.lan",)) as server:
        assert server.leads_from == free
        call = http.client.HTTPConnection("127.0.0.1", free, timeout=10)
        call.request("GET", "/grove?tree=a%20b", headers={"Host": f"farm.lan:{free}"})
        answer = call.getresponse()
        assert answer.status == 308
        assert answer.headers["Location"] == f"https://farm.lan:{server.port}/grove?tree=a%20b"
        answer.read()
        call.request("GET", "/", headers={"Host": "evil.example"})
        elsewhere = call.getresponse()
        assert elsewhere.status == 403
        assert elsewhere.headers["Location"] is None

        for host, held in (("farm.lan", "max-age=86400"), ("127.0.0.1", None), ("localhost", None)):
            secure = http.client.HTTPSConnection(
                "127.0.0.1", server.port, timeout=10, context=context
            )
            secure.request("GET", "/api/today", headers={"Host": host})
            told = secure.getresponse()
            assert told.status == 200
            assert told.headers["Strict-Transport-Security"] == held
            assert told.headers["Server"] is None


def test_answers_stay_in_no_browser_s_store_but_where_they_are_asked_anew(served):
    with on_a_port(served) as server:
        today, _ = asked(server.port, "/api/today")
        grove, _ = asked(server.port, "/api/grove")
        assert today.headers["Cache-Control"] == "no-store"
        assert grove.headers["ETag"]
        assert grove.headers["Cache-Control"] == "private, no-cache"
        policy = today.headers["Permissions-Policy"]
        assert "camera=(self)" in policy
        assert "microphone=()" in policy
        assert today.headers["Cross-Origin-Opener-Policy"] == "same-origin"
        rules = today.headers["Content-Security-Policy"]
        assert "script-src 'self';" in rules
        assert "unsafe" not in rules
