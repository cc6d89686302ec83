"""A certificate of the holding's own: for its names and nothing else, renewed before it ends."""

from __future__ import annotations

import datetime as dt
import zipfile

import pytest
from cryptography import x509
from cryptography.x509.verification import PolicyBuilder, Store, VerificationError

from billhook.services.backups.archive import back_up
from billhook.services.backups.restoring import restore
from billhook.services.door import certificate
from billhook.services.workplace import open_workplace
from billhook.settings import Settings

NOW = dt.datetime(2026, 11, 30, 12, tzinfo=dt.UTC)


@pytest.fixture
def settings(tmp_path):
    made = Settings(data=tmp_path / "data", host="0.0.0.0", names=("farm.lan",))
    certificate.make(made, NOW)
    return made


def read(settings, name):
    return x509.load_pem_x509_certificate((certificate.folder_of(settings) / name).read_bytes())


def vouched(settings, name: str, when: dt.datetime) -> bool:
    authority = read(settings, certificate.AUTHORITY)
    leaf = read(settings, certificate.CERTIFICATE)
    verifier = PolicyBuilder().store(Store([authority])).time(when)
    try:
        verifier.build_server_verifier(x509.DNSName(name)).verify(leaf, [])
    except VerificationError:
        return False
    return True


def test_it_vouches_for_the_names_it_was_made_for_alone(settings):
    assert vouched(settings, "farm.lan", NOW)
    assert not vouched(settings, "bank.example", NOW)
    authority = read(settings, certificate.AUTHORITY)
    constraint = authority.extensions.get_extension_for_class(x509.NameConstraints)
    assert constraint.critical
    names = [n.value for n in constraint.value.permitted_subtrees if isinstance(n, x509.DNSName)]
    assert "farm.lan" in names
    assert "" not in names


def test_it_is_renewed_before_it_ends_and_phones_go_on_trusting_it(settings):
    before = (certificate.folder_of(settings) / certificate.AUTHORITY).read_bytes()
    assert not certificate.renewed(settings, NOW + dt.timedelta(days=300))
    later = NOW + dt.timedelta(days=380)
    assert certificate.renewed(settings, later)
    assert (certificate.folder_of(settings) / certificate.AUTHORITY).read_bytes() == before
    assert vouched(settings, "farm.lan", later + dt.timedelta(days=200))
    with pytest.raises(certificate.NoCertificate, match="comes to its end"):
        certificate.renewed(settings, NOW + dt.timedelta(days=3600))


def test_nobody_else_reads_its_keys_and_no_backup_holds_them(settings, tmp_path):
    folder = certificate.folder_of(settings)
    assert {p.stat().st_mode & 0o077 for p in folder.iterdir()} == {0}
    open_workplace(settings).store.close()
    archive = back_up(settings, tmp_path / "all.zip")
    with zipfile.ZipFile(archive) as made:
        assert [n for n in made.namelist() if "key" in n or "pem" in n] == []
    was = (folder / "key.pem").read_bytes()
    restore(settings, archive)
    # phones trust it on
    assert (folder / "key.pem").read_bytes() == was


def test_a_name_that_is_none_is_refused(tmp_path):
    with pytest.raises(certificate.NoCertificate):
        certificate.make(Settings(data=tmp_path, names=("møre.lan",)), NOW)
