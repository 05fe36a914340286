"""Lines that a painter has drawn by hand: families of one mark each."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from ..colour.lab import lightness_of_value, value_of_lab
from ..errors import InvalidInput
from ..plan.marks import MarkKind, Path
from .candidates import Candidate
from .choice import Chosen
from .families import Family
from .lack import Lack

MOST_OWN = 40
FINEST_MM, COARSEST_MM = 0.3, 20.0
"""Widths of a drawn line."""


@dataclass(frozen=True)
class OwnMark:
    """A line through `points` (x, y) 0–1, so many mm wide, of a value 0–10, and the painter's name for it."""

    points: tuple[tuple[float, float], ...]
    width_mm: float = 1.0
    value: float = 2.0
    name: str = ""

    def checked(self) -> None:
        """Raises InvalidInput saying what cannot be."""
        inside = all(0 <= x <= 1 and 0 <= y <= 1 for x, y in self.points)
        if len(self.points) < 2 or not inside or not 0 <= self.value <= 10:
            raise InvalidInput("refused-own-mark")
        if not FINEST_MM <= self.width_mm <= COARSEST_MM:
            raise InvalidInput("refused-own-mark-width", finest=f"{FINEST_MM:g}", coarsest=f"{COARSEST_MM:g}")


def drawn_of(own: Sequence[OwnMark], lack: Lack, cm: float) -> tuple[Family, ...]:
    """The families of drawn lines, places in the picture; a pixel is `cm` wide.

    Each has the hue of what it is drawn on, at its own value. Lines that lie wholly beside the picture are
    left out.
    """
    found = (_family(k, mark, lack, cm) for k, mark in enumerate(own))
    return tuple(family for family in found if family is not None)


def _family(number: int, mark: OwnMark, lack: Lack, cm: float) -> Family | None:
    height, width = lack.missing.shape
    points = np.rint(np.array(mark.points) * (width - 1, height - 1)).astype(np.int32)
    whole = np.zeros((height, width), np.uint8)
    cv2.polylines(whole, [points], False, 1, max(1, round(mark.width_mm / 10 / cm)), cv2.LINE_8)
    left, top, wide, high = cv2.boundingRect(whole)
    if not wide:
        return None
    box = top, top + high, left, left + wide
    mask = whole[top : top + high, left : left + wide] > 0
    rim = int(mask.sum() - cv2.erode(mask.astype(np.uint8), np.ones((3, 3), np.uint8)).sum())
    place = Candidate(box, mask, int(mask.sum()), max(rim, 1), 0.0, 1.0, drawn=True)
    _, a, b = lack.lab[place.at][mask].mean(axis=0).tolist()
    lab = lightness_of_value(mark.value), a, b
    below = float(value_of_lab(lack.lab[place.at][mask].mean(axis=0)))
    path = Path(
        tuple((round(x * width * cm, 3), round(y * height * cm, 3)) for x, y in mark.points),
        (mark.width_mm,) * len(mark.points),
    )
    chosen = Chosen(place, lab, mark.value - below, 0.0, path)
    return Family(MarkKind.LINE, (chosen,), lab, mark.name.strip(), own=number)
