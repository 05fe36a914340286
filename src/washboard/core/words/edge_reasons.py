"""Reasons for what a pass covers: what it runs under, goes round, keeps off and meets."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from ..order.coverage import Status, cut_length
from ..order.painting import Scene
from ..order.result import PlanningResult
from ..plan.names import said
from ..plan.plan import Reason
from ..reference.mass import Mass, MassKind
from ..sentence import sentence, tone, whole

Mask = NDArray[np.bool_]


STANDS_OFF = 1.5
"""Values from which a dark makes the bare surface beside it appear as a light."""
SHOWS = 1.5
"""ΔE₀₀ from which an under-colour is worth a word."""
WORTH_CM = 3.0
"""cm of edge from which a saving is worth a word."""


def masses_at(scene: Scene, indices: Sequence[int]) -> list[Mass]:
    """The masses at these places of the scene."""
    return [scene.masses[m] for m in indices]


def meets_bare(worked: PlanningResult, k: int) -> Reason | None:
    """The first pass that stands clearly darker against reserved surface makes the lights appear."""
    if not worked.scene.medium.transparent or any(bare_contrast(worked, j) for j in range(k)):
        return None
    here = bare_contrast(worked, k)
    if here is None:
        return None
    step, length, bare = here
    names = said(masses_at(worked.scene, bare))
    words = sentence("why-meets-bare", masses=names, step=tone(step))
    return Reason("meets-bare", words, ids_of(worked.scene, bare), {"values": step, "cm": length})


def bare_contrast(worked: PlanningResult, k: int) -> tuple[float, float, list[int]] | None:
    """Where pass k's masses stand clearly darker against bare ones: mean value step, cm, the bare masses."""
    scene, turn = worked.scene, worked.turn
    index = {m.id: i for i, m in enumerate(scene.masses)}
    met = [
        (scene.surface.value - scene.masses[m].target, border.length_cm, other)
        for m in worked.steps[k].group
        for border in scene.masses[m].borders
        if turn[other := index[border.mass]] < 0
        and scene.masses[other].kind is not MassKind.ACCENT
        and scene.surface.value - scene.masses[m].target >= STANDS_OFF
    ]
    length = sum(cm for _, cm, _ in met)
    if length < WORTH_CM:
        return None
    return sum(step * cm for step, cm, _ in met) / length, length, sorted({m for _, _, m in met})


def goes_round(worked: PlanningResult, k: int) -> Reason | None:
    """What the pass cuts round to keep it bare: length and minutes."""
    scene, step = worked.scene, worked.steps[k]
    if not scene.medium.transparent:
        return None
    parts = scene.parts
    ends = (step.covered[parts.first] != step.covered[parts.second]) & ~parts.inner
    bare = step.problem.status == Status.BARE
    ends &= bare[parts.first] | bare[parts.second]
    length = float(parts.length[ends].sum())
    around = sorted(
        {int(m) for side in (parts.first, parts.second) for m in parts.mass[side[ends & bare[side]]]}
    )
    if length < 1.0:
        return None
    minutes = length / scene.medium.cut_cm
    narrow = min(scene.masses[m].width_mm for m in around)
    words = sentence("why-goes-round", masses=said(masses_at(scene, around)), length=whole(length))
    return Reason(
        "goes-round", words, ids_of(scene, around), {"cm": length, "minutes": minutes, "mm": narrow}
    )


def runs_under(worked: PlanningResult, k: int) -> Reason | None:
    """What stopping at the shapes it runs under would cost: forced off, and cut again."""
    scene, step = worked.scene, worked.steps[k]
    under = _run_under(worked, k)
    if not under:
        return None
    forced = stopping(worked, k, under)
    extra = cut_length(scene.parts, forced) - cut_length(scene.parts, step.covered)
    seconds = step.problem.seconds(forced) - step.problem.seconds(step.covered)
    if extra < WORTH_CM or seconds <= 0:
        return None
    key = "why-runs-under-minutes" if seconds >= 45 else "why-runs-under"
    words = sentence(key, length=whole(extra), minutes=whole(seconds / 60))
    return Reason("runs-under", words, ids_of(scene, under), {"cm": extra, "minutes": seconds / 60})


def _run_under(worked: PlanningResult, k: int) -> list[int]:
    scene, step = worked.scene, worked.steps[k]
    under = step.covered & (step.problem.status == Status.LATER) & ~step.problem.over
    areas = np.bincount(scene.parts.mass[under], scene.parts.areas[under], len(scene.masses))
    return [
        int(m) for m in np.argsort(-areas, kind="stable")[:3] if areas[m] > 0.5 * scene.masses[m].area_cm2
    ]


def stopping(worked: PlanningResult, k: int, masses: Sequence[int]) -> Mask:
    """The best coverage (p,) of pass k when it must keep off the given later masses."""
    parts = worked.scene.parts
    held = {int(p): False for m in masses for p in parts.of(m)}
    return worked.steps[k].problem.best(held)


def keeps_off(worked: PlanningResult, k: int) -> Reason | None:
    """The later mass whose colour this pass would spoil most, if it lies beside this pass."""
    scene, step = worked.scene, worked.steps[k]
    if worked.scene.weights.area > 0:
        return None
    spoilt = step.problem.spoilt
    off = (step.problem.status == Status.LATER) & ~step.covered
    beside = _beside(scene, step.covered) & off & (spoilt >= SHOWS)
    if not beside.any():
        return None
    weight = np.where(beside, spoilt * np.sqrt(scene.parts.areas), 0)
    part = int(np.argmax(weight))
    mass = scene.masses[int(scene.parts.mass[part])]
    words = sentence("why-keeps-off", masses=said([mass]))
    return Reason("keeps-off", words, (mass.id,), {"deltaE": float(spoilt[part])})


def _beside(scene: Scene, covered: Mask) -> Mask:
    parts = scene.parts
    beside = np.zeros(len(covered), bool)
    ends = (covered[parts.first] != covered[parts.second]) & ~parts.inner
    beside[parts.first[ends]] = True
    beside[parts.second[ends]] = True
    return beside & ~covered


def contrast_around(worked: PlanningResult, mass: Mass) -> float | None:
    """Values by which a mass differs from what surrounds it, the mean along its outline; None where nothing
    does."""
    by_id = {m.id: m for m in worked.scene.masses}
    total = sum(b.length_cm for b in mass.borders)
    if not total:
        return None
    around = sum(by_id[b.mass].target * b.length_cm for b in mass.borders) / total
    return abs(around - mass.target)


def ids_of(scene: Scene, indices: Sequence[int]) -> tuple[str, ...]:
    """The ids of the masses at these places of the scene."""
    return tuple(scene.masses[m].id for m in indices)
