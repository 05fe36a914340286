"""The judge: replays a plan's passes on a model of the surface and says what the medium refuses.

It shares names and material data with the planner but no function: it knows a plan only by its
masses, passes and operations, and judges one written by hand just the same. What a spot lets be done
is the table of transitions; what needs numbers (values, layers, oil, staining, order) is here.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

from ..colour.value import luminance_of, value_of
from ..materials.media import Medium
from ..plan.acts import ACTS, Sort
from ..plan.plan import Kind, Operation, Pass, Plan, Role
from ..plan.state import BARE, MassSurface, SheetState
from ..reference.mass import Mass, MassKind
from .refusal import Refusal, Replay
from .rules import Rule
from .transitions import SurfaceState, after, dried, stage
from .whole import judge_accents, judge_completeness, judge_depth, turns_of

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


def replay(
    masses: Sequence[Mass],
    passes: Sequence[Pass],
    medium: Medium,
    ground_value: float,
    start: SheetState = BARE,
) -> tuple[Refusal, ...]:
    """Everything the medium refuses in these passes, in order; empty when the plan can be painted.

    `ground_value` is the bare surface's Munsell value, 0–10; the passes begin at `start`.
    """
    replayed, _ = _replayed(masses, passes, medium, ground_value, start)
    judge_completeness(replayed, passes, start)
    turn = turns_of(passes)
    judge_accents(replayed, passes, turn)
    judge_depth(replayed, passes, turn)
    return tuple(replayed.refusals)


def refusals_of(plan: Plan) -> tuple[Refusal, ...]:
    """Everything the medium refuses in a plan, from where it begins."""
    return replay(plan.masses, plan.passes, plan.medium, plan.surface.value, plan.start)


def state_after(
    masses: Sequence[Mass],
    passes: Sequence[Pass],
    medium: Medium,
    ground_value: float,
    start: SheetState = BARE,
) -> SheetState:
    """What lies on the surface when these passes are done, waits included, whether they are refused or not.

    The judge knows values; colours are left open where paint was laid.
    """
    replayed, clock = _replayed(masses, passes, medium, ground_value, start)
    return SheetState(clock, replayed.surfaces)


def _replayed(
    masses: Sequence[Mass], passes: Sequence[Pass], medium: Medium, ground_value: float, start: SheetState
) -> tuple[Replay, float]:
    """The passes gone through, and the minute after them."""
    by_id = {mass.id: mass for mass in masses}
    surfaces = {name: start.of(name, ground_value) for name in by_id}
    replayed, clock = Replay(medium, ground_value, by_id, surfaces), start.clock
    # Judge with the shortest drying time, that of a small, thin layer: the plan may wait longer.
    for done in passes:
        if min(done.minutes, done.between, done.wait) < 0 and masses:
            replayed.refuse(done, masses[0].id, Rule.WITHIN)
        for operation in done.operations:
            if operation.mass not in by_id:
                replayed.refuse(done, operation.mass, Rule.UNKNOWN, operation)
                continue
            _step(replayed, done, operation, clock, clock + max(done.lasts, 0.0))
        clock += max(done.lasts, 0.0) + max(done.wait, 0.0)
    return replayed, clock


def state_of(surface: MassSurface, medium: Medium, now: float) -> SurfaceState:
    """The state of what lies on a mass at a minute of the sheet's clock."""
    if surface.broken:
        return SurfaceState.BROKEN
    if surface.masked_at is not None:
        return SurfaceState.MASKED
    # Times are sums of floats: allow for their rounding.
    now += ROUNDING
    if now < surface.sprayed_until:
        return SurfaceState.SPRAYED
    if medium.key == "pastel" and surface.layers > medium.most_layers:
        return SurfaceState.FULL
    # Grain never dries: what the same pass has laid is loose at once.
    if now >= surface.dry_at or surface.dry_at <= surface.laid_at:
        dry = dried(medium.key) if surface.layers else SurfaceState.BARE
        return SurfaceState.WETTED if now < surface.wet_until else dry
    return stage(medium.key, (now - surface.laid_at) / (surface.dry_at - surface.laid_at))


def _step(replayed: Replay, done: Pass, o: Operation, now: float, end: float) -> None:
    surface, medium = replayed.surfaces[o.mass], replayed.medium
    if not 0 <= o.cover <= 1:
        replayed.refuse(done, o.mass, Rule.WITHIN, o)
    state = state_of(surface, medium, now)
    outcome = after(medium.key, o.kind, state)
    # Small marks of one pass lie beside each other: the first are no wet ground for the next.
    beside = _small(o) and surface.by == done.id
    if isinstance(outcome, Rule) and o.role is not Role.OVERLAP and not beside:
        replayed.refuse(done, o.mass, outcome, o, state, surface.by)
    _judged(replayed, done, o, surface, state)
    if o.role is Role.OVERLAP:
        return
    if o.role is Role.TARGET:
        surface = replace(surface, finished=True)
    replayed.surfaces[o.mass] = _changed(replayed, done, o, surface, state, end)


def _judged(replayed: Replay, done: Pass, o: Operation, surface: MassSurface, state: SurfaceState) -> None:
    """What numbers and order refuse, beyond the state of the state."""
    if o.kind.lays and state is not SurfaceState.MASKED:
        _laying(replayed, done, o, surface)
    if o.kind.takes:
        _taking(replayed, done, o, surface)


def _small(o: Operation) -> bool:
    """Whether it sets small marks: of paint, or of opaque white that wins lights back. A wash over what is
    finished stays a wash, whatever it calls itself."""
    return o.kind is Kind.DETAIL or (o.kind is Kind.WHITE and o.role is Role.OVER)


def _laying(replayed: Replay, done: Pass, o: Operation, surface: MassSurface) -> None:
    mass, medium = replayed.masses[o.mass], replayed.medium
    if _small(o):
        _detailing(replayed, done, o, surface)
        return
    corrects = o.kind in CORRECTING
    if surface.kept:
        replayed.refuse(done, o.mass, Rule.RESERVED, o)
    elif surface.finished and not corrects:
        rule = Rule.FINISHED if o.role is Role.TARGET else Rule.UNDER_FIRST
        replayed.refuse(done, o.mass, rule, o, by=surface.by)
    if surface.layers > medium.most_layers and medium.key != "pastel" and o.role is not Role.OVERLAP:
        replayed.refuse(done, o.mass, Rule.LAYERS, o)
    if o.oil and surface.oil and o.oil < surface.oil - LEANER:
        replayed.refuse(done, o.mass, Rule.LEAN_FIRST, o)
    if not medium.transparent or o.kind is Kind.WHITE:
        return
    if o.to_value > o.from_value + TOLERANCE:
        replayed.refuse(done, o.mass, Rule.DARKENS, o)
    if o.cover > 0.99 and o.to_value > surface.value + TOLERANCE:
        replayed.refuse(done, o.mass, Rule.STARTS, o)
    if (
        mass.kind is MassKind.ACCENT
        and mass.light
        and o.role is Role.TARGET
        and o.kind is not Kind.PLACEHOLDER
    ):
        replayed.refuse(done, o.mass, Rule.LIGHT_ACCENT, o)


def _detailing(replayed: Replay, done: Pass, o: Operation, surface: MassSurface) -> None:
    """Small marks go over what is finished, kept paper too, and take no layer."""
    if not surface.finished:
        replayed.refuse(done, o.mass, Rule.UNDER_FIRST, o, by=surface.by)
    if o.oil and surface.oil and o.oil < surface.oil - LEANER:
        replayed.refuse(done, o.mass, Rule.LEAN_FIRST, o)
    if replayed.medium.transparent and o.kind is not Kind.WHITE and o.to_value > o.from_value + TOLERANCE:
        replayed.refuse(done, o.mass, Rule.DARKENS, o)


CORRECTING = (
    Kind.GLAZE,
    Kind.RESTATE,
    Kind.UNIFY,
    Kind.SCUMBLE,
    Kind.WHITE,
    Kind.RAYS,
    Kind.DROP_IN,
    Kind.GLOW,
)
"""Laid over, or into, what is finished already, to correct it."""


def _taking(replayed: Replay, done: Pass, o: Operation, surface: MassSurface) -> None:
    if o.kind is Kind.SAND and surface.toxic:
        replayed.refuse(done, o.mass, Rule.TOXIC_DUST, o, by=surface.by)
    # The stained share of the optical density over the bare surface cannot be lifted.
    bare, now = (float(luminance_of(v)) for v in (replayed.ground, min(surface.value, replayed.ground)))
    kept = ACTS[o.kind].grip * surface.staining * math.log10(max(bare, 1e-6) / max(now, 1e-6))
    most = float(value_of(bare * 10**-kept))
    if o.to_value > most + LIFTS_CLOSE:
        replayed.refuse(done, o.mass, Rule.STAINS, o)


def _changed(
    replayed: Replay, done: Pass, o: Operation, surface: MassSurface, state: SurfaceState, end: float
) -> MassSurface:
    """What the operation leaves behind, `end` being the minute at which its pass ends."""
    medium, act = replayed.medium, ACTS[o.kind]
    if _small(o):
        return replace(surface, laid_at=end, dry_at=end + medium.quickest_dry, by=done.id)
    if act.sort is Sort.KEEPS:
        surface = replace(surface, kept=True, finished=True)
    elif o.kind is Kind.MASK:
        surface = replace(surface, masked_at=end)
    elif o.kind is Kind.UNMASK:
        on = end - (end if surface.masked_at is None else surface.masked_at)
        if on > MASK_STAYS:
            replayed.refuse(done, o.mass, Rule.MASK_LONG, o)
        surface = replace(surface, masked_at=None, by=done.id, layers=max(surface.layers, 1))
    elif act.sort is Sort.LAYS and state is not SurfaceState.MASKED:
        surface = replace(
            surface,
            # What is dropped into a wash that is wet still is part of that wash.
            layers=surface.layers + (0 if o.kind is Kind.DROP_IN else 1),
            laid_at=end,
            dry_at=end + medium.quickest_dry,
            by=done.id,
            oil=o.oil or surface.oil,
            staining=max(surface.staining, o.staining),
            toxic=surface.toxic or o.toxic,
            lab=None,
        )
    elif act.sort is Sort.TAKES:
        broken = surface.broken or (act.last and o.kind is not Kind.WIPE)
        surface = replace(surface, by=done.id, broken=broken, lab=None)
        if o.kind in (Kind.LIFT_DRY, Kind.STENCIL):
            surface = replace(surface, laid_at=end, dry_at=end + medium.quickest_dry)
    elif o.kind in (Kind.WET, Kind.WET_BOTH):
        surface = replace(surface, wet_until=end + 2 * medium.quickest_dry)
    elif o.kind is Kind.FIX:
        layers = max(1, surface.layers - FIXED_LAYERS)
        surface = replace(surface, sprayed_until=end + SPRAY_DRIES, layers=layers, value=o.to_value)
    if o.kind.reaches and state is not SurfaceState.MASKED and (o.cover > 0.5 or o.role is Role.TARGET):
        surface = replace(surface, value=o.to_value)
    return surface
