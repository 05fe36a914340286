"""The server on the command line, empty or with the demo pieces."""

from __future__ import annotations

from typing import Annotated

import typer

from .options import Data

Port = Annotated[
    int | None,
    typer.Option(help="Port on 127.0.0.1; 0 picks a free one. 8770 where that is free.", min=0, max=65535),
]
Socket = Annotated[int | None, typer.Option("--fd", help="Serve on this already listening socket.")]


def start(context: typer.Context) -> None:
    """Decide in which order to lay which values where. Without a command: start, and open the page."""
    if context.invoked_subcommand is None:
        from ..api.serve import run

        run(browse=True)


def serve(data: Data = None, port: Port = None, fd: Socket = None) -> None:
    """Start Washboard and print its address."""
    from ..api.serve import run

    run(data, port, fd)


def demo(data: Data = None, port: Port = None, fd: Socket = None) -> None:
    """Start Washboard with the demo pieces."""
    from ..api.serve import run
    from ..demo.fill import add_demo

    run(data, port, fd, add_demo)
