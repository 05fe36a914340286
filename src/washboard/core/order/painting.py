"""The painting as it grows: looks of all parts, pass by pass, and the plan's bare bones."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, linear_of_lab, value_of_lab
from ..colour.spectra import (
    BANDS,
    grey_of_value,
    lab_of_spectrum,
    linear_of_spectrum,
    spectrum_of_lab,
    value_of_spectrum,
)
from ..cut import NEVER
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..mixing.paintbox import Paintbox
from ..plan.plan import TAKING, Kind
from ..plan.state import BARE, MassSurface, SheetState
from ..reference.mass import Mass
from ..schools.school import Weights
from .coverage import Coverage, Status
from .parts import Parts
from .recover import recovered

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
FINGERPRINT = np.sin(np.arange(1.0, 2 * BANDS + 1) ** 2)
"""Weights, without a pattern, whose sum tells two looks apart as one number."""
OPEN_AT_ONCE = 600.0
"""Drying minutes above which nothing is run under: waiting days for an edge saves nothing."""


@dataclass(frozen=True)
class Scene:
    """What the planner knows: masses, their parts, the targets (m, 2, 3) in Lab, and what is painted with.

    Looks are reflectances (p, 2, 36) of the parts, at the light and dark end of graded masses. `how` (m,):
    the operation that brings a mass to its target where it is not the medium's usual one; `tones` (m, 3):
    the colours in Lab laid all over before anything else, one for all to wipe the lights out of or a patch
    under each area; `start`: what lies on the sheet before the first pass.
    """

    masses: tuple[Mass, ...]
    parts: Parts
    targets: Floats
    medium: Medium
    surface: Surface
    box: Paintbox
    weights: Weights
    how: tuple[Kind | None, ...] = ()
    tones: Floats | None = None
    start: SheetState = BARE

    @cached_property
    def ground(self) -> Floats:
        """The bare surface (36,)."""
        return spectrum_of_lab(self.surface.lab)

    @cached_property
    def patches(self) -> int:
        """How many colours lie all over before anything else."""
        return 0 if self.tones is None else len(np.unique(self.tones, axis=0))

    @cached_property
    def on_ground(self) -> Floats:
        """Amounts (m, 2, q) of paint that bring both ends of each mass to their targets on the bare surface.

        All at once: what is carried on, glazed and lifted asks for these again and again.
        """
        ends = self.targets.reshape(-1, 3)
        below = np.broadcast_to(self.ground, (len(ends), len(self.ground)))
        return self.box.mixed(ends, below).reshape(*self.targets.shape[:2], -1)

    @cached_property
    def lying(self) -> tuple[MassSurface, ...]:
        """What lies on each mass before the first pass."""
        return tuple(self.start.of(mass.id, self.surface.value) for mass in self.masses)

    @property
    def at_start(self) -> Floats:
        """Reflectances (p, 2, 36) before the first pass: the bare surface, or what was painted by then."""
        reflectances = self.bare
        for m, there in enumerate(self.lying):
            if there.layers:
                lab = spectrum_of_lab(there.lab) if there.lab else grey_of_value(there.value)
                reflectances[self.parts.of(m)] = lab
        return reflectances

    @property
    def laid_before(self) -> tuple[Floats, Floats]:
        """Staining (m,) 0–1 and layers (m,) of what lies on each mass before the first pass."""
        staining = np.array([there.staining for there in self.lying], np.float64)
        return staining, np.array([there.layers for there in self.lying], np.float64)

    @property
    def bare(self) -> Floats:
        """The looks (p, 2, 36) before the first mark."""
        return np.broadcast_to(self.ground, (len(self.parts.mass), 2, len(self.ground))).copy()

    @cached_property
    def traits(self) -> tuple[Floats, NDArray[np.bool_]]:
        """Staining 0–1 and whether its dust is toxic, (m,) each, of the paint of each mass's light end.

        Only transparent paint is lifted or sanded, so only there it matters.
        """
        if not self.medium.transparent:
            return np.zeros(len(self.masses)), np.zeros(len(self.masses), bool)
        return self.box.staining(self.on_ground[:, 0]), self.box.toxic(self.on_ground[:, 0])

    @cached_property
    def recovers(self) -> NDArray[np.bool_]:
        """Which masses (m,) come back from under paint instead of being laid."""
        return np.array(
            [k is not None and k in RECOVERING for k in self.how or (None,) * len(self.masses)], bool
        )

    @cached_property
    def uncovered(self) -> NDArray[np.bool_]:
        """Which masses (m,) are taken out of paint, so that paint must lie there first."""
        return np.array([k is not None and k in TAKING for k in self.how or (None,) * len(self.masses)], bool)

    @cached_property
    def masked(self) -> NDArray[np.bool_]:
        """Which parts (p,) lie under masking fluid until it comes off."""
        return np.array([k is Kind.UNMASK for k in self.how or (None,) * len(self.masses)], bool)[
            self.parts.mass
        ]

    def finished(
        self, reflectances: Floats, masses: NDArray[np.intp], staining: Floats | None = None
    ) -> tuple[Floats, NDArray[np.int64]]:
        """Looks (k, 2, 36) of parts of the masses (k,) brought to their targets, and coats (k,) it takes.

        `staining` (m,) of what lies on each mass, for those that are recovered.
        """
        if not len(masses):
            return reflectances.copy(), np.zeros(0, np.int64)
        back = self.recovers[masses]
        if not back.any():
            return self._covered(reflectances, masses)
        after, coats = reflectances.copy(), np.ones(len(masses), np.int64)
        after[~back], coats[~back] = self._covered(reflectances[~back], masses[~back])
        stains = np.zeros(len(self.masses)) if staining is None else staining
        for kind in {self.how[m] for m in masses[back]}:
            own = np.flatnonzero([self.how[m] is kind for m in masses])
            at = masses[own]
            after[own] = recovered(
                kind or Kind.UNMASK, reflectances[own], self.ground, self.targets[at], stains[at]
            )
        return after, coats

    def _covered(self, reflectances: Floats, masses: NDArray[np.intp]) -> tuple[Floats, NDArray[np.int64]]:
        if not len(masses):
            return reflectances.copy(), np.zeros(0, np.int64)
        # Parts of a mass that look alike have one history: each is worked out once.
        # Mass and mark as one complex number: sorting pairs takes three times as long.
        fingerprints = masses + 1j * np.round(reflectances.reshape(len(reflectances), -1) @ FINGERPRINT, 9)
        _, first, back = np.unique(fingerprints, return_index=True, return_inverse=True)
        below = reflectances[first]
        amounts = self.box.mixed(self.targets[masses[first]], below).reshape(*below.shape[:2], -1)
        after, coats = self.box.reflectances(amounts, below), self.box.coats(amounts).max(axis=1)
        return after[back.ravel()], coats[back.ravel()]


RECOVERING = TAKING | {Kind.UNMASK, Kind.WHITE}
"""What brings a light back from under paint."""


def scene_of(
    masses: Sequence[Mass],
    parts: Parts,
    medium: Medium,
    surface: Surface,
    weights: Weights,
    box: Paintbox,
    start: SheetState = BARE,
) -> Scene:
    """A scene from masses whose targets are set."""
    targets = np.array([m.target_ends for m in masses], dtype=np.float64).reshape(-1, 2, 3)
    return Scene(tuple(masses), parts, targets, medium, surface, box, weights, start=start)


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
    # A graded mass is carried on with its light end: the strong end belongs elsewhere.
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
    # Several strengths in one go, the first with none: for few parts the calls outlast the arithmetic.
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
    """The question of a pass that has no choice of what it covers."""
    none = np.zeros(len(status))
    over = np.zeros(len(status), bool)
    return Coverage(scene.parts, status, none, none, none, scene.weights, scene.medium, over)


def statuses(parts: Parts, turn: NDArray[np.int64], k: int) -> NDArray[np.int64]:
    """Status (p,) of each part in pass k, from the pass `turn` (m,) of each mass; -1 stays bare."""
    own = turn[parts.mass]
    status = np.where(own == k, Status.NOW, np.where(own > k, Status.LATER, Status.DONE))
    return np.where(own < 0, Status.BARE, status).astype(np.int64)
