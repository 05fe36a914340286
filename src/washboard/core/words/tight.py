"""What is wrong or tight in a pass: longer than its open time, or a mass out of its band."""

from __future__ import annotations

from ..order.result import PassType, PlanningResult
from ..plan.names import capital, listed, named
from ..plan.plan import Kind, Role
from ..reference.mass import Mass, MassKind
from ..time.pace import covering_minutes

WORTH_CM = 3.0
"""cm of edge from which a seam is worth a word."""
TELLS = 0.1
"""Values outside its band from which a mass is said to be there."""


def findings_for(worked: PlanningResult, k: int) -> tuple[str, ...]:
    """What is wrong or tight in a pass: longer than its open time, or a mass out of its band."""
    late = _too_long(worked, k)
    return (*([late] if late else ()), *_out_of_band(worked, k))


def _too_long(worked: PlanningResult, k: int) -> str | None:
    """A joined wash must be laid while it is wet; an opaque coat only where it is graded."""
    medium, done = worked.scene.medium, worked.plan.passes[k]
    if not medium.open_minutes or not done.targets or worked.steps[k].pass_type is not PassType.LAYS:
        return None
    if medium.transparent:
        if done.minutes <= medium.open_minutes:
            return None
        return (
            f"The pass takes {done.minutes:.0f} min, the {medium.wet} stays open for "
            f"{medium.open_minutes:.0f}: {_seam(worked, k)}"
        )
    own = (worked.scene.masses[m] for m in worked.steps[k].group)
    graded = [mass for mass in own if mass.kind is MassKind.GRADED]
    slowest = max(graded, key=lambda m: m.area_cm2, default=None)
    minutes = covering_minutes(medium, slowest.area_cm2) if slowest else 0.0
    if slowest is None or minutes <= medium.open_minutes:
        return None
    return (
        f"Grading {named(slowest)} takes {minutes:.0f} min, the {medium.wet} stays open for "
        f"{medium.open_minutes:.0f}: keep it damp, work with a larger brush, or grade it in two parts."
    )


def _out_of_band(worked: PlanningResult, k: int) -> list[str]:
    medium, findings = worked.scene.medium, []
    for o in worked.plan.passes[k].operations:
        mass = worked.plan.mass(o.mass)
        low, high = mass.band_range
        if o.role is Role.TARGET and not low - TELLS <= o.to_value <= high + TELLS:
            why = (
                f"{medium.words.lower()} on this surface reaches {worked.plan.key.lowest:.1f} to "
                f"{worked.plan.key.highest:.1f}"
                if o.kind.lays and o.kind is not Kind.TONE
                else "the tone is near enough to be left"
                if o.kind is Kind.TONE
                else "what is wiped keeps a breath of the tone"
                if o.kind is Kind.WIPE
                else "nothing that is won back is as light as the bare sheet"
                if o.kind.takes
                else f"the bare surface is near enough to {mass.target:.1f} to be left"
            )
            findings.append(
                f"{capital(named(mass))} ends at {o.to_value:.1f}, outside its band of "
                f"{low:.1f} to {high:.1f}: {why}."
            )
    return findings


def _seam(worked: PlanningResult, k: int) -> str:
    """Where to stop: the softest long border inside the pass."""
    scene, step = worked.scene, worked.steps[k]
    group = set(step.group)
    index = {m.id: i for i, m in enumerate(scene.masses)}
    best: tuple[float, Mass, Mass] | None = None
    for m in sorted(group):
        for border in scene.masses[m].borders:
            other = index[border.mass]
            if other <= m or other not in group or border.length_cm < WORTH_CM:
                continue
            if named(scene.masses[m]) == named(scene.masses[other]):
                continue  # nobody could find that border by its name
            apart = abs(scene.masses[m].target - scene.masses[other].target)
            score = border.hardness + apart
            if best is None or score > best[0]:
                best = (score, scene.masses[m], scene.masses[other])
    if best is None:
        return "wet the paper first, take a larger brush, or lay it in two parts."
    return (
        f"stop at the border between {listed([best[1]])} and {listed([best[2]])}, where a seam shows least."
    )
