"""Targets re-keyed so that relations hold: masses moved as little as can be, and what was moved, in words."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import value_of_lab
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..reference.mass import Mass
from ..sentence import Listed, Sentence, count_of, of_masses, sentence, tone
from .conflict import Conflict
from .key import Key, moved_to
from .relations import WEIGHTS, Holds, Relation, Thing, relations_of
from .solve import Keyed, rekeyed

ASKED, BESIDE = 100.0, 0.02
"""How much more than by itself a relation weighs that was asked for, and one that is only kept beside it."""
MOVED = 0.05
"""Values from which a mass was moved at all."""


@dataclass(frozen=True)
class Held:
    """Masses with re-keyed targets, the relations asked for, how they were kept, and that in sentences."""

    masses: tuple[Mass, ...]
    relations: tuple[Relation, ...] = ()
    keyed: Keyed | None = None
    notes: tuple[Sentence, ...] = ()


def held(
    masses: Sequence[Mass],
    things: Mapping[str, Thing],
    holds: Sequence[Holds],
    key: Key,
    medium: Medium,
    surface: Surface,
) -> Held:
    """The masses, whose targets are set, with the relations of these families held."""
    if not holds:
        return Held(tuple(masses))
    # Relations that always hold: the order of neighbours, and the step at firm edges.
    relations = relations_of(masses, things, tuple(dict.fromkeys((Holds.ORDER, Holds.EDGES, *holds))))
    if not relations:
        return Held(tuple(masses))
    # Try with the asked relations fixed; if that cannot be solved, let the others give way.
    weights = {name: WEIGHTS[name] * (ASKED if name in holds else BESIDE) for name in Holds}
    found = rekeyed(
        [m.target for m in masses], [m.area_cm2 for m in masses], relations, key.lowest, key.highest, weights
    )
    moved = tuple(
        _moved(mass, float(value), medium, surface) for mass, value in zip(masses, found.values, strict=True)
    )
    return Held(moved, relations, found, _notes(masses, moved, holds, relations, found))


def _moved(mass: Mass, value: float, medium: Medium, surface: Surface) -> Mass:
    """The mass with its target at another value, both ends moved alike."""
    by = value - mass.target
    if abs(by) < MOVED:
        return mass
    ends = np.array(mass.target_ends)
    moved = moved_to(ends, np.clip(value_of_lab(ends) + by, 0.0, 10.0), medium, surface)
    light, dark = ((lightness, a, b) for lightness, a, b in moved.tolist())
    low, high = mass.band_range
    return replace(
        mass, target=value, target_ends=(light, dark), band_range=(min(low, value), max(high, value))
    )


def _notes(
    before: Sequence[Mass],
    after: Sequence[Mass],
    holds: Sequence[Holds],
    relations: Sequence[Relation],
    found: Keyed,
) -> tuple[Sentence, ...]:
    steps = [m.target - b.target for b, m in zip(before, after, strict=True)]
    moved = [m.id for m, step in zip(after, steps, strict=True) if abs(step) >= MOVED]
    wanted = Listed(tuple(sentence(f"holds-{name}") for name in holds))
    if not moved:
        return (sentence("held-as-seen", wanted=wanted),)
    far = max(steps, key=abs)
    notes = [
        sentence(
            "held-lighter" if far > 0 else "held-darker",
            wanted=wanted,
            masses=count_of(moved, "masses"),
            step=tone(abs(far)),
        )
    ]
    for conflict in found.conflicts[:3]:
        notes += _conflict(before, relations, conflict, found)
    return tuple(notes)


def _conflict(
    masses: Sequence[Mass], relations: Sequence[Relation], conflict: Conflict, found: Keyed
) -> list[Sentence]:
    """What cannot hold together, and what gave way."""
    held = [relations[k] for k in conflict.relations]
    ids = [masses[k].id for relation in held for k in (relation.upper, relation.lower)]
    gave = max(conflict.relations, key=lambda k: (float(found.gave[k]), -k))
    return [
        sentence(
            "conflict-in-reach" if conflict.reach else "conflict",
            masses=of_masses(ids),
            excess=tone(conflict.excess),
        ),
        sentence(
            "conflict-gave",
            relation=sentence(f"holds-{relations[gave].holds}"),
            by=tone(float(found.gave[gave])),
        ),
    ]
