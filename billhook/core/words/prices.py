"""What a cut costs, in words: crops of what is cut."""

from __future__ import annotations

from .values import Phrase, Rounded, say

NO_CROP = 0.03
_PARTS = (
    (NO_CROP, "none", "no crop"),
    (0.075, "twentieth", "a twentieth of a crop"),
    (0.15, "tenth", "a tenth of a crop"),
    (0.225, "fifth", "a fifth of a crop"),
    (0.29, "quarter", "a quarter of a crop"),
    (0.42, "third", "a third of a crop"),
    (0.58, "half", "half a crop"),
    (0.71, "two-thirds", "two thirds of a crop"),
    (0.85, "three-quarters", "three quarters of a crop"),
    (1.1, "whole", "a whole crop"),
)


def crops_said(price: float) -> Phrase:
    """Crops per share taken, for any language to say; what sounds the same is the same."""
    part = next((part for below, part, _ in _PARTS if price < below), "more")
    return say("value-crops", part=part, n=Rounded(round(price, 1) if part == "more" else 0, 1))


def crop_words(price: float) -> str:
    """Crops per share taken as a grower says it: ``a fifth of a crop``, ``1.2 crops``."""
    return next((words for below, _, words in _PARTS if price < below), f"{price:.1f} crops")


def cost_said(price: float) -> Phrase:
    """What a cut costs of that which is cut, as the end of a sentence: ``it costs about a fifth of
    a crop of what you cut``.
    """
    return say("cost-none") if price < NO_CROP else say("cost-about", crops=crops_said(price))
