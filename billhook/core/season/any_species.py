"""Windows that hold for every species: suckers, sprouts, dead wood, and trees in pots."""

from __future__ import annotations

from .claims import DAY, Asked, Claim, always, days, latest, window
from .events import on_or_after


def common_windows(a: Asked) -> list[Claim]:
    """Windows of one growing year for sucker, sprout, sanitation and pot work."""
    year, know = a.year, a.know
    claims = always("sucker", year, "Any day; best while it is short and soft enough to rub off by finger.", ("windows/sucker-best-length",))
    claims += always("sanitation", year, "Any dry day; dead and broken wood costs no canopy.")
    after_flush = year.flush + days(know.days("windows/sprout-after-flush"))
    claims += window(
        "sprout",
        after_flush,
        year.last_safe_hard or year.end,
        "sprout",
        "upright shoots can be told from bearing wood now.",
        ("windows/sprout-after-flush", "windows/sprout-small"),
    )
    if a.tree.in_pot:
        claims += _pot(a)
    return claims


def _pot(a: Asked) -> list[Claim]:
    year, know = a.year, a.know
    # A pot under cover has no frost of its own; the site's dates still say when it is carried out and in.
    if a.tree.under_cover and a.site.last_frost is not None:
        out = on_or_after(year.start - days(60), a.site.last_frost)
        start = out + days(know.days("windows/pot-shade"))
        claims = window(
            "pot",
            start,
            start + days(know.days("windows/pot-days")),
            "pot-carried-out",
            "carried out after the last frost and two weeks in shade.",
            ("windows/pot-shade",),
        )
        if a.site.first_frost is not None:
            back = on_or_after(out, a.site.first_frost) - days(know.days("windows/pot-before-carry-in"))
            claims += window(
                "pot",
                start + days(know.days("windows/pot-days")) + DAY,
                back,
                "pot-light",
                "light tipping only, so that no soft growth goes indoors.",
                ("windows/pot-before-carry-in",),
                "light",
                know.number("season/light-share"),
            )
        return claims
    opens = latest(year.flush - days(know.days("windows/pot-before-flush")), year.last_frost) or year.flush
    closes = max(year.flush, opens + days(know.days("windows/pot-days")))
    return window("pot", opens, closes, "pot-before-flush", "before the first flush, when frost is over.", ("windows/pot-before-flush",))
