"""How each light that stays as bare as the sheet is kept."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from ..plan.plan import Kind, Reserve
from ..reference.mass import Mass
from ..schools.aims import FINAL, Aim
from .options import Options
from .painting import Scene
from .reserve import Decision, Light, decided


def reserved(
    scene: Scene, bare: Sequence[bool], options: Options
) -> tuple[tuple[Reserve, ...], tuple[Kind | None, ...]]:
    """How each light that stays as bare as the sheet is kept, and the operation that uncovers it."""
    how: list[Kind | None] = [None] * len(scene.masses)
    if not scene.medium.transparent or not any(bare) or all(bare):
        return (), tuple(how)
    how = [Kind.UNMASK if there.masked_at is not None else None for there in scene.lying]
    asked, kept = {word.mass: word.way for word in options.ways}, []
    by_id = {mass.id: k for k, mass in enumerate(scene.masses)}
    for k, mass in enumerate(scene.masses):
        if not bare[k] or how[k] is not None or (not mass.borders and mass.id not in asked):
            continue
        light = light_of(scene, k, by_id, options)
        decision = decided(light, asked.get(mass.id), FINAL if options.aim is Aim.SAFEST else 0.0)
        how[k] = {Kind.MASK: Kind.UNMASK, Kind.RESERVE: None}.get(decision.choice.kind, decision.choice.kind)
        kept.append(_told(mass, decision))
    return tuple(kept), tuple(how)


def light_of(scene: Scene, k: int, by_id: Mapping[str, int], options: Options) -> Light:
    """The figures of a light that decide how it is kept.

    It stains as what is around it, by length of border. Whatever is toxic may run over it, so any of it
    counts.
    """
    mass = scene.masses[k]
    total = max(sum(b.length_cm for b in mass.borders), 1e-9)
    stains, toxic = scene.traits
    staining = sum(float(stains[by_id[b.mass]]) * b.length_cm for b in mass.borders) / total
    softness = sum(b.softness_mm * b.length_cm * (b.hardness < 1) for b in mass.borders) / total
    around = max((scene.masses[by_id[b.mass]].area_cm2 for b in mass.borders), default=0.0)
    slow, fast = scene.medium.cover_cm2
    minutes = around / min(max(scene.medium.cover_gain * around**0.5, slow), fast) if around else 0.0
    return Light(
        mass.width_mm,
        mass.narrowest_mm,
        mass.outline_cm,
        mass.pieces,
        softness,
        mass.target,
        scene.surface.value,
        staining,
        bool(toxic.any()),
        minutes,
        scene.medium.cut_cm,
        scene.medium.open_minutes,
        options.weight,
        options.rough,
        options.whites,
    )


def _told(mass: Mass, decision: Decision) -> Reserve:
    return Reserve(
        mass.id,
        decision.choice.kind,
        decision.runner_up.kind,
        decision.sentence,
        decision.figures,
        tuple((way.kind, way.minutes, way.why) for way in decision.ways if not way.refused),
        decision.overruled,
    )
