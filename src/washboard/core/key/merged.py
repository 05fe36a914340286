"""Small masses planned like what lies round them, where there is no time to paint them by themselves."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..reference.mass import Mass, MassKind

WITH_ACCENTS = 0.02
"""Share from which small lights and darks are given up as well."""


def merged(masses: Sequence[Mass], least: float) -> tuple[Mass, ...]:
    """The masses, whose targets are set, those of less than a share `least` (0–1) of the picture with the
    target of the larger neighbour that they share most outline with, accents too from WITH_ACCENTS on."""
    if least <= 0:
        return tuple(masses)
    by_id = {mass.id: mass for mass in masses}
    host: dict[str, Mass] = {}
    # The largest first, so that a small one may go with another that has gone with a larger.
    for mass in sorted(masses, key=lambda m: (-m.share, m.id)):
        larger = [b for b in mass.borders if b.mass in by_id and by_id[b.mass].share > mass.share]
        larger = [b for b in larger if by_id[b.mass].kind is not MassKind.ACCENT]
        kept = mass.kind is MassKind.ACCENT and least < WITH_ACCENTS
        if kept or mass.share >= least or not larger:
            continue
        nearest = max(larger, key=lambda b: (b.length_cm, b.mass)).mass
        host[mass.id] = host.get(nearest, by_id[nearest])
    return tuple(_as(mass, host[mass.id]) if mass.id in host else mass for mass in masses)


def _as(mass: Mass, host: Mass) -> Mass:
    low, high = mass.band_range
    flat = (host.target_lab, host.target_lab)
    return replace(
        mass,
        kind=MassKind.FLAT,
        target=host.target,
        target_ends=flat,
        target_stops=(),
        gradation=None,
        band_range=(min(low, host.target), max(high, host.target)),
    )
