"""Plans on the command line: worked out, checked, schools compared."""

from __future__ import annotations

import hashlib
from pathlib import Path
from typing import Annotated

import typer

from .options import Medium, Photo, Size, Surface
from .out import called, end_progress, folder, place, show_progress, write, write_json

# What does the work is imported where it is done: a command that is refused, or only asked for help, answers
# at once.


def plan(
    photo: Photo,
    medium: Medium,
    surface: Surface,
    size: Size,
    out: Annotated[Path | None, typer.Option(help="Write the plan here, as JSON.")] = None,
    school: Annotated[str | None, typer.Option(help="The key of a school")] = None,
    bands: Annotated[int, typer.Option(help="Value bands, 2 to 9")] = 5,
    squint: Annotated[float, typer.Option(help="Strength of squinting, 0 to 3")] = 1.0,
    passes: Annotated[
        int | None, typer.Option(help="Passes over shapes, 1 to 9; masks and accents come besides")
    ] = None,
    marks: Annotated[str, typer.Option(help="Small marks: none, few, some, many, or a number")] = "some",
    preview: Annotated[Path | None, typer.Option(help="Folder for the pictures after every pass.")] = None,
    cards: Annotated[Path | None, typer.Option(help="Write a card for every pass here, as PDF.")] = None,
) -> None:
    """Plan the order of passes for a photo and print it as a table."""
    from ..core.materials.surfaces import size_of
    from ..core.plan.marks import number_of_marks
    from ..formats import labelmap, planfile
    from ..formats.preview import write_preview
    from ..formats.table import table
    from ..pipeline.answers.expected import expected_of
    from ..pipeline.stages import Stages
    from ..pipeline.subject import Subject
    from ..settings import Settings

    for file in (out, cards):
        place(file, photo)
    folder(preview, ("pass-*.png", "masses.png"), photo)
    width, height = size_of(size)
    settings = Settings(
        medium,
        surface,
        width,
        height,
        school=school,
        passes=passes,
        bands=bands,
        squint=squint,
        marks=number_of_marks(marks),
    ).checked()
    data = photo.read_bytes()
    content = hashlib.sha256(data).hexdigest()
    stages = Stages()
    result = stages.result(Subject.photo(content, lambda: data, settings), show_progress)
    end_progress()
    decoded = stages.decoded(content, lambda: data)
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.DocumentSource(
        called(photo), content, decoded.width, decoded.height, labels, result.seen.areas.areas
    )
    if out is not None:
        document = planfile.document_of(result.worked.plan, source)
        write(out, planfile.written(labelmap.with_map(document, expected_of(result))).encode())
    if preview is not None:
        write_preview(preview, result.table, result.maps, result.seen.measured.labels)
    if cards is not None:
        from ..pipeline.answers.cards import cards_of

        write(cards, cards_of(result, settings, called(photo)))
    print(table(result.worked.plan))


def check(
    plan: Annotated[Path, typer.Argument(help="A plan in the open format: ours, edited, or made elsewhere.")],
    out: Annotated[Path | None, typer.Option(help="Write the report here, as JSON.")] = None,
) -> None:
    """Replay a plan on the surface and check it: exit 0 when nothing is refused, 1 otherwise."""
    from ..core.checks import Checked, findings_of
    from ..core.surface.replay import refusals_of
    from ..formats import comparison, planfile
    from ..words import About, speaker

    place(out, plan)
    document = planfile.read(plan.read_bytes())
    read = planfile.plan_from(document, judged=True)
    refusals, told = refusals_of(read), About.of(read)
    findings = findings_of(Checked(read, planfile.things_of(document)))
    if out is not None:
        write_json(out, comparison.report_document(read, refusals, findings))
    for refusal in refusals:
        print(comparison.refusal_line(read, refusal))
    for finding in findings:
        seen, why = (speaker().text(words, told) for words in (finding.sentence, finding.why))
        print(f"{finding.weight.name.lower()}: {seen} {why}")
    if refusals:
        raise SystemExit(1)


def compare(
    photo: Photo,
    medium: Medium,
    surface: Surface,
    size: Size,
    out: Annotated[Path, typer.Option(help="Write the schools side by side here, as JSON.")],
) -> None:
    """Work every school out for a photo and set them side by side."""
    from ..core.materials.surfaces import size_of
    from ..formats import comparison
    from ..pipeline.stages import Stages
    from ..pipeline.subject import Subject
    from ..settings import Settings

    place(out, photo)
    settings = Settings(medium, surface, *size_of(size)).checked()
    data = photo.read_bytes()
    content = hashlib.sha256(data).hexdigest()
    stages, about = Stages(), Subject.photo(content, lambda: data, settings)
    stages.result(about, show_progress)
    found = stages.compared(about)
    end_progress()
    write_json(out, comparison.comparison_document(found, medium))
    for one in found:
        metrics = one.metrics
        if metrics is None:
            print(f"{one.school.words}: not here, {one.why_not}.")
            continue
        print(
            f"{one.school.words}: {metrics.passes} passes, {metrics.active:.0f} min of work, "
            f"{metrics.waiting:.0f} of waiting, judged from pass {metrics.judged or '–'}, "
            f"ΔE {metrics.mean:.1f} (worst {metrics.worst:.1f})."
        )
