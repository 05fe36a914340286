"""Places that a painter draws on the picture, told in masses of the plan in force."""

from __future__ import annotations

import zlib
from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..core.errors import InvalidInput
from ..core.plan.own import Own
from ..core.plan.plan import Plan
from ..core.planning.placing import placed_on
from ..store.pieces import Piece
from .planning import ready
from .studio import Studio


def laid_on(studio: Studio, piece: Piece, plan: Plan, own: Own) -> Own:
    """A pass of the painter's own on a place that is drawn, with the masses that lie there in the plan in
    force; raises InvalidInput where none does."""
    stored = ready(studio, piece)
    high, wide = stored.view["height"], stored.view["width"]
    packed = zlib.decompress(studio.media.read(stored.view["media"]["labels"]))
    labels = np.frombuffer(packed, "<u2").reshape(high, wide).astype(np.int32)
    # The page tells places of the reference; `back` leads from the arranged picture to there.
    points = tuple(_arranged(stored.view["back"], *point) for point in own.points)
    cm = plan.sheet.picture_width_cm / wide
    there = placed_on(replace(own, points=points), labels, plan.masses, cm)
    if there is None:
        raise InvalidInput("refused-own-pass-place")
    return there[0]


def _arranged(back: Sequence[float], x: float, y: float) -> tuple[float, float]:
    """A place of the reference in the arranged picture: the inverse of an affine way back."""
    b0, b1, b2, b3, b4, b5 = back
    turned = np.linalg.solve(np.array([[b1, b2], [b4, b5]]), np.array([x - b0, y - b3]))
    return float(turned[0]), float(turned[1])
