"""In which language is answered: the one that a link names or the browser was told, else the first
that the reader asks for and that is spoken throughout; English where there is none.
"""

from __future__ import annotations

from typing import cast

from flask import Flask, Request, Response, request
from werkzeug.datastructures import ImmutableMultiDict
from werkzeug.utils import cached_property

from ..catalogue.languages import languages
from ..catalogue.regions import chosen_of
from ..core.words.tongue import FIRST, speak
from ..core.words.units import Units

_NAMED = "lang"
UNITS = "Reader-Units"
"""The header by which pages tell the units, beside the language they speak."""
CHOSEN = "billhook-language"
"""The cookie that tells what a browser was told to speak, for links that it follows by itself."""
WORDS = "billhook-words"
"""The cookie that tells which words of a region it was told to say."""


class Asking(Request):
    """A request whose language stands beside what it asks for."""

    @cached_property
    def args(self) -> ImmutableMultiDict[str, str]:
        """What is asked for, the language left out."""
        every = super().args
        self.named = every.get(_NAMED, "")
        return ImmutableMultiDict([x for x in every.items(multi=True) if x[0] != _NAMED])

    @property
    def units(self) -> Units:
        """The units in which what is wrong is said."""
        return "us" if self.headers.get(UNITS) == "us" else "metric"

    @cached_property
    def language(self) -> str:
        """Code of the language in which it is to be answered."""
        _ = self.args
        if self.named in [found.code for found in languages()]:
            return self.named
        whole = [found.code for found in languages() if found.whole]
        chosen = self.cookies.get(CHOSEN)
        if chosen in whole and UNITS not in self.headers:
            return chosen  # a link that the browser follows by itself; pages say it themselves
        return self.accept_languages.best_match(whole, FIRST)


def register(app: Flask) -> None:
    """Speak the reader's language while a request is answered."""
    app.request_class = Asking

    @app.before_request
    def _begin() -> None:
        asking = cast(Asking, request)
        speak(asking.language, chosen_of(asking.language, asking.cookies.get(WORDS, "")[:200]))

    @app.after_request
    def _say(response: Response) -> Response:
        if request.path.startswith("/api/"):
            response.headers["Content-Language"] = cast(Asking, request).language
            response.vary.add("Accept-Language")
        return response

    @app.teardown_request
    def _end(_: BaseException | None) -> None:
        speak(FIRST)
