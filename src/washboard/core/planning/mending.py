"""What went wrong is mended by a pass of its own, set in where the judge agrees first, or left."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..log.accidents import ACCIDENTS
from ..log.sheet import Trouble
from ..log.ways import SEEN, WayOut, ways_out
from ..plan.acts import ACTS
from ..plan.own import Own, own_pass, own_title
from ..plan.plan import Kind, Operation, Plan, Role
from ..plan.state import MassSurface, SheetState
from ..reference.mass import Mass
from ..sentence import Amount, Sentence, of_masses, sentence
from ..surface.replay import refusals_of
from .going_on import going_on, lying, with_surfaces

MENDS = "mend"
"""How the ids of passes that mend something begin."""


@dataclass(frozen=True)
class Mended:
    """How a trouble is met: the way taken, by which pass ("" for leaving it), a sentence with figures."""

    trouble: Trouble
    way: WayOut
    by: str
    sentence: Sentence


def mend(plan: Plan, state: SheetState, trouble: Trouble, target: float, number: int) -> tuple[Plan, Mended]:
    """The plan with the first way out of a trouble that the judge agrees to, set in as early as it can be."""
    mass, accident = plan.by_id[trouble.mass], ACCIDENTS[trouble.what]
    there = lying(plan, state, trouble.mass)
    spoilt = accident.spoils and not there.broken
    # What is lifted while it is wet cannot wait until the rest of the plan would begin.
    from_now = replace(plan, start=replace(plan.start, clock=state.clock))
    for way in ways_out(accident, there, target, plan.surface.value, plan.medium):
        if way.kind is Kind.LEAVE:
            break
        for at in range(len(plan.passes) + 1):
            name = f"{MENDS}{number}"
            longer = _set_in(from_now, there, mass, way, name, at, spoilt)
            if not refusals_of(longer):
                return longer, Mended(trouble, way, name, _way_words(trouble, target, way, there))
    way = WayOut(Kind.LEAVE, there.value, abs(there.value - target))
    return plan, Mended(trouble, way, "", _way_words(trouble, target, way, there))


def together(plan: Plan, mended: Sequence[Mended]) -> tuple[Plan, tuple[Mended, ...]]:
    """The same with passes that do one thing about one accident, one after the other, as one pass, as far as
    the judge agrees: nobody takes up the same brush twice for two masses."""
    found = list(mended)
    for k in range(len(plan.passes) - 1, 0, -1):
        one, other = plan.passes[k - 1 : k + 1]
        first = next((own for own in found if own.by == one.id), None)
        second = next((own for own in found if own.by == other.id), None)
        if first is None or second is None or not _alike(first, second):
            continue
        values = [o.to_value for o in (*one.operations, *other.operations)]
        own = (*one.operations, *other.operations)
        minutes = one.minutes + other.minutes
        title = own_title(first.way.kind, [plan.by_id[o.mass] for o in own])
        joined = replace(one, operations=own, title=title, minutes=minutes, values=(min(values), max(values)))
        shorter = going_on(plan, plan.start, (*plan.passes[: k - 1], joined, *plan.passes[k + 1 :]))
        if not refusals_of(shorter):
            plan = shorter
            found = [replace(m, by=one.id) if m.by == other.id else m for m in found]
    return plan, tuple(found)


def _alike(one: Mended, other: Mended) -> bool:
    return (one.trouble.what, one.trouble.event, one.way.kind) == (
        other.trouble.what,
        other.trouble.event,
        other.way.kind,
    )


def _set_in(
    plan: Plan, there: MassSurface, mass: Mass, way: WayOut, name: str, at: int, spoilt: bool
) -> Plan:
    """The plan with a pass that mends a mass at a place."""
    role = Role.TARGET if spoilt and way.kind.reaches else Role.UNDER
    finished = not spoilt or not way.kind.reaches
    state = with_surfaces(plan.start, {mass.id: replace(there, finished=finished, kept=False)})
    oil = there.oil if plan.medium.key == "oil" and way.kind.lays else 0.0
    operation = Operation(
        mass.id, way.kind, role, 1.0, there.value, way.reaches, 1, there.staining, oil, there.toxic
    )
    blank = own_pass(Own(name, way.kind, (mass.id,)), plan.by_id, plan.medium, (operation,))
    blank = replace(blank, values=(way.reaches, way.reaches))
    return going_on(plan, state, (*plan.passes[:at], blank, *plan.passes[at:]))


def _way_words(trouble: Trouble, target: float, way: WayOut, there: MassSurface) -> Sentence:
    """What is done about a trouble, how far it gets, and why no farther."""
    own = of_masses((trouble.mass,))
    happened = sentence(f"trouble-{trouble.what}", masses=own)
    if way.kind is Kind.LEAVE:
        key = "mend-leave-near" if way.off <= SEEN else "mend-leave"
        return sentence(key, trouble=happened, value=Amount(there.value, 1), target=Amount(target, 1))
    if way.kind.takes:
        stains = "little" if there.staining < 0.35 else "much" if there.staining > 0.65 else "some"
        key = "mend-takes" if way.off > SEEN else "mend-takes-all"
        return sentence(
            key,
            trouble=happened,
            act=ACTS[way.kind].words,
            value=Amount(way.reaches, 1),
            target=Amount(target, 1),
            stains=stains,
        )
    if not way.kind.reaches:
        return sentence("mend-works", trouble=happened, act=ACTS[way.kind].words)
    return sentence("mend-lays", trouble=happened, act=ACTS[way.kind].words, value=Amount(way.reaches, 1))
