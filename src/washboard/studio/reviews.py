"""Photos of a painting: taken in, read beside the plan, kept; what a piece was seen to be."""

from __future__ import annotations

import threading
from collections.abc import Sequence
from datetime import datetime
from functools import partial

from ..core.errors import InvalidInput
from ..core.log.event import EventKind
from ..core.log.spent import minutes_spent
from ..core.review.where import rows_logged
from ..formats import planfile
from ..formats.logfile import log_of
from ..pipeline.tasks import MadePhoto, MakeLookBack, ReviewPhoto
from ..store.database import translated
from ..store.observations import Observed
from ..store.pieces import Piece
from .answers import Answer, ask_anew
from .easel import lines_of
from .planning import document_of, planned
from .studio import Studio, now, silent
from .subjects import identity_of, subject_of

Corners = Sequence[Sequence[float]]


def observe(studio: Studio, piece: Piece, data: bytes, happened: datetime) -> Observed:
    """Take in a photo of a painting and read it. Raises InvalidImage where the painting cannot be seen in it:
    then nothing is kept."""
    taken = studio.take_in(data)
    return _read(studio, piece, taken.hash, data, happened.isoformat(), None, "")


def photograph(studio: Studio, piece: Piece, after: int | None, happened: datetime) -> Observed:
    """Have the camera stand-in photograph a made painting after so many passes, by default all that are
    logged, or all there are; and read it. Raises InvalidInput for a pass that is none."""
    plan = planfile.plan_from(document_of(planned(studio, piece)))
    done = rows_logged(plan, done_by_log(studio, piece.id)) or len(plan.passes)
    row = done if after is None else after
    if not 0 <= row <= len(plan.passes):
        raise InvalidInput("refused-no-such-pass", given=row, most=len(plan.passes))
    seed = len(studio.observations.of(piece.id))
    data = ask_anew(studio, piece, partial(MadePhoto, after=row, seed=seed)).data
    return observe(studio, piece, data, happened)


def observe_again(studio: Studio, piece: Piece, seen: str, corners: Corners) -> Observed:
    """Read a photo again by the corners that the painter says. Raises Missing, and InvalidInput for corners
    that are none: then the reading before stands."""
    before = studio.observations.get(piece.id, seen)
    data = studio.media.read(before.photo)
    return _read(studio, piece, before.photo, data, before.happened, corners, before.id)


def _read(
    studio: Studio,
    piece: Piece,
    photo: str,
    data: bytes,
    happened: str,
    corners: Corners | None,
    replaces: str,
) -> Observed:
    plan = planned(studio, piece)
    subject = subject_of(studio, piece).named(identity_of(plan))
    given = None if corners is None else tuple((float(x), float(y)) for x, y in corners)
    task = ReviewPhoto(subject, data, given, done_by_log(studio, piece.id))
    found = studio.workers.run(task, piece.id, silent, threading.Event(), subject.content)
    with translated(), studio.filing:
        pictures = {name: studio.media.keep(made) for name, made in found["pictures"].items()}
        seen = Observed(plan.key, photo, pictures, found["fields"], happened, replaces)
        return studio.observations.keep(piece.id, seen, now())


def look_back(studio: Studio, piece: Piece) -> Answer:
    """The look back of a piece on one page, as PDF."""
    seen = studio.observations.of(piece.id)
    painting = studio.media.read(seen[-1].pictures["straight"]) if seen else None
    told = (str(seen[-1].fields["headline"]) + ".",) if seen else ()
    real = tuple(sorted(minutes_spent(log_of(lines_of(studio, piece.id)).events).items()))
    make = partial(MakeLookBack, name=piece.name, painting=painting, real=real, told=told)
    return ask_anew(studio, piece, make)


def done_by_log(studio: Studio, piece: str) -> tuple[str, ...]:
    """The passes that are logged as done, in their order."""
    done = (line.done for line in lines_of(studio, piece) if line.kind == EventKind.PASS_DONE)
    return tuple(dict.fromkeys(name for name in done if name))
