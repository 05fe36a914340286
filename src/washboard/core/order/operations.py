"""What each pass does to each mass, as operations."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..colour.spectra import value_of_spectrum
from ..key.relations import LARGEST_LAMP
from ..plan.acts import ACTS
from ..plan.own import Own
from ..plan.plan import Kind, Operation, Role
from ..reference.light import LAMP
from ..reference.mass import MassKind
from .painting import Scene
from .result import PassType, Step

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

OVERLAP_MM = 6.0
"""How far a loose edge runs into a shape painted later, at most."""
OVERLAP_SHARE = 1 / 3
"""And at most this share of that shape's width."""
OUTSHINES = 2.5
"""Values above its surroundings from which a light is built up in nested steps."""
LIT_FROM = 7.5
"""Value from which something may be a lamp."""
LEAST_STEPS, MOST_STEPS, GLOWS_FROM_CM2 = 3, 6, 0.5
"""Steps of a glow; a light smaller than this is one touch."""
RESTATED_SHARE = 0.3
"""Share of a dark that is gone over once more at the end."""
LEANEST, FATTER, MOST_OIL = 0.3, 0.04, 0.55
"""Share of oil in the first pass, how much more each later one holds, and the most. Guesses."""


def operations_of(scene: Scene, turn: NDArray[np.int64], k: int, step: Step) -> tuple[Operation, ...]:
    """Operations of pass k, `turn` (m,) being the pass of each mass: bare masses are named in the first,
    targets from back to front, then unders."""
    done: list[Operation] = []
    if k == 0:
        done += [_bare(scene, int(m)) for m in np.flatnonzero(turn < 0) if not scene.lying[m].settled]
    if step.pass_type is PassType.MASKS:
        return (*done, *(_guarded(scene, m) for m in step.group))
    values = value_of_spectrum(np.stack([step.before, step.after])).mean(axis=2)
    if step.pass_type is PassType.RESTATES:
        return (*done, *(_restated(scene, m, values[0]) for m in step.group))
    if step.own is not None:
        return (*done, *(_by_painter(scene, m, values, step.own, k) for m in step.group))
    untouched: Mask = np.isclose(step.before, scene.bare).reshape(len(step.before), -1).min(axis=1)
    laid = _Laid(scene, values, untouched, step, k)
    ranked = sorted(
        range(len(scene.masses)),
        key=lambda m: (scene.masses[m].depth or 0, -scene.masses[m].share, scene.masses[m].label),
    )
    for m in ranked:
        own = scene.parts.of(m)
        covered = own[step.covered[own]]
        if m in step.muted:
            done.append(laid.operation(m, own, Role.UNDER))
        elif turn[m] == k:
            done.append(laid.operation(m, own, Role.TARGET))
        elif covered.size:
            done.append(laid.operation(m, covered, Role.UNDER))
    return tuple(done)


def _bare(scene: Scene, m: int) -> Operation:
    """A mass that stays as it is: reserved where paint could not bring it back, else left."""
    mass, value = scene.masses[m], scene.surface.value
    kind = Kind.RESERVE if scene.medium.transparent else Kind.LEAVE
    return Operation(mass.id, kind, Role.TARGET, 1.0, value, value)


def _guarded(scene: Scene, m: int) -> Operation:
    value = scene.surface.value
    return Operation(scene.masses[m].id, Kind.MASK, Role.UNDER, 1.0, value, value)


def _restated(scene: Scene, m: int, values: Floats) -> Operation:
    value = median_of(scene, values, scene.parts.of(m))
    return Operation(scene.masses[m].id, Kind.RESTATE, Role.UNDER, RESTATED_SHARE, value, value)


def _by_painter(scene: Scene, m: int, values: Floats, own_pass: Own, k: int) -> Operation:
    """What a pass of the painter's own does to one mass."""
    mass, own, kind = scene.masses[m], scene.parts.of(m), own_pass.kind
    start, end = (median_of(scene, row, own) for row in values)
    staining, toxic = scene.traits
    oil = oil_over(scene, k) * (scene.medium.key == "oil")
    paint_traits = (float(staining[m]), oil, bool(toxic[m])) if kind.lays else ()
    share = own_pass.share(mass.id)
    return Operation(mass.id, kind, Role.UNDER, share, start, end, 1, *paint_traits)


@dataclass(frozen=True)
class _Laid:
    """What a pass lays or takes: `values` (2, p) of the parts before and after, `untouched` (p,) still
    bare."""

    scene: Scene
    values: Floats
    untouched: Mask
    step: Step
    k: int

    def operation(self, m: int, laid: NDArray[np.intp], role: Role) -> Operation:
        scene, own = self.scene, self.scene.parts.of(m)
        cover = float(scene.parts.areas[laid].sum() / scene.parts.areas[own].sum())
        start, end = (median_of(scene, row, laid) for row in self.values)
        kind = self._kind(m, role, bool(self.untouched[laid].all()))
        steps = max(LEAST_STEPS, _glow_steps(scene, m)) if kind is Kind.GLOW else 1
        traits = self._traits(m, role, kind)
        return Operation(scene.masses[m].id, kind, role, min(1.0, cover), start, end, steps, *traits)

    def _kind(self, m: int, role: Role, first: bool) -> Kind:
        scene, mass = self.scene, self.scene.masses[m]
        own = scene.how[m] if scene.how and role is Role.TARGET else None
        if self.step.pass_type is PassType.TONES:
            # Grain is not thinned to a tone: it is rubbed in like any first layer.
            return Kind.TONE if scene.medium.key in ACTS[Kind.TONE].media else Kind.BLOCK_IN
        if (
            own is not None
            and (own is not Kind.PLACEHOLDER or first)
            and (own is not Kind.NEGATIVE or not first)
        ):
            return own
        if role is Role.TARGET and mass.share <= LARGEST_LAMP and _glow_steps(scene, m) > 1:
            return Kind.GLOW
        if mass.kind is MassKind.ACCENT and role is Role.TARGET:
            return Kind.ACCENT
        if scene.medium.transparent:
            graded = mass.kind is MassKind.GRADED and role is Role.TARGET
            return Kind.GRADED_WASH if graded else Kind.WASH
        return Kind.BLOCK_IN if first else Kind.LAYER

    def _traits(self, m: int, role: Role, kind: Kind) -> tuple[float, float, bool]:
        """Staining of the paint laid, its share of oil, whether its dust is toxic."""
        if not kind.lays:
            return 0.0, 0.0, False
        scene = self.scene
        oil = oil_over(scene, self.k) if scene.medium.key == "oil" else 0.0
        if not scene.medium.transparent:
            return 0.0, oil, False
        if role is Role.TARGET and self.step.pass_type is PassType.LAYS:
            staining, toxic = scene.traits
            return float(staining[m]), oil, bool(toxic[m])
        staining, toxic = self.carried
        return float(staining[m]), oil, bool(toxic[m])

    @cached_property
    def carried(self) -> tuple[Floats, Mask]:
        """Staining and toxicity (m,) of the paint that the pass carries under each mass."""
        box = self.scene.box
        return box.staining(self.step.paint), box.toxic(self.step.paint)


def oil_in(k: int) -> float:
    """Share of oil in the paint of pass k: lean to fat, each pass with a little more medium than the last."""
    return min(MOST_OIL, LEANEST + FATTER * k)


def oil_over(scene: Scene, k: int) -> float:
    """Share of oil in the paint of pass k over what was painted before: never leaner than that."""
    there = max((there.oil for there in scene.lying), default=0.0)
    before = 0 if there < LEANEST else round((there - LEANEST) / FATTER) + 1
    return oil_in(before + k)


def _glow_steps(scene: Scene, m: int) -> int:
    """Nested steps from the outermost, richest colour to the core, for a light that outshines what is
    around."""
    mass = scene.masses[m]
    if mass.seen_light is not None and mass.seen_light.kind != LAMP:
        return 1
    if scene.medium.transparent or mass.target < LIT_FROM or mass.area_cm2 < GLOWS_FROM_CM2:
        return 1
    values = {other.id: other.target for other in scene.masses}
    around = [values[b.mass] for b in mass.borders]
    gap = mass.target - max(around, default=mass.target)
    return int(min(MOST_STEPS, max(LEAST_STEPS, round(gap)))) if gap >= OUTSHINES else 1


def median_of(scene: Scene, values: Floats, laid: NDArray[np.intp]) -> float:
    """The area-weighted median of the `values` (p,) of some parts, `laid` (k,) their indices."""
    if len(laid) == 1:
        return float(values[laid[0]])
    order = laid[np.argsort(values[laid], kind="stable")]
    running = np.cumsum(scene.parts.areas[order])
    return float(values[order[int(np.searchsorted(running, running[-1] / 2))]])


def overlaps_of(
    scene: Scene, turn: NDArray[np.int64], k: int, done: Sequence[Operation], step: Step
) -> tuple[Operation, ...]:
    """In opaque media, the loose edges that run a little into shapes painted later, which cut them.

    `turn` (m,): the pass of each mass.
    """
    if scene.medium.transparent or step.pass_type is not PassType.LAYS:
        return ()
    touched = {o.mass for o in done}
    now = {scene.masses[m].id for m in np.flatnonzero(turn == k)}
    overlaps = []
    for m, mass in enumerate(scene.masses):
        if turn[m] <= k or mass.id in touched or mass.kind is MassKind.ACCENT:
            continue
        length = sum(b.length_cm for b in mass.borders if b.mass in now)
        reach_cm = min(OVERLAP_MM / 10, OVERLAP_SHARE * mass.width_mm / 10)
        cover = min(OVERLAP_SHARE, length * reach_cm / max(mass.area_cm2, 1e-6))
        if length > 0 and cover > 0.001:
            value = scene.surface.value
            kind = Kind.BLOCK_IN
            overlaps.append(Operation(mass.id, kind, Role.OVERLAP, cover, value, value))
    return tuple(overlaps)
