"""Where the painting of each demo piece stands: logs as an easel would have written them."""

from __future__ import annotations

import uuid
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import UTC, datetime, timedelta

from ..core.log.event import EventKind, What
from ..core.plan.plan import Pass, Plan, Role
from ..core.way.way import way_through
from ..formats import planfile
from ..formats.logfile import LogLine
from ..studio import Piece, Studio, easel, now
from ..studio.jobs import Job
from ..studio.planning import document_of, planned
from .seen import FINISHED, photograph, practise

SITTING = 180.0
"""Minutes of waiting after which a painter of the demo goes home."""
SLOWER = (1.15, 0.9, 1.3, 1.05)
"""How much longer than planned passes took, in turn."""
K = EventKind


@dataclass(frozen=True)
class State:
    """The first `done` passes painted (all where None), the last one `ago` minutes; `steps` of the next one;
    what `went_wrong` at the end with the largest mass that was finished by then."""

    done: int | None = 0
    ago: float = 1000.0
    steps: int = 0
    went_wrong: What | None = None


STATES = {
    "Dry flats, last light": State(done=2, ago=3.0),
    "Foundry, second pour": State(done=1, ago=40.0, steps=2),
    "Ferry slip in fog": State(done=2, ago=1300.0, went_wrong=What.TOO_DARK),
    "Blue kettle, two pears": State(done=None, ago=4000.0),
}
"""By the names of the pieces; one that is not here is not begun."""


def log_state(studio: Studio, piece: Piece, job: Job) -> None:
    """Log the state of a demo piece as soon as its plan is there. Raises Unplanned, and Missing where it was
    deleted meanwhile."""
    plan = planfile.plan_from(document_of(planned(studio, piece)))
    if not job.cancelled.is_set():
        easel.log(studio, piece.id, list(_lines(plan, STATES[piece.name], datetime.now(UTC))), now())
    if piece.name == FINISHED and not job.cancelled.is_set():
        photograph(studio, piece)
        practise(studio, piece)


def _lines(plan: Plan, state: State, at: datetime) -> Iterator[LogLine]:
    """The lines of a log that comes to a state at a time."""
    done = plan.passes[: state.done]
    took = [own.lasts * SLOWER[k % len(SLOWER)] for k, own in enumerate(done)]
    clock = at - timedelta(minutes=state.ago + sum(took) + sum(own.wait for own in done[:-1]))
    yield _line(K.SITTING_BEGUN, clock)
    for own, minutes in zip(done, took, strict=True):
        # What ends and what begins at one instant have no order.
        yield _line(K.PASS_BEGUN, clock + timedelta(seconds=5), own)
        clock += timedelta(minutes=minutes)
        yield _line(K.PASS_DONE, clock, own)
        if own is done[-1]:
            break
        pause = own.wait > SITTING
        if pause:
            yield _line(K.SITTING_ENDED, clock + timedelta(minutes=10))
        clock += timedelta(minutes=own.wait)
        if pause:
            yield _line(K.SITTING_BEGUN, clock)
    if state.went_wrong is not None:
        finished = [o.mass for own in done for o in own.operations if o.role is Role.TARGET]
        largest = max(finished, key=lambda name: plan.by_id[name].area_cm2)
        yield _line(K.ACCIDENT, clock + timedelta(minutes=2), masses=(largest,), what=state.went_wrong)
    if state.steps:
        following = plan.passes[len(done)]
        yield _line(K.PASS_BEGUN, clock + timedelta(minutes=6), following)
        for k, stride in enumerate(way_through(plan, following)[: state.steps]):
            yield _line(K.STEP_DONE, clock + timedelta(minutes=9 + 3 * k), following, stride.masses)
        yield _line(K.INTERRUPTED, clock + timedelta(minutes=18))
    if state.done is None or state.went_wrong:
        yield _line(K.SITTING_ENDED, clock + timedelta(minutes=30))


def _line(
    kind: EventKind,
    at: datetime,
    own: Pass | None = None,
    masses: tuple[str, ...] = (),
    what: str | None = None,
) -> LogLine:
    return LogLine.model_validate(
        {"id": uuid.uuid4().hex, "at": at, "kind": kind, "masses": masses, "what": what}
        | ({"pass": own.id} if own else {})
    )
