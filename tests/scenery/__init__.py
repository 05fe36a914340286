"""Rendered scenes whose effects are known: each has what it is of, and some plain ones have nothing."""

from __future__ import annotations

from collections.abc import Callable, Mapping

import numpy as np
from numpy.typing import NDArray

from . import form, light, nature
from .canvas import Canvas, canvas

SCENES: Mapping[str, Callable[[Canvas], None]] = {
    "foliage": nature.foliage,
    "grass": nature.grass,
    "hair": nature.hair,
    "broken": nature.broken,
    "ripples": nature.ripples,
    "sparkle": nature.sparkle,
    "branches": nature.branches,
    "clouds": light.clouds,
    "blended": light.blended,
    "smooth": light.smooth,
    "form": form.form,
    "petals": form.petals,
    "mist": light.mist,
    "cast-shadow": form.cast_shadow,
    "shadow-colour": form.shadow_colour,
    "joined-shadow": form.joined_shadow,
    "glow": light.glow,
    "lit-across": light.lit_across,
    "rays": light.rays,
    "rims": light.rims,
    "reflections": nature.reflections,
    "negatives": nature.negatives,
    "lamp": light.lamp,
    "far-lamps": light.far_lamps,
    "glint": light.glint,
    "near-white": light.near_white,
    "tinted": light.tinted,
    "rows": form.rows,
    "edges": nature.edges,
    "plain": form.plain,
}
"""Scenes by the effect that they are of; plain ones have none of the larger ones."""


def rendered(name: str, seed: int) -> NDArray[np.uint8]:
    """A scene (h, w, 3) of a seed."""
    c = canvas(1000 * seed + sum(map(ord, name)))
    SCENES[name](c)
    return c.rgb


MAY: Mapping[str, str] = {
    "foliage": "clouds blended smooth shadow-colour joined-shadow",
    "grass": "blended smooth clouds near-white rows",
    "hair": "form",
    "broken": "rows",
    "ripples": "clouds blended smooth mist",
    "sparkle": "glint tinted",
    "branches": "clouds blended smooth tinted",
    "clouds": "blended smooth near-white tinted",
    "blended": "smooth glow",
    "smooth": "blended glow",
    "form": "cast-shadow joined-shadow smooth blended",
    "petals": "form",
    "mist": "clouds smooth blended",
    "cast-shadow": "form blended smooth",
    "joined-shadow": "cast-shadow shadow-colour",
    "glow": "lamp far-lamps lit-across blended smooth near-white tinted",
    "lit-across": "glow lamp blended smooth form near-white tinted",
    "rays": "glow lamp blended smooth mist near-white tinted",
    "rims": "form",
    "reflections": "ripples mist form smooth blended",
    "negatives": "smooth blended near-white tinted",
    "lamp": "glow far-lamps form blended smooth",
    "far-lamps": "lamp glint",
    "glint": "form cast-shadow joined-shadow tinted",
    "near-white": "tinted",
    "tinted": "glint near-white",
    "rows": "form glint",
    "edges": "smooth blended clouds mist",
    "plain": "near-white tinted",
}
"""What else is in a scene, besides soft edges: a sky that grades, a shadow that falls, a white that is
none."""

IN_WATERCOLOUR = {"smooth", "negatives", "tinted"}
"""Effects of paint that only darkens."""


BY_WISH = {"around", "counterchange", "wiped-colour"}
"""Effects that come of what the painter settles, not of what is seen."""


def belongs(scene: str, effect: str) -> bool:
    """Whether an effect is in a scene."""
    return effect in (scene, "edges") or effect in MAY.get(scene, "").split()
