"""Depth as far as masses alone tell it: what lies wholly inside another lies in front of it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..reference.mass import Mass, MassKind

ENCLOSED = 0.8
"""Share of an outline along one neighbour from which a mass lies in front of it."""
LARGER = 3.0
"""How many times larger the neighbour must be."""


def host_of(mass: Mass, masses: Sequence[Mass]) -> str | None:
    """The id of the mass that encloses this one, or None."""
    by_id = {m.id: m for m in masses}
    total = mass.outline_cm
    for border in mass.borders:
        host = by_id.get(border.mass)
        if host is None or host.kind is MassKind.ACCENT:
            continue
        if border.length_cm >= ENCLOSED * total and host.area_cm2 >= LARGER * mass.area_cm2:
            return host.id
    return None


def with_depth(masses: Sequence[Mass]) -> tuple[Mass, ...]:
    """Masses with `depth` 0 (no host: nothing is known to lie behind) rising toward the front."""
    hosts = {m.id: host_of(m, masses) for m in masses}

    def depth(name: str) -> int:
        host = hosts[name]
        return 0 if host is None else 1 + depth(host)

    return tuple(replace(m, depth=depth(m.id)) for m in masses)
