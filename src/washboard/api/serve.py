"""Serving on loopback."""

from __future__ import annotations

import socket
import sys
import webbrowser
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path

import uvicorn
from platformdirs import user_data_path

from ..studio import Studio
from .app import create_app

PORT = 8770
"""The port where Washboard is, unless that is taken."""


def run(
    data: Path | None,
    port: int | None,
    fd: int | None = None,
    fill: Callable[[Studio], None] | None = None,
    browse: bool = False,
) -> None:
    """Serve until interrupted; prints the address once it listens, and where everything is kept. A port of
    None is the usual one, or any where that is taken. `browse` opens the page where there is a browser.

    The port is bound first and the data folder taken next, so that a second start changes nothing. `fill`
    puts something into the studio before anybody is served. Raises OSError and Held.
    """
    listener = socket.socket(fileno=fd) if fd is not None else _bound(port)
    folder = data or user_data_path("washboard")
    try:
        studio = Studio(folder)
    except BaseException:
        listener.close()
        raise
    app = create_app(folder)
    app.state.studio = studio
    if fill is not None:
        fill(studio)
    _tell(f"http://127.0.0.1:{listener.getsockname()[1]}/", folder, browse)
    config = uvicorn.Config(app, log_level="warning", timeout_graceful_shutdown=3)
    try:
        uvicorn.Server(config).run(sockets=[listener])
    except KeyboardInterrupt:
        print("Stopped; everything is kept.", file=sys.stderr)


def _tell(address: str, folder: Path, browse: bool) -> None:
    print(f"Washboard is at {address}  (stop with Ctrl-C)", flush=True)
    print(f"Everything is kept in {folder}", flush=True)
    if browse:
        # The listener takes the browser's call already; it is answered as soon as the server runs.
        with suppress(webbrowser.Error):
            webbrowser.open(address)


def _bound(port: int | None) -> socket.socket:
    if port is None:
        try:
            return _listening(PORT)
        except OSError:
            return _listening(0)
    try:
        return _listening(port)
    except OSError as error:
        raise OSError(error.errno, f"port {port} is taken: give another with --port, or 0 for any") from None


def _listening(port: int) -> socket.socket:
    listener = socket.socket()
    listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
    try:
        listener.bind(("127.0.0.1", port))
    except OSError:
        listener.close()
        raise
    listener.listen(64)
    return listener
