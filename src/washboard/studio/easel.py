"""What a piece's easel needs: the plan from now on, what happened, and the sittings of all that is begun."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date, datetime, timedelta
from typing import Any

from dateutil import parser

from ..core.errors import InvalidInput
from ..core.log.event import EventKind
from ..core.log.happened import Happened
from ..core.plan.plan import Plan
from ..core.planning.replan import Replanned
from ..core.sentence import Amount, Sentence, sentence
from ..core.time.evaporation import ROOM, Climate, pace_of
from ..formats import planfile
from ..formats.calendar import Free, free_from
from ..formats.hours import free_in, weekly
from ..formats.logfile import LogLine, log_of, minute_of
from ..pipeline.replanning import replan
from ..pipeline.sittings import Given, Scheduled, ends_of, scheduled
from ..settings import settings_of
from ..store.log import Entry
from ..store.pieces import Piece
from .planning import current, document_of, planned
from .stock import take_off
from .studio import Studio

DEFAULT_HOURS = "every day 19-21"
"""Free hours while the painter has not said any; they are told to be assumed."""
SLOWEST = 6.0
"""Times as long as usual that things are expected to dry at the most, as in air that takes up nothing."""
MOST_EVENTS = 500
"""Events taken at once."""
OFF_CLOCK = timedelta(minutes=5)
"""How far the clock of a device may be off before what it logged is set right: drying is told in minutes."""
MOST_CALENDAR = 2**20
"""Bytes of a calendar that is kept."""


@dataclass(frozen=True)
class AtEasel:
    """The plan in force with its key, how it goes on, and what happened so far."""

    key: str
    plan: Plan
    rest: Replanned
    what: Happened
    lines: tuple[LogLine, ...]


def at_easel(studio: Studio, piece: Piece, now: datetime) -> AtEasel:
    """How a piece stands at its easel; waits for its plan. Raises Unplanned."""
    stored = planned(studio, piece)
    plan = planfile.plan_from(document_of(stored))
    lines = lines_of(studio, piece.id)
    rest, what = replan(plan, log_of(lines), minute_of(now), strict=False, room=room_pace(studio))
    return AtEasel(stored.key, plan, rest, what, lines)


def lines_of(studio: Studio, piece: str) -> tuple[LogLine, ...]:
    """The log of a piece; raises Missing."""
    return tuple(
        LogLine.model_validate({**entry.fields, "id": entry.id, "kind": entry.kind, "at": entry.happened})
        for entry in studio.log.entries(piece)
    )


def log(
    studio: Studio, piece: str, lines: list[LogLine], now: str, off: timedelta = timedelta()
) -> tuple[int, Sentence | None]:
    """Keep events, those already there left out; returns how many were new, and what is told of a clock that
    was `off` ahead of ours: what it logged is set right. Raises InvalidInput for too many at once, Missing,
    and Clash."""
    if len(lines) > MOST_EVENTS:
        raise InvalidInput("refused-events-too-many", most=MOST_EVENTS)
    told = None
    if abs(off) > OFF_CLOCK:
        # What was sent before stands as it was set right then.
        known = {line.id: line.at for line in lines_of(studio, piece)}
        lines = [line.model_copy(update={"at": known.get(line.id, line.at - off)}) for line in lines]
        way = "ahead" if off > timedelta() else "behind"
        told = sentence("log-clock-off", hours=Amount(abs(off) / timedelta(hours=1), 1), way=way)
    before = _done(studio, piece)
    new = studio.log.append(piece, [_entry(line) for line in lines], now)
    fresh = sorted({str(line.done) for line in lines if line.kind == EventKind.PASS_DONE} - before)
    if fresh and new:
        # What is logged is answered at once; mixtures are worked out beside it.
        there = studio.pieces.get(piece)
        studio.jobs.start(f"stock {piece} {fresh}", lambda _: take_off(studio, there, fresh))
    return new, told


def _done(studio: Studio, piece: str) -> set[str]:
    """The passes that are told to be done by now."""
    return {str(line.done) for line in lines_of(studio, piece) if line.kind == EventKind.PASS_DONE}


def _entry(line: LogLine) -> Entry:
    fields = line.model_dump(mode="json", by_alias=True, exclude={"id", "kind", "at"}, exclude_none=True)
    return Entry(line.id, line.kind, fields, line.at.isoformat())


def hours_of(studio: Studio) -> str:
    """The painter's free hours in words."""
    return str(studio.painter.fields().get("hours") or DEFAULT_HOURS)


def sittings_for(studio: Studio, piece: Piece, begin: datetime) -> tuple[Scheduled, list[Given]]:
    """The sittings of a piece and of all others that are begun, in the painter's free hours from an instant
    on. Raises NoRoom where they do not fit."""
    free = free_of(studio, begin)
    given = [_given(studio, piece, begin)]
    for other in studio.pieces.all():
        if other.id != piece.id and studio.log.entries(other.id) and current(studio, other) is not None:
            given.append(_given(studio, other, begin))
    return scheduled(_named_apart(given), free, begin), _named_apart(given)


def free_of(studio: Studio, begin: datetime) -> Free:
    """When the painter has time from an instant on: by the calendar that was given, or by the hours said."""
    kept = studio.painter.fields().get("calendar")
    return free_from(kept["text"].encode(), begin) if kept else free_in(hours_of(studio), begin)


def take_calendar(studio: Studio, name: str, data: bytes, begin: datetime) -> dict[str, Any]:
    """Take the free hours from a calendar from now on. Raises InvalidInput for one that cannot be used; then
    what was said before is kept."""
    if len(data) > MOST_CALENDAR:
        raise InvalidInput("refused-calendar-size", most=MOST_CALENDAR >> 20)
    free_from(data, begin)
    text = data.decode("utf-8-sig", "replace")
    studio.painter.say({"calendar": {"name": name[:80], "text": text}})
    return painter_fields(studio)


def deadlines(piece: Piece, found: Scheduled) -> list[Sentence]:
    """Whether a piece is finished by the deadline that was written for it."""
    written = settings_of(dict(piece.settings)).intent.deadline.strip()
    end = ends_of(found).get(piece.name)
    if not written or end is None:
        return []
    try:
        due = _day(written, end.date())
    except (ValueError, OverflowError):
        return [sentence("deadline-no-date", written=written)]
    days = (due - end.date()).days
    return [sentence("deadline-kept" if days >= 0 else "deadline-missed", days=abs(days), due=written)]


def _day(written: str, about: date) -> date:
    """A day as painters write it, its day before its month, or as ISO 8601 has it; what it leaves out is as
    in `about`. Raises ValueError and OverflowError."""
    try:
        return date.fromisoformat(written)
    except ValueError:
        usual = datetime(about.year, about.month, about.day)
        return parser.parse(written, default=usual, dayfirst=True).date()


def _given(studio: Studio, piece: Piece, now: datetime) -> Given:
    easel = at_easel(studio, piece, now)
    return Given(piece.name, easel.rest.plan)


def _named_apart(given: list[Given]) -> list[Given]:
    """The same under names that differ."""
    found, taken = [], dict[str, int]()
    for one in given:
        taken[one.name] = taken.get(one.name, 0) + 1
        name = one.name if taken[one.name] == 1 else f"{one.name} ({taken[one.name]})"
        found.append(Given(name, one.plan, one.done))
    return found


def climate_of(studio: Studio) -> Climate:
    """The air in the painter's room: as it was said or read, or what is assumed."""
    said = studio.painter.fields()
    if "celsius" not in said or "humidity" not in said:
        return ROOM
    return Climate(float(said["celsius"]), float(said["humidity"]) / 100)


def room_pace(studio: Studio) -> float:
    """How many times as long as in the room that times are told for things dry by the climate alone."""
    return min(pace_of(climate_of(studio)) or SLOWEST, SLOWEST)


def painter_fields(studio: Studio) -> dict[str, Any]:
    """What is known of the painter, with what is assumed."""
    said, climate = studio.painter.fields(), climate_of(studio)
    return {
        "hours": said.get("hours") or DEFAULT_HOURS,
        "hoursSaid": bool(said.get("hours")),
        "calendar": (said.get("calendar") or {}).get("name"),
        "leftHanded": bool(said.get("leftHanded")),
        "celsius": climate.celsius,
        "humidity": round(100 * climate.humidity, 1),
        "climateSaid": "celsius" in said and "humidity" in said,
        "pace": round(room_pace(studio), 2),
        "language": studio.language,
        "languageSaid": bool(said.get("language")),
    }


def say(studio: Studio, fields: dict[str, Any]) -> dict[str, Any]:
    """Say some of it anew. Raises InvalidInput for hours that are not understood and air that cannot be; then
    what was said before is kept."""
    if str(fields.get("hours") or "").strip():
        weekly(str(fields["hours"]))
    if "hours" in fields:
        fields = fields | {"calendar": None}
    known = painter_fields(studio) | fields
    if "celsius" in fields or "humidity" in fields:
        Climate(float(known["celsius"]), float(known["humidity"]) / 100)
        fields = fields | {"celsius": known["celsius"], "humidity": known["humidity"]}
    studio.painter.say(fields)
    return painter_fields(studio)
