"""What the judge asks of a plan as a whole: everything reaches its target once, in an order that can be."""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence

from ..plan.plan import Pass, Role
from ..plan.state import SheetState
from ..reference.mass import MassKind
from .refusal import Replay
from .rules import Rule

ENCLOSED, FIRM = 0.8, 0.5
"""Share of an outline along what lies behind, and hardness, from which a thing stands before it."""


def judge_completeness(replayed: Replay, passes: Sequence[Pass], start: SheetState) -> None:
    """Every mass reaches its target once, before the start or in these passes, and no mask stays on. Where
    there is no pass, none can be refused."""
    if not passes:
        return
    reached = Counter(o.mass for done in passes for o in done.operations if o.role is Role.TARGET)
    for name, surface in replayed.surfaces.items():
        before = int(start.of(name, replayed.ground).settled)
        if before + reached[name] != 1:
            replayed.refuse(passes[-1], name, Rule.COMPLETE)
        if surface.masked_at is not None:
            replayed.refuse(passes[-1], name, Rule.UNMASK)


Turns = Mapping[str, tuple[int, int]]


def turns_of(passes: Sequence[Pass]) -> Turns:
    """When each mass is laid to its target: place of the pass, and of the operation in it."""
    return {
        o.mass: (k, n)
        for k, done in enumerate(passes)
        for n, o in enumerate(done.operations)
        if o.role is Role.TARGET and o.kind.lays
    }


def judge_accents(replayed: Replay, passes: Sequence[Pass], turn: Turns) -> None:
    """An accent is judged by what surrounds it: that comes before it, or with it. Another accent that it
    touches does not surround it; a light won back beside a dark accent comes last of all."""
    for name, mass in replayed.masses.items():
        if mass.kind is not MassKind.ACCENT or name not in turn:
            continue
        k = turn[name][0]
        later = [
            b.mass
            for b in mass.borders
            if b.mass in turn and turn[b.mass][0] > k and replayed.masses[b.mass].kind is not MassKind.ACCENT
        ]
        if later:
            replayed.refuse(passes[k], name, Rule.AROUND_FIRST, behind=later[0])


def judge_depth(replayed: Replay, passes: Sequence[Pass], turn: Turns) -> None:
    """In opaque media what lies inside another thing, firm-edged, must not be laid before it."""
    if replayed.medium.transparent:
        return
    for name, mass in replayed.masses.items():
        if not mass.depth or name not in turn:
            continue
        for border in mass.borders:
            behind = replayed.masses.get(border.mass)
            inside = border.length_cm >= ENCLOSED * mass.outline_cm and border.hardness > FIRM
            if behind is None or not inside or border.mass not in turn:
                continue
            if (behind.depth or 0) < mass.depth and turn[border.mass] > turn[name]:
                k = turn[name][0]
                replayed.refuse(passes[k], name, Rule.BACK_FIRST, behind=behind.id)
