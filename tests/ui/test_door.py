"""A page of another site, open in the grower's own browser, reads and writes nothing; Billhook's
own pages keep to their policy.
"""

from __future__ import annotations

import pytest

from .hand import Hand
from .test_main_job import ask, tree_named

pytestmark = pytest.mark.ui

TRY = """
const [base, tree, done] = arguments
const json = { 'Content-Type': 'application/json' }
const attempts = {
  read: () => fetch(base + '/api/grove').then((r) => r.text()),
  opaque: () => fetch(base + '/api/grove', { mode: 'no-cors' }).then((r) => r.text()),
  put: () => fetch(base + '/api/units', { method: 'PUT', headers: json, body: '{"units": "us"}' })
    .then((r) => r.text()),
  simple: () => fetch(base + '/api/plantings', {
    method: 'POST', mode: 'no-cors', headers: { 'Content-Type': 'text/plain' },
    body: JSON.stringify({ block: 'X', count: 3, species: 'lemon', planted_year: 2020 }),
  }).then((r) => r.text()),
  bare: () => fetch(base + `/api/walks/${tree}/finish`, { method: 'POST', mode: 'no-cors' })
    .then((r) => r.text()),
  walk: () => fetch(base + `/api/trees/${tree}/sketch`, { method: 'POST', mode: 'no-cors',
    body: '{"height_m": 3, "spread_m": 3, "trunk_mm": 100}' }).then((r) => r.text()),
  form: () => new Promise((gone) => {
    const frame = document.body.appendChild(document.createElement('iframe'))
    frame.name = 'sly'
    const form = document.body.appendChild(document.createElement('form'))
    const way = { action: base + '/api/units', method: 'post', enctype: 'text/plain' }
    Object.assign(form, way, { target: 'sly' })
    frame.onload = () => gone('sent')
    form.submit()
    setTimeout(() => gone('sent'), 1500)
  }),
  frame: () => new Promise((shown) => {
    const frame = document.body.appendChild(document.createElement('iframe'))
    frame.src = base + '/'
    frame.onload = () => { try { shown(frame.contentDocument.title) } catch { shown('') } }
    setTimeout(() => shown(''), 1500)
  }),
}
;(async () => {
  const found = {}
  for (const [name, attempt] of Object.entries(attempts))
    found[name] = await attempt().catch(() => '')
  done(found)
})()
"""


def state(demo) -> tuple:
    at = demo.app.extensions["billhook"]
    with at.store.reading() as session:
        return tuple(
            session.connection().exec_driver_sql(f"SELECT count(*) FROM {t}").scalar()
            for t in ("act", "tree", "frame", "walk", "observation")
        )


def test_another_site_reads_and_writes_nothing(apart, demo, elsewhere):
    tree = tree_named(demo, "Baixo 3·3")
    before = state(demo), ask(demo, "/api/grove")["units"]
    apart.get(elsewhere)
    found = apart.execute_async_script(TRY, demo.url, tree)
    assert found.pop("form") == "sent"
    assert set(found.values()) == {""}, found
    assert (state(demo), ask(demo, "/api/grove")["units"]) == before


def test_its_own_pages_keep_to_their_policy(browser, demo):
    hand = Hand(browser, demo.url)
    for path in (
        "/",
        "/today",
        "/almanac",
        "/heights",
        "/frost",
        "/place",
        "/start",
        "/known",
        f"/tree/{tree_named(demo, 'Baixo 3·3')}",
    ):
        hand.open(path)
    assert [e for e in hand.errors() if "Content Security Policy" in e or "Refused" in e] == []
    assert browser.execute_script("return document.styleSheets.length") > 0
