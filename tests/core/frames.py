"""Hand-made and random frames for the tests of the core."""

from __future__ import annotations

from hypothesis import strategies as st

from billhook.core.frame.model import Cut, Frame, Limb, Trunk


def hand_worked() -> Frame:
    """Two scaffolds of 60 and 80 mm, a 30 mm side branch on the second, a sucker below the union:
    total 60² + 80² = 10000.
    """
    return Frame(
        Trunk(100, 0.6),
        (
            Limb("a", "trunk", 0.5, 60, 2.0, 45, 90, tip_mm=20, fruit=4),
            Limb("b", "trunk", 0.6, 80, 2.4, 80, 0, tip_mm=20, fruit=6),
            Limb("b1", "b", 1.2, 30, 1.0, 30, 180, tip_mm=10, fruit=5),
            Limb("s", "trunk", 0.1, 12, 0.5, 80, 200),
        ),
        union_m=0.25,
    )


@st.composite
def frames(draw: st.DrawFn) -> Frame:
    """Well-formed frames of one to nine limbs, with dead wood, headed limbs and suckers among
    them.
    """
    number = st.floats
    limbs: list[Limb] = []
    trunk = Trunk(draw(number(40, 300)), draw(number(0.3, 1.5)))
    for i in range(draw(st.integers(1, 9))):
        parent = draw(st.sampled_from(["trunk", "trunk", "soil", *[x.id for x in limbs]]))
        within = {"trunk": trunk.height_m, "soil": 0.5}.get(parent) or next(
            x.length_m for x in limbs if x.id == parent
        )
        base = draw(number(4, 120))
        limbs.append(
            Limb(
                f"l{i}",
                parent,
                draw(number(0, within)),
                base,
                draw(number(0.2, 4)),
                draw(number(-60, 90)),
                draw(number(0, 359)),
                tip_mm=base * draw(number(0.05, 1)),
                state=draw(st.sampled_from(["live", "live", "live", "dead", "broken"])),
                foliage=draw(number(0, 1)),
                fruit=draw(st.integers(0, 20)),
            )
        )
    return Frame(trunk, tuple(limbs), draw(st.one_of(st.none(), number(0, trunk.height_m))))


@st.composite
def frames_with_cuts(draw: st.DrawFn) -> tuple[Frame, list[Cut]]:
    """A frame and cuts on some of its limbs, nested ones among them."""
    frame = draw(frames())
    chosen = draw(st.lists(st.sampled_from(frame.limbs), unique_by=lambda x: x.id, max_size=5))
    return frame, [
        Cut(x.id, draw(st.sampled_from([0.0, 0.25, 0.5, 0.9])) * x.length_m) for x in chosen
    ]
