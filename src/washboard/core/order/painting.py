"""The painting as it grows: looks of all parts, pass by pass, and the plan's bare bones."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, lab_of_linear, linear_of_lab, value_of_linear
from ..cut import NEVER
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..optics.film import DARKEST, Film, density_over, film_of, glazed
from ..reference.mass import Mass
from .coverage import Coverage, Status
from .parts import Parts
from .schools.school import Weights

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

MOST_SPOILT = 3.0
"""ΔE₀₀ of a final colour that no saved edge is worth."""
MOST_DARKENED = 0.12
"""Values a final colour may be darkened by what runs under it: below what the eye plans with."""
THINNEST = 0.3
"""Least strength to which a wash is thinned while it is carried on: below it is water."""
OPEN_AT_ONCE = 600.0
"""Drying minutes above which nothing is run under: waiting days for an edge saves nothing."""


@dataclass(frozen=True)
class Scene:
    """What the planner knows: masses, their parts, the targets (m, 2, 3) in linear light."""

    masses: tuple[Mass, ...]
    parts: Parts
    targets: Floats
    medium: Medium
    surface: Surface
    film: Film
    weights: Weights

    @property
    def bare(self) -> Floats:
        """The looks (p, 2, 3) before the first mark."""
        return np.broadcast_to(np.asarray(self.surface.linear), (len(self.parts.mass), 2, 3)).copy()


def scene_of(
    masses: Sequence[Mass], parts: Parts, medium: Medium, surface: Surface, weights: Weights
) -> Scene:
    """A scene from masses whose targets are set."""
    ends = np.array([m.target_ends for m in masses], dtype=np.float64).reshape(-1, 2, 3)
    targets = np.clip(linear_of_lab(ends), DARKEST, 1.0)
    return Scene(tuple(masses), parts, targets, medium, surface, film_of(medium), weights)


def running_colours(scene: Scene, group: Sequence[int]) -> Floats:
    """Colour (m, 3), linear light, that a pass over `group` has where it runs under each mass.

    The mean density of its own masses, those that border on the mass counting by their border,
    otherwise by size over squared distance: the paint of the nearest shape, carried on. Transparent
    paint is thinned with water on the way, down to THINNEST, where it would else be too strong below.
    """
    masses = scene.masses
    weight = np.zeros((len(masses), len(group)))
    column = {masses[g].id: c for c, g in enumerate(group)}
    for m, mass in enumerate(masses):
        for border in mass.borders:
            if border.mass in column:
                weight[m, column[border.mass]] += border.length_cm
    centres = np.array([mass.centre for mass in masses])
    shares = np.array([masses[g].share for g in group])
    square = ((centres[:, None] - centres[list(group)][None]) ** 2).sum(axis=2)
    far = shares / (square + 0.01)
    lonely = weight.sum(axis=1) == 0
    weight = np.where(lonely[:, None], far, weight)
    weight /= np.maximum(weight.sum(axis=1, keepdims=True), 1e-12)
    # A graded mass is carried on with its light end: the strong end belongs elsewhere.
    paper = np.maximum(np.asarray(scene.surface.linear), DARKEST)
    density = density_over(paper, scene.targets.max(axis=1))
    carried = weight @ density[list(group)]
    if scene.medium.transparent:
        allowed = np.min(density / np.maximum(carried, 1e-6), axis=1)
        thinned = np.where(allowed >= THINNEST, np.minimum(allowed, 1.0), 1.0)
        carried = carried * thinned[:, None]
    return glazed(paper, carried)


def coverage_of(
    scene: Scene, looks: Floats, status: NDArray[np.int64], colours: Floats, coats_matter: bool
) -> Coverage:
    """The question of one pass: what it would spoil, where, and how visible a stop would be."""
    parts = scene.parts
    target = scene.targets[parts.mass]
    under = scene.film.lay(looks, colours[parts.mass][:, None])
    through, plain = scene.film.lay(under, target), scene.film.lay(looks, target)
    spoilt = difference(lab_of_linear(through), lab_of_linear(plain)).max(axis=1)
    darker = np.abs(value_of_linear(plain) - value_of_linear(through)).max(axis=1)
    seconds = scene.weights.spoil * spoilt * parts.areas
    if coats_matter:
        extra = scene.film.coats(under, target).max(axis=1) - scene.film.coats(looks, target).max(axis=1)
        seconds = seconds + np.maximum(extra, 0) * parts.areas * 0.5
    forbidden = (spoilt > MOST_SPOILT) | (darker > MOST_DARKENED)
    step = np.abs(lab_of_linear(under)[..., 0] - lab_of_linear(looks)[..., 0]).max(axis=1)
    return Coverage(parts, status, np.where(forbidden, NEVER, seconds), step, scene.weights, scene.medium)


def spoilt_by(scene: Scene, looks: Floats, colours: Floats) -> Floats:
    """ΔE₀₀ (p,) of each part's final colour if a pass of `colours` (m, 3) ran under it."""
    target = scene.targets[scene.parts.mass]
    under = scene.film.lay(looks, colours[scene.parts.mass][:, None])
    through, plain = scene.film.lay(under, target), scene.film.lay(looks, target)
    return np.asarray(difference(lab_of_linear(through), lab_of_linear(plain)).max(axis=1))


def statuses(parts: Parts, turn: NDArray[np.int64], k: int) -> NDArray[np.int64]:
    """Status (p,) of each part in pass k, from the pass `turn` (m,) of each mass; -1 stays bare."""
    own = turn[parts.mass]
    status = np.where(own == k, Status.NOW, np.where(own > k, Status.LATER, Status.DONE))
    return np.where(own < 0, Status.BARE, status).astype(np.int64)
