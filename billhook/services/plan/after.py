"""What comes after a plan's cuts, by school and place: wounds, clippings, animals, feed and water,
ties.
"""

from __future__ import annotations

from collections.abc import Collection, Mapping

from ...core.known import Knowledge
from ...core.notes import Notes
from ...core.reasons import Reason
from ...core.walk.tree import WalkTree
from ...core.words.values import Share, Weight, listed

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
    sick: bool = False,
    unfed: bool = False,
) -> tuple[Reason, ...]:
    """Sentences in the order of the work. share: of the canopy taken [0..1]; fruit: on what is cut;
    heat: what the day asks for; bark: sun on what is bared;
    sick: dead, broken or diseased wood is among the cuts; unfed: the season forbids nitrogen.
    """
    if not cuts:
        return ()
    said = Notes(know, "after-words")
    if heat is not None:
        said.found.append(heat)
    if fruit:
        said.say("pick-first", code="after-pick", kg=Weight(fruit * tree.fruit_kg, tree.units))
    said.say(stance["wounds"], code="after-wounds", school=f"wounds/{stance['wounds']}")
    if bark is not None:
        said.found.append(bark)
    held = [d for d in _BEATS if d in dangers]
    for danger in held:
        said.say(danger, code=f"after-{danger}")
    way, own = _clippings(know, tree, stance)
    school = None if own else f"vigour/{way}"
    if not _BAGGED & set(held):
        said.say(way, code="after-vigour", school=school)
        _animals(know, tree, said)
    if sick:
        said.say("sick", code="after-sick")
    hard = share > know.number("plan/hard-share")
    if tree.waiting_until is not None:
        said.say("feed-frozen", code="after-feed")
    elif unfed:
        said.say("feed-fruiting", code="after-feed")
    elif way == "calm" and not hard:
        said.say("no-feed", code="after-feed", school=school)
    elif hard:
        said.say("feed-hard", code="after-feed", left=Share(max(0.0, 1 - share)))
    else:
        said.say("feed-usual", code="after-feed")
    said.say("ties", code="after-ties")
    return tuple(said.found)


def _clippings(know: Knowledge, tree: WalkTree, stance: Mapping[str, str]) -> tuple[str, bool]:
    """What becomes of clippings, and whether the tree itself says so: one ranker than its kind
    loses them and gets no nitrogen, a weaker one and one in a pot keep theirs and are fed; else the
    school's way.
    """
    usual = know.number(f"species/{tree.species}/vigour")
    if tree.rank or tree.vigour > usual:
        return "calm", True
    if tree.vigour < usual or tree.pot_l is not None:
        return "mulch", True
    return stance["vigour"], False


def _animals(know: Knowledge, tree: WalkTree, said: Notes) -> None:
    """Whether prunings may be fed, one answer a kind: never avocado, and the list of what else is
    not; a kind nobody has said anything of is not known.
    """
    row = next((r for r in (tree.species, tree.group) if f"not-fodder/{r}/says" in know), None)
    if row is not None:
        known_id = f"not-fodder/{row}/says"
        said.found.append(Reason("not-fodder", know.row(known_id), catalogue_ids=(known_id,)))
    elif tree.group in know.rows("fodder"):
        said.say("animals", code="fodder", none=listed(know.rows("not-fodder")))
    else:
        said.say("fodder-unknown", code="not-fodder")
        return
    said.say("sprayed")
