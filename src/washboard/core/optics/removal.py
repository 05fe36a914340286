"""Paint taken off again, or settled unevenly: lifting, scraping, sanding, granulation. All guesses."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.spectra import lab_of_spectrum
from ..colour.value import luminance_of, value_of
from .vehicle import Vehicle

Floats = NDArray[np.float64]

LIFTED = 0.7
"""Share of what does not stain that one damp brush and a press of tissue takes off a dry wash."""
DEEPEST = 0.9
"""Share of a film that scraping or sanding takes off the peaks of a sheet at most."""
SETTLED = 0.6
"""How much thicker the film of a fully granulating paint lies in the hollows than in the mean."""


def lifted(thicknesses: ArrayLike, staining: ArrayLike, times: int = 1) -> Floats:
    """What is left (…, p) of loads (…, p) in unit films after lifting so many times.

    `staining` (p,) 0–1 is the share of each paint that no brush lifts; of the rest every time takes LIFTED.
    """
    kept = np.asarray(staining, dtype=np.float64)
    return np.asarray(thicknesses, dtype=np.float64) * (kept + (1 - kept) * (1 - LIFTED) ** max(times, 0))


def scraped(thicknesses: ArrayLike, depth: float, tooth: float) -> Floats:
    """What is left (…, p) of loads (…, p) after a blade or sandpaper went over: `depth` 0–1 how hard.

    Only the peaks of a sheet with `tooth` 0–1 are reached; what lies in its hollows stays.
    """
    reached = 1 - np.clip(tooth, 0.0, 1.0) / 2
    return np.asarray(thicknesses, dtype=np.float64) * (1 - DEEPEST * np.clip(depth, 0.0, 1.0) * reached)


WHITEST = 9.2
"""Munsell value of a touch of opaque white."""


def value_lifted(value: float, ground: float, staining: float, reach: float, grip: float) -> float:
    """The Munsell value that taking paint off leaves of a `value` over a `ground`.

    Of the optical density over the ground the stained share stays (`staining` times the `grip` that it has by
    then), and of the rest what the act does not `reach`; all 0–1. Densities add (Beer and Lambert).
    """
    bare = float(luminance_of(ground))
    density = math.log10(max(bare, 1e-6) / max(float(luminance_of(min(value, ground))), 1e-6))
    stained = grip * staining
    return float(value_of(bare * 10 ** -(density * (stained + (1 - stained) * (1 - reach)))))


def granulation(
    vehicle: Vehicle,
    absorption: Floats,
    scattering: Floats,
    thicknesses: Floats,
    grains: Floats,
    ground: Floats,
) -> float:
    """Standard deviation in L* of a film over a ground (36,) whose paints settle in the hollows of the sheet.

    `absorption`, `scattering` (p, 36) of unit films, `thicknesses` (p,), `grains` (p,) 0–1. Half the sheet
    carries a film thicker, half thinner by SETTLED for each paint's granulation.
    """
    swing = SETTLED * grains
    reflectances = [
        vehicle.laid(
            (thicknesses * (1 + way * swing)) @ absorption,
            (thicknesses * (1 + way * swing)) @ scattering,
            ground,
        )
        for way in (1.0, -1.0)
    ]
    thick, thin = (float(lab_of_spectrum(reflectance)[0]) for reflectance in reflectances)
    return abs(thin - thick) / 2
