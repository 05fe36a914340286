"""Models of pairing: the door, the code of the moment, the devices."""

from __future__ import annotations

from typing import Annotated

from pydantic import AwareDatetime, Field

from ...settings.wire import Model


class DoorCreate(Model):
    """The address to listen at; `port` is chosen where none is given."""

    address: Annotated[str, Field(max_length=64, examples=["192.168.1.20"])]
    port: Annotated[int, Field(ge=0, le=65535)] | None = None


class DeviceRead(Model):
    """A paired device: when it was, and when it was seen last."""

    id: str
    name: str
    paired: AwareDatetime
    seen: AwareDatetime


class PairingRead(Model):
    """The addresses that could be listened at, the one that is, and all paired devices."""

    addresses: list[str]
    url: str | None
    devices: list[DeviceRead]


class CodeRead(Model):
    """A code, until when it is valid, and the address with it: as text, and as rows of a QR code, 1 for
    dark."""

    code: str
    until: AwareDatetime
    url: str
    qr: list[str]
