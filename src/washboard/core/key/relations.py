"""Relations that make light, as differences of value that a key can hold."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum

import numpy as np

from ..name import NAMELESS, Name
from ..reference.mass import Mass, MassKind

OUTSHINES = 1.5
"""Values by which a source of light stands above everything else."""
APART = 0.5
"""Values between hard-edged neighbours, and between lightest shadow and darkest light of one colour."""
MARGIN = 0.15
"""Values asked for beyond a relation: paint ends a little beside its target."""
FIRM = 0.6
"""Hardness from which an edge is a hard one."""
SAME_HUE = 30.0
"""Units of a*b* within which two places are of one local colour."""
SKY_ABOVE = 0.42
"""Height of the middle of the farthest area, from the top, above which it is taken for sky: a guess."""
UNDER_SKY = 0.5
"""Values that land stays below the sky."""


class Holds(StrEnum):
    """Families of relations."""

    ORDER = "order"
    EDGES = "edges"
    LIGHT = "light"
    FAMILIES = "families"
    LAND = "land"
    DEPTH = "depth"


WEIGHTS: Mapping[Holds, float] = {
    Holds.ORDER: 1.0,
    Holds.EDGES: 0.5,
    Holds.LIGHT: 4.0,
    Holds.FAMILIES: 2.0,
    Holds.LAND: 1.0,
    Holds.DEPTH: 1.0,
}
"""What a square value of each is worth against one of the whole picture moved, where a relation gives way."""


@dataclass(frozen=True)
class Relation:
    """`upper` and `lower` are places of masses: value[upper] − value[lower] ≥ `gap`."""

    holds: Holds
    upper: int
    lower: int
    gap: float


@dataclass(frozen=True)
class Thing:
    """What is known of an area by its `id`: whether it lies in light or shadow (None: unsure), whether it is
    sky."""

    id: str
    family: str | None = None
    sky: bool = False
    name: Name = NAMELESS


def relations_of(
    masses: Sequence[Mass], things: Mapping[str, Thing], held: Sequence[Holds]
) -> tuple[Relation, ...]:
    """The relations of the families asked for, between masses whose targets are set."""
    found: list[Relation] = []
    for name in held:
        found += MAKERS[name](masses, things)
    # Keep one relation per pair and family: the widest gap implies the others.
    widest: dict[tuple[Holds, int, int], Relation] = {}
    for relation in found:
        pair = (relation.holds, relation.upper, relation.lower)
        if pair not in widest or widest[pair].gap < relation.gap:
            widest[pair] = relation
    return tuple(widest.values())


def _neighbours(masses: Sequence[Mass]) -> list[tuple[int, int, float]]:
    """Pairs of bordering masses, the lighter first, with the hardness of their edge."""
    at = {mass.id: k for k, mass in enumerate(masses)}
    pairs = []
    for k, mass in enumerate(masses):
        for border in mass.borders:
            other = at.get(border.mass)
            if other is not None and other > k:
                upper, lower = (k, other) if mass.target >= masses[other].target else (other, k)
                pairs.append((upper, lower, border.hardness))
    return pairs


def _order(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    del things
    return [Relation(Holds.ORDER, upper, lower, 0.0) for upper, lower, _ in _neighbours(masses)]


def _edges(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    del things
    return [
        Relation(
            Holds.EDGES,
            upper,
            lower,
            min(APART + MARGIN, masses[upper].target - masses[lower].target + GROWS),
        )
        for upper, lower, hardness in _neighbours(masses)
        if hardness >= FIRM and masses[upper].target - masses[lower].target > 0.05
    ]


def brightest(masses: Sequence[Mass]) -> int | None:
    """The place of the lightest mass, light accents before others; None for no masses."""
    return max(
        range(len(masses)),
        key=lambda k: (masses[k].target + 0.5 * (masses[k].kind is MassKind.ACCENT and masses[k].light), -k),
        default=None,
    )


def source_among(masses: Sequence[Mass]) -> int | None:
    """The mass that shines: the lightest, accents before others; None where nothing outshines its
    neighbours, or where the picture tells that it is a glint or a white thing."""
    best = brightest(masses)
    if best is None:
        return None
    seen = masses[best].seen_light
    if seen is not None and not seen.may_shine:
        return None
    by_id = {m.id: m.target for m in masses}
    around = [by_id[b.mass] for b in masses[best].borders if b.mass in by_id]
    return best if around and masses[best].target >= max(around) else None


def lights_among(masses: Sequence[Mass]) -> set[int]:
    """All that shines: light accents, and small things well above all that is around them."""
    values = {mass.id: mass.target for mass in masses}
    found = set()
    for k, mass in enumerate(masses):
        around = max((values[b.mass] for b in mass.borders if b.mass in values), default=10.0)
        small = mass.share <= LARGEST_LAMP and mass.target - around >= SHINES
        if small or (mass.kind is MassKind.ACCENT and mass.light):
            found.add(k)
    return found


def _light(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    del things
    source = source_among(masses)
    if source is None:
        return []
    lights = lights_among(masses) | {source}
    return [
        Relation(Holds.LIGHT, source, k, OUTSHINES + MARGIN) for k in range(len(masses)) if k not in lights
    ]


def _families(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    def family(mass: Mass) -> str | None:
        known = things.get(mass.area or "")
        return known.family if known else None

    main = standing_for(masses)
    lights = [k for k in main if family(masses[k]) == "light"]
    shadows = [k for k in main if family(masses[k]) == "shadow"]
    hues = np.array([m.target_lab[1:] for m in masses]).reshape(-1, 2)
    return [
        Relation(Holds.FAMILIES, light, shadow, APART + MARGIN)
        for light in lights
        for shadow in shadows
        if float(np.hypot(*(hues[light] - hues[shadow]))) <= SAME_HUE
    ]


def standing_for(masses: Sequence[Mass]) -> tuple[int, ...]:
    """The mass that stands for each area, its largest: an area's family is told of it as a whole."""
    largest: dict[str, int] = {}
    for k, mass in enumerate(masses):
        if mass.area is None or mass.kind is MassKind.ACCENT:
            continue
        if mass.area not in largest or mass.share > masses[largest[mass.area]].share:
            largest[mass.area] = k
    return tuple(sorted(largest.values()))


def _land(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    above = {name for name, thing in things.items() if thing.sky}
    sky = [k for k, m in enumerate(masses) if m.area in above and m.kind is not MassKind.ACCENT]
    return [
        Relation(Holds.LAND, above, k, UNDER_SKY + MARGIN)
        for above in sky
        for k, m in enumerate(masses)
        if k not in sky and m.kind is not MassKind.ACCENT and m.share >= LAND_FROM
    ]


def far_and_near(
    masses: Sequence[Mass], things: Mapping[str, Thing]
) -> tuple[tuple[int, ...], tuple[int, ...]] | None:
    """Places of the shapes of the farthest land and of all nearer land, things being listed far to near; None
    without a sky, which is what tells that air lies between, or without both. What is far lies above all that
    is near."""
    rank = {name: k for k, name in enumerate(things)}
    if not any(thing.sky for thing in things.values()):
        return None
    land = [
        (rank[m.area], k)
        for k, m in enumerate(masses)
        if m.area in rank
        and not things[m.area].sky
        and m.kind is not MassKind.ACCENT
        and m.share >= LAND_FROM
    ]
    farthest = min((r for r, _ in land), default=0)
    far, near = (tuple(k for r, k in land if (r == farthest) is own) for own in (True, False))
    # What is far stands higher in the picture: where it does not, the depth is a wrong guess.
    lowest = min((masses[k].inside[1] for k in near), default=0.0)
    far = tuple(k for k in far if masses[k].inside[1] <= lowest and masses[k].box[3] <= LOWEST_FAR)
    return (far, near) if far and near else None


def _depth(masses: Sequence[Mass], things: Mapping[str, Thing]) -> list[Relation]:
    pair = far_and_near(masses, things)
    if pair is None:
        return []
    darkest = min(pair[1], key=lambda k: (masses[k].target, k))
    return [Relation(Holds.DEPTH, far, darkest, APART) for far in pair[0]]


LARGEST_LAMP, SHINES = 0.02, 2.0
"""Share of the picture at most, and values above its surroundings at least, of a thing that shines."""
GROWS = 0.25
"""Values by which a key pulls two neighbours apart at most that are hardly told as they are seen."""
LOWEST_FAR = 0.8
"""Height from the top to which what is far reaches down at the most: what reaches the front is near."""
LAND_FROM = 0.05
"""Share of the picture from which a mass is land, not a thing on it."""

Maker = Callable[[Sequence[Mass], Mapping[str, Thing]], list[Relation]]
MAKERS: Mapping[Holds, Maker] = {
    Holds.ORDER: _order,
    Holds.EDGES: _edges,
    Holds.LIGHT: _light,
    Holds.FAMILIES: _families,
    Holds.LAND: _land,
    Holds.DEPTH: _depth,
}
