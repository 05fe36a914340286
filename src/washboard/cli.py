"""The command line: demo, serve, plan."""

from __future__ import annotations

import hashlib
import sys
from pathlib import Path
from typing import Annotated

import typer

from .core.errors import WashboardError

app = typer.Typer(add_completion=False, no_args_is_help=True, pretty_exceptions_enable=False)
Data = Annotated[
    Path | None, typer.Option("--data", help="Folder for pieces; the platform's own by default.")
]
Port = Annotated[int, typer.Option(help="Port on 127.0.0.1; 0 picks a free one.")]
Socket = Annotated[int | None, typer.Option("--fd", help="Serve on this already listening socket.")]


def main() -> None:
    """Run a command; errors are one line on stderr and exit code 1, wrong usage exits with 2."""
    try:
        app()
    except WashboardError as error:
        print(f"washboard: {error}", file=sys.stderr)
        raise SystemExit(1) from None
    except BrokenPipeError:
        raise SystemExit(1) from None
    except OSError as error:
        print(
            f"washboard: {error.strerror or error}: {error.filename or ''}".rstrip(": "),
            file=sys.stderr,
        )
        raise SystemExit(1) from None


@app.command()
def plan(
    photo: Annotated[Path, typer.Argument(help="A picture: JPEG, PNG, WebP, TIFF, BMP or GIF.")],
    medium: Annotated[str, typer.Option(help="watercolour, pastel, acrylic or oil")],
    surface: Annotated[str, typer.Option(help="white, black, #rrggbb or value:N")],
    size: Annotated[str, typer.Option(help="Width and height of the sheet: 30x20cm")],
    out: Annotated[Path | None, typer.Option(help="Write the plan here, as JSON.")] = None,
    school: Annotated[str | None, typer.Option(help="light-to-dark or dark-to-light")] = None,
    bands: Annotated[int, typer.Option(help="Value bands, 2 to 9")] = 5,
    squint: Annotated[float, typer.Option(help="Strength of squinting, 0 to 3")] = 1.0,
    passes: Annotated[int | None, typer.Option(help="Pin the number of passes, 1 to 9")] = None,
    preview: Annotated[Path | None, typer.Option(help="Folder for the pictures after every pass.")] = None,
) -> None:
    """Plan the order of passes for a photo and print it as a table."""
    from .core.materials.surfaces import size_of
    from .formats import planfile
    from .formats.preview import write_preview
    from .formats.table import table
    from .pipeline.settings import Settings
    from .pipeline.stages import Stages

    width, height = size_of(size)
    settings = Settings(
        medium, surface, width, height, school=school, passes=passes, bands=bands, squint=squint
    ).checked()
    data = photo.read_bytes()
    content = hashlib.sha256(data).hexdigest()
    stages = Stages()
    result = stages.result(content, lambda: data, settings, _progress)
    if sys.stderr.isatty():
        print("\r\033[K", end="", file=sys.stderr)
    decoded = stages.decoded(content, lambda: data)
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.Source(photo.stem, content, decoded.width, decoded.height, labels)
    text = planfile.written(planfile.document_of(result.worked.plan, source))
    if out is not None:
        out.write_text(text, encoding="utf-8")
    if preview is not None:
        write_preview(preview, result.table, result.maps, result.seen.measured.labels)
    print(table(result.worked.plan))


def _progress(stage: str, done: float) -> None:
    if sys.stderr.isatty():
        print(f"\r\033[K{stage} {100 * done:.0f} %", end="", file=sys.stderr, flush=True)


@app.command()
def serve(data: Data = None, port: Port = 8770, fd: Socket = None) -> None:
    """Start Washboard and print its address."""
    from .api.serve import run

    run(data, port, fd)


@app.command()
def demo(data: Data = None, port: Port = 8770, fd: Socket = None) -> None:
    """Start Washboard with the demo pieces."""
    from .api.serve import run

    run(data, port, fd, with_demo=True)


if __name__ == "__main__":
    main()
