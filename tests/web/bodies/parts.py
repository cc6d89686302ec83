"""What several bodies share: a frame, cuts, a season, normals, ids."""

from __future__ import annotations

import json
from typing import Any

OUTLINE: dict[str, Any] = {
    "corners": [[5000, 5000], [5060, 5000], [5060, 5030], [5000, 5030]],
    "row_spacing_m": 6,
    "spacing_m": 4,
    "bearing_deg": 90,
}

TOUCHED: dict[str, Any] = {
    "picture": {
        "width": 400,
        "height": 600,
        "staff": {"low": [250, 550], "high": [250, 350], "length_m": 2.0},
        "foot": [200, 550],
        "from_deg": 180,
        "distance_m": 6,
        "eye_m": 1.5,
    },
    "top": [200, 300],
    "trunk": {"across": [[195, 500], [205, 500]]},
    "union": [200, 530],
    "limbs": [
        {
            "id": "m1",
            "fork": [200, 470],
            "tip": [120, 380],
            "thick": {"class": "thumb"},
            "on": "trunk",
            "bearing_deg": 270,
            "state": "live",
            "fruit": 3,
            "kind": "limb",
        }
    ],
}
FRAME: dict[str, Any] = {
    "union_m": 0.25,
    "trunk": {"diameter_mm": 110, "height_m": 0.7},
    "limbs": [
        {
            "id": "e",
            "on": "trunk",
            "at_m": 0.6,
            "base_mm": 60,
            "tip_mm": 20,
            "length_m": 2.0,
            "rise_deg": 55,
            "bearing_deg": 90,
            "state": "live",
            "foliage": 1,
            "fruit": 9,
            "headed_mm": 0,
            "kind": "limb",
            "bloom": 0.5,
            "flush": "soft",
        },
        {
            "id": "e1",
            "on": "e",
            "at_m": 1.0,
            "base_mm": 20,
            "tip_mm": 6,
            "length_m": 0.8,
            "rise_deg": 20,
            "bearing_deg": 180,
            "state": "live",
            "foliage": 0.9,
            "fruit": 3,
            "headed_mm": 0,
            "kind": "limb",
        },
    ],
}
CUTS = [{"limb": "e", "keep_m": 1.5}]
TMIN = [8, 8, 9, 11, 14, 18, 21, 21, 19, 16, 12, 9]
TMAX = [16, 17, 19, 21, 24, 28, 31, 31, 28, 25, 20, 17]
RAIN = [60, 50, 45, 40, 25, 10, 3, 8, 35, 60, 65, 70]
SEASON: dict[str, Any] = {
    "site": {
        "latitude": 36.8,
        "longitude": -3.5,
        "normals": {"tmin": TMIN, "tmax": TMAX, "rain": RAIN},
        "last_frost": "02-10",
        "first_frost": "12-15",
        "hot_from": "07-01",
        "hot_to": "08-20",
        "climate": "mediterranean-coast",
        "frost_pocket": False,
        "dangers": ["leafminer"],
    },
    "tree": {
        "species": "mandarin",
        "cultivar": "clementine",
        "rootstock": "carrizo",
        "planted_year": 2014,
        "in_pot": False,
        "under_cover": False,
        "vigour": 3,
        "condition": "healthy",
        "freeze_class": "F0",
        "fruit_on": "light",
        "used_share": 0.1,
        "low_bloom": False,
        "too_tall": False,
    },
    "observed": {"flush_start": "2027-03-20"},
    "stance": {"timing": "before-first-flush", "first_fruit": "few"},
    "forecast": [{"date": "2027-03-25", "tmin": 9, "tmax": 20, "rain_mm": 0}],
    "from": "2027-03-24",
    "to": "2027-12-31",
    "work": ["thin", "height"],
}
QUICK_ID = "6f2b3f0e-5a52-4c59-9a39-0d6a4c1f0b1b"
SIDE_ID = "51de51de-0000-4000-8000-0000000000a2"
MANY_ID = "0c0ffee0-0000-4000-8000-0000000000a1"
ID = "6f2b3f0e-5a52-4c59-9a39-0d6a4c1f0b1a"
SURVEY = json.dumps(
    {
        "type": "FeatureCollection",
        "features": [
            {
                "type": "Feature",
                "geometry": {"type": "Point", "coordinates": [-3.0001, 36.8001]},
                "properties": {
                    "block": "Surveyed",
                    "row": 1,
                    "place": 1,
                    "species": "lemon",
                    "planted_year": 2015,
                },
            }
        ],
    }
)
