"""Photos of a tree."""

from __future__ import annotations

from typing import Any

from flask import Response, request, send_file
from flask_openapi.blueprint import APIBlueprint

from ...services.book import photos
from ...store.picture_tables import Photo
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.shared import PhotoOut, PhotosOut
from ..models.walk import PhotoQuery, PhotosQuery

routes = APIBlueprint("book_photos", __name__, url_prefix="/api")


def _photo(photo: Photo) -> dict[str, Any]:
    return answer(PhotoOut, photo)


@routes.put("/photos/<id>", responses={201: PhotoOut})
def put_photo(path: IdPath, query: PhotoQuery) -> tuple[dict[str, Any], int]:
    """Keep a photo of a tree, a row or a block. The body is the picture itself (JPEG, PNG or WebP,
    10 MB at most); place and maker written into it are left out.
    """
    at = here()
    whose = photos.Whose(query.tree_id, query.row_id, query.block_id)
    day, content = query.day or at.today(), request.get_data()
    return _photo(photos.keep(at, path.id, whose, query.moment, day, content)), 201


@routes.get("/photos", responses={200: PhotosOut})
def get_photos(query: PhotosQuery) -> dict[str, Any]:
    """Photos of a row or a block, the oldest first."""
    whose = photos.Whose(None, query.row_id, query.block_id)
    return {"photos": [_photo(p) for p in photos.at_place(here(), whose)]}


@routes.get("/photos/<id>.jpg")
def get_photo(path: IdPath) -> Response:
    """A photo as it was kept."""
    response = send_file(photos.file_of(here(), path.id), "image/jpeg")
    response.cache_control.max_age = 31_536_000
    return response
