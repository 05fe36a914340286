"""What lies on the surface after some passes of a plan, as the place where another plan can begin."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from ..colour.spectra import lab_of_spectrum
from ..errors import InvalidInput
from ..order.result import PlanningResult
from ..plan.state import SheetState
from ..surface.replay import state_after


def after_passes(result: PlanningResult, count: int) -> SheetState:
    """The sheet when the first `count` passes of a plan are done, as they were predicted.

    The judge says what lies where, how wet it is and what it is made of; the planner's pictures say its
    colour, the mean of a mass over its area. Raises InvalidInput for more passes than there are, or fewer
    than none.
    """
    plan, scene = result.plan, result.scene
    if not 0 <= count <= len(plan.passes):
        raise InvalidInput("refused-progress-too-far", number=len(plan.passes), count=count)
    done = plan.passes[:count]
    state = state_after(plan.masses, done, plan.medium, plan.surface.value, plan.start)
    if not done:
        return state
    reflectances, areas = result.steps[count - 1].after.mean(axis=1), scene.parts.areas
    surfaces = dict(state.masses)
    for m, mass in enumerate(plan.masses):
        own, there = scene.parts.of(m), surfaces[mass.id]
        if there.layers:
            weights = np.maximum(areas[own], 1e-9)
            lightness, a, b = lab_of_spectrum(np.average(reflectances[own], axis=0, weights=weights)).tolist()
            surfaces[mass.id] = replace(there, lab=(lightness, a, b))
    return SheetState(state.clock, surfaces)
