"""What the first stages come to: the reference as it is painted from, as it is arranged, as it is seen."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..core.areas.area import PROPOSED, Areas
from ..core.areas.corrections import MOST_STROKES
from ..core.reference.masses import Division
from ..core.reference.measures import Measured
from ..core.reference.picture import Labels, Picture
from ..core.reference.squint import Squinted

BORROWED = PROPOSED + MOST_STROKES
"""Labels of the areas of borrowed things come after all that strokes could make."""


@dataclass(frozen=True)
class Reference:
    """What is painted from, under a name of its own: photo or drawing, before anything is moved.

    `bare`, under `bare_content`, is the same without borrowed things: corrections of areas go by it and
    stay as they are when a thing comes or goes. `given` (h, w): things whose border is known, borrowed or
    drawn, 1… in their order, 0 elsewhere; None where there are none. `notes`: what opening its ends
    invents.
    """

    content: str
    picture: Picture
    bare_content: str
    bare: Picture
    given: Labels | None = None
    notes: tuple[str, ...] = ()


@dataclass(frozen=True)
class Framed:
    """The picture as it is arranged, under a name of its own, with its areas.

    `whole` are the areas of the uncropped `reference`; `invented` (h, w) is what was filled where a moved
    thing stood, None where nothing is moved.
    """

    content: str
    picture: Picture
    areas: Areas
    reference: Reference
    whole: Areas
    invented: NDArray[np.bool_] | None = None


@dataclass(frozen=True)
class Seen:
    """What *See* shows: the arranged picture divided, with measures and the ladder."""

    frame: Framed
    squinted: Squinted
    thresholds: tuple[float, ...]
    division: Division
    measured: Measured

    @property
    def picture(self) -> Picture:
        return self.frame.picture

    @property
    def areas(self) -> Areas:
        """The areas of the arranged picture."""
        return self.frame.areas

    @property
    def whole(self) -> Areas:
        """The areas of the uncropped reference."""
        return self.frame.whole
