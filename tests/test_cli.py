"""The commands of an installed copy."""

from __future__ import annotations

import datetime as dt
import errno
import json
import os
import signal
import socket
import sqlite3
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
from billhook.services.holding import setting_up
from billhook.services.workplace import open_workplace
from billhook.settings import Settings, from_environment
from billhook.store.lock import held


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return probe.getsockname()[1]


def test_serve_answers_and_stops_cleanly(tmp_path):
    port = free_port()
    command = [
        sys.executable,
        "-m",
        "billhook.cli",
        "serve",
        "--data",
        str(tmp_path / "data"),
        "--port",
        str(port),
    ]
    server = subprocess.Popen(
        command, stdout=subprocess.PIPE, text=True, cwd=Path(__file__).parents[1]
    )
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
    command = [
        sys.executable,
        "-m",
        "billhook.cli",
        "serve",
        "--data",
        str(tmp_path / "data"),
        "--port",
        str(port),
    ]
    pair = ["--certificate", str(tmp_path / "cert.pem"), "--key", str(tmp_path / "key.pem")]
    server = subprocess.Popen(
        [*command, *pair], stdout=subprocess.PIPE, text=True, cwd=Path(__file__).parents[1]
    )
    try:
        assert f"https://127.0.0.1:{port}/" in server.stdout.readline()
        context = ssl.create_default_context()
        authority.configure_trust(context)
        for _ in range(100):
            try:
                with urllib.request.urlopen(
                    f"https://127.0.0.1:{port}/sw.js", context=context
                ) as answer:
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
    setting_up.set_up(at, "G", "G", 36.8, "low-desert")
    at.store.close()
    assert main(["rebuild", "--data", str(here)]) == 0
    assert "0 frames" in capsys.readouterr().out
    assert main(["backup", str(archive), "--data", str(here)]) == 0
    assert main(["restore", str(archive), "--data", str(there)]) == 0
    capsys.readouterr()
    assert main(["restore", str(archive), "--data", str(there)]) == 0
    kept = Path(capsys.readouterr().out.strip().rsplit(" ", 1)[-1])
    assert (kept / "billhook.sqlite").exists()
    assert kept.parent == tmp_path
    # nothing on this machine but its owner reads it
    assert (there.stat().st_mode & 0o777, archive.stat().st_mode & 0o777) == (0o700, 0o600)
    assert (there / "billhook.sqlite").stat().st_mode & 0o777 == 0o600
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
    assert (found.port, found.today(), found.database) == (
        9000,
        dt.date(2027, 3, 24),
        Path("/srv/grove/billhook.sqlite"),
    )
    monkeypatch.setenv("BILLHOOK_TODAY", "tomorrow")
    with pytest.raises(ValueError, match="tomorrow"):
        from_environment()


def refused(capsys, *command: str) -> str:
    """The one sentence with which a command is refused."""
    assert main(list(command)) == 1
    said = capsys.readouterr().err.strip()
    assert said.startswith("billhook: ")
    assert "\n" not in said
    assert "Traceback" not in said
    return said


def test_what_cannot_be_served_is_refused_in_one_sentence(tmp_path, capsys):
    data, taken = tmp_path / "data", str(free_port())
    serve = ("serve", "--data", str(data), "--port", taken)
    with socket.socket() as other:
        other.bind(("127.0.0.1", int(taken)))
        other.listen()
        assert "another program listens there" in refused(capsys, *serve)
    with held(data / "billhook.lock"):
        assert "in use by another Billhook" in refused(capsys, *serve)
    (tmp_path / "file").write_text("")
    assert "cannot be written to" in refused(capsys, "serve", "--data", str(tmp_path / "file"))
    assert main(["migrate", "--data", str(data)]) == 0
    with sqlite3.connect(data / "billhook.sqlite") as newer:
        newer.execute("UPDATE alembic_version SET version_num = '9999'")
    newer.close()
    capsys.readouterr()
    assert "newer Billhook" in refused(capsys, *serve)
    (data / "billhook.sqlite").write_bytes(b"no database" * 500)
    assert "cannot be read as a database" in refused(capsys, *serve)


def test_a_folder_that_cannot_be_written_is_refused_in_one_sentence(tmp_path, capsys, monkeypatch):
    def read_only(*_: object) -> int:
        raise OSError(errno.EROFS, "Read-only file system")

    monkeypatch.setattr("billhook.store.lock.os.open", read_only)
    said = refused(capsys, "serve", "--data", str(tmp_path / "data"))
    assert said.endswith("cannot be written to: Read-only file system.")


def test_names_are_given_on_the_command_line_or_in_the_environment(monkeypatch):
    monkeypatch.setenv("BILLHOOK_NAMES", "farm.lan, grove.lan")
    assert from_environment().names == ("farm.lan", "grove.lan")


def test_a_page_that_fails_does_not_keep_the_holding_shut(tmp_path, monkeypatch, capsys):
    monkeypatch.setattr("billhook.serving.grove_lines", lambda *_: 1 / 0)

    class Ends:
        port, leads_from = 8420, None

        def run(self) -> None:
            raise KeyboardInterrupt

        def close(self) -> None:
            pass

    monkeypatch.setattr("billhook.serving.listener", lambda *_: Ends())
    assert main(["serve", "--data", str(tmp_path / "data")]) == 0
    assert "Billhook is open at" in capsys.readouterr().out
