"""What comes after a plan's cuts, by school and place: wounds, clippings, animals, feed and water,
ties.
"""

from __future__ import annotations

from collections.abc import Collection, Mapping

from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.walk.tree import WalkTree
from ...core.words.units import share_words, weight_words

# disease and quarantine beat every other place for clippings, in this order
_BEATS = ("quarantine", "canker", "psyllid", "mal-secco", "borer")
_BAGGED = frozenset({"quarantine", "canker", "psyllid"})


def after_words(
    know: Knowledge,
    tree: WalkTree,
    stance: Mapping[str, str],
    share: float,
    cuts: bool,
    fruit: int,
    dangers: Collection[str],
    heat: Reason | None = None,
    bark: Reason | None = None,
) -> tuple[Reason, ...]:
    """Sentences in the order of the work. share: of the canopy taken [0..1]; fruit: on what is cut;
    heat: what the day asks for; bark: sun on what is bared.
    """
    if not cuts:
        return ()
    found: list[Reason] = []

    def say(code: str, row: str, school: str | None = None, **parts: str) -> None:
        known = f"after-words/{row}/says"
        found.append(
            Reason(code, know.text(known).format(**parts), school=school, catalogue_ids=(known,))
        )

    if heat is not None:
        found.append(heat)
    if fruit:
        say("after-pick", "pick-first", kg=weight_words(fruit * tree.fruit_kg, tree.units))
    say("after-wounds", stance["wounds"], f"wounds/{stance['wounds']}")
    if bark is not None:
        found.append(bark)
    held = [d for d in _BEATS if d in dangers]
    for danger in held:
        say(f"after-{danger}", danger)
    if not _BAGGED & set(held):
        say("after-vigour", stance["vigour"], f"vigour/{stance['vigour']}")
        _animals(know, tree, found)
    hard = share > know.number("plan/hard-share")
    if stance["vigour"] == "calm" and not hard:
        say("after-feed", "no-feed", "vigour/calm")
    elif hard:
        say("after-feed", "feed-hard", left=share_words(max(0.0, 1 - share)))
    else:
        say("after-feed", "feed-usual")
    say("after-ties", "ties")
    return tuple(found)


def _animals(know: Knowledge, tree: WalkTree, found: list[Reason]) -> None:
    """Whether prunings may be fed: never avocado, and the list of what else is not."""
    row = next((r for r in (tree.species, tree.group) if f"not-fodder/{r}/says" in know), None)
    if row is not None:
        found.append(
            Reason(
                "not-fodder",
                know.text(f"not-fodder/{row}/says"),
                catalogue_ids=(f"not-fodder/{row}/says",),
            )
        )
    else:
        none = ", ".join(know.rows("not-fodder"))
        found.append(
            Reason(
                "fodder",
                know.text("after-words/animals/says").format(none=none),
                catalogue_ids=("after-words/animals/says",),
            )
        )
    found.append(
        Reason(
            "sprayed",
            know.text("after-words/sprayed/says"),
            catalogue_ids=("after-words/sprayed/says",),
        )
    )
