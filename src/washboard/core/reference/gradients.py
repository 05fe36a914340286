"""How a mass is modelled: a soft gradation that follows the form, its colours along the way, its
direction."""

from __future__ import annotations

from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from .mass import Form, Gradation, Lab
from .picture import Singles

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


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
    mask: Mask
    value: Singles
    lab: Singles
    box_lab: Singles

    @property
    def count(self) -> int:
        """How many pixels it has."""
        return len(self.at)


@dataclass(frozen=True)
class Modelled:
    """A mass with its gradation, places in pixels of its box: where each pixel (h, w) of the box lies on the
    way from the first stop, 0, to the last, 1. `ends` are those of the mass as a whole, light and dark, where
    they lie so far apart that it is laid as a graded wash."""

    gradation: Gradation
    along: Singles
    ends: tuple[Lab, Lab] | None


def median_colour(colours: NDArray[np.floating]) -> Lab:
    """The median of colours (n, 3), channel by channel."""
    middle = np.partition(colours, len(colours) // 2, axis=0)[len(colours) // 2]
    return float(middle[0]), float(middle[1]), float(middle[2])


def quantiles_of(values: NDArray[np.floating], *shares: float) -> tuple[float, ...]:
    """The values (n,) below which the given shares lie, each to the nearest value there is."""
    ranked = np.sort(values)
    return tuple(float(ranked[round(share * (len(ranked) - 1))]) for share in shares)


GRADED_FROM = 0.8
"""Range of value inside a mass, 6th to 94th percentile after squinting, that asks for a graded wash."""
COARSE = 2500
"""Points of a mass, more or less, from which it is told whether it is graded."""
SAMPLED = 3000
"""Pixels of a mass from which its medians are taken, at least."""
SMALL = 600
"""Pixels under which a mass has no ridge worth following: its width is its largest circle's."""
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
SCALE = np.array((0.2, 0.05, 0.05), np.float32)
"""Of units of L*, a*, b*: value leads, so that colour alone does not turn a gradation round."""
LEAST_RANGE = 0.3
"""Values, or twenty units of colour, that a gradation runs through at least."""
MOST_STOPS, TURN = 5, 0.25
"""Stops at most, and how far the way of colours may leave the straight lines between them, in values."""
FINE_STOPS = 9
"""Points at which the way of colours is looked at before its stops are chosen."""
NEAR_STOP = 0.08
"""Share of the way within which a place stands for a stop."""
PLANE, BOWL = 0.8, 0.55
"""Share of the variance from which a plane tells a gradation, and from which a bowl with its middle inside
does."""


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
    middle, axis = own.mean(axis=0), _axis(own)
    first, last = quantiles_of((own - middle) @ axis, 0.005, 0.995)
    if last <= first:
        return None
    stops = _stops(own, np.clip(((own - middle) @ axis - first) / (last - first), 0, 1))
    if float(np.linalg.norm((stops.max(axis=0) - stops.min(axis=0)) * (0.1, 0.05, 0.05))) < LEAST_RANGE:
        return None
    along = np.clip(((smooth - middle) @ axis - first) / (last - first), 0, 1).astype(np.float32)
    along = _eased(along, inside, stops[:, 0] / 10, step)
    form, direction, centre = _form(inside, along)
    colours = tuple((lightness, a, b) for lightness, a, b in stops.tolist())
    places = tuple(_in_box(place, step) for place in _places(inside, along, len(stops)))
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


def _places(inside: Mask, along: Singles, count: int) -> list[tuple[float, float]]:
    """Where each of so many stops lies: x, y of a place far from the border and not far from the stop
    before."""
    deep = cv2.distanceTransform(np.pad(inside.astype(np.uint8), 1), cv2.DIST_L2, 3)[1:-1, 1:-1][inside]
    rows, columns = np.nonzero(inside)
    t = along[inside]
    found: list[tuple[float, float]] = []
    for stop in np.linspace(0, 1, count):
        off = np.abs(t - stop)
        worth = np.where(off <= max(NEAR_STOP, float(off.min())), deep, -np.inf)
        if found:
            worth = worth - 0.5 * np.hypot(columns - found[-1][0], rows - found[-1][1])
        best = int(np.argmax(worth))
        found.append((float(columns[best]), float(rows[best])))
    return found


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
    places = tuple(_places(mask, along, len(gradation.stops)))
    return replace(gradation, form=Form.STRAIGHT, places=places, centre=None), along


def _axis(colours: Floats) -> Floats:
    """The first principal axis of colours (n, 3), as weights of L*, a* and b*, so that lightness falls."""
    spread = (colours - colours.mean(axis=0)) * SCALE
    _, vectors = np.linalg.eigh(spread.T @ spread)
    axis = vectors[:, -1] * SCALE
    return np.asarray(-axis if axis[0] > 0 else axis)


def _smoothed(part: MassPixels, sigma: float, step: int) -> tuple[Mask, Singles]:
    """Every so many pixels of the mass, and its Lab blurred inside it."""
    start = step // 2
    inside = part.mask[start::step, start::step]
    lab = part.box_lab[start::step, start::step]
    weight = inside.astype(np.float32)
    smooth = _blurred(lab, weight, sigma)
    for _ in range(ROUNDS):
        apart = np.linalg.norm((lab - smooth) * (0.1, 0.05, 0.05), axis=2)
        weight = (inside / (1 + (apart / TRUSTED) ** 2)).astype(np.float32)
        smooth = _blurred(lab, weight, sigma)
    # Twicing (Tukey 1977): the blur of what the blur left out is added, so that a sky keeps its slope up to
    # the borders of its masses and no step comes to stand between them.
    return inside, smooth + _blurred(lab - smooth, weight, sigma)


def _blurred(lab: Singles, weight: Singles, sigma: float) -> Singles:
    """The weighted mean of colours (h, w, 3) about each place."""
    both = cv2.GaussianBlur(np.dstack([lab * weight[..., None], weight]), (0, 0), sigma)
    return np.asarray(both[..., :3] / np.maximum(both[..., 3:], 1e-4))


def _stops(colours: Floats, along: Floats) -> Floats:
    """As few colours (k, 3), evenly along the way, as tell colours (n, 3) that lie there, `along` (n,)
    0–1."""
    fine = _polyline(colours, along, FINE_STOPS)
    for count in range(2, MOST_STOPS + 1):
        stops = _polyline(colours, along, count)
        if _away(fine, stops) <= TURN:
            break
    return np.clip(stops, colours.min(axis=0), colours.max(axis=0))


def _away(fine: Floats, stops: Floats) -> float:
    at = np.linspace(0, 1, len(stops))
    line = [np.interp(np.linspace(0, 1, len(fine)), at, stops[:, c]) for c in range(3)]
    return float(np.linalg.norm((fine - np.stack(line, axis=1)) * (0.1, 0.05, 0.05), axis=1).max())


def _polyline(colours: Floats, along: Floats, count: int) -> Floats:
    """The colours (count, 3) whose polyline comes nearest to colours (n, 3), those with few near them drawn
    to the mean: least squares in hat functions."""
    at = along * (count - 1)
    before = np.minimum(at.astype(np.intp), count - 2)
    share = at - before
    hats = np.zeros((len(along), count))
    rows = np.arange(len(along))
    hats[rows, before], hats[rows, before + 1] = 1 - share, share
    pull = 1e-3 * len(along) / count
    normal = hats.T @ hats + pull * np.eye(count)
    found: Floats = np.linalg.solve(normal, hats.T @ colours + pull * colours.mean(axis=0))
    return found


def _form(inside: Mask, along: Singles) -> tuple[Form, float, tuple[float, float] | None]:
    """What the way looks like on the surface, toward where it runs (degrees counter-clockwise), and the
    middle of a round one, x and y.

    By least squares: a plane where that tells it, a bowl where its middle lies in the mass, else neither.
    """
    rows, columns = np.nonzero(inside)
    t = along[inside].astype(np.float64)
    high, wide = max(inside.shape[0], 2), max(inside.shape[1], 2)
    half = max(high, wide) / 2
    x, y = (columns - wide / 2) / half, (rows - high / 2) / half
    one = np.ones_like(x)
    plane, flat = _fit(np.stack([one, x, y], axis=1), t)
    direction = float(np.degrees(np.arctan2(-plane[2], plane[1])))
    if flat >= PLANE:
        return Form.STRAIGHT, direction, None
    bowl, round_ = _fit(np.stack([one, x, y, x * x + y * y], axis=1), t)
    if round_ >= BOWL and bowl[3]:
        middle = -bowl[1] / (2 * bowl[3]) * half + wide / 2, -bowl[2] / (2 * bowl[3]) * half + high / 2
        if 0 <= middle[0] < wide and 0 <= middle[1] < high:
            return Form.ROUND, direction, (float(middle[0]), float(middle[1]))
    return Form.CURVED, direction, None


def _fit(terms: Floats, wanted: Floats) -> tuple[Floats, float]:
    """Coefficients by least squares, and the share of the variance that they tell."""
    normal = terms.T @ terms + 1e-9 * np.eye(terms.shape[1])
    found = np.asarray(np.linalg.solve(normal, terms.T @ wanted), np.float64)
    left = wanted - terms @ found
    return found, 1 - float(left @ left) / max(float(((wanted - wanted.mean()) ** 2).sum()), 1e-12)


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
