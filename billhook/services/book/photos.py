"""Photos of a tree before and after work: turned upright, made smaller, without the place they were
taken, and kept as files.
"""

from __future__ import annotations

import datetime as dt
import hashlib
import io
import os
import threading
import uuid
import warnings
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path

from PIL import Image, ImageOps, UnidentifiedImageError
from sqlmodel import Session

from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.words.values import Rounded, listed, say
from ...store import photos as store
from ...store import places
from ...store.database import NotFound
from ...store.full import on_disk
from ...store.photos import save_photo
from ...store.picture_tables import Photo
from ...store.trees import tree_record
from ..workplace import Workplace

MOMENTS = ("before", "after")
_MB = 1024 * 1024
_QUALITY = 82
_FORMATS = ("JPEG", "PNG", "WEBP")
_DECODING = threading.Lock()


def most_bytes(at: Workplace) -> int:
    """The largest photo that is taken in [bytes]."""
    return int(at.know.number("photo/most-mb") * _MB)


@dataclass(frozen=True)
class Whose:
    """What a photo shows: a tree, a row or a block."""

    tree_id: str | None = None
    row_id: str | None = None
    block_id: str | None = None

    def check(self, session: Session) -> None:
        """Raises: InvalidInput where not exactly one is said, NotFound where it is none."""
        if sum(x is not None for x in (self.tree_id, self.row_id, self.block_id)) != 1:
            raise invalid("/tree_id", say("bad-say-one-of-tree-id-row"))
        if self.tree_id:
            tree_record(session, self.tree_id)
        elif self.row_id:
            places.row(session, self.row_id)
        elif self.block_id:
            places.block(session, self.block_id)


def keep(
    at: Workplace, photo_id: str, whose: Whose, moment: str, day: dt.date, content: bytes
) -> Photo:
    """Keep a photo. The same id twice keeps it once. What the camera wrote into it (place, maker,
    time) is left out; its turn is applied.

    Raises: NotFound; InvalidInput for a moment that is none, a day to come, a file over the limit
    or no picture.
    """
    large = say("bad-photo-too-large", mb=at.know.number("photo/most-mb"))
    refuse(
        {
            "/day": done_problem(day, at.today()),
            "/moment": None
            if moment in MOMENTS
            else say("bad-must-be-one-of", known=listed(MOMENTS)),
            "/photo": large if len(content) > most_bytes(at) else None,
        }
    )
    with at.store.reading() as session:
        known = session.get(Photo, photo_id)
        if known is not None:
            return known
        whose.check(session)
    # decoded before anybody has to wait for it, and one at a time, so that several do not take the
    # memory of all
    with _DECODING:
        jpeg, width, height = _plain_jpeg(
            content, int(at.know.number("photo/side-px")), at.know.number("photo/most-megapixels")
        )
    digest = hashlib.sha256(jpeg).hexdigest()
    _put_file(path_of(at, digest), jpeg)
    with at.store.writing() as session:
        known = session.get(Photo, photo_id)
        if known is not None:
            return known
        photo = Photo(
            id=photo_id,
            tree_id=whose.tree_id,
            row_id=whose.row_id,
            block_id=whose.block_id,
            moment=moment,
            day=day,
            digest=digest,
            width=width,
            height=height,
        )
        save_photo(session, photo)
        return photo


def _put_file(place: Path, content: bytes) -> None:
    part = place.with_name(f"{place.stem}.{uuid.uuid4().hex}.part")
    with on_disk():
        try:
            place.parent.mkdir(parents=True, exist_ok=True)
            with part.open("wb") as sink:
                sink.write(content)
                sink.flush()
                os.fsync(sink.fileno())
            part.replace(place)
        except OSError:
            with suppress(OSError):
                part.unlink(missing_ok=True)
            raise


def sweep(at: Workplace) -> None:
    """Take away halves of photos that a program which was stopped left behind. Only for the one
    that holds the folder, before it listens.
    """
    for part in (at.settings.data / "files").rglob("*.part"):
        with suppress(OSError):
            part.unlink()


def path_of(at: Workplace, digest: str) -> Path:
    """Where a photo lies, beside the database, so that a backup takes it along."""
    return at.settings.data / "files" / "photos" / f"{digest}.jpg"


def file_of(at: Workplace, photo_id: str) -> Path:
    """A photo's file. Raises: NotFound."""
    with at.store.reading() as session:
        photo = session.get(Photo, photo_id)
    if photo is None or not path_of(at, photo.digest).exists():
        raise NotFound(say("bad-there-is-no-photo", photo_id=photo_id))
    return path_of(at, photo.digest)


def of_tree(session: Session, tree_id: str) -> list[Photo]:
    """Photos of a tree, the oldest first."""
    return store.photos_of(session, tree_id)


def _plain_jpeg(content: bytes, side_px: int, most_megapixels: float) -> tuple[bytes, int, int]:
    """The picture upright, within a longest side, with nothing but its pixels.

    Its size is read before anything is decoded. Raises: InvalidInput for what is no picture, or one
    of more pixels than a camera takes.
    """
    try:
        with (
            warnings.catch_warnings(action="ignore", category=Image.DecompressionBombWarning),
            Image.open(io.BytesIO(content), formats=_FORMATS) as opened,
        ):
            megapixels = opened.width * opened.height / 1e6
            if megapixels > most_megapixels:
                has, most = Rounded(megapixels), most_megapixels
                raise invalid("/photo", say("bad-photo-of-too-many-pixels", has=has, most=most))
            opened.thumbnail((side_px, side_px))
            upright = ImageOps.exif_transpose(opened).convert("RGB")
    except (
        UnidentifiedImageError,
        OSError,
        ValueError,
        SyntaxError,
        Image.DecompressionBombError,
    ) as error:
        raise invalid("/photo", say("bad-is-not-a-picture-that-can")) from error
    out = io.BytesIO()
    upright.info = {}  # also what somebody wrote into it as a comment
    upright.save(out, "JPEG", quality=_QUALITY)
    return out.getvalue(), upright.width, upright.height


def at_place(at: Workplace, whose: Whose) -> list[Photo]:
    """Photos of a row or block, the oldest first. Raises: NotFound, InvalidInput."""
    with at.store.reading() as session:
        whose.check(session)
        return store.photos_at(session, whose.row_id, whose.block_id)
