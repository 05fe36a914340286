"""Tablets and phones that were paired, by the hashes of their tokens."""

from __future__ import annotations

from dataclasses import dataclass

from sqlalchemy import select

from .database import Database
from .errors import Missing
from .rows import DeviceRow


@dataclass(frozen=True)
class Device:
    """A device under the name that was given to it; `paired` and `seen` last as ISO text."""

    id: str
    name: str
    paired: str
    seen: str


class Devices:
    """The repository of paired devices. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def all(self) -> list[Device]:
        """Every device, the one that was paired last first."""
        with self._database.reading() as session:
            rows = session.scalars(select(DeviceRow).order_by(DeviceRow.paired.desc(), DeviceRow.id))
            return [_device(row) for row in rows]

    def add(self, id: str, name: str, token: str, now: str) -> Device:
        """Add a device by the hash of its token."""
        with self._database.writing() as session:
            row = DeviceRow(id=id, name=name, token=token, paired=now, seen=now)
            session.add(row)
            return _device(row)

    def of_token(self, token: str) -> Device | None:
        """The device of the hash of a token."""
        with self._database.reading() as session:
            row = session.scalar(select(DeviceRow).where(DeviceRow.token == token))
            return None if row is None else _device(row)

    def see(self, id: str, now: str) -> None:
        """Note when a device was seen; one that was forgotten meanwhile stays forgotten."""
        with self._database.writing() as session:
            row = session.get(DeviceRow, id)
            if row is not None:
                row.seen = now

    def forget(self, id: str) -> None:
        """Forget a device: its token opens nothing any more. Raises Missing."""
        with self._database.writing() as session:
            row = session.get(DeviceRow, id)
            if row is None:
                raise Missing("refused-no-device")
            session.delete(row)


def _device(row: DeviceRow) -> Device:
    return Device(row.id, row.name, row.paired, row.seen)
