"""How an owner comes in: by a code that only whoever sits at this computer sees."""

from __future__ import annotations

from ...services.door.signing import INVITE_SECONDS, Signing
from ...settings import Settings
from ..holding.address import url_on_network


def owner_words(signing: Signing, settings: Settings) -> str:
    """A new code, and what to do with it."""
    code = signing.invite("", "owner", "the terminal")
    page = f"{url_on_network(settings) or 'the address of Billhook, followed by /'}join#{code}"
    return f"To come in as owner, open within {INVITE_SECONDS // 60} minutes: {page}"
