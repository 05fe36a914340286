"""A plan worked out again from a log."""

from __future__ import annotations

from dataclasses import replace

from ..core.errors import InvalidInput
from ..core.log.event import EventKind
from ..core.log.happened import Happened, happened
from ..core.order.options import Options
from ..core.order.parts import whole
from ..core.plan.plan import Plan
from ..core.plan.state import SheetState
from ..core.planning.planner import plan_of
from ..core.planning.replan import Replanned, replanned
from ..formats.logfile import Log

ABOUT_PASSES = (EventKind.PASS_BEGUN, EventKind.STEP_DONE, EventKind.PASS_DONE, EventKind.PASS_SKIPPED)


AHEAD = 24 * 60.0
"""Minutes by which a clock may be wrong: events farther ahead than that are said to lie in the future."""


def replan(
    plan: Plan, log: Log, now: float, strict: bool = True, room: float = 1.0
) -> tuple[Replanned, Happened]:
    """The rest of a plan after the events of a log, at minute `now` of the log's clock, where things dry
    `room` times as slowly as expected; `strict`: raises InvalidInput for the log of another plan."""
    known = {done.id for done in plan.passes} | set(plan.done)
    named = [event.done for event in log.events if event.kind in ABOUT_PASSES and event.done]
    if strict and named and not known & set(named):
        raise InvalidInput("refused-log-other-plan")
    what = happened(plan, log.events, room)
    ahead = tuple((event.id, "log-future") for event in log.events if event.at > now + AHEAD)
    what = replace(what, strange=(*what.strange, *ahead))
    return replanned(plan, what, lambda state: _anew(plan, state)), what


def _anew(plan: Plan, state: SheetState) -> Plan:
    """The rest ordered anew by the same school, each mass as one part: no label map is at hand."""
    fresh = plan_of(
        plan.masses,
        whole(plan.masses),
        plan.medium,
        plan.surface,
        plan.sheet,
        Options(school=plan.school),
        start=state,
    ).plan
    return replace(fresh, key=plan.key, notes=plan.notes, reserves=plan.reserves, marks=plan.marks)
