"""Pairing at the desk: the address that is listened at, a code, and the devices."""

from __future__ import annotations

from contextlib import suppress
from datetime import UTC, datetime
from typing import Annotated

import segno
from anyio import from_thread
from fastapi import APIRouter, Depends, Request

from ...core.errors import InvalidInput
from ...studio import Studio
from ..door.listening import KEPT, Door, addresses
from ..models.pairing import CodeRead, DeviceRead, DoorCreate, PairingRead
from ..problems import problems
from .access import Id, InStudio

router = APIRouter(prefix="/api/pairing", tags=["pairing"])


def _door(request: Request) -> Door:
    door: Door = request.app.state.door
    return door


AtDoor = Annotated[Door, Depends(_door)]


@router.get("", responses=problems())
def pairing(studio: InStudio, door: AtDoor) -> PairingRead:
    """Whether devices can come, where, and which did."""
    return _read(studio, door)


@router.put("/door", responses=problems())
def switch_on(studio: InStudio, door: AtDoor, given: DoorCreate) -> PairingRead:
    """Listen at an address of this machine on the local network, and again whenever Washboard starts."""
    at = from_thread.run(door.open, given.address, given.port)
    studio.painter.say({KEPT: {"address": at.address, "port": at.port}})
    return _read(studio, door)


@router.delete("/door", responses=problems())
def switch_off(studio: InStudio, door: AtDoor) -> PairingRead:
    """Listen on this machine only."""
    studio.painter.say({KEPT: None})
    from_thread.run(door.close)
    return _read(studio, door)


@router.post("/code", responses=problems())
def code(studio: InStudio, door: AtDoor) -> CodeRead:
    """A new code; the one before is void."""
    if door.at is None:
        raise InvalidInput("refused-door-closed")
    made = studio.pairing.code(datetime.now(UTC))
    url = f"https://{door.at.authority}/pair"
    drawn = segno.make_qr(f"{url}#{made.letters}", error="m")
    rows = ["".join(str(int(bool(dot))) for dot in row) for row in drawn.matrix]
    return CodeRead(code=made.letters, until=made.until, url=url, qr=rows)


@router.delete("/devices/{device}", responses=problems())
def forget(studio: InStudio, door: AtDoor, device: Id) -> PairingRead:
    """Forget a device: from now on it is refused."""
    studio.pairing.devices.forget(device)
    return _read(studio, door)


def _read(studio: Studio, door: Door) -> PairingRead:
    found: list[str] = []
    with suppress(OSError):
        found = addresses()
    return PairingRead(
        addresses=found,
        url=f"https://{door.at.authority}/" if door.at else None,
        devices=[
            DeviceRead.model_validate(vars(device), from_attributes=True)
            for device in studio.pairing.devices.all()
        ],
    )
