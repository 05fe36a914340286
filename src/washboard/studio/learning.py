"""What is learnt of the painter from all pieces: found anew whenever it is asked for."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from datetime import UTC, datetime
from typing import Any

from ..core.errors import InvalidInput
from ..core.learning.bias import Came, Seen
from ..core.learning.evidence import paces_of, wastes_of
from ..core.learning.offers import Evidence, Lesson, lessons
from ..core.log.event import EventKind
from ..core.log.happened import happened
from ..core.materials.habit import habit_in
from ..core.materials.media import medium_named
from ..core.plan.plan import Plan
from ..core.time.dryness import Report
from ..formats import planfile
from ..formats.logfile import log_of
from ..pipeline.tasks import RecipeBoard
from ..settings import declared
from ..store.pieces import Piece
from . import edits
from .answers import ask
from .easel import lines_of, room_pace
from .habits import TAKEN, habit_for, taken
from .planning import document_of
from .studio import Studio
from .subjects import subject_of

BARE = 0.05
"""Values within which what is planned is the bare surface, which nobody lays."""
TELLING = 0.15
"""Standard deviation of a photo's light, in values, up to which it tells of a painter's bias."""


@dataclass
class _Known:
    """What is known in one medium so far."""

    paces: dict[str, list[float]] = field(default_factory=dict)
    reports: dict[str, list[Report]] = field(default_factory=dict)
    seen: list[Seen] = field(default_factory=list)
    wastes: list[float] = field(default_factory=list)


def learnt(studio: Studio) -> tuple[Lesson, ...]:
    """All that is learnt so far, medium by medium."""
    known: dict[str, _Known] = {}
    for piece in studio.pieces.all():
        tells = studio.log.entries(piece.id) or studio.observations.of(piece.id)
        stored = studio.plans.in_force(piece.id) if tells else None
        if stored is not None:
            plan = planfile.plan_from(document_of(stored))
            _add(studio, piece, plan, known.setdefault(plan.medium.key, _Known()))
    room = room_pace(studio)
    found: list[Lesson] = []
    for medium, own in known.items():
        found += lessons(medium, Evidence(own.paces, own.reports, own.seen, own.wastes, room))
    return tuple(found)


def _add(studio: Studio, piece: Piece, plan: Plan, known: _Known) -> None:
    """Add what one piece tells to what is known."""
    pace, drying = habit_in(plan.medium, medium_named(plan.medium.key))
    events = log_of(lines_of(studio, piece.id)).events
    for tool, ratios in paces_of(plan, events, pace).items():
        known.paces.setdefault(tool, []).extend(ratios)
    reports = happened(plan, events, room_pace(studio)).reports if events else ()
    for one in reports:
        usual = Report(*(None if share is None else share * drying for share in (one.wet, one.dry)))
        known.reports.setdefault(plan.surface.words, []).append(usual)
    if any(event.kind is EventKind.MIXTURE for event in events):
        known.wastes += wastes_of(events, _mixed(studio, piece))
    seen = _seen(studio, piece, plan)
    if seen is not None:
        known.seen.append(seen)


def _mixed(studio: Studio, piece: Piece) -> dict[str, float]:
    """Millilitres of mixture that are planned for each pass."""
    planned: dict[str, float] = {}
    for pile in ask(studio, piece, RecipeBoard).fields["piles"]:
        planned[pile["pass"]] = planned.get(pile["pass"], 0.0) + pile["ml"]
    return planned


def _seen(studio: Studio, piece: Piece, plan: Plan) -> Seen | None:
    """How the masses of a painting came out when they were first judged, before anything was corrected; None
    where no photo's light is known well enough."""
    came: dict[str, Came] = {}
    sd, habit, bare = 0.0, subject_of(studio, piece).settings.habit, plan.surface.value
    for photo in studio.observations.of(piece.id):
        if photo.fields["sd"] > TELLING:
            continue
        for one in photo.fields["masses"]:
            # What is too unsure to be told teaches all the same: without it habits would look smaller.
            read = one["judged"] or one.get("unsure")
            if read and one["difference"] is not None and abs(one["planned"] - bare) > BARE:
                # What was mixed darker for it came out so much lighter than it was mixed.
                off = one["difference"] + habit.off(one["planned"])
                warm = one["lab"][2] - one["plannedLab"][2] if one["lab"] else 0.0
                came.setdefault(one["mass"], Came(one["planned"], off, warm))
                sd = max(sd, photo.fields["sd"])
    return Seen(tuple(came.values()), sd) if came else None


def take(studio: Studio, key: str) -> tuple[Lesson, ...]:
    """Take what is offered of all that is learnt, which comes back: it goes into new pieces, and into those
    of its medium that are not begun. Raises InvalidInput where nothing of that kind is offered."""
    found = learnt(studio)
    lesson = next((one for one in found if one.key == key and one.offered), None)
    if lesson is None:
        raise InvalidInput("refused-no-lesson")
    own = lesson.estimate
    entry: dict[str, Any] = {"kind": lesson.kind.value, "medium": lesson.medium, "scope": lesson.scope}
    entry |= {"mean": round(own.mean, 3), "sd": round(own.sd, 3), "count": own.count}
    said = datetime.now(UTC).isoformat(timespec="seconds")
    studio.painter.say({TAKEN: taken(studio) | {key: entry | {"at": said}}})
    _into_pieces(studio, lesson.medium)
    return found


def take_back(studio: Studio, key: str) -> None:
    """Take back what was taken, out of all pieces that are not begun. Raises InvalidInput where nothing
    was."""
    known = taken(studio)
    if key not in known:
        raise InvalidInput("refused-no-lesson")
    medium = known.pop(key)["medium"]
    studio.painter.say({TAKEN: known})
    _into_pieces(studio, medium)


def _into_pieces(studio: Studio, medium: str) -> None:
    """Give the habit to the pieces of a medium that are not begun."""
    for piece in _unbegun(studio, medium):
        known = subject_of(studio, piece).settings
        habit = habit_for(studio, medium, known.start.words)
        if known.habit != habit:
            edits.edit(studio, piece.id, piece.revision, {"habit": declared()["habit"].plain(habit)})


def _unbegun(studio: Studio, medium: str) -> Iterator[Piece]:
    for piece in studio.pieces.all():
        if piece.settings["medium"] == medium and not studio.log.entries(piece.id):
            yield piece
