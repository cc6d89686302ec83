"""Commands: serve, demo, backup, restore, migrate, openapi, language. Thin over the services."""

from __future__ import annotations

import argparse
import datetime as dt
import json
import logging
import os
import sys
from collections.abc import Callable
from contextlib import AbstractContextManager
from dataclasses import replace
from pathlib import Path

from .catalogue.wording import said
from .core.errors import BillhookError
from .settings import HELP, Settings, from_environment
from .store.lock import held


def main(argv: list[str] | None = None) -> int:
    """Run one command; returns its exit code."""
    parser = argparse.ArgumentParser(
        prog="billhook", description="Pruning decisions for evergreen subtropical fruit trees."
    )
    try:
        base = from_environment()
    except ValueError as error:
        parser.error(f"one of the BILLHOOK_ variables cannot be used: {error}")
    commands = parser.add_subparsers(dest="command", required=True)
    for name, about in (
        ("serve", "serve a holding"),
        ("demo", "serve the demo holding"),
        ("migrate", "bring the database up to date"),
        ("certificate", "make a certificate for phones on the network, and use it from then on"),
        ("owner", "let an owner in, the first or one who lost the PIN, while it runs or not"),
        ("rebuild", "work out anew what is kept of every tree, and say what differed"),
    ):
        one = commands.add_parser(name, help=about)
        _common(one, base, name)
        if name == "demo":
            one.add_argument(
                "--large", type=int, nargs="?", const=10, default=0, help=HELP["large"]
            )
    backup = commands.add_parser(
        "backup", help="write database and files into one archive, while running"
    )
    package = commands.add_parser(
        "package", help="write all of the holding as open data: CSV with schema, GeoJSON, photos"
    )
    restore = commands.add_parser(
        "restore",
        help="check a backup or a package and put it in place of the data folder, which is kept",
    )
    for sub in (backup, package, restore):
        sub.add_argument("file", type=Path)
        _common(sub, base, "")
    commands.add_parser("openapi", help="print the description of the API")
    tongue = commands.add_parser(
        "language", help="begin a language, or list what one does not say yet"
    )
    tongue.add_argument("code", help="its code, such as fr")
    given = parser.parse_args(argv)
    os.umask(0o077)  # what is written down is its owner's alone
    logging.basicConfig(level=logging.WARNING, format="%(message)s", stream=sys.stderr)
    try:
        return _run(given, base)
    except BillhookError as error:
        print(f"billhook: {said(error.says)}", file=sys.stderr)
        return 1


def _common(parser: argparse.ArgumentParser, base: Settings, name: str) -> None:
    parser.add_argument(
        "--data",
        type=Path,
        default=Path("demo-data") if name == "demo" and base.data == Path("data") else base.data,
        help=HELP["data"],
    )
    parser.add_argument("--host", default=base.host, help=HELP["host"])
    parser.add_argument("--port", type=int, default=base.port, help=HELP["port"])
    parser.add_argument("--name", action="append", dest="names", metavar="NAME", help=HELP["name"])
    parser.add_argument(
        "--certificate", type=Path, default=base.certificate, help=HELP["certificate"]
    )
    parser.add_argument("--key", type=Path, default=base.key, help=HELP["key"])
    parser.add_argument("--plain-port", type=int, default=base.plain_port, help=HELP["plain_port"])
    parser.add_argument("--backups", type=Path, default=base.backups, help=HELP["backups"])
    parser.add_argument(
        "--today", type=dt.date.fromisoformat, default=base.fixed_today, help=HELP["today"]
    )


def _run(given: argparse.Namespace, base: Settings) -> int:
    if given.command == "openapi":
        return _print_openapi()
    if given.command == "language":
        from .catalogue.beginning import begin

        print(begin(given.code))
        return 0
    settings = replace(
        base,
        data=given.data,
        host=given.host,
        port=given.port,
        fixed_today=given.today,
        demo=given.command == "demo",
        certificate=given.certificate,
        key=given.key,
        names=(*base.names, *(given.names or ())),
        large=getattr(given, "large", 0),
        plain_port=given.plain_port,
        backups=given.backups,
    )
    if given.command == "backup":
        from .services.backups.archive import back_up

        print(back_up(settings, given.file))
    elif given.command == "package":
        _package(settings, given.file)
    elif given.command == "certificate":
        _certificate(settings)
    elif given.command == "owner":
        _owner(settings)
    elif given.command == "restore":
        _restore(settings, given.file)
    else:
        with held(settings.data / "billhook.lock"):
            _work_on(settings, given.command)
    return 0


def _package(settings: Settings, target: Path) -> None:
    from .services.backups.package import pack
    from .services.workplace import open_workplace

    if not settings.database.exists():
        raise BillhookError(f"there is no database in {settings.data}")
    at = open_workplace(settings)
    with _on_its_way():
        print(pack(at, target))
    at.store.close()


def _on_its_way() -> AbstractContextManager[None]:
    """Long work, its parts printed as it comes to them."""
    from .catalogue.wording import said
    from .services.progress import telling

    return telling(lambda part: print(f"  {said(part)} …", flush=True))


def _certificate(settings: Settings) -> None:
    from .services.door import certificate

    names = certificate.make(settings)
    print(
        f"A certificate for {', '.join(names)} lies in {certificate.folder_of(settings)}. Start "
        "Billhook with --host 0.0.0.0; it is used by itself. More, On this phone, shows how a "
        "phone learns to trust it."
    )


def _owner(settings: Settings) -> None:
    from .services.door.signing import Signing
    from .store.door import Door
    from .web.door.owner import owner_words

    signing = Signing(Door(settings.data))
    print(owner_words(signing, settings))
    signing.close()


def _restore(settings: Settings, source: Path) -> None:
    from .services.backups.restoring import restore

    with held(settings.data / "billhook.lock"), _on_its_way():
        kept = restore(settings, source)
    was = f"; what stood there is kept in {kept}" if kept else ""
    print(f"restored into {settings.data}{was}")


def _work_on(settings: Settings, command: str) -> None:
    """What one program at a time does to a folder."""
    if command == "migrate":
        from .services.workplace import open_workplace

        open_workplace(settings).store.close()
        print(f"{settings.database} is up to date")
        return
    if command == "rebuild":
        from .services.holding.rebuilding import rebuild

        print(rebuild(settings))
        return
    if command == "demo":
        from .demo.build import DONE, build_demo, on_its_day

        if not (settings.data / DONE).exists():
            print("Making the demo holding; this takes a few seconds, once.", flush=True)
        build_demo(settings, _told(settings.large))
        settings = on_its_day(settings)
    from .serving import serve

    serve(settings)


def _told(blocks: int) -> Callable[[int], None]:
    """Tells how many blocks of the large demo stand."""

    def tell(done: int) -> None:
        if blocks:
            print(f"{done * 1000:,} of {blocks * 1000:,} trees stand", flush=True)

    return tell


def _print_openapi() -> int:
    import tempfile

    from .services.workplace import open_workplace
    from .web.app import api_description, create_app

    with tempfile.TemporaryDirectory() as folder:
        at = open_workplace(Settings(data=Path(folder)))
        print(json.dumps(api_description(create_app(at)), indent=1, ensure_ascii=False))
        at.store.close()
    return 0


if __name__ == "__main__":
    raise SystemExit(main())
