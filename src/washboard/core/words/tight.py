"""What is wrong or tight in a pass: longer than its open time, or a mass out of its band."""

from __future__ import annotations

from ..order.result import PassType, PlanningResult
from ..plan.plan import Kind, Operation, Role
from ..reference.mass import Mass, MassKind
from ..sentence import Edges, Sentence, of_masses, sentence, tone, whole
from ..time.pace import covering_minutes

WORTH_CM = 3.0
"""cm of edge from which a seam is worth a word."""
SEEN = 0.3
"""Values outside its band from which an eye sees it."""


def findings_for(worked: PlanningResult, k: int) -> tuple[Sentence, ...]:
    """What is wrong or tight in a pass: longer than its open time, or a mass out of its band."""
    late = _too_long(worked, k)
    return (*([late] if late else ()), *_out_of_band(worked, k))


def _too_long(worked: PlanningResult, k: int) -> Sentence | None:
    """A joined wash must be laid while it is wet; an opaque coat only where it is graded."""
    medium, done = worked.scene.medium, worked.plan.passes[k]
    if not medium.open_minutes or not done.targets or worked.steps[k].pass_type is not PassType.LAYS:
        return None
    if medium.transparent:
        if done.minutes <= medium.open_minutes:
            return None
        return _seam(worked, k)
    own = (worked.scene.masses[m] for m in worked.steps[k].group)
    graded = [mass for mass in own if mass.kind is MassKind.GRADED]
    slowest = max(graded, key=lambda m: m.area_cm2, default=None)
    minutes = covering_minutes(medium, slowest.area_cm2) if slowest else 0.0
    if slowest is None or minutes <= medium.open_minutes:
        return None
    open_for = whole(medium.open_minutes)
    return sentence("mind-grading", masses=of_masses((slowest.id,)), minutes=whole(minutes), open=open_for)


def _out_of_band(worked: PlanningResult, k: int) -> list[Sentence]:
    findings = []
    for o in worked.plan.passes[k].operations:
        mass = worked.plan.mass(o.mass)
        low, high = mass.band_range
        if o.role is Role.TARGET and abs(o.to_value - min(max(o.to_value, low), high)) >= SEEN:
            words = sentence(_cause(worked, o, mass), masses=of_masses((mass.id,)), value=tone(o.to_value))
            findings.append(words)
    return findings


def _cause(worked: PlanningResult, o: Operation, mass: Mass) -> str:
    """Why a mass ends outside its band."""
    if o.kind is Kind.TONE:
        return "mind-tone-stays"
    if o.kind is Kind.WIPE:
        return "mind-wiped"
    if o.kind.takes:
        return "mind-taken"
    if not o.kind.lays:
        return "mind-left-bare"
    light = o.to_value > mass.band_range[1]
    reaches = worked.plan.key.lowest <= mass.target <= worked.plan.key.highest
    if reaches:
        return "mind-lighter" if light else "mind-darker"
    return "mind-no-darker" if light else "mind-no-lighter"


def _seam(worked: PlanningResult, k: int) -> Sentence:
    """Where to stop: the border inside the pass where a seam shows least."""
    scene, done = worked.scene, worked.plan.passes[k]
    group = set(worked.steps[k].group)
    index = {m.id: i for i, m in enumerate(scene.masses)}
    best: tuple[float, Mass, Mass] | None = None
    for m in sorted(group):
        for border in scene.masses[m].borders:
            other = index[border.mass]
            if other <= m or other not in group or border.length_cm < WORTH_CM:
                continue
            apart = abs(scene.masses[m].target - scene.masses[other].target)
            score = border.hardness + apart
            if best is None or score > best[0]:
                best = (score, scene.masses[m], scene.masses[other])
    times = {"minutes": whole(done.minutes), "open": whole(scene.medium.open_minutes or 0.0)}
    if best is None:
        return sentence("mind-too-long", **times)
    first, second = (of_masses((mass.id,)) for mass in best[1:])
    seam = Edges(((best[1].id, best[2].id),), sentence("seam-marked"))
    return sentence("mind-seam", first=first, second=second, seam=seam, **times)
