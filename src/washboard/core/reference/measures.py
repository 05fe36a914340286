"""Measures of each mass, in cm and cm² on the surface."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from . import contours
from .mass import Border, Lab, Mass, MassKind
from .masses import Division
from .picture import Labels, Picture, Singles
from .transitions import transitions

GRADED_FROM = 0.8
"""Range of value inside a mass, 10th to 90th percentile after squinting, that asks for a gradation."""
COARSE = 2500
"""Points of a mass, more or less, from which its gradation is measured."""
SAMPLED = 3000
"""Pixels of a mass from which its medians are taken, at least."""
SMALL = 600
"""Pixels under which a mass has no ridge worth following: its width is its largest circle's."""
PRICK_CM = 0.05
"""A contact shorter than this is no border but a corner."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Measured:
    """Masses with their label map and, for graded ones, where between their ends each pixel lies.

    `labels` (h, w) 1…n; `along` (h, w) 0 at the light end to 1 at the dark end, 0 in flat masses.
    """

    masses: tuple[Mass, ...]
    labels: Labels
    along: Singles


@dataclass(frozen=True)
class _Pixels:
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
        return len(self.at)


def measure(
    picture: Picture,
    division: Division,
    thresholds: Sequence[float],
    width_cm: float,
    kinds: Sequence[MassKind] | None = None,
) -> Measured:
    """Every mass with value, colour, extent, widths, pieces, borders and gradient.

    `width_cm` is the width of the picture on the surface (> 0). `kinds` overrides the measured kind
    of each label, for pieces drawn without a photo.
    """
    labels, count = division.labels, division.count + 1
    cm = width_cm / labels.shape[1]
    lines = contours.lengths(labels, count) * cm
    frame = contours.frame_lengths(labels, count) * cm
    widths = contours.softness(picture.value, labels)
    hardness = contours.hardness_of(widths)
    soft = transitions(picture.value, labels)
    distance = _distances(labels)
    ridge = distance >= cv2.dilate(distance, np.ones((3, 3), np.uint8)) - 1e-3
    along = np.zeros(labels.shape, np.float32)
    parts = list(_parts(picture, labels))
    accents = [part.label > division.flat_count for part in parts]
    given = [kinds[part.label - 1] if kinds else None for part in parts]
    slopes = [_gradient(*each) for each in zip(parts, accents, given, strict=True)]
    reach = np.sort(value_of_lab(np.array([ends for ends, _, _ in slopes])), axis=1).tolist()
    masses = []
    for part, accent, kind, (ends, steps, direction), ran in zip(
        parts, accents, given, slopes, reach, strict=True
    ):
        if steps is not None:
            np.copyto(along[part.rows, part.columns], steps, where=part.mask)
        label = part.label
        kind = kind or (
            MassKind.ACCENT if accent else MassKind.GRADED if steps is not None else MassKind.FLAT
        )
        ran = ran if kind is MassKind.GRADED else None
        mass = _mass(part, kind, ends, ran, distance, ridge, cm, thresholds)
        masses.append(
            replace(
                mass,
                direction=direction,
                borders=_borders(label, lines, soft, hardness, cm),
                outline_cm=float(lines[label].sum() + frame[label]),
                light=division.light_accent[label - division.flat_count - 1] if accent else True,
            )
        )
    return Measured(tuple(masses), labels, along)


def _parts(picture: Picture, labels: Labels) -> Iterator[_Pixels]:
    """The masses there are, by rising label. One sorting finds the pixels and extents of all."""
    width = labels.shape[1]
    small = labels.astype(np.uint16)  # sorts in linear time
    order = np.argsort(small, axis=None, kind="stable")
    held = np.bincount(small.ravel())
    there = np.flatnonzero(held)
    starts = np.cumsum(held)[there] - held[there]
    # Half the bytes of flat indices: this is bound by memory.
    flat = order.astype(np.int32)
    y = flat // np.int32(width)
    x = flat - y * np.int32(width)
    left, right = np.minimum.reduceat(x, starts), np.maximum.reduceat(x, starts)
    # A sum of at most a million coordinates under a thousand fits 32 bits.
    middles = (np.add.reduceat(along, starts, dtype=np.uint32) / held[there] for along in (x, y))
    value, lab = picture.value.ravel(), picture.lab.reshape(-1, 3)
    for label, start, low, high, *centre in zip(there, starts, left, right, *middles, strict=True):
        at = order[start : start + held[label]]
        # In reading order the first pixel lies highest and the last lowest.
        rows, columns = slice(int(y[start]), int(at[-1]) // width + 1), slice(int(low), int(high) + 1)
        # Medians of a few thousand pixels are those of all to a hundredth of a value, and far cheaper.
        few = at[:: max(1, len(at) // SAMPLED)]
        yield _Pixels(
            int(label), at, (float(centre[0]), float(centre[1])), rows, columns,
            small[rows, columns] == label, value[few], lab[few], picture.lab[rows, columns],
        )  # fmt: skip


def _mass(
    part: _Pixels,
    kind: MassKind,
    ends: tuple[Lab, Lab],
    reach: tuple[float, float] | None,
    distance: Singles,
    ridge: NDArray[np.bool_],
    cm: float,
    thresholds: Sequence[float],
) -> Mass:
    """A mass with what its own pixels tell; `reach` the values a graded one runs through.

    `distance` and `ridge` (h, w) are those of the whole picture.
    """
    height, width = distance.shape
    low, value, high = _at(part.value, 0.1, 0.5, 0.9)
    low, high = reach or (low, high)
    band = int(np.searchsorted(np.asarray(thresholds), value, side="right"))
    inward = distance.ravel()[part.at]
    narrow, median = _widths(inward, ridge.ravel()[part.at])
    deepest = int(part.at[np.argmax(inward)])
    pieces, _ = cv2.connectedComponents(part.mask.astype(np.uint8), connectivity=8)
    return Mass(
        id=f"m{part.label}",
        label=part.label,
        kind=kind,
        value=value,
        spread=high - low,
        lab=_median(part.lab),
        share=part.count / (height * width),
        area_cm2=part.count * cm * cm,
        band=band,
        band_range=_band_range(thresholds, low, high, band, kind),
        value_range=(low, high),
        narrowest_mm=narrow * cm * 10,
        width_mm=median * cm * 10,
        pieces=pieces - 1,
        outline_cm=0.0,
        centre=((part.centre[0] + 0.5) / width, (part.centre[1] + 0.5) / height),
        box=(
            part.columns.start / width,
            part.rows.start / height,
            part.columns.stop / width,
            part.rows.stop / height,
        ),
        inside=((deepest % width + 0.5) / width, (deepest // width + 0.5) / height),
        ends=ends,
    )


def _band_range(
    thresholds: Sequence[float], low: float, high: float, band: int, kind: MassKind
) -> tuple[float, float]:
    """The values the mass may end at: its band, or all bands a graded one runs through."""
    edges = (0.0, *thresholds, 10.0)
    if kind is not MassKind.GRADED:
        return edges[band], edges[band + 1]
    first = int(np.searchsorted(np.asarray(thresholds), low, side="right"))
    last = int(np.searchsorted(np.asarray(thresholds), high, side="right"))
    return edges[min(first, band)], edges[max(last, band) + 1]


def _gradient(
    part: _Pixels, accent: bool, given: MassKind | None
) -> tuple[tuple[Lab, Lab], Singles | None, float | None]:
    """Both end colours, where each pixel of the box lies between them, and where it grows darker.

    The wide-blurred colour inside the mass is laid onto the line between its two ends; so a glow
    spreads as a glow and a sky as a sky, without steps.
    """
    middle = _median(part.lab)
    flat = (middle, middle), None, None
    if accent or given is MassKind.FLAT or part.count < 400:
        return flat
    small, smooth = _blurred_inside(part)
    inside = smooth[small]
    inside = inside[:: max(1, len(inside) // SAMPLED)]
    if not len(inside):
        return flat
    low, high = _at(inside[:, 0], 0.06, 0.94)
    if (high - low) / 10 < GRADED_FROM and given is not MassKind.GRADED:
        return flat
    light = _median(inside[inside[:, 0] >= high])
    dark = _median(inside[inside[:, 0] <= low])
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


def _blurred_inside(part: _Pixels) -> tuple[NDArray[np.bool_], Floats]:
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


def _distances(labels: Labels) -> Singles:
    """Distance in pixels of every pixel to its mass's border or the picture's, one transform for all."""
    inside = np.ones(labels.shape, np.uint8)
    inside[[0, -1]] = 0
    inside[:, [0, -1]] = 0
    across, down = labels[:, 1:] != labels[:, :-1], labels[1:] != labels[:-1]
    inside[:, 1:][across] = 0
    inside[:, :-1][across] = 0
    inside[1:][down] = 0
    inside[:-1][down] = 0
    return cv2.distanceTransform(inside, cv2.DIST_L2, cv2.DIST_MASK_PRECISE) + np.float32(0.5)


def _widths(inward: Singles, ridge: NDArray[np.bool_]) -> tuple[float, float]:
    """Narrowest (5th percentile) and median width in pixels along a mass's ridge.

    `inward` (n,) is the distance of each of its pixels to the border, `ridge` whether none of the
    neighbours lies deeper.
    """
    if len(inward) < SMALL:
        return (float(2 * inward.max()),) * 2
    along = np.sort(2 * inward[ridge])
    # A place of the ridge stands for as much of the mass as it is wide: the many short spurs that run
    # to the corners of an outline count for what they are.
    share = np.cumsum(along) / max(float(along.sum()), 1e-9)
    low, middle = (float(along[min(int(np.searchsorted(share, q)), len(along) - 1)]) for q in (0.05, 0.5))
    return low, middle


def _borders(
    label: int,
    lines: Floats,
    widths: dict[tuple[int, int], float],
    hardness: dict[tuple[int, int], float],
    cm: float,
) -> tuple[Border, ...]:
    found = []
    for other in np.flatnonzero(lines[label] >= PRICK_CM):
        pair = (min(label, int(other)), max(label, int(other)))
        if pair in widths:
            soft = widths[pair] * cm * 10
            found.append(Border(f"m{other}", float(lines[label, other]), soft, hardness[pair]))
    return tuple(found)


def _median(colours: NDArray[np.floating]) -> Lab:
    """The median of colours (n, 3), channel by channel."""
    middle = np.partition(colours, len(colours) // 2, axis=0)[len(colours) // 2]
    return float(middle[0]), float(middle[1]), float(middle[2])


def _at(values: NDArray[np.floating], *shares: float) -> tuple[float, ...]:
    """The values (n,) below which the given shares lie, each to the nearest value there is."""
    ranked = np.sort(values)
    return tuple(float(ranked[round(share * (len(ranked) - 1))]) for share in shares)
