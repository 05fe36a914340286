"""How much lighter or darker than planned a painter's values come out, and how much warmer."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..estimate import Estimate

Floats = NDArray[np.float64]

BANDS = (("light", 8.75), ("middle-high", 6.25), ("middle-low", 4.0), ("dark", 2.0))
"""Bands of value by name, and where each is told."""
EDGES = (7.5, 5.0, 3.0)
"""Munsell values between them."""
LEVEL, SLOPE, OWN, DAY = 0.3, 0.3, 0.15, 0.15
"""Standard deviations, in values, of the bias at value 5, of how it grows to black, of each band's own part,
and from one painting to the next. Guesses."""
SCATTER = 0.35
"""Standard deviation of one mass, in values."""
ABSURD = 3.5
"""Standard deviations from what the other paintings tell from which one tells of something else."""
HUBER = 1.345
"""Standard deviations from which a mass counts less (Huber 1964)."""


@dataclass(frozen=True)
class Came:
    """A mass of a painting: its value as `planned`, how much lighter it came out (`off`), in values, and
    how much warmer (`warm`), in units of b*."""

    planned: float
    off: float
    warm: float = 0.0


@dataclass(frozen=True)
class Seen:
    """One painting: its masses as they came out, and the standard deviation `sd` of the light on its photo,
    in values."""

    masses: tuple[Came, ...]
    sd: float = 0.06


def band_of(value: float) -> int:
    """The number of the band of a value, 0 the lightest."""
    return sum(value < edge for edge in EDGES)


def biases(paintings: Sequence[Seen]) -> dict[str, Estimate]:
    """The bias in each band that was painted, in values, positive where masses come out too light: a line
    over value and a part of the band's own, estimated together by linear regression with normal priors
    (Gelman and others 2013, chapter 14); the counts are paintings. One painting that says something else
    than all others is left out."""
    kept = _without_absurd([seen for seen in paintings if seen.masses])
    if not kept:
        return {}
    mean, spread = _solved(kept)
    found = {}
    for k, (name, value) in enumerate(BANDS):
        count = sum(any(band_of(one.planned) == k for one in seen.masses) for seen in kept)
        if count:
            terms = np.concatenate([_terms(value, k), np.zeros(len(mean) - 6)])
            found[name] = Estimate(float(terms @ mean), float(np.sqrt(terms @ spread @ terms)), count)
    return found


def warmth(paintings: Sequence[Seen]) -> Estimate | None:
    """How much warmer masses come out, in units of b*, from the middle mass of each painting; None where
    nothing was painted."""
    middles = [float(np.median([one.warm for one in seen.masses])) for seen in paintings if seen.masses]
    if not middles:
        return None
    weight = len(middles) / WARM_DAY**2 + 1 / WARM_PRIOR**2
    mean = float(np.median(middles)) * (len(middles) / WARM_DAY**2) / weight
    return Estimate(mean, float(weight**-0.5), len(middles))


WARM_PRIOR, WARM_DAY = 4.0, 3.0
"""Standard deviations of warmth, in units of b*: from painter to painter, from one painting to the next."""


def _terms(value: float, band: int) -> Floats:
    """What the bias at a value is made of: level, slope toward black, the band's own part (6,)."""
    return np.array([1.0, (5 - value) / 5, *(float(k == band) for k in range(len(BANDS)))])


def _solved(paintings: Sequence[Seen]) -> tuple[Floats, Floats]:
    """Means (6 + n,) and covariances of the bias and of the days of n paintings."""
    rows, off, day = [], [], []
    for number, seen in enumerate(paintings):
        for one in seen.masses:
            rows.append(_terms(one.planned, band_of(one.planned)))
            off.append(one.off)
            day.append(number)
    terms = np.hstack([np.array(rows), np.eye(len(paintings))[day]])
    days = [DAY**2 + seen.sd**2 for seen in paintings]
    prior = np.diag(1 / np.array([LEVEL**2, SLOPE**2, *[OWN**2] * len(BANDS), *days]))
    told, weight = np.array(off), np.full(len(off), SCATTER**-2)
    for _ in range(4):
        scaled = terms * weight[:, None]
        inverse = np.linalg.inv(scaled.T @ terms + prior)
        mean = inverse @ (scaled.T @ told)
        apart = np.abs(told - terms @ mean) / SCATTER
        weight = SCATTER**-2 * np.minimum(1.0, HUBER / np.maximum(apart, 1e-9))
    return mean, inverse


def _without_absurd(paintings: list[Seen]) -> list[Seen]:
    """Paintings without the one that lies farthest from what all others tell, where that is absurd."""
    while len(paintings) > 2:
        apart = []
        for k, seen in enumerate(paintings):
            mean, spread = _solved(paintings[:k] + paintings[k + 1 :])
            terms = np.mean([_terms(one.planned, band_of(one.planned)) for one in seen.masses], axis=0)
            off = float(np.median([one.off for one in seen.masses])) - float(terms @ mean[:6])
            usual = terms @ spread[:6, :6] @ terms + DAY**2 + seen.sd**2 + SCATTER**2 / len(seen.masses)
            apart.append(abs(off) / float(np.sqrt(usual)))
        worst = int(np.argmax(apart))
        if apart[worst] < ABSURD:
            break
        paintings = paintings[:worst] + paintings[worst + 1 :]
    return paintings
