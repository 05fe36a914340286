"""What effects look at."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..marks.lack import meant_of
from ..plan.plan import Kind, Plan, Role
from ..plan.spot import Change, Spot, spot_of
from ..reference.mass import Lab, Mass
from ..reference.picture import Labels, Picture, Singles
from ..reference.stops import MOST_STOPS
from .shining import Shining, shining
from .texture import Texture, textures

Mask = NDArray[np.bool_]
ROUGH, AMONG, FAINT, ONE_WAY = 0.2, 0.35, 0.1, 0.8
"""Fine light and dark in values from which a mass is rough, and the share of an outline from which it lies
among such; fainter ones that run one way are water or grain."""


@dataclass(frozen=True, eq=False)
class Crop:
    """A part of the picture with its upper left at `corner` (row, column): what lies `inside` (h, w), what is
    `meant` there and what the masses have `planned` (h, w, 3) in CIELAB."""

    corner: tuple[int, int]
    inside: Mask
    meant: Singles
    planned: Singles

    @cached_property
    def value(self) -> Singles:
        """What is meant (h, w), in values."""
        return np.asarray(self.meant[..., 0] / 10)

    @cached_property
    def apart(self) -> Singles:
        """How much lighter than planned each place is meant to be (h, w), in values."""
        return np.asarray((self.meant[..., 0] - self.planned[..., 0]) / 10, np.float32)


@dataclass(frozen=True)
class Looked:
    """What effects look at: the picture as it is arranged, its masses by label (h, w), and the plan without
    effects; `modelled` (h, w) 0–1 how far each pixel lies on the way of its mass's modelling.

    Where they are known: the direction of the `light` in degrees counter-clockwise from the right, the
    `focus` and the places of `sources` of light (x, y 0–1); the number (h, w) of the stretch of border at
    each pixel, 0 for none. `around_cm` of background come round each thing, None for as usual;
    `drawn` where flat areas were drawn in the place of a photo.
    """

    picture: Picture
    labels: Labels
    plan: Plan
    modelled: Singles | None = None
    light: float | None = None
    focus: tuple[float, float] | None = None
    sources: tuple[tuple[float, float], ...] = ()
    stretches: NDArray[np.int32] | None = None
    around_cm: float | None = None
    drawn: bool = False

    @property
    def cm(self) -> float:
        """Width of a pixel on the sheet."""
        return self.plan.sheet.picture_width_cm / self.labels.shape[1]

    @cached_property
    def along(self) -> Singles:
        """How far along its mass's modelling each pixel lies (h, w)."""
        return np.zeros(self.labels.shape, np.float32) if self.modelled is None else self.modelled

    @cached_property
    def turn(self) -> Mapping[str, int]:
        """The place of the pass that brings each mass to its target by laying paint; what a tone that is laid
        all over brings there is left as it is."""
        return {
            o.mass: k
            for k, done in enumerate(self.plan.passes)
            for o in done.operations
            if o.role is Role.TARGET and o.kind.lays and not (k == 0 and done.beside)
        }

    @cached_property
    def finished(self) -> Mapping[str, int]:
        """The place of the pass in which each mass comes to its target or is left as it is."""
        return {
            o.mass: k
            for k, done in enumerate(self.plan.passes)
            for o in done.operations
            if o.role is Role.TARGET
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

    @cached_property
    def laid(self) -> tuple[Mass, ...]:
        """The masses that are brought to their targets by laying paint, the largest first."""
        own = (mass for mass in self.plan.masses if mass.id in self.turn)
        return tuple(sorted(own, key=lambda mass: (-mass.share, mass.id)))

    @cached_property
    def meant(self) -> Singles:
        """The picture (h, w, 3) in CIELAB as the key means it."""
        return meant_of(self.picture, self.plan.masses, self.labels, self.along, self.plan.key)

    @cached_property
    def planned(self) -> Singles:
        """The picture (h, w, 3) in CIELAB as the masses alone bring it, each with its modelling."""
        count = 1 + max(int(self.labels.max(initial=0)), max(mass.label for mass in self.plan.masses))
        colours = np.zeros((count, MOST_STOPS, 3), np.float32)
        at = np.linspace(0, 1, MOST_STOPS)
        for mass in self.plan.masses:
            stops = np.array(mass.target_stops or mass.target_ends)
            own = np.linspace(0, 1, len(stops))
            colours[mass.label] = np.stack([np.interp(at, own, stops[:, c]) for c in range(3)], axis=1)
        step = self.along * (MOST_STOPS - 1)
        before = np.minimum(step.astype(np.int32), MOST_STOPS - 2)
        share = (step - before.astype(np.float32))[..., None]
        return colours[self.labels, before] * (1 - share) + colours[self.labels, before + 1] * share

    @cached_property
    def apart(self) -> Singles:
        """How much lighter each place is meant to be (h, w) than the masses alone bring it, in values."""
        return np.asarray((self.meant[..., 0] - self.planned[..., 0]) / 10, np.float32)

    @cached_property
    def texture(self) -> Mapping[str, Texture]:
        """How fine light and dark lie in each mass."""
        return textures(self.apart, self.labels, self.plan.masses)

    def rough(self, mass: Mass, stirs: float = ROUGH) -> bool:
        """Whether a mass is rough, or lies among what is: then it is part of a texture, no thing of its
        own."""

        def is_rough(name: str) -> bool:
            seen = self.texture.get(name)
            return seen is not None and (
                seen.stirs >= stirs or (seen.stirs >= FAINT and seen.runs >= ONE_WAY)
            )

        beside = sum(border.length_cm for border in mass.borders if is_rough(border.mass))
        return is_rough(mass.id) or beside >= AMONG * mass.outline_cm

    def there(self, masses: Iterable[Mass], pad: int = 0) -> tuple[tuple[slice, slice], Mask]:
        """The rows and columns of some masses, with so many pixels round them, and which (h, w) of these
        pixels are theirs."""
        own = list(masses)
        height, width = self.labels.shape
        left, top = (min(mass.box[k] for mass in own) for k in (0, 1))
        right, bottom = (max(mass.box[k] for mass in own) for k in (2, 3))
        rows = slice(max(0, int(top * height) - pad), min(height, int(np.ceil(bottom * height)) + pad))
        columns = slice(max(0, int(left * width) - pad), min(width, int(np.ceil(right * width)) + pad))
        return (rows, columns), np.isin(self.labels[rows, columns], [mass.label for mass in own])

    def spot(self, mass: Mass, change: Change, lab: Lab = (0.0, 0.0, 0.0)) -> Spot | None:
        """A whole mass as a spot."""
        at, inside = self.there([mass])
        return spot_of(inside.astype(np.float32), (at[0].start, at[1].start), change, lab)

    @cached_property
    def shining(self) -> Shining | None:
        """The light that shines most."""
        return shining(self.picture.value, self.sources)

    def crop(self, *masses: Mass) -> Crop:
        """What is meant and planned within some masses."""
        (rows, columns), inside = self.there(masses)
        return Crop(
            (rows.start, columns.start), inside, self.meant[rows, columns], self.planned[rows, columns]
        )

    def under(self, at: tuple[slice, slice], strength: NDArray[np.uint8]) -> Mapping[str, float]:
        """The share 0–1 of each mass that lies under a place of the picture, its `strength` (h, w) 0–255."""
        height, width = self.labels.shape
        labels = self.labels[at]
        held = np.bincount(labels.ravel(), strength.ravel() / 255)
        found = {}
        for mass in self.plan.masses:
            if mass.label < len(held) and held[mass.label] > 0:
                found[mass.id] = min(1.0, float(held[mass.label]) / max(mass.share * height * width, 1.0))
        return found


def at_top(mass: Mass) -> bool:
    """Whether a mass reaches the upper side of the picture."""
    return mass.box[1] <= 0.02
