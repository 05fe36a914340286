"""How edges are made: in which pass, when, as the painter wants them, and how they are shown."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..errors import InvalidInput
from ..plan.plan import Plan, Role
from ..plan.stretch import Beyond, Edge, Stretch, When
from ..reference.picture import Labels, Singles
from ..sentence import Listed, sentence, whole
from .finding import Found

SOFT_MM, LOST_MM = 3.0, 9.0
"""Width over which an edge fades at least that is made soft, and that is lost."""
FIRM_PX = 0.8
"""Pixels over which a firm edge fades."""
BROKEN_MM = 1.6
"""How far the two sides of a broken edge reach into each other."""
MOST_EDGES = 200
NEAR = 0.02
"""Share of the picture within which a place means a stretch of border."""
SEED = 11
ORDER = (Edge.FIRM, Edge.SOFT, Edge.LOST, Edge.BROKEN)
"""In which order kinds of edges are told."""


@dataclass(frozen=True)
class EdgeWish:
    """The painter's word on the stretch of border at a place, x and y 0–1: how it is to be, and what lies
    behind it."""

    x: float
    y: float
    how: Edge
    beyond: Beyond = Beyond.AS_SEEN

    def checked(self) -> None:
        """Raises InvalidInput for a place beside the picture."""
        if not (0 <= self.x <= 1 and 0 <= self.y <= 1):
            raise InvalidInput("refused-edge-outside")


def made(found: Found, plan: Plan, wishes: Sequence[EdgeWish] = ()) -> tuple[Stretch, ...]:
    """The stretches of border of a plan, each in the pass that lays its later side, as they are wished.

    A wish that meets no stretch any more rests; of two on one stretch the later counts.
    """
    turn = {o.mass: k for k, p in enumerate(plan.passes) for o in p.operations if o.role is Role.TARGET}
    wished = _wished(found, wishes)
    made_of = []
    for k, (one, other) in enumerate(found.masses):
        later, earlier = sorted((one, other), key=lambda name: (-turn.get(name, -1), name))
        row = turn.get(later)
        wish = wished.get(k)
        how = wish.how if wish else found.edges[k]
        together = row is not None and turn.get(earlier) == row
        made_of.append(
            Stretch(
                k + 1,
                (later, earlier),
                found.places[k],
                found.lengths[k],
                found.widths[k],
                found.steps[k],
                found.edges[k],
                how,
                found.reasons[k],
                plan.passes[row].id if row is not None else "",
                None if how is Edge.FIRM else When.WET if together else When.DRY,
                wish.beyond if wish else Beyond.AS_SEEN,
            )
        )
    return tuple(made_of)


def _wished(found: Found, wishes: Sequence[EdgeWish]) -> Mapping[int, EdgeWish]:
    """What is wished of stretches, by their places in the list."""
    high, wide = found.where.shape
    reach = max(2, round(NEAR * max(high, wide)))
    own: dict[int, EdgeWish] = {}
    for wish in wishes:
        row, column = min(high - 1, int(wish.y * high)), min(wide - 1, int(wish.x * wide))
        top, left = max(0, row - reach), max(0, column - reach)
        near = found.where[top : row + reach + 1, left : column + reach + 1]
        rows, columns = np.nonzero(near)
        if len(rows):
            best = int(np.argmin(np.hypot(rows + top - row, columns + left - column)))
            own[int(near[rows[best], columns[best]]) - 1] = wish
    return own


def faded(near: NDArray[np.int32], stretches: Sequence[Stretch], soft: Singles, cm: float) -> Singles:
    """How many pixels (h, w) the border nearest to each pixel fades over once it is made so; `near` (h, w)
    the number of the stretch that is nearest, `soft` (h, w) as it is measured, a pixel being `cm` wide."""
    least = np.zeros(len(stretches) + 1, np.float32)
    most = np.full(len(stretches) + 1, np.inf, np.float32)
    px = 1 / (10 * cm)
    for stretch in stretches:
        k = stretch.number
        if stretch.how is Edge.BROKEN or (stretch.how is Edge.FIRM and stretch.wished):
            most[k] = FIRM_PX
        elif stretch.how is not Edge.FIRM:
            wide = SOFT_MM if stretch.how is Edge.SOFT else LOST_MM
            # What is soft already stays as soft as it is seen.
            least[k] = wide * px if stretch.wished or stretch.wide_mm < SOFT_MM / 2 else 0.0
    return np.asarray(np.clip(soft, least[near], most[near]), np.float32)


def broken(
    parts: Labels,
    near: NDArray[np.int32],
    nearest: tuple[Singles, NDArray[np.intp]],
    stretches: Sequence[Stretch],
    cm: float,
) -> Labels:
    """The `parts` (h, w) of masses with both sides of broken edges reaching into each other, as a dry brush
    leaves them; `near` (h, w) the number of the nearest stretch, `nearest` how far (h, w) it is and what
    lies across it."""
    rough = [stretch.number for stretch in stretches if stretch.how is Edge.BROKEN]
    if not rough:
        return parts
    reach = max(1.5, BROKEN_MM / 10 / cm)
    noise = np.random.default_rng(SEED).standard_normal(parts.shape, np.float32)
    noise = cv2.GaussianBlur(noise, (0, 0), max(0.8, reach / 2))
    noise = noise / max(float(noise.std()), 1e-6)
    distance, across = nearest
    # A pixel changes sides where the noise is stronger than it is far from the border.
    moved = np.isin(near, rough) & (distance < reach * np.clip(noise, 0, 2) / 2)
    return np.asarray(np.where(moved, parts.ravel()[across], parts), parts.dtype)


def near_to(found: Found, across: NDArray[np.intp]) -> NDArray[np.int32]:
    """The number (h, w) of the stretch nearest to each pixel; `across` (h, w) the flat index of the pixel
    across the nearest border."""
    return np.where(found.where > 0, found.where, found.where.ravel()[across])


def told(plan: Plan, stretches: Sequence[Stretch]) -> Plan:
    """The plan with its stretches of border, its passes saying how much of which kind is theirs."""
    passes = []
    for done in plan.passes:
        own = [s for s in stretches if s.pass_id == done.id]
        if not own:
            passes.append(done)
            continue
        cm = {edge: sum(s.length_cm for s in own if s.how is edge) for edge in ORDER}
        kinds = tuple(sentence("edges-of", how=edge.value, cm=whole(cm[edge])) for edge in ORDER if cm[edge])
        passes.append(replace(done, edge=sentence("edges-listed", kinds=Listed(kinds))))
    return replace(plan, passes=tuple(passes), edges=tuple(stretches))
