"""Measures of each mass, in cm and cm² on the surface."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from . import contours
from .gradients import Modelled, modelled, straightened
from .lights import told_apart
from .look import look_of
from .mass import Border, Gradation, Mass, MassKind
from .masses import Division
from .naming import named_masses
from .picture import Labels, Picture, Singles
from .pixels import SAMPLED, SMALL, MassPixels, median_colour, quantiles_of
from .transitions import transitions

PRICK_CM = 0.05
"""A contact shorter than this is no border but a corner."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Measured:
    """Masses with their label map and, for modelled ones, where on the way between their stops each pixel
    lies.

    `labels` (h, w) 1…n; `along` (h, w) 0 at the first stop to 1 at the last, 0 in even masses; `soft` (h,
    w) pixels over which the border nearest to each pixel fades out; `nearest` how far (h, w) that is and
    the flat index of the pixel across it.
    """

    masses: tuple[Mass, ...]
    labels: Labels
    along: Singles
    soft: Singles
    nearest: tuple[Singles, NDArray[np.intp]]


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
    distance = depths(labels)
    ridge = distance >= cv2.dilate(distance, np.ones((3, 3), np.uint8)) - 1e-3
    along = np.zeros(labels.shape, np.float32)
    parts = list(_parts(picture, labels))
    accents = [part.label > division.flat_count for part in parts]
    given = [kinds[part.label - 1] if kinds else None for part in parts]
    masses = []
    for part, accent, kind in zip(parts, accents, given, strict=True):
        found = None if accent or kind is MassKind.FLAT else modelled(part)
        if found is not None:
            np.copyto(along[part.rows, part.columns], found.along, where=part.mask)
        label = part.label
        graded = found is not None and found.ends is not None
        kind = kind or (MassKind.ACCENT if accent else MassKind.GRADED if graded else MassKind.FLAT)
        mass = _mass(part, kind, found, distance, ridge, cm, thresholds)
        masses.append(
            replace(
                mass,
                borders=_borders(label, lines, soft, hardness, cm),
                outline_cm=float(lines[label].sum() + frame[label]),
                light=division.light_accent[label - division.flat_count - 1] if accent else True,
            )
        )
    nearest = contours.nearest_border(labels)
    soft_along = contours.softness_along(picture.value, labels, nearest[1])
    told = told_apart(picture, labels, masses, cm)
    return Measured(named_masses(told), labels, along, soft_along, nearest)


def _parts(picture: Picture, labels: Labels) -> Iterator[MassPixels]:
    """The masses there are, by rising label. One sorting finds the pixels and extents of all."""
    width = labels.shape[1]
    small = labels.astype(np.uint16)  # sorts in linear time
    order = np.argsort(small, axis=None, kind="stable")
    held = np.bincount(small.ravel())
    there = np.flatnonzero(held)
    starts = np.cumsum(held)[there] - held[there]
    # int32 instead of int64 flat indices: this step is bound by memory bandwidth.
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
        yield MassPixels(
            int(label),
            at,
            (float(centre[0]), float(centre[1])),
            rows,
            columns,
            small[rows, columns] == label,
            value[few],
            lab[few],
            picture.lab[rows, columns],
        )


def _mass(
    part: MassPixels,
    kind: MassKind,
    found: Modelled | None,
    distance: Singles,
    ridge: NDArray[np.bool_],
    cm: float,
    thresholds: Sequence[float],
) -> Mass:
    """A mass with what its own pixels tell, `found` being its modelling.

    `distance` and `ridge` (h, w) are those of the whole picture.
    """
    height, width = distance.shape
    low, value, high = quantiles_of(part.value, 0.1, 0.5, 0.9)
    middle = median_colour(part.lab)
    gradation = (
        _placed(found.gradation, (part.rows.start, part.columns.start), distance.shape) if found else None
    )
    ends = (found.ends if found else None) or (middle, middle)
    if kind is MassKind.GRADED:
        low, high = sorted(value_of_lab(np.array(ends)).tolist())
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
        lab=middle,
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
        direction=gradation.direction if gradation and kind is MassKind.GRADED else None,
        gradation=gradation,
        look=look_of(part.mask, part.lab, (part.rows.start, part.columns.start), distance.shape),
    )


def _placed(gradation: Gradation, corner: tuple[int, int], shape: tuple[int, ...]) -> Gradation:
    """A gradation whose places are in pixels from a corner (row, column), normalised in the picture (h,
    w)."""

    def placed(x: float, y: float) -> tuple[float, float]:
        return (corner[1] + x + 0.5) / shape[1], (corner[0] + y + 0.5) / shape[0]

    centre = placed(*gradation.centre) if gradation.centre else None
    return replace(gradation, places=tuple(placed(x, y) for x, y in gradation.places), centre=centre)


def with_straight(measured: Measured, chosen: Collection[int]) -> Measured:
    """The masses, the modelling of those with these labels running straight."""
    if not chosen:
        return measured
    along, masses = measured.along.copy(), []
    height, width = along.shape
    for mass in measured.masses:
        if mass.gradation and mass.label in chosen:
            left, top, right, bottom = mass.box
            box = np.s_[
                round(top * height) : round(bottom * height), round(left * width) : round(right * width)
            ]
            inside = measured.labels[box] == mass.label
            gradation, steps = straightened(mass.gradation, inside)
            np.copyto(along[box], steps, where=inside)
            corner = round(top * height), round(left * width)
            mass = replace(mass, gradation=_placed(gradation, corner, along.shape))
        masses.append(mass)
    return replace(measured, masses=tuple(masses), along=along)


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


def depths(labels: Labels) -> Singles:
    """Distance in pixels (h, w) of every pixel of labels (h, w) to the border of its mass or of the picture,
    0.5 on the border itself. One transform for all masses."""
    inside = np.ones(labels.shape, np.uint8)
    inside[[0, -1]] = 0
    inside[:, [0, -1]] = 0
    across, down = labels[:, 1:] != labels[:, :-1], labels[1:] != labels[:-1]
    inside[:, 1:][across] = 0
    inside[:, :-1][across] = 0
    inside[1:][down] = 0
    inside[:-1][down] = 0
    far = cv2.distanceTransform(inside, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    # OpenCV's last digit hangs on where the picture lies in memory, and so would which of two equally deep
    # places a mass is known by. The squares are whole numbers.
    return np.sqrt(np.rint(far * far)) + np.float32(0.5)


def _widths(inward: Singles, ridge: NDArray[np.bool_]) -> tuple[float, float]:
    """Narrowest (5th percentile) and median width in pixels along a mass's ridge.

    `inward` (n,) is the distance of each of its pixels to the border, `ridge` whether none of the
    neighbours lies deeper.
    """
    if len(inward) < SMALL:
        return (float(2 * inward.max()),) * 2
    along = np.sort(2 * inward[ridge])
    # Weight each ridge point by its width, so that the many short spurs toward the outline's corners count
    # for little.
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
