"""The steps of a pass: an order of its masses in which no wet edge waits longer than it stays open.

Where a pass is laid wet, the mass whose edge is about to dry comes next; of those that can wait the lightest
first, then far to near, and across the sheet so that the hand does not rest on wet paint.
Small masses of one kind are one step that counts them.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import TypeVar

from ..plan.acts import ACTS
from ..plan.plan import Kind, Operation, Pass, Plan, Role
from ..plan.where import where_of
from ..reference.mass import Mass
from ..time.pace import covering_minutes, cutting_minutes

T = TypeVar("T", str, Kind)

SOFT = 0.5
"""Hardness of an edge under which two masses are to run into each other."""
SMALL_CM2, MANY = 3.0, 3
"""Size up to which masses are taken together in one step, and how many it takes for that."""
SHORT = 2.0
"""Minutes up to which steps are taken together: nobody looks at a screen for every stroke."""
NEAR = 0.12
"""Part of the sheet within which masses count as equally far up: there the hand decides."""


@dataclass(frozen=True)
class Stride:
    """One step: an act on `masses`, from minute `start` of the pass for `minutes`.

    It begins at `begins` and goes to `ends`, normalised places in the picture. It goes `round` some masses,
    carries on the wet edge of `carries`, which stays open for `open_minutes` more as the step begins, and
    has a seam against `seams`, which is dry by then. `soft` are masses outside the pass into which its edge
    is softened while it is wet. Small masses are `count` in one step. What is done to them `before` it and
    `after` it, in the same pass, is told with it.
    """

    kind: Kind
    masses: tuple[str, ...]
    start: float
    minutes: float
    begins: tuple[float, float]
    ends: tuple[float, float]
    round: tuple[str, ...] = ()
    carries: tuple[str, ...] = ()
    open_minutes: float | None = None
    seams: tuple[str, ...] = ()
    soft: tuple[str, ...] = ()
    count: int = 1
    before: tuple[Kind, ...] = ()
    after: tuple[Kind, ...] = ()


@dataclass
class _Going:
    """A pass while its way is found: what is left, when each mass was finished, the minute."""

    left: list[str]
    ended: dict[str, float] = field(default_factory=dict)
    now: float = 0.0


def way_through(plan: Plan, done: Pass, right_handed: bool = True) -> tuple[Stride, ...]:
    """The steps of a pass of a plan, in order."""
    masked = _masked(plan, done)
    worked = [o for o in done.operations if _worked(o) and (o.mass not in masked or not o.kind.lays)]
    acts = {o.mass: o for o in worked}
    # What brings a mass to its target is its step; wetting it, or joining its tones, goes with that.
    acts |= {o.mass: o for o in worked if o.role is Role.TARGET}
    if not acts:
        return ()
    beside = _beside(worked, acts)
    minutes = _minutes(plan, done, acts)
    kept = set(where_of(done).round)
    going, steps = _Going([*acts]), list[Stride]()
    small = _together(plan.by_id, acts)
    while going.left:
        name = _next(plan, going, right_handed)
        group = small.get(name, (name,))
        group = tuple(n for n in group if n in going.left)
        before, after = (_unique(k for n in group for k in beside[n][side]) for side in (0, 1))
        stride = _stride(plan, done, acts, group, going, minutes, kept)
        steps.append(replace(stride, before=before, after=after))
        for one in group:
            going.now += minutes[one]
            going.ended[one] = going.now
            going.left.remove(one)
    return tuple(_gathered(steps))


def _masked(plan: Plan, done: Pass) -> set[str]:
    """The masses under masking fluid when a pass begins: it is washed over them without a step."""
    on = {name for name, there in plan.start.masses.items() if there.masked_at is not None}
    for earlier in plan.passes[: plan.passes.index(done)]:
        on |= {o.mass for o in earlier.operations if o.kind is Kind.MASK}
        on -= {o.mass for o in earlier.operations if o.kind is Kind.UNMASK}
    return on


def _beside(
    worked: Sequence[Operation], acts: Mapping[str, Operation]
) -> dict[str, tuple[list[Kind], list[Kind]]]:
    """What is done to each mass before its step and after it."""
    found: dict[str, tuple[list[Kind], list[Kind]]] = {name: ([], []) for name in acts}
    begun = set[str]()
    for o in worked:
        if o is acts[o.mass]:
            begun.add(o.mass)
        elif o.kind is not acts[o.mass].kind:
            found[o.mass][o.mass in begun].append(o.kind)
    return found


def _gathered(steps: Sequence[Stride]) -> list[Stride]:
    """Short steps of one act one after the other taken together, where no seam divides them."""
    found: list[Stride] = []
    for step in steps:
        before = found[-1] if found else None
        short = before is not None and before.minutes + step.minutes <= SHORT
        if before is None or not short or before.kind is not step.kind or before.seams or step.seams:
            found.append(step)
            continue
        masses = (*before.masses, *step.masses)
        found[-1] = replace(
            before,
            masses=masses,
            minutes=before.minutes + step.minutes,
            ends=step.ends,
            round=_unique((*before.round, *step.round)),
            carries=_unique(n for n in (*before.carries, *step.carries) if n not in masses),
            soft=_unique((*before.soft, *step.soft)),
            before=_unique((*before.before, *step.before)),
            after=_unique((*before.after, *step.after)),
        )
    return found


def _worked(o: Operation) -> bool:
    return o.role is not Role.OVERLAP and o.kind not in (Kind.LEAVE, Kind.RESERVE) and o.cover > 0.05


def _minutes(plan: Plan, done: Pass, acts: Mapping[str, Operation]) -> dict[str, float]:
    """Minutes of each mass: the pass's own, shared out by area and outline."""
    weights = {}
    for name, o in acts.items():
        mass = plan.by_id[name]
        pace = ACTS[o.kind].pace * mass.area_cm2 / 10
        weights[name] = covering_minutes(plan.medium, mass.area_cm2 * o.cover) + max(
            cutting_minutes(plan.medium, mass.outline_cm) / 2, pace
        )
    total = sum(weights.values())
    return {name: done.minutes * weight / max(total, 1e-9) for name, weight in weights.items()}


def _together(masses: Mapping[str, Mass], acts: Mapping[str, Operation]) -> dict[str, tuple[str, ...]]:
    """Small masses of one act and about one value, each with all of its kind."""
    groups: dict[tuple[Kind, int], list[str]] = {}
    for name, o in acts.items():
        if masses[name].area_cm2 <= SMALL_CM2:
            groups.setdefault((o.kind, round(masses[name].target)), []).append(name)
    return {name: tuple(own) for own in groups.values() if len(own) >= MANY for name in own}


def _next(plan: Plan, going: _Going, right_handed: bool) -> str:
    """The mass to take next: one whose wet edge is oldest, or the first by light, depth and hand."""
    waiting = {}
    if plan.medium.open_minutes is not None:
        for name in going.left:
            ages = [
                going.now - going.ended[b.mass]
                for b in plan.by_id[name].borders
                if b.hardness < SOFT and b.mass in going.ended
            ]
            fresh = [age for age in ages if age <= plan.medium.open_minutes]
            if fresh:
                waiting[name] = max(fresh)
    if waiting:
        return max(waiting, key=lambda name: (waiting[name], _first(plan, name, right_handed)))
    return max(going.left, key=lambda name: _first(plan, name, right_handed))


def _first(plan: Plan, name: str, right_handed: bool) -> tuple[float, ...]:
    """What comes first is largest: transparent, the lightest; else the farthest; from the top down and away
    from the hand."""
    mass = plan.by_id[name]
    x, y = mass.centre
    across = -x if right_handed else x
    if plan.medium.transparent:
        light = max(lab[0] for lab in mass.target_ends)
        return round(light / 10), -round(y / NEAR), across
    return -(mass.depth or 0), -round(y / NEAR), across


def _stride(
    plan: Plan,
    done: Pass,
    acts: Mapping[str, Operation],
    group: tuple[str, ...],
    going: _Going,
    minutes: Mapping[str, float],
    kept: set[str],
) -> Stride:
    carries, seams, least = _wet_edges(plan, group[0], going)
    begins, ends = _direction(plan, group)
    own = {o.mass for o in done.operations}
    beside = [b for name in group for b in plan.by_id[name].borders]
    wet = plan.medium.open_minutes is not None
    soft = [b.mass for b in beside if wet and b.hardness < SOFT and b.mass not in own]
    return Stride(
        acts[group[0]].kind,
        group,
        going.now,
        sum(minutes[name] for name in group),
        begins,
        ends,
        _unique(b.mass for b in beside if b.mass in kept),
        carries,
        least,
        seams,
        _unique(soft),
        len(group),
    )


def _wet_edges(plan: Plan, name: str, going: _Going) -> tuple[tuple[str, ...], tuple[str, ...], float | None]:
    """The soft neighbours that are finished: those whose edge is still open, those that are dry by now, and
    how many minutes the first of the open ones has left."""
    opens = plan.medium.open_minutes
    left = {
        border.mass: opens - (going.now - going.ended[border.mass])
        for border in plan.by_id[name].borders
        if opens is not None and border.mass in going.ended and border.hardness < SOFT
    }
    carries = {mass: minutes for mass, minutes in left.items() if minutes >= 0}
    seams = tuple(mass for mass in left if mass not in carries)
    return tuple(carries), seams, min(carries.values(), default=None)


def _unique(names: Iterable[T]) -> tuple[T, ...]:
    return tuple(dict.fromkeys(names))


def _direction(plan: Plan, group: tuple[str, ...]) -> tuple[tuple[float, float], tuple[float, float]]:
    """Where a step begins and ends: a gradation at its brightest place, all else along its longer side, from
    the top or from the left."""
    first, last = plan.by_id[group[0]], plan.by_id[group[-1]]
    if len(group) > 1:
        return first.inside, last.inside
    stops = first.gradation.places if first.gradation else ()
    if len(stops) > 1:
        return stops[0], stops[-1]
    left, top, right, bottom = first.box
    wide = (right - left) * plan.sheet.picture_width_cm
    high = (bottom - top) * plan.sheet.picture_height_cm
    x, y = first.inside
    if wide >= high:
        return (left, y), (right, y)
    return (x, top), (x, bottom)
