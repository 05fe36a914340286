"""What each pass does to each mass, as operations."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from ..colour.spectra import value_of_spectrum
from ..reference.mass import Kind as MassKind
from .painting import Scene
from .plan import Kind, Operation, Role

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

OVERLAP_MM = 6.0
"""How far a loose edge runs into a shape painted later, at most."""
OVERLAP_SHARE = 1 / 3
"""And at most this share of that shape's width."""


def operations_of(
    scene: Scene,
    turn: NDArray[np.int64],
    k: int,
    covered: Mask,
    before: Floats,
    after: Floats,
    muted: Sequence[int],
) -> tuple[Operation, ...]:
    """Operations of pass k: bare masses are named in the first, targets from back to front, then unders."""
    done: list[Operation] = []
    values = value_of_spectrum(np.stack([before, after])).mean(axis=2)
    untouched: Mask = np.isclose(before, scene.bare).reshape(len(before), -1).min(axis=1)
    if k == 0:
        done += [_bare(scene, int(m)) for m in np.flatnonzero(turn < 0)]
    ranked = sorted(
        range(len(scene.masses)),
        key=lambda m: (scene.masses[m].depth or 0, -scene.masses[m].share, scene.masses[m].label),
    )
    for m in ranked:
        own = scene.parts.of(m)
        laid = own[covered[own]]
        if m in muted:
            done.append(_operation(scene, m, own, values, untouched, Role.UNDER))
        elif turn[m] == k:
            done.append(_operation(scene, m, own, values, untouched, Role.TARGET))
        elif laid.size:
            done.append(_operation(scene, m, laid, values, untouched, Role.UNDER))
    return tuple(done)


def _bare(scene: Scene, m: int) -> Operation:
    """A mass that stays as it is: reserved where paint could not bring it back, else left."""
    mass, value = scene.masses[m], scene.surface.value
    kind = Kind.RESERVE if scene.medium.transparent else Kind.LEAVE
    return Operation(mass.id, kind, Role.TARGET, 1.0, value, value)


def _operation(
    scene: Scene, m: int, laid: NDArray[np.intp], values: Floats, untouched: Mask, role: Role
) -> Operation:
    """One operation; `values` (2, p) of the parts before and after, `untouched` (p,) still bare before."""
    mass, own = scene.masses[m], scene.parts.of(m)
    cover = float(scene.parts.areas[laid].sum() / scene.parts.areas[own].sum())
    start, end = (median_of(scene, row, laid) for row in values)
    kind = _kind(scene, m, role, bool(untouched[laid].all()))
    return Operation(mass.id, kind, role, min(1.0, cover), start, end)


def _kind(scene: Scene, m: int, role: Role, first: bool) -> Kind:
    mass = scene.masses[m]
    if mass.kind is MassKind.ACCENT and role is Role.TARGET:
        return Kind.ACCENT
    if scene.medium.transparent:
        graded = mass.kind is MassKind.GRADED and role is Role.TARGET
        return Kind.GRADED_WASH if graded else Kind.WASH
    return Kind.BLOCK_IN if first else Kind.LAYER


def median_of(scene: Scene, values: Floats, laid: NDArray[np.intp]) -> float:
    """The area-weighted median value of some parts."""
    order = laid[np.argsort(values[laid], kind="stable")]
    running = np.cumsum(scene.parts.areas[order])
    return float(values[order[int(np.searchsorted(running, running[-1] / 2))]])


def overlaps_of(
    scene: Scene,
    turn: NDArray[np.int64],
    k: int,
    done: Sequence[Operation],
) -> tuple[Operation, ...]:
    """In opaque media, the loose edges that run a little into shapes painted later, which cut them."""
    if scene.medium.transparent:
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
