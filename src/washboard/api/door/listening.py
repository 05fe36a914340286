"""Listening on one address of the local network, while the painter has it switched on."""

from __future__ import annotations

import asyncio
import contextlib
import ipaddress
import socket
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import UTC, datetime
from functools import partial

import ifaddr
import uvicorn
from starlette.types import ASGIApp

from ...core.errors import InvalidInput, WashboardError
from ...store.database import translated
from ...studio import Studio
from .certificate import authority_of, certified
from .gate import Gate

PORT = 8771
"""The port that is tried first."""
KEPT = "door"
"""The field of the painter under which the address is kept."""


@dataclass(frozen=True)
class At:
    """Where the door is open."""

    address: str
    port: int

    @property
    def authority(self) -> str:
        """Address and port as in a URL."""
        return f"{self.address}:{self.port}"


class _Quiet(uvicorn.Server):
    """A server beside the main one, which alone takes signals."""

    @contextlib.contextmanager
    def capture_signals(self) -> Iterator[None]:
        yield


class Door:
    """Opens and closes the door of a studio; closed at first. Its methods run on the server's loop."""

    def __init__(self, app: ASGIApp, studio: Studio) -> None:
        self._app, self._studio = app, studio
        self._server: _Quiet | None = None
        self._serving: asyncio.Task[None] | None = None
        self.at: At | None = None

    async def open(self, address: str, port: int | None = None) -> At:
        """Listen at a private address of this machine, and no other. Raises InvalidInput, and Full."""
        listener = _bound(_private(address), port)
        await self.close()
        at = At(address, int(listener.getsockname()[1]))
        folder, now = self._studio.folder / "door", datetime.now(UTC)
        try:
            with translated():
                chain, key = await asyncio.to_thread(certified, folder, address, now)
        except OSError:
            listener.close()
            raise InvalidInput("refused-door-folder", folder=str(folder)) from None
        except WashboardError:
            listener.close()
            raise
        studio, certificate = self._studio, partial(authority_of, folder, now)
        gate = Gate(self._app, studio.pairing, at.authority, certificate, lambda: studio.language)
        config = uvicorn.Config(
            gate,
            log_level="warning",
            lifespan="off",
            timeout_graceful_shutdown=1,
            server_header=False,
            ssl_certfile=str(chain),
            ssl_keyfile=str(key),
        )
        self._server = _Quiet(config)
        self._serving = asyncio.create_task(self._server.serve(sockets=[listener]))
        self.at = at
        return at

    async def close(self) -> None:
        """Listen no more."""
        if self._server is not None and self._serving is not None:
            self._server.should_exit = True
            await self._serving
        self._server = self._serving = self.at = None

    async def again(self) -> None:
        """Open it where it was left open, as far as that address is still there."""
        kept = self._studio.painter.fields().get(KEPT)
        if kept:
            with contextlib.suppress(WashboardError):
                await self.open(str(kept["address"]), int(kept["port"]))


def addresses() -> list[str]:
    """The private addresses of this machine, the loopback left out."""
    found = (ip.ip for adapter in ifaddr.get_adapters() for ip in adapter.ips if ip.is_IPv4)
    return sorted({str(ip) for ip in found if _is_private(str(ip)) and not str(ip).startswith("127.")})


def _is_private(address: str) -> bool:
    try:
        ip = ipaddress.IPv4Address(address)
    except ValueError:
        return False
    return ip.is_private and not (ip.is_unspecified or ip.is_link_local or ip.is_reserved)


def _private(address: str) -> str:
    if not _is_private(address):
        raise InvalidInput("refused-door-address", address=address)
    return address


def _bound(address: str, port: int | None) -> socket.socket:
    """A listening socket: at the port that is given, else at the usual one or, where that is taken, any."""
    for tried in (PORT, 0) if port is None else (port,):
        listener = socket.socket()
        listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            listener.bind((address, tried))
        except OSError:
            listener.close()
            continue
        listener.listen(64)
        return listener
    raise InvalidInput("refused-door-taken", address=address)
