"""Counts lines of code and tests (blank lines, data and generated files apart), and prints their
ratio.
"""

from __future__ import annotations

import subprocess
from pathlib import Path

CODE = (".py", ".ts", ".vue", ".css")
LEFT_OUT = ("frontend/src/api/types.ts",)  # generated


def is_test(name: str) -> bool:
    return name.startswith("tests/") or name.endswith(".test.ts")


def main() -> None:
    files = subprocess.run(
        ["git", "ls-files", "--cached", "--others", "--exclude-standard"],
        capture_output=True,
        text=True,
        check=True,
    ).stdout.split("\n")
    chosen = [f for f in files if f.endswith(CODE) and f not in LEFT_OUT and Path(f).exists()]
    lines = {
        f: sum(bool(line.strip()) for line in Path(f).read_text(encoding="utf-8").splitlines())
        for f in chosen
    }
    tests = sum(n for f, n in lines.items() if is_test(f))
    code = sum(lines.values()) - tests
    for name, prefix in (
        ("core", "billhook/core/"),
        ("catalogue", "billhook/catalogue/"),
        ("store, services, formats, web, demo", "billhook/"),
        ("front end", "frontend/"),
    ):
        mine = sum(n for f, n in lines.items() if f.startswith(prefix) and not is_test(f))
        if prefix == "billhook/":
            mine -= sum(
                n
                for f, n in lines.items()
                if f.startswith(("billhook/core/", "billhook/catalogue/"))
            )
        print(f"{name}: {mine} lines")
    print(f"code {code} lines, tests {tests} lines: tests are {tests / code:.0%} of the code")


if __name__ == "__main__":
    main()
