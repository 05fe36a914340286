"""Passes of the painter's own on places that are drawn: which masses lie there, and how much of each."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..plan.own import Own
from ..plan.spot import FULL, Spot, drawn_spot
from ..reference.mass import Mass
from ..reference.picture import Labels


def placed_on(own: Own, labels: Labels, masses: Sequence[Mass], cm: float) -> tuple[Own, Spot] | None:
    """A pass on a place that is drawn, with the masses under it and where (h, w) it lies in the picture;
    None where no mass lies under it. `labels` (h, w) of the masses, a pixel being `cm` wide."""
    spot = drawn_spot(own.points, own.width_mm, labels.shape, cm)
    if spot is None:
        return None
    held = np.bincount(labels[spot.at].ravel(), spot.strength.ravel() / FULL)
    shares = tuple(
        (mass.id, min(1.0, float(held[mass.label]) / max(mass.share * labels.size, 1.0)))
        for mass in masses
        if mass.label < len(held) and held[mass.label] > 0
    )
    if not shares:
        return None
    return replace(own, masses=tuple(name for name, _ in shares), shares=shares), spot
