"""What a person does in a browser, in words."""

from __future__ import annotations

from selenium import webdriver
from selenium.common.exceptions import (
    ElementClickInterceptedException,
    NoSuchElementException,
    StaleElementReferenceException,
)
from selenium.webdriver import ActionChains
from selenium.webdriver.common.actions.action_builder import ActionBuilder
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.remote.webelement import WebElement
from selenium.webdriver.support.ui import WebDriverWait

from billhook.web.tongue import CHOSEN, WORDS

PATIENCE = 60
SERVICE_WORKER = "const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(true))"
"""Waits until the pages are on the phone; the registration itself is nothing to be handed over."""


class Hand:
    """A person at the application."""

    def __init__(self, driver: webdriver.Chrome, url: str) -> None:
        self.driver, self.url = driver, url
        self.asked: list[str] = []
        self._waiting = False

    def open(self, path: str) -> None:
        """Go to a page, forgetting settings of earlier visits first."""
        if self.driver.current_url.startswith(self.url):
            self.driver.execute_script("sessionStorage.clear()")
        kept = {"origin": self.url, "storageTypes": "local_storage,indexeddb"}
        self.driver.execute_cdp_cmd("Storage.clearDataForOrigin", kept)
        for name in (CHOSEN, WORDS):
            self.driver.execute_cdp_cmd("Network.deleteCookies", {"name": name, "url": self.url})
        self.driver.get(self.url + path)
        self.until(lambda: self.driver.find_elements(By.CSS_SELECTOR, "main h1"))

    def until(self, holds, patience: float = PATIENCE):
        """Wait until something holds, and return it; ``patience`` in seconds. Within another wait
        it looks once, so that what has gone is not waited for.
        """
        if self._waiting:
            if not (found := holds()):
                raise NoSuchElementException("not there yet")
            return found
        self._waiting = True
        try:
            gone = [StaleElementReferenceException, NoSuchElementException]
            return WebDriverWait(self.driver, patience, 0.05, ignored_exceptions=gone).until(
                lambda _: holds()
            )
        finally:
            self._waiting = False

    def one(self, css: str) -> WebElement:
        """The element, once it is there."""
        return self.until(lambda: next(iter(self.driver.find_elements(By.CSS_SELECTOR, css)), None))

    def all(self, css: str) -> list[WebElement]:
        """Every such element that is there now."""
        return self.driver.find_elements(By.CSS_SELECTOR, css)

    def sees(self, text: str) -> bool:
        """Wait for a text on the page."""
        return self.until(lambda: text in self.driver.find_element(By.TAG_NAME, "body").text)

    def text(self) -> str:
        """All text of the page."""
        return self.driver.find_element(By.TAG_NAME, "body").text

    def press(self, *keys: str) -> None:
        """Keys, one after the other, with nothing focused."""
        for key in keys:
            ActionChains(self.driver).send_keys(key).perform()

    def search(self, typed: str) -> None:
        """Find by key, once the search is there."""
        self.press("/")
        active = "return document.activeElement?.getAttribute('role')"
        self.until(lambda: self.driver.execute_script(active) == "combobox")
        self.driver.switch_to.active_element.send_keys(typed)

    def button(self, name: str) -> WebElement:
        """A button, link or tab by what is written on it."""
        kinds = "self::button or self::a or self::summary or @role='tab'"
        path = f'//*[{kinds}][contains(normalize-space(.), "{name}")]'
        return self.until(
            lambda: next(
                (e for e in self.driver.find_elements(By.XPATH, path) if e.is_displayed()), None
            )
        )

    def click(self, name: str) -> None:
        """Click what bears this name."""
        self.until(lambda: self._clicked(self.button(name)))

    def touch(self, css: str) -> None:
        """Click the element, once it is there and nothing lies over it."""
        self.until(lambda: self._clicked(self.one(css)))

    def click_on(self, element: WebElement) -> None:
        """Click what is in hand already."""
        self.until(lambda: self._clicked(element))

    def _clicked(self, element: WebElement) -> bool:
        """Whether the click reached it; what still comes in may push something over it."""
        scroll = "arguments[0].scrollIntoView({block: arguments[1]})"
        for block in ("center", "end"):  # near a page's end the middle may lie under what is sticky
            self.driver.execute_script(scroll, element, block)
            try:
                element.click()
            except ElementClickInterceptedException:
                continue
            return True
        return False

    def field(self, label: str, within: str = "body") -> WebElement:
        """The input that bears this label."""
        path = f'.//label[starts-with(normalize-space(.), "{label}")]'
        found = self.until(
            lambda: next((e for e in self.one(within).find_elements(By.XPATH, path)), None)
        )
        return self.driver.find_element(By.ID, found.get_attribute("for"))

    def type(self, label: str, text: str, within: str = "body") -> None:
        """Type into a field in place of what stands there."""
        field = self.field(label, within)
        field.send_keys(Keys.CONTROL, "a")
        field.send_keys(text)

    def pick_day(self, css: str, day: str) -> None:
        """Type a day into its field and leave it."""
        self.one(css).send_keys(Keys.CONTROL, "a")
        self.one(css).send_keys(day, Keys.TAB)

    def choose(self, label: str, option: str, within: str = "body") -> None:
        """Choose from a list by its words."""
        self.choose_in(self.field(label, within), option)

    def choose_in(self, field: WebElement, option: str | int) -> None:
        """Choose from this list by the words, or the nth of them."""

        def chosen() -> bool:
            if field.get_attribute("aria-expanded") != "true":
                self._clicked(field)
            found = self.all('.oneof-list [role="option"]')
            wanted = found[option] if isinstance(option, int) else None
            wanted = wanted or next((o for o in found if o.text == option), None)
            return wanted is not None and self._clicked(wanted)

        self.until(chosen)

    def on_limb(self, limb: str, share: float) -> tuple[int, int]:
        """Where on the screen a place of a limb is drawn."""
        script = (
            "const e = document.querySelector(arguments[0]), p = "
            "e.getPointAtLength(e.getTotalLength() * arguments[1]), m = e.getScreenCTM(); "
            "return [p.x * m.a + m.e, p.y * m.d + m.f]"
        )
        self.one(f'[data-limb="{limb}"]')
        x, y = self.driver.execute_script(script, f'[data-limb="{limb}"]', share)
        return round(x), round(y)

    def point(self, limb: str, share: float, drag_to: float | None = None) -> None:
        """Click a limb with the mouse, or press and drag along it."""
        action = ActionBuilder(self.driver)
        action.pointer_action.move_to_location(*self.on_limb(limb, share)).pointer_down()
        if drag_to is not None:
            for step in range(1, 7):
                action.pointer_action.move_to_location(
                    *self.on_limb(limb, share + (drag_to - share) * step / 6)
                )
        action.pointer_action.pointer_up()
        action.perform()

    def errors(self) -> list[str]:
        """What the browser complained about, failed requests that a test broke on purpose apart."""
        return [
            e["message"]
            for e in self.driver.get_log("browser")
            if e["level"] == "SEVERE" and "status of 500" not in e["message"]
        ]
