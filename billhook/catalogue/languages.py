"""Words of the printed sheet in the helper's language."""

from __future__ import annotations

import tomllib
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files

from ..core.cuts.sheet_words import Phrases

LANGUAGES = ("en", "es", "pt")


@dataclass(frozen=True)
class Language:
    """A language by its code, its own name for itself, and its phrases."""

    code: str
    name: str
    phrases: Phrases


@lru_cache(maxsize=8)
def language(code: str) -> Language:
    """Raises: KeyError for a language that is not there."""
    if code not in LANGUAGES:
        raise KeyError(code)
    raw = tomllib.loads(
        (files("billhook.catalogue") / "languages" / f"{code}.toml").read_text(encoding="utf-8")
    )
    return Language(
        code, raw["name"], Phrases(raw["phrases"], tuple(raw["winds"]), tuple(raw["ordinals"]))
    )
