"""Serving on loopback."""

from __future__ import annotations

import asyncio
import logging
import os
import socket
import sys
import threading
import webbrowser
from collections.abc import Callable
from pathlib import Path

import uvicorn

from ..studio import Studio
from ..studio.folder import data_folder
from .app import create_app

PORT = 8770
"""The port where Washboard is, unless that is taken."""
KEPT_ALIVE = 75
"""Seconds for which a connection stays open with nothing asked."""


def run(
    data: Path | None = None,
    port: int | None = None,
    fd: int | None = None,
    fill: Callable[[Studio], None] | None = None,
    browse: bool = False,
) -> None:
    """Serve until interrupted; prints the address once it listens, and where everything is kept. A port of
    None is the usual one, or any where that is taken. `browse` opens the page where there is a screen.

    The port is bound first and the data folder taken next, so that a second start changes nothing. `fill`
    puts something into the studio before anybody is served. Raises OSError and Held.
    """
    listener = socket.socket(fileno=fd) if fd is not None else _bound(port)
    folder = data_folder(data)
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
    # A page asks again and again over the same connections: one that is closed just then is an error to it.
    config = uvicorn.Config(
        app, log_level="warning", timeout_graceful_shutdown=3, timeout_keep_alive=KEPT_ALIVE
    )
    logging.getLogger("uvicorn.error").addFilter(_is_fault)
    try:
        uvicorn.Server(config).run(sockets=[listener])
    except KeyboardInterrupt:
        print("Stopped; everything is kept.", file=sys.stderr)


def _is_fault(record: logging.LogRecord) -> bool:
    """Whether there is anything to log: who ends the program ends what it is at, which is no fault."""
    return not (record.exc_info and isinstance(record.exc_info[1], asyncio.CancelledError))


def _tell(address: str, folder: Path, browse: bool) -> None:
    print(f"Washboard is at {address}  (stop with Ctrl-C)", flush=True)
    print(f"Everything is kept in {folder}", flush=True)
    if browse and _has_screen():
        # The listener takes the browser's call already; it is answered as soon as the server runs, which
        # must not wait for the browser.
        threading.Thread(target=webbrowser.open, args=(address,), daemon=True).start()


def _has_screen() -> bool:
    """Whether a browser has a screen to open on: without one it would be a browser of text that takes the
    terminal."""
    return sys.platform != "linux" or any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY"))


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
