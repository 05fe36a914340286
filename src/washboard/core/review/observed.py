"""One photo of a painting, read: where it lies, from what its light is known, what each mass has become."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lab_of_linear
from ..reference.picture import Bytes
from .card import card_beside
from .corners import Found
from .expected import Expected
from .lighting import lighting_of
from .lit import SPREAD, Source
from .read import MassRead, read
from .sheen import Sheen
from .state import FINE, Blocks, State, finer
from .straight import Straight, straightened
from .tone import PLAIN, Tone, plain

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

BY_PLAN = 0.15
"""Standard deviation of a mass's value where nothing but the plan told a phone's tone curve: measured on made
photos."""


@dataclass(frozen=True, eq=False)
class Observation:
    """A painting (h, w, 3) that a photo shows, as it reflects in linear light; what of it is `hidden` (h, w)
    by shine, and what `sheen` was weak enough to be taken off; from what the light is known (`source`) and
    what the phone did to it (`tone`, where a grey `card` tells it), each mass as `read`, None where it is not
    seen, and what is done (`state`)."""

    found: Found
    straight: Straight
    reflects: Floats
    hidden: Mask
    sheen: Sheen | None
    source: Source
    tone: Tone
    card: bool
    state: State
    read: tuple[MassRead | None, ...]

    @property
    def sd(self) -> float:
        """Standard deviation of a mass's value."""
        return max(SPREAD[self.source], BY_PLAN if self.by_plan else 0.0)

    @property
    def by_plan(self) -> bool:
        """Whether nothing but the plan told what the phone did."""
        return self.tone != PLAIN and not self.card

    @property
    def relative(self) -> bool:
        """Whether only what stands beside what can be told, no values: nothing tells how bright the light is,
        or bare places tell it under a curve that only the plan tells. Each leans on the other."""
        return self.source is Source.NONE or (self.source is Source.INSIDE and self.by_plan)

    @property
    def shines(self) -> float:
        """Share of the picture that is hidden by shine."""
        return float(self.hidden.mean())


def observed(rgb: Bytes, found: Found, expected: Expected, known: int | None = None) -> Observation:
    """What a photo (h, w, 3), encoded, tells of a painting whose corners are `found`, after the pass `known`
    where that is said."""
    card = card_beside(rgb, found, expected)
    light = lighting_of(rgb, found, expected, card, known)
    straight, parts = straightened(rgb, found, expected), Blocks(expected, FINE)
    rows, columns = straight.picture
    reflects = plain(straight.coded, straight.calm, light.tone)[rows, columns].astype(float)
    places = straight.places[rows, columns]
    reflects /= light.field.at(places)
    if light.sheen is not None:
        reflects -= light.sheen.at(places)[..., None]
    size = expected.labels.shape[::-1]
    hidden = cv2.resize(light.hidden.astype(np.uint8), size, interpolation=cv2.INTER_NEAREST) > 0
    state = finer(light.state, parts, parts.seen_in(lab_of_linear(np.clip(reflects, 0, None)), hidden))
    masses = read(reflects, expected.index, len(expected.plan.masses), hidden)
    return Observation(
        found,
        straight,
        reflects,
        hidden,
        light.sheen,
        light.source,
        light.tone,
        card is not None and light.source is not Source.CARD and card.tells_from(expected.surface.linear),
        state,
        tuple(masses),
    )
