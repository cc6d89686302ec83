"""One good body for every request that takes one, so that tests can spoil them field by field."""

from __future__ import annotations

import copy
from collections.abc import Iterator
from typing import Any

FRAME: dict[str, Any] = {
    "union_m": 0.25,
    "trunk": {"diameter_mm": 110, "height_m": 0.7},
    "limbs": [
        {"id": "e", "on": "trunk", "at_m": 0.6, "base_mm": 60, "tip_mm": 20, "length_m": 2.0, "rise_deg": 55, "bearing_deg": 90, "state": "live", "foliage": 1, "fruit": 9, "headed_mm": 0, "kind": "limb"},
        {"id": "e1", "on": "e", "at_m": 1.0, "base_mm": 20, "tip_mm": 6, "length_m": 0.8, "rise_deg": 20, "bearing_deg": 180, "state": "live", "foliage": 0.9, "fruit": 3, "headed_mm": 0, "kind": "limb"},
    ],
}  # fmt: skip
CUTS = [{"limb": "e", "keep_m": 1.5}]
TMIN = [8, 8, 9, 11, 14, 18, 21, 21, 19, 16, 12, 9]
TMAX = [16, 17, 19, 21, 24, 28, 31, 31, 28, 25, 20, 17]
RAIN = [60, 50, 45, 40, 25, 10, 3, 8, 35, 60, 65, 70]
SEASON: dict[str, Any] = {
    "site": {"latitude": 36.8, "longitude": -3.5, "normals": {"tmin": TMIN, "tmax": TMAX, "rain": RAIN}, "last_frost": "02-10", "first_frost": "12-15", "hot_from": "07-01", "hot_to": "08-20", "climate": "mediterranean-coast", "frost_pocket": False, "dangers": ["leafminer"]},
    "tree": {"species": "mandarin", "cultivar": "clementine", "rootstock": "carrizo", "planted_year": 2014, "in_pot": False, "under_cover": False, "vigour": 3, "condition": "healthy", "freeze_class": 0, "fruit_on": "light", "used_share": 0.1, "low_bloom": False, "too_tall": False},
    "observed": {"flush_start": "2027-03-20"},
    "stance": {"timing": "before-first-flush", "first_fruit": "few"},
    "forecast": [{"date": "2027-03-25", "tmin": 9, "tmax": 20, "rain_mm": 0}],
    "from": "2027-03-24",
    "to": "2027-12-31",
    "work": ["thin", "height"],
}  # fmt: skip
QUICK_ID = "6f2b3f0e-5a52-4c59-9a39-0d6a4c1f0b1b"
ID = "6f2b3f0e-5a52-4c59-9a39-0d6a4c1f0b1a"

CALCULATORS: dict[str, dict[str, Any]] = {
    "/api/calc/frame": {"frame": FRAME, "cuts": CUTS, "baseline": FRAME, "exponent": 2, "green_density_kg_m3": 950, "fruit_kg": 0.2},
    "/api/calc/heat-units": {"tmin": [8, 9], "tmax": [22, 20], "base_c": 12.8, "upper_c": 36, "method": "single_sine"},
    "/api/calc/latest-cut": {"normals": {"tmin": TMIN, "tmax": TMAX, "rain": RAIN}, "base_c": 12.8, "heat_units": 830, "before": "2027-12-15", "safety_days": 28, "upper_c": 36, "method": "single_sine", "floor_days": 47, "cap_days": 180},
    "/api/calc/season": SEASON,
    "/api/calc/shoot": {"scion": "navel-orange", "rootstock": "carrizo", "cultivar": "washington-navel", "clues": {"origin": "below_union"}, "prior": {"rootstock_sucker": 0.3, "water_sprout": 0.4, "scion_shoot": 0.3}, "region": "gulf", "union_seen": True, "only_living_shoots": False, "many_grafts": False, "after_freeze": False, "date": "2027-03-24", "southern": False, "diameter_mm": 8},
    "/api/calc/droop": {"length_m": 1.5, "base_mm": 30, "tip_mm": 8, "species": "avocado", "elastic_gpa": 6, "pull_test": {"mass_kg": 2, "drop_m": 0.2}, "load_kg": 3, "load_at": 0.8, "tip_height_m": 1.0, "clearance_m": 0.5},
    "/api/calc/thinning": {"counts": [4, 6, 3, 5, 7], "keep": 2, "clusters": 60},
    "/api/calc/crop-load": {"trunks_mm": [50], "year_in_ground": 3, "fruit": 30, "fruit_kg": 0.23},
    "/api/calc/pot": {"pot_l": 57, "height_m": 2.0, "windy": True, "winter_room_m": 2.4, "pot_height_m": 0.4},
    "/api/calc/frost-damage": {"species": "avocado", "cultivar": "hass", "rootstock": "clonal-hybrid", "age_years": 5, "min_c": -3.0, "hours": 4, "hardening": 0.5, "fruit": "ripe", "tender_flush": True, "pruned_within_days": 30, "crop_on": True, "dry_soil": True},
    "/api/calc/scratch": {"length_m": 1.5, "readings": [{"at_m": 0.75, "green": True}], "resolution_m": 0.1, "into_green_m": 0.05, "side_branches_m": [0.4], "judged": True},
    "/api/calc/frost-verdict": {"class": "F4", "night": "2026-01-19", "last_frost": "2026-03-01", "today": "2026-04-01", "flush_start": "2026-03-20", "second_flush_hard": "2026-08-01", "alive_above": True, "alive_below": False, "boundary_steady_since": "2026-05-01", "latest_cut": "2026-08-22", "hot_from": "2026-07-01", "species": "mandarin", "collapsed_on": "2026-03-25", "hot_since": "2026-03-28", "second_flush": "2026-06-20"},
    "/api/calc/leader": {"shoots": [{"id": "a", "at_m": 0.4, "off_m": 0.05, "diameter_mm": 12, "rise_deg": 80, "vigour": 4, "above_union": True}], "form": "tree", "trunk_m": 0.3},
    "/api/calc/recovery": {"class": "F4", "age_years": 12, "normal_kg": 120, "trees": 10, "years": 10, "replant_on": "2026-03-15", "species": "mandarin", "stand": {"live_bark": 0.8, "live_above_m": 0.5, "regrowth_m": 0.7, "declining": False}, "canopy_lost": 0.6},
    "/api/calc/stem-round": {"readings": [{"bearing_deg": 0, "green": True}], "step_deg": 45},
    "/api/calc/cut-test": {"cut": 20, "hurt": 4, "night": "2026-01-19", "today": "2026-01-26", "mean_c": 12},
    "/api/calc/hedgerow": {"latitude": 36.8, "longitude": -3.5, "date": "2027-04-15", "row_bearing_deg": 80, "row_spacing_m": 4.5, "height_m": 3.6, "base_width_m": 2.4, "top_width_m": 2.1, "skirt_m": 0.5, "heights_m": [0.6, 2.0], "cut": {"height_m": 3.0, "base_width_m": 2.3, "top_width_m": 1.5, "skirt_m": 0.5}, "step_m": 0.2, "obstacles": [{"bearing_deg": 180, "distance_m": 20, "width_m": 5, "height_m": 6}], "at_m": 0.6, "hours": 4},
    "/api/calc/renewal": {"school": "third_of_tree", "sectors": 3, "years": 6, "start_m": [3.0, 3.2, 3.4], "regrow_m": 0.5, "regrow_low_m": 1.2, "low_m": 1.5, "tip_m": 2.2, "natural_m": 6.0, "recovery": [0, 0.5], "sister_gain": 1.2, "rows": 6, "cap_m": 2.8, "swing": 0.1, "late_years": 1},
    "/api/calc/wall": {"now": {"height_m": 3.6, "base_width_m": 2.6, "top_width_m": 2.2, "skirt_m": 0.5, "pitch_deg": 10}, "cut": {"height_m": 3.0, "base_width_m": 2.2, "top_width_m": 1.6, "skirt_m": 0.5, "pitch_deg": 0}, "row_spacing_m": 4.5, "row_bearing_deg": 80, "latitude": 36.8, "ripe_on": False, "thickest_mm": 30, "units": "metric"},
    "/api/calc/envelope": {"frame": FRAME, "outline": {"shape": "globe", "top_m": 2.5, "half_m": 1.2, "skirt_m": 0.5, "lean_deg": 5, "row_bearing_deg": 80, "draw_in_m": 0.3, "draw_in_deg": 90}},
    "/api/calc/which-limb": {"frame": FRAME, "low_m": 1.5, "seasons": {"e": 2}},
    "/api/calc/bark-sun": {"latitude": 36.8, "longitude": -3.5, "date": "2027-07-15", "facing_deg": 250, "rise_deg": 10, "diameter_mm": 80, "length_m": 1.2},
    "/api/calc/safety": {"air_c": 32.2, "humidity": 0.7, "contact_m": 4.8, "line_kv": 115, "limb_m": 3, "units": "metric"},
    "/api/calc/cut-plan": {"candidates": [{"id": "a", "order_class": 3, "must": True, "share": 0.0, "benefit": 1, "wound_mm": 12, "within": None, "excludes": []}, {"id": "b", "order_class": 7, "must": False, "share": 0.1, "benefit": 4.5, "wound_mm": 30, "within": "a", "excludes": ["a"]}], "limit": 0.2},
    "/api/calc/technique": {"frame": FRAME, "cuts": CUTS, "species": "mandarin", "work": "thin", "vigour": 3, "units": "metric"},
    "/api/calc/limb": {"diameter_mm": 60, "species": "avocado", "green_density_kg_m3": 950},
    "/api/calc/wound": {"diameter_mm": 50, "vigour": 3, "species": "lemon", "stub": False, "weak": False, "cool": False},
    "/api/calc/clippings": {"fresh_kg": 85, "species": "mango", "depth_m": 0.1, "moisture": 0.5, "nitrogen": 0.008},
    "/api/calc/whitewash": {"trunks": [{"diameter_mm": 190, "length_m": 1.2}], "limbs": [{"diameter_mm": 60, "length_m": 1.5}], "coats": 2, "cover_m2_per_l": 5},
    "/api/calc/disinfectant": {"agent": "bleach", "trees": 24, "tools": 2, "dips_per_tree": 1, "volume_l": 1, "stock": 0.0525, "target": 0.005},
    "/api/calc/yield-cost": {"share": 0.25, "ripe_on": True, "after_drop": False, "after_heavy": False, "before_heavy": False},
    "/api/calc/flagging": {"dead_tips": 0.3, "height_m": 1.7, "stage": "dead"},
}  # fmt: skip


def resources(tree_id: str, frame_id: str, site_id: str, block_id: str) -> dict[str, dict[str, Any]]:
    """Good bodies for the resources, by method and path."""
    tree = f"/api/trees/{tree_id}"
    return {
        "POST /api/sites": {"holding": "H", "site": "S", "latitude": 36.8, "longitude": -3.0, "elevation_m": 90, "climate": "low-desert", "tmin_c": TMIN, "tmax_c": TMAX, "last_frost": "02-10", "first_frost": "12-15", "units": "metric"},
        "PUT /api/units": {"units": "us"},
        f"PUT /api/blocks/{block_id}": {"version": 1, "cap_m": 2.5, "offset_c": -1.5, "elevation_m": 60, "frost_pocket": True, "rows": "trees"},
        "POST /api/climates/nearest": {"latitude": 36.8, "tmin_c": TMIN, "tmax_c": TMAX},
        "POST /api/plantings/understand": {"text": "24 navels"},
        "POST /api/plantings": {"site_id": site_id, "block": "B", "row": 3, "count": 2, "species": "mandarin", "cultivar": "clementine", "rootstock": "carrizo", "planted_year": 2020, "pot_l": 40, "under_cover": True, "spacing_m": 4},
        "POST /api/trees/import": {"site_id": site_id, "text": "block,row,place,species,planted_year\nA,1,1,mango,2016\n", "save": False},
        f"PATCH {tree}": {"version": 1, "planted_year": 2013, "rootstock": "swingle", "union_mark": "paint", "pot_l": 60, "under_cover": False, "note": "by the gate"},
        f"POST {tree}/frames": {"id": ID, "previous_id": frame_id, "frame": FRAME, "measured": ["e"], "date": "2027-03-24"},
        f"POST {tree}/sketch": {"height_m": 3, "spread_m": 2.5, "trunk_mm": 90},
        f"POST {tree}/observations": {"kind": "fruit_on", "value": "none", "date": "2027-03-24"},
        f"PUT /api/sites/{site_id}": {"version": 1, "latitude": 36.8, "longitude": -3, "elevation_m": 90, "climate": "mediterranean-coast", "tmin_c": TMIN, "tmax_c": TMAX, "last_frost": "02-10", "first_frost": "12-15", "dangers": ["borer"]},
        f"POST /api/sites/{site_id}/days": {"text": "date,tmin,tmax\n2027-01-01,8,16\n", "accept": ["gaps"], "risk": 0.1, "save": False, "as_normals": False},
        "PUT /api/stances": {"scope": "block", "scope_id": block_id, "topic": "timing", "school": "after-harvest"},
        "POST /api/stances/effect": {"scope": "tree", "scope_id": tree_id, "topic": "timing", "school": "after-harvest"},
        "POST /api/today/put-off": {"tree_ids": [tree_id], "work": "thin", "until": "2027-04-01", "why": "rain", "task_id": None, "version": 1},
        "POST /api/today/done": {"id": ID, "tree_ids": [tree_id], "work": "tip", "date": "2027-03-24", "who": "first helper", "minutes": 12, "count": 3},
        "PUT /api/weather/scenario": {"scenario": "frost"},
        f"POST /api/blocks/{block_id}/observations": {"kind": "flush_start", "value": "2027-03-20", "date": "2027-03-20"},
        "POST /api/species": {"name": "feijoa", "evergreen": True, "everbearing": False, "bloom": [5, 6], "harvest": [10, 11], "vigour": 3, "size": "low", "frost_c": -6.0, "coldest_night_c": -6.0},
        f"POST {tree}/shoot": {"clues": {"origin": "below_union"}, "skip": ["scent"], "union_seen": True, "only_living_shoots": False, "many_grafts": False, "diameter_mm": 8},
        f"POST {tree}/plan": {"goal": "tidy", "day": "2027-03-24", "walk_id": None, "pins_in": [], "pins_out": [], "limit": 0.2, "weights": {"rub": 5}, "stance": {"middle": "dense"}, "by": "ragged", "top_m": 2.2, "half_m": 1.2},
        f"POST /api/blocks/{block_id}/section": {"cut": {"height_m": 2.2, "base_width_m": 1.8, "top_width_m": 1.2, "skirt_m": 0.5, "pitch_deg": 5}, "now": {"height_m": 3.0, "base_width_m": 2.2, "top_width_m": 2.0, "skirt_m": 0.5, "pitch_deg": 0}, "date": "2027-04-15", "at_m": 0.7, "hours": 4, "step_m": 0.1, "spacing_m": 4.5, "bearing_deg": 80, "obstacles": [{"bearing_deg": 180, "distance_m": 20, "width_m": 5, "height_m": 6}], "units": "metric"},
        f"POST /api/blocks/{block_id}/schools": {"schools": ["third_of_tree"], "years": 5, "cap_m": 2.5, "recovery": [0, 0.5], "regrow_m": 0.5, "swing": 0.2, "late_years": 1, "by_machine": True, "units": "metric"},
        f"POST /api/blocks/{block_id}/hedging-round": {"cut": {"height_m": 2.2, "base_width_m": 1.8, "top_width_m": 1.2, "skirt_m": 0.5, "pitch_deg": 5}, "years": 2, "units": "metric"},
        f"POST {tree}/envelope": {"shape": "round", "top_m": 2.2, "half_m": 1.2, "draw_in_m": 0.2, "draw_in_deg": 90},
        f"POST {tree}/schools": {"schools": ["tip_only"], "years": 4, "cap_m": 2.5, "recovery": [0, 0.5], "regrow_m": 0.5, "swing": 0.2, "late_years": 1, "by_machine": False, "units": "metric"},
        f"POST {tree}/grown": {"school": "third_of_tree", "years": 3, "cap_m": 2.5},
        "POST /api/rotations": {"id": ID, "scope": "tree", "scope_id": tree_id, "school": "limb_replacement", "low_m": 1.5, "tip_m": 2.2, "years": 4, "first_year": 2027},
        f"POST /api/sites/{site_id}/night": {"day": "2027-01-19", "min_c": -4.5, "hours": 5, "dry_soil": True, "source": "typed", "save": True},
        f"POST /api/sites/{site_id}/cut-test": {"id": ID, "block_id": block_id, "cut": 20, "hurt": 4},
        f"POST /api/sites/{site_id}/protect": {"block_id": block_id},
        f"POST {tree}/scratches": {"id": ID, "limb": "e", "at_m": 0.4, "green": True, "day": "2027-03-24", "bearing_deg": None},
        f"POST {tree}/looks": {"id": ID, "sign": "first-flush", "day": "2027-03-20"},
        f"POST {tree}/new-shoots": {"id": "n1", "at_m": 0.4, "diameter_mm": 9, "length_m": 0.5, "rise_deg": 80, "bearing_deg": 200},
        f"POST {tree}/grow-on": {"keep": ["e"], "form": "tree"},
        f"POST {tree}/frost-sheets": {"id": ID, "stage": "suckers"},
        f"POST {tree}/frost-class": {"class": "F4", "night": "2027-01-19"},
        f"POST {tree}/regrowth": {"length_m": 0.4, "day": "2027-09-24", "units": "metric"},
        "POST /api/harvests": {"id": ID, "scope": "tree", "scope_id": tree_id, "day": "2027-01-24", "kg": 38.5, "who": "first helper"},
        f"POST {tree}/walks": {"id": ID, "day": "2027-03-24"},
        f"POST {tree}/walks/quick": {"id": QUICK_ID, "suckers": 2, "sprouts": 0, "day": "2027-03-24"},
        f"POST /api/walks/{ID}/answers": {"id": ID, "question": "dead", "answer": "none", "seen": ""},
        f"POST {tree}/preview": {"frame_id": frame_id, "cuts": CUTS, "work": "thin", "day": "2027-03-24", "units": "metric"},
        f"POST {tree}/sheets": {"id": ID, "frame_id": frame_id, "cuts": CUTS, "work": "thin", "day": "2027-03-24", "later": [{"day": "2028-02-20", "says": "the east limb"}]},
        f"POST {tree}/log": {"id": ID, "date": "2027-03-20", "work": "thin", "share": 0.1, "height_before_m": 3, "height_after_m": 2.8, "who": "first helper", "note": "", "minutes": 10, "corrects": None},
        f"POST {tree}/gone": {"version": 1, "date": "2027-03-24"},
    }  # fmt: skip


def leaves(body: Any, path: tuple[Any, ...] = ()) -> Iterator[tuple[Any, ...]]:
    """Paths of every value in a body; of lists only the last entry."""
    if isinstance(body, dict):
        for key, value in body.items():
            yield (*path, key)
            yield from leaves(value, (*path, key))
    elif isinstance(body, list) and body:
        yield (*path, len(body) - 1)
        yield from leaves(body[-1], (*path, len(body) - 1))


def spoiled(body: dict[str, Any], path: tuple[Any, ...], value: Any) -> dict[str, Any]:
    """A copy with one value put in place of another."""
    out = copy.deepcopy(body)
    at: Any = out
    for key in path[:-1]:
        at = at[key]
    at[path[-1]] = value
    return out


def without(body: dict[str, Any], path: tuple[Any, ...]) -> dict[str, Any]:
    """A copy that lacks one field."""
    out = copy.deepcopy(body)
    at: Any = out
    for key in path[:-1]:
        at = at[key]
    del at[path[-1]]
    return out


def value_at(body: Any, path: tuple[Any, ...]) -> Any:
    """The value a path leads to."""
    for key in path:
        body = body[key]
    return body


def pointer(path: tuple[Any, ...]) -> str:
    """A JSON pointer."""
    return "".join(f"/{part}" for part in path)
