"""Calculators asked by tests: what they answer, and what they refuse at which field."""

from __future__ import annotations


def post(served, path: str, body: dict) -> dict:
    answer = served.client.post(path, json=body)
    assert answer.status_code in (200, 201), answer.get_json()
    return answer.get_json()


def refused(served, path: str, body: dict) -> dict[str, str]:
    answer = served.client.post(path, json=body)
    assert answer.status_code == 422, answer.get_json()
    return {e["pointer"]: e["message"] for e in answer.get_json()["errors"]}
