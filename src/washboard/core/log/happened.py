"""What lies on the surface after what really happened."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace

from ..plan.plan import Kind, Operation, Pass, Plan, Role
from ..plan.state import SheetState
from ..surface.replay import state_after
from ..time.dryness import Report
from ..time.pace import drying_minutes
from .event import Event, EventKind, What, in_order
from .harm import LastLaid, harmed, planned_value, strange
from .sheet import Sheet, Trouble

STILL_WET = 0.35
"""Share of the usual drying time that a layer which is said to be still wet takes from then on. A guess."""
OFF = 0.5
"""Munsell values by which what was measured, or done otherwise, may miss its target and count as reached:
half a step is the smallest difference that painters plan with."""


@dataclass(frozen=True)
class Happened:
    """What came of the events: the `state` of the sheet at the last of them, the passes that are done and
    those skipped, by id in the order in which they were; what is in trouble; and what could not be
    understood, as (event, why) with a key of the catalogue; `events` the ids of all that was gone through;
    `pace` times as long as expected that things dry here, by these `reports`."""

    state: SheetState
    done: tuple[str, ...] = ()
    skipped: tuple[str, ...] = ()
    trouble: tuple[Trouble, ...] = ()
    strange: tuple[tuple[str, str], ...] = ()
    events: tuple[str, ...] = ()
    pace: float = 1.0
    reports: tuple[Report, ...] = ()


def happened(plan: Plan, events: Sequence[Event], room: float = 1.0) -> Happened:
    """What a plan's surface is like after events; minute 0 of the sheet is where the plan begins. Things dry
    `room` times as slowly as expected by the climate alone.

    Nothing is refused: what makes no sense is noted and passed over, and what it told is kept in the log.
    """
    ordered = [event for event in in_order(events) if event.id not in plan.logged]
    sheet = Sheet(plan, plan.start, room=room)
    origin = ordered[0].at - plan.start.clock if ordered else 0.0
    for event in ordered:
        now = max(event.at - origin, sheet.state.clock)
        sheet.state = replace(sheet.state, clock=now)
        HANDLED.get(event.kind, _nothing)(sheet, event)
    return Happened(
        sheet.state,
        tuple(sheet.done),
        tuple(sheet.skipped),
        tuple(sheet.trouble.values()),
        tuple(sheet.strange),
        tuple(event.id for event in ordered),
        sheet.pace,
        tuple(sheet.reports.values()),
    )


def _nothing(sheet: Sheet, event: Event) -> None:
    """An event that leaves the surface as it is."""


def _begun(sheet: Sheet, event: Event) -> None:
    done = sheet.pass_of(event)
    if done is not None:
        sheet.last = done.id


def _step(sheet: Sheet, event: Event) -> None:
    done = sheet.pass_of(event)
    if done is not None:
        sheet.last = done.id
        names = set(sheet.masses_of(event)) - sheet.parts.get(done.id, set())
        _painted(sheet, done, lambda o: o.mass in names)
        _compared(sheet, done, event)
        sheet.parts.setdefault(done.id, set()).update(names)


def _done(sheet: Sheet, event: Event) -> None:
    done = sheet.pass_of(event)
    if done is None:
        return
    sheet.last = done.id
    if done.id in sheet.done:
        sheet.strange.append((event.id, "log-done-twice"))
        return
    before, only = sheet.parts.get(done.id, set()), set(sheet.masses_of(event))
    _painted(sheet, done, lambda o: o.mass not in before and (not only or o.mass in only))
    _compared(sheet, done, event)
    sheet.parts.setdefault(done.id, set()).update(only)
    if not only or all(o.mass in sheet.parts[done.id] for o in done.operations):
        sheet.done.append(done.id)


def _repeated(sheet: Sheet, event: Event) -> None:
    done = sheet.pass_of(event)
    if done is None:
        return
    sheet.last, only = done.id, set(sheet.masses_of(event))
    if done.id not in sheet.done and not sheet.parts.get(done.id):
        _done(sheet, event)
        return
    _painted(sheet, done, lambda o: o.kind.lays and (not only or o.mass in only), again=True)
    _compared(sheet, done, event)


def _skipped(sheet: Sheet, event: Event) -> None:
    done = sheet.pass_of(event)
    if done is not None and done.id not in sheet.done and done.id not in sheet.skipped:
        sheet.skipped.append(done.id)


def _painted(sheet: Sheet, done: Pass, wanted: Callable[[Operation], bool], again: bool = False) -> None:
    """Go through the operations of a pass that are `wanted` as the judge does, ending now."""
    plan, now = sheet.plan, sheet.now
    # Nobody paints what runs under a mass over it once it is finished.
    wants = [o for o in done.operations if wanted(o) and (o.role is Role.TARGET or not _over(o, sheet))]
    own = tuple(_from_there(plan, o, sheet.of(o.mass).value, again) for o in wants)
    at_once = replace(done, operations=own, minutes=0.0, between=0.0, wait=0.0)
    after = state_after(plan.masses, (at_once,), plan.medium, plan.surface.value, sheet.state)
    area = sum(plan.by_id[o.mass].area_cm2 * o.cover for o in own if o.kind.lays)
    dry = now + max(drying_minutes(plan.medium, area) * sheet.pace, plan.medium.quickest_dry)
    laid = {o.mass for o in own if o.kind.lays and o.role is not Role.OVERLAP}
    if laid:
        sheet.last_laid = LastLaid(now, max(o.staining for o in own))
    sheet.state = SheetState(
        now,
        {
            name: replace(there, laid_at=now, dry_at=dry) if name in laid and there.layers else there
            for name, there in after.masses.items()
        },
    )


def _compared(sheet: Sheet, done: Pass, event: Event) -> None:
    """Note what is finished by a pass and darker than it was planned: washes laid twice, or over what ran."""
    for name in sorted({o.mass for o in done.operations if o.role is Role.TARGET}):
        if sheet.of(name).finished and planned_value(sheet.plan, name) - sheet.of(name).value > OFF:
            sheet.trouble.setdefault(name, Trouble(name, What.TOO_DARK, event.id))


def _over(o: Operation, sheet: Sheet) -> bool:
    return o.role is Role.UNDER and o.kind.lays and sheet.of(o.mass).settled


def _from_there(plan: Plan, o: Operation, now: float, again: bool) -> Operation:
    """An operation from the value that lies there: transparent paint only darkens."""
    after = o.to_value
    if not o.kind.reaches and o.kind is not Kind.FIX:
        after = now
    elif plan.medium.transparent and o.kind.lays and o.kind is not Kind.WHITE:
        after = min(now, o.to_value)
        if again:
            after = max(after - AGAIN_DARKER, plan.medium.darkest)
    return replace(o, from_value=now, to_value=after)


AGAIN_DARKER = 0.6
"""Values by which a wash laid once more darkens. A guess."""


def _changed(sheet: Sheet, event: Event) -> None:
    """Done otherwise, or measured: a value that misses its target is trouble."""
    names = sheet.masses_of(event)
    if event.value is None or not 0 <= event.value <= 10:
        if event.value is not None:
            sheet.strange.append((event.id, "log-value-range"))
        return
    for name in names:
        there, planned = sheet.of(name), planned_value(sheet.plan, name)
        sheet.put(name, replace(there, value=event.value, lab=None))
        sheet.trouble.pop(name, None)
        if there.finished and abs(event.value - planned) > OFF:
            what = What.TOO_DARK if event.value < planned else What.TOO_PALE
            sheet.trouble[name] = Trouble(name, what, event.id)


def _accident(sheet: Sheet, event: Event) -> None:
    why = strange(sheet.plan, event)
    if why:
        sheet.strange.append((event.id, why))
        return
    what = What(event.what)
    for name in sheet.masses_of(event):
        finished = sheet.of(name).finished
        sheet.put(
            name, harmed(sheet.plan, name, sheet.of(name), what, event.value, sheet.now, sheet.last_laid)
        )
        if finished or what in ALWAYS:
            sheet.trouble[name] = Trouble(name, what, event.id)


ALWAYS = (What.WHITE_LOST, What.TOOTH_GONE, What.TEAR, What.MASK_TORN)
"""What is trouble also where a mass has not reached its target: the rest goes wrong by itself there."""


def _wet(sheet: Sheet, event: Event) -> None:
    names = _named_or_last(sheet, event)
    _reported(sheet, names, wet=True)
    for name in names:
        there = sheet.of(name)
        if there.layers:
            more = sheet.now + STILL_WET * max(sheet.plan.medium.dry_minutes, sheet.plan.medium.quickest_dry)
            sheet.put(name, replace(there, dry_at=max(there.dry_at, more)))


def _dry(sheet: Sheet, event: Event) -> None:
    now = sheet.now
    names = _named_or_last(sheet, event)
    _reported(sheet, names, wet=False)
    for name in names:
        there = sheet.of(name)
        sheet.put(
            name,
            replace(
                there,
                dry_at=min(there.dry_at, now),
                wet_until=min(there.wet_until, now),
                sprayed_until=min(there.sprayed_until, now),
            ),
        )


def _reported(sheet: Sheet, names: Sequence[str], wet: bool) -> None:
    """Keep for how long the last layer on some masses was wet, or by when it was dry, as a share of the time
    that it was expected to take."""
    fresh = [sheet.of(name) for name in names if sheet.of(name).layers]
    if not fresh or sheet.plan.medium.dry_minutes <= 0:
        return
    last = max(fresh, key=lambda there: there.laid_at)
    share = (sheet.now - last.laid_at) / sheet.plan.medium.dry_minutes
    if not 0 < share < MOST_SHARE:
        return
    before = sheet.reports.get(last.laid_at, Report())
    sheet.reports[last.laid_at] = replace(before, wet=share) if wet else replace(before, dry=share)


MOST_SHARE = 20.0
"""Times the expected time after which a report says nothing of the drying: the painter was away."""


def _named_or_last(sheet: Sheet, event: Event) -> list[str]:
    """The masses of an event, or all that its pass, or the last one, laid."""
    if event.masses:
        return sheet.masses_of(event)
    done = sheet.pass_of(event)
    return sorted({o.mass for o in done.operations}) if done is not None else []


HANDLED: Mapping[EventKind, Callable[[Sheet, Event], None]] = {
    EventKind.PASS_BEGUN: _begun,
    EventKind.STEP_DONE: _step,
    EventKind.PASS_DONE: _done,
    EventKind.PASS_REPEATED: _repeated,
    EventKind.PASS_SKIPPED: _skipped,
    EventKind.CHANGED: _changed,
    EventKind.MEASURED: _changed,
    EventKind.ACCIDENT: _accident,
    EventKind.STILL_WET: _wet,
    EventKind.DRY: _dry,
}
"""What each kind of event does to the sheet; the others leave it as it is."""
