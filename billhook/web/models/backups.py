"""Backups that are made by themselves."""

from __future__ import annotations

from .base import Answer, IsoDate


class BackupOut(Answer):
    """One that is kept: its day and size [bytes]."""

    day: IsoDate
    size: int


class BackupsOut(Answer):
    """Those that are kept, the newest first; ``well``: the last one is there and not old; ``says``:
    how it stands. ``folder``: where they lie, on the computer that runs Billhook.
    """

    well: bool
    says: str
    folder: str
    kept: list[BackupOut]
