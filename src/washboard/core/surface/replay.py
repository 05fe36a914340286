"""The judge: replays a plan's passes on a model of the surface and says what the medium refuses.

It shares names and material data with the planner but no function: it knows a plan only by its
masses, passes and operations, and judges one written by hand just the same. What a spot lets be done
is the table of transitions; what needs numbers (values, layers, oil, staining, order) is here.
"""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from ..colour.value import luminance_of, value_of
from ..materials.media import Medium
from ..plan.acts import ACTS, Sort
from ..plan.plan import Kind, Operation, Pass, Role
from ..reference.mass import Mass, MassKind
from .rules import Rule
from .transitions import Spot, after, dried, stage

TOLERANCE = 0.02
"""Values: below what anybody measures, above what rounding makes."""
LIFTS_CLOSE = 0.2
"""Values that a lift may end above what the staining model leaves: paper and hand differ more."""
ROUNDING = 1e-6
"""Minutes."""
MASK_STAYS = 2 * 24 * 60.0
"""Minutes after which masking fluid may tear the sheet."""
SPRAY_DRIES = 5.0
"""Minutes that a light coat of workable fixative takes at the least."""
FIXED_LAYERS = 1
"""Layers that a coat of fixative gives back. A guess."""
LEANER = 0.03
"""Share of oil by which two layers may differ unnoticed."""
ENCLOSED, FIRM = 0.8, 0.5
"""Share of an outline along what lies behind, and hardness, from which a thing stands before it."""


@dataclass(frozen=True)
class Refusal:
    """What breaks: in which pass, by which operation on which mass in which state, by which rule, and why."""

    done: str
    mass: str
    rule: Rule
    sentence: str
    kind: Kind | None = None
    spot: Spot | None = None


@dataclass
class _Surface:
    """One mass's surface while the plan is replayed."""

    value: float
    laid_at: float = -math.inf
    dry_at: float = -math.inf
    wet_until: float = -math.inf
    sprayed_until: float = -math.inf
    masked_at: float | None = None
    layers: int = 0
    oil: float = 0.0
    staining: float = 0.0
    toxic: bool = False
    broken: bool = False
    finished: bool = False
    kept: bool = False
    by: str = ""

    def spot(self, medium: Medium, now: float) -> Spot:
        """The state at a minute of the plan."""
        if self.broken:
            return Spot.BROKEN
        if self.masked_at is not None:
            return Spot.MASKED
        # Times are sums of the plan's minutes: what is over but for rounding is over.
        now += ROUNDING
        if now < self.sprayed_until:
            return Spot.SPRAYED
        if medium.key == "pastel" and self.layers > medium.most_layers:
            return Spot.FULL
        if now >= self.dry_at:
            dry = dried(medium.key) if self.layers else Spot.BARE
            return Spot.WETTED if now < self.wet_until else dry
        return stage(medium.key, (now - self.laid_at) / (self.dry_at - self.laid_at))


@dataclass
class _Replay:
    medium: Medium
    ground: float
    masses: Mapping[str, Mass]
    surfaces: dict[str, _Surface]
    refusals: list[Refusal] = field(default_factory=list)

    def refuse(
        self,
        done: Pass,
        mass: str,
        rule: Rule,
        why: str,
        o: Operation | None = None,
        spot: Spot | None = None,
    ) -> None:
        known = self.masses.get(mass)
        name = (known.name if known else None) or mass
        kind = o.kind if o else None
        self.refusals.append(Refusal(done.id, mass, rule, f"{name}: {rule.value}; {why}.", kind, spot))


def replay(
    masses: Sequence[Mass], passes: Sequence[Pass], medium: Medium, ground_value: float
) -> tuple[Refusal, ...]:
    """Everything the medium refuses in these passes, in order; empty when the plan can be painted.

    `ground_value` is the bare surface's Munsell value, 0–10.
    """
    state = _Replay(
        medium, ground_value, {m.id: m for m in masses}, {m.id: _Surface(ground_value) for m in masses}
    )
    clock = 0.0
    # Only the quickest drying is held against a plan: what a small, thin layer needs at the least.
    for done in passes:
        if min(done.minutes, done.between, done.wait) < 0 and masses:
            told = f"{done.minutes:.1f}, {done.between:.1f} and {done.wait:.1f} min"
            state.refuse(done, masses[0].id, Rule.WITHIN, told)
        for operation in done.operations:
            if operation.mass not in state.masses:
                state.refuse(done, operation.mass, Rule.UNKNOWN, "the plan has no such mass", operation)
                continue
            _step(state, done, operation, clock, clock + max(done.lasts, 0.0))
        clock += max(done.lasts, 0.0) + max(done.wait, 0.0)
    _complete(state, passes, clock)
    turn = _turns(passes)
    _around(state, passes, turn)
    _behind(state, passes, turn)
    return tuple(state.refusals)


def _step(state: _Replay, done: Pass, o: Operation, now: float, end: float) -> None:
    surface, medium = state.surfaces[o.mass], state.medium
    if not 0 <= o.cover <= 1:
        state.refuse(done, o.mass, Rule.WITHIN, f"a cover of {o.cover:.2f}", o)
    spot = surface.spot(medium, now)
    outcome = after(medium.key, o.kind, spot)
    if isinstance(outcome, Rule) and o.role is not Role.OVERLAP:
        by = surface.by or "the start"
        state.refuse(done, o.mass, outcome, f"it is {spot.value} since {by}", o, spot)
    _judged(state, done, o, surface, spot)
    if o.role is Role.OVERLAP:
        return
    if o.role is Role.TARGET:
        surface.finished = True
    _changed(state, done, o, surface, spot, end)


def _judged(state: _Replay, done: Pass, o: Operation, surface: _Surface, spot: Spot) -> None:
    """What numbers and order refuse, beyond the state of the spot."""
    if o.kind.lays and spot is not Spot.MASKED:
        _laying(state, done, o, surface)
    if o.kind.takes:
        _taking(state, done, o, surface)


def _laying(state: _Replay, done: Pass, o: Operation, surface: _Surface) -> None:
    mass, medium = state.masses[o.mass], state.medium
    corrects = o.kind in CORRECTING
    if surface.kept:
        state.refuse(done, o.mass, Rule.RESERVED, "it was to stay bare", o)
    elif surface.finished and not corrects:
        rule = Rule.FINISHED if o.role is Role.TARGET else Rule.UNDER_FIRST
        state.refuse(done, o.mass, rule, f"it was finished in {surface.by}", o)
    if surface.layers > medium.most_layers and medium.key != "pastel" and o.role is not Role.OVERLAP:
        state.refuse(done, o.mass, Rule.LAYERS, f"this would be layer {surface.layers + 1}", o)
    if o.oil and surface.oil and o.oil < surface.oil - LEANER:
        why = f"{100 * o.oil:.0f} % of oil over {100 * surface.oil:.0f} %"
        state.refuse(done, o.mass, Rule.LEAN_FIRST, why, o)
    if not medium.transparent or o.kind is Kind.WHITE:
        return
    if o.to_value > o.from_value + TOLERANCE:
        why = f"from {o.from_value:.2f} to {o.to_value:.2f} it would rise"
        state.refuse(done, o.mass, Rule.DARKENS, why, o)
    if o.cover > 0.99 and o.to_value > surface.value + TOLERANCE:
        why = f"it stands at {surface.value:.2f}, not {o.from_value:.2f}"
        state.refuse(done, o.mass, Rule.STARTS, why, o)
    if (
        mass.kind is MassKind.ACCENT
        and mass.light
        and o.role is Role.TARGET
        and o.kind is not Kind.PLACEHOLDER
    ):
        state.refuse(done, o.mass, Rule.LIGHT_ACCENT, "its light is the bare surface", o)


CORRECTING = (Kind.GLAZE, Kind.RESTATE, Kind.UNIFY, Kind.SCUMBLE, Kind.WHITE, Kind.RAYS)
"""Laid over what is finished already, to correct it."""


def _taking(state: _Replay, done: Pass, o: Operation, surface: _Surface) -> None:
    if o.kind is Kind.SAND and surface.toxic:
        state.refuse(done, o.mass, Rule.TOXIC_DUST, f"what {surface.by} laid is toxic as dust", o)
    # What stains stays: of the density over the bare surface that share cannot be lifted.
    bare, now = (float(luminance_of(v)) for v in (state.ground, min(surface.value, state.ground)))
    kept = ACTS[o.kind].grip * surface.staining * math.log10(max(bare, 1e-6) / max(now, 1e-6))
    most = float(value_of(bare * 10**-kept))
    if o.to_value > most + LIFTS_CLOSE:
        held = ACTS[o.kind].grip * surface.staining
        why = f"{100 * held:.0f} % stain, which leaves {most:.1f}, not {o.to_value:.1f}"
        state.refuse(done, o.mass, Rule.STAINS, why, o)


def _changed(state: _Replay, done: Pass, o: Operation, surface: _Surface, spot: Spot, end: float) -> None:
    """What the operation leaves behind, `end` being the minute at which its pass ends."""
    medium, act = state.medium, ACTS[o.kind]
    if act.sort is Sort.KEEPS:
        surface.kept = surface.finished = True
    elif o.kind is Kind.MASK:
        surface.masked_at = end
    elif o.kind is Kind.UNMASK:
        on = end - (end if surface.masked_at is None else surface.masked_at)
        if on > MASK_STAYS:
            state.refuse(done, o.mass, Rule.MASK_LONG, f"it was on for {on / 1440:.1f} days", o)
        surface.masked_at, surface.by = None, done.id
        surface.layers = max(surface.layers, 1)
    elif act.sort is Sort.LAYS and spot is not Spot.MASKED:
        surface.layers += 1
        surface.laid_at, surface.dry_at, surface.by = end, end + medium.quickest_dry, done.id
        surface.oil = o.oil or surface.oil
        surface.staining = max(surface.staining, o.staining)
        surface.toxic = surface.toxic or o.toxic
    elif act.sort is Sort.TAKES:
        surface.by = done.id
        surface.broken = surface.broken or (act.last and o.kind is not Kind.WIPE)
        if o.kind in (Kind.LIFT_DRY, Kind.STENCIL):
            surface.laid_at, surface.dry_at = end, end + medium.quickest_dry
    elif o.kind in (Kind.WET, Kind.WET_BOTH):
        surface.wet_until = end + 2 * medium.quickest_dry
    elif o.kind is Kind.FIX:
        surface.sprayed_until = end + SPRAY_DRIES
        surface.layers = max(1, surface.layers - FIXED_LAYERS)
    if o.kind.reaches and spot is not Spot.MASKED and (o.cover > 0.5 or o.role is Role.TARGET):
        surface.value = o.to_value


def _complete(state: _Replay, passes: Sequence[Pass], end: float) -> None:
    for name, surface in state.surfaces.items():
        reached = [
            done.id for done in passes for o in done.operations if o.mass == name and o.role is Role.TARGET
        ]
        if len(reached) != 1 and passes:
            state.refuse(passes[-1], name, Rule.COMPLETE, f"it does so {len(reached)} times")
        if surface.masked_at is not None:
            state.refuse(passes[-1], name, Rule.UNMASK, f"it is still on at minute {end:.0f}")


Turns = Mapping[str, tuple[int, int]]


def _turns(passes: Sequence[Pass]) -> Turns:
    """When each mass is laid to its target: place of the pass, and of the operation in it."""
    return {
        o.mass: (k, n)
        for k, done in enumerate(passes)
        for n, o in enumerate(done.operations)
        if o.role is Role.TARGET and o.kind.lays
    }


def _around(state: _Replay, passes: Sequence[Pass], turn: Turns) -> None:
    """An accent is judged by what surrounds it: that comes before it, or with it."""
    for name, mass in state.masses.items():
        if mass.kind is not MassKind.ACCENT or name not in turn:
            continue
        k = turn[name][0]
        later = [b.mass for b in mass.borders if b.mass in turn and turn[b.mass][0] > k]
        if later:
            state.refuse(passes[k], name, Rule.AROUND_FIRST, f"{_names(state, later)} is laid after it")


def _behind(state: _Replay, passes: Sequence[Pass], turn: Turns) -> None:
    """In opaque media what lies inside another thing, firm-edged, must not be laid before it."""
    if state.medium.transparent:
        return
    for name, mass in state.masses.items():
        if not mass.depth or name not in turn:
            continue
        for border in mass.borders:
            behind = state.masses.get(border.mass)
            inside = border.length_cm >= ENCLOSED * mass.outline_cm and border.hardness > FIRM
            if behind is None or not inside or border.mass not in turn:
                continue
            if (behind.depth or 0) < mass.depth and turn[border.mass] > turn[name]:
                k = turn[name][0]
                why = f"{behind.name or behind.id} lies behind it and comes later"
                state.refuse(passes[k], name, Rule.BACK_FIRST, why)


def _names(state: _Replay, ids: Sequence[str]) -> str:
    return ", ".join(state.masses[i].name or i for i in ids[:3])
