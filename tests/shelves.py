"""Shelves, strips and photographs of strips to test with."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np

from washboard.core.calibration.strip import (
    BLACK,
    FIELD_MM,
    FIELDS,
    GREY,
    GREY_AT,
    HIGH,
    HOLE,
    MARK,
    WHITE,
    WIDE,
)
from washboard.core.colour.lab import encoded_of
from washboard.core.colour.spectra import linear_of_spectrum
from washboard.core.materials.paints import PAINTS, THIN
from washboard.core.materials.shelf import Item, ItemKind, measured
from washboard.core.optics.kubelka import film, over

SHELF = (
    Item(
        "own-1",
        ItemKind.PAINT,
        "Ultramarine tube",
        "ultramarine",
        "watercolour",
        "studio",
        7.5,
        "warm, grainy",
    ),
    Item("own-2", ItemKind.PAINT, "=SUM(A1) yellow", "lemon", "watercolour", "studio, large", 3.0),
    Item("own-3", ItemKind.PAINT, 'The "old" earth; half dry', "burnt-sienna", "oil", "", None, "Öl, 1 cm³"),
    Item("own-4", ItemKind.STICK, "Deep blue", "ultramarine-deep", "pastel", "box of 24", 1.0),
    Item("own-5", ItemKind.SURFACE, "Cotton block", "cold-pressed", "watercolour", "", 12.0),
    Item("own-6", ItemKind.TOOL, "Big mop", "mop"),
)
MEASURED = replace(
    SHELF[0],
    key="own-7",
    name="Measured blue",
    films=measured(
        *PAINTS["cobalt"].reflectances(), PAINTS["ultramarine"], PAINTS["cobalt"].reflectances(THIN)[0]
    ),
)


def fields_of_paint(key: str, factor: float = 1.0) -> dict[str, np.ndarray]:
    """Reflectance (36,) of every field of a strip, of a paint that absorbs `factor` times as much."""
    paint = PAINTS[key]
    return {
        f.key: over(*film(factor * paint.absorption, paint.scattering, f.film), np.full(36, f.backing))
        for f in FIELDS
    }


def strip_picture(reflectances: dict[str, np.ndarray], scale: int = 8, grey: float = GREY) -> np.ndarray:
    """The strip, painted and flat, as linear light (h, w, 3) with 15 mm of paper around."""
    edge = 15
    picture = np.full((round((HIGH + 2 * edge) * scale), round((WIDE + 2 * edge) * scale), 3), WHITE)

    def box(x: float, y: float, side: float, light: object) -> None:
        left, top = round((x + edge - side / 2) * scale), round((y + edge - side / 2) * scale)
        picture[top : top + round(side * scale), left : left + round(side * scale)] = light

    for x, y in ((0.0, 0.0), (WIDE, 0.0), (WIDE, HIGH), (0.0, HIGH)):
        box(x, y, MARK, BLACK)
    box(0.0, 0.0, HOLE, WHITE)
    box(*GREY_AT, FIELD_MM, grey)
    for field in FIELDS:
        box(field.x, field.y, FIELD_MM, np.clip(linear_of_spectrum(reflectances[field.key]), 0, 1))
    return picture


def photographed(
    strip: np.ndarray,
    turn: float = 8.0,
    tilt: float = 0.08,
    tint: tuple[float, float, float] = (1.0, 0.92, 0.8),
    exposure: float = 0.9,
    noise: float = 1.5,
    seed: int = 1,
) -> np.ndarray:
    """A photo (1200, 1600, 3) of a strip on a dark table: turned by degrees, tilted, tinted, noisy."""
    dice = np.random.default_rng(seed)
    height, width = strip.shape[:2]
    reach = 1400 / width
    corners = np.array([[0, 0], [width, 0], [width, height], [0, height]], np.float32)
    flat = (corners - [width / 2, height / 2]) * reach * 0.92
    angle = np.radians(turn)
    flat = flat @ np.array([[np.cos(angle), np.sin(angle)], [-np.sin(angle), np.cos(angle)]])
    flat = flat / (1 + tilt * flat[:, :1] / 700) + [800, 600]
    matrix = cv2.getPerspectiveTransform(corners, flat.astype(np.float32))
    table = np.full((1200, 1600, 3), 0.12)
    placed = cv2.warpPerspective(strip, matrix, (1600, 1200), table, cv2.INTER_AREA, cv2.BORDER_TRANSPARENT)
    light = np.clip(placed * np.array(tint) * exposure, 0, 1)
    coded = 255 * encoded_of(light) + dice.normal(0, noise, light.shape)
    return np.clip(np.rint(coded), 0, 255).astype(np.uint8)
