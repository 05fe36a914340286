"""The command line: demo, serve, plan, check, compare, look, transfer, ground, mix, paints, shelf."""

from __future__ import annotations

import hashlib
import json
import sys
from pathlib import Path
from typing import TYPE_CHECKING, Annotated, Any

import typer

from .core.errors import WashboardError

if TYPE_CHECKING:
    from .pipeline.seen import Seen
    from .pipeline.settings import Settings

app = typer.Typer(add_completion=False, no_args_is_help=True, pretty_exceptions_enable=False)
Data = Annotated[
    Path | None, typer.Option("--data", help="Folder for pieces; the platform's own by default.")
]
Port = Annotated[int, typer.Option(help="Port on 127.0.0.1; 0 picks a free one.")]
Photo = Annotated[Path, typer.Argument(help="A picture: JPEG, PNG, WebP, TIFF, BMP or GIF.")]
Size = Annotated[str, typer.Option(help="Width and height of the sheet: 30x20cm")]
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
    school: Annotated[
        str | None,
        typer.Option(help="The key of a school"),
    ] = None,
    bands: Annotated[int, typer.Option(help="Value bands, 2 to 9")] = 5,
    squint: Annotated[float, typer.Option(help="Strength of squinting, 0 to 3")] = 1.0,
    passes: Annotated[
        int | None, typer.Option(help="Passes over shapes, 1 to 9; masks and accents come besides")
    ] = None,
    preview: Annotated[Path | None, typer.Option(help="Folder for the pictures after every pass.")] = None,
    cards: Annotated[Path | None, typer.Option(help="Write a card for every pass here, as PDF.")] = None,
) -> None:
    """Plan the order of passes for a photo and print it as a table."""
    from .core.materials.surfaces import size_of
    from .formats import planfile
    from .formats.preview import write_preview
    from .formats.table import table
    from .pipeline.settings import Settings
    from .pipeline.stages import Stages
    from .pipeline.subject import Subject

    width, height = size_of(size)
    settings = Settings(
        medium, surface, width, height, school=school, passes=passes, bands=bands, squint=squint
    ).checked()
    data = photo.read_bytes()
    content = hashlib.sha256(data).hexdigest()
    stages = Stages()
    result = stages.result(Subject.photo(content, lambda: data, settings), _progress)
    if sys.stderr.isatty():
        print("\r\033[K", end="", file=sys.stderr)
    decoded = stages.decoded(content, lambda: data)
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.Source(
        photo.stem, content, decoded.width, decoded.height, labels, result.seen.areas.areas
    )
    text = planfile.written(planfile.document_of(result.worked.plan, source))
    if out is not None:
        out.write_text(text, encoding="utf-8")
    if preview is not None:
        write_preview(preview, result.table, result.maps, result.seen.measured.labels)
    if cards is not None:
        from .pipeline.schooling import cards_of

        cards.write_bytes(cards_of(result, settings, photo.stem))
    print(table(result.worked.plan))


def _seen(
    photo: Path, size: str, medium: str = "watercolour", surface: str = "white"
) -> tuple[Settings, Seen]:
    """A photo's settings and what is seen in it."""
    from .core.materials.surfaces import size_of
    from .pipeline.settings import Settings
    from .pipeline.stages import Stages
    from .pipeline.subject import Subject

    settings = Settings(medium, surface, *size_of(size)).checked()
    data = photo.read_bytes()
    seen = Stages().seen(Subject.photo(hashlib.sha256(data).hexdigest(), lambda: data, settings), _progress)
    if sys.stderr.isatty():
        print("\r\033[K", end="", file=sys.stderr)
    return settings, seen


@app.command()
def check(
    plan: Annotated[Path, typer.Argument(help="A plan in the open format: ours, edited, or made elsewhere.")],
    out: Annotated[Path | None, typer.Option(help="Write the report here, as JSON.")] = None,
) -> None:
    """Replay a plan on the surface and check it: exit 0 when nothing is refused, 1 otherwise."""
    from .core.checks import Checked, findings_of
    from .core.order.judge.replay import replay
    from .formats import comparison, planfile

    document = planfile.read(plan.read_bytes())
    read = planfile.plan_from(document)
    refusals = replay(read.masses, read.passes, read.medium, read.surface.value)
    findings = findings_of(Checked(read, planfile.things_of(document)))
    if out is not None:
        _write_json(out, comparison.report_document(read, refusals, findings))
    for refusal in refusals:
        print(comparison.refusal_line(refusal))
    for finding in findings:
        print(f"{finding.weight.name.lower()}: {finding.sentence} {finding.why}")
    if refusals:
        raise SystemExit(1)


@app.command()
def compare(
    photo: Photo,
    medium: Annotated[str, typer.Option(help="watercolour, pastel, acrylic or oil")],
    surface: Annotated[str, typer.Option(help="white, black, #rrggbb or value:N")],
    size: Size,
    out: Annotated[Path, typer.Option(help="Write the schools side by side here, as JSON.")],
) -> None:
    """Work every school out for a photo and set them side by side."""
    from .core.materials.surfaces import size_of
    from .formats import comparison
    from .pipeline.settings import Settings
    from .pipeline.stages import Stages
    from .pipeline.subject import Subject

    settings = Settings(medium, surface, *size_of(size)).checked()
    data = photo.read_bytes()
    content = hashlib.sha256(data).hexdigest()
    found = Stages().compared(Subject.photo(content, lambda: data, settings), _progress)
    if sys.stderr.isatty():
        print("\r\033[K", end="", file=sys.stderr)
    _write_json(out, comparison.comparison_document(found, medium))
    for one in found:
        account = one.account
        if account is None:
            print(f"{one.school.words}: not here, {one.why_not}.")
            continue
        print(
            f"{one.school.words}: {account.passes} passes, {account.active:.0f} min of work, "
            f"{account.waiting:.0f} of waiting, judged from pass {account.judged or '–'}, "
            f"ΔE {account.mean:.1f} (worst {account.worst:.1f})."
        )


@app.command()
def look(
    photo: Photo,
    size: Size,
    out: Annotated[Path, typer.Option(help="Write what is seen here, as JSON.")],
    areas: Annotated[Path | None, typer.Option(help="Write the area map here: 16-bit PNG.")] = None,
) -> None:
    """See what a picture is made of: areas, horizon, light, focus, bands, what weakens it."""
    from .formats import lookfile
    from .pipeline.prepared import looked

    settings, seen = _seen(photo, size)
    found = looked(seen, settings)
    document = lookfile.look_document(found.composed, found.light, found.findings, seen.thresholds)
    out.write_text(lookfile.written(document), encoding="utf-8")
    if areas is not None:
        lookfile.write_labels(areas, seen.areas.labels)
    for finding in found.findings:
        print(finding.sentence)


@app.command()
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
    from .core.composition.outline import arcs_of
    from .core.errors import InvalidInput
    from .formats import transfer as format

    choices = format.Choices(mirrored=mirrored, light=light, paper=paper).checked()
    if out.suffix.lower() not in (".svg", ".pdf"):
        raise InvalidInput(
            f"The outline is written as .svg or .pdf, not {out.suffix or 'without an ending'}."
        )
    settings, seen = _seen(photo, size)
    height, width = seen.picture.shape
    sheet = settings.sheet(width / height)
    lines = format.lines_of(arcs_of(seen.areas, sheet.picture_width_cm, detail), sheet, choices)
    if out.suffix.lower() == ".svg":
        names = {area.label: area.called for area in seen.areas.areas}
        out.write_text(format.svg_of(lines, sheet, names, choices), encoding="utf-8")
    else:
        out.write_bytes(format.pdf_of(lines, sheet, photo.stem, choices))


@app.command()
def ground(
    photo: Photo,
    medium: Annotated[str, typer.Option(help="watercolour, pastel, acrylic or oil")],
    size: Size,
    out: Annotated[Path, typer.Option(help="Write the candidates here, as JSON.")],
    surface: Annotated[str, typer.Option(help="white, black, #rrggbb or value:N")] = "white",
) -> None:
    """Weigh every ground for a picture: what it already paints, what it would cost; best first."""
    from .formats import lookfile
    from .pipeline.prepared import grounds
    from .pipeline.stages import masses_in_areas

    settings, seen = _seen(photo, size, medium, surface)
    candidates = grounds(seen, masses_in_areas(seen.measured, seen.areas), settings)
    out.write_text(lookfile.written(lookfile.ground_document(candidates, medium)), encoding="utf-8")
    for candidate in candidates[:2]:
        print(f"{candidate.ground.words}: {candidate.why}")


@app.command()
def mix(
    medium: Annotated[str, typer.Option(help="watercolour, acrylic or oil")],
    paints: Annotated[str, typer.Option(help="Names, separated by commas")] = "",
    target: Annotated[str | None, typer.Option(help="The colour wanted: L,a,b")] = None,
    over: Annotated[str, typer.Option(help="What lies there: white, #rrggbb or value:N")] = "white",
    max_paints: Annotated[int, typer.Option(help="Paints in a mixture, 1 to 3")] = 3,
    parts: Annotated[str | None, typer.Option(help="Predict a mixture: 'ultramarine=2,lemon=1'")] = None,
    film: Annotated[float, typer.Option(help="Thickness in unit films, 1 as it comes")] = 1.0,
    layers: Annotated[str | None, typer.Option(help="Predict layers: 'lemon@0.3;phthalo blue@0.2'")] = None,
    out: Annotated[Path | None, typer.Option(help="Write the answer here, as JSON.")] = None,
) -> None:
    """Find recipes for a colour, best first, or predict what a mixture or layers look like."""
    from .core.errors import InvalidInput
    from .pipeline import mixing

    if sum(given is not None for given in (target, parts, layers)) != 1:
        raise InvalidInput("Give one of --target (what to mix), --parts (a mixture) or --layers.")
    if target is not None:
        palette = mixing.palette_named(paints, medium)
        found = mixing.recipes(palette, medium, over, mixing.target_of(target), max_paints)
        for recipe in found["recipes"]:
            words = " + ".join(f"{part['parts']:g} {part['paint']}" for part in recipe["parts"])
            print(
                f"ΔE {recipe['deltaE']:5.2f}  value {recipe['value']:4.1f}  "
                f"film {recipe['dilution']:5.3f}  {words}"
            )
    else:
        asked = (
            [(mixing.mixture_of(parts), film)] if parts is not None else mixing.layers_of(layers or "", film)
        )
        found = mixing.predicted(asked, medium, over)
        print(f"value {found['value']:.1f}, Lab {', '.join(f'{c:.1f}' for c in found['lab'])}")
    if out is not None:
        _write_json(out, found)


@app.command()
def paints(
    medium: Annotated[str | None, typer.Option(help="Only those sold in this medium")] = None,
    as_json: Annotated[bool, typer.Option("--json", help="As JSON on standard output")] = False,
) -> None:
    """List the built-in paints with opacity, staining and hazards: modelled, not measured."""
    from .core.materials.media import medium_named
    from .core.materials.paints import PAINTS
    from .pipeline.mixing import paint_entry

    if medium is not None:
        medium_named(medium)
    listed = [paint_entry(p) for p in PAINTS.values() if medium is None or medium in p.media]
    if as_json:
        print(json.dumps({"paints": listed}, ensure_ascii=False, indent=1))
        return
    for entry in listed:
        print(
            f"{entry['name']:28} {entry['index']:8} opacity {entry['opacity']:.2f}  staining "
            f"{entry['staining']:.1f}  lightfast {entry['lightfast']}  {entry['hazard']}".rstrip()
        )


shelf = typer.Typer(no_args_is_help=True, help="The painter's own paints and tools, in and out of files.")
app.add_typer(shelf, name="shelf")
ShelfFile = Annotated[Path, typer.Argument(help="A file that ends with .csv or .cxf")]


@shelf.command("import")
def import_(file: ShelfFile, data: Data = None) -> None:
    """Put the things of a file to those on the shelf: all of them or none."""
    from .api.shelving import imported, shelf_in

    content = file.read_bytes()
    with shelf_in(data) as own:
        taken = imported(own, file.name, content)
    for note in taken.notes[:20]:
        print(note)
    found = taken.merged
    print(f"{found.added} added, {found.updated} changed, {found.same} as they were.")


@shelf.command("export")
def export(file: ShelfFile, data: Data = None) -> None:
    """Write the shelf to a file."""
    from .api.shelving import exported, shelf_in

    with shelf_in(data) as own:
        content = exported(own, file.name)
    file.write_bytes(content)
    print(f"Written to {file.name}.")


def _write_json(path: Path, document: dict[str, Any]) -> None:
    path.write_text(json.dumps(document, ensure_ascii=False, indent=1) + "\n", encoding="utf-8")


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
