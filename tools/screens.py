"""Refreshes docs/screenshots from the demo holding on a fixed day, so that pictures change only
when screens do.
"""

from __future__ import annotations

import datetime as dt
import json
import tempfile
import threading
import time
import urllib.request
from pathlib import Path

import waitress
from selenium import webdriver
from selenium.webdriver.chrome.service import Service
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys

from billhook.demo.build import build_demo
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app

DAY = dt.date(2027, 3, 24)
TARGET = Path(__file__).parents[1] / "docs" / "screenshots"
FLAGS = (
    "--headless=new --no-sandbox --disable-gpu --disable-quic --no-first-run "
    "--disable-background-networking --disable-component-update --disable-sync "
    "--hide-scrollbars --force-prefers-reduced-motion --lang=en-GB"
)


def browser(profile: str) -> webdriver.Chrome:
    options = webdriver.ChromeOptions()
    options.binary_location = "/usr/bin/chromium"
    for flag in (*FLAGS.split(), f"--user-data-dir={profile}"):
        options.add_argument(flag)
    return webdriver.Chrome(service=Service("/usr/bin/chromedriver"), options=options)


class Camera:
    """Opens pages of one server and keeps pictures of them."""

    def __init__(self, driver: webdriver.Chrome, url: str) -> None:
        self.driver, self.url = driver, url

    def open(
        self,
        path: str,
        width: int = 1280,
        height: int = 800,
        theme: str = "day",
        units: str = "metric",
    ) -> None:
        self.driver.execute_cdp_cmd(
            "Emulation.setDeviceMetricsOverride",
            {"width": width, "height": height, "deviceScaleFactor": 1, "mobile": width < 600},
        )
        self.driver.get(self.url + path)
        self.driver.execute_script(
            f"localStorage.setItem('theme', '{theme}'); localStorage.setItem('units', '{units}')"
        )
        self.driver.get(self.url + path)
        time.sleep(1.5)

    def keep(self, name: str) -> None:
        time.sleep(0.6)
        self.driver.save_screenshot(str(TARGET / f"{name}.png"))

    def press(self, *keys: str) -> None:
        for key in keys:
            self.driver.find_element(By.TAG_NAME, "body").send_keys(key)
            time.sleep(0.15)

    def click(self, words: str) -> None:
        self.driver.find_element(
            By.XPATH, f'//*[self::button or @role="tab"][contains(normalize-space(.), "{words}")]'
        ).click()
        time.sleep(0.4)

    def mark(self, limb: str, share: float) -> None:
        script = (
            "const e = document.querySelector(arguments[0]), p = "
            "e.getPointAtLength(e.getTotalLength() * arguments[1]), m = e.getScreenCTM(); "
            "return [p.x * m.a + m.e, p.y * m.d + m.f]"
        )
        x, y = self.driver.execute_script(script, f'[data-limb="{limb}"]', share)
        from selenium.webdriver.common.actions.action_builder import ActionBuilder

        action = ActionBuilder(self.driver)
        action.pointer_action.move_to_location(round(x), round(y)).pointer_down().pointer_up()
        action.perform()
        time.sleep(0.4)


def walk(camera: Camera, tree: str) -> None:
    """A walk with a tie that bites, two parallels and a limb over the cap, to its end."""
    camera.open(f"/tree/{tree}/walk", 390, 844, theme="sun")
    find = camera.driver.find_element
    answers = {"union": "1", "parallel-limbs": "1", "height-limbs": "1"}
    several = {"crossing": "3", "height": "2"}
    while (found := camera.driver.find_elements(By.CSS_SELECTOR, '[data-test="step"]')) and (
        asked := found[0].get_attribute("data-question")
    ):
        camera.press(several.get(asked, answers.get(asked, "1")))
        if asked in several or asked.endswith("-limbs"):
            find(By.CSS_SELECTOR, '[data-test="go-on"]').click()
        time.sleep(0.5)
        if asked == "crossing":
            camera.press("1")
            camera.keep("walk-phone")
            camera.press("1")
    camera.keep("walk-end-phone")


def ask(url: str) -> dict:
    with urllib.request.urlopen(url) as answer:
        return json.load(answer)


def take(camera: Camera) -> None:
    trees = ask(f"{camera.url}/api/grove")["trees"]
    named = {t["name"]: t["id"] for t in trees}
    camera.open("/")
    camera.press(*[Keys.ARROW_RIGHT] * 2)
    camera.keep("grove")
    camera.open("/today")
    camera.keep("today")
    camera.open("/place")
    camera.keep("place")
    camera.open(f"/almanac?tree={named['Baixo 4·7']}")
    camera.keep("almanac")
    tree = named["Baixo 4·7"]
    camera.open(f"/tree/{tree}")
    frame = ask(f"{camera.url}/api/trees/{tree}")["frame"]
    for limb in (x for x in frame["limbs"] if x["sucker"] or x["state"] == "dead"):
        camera.mark(limb["id"], 0.5)
    camera.mark("s3b", 0.4)
    camera.mark("s2a", 0.02)
    camera.keep("tree-cuts")
    camera.open(f"/tree/{named['Baixo 5·2']}", theme="night", units="us")
    camera.keep("tree-sketched-night")
    sheet = next(
        s["id"]
        for t in trees
        if t["need_kind"] == "sheet"
        for s in ask(f"{camera.url}/api/trees/{t['id']}")["sheets"]
        if s["state"] == "open"
    )
    camera.open(f"/sheet/{sheet}")
    camera.keep("cut-sheet")
    camera.open(f"/sheet/{sheet}", 390, 844, theme="sun")
    camera.driver.execute_script("document.querySelector('.lines').scrollIntoView()")
    camera.keep("cut-sheet-phone")
    camera.open(f"/tree/{tree}/plan")
    camera.driver.find_element(By.CSS_SELECTOR, '[data-goal="lower"]').click()
    time.sleep(1.5)
    camera.driver.execute_script(
        "document.querySelectorAll('[data-test=plan-cut] details').forEach(e => (e.open = "
        "true)); window.scrollTo(0, 640)"
    )
    camera.keep("plan")
    camera.open(f"/tree/{tree}/shoot", 390, 844)
    camera.keep("shoot-phone")
    walk(camera, tree)
    camera.open(
        f"/row/{ask(f'{camera.url}/api/trees/{tree}')['row_id']}/walk", 390, 844, theme="sun"
    )
    camera.keep("row-phone")
    camera.open("/log")
    camera.keep("log")
    camera.open("/known?find=light")
    camera.keep("what-is-known")
    camera.open("/heights")
    camera.driver.execute_script("document.querySelector('[data-handle=roof]').focus()")
    for _ in range(8):
        camera.driver.switch_to.active_element.send_keys(Keys.ARROW_DOWN)
    time.sleep(1.5)
    camera.keep("heights")
    camera.open(f"/tree/{tree}/heights")
    camera.driver.find_element(By.CSS_SELECTOR, '[data-school="third-of-tree"]').click()
    time.sleep(1.5)
    camera.keep("tree-heights")
    camera.open(f"/tree/{named['Baixo 7·6']}/frost")
    camera.driver.find_elements(By.CSS_SELECTOR, "[role=tab]")[2].click()
    camera.keep("after-frost")
    camera.open("/frost")
    camera.keep("frost")


def main() -> None:
    TARGET.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory(ignore_cleanup_errors=True) as folder:
        settings = Settings(data=Path(folder) / "demo-data", fixed_today=DAY, demo=True)
        build_demo(settings)
        at = open_workplace(settings)
        listener = waitress.create_server(create_app(at), host="127.0.0.1", port=0, threads=4)
        threading.Thread(target=listener.run, daemon=True).start()
        driver = browser(f"{folder}/profile")
        try:
            take(Camera(driver, f"http://127.0.0.1:{listener.effective_port}"))
        finally:
            driver.quit()
        at.store.close()
    print(f"{len(list(TARGET.glob('*.png')))} pictures in {TARGET}")


if __name__ == "__main__":
    main()
