"""The command line: demo, serve, backup, restore, doctor, plan, check, compare, sittings, replan, review,
drill, look, transfer, and ground, mix, paints, shelf. Without a command Washboard starts."""

from __future__ import annotations

import io
import sys
from collections.abc import Callable

import typer

from ..core.errors import WashboardError
from ..words import speaker
from . import drill, folder, mix, paint, photo, plan, review, serve, shelf

app = typer.Typer(add_completion=False, invoke_without_command=True, pretty_exceptions_enable=False)
COMMANDS: tuple[Callable[..., None], ...] = (
    plan.plan,
    plan.check,
    plan.compare,
    paint.sittings,
    paint.replan,
    review.review,
    drill.drill,
    photo.look,
    photo.transfer,
    photo.ground,
    mix.mix,
    mix.paints,
    serve.serve,
    serve.demo,
    folder.backup,
    folder.restore,
    folder.doctor,
)
app.callback()(serve.start)
for command in COMMANDS:
    app.command()(command)
app.add_typer(shelf.shelf, name="shelf")


def main() -> None:
    """Run a command; errors are one line on stderr and exit code 1, wrong usage exits with 2."""
    for out in (sys.stdout, sys.stderr):
        # A terminal that knows few letters shows a mark for the others instead of nothing at all.
        if isinstance(out, io.TextIOWrapper):
            out.reconfigure(errors="replace")
    try:
        app()
    except WashboardError as error:
        print(f"washboard: {speaker().text(error.sentence)}", file=sys.stderr)
        raise SystemExit(1) from None
    except BrokenPipeError:
        raise SystemExit(1) from None
    except OSError as error:
        print(f"washboard: {error.strerror or error}: {error.filename or ''}".rstrip(": "), file=sys.stderr)
        raise SystemExit(1) from None
