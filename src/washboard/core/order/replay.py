"""The judge: replays a plan's passes on a model of the surface and says what the medium refuses.

It shares names and material data with the planner but no function: it knows a plan only by its
masses, passes and operations, and would judge one written by hand just the same.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from enum import StrEnum

from ..materials.media import Medium
from ..reference.mass import Kind as MassKind
from ..reference.mass import Mass
from .plan import Kind, Operation, Pass, Role

TOLERANCE = 0.02
"""Values: below what anybody measures, above what rounding makes."""


class Spot(StrEnum):
    """The state of the surface in a mass."""

    BARE = "bare"
    WET = "wet"
    DRY = "dry"


class Rule(StrEnum):
    """Why something is refused."""

    DARKENS = "a transparent layer only darkens"
    STARTS = "paint is laid on what is there"
    DRY_FIRST = "dry before the next layer over it"
    RESERVED = "a reserved light is never painted"
    FINISHED = "a finished mass is not painted over"
    UNDER_FIRST = "what runs under comes before what goes over it"
    BACK_FIRST = "the background comes before the firm-edged thing in front of it"
    ACCENTS_LAST = "accents come last"
    LIGHT_ACCENT = "a light accent in a transparent medium is reserved, never painted"
    LAYERS = "the surface holds a limited number of layers"
    COMPLETE = "every mass reaches its target, or is left bare on purpose, exactly once"
    WITHIN = "covers lie between 0 and 1 and times are not negative"


SENTENCES: Mapping[tuple[Spot, Kind], Rule | None] = {
    (Spot.BARE, Kind.LEAVE): None,
    (Spot.BARE, Kind.RESERVE): None,
    (Spot.BARE, Kind.WASH): None,
    (Spot.BARE, Kind.GRADED_WASH): None,
    (Spot.BARE, Kind.BLOCK_IN): None,
    (Spot.BARE, Kind.LAYER): None,
    (Spot.BARE, Kind.ACCENT): None,
    (Spot.DRY, Kind.LEAVE): Rule.FINISHED,
    (Spot.DRY, Kind.RESERVE): Rule.RESERVED,
    (Spot.DRY, Kind.WASH): None,
    (Spot.DRY, Kind.GRADED_WASH): None,
    (Spot.DRY, Kind.BLOCK_IN): None,
    (Spot.DRY, Kind.LAYER): None,
    (Spot.DRY, Kind.ACCENT): None,
    (Spot.WET, Kind.LEAVE): Rule.FINISHED,
    (Spot.WET, Kind.RESERVE): Rule.RESERVED,
    (Spot.WET, Kind.WASH): Rule.DRY_FIRST,
    (Spot.WET, Kind.GRADED_WASH): Rule.DRY_FIRST,
    (Spot.WET, Kind.BLOCK_IN): Rule.DRY_FIRST,
    (Spot.WET, Kind.LAYER): Rule.DRY_FIRST,
    (Spot.WET, Kind.ACCENT): Rule.DRY_FIRST,
}
"""State × operation → the rule that refuses it, or None where it is allowed."""


@dataclass(frozen=True)
class Refusal:
    """What breaks: in which pass, for which mass, by which rule, in one sentence."""

    done: str
    mass: str
    rule: Rule
    sentence: str


@dataclass
class _Surface:
    """One mass's surface while the plan is replayed."""

    value: float
    dry_at: float = 0.0
    layers: int = 0
    finished: bool = False
    kept: bool = False
    by: str = ""

    def spot(self, now: float) -> Spot:
        if self.layers == 0:
            return Spot.BARE
        return Spot.DRY if now >= self.dry_at - 1e-6 else Spot.WET


@dataclass
class _Replay:
    medium: Medium
    masses: Mapping[str, Mass]
    surfaces: dict[str, _Surface]
    refusals: list[Refusal] = field(default_factory=list)

    def refuse(self, done: Pass, mass: str, rule: Rule, why: str) -> None:
        name = self.masses[mass].name or mass
        self.refusals.append(Refusal(done.id, mass, rule, f"{name}: {rule.value}; {why}."))


def replay(
    masses: Sequence[Mass], passes: Sequence[Pass], medium: Medium, ground_value: float
) -> tuple[Refusal, ...]:
    """Everything the medium refuses in these passes, in order; empty when the plan can be painted.

    `ground_value` is the bare surface's Munsell value, 0–10.
    """
    state = _Replay(medium, {m.id: m for m in masses}, {m.id: _Surface(ground_value) for m in masses})
    clock, accented = 0.0, False
    # Only the quickest drying is held against a plan: what a small, thin layer needs at the least.
    for done in passes:
        if min(done.minutes, done.wait) < 0:
            state.refuse(done, masses[0].id, Rule.WITHIN, f"{done.minutes:.1f} and {done.wait:.1f} min")
        for operation in done.operations:
            _step(state, done, operation, clock, clock + done.minutes + medium.quickest_dry)
            if operation.kind.lays and accented and operation.kind is not Kind.ACCENT:
                state.refuse(done, operation.mass, Rule.ACCENTS_LAST, "it is laid after an accent")
        accented = accented or any(o.kind is Kind.ACCENT for o in done.operations)
        clock += done.minutes + done.wait
    _complete(state, passes)
    _depths(state, passes)
    return tuple(state.refusals)


def _step(state: _Replay, done: Pass, o: Operation, now: float, dry_at: float) -> None:
    surface = state.surfaces[o.mass]
    if not 0 <= o.cover <= 1:
        state.refuse(done, o.mass, Rule.WITHIN, f"a cover of {o.cover:.2f}")
    refused = SENTENCES[surface.spot(now), o.kind]
    loose = o.role is Role.OVERLAP
    if refused is not None and not loose:
        state.refuse(
            done,
            o.mass,
            refused,
            f"it is {surface.spot(now).value} since {surface.by or 'the start'}",
        )
    if not o.kind.lays:
        surface.kept = surface.finished = True
        return
    _check_laying(state, done, o, surface)
    if loose:
        return
    if o.role is Role.TARGET:
        surface.finished = True
    surface.layers += 1
    surface.dry_at, surface.by = dry_at, done.id
    if o.cover > 0.5 or o.role is Role.TARGET:
        surface.value = o.to_value
    if surface.layers > state.medium.most_layers + 1:
        state.refuse(done, o.mass, Rule.LAYERS, f"this would be layer {surface.layers}")


def _check_laying(state: _Replay, done: Pass, o: Operation, surface: _Surface) -> None:
    mass = state.masses[o.mass]
    if surface.kept:
        state.refuse(done, o.mass, Rule.RESERVED, "it was to stay bare")
    elif surface.finished:
        rule = Rule.FINISHED if o.role is Role.TARGET else Rule.UNDER_FIRST
        state.refuse(done, o.mass, rule, f"it was finished in {surface.by}")
    if not state.medium.transparent:
        return
    if o.to_value > o.from_value + TOLERANCE:
        state.refuse(done, o.mass, Rule.DARKENS, f"from {o.from_value:.2f} to {o.to_value:.2f} it would rise")
    if o.cover > 0.99 and o.to_value > surface.value + TOLERANCE:
        state.refuse(done, o.mass, Rule.STARTS, f"it stands at {surface.value:.2f}, not {o.from_value:.2f}")
    if mass.kind is MassKind.ACCENT and mass.light:
        state.refuse(done, o.mass, Rule.LIGHT_ACCENT, "its light is the bare surface")


def _complete(state: _Replay, passes: Sequence[Pass]) -> None:
    for name in state.masses:
        reached = [
            done.id for done in passes for o in done.operations if o.mass == name and o.role is Role.TARGET
        ]
        if len(reached) != 1 and passes:
            state.refuse(passes[-1], name, Rule.COMPLETE, f"it does so {len(reached)} times")


def _depths(state: _Replay, passes: Sequence[Pass]) -> None:
    """In opaque media what lies inside another thing, firm-edged, must not be laid before it."""
    if state.medium.transparent:
        return
    turn = {
        o.mass: (k, n)
        for k, done in enumerate(passes)
        for n, o in enumerate(done.operations)
        if o.role is Role.TARGET and o.kind.lays
    }
    for name, mass in state.masses.items():
        if not mass.depth or name not in turn:
            continue
        for border in mass.borders:
            behind = state.masses.get(border.mass)
            inside = border.length_cm >= 0.8 * mass.outline_cm and border.hardness > 0.5
            if behind is None or not inside or border.mass not in turn:
                continue
            if (behind.depth or 0) < mass.depth and turn[border.mass] > turn[name]:
                k = turn[name][0]
                why = f"{behind.name or behind.id} lies behind it and comes later"
                state.refuse(passes[k], name, Rule.BACK_FIRST, why)
