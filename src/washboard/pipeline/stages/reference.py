"""The first stages: photo or drawn scene, its ends opened, things of other photos pasted in."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from ...core.composition.borrowed import Borrowed, pasted
from ...core.materials.surfaces import surface_of
from ...core.reference.drawn import Shape, drawn
from ...core.reference.picture import Bytes, Labels, Picture, picture_of
from ...core.reference.tone_curve import Opening, invented, opened
from ...core.reference.worth import refuse_if_empty
from ...core.sentence import Sentence
from ...settings import Settings

Mask = NDArray[np.bool_]
Outline = Callable[[Picture, Borrowed], Mask]
"""The mask (h, w) of a thing on the photo that it is cut from."""


def photo(rgb: Bytes) -> Picture:
    """A photo (h, w, 3) as the camera wrote it; raises InvalidImage where there is nothing to paint."""
    picture = picture_of(rgb)
    refuse_if_empty(picture)
    return picture


def with_tones(picture: Picture, opening: Opening) -> tuple[Picture, tuple[Sentence, ...]]:
    """The photo with its darks and lights opened, and what of that is invented, in words."""
    return picture_of(opened(picture.rgb, opening)), invented(picture.rgb, opening)


def with_borrowed(
    picture: Picture, things: Sequence[Borrowed], photos: Mapping[str, Picture], outline: Outline
) -> tuple[Picture, Labels]:
    """The picture with things of other `photos`, and the number (h, w) of the thing at each pixel, from 1."""
    rgb, given = picture.rgb, np.zeros(picture.shape, np.int32)
    for number, thing in enumerate(things, 1):
        other = photos[thing.photo]
        rgb, there = pasted(rgb, other.rgb, outline(other, thing), thing)
        given[there] = number
    return picture_of(rgb), given


def scene(shapes: tuple[Shape, ...], settings: Settings) -> tuple[Picture, Labels]:
    """The picture of a drawn scene in the format of its sheet, and the number (h, w) of each shape."""
    ground = surface_of(settings.surface).value
    return drawn(shapes, ground, settings.width_cm / settings.height_cm)
