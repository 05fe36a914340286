"""Light and shadow as two families: no shadow as light as a light of its own colour."""

from __future__ import annotations

from ..colour.kindred import chroma, kindred
from ..key.relations import APART, SAME_HUE, Holds, standing_for
from ..reference.mass import Mass
from ..sentence import of_masses, tone
from .finding import Checked, Finding, Weight
from .fix import Hold

INVERTED = 0.2
"""Values by which a shadow is lighter than a light before that is sure: families are guessed by area."""
LOCAL = 8.0
"""Chroma from which a mass has a colour of its own: greys are nobody's."""


def found(c: Checked) -> list[Finding]:
    """The worst pair of each shadow with a light of its colour, of all that come too near."""
    main = [c.plan.masses[k] for k in standing_for(c.plan.masses)]
    shadows = [m for m in main if (t := c.thing(m)) and t.family == "shadow"]
    lights = [m for m in main if (t := c.thing(m)) and t.family == "light"]
    pairs = [
        (c.ends[light.id] - c.ends[shadow.id], light, shadow)
        for light in lights
        for shadow in shadows
        if _one_colour(light, shadow)
    ]
    if not pairs:
        return []
    gap, light, shadow = min(pairs, key=lambda pair: (pair[0], pair[1].id, pair[2].id))
    if gap > -INVERTED:
        return []
    return [
        Finding(
            "families",
            Weight.SPOILS,
            {
                "shadow": of_masses((shadow.id,)),
                "light": of_masses((light.id,)),
                "dark": tone(c.ends[shadow.id]),
                "pale": tone(c.ends[light.id]),
            },
            {"gap": gap},
            shadow.inside,
            (shadow.id, light.id),
            (),
            # No fix if the targets are apart already: then the paint does not reach them.
            Hold(Holds.FAMILIES) if light.target - shadow.target < APART else None,
        )
    ]


def _one_colour(light: Mass, shadow: Mass) -> bool:
    """Whether two masses are surely of one local colour: of one hue, in light and in shadow."""
    one, other = light.target_lab, shadow.target_lab
    near = (one[1] - other[1]) ** 2 + (one[2] - other[2]) ** 2 <= SAME_HUE**2
    return near and kindred(one, other) and min(chroma(one), chroma(other)) >= LOCAL
