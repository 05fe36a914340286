"""A sun or a lamp put into a picture that was taken in another light."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

import cv2
import numpy as np
from numpy.typing import NDArray

from ..areas.area import Area, Areas
from ..colour.lab import lightness_of_value
from ..errors import InvalidInput
from ..reference.picture import Bytes, Picture, Singles

Mask = NDArray[np.bool_]
LARGEST_THING, WIDEST_THING = 0.35, 0.9
"""Share of the picture, and of its width, up to which an area is a thing whose form turns."""
WARM, COOL = 16.0, 5.0
"""Units of warmth that the light gives at its fullest, and that what lies away from it loses."""
DIRECTION = np.array((0.35, 0.94), np.float32)
"""From blue to orange in a* and b*."""
DARKEST, LIGHTEST = 0.6, 9.7
"""Values between which a picture is lit anew."""
OUTLINED = 0.07
"""Values a pixel by which its outline is steeper than what is inside, from which an area is a thing: a part
of a sky has none."""
VALUES = np.linspace(0, 10, 201)
LIGHTNESS = VALUES, np.array([lightness_of_value(value) for value in VALUES.tolist()])
"""Values and their L*."""
BACKLIT = 0.7
"""How far a thing that stands before the source turns away from it."""
SKIMS = 0.3
"""Share of the light that reaches its side turned away, from all round."""
FADES = 0.6
"""Share of its own colour that a place in full light loses to that of the light."""


class LitBy(StrEnum):
    """What is put in."""

    SUN = "sun"
    LAMP = "lamp"


@dataclass(frozen=True)
class Kind:
    """How a light works: `reach` shares of the long side at which it is half as strong, values by which it
    `lifts` what it falls on and `turns` what faces it or not, and by which all else is `dimmed`; the radius
    of its disc, a share of the long side."""

    reach: float
    lifts: float
    turns: float
    dimmed: float
    disc: float


KINDS = {LitBy.SUN: Kind(0.45, 1.6, 1.2, 0.7, 0.022), LitBy.LAMP: Kind(0.22, 2.4, 1.4, 1.8, 0.012)}
"""Guesses, from how pictures of low suns and of lamps at dusk differ from those by day."""


@dataclass(frozen=True)
class Relight:
    """A light at a place of the reference, x and y 0–1, and how far it rules the picture (0 to 1)."""

    x: float
    y: float
    by: LitBy = LitBy.SUN
    strength: float = 0.7

    def checked(self) -> None:
        """Raises InvalidInput for a place beside the picture or a strength outside 0 to 1."""
        if not (0 <= self.x <= 1 and 0 <= self.y <= 1 and 0 <= self.strength <= 1):
            raise InvalidInput("refused-relight-range")


def relit(picture: Picture, areas: Areas, light: Relight) -> Bytes:
    """The picture (h, w, 3) lit by `light`, its place being one of this picture.

    Values are moved by distance from the light, by how far a thing's outline turns to it (read like a
    bulging form off the distance to its outline, in the picture plane), and down where it does not reach;
    the old light's slope across each thing is taken out first. What is lit turns warm, what is not, cool.
    All of it is a guess from outlines and depth, no measurement. Deterministic.
    """
    kind, s = KINDS[light.by], light.strength
    height, width = picture.shape
    rows, columns = np.mgrid[0:height, 0:width].astype(np.float32)
    way = light.x * width - columns, light.y * height - rows
    away = np.hypot(*way) / max(height, width)
    reaches = 1 / (1 + (away / kind.reach) ** 2)
    at = areas.at(light.x, light.y) if 0 <= light.x < 1 and 0 <= light.y < 1 else None
    value, facing, falls = _forms(picture, areas, at, way, s)
    lit = np.clip(reaches * falls * (1 + facing), 0, 1)
    moved = (
        kind.lifts * reaches * falls + kind.turns * facing * np.sqrt(reaches) - kind.dimmed * (1 - reaches)
    )
    value = np.clip(value + s * moved, DARKEST, LIGHTEST)
    # The colour of the light takes the place of a thing's own, or a blue sky would turn violet.
    own = picture.lab[..., 1:] * (1 - FADES * s * lit)[..., None]
    colour = own + (s * (WARM * lit - COOL * (1 - lit)))[..., None] * DIRECTION
    # In little light there is little colour.
    colour *= np.minimum(1.0, (value + 1.5) / (picture.value + 1.0))[..., None]
    if at is not None:
        _set_source(value, colour, areas.labels == at, light, kind, away)
    lab = np.dstack([np.interp(value, *LIGHTNESS), colour]).astype(np.float32)
    rgb = cv2.cvtColor(lab, cv2.COLOR_Lab2RGB)
    return np.asarray(np.rint(np.clip(rgb, 0, 1) * 255), np.uint8)


def _forms(
    picture: Picture, areas: Areas, at: int | None, way: tuple[Singles, Singles], strength: float
) -> tuple[Singles, Singles, Singles]:
    """The values (h, w) without the old light's slope across things, how far each place turns to the new
    light (−1 to 1), and the share of it that falls there (0 to 1); `at` is the area that the light stands in,
    `way` (h, w) how far it lies across and down."""
    value = picture.value.copy()
    facing, falls = np.zeros(value.shape, np.float32), np.ones(value.shape, np.float32)
    edges = cv2.magnitude(*(cv2.Sobel(value, cv2.CV_32F, dx, 1 - dx, scale=1 / 8) for dx in (1, 0)))
    source = next((a for a in areas.areas if a.label == at), None)
    for area in areas.areas:
        inside = areas.labels == area.label
        if not _is_thing(area) or _outlined(edges, inside) < OUTLINED:
            continue
        value[inside] -= strength * _slope(picture.value, inside)[inside]
        turned = _turned(inside, *way)
        # Before the source a thing shows its dark side; only its outline is lit.
        before = source is not None and area.depth > source.depth
        facing[inside] = (turned - BACKLIT if before else turned)[inside]
        if before:
            falls[inside] = np.clip(turned, SKIMS, 1)[inside]
    return value, facing, falls


def _is_thing(area: Area) -> bool:
    left, _, right, _ = area.box
    return area.share <= LARGEST_THING and right - left <= WIDEST_THING


def _outlined(edges: Singles, inside: Mask) -> float:
    """How much steeper the picture is along the outline of an area than inside it, in values a pixel, in
    the mean: texture is no outline."""
    outline = inside & (cv2.erode(inside.astype(np.uint8), np.ones((3, 3), np.uint8), borderValue=1) == 0)
    within = inside & ~outline
    if not outline.any() or not within.any():
        return 0.0
    return float(edges[outline].mean() - edges[within].mean())


def _slope(value: Singles, inside: Mask) -> Singles:
    """How the light falls off evenly across a thing (h, w), in values about its mean."""
    rows, columns = np.nonzero(inside)
    if len(rows) < 16:
        return np.zeros(value.shape, np.float32)
    fit = np.stack([rows - rows.mean(), columns - columns.mean()], axis=1)
    (down, across), *_ = np.linalg.lstsq(fit, value[inside] - value[inside].mean(), rcond=None)
    r, c = np.mgrid[0 : value.shape[0], 0 : value.shape[1]]
    return np.asarray(down * (r - rows.mean()) + across * (c - columns.mean()), np.float32)


def _turned(inside: Mask, across: Singles, down: Singles) -> Singles:
    """The cosine −1 to 1 (h, w) between a bulging thing's surface and the way to the light, in the picture
    plane: 0 in its middle, full at its outline."""
    depth = cv2.distanceTransform(np.pad(inside, 1).astype(np.uint8), cv2.DIST_L2, 5)[1:-1, 1:-1]
    most = max(float(depth.max()), 1.0)
    soft = cv2.GaussianBlur(depth, (0, 0), max(1.0, 0.15 * most))
    out_x = -cv2.Sobel(soft, cv2.CV_32F, 1, 0, scale=1 / 8)
    out_y = -cv2.Sobel(soft, cv2.CV_32F, 0, 1, scale=1 / 8)
    length = np.maximum(np.hypot(out_x, out_y), 1e-3)
    toward = np.maximum(np.hypot(across, down), 1.0)
    tilt = 1 - np.clip(depth / most, 0, 1)
    return np.asarray(tilt * (out_x * across + out_y * down) / (length * toward), np.float32)


def _set_source(
    value: Singles, colour: Singles, open_to_it: Mask, light: Relight, kind: Kind, away: Singles
) -> None:
    """The disc of the light with its soft rim, where it is `open_to_it` (h, w): nothing stands before it."""
    disc = np.clip((kind.disc * 1.5 - away) / kind.disc, 0, 1) * open_to_it * min(1.0, 2 * light.strength)
    value += disc * (LIGHTEST - value)
    colour += disc[..., None] * (np.array((1.0, 12.0), np.float32) - colour)
