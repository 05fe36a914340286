"""How a graded mass runs: along which direction, from which value to which."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .mass import Lab, MassKind
from .picture import Singles

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class MassPixels:
    """One mass: `at` its pixels' flat indices in reading order, `rows` and `columns` its bounding box.

    `value` (n,) and `lab` (n, 3) hold every so many of its pixels; `box_lab` all of its box.
    """

    label: int
    at: NDArray[np.intp]
    centre: tuple[float, float]
    rows: slice
    columns: slice
    mask: NDArray[np.bool_]
    value: Singles
    lab: Singles
    box_lab: Singles

    @property
    def count(self) -> int:
        """How many pixels it has."""
        return len(self.at)


def median_colour(colours: NDArray[np.floating]) -> Lab:
    """The median of colours (n, 3), channel by channel."""
    middle = np.partition(colours, len(colours) // 2, axis=0)[len(colours) // 2]
    return float(middle[0]), float(middle[1]), float(middle[2])


def quantiles_of(values: NDArray[np.floating], *shares: float) -> tuple[float, ...]:
    """The values (n,) below which the given shares lie, each to the nearest value there is."""
    ranked = np.sort(values)
    return tuple(float(ranked[round(share * (len(ranked) - 1))]) for share in shares)


GRADED_FROM = 0.8
"""Range of value inside a mass, 10th to 90th percentile after squinting, that asks for a gradation."""
COARSE = 2500
"""Points of a mass, more or less, from which its gradation is measured."""
SAMPLED = 3000
"""Pixels of a mass from which its medians are taken, at least."""
SMALL = 600
"""Pixels under which a mass has no ridge worth following: its width is its largest circle's."""


def gradient_of(
    part: MassPixels, accent: bool, given: MassKind | None
) -> tuple[tuple[Lab, Lab], Singles | None, float | None]:
    """Both end colours, where each pixel (h, w) of the box lies between them, and where it grows darker.

    The wide-blurred colour inside the mass is laid onto the line between its two ends; so a glow
    spreads as a glow and a sky as a sky, without steps.
    """
    middle = median_colour(part.lab)
    flat = (middle, middle), None, None
    if accent or given is MassKind.FLAT or part.count < 400:
        return flat
    small, smooth = _blurred_inside(part)
    inside = smooth[small]
    inside = inside[:: max(1, len(inside) // SAMPLED)]
    if not len(inside):
        return flat
    low, high = quantiles_of(inside[:, 0], 0.06, 0.94)
    if (high - low) / 10 < GRADED_FROM and given is not MassKind.GRADED:
        return flat
    light = median_colour(inside[inside[:, 0] >= high])
    dark = median_colour(inside[inside[:, 0] <= low])
    axis = np.subtract(dark, light)
    axis[0] *= 2  # value leads: colour alone must not turn the gradation round
    weight = np.array([2.0, 1.0, 1.0])
    onto = (axis * weight / max(float(axis @ axis), 1e-9)).astype(np.float32)
    steps = np.clip((smooth - np.asarray(light, np.float32)) @ onto, 0, 1)
    height, width = part.mask.shape
    full = cv2.resize(steps, (width, height))
    return (light, dark), full, _direction(small, smooth[..., 0])


def _direction(small: NDArray[np.bool_], lightness: Floats) -> float:
    """Degrees counter-clockwise toward which the lightness falls: the slope of its least-squares plane."""
    rows, columns = np.nonzero(small)
    seen = lightness[small]
    x, y, z = columns - columns.mean(), rows.mean() - rows, seen - seen.mean()
    xx, xy, yy, xz, yz = x @ x + 1e-6, x @ y, y @ y + 1e-6, x @ z, y @ z
    return float(np.degrees(np.arctan2(xy * xz - xx * yz, xy * yz - yy * xz)))


def _blurred_inside(part: MassPixels) -> tuple[NDArray[np.bool_], Floats]:
    """The mass at a fraction of the size, and its Lab blurred widely inside it.

    Normalised: only what lies in the mass counts, so nothing flows in from outside.
    """
    step = min(12, max(4, round((part.count / COARSE) ** 0.5)))
    small = part.mask[::step, ::step]
    weight = small.astype(np.float32)
    sigma = max(1.0, 0.035 * max(small.shape) + 0.35 * np.sqrt(part.count) / (4 * step))
    lab = part.box_lab[::step, ::step] * weight[..., None]
    # A tent of the same variance (Klingemann's stack blur): its cost does not grow with the width.
    wide = 2 * round(sigma * 6**0.5) + 1
    both = cv2.stackBlur(np.dstack([lab, weight]), (wide, wide))
    return small, both[..., :3] / np.maximum(both[..., 3:], 1e-4)
