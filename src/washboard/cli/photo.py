"""What a photo holds, on the command line: looked at, its outlines transferred, grounds weighed."""

from __future__ import annotations

import hashlib
from pathlib import Path
from typing import TYPE_CHECKING, Annotated

import typer

from .options import Medium, Photo, Size, Surface
from .out import called, end_progress, place, show_progress, write

if TYPE_CHECKING:
    from ..pipeline.stages import Seen
    from ..settings import Settings


def _seen(
    photo: Path, size: str, medium: str = "watercolour", surface: str = "white"
) -> tuple[Settings, Seen]:
    """A photo's settings and what is seen in it."""
    from ..core.materials.surfaces import size_of
    from ..pipeline.stages import Stages
    from ..pipeline.subject import Subject
    from ..settings import Settings

    settings = Settings(medium, surface, *size_of(size)).checked()
    data = photo.read_bytes()
    seen = Stages().seen(
        Subject.photo(hashlib.sha256(data).hexdigest(), lambda: data, settings), show_progress
    )
    end_progress()
    return settings, seen


def look(
    photo: Photo,
    size: Size,
    out: Annotated[Path, typer.Option(help="Write what is seen here, as JSON.")],
    areas: Annotated[Path | None, typer.Option(help="Write the area map here: 16-bit PNG.")] = None,
) -> None:
    """See what a picture is made of: areas, horizon, light, focus, bands, what weakens it."""
    from ..formats import lookfile
    from ..pipeline.answers.prepare import looked
    from ..words import speaker

    place(out, photo)
    place(areas, photo)
    settings, seen = _seen(photo, size)
    found = looked(seen, settings)
    document = lookfile.look_document(found.composed, found.light, found.findings, seen.thresholds)
    write(out, lookfile.written(document).encode())
    if areas is not None:
        lookfile.write_labels(areas, seen.areas.labels)
    for finding in found.findings:
        print(speaker().text(finding.sentence))


def transfer(
    photo: Photo,
    size: Size,
    out: Annotated[Path, typer.Option(help="outline.svg or outline.pdf")],
    paper: Annotated[str | None, typer.Option(help="Tile a PDF on A4, A3 or Letter.")] = None,
    detail: Annotated[float, typer.Option(help="Finest detail in mm")] = 1.0,
    mirrored: Annotated[bool, typer.Option(help="Left for right, to rub through.")] = False,
    light: Annotated[bool, typer.Option(help="Light lines on dark.")] = False,
) -> None:
    """Draw the outlines of the areas in true size, to be transferred."""
    from ..core.composition.outline import arcs_of
    from ..core.errors import InvalidInput
    from ..formats import transfer as format

    place(out, photo)
    choices = format.Choices(mirrored=mirrored, light=light, paper=paper).checked()
    if out.suffix.lower() not in (".svg", ".pdf"):
        raise InvalidInput("refused-outline-format", given=out.suffix or "without an ending")
    settings, seen = _seen(photo, size)
    height, width = seen.picture.shape
    sheet = settings.sheet(width / height)
    lines = format.lines_of(arcs_of(seen.areas, sheet.picture_width_cm, detail), sheet, choices)
    if out.suffix.lower() == ".svg":
        from ..words import speaker

        names = {area.label: speaker().name(area.called) for area in seen.areas.areas}
        write(out, format.svg_of(lines, sheet, names, choices).encode())
    else:
        write(out, format.pdf_of(lines, sheet, called(photo), choices))


def ground(
    photo: Photo,
    medium: Medium,
    size: Size,
    out: Annotated[Path, typer.Option(help="Write the candidates here, as JSON.")],
    surface: Surface = "white",
) -> None:
    """Weigh every ground for a picture: what it already paints, what it would cost; best first."""
    from ..formats import lookfile
    from ..pipeline.answers.prepare import grounds
    from ..pipeline.stages.masses import masses_in_areas
    from ..words import speaker

    place(out, photo)
    settings, seen = _seen(photo, size, medium, surface)
    candidates = grounds(seen, masses_in_areas(seen.measured, seen.areas), settings)
    write(out, lookfile.written(lookfile.ground_document(candidates, medium)).encode())
    for candidate in candidates[:2]:
        why = " ".join(map(speaker().text, candidate.why))
        print(f"{candidate.ground.words}: {why}")
