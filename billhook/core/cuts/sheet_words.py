"""What the sheet says of a cut, in the language of whoever carries it out. The same places and
techniques as on the screen, by their codes.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..frame.model import TRUNK, Frame, is_sucker
from ..known import Knowledge
from ..words.directions import WINDS, wind
from ..words.units import Units, length_words, weight_words
from .names import forks, limb_places
from .technique import CutAdvice


@dataclass(frozen=True)
class Phrases:
    """Sentences with gaps by key; the eight winds from north clockwise; ordinals from the first."""

    by_key: Mapping[str, str]
    winds: tuple[str, ...]
    ordinals: tuple[str, ...]

    def say(self, key: str, **parts: str) -> str:
        """A phrase with its gaps filled. Raises: KeyError."""
        return self.by_key[key].format(**parts)

    def wind(self, bearing_deg: float) -> str:
        """The wind a bearing points to."""
        return self.winds[WINDS.index(wind(bearing_deg))]

    def ordinal(self, index: int) -> str:
        """The first, second, … counted from 0."""
        return self.ordinals[min(index, len(self.ordinals) - 1)]


def limb_words(frame: Frame, phrases: Phrases) -> dict[str, str]:
    """A name for every limb."""
    names: dict[str, str] = {}
    for limb, place in limb_places(frame).items():
        which = ""
        if place.kind != "sucker" and place.count == 2:
            which = phrases.say("lower" if place.index == 0 else "upper")
        elif place.kind != "sucker" and place.count > 2:
            which = phrases.say("nth", ordinal=phrases.ordinal(place.index))
        number = f" {place.index + 1}" if place.kind == "sucker" and place.count > 1 else ""
        names[limb] = phrases.say(
            place.kind,
            which=which,
            wind=phrases.wind(place.bearing_deg),
            parent=names.get(place.on or "", ""),
            n=number,
        )
    return names


def place_words(
    frame: Frame,
    limb_id: str,
    keep_m: float,
    names: Mapping[str, str],
    near_m: float,
    phrases: Phrases,
    units: Units,
) -> str:
    """Where a cut is made."""
    length = length_words(keep_m, units)
    if limb_id == TRUNK:
        return phrases.say("trunk", length=length)
    limb = frame.limb(limb_id)
    if is_sucker(frame, limb):
        return phrases.say("off-origin", limb=names[limb_id])
    if keep_m == 0:
        return phrases.say("off-collar", limb=names[limb_id])
    where = phrases.say(
        "along" if abs(limb.rise_deg) < 30 else "up" if limb.rise_deg > 0 else "down",
        length=length,
        limb=names[limb_id],
    )
    fork = next(
        (i for i, at in enumerate(forks(frame, limb_id)) if 0 <= keep_m - at <= near_m), None
    )
    return (
        where
        if fork is None
        else phrases.say("to-fork", where=where, ordinal=phrases.ordinal(fork))
    )


def how_words(advice: CutAdvice, phrases: Phrases) -> str:
    """How a cut is made."""
    step = phrases.say(
        "how-finger"
        if advice.place == "origin" and advice.tool_id == "finger"
        else f"how-{advice.place}"
    )
    first = {2: phrases.say("how-two"), 3: phrases.say("how-three")}.get(advice.cuts_needed)
    return f"{first} {step}" if first and advice.place != "origin" else step


def care_words(
    know: Knowledge,
    advice: Sequence[CutAdvice],
    fruit: int,
    lift_kg: float,
    phrases: Phrases,
    units: Units,
) -> list[str]:
    """Hazards of a sheet, the base first, in the words of the language."""
    codes = {c.code for a in advice for c in a.cautions}
    said = [phrases.say("care-base")]
    if fruit:
        said.append(phrases.say("care-fruit", n=str(fruit)))
    for code, key in (
        ("licensed", "care-licensed"),
        ("chainsaw", "care-chainsaw"),
        ("sap", "care-sap"),
        ("thorns", "care-thorns"),
    ):
        if code in codes:
            said.append(phrases.say(key))
    if "heavy" in codes:
        said.append(phrases.say("care-heavy", weight=weight_words(lift_kg, units)))
    if "up-high" in codes:
        said.append(
            phrases.say("care-high", length=length_words(know.number("cuts/line-clearance"), units))
        )
    return said
