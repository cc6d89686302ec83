"""Traces kept with their photo, and what is shown of them after a cut."""

from __future__ import annotations

import io

import pytest
from PIL import Image

from billhook.core.errors import InvalidInput
from billhook.core.frame.camera import Picture, Staff
from billhook.core.frame.model import Cut
from billhook.core.frame.traced import Thick, Trace, TracedLimb
from billhook.services.book import photos
from billhook.services.plan import finishing, sheet_making, sheets
from billhook.services.tree import tracing
from billhook.services.tree.views import tree_view
from billhook.store.acts import new_id
from billhook.store.database import NotFound

from ...refusing import refusing
from ..conftest import TODAY

PICTURE = Picture(400, 600, Staff((250, 550), (250, 350), 2.0), (200, 550), 180, None, 1.5)
LIMBS = (
    TracedLimb("m1", (200, 470), (120, 380), Thick(thickness="thumb")),
    TracedLimb("m2", (200, 460), (290, 340), Thick(thickness="broom-handle")),
    TracedLimb("m3", (150, 414), (160, 350), Thick(mm=9)),
)
TRACE = Trace(PICTURE, (200, 300), Thick(mm=60), LIMBS)
TOUCHED = {
    "picture": {"width": 400, "height": 600},
    "limbs": [{"id": x.id, "fork": list(x.fork), "tip": list(x.tip)} for x in LIMBS],
}


def picture_of(garden, tree_id) -> str:
    out, photo_id = io.BytesIO(), new_id()
    Image.new("RGB", (400, 600), (200, 210, 220)).save(out, "JPEG")
    photos.keep(garden.at, photo_id, photos.Whose(tree_id), "before", TODAY, out.getvalue())
    return photo_id


def test_a_trace_draws_the_tree_once_and_shows_what_still_stands(garden):
    at, tree_id, trace_id = garden.at, garden.tree_ids[0], new_id()
    photo_id = picture_of(garden, tree_id)
    for _ in range(2):
        tracing.save_trace(at, tree_id, trace_id, photo_id, TRACE, TOUCHED, TODAY)
    view = tree_view(at, tree_id, TODAY, ("thin",)).frame
    assert (view.row.origin, view.drawn) == ("traced", True)
    assert view.frame.limb("m3").on == "m1"
    assert view.frame.limb("m1").rise_deg == pytest.approx(48.4, abs=0.5)
    plan = sheet_making.make_sheet(
        at, tree_id, new_id(), [Cut("m1", 0.0)], "thin", TODAY, view.row.id
    )
    line = sheets.sheet(at, plan.id).lines[0]
    sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "the grower")
    finishing.finish(at, plan.id, sheets.sheet(at, plan.id).plan.version, TODAY, "the grower")
    seen = tracing.seen_on(at, tree_id)
    assert (seen.photo.id, seen.standing) == (photo_id, ("m2",))


def test_a_trace_needs_a_photo_of_its_tree_and_a_limb(garden):
    at, tree_id = garden.at, garden.tree_ids[0]
    other = picture_of(garden, garden.tree_ids[1])
    with refusing(InvalidInput, "no such photo"):
        tracing.save_trace(at, tree_id, new_id(), other, TRACE, TOUCHED, TODAY)
    bare = Trace(PICTURE, (200, 300), Thick(mm=60), ())
    with refusing(InvalidInput, "at least one limb"):
        tracing.save_trace(at, tree_id, new_id(), picture_of(garden, tree_id), bare, TOUCHED, TODAY)
    with pytest.raises(NotFound):
        tracing.seen_on(at, tree_id)
