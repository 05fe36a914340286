"""Two windows: what two places look like, measured, and how they differ in painters' words."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.contrast import colour_seen_on
from ..colour.lab import difference, lab_of_linear, linear_of_lab, value_of_lab
from ..errors import InvalidInput

Lab = tuple[float, float, float]
Floats = NDArray[np.float64]

SMALLEST, LARGEST = 0.002, 0.25
"""Half width of a window as a share of the picture's width."""
SAMPLES = 160
"""Places read along a line."""
SAME = 0.15
"""Values below which two places are of equal value."""


class WindowSource(StrEnum):
    """What a window lies on."""

    REFERENCE = "reference"
    PREDICTED = "predicted"


@dataclass(frozen=True)
class Window:
    """A square about `x`, `y` (shares 0–1), `half` its half width as a share of the picture's width."""

    x: float
    y: float
    half: float = 0.012
    source: WindowSource = WindowSource.REFERENCE

    def checked(self) -> Window:
        """This window, or InvalidInput for a place outside the picture or a size outside 0.002 to 0.25."""
        if not (0 <= self.x <= 1 and 0 <= self.y <= 1 and SMALLEST <= self.half <= LARGEST):
            raise InvalidInput("refused-window-range", smallest=f"{SMALLEST:g}", largest=f"{LARGEST:g}")
        return self


@dataclass(frozen=True)
class Reading:
    """`lab` of the mean light in a window, its `value`, and `spread` of value in it."""

    lab: Lab
    value: float
    spread: float


@dataclass(frozen=True)
class Comparison:
    """Both readings, `apart` their ΔE₀₀, `words` how the second differs from the first."""

    one: Reading
    other: Reading
    apart: float
    words: str


def read(lab: NDArray[np.floating], window: Window) -> Reading:
    """The mean of the light (not of the codes) inside a window of a Lab picture (h, w, 3)."""
    height, width = lab.shape[:2]
    reach = max(0, round(window.half * width))
    row, column = min(int(window.y * height), height - 1), min(int(window.x * width), width - 1)
    part = lab[max(0, row - reach) : row + reach + 1, max(0, column - reach) : column + reach + 1]
    pixels = part.reshape(-1, 3).astype(np.float64)
    mean = lab_of_linear(linear_of_lab(pixels).mean(axis=0))
    values = value_of_lab(pixels)
    colour = (float(mean[0]), float(mean[1]), float(mean[2]))
    return Reading(colour, float(value_of_lab(mean)), float(np.ptp(np.quantile(values, (0.1, 0.9)))))


def compared(one: Reading, other: Reading) -> Comparison:
    """How the second window differs from the first."""
    return Comparison(one, other, float(difference(one.lab, other.lab)), in_words(one, other))


def in_words(one: Reading, other: Reading) -> str:
    """`0.8 lighter, a little warmer, duller`: value by number, warmth and clearness by degree."""
    step = other.value - one.value
    parts = [
        "equal in value" if abs(step) < SAME else f"{abs(step):.1f} {'lighter' if step > 0 else 'darker'}"
    ]
    warm = (other.lab[2] + 0.6 * other.lab[1]) - (one.lab[2] + 0.6 * one.lab[1])
    clear = float(np.hypot(*other.lab[1:]) - np.hypot(*one.lab[1:]))
    parts += _by_degree(warm, "warmer", "cooler") + _by_degree(clear, "clearer", "duller")
    return ", ".join(parts)


def _by_degree(amount: float, more: str, less: str) -> list[str]:
    size = abs(amount)
    if size < 2.5:
        return []
    degree = "a little " if size < 7 else "" if size < 20 else "much "
    return [degree + (more if amount > 0 else less)]


def along(value: NDArray[np.floating], start: tuple[float, float], end: tuple[float, float]) -> Floats:
    """Values (SAMPLES,) of a value picture (h, w) along a line between two places (shares 0–1)."""
    height, width = value.shape
    steps = np.linspace(0, 1, SAMPLES)
    x = (start[0] + (end[0] - start[0]) * steps) * width - 0.5
    y = (start[1] + (end[1] - start[1]) * steps) * height - 0.5
    read_at = cv2.remap(
        value.astype(np.float32),
        x.astype(np.float32)[None],
        y.astype(np.float32)[None],
        cv2.INTER_LINEAR,
        borderMode=cv2.BORDER_REPLICATE,
    )
    return np.asarray(read_at[0], np.float64)


@dataclass(frozen=True)
class Standing:
    """Which band a tone really is in: `band`, values to the `nearest` border; how light it looks on the bare
    surface and beside its neighbours, its Lab there, and `words` for how that differs from what it is
    (published rules, CIECAM02 and Hunt's; not measured)."""

    value: float
    band: int
    nearest: float
    on_surface: float
    beside: float
    beside_lab: Lab
    words: str


def standing(tone: Reading, thresholds: Sequence[float], surface: Lab, neighbours: Lab) -> Standing:
    """Where a tone stands among the bands, and how it looks on a surface and beside neighbours."""
    band = int(np.searchsorted(thresholds, tone.value, side="right"))
    nearest = min((abs(tone.value - t) for t in thresholds), default=10.0)
    bare, here = colour_seen_on(tone.lab, surface), colour_seen_on(tone.lab, neighbours)
    seen = Reading((float(here[0]), float(here[1]), float(here[2])), float(value_of_lab(here)), 0.0)
    bare_value = float(value_of_lab(bare))
    return Standing(tone.value, band, nearest, bare_value, seen.value, seen.lab, in_words(tone, seen))
