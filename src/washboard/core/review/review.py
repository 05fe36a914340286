"""A photo of a painting beside its plan: found, read, judged, and what follows from it."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike

from ..errors import InvalidImage, InvalidInput
from ..reference.picture import Bytes, Picture, picture_of
from .advice import Advice, advised
from .corners import Found, fills, found_in, snapped
from .expected import Expected
from .judged import MassJudged, Relation, judged, relations
from .observed import Observation, observed
from .quad import Floats, checked, long_side

DARK, BLOWN = 0.6, 0.7
"""Munsell value under which nearly all of a black photo lies, and share of one that is lost in white."""
LEAST_PX = 160
"""Pixels of a sheet's long side from which masses can be told."""
STRANGE, ALIKE, OWN = 0.35, 0.3, 0.955
"""Confidence under which a photo is of something else; likeness to the plan from which one is of the piece,
and from which it is the plan's own picture."""
CUT = 0.012
"""Distance from the edge of the photo, as a share of its long side, within which a side is cut off."""
TURNED = 0.12
"""By how much a turned or mirrored photo must be more like the plan to be one."""


@dataclass(frozen=True, eq=False)
class Review:
    """What came of a photo: the observation, each mass judged, neighbours that stand otherwise than planned,
    and what to do."""

    observation: Observation
    masses: tuple[MassJudged, ...]
    relations: tuple[Relation, ...]
    advice: Advice


def reviewed(
    rgb: Bytes, expected: Expected, corners: ArrayLike | None = None, after: int | None = None
) -> Review:
    """A photo (h, w, 3), encoded sRGB, of a painting; its `corners` (4, 2) in pixels where the painter says
    them, and the pass `after` which it was taken where that is known.

    Raises InvalidImage for a photo in which the painting cannot be seen, InvalidInput for corners that are
    none and for a pass that the plan does not have.
    """
    picture = picture_of(rgb)
    if after is not None and not 0 <= after <= expected.rows:
        raise InvalidInput("refused-no-such-pass", given=after, most=expected.rows)
    found = located(picture, expected, corners)
    observation = observed(rgb, found, expected, after)
    masses = judged(observation)
    told = relations(expected.plan, masses)
    return Review(
        observation, masses, told, advised(expected.plan, masses, observation.sd, observation.state.row)
    )


def located(picture: Picture, expected: Expected, corners: ArrayLike | None = None) -> Found:
    """Where the painting lies in a photo; `corners` (4, 2) where the painter says them. Raises InvalidImage
    where it cannot be seen there, InvalidInput for corners that are none."""
    _seen(picture)
    size = (picture.shape[1], picture.shape[0])
    if corners is not None:
        return snapped(picture.lab, checked(corners, size), expected)
    if fills(picture.lab, expected) >= OWN:
        raise InvalidImage("refused-photo-own")
    found = found_in(picture.lab, expected)
    if found is None:
        raise InvalidImage("refused-photo-no-sheet")
    if long_side(found.sheet) < LEAST_PX:
        raise InvalidImage("refused-photo-small", pixels=round(long_side(found.sheet)), least=LEAST_PX)
    for way, more in (("turned", found.turned), ("mirrored", found.mirrored)):
        if more > TURNED and found.like + more > ALIKE:
            raise InvalidImage(f"refused-photo-{way}")
    if found.confidence < STRANGE:
        raise InvalidImage("refused-photo-other")
    if 0 < _cut(found.sheet, size) < 4:
        raise InvalidImage("refused-photo-cut")
    return found


def _cut(sheet: Floats, size: tuple[int, int]) -> int:
    """How many sides of a sheet (4, 2) lie along the edge of a photo of `size` (width, height)."""
    near = CUT * max(size)
    edges = [
        sheet[:, 0] < near,
        sheet[:, 1] < near,
        sheet[:, 0] > size[0] - near,
        sheet[:, 1] > size[1] - near,
    ]
    return sum(int(edge.sum() >= 2) for edge in edges)


def _seen(picture: Picture) -> None:
    """Raises InvalidImage for a photo that shows nothing."""
    if float(np.quantile(picture.value, 0.98)) < DARK:
        raise InvalidImage("refused-photo-black")
    if picture.blown > BLOWN or float(np.quantile(picture.value, 0.1)) > 9.7:
        raise InvalidImage("refused-photo-blown")
    if max(picture.shape) < LEAST_PX:
        raise InvalidImage("refused-photo-small", pixels=max(picture.shape), least=LEAST_PX)
