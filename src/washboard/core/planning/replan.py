"""A plan that goes on from what really happened: what is done stays, what can't be undone is obeyed.

The passes that are left are kept as they were as far as the judge lets them; what went wrong is mended by
passes of its own, each set in where the judge agrees first; only where that cannot be is the rest ordered
anew.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

from ..log.event import What
from ..log.happened import OFF, Happened
from ..log.harm import planned_value
from ..log.sheet import Trouble
from ..plan.own import Own, own_pass
from ..plan.plan import Kind, Operation, Pass, Plan, Role
from ..plan.state import MassSurface, SheetState
from ..reference.mass import MassKind
from ..sentence import Sentence, Turn, of_masses, sentence
from ..surface.replay import refusals_of
from .going_on import counted_finished, going_on, lying, with_surfaces
from .mending import MENDS, Mended, mend, together
from .rearrange import repaired


@dataclass(frozen=True)
class Replanned:
    """The plan from now on, what is `done` by ids, how each trouble is met, and what is told of it all."""

    plan: Plan
    done: tuple[str, ...]
    mended: tuple[Mended, ...]
    told: tuple[Sentence, ...]


Anew = Callable[[SheetState], Plan]
"""Orders the rest anew from a state of the sheet."""


def replanned(plan: Plan, what: Happened, anew: Anew | None = None) -> Replanned:
    """The rest of a plan after what happened. Every plan that comes of it passes the judge: what cannot be
    brought to its target any more is left, and told."""
    # Waits follow how things dry here, but never fall under what the judge asks for.
    medium = replace(plan.medium, dry_minutes=plan.medium.dry_minutes * what.pace)
    plan = replace(plan, medium=medium)
    state = _accepted(plan, what)
    troubled = [*what.trouble, *_darkened(plan, state, what)]
    # While the rest is ordered, what is in trouble counts as settled: its mending is set in after that.
    settled = counted_finished(plan, state, [trouble.mass for trouble in troubled])
    rest = _rest(plan, settled, what)
    sound = _sound(plan, settled, rest)
    if sound is None and anew is not None:
        fresh = anew(settled)
        sound = fresh if not refusals_of(fresh) else None
    if sound is None:
        sound = _bearable(plan, settled, rest)
    sound = _unmasked(sound)
    mended: Sequence[Mended] = ()
    for trouble in troubled:
        target = planned_value(plan, trouble.mass)
        sound, own = mend(sound, state, trouble, target, len(mended) + 1)
        mended = (*mended, own)
    sound, mended = together(sound, mended)
    told = _told(plan, what, sound, mended)
    notes = (*told, *(note for note in sound.notes if note not in told))
    final = replace(sound, notes=notes, done=(*plan.done, *what.done), logged=(*plan.logged, *what.events))
    return Replanned(final, what.done, tuple(mended), told)


def _accepted(plan: Plan, what: Happened) -> SheetState:
    """The state in which every mass is finished that came near its target or was left out on purpose."""
    skipped, found = _skipped(plan, what), {}
    for name in plan.by_id:
        there = lying(plan, what.state, name)
        if there.broken or (name in skipped and not there.settled):
            found[name] = replace(there, finished=True)
    return with_surfaces(what.state, found)


def _skipped(plan: Plan, what: Happened) -> set[str]:
    """The masses that would have come to their target in passes that were skipped."""
    return {
        o.mass
        for done in plan.passes
        if done.id in what.skipped
        for o in done.operations
        if o.role is Role.TARGET
    }


def _darkened(plan: Plan, state: SheetState, what: Happened) -> list[Trouble]:
    """The masses that are darker by now than a transparent medium can still make them."""
    known = {trouble.mass for trouble in what.trouble}
    found = []
    for name in plan.by_id:
        there = lying(plan, state, name)
        open_still = plan.medium.transparent and not there.settled and there.layers > 0
        if open_still and name not in known and there.value < planned_value(plan, name) - OFF:
            found.append(Trouble(name, What.TOO_DARK, ""))
    return found


def _rest(plan: Plan, state: SheetState, what: Happened) -> list[Pass]:
    """The passes that are left, without what they would do to masses that are finished by now."""
    left = []
    for done in plan.passes:
        if done.id in what.done or done.id in what.skipped:
            continue
        own = tuple(
            o for o in done.operations if _still(o, lying(plan, state, o.mass), plan.medium.transparent)
        )
        # What is done to a mass as it is laid was done with it.
        laid, still = ({o.mass for o in of if o.role is Role.TARGET} for of in (done.operations, own))
        own = tuple(o for o in own if o.role is not Role.OVER or o.mass not in laid - still)
        if any(o.role is Role.TARGET or o.role is Role.OVER or not o.kind.lays for o in own):
            whole = len(own) == len(done.operations)
            left.append(done if whole else replace(done, operations=own, between=0.0))
    return left


def _still(o: Operation, there: MassSurface, transparent: bool) -> bool:
    """Whether an operation is still to be done on what lies there."""
    if there.broken:
        return False
    if transparent and o.role is Role.UNDER and o.kind.lays and there.layers and there.value <= o.to_value:
        return False
    if o.role is Role.OVER or o.kind is Kind.DETAIL:
        return True
    if o.kind is Kind.UNMASK:
        return there.masked_at is not None or not there.settled
    if o.kind is Kind.MASK:
        return there.masked_at is None and not there.settled and not there.layers
    return not (there.settled and (o.role is Role.TARGET or o.kind.lays))


def _sound(plan: Plan, state: SheetState, passes: Sequence[Pass]) -> Plan | None:
    """The passes in their order, or in the nearest one that the judge agrees to."""
    if any(not lying(plan, state, m).settled and not _reached(m, passes) for m in plan.by_id):
        return None
    own = going_on(plan, state, passes)
    if not refusals_of(own):
        return own
    order = [p.id for p in passes]
    found = repaired(own, order) if len(order) > 1 else None
    if found is None:
        return None
    by_id = {p.id: p for p in passes}
    own = going_on(plan, state, [by_id[name] for name in found.order])
    return None if refusals_of(own) else own


def _reached(mass: str, passes: Sequence[Pass]) -> bool:
    return any(o.mass == mass and o.role is Role.TARGET for p in passes for o in p.operations)


def _bearable(plan: Plan, state: SheetState, passes: Sequence[Pass]) -> Plan:
    """The rest without what the judge refuses: those masses are left as they are."""
    left, settled = list(passes), state
    for _ in range(2 * len(plan.masses) + 2):
        missing = [m for m in plan.by_id if not lying(plan, settled, m).settled and not _reached(m, left)]
        settled = counted_finished(plan, settled, missing)
        own = going_on(plan, settled, left)
        refused = refusals_of(own)
        if not refused:
            return own
        mass = refused[0].mass
        there = lying(plan, settled, mass)
        settled = with_surfaces(settled, {mass: replace(there, finished=True, masked_at=None)})
        without = [replace(p, operations=tuple(o for o in p.operations if o.mass != mass)) for p in left]
        left = [p for p in without if p.operations]
    return going_on(plan, counted_finished(plan, settled, plan.by_id), ())


def _unmasked(plan: Plan) -> Plan:
    """A plan in which nothing is left but masking fluid, with a pass that rubs it off: the judge refuses a
    mask that stays on in the last pass, and here there is none."""
    masked = [name for name in plan.by_id if lying(plan, plan.start, name).masked_at is not None]
    if plan.passes or not masked:
        return plan
    operations = []
    for name in masked:
        there = lying(plan, plan.start, name)
        role = Role.UNDER if there.settled else Role.TARGET
        operations.append(Operation(name, Kind.UNMASK, role, 1.0, there.value, there.value))
    own = Own(f"{MENDS}0", Kind.UNMASK, tuple(masked))
    longer = going_on(plan, plan.start, (own_pass(own, plan.by_id, plan.medium, operations),))
    return plan if refusals_of(longer) else longer


def _told(plan: Plan, what: Happened, after: Plan, mended: Sequence[Mended]) -> tuple[Sentence, ...]:
    """What stays, how each trouble is met, and what else changes."""
    told = [sentence("replan-done", count=len(what.done), left=len(after.passes))]
    told += [own.sentence for own in mended]
    before = [p.id for p in plan.passes if p.id not in what.done and p.id not in what.skipped]
    rest = [p.id for p in after.passes if not p.id.startswith(MENDS)]
    if rest == before:
        told.append(sentence("replan-rest-same"))
    elif sorted(rest) == sorted(before):
        moved = [name for name, other in zip(rest, before, strict=True) if name != other]
        told.append(sentence("replan-rest-moved", done=Turn(moved[0]), count=len(moved)))
    elif set(rest) <= set(before):
        told.append(sentence("replan-rest-shorter", count=len(before) - len(rest)))
    else:
        told.append(sentence("replan-rest-anew", count=len(rest)))
    left = [
        m.id
        for k, m in enumerate(after.masses)
        if m.kind is not MassKind.ACCENT
        and abs(after.predicted[-1][k] - plan.predicted[-1][k]) > OFF
        and m.id not in {own.trouble.mass for own in mended}
    ]
    out = [name for name in left if name in _skipped(plan, what)]
    if out:
        told.append(sentence("replan-skipped", masses=of_masses(tuple(out))))
    left = [name for name in left if name not in out]
    if left:
        told.append(sentence("replan-left", masses=of_masses(tuple(left))))
    return tuple(told)
