"""What happens at the easel on the command line: sittings, and a plan that follows what happened."""

from __future__ import annotations

from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Annotated

import typer

from .out import called, place, write, write_json

if TYPE_CHECKING:
    from ..formats.calendar import Free

# What does the work is imported where it is done: a command that is refused answers at once.

HOURS, DAYS = 3.0, 120
"""Hours a day, and days, that are assumed where no calendar is given."""


def sittings(
    plans: Annotated[list[Path], typer.Argument(help="Plans in the open format, one for each piece")],
    out: Annotated[Path, typer.Option(help="Write the sittings here, as JSON.")],
    calendar: Annotated[
        Path | None, typer.Option(help="An iCalendar file whose entries are the times to paint")
    ] = None,
    begin: Annotated[
        str | None, typer.Option("--from", help="From when on, as 2026-12-01T09:00; now for none")
    ] = None,
    set_up: Annotated[
        int | None, typer.Option(help="Minutes to set up; by the medium for none", min=0, max=240)
    ] = None,
    ics: Annotated[Path | None, typer.Option(help="Write the sittings here, as iCalendar.")] = None,
) -> None:
    """Lay the passes of plans into as few sittings as can be: one painter, several pieces side by side."""
    from ..formats import calendar as calendars
    from ..formats import planfile
    from ..pipeline import sittings as room

    for file in (out, ics):
        place(file, *plans, *([calendar] if calendar else []))
    start = moment(begin)
    given = [
        room.Given(name, planfile.plan_from(planfile.read(file.read_bytes())))
        for name, file in zip(named(plans), plans, strict=True)
    ]
    found = room.scheduled(given, _free(calendar, start), start, set_up)
    document = room.document_of(found)
    write_json(out, document)
    if ics is not None:
        write(ics, calendars.written(room.entries_of(found, given), start))
    told = "the fewest there can be" if document["proven"] else f"at least {document['bound']} are needed"
    print(f"{len(document['sittings'])} sittings, {told}.")
    print("\n".join(room.lines_of(found, given)))


def _free(calendar: Path | None, start: datetime) -> Free:
    """The windows of a calendar; for none some hours a day, and it is said."""
    from ..formats.calendar import every_day, free_from

    if calendar is not None:
        return free_from(calendar.read_bytes(), start)
    print(f"No calendar was given: {HOURS:g} hours a day from {start:%H:%M} are assumed.")
    return every_day(start, HOURS, DAYS)


def moment(text: str | None) -> datetime:
    """An instant from ISO 8601, in this machine's zone where it names none; raises InvalidInput."""
    from ..core.errors import InvalidInput

    if text is None:
        return datetime.now().astimezone().replace(second=0, microsecond=0)
    try:
        return datetime.fromisoformat(text).astimezone()
    except (ValueError, OverflowError, OSError):
        raise InvalidInput("refused-moment", text=text[:40]) from None


def named(files: list[Path]) -> list[str]:
    """Names of plans by their files, told apart where two files are called alike."""
    stems = [called(file) for file in files]
    alike = [stems[: k + 1].count(stem) for k, stem in enumerate(stems)]
    return [stem if stems.count(stem) == 1 else f"{stem}-{k}" for stem, k in zip(stems, alike, strict=True)]


def replan(
    plan: Annotated[Path, typer.Argument(help="A plan in the open format")],
    log: Annotated[Path, typer.Option(help="What happened, as JSON Lines")],
    out: Annotated[Path, typer.Option(help="Write the plan from now on here, as JSON.")],
) -> None:
    """Work a plan out again from what happened: what is done stays, the rest follows the surface as it is."""
    from ..core.sentence import sentence
    from ..formats import logfile, planfile
    from ..pipeline.replanning import replan as again
    from ..words import About, speaker

    place(out, plan, log)
    document = planfile.read(plan.read_bytes())
    events, now = logfile.read(log.read_bytes()), logfile.minute_of(datetime.now().astimezone())
    found, what = again(planfile.plan_from(document), events, now)
    fresh = planfile.written(planfile.continued(document, found.plan))
    write(out, fresh.encode())
    told = About.of(found.plan)
    for said in found.told:
        print(speaker().text(said, told))
    for event, why in what.strange:
        print(f"passed over: {event[:40]}, {speaker().phrase(sentence(why))}")
