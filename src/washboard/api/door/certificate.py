"""The certificate that the door shows: made on this machine, for one address, by an authority of its own.

A browser keeps pages for use without the network only where it trusts the way to them. The authority can be
installed on the tablet for that; it is limited to private addresses, so that its key could vouch for nothing
else.
"""

from __future__ import annotations

import ipaddress
import os
from contextlib import suppress
from datetime import datetime, timedelta
from pathlib import Path

from cryptography import x509
from cryptography.hazmat.primitives import hashes, serialization
from cryptography.hazmat.primitives.asymmetric import ec
from cryptography.x509.oid import ExtendedKeyUsageOID, NameOID

AUTHORITY_DAYS = 3650
DAYS = 397
"""The longest that browsers accept."""
PRIVATE = ("10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "127.0.0.0/8")


def certified(folder: Path, address: str, now: datetime) -> tuple[Path, Path]:
    """Files of a certificate for an address, with its chain, and of its key, made anew each time; the
    authority is kept in the folder. Raises OSError."""
    folder.mkdir(parents=True, exist_ok=True)
    signer, authority = _authority(folder, now)
    key = ec.generate_private_key(ec.SECP256R1())
    made = (
        _begun(_name("Washboard"), authority.subject, key, now, DAYS)
        .add_extension(x509.SubjectAlternativeName([x509.IPAddress(ipaddress.ip_address(address))]), False)
        .add_extension(x509.BasicConstraints(ca=False, path_length=None), True)
        .add_extension(x509.ExtendedKeyUsage([ExtendedKeyUsageOID.SERVER_AUTH]), False)
        .add_extension(x509.AuthorityKeyIdentifier.from_issuer_public_key(signer.public_key()), False)
        .sign(signer, hashes.SHA256())
    )
    chain, own = folder / "door.crt", folder / "door.key"
    _written(own, _plain(key))
    _written(chain, _pem(made) + _pem(authority))
    return chain, own


def authority_of(folder: Path, now: datetime) -> bytes:
    """The authority's certificate, as tablets install it (DER). Raises OSError."""
    return _authority(folder, now)[1].public_bytes(serialization.Encoding.DER)


def _authority(folder: Path, now: datetime) -> tuple[ec.EllipticCurvePrivateKey, x509.Certificate]:
    """The authority kept in the folder; made where there is none, or it can't be read, or it is old."""
    held, shown = folder / "authority.key", folder / "authority.crt"
    with suppress(OSError, ValueError):
        key = serialization.load_pem_private_key(held.read_bytes(), None)
        there = x509.load_pem_x509_certificate(shown.read_bytes())
        fresh = there.not_valid_after_utc - timedelta(days=DAYS) > now
        if isinstance(key, ec.EllipticCurvePrivateKey) and fresh and key.public_key() == there.public_key():
            return key, there
    made = ec.generate_private_key(ec.SECP256R1())
    name = _name("Washboard on this machine")
    subtrees = [x509.IPAddress(ipaddress.ip_network(net)) for net in PRIVATE]
    authority = (
        _begun(name, name, made, now, AUTHORITY_DAYS)
        .add_extension(x509.BasicConstraints(ca=True, path_length=0), True)
        .add_extension(x509.NameConstraints(subtrees, [x509.DNSName("")]), True)
        .add_extension(_signs_only(), True)
        .add_extension(x509.SubjectKeyIdentifier.from_public_key(made.public_key()), False)
        .sign(made, hashes.SHA256())
    )
    _written(held, _plain(made))
    _written(shown, _pem(authority))
    return made, authority


def _begun(
    name: x509.Name, issuer: x509.Name, key: ec.EllipticCurvePrivateKey, now: datetime, days: int
) -> x509.CertificateBuilder:
    """What every certificate has; valid from a day ago, for tablets whose clocks are behind."""
    return (
        x509.CertificateBuilder()
        .subject_name(name)
        .issuer_name(issuer)
        .public_key(key.public_key())
        .serial_number(x509.random_serial_number())
        .not_valid_before(now - timedelta(days=1))
        .not_valid_after(now + timedelta(days=days - 1))
    )


def _name(words: str) -> x509.Name:
    return x509.Name([x509.NameAttribute(NameOID.COMMON_NAME, words)])


def _signs_only() -> x509.KeyUsage:
    others = dict.fromkeys(
        (
            "digital_signature",
            "content_commitment",
            "key_encipherment",
            "data_encipherment",
            "key_agreement",
            "encipher_only",
            "decipher_only",
        ),
        False,
    )
    return x509.KeyUsage(key_cert_sign=True, crl_sign=True, **others)


def _pem(certificate: x509.Certificate) -> bytes:
    return certificate.public_bytes(serialization.Encoding.PEM)


def _plain(key: ec.EllipticCurvePrivateKey) -> bytes:
    return key.private_bytes(
        serialization.Encoding.PEM, serialization.PrivateFormat.PKCS8, serialization.NoEncryption()
    )


def _written(file: Path, data: bytes) -> None:
    """Write a file that only this user reads."""
    with open(file, "wb", opener=lambda path, flags: os.open(path, flags, 0o600)) as out:
        out.write(data)
