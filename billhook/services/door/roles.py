"""What somebody may be, from the least to the most."""

from __future__ import annotations

from typing import Literal, get_args

Role = Literal["viewer", "helper", "manager", "owner"]
ROLES: tuple[Role, ...] = get_args(Role)


def may(role: str, least: str) -> bool:
    """Whether a role reaches as far as the least that is wanted; one that is none does not."""
    return role in ROLES and ROLES.index(role) >= ROLES.index(least)
