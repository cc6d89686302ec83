"""Every setting: name, default, help. Read from the environment and the command line, nowhere else."""

from __future__ import annotations

import datetime as dt
import os
from dataclasses import dataclass
from pathlib import Path

HELP = {
    "data": "Folder that holds the database and files (BILLHOOK_DATA).",
    "host": "Address to listen on; loopback unless told otherwise (BILLHOOK_HOST).",
    "port": "Port to listen on (BILLHOOK_PORT).",
    "today": "Fix today's date, for demonstrations and pictures, as YYYY-MM-DD (BILLHOOK_TODAY).",
}


@dataclass(frozen=True)
class Settings:
    """data: folder of the holding. host, port: where to listen. fixed_today: a date in place of the clock's. demo: the
    invented holding, the only one that listens to simulated weather."""

    data: Path = Path("data")
    host: str = "127.0.0.1"
    port: int = 8420
    fixed_today: dt.date | None = None
    demo: bool = False

    @property
    def database(self) -> Path:
        """The SQLite file."""
        return self.data / "billhook.sqlite"

    def today(self) -> dt.date:
        """Today, or the fixed date."""
        return self.fixed_today or dt.date.today()


def from_environment() -> Settings:
    """Settings from BILLHOOK_* variables. Raises: ValueError for a malformed port or date."""
    env = os.environ
    base = Settings()
    return Settings(
        Path(env.get("BILLHOOK_DATA", str(base.data))),
        env.get("BILLHOOK_HOST", base.host),
        int(env.get("BILLHOOK_PORT", base.port)),
        dt.date.fromisoformat(env["BILLHOOK_TODAY"]) if env.get("BILLHOOK_TODAY") else None,
    )
