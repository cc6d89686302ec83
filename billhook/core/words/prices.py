"""What a cut costs, in words: crops of what is cut."""

from __future__ import annotations

NO_CROP = 0.03
_WORDS = (
    (NO_CROP, "no crop"),
    (0.075, "a twentieth of a crop"),
    (0.15, "a tenth of a crop"),
    (0.225, "a fifth of a crop"),
    (0.29, "a quarter of a crop"),
    (0.42, "a third of a crop"),
    (0.58, "half a crop"),
    (0.71, "two thirds of a crop"),
    (0.85, "three quarters of a crop"),
    (1.1, "a whole crop"),
)


def crop_words(price: float) -> str:
    """Crops per share taken as a grower says it: ``a fifth of a crop``, ``1.2 crops``."""
    for below, words in _WORDS:
        if price < below:
            return words
    return f"{price:.1f} crops"


def cost_words(price: float) -> str:
    """What a cut costs of that which is cut, as the end of a sentence: ``it costs about a fifth of
    a crop of what you cut``.
    """
    return (
        "it costs no crop"
        if price < _WORDS[0][0]
        else f"it costs about {crop_words(price)} of what you cut"
    )
