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


def run(
    data: Path | None,
    port: int,
    fd: int | None,
    fill: Callable[[Studio], None] | None = None,
    browse: bool = False,
) -> None:
    """Serve until interrupted; prints the address once it listens, and where everything is kept. `browse`
    opens it where there is a browser.

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
    address = f"http://127.0.0.1:{listener.getsockname()[1]}/"
    print(f"Washboard is at {address}  (stop with Ctrl-C)", flush=True)
    print(f"Everything is kept in {folder}", flush=True)
    if browse:
        # The listener takes the browser's call already; it is answered as soon as the server runs.
        with suppress(webbrowser.Error):
            webbrowser.open(address)
    config = uvicorn.Config(app, log_level="warning", timeout_graceful_shutdown=3)
    try:
        uvicorn.Server(config).run(sockets=[listener])
    except KeyboardInterrupt:
        print("Stopped; everything is kept.", file=sys.stderr)


def _bound(port: int) -> socket.socket:
    listener = socket.socket()
    listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
    try:
        listener.bind(("127.0.0.1", port))
    except OSError as error:
        listener.close()
        raise OSError(error.errno, f"port {port} is taken: give another with --port, or 0 for any") from None
    listener.listen(64)
    return listener
