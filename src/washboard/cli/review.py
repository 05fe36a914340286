"""A photo of a painting reviewed on the command line."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from .out import place, write, write_json

# What does the work is imported where it is done: a command that is refused answers at once.


def review(
    plan: Annotated[Path, typer.Argument(help="The plan, as `washboard plan --out` writes it")],
    photo: Annotated[Path, typer.Argument(help="A photo of the painting, finished or not")],
    out: Annotated[Path, typer.Option(help="Write what was found here, as JSON.")],
    corners: Annotated[
        str | None,
        typer.Option(help="The sheet's corners in pixels, x,y;x,y;x,y;x,y, clockwise from the upper left"),
    ] = None,
    after: Annotated[int | None, typer.Option(help="The pass after which the photo was taken")] = None,
    straight: Annotated[
        Path | None, typer.Option(help="Write the straightened painting here, as PNG.")
    ] = None,
) -> None:
    """Lay a photo of a painting beside its plan: what came out otherwise, what to correct first, or stop."""
    from ..core.review.review import reviewed
    from ..formats import labelmap, planfile, reviewfile
    from ..formats.image import decoded_at

    for file in (out, straight):
        place(file, plan, photo)
    expected = labelmap.expected_in(planfile.read(plan.read_bytes()))
    picture, scale = decoded_at(photo.read_bytes(), reviewfile.LONG_SIDE)
    given = None if corners is None else reviewfile.corners_from(corners) * scale
    found = reviewed(picture, expected, given, after)
    write_json(out, reviewfile.document_of(found, expected, scale))
    if straight is not None:
        write(straight, reviewfile.straight_png(found))
    print("\n".join(reviewfile.lines_of(found, expected)))
