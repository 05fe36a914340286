"""What a pass carries on under later shapes: its paint thinned on the way, and what that would spoil."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, linear_of_lab, value_of_lab
from ..colour.spectra import lab_of_spectrum, linear_of_spectrum, value_of_spectrum
from ..cut import NEVER
from .coverage import Coverage, Status
from .painting import Scene
from .parts import Parts

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


MOST_SPOILT = 3.0
"""ΔE₀₀ farther from its target that no saved edge is worth in a final colour."""
UNSEEN = 1.0
"""ΔE₀₀ that nobody sees: it costs nothing."""
MOST_MISSED = 0.12
"""Values farther off that a final colour may end over what runs under it: below what the eye plans with."""
THINNEST = 0.3
"""Least strength to which a wash is thinned while it is carried on: below it is water."""
STRENGTHS = ((0.0, 1.0), (0.6, THINNEST))
"""Strengths tried, the thinner ones where a wash would be seen below what comes over it."""
LEAST_LIGHT = 0.002
"""Least light that a density is told of: logs stay finite."""


def running_paint(scene: Scene, group: Sequence[int]) -> Floats:
    """Amounts (m, q) of paint that a pass over `group` has where it runs under each mass.

    The mean of its own masses' mixtures, those that border on the mass counting by their border, otherwise by
    size over squared distance: the paint of the nearest shape, carried on. Transparent paint is thinned with
    water on the way, down to THINNEST, where it would else be too strong below.
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
    # Carry a graded mass on with its light end; its strong end lies somewhere else.
    lighter = np.arange(len(masses)), scene.targets[..., 0].argmax(axis=1)
    ends = scene.targets[lighter]
    carried = weight @ scene.on_ground[lighter][list(group)]
    if scene.medium.transparent:
        reflectance = scene.box.reflectances(carried, scene.ground)
        has, may = (
            _density(scene, light) for light in (linear_of_spectrum(reflectance), linear_of_lab(ends))
        )
        allowed = np.min(may / np.maximum(has, 1e-6), axis=1)
        carried = carried * np.clip(allowed, THINNEST, 1.0)[:, None]
    return carried


def _density(scene: Scene, light: Floats) -> Floats:
    """How much of the bare surface's red, green and blue light is gone (…, 3), as optical density ≥ 0."""
    bare = np.asarray(scene.surface.linear)
    return np.maximum(np.log10(bare / np.maximum(light, LEAST_LIGHT)), 0.0)


def coverage_of(
    scene: Scene, reflectances: Floats, status: NDArray[np.int64], paint: Floats, over: Mask | None = None
) -> tuple[Coverage, Floats]:
    """The question of one pass: what it would spoil, where, and how visible a stop would be.

    Also the paint (m, q) it carries: transparent paint is thinned further where it would else be seen below.
    """
    parts, transparent, carried = scene.parts, scene.medium.transparent, paint.copy()
    price, spoilt, step = np.zeros((3, len(status)))
    later = left = np.flatnonzero(status == Status.LATER)
    staining = scene.box.staining(paint)
    # Evaluate several strengths in one call, the first being none: for few parts calls cost more than sums.
    for first, *others in STRENGTHS if transparent else STRENGTHS[:1]:
        own, before, strengths = parts.mass[left], reflectances[left], np.array((first, *others))
        under = scene.box.reflectances((strengths[:, None, None] * paint[own])[:, :, None], before)
        through, coats = scene.finished(
            under.reshape(-1, *before.shape[1:]), np.tile(own, len(under)), staining
        )
        through, coats, wanted = (
            through.reshape(under.shape),
            coats.reshape(len(under), -1),
            scene.targets[own],
        )
        off = difference(lab_of_spectrum(through), wanted)
        error = np.abs(value_of_spectrum(through) - value_of_lab(wanted))
        if not first:
            without, least, fewer = off[0], error[0], coats[0]
            off, error, coats, under, strengths = off[1:], error[1:], coats[1:], under[1:], strengths[1:]
        at = np.searchsorted(later, left)
        every = np.maximum(off - without[at], 0.0).max(axis=2)
        chosen, always = _strongest_unseen(every, own)
        carried[own] = strengths[chosen, None] * paint[own]
        pick = chosen, np.arange(len(left))
        farther, worse = every[pick], (error - least[at]).max(axis=2)[pick]
        forbidden = (farther > MOST_SPOILT) | (worse > MOST_MISSED)
        seconds = scene.weights.spoil * np.maximum(farther - UNSEEN, 0.0) * parts.areas[left]
        if not transparent:
            seconds = seconds + np.maximum(coats[pick] - fewer[at], 0) * parts.areas[left] * 0.5
        price[left], spoilt[left] = np.where(forbidden, NEVER, seconds), farther
        lightness = lab_of_spectrum(np.stack([under[pick], before]))[..., 0]
        step[left] = np.abs(lightness[0] - lightness[1]).max(axis=1)
        left = left[always]
    none = np.zeros(len(status), bool)
    over = none if over is None else over
    return Coverage(parts, status, price, spoilt, step, scene.weights, scene.medium, over), carried


def _strongest_unseen(every: Floats, own: NDArray[np.intp]) -> tuple[NDArray[np.intp], Mask]:
    """For parts of the masses `own` (k,), spoilt by `every` (s, k) at strengths that fall: which strength is
    the strongest that nobody sees, the same all over a mass, and where (k,) all are seen; there the last."""
    seen = np.zeros((len(every), int(own.max(initial=-1)) + 1), bool)
    for strength, farther in zip(seen, every, strict=True):
        strength[own[farther > UNSEEN]] = True
    always = np.logical_and.reduce(seen)
    return np.where(always, len(every) - 1, seen.argmin(axis=0))[own], always[own]


def trivial_coverage(scene: Scene, status: NDArray[np.int64]) -> Coverage:
    """The coverage problem of a pass whose answer is forced, `status` (p,) being that of each part."""
    none = np.zeros(len(status))
    over = np.zeros(len(status), bool)
    return Coverage(scene.parts, status, none, none, none, scene.weights, scene.medium, over)


def statuses(parts: Parts, turn: NDArray[np.int64], k: int) -> NDArray[np.int64]:
    """Status (p,) of each part in pass k, from the pass `turn` (m,) of each mass; -1 stays bare."""
    own = turn[parts.mass]
    status = np.where(own == k, Status.NOW, np.where(own > k, Status.LATER, Status.DONE))
    return np.where(own < 0, Status.BARE, status).astype(np.int64)
