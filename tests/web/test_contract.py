"""The description against the running application, fuzzed by schemathesis on a real port."""

from __future__ import annotations

import shutil
import subprocess
import sys
import threading
from pathlib import Path

from billhook.web.app import create_app
from billhook.web.listen import listener

from .conftest import Served

CHECKS = (
    "not_a_server_error,status_code_conformance,"
    "content_type_conformance,response_schema_conformance"
)


def test_answers_keep_to_the_description(served: Served):
    server = listener(create_app(served.at), served.at, 0)
    threading.Thread(target=server.run, daemon=True).start()
    command = [
        shutil.which("schemathesis", path=str(Path(sys.executable).parent)),
        "run",
        f"http://127.0.0.1:{server.port}/api/openapi.json",
        "--checks",
        CHECKS,
        "--phases",
        "fuzzing",
        "--max-examples",
        "8",
        "--generation-deterministic",
        "--workers",
        "1",
    ]
    done = subprocess.run(command, capture_output=True, text=True, timeout=300, check=False)
    server.close()
    assert done.returncode == 0, done.stdout[-6000:]
