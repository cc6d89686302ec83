"""Sums at the questions of limbs under fruit."""

from __future__ import annotations

from ..aftercare.quantities import bare_ring_m, mulch_row
from ..errors import InvalidInput
from ..frame.droop import Pull, pulled_modulus_gpa
from ..fruit.load import crop_load, thinning
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Length, Rounded, Share, Weight, say
from .note import Answers, Note, number_in
from .questions import LATER, chosen_limb
from .skirt import clearance
from .tree import WalkTree


def clearance_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    of = ("skirt-touch", "skirt-hides", "skirt-under")
    found = [Note(clearance(tree, know, answers)[1], of)]
    if tree.frame is not None and answers.get("skirt-limbs", LATER) != LATER:
        cut = {chosen_limb(p)[0] for p in answers["skirt-limbs"].split()}
        all_fruit = sum(x.fruit for x in tree.frame.limbs)
        lost = sum(x.fruit for x in tree.frame.limbs if x.id in cut)
        share = say("crop-given-of", lost=Share(lost / all_fruit)) if all_fruit else ""
        text = say("crop-given", lost=lost, share=share)
        found.append(
            Note(
                Reason("skirt-crop", text, {"fruit on them": lost, "fruit on the tree": all_fruit}),
                of,
            )
        )
    return found


def pull_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    mass, drop, limbs = (
        number_in(answers, "skirt-pull"),
        number_in(answers, "skirt-drop"),
        answers.get("skirt-limbs", "").split(),
    )
    if mass is None or drop is None or not limbs or limbs == [LATER] or tree.frame is None:
        return []
    limb = tree.frame.limb(chosen_limb(limbs[0])[0])
    modulus = pulled_modulus_gpa(limb.length_m, limb.base_mm, limb.end_mm, Pull(mass, drop))
    row = know.first(f"stiffness/{tree.species}/elastic", f"stiffness/{tree.group}/elastic").id
    usual = know.number(row)
    ratio = usual / modulus
    word = (
        say("bends-expected")
        if abs(ratio - 1) < know.number("droop/as-expected")
        else say("bends-times", ratio=Rounded(ratio, 1))
        if ratio > 1
        else say("bends-less")
    )
    text = say("bends", drop=Length(drop, tree.units), mass=Weight(mass, tree.units), word=word)
    return [
        Note(
            Reason(
                "pulled",
                text,
                {"stiffness, GPa": round(modulus, 2), "usual, GPa": usual},
                catalogue_ids=(row,),
            ),
            ("skirt-touch",),
        )
    ]


def mulch_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """How deep mulch lies under a tree of its kind, and how far off its trunk here."""
    row = f"mulch-depth/{mulch_row(know, tree.group)}"
    ring = Length(bare_ring_m(know, tree.group, tree.humid), tree.units)
    depth = Length(know.number(f"{row}/depth"), tree.units)
    ids = (f"{row}/depth", f"{row}/ring", "mulch/ring-wet")
    return [Note(Reason("mulch", say("mulch-lies", depth=depth, ring=ring), catalogue_ids=ids))]


def _keep_row(tree: WalkTree, know: Knowledge) -> str:
    rows = (tree.species, tree.group, "other")
    return next(f"keep-per-cluster/{r}/keep" for r in rows if f"keep-per-cluster/{r}/keep" in know)


def keep_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    """The rule for the hand, counted or not."""
    row = _keep_row(tree, know)
    text = say("keep-on-cluster", n=round(know.number(row)))
    return [Note(Reason("keep", text, catalogue_ids=(row,)), ("crop-many",))]


def thinning_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    clusters = number_in(answers, "thin-clusters")
    if clusters is None or answers.get("thin-counts", LATER) == LATER:
        return []
    row = _keep_row(tree, know)
    try:
        found = thinning(
            know,
            [int(x) for x in answers["thin-counts"].split()],
            int(know.number(row)),
            int(clusters),
        )
    except InvalidInput as refused:
        return [
            Note(
                Reason("thin-more", say("for-the-sum", message=refused.problems[0].message)),
                ("crop-many",),
            )
        ]
    text = say(
        "thin-fruit",
        remove=found.remove,
        remove_low=found.remove_low,
        remove_high=found.remove_high,
    )
    used: dict[str, float | str | None] = {
        "take off": found.remove,
        "low": found.remove_low,
        "high": found.remove_high,
    }
    return [
        Note(Reason("thin-off", text, used, catalogue_ids=(row,)), ("crop-many",)),
        *(Note(r, ("crop-many",)) for r in found.reasons),
    ]


def crop_load_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    fruit, trunk = (
        number_in(answers, "load-fruit"),
        number_in(answers, "union-trunk") or number_in(answers, "load-trunk") or tree.trunk_mm,
    )
    if fruit is None:
        return []
    if trunk is None:
        return [Note(Reason("load-trunk", say("measure-trunk")), ("crop-young",))]
    # one that was moved begins anew, however old it is
    years = 1 if tree.moved else max(1, tree.age_years)
    found = crop_load(know, [trunk], years, int(fruit), tree.fruit_kg, tree.units)
    return [Note(r, ("crop-young",)) for r in found.reasons]
