"""What effects look at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..plan.plan import Kind, Plan, Role
from ..reference.picture import Labels, Picture

Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Looked:
    """What effects look at: the picture as it is arranged, its masses by label (h, w), and the plan without
    effects."""

    picture: Picture
    labels: Labels
    plan: Plan

    @property
    def cm(self) -> float:
        """Width of a pixel on the sheet."""
        return self.plan.sheet.picture_width_cm / self.labels.shape[1]

    @cached_property
    def turn(self) -> Mapping[str, int]:
        """The place of the pass that brings each mass to its target by laying paint."""
        return {
            o.mass: k
            for k, done in enumerate(self.plan.passes)
            for o in done.operations
            if o.role is Role.TARGET and o.kind.lays
        }

    @cached_property
    def begun(self) -> Mapping[str, int]:
        """The place of the pass in which paint first comes on each mass."""
        found: dict[str, int] = {}
        for k, done in enumerate(self.plan.passes):
            for o in done.operations:
                if o.kind.lays or o.kind is Kind.MASK:
                    found.setdefault(o.mass, k)
        return found
