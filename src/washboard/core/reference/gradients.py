"""How a mass is modelled: a soft gradation that follows the form."""

from __future__ import annotations

from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from .form import form_of, places_of
from .mass import Form, Gradation, Lab
from .picture import Singles
from .pixels import SAMPLED, Mask, MassPixels, median_colour, quantiles_of
from .stops import FINE_STOPS, STEPS, axis_of, stops_of

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Modelled:
    """A mass with its gradation, places in pixels of its box: where each pixel (h, w) of the box lies on the
    way from the first stop, 0, to the last, 1. `ends` are those of the mass as a whole, light and dark, where
    they lie so far apart that it is laid as a graded wash."""

    gradation: Gradation
    along: Singles
    ends: tuple[Lab, Lab] | None


GRADED_FROM = 0.8
"""Range of value inside a mass, 6th to 94th percentile after squinting, that asks for a graded wash."""
COARSE = 2500
"""Points of a mass, more or less, from which it is told whether it is graded."""
MODELLED_PX = 400
"""Pixels under which a mass is one touch of the brush and has no modelling."""
FINENESS = 0.04
"""Blur of the modelling, of the root of a mass's area: what is smaller is a shape or mark of its own."""
STEEPEST = 1.5
"""Pixels of blur for each value of a mass's range: a step inside it comes out as a slope, not as an edge."""
STEEP, EASED = 0.2, (1.5, 2.0, 3.0, 4.0)
"""Values a pixel that no gradation is steeper than, and the blurs, in measured places, by which it is
eased."""
TRUSTED = 1.5
"""Values from the gradation at which a pixel counts half: a dark twig does not darken the sky behind it."""
ROUNDS = 2
"""Rounds in which pixels far from the gradation lose weight."""
LEAST_RANGE = 0.3
"""Values, or twenty units of colour, that a gradation runs through at least."""


def modelled(part: MassPixels) -> Modelled | None:
    """The gradation of a mass; None where it is small or even.

    Its colour is blurred inside the mass alone, by as much as the mass is large, and pixels that lie far from
    the blurred colour count less in a second and third round. The colours are laid on one way with up to five
    stops: a polyline fitted by least squares along their first principal axis (Pearson 1901).
    """
    if part.count < MODELLED_PX:
        return None
    low, high = quantiles_of(part.value, 0.05, 0.95)
    sigma = max(FINENESS * np.sqrt(part.count), STEEPEST * (high - low))
    step = max(1, int(sigma / 2))
    inside, smooth = _smoothed(part, sigma / step, step)
    own = smooth[inside].astype(np.float64)
    if len(own) < FINE_STOPS:
        return None
    own = own[:: max(1, len(own) // SAMPLED)]
    middle, axis = own.mean(axis=0), axis_of(own)
    first, last = quantiles_of((own - middle) @ axis, 0.005, 0.995)
    if last <= first:
        return None
    stops = stops_of(own, np.clip(((own - middle) @ axis - first) / (last - first), 0, 1))
    if float(np.linalg.norm((stops.max(axis=0) - stops.min(axis=0)) * STEPS)) < LEAST_RANGE:
        return None
    along = np.clip(((smooth - middle) @ axis - first) / (last - first), 0, 1).astype(np.float32)
    along = _eased(along, inside, stops[:, 0] / 10, step)
    form, direction, centre = form_of(inside, along)
    colours = tuple((lightness, a, b) for lightness, a, b in stops.tolist())
    places = tuple(_in_box(place, step) for place in places_of(inside, along, len(stops)))
    middle_of = _in_box(centre, step) if centre else None
    gradation = Gradation(form, colours, direction, places, middle_of)
    return Modelled(gradation, _enlarged(along, step, part.mask.shape), _ends(part))


def _eased(along: Singles, inside: Mask, values: Floats, step: int) -> Singles:
    """How far each place lies along the way, blurred further where the value, `values` (k,) at the stops,
    would run so steeply that it looked like an edge."""
    weight = inside.astype(np.float32)
    for blur in EASED:
        value = np.interp(along, np.linspace(0, 1, len(values)), values).astype(np.float32)
        across, down = (cv2.Sobel(value, cv2.CV_32F, dx, 1 - dx, scale=1 / 8) for dx in (1, 0))
        steep = ((cv2.magnitude(across, down) > STEEP * step) & inside).astype(np.float32)
        if not steep.any():
            break
        share = cv2.GaussianBlur(cv2.dilate(steep, np.ones((5, 5), np.uint8)), (0, 0), blur)
        mean = cv2.GaussianBlur(along * weight, (0, 0), blur) / np.maximum(
            cv2.GaussianBlur(weight, (0, 0), blur), 1e-4
        )
        along = along + share * (mean - along)
    return along


def _in_box(place: tuple[float, float], step: int) -> tuple[float, float]:
    """Of what was measured every so many pixels, x and y in pixels of the box."""
    return place[0] * step + step // 2, place[1] * step + step // 2


def _enlarged(along: Singles, step: int, shape: tuple[int, ...]) -> Singles:
    """What was measured every so many pixels, for every pixel of a box (h, w)."""
    back = np.array(((1 / step, 0, -(step // 2) / step), (0, 1 / step, -(step // 2) / step)))
    flags = cv2.INTER_LINEAR | cv2.WARP_INVERSE_MAP
    size = shape[1], shape[0]
    return np.asarray(cv2.warpAffine(along, back, size, flags=flags, borderMode=cv2.BORDER_REPLICATE))


def straightened(gradation: Gradation, mask: Mask) -> tuple[Gradation, Singles]:
    """A gradation made to run straight through its mass, the `mask` (h, w) of its box, places in pixels of
    it; and how far along each pixel lies."""
    rows, columns = np.indices(mask.shape)
    turn = np.radians(gradation.direction)
    way: Floats = columns * np.cos(turn) - rows * np.sin(turn)
    first, last = quantiles_of(way[mask], 0.02, 0.98)
    along = np.clip((way - first) / max(last - first, 1.0), 0, 1).astype(np.float32)
    places = tuple(places_of(mask, along, len(gradation.stops)))
    return replace(gradation, form=Form.STRAIGHT, places=places, centre=None), along


def _smoothed(part: MassPixels, sigma: float, step: int) -> tuple[Mask, Singles]:
    """Every so many pixels of the mass, and its Lab blurred inside it."""
    start = step // 2
    inside = part.mask[start::step, start::step]
    lab = part.box_lab[start::step, start::step]
    weight = inside.astype(np.float32)
    smooth = _blurred(lab, weight, sigma)
    for _ in range(ROUNDS):
        apart = np.linalg.norm((lab - smooth) * STEPS, axis=2)
        weight = (inside / (1 + (apart / TRUSTED) ** 2)).astype(np.float32)
        smooth = _blurred(lab, weight, sigma)
    # Twicing (Tukey 1977): the blur of what the blur left out is added, so that a sky keeps its slope up to
    # the borders of its masses and no step comes to stand between them.
    return inside, smooth + _blurred(lab - smooth, weight, sigma)


def _blurred(lab: Singles, weight: Singles, sigma: float) -> Singles:
    """The weighted mean of colours (h, w, 3) about each place."""
    both = cv2.GaussianBlur(np.dstack([lab * weight[..., None], weight]), (0, 0), sigma)
    return np.asarray(both[..., :3] / np.maximum(both[..., 3:], 1e-4))


def _ends(part: MassPixels) -> tuple[Lab, Lab] | None:
    """The light and the dark end of the mass as a whole, after a wide blur; None where they are alike."""
    small, smooth = _blurred_widely(part)
    inside = smooth[small]
    inside = inside[:: max(1, len(inside) // SAMPLED)]
    if not len(inside):
        return None
    low, high = quantiles_of(inside[:, 0], 0.06, 0.94)
    if (high - low) / 10 < GRADED_FROM:
        return None
    return median_colour(inside[inside[:, 0] >= high]), median_colour(inside[inside[:, 0] <= low])


def _blurred_widely(part: MassPixels) -> tuple[Mask, Singles]:
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
