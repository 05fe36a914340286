"""The key as a convex programme: values moved as little as can be, so that relations hold.

Minimise Σ area (v − v_ref)² + Σ weight · slack² over values v within the reach and slacks ≥ 0, with
v[upper] − v[lower] + slack ≥ gap for every relation. Substituting turns it into a least-distance problem,
which non-negative least squares solves exactly in finitely many steps (Lawson and Hanson 1974, ch. 23).
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..errors import InvalidInput
from .conflict import Conflict, conflicts
from .relations import WEIGHTS, Holds, Relation

Floats = NDArray[np.float64]

LEAST_WEIGHT = 1e-3
"""Floor of areas and weights: nothing may be moved for free, or no answer is best."""


@dataclass(frozen=True)
class Keyed:
    """`values` (n,) after re-keying; `gave` (r,) by how much each relation gives way; what conflicts."""

    values: Floats
    gave: Floats
    conflicts: tuple[Conflict, ...] = ()


def rekeyed(
    reference: Sequence[float],
    areas: Sequence[float],
    relations: Sequence[Relation],
    lowest: float,
    highest: float,
    weights: Mapping[Holds, float] | None = None,
) -> Keyed:
    """Values (n,) nearest to `reference` (n,), Munsell 0–10, that hold the relations within the reach.

    `areas` (n,) weigh the moves, `weights` the slack of each family. Where all relations can hold, they do;
    where they cannot, those of the least weight give way, and the conflicts are named. Raises InvalidInput
    for a reach that is none or for numbers that are none.
    """
    wanted, size = np.asarray(reference, dtype=np.float64), np.asarray(areas, dtype=np.float64)
    if not (np.isfinite(wanted).all() and np.isfinite(size).all() and lowest < highest):
        raise InvalidInput("refused-key-incomplete")
    size = np.maximum(size / max(float(size.sum()), 1e-12), LEAST_WEIGHT)
    hard, bound = _constraints(len(wanted), relations, lowest, highest)
    found = conflicts(relations, len(wanted), highest - lowest)
    if not found:
        values = least_move(wanted, size, hard, bound)
        return Keyed(values, np.zeros(len(relations)))
    kind = dict(WEIGHTS) if weights is None else dict(weights)
    soft = np.array([max(kind[r.holds], LEAST_WEIGHT) for r in relations])
    # Each relation that may give way gets a slack variable; its square is weighed like a moved value.
    slack = np.zeros((len(hard), len(relations)))
    slack[np.arange(len(relations)), np.arange(len(relations))] = 1.0
    loose = np.block([[hard, slack], [np.zeros((len(relations), len(wanted))), np.eye(len(relations))]])
    limits = np.concatenate([bound, np.zeros(len(relations))])
    both = least_move(
        np.concatenate([wanted, np.zeros(len(relations))]), np.concatenate([size, soft]), loose, limits
    )
    return Keyed(both[: len(wanted)], np.maximum(both[len(wanted) :], 0.0), found)


def _constraints(
    count: int, relations: Sequence[Relation], lowest: float, highest: float
) -> tuple[Floats, Floats]:
    """G and h of G v ≥ h: the relations first, then both ends of the reach for every value."""
    rows = np.zeros((len(relations), count))
    for k, relation in enumerate(relations):
        rows[k, relation.upper], rows[k, relation.lower] = 1.0, -1.0
    gaps = np.array([relation.gap for relation in relations])
    matrix = np.concatenate([rows, np.eye(count), -np.eye(count)])
    return matrix, np.concatenate([gaps, np.full(count, lowest), np.full(count, -highest)])


def least_move(wanted: Floats, size: Floats, matrix: Floats, bound: Floats) -> Floats:
    """The x (n,) that minimises Σ size (x − wanted)² under `matrix` x ≥ `bound`; raises InvalidInput where
    no x
    obeys them all."""
    from scipy.optimize import nnls

    scale = 1 / np.sqrt(size)
    inner, room = matrix * scale, bound - matrix @ wanted
    if (room <= 0).all():
        return wanted.copy()
    stacked = np.vstack([inner.T, room])
    aim = np.zeros(len(stacked))
    aim[-1] = 1.0
    shares, _ = nnls(stacked, aim, maxiter=30 * stacked.shape[1])
    left = stacked @ shares - aim
    if -left[-1] <= 1e-12:
        raise InvalidInput("refused-relations-contradict")
    return np.asarray(wanted + scale * (-left[:-1] / left[-1]))
