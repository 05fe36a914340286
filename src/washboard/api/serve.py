"""Serving on loopback."""

from __future__ import annotations

import socket
import sys
from pathlib import Path

import uvicorn
from platformdirs import user_data_path

from .app import create_app


def run(data: Path | None, port: int, fd: int | None, with_demo: bool = False) -> None:
    """Serve until interrupted; prints the address once it listens."""
    app = create_app(data or user_data_path("washboard"))
    if with_demo:
        from ..demo.pieces import add_demo
        from .studio import Studio

        app.state.studio = Studio(data or user_data_path("washboard"))
        add_demo(app.state.studio)
    listener = socket.socket(fileno=fd) if fd is not None else _bound(port)
    address = f"http://127.0.0.1:{listener.getsockname()[1]}/"
    print(f"Washboard is at {address}  (stop with Ctrl-C)", flush=True)
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
