"""Minutes of each pass and the waits between them."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ..materials.media import Medium
from ..plan.acts import ACTS
from ..plan.own import own_minutes
from ..plan.plan import Kind, Pass
from ..plan.tools import in_hand
from ..plan.touching import needing_dry, neighbours, touches
from ..time.pace import SETTLING, covering_minutes, cutting_minutes, drying_minutes
from .coverage import Coverage, Status, cut_length
from .grouping import mixture_of
from .operations import RESTATED_SHARE
from .painting import OPEN_AT_ONCE, Scene
from .result import PassType, Step

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

COATED = 0.25
"""Share of a mass that must need another coat for the mass to need it: what little is left is touched up."""
SPRAYED = 5.0
"""Minutes until a light coat of workable fixative is dry."""


def minutes_of(scene: Scene, step: Step) -> float:
    """Working minutes of a pass: covering, cutting in, mixing, further coats; or its own pace.

    In opaque media only finished and bare neighbours are cut against; toward later shapes the edge
    is loose and the later shape cuts it.
    """
    parts, medium, covered = scene.parts, in_hand(scene.medium, step.tool), step.covered
    if step.own is not None:
        return own_minutes(step.own, [scene.masses[m] for m in step.group], medium)
    if step.pass_type not in (PassType.LAYS, PassType.TONES):
        return SETTLING + sum(_own_pace(scene, step, m, medium) for m in step.group)
    area = float(parts.areas[covered].sum() + ((step.coats - 1) * parts.areas).sum())
    return (
        covering_minutes(medium, area)
        + cutting_minutes(medium, cut_in(scene, step.problem, covered))
        + (scene.patches if step.pass_type is PassType.TONES else mixtures(scene, step.problem))
        * medium.mix_minutes
        + SETTLING
    )


def coats_of(scene: Scene, step: Step) -> Mapping[int, int]:
    """The coats that masses laid in a pass take, of those that take more than one: what a good part needs."""
    if step.pass_type is not PassType.LAYS:
        return {}
    areas, found = scene.parts.areas, {}
    for m in step.group:
        own = scene.parts.of(m)
        whole = float(areas[own].sum())
        for coats in range(int(step.coats[own].max(initial=1)), 1, -1):
            if float(areas[own][step.coats[own] >= coats].sum()) >= COATED * whole:
                found[m] = coats
                break
    return found


def between_of(scene: Scene, step: Step) -> float:
    """Minutes within a pass in which coats dry: none where one is worked into the last or dries for days."""
    coats, medium = coats_of(scene, step), scene.medium
    if not coats or medium.dry_minutes > OPEN_AT_ONCE:
        return 0.0
    area = sum(scene.masses[m].area_cm2 for m in coats)
    return (max(coats.values()) - 1) * drying_minutes(medium, area)


def _own_pace(scene: Scene, step: Step, m: int, medium: Medium) -> float:
    """Minutes for one light that is masked, wiped or won back, or for one dark that is restated."""
    mass = scene.masses[m]
    if step.pass_type is PassType.RESTATES:
        return covering_minutes(medium, RESTATED_SHARE * mass.area_cm2)
    kind = Kind.MASK if step.pass_type is PassType.MASKS else scene.how[m] or Kind.LAYER
    return ACTS[kind].pace * mass.area_cm2 / 10 + cutting_minutes(medium, mass.outline_cm)


def cut_in(scene: Scene, problem: Coverage, covered: Mask) -> float:
    """cm of edge that a pass with this coverage (p,) has to cut in."""
    parts = problem.parts
    if scene.medium.transparent:
        return cut_length(parts, covered)
    ends = (covered[parts.first] != covered[parts.second]) & ~parts.inner
    settled = (problem.status[parts.first] >= Status.DONE) | (problem.status[parts.second] >= Status.DONE)
    return float(parts.length[ends & settled].sum())


def mixtures(scene: Scene, problem: Coverage) -> int:
    """Separate mixtures that a pass's own masses want: their colours in steps that matter."""
    masses = np.unique(scene.parts.mass[problem.own])
    return max(1, len({mixture_of(scene.masses[m]) for m in masses}))


def begins_at(scene: Scene, passes: Sequence[Pass]) -> float:
    """The minute of the sheet's clock at which the first pass finds dry what it goes over or meets."""
    return max([scene.start.clock, *(_ready(scene, done) for done in passes[:1])])


def _ready(scene: Scene, done: Pass) -> float:
    """The minute from which what lay there before the first pass is dry for a pass."""
    over = needing_dry(done)
    by_id = {m.id: m for m in scene.masses}
    names = over | neighbours(over, by_id) if scene.medium.transparent else over
    return max((scene.start.of(name, 0.0).ready_at for name in names), default=scene.start.clock)


def waits_of(scene: Scene, passes: Sequence[Pass], areas: Sequence[float], begin: float = 0.0) -> list[float]:
    """Minutes to wait after each pass, so that whatever the next ones go over or meet is dry.

    The first begins at minute `begin` of the sheet's clock.

    Transparent washes must also find their neighbours dry, or they run into each other; loose
    overlaps in opaque media are worked into while wet.
    """
    waits, by_id = [0.0] * len(passes), {m.id: m for m in scene.masses}
    starts: list[float] = []
    clock = 0.0
    for j, later in enumerate(passes):
        ready = max(clock, _ready(scene, later) - begin) if scene.start.masses else clock
        for i in range(j):
            if touches(passes[i], later, by_id, scene.medium.transparent):
                dry = starts[i] + passes[i].lasts + drying_minutes(scene.medium, areas[i])
                ready = max(ready, dry)
        if j:
            waits[j - 1] = float(np.ceil(ready - clock))
            clock += waits[j - 1]
        starts.append(clock)
        clock += later.lasts
    return [max(wait, sprayed_wait(done)) for wait, done in zip(waits, passes, strict=True)]


def last_waited(scene: Scene, steps: Sequence[Step], passes: Sequence[Pass]) -> tuple[Pass, ...]:
    """The passes of some steps, with the wait that the last of them needs before it."""
    if len(passes) < 2:
        return tuple(passes)
    # What a pass sets without covering a part, as restated darks, is wet for a while too.
    areas = [max(float(scene.parts.areas[step.covered].sum()), 1.0) for step in steps]
    wait = waits_of(scene, passes, areas, scene.start.clock)[-2]
    return (*passes[:-2], replace(passes[-2], wait=max(passes[-2].wait, wait)), passes[-1])


def sprayed_wait(done: Pass) -> float:
    """Minutes to wait after a pass that sprays, 0 after any other."""
    return SPRAYED if any(o.kind is Kind.FIX for o in done.operations) else 0.0
