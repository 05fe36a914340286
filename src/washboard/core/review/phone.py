"""What a phone did to a photo: local contrast by bare surface, a tone curve by a grey card or by the plan."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lab_of_linear, value_of_lab
from .curve import CURVED, curve_by_plan
from .lit import Field, Samples, lit
from .patches import Patches
from .tone import CRISPS, PLAIN, Known, Tone, plain, tone_of

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

UNEVEN = 0.05
"""Values by which a patch of bare surface may be off beside the others. A guess."""
TOGETHER = 4.0
"""Patches that tell as much as one that stands by itself: what lies side by side is off alike."""
CLEARLY = 6.0
"""By how much likelier, as a logarithm, bare surface must be with local contrast than without for that to be
believed: 9 to 225 in made photos that have it, 2.6 at the most in others."""
LEAST = 50
"""Patches of bare surface that can tell it: a few that are not of one colour would."""
MIDDLING = 0.5
"""Strength of a tone curve under which local contrast is sought and doubted: about the middle of what phones
lay on. A curve alone flattens what it takes off, and would pass for a proof."""


@dataclass(frozen=True, eq=False)
class Witnesses:
    """What tells of a phone: `patches`, samples of them as light if it did a tone (`sampled`), which (n,) are
    `bare` surface and which are `painted`, the values (n,) `planned` there, and what the surface reflects
    (3,)."""

    patches: Patches
    sampled: Callable[[Floats, Tone], Samples]
    bare: Mask
    painted: Mask
    planned: Floats
    surface: Floats

    def lit(self, tone: Tone) -> tuple[Floats, Field]:
        """The light (n, 3) of the patches, and that on the sheet, if a phone did `tone`."""
        light = plain(self.patches.coded, self.patches.calm, tone)
        return light, lit(self.sampled(light, tone))[0]

    def seen(self, tone: Tone, which: Mask) -> Floats:
        """The values (m,) of some of the patches (n,) if a phone did `tone`."""
        light, field = self.lit(tone)
        reflects = light[which] / field.at(self.patches.places[which])
        return np.asarray(value_of_lab(lab_of_linear(np.clip(reflects, 0, None))))


def phone_of(told: Witnesses, card: Known | None, crisp: float = 0.0, clearly: float = CURVED) -> Tone:
    """What a phone did to a photo: a curve by a `card` that lies far enough from the surface in value to tell
    one, else by what is painted beside the plan. Where bare surface tells no local contrast, what a card
    showed of it (`crisp` 0–1) does; where neither does, the plan must tell a curve `clearly`."""
    if card is not None:
        return tone_of(told.patches.coded, told.patches.calm, lambda light: told.sampled(light, PLAIN), card)
    crisp = local_contrast(told) or crisp
    own = told.painted
    return curve_by_plan(
        lambda tone: told.seen(tone, own),
        told.planned[own],
        told.patches.coded[own].mean(axis=-1),
        told.patches.mass[own],
        told.patches.pixels[own],
        crisp,
        clearly,
    )


def local_contrast(told: Witnesses) -> float:
    """How much local contrast (0–1) a phone has lifted, 0 where none is clearly there.

    A bare margin is of one colour. Where it is lighter beside darks than beside lights, more than a lamp
    that falls off smoothly explains, a phone has set its surroundings against it (a halo).
    """
    if told.bare.sum() < LEAST:
        return 0.0
    paper = value_of_lab(lab_of_linear(told.surface))
    weight = np.sqrt(told.patches.pixels[told.bare])
    weight /= weight.mean() * TOGETHER

    def unlikely(crisp: float) -> float:
        off = told.seen(Tone(MIDDLING, crisp), told.bare) - paper
        return float(2.5 * np.log1p((off / UNEVEN) ** 2 / 4) @ weight)

    costs = [unlikely(float(crisp)) for crisp in CRISPS]
    best = int(np.argmin(costs))
    if costs[0] - costs[best] < CLEARLY:
        return 0.0
    step = float(CRISPS[1] - CRISPS[0]) / 2
    near = [(costs[best], float(CRISPS[best]))]
    near += [(unlikely(at), at) for at in (near[0][1] - step, near[0][1] + step)]
    return min(near)[1]
