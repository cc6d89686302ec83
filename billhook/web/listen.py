"""What listens: waitress, or cheroot where a certificate makes the page a secure one."""

from __future__ import annotations

import errno
from typing import Any, Protocol

from ..core.errors import BillhookError
from ..settings import Settings

_THREADS = 6


class Listener(Protocol):
    """Something that serves until it is interrupted."""

    def run(self) -> None:
        """Serve."""

    def close(self) -> None:
        """Let go of the port."""


class BadCertificate(BillhookError):
    """A certificate without its key, or files that are none."""


class CannotListen(BillhookError):
    """A port that is taken, or an address that is none."""


class _Secure:
    """cheroot behind the same two verbs."""

    def __init__(self, app: Any, settings: Settings) -> None:
        from cheroot.ssl.builtin import BuiltinSSLAdapter
        from cheroot.wsgi import Server

        self._server = Server(
            (settings.host, settings.port), app, numthreads=_THREADS, server_name="billhook"
        )
        try:
            self._server.ssl_adapter = BuiltinSSLAdapter(
                str(settings.certificate), str(settings.key)
            )
        except OSError as error:
            raise BadCertificate(f"the certificate cannot be used: {error}") from error

        self._server.prepare()

    def run(self) -> None:
        self._server.serve()

    def close(self) -> None:
        self._server.stop()


def listener(app: Any, settings: Settings) -> Listener:
    """A server for the application, on its port. Raises: BadCertificate; CannotListen."""
    try:
        return _listener(app, settings)
    except OSError as error:
        where = f"{settings.host}:{settings.port}"
        taken = error.errno == errno.EADDRINUSE or "in use" in str(error)
        why = "another program listens there" if taken else (error.strerror or str(error))
        raise CannotListen(
            f"Billhook cannot listen on {where}: {why}. Give another with --port or --host."
        ) from error


def _listener(app: Any, settings: Settings) -> Listener:
    if (settings.certificate is None) != (settings.key is None):
        raise BadCertificate(
            "a certificate and its key go together: give --certificate and --key, or neither"
        )
    if settings.secure:
        return _Secure(app, settings)
    import waitress

    where = {"host": settings.host, "port": settings.port}
    # waitress names two kinds
    return waitress.create_server(app, **where, threads=_THREADS)  # type: ignore[no-any-return]
