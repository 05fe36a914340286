"""The light on a painting: a smooth field, from what is known of the sheet and from each mass being of one
colour wherever it lies."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]

TUKEY = 4.685
"""Residuals, in robust standard deviations, beyond which a sample counts for nothing: 95 % efficient where
errors are normal (Beaton and Tukey 1974)."""
ROUNDS = 10
"""Times that the samples are weighed anew."""
DARKEST = 1e-4
"""Light under which a pixel tells nothing."""
STEADY = np.array([0.0, 0.3, 0.3, 1.0, 1.0, 1.0])
"""How much a field's terms are held near nothing, the curved ones more."""


class Source(StrEnum):
    """What the height of the light is known from."""

    MARGIN = "margin"
    STRIPS = "strips"
    INSIDE = "inside"
    CARD = "card"
    NONE = "none"


SPREAD = {Source.MARGIN: 0.06, Source.STRIPS: 0.15, Source.INSIDE: 0.15, Source.CARD: 0.08, Source.NONE: 0.9}
"""Standard deviation of a mass's value by what the light is known from: measured on made photos, without a
phone's tone curve."""


@dataclass(frozen=True, eq=False)
class Field:
    """The natural logarithm of the light on each place of a sheet: `terms` (6, 3) of a polynomial in x and y
    from -1 to 1, a column a channel."""

    terms: Floats

    def at(self, places: Floats) -> Floats:
        """The light (…, 3) at places (…, 2)."""
        return np.asarray(np.exp(powers(places) @ self.terms))


@dataclass(frozen=True, eq=False)
class Samples:
    """Small patches of a sheet: their `light` (n, 3), `places` (n, 2), what each is `part` (n,) of, patches
    of one part being of one colour, and their `weight` (n,). What a part reflects is `known` (p, 3), NaN
    where it is not."""

    light: Floats
    places: Floats
    part: Indices
    weight: Floats
    known: Floats


def powers(places: Floats) -> Floats:
    """The terms of a polynomial of second degree (…, 6): 1, x, y, x², xy, y²."""
    x, y = places[..., 0], places[..., 1]
    return np.stack([np.ones_like(x), x, y, x * x, x * y, y * y], -1)


def lit(samples: Samples) -> tuple[Field, Floats]:
    """The field of light, and what each part reflects (p, 3).

    log light = field + log of what the part reflects, a linear problem in both (Horn 1974 separates them by
    the field being smooth): iterated least squares with Tukey's weights, the parts' own unknowns eliminated
    by their means. Where nothing is known the field is 0 in the middle.
    """
    seen = np.log(np.maximum(samples.light, DARKEST))
    own, count = powers(samples.places), len(samples.known)
    told = np.asarray(np.isfinite(samples.known).all(axis=1))
    knows = np.log(np.maximum(np.nan_to_num(samples.known, nan=1.0), DARKEST))
    weight = samples.weight.astype(float)
    field, reflects = np.zeros((6, 3)), knows
    for _ in range(ROUNDS):
        total = np.maximum(np.bincount(samples.part, weight, count), 1e-12)

        def means(of: Floats, total: Floats = total, weight: Floats = weight) -> Floats:
            planes = [np.bincount(samples.part, weight * of[:, c], count) / total for c in range(of.shape[1])]
            return np.stack(planes, -1)

        middle_terms, middle_seen = means(own), means(seen)
        middle_terms[told], middle_seen[told] = 0.0, knows[told]
        apart, lies = own - middle_terms[samples.part], seen - middle_seen[samples.part]
        scaled = apart * weight[:, None]
        hold = np.diag(STEADY * 1e-3 * weight.sum() + 1e-9)
        field = np.linalg.solve(scaled.T @ apart + hold, scaled.T @ lies)
        off = np.sqrt(((lies - apart @ field) ** 2).mean(axis=1))
        strays = 1.4826 * _weighted_median(off, samples.weight)
        weight = samples.weight * np.clip(1 - (off / max(TUKEY * strays, 1e-3)) ** 2, 0, None) ** 2
        reflects = np.where(told[:, None], knows, middle_seen - middle_terms @ field)
    return Field(field), np.exp(reflects)


def _weighted_median(of: Floats, weight: Floats) -> float:
    if not len(of):
        # All of it shines: nothing tells of the light, and nothing is told.
        return 0.0
    order = np.argsort(of)
    total = np.cumsum(weight[order])
    return float(of[order][np.searchsorted(total, total[-1] / 2)])
