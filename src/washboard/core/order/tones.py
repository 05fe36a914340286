"""What is laid all over before anything else: one middle tone, or a patch of colour under each area."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import lab_of_spectrum, value_of_spectrum
from ..ground.shares import RIGHT_COLOUR, RIGHT_VALUE
from ..plan.plan import Kind
from ..reference.mass import Lab, Mass, MassKind
from .depth import host_of
from .painting import Scene

Floats = NDArray[np.float64]


TONE_ROOM = 1.2
"""Values that a middle tone keeps from both ends of the reach."""


def are_right(masses: Sequence[Mass], there: Floats) -> list[bool]:
    """Whether what is `there`, (3,) or (m, 3) in Lab, looks like each mass's target, a graded one in its
    middle.

    The light end of a graded mass may be twice as far off, the dark end a quarter farther: a light
    that is missing can still be laid over, a dark that is missing leaves a hole in a shape.
    """
    value = value_of_lab(there)
    off = value_of_lab(np.array([m.target_ends for m in masses]).reshape(-1, 2, 3)) - value[..., None]
    near = (off.max(axis=1) <= 2 * RIGHT_VALUE) & (off.min(axis=1) >= -1.25 * RIGHT_VALUE)
    apart = difference(np.array([m.target_lab for m in masses]).reshape(-1, 3), there)
    middle = np.abs(np.array([m.target for m in masses]) - value)
    return [bool(b) for b in near & (middle <= RIGHT_VALUE) & (apart <= RIGHT_COLOUR)]


def toned_all_over(scene: Scene, bare: Sequence[bool]) -> tuple[Scene, list[int]]:
    """The middle tone of a wiped picture, the masses it paints as it is, and those wiped out of it."""
    masses = scene.masses
    shares = np.array([m.share for m in masses])
    mean = np.average([m.target_lab for m in masses], axis=0, weights=np.maximum(shares, 1e-9))
    low, high = scene.medium.darkest + TONE_ROOM, scene.surface.value - TONE_ROOM
    middle = float(np.average([m.target for m in masses], weights=np.maximum(shares, 1e-9)))
    value = min(max(middle, min(low, high)), high)
    tone: Lab = (10 * value, float(mean[1]) * 0.6 + 1.5, float(mean[2]) * 0.6 + 4)
    reflectance = scene.box.reflectances(
        scene.box.mixed(np.array([tone]), scene.ground[None]), scene.ground[None]
    )[0]
    how, toned = list(scene.how), []
    is_value, is_lab = float(value_of_spectrum(reflectance)), lab_of_spectrum(reflectance)
    for k, mass in enumerate(masses):
        if bare[k] and scene.medium.transparent:
            continue
        near = abs(mass.target - is_value) <= RIGHT_VALUE
        if (
            near
            and mass.kind is not MassKind.ACCENT
            and float(difference(mass.target_lab, is_lab)) <= 2 * RIGHT_COLOUR
        ):
            toned.append(k)
        elif is_value < mass.target <= scene.surface.value + RIGHT_VALUE:
            how[k] = Kind.WIPE
    everywhere = np.tile(tone, (len(masses), 1))
    return replace(scene, how=tuple(how), tones=everywhere), _standing(masses, toned)


def patched(scene: Scene, patches: Mapping[str, Lab]) -> tuple[Scene, list[int]]:
    """The muted colour of its area under each mass, and the masses that it paints as they are."""
    masses = scene.masses
    own = {mass.id: patches[mass.area] for mass in masses if mass.area and mass.area in patches}
    tones = np.array([own.get(mass.id) or _patch_around(mass, own, patches) for mass in masses])
    reflectances = scene.box.reflectances(scene.box.mixed(tones, scene.ground), scene.ground)
    right = are_right(masses, lab_of_spectrum(reflectances))
    toned = [
        k for k, mass in enumerate(masses) if right[k] and mass.id in own and mass.kind is not MassKind.ACCENT
    ]
    return replace(scene, tones=tones), _standing(masses, toned)


def _patch_around(mass: Mass, own: Mapping[str, Lab], patches: Mapping[str, Lab]) -> Lab:
    """What is carried on under a mass without a patch: that of its longest border, else the mean of all."""
    known = [border for border in mass.borders if border.mass in own]
    if known:
        return own[max(known, key=lambda border: border.length_cm).mass]
    lightness, a, b = np.mean(list(patches.values()), axis=0).tolist()
    return lightness, a, b


def _standing(masses: Sequence[Mass], toned: Sequence[int]) -> list[int]:
    """The toned masses without those that stand before a thing still to be laid: they come after it."""
    behind = {k: host_of(masses[k], masses) for k in toned}
    names = {masses[k].id for k in toned}
    return [k for k in toned if behind[k] is None or behind[k] in names]
