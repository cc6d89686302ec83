"""Photos: upright, small, without their place, kept once beside the database and taken along by a
backup.
"""

from __future__ import annotations

import datetime as dt
import io
import tracemalloc

import pytest
from PIL import Image

from billhook.core.errors import InvalidInput
from billhook.services.backups import archive, restoring
from billhook.services.book import logbook, photos
from billhook.services.book.photos import Whose
from billhook.services.tree.views import tree_view
from billhook.settings import Settings
from billhook.store.database import NotFound

from ...places import TODAY, new_id
from ...refusing import refusing


def picture(width: int = 800, height: int = 400, turned: int = 6) -> bytes:
    """A JPEG as a phone writes it: turned, with the place it was taken."""
    exif = Image.Exif()
    exif[0x0112] = turned
    exif.get_ifd(0x8825)[2] = (36.0, 48.0, 0.0)
    out = io.BytesIO()
    image = Image.new("RGB", (width, height), "olive")
    image.paste("red", (0, 0, 40, 40))  # marks a corner
    image.save(out, "JPEG", exif=exif)
    return out.getvalue()


def test_a_photo_is_turned_upright_and_loses_its_place(garden):
    tree_id, photo_id = garden.tree_ids[0], new_id()
    for _ in range(2):
        kept = photos.keep(garden.at, photo_id, Whose(tree_id), "before", TODAY, picture())
    assert (kept.width, kept.height) == (400, 800)
    with Image.open(photos.file_of(garden.at, photo_id)) as shown:
        assert not shown.getexif()
        assert shown.getpixel((395, 5))[0] > 200  # the marked corner is at the top right now
    assert [p.id for p in tree_view(garden.at, tree_id, TODAY, ("sucker",)).photos] == [photo_id]
    large = photos.keep(garden.at, new_id(), Whose(tree_id), "after", TODAY, picture(4000, 3000, 1))
    assert (large.width, large.height) == (1600, 1200)


def test_what_is_no_photo_is_refused_by_name(garden):
    most = photos.most_bytes(garden.at)
    wrong = [
        (b"not a picture", "before", TODAY, "/photo"),
        (b"\0" * (most + 1), "before", TODAY, "/photo"),
        (picture(), "later", TODAY, "/moment"),
        (picture(), "after", TODAY + dt.timedelta(days=1), "/day"),
    ]
    for content, moment, day, at in wrong:
        with pytest.raises(InvalidInput) as refused:
            photos.keep(garden.at, new_id(), Whose(garden.tree_ids[0]), moment, day, content)
        assert refused.value.problems[0].pointer == at
    with pytest.raises(NotFound):
        photos.file_of(garden.at, new_id())


def test_a_backup_takes_photos_along(garden, tmp_path):
    photo = photos.keep(garden.at, new_id(), Whose(garden.tree_ids[0]), "before", TODAY, picture())
    archive.back_up(garden.at.settings, tmp_path / "all.zip")
    there = Settings(data=tmp_path / "there")
    restoring.restore(there, tmp_path / "all.zip")
    assert (there.data / "files" / "photos" / f"{photo.digest}.jpg").read_bytes() == photos.file_of(
        garden.at, photo.id
    ).read_bytes()


def bomb(side: int) -> bytes:
    """A picture of one colour: few bytes, very many pixels."""
    out = io.BytesIO()
    Image.new("1", (side, side)).save(out, "PNG", optimize=True)
    return out.getvalue()


def test_a_picture_of_too_many_pixels_is_refused_before_it_is_decoded(garden):
    content = bomb(13_000)
    assert len(content) < 1_000_000
    tracemalloc.start()
    with refusing(InvalidInput, "169 megapixels; 64 is the most"):
        photos.keep(garden.at, new_id(), Whose(garden.tree_ids[0]), "before", TODAY, content)
    peak = tracemalloc.get_traced_memory()[1]
    tracemalloc.stop()
    assert peak < 20_000_000


def test_nobody_waits_while_a_picture_is_decoded(garden, monkeypatch):
    decoded = photos._plain_jpeg

    def slow(*given):
        # another writer, while this one decodes
        logbook.log_past_work(garden.at, garden.tree_ids[1], new_id(), TODAY, "sucker")
        return decoded(*given)

    monkeypatch.setattr(photos, "_plain_jpeg", slow)
    photos.keep(garden.at, new_id(), Whose(garden.tree_ids[0]), "before", TODAY, picture())
    assert len(logbook.log(garden.at, garden.tree_ids[1])) == 1
