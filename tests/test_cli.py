"""The commands of an installed copy."""

from __future__ import annotations

import datetime as dt
import json
import os
import signal
import socket
import ssl
import subprocess
import sys
import time
import urllib.error
import urllib.request
from pathlib import Path

import pytest
import trustme

from billhook.cli import main
from billhook.services import planting
from billhook.services.workplace import open_workplace
from billhook.settings import Settings, from_environment


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return probe.getsockname()[1]


def test_serve_answers_and_stops_cleanly(tmp_path):
    port = free_port()
    command = [sys.executable, "-m", "billhook.cli", "serve", "--data", str(tmp_path / "data"), "--port", str(port)]
    server = subprocess.Popen(command, stdout=subprocess.PIPE, text=True, cwd=Path(__file__).parents[1])
    try:
        assert f"http://127.0.0.1:{port}/" in server.stdout.readline()
        for _ in range(100):
            try:
                with urllib.request.urlopen(f"http://127.0.0.1:{port}/api/grove") as answer:
                    assert json.load(answer)["holding"] is None
                break
            except urllib.error.URLError:
                time.sleep(0.05)
        else:
            pytest.fail("the server never answered")
    finally:
        server.send_signal(signal.SIGTERM)
    assert server.wait(timeout=10) == 0


def test_a_certificate_makes_the_page_secure(tmp_path, capsys):
    """What a phone on the network needs to keep the pages without signal."""
    authority = trustme.CA()
    issued = authority.issue_cert("127.0.0.1")
    issued.private_key_pem.write_to_path(tmp_path / "key.pem")
    issued.cert_chain_pems[0].write_to_path(tmp_path / "cert.pem")
    port = free_port()
    command = [sys.executable, "-m", "billhook.cli", "serve", "--data", str(tmp_path / "data"), "--port", str(port)]
    pair = ["--certificate", str(tmp_path / "cert.pem"), "--key", str(tmp_path / "key.pem")]
    server = subprocess.Popen([*command, *pair], stdout=subprocess.PIPE, text=True, cwd=Path(__file__).parents[1])
    try:
        assert f"https://127.0.0.1:{port}/" in server.stdout.readline()
        context = ssl.create_default_context()
        authority.configure_trust(context)
        for _ in range(100):
            try:
                with urllib.request.urlopen(f"https://127.0.0.1:{port}/sw.js", context=context) as answer:
                    assert "billhook-pages" in answer.read().decode()
                break
            except urllib.error.URLError:
                time.sleep(0.05)
        else:
            pytest.fail("the server never answered")
    finally:
        server.send_signal(signal.SIGTERM)
    assert server.wait(timeout=10) == 0
    assert main([*command[3:], *pair[:2]]) == 1
    assert main([*command[3:], "--certificate", str(tmp_path / "none.pem"), *pair[2:]]) == 1
    assert "go together" in capsys.readouterr().err


def test_migrate_backup_and_restore(tmp_path, capsys):
    here, there, archive = tmp_path / "here", tmp_path / "there", tmp_path / "grove.zip"
    assert main(["migrate", "--data", str(here)]) == 0
    at = open_workplace(Settings(data=here))
    planting.set_up(at, "G", "G", 36.8, "low-desert")
    at.store.close()
    assert main(["backup", str(archive), "--data", str(here)]) == 0
    assert main(["restore", str(archive), "--data", str(there)]) == 0
    assert main(["restore", str(archive), "--data", str(there)]) == 1
    assert "holds a database already" in capsys.readouterr().err
    assert main(["backup", str(archive), "--data", str(tmp_path / "nowhere")]) == 1


def test_openapi_is_printed_as_json(capsys):
    assert main(["openapi"]) == 0
    assert json.loads(capsys.readouterr().out)["info"]["title"] == "Billhook"


def test_loopback_unless_told_otherwise(monkeypatch):
    for name in [n for n in os.environ if n.startswith("BILLHOOK_")]:
        monkeypatch.delenv(name)
    assert from_environment() == Settings()
    assert Settings().host == "127.0.0.1"
    monkeypatch.setenv("BILLHOOK_PORT", "9000")
    monkeypatch.setenv("BILLHOOK_TODAY", "2027-03-24")
    monkeypatch.setenv("BILLHOOK_DATA", "/srv/grove")
    found = from_environment()
    assert (found.port, found.today(), found.database) == (9000, dt.date(2027, 3, 24), Path("/srv/grove/billhook.sqlite"))
    monkeypatch.setenv("BILLHOOK_TODAY", "tomorrow")
    with pytest.raises(ValueError, match="tomorrow"):
        from_environment()
