"""A certificate of the holding's own, so that phones on the farm network get a secure page: a local
authority that can vouch for the names and addresses it was made for, and for nothing else, and a
certificate that is renewed by itself before it ends.

Lives of a year and ten years and the constraint of names follow RFC 5280 and what browsers take
(398 days at most for a certificate; from memory).
"""

from __future__ import annotations

import datetime as dt
import ipaddress
import os
import socket
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path

from cryptography import x509
from cryptography.hazmat.primitives import hashes, serialization
from cryptography.hazmat.primitives.asymmetric import ec
from cryptography.x509.oid import ExtendedKeyUsageOID, NameOID

from ...core.errors import BillhookError
from ...settings import Settings

FOLDER = "certificate"
AUTHORITY, CERTIFICATE = "authority.pem", "certificate.pem"
_AUTHORITY_KEY, _KEY = "authority-key.pem", "key.pem"
_AUTHORITY_DAYS, _DAYS, _RENEW_DAYS = 3650, 390, 60
_NOWHERE = ("192.0.2.1", 9)  # of a block kept for documentation (RFC 5737): nothing is sent


class NoCertificate(BillhookError):
    """A name that is none, or an authority that does not vouch for it."""


def folder_of(settings: Settings) -> Path:
    """Where the keys lie: in the data folder, and in no backup."""
    return settings.data / FOLDER


def names_of(settings: Settings) -> list[str]:
    """Names and addresses by which this computer is reached: those given, its own name on the local
    network, the address that leads out, and itself.
    """
    found = [*settings.names, "localhost", "127.0.0.1"]
    host = socket.gethostname().split(".")[0].lower()
    found += [host, f"{host}.local"] if host and host != "localhost" else []
    with suppress(OSError), socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as probe:
        probe.connect(_NOWHERE)
        found.append(probe.getsockname()[0])
    if settings.host not in ("0.0.0.0", "::", ""):
        found.append(settings.host)
    return list(dict.fromkeys(found))


def make(settings: Settings, now: dt.datetime | None = None) -> list[str]:
    """Make an authority, anew where there is one, and its certificate. Returns: what it is for.
    Raises: NoCertificate.
    """
    names = names_of(settings)
    moment = now or dt.datetime.now(dt.UTC)
    folder = folder_of(settings)
    folder.mkdir(mode=0o700, parents=True, exist_ok=True)
    key = ec.generate_private_key(ec.SECP256R1())
    called = _called(f"Billhook on {socket.gethostname()}")
    general = _general(names)
    made = (
        _builder(called, called, key.public_key(), moment, _AUTHORITY_DAYS)
        .add_extension(x509.BasicConstraints(ca=True, path_length=0), critical=True)
        .add_extension(_use(signs=True), critical=True)
        .add_extension(x509.NameConstraints(_permitted(general), None), critical=True)
        .add_extension(x509.SubjectKeyIdentifier.from_public_key(key.public_key()), critical=False)
        .sign(key, hashes.SHA256())
    )
    _write(folder / _AUTHORITY_KEY, _private(key))
    _write(folder / AUTHORITY, made.public_bytes(serialization.Encoding.PEM))
    _issue(folder, made, key, general, moment)
    return names


def renewed(settings: Settings, now: dt.datetime | None = None) -> bool:
    """Renew the certificate where it ends before long. Returns: whether it was. Raises:
    NoCertificate where the authority itself has come to its end.
    """
    folder = folder_of(settings)
    if not (folder / CERTIFICATE).exists():
        return False
    moment = now or dt.datetime.now(dt.UTC)
    try:
        held = x509.load_pem_x509_certificate((folder / CERTIFICATE).read_bytes())
        if held.not_valid_after_utc - moment > dt.timedelta(days=_RENEW_DAYS):
            return False
        authority = x509.load_pem_x509_certificate((folder / AUTHORITY).read_bytes())
        key = serialization.load_pem_private_key((folder / _AUTHORITY_KEY).read_bytes(), None)
    except (OSError, ValueError) as error:
        raise NoCertificate(
            f"the certificate in {folder} cannot be read: make it anew with billhook certificate"
        ) from error
    if authority.not_valid_after_utc < moment + dt.timedelta(days=_DAYS):
        raise NoCertificate(
            "the authority on this computer comes to its end: make it anew with billhook "
            "certificate, and trust it on the phones again"
        )
    if not isinstance(key, ec.EllipticCurvePrivateKey):
        raise NoCertificate(f"{folder / _AUTHORITY_KEY} is none of Billhook's keys")
    alternatives = held.extensions.get_extension_for_class(x509.SubjectAlternativeName).value
    _issue(folder, authority, key, list(alternatives), moment)
    return True


def with_own(settings: Settings) -> tuple[Path, Path] | None:
    """Certificate and key of the holding's own, None where none was made."""
    folder = folder_of(settings)
    pair = folder / CERTIFICATE, folder / _KEY
    return pair if all(p.exists() for p in pair) else None


def _issue(
    folder: Path,
    authority: x509.Certificate,
    authority_key: ec.EllipticCurvePrivateKey,
    general: list[x509.GeneralName],
    moment: dt.datetime,
) -> None:
    key = ec.generate_private_key(ec.SECP256R1())
    made = (
        _builder(_called("Billhook"), authority.subject, key.public_key(), moment, _DAYS)
        .add_extension(x509.BasicConstraints(ca=False, path_length=None), critical=True)
        .add_extension(_use(signs=False), critical=True)
        .add_extension(x509.SubjectAlternativeName(general), critical=False)
        .add_extension(x509.ExtendedKeyUsage([ExtendedKeyUsageOID.SERVER_AUTH]), critical=False)
        .add_extension(
            x509.AuthorityKeyIdentifier.from_issuer_public_key(authority_key.public_key()),
            critical=False,
        )
        .sign(authority_key, hashes.SHA256())
    )
    _write(folder / _KEY, _private(key))
    _write(folder / CERTIFICATE, made.public_bytes(serialization.Encoding.PEM))


def _builder(
    subject: x509.Name,
    issuer: x509.Name,
    public: ec.EllipticCurvePublicKey,
    moment: dt.datetime,
    days: int,
) -> x509.CertificateBuilder:
    return (
        x509.CertificateBuilder()
        .subject_name(subject)
        .issuer_name(issuer)
        .public_key(public)
        .serial_number(x509.random_serial_number())
        .not_valid_before(moment - dt.timedelta(days=1))
        .not_valid_after(moment + dt.timedelta(days=days))
    )


def _called(name: str) -> x509.Name:
    return x509.Name([x509.NameAttribute(NameOID.COMMON_NAME, name[:64])])


def _use(signs: bool) -> x509.KeyUsage:
    return x509.KeyUsage(
        digital_signature=not signs,
        content_commitment=False,
        key_encipherment=False,
        data_encipherment=False,
        key_agreement=False,
        key_cert_sign=signs,
        crl_sign=signs,
        encipher_only=False,
        decipher_only=False,
    )


def _general(names: Iterable[str]) -> list[x509.GeneralName]:
    found: list[x509.GeneralName] = []
    for name in names:
        try:
            found.append(x509.IPAddress(ipaddress.ip_address(name)))
        except ValueError:
            try:
                found.append(x509.DNSName(name))
            except ValueError as error:
                raise NoCertificate(f"{name!r} is no name that a certificate can bear") from error
    return found


def _permitted(general: Iterable[x509.GeneralName]) -> list[x509.GeneralName]:
    """The same as a constraint, where an address is a network of one."""
    return [
        x509.IPAddress(ipaddress.ip_network(n.value)) if isinstance(n, x509.IPAddress) else n
        for n in general
    ]


def _private(key: ec.EllipticCurvePrivateKey) -> bytes:
    return key.private_bytes(
        serialization.Encoding.PEM, serialization.PrivateFormat.PKCS8, serialization.NoEncryption()
    )


def _write(place: Path, content: bytes) -> None:
    part = place.with_name(f"{place.name}.part")
    with open(os.open(part, os.O_WRONLY | os.O_CREAT | os.O_TRUNC, 0o600), "wb") as sink:
        sink.write(content)
    part.replace(place)
