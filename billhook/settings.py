"""Every setting: name, default, help. Read from the environment and the command line, nowhere
else.
"""

from __future__ import annotations

import datetime as dt
import os
from dataclasses import dataclass
from pathlib import Path

HELP = {
    "data": "Folder that holds the database and files (BILLHOOK_DATA).",
    "host": "Address to listen on; loopback unless told otherwise (BILLHOOK_HOST).",
    "port": "Port to listen on (BILLHOOK_PORT).",
    "certificate": (
        "Certificate file (PEM), so that phones on the network get a secure page "
        "(BILLHOOK_CERTIFICATE)."
    ),
    "name": (
        "A further name by which browsers reach Billhook, such as grove.lan; may be given "
        "several times (BILLHOOK_NAMES, with commas)."
    ),
    "large": "The large demo: so many blocks of a thousand trees, ten if no number is given.",
    "key": "Private key of the certificate (PEM; BILLHOOK_KEY).",
    "plain_port": (
        "Port on which plain addresses are led to the secure page, 0 for none "
        "(BILLHOOK_PLAIN_PORT)."
    ),
    "backups": (
        "Folder for a backup every day, such as one on another disk; beside the data folder unless "
        "told otherwise (BILLHOOK_BACKUPS)."
    ),
    "today": "Fix today's date, for demonstrations and pictures, as YYYY-MM-DD (BILLHOOK_TODAY).",
}


@dataclass(frozen=True)
class Settings:
    """data: folder of the holding. host, port: where to listen. fixed_today: a date in place of the
    clock's. demo: the invented holding, the only one that listens to simulated weather.
    certificate, key: files for a secure page; both or neither. names: by which it is reached
    besides loopback and the address served. plain_port: where a plain address is led to the secure
    page, 0 for nowhere. backups: the folder of daily backups, where it is not beside the data.
    large: blocks of a thousand trees that the demo has, 0 for the usual one.
    """

    data: Path = Path("data")
    host: str = "127.0.0.1"
    port: int = 8420
    fixed_today: dt.date | None = None
    demo: bool = False
    certificate: Path | None = None
    key: Path | None = None
    names: tuple[str, ...] = ()
    large: int = 0
    plain_port: int = 80
    backups: Path | None = None

    @property
    def secure(self) -> bool:
        """Whether pages are served over TLS."""
        return self.certificate is not None and self.key is not None

    @property
    def database(self) -> Path:
        """The SQLite file."""
        return self.data / "billhook.sqlite"

    @property
    def backups_folder(self) -> Path:
        """Where the daily backups lie."""
        data = self.data.absolute()
        return self.backups or data.with_name(f"{data.name}-backups")

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
        certificate=Path(env["BILLHOOK_CERTIFICATE"]) if env.get("BILLHOOK_CERTIFICATE") else None,
        key=Path(env["BILLHOOK_KEY"]) if env.get("BILLHOOK_KEY") else None,
        names=tuple(n.strip() for n in env.get("BILLHOOK_NAMES", "").split(",") if n.strip()),
        backups=Path(env["BILLHOOK_BACKUPS"]) if env.get("BILLHOOK_BACKUPS") else None,
        plain_port=int(env.get("BILLHOOK_PLAIN_PORT", base.plain_port)),
    )
