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
import uuid
from io import BytesIO
from pathlib import Path

from PIL import Image
from selenium import webdriver
from selenium.webdriver.chrome.service import Service
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.remote.webelement import WebElement

from billhook.catalogue.languages import languages
from billhook.core.words.tongue import FIRST
from billhook.demo.build import build_demo
from billhook.demo.picture import SHOTS
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app
from billhook.web.listen import listener

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
    options.add_experimental_option("prefs", {"intl.accept_languages": "en-GB"})
    driver = webdriver.Chrome(service=Service("/usr/bin/chromedriver"), options=options)
    driver.implicitly_wait(10)
    return driver


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
        language: str = "",
    ) -> None:
        self.driver.execute_cdp_cmd(
            "Emulation.setDeviceMetricsOverride",
            {"width": width, "height": height, "deviceScaleFactor": 1, "mobile": width < 600},
        )
        self.driver.get(self.url + path)
        self.driver.execute_script(
            f"localStorage.setItem('theme', '{theme}'); "
            f"localStorage.setItem('language', '{language}')"
        )
        self.driver.get(self.url + path)
        time.sleep(1.5)
        for _ in range(100):  # what still comes in says so with three dots
            if " …" not in self.driver.find_element(By.TAG_NAME, "main").text:
                break
            time.sleep(0.3)

    def units(self, units: str) -> None:
        """The holding's units from here on."""
        body = json.dumps({"units": units}).encode()
        head = {"Content-Type": "application/json"}
        urllib.request.urlopen(
            urllib.request.Request(f"{self.url}/api/units", body, head, method="PUT")
        ).close()

    def keep(self, name: str) -> None:
        time.sleep(0.6)
        self.driver.save_screenshot(str(TARGET / f"{name}.png"))

    def press(self, *keys: str) -> None:
        for key in keys:
            self.driver.find_element(By.TAG_NAME, "body").send_keys(key)
            time.sleep(0.15)

    def click(self, words: str) -> None:
        path = f'//*[self::button or @role="tab"][contains(normalize-space(.), "{words}")]'
        self.on(self.driver.find_element(By.XPATH, path))

    def on(self, element: WebElement) -> None:
        """Click it in the middle of the window, where nothing lies over it."""
        self.driver.execute_script("arguments[0].scrollIntoView({block: 'center'})", element)
        element.click()
        time.sleep(0.4)

    def touch(self, px: tuple[float, float]) -> None:
        """A touch on a place of the photo [px of the picture]."""
        self.driver.execute_script(
            "const [x, y] = arguments, svg = document.querySelector('[data-test=photo]'),"
            " b = svg.getBoundingClientRect(), v = svg.viewBox.baseVal,"
            " at = {pointerId: 1, bubbles: true, clientX: b.left + (x - v.x) * b.width / v.width,"
            " clientY: b.top + (y - v.y) * b.height / v.height};"
            "svg.dispatchEvent(new PointerEvent('pointerdown', at));"
            "svg.dispatchEvent(new PointerEvent('pointerup', at))",
            *px,
        )
        time.sleep(0.2)


def walk(camera: Camera, tree: str) -> None:
    """A walk with a tie that bites, two parallels and a limb over the cap, to its end."""
    camera.open(f"/tree/{tree}/look", 390, 844, theme="sun")
    find = camera.driver.find_element
    answers = {"union": "1", "parallel-limbs": "1", "height-limbs": "1"}
    several = {"crossing": "3", "height": "2"}
    while (found := camera.driver.find_elements(By.CSS_SELECTOR, '[data-test="step"]')) and (
        asked := found[0].get_attribute("data-question")
    ):
        camera.press(several.get(asked, answers.get(asked, "1")))
        if asked in several or asked.endswith("-limbs"):
            camera.on(find(By.CSS_SELECTOR, '[data-test="go-on"]'))
        time.sleep(0.5)
        if asked == "crossing":
            camera.press("1")
            camera.keep("walk-phone")
            camera.press("1")


def practised(camera: Camera) -> None:
    """A lesson taken and talked over."""
    camera.open("/practice/suckers", 390, 844)
    camera.on(camera.driver.find_elements(By.CSS_SELECTOR, "[data-test=choice] input")[1])
    camera.click("Talk it over")
    camera.driver.execute_script(
        "document.querySelector('[data-test=debrief]').scrollIntoView({block: 'end'})"
    )
    camera.keep("practice-phone")


def rehearsed(camera: Camera, tree: str) -> None:
    """The plan's cuts, seasons ahead."""
    camera.open(f"/tree/{tree}/cut")
    camera.on(camera.driver.find_element(By.CSS_SELECTOR, "[data-test=rehearse]"))
    camera.driver.find_element(By.CSS_SELECTOR, "[data-test=season]")
    time.sleep(2)
    camera.keep("rehearse")


def trace(camera: Camera, tree: str) -> None:
    """A photo with its foot, top, staff, trunk and three limbs touched."""
    shot = SHOTS["Casa 1·1"]
    limbs = ask(f"{camera.url}/api/trees/{tree}")["frame"]["limbs"]
    mains = [x for x in limbs if x["on"] == "trunk" and not x["sucker"]][:3]
    low, high = shot.staff()
    top = max((x["end"] for x in limbs), key=lambda p: p[2])
    touches = [shot.px((0, 0, 0)), shot.px(top), low, high]
    camera.units("us")
    camera.open(f"/tree/{tree}/trace")
    camera.on(camera.driver.find_elements(By.CSS_SELECTOR, ".thumb")[-1])
    time.sleep(1)
    for px in touches:
        camera.touch(px)
    camera.click("wrist")
    for limb in mains:
        camera.touch(shot.px(limb["start"]))
        camera.touch(shot.px(limb["end"]))
        camera.click("broom handle")
    time.sleep(1)
    camera.driver.execute_script("window.scrollTo(0, 0)")
    camera.keep("trace")
    camera.units("metric")


def ask(url: str) -> dict:
    with urllib.request.urlopen(url) as answer:
        return json.load(answer)


def take(camera: Camera) -> None:
    grove = ask(f"{camera.url}/api/grove")
    trees = grove["trees"]
    named = dict(zip(trees["name"], trees["id"], strict=True))
    needs = zip(trees["id"], trees["needs"], strict=True)
    on_sheets = [i for i, n in needs if grove["needs"][n]["need_kind"] == "sheet"]
    camera.open("/grove")
    camera.press(*[Keys.ARROW_RIGHT] * 2)
    camera.keep("grove")
    camera.open("/today")
    camera.keep("today")
    camera.open(f"/year?tree={named['Baixo 4·7']}")
    camera.keep("year")
    take_tree(camera, on_sheets, named)
    under_the_tree(camera, named["Baixo 4·7"])
    take_years(camera, named)
    take_weeks(camera)


def take_tree(camera: Camera, on_sheets: list[str], named: dict[str, str]) -> None:
    tree = named["Baixo 4·7"]
    camera.open(f"/tree/{tree}")
    camera.keep("tree-now")
    camera.open(f"/tree/{named['Alto 1·3']}", 390, 844)
    camera.keep("tree-now-phone")
    trace(camera, named["Casa 1·1"])
    sheet = next(
        s["id"]
        for tree_id in on_sheets
        for s in ask(f"{camera.url}/api/trees/{tree_id}")["sheets"]
        if s["state"] == "open"
    )
    camera.open(f"/sheet/{sheet}", 390, 844, theme="sun")
    camera.driver.execute_script("document.querySelector('.lines').scrollIntoView()")
    camera.keep("cut-sheet-phone")
    camera.open(f"/tree/{tree}/cut")
    camera.on(camera.driver.find_element(By.CSS_SELECTOR, '[data-goal="lower"]'))
    time.sleep(1.5)
    camera.driver.execute_script(
        "document.querySelectorAll('[data-test=plan-cut] details').forEach(e => (e.open = "
        "true)); window.scrollTo(0, 640)"
    )
    camera.keep("plan")
    rehearsed(camera, tree)
    practised(camera)


def under_the_tree(camera: Camera, tree: str) -> None:
    languages_on_a_phone(camera, tree)
    camera.open(f"/tree/{tree}/look/shoot", 390, 844)
    camera.keep("shoot-phone")
    walk(camera, tree)


def languages_on_a_phone(camera: Camera, tree: str) -> None:
    """Four screens of a phone in each language but the first, on one sheet each."""
    folder = TARGET.parent / "languages"
    folder.mkdir(exist_ok=True)
    for code in (found.code for found in languages() if found.code != FIRST):
        taken = []
        for path in ("/today", f"/tree/{tree}", f"/tree/{tree}/look", f"/tree/{tree}/look/shoot"):
            camera.open(path, 390, 844, language=code)
            taken.append(Image.open(BytesIO(camera.driver.get_screenshot_as_png())))
        sheet = Image.new("RGB", (sum(i.width for i in taken), taken[0].height))
        for nth, image in enumerate(taken):
            sheet.paste(image, (nth * image.width, 0))
        sheet.save(folder / f"{code}.png", optimize=True)


def take_years(camera: Camera, named: dict[str, str]) -> None:
    tree = named["Baixo 4·7"]
    camera.open("/book")
    camera.keep("book")
    camera.open("/known?find=light")
    camera.keep("what-is-known")
    camera.open("/heights")
    camera.driver.execute_script("document.querySelector('[data-handle=roof]').focus()")
    for _ in range(8):
        camera.driver.switch_to.active_element.send_keys(Keys.ARROW_DOWN)
    time.sleep(1.5)
    camera.keep("heights")
    camera.open(f"/tree/{tree}/height")
    camera.on(camera.driver.find_element(By.CSS_SELECTOR, '[data-school="third-of-tree"]'))
    time.sleep(1.5)
    camera.keep("tree-heights")
    camera.open(f"/tree/{named['Baixo 7·6']}/frost")
    camera.on(camera.driver.find_elements(By.CSS_SELECTOR, "[role=tab]")[2])
    camera.keep("after-frost")
    camera.open("/frost")
    camera.keep("frost")


def take_weeks(camera: Camera) -> None:
    for name, hours, skills in (("First helper", 16, ["saw", "ladder"]), ("Second helper", 8, [])):
        body = json.dumps({"name": name, "hours_week": hours, "skills": skills}).encode()
        request = urllib.request.Request(
            f"{camera.url}/api/people/{uuid.uuid4()}",
            body,
            {"Content-Type": "application/json"},
            method="PUT",
        )
        urllib.request.urlopen(request).close()
    camera.open("/weeks")
    time.sleep(3)
    camera.keep("weeks")


def main() -> None:
    TARGET.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory(ignore_cleanup_errors=True) as folder:
        settings = Settings(data=Path(folder) / "demo-data", fixed_today=DAY, demo=True)
        build_demo(settings)
        at = open_workplace(settings)
        server = listener(create_app(at), at, 0)
        threading.Thread(target=server.run, daemon=True).start()
        driver = browser(f"{folder}/profile")
        try:
            take(Camera(driver, f"http://127.0.0.1:{server.port}"))
        finally:
            driver.quit()
        at.store.close()
    print(f"{len(list(TARGET.glob('*.png')))} pictures in {TARGET}")


if __name__ == "__main__":
    main()
