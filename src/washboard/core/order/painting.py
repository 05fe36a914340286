"""The painting as it grows: looks of all parts, pass by pass, and the plan's bare bones."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..colour.spectra import BANDS, grey_of_value, spectrum_of_lab
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..mixing.paintbox import Paintbox
from ..plan.plan import TAKING, Kind
from ..plan.state import BARE, MassSurface, SheetState
from ..reference.mass import Mass
from ..schools.school import Weights
from .parts import Parts
from .recover import recovered

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

FINGERPRINT = np.sin(np.arange(1.0, 2 * BANDS + 1) ** 2)
"""Fixed pseudo-random weights: their dot product with a pair of spectra is a hash of the pair."""
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
        # Parts of one mass with equal reflectance get the same result: work out each distinct pair once.
        # Pack mass and fingerprint into one complex number: np.unique on pairs takes three times as long.
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
