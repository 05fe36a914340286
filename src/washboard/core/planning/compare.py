"""Schools side by side: what each would cost for this picture, and from when one can judge."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import lab_of_spectrum, value_of_spectrum
from ..key.mood import Mood
from ..materials.media import Medium
from ..materials.sticks import Colour
from ..materials.surfaces import Sheet, Surface
from ..mixing.paintbox import Paintbox, paintbox_of
from ..order.options import Options
from ..order.parts import Parts
from ..order.result import PassType, PlanningResult
from ..order.timing import mixtures
from ..plan.acts import ACTS, Reversibility
from ..plan.plan import Plan, Role
from ..reference.mass import Mass
from ..schools import SCHOOLS, School, refused, school_named
from ..schools.aims import Aim
from .planner import plan_of

Floats = NDArray[np.float64]

SITTING = 180.0
"""Minutes that a painter sits in one go; a longer wait begins another sitting. A guess."""
SHORTER = 1.0
"""Minutes of waiting that are worth being told."""
TRUE = 0.5
"""Values from the picture's darkest and lightest target within which a dark, a light is a true one."""


@dataclass(frozen=True)
class Metrics:
    """What an order comes to.

    Minutes of work and of waiting, sittings (rough), `irreversible` operations, `layers` most on one mass,
    `mixtures`; ΔE₀₀ and values by which masses end off their targets, `worst` and mean by area; `judged` the
    pass after which a true dark and a true light are both down, None for never; `findings` in passes.
    """

    passes: int
    active: float
    waiting: float
    sittings: int
    irreversible: int
    layers: int
    mixtures: int
    worst: float
    mean: float
    worst_value: float
    mean_value: float
    judged: int | None
    findings: int


@dataclass(frozen=True)
class Compared:
    """A school for a picture: its order with the account of it, or why it cannot be."""

    school: School
    why_not: str = ""
    worked: PlanningResult | None = None
    metrics: Metrics | None = None


def compared(
    masses: Sequence[Mass],
    parts: Parts,
    medium: Medium,
    surface: Surface,
    sheet: Sheet,
    options: Options,
    mood: Mood = Mood.AS_SEEN,
    paints: Sequence[Colour] = (),
    own_schools: Sequence[str] = (),
    box: Paintbox | None = None,
    known: PlanningResult | None = None,
) -> tuple[Compared, ...]:
    """Every school for these masses, in the order in which they are listed, then the painter's `own_schools`
    by their keys; those that cannot be say why.

    What is asked of `plan_of` but for the school, which is each in turn; the number of passes is let free,
    and nothing is asked of an order besides. `box` is that of a plan for the same paints, if there is one;
    an order that is `known` is not worked out again for its school.
    """
    box = box or paintbox_of(medium, surface, paints)
    found = []
    for school in (*SCHOOLS.values(), *map(school_named, own_schools)):
        why = refused(school, medium, surface)
        if why:
            found.append(Compared(school, why))
            continue
        asked = replace(options, school=school.key, passes=None, aim=None, groups=(), mixed=())
        # Share one paint box, and so its cache of mixtures, across all schools.
        if known is not None and known.plan.school == school.key:
            worked = known
        else:
            worked = plan_of(masses, parts, medium, surface, sheet, asked, (), mood, paints, box)
        found.append(Compared(school, "", worked, metrics_of(worked)))
    return tuple(found)


def metrics_of(worked: PlanningResult) -> Metrics:
    """The account of a worked plan."""
    plan, scene = worked.plan, worked.scene
    operations = [o for done in plan.passes for o in done.operations]
    layers = {m.id: 0 for m in plan.masses}
    for o in operations:
        layers[o.mass] += o.kind.lays and o.role is not Role.OVERLAP
    laying = [
        step for step in worked.steps if step.pass_type in (PassType.LAYS, PassType.TONES) and step.group
    ]
    off, off_value = _errors(worked)
    areas = np.maximum(scene.parts.areas, 1e-9)
    return Metrics(
        len(plan.passes),
        plan.work,
        plan.waiting,
        sittings_of(plan),
        sum(ACTS[o.kind].back is Reversibility.NONE for o in operations),
        max(layers.values(), default=0),
        sum(mixtures(scene, step.problem) for step in laying),
        float(off.max(initial=0.0)),
        float(np.average(off, weights=areas)) if len(off) else 0.0,
        float(off_value.max(initial=0.0)),
        float(np.average(off_value, weights=areas)) if len(off) else 0.0,
        judged_from(plan),
        sum(len(done.findings) for done in plan.passes),
    )


def delivers(aim: Aim, metrics: Metrics, plain: Metrics) -> bool:
    """Whether an order worked out for an aim comes nearer to it than the plain one."""
    match aim:
        case Aim.WAITS:
            return metrics.waiting < plain.waiting - SHORTER
        case Aim.MIXTURES:
            return metrics.mixtures < plain.mixtures
        case Aim.SAFEST:
            return metrics.irreversible < plain.irreversible


def _errors(worked: PlanningResult) -> tuple[Floats, Floats]:
    """ΔE₀₀ and values (p,) by which the parts end off their targets, the worse end of graded ones."""
    scene = worked.scene
    reflectances = worked.steps[-1].after if worked.steps else scene.bare
    wanted = scene.targets[scene.parts.mass]
    off = difference(lab_of_spectrum(reflectances), wanted).max(axis=1)
    return off, np.abs(value_of_spectrum(reflectances) - value_of_lab(wanted)).max(axis=1)


def sittings_of(plan: Plan) -> int:
    """Sittings that an order takes, roughly: a wait longer than one, or work beyond it, begins the next."""
    count, used = 1, 0.0
    for done in plan.passes:
        if used > 0 and used + done.lasts > SITTING:
            count, used = count + 1, 0.0
        used += done.lasts
        if done.wait >= SITTING and done is not plan.passes[-1]:
            count, used = count + 1, 0.0
        else:
            used += done.wait
    return count


def judged_from(plan: Plan) -> int | None:
    """The pass, 1 the first, after which a true dark and a true light both stand; None if they never do.

    What is left bare on purpose stands from the start.
    """
    values = plan.predicted[-1]
    if not values:
        return None
    low, high = min(values) + TRUE, max(values) - TRUE
    dark = light = False
    for number, done in enumerate(plan.passes, 1):
        for o in done.operations:
            if o.role is not Role.TARGET:
                continue
            dark |= o.to_value <= low
            light |= o.to_value >= high
        if dark and light:
            return number
    return None
