"""Sums at the questions of limbs under fruit."""

from __future__ import annotations

from ..errors import InvalidInput
from ..frame.droop import Pull, pulled_modulus_gpa
from ..fruit.load import crop_load, thinning
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import length_words, share_words, weight_words
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
        share = f", {share_words(lost / all_fruit)} of what hangs" if all_fruit else ""
        text = (
            f"The crop given up: {lost} fruit{share}; the skirt bears again higher up within a "
            "year or two."
        )
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
        "as one would expect of its wood"
        if abs(ratio - 1) < know.number("droop/as-expected")
        else f"{ratio:.1f} times what its wood usually bends"
        if ratio > 1
        else "less than its wood usually does"
    )
    text = (
        f"It came down {length_words(drop, tree.units)} under {weight_words(mass, tree.units)}: "
        f"it bends {word}. The sag of the others is worked out with that."
    )
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


def thinning_note(tree: WalkTree, know: Knowledge, answers: Answers) -> list[Note]:
    clusters = number_in(answers, "thin-clusters")
    if clusters is None or answers.get("thin-counts", LATER) == LATER:
        return []
    row = next(
        r for r in (tree.species, tree.group, "other") if f"keep-per-cluster/{r}/keep" in know
    )
    try:
        found = thinning(
            know,
            [int(x) for x in answers["thin-counts"].split()],
            int(know.number(f"keep-per-cluster/{row}/keep")),
            int(clusters),
        )
    except InvalidInput as refused:
        return [
            Note(
                Reason("thin-more", f"For the sum, {refused.problems[0].message}."), ("crop-many",)
            )
        ]
    text = (
        f"Take off about {found.remove} fruit, between {found.remove_low} and "
        f"{found.remove_high} nineteen times in twenty."
    )
    used: dict[str, float | str | None] = {
        "take off": found.remove,
        "low": found.remove_low,
        "high": found.remove_high,
    }
    return [
        Note(
            Reason("thin-off", text, used, catalogue_ids=(f"keep-per-cluster/{row}/keep",)),
            ("crop-many",),
        ),
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
        return [
            Note(
                Reason(
                    "load-trunk",
                    "Measure the trunk above the union: how much it may carry follows from that.",
                ),
                ("crop-young",),
            )
        ]
    found = crop_load(know, [trunk], max(1, tree.age_years), int(fruit), tree.fruit_kg, tree.units)
    return [Note(r, ("crop-young",)) for r in found.reasons]
