"""The modelling inside each mass as it is planned: its stops through the key, moved as the mass was."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..colour.lab import value_of_lab
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..reference.mass import Mass
from .key import Key, moved_to


def with_stops(masses: Sequence[Mass], key: Key, medium: Medium, surface: Surface) -> tuple[Mass, ...]:
    """Every mass, whose target is set, with the planned colours of its modelling.

    They are moved by as much as the mass's own target was moved from the key. What stays bare surface has no
    modelling.
    """
    counts = [len(m.gradation.stops) if m.gradation and not _bare(m, surface) else 0 for m in masses]
    shifts = np.repeat([m.target - key.of(m.value) for m in masses], counts)
    stops = np.array([stop for m, n in zip(masses, counts, strict=True) if n for stop in _stops(m)])
    if not len(stops):
        return tuple(masses)
    keyed = np.array([key.of(value) for value in value_of_lab(stops).tolist()])
    values = np.clip(keyed + shifts, key.lowest, key.highest)
    planned = iter(moved_to(stops, values, medium, surface).tolist())
    return tuple(
        replace(mass, target_stops=tuple((a, b, c) for a, b, c in (next(planned) for _ in range(count))))
        for mass, count in zip(masses, counts, strict=True)
    )


def _stops(mass: Mass) -> tuple[tuple[float, float, float], ...]:
    return mass.gradation.stops if mass.gradation else ()


def _bare(mass: Mass, surface: Surface) -> bool:
    return all(end == surface.lab for end in mass.target_ends)
