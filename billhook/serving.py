"""One holding served until it is interrupted."""

from __future__ import annotations

import logging
import signal
import threading
from dataclasses import replace

from flask import Flask

from .memory import give_back
from .services.backups.daily import Daily
from .services.book import photos
from .services.door import certificate
from .services.door.signing import Signing, required
from .services.holding import towns
from .services.holding.grove_lines import grove_lines
from .services.workplace import Workplace, open_workplace
from .settings import Settings
from .store.private import private
from .web.app import create_app
from .web.backups.daily import DAILY
from .web.door.owner import owner_words
from .web.door.signing import SIGNING
from .web.listen import Listener, listener

_log = logging.getLogger("billhook")


def serve(settings: Settings) -> None:
    """Serve until interrupted; loopback unless told otherwise, over TLS where a certificate and its
    key are given. Raises: BillhookError for one without the other.
    """

    def _stop(*_: object) -> None:
        raise KeyboardInterrupt

    signal.signal(signal.SIGTERM, _stop)
    give_back()
    private(settings.data)
    settings = _own_certificate(settings)
    at = open_workplace(settings)
    try:
        photos.sweep(at)
        daily = Daily(settings)
        server = _listening(at, daily)
        daily.start()
        try:
            server.run()
        except KeyboardInterrupt:
            pass
        finally:
            server.close()
            daily.stop()
    finally:
        at.store.close()


def _own_certificate(settings: Settings) -> Settings:
    """With the holding's own certificate, renewed if it ends before long, where it listens to the
    network and no other is given.
    """
    if settings.certificate is not None or not required(settings):
        return settings
    try:
        if certificate.renewed(settings):
            print("The certificate was renewed.", flush=True)
    except certificate.NoCertificate as error:
        _log.warning("billhook: %s", error)
    own = certificate.with_own(settings)
    return replace(settings, certificate=own[0], key=own[1]) if own else settings


def _listening(at: Workplace, daily: Daily) -> Listener:
    """The server, its first answers ready, and said to be open."""
    app = create_app(at)
    app.extensions[DAILY] = daily
    if at.settings.demo:
        from .demo.moving import Mover
        from .web.holding.demo import MOVER

        app.extensions[MOVER] = Mover(at)
    server = listener(app, at)
    try:
        grove_lines(at, at.today())  # so that the first view finds its answers ready
    except Exception:  # a page may fail, the holding opens all the same
        _log.exception("the grove cannot be shown")
    threading.Thread(target=towns.warm, daemon=True).start()
    scheme = "https" if at.settings.secure else "http"
    print(
        f"Billhook is open at {scheme}://{at.settings.host}:{server.port}/  (stop with Ctrl-C)",
        flush=True,
    )
    _say_who_comes_in(at, app)
    if server.leads_from:
        print(f"Plain addresses on port {server.leads_from} lead there.", flush=True)
    return server


def _say_who_comes_in(at: Workplace, app: Flask) -> None:
    """Where it listens to more than this machine: how the first owner comes in, and that others do
    only over a secure page.
    """
    if not required(at.settings):
        return
    if not at.settings.secure:
        print(
            "It listens to the network without a certificate: nobody can sign in from another "
            "device. Make one with: billhook certificate",
            flush=True,
        )
    signing: Signing = app.extensions[SIGNING]
    if not signing.owned():
        print(owner_words(signing, at.settings), flush=True)
