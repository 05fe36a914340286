"""Outlines to transfer: the borders between areas as few smooth lines, each shared by its two sides."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..areas.area import Areas
from ..errors import InvalidInput
from ..reference.picture import Labels

SMOOTH = 3.0
"""Corners along a border over which its pixel steps are smoothed."""
FINEST_MM, COARSEST_MM = 0.2, 20.0

Floats = NDArray[np.float64]
Corner = tuple[int, int]


@dataclass(frozen=True)
class Arc:
    """A border between two areas: `points` (n, 2) as shares x, y of the picture; `near` the label of the
    area in front, whose outline it is, `far` of the one behind."""

    points: tuple[tuple[float, float], ...]
    near: int
    far: int


def arcs_of(areas: Areas, width_cm: float, detail_mm: float = 1.0) -> tuple[Arc, ...]:
    """All borders between areas, far ones first, simplified so that no point strays over `detail_mm`.

    `width_cm` is the picture's width on the surface. Lines meet exactly where three areas meet. Raises
    InvalidInput for a detail outside 0.2 to 20 mm. Simplified by Douglas and Peucker (1973).
    """
    if not FINEST_MM <= detail_mm <= COARSEST_MM:
        raise InvalidInput(
            "refused-detail-range",
            detail_mm=f"{detail_mm:g}",
            finest_mm=f"{FINEST_MM:g}",
            coarsest_mm=f"{COARSEST_MM:g}",
        )
    height, width = areas.labels.shape
    depth = {area.label: area.depth for area in areas.areas}
    tolerance = detail_mm / 10 / width_cm * width
    arcs = []
    for chain, pair in chains_of(areas.labels):
        line = _simplified(_smooth(np.array(chain, float)), tolerance)
        far, near = sorted(pair, key=lambda label: depth.get(label, 0))
        arcs.append(Arc(tuple((x / width, y / height) for y, x in line.tolist()), near, far))
    return tuple(sorted(arcs, key=lambda arc: (depth.get(arc.near, 0), arc.points)))


def chains_of(labels: Labels) -> list[tuple[list[Corner], tuple[int, int]]]:
    """Every border as a chain of pixel corners (row, column) from junction to junction, with its two labels.

    Corners lie between pixels; a chain that meets no junction is closed, its last corner its first.
    """
    sides = _sides(labels)
    links: dict[Corner, list[Corner]] = {}
    for one, other in sides:
        links.setdefault(one, []).append(other)
        links.setdefault(other, []).append(one)
    chains, used = [], set[frozenset[Corner]]()

    def walk(start: Corner, then: Corner) -> list[Corner]:
        chain, here = [start, then], then
        used.add(frozenset((start, then)))
        while len(links[here]) == 2 and here != start:
            before = chain[-2]
            after = links[here][0] if links[here][1] == before else links[here][1]
            used.add(frozenset((here, after)))
            chain.append(after)
            here = after
        return chain

    junctions = [corner for corner in links if len(links[corner]) != 2]
    for corner in (*junctions, *links):
        for then in links[corner]:
            if frozenset((corner, then)) not in used:
                chain = walk(corner, then)
                chains.append((chain, sides[_side(chain[0], chain[1])]))
    return chains


def _side(one: Corner, other: Corner) -> tuple[Corner, Corner]:
    return (one, other) if one < other else (other, one)


def _sides(labels: Labels) -> dict[tuple[Corner, Corner], tuple[int, int]]:
    """Pixel sides between two labels, from corner to corner, with both labels."""
    found = {}
    rows, columns = np.nonzero(labels[1:] != labels[:-1])
    for r, c in zip((rows + 1).tolist(), columns.tolist(), strict=True):
        found[(r, c), (r, c + 1)] = (int(labels[r - 1, c]), int(labels[r, c]))
    rows, columns = np.nonzero(labels[:, 1:] != labels[:, :-1])
    for r, c in zip(rows.tolist(), (columns + 1).tolist(), strict=True):
        found[(r, c), (r + 1, c)] = (int(labels[r, c - 1]), int(labels[r, c]))
    return found


def _smooth(chain: Floats) -> Floats:
    """The chain (n, 2) without its pixel steps; ends stay, a closed one has none."""
    if len(chain) < 6:
        return chain
    closed = bool((chain[0] == chain[-1]).all())
    inner = chain[:-1] if closed else chain
    reach = min(12, len(inner) // 2)
    padded = np.pad(
        inner,
        ((reach, reach), (0, 0)),
        mode="wrap" if closed else "reflect",
        **({} if closed else {"reflect_type": "odd"}),
    )  # type: ignore[call-overload]
    kernel = np.exp(-0.5 * (np.arange(-reach, reach + 1) / SMOOTH) ** 2)
    smooth = np.stack(
        [np.convolve(padded[:, k], kernel / kernel.sum(), mode="valid") for k in (0, 1)], axis=1
    )
    if closed:
        return np.concatenate([smooth, smooth[:1]])
    smooth[0], smooth[-1] = chain[0], chain[-1]
    return smooth


def _simplified(line: Floats, tolerance: float) -> Floats:
    closed = bool((line[0] == line[-1]).all()) and len(line) > 3
    points = line[:-1] if closed else line
    kept = cv2.approxPolyDP(points.astype(np.float32).reshape(-1, 1, 2), tolerance, closed)[:, 0]
    if closed and len(kept) < 3:
        kept = points[:: max(1, len(points) // 3)][:3].astype(np.float32)
    return np.concatenate([kept, kept[:1]]).astype(float) if closed else kept.astype(float)
