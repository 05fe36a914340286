"""The clean-ups between bands and masses: specks dissolve, rims go, gradients join."""

from __future__ import annotations

import heapq

import cv2
import numpy as np

from .picture import Labels, Singles
from .regions import BINS, Line, Regions, median_of

SPECK = 0.0022
"""Share of the picture below which a region is not worth a mass of its own."""
CRUMB = 0.0006
"""Share of the picture below which a cut-off piece of a region is given away."""
RIM = 0.014
"""Mean width of a rim at most, as a share of the long side."""
SLIVER = 0.008
"""Mean width of a sliver along the border of a thing at most, as a share of the long side."""
DRAWN_OUT = 0.3
"""Length of a sliver's outline at least, as a share of the long side: what is short may be a thing."""
LOOKS_LIKE = 0.7
"""Difference in values, colour counted too, under which a sliver belongs to what lies across."""
WEAK = 0.34
"""Edge evidence (values across 1 % of the long side) under which a contour has no edge behind it."""
WEAK_IF_STEEP = 0.8
"""The same where the inside of both sides is as steep as the contour."""


def dissolve(regions: Regions, share: float, most: int | None = None) -> None:
    """Absorb regions under `share` of the picture, the smallest first, then down to `most`.

    Each goes to the neighbour with the longest shared border and the least difference.
    """
    limit = share * regions.labels.size
    heap = [(regions.areas[i], i) for i in regions.alive()]
    heapq.heapify(heap)
    left = len(heap)
    while heap and left > 1:
        area, i = heapq.heappop(heap)
        if regions.into[i] != i or area != regions.areas[i]:
            continue
        if area >= limit and (most is None or left <= most):
            return
        j = regions.host(i)
        regions.merge(i, j)
        left -= 1
        heapq.heappush(heap, (regions.areas[j], j))


def share_rims(regions: Regions, value: Singles) -> None:
    """Give the in-between rims along strong edges to both their sides, pixel by pixel.

    A rim is narrow (area over half its contour), lies in value between its two main neighbours,
    and these hold most of its contour.
    """
    sides: dict[int, tuple[int, int]] = {}
    for i in sorted(regions.alive(), key=lambda k: (regions.areas[k], k)):
        pair = _sides_of_rim(regions, i)
        if pair and not set(pair) & sides.keys():
            sides[i] = pair
    taken = {k for pair in sides.values() for k in pair}
    regions.share({i: pair for i, pair in sides.items() if i not in taken}, value)


def reassign_slivers(regions: Regions) -> None:
    """Give slivers along the border of a thing to the region across, where no edge divides them from it.

    A thing's border, drawn by hand over pieces of the picture, lies a little beside the true edge.
    """
    for i in sorted(regions.alive(), key=lambda k: (regions.areas[k], k)):
        lines = regions.contours[i]
        across = [j for j in lines if regions.things[j] != regions.things[i]]
        total = sum(line[BINS] for line in lines.values())
        long = max(regions.labels.shape)
        if not across or total < DRAWN_OUT * long or 2 * regions.areas[i] / total > SLIVER * long:
            continue
        j = max(across, key=lambda k: (regions.length(i, k), -k))
        alike = regions.apart(i, j) < LOOKS_LIKE or median_of(lines[j]) < WEAK
        if alike and regions.length(i, j) >= 0.25 * total:
            regions.merge(i, j)


def _sides_of_rim(regions: Regions, i: int) -> tuple[int, int] | None:
    lines = regions.contours[i]
    if len(lines) < 2:
        return None
    a, b = sorted(lines, key=lambda j: (-regions.length(i, j), j))[:2]
    total = sum(line[BINS] for line in lines.values())
    narrow = 2 * regions.areas[i] / max(total, 1.0) <= RIM * max(regions.labels.shape)
    if not narrow or regions.length(i, a) + regions.length(i, b) < 0.6 * total:
        return None
    own, low, high = regions.mean(i)[0], *sorted((regions.mean(a)[0], regions.mean(b)[0]))
    if not low + 0.15 < own < high - 0.15 or high - low <= 0.8:
        return None
    # A rim inside a drawn area may only be shared out within that area.
    same = [side for side in (a, b) if regions.things[side] == regions.things[i]]
    return (a, b) if len(same) == 2 else (same[0], same[0]) if same else None


def join_gradients(regions: Regions) -> None:
    """Join neighbours divided only by a contour with no edge behind it, the weakest contour first.

    A contour is weak when its median edge evidence is small, or no larger than inside both its
    sides. After each join the *summed* contour is judged again: one gap in an edge must not let
    half the picture leak into one mass.
    """
    heap = [
        (score, i, j, regions.length(i, j))
        for i in regions.alive()
        for j in regions.contours[i]
        if i < j and (score := _weakness(regions, i, j)) is not None
    ]
    heapq.heapify(heap)
    while heap:
        _, i, j, length = heapq.heappop(heap)
        if j not in regions.contours[i] or regions.length(i, j) != length:
            continue
        if _weakness(regions, i, j) is None:
            continue
        small, large = sorted((i, j), key=lambda k: (regions.areas[k], k))
        regions.merge(small, large)
        for k in regions.contours[large]:
            score = _weakness(regions, large, k)
            if score is not None:
                low, high = min(large, k), max(large, k)
                heapq.heappush(heap, (score, low, high, regions.length(low, high)))


def _weakness(regions: Regions, i: int, j: int) -> float | None:
    """Median evidence of a contour that may be joined across, else None."""
    if regions.things[i] != regions.things[j]:
        return None
    line = regions.contours[i][j]
    edge = median_of(line)
    if _strong_part(line) > 0.4:
        return None
    if edge < WEAK:
        return edge
    steep = min(median_of(regions.inside[i]), median_of(regions.inside[j]))
    return edge if edge < min(1.15 * steep, WEAK_IF_STEEP) else None


def _strong_part(line: Line) -> float:
    """Share of a contour with clear edge evidence: 0.75 values and more."""
    return sum(line[6:BINS]) / max(line[BINS], 1)


def drop_fragments(labels: Labels) -> Labels:
    """The label map (h, w) with small pieces cut off from their region given to what surrounds them.

    Sharing out a rim pixel by pixel can leave them.
    """
    # These take long to import: only where they are needed.
    from scipy.ndimage import find_objects
    from skimage.measure import label as components

    pieces = components(labels, connectivity=1, background=-1)
    held = np.bincount(pieces.ravel())
    crumbs = np.flatnonzero((held > 0) & (held < CRUMB * labels.size))
    places = find_objects(pieces)
    for crumb in crumbs.tolist():
        rows, columns = (slice(max(0, s.start - 1), s.stop + 1) for s in places[crumb - 1])
        own = (pieces[rows, columns] == crumb).astype(np.uint8)
        ring = (cv2.dilate(own, np.ones((3, 3), np.uint8)) > own).nonzero()
        labels[rows, columns][own > 0] = np.bincount(labels[rows, columns][ring]).argmax()
    return labels


def smoothed(labels: Labels, shape: tuple[int, int], sigma: float) -> Labels:
    """The label map at another size (h, w) with calm borders: each label's mask blurred, the strongest wins.

    Works inside each label's bounding box, so the cost follows the borders, not their number.
    """
    height, width = shape
    best = np.zeros(shape, np.uint8)
    result = np.zeros(shape, np.int32)
    scale_y, scale_x = height / labels.shape[0], width / labels.shape[1]
    pad = int(3 * sigma) + 3
    for number, box in enumerate(boxes(labels)):
        top, bottom, left, right = box
        top, left = max(0, top - pad), max(0, left - pad)
        bottom, right = min(labels.shape[0], bottom + pad), min(labels.shape[1], right + pad)
        mask = (labels[top:bottom, left:right] == number).astype(np.uint8) * 255
        y0, y1 = round(top * scale_y), round(bottom * scale_y)
        x0, x1 = round(left * scale_x), round(right * scale_x)
        soft = cv2.resize(cv2.GaussianBlur(mask, (0, 0), sigma), (x1 - x0, y1 - y0))
        wins = soft > best[y0:y1, x0:x1]
        np.copyto(result[y0:y1, x0:x1], number, where=wins)
        cv2.max(best[y0:y1, x0:x1], soft, best[y0:y1, x0:x1])
    return result


def boxes(labels: Labels) -> list[tuple[int, int, int, int]]:
    """Bounding box (top, bottom, left, right), ends exclusive, of each label 0…n-1."""
    from scipy.ndimage import find_objects  # takes long to import: only where it is needed

    return [
        (s[0].start, s[0].stop, s[1].start, s[1].stop) if s else (0, 1, 0, 1)
        for s in find_objects(labels + 1)
    ]
