"""The map of areas: proposed off the tree of pieces, corrected by the painter's strokes."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.cleanups import smoothed
from ..reference.picture import Labels, Singles
from .cells import Cells, cells_of, divided
from .corrections import Place, Stroke
from .tree import Tree

CALM = 0.005
"""Width of the blur before an area is divided by light, as a share of the long side."""
LEAST_HALF = 0.04
"""Share of an area that its light or its shadow must take, or it has only one."""
LEAST_STEP = 0.8
"""Values between the two, or they are one."""


def in_shadow(value: Singles, own: NDArray[np.bool_]) -> NDArray[np.bool_]:
    """The part (h, w) of an area that lies in shadow, by the value that divides it best (Otsu 1979).

    Values are calmed first, inside the area only; nothing where one side would be next to nothing.
    """
    weight = own.astype(np.float32)
    sigma = CALM * max(value.shape)
    calm = cv2.GaussianBlur(value * weight, (0, 0), sigma) / (cv2.GaussianBlur(weight, (0, 0), sigma) + 1e-6)
    levels = np.clip(calm[own] * 25.5, 0, 255).astype(np.uint8)
    threshold, _ = cv2.threshold(levels.reshape(-1, 1), 0, 255, cv2.THRESH_OTSU)
    dark = own & (calm * 25.5 < threshold + 1)
    share = float(dark.sum()) / max(int(own.sum()), 1)
    if not LEAST_HALF <= share <= 1 - LEAST_HALF:
        return np.zeros_like(own)
    step = float(np.median(calm[own & ~dark]) - np.median(calm[dark]))
    return dark if step >= LEAST_STEP else np.zeros_like(own)


WITHIN, SMALLER = 0.9, 0.5
"""A drawn thing stays when so much of it lies in a new outline and it takes at most so much of that."""
PROPOSED = 9
"""Areas proposed: as many things as a painter names in a picture."""
FINE = 50
"""Pieces of which a stroke takes those it crosses."""
STEP = 3
"""Every so many pixels an area is measured: its medians and extent need no more."""
REST = 0.3
"""Share of an area under which what a stroke left of it goes along."""
STROKE = 0.006
"""Half width of a stroke, as a share of the long side."""


def area_map(
    tree: Tree,
    strokes: Sequence[Stroke],
    shape: tuple[int, int],
    cells: Cells | None = None,
    outlined: Mapping[Stroke, NDArray[np.bool_]] | None = None,
    given: Labels | None = None,
    proposed: int = PROPOSED,
    value: Singles | None = None,
) -> Labels:
    """The area (h, w) 1…k of every pixel of a picture of `shape`: the proposal as the strokes correct it.

    Each stroke makes an area, a later one over an earlier, of the finest pieces it crosses; where it
    stands against another, a cut gives it its part of what both cross (`cells` of the same chips are made
    when needed and not given). A closed one makes an area of its mask (h, w) in `outlined`; one by light
    goes by `value` (h, w). Things whose border is known (`given` (h, w) 1…, 0 elsewhere) are areas before
    any stroke. What no line crosses stays as it was. Areas are numbered as proposed, the largest first,
    then stroke by stroke; what lost all its pixels has none.
    """
    if cells is None and any(stroke.against and not stroke.joins for stroke in strokes):
        cells = cells_of(tree.superpixels)
    units = tree.superpixels.labels if cells is None else cells.labels
    chip = np.arange(tree.superpixels.count) if cells is None else cells.chip
    owner = tree.cut(proposed)[chip].astype(np.intp)
    if strokes:
        pieces, held = tree.cut(FINE)[chip], np.bincount(units.ravel(), minlength=len(chip))
    labels: Labels | None = None
    masks, first = outlined or {}, PROPOSED
    if given is not None:
        labels = np.where(given > 0, PROPOSED - 1 + given, _full(owner, units, shape)).astype(np.int32)
        first += int(given.max())
    for number, stroke in enumerate(strokes, first):
        if stroke.closed or stroke.joins or stroke.by_light:
            # From here on work in pixels instead of units, so that an outline keeps its exact border.
            labels = _full(owner, units, shape) if labels is None else labels
            labels = np.where(_within(labels, stroke, masks, value), number, labels)
            continue
        touched = _stroked(stroke, owner, pieces, units, held, cells, number)
        if labels is not None:
            labels = np.where(_full(touched.astype(np.intp), units, shape) > 0, number, labels)
    full = _full(owner, units, shape) if labels is None else labels
    return np.asarray(full + 1, np.int32)


def _within(
    labels: Labels, stroke: Stroke, masks: Mapping[Stroke, NDArray[np.bool_]], value: Singles | None
) -> NDArray[np.bool_]:
    """What (h, w) an outline, a joining line or a division by light makes one area."""
    shape = (labels.shape[0], labels.shape[1])
    if stroke.joins:
        under = _painted(stroke.points, shape)
        if stroke.against:
            under |= _painted(stroke.against, shape)
        return np.isin(labels, np.unique(labels[under]))
    if stroke.closed:
        mask = masks[stroke]
        return mask & ~_kept(labels, mask)
    x, y = stroke.points[0]
    own = labels == labels[min(int(y * shape[0]), shape[0] - 1), min(int(x * shape[1]), shape[1] - 1)]
    return in_shadow(value, own) if value is not None else np.zeros(shape, bool)


def _stroked(
    stroke: Stroke,
    owner: NDArray[np.intp],
    pieces: NDArray[np.int32],
    units: Labels,
    held: NDArray[np.intp],
    cells: Cells | None,
    number: int,
) -> NDArray[np.bool_]:
    """Give area `number` the units (n,) that a line means; which they are."""
    under = np.unique(units[_painted(stroke.points, units.shape)]).astype(np.intp)
    if stroke.against and cells is not None:
        other = np.setdiff1d(units[_painted(stroke.against, units.shape)], under).astype(np.intp)
        crossed = np.isin(pieces, pieces[np.concatenate([under, other])])
        touched = divided(cells, crossed, under, other)
        owner[touched] = number
        return touched
    before = owner.copy()
    _take(owner, np.isin(pieces, pieces[under]), held, number)
    return np.asarray((owner == number) & (before != number))


def _kept(labels: Labels, mask: NDArray[np.bool_]) -> NDArray[np.bool_]:
    """What (h, w) of earlier drawn things stays inside a new outline: those wholly in it and clearly smaller.

    Whoever outlines the sky last does not mean to lose the bird; whoever outlines the bird anew does.
    """
    whole = np.bincount(labels.ravel())
    inside = np.bincount(labels[mask], minlength=len(whole))
    small = (inside >= WITHIN * whole) & (whole < SMALLER * mask.sum()) & (whole > 0)
    small[:PROPOSED] = False
    return np.asarray(small[labels])


def _full(owner: NDArray[np.intp], units: Labels, shape: tuple[int, int]) -> Labels:
    """The owner of each unit as a map (h, w) of the picture's size, its borders smoothed."""
    there, dense = np.unique(owner, return_inverse=True)
    full = smoothed(dense.astype(np.int32)[units], shape, sigma=2.0)
    return np.asarray(there.astype(np.int32)[full])


def _take(owner: NDArray[np.intp], touched: NDArray[np.bool_], held: NDArray[np.intp], number: int) -> None:
    """Give the touched units (n,) to area `number`, and any area of which less than REST is left."""
    whole = np.bincount(owner, held)
    taken = np.bincount(owner[touched], held[touched], len(whole))
    along = np.flatnonzero((taken > 0) & (whole - taken < REST * whole))
    owner[touched | np.isin(owner, along)] = number


def _painted(points: Sequence[Place], shape: tuple[int, int]) -> NDArray[np.bool_]:
    """The pixels (h, w) under a drawn line."""
    height, width = shape
    line = np.rint(np.array(points) * (width - 1, height - 1)).astype(np.int32)
    sheet = np.zeros(shape, np.uint8)
    thick = max(1, round(2 * STROKE * max(shape)))
    cv2.polylines(sheet, [line.reshape(-1, 1, 2)], False, 1, thick)
    cv2.circle(sheet, (int(line[0, 0]), int(line[0, 1])), thick // 2, 1, -1)
    return sheet > 0
