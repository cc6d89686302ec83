"""Beginning a language: a folder of its own with all that is to be said, in English until it is
put into words; and a list of what one lacks.
"""

from __future__ import annotations

import re
from pathlib import Path

from babel import Locale, UnknownLocaleError

from ..core.errors import BillhookError
from ..core.words.tongue import FIRST
from .wording import lacks

_FOLDER = Path(__file__).parent / "languages"
_CODE = re.compile(r"[a-z]{2,3}")


class NoLanguage(BillhookError):
    """A code that no language has."""


def begin(code: str, folder: Path = _FOLDER) -> str:
    """Make the folder of a language, if it has none, and say what it lacks.

    Raises: NoLanguage.
    """
    if not _CODE.fullmatch(code):
        raise NoLanguage(f"{code!r} is no code of a language: two or three small letters, like fr")
    try:
        name = Locale.parse(code).get_display_name() or code
    except UnknownLocaleError as error:
        raise NoLanguage(f"no language is known by {code!r}") from error
    here = folder / code
    if here.is_dir():
        missing = lacks(code)
        return "\n".join((f"{name}: {len(missing)} messages are still said in English.", *missing))
    here.mkdir()
    sheet = (folder / FIRST / "sheet.toml").read_text(encoding="utf-8")
    sheet = re.sub(r'^name = ".*"', f'name = "{name.capitalize()}"', sheet, flags=re.MULTILINE)
    sheet = sheet.replace("whole = true", "whole = false")
    (here / "sheet.toml").write_text(sheet, encoding="utf-8")
    (here / "pages").mkdir()
    for file in sorted((folder / FIRST).rglob("*.ftl")):
        said = file.read_text(encoding="utf-8").splitlines(keepends=True)
        # commented out: what is put into words is said, the rest stays English
        target = here / file.relative_to(folder / FIRST)
        target.write_text("".join(f"# {line}" for line in said), encoding="utf-8")
    return (
        f"{name}: begun in {here}. Take the mark off each message you put into words; the words of "
        "the printed sheet stand in sheet.toml. As in other languages rows.toml may hold those of "
        "the catalogue, planting.toml, states.toml and columns.toml what people type, "
        "glossary.toml, guide.md and regions.toml what they read."
    )
