"""Who may come in, their devices, and what happened at the door."""

from __future__ import annotations

from typing import Any
from urllib.parse import quote

from flask_openapi.blueprint import APIBlueprint

from ...core.words.values import say
from ...formats.qr import qr_code
from ...services.door.roles import ROLES
from ...services.door.signing import INVITE_SECONDS, Who, required
from ...services.holding.own_rows import own_of
from ...store.database import NotFound
from ..answers import body as answer
from ..answers import here
from ..holding.address import own_url
from ..models.base import IdPath
from ..models.door import AccountsOut, DevicePath, HeardOut, InviteIn, InviteOut, RoleIn
from .signing import door, where_from, who_asks

_ROLE_SAYS = {
    "owner": say("role-owner"),
    "manager": say("role-manager"),
    "helper": say("role-helper"),
    "viewer": say("role-viewer"),
}
routes = APIBlueprint("door_accounts", __name__, url_prefix="/api")


def _asker() -> Who:
    who = who_asks()
    if who is None or not required(here().settings):
        raise NotFound(say("bad-nobody-signs-in-where-billhook-listens"))
    return who


def _own_rows(name: str) -> int | None:
    theirs = own_of(here(), name)
    return len(theirs.rows) if theirs else None


def _accounts(by: Who) -> dict[str, Any]:
    return answer(
        AccountsOut,
        {
            "accounts": [
                {
                    "id": account.id,
                    "name": account.name,
                    "role": account.role,
                    "own_rows": _own_rows(account.name) if account.role == "helper" else None,
                    "devices": [
                        {
                            "id": d.digest,
                            "device": d.device,
                            "seen": d.seen,
                            "this": d.digest == by.device,
                        }
                        for d in devices
                    ],
                }
                for account, devices in door().accounts()
            ],
            "roles": [{"id": r, "says": _ROLE_SAYS[r]} for r in reversed(ROLES)],
        },
    )


@routes.get("/accounts", responses={200: AccountsOut})
def get_accounts() -> dict[str, Any]:
    """Everybody who may come in, with their devices."""
    return _accounts(_asker())


@routes.post("/invites", responses={200: InviteOut})
def post_invite(body: InviteIn) -> dict[str, Any]:
    """Let somebody in once, within ten minutes: anew, or with a new PIN."""
    by = _asker()
    code = door().invite(body.name, body.role, by.name, where_from())
    url = f"{own_url(here().settings)}join#{code}/{quote(body.name)}"
    return answer(InviteOut, {"url": url, "qr": qr_code(url), "minutes": INVITE_SECONDS // 60})


@routes.put("/accounts/<id>", responses={200: AccountsOut})
def put_account(path: IdPath, body: RoleIn) -> dict[str, Any]:
    """Somebody may do more, or less; the last owner stays one."""
    by = _asker()
    door().change_role(path.id, body.role, by, where_from())
    return _accounts(by)


@routes.delete("/accounts/<id>", responses={200: AccountsOut})
def delete_account(path: IdPath) -> dict[str, Any]:
    """Somebody may come in no more; what they did stays in the Book."""
    by = _asker()
    door().remove(path.id, by, where_from())
    return _accounts(by)


@routes.delete("/devices/<id>", responses={200: AccountsOut})
def delete_device(path: DevicePath) -> dict[str, Any]:
    """Sign a device out that was lost: one's own, or as owner anybody's."""
    by = _asker()
    door().sign_out(path.id, by, where_from())
    return _accounts(by)


@routes.get("/heard", responses={200: HeardOut})
def get_heard() -> dict[str, Any]:
    """What happened at the door, the newest first."""
    _asker()
    return answer(HeardOut, {"heard": door().heard()})
